using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Inspection;

/// <summary>
/// Everything seen of a surface as signs that bear on causes: what was recorded outright, what a defect shows, what a
/// reading, an outcome or a fact shows. A sign shown twice counts once; one shown both ways is taken as seen.
/// </summary>
public static class Observations
{
    /// <summary>All signs of a surface, each once, in order of id.</summary>
    public static ImmutableArray<SignSeen> Of(Surface surface)
    {
        ArgumentNullException.ThrowIfNull(surface);
        return
        [
            .. surface
                .Signs.Where(s => Signs.Find(s.Sign) is { IsDefect: false })
                .Concat(ShownBy(surface.Signs))
                .Concat(surface.Readings.SelectMany(ShownBy))
                .Concat(FactSigns.ShownBy(surface.Facts))
                .Concat(Young(surface))
                .GroupBy(s => s.Sign, StringComparer.Ordinal)
                .Select(g => g.FirstOrDefault(s => s.Present) ?? g.First())
                .OrderBy(s => s.Sign, StringComparer.Ordinal),
        ];
    }

    // Twelve weeks: what is damp so soon after the plasterer has left is damp with his water.
    private static IEnumerable<SignSeen> Young(Surface surface) =>
        surface is { AgeDays: < 84, Facts.Moisture: >= Moisture.Drying } ? [new SignSeen { Sign = "s_new_work", Present = true }] : [];

    /// <summary>The class of a graded sign: as given, or by its measurement; null when neither was recorded or it has no scale.</summary>
    public static RatingClass? Grade(SignSeen seen)
    {
        ArgumentNullException.ThrowIfNull(seen);
        if (Signs.Find(seen.Sign)?.Scale is not { } id || RatingScales.Find(id) is not { } scale)
        {
            return null;
        }

        if (scale.Unit is not null && seen.Measure is { } measure and >= 0)
        {
            return scale.Grade(measure);
        }

        return seen.Grade is { } name && scale.Place(name) is { } place ? scale.Classes[place] : null;
    }

    /// <summary>Signs that recorded defects show.</summary>
    internal static IEnumerable<SignSeen> ShownBy(ImmutableArray<SignSeen> recorded)
    {
        foreach (var seen in recorded)
        {
            if (Signs.Find(seen.Sign) is not { IsDefect: true } defect)
            {
                continue;
            }

            var present = seen.Present && !(Grade(seen) is { } grade && RatingScales.Find(defect.Scale!)!.Classes.IndexOf(grade) < defect.From);
            foreach (var sign in defect.Shows)
            {
                yield return new SignSeen
                {
                    Sign = sign,
                    Present = present,
                    Where = seen.Where,
                };
            }
        }
    }

    private static IEnumerable<SignSeen> ShownBy(Reading reading)
    {
        if (Checks.Find(reading.Check) is not { } check)
        {
            yield break;
        }

        if (reading.Outcome is { } outcome)
        {
            foreach (var shown in check.Find(outcome)?.Signs ?? [])
            {
                yield return new SignSeen { Sign = shown.Sign, Present = shown.Present };
            }
        }
        else if (reading.Value is { } value && check.InOwnUnit(value, reading.Unit) is { } read)
        {
            foreach (var threshold in check.Shows)
            {
                if (threshold.Of(read) is { } shown)
                {
                    yield return new SignSeen { Sign = shown.Sign, Present = shown.Present };
                }
            }
        }
    }
}
