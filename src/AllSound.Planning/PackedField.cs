using System.Numerics;

namespace AllSound.Planning;

/// <summary>A variable's place in a packed state.</summary>
/// <example>
/// A variable of nine values of which a task only asks "0?" and "over 4?" has three classes, and so takes two bits.
/// </example>
internal sealed class PackedField
{
    private readonly ulong mask;

    // By class: the classes that it is at least as good as, without those that every class is at least as good as.
    private readonly IndexSet[] ranks;

    private PackedField(ValueOrder order, int word, int shift, int bits, IndexSet[]? held, int rank)
    {
        Word = word;
        Shift = shift;
        Bits = bits;
        mask = (1UL << bits) - 1;
        Order = order;
        ranks = [.. order.AtLeast.Select(IndexSet (m) => Below(m & Telling(order), Telling(order), rank))];
        Held = [.. order.First.Select(v => held is null ? default : held[v])];
        Improving = new IndexSet[order.Count];

        // Large odd numbers, so that sums over fields seldom meet; that would only cost a comparison.
        Groups = [.. order.Group.Select(g => ((ulong)(order.Variable * 64) + (ulong)g + 1) * 0x9E3779B97F4A7C15UL)];
        for (var c = 0; c < Groups.Length; c++)
        {
            Groups[c] = BitOperations.RotateLeft(Groups[c], 31) * 0xBF58476D1CE4E5B9UL;
        }
    }

    /// <summary>Its classes of values.</summary>
    public ValueOrder Order { get; }

    /// <summary>The word of a state that it is in.</summary>
    public int Word { get; }

    /// <summary>Its lowest bit there.</summary>
    public int Shift { get; }

    /// <summary>How many bits it takes in a state.</summary>
    public int Bits { get; }

    /// <summary>By class: the propositions that it makes hold.</summary>
    public IndexSet[] Held { get; }

    /// <summary>By class: a number shared by all classes that it can be compared with.</summary>
    public ulong[] Groups { get; }

    /// <summary>By class: the operators that can change it to one that is not just worse.</summary>
    public IndexSet[] Improving { get; }

    /// <summary>Gives each variable its bits, none across two words.</summary>
    /// <exception cref="InvalidOperationException">The variables need more bits or more classes than a state has.</exception>
    public static IEnumerable<PackedField> Place(IEnumerable<ValueOrder> orders, IndexSet[]?[] held)
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
                throw new InvalidOperationException($"The variables that matter need more than {State.Words * 64} bits.");
            }

            var telling = BitOperations.PopCount(Telling(order));
            if (rank + telling > IndexSet.Capacity)
            {
                throw new InvalidOperationException($"The variables that matter have more than {IndexSet.Capacity} classes.");
            }

            yield return new PackedField(order, word, shift, bits, held[order.Variable], rank);
            shift += bits;
            rank += telling;
        }
    }

    /// <summary>The summary of one of its classes.</summary>
    public StateSummary Summary(int of) => new(Held[of], ranks[of], Improving[of], Groups[of]);

    /// <summary>Its class in a state.</summary>
    public int Class(in State state) => (int)((state[Word] >> Shift) & mask);

    /// <summary>The state with its class put to another.</summary>
    public State Put(in State state, int to) => state.With(Word, mask << Shift, (ulong)to << Shift);

    /// <summary>The bits of the field, all set.</summary>
    public State All(in State state) => state.With(Word, 0, state[Word] | (mask << Shift));

    /// <summary>The propositions that come true when it goes from one class to any of some, a bit each.</summary>
    public IndexSet Gains(int from, ulong to)
    {
        var set = default(IndexSet);
        for (; to != 0; to &= to - 1)
        {
            set |= Held[BitOperations.TrailingZeroCount(to)];
        }

        return set - Held[from];
    }

    // The classes that not every class is at least as good as: only they tell states apart.
    private static ulong Telling(ValueOrder order) =>
        ~order.AtLeast.Aggregate(ulong.MaxValue, (all, x) => all & x) & (order.Count == 64 ? ulong.MaxValue : (1UL << order.Count) - 1);

    private static IndexSet Below(ulong classes, ulong telling, int rank)
    {
        var set = default(IndexSet);
        for (; classes != 0; classes &= classes - 1)
        {
            var before = telling & ((1UL << BitOperations.TrailingZeroCount(classes)) - 1);
            set |= IndexSet.Of(rank + BitOperations.PopCount(before));
        }

        return set;
    }

    /// <summary>Notes from which classes an operator can lead to one that is not merely worse.</summary>
    public void NoteImproving(int op, ReadOnlySpan<PackedEffect> changes)
    {
        for (var c = 0; c < Order.Count; c++)
        {
            Improving[c] |= (PackedEffect.Outcomes(changes, c) & ~Order.AtLeast[c]) != 0 ? IndexSet.Of(op) : default;
        }
    }
}
