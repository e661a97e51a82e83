namespace AllSound.Planning;

/// <summary>
/// A lower bound on what is still to pay, for plans made of certain operators at certain costs. Each operator's cost is divided among the fact
/// landmarks that it can achieve, so that its shares never sum to more than it costs; so the shares of all open landmarks never sum to more
/// than what is still to pay. (Cost partitioning over landmarks: E. Karpas and C. Domshlak 2009, from memory; the shares here are greedy.)
/// </summary>
/// <example>Two goals, "door painted" 3 and "wall painted" 4, with no operator in common: the bound is 7.</example>
internal sealed class CostPartitioning
{
    private readonly FactLandmarks landmarks;
    private readonly IndexSet thresholds;
    private readonly long[] whole;
    private readonly long[] rest;

    /// <param name="landmarks">The fact landmarks.</param>
    /// <param name="now">Propositions that hold initially, for the order in which shares are divided.</param>
    /// <param name="used">The operators that plans are made of.</param>
    /// <param name="costs">By operator: its cost.</param>
    /// <param name="taken">By operator: what another bound takes of its cost; empty for nothing.</param>
    /// <param name="thresholds">Propositions that hold from some count on: all are achieved by the operators that raise the counter.</param>
    public CostPartitioning(FactLandmarks landmarks, in IndexSet now, IndexSet used, long[] costs, long[] taken, IndexSet thresholds)
    {
        this.landmarks = landmarks;
        this.thresholds = thresholds;
        whole = Divide(now, used, costs, []);
        rest = taken.Length == 0 ? whole : Divide(now, used, costs, taken);
    }

    /// <summary>The bound, given what holds; null when the goal cannot be reached by these operators.</summary>
    /// <param name="holding">Propositions that hold.</param>
    /// <param name="other">The other bound: the shares in what it leaves are added to it, where that is more than the shares in the whole costs.</param>
    /// <param name="apart">What is to pay besides, in no share.</param>
    /// <param name="apartLeft">What the other bound leaves of that.</param>
    public long? Bound(in IndexSet holding, long other, long apart = 0, long apartLeft = 0)
    {
        var open = landmarks.Open(holding);
        return landmarks.AreLost(open) ? null : Math.Max(apart + open.Sum(whole), apartLeft + other + open.Sum(rest));
    }

    // Landmarks are served in turn, those open now and with the fewest achievers first; each takes what its cheapest achiever has left.
    private long[] Divide(in IndexSet now, IndexSet used, long[] costs, long[] taken)
    {
        Span<long> left = stackalloc long[costs.Length];
        costs.CopyTo(left);
        for (var a = 0; a < taken.Length; a++)
        {
            left[a] = Math.Max(0, left[a] - taken[a]);
        }

        var share = new long[IndexSet.Capacity];
        Span<int> order = stackalloc int[landmarks.All.Count];
        var count = 0;
        for (var n = landmarks.All.Next(0); n >= 0; n = landmarks.All.Next(n + 1))
        {
            var achievers = landmarks.Achievers(n) & used;
            if (!achievers.IsEmpty)
            {
                order[count++] = (now.Contains(n) ? 1 << 20 : 0) + (achievers.Count << 10) + n;
            }
        }

        order = order[..count];

        order.Sort();
        var reached = default(IndexSet);
        foreach (var key in order)
        {
            var n = key & 0x3FF;
            if (thresholds.Contains(n))
            {
                if (!reached.IsEmpty)
                {
                    continue;
                }

                // Thresholds are reached by separate raises: each may take the same share of the operator's cost.
                reached = landmarks.All & thresholds;
            }

            var from = landmarks.Achievers(n) & used;
            var take = long.MaxValue;
            for (var a = from.Next(0); a >= 0; a = from.Next(a + 1))
            {
                take = Math.Min(take, left[a]);
            }

            for (var a = from.Next(0); a >= 0; a = from.Next(a + 1))
            {
                left[a] -= take;
            }

            share[n] = take;
            if (thresholds.Contains(n))
            {
                for (var c = reached.Next(0); c >= 0; c = reached.Next(c + 1))
                {
                    share[c] = take;
                }
            }
        }

        return share;
    }
}
