using System.Collections.Immutable;

namespace AllSound.Planning;

/// <summary>Finds a minimal subset that is enough: none of its items can be left out.</summary>
/// <remarks>Divide and conquer: U. Junker, QuickXplain (AAAI 2004), from memory. Asks about 2 k log2(n / k) times for k of n.</remarks>
/// <example>Of the keys on a ring, those needed to open two doors: <c>MinimalSubset.Of(keys, some => OpensBoth(some))</c>.</example>
public static class MinimalSubset
{
    /// <summary>A minimal subset of items that are enough all together; earlier items are preferred.</summary>
    /// <param name="all">The items; together they are enough, and none of them would not be.</param>
    /// <param name="enough">Are these enough? More items never make it false.</param>
    public static ImmutableArray<T> Of<T>(ImmutableArray<T> all, Func<ImmutableArray<T>, bool> enough)
    {
        ArgumentNullException.ThrowIfNull(enough);
        return all.IsEmpty ? [] : Among([], all, added: false);

        ImmutableArray<T> Among(ImmutableArray<T> taken, ImmutableArray<T> from, bool added)
        {
            if (added && enough(taken))
            {
                return [];
            }

            if (from.Length == 1)
            {
                return from;
            }

            ImmutableArray<T> first = [.. from.Take(from.Length / 2)];
            var late = Among([.. taken, .. first], [.. from.Skip(from.Length / 2)], added: true);
            return [.. Among([.. taken, .. late], first, added: !late.IsEmpty), .. late];
        }
    }
}
