using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// A bound from below on what a finished sequence costs from here, for sequences made of certain acts at certain
/// costs. Whatever need is unmet now and is asked for by the goal, or by every act that could give such a need, must be
/// given by some act yet to come. Each act's cost is handed out to the needs that it can give, so that its shares never
/// sum to more than it costs; then the shares of all open needs never sum to more than what is still to pay.
/// </summary>
internal sealed class Landmarks
{
    // All are given by the same acts, the finish coats.
    private static readonly NeedSet CoatCounts = Enumerable.Range(1, 5).Aggregate(default(NeedSet), (set, n) => set | NeedSet.Of(Needs.Topcoats(n).Index));

    private readonly NeedSet goal;
    private readonly NeedSet[] common = new NeedSet[NeedSet.Capacity];
    private readonly long[] share = new long[NeedSet.Capacity];
    private readonly NeedSet orphans;

    /// <param name="goal">The goal's needs.</param>
    /// <param name="now">Needs that hold at the start, for the order in which shares are handed out.</param>
    /// <param name="acts">The acts that the sequences are made of, their needs given and their costs.</param>
    public Landmarks(NeedSet goal, NeedSet now, IReadOnlyList<(NeedSet Needs, NeedSet Gives, long Cost)> acts)
    {
        this.goal = goal;
        var givers = new NeedSet[NeedSet.Capacity];
        for (var a = 0; a < acts.Count; a++)
        {
            for (var n = acts[a].Gives.Next(0); n >= 0; n = acts[a].Gives.Next(n + 1))
            {
                common[n] = givers[n].IsEmpty ? acts[a].Needs : common[n] & acts[a].Needs;
                givers[n] |= NeedSet.Of(a);
            }
        }

        var landmarks = Close(goal);
        for (var n = landmarks.Next(0); n >= 0; n = landmarks.Next(n + 1))
        {
            orphans |= givers[n].IsEmpty ? NeedSet.Of(n) : default;
        }

        HandOut(now, acts, givers, landmarks - orphans);
    }

    /// <summary>The bound, given what holds; null when the goal cannot be reached by these acts.</summary>
    public long? Bound(in NeedSet satisfied)
    {
        var open = Open(satisfied);
        return open.Overlaps(orphans) ? null : open.Sum(share);
    }

    /// <summary>The needs that must still come true on every way to the goal.</summary>
    public NeedSet Open(in NeedSet satisfied)
    {
        var open = goal - satisfied;
        var todo = open;
        while (!todo.IsEmpty)
        {
            var more = default(NeedSet);
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
    public NeedSet Close(NeedSet set)
    {
        for (var todo = set; !todo.IsEmpty; )
        {
            var more = default(NeedSet);
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
    private void HandOut(NeedSet now, IReadOnlyList<(NeedSet Needs, NeedSet Gives, long Cost)> acts, NeedSet[] givers, NeedSet landmarks)
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
        var coats = default(NeedSet);
        foreach (var key in order)
        {
            var n = key & 0x3FF;
            if (CoatCounts.Contains(n))
            {
                if (!coats.IsEmpty)
                {
                    continue;
                }

                // Thresholds of the coat count are met by separate coats: each may take the same share of the act's cost.
                coats = landmarks & CoatCounts;
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
            if (CoatCounts.Contains(n))
            {
                for (var c = coats.Next(0); c >= 0; c = coats.Next(c + 1))
                {
                    share[c] = take;
                }
            }
        }
    }
}
