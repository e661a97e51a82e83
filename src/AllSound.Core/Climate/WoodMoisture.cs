using AllSound.Core.Sources;

namespace AllSound.Core.Climate;

/// <summary>The moisture content that wood comes to in air that stays the same.</summary>
public static class WoodMoisture
{
    /// <summary>Where the formula comes from.</summary>
    public static Source Source { get; } = Source.Standard("Wood Handbook, chapter 4 (Hailwood-Horrobin)");

    /// <summary>Equilibrium moisture content, percent of dry mass.</summary>
    /// <param name="celsius">Air temperature, -5 to 130 degrees Celsius.</param>
    /// <param name="humidity">Relative humidity, 0 to 100 percent.</param>
    /// <exception cref="ArgumentOutOfRangeException">A value is outside its range.</exception>
    /// <remarks>Species differ by a point or two. Coefficients as in the handbook's metric form, from memory.</remarks>
    public static double Equilibrium(double celsius, double humidity)
    {
        if (!(celsius is >= -5 and <= 130))
        {
            throw new ArgumentOutOfRangeException(nameof(celsius), celsius, "Wood moisture is given from -5 to 130 °C.");
        }

        if (!(humidity is >= 0 and <= 100))
        {
            throw new ArgumentOutOfRangeException(nameof(humidity), humidity, "Humidity is 0 to 100 %.");
        }

        var t = celsius;
        var h = humidity / 100;
        var w = 349 + (1.29 * t) + (0.0135 * t * t);
        var k = 0.805 + (0.000736 * t) - (0.00000273 * t * t);
        var k1 = 6.27 - (0.00938 * t) - (0.000303 * t * t);
        var k2 = 1.91 + (0.0407 * t) - (0.000293 * t * t);
        var kh = k * h;
        return 1800 / w * ((kh / (1 - kh)) + (((k1 * kh) + (2 * k1 * k2 * kh * kh)) / (1 + (k1 * kh) + (k1 * k2 * kh * kh))));
    }
}
