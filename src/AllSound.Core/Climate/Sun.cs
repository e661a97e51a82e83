namespace AllSound.Core.Climate;

/// <summary>Where the sun stands, and how much of it falls on a face. Solar geometry of the almanacs (Spencer's series; textbook, from memory); within half a degree.</summary>
public static class Sun
{
    // Of the light of a clear sky so much comes straight from the sun; of a clouded one hardly any. Judgement.
    private const double StraightWhenClear = 0.85;

    // A wall sees half the sky, and ground that throws back a fifth: textbook (isotropic sky).
    private const double HalfTheSky = 0.5;
    private const double Ground = 0.1;

    // Below so much, as a sine, the light on level ground tells nothing of the light on a wall.
    private const double Low = 0.1;

    /// <summary>Height above the horizon and bearing of the sun.</summary>
    /// <param name="latitude">Degrees, north positive, -90 to 90.</param>
    /// <param name="day">Day of the year, 1 to 366, with its part.</param>
    /// <param name="solarHours">Hours of solar time, 0 to 24.</param>
    /// <returns>Height in degrees, negative below the horizon; bearing in degrees from north by east, 0 to 360. What the air bends is left out.</returns>
    public static (double Height, double Bearing) At(double latitude, double day, double solarHours)
    {
        var (phi, declination, hour) = (Radians(latitude), Daylight.Declination(day), Radians((solarHours - 12) * 15));
        var height = Math.Asin(Math.Clamp((Math.Sin(phi) * Math.Sin(declination)) + (Math.Cos(phi) * Math.Cos(declination) * Math.Cos(hour)), -1, 1));
        var bearing = Math.Atan2(
            -Math.Cos(declination) * Math.Sin(hour),
            (Math.Cos(phi) * Math.Sin(declination)) - (Math.Sin(phi) * Math.Cos(declination) * Math.Cos(hour))
        );
        return (Degrees(height), (Degrees(bearing) + 360) % 360);
    }

    /// <summary>How much falls on an upright face, as a multiple of what falls on level ground; 0 by night, 3 at most.</summary>
    /// <param name="height">Height of the sun, degrees.</param>
    /// <param name="bearing">Its bearing, degrees from north by east.</param>
    /// <param name="faces">Bearing of the face, degrees.</param>
    /// <param name="cloud">Share of the sky under cloud, 0 to 1.</param>
    public static double OnWall(double height, double bearing, double faces, double cloud)
    {
        if (height <= 0)
        {
            return 0;
        }

        var straight = StraightWhenClear * (1 - Math.Clamp(cloud, 0, 1));
        var square = Math.Cos(Radians(height)) * Math.Cos(Radians(bearing - faces));
        return Math.Min(3, (straight * Math.Max(0, square) / Math.Max(Low, Math.Sin(Radians(height)))) + (HalfTheSky * (1 - straight)) + Ground);
    }

    internal static double Radians(double degrees) => degrees * Math.PI / 180;

    private static double Degrees(double radians) => radians * 180 / Math.PI;
}
