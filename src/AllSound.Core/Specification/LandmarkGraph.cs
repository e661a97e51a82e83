namespace AllSound.Core.Specification;

/// <summary>
/// Which act needs and gives what, once for all the searches on a surface: what <see cref="LandmarkCut"/> runs on. The
/// acts are told apart by what they find, and what holds at the start is left out.
/// </summary>
internal sealed class LandmarkGraph
{
    private readonly Index asking;
    private readonly Index giving;

    // The last places, for "mended after coat 1", "after coat 2" and so on.
    private const int Mended = IndexSet.Capacity - 1;

    /// <summary>Places at the end of a set that it keeps for itself.</summary>
    public const int OwnPlaces = 8;

    /// <param name="split">The acts, told apart.</param>
    /// <param name="gives">By act: what it can give here.</param>
    /// <param name="start">Needs that hold at the start.</param>
    /// <param name="between">A need that every finish coat spoils and the next asks for again, or -1.</param>
    public LandmarkGraph(ContextSplit split, IndexSet[] gives, IndexSet start, int between)
    {
        Split = split;
        Start = start | split.Start;
        Gives = new IndexSet[split.Copies.Length];
        Needs = new IndexSet[Gives.Length];
        for (var slot = 0; slot < Gives.Length; slot++)
        {
            var copy = split.Copies[slot];
            var needs = copy.Needs;
            var given = copy.Gives & (gives[copy.Act] | split.Places);
            if (between >= 0 && copy.Coat is > 0 and < OwnPlaces)
            {
                // What mends after a coat, and what is laid over the coat, meet in a place of their own.
                var mended = IndexSet.Of(Mended - copy.Coat);
                given |= given.Contains(between) ? mended : default;
                needs |= needs.Contains(between) ? mended : default;
                MendedPlaces |= mended;
            }

            Gives[slot] = given - Start;
            if (Gives[slot].IsEmpty)
            {
                continue;
            }

            Needs[slot] = needs - Start;
        }

        asking = new Index(Needs);
        giving = new Index(Gives);
    }

    /// <summary>The acts, told apart; a slot is a place among its copies.</summary>
    public ContextSplit Split { get; }

    /// <summary>What holds at the start.</summary>
    public IndexSet Start { get; }

    /// <summary>By slot: what it can give that does not hold at the start.</summary>
    public IndexSet[] Gives { get; }

    /// <summary>By slot: what it needs that does not hold at the start.</summary>
    public IndexSet[] Needs { get; }

    /// <summary>The slots that ask for a need.</summary>
    public ReadOnlySpan<int> Asking(int need) => asking.Of(need);

    /// <summary>The slots that give a need.</summary>
    public ReadOnlySpan<int> Giving(int need) => giving.Of(need);

    /// <summary>Places for what is mended between coats: where finishes do not spoil it, these hold at the start.</summary>
    public IndexSet MendedPlaces { get; }

    // By need: the slots whose sets hold it.
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

        public ReadOnlySpan<int> Of(int need) => slots.AsSpan(first[need], first[need + 1] - first[need]);
    }
}
