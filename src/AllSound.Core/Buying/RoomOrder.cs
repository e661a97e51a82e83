using System.Collections.Immutable;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Buying;

/// <summary>What a part of the work in a room is.</summary>
public enum RoomPhase : byte
{
    /// <summary>Set up once for all surfaces.</summary>
    SettingUp,

    /// <summary>A surface worked as far as the lead area is wanted.</summary>
    Preparing,

    /// <summary>The lead area cleared once, when nothing that disturbs lead is left to do in it.</summary>
    ClearingLead,

    /// <summary>The rest on a surface: all of it where it needs no lead area.</summary>
    Finishing,

    /// <summary>Coverings lifted and waste taken away once.</summary>
    ClearingUp,
}

/// <summary>A step of the room, and the steps of its surfaces that it stands for.</summary>
/// <param name="Sequence">Which sequence it is taken from, from 0.</param>
/// <param name="Step">The step.</param>
/// <param name="Serves">All steps that it stands for, its own too.</param>
public sealed record RoomStep(int Sequence, Step Step, ImmutableArray<(int Sequence, Step Step)> Serves);

/// <summary>A part of the work in a room.</summary>
/// <param name="Phase">What it is.</param>
/// <param name="Sequence">On which sequence's surfaces, from 0; null for what is done once.</param>
/// <param name="Steps">Its steps, in order; never empty.</param>
public sealed record RoomPart(RoomPhase Phase, int? Sequence, ImmutableArray<RoomStep> Steps);

/// <summary>
/// The order in which the surfaces of a room or elevation are worked in one go: what serves them all is set up once, then everything is prepared, then
/// the lead area is cleared once, then the coats are laid, then all is cleared up once. A surface whose own sequence would not be sound in that order
/// keeps its own set-up. Every sequence is still carried out in full, and nothing of it comes before what it needs.
/// </summary>
public sealed class RoomOrder
{
    // In the order in which a room is set up.
    private static readonly SetUp[] InFront = [SetUp.Notice, SetUp.Access, SetUp.Power, SetUp.Covering, SetUp.LeadArea];

    private static readonly SetUp[] Lead = [SetUp.LeadArea, SetUp.LeadClearing];

    private readonly ImmutableArray<ImmutableArray<Step>> sequences;
    private readonly ImmutableArray<ImmutableHashSet<SetUp>> sharing;

    /// <summary>Orders the work on some surfaces.</summary>
    /// <param name="sequences">The steps on each kind of surface, as they are done by themselves.</param>
    public RoomOrder(ImmutableArray<ImmutableArray<Step>> sequences)
    {
        this.sequences = sequences;
        sharing = [.. sequences.Select(Sharable)];
        Shared = Enum.GetValues<SetUp>()
            .Select(kind =>
                (
                    Kind: kind,
                    Steps: Enumerable
                        .Range(0, sequences.Length)
                        .Where(i => sharing[i].Contains(kind))
                        .SelectMany(i => sequences[i].Where(s => s.Act.Operation.Once?.As == kind).Select(s => (Sequence: i, Step: s)))
                        .ToImmutableArray()
                )
            )
            .Where(g => g.Steps.Select(s => s.Sequence).Distinct().Count() > 1)
            .ToImmutableDictionary(g => g.Kind, g => g.Steps);
        Parts = [.. Ordered().Where(p => !p.Steps.IsEmpty)];
    }

    /// <summary>What is made once, with the steps of each sequence that it stands for: two or more sequences each.</summary>
    public ImmutableDictionary<SetUp, ImmutableArray<(int Sequence, Step Step)>> Shared { get; }

    /// <summary>The parts of the work, in order.</summary>
    public ImmutableArray<RoomPart> Parts { get; }

    /// <summary>The one that stands for the rest: the dearest, for a tower serves for a platform and not the other way round.</summary>
    public static (int Sequence, Step Step) Stands(ImmutableArray<(int Sequence, Step Step)> shared) => shared.MaxBy(s => s.Step.Spend.Money);

