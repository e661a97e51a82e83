namespace AllSound.Core.Specification;

/// <summary>
/// Sets of acts of which every finished sequence must use at least one, with costs handed out so that they sum to a
/// bound from below. Found once, at the start, by the LM-cut method (Helmert and Domshlak 2009, from memory); along a
/// sequence those not yet used are still to pay. An act counts anew for everything that it finds otherwise: see <see cref="ContextSplit"/>.
/// </summary>
internal sealed class ActionLandmarks
{
    /// <summary>Most landmarks kept.</summary>
    private const int Most = 64;

    // Landmarks are looked for until what is left of the dearest need is to their sum as one to this.
    private const int Trifle = 3;

    private readonly long[] costs = new long[Most];
    private readonly ulong[] hits;
    private int count;

    private ActionLandmarks() => hits = [];

    /// <summary>No landmarks: a bound of nothing.</summary>
    public static ActionLandmarks None { get; } = new();

    /// <param name="graph">The acts.</param>
    /// <param name="goal">The goal's needs.</param>
    /// <param name="byAct">By act: what it costs; null where the act is not to be used.</param>
    /// <param name="spoils">True when every finish coat spoils what the next asks for.</param>
    public ActionLandmarks(LandmarkGraph graph, IndexSet goal, long?[] byAct, bool spoils)
    {
        hits = new ulong[graph.Gives.Length];
        var cut = new LandmarkCut(graph, goal, byAct, spoils);
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

        Taken = new long[byAct.Length];
        for (var slot = 0; slot < hits.Length; slot++)
        {
            ref var taken = ref Taken[graph.Split.Copies[slot].Act];
            taken = Math.Max(taken, cut.Taken(slot));
        }
    }

    /// <summary>By act: the most of its cost that the landmarks take, however it finds things. The rest may be taken by another bound, to be added to this one. Empty when there are none.</summary>
    public long[] Taken { get; } = [];

    /// <summary>All landmarks, one bit each.</summary>
    public ulong All => count == 64 ? ulong.MaxValue : (1UL << count) - 1;

    /// <summary>The landmarks that an act uses, by its slot.</summary>
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
