using System.Numerics;
using System.Runtime.CompilerServices;

namespace AllSound.Planning;

/// <summary>
/// A state packed to what can still matter in one task, a few bits for each variable: see <see cref="StateSpace"/>.
/// A small immutable value; the search copies, hashes and compares many thousands.
/// </summary>
/// <example>
/// Twelve variables of three bits each lie in one word; two states are equal when their words are.
/// </example>
internal struct State : IEquatable<State>
{
    /// <summary>Words of 64 bits.</summary>
    public const int Words = 4;

    private ulong w0;
    private ulong w1;
    private ulong w2;
    private ulong w3;

    private State(ulong w0, ulong w1, ulong w2, ulong w3)
    {
        this.w0 = w0;
        this.w1 = w1;
        this.w2 = w2;
        this.w3 = w3;
    }

    /// <summary>One of its words, 0 to 3; the caller keeps the range.</summary>
    public readonly ulong this[int word] => Unsafe.Add(ref Unsafe.AsRef(in w0), word);

    /// <summary>A copy with these bits of a word put to a value.</summary>
    public readonly State With(int word, ulong mask, ulong value)
    {
        var copy = this;
        ref var place = ref Unsafe.Add(ref copy.w0, word);
        place = (place & ~mask) | value;
        return copy;
    }

    /// <summary>A copy with all bits of a mask put to a value.</summary>
    public readonly State Set(in State mask, in State value) =>
        new((w0 & ~mask.w0) | value.w0, (w1 & ~mask.w1) | value.w1, (w2 & ~mask.w2) | value.w2, (w3 & ~mask.w3) | value.w3);

    /// <inheritdoc/>
    public readonly bool Equals(State other) => w0 == other.w0 && w1 == other.w1 && w2 == other.w2 && w3 == other.w3;

    /// <inheritdoc/>
    public override readonly bool Equals(object? obj) => obj is State other && Equals(other);

    /// <inheritdoc/>
    public override readonly int GetHashCode()
    {
        var hash = (w0 * 0x9E3779B97F4A7C15UL) + (w1 * 0xBF58476D1CE4E5B9UL) + (w2 * 0x94D049BB133111EBUL) + (w3 * 0xD6E8FEB86659FD93UL);
        hash ^= hash >> 29;
        return (int)(hash ^ (hash >> 32));
    }
}
