using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Buying;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Site;

/// <summary>A step that was done.</summary>
/// <param name="Entry">The line that says so.</param>
/// <param name="Act">What was done, and with what.</param>
/// <param name="Planned">The step of the chosen specification that it is; null where it is none.</param>
/// <param name="Start">When it was begun, as it is written, or else by the hours that it takes.</param>
/// <param name="WaitedHours">Hours waited before it since the one before, by the clock.</param>
/// <param name="DriedHours">What the wait was worth in the air that was measured; null where none was measured.</param>
/// <param name="Transition">What came of it.</param>
public sealed record DoneStep(LogEntry Entry, Act Act, Step? Planned, DateTime Start, double WaitedHours, double? DriedHours, Transition Transition)
{
    /// <summary>When it was ended.</summary>
    public DateTime End => Entry.At;
}

/// <summary>Where a surface stands: the survey folded with the log through the one transition function.</summary>
/// <param name="Surface">The surface, with what was read of it on site.</param>
/// <param name="Specified">What was specified for it.</param>
/// <param name="Chosen">The way that is gone; null where there is none.</param>
/// <param name="Done">What was done, in order.</param>
/// <param name="Now">Its condition when the last of it was done; where nothing is, as surveyed.</param>
/// <param name="Since">When the last of it was done; null where nothing is.</param>
/// <param name="Skipped">Planned steps that are left out on purpose, by their numbers.</param>
/// <param name="Entries">All lines about it that count.</param>
public sealed record SiteState(
    Surface Surface,
    Specified Specified,
    Option? Chosen,
    ImmutableArray<DoneStep> Done,
    Condition Now,
    DateTime? Since,
    ImmutableArray<int> Skipped,
    ImmutableArray<LogEntry> Entries
)
{
    /// <summary>True while work on it is broken off.</summary>
    public bool Interrupted =>
        Entries.LastOrDefault(e => e.Kind is LogKind.Interrupted or LogKind.Resumed or LogKind.Done or LogKind.Started)?.Kind == LogKind.Interrupted;

    /// <summary>The line that began the step under way; null where none is, or where it is broken off.</summary>
    public LogEntry? UnderWay =>
        !Interrupted && Entries.LastOrDefault(e => e.Kind is LogKind.Started or LogKind.Done) is { Kind: LogKind.Started } started ? started : null;
}

/// <summary>Folds a log over what was surveyed.</summary>
public static class SiteFold
{
    // Whatever dries has dried by then; the transition function takes no longer waits.
    private const double LongestWait = 100_000;

    /// <summary>Where a surface stands.</summary>
    /// <param name="job">The job, with its log.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="specified">What was specified for it.</param>
    public static SiteState Of(Job job, Surface surface, Specified specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(specified);
        var entries = SiteLog.Standing(job.Log.Where(e => e.Surface == surface.Id));
        var firm = Firm.Of(job);
        var chosen = Takeoff.Chosen(surface, specified);
        var air = new SiteDrying(entries);
        var done = ImmutableArray.CreateBuilder<DoneStep>();
        var condition = specified.Appraised.Condition;
        DateTime? since = null;
        Act? last = null;
        var used = new HashSet<int>();
        foreach (var entry in entries.Where(e => e.Kind == LogKind.Done))
        {
            if (Operations.Find(entry.Operation!) is not { } operation || firm.Act(operation, entry.Product) is not { } act)
            {
                continue;
            }

            var planned = Planned(chosen, entry, act, used);
            var begun = entries.LastOrDefault(e => e.Kind == LogKind.Started && e.Operation == entry.Operation && e.At <= entry.At && !(e.At < since));
            var start = begun?.At ?? entry.At.AddHours(-(entry.Hours ?? planned?.Spend.Hours ?? 0));
            start = since is { } before && start < before ? before : start;
            // A step of the plan without a product written is done with the one that is planned.
            act = entry.Product is null && planned is not null && planned.Act.Operation == operation ? planned.Act : act;
            var waited = since is { } then ? (start - then).TotalHours : 0;
            var dried = since is { } from && last is not null ? air.Worth(last, from, start) : null;
            var transition = Treatments.Apply(condition, act, since is null ? null : Math.Min(dried ?? waited, LongestWait), Pace.Least);
            done.Add(new(entry, act, planned, start, waited, dried, transition));
            condition = transition.After;
            since = entry.At;
            last = act;
        }

        var read = entries
            .Where(e => e is { Kind: LogKind.Reading or LogKind.HoldPassed or LogKind.HoldFailed, Check: { } check } && Checks.Find(check) is not null)
            .Select(e => new Reading
            {
                Check = e.Check!,
                Value = e.Value,
                Unit = e.Unit,
                Outcome = e.Outcome,
                At = e.At,
                By = e.By,
            });
        return new(
            surface with
            {
                Readings = [.. surface.Readings, .. read],
            },
            specified,
            chosen,
            done.ToImmutable(),
            condition,
            since,
            [
                .. entries
                    .Where(e => e.Kind == LogKind.Skipped)
                    .Select(e => chosen?.Steps.FirstOrDefault(s => s.Act.Operation.Id == e.Operation && (e.Step is null || s.Number == e.Step))?.Number)
                    .OfType<int>(),
            ],
            entries
        );
    }

    /// <summary>The condition at a moment after the last step: what dries goes on drying.</summary>
    /// <param name="state">Where the surface stands.</param>
    /// <param name="at">The moment.</param>
    public static Condition At(SiteState state, DateTime at)
    {
        ArgumentNullException.ThrowIfNull(state);
        if (state.Since is not { } since || at <= since)
        {
            return state.Now;
        }

        var dried = new SiteDrying(state.Entries).Worth(state.Done[^1].Act, since, at) ?? (at - since).TotalHours;
        return state.Now.After((int)Math.Floor(Math.Min(dried, LongestWait) * 60));
    }

    // By its number where the numbers still mean the same; else the first of that operation not done yet, one with the same product first.
    private static Step? Planned(Option? chosen, LogEntry entry, Act act, HashSet<int> used)
    {
        var open = (chosen?.Steps ?? []).Where(s => s.Act.Operation == act.Operation && !used.Contains(s.Number)).ToArray();
        var planned =
            open.FirstOrDefault(s => s.Number == entry.Step)
            ?? open.FirstOrDefault(s => entry.Product is null || s.Act.Product?.Id == act.Product?.Id)
            ?? open.FirstOrDefault();
        if (planned is not null && entry.Share is null or >= 1)
        {
            used.Add(planned.Number);
        }

        return planned;
    }
}
