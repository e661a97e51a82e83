using System.Numerics;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// Which values of a facet are at least as good as which, for whatever can still be done on one surface: what holds or
/// can be done with the worse can with the better, and stays so after every act. Values that are as good as each other
/// make one class and need not be told apart. (A simulation between the values of one state variable: Torralba and
/// Hoffmann 2015, from memory.)
/// </summary>
internal sealed class FacetOrder
{
    private FacetOrder(Facet facet, byte[] classOf, byte[] first, ulong[] atLeast, int[] group)
    {
        Facet = facet;
        ClassOf = classOf;
        First = first;
        AtLeast = atLeast;
        Group = group;
    }

    public Facet Facet { get; }

    /// <summary>Class of each value; 0 for values that cannot come about.</summary>
    public byte[] ClassOf { get; }

    /// <summary>The first value of each class.</summary>
    public byte[] First { get; }

    /// <summary>For each class, those that it is at least as good as, a bit each.</summary>
    public ulong[] AtLeast { get; }

    /// <summary>For each class, a number that it shares with every class that it can be compared with.</summary>
    public int[] Group { get; }

    /// <summary>Number of classes.</summary>
    public int Count => First.Length;

    /// <summary>Orders the values of facets, all together: what is better of one may hang on what is better of another.</summary>
    /// <param name="matters">The facets that matter, a bit each.</param>
    /// <param name="values">By facet: the values that can come about, a bit each, closed under the effects.</param>
    /// <param name="held">By facet and value: the needs that the value makes hold.</param>
    /// <param name="effects">All effects on facets that matter.</param>
    public static IEnumerable<FacetOrder> Of(ulong matters, ulong[] values, IndexSet[]?[] held, Effect[] effects)
    {
        var atLeast = new ulong[]?[Condition.Capacity];
        for (var rest = matters; rest != 0; rest &= rest - 1)
        {
            var f = BitOperations.TrailingZeroCount(rest);
            atLeast[f] = ByNeeds(values[f], held[f]);
        }

        // Costs hang on whether the film is gone, either way.
        Part(atLeast[Facets.Film.Index]!, values[Facets.Film.Index], 1UL << (int)Film.None, better: false, worse: false);

        // What is better must stay better, whatever is done; taken away until nothing more falls.
        for (var changed = true; changed; )
        {
            changed = false;
            foreach (var effect in effects)
            {
                var order = atLeast[effect.Facet.Index]!;
                var all = values[effect.Facet.Index];
                changed |= Keep(order, all, effect);
                var (better, worse) = (Improves(order, all, effect), Worsens(order, all, effect));
                foreach (var guard in effect.When)
                {
                    // A guard on the facet itself is in what becomes of its values; one that always holds parts nothing.
                    if (guard.Facet != effect.Facet && atLeast[guard.Facet.Index] is { } guarding)
                    {
                        changed |= Part(guarding, values[guard.Facet.Index], guard.Allowed, better, worse);
                    }
                }
            }
        }

        for (var rest = matters; rest != 0; rest &= rest - 1)
        {
            var f = BitOperations.TrailingZeroCount(rest);
            yield return Classes(Facets.All[f], values[f], atLeast[f]!);
        }
    }

    private static ulong[] ByNeeds(ulong values, IndexSet[]? held)
    {
        var atLeast = new ulong[64];
        for (var rest = values; rest != 0; rest &= rest - 1)
        {
            var v = BitOperations.TrailingZeroCount(rest);
            atLeast[v] = values;
            for (var other = values; held is not null && other != 0; other &= other - 1)
            {
                var w = BitOperations.TrailingZeroCount(other);
                atLeast[v] &= held[w].IsSubsetOf(held[v]) ? ulong.MaxValue : ~(1UL << w);
            }
        }

        return atLeast;
    }

    // A change that happens with the better value only must be for the better; one with the worse only, for the worse.
    private static bool Part(ulong[] atLeast, ulong values, ulong guard, bool better, bool worse)
    {
        var changed = false;
        for (var rest = values; rest != 0; rest &= rest - 1)
        {
            var v = BitOperations.TrailingZeroCount(rest);
            var fires = ((guard >> v) & 1) != 0;
            var kept = atLeast[v] & (fires ? (better ? ulong.MaxValue : guard) : (worse ? ulong.MaxValue : ~guard));
            changed |= kept != atLeast[v];
            atLeast[v] = kept;
        }

        return changed;
    }

    private static bool Keep(ulong[] atLeast, ulong values, Effect effect)
    {
        var changed = false;
        for (var rest = values; rest != 0; rest &= rest - 1)
        {
            var v = BitOperations.TrailingZeroCount(rest);
            for (var other = atLeast[v]; other != 0; other &= other - 1)
            {
                var w = BitOperations.TrailingZeroCount(other);
                if (((atLeast[effect.From((byte)v)] >> effect.From((byte)w)) & 1) == 0)
                {
                    atLeast[v] &= ~(1UL << w);
                    changed = true;
                }
            }
        }

        return changed;
    }

    private static bool Improves(ulong[] atLeast, ulong values, Effect effect)
    {
        for (var rest = values; rest != 0; rest &= rest - 1)
        {
            var v = BitOperations.TrailingZeroCount(rest);
            if (((atLeast[effect.From((byte)v)] >> v) & 1) == 0)
            {
                return false;
            }
        }

        return true;
    }

    private static bool Worsens(ulong[] atLeast, ulong values, Effect effect)
    {
        for (var rest = values; rest != 0; rest &= rest - 1)
        {
            var v = BitOperations.TrailingZeroCount(rest);
            if (((atLeast[v] >> effect.From((byte)v)) & 1) == 0)
            {
                return false;
            }
        }

        return true;
    }

    private static FacetOrder Classes(Facet facet, ulong values, ReadOnlySpan<ulong> atLeast)
    {
        var classOf = new byte[facet.Size];
        var first = new List<byte>(4);
        for (var rest = values; rest != 0; rest &= rest - 1)
        {
            var v = BitOperations.TrailingZeroCount(rest);
            var known = -1;
            for (var c = 0; c < first.Count && known < 0; c++)
            {
                known = ((atLeast[v] >> first[c]) & 1) != 0 && ((atLeast[first[c]] >> v) & 1) != 0 ? c : -1;
            }

            classOf[v] = (byte)(known < 0 ? first.Count : known);
            if (known < 0)
            {
                first.Add((byte)v);
            }
        }

        var order = new ulong[first.Count];
        var group = new int[first.Count];
        for (var c = 0; c < order.Length; c++)
        {
            group[c] = c;
            for (var d = 0; d < order.Length; d++)
            {
                order[c] |= ((atLeast[first[c]] >> first[d]) & 1) != 0 ? 1UL << d : 0;
            }
        }

        for (var changed = true; changed; )
        {
            changed = false;
            for (var c = 0; c < order.Length; c++)
            {
                for (var rest = order[c]; rest != 0; rest &= rest - 1)
                {
                    var d = BitOperations.TrailingZeroCount(rest);
                    if (group[c] != group[d])
                    {
                        group[c] = group[d] = Math.Min(group[c], group[d]);
                        changed = true;
                    }
                }
            }
        }

        return new FacetOrder(facet, classOf, [.. first], order, group);
    }
}
