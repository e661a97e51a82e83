using AllSound.Core.Sources;

namespace AllSound.Core.Climate;

/// <summary>How warm a face outside is, from air, sun and sky: sol-air temperature. An estimate, to be replaced by a thermometer on the face.</summary>
public static class FaceTemperature
{
    // Heat that a face outside gives to air and surroundings, watts a square metre and kelvin, and what a clear sky takes from level ground. Textbook
    // (sol-air temperature), from memory.
    private const double Transfer = 17;
    private const double ClearSky = 63;

    // A wall sees half the sky. Judgement.
    private const double WallSky = 0.35;

    /// <summary>How much of the sun on level ground falls on a wall of which nobody said where it faces, by the hour in the middle of the day. Judgement.</summary>
    public const double AnyWall = 0.7;

    /// <summary>Where the formula comes from.</summary>
    public static Source Source { get; } = Source.Standard("sol-air temperature; textbook");

    /// <summary>Temperature of a face, degrees Celsius.</summary>
    /// <param name="airC">Air, degrees Celsius.</param>
    /// <param name="sun">Sun on level ground, watts a square metre, 0 or more.</param>
    /// <param name="cloud">Share of the sky under cloud, 0 to 1.</param>
    /// <param name="reflectance">Reflectance of the face, 0 to 100.</param>
    /// <param name="level">A roof or a floor, not a wall.</param>
    /// <param name="share">What falls on it as a multiple of what falls on level ground: 1 on a roof, <see cref="Sun.OnWall"/> on a wall, 0 in deep shade.</param>
    public static double Of(double airC, double sun, double cloud, double reflectance, bool level, double share)
    {
        var taken = (1 - (Math.Clamp(reflectance, 0, 100) / 100)) * sun * share;
        var given = ClearSky * (1 - Math.Clamp(cloud, 0, 1)) * (level ? 1 : WallSky);
        return airC + ((taken - given) / Transfer);
    }
}
