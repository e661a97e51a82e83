using System.Collections.Immutable;
using System.Numerics;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// What matters on one surface, made ready once for all the searches on it: the acts that can help, and the needs that
/// can ever be open, numbered anew so that their sets are small. Where something is missing there is nothing to search,
/// and only <see cref="Missing"/> is to be asked for.
/// </summary>
internal sealed class Workbench
{
    private readonly GroundActs ground;
    private readonly int[] local = [];
    private readonly Lazy<(LandmarkGraph Kept, LandmarkGraph Any)> graphs = null!;
    private NeedSet numbered;

    private readonly IndexSet[] needing = [];
    private readonly IndexSet everyAct;
    private readonly IndexSet everyNeed;

    /// <param name="start">The condition to start from.</param>
    /// <param name="goal">What must hold at the end, whatever else a search asks for.</param>
    /// <param name="also">What single searches may ask for besides.</param>
    /// <param name="allowed">Acts that the brief allows.</param>
    /// <param name="priced">False where only ways are looked for and not what they cost: what the bounds on cost stand on is then made when it is asked for.</param>
    public Workbench(Condition start, IEnumerable<Need> goal, IEnumerable<Need> also, Act[] allowed, bool priced = true)
    {
        ground = GroundActs.Of(start);
        var wanted = goal.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        var more = also.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        var relevance = Relevance.Of(wanted, more, ground, Array.FindAll(allowed, ground.IsPossible), start);
        Missing = relevance.Missing;
        Reached = relevance.Reached;
        Acts = relevance.Acts;
        if (!Missing.IsEmpty)
        {
            return;
        }

        if (Acts.Length > IndexSet.Capacity)
        {
            throw new InvalidOperationException($"More than {IndexSet.Capacity} acts matter at once.");
        }

        wanted |= more;
        local = Number(start, wanted, relevance);
        NeedsOf = [.. Acts.Select(a => Local(a.NeedSet))];
        Gives = [.. relevance.Gives.Select(g => Local(g))];
        var keeping = Relevance.GivesAmong(ground, [.. Acts.Where(a => !a.Strips)], start);
        var k = 0;
        GivesKeeping = [.. Acts.Select(a => a.Strips ? default : Local(keeping[k++]))];
        CoatCounts = Enumerable
            .Range(1, 5)
            .Aggregate(default(IndexSet), (set, n) => Local(Treatment.Needs.Topcoats(n)) is >= 0 and var place ? set | IndexSet.Of(place) : set);
        needing = new IndexSet[Count];
        for (var a = 0; a < Acts.Length; a++)
        {
            everyAct |= IndexSet.Of(a);
            everyNeed |= NeedsOf[a];
            for (var n = NeedsOf[a].Next(0); n >= 0; n = NeedsOf[a].Next(n + 1))
            {
                needing[n] |= IndexSet.Of(a);
            }
        }

        States = new StateSpace(start, relevance.Values, ground.Unlike, Array.ConvertAll(Acts, ground.Numbers), Held(relevance.Values));
        graphs = new(Graphs);
        (OutdoneBy, Interference) = priced ? Lanes.Both(() => graphs.Value, Rivalry).Item2 : Rivalry();
    }

    /// <summary>The conditions that can come about, as far as they matter.</summary>
    public StateSpace States { get; } = null!;

    /// <summary>What is needed and given on ways on which the film is never stripped.</summary>
    public LandmarkGraph Kept => graphs.Value.Kept;

    /// <summary>What is needed and given on any way.</summary>
    public LandmarkGraph Any => graphs.Value.Any;

    /// <summary>Needs that nothing can give and that every way to the goal hangs on.</summary>
    public ImmutableArray<Need> Missing { get; }

    /// <summary>Needs that hold or can be made to, were nothing ever spoilt. Known also where something is missing.</summary>
    public NeedSet Reached { get; }

    /// <summary>Acts that can help, in catalogue order.</summary>
    public Act[] Acts { get; }

    /// <summary>Needs that can ever be open.</summary>
    public int Count { get; private set; }

    /// <summary>For each act, what it needs.</summary>
    public IndexSet[] NeedsOf { get; } = [];

    /// <summary>For each act, the needs that it could turn true.</summary>
    public IndexSet[] Gives { get; } = [];

    /// <summary>The same on ways on which the film is never stripped.</summary>
    public IndexSet[] GivesKeeping { get; } = [];

