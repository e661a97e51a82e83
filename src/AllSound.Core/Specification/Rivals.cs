namespace AllSound.Core.Specification;

/// <summary>States that can be compared with each other and that nothing beats, with what each cost to come by.</summary>
internal sealed class Rivals
{
    private (IndexSet Rank, long Cost, int Node)[] all = new (IndexSet, long, int)[4];
    private int count;

    /// <summary>
    /// Is there one in every way at least as good, that was no dearer to come by? Otherwise those that the state itself
    /// beats are dropped: what beats it would beat them too, so that never both are found.
    /// </summary>
    /// <param name="rank">The state's rank.</param>
    /// <param name="cost">What it cost to come by.</param>
    /// <param name="beaten">Is given the numbers of those dropped.</param>
    public bool Beat(in IndexSet rank, long cost, List<int> beaten)
    {
        // Those found last are tried first: most often one of them is it.
        for (var i = count - 1; i >= 0; i--)
        {
            ref var other = ref all[i];
            if (other.Cost <= cost && rank.IsSubsetOf(other.Rank))
            {
                return true;
            }

            if (cost <= other.Cost && other.Rank.IsSubsetOf(rank))
            {
                beaten.Add(other.Node);
                other = all[--count];
            }
        }

        return false;
    }

    /// <summary>Enters a state that none of them beats.</summary>
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
