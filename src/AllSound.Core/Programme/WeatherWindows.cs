using AllSound.Core.Jobs;
using AllSound.Core.Materials;

namespace AllSound.Core.Programme;

/// <summary>When the weather lets work outside be done, and the chance that it does not: over every way in which it may come.</summary>
/// <param name="job">The job.</param>
internal sealed class WeatherWindows(Job job)
{
    private const int StepMinutes = 15;

    // Nobody scrapes, washes or strips in more rain than this, millimetres an hour; a drizzle is worked through. Judgement.
    private const double MostRain = 0.5;

    private readonly double least = 1 - (job.Programme ?? new()).Boldness;
    private readonly Dictionary<(string Coat, double Touch, string? Space, double? Reflectance), Line> lines = [];

    /// <summary>From when to when the weather is known; null where it is not known at all.</summary>
    public (DateTime From, DateTime To)? Known => job.Weather is { Hourly: [var first, .., var last] } ? (first.Time, last.Time) : null;

    // The share of the ways in which work can be done, by moments that lie StepMinutes apart; null: not known.
    private sealed record Line(DateTime From, double?[] Share);

    /// <summary>Stretches in which the weather does not let a task be done, as boldly as the brief has it; what nothing is known of is open.</summary>
    /// <param name="task">The task.</param>
    /// <param name="face">For the coat of a specification: the coat and its face.</param>
    public IEnumerable<(DateTime From, DateTime To)> Closed(ProgrammeTask task, CoatedFace? face)
    {
        if (Of(task, face) is not { } line)
        {
            yield break;
        }

        DateTime? from = null;
        for (var i = 0; i <= line.Share.Length; i++)
        {
            var at = line.From.AddMinutes(i * StepMinutes);
            if (i < line.Share.Length && line.Share[i] < least - 1e-9)
            {
                from ??= at;
            }
            else if (from is { } begun)
            {
                yield return (begun, at);
                from = null;
            }
        }
    }

    /// <summary>The chance that a task cannot be done where it stands, 0 to 1; null where nothing is known of the weather then.</summary>
    /// <param name="planned">The task.</param>
    /// <param name="face">For the coat of a specification: the coat and its face.</param>
    public double? Chance(PlannedTask planned, CoatedFace? face)
    {
        if (Of(planned.Task, face) is not { } line)
        {
            return null;
        }

        double? worst = null;
        foreach (var (from, to, _) in planned.Pieces)
        {
            for (var at = from; at < to; at = at.AddMinutes(StepMinutes))
            {
                var i = (int)Math.Floor((at - line.From).TotalMinutes / StepMinutes);
                if (i < 0 || i >= line.Share.Length || line.Share[i] is not { } share)
                {
                    return null;
                }

                worst = Math.Max(worst ?? 0, 1 - share);
            }
        }

        return worst is { } chance ? Math.Round(chance, 2) : null;
    }

    private Line? Of(ProgrammeTask task, CoatedFace? face)
    {
        if (Known is not { } known || !task.Kinds.Contains(TaskKind.Outside))
        {
            return null;
        }

        var wet = task.Kinds.Contains(TaskKind.WetFilm);
        if (face is null && !wet && !task.Kinds.Contains(TaskKind.Dust) && !task.Kinds.Contains(TaskKind.Splash))
        {
            return null;
        }

        // The product goes by its limits; equal ones share a line.
        var touch = face?.Coat.Touch.TotalHours ?? (wet ? task.WetHours : 0);
        var key = (face?.Coat.Product.Id ?? "", touch, face?.Space.Id, face?.Reflectance);
        if (!lines.TryGetValue(key, out var line))
        {
            var length = (int)Math.Ceiling((known.To - known.From).TotalMinutes / StepMinutes);
            var ways = face is not null ? [.. SiteAir.Of(job, face.Space, face.Reflectance).Select(air => Held(air, face.Coat))] : Rain(touch);
            line = lines[key] = new(
                known.From,
                [
                    .. Enumerable
                        .Range(0, length)
                        .Select(i => known.From.AddMinutes(i * StepMinutes))
                        .Select(at =>
                            ways.Select(w => w(at)).ToArray() is var held && held.All(h => h is not null) ? held.Average(h => h!.Value ? 1.0 : 0) : (double?)null
                        ),
                ]
            );
        }

        return line;
    }

    private static Func<DateTime, bool?> Held(SiteAir air, CoatLimits coat) => at => Conditioner.Holds(coat, air, at);

    // What has no product goes by the rain alone: none while a film of one's own is wet, little while other work is done.
    private Func<DateTime, bool?>[] Rain(double wetHours) =>
        [
            .. job.Weather!.Members.Select(job.Weather.Rows)
                .Prepend(job.Weather.Hourly)
                .Select(rows =>
                    (Func<DateTime, bool?>)(
                        at =>
                            at.AddHours(wetHours) > rows[^1].Time
                                ? null
                                : !rows.Zip(rows.Skip(1))
                                    .Any(r => r.First.Time <= at.AddHours(wetHours) && r.Second.Time > at && r.First.RainMm > (wetHours > 0 ? 0 : MostRain))
                    )
                ),
        ];
}
