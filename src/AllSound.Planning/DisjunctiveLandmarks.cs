namespace AllSound.Planning;

/// <summary>
/// Disjunctive action landmarks: sets of operators of which every plan uses at least one, with costs that sum to a lower bound. Found once, in
/// the initial state, by <see cref="LmCut"/>; along a path those not yet used are still to pay. An operator counts anew for every class of
/// values that it finds: see <see cref="ContextSplitting"/>. (Landmarks kept along a path: E. Karpas and C. Domshlak 2009, from memory.)
/// </summary>
/// <example>
/// To be at work, every plan takes the bus (2) or the train (3), and has unlocked the door (1): two landmarks, of cost 2 and 1, so no plan costs less
/// than 3; once the door is unlocked, less than 2.
/// </example>
internal sealed class DisjunctiveLandmarks
{
    /// <summary>Most landmarks kept.</summary>
    private const int Most = 64;

    // Landmarks are looked for until the dearest goal left costs no more than this fraction of their sum.
    private const int Trifle = 3;

    private readonly long[] costs = new long[Most];
    private readonly ulong[] hits;
    private int count;

    private DisjunctiveLandmarks() => hits = [];

    /// <summary>No landmarks: a bound of nothing.</summary>
    public static DisjunctiveLandmarks None { get; } = new();

    /// <param name="graph">The delete relaxation.</param>
    /// <param name="goal">What must hold at the end.</param>
    /// <param name="own">By operator: its cost; null where it may not be used.</param>
    /// <param name="deletes">True when every raise of the counter deletes what the next requires.</param>
    public DisjunctiveLandmarks(RelaxedTask graph, IndexSet goal, long?[] own, bool deletes)
    {
        hits = new ulong[graph.Adds.Length];
        var cut = new LmCut(graph, goal, own, deletes);
        var sum = 0L;
        while (count < Most && cut.Next(sum / Trifle) is { } found)
        {
            sum += found.Cost;
            foreach (var slot in found.Slots)
            {
                hits[slot] |= 1UL << count;
            }

            costs[count++] = found.Cost;
        }

        Taken = new long[own.Length];
        for (var slot = 0; slot < hits.Length; slot++)
        {
            ref var taken = ref Taken[graph.Split.Copies[slot].Operator];
            taken = Math.Max(taken, cut.Taken(slot));
        }
    }

    /// <summary>By operator: the most of its cost that the landmarks take, in any of its copies. The rest may go to another bound, to be added to this one. Empty when there are none.</summary>
    public long[] Taken { get; } = [];

    /// <summary>All landmarks, one bit each.</summary>
    public ulong All => count == 64 ? ulong.MaxValue : (1UL << count) - 1;

    /// <summary>The landmarks that an operator is in, by its slot.</summary>
    public ulong HitBy(int slot) => hits.Length == 0 ? 0 : hits[slot];

    /// <summary>What is still to pay when these landmarks are open.</summary>
    public long Bound(ulong open)
    {
        var sum = 0L;
        for (; open != 0; open &= open - 1)
        {
            sum += costs[System.Numerics.BitOperations.TrailingZeroCount(open)];
        }

        return sum;
    }
}
