using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>A step that was done.</summary>
/// <param name="N">Its number in the order in which things were done, from 1.</param>
/// <param name="Entry">Id of the line of the log.</param>
/// <param name="Planned">Number of the planned step that it is; null where it is none.</param>
/// <param name="Operation">Operation.</param>
/// <param name="Title">Title.</param>
/// <param name="Product">Product, or null.</param>
/// <param name="ProductTitle">Its title.</param>
/// <param name="Start">When it was begun: as written, or reckoned from its hours.</param>
/// <param name="End">When it was ended.</param>
/// <param name="By">Who did it.</param>
/// <param name="WaitedHours">Hours by the clock since the one before.</param>
/// <param name="DriedHours">What that was worth in the air that was measured; null where none was.</param>
/// <param name="Share">Share of the face; null for all of it.</param>
/// <param name="Batch">Batch.</param>
/// <param name="Litres">Litres used.</param>
/// <param name="Dilution">Thinning.</param>
/// <param name="WetFilmUm">Wet film, micrometres.</param>
/// <param name="Unmet">What was not so when it was begun and should have been.</param>
public sealed record DoneReport(
    int N,
    string Entry,
    int? Planned,
    string Operation,
    [property: Prose] string Title,
    string? Product,
    [property: Prose] string? ProductTitle,
    DateTime Start,
    DateTime End,
    string? By,
    double WaitedHours,
    double? DriedHours,
    double? Share,
    string? Batch,
    double? Litres,
    string? Dilution,
    double? WetFilmUm,
    [property: Prose] ImmutableArray<string> Unmet
)
{
    /// <summary>A step that was done, in the words of the reports.</summary>
    /// <param name="done">The step.</param>
    /// <param name="n">Its number, from 1.</param>
    public static DoneReport Of(DoneStep done, int n)
    {
        ArgumentNullException.ThrowIfNull(done);
        return new(
            n,
            done.Entry.Id,
            done.Planned?.Number,
            done.Act.Operation.Id,
            done.Act.Operation.Title,
            done.Act.Product?.Own?.Id ?? done.Act.Product?.Id,
            done.Act.Product?.Title,
            done.Start,
            done.End,
            done.Entry.By,
            Math.Round(done.WaitedHours, 2),
            done.DriedHours is { } dried ? Math.Round(dried, 2) : null,
            done.Entry.Share,
            done.Entry.Batch,
            done.Entry.Litres,
            done.Entry.Dilution,
            done.Entry.WetFilmUm,
            [.. done.Transition.UnmetNeeds.Select(u => u.Problem)]
        );
    }
}

/// <summary>How a surface stands.</summary>
/// <param name="At">When the last step was done; null where none was.</param>
/// <param name="DryFrom">When everything on it is dry; null where nothing is wet.</param>
/// <param name="Facets">Its condition, value by facet.</param>
public sealed record SiteStateReport(DateTime? At, DateTime? DryFrom, ImmutableSortedDictionary<string, string> Facets);

/// <summary>A step that could be next.</summary>
/// <param name="N">Its number among those that remain.</param>
/// <param name="Operation">Operation.</param>
/// <param name="Title">Title.</param>
/// <param name="From">From when; null: at once.</param>
/// <param name="Advised">From when it is better.</param>
/// <param name="Latest">By when at the latest.</param>
/// <param name="Needs">What must be so before, and is not yet.</param>
public sealed record NextReport(
    int N,
    string Operation,
    [property: Prose] string Title,
    DateTime? From,
    DateTime? Advised,
    DateTime? Latest,
    [property: Prose] ImmutableArray<string> Needs
);

/// <summary>Something done otherwise than planned.</summary>
/// <param name="Kind">skipped, added, outOfOrder, otherProduct, tooShort, tooLong, film, holdPoint or told.</param>
/// <param name="Entry">Id of the line of the log; null for what was left out.</param>
/// <param name="Says">What.</param>
/// <param name="Follows">What follows from it; null where nothing does.</param>
/// <param name="Mend">What mends it now; null where nothing needs mending.</param>
public sealed record DeviationReport(string Kind, string? Entry, [property: Prose] string Says, [property: Prose] string? Follows, [property: Prose] string? Mend)
{
    /// <summary>A deviation in the words of the reports.</summary>
    public static DeviationReport Of(SiteDeviation d)
    {
        ArgumentNullException.ThrowIfNull(d);
        return new(NamedEnumConverterFactory.Name(d.Kind.ToString()), d.Entry, d.Says, d.Follows, d.Mend);
    }
}

