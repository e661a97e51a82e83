using System.Numerics;
using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace AllSound.Planning;

/// <summary>A set of indexes, 0 to 255: of variables, of fields, or of the propositions or operators of one compiled task. A small immutable value.</summary>
/// <example>
/// <c>IndexSet.Of(3) | IndexSet.Of(200)</c> holds 3 and 200; <c>Next(4)</c> of it is 200; it overlaps <c>IndexSet.Of(200)</c>.
/// </example>
public readonly struct IndexSet : IEquatable<IndexSet>
{
    private readonly Vector256<ulong> bits;

    private static readonly IndexSet[] Singles = [.. Enumerable.Range(0, Capacity).Select(i => new IndexSet(Vector256<ulong>.Zero.WithElement(i >> 6, 1UL << (i & 63))))];

    private IndexSet(Vector256<ulong> bits) => this.bits = bits;

    /// <summary>Indexes that a set can hold.</summary>
    public const int Capacity = 256;

    /// <summary>True when it holds none.</summary>
    public bool IsEmpty => bits == Vector256<ulong>.Zero;

    /// <summary>How many it holds.</summary>
    public int Count => BitOperations.PopCount(bits[0]) + BitOperations.PopCount(bits[1]) + BitOperations.PopCount(bits[2]) + BitOperations.PopCount(bits[3]);

    /// <summary>The set of one index.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The index is not 0 to 255.</exception>
    public static IndexSet Of(int index)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(index);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(index, Capacity);
        return Singles[index];
    }

    /// <summary>Is the index in the set?</summary>
    public bool Contains(int index) => ((bits[index >> 6] >> (index & 63)) & 1) != 0;

    /// <summary>Does it share an index with another set?</summary>
    public bool Overlaps(in IndexSet other) => (bits & other.bits) != Vector256<ulong>.Zero;

    /// <summary>Are all its indexes in the other set?</summary>
    public bool IsSubsetOf(in IndexSet other) => Vector256.AndNot(bits, other.bits) == Vector256<ulong>.Zero;

    /// <summary>Indexes in ascending order.</summary>
    public IEnumerable<int> Indexes()
    {
        for (var word = 0; word < 4; word++)
        {
            var left = bits[word];
            while (left != 0)
            {
                yield return (word * 64) + BitOperations.TrailingZeroCount(left);
                left &= left - 1;
            }
        }
    }

    /// <summary>Sum of the weights of its indexes.</summary>
    public long Sum(long[] weights)
    {
        var sum = 0L;
        for (var word = 0; word < 4; word++)
        {
            var left = bits[word];
            while (left != 0)
            {
                sum += weights[(word * 64) + BitOperations.TrailingZeroCount(left)];
                left &= left - 1;
            }
        }

        return sum;
    }

    /// <summary>First index at or after <paramref name="from"/>, or -1. Lets a loop run without allocating.</summary>
    public int Next(int from)
    {
        if (from >= Capacity)
        {
            return -1;
        }

        ref var words = ref Unsafe.As<Vector256<ulong>, ulong>(ref Unsafe.AsRef(in bits));
        var word = from >> 6;
        var left = Unsafe.Add(ref words, word) & (ulong.MaxValue << from);
        while (left == 0)
        {
            if (++word == 4)
            {
                return -1;
            }

            left = Unsafe.Add(ref words, word);
        }

        return (word * 64) + BitOperations.TrailingZeroCount(left);
    }

    /// <summary>Union.</summary>
    public static IndexSet operator |(in IndexSet x, in IndexSet y) => new(x.bits | y.bits);

    /// <summary>Intersection.</summary>
    public static IndexSet operator &(in IndexSet x, in IndexSet y) => new(x.bits & y.bits);

    /// <summary>Difference.</summary>
    public static IndexSet operator -(in IndexSet x, in IndexSet y) => new(Vector256.AndNot(x.bits, y.bits));

    /// <inheritdoc/>
    public bool Equals(IndexSet other) => bits == other.bits;

    /// <inheritdoc/>
    public override bool Equals(object? obj) => obj is IndexSet other && Equals(other);

    /// <inheritdoc/>
    public override int GetHashCode() => bits.GetHashCode();

    /// <summary>Same indexes.</summary>
    public static bool operator ==(in IndexSet left, in IndexSet right) => left.Equals(right);

    /// <summary>Other indexes.</summary>
    public static bool operator !=(in IndexSet left, in IndexSet right) => !left.Equals(right);
}
