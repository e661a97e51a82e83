using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Wording;

namespace AllSound.Core.Programme;

/// <summary>What was read of a face and the air beside it: the last of each, where it is fresh enough to go by.</summary>
/// <param name="surface">The surface.</param>
/// <param name="at">The moment that is asked for.</param>
internal sealed class FaceReadings(Surface surface, DateTime at)
{
    /// <summary>Hours for which a reading is gone by: it is read again every four hours of coating. Common practice.</summary>
    public const double FreshHours = 4;

    /// <summary>Humidity of the air, percent.</summary>
    public Seen Humidity => Of("T_air_rh");

    /// <summary>The face, degrees Celsius.</summary>
    public Seen Face => Of("T_surf_t");

    /// <summary>The face above the dew point, kelvin.</summary>
    public Seen Margin => Of("T_dewpoint");

    /// <summary>True when something was read, and all of it too long ago or later than the moment.</summary>
    public bool Stale => new[] { Last("T_air_rh"), Last("T_surf_t"), Last("T_dewpoint") }.OfType<Reading>().ToArray() is { Length: > 0 } read && !read.Any(Fresh);

    private Seen Of(string check) =>
        Last(check) is { } reading && Fresh(reading)
            ? new(Checks.Find(check)!.InOwnUnit(reading.Value!.Value, reading.Unit) ?? reading.Value, $"measured {Figures.Moment(reading.At!.Value)}")
            : new(null, "unknown");

    private Reading? Last(string check) => surface.Readings.Where(r => r.Check == check && r.Value is not null).OrderBy(r => r.At ?? DateTime.MinValue).LastOrDefault();

    private bool Fresh(Reading reading) => reading.At is { } when && (at - when).TotalHours is >= 0 and <= FreshHours;
}
