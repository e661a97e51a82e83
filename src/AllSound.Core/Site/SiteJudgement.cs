using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Site;

/// <summary>How something was done otherwise than planned.</summary>
public enum DeviationKind : byte
{
    /// <summary>A planned step was left out while later ones were done.</summary>
    Skipped,

    /// <summary>Something was done that was not planned.</summary>
    Added,

    /// <summary>A step was done after one that it comes before.</summary>
    OutOfOrder,

    /// <summary>Another product than planned.</summary>
    OtherProduct,

    /// <summary>Less was waited than the label's least.</summary>
    TooShort,

    /// <summary>More was waited than the label lets.</summary>
    TooLong,

    /// <summary>A wet film thinner or thicker than planned.</summary>
    Film,

    /// <summary>A coat went on though a hold point was not passed.</summary>
    HoldPoint,

    /// <summary>Told in words.</summary>
    Told,
}

/// <summary>Something that was done otherwise than planned, and what follows from it.</summary>
/// <param name="Kind">How.</param>
/// <param name="Entry">Id of the line of the log; null for a step that was left out.</param>
/// <param name="Says">What, as a sentence.</param>
/// <param name="Follows">What follows from it, as a sentence; null where nothing does.</param>
/// <param name="Mend">What mends it now; null where nothing needs mending.</param>
public sealed record SiteDeviation(DeviationKind Kind, string? Entry, string Says, string? Follows, string? Mend);

/// <summary>What is to be said of what was done.</summary>
/// <param name="Faults">What is wrong with it, by the audit; steps count in the order in which they were done.</param>
/// <param name="Deviations">What was done otherwise than planned.</param>
public sealed record SiteJudgement(ImmutableArray<AuditFault> Faults, ImmutableArray<SiteDeviation> Deviations)
{
    // A gauge is read to a fifth; what lies within it is as planned. Common practice.
    private const double FilmTolerance = 0.2;

    // An audit takes no longer waits, and whatever dries has dried by then.
    private const double MostWritten = 100_000;

    /// <summary>Judges what was done on a surface.</summary>
    /// <param name="job">The job.</param>
    /// <param name="state">Where the surface stands.</param>
    public static SiteJudgement Of(Job job, SiteState state)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(state);
        if (state.Done.IsEmpty)
        {
            return new([], [.. Told(state)]);
        }

