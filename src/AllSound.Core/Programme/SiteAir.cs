using System.Collections.Immutable;
using AllSound.Core.Climate;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Programme;

/// <summary>The air at a moment beside a face.</summary>
/// <param name="AirC">Air, degrees Celsius.</param>
/// <param name="Rh">Relative humidity, percent.</param>
/// <param name="FaceC">The face, degrees Celsius.</param>
/// <param name="Estimated">The face is estimated and not measured or foretold.</param>
/// <param name="RainMm">Rain, millimetres an hour.</param>
/// <param name="WindMs">Wind, metres a second.</param>
/// <param name="LightHours">Hours since sunrise or until sunset, whichever is less; below 0 by night.</param>
internal readonly record struct AirThen(double AirC, double Rh, double FaceC, bool Estimated, double RainMm, double WindMs, double LightHours)
{
    /// <summary>Dew point, degrees Celsius.</summary>
    public double DewPointC => Air.DewPoint(AirC, Rh);

    /// <summary>How far the face is above the dew point, kelvin.</summary>
    public double MarginK => FaceC - DewPointC;
}

/// <summary>The rows of the weather as a line without gaps. What the air holds of water changes evenly, not its relative humidity.</summary>
/// <param name="rows">The rows in ascending order of time; at least one.</param>
/// <param name="reflectance">Reflectance of the face, 0 to 100.</param>
/// <param name="level">A roof or floor.</param>
/// <param name="faces">Bearing of a wall, degrees from north by east; null where nobody said, and of what is level.</param>
/// <param name="latitude">Degrees, north positive.</param>
internal sealed class SiteAir(ImmutableArray<AirAt> rows, double reflectance, bool level, double? faces, double latitude)
{
    // Where nobody said how cloudy it is: half. Judgement.
    private const double UsualCloud = 0.5;
    private const double UsualReflectance = 50;

    // Asked for moment after moment: where the last was found is where the next is looked for.
    private int near = 1;

    /// <summary>The first and the last moment of which anything is known.</summary>
    public (DateTime From, DateTime To) Known => (rows[0].Time, rows[^1].Time);

    /// <summary>The air beside a face in each way in which the weather may come, the table's first; empty inside and where no weather is known.</summary>
    public static ImmutableArray<SiteAir> Of(Job job, Space space, double? reflectance) =>
        space.Kind != SpaceKind.Room && job.Weather is { Hourly.IsEmpty: false } weather
            ?
            [
                .. weather
                    .Members.Select(weather.Rows)
                    .Prepend(weather.Hourly)
                    .Select(rows => new SiteAir(rows, reflectance ?? UsualReflectance, space.Kind == SpaceKind.RoofSlope, Faces(space), SitePlace.Latitude(job))),
            ]
            : [];

    /// <summary>The air at a moment; null where nothing is known.</summary>
    public AirThen? At(DateTime time)
    {
        if (time < rows[0].Time || time > rows[^1].Time)
        {
            return null;
        }

        var next = rows[near - 1].Time <= time ? near : 1;
        while (next < rows.Length - 1 && rows[next].Time < time)
        {
            next++;
        }

        near = Math.Min(next, Math.Max(1, rows.Length - 1));
        var (a, b) = (rows[next - 1], rows[Math.Min(next, rows.Length - 1)]);
        var share = b.Time > a.Time ? (time - a.Time) / (b.Time - a.Time) : 0;
        double Between(double from, double to) => from + (share * (to - from));
        var air = Between(a.AirC, b.AirC);
        // By the dew point, which is near enough to even in what the air holds.
        var dew = Between(Air.DewPoint(a.AirC, a.Rh), Air.DewPoint(b.AirC, b.Rh));
        var rh = Math.Clamp(100 * Air.VapourGrams(dew, 100) * (dew + 273.15) / (Air.VapourGrams(air, 100) * (air + 273.15)), 1, 100);
        var estimated = a.SurfaceC is null || b.SurfaceC is null;
        var cloud = Between(a.Cloud ?? UsualCloud, b.Cloud ?? UsualCloud);
        var face = estimated
            ? FaceTemperature.Of(air, Between(a.SunWm2, b.SunWm2), cloud, reflectance, level, Share(time, cloud))
            : Between(a.SurfaceC!.Value, b.SurfaceC!.Value);
        // Rain is of the stretch, not of the moment.
        return new(air, rh, face, estimated, time < b.Time ? a.RainMm : b.RainMm, Between(a.WindMs, b.WindMs), Light(time));
    }

    // By a sun that is highest at noon: within the hour that zones and summer time shift it.
    private double Light(DateTime time) =>
        (Daylight.Hours(latitude, time.DayOfYear) / 2) is var half && half >= 12 ? 12 : half - Math.Abs(time.TimeOfDay.TotalHours - 12);

    // By the hour: the east side has the morning, the west side the evening, and the side away from the sun only the sky.
    private double Share(DateTime time, double cloud)
    {
        if (level)
        {
            return 1;
        }

        if (faces is not { } bearing)
        {
            return FaceTemperature.AnyWall;
        }

        var sun = Sun.At(latitude, time.DayOfYear, time.TimeOfDay.TotalHours);
        return Sun.OnWall(sun.Height, sun.Bearing, bearing, cloud);
    }

    private static double? Faces(Space space) => space.Walls.FirstOrDefault()?.Faces is { } faces ? 45.0 * (int)faces : null;
}
