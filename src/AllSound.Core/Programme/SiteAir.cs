using AllSound.Core.Climate;
using AllSound.Core.Jobs;

namespace AllSound.Core.Programme;

/// <summary>The air at a moment beside a face.</summary>
/// <param name="AirC">Air, degrees Celsius.</param>
/// <param name="Rh">Relative humidity, percent.</param>
/// <param name="FaceC">The face, degrees Celsius.</param>
/// <param name="Estimated">The face is estimated and not measured or foretold.</param>
/// <param name="RainMm">Rain, millimetres an hour.</param>
/// <param name="WindMs">Wind, metres a second.</param>
internal readonly record struct AirThen(double AirC, double Rh, double FaceC, bool Estimated, double RainMm, double WindMs)
{
    /// <summary>Dew point, degrees Celsius.</summary>
    public double DewPointC => Air.DewPoint(AirC, Rh);

    /// <summary>How far the face is above the dew point, kelvin.</summary>
    public double MarginK => FaceC - DewPointC;
}

/// <summary>The rows of the weather as a line without gaps. What the air holds of water changes evenly, not its relative humidity.</summary>
/// <param name="weather">The weather; at least one row.</param>
/// <param name="reflectance">Reflectance of the face, 0 to 100.</param>
/// <param name="level">A roof or floor.</param>
/// <param name="inShade">The sun does not come to it.</param>
internal sealed class SiteAir(SiteWeather weather, double reflectance, bool level, bool inShade)
{
    // Where nobody said how cloudy it is: half. Judgement.
    private const double UsualCloud = 0.5;

    /// <summary>The first and the last moment of which anything is known.</summary>
    public (DateTime From, DateTime To) Known => (weather.Hourly[0].Time, weather.Hourly[^1].Time);

    /// <summary>The air at a moment; null where nothing is known.</summary>
    public AirThen? At(DateTime time)
    {
        var rows = weather.Hourly;
        if (time < rows[0].Time || time > rows[^1].Time)
        {
            return null;
        }

        var next = 1;
        while (next < rows.Length - 1 && rows[next].Time < time)
        {
            next++;
        }

        var (a, b) = (rows[next - 1 < 0 ? 0 : Math.Min(next - 1, rows.Length - 1)], rows[Math.Min(next, rows.Length - 1)]);
        var share = b.Time > a.Time ? (time - a.Time) / (b.Time - a.Time) : 0;
        double Between(double from, double to) => from + (share * (to - from));
        var air = Between(a.AirC, b.AirC);
        // By the dew point, which is near enough to even in what the air holds.
        var dew = Between(Air.DewPoint(a.AirC, a.Rh), Air.DewPoint(b.AirC, b.Rh));
        var rh = Math.Clamp(100 * Air.VapourGrams(dew, 100) * (dew + 273.15) / (Air.VapourGrams(air, 100) * (air + 273.15)), 1, 100);
        var estimated = a.SurfaceC is null || b.SurfaceC is null;
        var face = estimated
            ? FaceTemperature.Of(air, Between(a.SunWm2, b.SunWm2), Between(a.Cloud ?? UsualCloud, b.Cloud ?? UsualCloud), reflectance, level, inShade)
            : Between(a.SurfaceC!.Value, b.SurfaceC!.Value);
        // Rain is of the stretch, not of the moment.
        return new(air, rh, face, estimated, time < b.Time ? a.RainMm : b.RainMm, Between(a.WindMs, b.WindMs));
    }
}
