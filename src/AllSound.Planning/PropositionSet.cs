using System.Numerics;
using System.Runtime.Intrinsics;

namespace AllSound.Planning;

/// <summary>A set of propositions by index, 0 to 511. A small immutable value.</summary>
/// <example>
/// The goal <c>{2, 300}</c> is a subset of what holds <c>{1, 2, 300}</c>: then the state is a goal state.
/// </example>
public readonly struct PropositionSet : IEquatable<PropositionSet>
{
    private readonly Vector512<ulong> bits;

    private PropositionSet(Vector512<ulong> bits) => this.bits = bits;

    /// <summary>Most propositions that a set can hold.</summary>
    public const int Capacity = 512;

    /// <summary>True when it holds none.</summary>
    public bool IsEmpty => bits == Vector512<ulong>.Zero;

    /// <summary>How many it holds.</summary>
    public int Count
    {
        get
        {
            var count = 0;
            for (var word = 0; word < 8; word++)
            {
                count += BitOperations.PopCount(bits[word]);
            }

            return count;
        }
    }

    /// <summary>The set of one proposition.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The index is not 0 to 511.</exception>
    public static PropositionSet Of(int index)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(index);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(index, Capacity);
        return new(Vector512<ulong>.Zero.WithElement(index >> 6, 1UL << (index & 63)));
    }

    /// <summary>Is the proposition in the set?</summary>
    public bool Contains(int index) => ((bits[index >> 6] >> (index & 63)) & 1) != 0;

    /// <summary>Does it share a proposition with another set?</summary>
    public bool Overlaps(in PropositionSet other) => (bits & other.bits) != Vector512<ulong>.Zero;

    /// <summary>Are all its propositions in the other set?</summary>
    public bool IsSubsetOf(in PropositionSet other) => Vector512.AndNot(bits, other.bits) == Vector512<ulong>.Zero;

    /// <summary>Indexes in ascending order.</summary>
    public IEnumerable<int> Indexes()
    {
        for (var word = 0; word < 8; word++)
        {
            var left = bits[word];
            while (left != 0)
            {
                yield return (word * 64) + BitOperations.TrailingZeroCount(left);
                left &= left - 1;
            }
        }
    }

    /// <summary>First index at or after <paramref name="from"/>, or -1. Lets a loop run without allocating.</summary>
    public int Next(int from)
    {
        for (var word = from >> 6; word < 8; word++)
        {
            var left = bits[word];
            if (word == from >> 6)
            {
                left &= ulong.MaxValue << (from & 63);
            }

            if (left != 0)
            {
                return (word * 64) + BitOperations.TrailingZeroCount(left);
            }
        }

        return -1;
    }

    /// <summary>Union.</summary>
    public static PropositionSet operator |(in PropositionSet x, in PropositionSet y) => new(x.bits | y.bits);

    /// <summary>Intersection.</summary>
    public static PropositionSet operator &(in PropositionSet x, in PropositionSet y) => new(x.bits & y.bits);

    /// <summary>Difference.</summary>
    public static PropositionSet operator -(in PropositionSet x, in PropositionSet y) => new(Vector512.AndNot(x.bits, y.bits));

    /// <inheritdoc/>
    public bool Equals(PropositionSet other) => bits == other.bits;

    /// <inheritdoc/>
    public override bool Equals(object? obj) => obj is PropositionSet other && Equals(other);

    /// <inheritdoc/>
    public override int GetHashCode() => bits.GetHashCode();

    /// <summary>Same propositions.</summary>
    public static bool operator ==(in PropositionSet left, in PropositionSet right) => left.Equals(right);

    /// <summary>Other propositions.</summary>
    public static bool operator !=(in PropositionSet left, in PropositionSet right) => !left.Equals(right);
}