    private IEnumerable<RoomPart> Ordered()
    {
        var metal = sequences.Select(s => s.Any(x => Metals.Contains(x.Before.Get(Facets.Substrate)))).ToArray();
        var all = Enumerable.Range(0, sequences.Length).ToArray();
        yield return new(RoomPhase.SettingUp, null, [.. InFront.Where(Shared.ContainsKey).Select(Once)]);
        // Whatever disturbs lead comes before any other surface is painted: its dust would lie on the fresh coats.
        var alone = sequences.Count(s => !s.IsEmpty) < 2;
        var lead = sequences.Select(s => alone ? 0 : LeadWork(s)).ToArray();
        // Metal that is prepared rusts by the hour: it is the last to be prepared and the first to be coated.
        foreach (var i in all.OrderBy(i => metal[i]))
        {
            yield return new(RoomPhase.Preparing, i, Own(i, 0, lead[i]));
        }

        yield return new(RoomPhase.ClearingLead, null, Shared.ContainsKey(SetUp.LeadClearing) ? [Once(SetUp.LeadClearing)] : []);
        foreach (var i in all.OrderByDescending(i => lead[i] > 0 && metal[i]))
        {
            yield return new(RoomPhase.Finishing, i, Own(i, lead[i], sequences[i].Length));
        }

        yield return new(RoomPhase.ClearingUp, null, Shared.ContainsKey(SetUp.Clearing) ? [Once(SetUp.Clearing)] : []);
    }

    private static readonly HashSet<Substrate> Metals = [.. Substrates.Family(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous)];

    // How many steps there are up to where the lead area is cleared; 0 where there is none.
    private static int LeadWork(ImmutableArray<Step> steps) =>
        steps.LastOrDefault(s => s.Act.Operation.Once?.As == SetUp.LeadClearing) is { } clearing ? steps.IndexOf(clearing) + 1 : 0;

    private RoomStep Once(SetUp kind)
    {
        var (sequence, step) = Stands(Shared[kind]);
        return new(sequence, step, Shared[kind]);
    }

    // What is left to do on the surfaces themselves. While walls dry, heat and air serve all of them, but each waits for its own reading.
    private ImmutableArray<RoomStep> Own(int sequence, int from, int to) =>
        [
            .. sequences[sequence]
                [from..to]
                .Where(s => s.Act.Operation.Once is not { As: not SetUp.Drying } once || !Shared.TryGetValue(once.As, out var shared) || !shared.Contains((sequence, s)))
                .Select(s => new RoomStep(sequence, s, [(sequence, s)])),
        ];

    // What of a sequence may be made for the whole room: all of it, all but the lead area, or nothing, as the transition function says.
    private static ImmutableHashSet<SetUp> Sharable(ImmutableArray<Step> steps)
    {
        var kinds = steps.Select(s => s.Act.Operation.Once?.As).OfType<SetUp>().ToImmutableHashSet();
        return IsSound(steps, kinds) ? kinds
            : IsSound(steps, kinds.Except(Lead)) ? kinds.Except(Lead)
            : [];
    }

    private static bool IsSound(ImmutableArray<Step> steps, ImmutableHashSet<SetUp> shared)
    {
        // Set up twice, it is not set up once.
        if (steps.Select(s => s.Act.Operation.Once?.As).OfType<SetUp>().Where(shared.Contains).GroupBy(k => k).Any(g => g.Count() > 1))
        {
            return false;
        }

        var condition = steps.IsEmpty ? default : steps[0].Before;
        foreach (var step in steps.OrderBy(s => Place(s, shared)))
        {
            var done = Treatments.Apply(condition, step.Act, Math.Max(step.WaitBefore, Treatments.WaitFor(condition, step.Act) / 60.0));
            if (!done.IsSound)
            {
                return false;
            }

            condition = done.After;
        }

        var (end, moved) = (steps.IsEmpty ? default : steps[^1].After, condition);
        return (Treatments.Satisfied(end.After(end.LongestLeft)) - Treatments.Satisfied(moved.After(moved.LongestLeft))).IsEmpty;
    }

    // Stable: what is not moved keeps its order.
    private static int Place(Step step, ImmutableHashSet<SetUp> shared) =>
        step.Act.Operation.Once is not { } once || !shared.Contains(once.As) ? 0
        : Array.IndexOf(InFront, once.As) is >= 0 and var at ? at - InFront.Length
        : once.As == SetUp.Clearing ? 1
        : 0;
}
