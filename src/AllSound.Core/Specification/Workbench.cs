using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// What matters on one surface, made ready once for all the searches on it: the acts that can help, and the needs that
/// can ever be open, numbered anew so that their sets are small.
/// </summary>
internal sealed class Workbench
{
    private readonly GroundActs ground;
    private readonly int[] local;
    private readonly (int Facet, IndexSet[] ByValue)[] held;
    private readonly (int Facet, IndexSet[] ByValue)[] changing;
    private readonly IndexSet[] needing;
    private readonly IndexSet everyAct;
    private readonly IndexSet everyNeed;

    /// <param name="start">The condition to start from.</param>
    /// <param name="goal">What must hold at the end, whatever else a search asks for.</param>
    /// <param name="also">What single searches may ask for besides.</param>
    /// <param name="allowed">Acts that the brief allows.</param>
    public Workbench(Condition start, IEnumerable<Need> goal, IEnumerable<Need> also, Act[] allowed)
    {
        Start = start;
        ground = GroundActs.Of(start);
        var wanted = goal.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        var more = also.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        var relevance = Relevance.Of(wanted, more, Array.FindAll(allowed, ground.IsPossible), start);
        Missing = relevance.Missing;
        Acts = relevance.Acts;
        if (Acts.Length > IndexSet.Capacity)
        {
            throw new InvalidOperationException($"More than {IndexSet.Capacity} acts matter at once.");
        }

        wanted |= more;
        local = Number(start, wanted, relevance);
        NeedsOf = [.. Acts.Select(a => Local(a.NeedSet))];
        Gives = [.. relevance.Gives.Select(g => Local(g))];
        var keeping = Relevance.GivesAmong([.. Acts.Where(a => !a.Strips)], start);
        var k = 0;
        GivesKeeping = [.. Acts.Select(a => a.Strips ? default : Local(keeping[k++]))];
        Interference = ground.Interference(Acts);
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

        held = Held(relevance.Needs | wanted);
        changing = Changing(Helpful(relevance.Needs | wanted));
    }

    /// <summary>The condition to start from.</summary>
    public Condition Start { get; }

    /// <summary>Needs that nothing can give and that every way to the goal hangs on.</summary>
    public ImmutableArray<Need> Missing { get; }

    /// <summary>Acts that can help, in catalogue order.</summary>
    public Act[] Acts { get; }

    /// <summary>Needs that can ever be open.</summary>
    public int Count { get; private set; }

    /// <summary>For each act, what it needs.</summary>
    public IndexSet[] NeedsOf { get; }

    /// <summary>For each act, the needs that it could turn true.</summary>
    public IndexSet[] Gives { get; }

    /// <summary>The same on ways on which the film is never stripped.</summary>
    public IndexSet[] GivesKeeping { get; }

    /// <summary>For each act, those whose order with it matters.</summary>
    public IndexSet[] Interference { get; }

    /// <summary>Acts of one kind have the same effects here.</summary>
    public int Kind(int act) => ground.Kind(Acts[act]);

    /// <summary>The condition once an act is done and everything that it left wet has dried.</summary>
    public Condition Settled(in Condition condition, int act) => condition.Changed(ground.Effects(Acts[act]));

    /// <summary>Number of a need here, or -1 when it always holds.</summary>
    public int Local(Need need) => local[need.Index];

    /// <summary>The needs among these that can ever be open.</summary>
    public IndexSet Local(in NeedSet needs)
    {
        var set = default(IndexSet);
        for (var n = needs.Next(0); n >= 0; n = needs.Next(n + 1))
        {
            set |= local[n] >= 0 ? IndexSet.Of(local[n]) : default;
        }

        return set;
    }

    /// <summary>The needs that hold of a condition in which everything is dry.</summary>
    public IndexSet Satisfied(in Condition condition)
    {
        var set = default(IndexSet);
        foreach (var (facet, byValue) in held)
        {
            set |= byValue[condition[facet]];
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

    /// <summary>
    /// Acts that could help: make something true that some need asks for, or change what an effect hangs on. The others
    /// leave all as it is or only spoil, and begin no cheapest sequence.
    /// </summary>
    public IndexSet CanHelp(in Condition condition)
    {
        var set = default(IndexSet);
        foreach (var (facet, byValue) in changing)
        {
            set |= byValue[condition[facet]];
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
            numbers[n] = always ? -1 : Count++;
        }

        if (Count > IndexSet.Capacity)
        {
            throw new InvalidOperationException($"More than {IndexSet.Capacity} needs matter at once.");
        }

        return numbers;
    }

    private (int, IndexSet[])[] Held(NeedSet needs)
    {
        var rows = new IndexSet[Facets.All.Length][];
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

        return [.. rows.Select((row, facet) => (facet, row)).Where(x => x.row is not null)];
    }

    // By facet and value: the acts with an effect that would make it a helpful other, whatever its guards.
    private (int, IndexSet[])[] Changing(ulong[][] helpful)
    {
        var sets = new IndexSet[Facets.All.Length][];
        for (var a = 0; a < Acts.Length; a++)
        {
            foreach (var effect in ground.Effects(Acts[a]))
            {
                var facet = effect.Facet;
                var row = sets[facet.Index] ??= new IndexSet[facet.Size];
                for (byte value = 0; value < row.Length; value++)
                {
                    row[value] |= ((helpful[facet.Index][value] >> effect.Result(value)) & 1) != 0 ? IndexSet.Of(a) : default;
                }
            }
        }

        return [.. sets.Select((row, facet) => (facet, row)).Where(x => x.row is not null && Array.Exists(x.row, s => !s.IsEmpty))];
    }

    // By facet and value: the values whose taking its place makes true some test that did not hold. Test by test, since a
    // need that holds for one reason may later hang on another. Counts, and what effects or costs hang on, always may.
    private ulong[][] Helpful(NeedSet needs)
    {
        var masks = Facets.All.Select(f => new ulong[f.Size]).ToArray();
        void Any(Facet facet)
        {
            for (var value = 0; value < facet.Size; value++)
            {
                masks[facet.Index][value] = ~(1UL << value);
            }
        }

        for (var n = needs.Next(0); n >= 0; n = needs.Next(n + 1))
        {
            if (local[n] < 0)
            {
                continue;
            }

            foreach (var test in Needs.All[n].Any)
            {
                for (byte value = 0; value < test.Facet.Size; value++)
                {
                    masks[test.Facet.Index][value] |= test.Allows(value) ? 0 : test.Allowed;
                }
            }
        }

        foreach (var act in Acts)
        {
            foreach (var effect in ground.Effects(act))
            {
                foreach (var guard in effect.When)
                {
                    Any(guard.Facet);
                }

                if (effect.Change is Change.Increase or Change.Decrease)
                {
                    Any(effect.Facet);
                }
            }
        }

        Any(Facets.Film);
        return masks;
    }
}
