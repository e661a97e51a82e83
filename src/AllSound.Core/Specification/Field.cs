using System.Numerics;

namespace AllSound.Core.Specification;

/// <summary>A facet's place in a packed state.</summary>
internal sealed class Field
{
    private readonly ulong mask;

    // By class: the classes that it is at least as good as and others are not.
    private readonly IndexSet[] ranks;

    private Field(FacetOrder order, int word, int shift, int bits, IndexSet[]? held, int rank)
    {
        Word = word;
        Shift = shift;
        Bits = bits;
        mask = (1UL << bits) - 1;
        Order = order;
        ranks = [.. order.AtLeast.Select(IndexSet (m) => Below(m & ~order.AtLeast.Aggregate(ulong.MaxValue, (all, x) => all & x), rank))];
        Held = [.. order.First.Select(v => held is null ? default : held[v])];
        Betters = new IndexSet[order.Count];

        // Large odd numbers, so that sums over fields seldom meet; that would only cost a comparison.
        Groups = [.. order.Group.Select(g => ((ulong)(order.Facet.Index * 64) + (ulong)g + 1) * 0x9E3779B97F4A7C15UL)];
        for (var c = 0; c < Groups.Length; c++)
        {
            Groups[c] = BitOperations.RotateLeft(Groups[c], 31) * 0xBF58476D1CE4E5B9UL;
        }
    }

    /// <summary>Its classes of values.</summary>
    public FacetOrder Order { get; }

    /// <summary>The word of a state that it is in.</summary>
    public int Word { get; }

    /// <summary>Its lowest bit there.</summary>
    public int Shift { get; }

    /// <summary>How many bits it takes in a state.</summary>
    public int Bits { get; }

    /// <summary>By class: the needs that it makes hold.</summary>
    public IndexSet[] Held { get; }

    /// <summary>By class: a number shared by all classes that it can be compared with.</summary>
    public ulong[] Groups { get; }

    /// <summary>By class: the acts that can change it to one that is not just worse.</summary>
    public IndexSet[] Betters { get; }

    /// <summary>Gives each facet its bits, none across two words.</summary>
    /// <exception cref="InvalidOperationException">They need more bits than a state has.</exception>
    public static IEnumerable<Field> Place(IEnumerable<FacetOrder> orders, IndexSet[]?[] held)
    {
        var (word, shift, rank) = (0, 0, 0);
        foreach (var order in orders)
        {
            var bits = BitOperations.Log2((uint)order.Count - 1) + 1;
            if (shift + bits > 64)
            {
                (word, shift) = (word + 1, 0);
            }

            if (word == State.Words)
            {
                throw new InvalidOperationException($"The facets that matter need more than {State.Words * 64} bits.");
            }

            if (rank + order.Count > IndexSet.Capacity)
            {
                throw new InvalidOperationException($"The facets that matter have more than {IndexSet.Capacity} classes.");
            }

            yield return new Field(order, word, shift, bits, held[order.Facet.Index], rank);
            shift += bits;
            rank += order.Count;
        }
    }

    /// <summary>What one of its classes amounts to.</summary>
    public Standing Standing(int of) => new(Held[of], ranks[of], Betters[of], Groups[of]);

    /// <summary>Its class in a state.</summary>
    public int Class(in State state) => (int)((state[Word] >> Shift) & mask);

    /// <summary>The state with its class put to another.</summary>
    public State Put(in State state, int to) => state.With(Word, mask << Shift, (ulong)to << Shift);

    /// <summary>The bits of the field, all set.</summary>
    public State All(in State state) => state.With(Word, 0, state[Word] | (mask << Shift));

    /// <summary>The needs that come true when it goes from one class to any of some, a bit each.</summary>
    public IndexSet Gains(int from, ulong to)
    {
        var set = default(IndexSet);
        for (; to != 0; to &= to - 1)
        {
            set |= Held[BitOperations.TrailingZeroCount(to)];
        }

        return set - Held[from];
    }

    private static IndexSet Below(ulong classes, int rank)
    {
        var set = default(IndexSet);
        for (; classes != 0; classes &= classes - 1)
        {
            set |= IndexSet.Of(rank + BitOperations.TrailingZeroCount(classes));
        }

        return set;
    }

    /// <summary>Notes from which classes an act can lead to one that is not just worse.</summary>
    public void NoteBetters(int act, ReadOnlySpan<FieldChange> changes)
    {
        for (var c = 0; c < Order.Count; c++)
        {
            Betters[c] |= (FieldChange.Outcomes(changes, c) & ~Order.AtLeast[c]) != 0 ? IndexSet.Of(act) : default;
        }
    }
}
