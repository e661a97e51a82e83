namespace AllSound.Core.Climate;

/// <summary>How long the sun is up, by latitude and day. Solar geometry of the almanacs (textbook, from memory); within some minutes.</summary>
public static class Daylight
{
    // Half the sun's disc, and what the air bends, degrees.
    private const double Edge = -0.833;

    /// <summary>Hours from sunrise to sunset, 0 to 24.</summary>
    /// <param name="latitude">Degrees, north positive, -90 to 90.</param>
    /// <param name="day">Day of the year, 1 to 366.</param>
    /// <exception cref="ArgumentOutOfRangeException">A value is outside its range.</exception>
    public static double Hours(double latitude, double day)
    {
        if (!(latitude is >= -90 and <= 90))
        {
            throw new ArgumentOutOfRangeException(nameof(latitude), latitude, "Latitude is -90 to 90.");
        }

        if (!(day is >= 1 and <= 366))
        {
            throw new ArgumentOutOfRangeException(nameof(day), day, "A day of the year is 1 to 366.");
        }

        var (phi, declination) = (Sun.Radians(latitude), Declination(day));
        var cosine = (Math.Sin(Sun.Radians(Edge)) - (Math.Sin(phi) * Math.Sin(declination))) / (Math.Cos(phi) * Math.Cos(declination));
        return cosine <= -1 ? 24
            : cosine >= 1 ? 0
            : 2 * Math.Acos(cosine) * 12 / Math.PI;
    }

    /// <summary>Height of the sun at its noon, degrees above the horizon; negative below it.</summary>
    /// <param name="latitude">Degrees, north positive.</param>
    /// <param name="day">Day of the year.</param>
    public static double Noon(double latitude, double day) => 90 - Math.Abs(latitude - (Declination(day) * 180 / Math.PI));

    // Spencer's series for the declination of the sun, radians.
    internal static double Declination(double day)
    {
        var g = 2 * Math.PI * (day - 1) / 365;
        return 0.006918
            - (0.399912 * Math.Cos(g))
            + (0.070257 * Math.Sin(g))
            - (0.006758 * Math.Cos(2 * g))
            + (0.000907 * Math.Sin(2 * g))
            - (0.002697 * Math.Cos(3 * g))
            + (0.00148 * Math.Sin(3 * g));
    }
}