    /// <summary>For each act, the others that ask for no more and, whatever the state, leave everything at least as good.</summary>
    public IndexSet[] OutdoneBy { get; } = [];

    /// <summary>For each act, those whose order with it matters.</summary>
    public IndexSet[] Interference { get; } = [];

    /// <summary>Needs that count finish coats.</summary>
    public IndexSet CoatCounts { get; }

    /// <summary>Number of a need here, or -1 when it always holds.</summary>
    public int Local(Need need) => local[need.Index];

    /// <summary>The needs among these that can ever be open.</summary>
    public IndexSet Local(in NeedSet needs)
    {
        var set = default(IndexSet);
        var those = needs & numbered;
        for (var n = those.Next(0); n >= 0; n = those.Next(n + 1))
        {
            set |= IndexSet.Of(local[n]);
        }

        return set;
    }

    /// <summary>Acts whose needs all hold.</summary>
    public IndexSet Applicable(in IndexSet satisfied)
    {
        var blocked = default(IndexSet);
        var unmet = everyNeed - satisfied;
        for (var n = unmet.Next(0); n >= 0; n = unmet.Next(n + 1))
        {
            blocked |= needing[n];
        }

        return everyAct - blocked;
    }

    private (LandmarkGraph Kept, LandmarkGraph Any) Graphs()
    {
        var nibs = Local(Treatment.Needs.NibsOff);
        var split = new ContextSplit(States, NeedsOf, Count, IndexSet.Capacity - LandmarkGraph.OwnPlaces, nibs);
        var now = States.Of(States.Start).Satisfied;

        // Whatever strips takes the film off, also where nothing here asks for that.
        var gone = Local(Treatment.Needs.FilmGone);
        return (
            new LandmarkGraph(split, GivesKeeping, now, nibs),
            new LandmarkGraph(split, [.. Gives.Select((g, a) => Acts[a].Strips && gone >= 0 ? g | IndexSet.Of(gone) : g)], now, nibs)
        );
    }

    private (IndexSet[] OutdoneBy, IndexSet[] Interference) Rivalry() =>
        ([.. Enumerable.Range(0, Acts.Length).Select(Outdoing)], States.Interference(needing, [.. Acts.Select(a => a.Operation.Extent is Extent.Once)]));

    private IndexSet Outdoing(int act)
    {
        var set = default(IndexSet);
        var asking = Applicable(NeedsOf[act]) - IndexSet.Of(act);
        for (var a = asking.Next(0); a >= 0; a = asking.Next(a + 1))
        {
            set |= States.Outdoes(a, act) ? IndexSet.Of(a) : default;
        }

        return set;
    }

    // Needs about drying always hold once everything is dry; so does a need that holds by a facet that no act changes.
    private int[] Number(Condition start, NeedSet wanted, Relevance relevance)
    {
        var changes = 0UL;
        foreach (var act in Acts)
        {
            changes |= ground.Writes(act);
        }

        var always = default(NeedSet);
        foreach (var facet in Facets.All)
        {
            always |= ((changes >> facet.Index) & 1) == 0 ? Treatments.HeldBy(facet, start[facet]) : default;
        }

        var numbers = new int[Needs.All.Length];
        Array.Fill(numbers, -1);
        numbered = (relevance.Needs | wanted) - Relevance.Clocks - always;
        for (var n = numbered.Next(0); n >= 0; n = numbered.Next(n + 1))
        {
            numbers[n] = Count++;
        }

        if (Count > IndexSet.Capacity)
        {
            throw new InvalidOperationException($"More than {IndexSet.Capacity} needs matter at once.");
        }

        return numbers;
    }

    // By facet and value: the needs that it makes hold, for values that can come about.
    private IndexSet[]?[] Held(ulong[] values)
    {
        var rows = new IndexSet[]?[Facets.All.Length];
        foreach (var facet in Facets.All)
        {
            for (var rest = values[facet.Index]; rest != 0; rest &= rest - 1)
            {
                var value = BitOperations.TrailingZeroCount(rest);
                var held = Treatments.HeldBy(facet, (byte)value) & numbered;
                if (!held.IsEmpty)
                {
                    (rows[facet.Index] ??= new IndexSet[facet.Size])[value] = Local(held);
                }
            }
        }

        return rows;
    }
}
