using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Site;

/// <summary>When a surface is looked at again, and for what.</summary>
/// <param name="On">The day.</param>
/// <param name="For">What is looked for, as a sentence.</param>
public sealed record Look(DateOnly On, string For);

/// <summary>A hold point as it was passed or not.</summary>
/// <param name="At">When.</param>
/// <param name="What">What was proved.</param>
/// <param name="Passed">Passed.</param>
/// <param name="Number">The number, with its unit; null where it is judged.</param>
/// <param name="By">Who.</param>
public sealed record PassedPoint(DateTime At, string What, bool Passed, string? Number, string? By);

/// <summary>A surface as it was built: what was found, what was really done, what remains below, when it is looked at again.</summary>
/// <param name="State">Where it stands.</param>
/// <param name="Judgement">What is to be said of what was done.</param>
/// <param name="Finished">All that was specified is done.</param>
/// <param name="Below">What remains below, as sentences: lead under sound paint, old layers.</param>
/// <param name="LeftUndone">What was left undone on purpose, as sentences.</param>
/// <param name="Points">Hold points.</param>
/// <param name="Looks">When it is looked at again; empty until the last coat is on.</param>
public sealed record AsBuilt(
    SiteState State,
    SiteJudgement Judgement,
    bool Finished,
    ImmutableArray<string> Below,
    ImmutableArray<string> LeftUndone,
    ImmutableArray<PassedPoint> Points,
    ImmutableArray<Look> Looks
)
{
    // A first look after a winter outside and after a year inside; then at half the life that is left. Judgement.
    private const int FirstOutsideMonths = 6;
    private const int FirstInsideMonths = 12;

    /// <summary>A surface as it was built.</summary>
    /// <param name="job">The job.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="specified">What was specified for it.</param>
    public static AsBuilt Of(Job job, Surface surface, Specified specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(surface);
        var state = SiteFold.Of(job, surface, specified);
        var remaining = SiteRemaining.Of(job, state);
        var finished = remaining.Finished(state);
        return new(
            state,
            SiteJudgement.Of(job, state),
            finished,
            [.. Remains(surface, state)],
            [
                .. state.Chosen?.LeftUndone ?? [],
                .. state
                    .Entries.Where(e => e.Kind == LogKind.Skipped)
                    .Select(e => $"{Operations.Find(e.Operation!)?.Title ?? e.Operation} was left out{(e.Text is { } why ? $": {why}" : "")}."),
            ],
            [.. state.Entries.Where(e => e.Kind is LogKind.HoldPassed or LogKind.HoldFailed).Select(Point)],
            finished ? [.. Again(surface, state)] : []
        );
    }

    private static PassedPoint Point(LogEntry e) =>
        new(
            e.At,
            e.Check is { } check ? Checks.Find(check)?.Title ?? check : e.Text ?? (e.Operation is { } id ? Operations.Find(id)?.Title ?? id : "hold point"),
            e.Kind == LogKind.HoldPassed,
            e.Value is { } value ? string.Create(CultureInfo.InvariantCulture, $"{value:0.##} {e.Unit ?? Checks.Find(e.Check ?? "")?.Unit}").TrimEnd() : null,
            e.By
        );

    private static IEnumerable<string> Remains(Surface surface, SiteState state)
    {
        var stripped = state.Done.Any(d => d.Act.Strips);
        if (stripped)
        {
            yield break;
        }

        switch (state.Now.Get(Facets.Lead))
        {
            case Lead.Confirmed:
                yield return "Lead stays under sound paint: it is harmless while it is whole. Wet methods only, and no sanding, when it is worked on again.";
                break;
            case Lead.Presumed:
                yield return "Lead is presumed under this paint: nobody tested it. Treat it as lead when it is worked on again.";
                break;
        }

        if (surface.Layers is { IsEmpty: false } layers)
        {
            yield return $"Below: {string.Join(", ", layers.Select(l => $"{ExistingCoatings.Find(l.Coating)?.Title ?? l.Coating}{(l.Year is { } y ? string.Create(CultureInfo.InvariantCulture, $" ({y})") : "")}"))}.";
        }
    }

    private static IEnumerable<Look> Again(Surface surface, SiteState state)
    {
        var done = DateOnly.FromDateTime(state.Since!.Value);
        var outside = surface.Exposure != Exposure.Inside;
        var finish = state.Done.LastOrDefault(d => d.Act.Operation.Role == CoatRole.Finish)?.Act.Product;
        yield return new(
            done.AddMonths(outside ? FirstOutsideMonths : FirstInsideMonths),
            outside
                ? "After the first winter or summer: joints, end grain, edges, lower parts; touch in at once what has opened."
                : "After a year: cracks, stains that came back, rubbed places."
        );
        if (finish is not null && (outside ? finish.Life.Outside : finish.Life.Inside) is var life and > 1)
        {
            yield return new(
                done.AddMonths((int)Math.Round(life * 12 / 2)),
                "At half the life expected: chalking, hairline cracks, first loose edges; a coat now saves the system."
            );
            yield return new(done.AddMonths((int)Math.Round(life * 12)), "At the life expected: first maintenance.");
        }
    }
}
