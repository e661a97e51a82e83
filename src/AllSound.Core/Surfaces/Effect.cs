using System.Collections.Immutable;

namespace AllSound.Core.Surfaces;

/// <summary>How an effect changes its facet.</summary>
public enum Change : byte
{
    /// <summary>Sets the value.</summary>
    Set,

    /// <summary>Adds one, up to the facet's last value.</summary>
    Increase,

    /// <summary>Takes one away, down to the first value.</summary>
    Decrease,

    /// <summary>Takes the effect's own value away, down to the first value.</summary>
    Take,
}

/// <summary>One change that an operation makes to a condition. Guards are read before any of its effects is applied.</summary>
/// <param name="Facet">The facet changed.</param>
/// <param name="Change">How.</param>
/// <param name="Value">The new value, for <see cref="Change.Set"/>; the steps, for <see cref="Change.Take"/>.</param>
/// <param name="When">All of these must hold, or the effect does not happen.</param>
public sealed record Effect(Facet Facet, Change Change, byte Value, ImmutableArray<Test> When)
{
    /// <summary>Sets a facet.</summary>
    public static Effect Set<T>(Facet<T> facet, T value, params Test[] when)
        where T : struct, Enum => new(facet, Change.Set, Facet<T>.Byte(value), [.. when]);

    /// <summary>Adds one to a count.</summary>
    public static Effect Increase(Facet<Count> facet, params Test[] when) => new(facet, Change.Increase, 0, [.. when]);

    /// <summary>Takes hundredths of a metre of still air away, 0 to 63.</summary>
    public static Effect Take(Facet<VapourSteps> facet, int steps, params Test[] when) => new(facet, Change.Take, (byte)Math.Clamp(steps, 0, 63), [.. when]);

    /// <summary>Takes one from a count.</summary>
    public static Effect Decrease(Facet<Count> facet, params Test[] when) => new(facet, Change.Decrease, 0, [.. when]);

    /// <summary>The value after the effect, given the one before.</summary>
    internal byte Result(byte before) =>
        Change switch
        {
            Change.Set => Value,
            Change.Take => (byte)Math.Max(before - Value, 0),
            Change.Increase => (byte)Math.Min(before + 1, Facet.Size - 1),
            _ => (byte)Math.Max(before - 1, 0),
        };

    /// <summary>What becomes of a value, as far as that hangs on the facet itself: a guard on it may leave the value as it is.</summary>
    internal byte From(byte before)
    {
        foreach (var guard in When)
        {
            if (guard.Facet == Facet && !guard.Allows(before))
            {
                return before;
            }
        }

        return Result(before);
    }

    internal bool Applies(in Condition condition)
    {
        foreach (var test in When)
        {
            if (!test.Holds(condition))
            {
                return false;
            }
        }

        return true;
    }
}