        ImmutableArray<SequenceStep> sequence =
        [
            .. state.Done.Select(
                (d, i) =>
                    new SequenceStep
                    {
                        Operation = d.Act.Operation.Id,
                        Product = d.Act.Product?.Own?.Id ?? d.Act.Product?.Id,
                        // What had not dried is told by what the wait was worth; all else goes by the clock.
                        WaitHours =
                            i == 0 ? null
                            : d.Transition.UnmetNeeds.Any(n => n.Clock is not null) ? Math.Round(d.DriedHours ?? d.WaitedHours, 3)
                            : Math.Round(Math.Min(d.WaitedHours, MostWritten), 3),
                        Dilution = d.Entry.Dilution,
                    }
            ),
        ];
        var audited = Auditor.Audit(job.Rates, state.Surface, state.Specified.Appraised, sequence, Firm.Of(job));
        // What is missing at the end is still to come.
        ImmutableArray<AuditFault> faults = [.. audited.Faults.Where(f => f.Step is not null)];
        return new(faults, [.. Otherwise(state, faults), .. Told(state)]);
    }

    private static IEnumerable<SiteDeviation> Otherwise(SiteState state, ImmutableArray<AuditFault> faults)
    {
        AuditFault? At(int index) => faults.FirstOrDefault(f => f.Step == index + 1 || f.Also.Contains(index + 1));
        SiteDeviation Of(DeviationKind kind, int index, string says, Func<AuditFault, bool>? such = null)
        {
            var fault = such is null ? At(index) : faults.FirstOrDefault(f => f.Step == index + 1 && such(f));
            return new(kind, state.Done[index].Entry.Id, says, fault?.Consequence, fault?.Mend);
        }

        var furthest = 0;
        for (var i = 0; i < state.Done.Length; i++)
        {
            var done = state.Done[i];
            var title = done.Act.Operation.Title;
            if (done.Planned is not { } planned)
            {
                yield return Of(DeviationKind.Added, i, $"{title} was not planned here.");
            }
            else
            {
                if (planned.Number < furthest)
                {
                    yield return Of(DeviationKind.OutOfOrder, i, $"{title} was planned before what was done first.");
                }

                furthest = Math.Max(furthest, planned.Number);
                if (done.Act.Product is { } product && planned.Act.Product is { } meant && product.Id != meant.Id)
                {
                    yield return Of(DeviationKind.OtherProduct, i, $"{title}: {product.Title} instead of {meant.Title}.");
                }
            }

            if (done.Transition.UnmetNeeds.FirstOrDefault(n => n.Clock is not null) is { } wet && i > 0)
            {
                yield return Of(
                    DeviationKind.TooShort,
                    i,
                    $"{title} was begun {Hours(done.WaitedHours)} after the step before{(done.DriedHours is { } worth ? $", in air in which that is worth {Hours(worth)}" : "")}: {Sentences.Within(wet.Problem)}.",
                    f => f.Need?.Clock is not null
                );
            }

            if (i > 0 && state.Done[i - 1].Act.LatestDays is { } days && done.WaitedHours > days * 24 && done.Act.Operation.Role != CoatRole.None)
            {
                yield return Of(DeviationKind.TooLong, i, $"{title} came {Hours(done.WaitedHours)} after the coat before, which is keyed after {days} days.");
            }

            if (done is { Entry.WetFilmUm: { } film, Act.Product: { VolumeSolids: > 0 } coat })
            {
                var wanted = coat.WetMicrons;
                if (Math.Abs(film - wanted) > wanted * FilmTolerance)
                {
                    var thin = film < wanted;
                    yield return new(
                        DeviationKind.Film,
                        done.Entry.Id,
                        string.Create(CultureInfo.InvariantCulture, $"{title}: wet film {film:0} µm, {wanted:0} µm planned."),
                        thin ? "A thin film hides and lasts less." : "A thick film dries slowly, wrinkles and sags.",
                        thin ? "Lay the next coat to its full film, or one more." : "Wait longer before the next coat."
                    );
                }
            }

            foreach (var (failed, check) in Unpassed(state, done))
            {
                yield return Of(
                    DeviationKind.HoldPoint,
                    i,
                    $"{title} was done though {check} was not passed{(failed.Value is { } v ? string.Create(CultureInfo.InvariantCulture, $" ({v:0.##} {failed.Unit})") : "")}."
                );
            }
        }

        foreach (var left in (state.Chosen?.Steps ?? []).Where(s => s.Number < furthest && state.Done.All(d => d.Planned?.Number != s.Number)))
        {
            var gives = left.Links.Select(l => l.Need).ToHashSet();
            var fault = faults.FirstOrDefault(f => f.Need is { } need && gives.Contains(need));
            // An audit takes as done what nobody writes; a log knows what was not.
            var missed = state.Done.SelectMany(d => d.Transition.UnmetNeeds).FirstOrDefault(gives.Contains);
            yield return new(DeviationKind.Skipped, null, $"{left.Act.Operation.Title} was left out.", fault?.Consequence ?? missed?.Consequence, fault?.Mend);
        }
    }

    // Hold points that were failed before a coat and not passed since.
    private static IEnumerable<(LogEntry Failed, string Check)> Unpassed(SiteState state, DoneStep done)
    {
        if (done.Act.Operation.Role == CoatRole.None)
        {
            yield break;
        }

        foreach (
            var last in state
                .Entries.Where(e => e is { Kind: LogKind.HoldFailed or LogKind.HoldPassed } && e.At <= done.End)
                .GroupBy(e => (e.Check, e.Operation))
                .Select(g => g.Last())
                .Where(e => e.Kind == LogKind.HoldFailed)
        )
        {
            yield return (last, last.Check is { } check && Checks.Find(check) is { } known ? known.Title : "a hold point");
        }
    }

    private static IEnumerable<SiteDeviation> Told(SiteState state) =>
        state
            .Entries.Where(e => e.Kind == LogKind.Deviation)
            .Select(e => new SiteDeviation(DeviationKind.Told, e.Id, e.Text ?? "Done otherwise than planned.", null, null));

    private static string Hours(double hours) => string.Create(CultureInfo.InvariantCulture, $"{hours:0.#} h");
}
