using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Technique;

namespace AllSound.Core.Documents;

/// <summary>A step as it is numbered on a page.</summary>
/// <param name="Number">From 1, through the whole page.</param>
/// <param name="On">The surfaces that it is done on, like with like, and the step of each that it stands for; never empty.</param>
/// <param name="Safety">What it asks of safety, on any of the surfaces that it serves.</param>
/// <param name="Letters">The letters of the surfaces that it is done on; empty where the part gives them none.</param>
/// <param name="OnAll">True where it is done on all surfaces of the part.</param>
internal sealed record PageStep(int Number, ImmutableArray<(Likeness Of, Step Step)> On, StepSafety Safety, ImmutableArray<string> Letters, bool OnAll)
{
    /// <summary>On which of the surfaces it is done, where that is not all of them: "on C"; empty elsewhere.</summary>
    public string Only => OnAll ? "" : $"on {string.Join(", ", Letters)}";

    /// <summary>The step, as it is done on the first of its surfaces.</summary>
    public Step Step => On[0].Step;

    /// <summary>The first of the surfaces that it is written for.</summary>
    public Likeness Of => On[0].Of;

    /// <summary>Hours before it: the longest that any of its surfaces asks for.</summary>
    public double WaitBefore => On.Max(o => o.Step.WaitBefore);

    /// <summary>Litres that it takes on all of its surfaces together; 0 where it lays nothing.</summary>
    public double Litres => Step.Act.Product is null ? 0 : On.Sum(o => o.Of.Litres(o.Step));

    /// <summary>How its paint is tinted; null where nothing is to be said.</summary>
    public string? Shade => CoatShade.For(Step.Act, Of.After(Step), Of.First.Surface);
}

/// <summary>A part of a page.</summary>
/// <param name="Phase">What it is in the work of the room.</param>
/// <param name="Of">The surfaces that it is about, like with like; empty where it serves all of them.</param>
/// <param name="First">True for the first part about its surfaces.</param>
/// <param name="Steps">Its steps; empty for surfaces that are stopped.</param>
internal sealed record PagePart(RoomPhase Phase, ImmutableArray<Likeness> Of, bool First, ImmutableArray<PageStep> Steps)
{
    /// <summary>The heading of what is done once.</summary>
    public string Heading =>
        Phase switch
        {
            RoomPhase.SettingUp => "First, once for all of it",
            RoomPhase.ClearingLead => "When nothing more disturbs lead, once for all of it",
            _ => "Last, once for all of it",
        };

    /// <summary>The titles of its surfaces in a row, each with its letter where not every step is done on all of them.</summary>
    public string Titles => Of is [var one] ? one.Titles : Likeness.InARow(Of.SelectMany(o => o.Surfaces).Select((s, i) => $"({Letter(i)}) {s.Surface.Title}"));

    /// <summary>The letter of a surface by its place in a part, from 0: A to Z, and numbers after that.</summary>
    public static string Letter(int place) => place < 26 ? ((char)('A' + place)).ToString() : $"{place + 1}";
}

/// <summary>The steps of a page in the order in which the room is worked. Every step has a number of its own on the page.</summary>
internal sealed class PageOrder
{
    private readonly ImmutableArray<Likeness> groups;
    private readonly Dictionary<(Likeness Of, int Step), int> numbers = [];

    /// <summary>Orders the steps of a page.</summary>
    /// <param name="groups">The surfaces, like with like.</param>
    public PageOrder(ImmutableArray<Likeness> groups)
    {
        this.groups = groups;
        var parts = ImmutableArray.CreateBuilder<PagePart>();
        var next = 1;
        var met = new HashSet<Likeness>();
        foreach (var (phase, of, rows) in Together(new RoomOrder([.. groups.Select(g => g.Steps)]).Parts))
        {
            var steps = rows.Select(r => Number(r, of, next++)).ToImmutableArray();
            parts.Add(new(phase, of, of.Aggregate(false, (first, g) => met.Add(g) || first), steps));
        }

        // What is stopped has no steps yet and stands where its turn would be: after the rest, before what is cleared up.
        var stopped = groups.Where(g => g.Steps.IsEmpty).Select(g => new PagePart(RoomPhase.Finishing, [g], true, []));
        parts.InsertRange(parts is [.., { Phase: RoomPhase.ClearingUp }] ? parts.Count - 1 : parts.Count, stopped);
        Parts = parts.ToImmutable();
    }

