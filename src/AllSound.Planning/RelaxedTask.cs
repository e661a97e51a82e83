namespace AllSound.Planning;

/// <summary>
/// The task without deletions: which operator copy requires and adds what, once for all searches. It is what <see cref="LmCut"/> runs on.
/// (Delete relaxation: B. Bonet and H. Geffner 2001, from memory.) What holds initially is left out.
/// </summary>
/// <example>
/// "Drive: at home to in town" becomes "requires at home, adds in town": that home is left is forgotten, so costs are never overestimated.
/// </example>
internal sealed class RelaxedTask
{
    private readonly Index requiring;
    private readonly Index adding;

    // The last places, for "restored after raise 1", "after raise 2" and so on.
    private const int Restored = IndexSet.Capacity - 1;

    /// <summary>Places at the end of a set that it keeps for itself.</summary>
    public const int OwnPlaces = 8;

    /// <param name="split">The operators, split.</param>
    /// <param name="adds">By operator: what it can make true here.</param>
    /// <param name="initial">Propositions that hold initially.</param>
    /// <param name="between">A proposition that every raise of the counter deletes and the next requires again, or -1.</param>
    public RelaxedTask(ContextSplitting split, IndexSet[] adds, IndexSet initial, int between)
    {
        Split = split;
        Initial = initial | split.Initial;
        Adds = new IndexSet[split.Copies.Length];
        Preconditions = new IndexSet[Adds.Length];
        for (var slot = 0; slot < Adds.Length; slot++)
        {
            var copy = split.Copies[slot];
            var preconditions = copy.Preconditions;
            var added = copy.Adds & (adds[copy.Operator] | split.Places);
            if (between >= 0 && copy.Count is > 0 and < OwnPlaces)
            {
                // What restores after a raise, and the raise after it, meet in a place of their own.
                var restored = IndexSet.Of(Restored - copy.Count);
                added |= added.Contains(between) ? restored : default;
                preconditions |= preconditions.Contains(between) ? restored : default;
                RestoredPlaces |= restored;
            }

            Adds[slot] = added - Initial;
            Preconditions[slot] = Adds[slot].IsEmpty ? default : preconditions - Initial;
        }

        requiring = new Index(Preconditions);
        adding = new Index(Adds);
    }

    /// <summary>The operators, split; a slot is a place among its copies.</summary>
    public ContextSplitting Split { get; }

    /// <summary>What holds initially.</summary>
    public IndexSet Initial { get; }

    /// <summary>By slot: what it can make true that does not hold initially.</summary>
    public IndexSet[] Adds { get; }

    /// <summary>By slot: what it requires that does not hold initially.</summary>
    public IndexSet[] Preconditions { get; }

    /// <summary>The slots that require a proposition.</summary>
    public ReadOnlySpan<int> Requiring(int proposition) => requiring.Of(proposition);

    /// <summary>The slots that add a proposition.</summary>
    public ReadOnlySpan<int> Adding(int proposition) => adding.Of(proposition);

    /// <summary>Places for what is restored between raises of the counter: where raises do not delete it, these hold initially.</summary>
    public IndexSet RestoredPlaces { get; }

    // By proposition: the slots whose sets hold it.
    private readonly struct Index
    {
        private readonly int[] first = new int[IndexSet.Capacity + 1];
        private readonly int[] slots;

        public Index(IndexSet[] sets)
        {
            foreach (ref readonly var set in sets.AsSpan())
            {
                for (var n = set.Next(0); n >= 0; n = set.Next(n + 1))
                {
                    first[n + 1]++;
                }
            }

            for (var n = 0; n < IndexSet.Capacity; n++)
            {
                first[n + 1] += first[n];
            }

            slots = new int[first[^1]];
            Span<int> next = stackalloc int[IndexSet.Capacity];
            first.AsSpan(0, IndexSet.Capacity).CopyTo(next);
            for (var slot = 0; slot < sets.Length; slot++)
            {
                for (var n = sets[slot].Next(0); n >= 0; n = sets[slot].Next(n + 1))
                {
                    slots[next[n]++] = slot;
                }
            }
        }

        public ReadOnlySpan<int> Of(int proposition) => slots.AsSpan(first[proposition], first[proposition + 1] - first[proposition]);
    }
}
