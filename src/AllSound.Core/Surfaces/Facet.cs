using System.Numerics;
using System.Runtime.CompilerServices;

namespace AllSound.Core.Surfaces;

/// <summary>One facet of a condition: a named place for a small enumerated value.</summary>
public abstract class Facet
{
    private protected Facet(int index, string name, string title, Type type)
    {
        Index = index;
        Name = name;
        Title = title;
        ValueType = type;
        Size = Enum.GetValues(type).Length;
    }

    /// <summary>Place in the condition, 0 to <see cref="Condition.Capacity"/> - 1.</summary>
    public int Index { get; }

    /// <summary>Name used in files and in the API, camelCase.</summary>
    public string Name { get; }

    /// <summary>What a painter calls it.</summary>
    public string Title { get; }

    /// <summary>Enumeration of its values.</summary>
    public Type ValueType { get; }

    /// <summary>Number of values; values run from 0 without gaps, 64 at most.</summary>
    public int Size { get; }

    /// <summary>Name of a value, camelCase.</summary>
    public string ValueName(byte value)
    {
        var name = Enum.GetName(ValueType, value) ?? value.ToString();
        return char.ToLowerInvariant(name[0]) + name[1..];
    }

    /// <inheritdoc/>
    public override string ToString() => Name;
}

/// <summary>A facet whose values are <typeparamref name="T"/>.</summary>
/// <typeparam name="T">A byte-backed enumeration.</typeparam>
public sealed class Facet<T> : Facet
    where T : struct, Enum
{
    internal Facet(int index, string name, string title)
        : base(index, name, title, typeof(T)) { }

    /// <summary>The facet has one of these values.</summary>
    public Test Is(params ReadOnlySpan<T> values)
    {
        var mask = 0UL;
        foreach (var value in values)
        {
            mask |= 1UL << Byte(value);
        }

        return new Test(this, mask);
    }

    /// <summary>The facet has none of these values.</summary>
    public Test IsNot(params ReadOnlySpan<T> values)
    {
        var all = (Size == 64) ? ulong.MaxValue : (1UL << Size) - 1;
        return new Test(this, all & ~Is(values).Allowed);
    }

    /// <summary>The facet's value is this or a later one in the enumeration's order.</summary>
    public Test AtLeast(T value)
    {
        var all = (Size == 64) ? ulong.MaxValue : (1UL << Size) - 1;
        return new Test(this, all & ~((1UL << Byte(value)) - 1));
    }

    internal static byte Byte(T value) => Unsafe.BitCast<T, byte>(value);
}

/// <summary>A test of one facet against a set of allowed values.</summary>
/// <param name="Facet">The facet.</param>
/// <param name="Allowed">Bit n set: value n passes.</param>
public readonly record struct Test(Facet Facet, ulong Allowed)
{
    /// <summary>Does the condition pass?</summary>
    public bool Holds(in Condition condition) => ((Allowed >> condition[Facet]) & 1) != 0;

    /// <summary>Does this value pass?</summary>
    public bool Allows(byte value) => ((Allowed >> value) & 1) != 0;

    /// <summary>How many values pass.</summary>
    public int Width => BitOperations.PopCount(Allowed);
}
