namespace AllSound.Planning;

/// <summary>States that can be compared with each other and none of which dominates another at no higher cost.</summary>
/// <example>
/// (cost 5: window clean) and (cost 3: window dirty) both stay; (cost 6: window clean) is dominated by the first and left out.
/// </example>
internal sealed class ParetoFront
{
    private (IndexSet Rank, long Cost, int Node)[] all = new (IndexSet, long, int)[4];
    private int count;

    /// <summary>
    /// Does one of them dominate a state at no higher cost? Otherwise those that the state itself dominates are dropped: what dominates it would
    /// dominate them too, so that never both are found.
    /// </summary>
    /// <param name="rank">The state's rank, see StateSummary.</param>
    /// <param name="cost">What it cost to reach.</param>
    /// <param name="dominated">Receives the numbers of those dropped.</param>
    public bool Dominates(in IndexSet rank, long cost, List<int> dominated)
    {
        // Those found last are tried first: most often it is one of them.
        for (var i = count - 1; i >= 0; i--)
        {
            ref var other = ref all[i];
            if (other.Cost <= cost && rank.IsSubsetOf(other.Rank))
            {
                return true;
            }

            if (cost <= other.Cost && other.Rank.IsSubsetOf(rank))
            {
                dominated.Add(other.Node);
                other = all[--count];
            }
        }

        return false;
    }

    /// <summary>Enters a state that none of them dominates.</summary>
    public void Enter(in IndexSet rank, long cost, int node)
    {
        if (count == all.Length)
        {
            Array.Resize(ref all, count * 2);
        }

        all[count++] = (rank, cost, node);
    }

    /// <summary>Forgets all.</summary>
    public void Clear() => count = 0;
}
