namespace AllSound.Core.Hiding;

/// <summary>
/// How a paint hides: what its dry film scatters and absorbs, by the two-flux model of Kubelka and Munk (textbook, from memory). Reflectances are shares
/// from 0 to 1, films are dry and in micrometres. For clean colours the numbers are those of the band that hides least, and so are the grounds'.
/// </summary>
/// <param name="Scattering">S, per micrometre; over 0.</param>
/// <param name="Absorption">K, per micrometre; 0 or more.</param>
public readonly record struct HidingPower(double Scattering, double Absorption)
{
    // Beyond this the hyperbolic cotangent is one in all the digits there are.
    private const double Thick = 20;

    // Under this the general formula divides nothing by nothing. From the reference of the trade, from memory.
    private const double Clear = 1e-4;

    /// <summary>Reflectance of a film so thick that nothing shows through it.</summary>
    public double Infinite
    {
        get
        {
            var ratio = Absorption / Scattering;
            return 1 + ratio - Math.Sqrt((ratio * ratio) + (2 * ratio));
        }
    }

    /// <summary>A paint of which the reflectance at full hiding is known.</summary>
    /// <param name="scattering">S, per micrometre; over 0.</param>
    /// <param name="infinite">Reflectance at full hiding; over 0, at most 1.</param>
    /// <exception cref="ArgumentOutOfRangeException">The reflectance is none.</exception>
    public static HidingPower Of(double scattering, double infinite)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(infinite);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(infinite, 1);
        return new(scattering, scattering * (1 - infinite) * (1 - infinite) / (2 * infinite));
    }

    /// <summary>A paint as a draw-down on a black and white card shows it.</summary>
    /// <param name="overBlack">Reflectance over black; over 0, below that over white.</param>
    /// <param name="overWhite">Reflectance over white; below 1.</param>
    /// <param name="white">Reflectance of the white itself.</param>
    /// <param name="film">Dry film, um; over 0.</param>
    /// <returns>The paint; null where the readings belong to no film.</returns>
    public static HidingPower? OfCard(double overBlack, double overWhite, double white, double film)
    {
        if (!(overBlack > 0 && overBlack < overWhite && overWhite < 1 && film > 0))
        {
            return null;
        }

        var a = 0.5 * (overWhite + ((overBlack - overWhite + white) / (overBlack * white)));
        var b = Math.Sqrt((a * a) - 1);
        var quotient = (1 - (a * overBlack)) / (b * overBlack);
        if (!(a > 1 && quotient > 1))
        {
            return null;
        }

        var scattering = 0.5 * Math.Log((quotient + 1) / (quotient - 1)) / (b * film);
        return new(scattering, scattering * (a - 1));
    }

    /// <summary>Reflectance of a film over a ground.</summary>
    /// <param name="film">Dry film, um; 0 or more.</param>
    /// <param name="ground">Reflectance of the ground.</param>
    public double Over(double ground, double film)
    {
        var scattered = Scattering * film;
        if (scattered <= 0)
        {
            return ground;
        }

        if (Absorption / Scattering < Clear)
        {
            return ((1 - ground) * scattered / (1 + ((1 - ground) * scattered))) + (ground / (1 + ((1 - ground) * scattered)));
        }

        var a = 1 + (Absorption / Scattering);
        var b = Math.Sqrt((a * a) - 1);
        var turned = b * scattered;
        var bCoth = turned > Thick ? b : b / Math.Tanh(turned);
        return (1 - (ground * (a - bCoth))) / (a - ground + bCoth);
    }

    /// <summary>Contrast ratio: reflectance over black to that over white (ISO 6504-3: full hiding from 0.98, from memory).</summary>
    /// <param name="film">Dry film, um.</param>
    public double Contrast(double film) => Over(0, film) / Over(White, film);

    /// <summary>Reflectance of the white of a test card (ISO 6504-3, from memory).</summary>
    public const double White = 0.80;
}
