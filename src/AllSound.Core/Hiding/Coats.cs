namespace AllSound.Core.Hiding;

/// <summary>How many coats hide a colour, and what tint beneath them saves one. Common practice, from memory.</summary>
public static class Coats
{
    /// <summary>Share of the mean film that hides as an even one would: brush and roller leave it thinner in places.</summary>
    public const double Effective = 0.85;

    /// <summary>Difference in lightness L* that is not seen any more.</summary>
    public const double Unseen = 1.0;

    /// <summary>The same in raking or critical light.</summary>
    public const double UnseenInRakingLight = 0.5;

    /// <summary>More coats than anybody lays to hide a colour: another paint or an undercoat is wanted.</summary>
    public const int Most = 8;

    /// <summary>Coats to lay at least for how long they last (BS 6150, from memory), save to freshen the same colour.</summary>
    public const int LeastLaid = 2;

    // What an undercoat scatters, per um, and its film: a good white or grey one.
    private const double UndercoatScattering = 0.17;
    private const double UndercoatFilm = 35;

    /// <summary>Fewest coats after which the old colour is not seen.</summary>
    /// <param name="paint">The paint.</param>
    /// <param name="ground">Reflectance of what it goes on.</param>
    /// <param name="film">Dry film of a coat, um.</param>
    /// <param name="unseen">Difference in lightness that is let pass.</param>
    /// <returns>From 0; null where even <see cref="Most"/> do not hide it.</returns>
    public static int? ToHide(HidingPower paint, double ground, double film, double unseen = Unseen)
    {
        for (var coats = 0; coats <= Most; coats++)
        {
            if (Math.Abs(Colour.Lightness(paint.Over(ground, film * Effective * coats)) - Colour.Lightness(paint.Infinite)) <= unseen)
            {
                return coats;
            }
        }

        return null;
    }

    /// <summary>The tint of one undercoat over which the finish hides in the fewest coats, of equals the one nearest to the finish.</summary>
    /// <param name="paint">The finish.</param>
    /// <param name="ground">Reflectance of the old colour.</param>
    /// <param name="film">Dry film of a coat of it, um.</param>
    /// <param name="unseen">Difference in lightness that is let pass.</param>
    /// <returns>Reflectance of the undercoat, of the ground as it leaves it, and coats of finish over it; null where none does.</returns>
    public static (double Tint, double Ground, int Coats)? BestUndercoat(HidingPower paint, double ground, double film, double unseen = Unseen)
    {
        (double Tint, double Ground, int Coats)? best = null;
        // In steps of one in a hundred; paler than white there is none.
        for (var percent = 4; percent <= 90; percent++)
        {
            var tint = percent / 100.0;
            var under = Under(tint, ground);
            if (
                ToHide(paint, under, film, unseen) is { } coats
                && (
                    best is not { } b
                    || coats < b.Coats
                    || (
                        coats == b.Coats
                        && Math.Abs(Colour.Lightness(tint) - Colour.Lightness(paint.Infinite)) < Math.Abs(Colour.Lightness(b.Tint) - Colour.Lightness(paint.Infinite))
                    )
                )
            )
            {
                best = (tint, under, coats);
            }
        }

        return best;
    }

    /// <summary>Reflectance of one undercoat of a tint over a ground.</summary>
    /// <param name="tint">Reflectance that it would have at full hiding, over 0 to 1.</param>
    /// <param name="ground">Reflectance of the ground.</param>
    public static double Under(double tint, double ground) => HidingPower.Of(UndercoatScattering, tint).Over(ground, UndercoatFilm * Effective);
}