    /// <summary>The parts of the page, in order.</summary>
    public ImmutableArray<PagePart> Parts { get; }

    /// <summary>All steps of the page.</summary>
    public IEnumerable<PageStep> Steps => Parts.SelectMany(p => p.Steps);

    /// <summary>The number on the page of a step of some surfaces.</summary>
    public int NumberOf(Likeness of, int step) => numbers[(of, step)];

    // Parts in a row about kindred surfaces are one where most of their steps are the same: a painter does four walls and not one after another.
    private IEnumerable<(RoomPhase Phase, ImmutableArray<Likeness> Of, ImmutableArray<ImmutableArray<RoomStep>> Rows)> Together(ImmutableArray<RoomPart> parts)
    {
        var begun = new HashSet<Likeness>();
        for (var i = 0; i < parts.Length; )
        {
            var first = parts[i++];
            ImmutableArray<Likeness> of = first.Sequence is { } sequence ? [groups[sequence]] : [];
            ImmutableArray<ImmutableArray<RoomStep>> rows = [.. first.Steps.Select(s => ImmutableArray.Create(s))];
            for (; of.Length > 0 && i < parts.Length && parts[i].Phase == first.Phase && parts[i].Sequence is { } other; i++)
            {
                var laid = SideBySide.Lay(rows, parts[i].Steps, Alike);
                if (!of[0].IsKin(groups[other]) || begun.Contains(of[0]) != begun.Contains(groups[other]) || laid.Length > rows.Length + (parts[i].Steps.Length / 2))
                {
                    break;
                }

                of = of.Add(groups[other]);
                rows = laid;
            }

            begun.UnionWith(of);
            yield return (first.Phase, of, rows);
        }
    }

    // Done in the same way, but not for as long after the step before and not of as much paint.
    private bool Alike(RoomStep one, RoomStep other)
    {
        var (x, y) = (one.Step, other.Step);
        return x.Act.Operation == y.Act.Operation
            && x.Act.Product == y.Act.Product
            && x.Coat == y.Coat
            && x.Do == y.Do
            && x.Manner.SequenceEqual(y.Manner)
            && Shade(one) == Shade(other);

        string? Shade(RoomStep step) => CoatShade.For(step.Step.Act, groups[step.Sequence].After(step.Step), groups[step.Sequence].First.Surface);
    }

    private PageStep Number(ImmutableArray<RoomStep> row, ImmutableArray<Likeness> of, int number)
    {
        foreach (var (sequence, served) in row.SelectMany(r => r.Serves))
        {
            numbers[(groups[sequence], served.Number)] = number;
        }

        var on = row.Select(r => (groups[r.Sequence], r.Step)).ToImmutableArray();
        var safety = row.SelectMany(r => r.Serves).Select(s => groups[s.Sequence].Safety(s.Step)).Aggregate(Both);
        return new(number, on, safety, Letters(on, of), of.IsEmpty || on.Length == of.Length);
    }

    private static ImmutableArray<string> Letters(ImmutableArray<(Likeness Of, Step Step)> on, ImmutableArray<Likeness> of)
    {
        if (of.Length < 2)
        {
            return [];
        }

        var these = on.Select(o => o.Of).ToHashSet();
        return [.. of.SelectMany(o => o.Surfaces.Select(_ => o)).Index().Where(x => these.Contains(x.Item)).Select(x => PagePart.Letter(x.Index))];
    }

    private static StepSafety Both(StepSafety one, StepSafety other) =>
        new(
            [.. one.Protection.Union(other.Protection)],
            [.. one.Cautions.Union(other.Cautions)],
            one.Waste ?? other.Waste,
            one.Hold is null || one.Hold == other.Hold ? other.Hold
                : other.Hold is null ? one.Hold
                : $"{one.Hold} {other.Hold}",
            one.Others ?? other.Others
        );
}
