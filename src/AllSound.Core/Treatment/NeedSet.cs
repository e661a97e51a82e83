using System.Numerics;

namespace AllSound.Core.Treatment;

/// <summary>A set of needs by index, 0 to 255. A small immutable value.</summary>
public readonly struct NeedSet : IEquatable<NeedSet>
{
    private readonly ulong a;
    private readonly ulong b;
    private readonly ulong c;
    private readonly ulong d;

    private NeedSet(ulong a, ulong b, ulong c, ulong d)
    {
        this.a = a;
        this.b = b;
        this.c = c;
        this.d = d;
    }

    /// <summary>Most needs that a set can hold.</summary>
    public const int Capacity = 256;

    /// <summary>True when it holds none.</summary>
    public bool IsEmpty => (a | b | c | d) == 0;

    /// <summary>How many it holds.</summary>
    public int Count =>
        BitOperations.PopCount(a) + BitOperations.PopCount(b) + BitOperations.PopCount(c) + BitOperations.PopCount(d);

    /// <summary>The set of one need.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The index is not 0 to 255.</exception>
    public static NeedSet Of(int index)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(index);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(index, Capacity);
        var bit = 1UL << (index & 63);
        return (index >> 6) switch
        {
            0 => new(bit, 0, 0, 0),
            1 => new(0, bit, 0, 0),
            2 => new(0, 0, bit, 0),
            _ => new(0, 0, 0, bit),
        };
    }

    /// <summary>Is the need in the set?</summary>
    public bool Contains(int index) =>
        (((index >> 6) switch { 0 => a, 1 => b, 2 => c, _ => d } >> (index & 63)) & 1) != 0;

    /// <summary>Does it share a need with another set?</summary>
    public bool Overlaps(in NeedSet other) =>
        ((a & other.a) | (b & other.b) | (c & other.c) | (d & other.d)) != 0;

    /// <summary>Are all its needs in the other set?</summary>
    public bool IsSubsetOf(in NeedSet other) => (this - other).IsEmpty;

    /// <summary>Indexes in ascending order.</summary>
    public IEnumerable<int> Indexes()
    {
        for (var word = 0; word < 4; word++)
        {
            var bits = word switch { 0 => a, 1 => b, 2 => c, _ => d };
            while (bits != 0)
            {
                yield return (word * 64) + BitOperations.TrailingZeroCount(bits);
                bits &= bits - 1;
            }
        }
    }

    /// <summary>Sum of the weights of its needs.</summary>
    internal long Sum(long[] weights)
    {
        var sum = 0L;
        for (var word = 0; word < 4; word++)
        {
            var bits = word switch { 0 => a, 1 => b, 2 => c, _ => d };
            while (bits != 0)
            {
                sum += weights[(word * 64) + BitOperations.TrailingZeroCount(bits)];
                bits &= bits - 1;
            }
        }

        return sum;
    }

    /// <summary>First index at or after <paramref name="from"/>, or -1. Lets a loop run without allocating.</summary>
    internal int Next(int from)
    {
        for (var word = from >> 6; word < 4; word++)
        {
            var bits = word switch { 0 => a, 1 => b, 2 => c, _ => d };
            if (word == from >> 6)
            {
                bits &= ulong.MaxValue << (from & 63);
            }

            if (bits != 0)
            {
                return (word * 64) + BitOperations.TrailingZeroCount(bits);
            }
        }

        return -1;
    }

    /// <summary>Union.</summary>
    public static NeedSet operator |(in NeedSet x, in NeedSet y) => new(x.a | y.a, x.b | y.b, x.c | y.c, x.d | y.d);

    /// <summary>Intersection.</summary>
    public static NeedSet operator &(in NeedSet x, in NeedSet y) => new(x.a & y.a, x.b & y.b, x.c & y.c, x.d & y.d);

    /// <summary>Difference.</summary>
    public static NeedSet operator -(in NeedSet x, in NeedSet y) =>
        new(x.a & ~y.a, x.b & ~y.b, x.c & ~y.c, x.d & ~y.d);

    /// <inheritdoc/>
    public bool Equals(NeedSet other) => a == other.a && b == other.b && c == other.c && d == other.d;

    /// <inheritdoc/>
    public override bool Equals(object? obj) => obj is NeedSet other && Equals(other);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(a, b, c, d);

    /// <summary>Same needs.</summary>
    public static bool operator ==(in NeedSet left, in NeedSet right) => left.Equals(right);

    /// <summary>Other needs.</summary>
    public static bool operator !=(in NeedSet left, in NeedSet right) => !left.Equals(right);
}