/// <summary>Where a surface stands on site.</summary>
/// <param name="Id">Surface.</param>
/// <param name="Title">Its title.</param>
/// <param name="Space">Its room or elevation.</param>
/// <param name="Done">What was done, in order.</param>
/// <param name="State">How it stands.</param>
/// <param name="Next">What could be next.</param>
/// <param name="Faults">What is wrong with what was done; steps count in the order in which they were done.</param>
/// <param name="Deviations">What was done otherwise than planned.</param>
/// <param name="Remaining">What is left to do.</param>
/// <param name="DoneSteps">The planned steps that are done, as they were planned.</param>
/// <param name="AsPlanned">What is left is the rest of the plan; false where it was sought anew.</param>
/// <param name="Stuck">Why nothing leads on.</param>
/// <param name="Finished">All is done.</param>
/// <param name="Interrupted">Work on it is broken off.</param>
/// <param name="UnderWay">Id of the line that began the step under way; null where none is.</param>
public sealed record SurfaceSiteReport(
    string Id,
    string Title,
    string Space,
    ImmutableArray<DoneReport> Done,
    SiteStateReport State,
    ImmutableArray<NextReport> Next,
    ImmutableArray<FaultReport> Faults,
    ImmutableArray<DeviationReport> Deviations,
    ImmutableArray<StepReport> Remaining,
    ImmutableArray<StepReport> DoneSteps,
    bool AsPlanned,
    [property: Prose] ImmutableArray<string> Stuck,
    bool Finished,
    bool Interrupted,
    string? UnderWay
)
{
    /// <summary>Where a surface stands, in the words of the reports.</summary>
    /// <param name="job">The job.</param>
    /// <param name="space">Its space.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="specified">What was specified for it.</param>
    /// <param name="at">The moment.</param>
    public static SurfaceSiteReport Of(Job job, Space space, Surface surface, Specified specified, DateTime at)
    {
        ArgumentNullException.ThrowIfNull(space);
        var state = SiteFold.Of(job, surface, specified, at);
        var judged = SiteJudgement.Of(job, state);
        var remaining = SiteRemaining.Of(job, state);
        // The reasons of a step go by the numbers of the whole sequence.
        var whole = remaining.AsPlanned ? state.Chosen?.Steps ?? [] : remaining.Steps;
        var left = remaining.Steps.Select(s => s.Number).ToHashSet();
        var did = state.Done.Select(d => d.Planned?.Number).OfType<int>().ToHashSet();
        return new(
            surface.Id,
            surface.Title,
            space.Id,
            [.. state.Done.Select((d, i) => DoneReport.Of(d, i + 1))],
            new(
                state.Since,
                state.Now.LongestLeft is > 0 and var wet ? state.Moment.AddMinutes(wet) : null,
                Facets.All.ToImmutableSortedDictionary(f => f.Name, f => f.ValueName(state.Now[f]), StringComparer.Ordinal)
            ),
            [
                .. SiteNext
                    .Of(state, remaining)
                    .Select(n => new NextReport(n.Step.Number, n.Step.Act.Operation.Id, n.Step.Act.Operation.Title, n.From, n.Advised, n.Latest, n.Needs)),
            ],
            [.. judged.Faults.Select(AuditReporting.Fault)],
            [.. judged.Deviations.Select(DeviationReport.Of)],
            [.. Stepping.Report(whole, surface, specified.Appraised, "the finished work").Where(s => left.Contains(s.N))],
            [.. Stepping.Report(state.Chosen?.Steps ?? [], surface, specified.Appraised, "the finished work").Where(s => did.Contains(s.N))],
            remaining.AsPlanned,
            remaining.Stuck,
            remaining.Finished(state),
            state.Interrupted,
            state.UnderWay?.Id
        );
    }
}
