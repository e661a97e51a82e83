namespace AllSound.Planning;

/// <summary>What the search asks about a state, looked up once.</summary>
/// <param name="Holding">The propositions that hold in it.</param>
/// <param name="Rank">The classes of values that it is at least as good as, field by field. A state dominates another when its rank contains the other's.</param>
/// <param name="Improving">Operators that change something in it to a value that is not merely worse.</param>
/// <param name="Group">A number shared by all states that it can be compared with.</param>
/// <example>
/// A state in which the floor is clean and dry has a rank that contains that of one in which it is clean and wet: at no higher cost it dominates it.
/// </example>
internal readonly record struct StateSummary(IndexSet Holding, IndexSet Rank, IndexSet Improving, ulong Group)
{
    /// <summary>The summary of two parts of a state together.</summary>
    public static StateSummary operator +(in StateSummary x, in StateSummary y) =>
        new(x.Holding | y.Holding, x.Rank | y.Rank, x.Improving | y.Improving, x.Group + y.Group);

    /// <summary>Does one state dominate another: is it at least as good in every field?</summary>
    public bool AtLeast(in StateSummary other) => other.Rank.IsSubsetOf(Rank);
}

/// <summary>Neighbouring fields of a state, looked up together.</summary>
internal sealed class FieldBlock
{
    // A longer block costs more memory than it saves time.
    private const int MostBits = 6;

    private readonly int word;
    private readonly int shift;
    private readonly ulong mask;
    private readonly StateSummary[] summaries;

    private FieldBlock(ReadOnlySpan<PackedField> fields)
    {
        (word, shift) = (fields[0].Word, fields[0].Shift);
        summaries = [default];
        foreach (var field in fields)
        {
            // Bits that stand for no class never come about.
            var more = new StateSummary[summaries.Length << field.Bits];
            for (var c = 0; c < field.Order.Count; c++)
            {
                var own = field.Summary(c);
                for (var i = 0; i < summaries.Length; i++)
                {
                    more[(c * summaries.Length) + i] = summaries[i] + own;
                }
            }

            summaries = more;
        }

        mask = (ulong)summaries.Length - 1;
    }

    /// <summary>Divides fields, in the order of their places, into blocks.</summary>
    public static FieldBlock[] Of(ReadOnlySpan<PackedField> fields)
    {
        var blocks = new List<FieldBlock>();
        for (var from = 0; from < fields.Length; )
        {
            var (to, bits) = (from + 1, fields[from].Bits);
            while (to < fields.Length && fields[to].Word == fields[from].Word && bits + fields[to].Bits <= MostBits)
            {
                bits += fields[to++].Bits;
            }

            blocks.Add(new FieldBlock(fields[from..to]));
            from = to;
        }

        return [.. blocks];
    }

    /// <summary>The summary of its fields in a state.</summary>
    public ref readonly StateSummary Of(in State state) => ref summaries[(state[word] >> shift) & mask];
}
