using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>A hold point.</summary>
/// <param name="At">When.</param>
/// <param name="What">What was proved.</param>
/// <param name="Passed">Passed.</param>
/// <param name="Number">The number with its unit; null where it is judged.</param>
/// <param name="By">Who.</param>
public sealed record HoldPointReport(DateTime At, [property: Prose] string What, bool Passed, string? Number, string? By);

/// <summary>When something is looked at again.</summary>
/// <param name="On">The day.</param>
/// <param name="For">What is looked for.</param>
public sealed record LookReport(DateOnly On, [property: Prose] string For);

/// <summary>A surface as it was built.</summary>
/// <param name="Id">Surface.</param>
/// <param name="Title">Its title.</param>
/// <param name="Space">Its room or elevation.</param>
/// <param name="Finished">All that was specified is done.</param>
/// <param name="Signs">What was seen wrong with it.</param>
/// <param name="Causes">Why.</param>
/// <param name="Readings">What was measured, before and on site.</param>
/// <param name="Done">What was done, in order.</param>
/// <param name="Deviations">What was done otherwise than planned, with what follows from it.</param>
/// <param name="HoldPoints">Hold points with who and number.</param>
/// <param name="Below">What remains below.</param>
/// <param name="LeftUndone">What was left undone on purpose.</param>
/// <param name="Colour">Its colour.</param>
/// <param name="Looks">When it is looked at again.</param>
public sealed record SurfaceAsBuilt(
    string Id,
    string Title,
    string Space,
    bool Finished,
    [property: Prose] ImmutableArray<string> Signs,
    [property: Prose] ImmutableArray<string> Causes,
    ImmutableArray<Reading> Readings,
    ImmutableArray<DoneReport> Done,
    ImmutableArray<DeviationReport> Deviations,
    ImmutableArray<HoldPointReport> HoldPoints,
    [property: Prose] ImmutableArray<string> Below,
    [property: Prose] ImmutableArray<string> LeftUndone,
    string? Colour,
    ImmutableArray<LookReport> Looks
);

/// <summary>A job as it was built.</summary>
/// <param name="Job">Id of the job.</param>
/// <param name="Surfaces">The surfaces that were worked on.</param>
/// <param name="Leftovers">What was left over.</param>
/// <param name="FollowOn">Work that was found and is not in this job.</param>
/// <param name="Incidents">What happened.</param>
public sealed record AsBuiltReport(
    string Job,
    ImmutableArray<SurfaceAsBuilt> Surfaces,
    ImmutableArray<LogEntry> Leftovers,
    ImmutableArray<LogEntry> FollowOn,
    ImmutableArray<LogEntry> Incidents
)
{
    /// <summary>A job as it was built, in the words of the reports.</summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    public static AsBuiltReport Of(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(specified);
        var log = SiteLog.Standing(job.Log);
        var worked = log.Select(e => e.Surface).OfType<string>().ToHashSet(StringComparer.Ordinal);
        return new(
            job.Id,
            [.. job.Surfaces().Where(x => worked.Contains(x.Surface.Id)).Select(x => Surface(job, x.Space, AsBuilt.Of(job, x.Surface, specified[x.Surface.Id])))],
            [.. log.Where(e => e.Kind == LogKind.Leftover)],
            [.. log.Where(e => e.Kind == LogKind.FoundJob)],
            [.. log.Where(e => e.Kind == LogKind.Incident)]
        );
    }

    private static SurfaceAsBuilt Surface(Job job, Space space, AsBuilt built)
    {
        var (state, surface) = (built.State, built.State.Surface);
        return new(
            surface.Id,
            surface.Title,
            space.Id,
            built.Finished,
            [.. surface.Signs.Select(s => Signs.Find(s.Sign)?.Title ?? s.Sign)],
            [.. state.Chosen?.Causes.Select(c => c.Title) ?? []],
            surface.Readings,
            [.. state.Done.Select((d, i) => DoneReport.Of(d, i + 1))],
            [.. built.Judgement.Deviations.Select(DeviationReport.Of)],
            [.. built.Points.Select(p => new HoldPointReport(p.At, p.What, p.Passed, p.Number, p.By))],
            built.Below,
            built.LeftUndone,
            surface.Brief.Colour,
            [.. built.Looks.Select(l => new LookReport(l.On, l.For))]
        );
    }
}
