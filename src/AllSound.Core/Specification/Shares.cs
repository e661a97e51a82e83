namespace AllSound.Core.Specification;

/// <summary>
/// A bound from below on what a finished sequence costs from here, for sequences made of certain acts at certain
/// costs. Each act's cost is handed out to the landmarks that it can give, so that its shares never sum to more than it
/// costs; then the shares of all open ones never sum to more than what is still to pay.
/// </summary>
internal sealed class Shares
{
    private readonly NeedLandmarks landmarks;
    private readonly IndexSet coatCounts;
    private readonly long[] whole;
    private readonly long[] rest;

    /// <param name="landmarks">Needs on which every way hangs.</param>
    /// <param name="now">Needs that hold at the start, for the order in which shares are handed out.</param>
    /// <param name="used">The acts that the sequences are made of: of all acts that give the landmarks those that nothing beats.</param>
    /// <param name="costs">By act: its cost.</param>
    /// <param name="taken">By act: what another bound takes of it; empty for nothing.</param>
    /// <param name="coatCounts">Needs that count finish coats: all are given by the same acts, the finish coats.</param>
    public Shares(NeedLandmarks landmarks, in IndexSet now, IndexSet used, long[] costs, long[] taken, IndexSet coatCounts)
    {
        this.landmarks = landmarks;
        this.coatCounts = coatCounts;
        whole = HandOut(now, used, costs, []);
        rest = taken.Length == 0 ? whole : HandOut(now, used, costs, taken);
    }

    /// <summary>The bound, given what holds; null when the goal cannot be reached by these acts.</summary>
    /// <param name="satisfied">Needs that hold.</param>
    /// <param name="other">What the other bound comes to: the shares in what it leaves are added to it, where that is more than the shares in all.</param>
    /// <param name="apart">What is to pay besides, counted in no share.</param>
    /// <param name="apartLeft">What the other bound leaves of that.</param>
    public long? Bound(in IndexSet satisfied, long other, long apart = 0, long apartLeft = 0)
    {
        var open = landmarks.Open(satisfied);
        return landmarks.AreLost(open) ? null : Math.Max(apart + open.Sum(whole), apartLeft + other + open.Sum(rest));
    }

    // Needs are served in turn, those open now and with fewest givers first; each takes what its cheapest giver has left.
    private long[] HandOut(in IndexSet now, IndexSet used, long[] costs, long[] taken)
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
            var givers = landmarks.Givers(n) & used;
            if (!givers.IsEmpty)
            {
                order[count++] = (now.Contains(n) ? 1 << 20 : 0) + (givers.Count << 10) + n;
            }
        }

        order = order[..count];

        order.Sort();
        var coats = default(IndexSet);
        foreach (var key in order)
        {
            var n = key & 0x3FF;
            if (coatCounts.Contains(n))
            {
                if (!coats.IsEmpty)
                {
                    continue;
                }

                // Thresholds of the coat count are met by separate coats: each may take the same share of the act's cost.
                coats = landmarks.All & coatCounts;
            }

            var from = landmarks.Givers(n) & used;
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
            if (coatCounts.Contains(n))
            {
                for (var c = coats.Next(0); c >= 0; c = coats.Next(c + 1))
                {
                    share[c] = take;
                }
            }
        }

        return share;
    }
}
