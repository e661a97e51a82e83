namespace AllSound.Planning;

/// <summary>
/// Finds one disjunctive action landmark after another (a set of operators of which every plan uses at least one) and takes its cost off the
/// operators in it. (LM-cut: M. Helmert and C. Domshlak 2009, from memory.)
/// </summary>
/// <example>To be out of a room with a door and a window, {open door, break window} is a landmark; it costs the cheaper of the two.</example>
internal sealed class LmCut
{
    private const int Never = -2;
    private const int FromStart = -1;

    private readonly RelaxedTask graph;
    private readonly IndexSet goal;
    private readonly IndexSet held;
    private readonly long[] cost;
    private readonly long[] left;
    private readonly byte[] unmet;
    private readonly byte[] waiting;

    // By slot the dearest of its preconditions (its supporter); by proposition the least cost of reaching it (h-max).
    private readonly int[] support;
    private readonly long[] value = new long[IndexSet.Capacity];
    private readonly List<int> fromStart = [];
    private readonly List<int> cut = [];

    /// <param name="graph">The delete relaxation.</param>
    /// <param name="goal">What must hold at the end.</param>
    /// <param name="costs">By operator: its cost; null where it may not be used.</param>
    /// <param name="deletes">True when every raise of the counter deletes what the next requires.</param>
    public LmCut(RelaxedTask graph, IndexSet goal, long?[] costs, bool deletes)
    {
        this.graph = graph;
        this.goal = goal - graph.Initial;
        held = deletes ? default : graph.RestoredPlaces;
        var count = graph.Adds.Length;
        cost = new long[count];
        unmet = new byte[count];
        waiting = new byte[count];
        support = new int[count];
        for (var slot = 0; slot < count; slot++)
        {
            var own = graph.Adds[slot].IsEmpty ? null : costs[graph.Split.Copies[slot].Operator];
            cost[slot] = own ?? 0;
            unmet[slot] = own is null ? byte.MaxValue : (byte)(graph.Preconditions[slot] - held).Count;
            if (unmet[slot] == 0)
            {
                fromStart.Add(slot);
            }
        }

        left = [.. cost];
    }

    /// <summary>What the landmarks found have taken of the cost of an operator, by its slot.</summary>
    public long Taken(int slot) => cost[slot] - left[slot];

    /// <summary>The next landmark, by slots, with its cost; null when there are no more. The list is reused by the next call.</summary>
    /// <param name="trifle">Stop once the dearest goal is reached for no more than this.</param>
    public (List<int> Slots, long Cost)? Next(long trifle)
    {
        if (Values() is not { } dearest || value[dearest] <= trifle)
        {
            return null;
        }

        var least = Leading(Zone(dearest));
        foreach (var a in cut)
        {
            left[a] -= least;
        }

        return least == 0 ? null : (cut, least);
    }

    // The dearest proposition of the goal, or null when one is out of reach. A proposition costs what its cheapest operator costs, an
    // operator its own cost and that of its dearest precondition.
    private int? Values()
    {
        Array.Fill(value, long.MaxValue);
        Array.Fill(support, Never);
        Array.Copy(unmet, waiting, waiting.Length);
        var settled = held;
        var frontier = default(IndexSet);
        foreach (var a in fromStart)
        {
            support[a] = FromStart;
            Spread(a, 0, settled, ref frontier);
        }

        int? last = null;
        while (!frontier.IsEmpty)
        {
            // All that is reached at the same cost, and what follows from it for nothing, at once.
            var least = long.MaxValue;
            for (var n = frontier.Next(0); n >= 0; n = frontier.Next(n + 1))
            {
                least = Math.Min(least, value[n]);
            }

            for (var n = frontier.Next(0); n >= 0; n = frontier.Next(n + 1))
            {
                if (value[n] != least)
                {
                    continue;
                }

                settled |= IndexSet.Of(n);
                frontier -= IndexSet.Of(n);
                last = goal.Contains(n) ? n : last;
                foreach (var a in graph.Requiring(n))
                {
                    // What may not be used waits for more propositions than there are.
                    if (--waiting[a] == 0)
                    {
                        support[a] = n;
                        Spread(a, least, settled, ref frontier);
                    }
                }
            }
        }

        return goal.IsSubsetOf(settled) ? last : null;
    }

    private void Spread(int a, long from, in IndexSet settled, ref IndexSet frontier)
    {
        var to = graph.Adds[a] - settled;
        for (var n = to.Next(0); n >= 0; n = to.Next(n + 1))
        {
            value[n] = Math.Min(value[n], from + left[a]);
        }

        frontier |= to;
    }

    // Propositions from which the dearest goal follows at no further cost.
    private IndexSet Zone(int dearest)
    {
        var zone = IndexSet.Of(dearest);
        for (var todo = zone; !todo.IsEmpty; )
        {
            var n = todo.Next(0);
            todo -= IndexSet.Of(n);
            foreach (var a in graph.Adding(n))
            {
                if (left[a] == 0 && support[a] >= 0 && !zone.Contains(support[a]))
                {
                    zone |= IndexSet.Of(support[a]);
                    todo |= IndexSet.Of(support[a]);
                }
            }
        }

        return zone;
    }

    // Operators that can be reached without the zone and lead into it; the least of their costs.
    private long Leading(in IndexSet zone)
    {
        cut.Clear();
        var least = long.MaxValue;
        var reached = default(IndexSet);
        var todo = default(IndexSet);
        foreach (var a in fromStart)
        {
            Take(a, zone, ref reached, ref todo, ref least);
        }

        while (!todo.IsEmpty)
        {
            var n = todo.Next(0);
            todo -= IndexSet.Of(n);
            foreach (var a in graph.Requiring(n))
            {
                if (support[a] == n)
                {
                    Take(a, zone, ref reached, ref todo, ref least);
                }
            }
        }

        return least;
    }

    private void Take(int a, in IndexSet zone, ref IndexSet reached, ref IndexSet todo, ref long least)
    {
        if (graph.Adds[a].Overlaps(zone))
        {
            cut.Add(a);
            least = Math.Min(least, left[a]);
        }

        var more = graph.Adds[a] - zone - reached;
        reached |= more;
        todo |= more;
    }
}
