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
/// <param name="Completes">With it the whole face is done: it was all of it, or the last part.</param>
/// <param name="Start">When it was begun, as it is written, or else by the hours that it takes.</param>
/// <param name="WaitedHours">Hours waited before it since the one before, by the clock.</param>
/// <param name="DriedHours">What the wait was worth in the air that was measured; null where none was measured.</param>
/// <param name="Transition">What came of it.</param>
public sealed record DoneStep(LogEntry Entry, Act Act, Step? Planned, bool Completes, DateTime Start, double WaitedHours, double? DriedHours, Transition Transition)
{
    /// <summary>When it was ended.</summary>
    public DateTime End => Entry.At;
}

/// <summary>Where a surface stands at a moment: the survey folded with the log through the one transition function.</summary>
/// <param name="Surface">The surface, with what was read of it on site.</param>
/// <param name="Specified">What was specified for it.</param>
/// <param name="Chosen">The way that is gone; null where there is none.</param>
/// <param name="Done">What was done, in order.</param>
/// <param name="After">Its condition when the last of it was done; where nothing is, as surveyed.</param>
/// <param name="Now">Its condition at the moment: what was wet has dried on, what was bare has stood.</param>
/// <param name="Moment">The moment.</param>
/// <param name="Skipped">Planned steps that are left out on purpose, by their numbers.</param>
/// <param name="Entries">All lines about it that count.</param>
public sealed record SiteState(
    Surface Surface,
    Specified Specified,
    Option? Chosen,
    ImmutableArray<DoneStep> Done,
    Condition After,
    Condition Now,
    DateTime Moment,
    ImmutableArray<int> Skipped,
    ImmutableArray<LogEntry> Entries
)
{
    /// <summary>When the last of it was done; null where nothing is.</summary>
    public DateTime? Since => Done.IsEmpty ? null : Done[^1].End;

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

    // Parts that come to this are the whole: nobody measures a share closer.
    private const double Whole = 0.99;

    /// <summary>Where a surface stands.</summary>
    /// <param name="job">The job, with its log.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="specified">What was specified for it.</param>
    /// <param name="at">The moment; null, or before it, for when the last step was done.</param>
    public static SiteState Of(Job job, Surface surface, Specified specified, DateTime? at = null)
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
        var shares = new Dictionary<string, double>(StringComparer.Ordinal);
        var used = new HashSet<int>();
        foreach (var entry in entries.Where(e => e.Kind == LogKind.Done))
        {
            if (Operations.Find(entry.Operation!) is not { } operation || firm.Act(operation, entry.Product) is not { } act)
            {
                continue;
            }

            var last = done.Count > 0 ? done[^1] : null;
            var planned = Planned(chosen, entry, act, used);
            // A step of the plan without a product written is done with the one that is planned.
            act = entry.Product is null && planned is not null ? planned.Act : act;
            var start = Start(entries, entry, planned, last?.End);
            var waited = last is null ? 0 : (start - last.End).TotalHours;
            var slower = last is null ? null : air.Times(last.Act, last.End, start);
            var transition = Treatments.Apply(condition.Slowed(slower ?? 1), act, last is null ? null : Math.Min(waited, LongestWait), Pace.Least);
            var share = shares[act.Id] = shares.GetValueOrDefault(act.Id) + (entry.Share ?? 1);
            var completes = share >= Whole;
            if (completes)
            {
                shares.Remove(act.Id);
                _ = planned is not null && used.Add(planned.Number);
            }

            done.Add(new(entry, act, planned, completes, start, waited, slower is { } times ? waited / times : null, transition));
            // Of a face that is done in part nothing is proved but that it is wet.
            condition =
                completes ? transition.After
                : act.Leaves is { } wait ? transition.Before.Wetted(wait.Clock, (int)Math.Ceiling(wait.Least * 60))
                : transition.Before;
        }

        var since = done.Count > 0 ? done[^1].End : (DateTime?)null;
        var moment = at is { } asked && !(asked < since) ? asked : since ?? at ?? DateTime.MinValue;
        return new(
            surface with
            {
                Readings = [.. surface.Readings, .. Read(entries)],
            },
            specified,
            chosen,
            done.ToImmutable(),
            condition,
            since is { } end
                ? condition.Slowed(air.Times(done[^1].Act, end, moment) ?? 1).After((int)Math.Min((moment - end).TotalMinutes, LongestWait * 60))
                : condition,
            moment,
            [
                .. entries
                    .Where(e => e.Kind == LogKind.Skipped)
                    .Select(e => chosen?.Steps.FirstOrDefault(s => s.Act.Operation.Id == e.Operation && (e.Step is null || s.Number == e.Step))?.Number)
                    .OfType<int>(),
            ],
            entries
        );
    }

    // As it is written, or else by the hours that it takes; never before the one before was ended.
    private static DateTime Start(ImmutableArray<LogEntry> entries, LogEntry entry, Step? planned, DateTime? since)
    {
        var begun = entries.LastOrDefault(e => e.Kind == LogKind.Started && e.Operation == entry.Operation && e.At <= entry.At && !(e.At < since));
        var start = begun?.At ?? entry.At.AddHours(-(entry.Hours ?? planned?.Spend.Hours ?? 0));
        return since is { } before && start < before ? before : start;
    }

    private static IEnumerable<Reading> Read(IEnumerable<LogEntry> entries) =>
        entries
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

    // By its number where the numbers still mean the same; else the first of that operation not done yet, one with the same product first.
    private static Step? Planned(Option? chosen, LogEntry entry, Act act, HashSet<int> used)
    {
        var open = (chosen?.Steps ?? []).Where(s => s.Act.Operation == act.Operation && !used.Contains(s.Number)).ToArray();
        return open.FirstOrDefault(s => s.Number == entry.Step)
            ?? open.FirstOrDefault(s => entry.Product is null || s.Act.Product?.Id == act.Product?.Id)
            ?? open.FirstOrDefault();
    }
}
