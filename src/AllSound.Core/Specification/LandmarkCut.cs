namespace AllSound.Core.Specification;

/// <summary>
/// Finds one set of acts after another of which every finished sequence must use one, and takes its cost off the acts in
/// it: the LM-cut method (Helmert and Domshlak 2009, from memory).
/// </summary>
internal sealed class LandmarkCut
{
    private const int Never = -2;
    private const int FromStart = -1;

    private readonly LandmarkGraph graph;
    private readonly IndexSet wanted;
    private readonly IndexSet held;
    private readonly long[] cost;
    private readonly long[] left;
    private readonly byte[] unmet;
    private readonly byte[] waiting;

    // For each act the dearest need of its own; for each need what it costs at least to come by it.
    private readonly int[] support;
    private readonly long[] value = new long[IndexSet.Capacity];
    private readonly List<int> fromStart = [];
    private readonly List<int> cut = [];

    /// <param name="graph">The acts.</param>
    /// <param name="goal">The goal's needs.</param>
    /// <param name="costs">By act: what it costs; null where the act is not to be used.</param>
    /// <param name="spoils">True when every finish coat spoils what the next asks for.</param>
    public LandmarkCut(LandmarkGraph graph, IndexSet goal, long?[] costs, bool spoils)
    {
        this.graph = graph;
        wanted = goal - graph.Start;
        held = spoils ? default : graph.MendedPlaces;
        var count = graph.Gives.Length;
        cost = new long[count];
        unmet = new byte[count];
        waiting = new byte[count];
        support = new int[count];
        for (var slot = 0; slot < count; slot++)
        {
            var own = graph.Gives[slot].IsEmpty ? null : costs[graph.Split.Copies[slot].Act];
            cost[slot] = own ?? 0;
            unmet[slot] = own is null ? byte.MaxValue : (byte)(graph.Needs[slot] - held).Count;
            if (unmet[slot] == 0)
            {
                fromStart.Add(slot);
            }
        }

        left = [.. cost];
    }

    /// <summary>What the sets found have taken of the cost of an act, by its slot.</summary>
    public long Taken(int slot) => cost[slot] - left[slot];

    /// <summary>The next set, by slots, with its cost; null when there is no more to be had. Good until the next call.</summary>
    /// <param name="trifle">What is not worth looking for.</param>
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

    // The goal's dearest need, or null when one is out of reach. Each need costs what its cheapest act costs, each act
    // besides its own cost what its dearest need costs.
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
            // All that is to be had for the same, and what follows from it for nothing, at once.
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
                last = wanted.Contains(n) ? n : last;
                foreach (var a in graph.Asking(n))
                {
                    // What is not to be used waits for more than there is.
                    if (--waiting[a] == 0)
                    {
                        support[a] = n;
                        Spread(a, least, settled, ref frontier);
                    }
                }
            }
        }

        return wanted.IsSubsetOf(settled) ? last : null;
    }

    private void Spread(int a, long from, in IndexSet settled, ref IndexSet frontier)
    {
        var to = graph.Gives[a] - settled;
        for (var n = to.Next(0); n >= 0; n = to.Next(n + 1))
        {
            value[n] = Math.Min(value[n], from + left[a]);
        }

        frontier |= to;
    }

    // Needs from which the goal's dearest need follows at no further cost.
    private IndexSet Zone(int dearest)
    {
        var zone = IndexSet.Of(dearest);
        for (var todo = zone; !todo.IsEmpty; )
        {
            var n = todo.Next(0);
            todo -= IndexSet.Of(n);
            foreach (var a in graph.Giving(n))
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

    // Acts that can be come by without the zone and lead into it; the least of their costs.
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
            foreach (var a in graph.Asking(n))
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
        if (graph.Gives[a].Overlaps(zone))
        {
            cut.Add(a);
            least = Math.Min(least, left[a]);
        }

        var more = graph.Gives[a] - zone - reached;
        reached |= more;
        todo |= more;
    }
}
