namespace AllSound.Core.Specification;

/// <summary>What a state amounts to.</summary>
/// <param name="Satisfied">The needs that hold of it.</param>
/// <param name="Rank">What it is at least as good as, by every field. A state is in every way at least as good as another when its rank holds all of the other's.</param>
/// <param name="Betters">Acts that change something in it to what is not just worse.</param>
/// <param name="Group">A number that it shares with every state that it can be compared with.</param>
internal readonly record struct Standing(IndexSet Satisfied, IndexSet Rank, IndexSet Betters, ulong Group)
{
    /// <summary>Two parts of a state taken together.</summary>
    public static Standing operator +(in Standing x, in Standing y) => new(x.Satisfied | y.Satisfied, x.Rank | y.Rank, x.Betters | y.Betters, x.Group + y.Group);

    /// <summary>Is one state in every way at least as good as another?</summary>
    public bool AtLeast(in Standing other) => other.Rank.IsSubsetOf(Rank);
}

/// <summary>Neighbouring fields of a state, looked up together.</summary>
internal sealed class Stretch
{
    // A longer stretch takes more room than it saves time.
    private const int MostBits = 6;

    private readonly int word;
    private readonly int shift;
    private readonly ulong mask;
    private readonly Standing[] standings;

    private Stretch(ReadOnlySpan<Field> fields)
    {
        (word, shift) = (fields[0].Word, fields[0].Shift);
        standings = [default];
        foreach (var field in fields)
        {
            // Bits that stand for no class never come about.
            var more = new Standing[standings.Length << field.Bits];
            for (var c = 0; c < field.Order.Count; c++)
            {
                var own = field.Standing(c);
                for (var i = 0; i < standings.Length; i++)
                {
                    more[(c * standings.Length) + i] = standings[i] + own;
                }
            }

            standings = more;
        }

        mask = (ulong)standings.Length - 1;
    }

    /// <summary>Parts fields, in the order of their places, into stretches.</summary>
    public static Stretch[] Of(ReadOnlySpan<Field> fields)
    {
        var stretches = new List<Stretch>();
        for (var from = 0; from < fields.Length; )
        {
            var (to, bits) = (from + 1, fields[from].Bits);
            while (to < fields.Length && fields[to].Word == fields[from].Word && bits + fields[to].Bits <= MostBits)
            {
                bits += fields[to++].Bits;
            }

            stretches.Add(new Stretch(fields[from..to]));
            from = to;
        }

        return [.. stretches];
    }

    /// <summary>What its fields amount to in a state.</summary>
    public ref readonly Standing Of(in State state) => ref standings[(state[word] >> shift) & mask];
}
