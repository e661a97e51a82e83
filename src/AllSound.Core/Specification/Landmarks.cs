namespace AllSound.Core.Specification;

/// <summary>
/// A bound from below on what a finished sequence costs from here, for sequences made of certain acts at certain
/// costs. Whatever need is unmet now and is asked for by the goal, or by every act that could give such a need, must be
/// given by some act yet to come. Each act's cost is handed out to the needs that it can give, so that its shares never
/// sum to more than it costs; then the shares of all open needs never sum to more than what is still to pay.
/// </summary>
internal sealed class Landmarks
{
    private readonly IndexSet goal;
    private readonly IndexSet[] common = new IndexSet[IndexSet.Capacity];
    private readonly long[] share = new long[IndexSet.Capacity];
    private readonly IndexSet orphans;
    private readonly IndexSet coatCounts;

    /// <param name="goal">The goal's needs.</param>
    /// <param name="now">Needs that hold at the start, for the order in which shares are handed out.</param>
    /// <param name="acts">The acts that the sequences are made of, their needs given and their costs.</param>
    /// <param name="coatCounts">Needs that count finish coats: all are given by the same acts, the finish coats.</param>
    public Landmarks(IndexSet goal, IndexSet now, IReadOnlyList<(IndexSet Needs, IndexSet Gives, long Cost)> acts, IndexSet coatCounts)
    {
        this.goal = goal;
        this.coatCounts = coatCounts;
        var givers = new IndexSet[IndexSet.Capacity];
        for (var a = 0; a < acts.Count; a++)
        {
            for (var n = acts[a].Gives.Next(0); n >= 0; n = acts[a].Gives.Next(n + 1))
            {
                common[n] = givers[n].IsEmpty ? acts[a].Needs : common[n] & acts[a].Needs;
                givers[n] |= IndexSet.Of(a);
            }
        }

        var landmarks = Close(goal);
        for (var n = landmarks.Next(0); n >= 0; n = landmarks.Next(n + 1))
        {
            orphans |= givers[n].IsEmpty ? IndexSet.Of(n) : default;
        }

        HandOut(now, acts, givers, landmarks - orphans);
    }

    /// <summary>The bound, given what holds; null when the goal cannot be reached by these acts.</summary>
    public long? Bound(in IndexSet satisfied)
    {
        var open = Open(satisfied);
        return open.Overlaps(orphans) ? null : open.Sum(share);
    }

    /// <summary>The needs that must still come true on every way to the goal.</summary>
    public IndexSet Open(in IndexSet satisfied)
    {
        var open = goal - satisfied;
        var todo = open;
        while (!todo.IsEmpty)
        {
            var more = default(IndexSet);
            for (var n = todo.Next(0); n >= 0; n = todo.Next(n + 1))
            {
                more |= common[n];
            }

            todo = more - satisfied - open;
            open |= todo;
        }

        return open;
    }

    /// <summary>All needs that could ever be open on every way.</summary>
    public IndexSet Close(IndexSet set)
    {
        for (var todo = set; !todo.IsEmpty; )
        {
            var more = default(IndexSet);
            for (var n = todo.Next(0); n >= 0; n = todo.Next(n + 1))
            {
                more |= common[n];
            }

            todo = more - set;
            set |= todo;
        }

        return set;
    }

    // Needs are served in turn, those open now and with fewest givers first; each takes what its cheapest giver has left.
    private void HandOut(IndexSet now, IReadOnlyList<(IndexSet Needs, IndexSet Gives, long Cost)> acts, IndexSet[] givers, IndexSet landmarks)
    {
        Span<long> left = stackalloc long[acts.Count];
        for (var a = 0; a < left.Length; a++)
        {
            left[a] = acts[a].Cost;
        }

        Span<int> order = stackalloc int[landmarks.Count];
        var count = 0;
        for (var n = landmarks.Next(0); n >= 0; n = landmarks.Next(n + 1))
        {
            order[count++] = (now.Contains(n) ? 1 << 20 : 0) + (givers[n].Count << 10) + n;
        }

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
                coats = landmarks & coatCounts;
            }

            var from = givers[n];
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
    }
}
