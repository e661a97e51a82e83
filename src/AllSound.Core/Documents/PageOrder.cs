using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Safety;
using AllSound.Core.Specification;

namespace AllSound.Core.Documents;

/// <summary>A step as it is numbered on a page.</summary>
/// <param name="Number">From 1, through the whole page.</param>
/// <param name="Step">The step.</param>
/// <param name="Of">The surfaces that it is written for.</param>
/// <param name="Safety">What it asks of safety, on any of the surfaces that it serves.</param>
internal sealed record PageStep(int Number, Step Step, Likeness Of, StepSafety Safety);

/// <summary>A part of a page.</summary>
/// <param name="Phase">What it is in the work of the room.</param>
/// <param name="Of">The surfaces that it is about; null where it serves all of them.</param>
/// <param name="First">True for the first part about its surfaces.</param>
/// <param name="Steps">Its steps; empty for surfaces that are stopped.</param>
internal sealed record PagePart(RoomPhase Phase, Likeness? Of, bool First, ImmutableArray<PageStep> Steps)
{
    /// <summary>The heading of what is done once.</summary>
    public string Heading =>
        Phase switch
        {
            RoomPhase.SettingUp => "First, once for all of it",
            RoomPhase.ClearingLead => "When nothing more disturbs lead, once for all of it",
            _ => "Last, once for all of it",
        };
}

/// <summary>The steps of a page in the order in which the room is worked. Every step has a number of its own on the page.</summary>
internal sealed class PageOrder
{
    private readonly Dictionary<(Likeness Of, int Step), int> numbers = [];

    /// <summary>Orders the steps of a page.</summary>
    /// <param name="groups">The surfaces, like with like.</param>
    public PageOrder(ImmutableArray<Likeness> groups)
    {
        var parts = ImmutableArray.CreateBuilder<PagePart>();
        var next = 1;
        var met = new HashSet<Likeness>();
        foreach (var part in new RoomOrder([.. groups.Select(g => g.Steps)]).Parts)
        {
            var of = part.Sequence is { } i ? groups[i] : null;
            var steps = part.Steps.Select(s => Number(s, groups, next++)).ToImmutableArray();
            parts.Add(new(part.Phase, of, of is not null && met.Add(of), steps));
        }

        // What is stopped has no steps yet and stands where its turn would be: after the rest, before what is cleared up.
        var stopped = groups.Where(g => g.Steps.IsEmpty).Select(g => new PagePart(RoomPhase.Finishing, g, true, []));
        parts.InsertRange(parts is [.., { Phase: RoomPhase.ClearingUp }] ? parts.Count - 1 : parts.Count, stopped);
        Parts = parts.ToImmutable();
    }

    /// <summary>The parts of the page, in order.</summary>
    public ImmutableArray<PagePart> Parts { get; }

    /// <summary>All steps of the page.</summary>
    public IEnumerable<PageStep> Steps => Parts.SelectMany(p => p.Steps);

    /// <summary>The number on the page of a step of some surfaces.</summary>
    public int NumberOf(Likeness of, int step) => numbers[(of, step)];

    private PageStep Number(RoomStep step, ImmutableArray<Likeness> groups, int number)
    {
        foreach (var (sequence, served) in step.Serves)
        {
            numbers[(groups[sequence], served.Number)] = number;
        }

        return new(number, step.Step, groups[step.Sequence], step.Serves.Select(s => groups[s.Sequence].Safety(s.Step)).Aggregate(Both));
    }

    private static StepSafety Both(StepSafety one, StepSafety other) =>
        new(
            [.. one.Protection.Union(other.Protection)],
            [.. one.Cautions.Union(other.Cautions)],
            one.Waste ?? other.Waste,
            one.Hold ?? other.Hold,
            one.Others ?? other.Others
        );
}
