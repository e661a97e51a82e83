using System.Collections.Immutable;
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
    private NeedSet numbered;

    private readonly IndexSet[] needing = [];
    private readonly IndexSet everyAct;
    private readonly IndexSet everyNeed;

    /// <param name="start">The condition to start from.</param>
    /// <param name="goal">What must hold at the end, whatever else a search asks for.</param>
    /// <param name="also">What single searches may ask for besides.</param>
    /// <param name="allowed">Acts that the brief allows.</param>
    public Workbench(Condition start, IEnumerable<Need> goal, IEnumerable<Need> also, Act[] allowed)
    {
        ground = GroundActs.Of(start);
        var wanted = goal.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        var more = also.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        var relevance = Relevance.Of(wanted, more, ground, Array.FindAll(allowed, ground.IsPossible), start);
        Missing = relevance.Missing;
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

        States = new StateSpace(start, relevance.Values, ground.Unlike, Array.ConvertAll(Acts, ground.Numbers), Held(relevance.Needs | wanted));
        var nibs = Local(Treatment.Needs.NibsOff);
        var split = new ContextSplit(States, NeedsOf, Count, IndexSet.Capacity - LandmarkGraph.OwnPlaces, nibs);
        var now = States.Of(States.Start).Satisfied;
        Kept = new LandmarkGraph(split, GivesKeeping, now, nibs);

        // Whatever strips takes the film off, also where nothing here asks for that.
        var gone = Local(Treatment.Needs.FilmGone);
        Any = new LandmarkGraph(split, [.. Gives.Select((g, a) => Acts[a].Strips && gone >= 0 ? g | IndexSet.Of(gone) : g)], now, nibs);
        OutdoneBy = [.. Enumerable.Range(0, Acts.Length).Select(Outdoing)];
        Interference = States.Interference(NeedsOf, [.. Acts.Select(a => a.Operation.Extent is Extent.Once)]);
    }

    /// <summary>The conditions that can come about, as far as they matter.</summary>
    public StateSpace States { get; } = null!;

    /// <summary>What is needed and given on ways on which the film is never stripped.</summary>
    public LandmarkGraph Kept { get; } = null!;

    /// <summary>What is needed and given on any way.</summary>
    public LandmarkGraph Any { get; } = null!;

    /// <summary>Needs that nothing can give and that every way to the goal hangs on.</summary>
    public ImmutableArray<Need> Missing { get; }

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

    private IndexSet Outdoing(int act)
    {
        var set = default(IndexSet);
        for (var a = 0; a < Acts.Length; a++)
        {
            set |= a != act && NeedsOf[a].IsSubsetOf(NeedsOf[act]) && States.Outdoes(a, act) ? IndexSet.Of(a) : default;
        }

        return set;
    }

    // Needs about drying always hold once everything is dry; so does a need that holds by a facet that no act changes.
    private int[] Number(Condition start, NeedSet wanted, Relevance relevance)
    {
        var changes = new bool[Facets.All.Length];
        foreach (var act in Acts)
        {
            foreach (var effect in ground.Effects(act))
            {
                changes[effect.Facet.Index] = true;
            }
        }

        var numbers = new int[Needs.All.Length];
        Array.Fill(numbers, -1);
        var all = (relevance.Needs | wanted) - Relevance.Clocks;
        for (var n = all.Next(0); n >= 0; n = all.Next(n + 1))
        {
            var always = Needs.All[n].Any.Any(t => !changes[t.Facet.Index] && t.Holds(start));
            if (!always)
            {
                numbers[n] = Count++;
                numbered |= NeedSet.Of(n);
            }
        }

        if (Count > IndexSet.Capacity)
        {
            throw new InvalidOperationException($"More than {IndexSet.Capacity} needs matter at once.");
        }

        return numbers;
    }

    // By facet and value: the needs that it makes hold.
    private IndexSet[]?[] Held(NeedSet needs)
    {
        var rows = new IndexSet[]?[Facets.All.Length];
        for (var n = needs.Next(0); n >= 0; n = needs.Next(n + 1))
        {
            if (local[n] < 0)
            {
                continue;
            }

            foreach (var test in Needs.All[n].Any)
            {
                var row = rows[test.Facet.Index] ??= new IndexSet[test.Facet.Size];
                for (byte value = 0; value < row.Length; value++)
                {
                    row[value] |= test.Allows(value) ? IndexSet.Of(local[n]) : default;
                }
            }
        }

        return rows;
    }
}
