using System.Collections.Immutable;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Treatment;

namespace AllSound.Core.Documents;

/// <summary>A step as it is numbered on a page.</summary>
/// <param name="Number">From 1, through the whole page.</param>
/// <param name="Step">The step.</param>
/// <param name="Of">The surfaces that it is written for.</param>
/// <param name="Safety">What it asks of safety, on any of the surfaces that it serves.</param>
internal sealed record PageStep(int Number, Step Step, Likeness Of, StepSafety Safety);

/// <summary>
/// The steps of a page in the order in which a room is worked: what is set up once for all of its surfaces, each kind of surface, and what is cleared
/// away once. Every step has a number of its own on the page.
/// </summary>
internal sealed class PageOrder
{
    // What stands before or after all coats. The lead area is cleared and walls dry in the middle of the work: these stay where they are.
    private static readonly SetUp[] Before = [SetUp.Notice, SetUp.Access, SetUp.Power, SetUp.LeadArea, SetUp.Covering];

    private readonly Dictionary<(Likeness Of, int Step), int> numbers = [];

    /// <summary>Orders the steps of a page.</summary>
    /// <param name="groups">The surfaces, like with like.</param>
    public PageOrder(ImmutableArray<Likeness> groups)
    {
        var all = groups.SelectMany(g => g.Steps.Select(s => (Of: g, Step: s))).ToArray();
        var shared = all.Where(x => x.Step.Act.Operation.Once is { } once && (Before.Contains(once.As) || once.As == SetUp.Clearing))
            .GroupBy(x => x.Step.Act.Operation.Once!.As)
            .Where(g => g.Select(x => x.Of).Distinct().Count() > 1)
            .ToDictionary(g => g.Key, g => g.ToArray());
        First = [.. Before.Where(shared.ContainsKey).OrderBy(b => shared[b].Min(x => x.Step.Number)).Select(b => Take(shared[b]))];
        var once = shared.Values.SelectMany(x => x).ToHashSet();
        var parts = ImmutableDictionary.CreateBuilder<Likeness, ImmutableArray<PageStep>>();
        foreach (var group in groups)
        {
            parts[group] = [.. all.Where(x => x.Of == group && !once.Contains(x)).Select(x => Take([x]))];
        }

        Parts = parts.ToImmutable();
        Last = shared.TryGetValue(SetUp.Clearing, out var clearing) ? [Take(clearing)] : [];
    }

    /// <summary>What is set up once for all of it; empty where nothing is.</summary>
    public ImmutableArray<PageStep> First { get; }

    /// <summary>What is done on each kind of surface.</summary>
    public ImmutableDictionary<Likeness, ImmutableArray<PageStep>> Parts { get; }

    /// <summary>What is cleared away once for all of it; empty where each surface is left by itself.</summary>
    public ImmutableArray<PageStep> Last { get; }

    /// <summary>The number on the page of a step of some surfaces.</summary>
    public int NumberOf(Likeness of, int step) => numbers[(of, step)];

    private PageStep Take((Likeness Of, Step Step)[] same)
    {
        var number = numbers.Count == 0 ? 1 : numbers.Values.Max() + 1;
        foreach (var (of, step) in same)
        {
            numbers[(of, step.Number)] = number;
        }

        // The dearest stands for the rest: a tower serves for a platform.
        var (group, stands) = same.MaxBy(x => x.Step.Spend.Money);
        return new(number, stands, group, same.Select(x => x.Of.Safety(x.Step)).Aggregate(Both));
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
