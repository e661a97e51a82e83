using System.Numerics;

namespace AllSound.Planning;

/// <summary>
/// Which values of a variable are at least as good as which, for whatever can still be done in a task: what holds or can be applied with the
/// worse value does so with the better, and stays so after every operator. Values that are as good as each other form one class, and need not
/// be told apart. (A simulation between the values of one variable: label-dominance simulation, Á. Torralba and J. Hoffmann 2015, from memory.)
/// </summary>
/// <example>Rust none, light, heavy: none is at least as good as light where every operator that works on light rust works on none.</example>
internal sealed class ValueOrder
{
    private ValueOrder(int variable, byte[] classOf, byte[] first, ulong[] atLeast, int[] group)
    {
        Variable = variable;
        ClassOf = classOf;
        First = first;
        AtLeast = atLeast;
        Group = group;
    }

    /// <summary>Index of the variable.</summary>
    public int Variable { get; }

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

    /// <summary>Orders the values of several variables together, as what is better of one may depend on what is better of another.</summary>
    /// <param name="domain">The domain, for sizes and for the test that costs depend on.</param>
    /// <param name="matters">The variables that matter.</param>
    /// <param name="values">By variable: the values that can come about, a bit each, closed under the effects.</param>
    /// <param name="held">By variable and value: the propositions that the value makes hold.</param>
    /// <param name="effects">All effects on variables that matter.</param>
    public static IEnumerable<ValueOrder> Of(Domain domain, IndexSet matters, ulong[] values, IndexSet[]?[] held, Effect[] effects)
    {
        var atLeast = new ulong[]?[values.Length];
        foreach (var v in matters.Indexes())
        {
            atLeast[v] = ByPropositions(values[v], held[v]);
        }

        // A cheaper state is not better here: costs are compared apart, so both sides of the switch must stay distinct.
        if (domain.CostSwitch is { } s)
        {
            Part(atLeast[s.Variable]!, values[s.Variable], s.Allowed, better: false, worse: false);
        }

        // What is better must stay better whatever is applied; pairs are taken away until nothing more falls (a greatest fixed point).
        for (var changed = true; changed; )
        {
            changed = false;
            foreach (var effect in effects)
            {
                var order = atLeast[effect.Variable]!;
                var all = values[effect.Variable];
                changed |= Keep(order, all, effect);
                var (better, worse) = (Improves(order, all, effect), Worsens(order, all, effect));
                foreach (var test in effect.When)
                {
                    if (atLeast[test.Variable] is { } guarding)
                    {
                        changed |= Part(guarding, values[test.Variable], test.Allowed, better, worse);
                    }
                }
            }
        }

        foreach (var v in matters.Indexes())
        {
            yield return Classes(domain.Variables[v], values[v], atLeast[v]!);
        }
    }

    private static ulong[] ByPropositions(ulong values, IndexSet[]? held)
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
                if (((atLeast[effect.Map[v]] >> effect.Map[w]) & 1) == 0)
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
            if (((atLeast[effect.Map[v]] >> v) & 1) == 0)
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
            if (((atLeast[v] >> effect.Map[v]) & 1) == 0)
            {
                return false;
            }
        }

        return true;
    }

    private static ValueOrder Classes(Variable variable, ulong values, ReadOnlySpan<ulong> atLeast)
    {
        var classOf = new byte[variable.Size];
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

        return new ValueOrder(variable.Index, classOf, [.. first], order, group);
    }
}
