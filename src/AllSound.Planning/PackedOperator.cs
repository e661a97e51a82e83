using System.Numerics;

namespace AllSound.Planning;

/// <summary>An effect on a packed state: a change to one field.</summary>
/// <param name="Field">The field.</param>
/// <param name="When">Other fields and the classes, a bit each, that they must have before the operator; none when it is unconditional.</param>
/// <param name="Map">The class after, by the class before.</param>
/// <example>
/// "Sand" sets field 4 from class 2 ("rough") to class 0 ("smooth") where field 7 is of class 1 ("dry"): <c>Map[2] = 0</c>, and When names field 7 with bit 1.
/// </example>
internal sealed record PackedEffect(int Field, (int Field, ulong Classes)[] When, byte[] Map)
{
    /// <summary>True when it leads to the same class from every class.</summary>
    public bool IsFlat { get; } = Map.AsSpan().IndexOfAnyExcept(Map[0]) < 0;

    /// <summary>True when it always happens and always leads to the same class.</summary>
    public bool Sets => When.Length == 0 && IsFlat;

    /// <summary>Happens under the same conditions as another.</summary>
    public bool GoesWith(PackedEffect other) => When.AsSpan().SequenceEqual(other.When);

    /// <summary>Classes, a bit each, that changes to one field, done in turn, can lead to from a class.</summary>
    /// <param name="changes">The changes.</param>
    /// <param name="from">The class.</param>
    public static ulong Outcomes(ReadOnlySpan<PackedEffect> changes, int from)
    {
        var outcomes = 1UL << from;
        foreach (var change in changes)
        {
            var after = change.When.Length > 0 ? outcomes : 0;
            for (var rest = outcomes; rest != 0; rest &= rest - 1)
            {
                after |= 1UL << change.Map[BitOperations.TrailingZeroCount(rest)];
            }

            outcomes = after;
        }

        return outcomes;
    }
}

/// <summary>An operator on packed states: the fields that it sets whatever they were, and the effects that depend on something.</summary>
internal sealed class PackedOperator
{
    private readonly PackedEffect[] all;
    private readonly (byte From, byte Count)[] on;
    private readonly IndexSet ownReads;

    /// <param name="changes">Its changes, in the order in which they are applied.</param>
    /// <param name="fields">The fields of the state.</param>
    public PackedOperator(List<PackedEffect> changes, PackedField[] fields)
    {
        all = InOrder(changes);
        on = new (byte, byte)[fields.Length];
        var guarded = 0;
        for (var i = 0; i < all.Length; i++)
        {
            var change = all[i];
            var field = fields[change.Field];
            ref var place = ref on[change.Field];
            place = place.Count == 0 ? ((byte)i, (byte)1) : (place.From, (byte)(place.Count + 1));
            Writes |= IndexSet.Of(change.Field);
            if (change.Sets)
            {
                Mask = field.All(Mask);
                Value = field.Put(Value, change.Map[0]);
            }
            else
            {
                guarded++;
            }

            if (!change.IsFlat)
            {
                ownReads |= IndexSet.Of(change.Field);
            }

            foreach (var (read, _) in change.When)
            {
                Reads |= IndexSet.Of(read);
            }

            for (var c = 0; c < change.Map.Length; c++)
            {
                Deletes |= field.Held[c] - field.Held[change.Map[c]];
            }
        }

        Changes = guarded == 0 ? [] : Array.FindAll(all, c => !c.Sets);
    }

    /// <summary>Bits of the fields that it always sets.</summary>
    public State Mask { get; }

    /// <summary>What it sets them to.</summary>
    public State Value { get; }

    /// <summary>The other changes, in order.</summary>
    public PackedEffect[] Changes { get; }

    /// <summary>Fields that it can change.</summary>
    public IndexSet Writes { get; }

    /// <summary>Fields that its effects depend on, besides the one that each changes.</summary>
    public IndexSet Reads { get; }

    /// <summary>Fields whose new class depends on their old one.</summary>
    public IndexSet OwnReads => ownReads;

    /// <summary>Propositions that it could make true by one field.</summary>
    public IndexSet Adds(PackedField field, int number)
    {
        var set = default(IndexSet);
        for (var c = 0; c < field.Order.Count; c++)
        {
            set |= field.Gains(c, PackedEffect.Outcomes(On(number), c));
        }

        return set;
    }

    /// <summary>Propositions that it can delete.</summary>
    public IndexSet Deletes { get; }

    /// <summary>Its changes to one field, in order.</summary>
    public ReadOnlySpan<PackedEffect> On(int field) => all.AsSpan(on[field].From, on[field].Count);

    /// <summary>Do both change some field, and not in the same way?</summary>
    public bool Clashes(PackedOperator other)
    {
        var both = Writes & other.Writes;
        for (var f = both.Next(0); f >= 0; f = both.Next(f + 1))
        {
            foreach (var x in On(f))
            {
                foreach (var y in other.On(f))
                {
                    if (!Commute(x.Map, y.Map))
                    {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /// <summary>Whatever the class of a field, do the effects of one operator leave it at least as good as those of another?</summary>
    public static bool Dominates(ReadOnlySpan<PackedEffect> better, ReadOnlySpan<PackedEffect> worse, ValueOrder order)
    {
        if (SameGuards(better, worse))
        {
            for (var i = 0; i < better.Length; i++)
            {
                for (var c = 0; c < order.Count; c++)
                {
                    if (((order.AtLeast[better[i].Map[c]] >> worse[i].Map[c]) & 1) == 0)
                    {
                        return false;
                    }
                }
            }

            return true;
        }

        for (var c = 0; c < order.Count; c++)
        {
            var worst = PackedEffect.Outcomes(worse, c);
            for (var rest = PackedEffect.Outcomes(better, c); rest != 0; rest &= rest - 1)
            {
                if ((worst & ~order.AtLeast[BitOperations.TrailingZeroCount(rest)]) != 0)
                {
                    return false;
                }
            }
        }

        return true;
    }

    // Grouped by field, in their order; what comes before an unconditional assignment to the same field is dropped.
    private static PackedEffect[] InOrder(List<PackedEffect> changes)
    {
        var kept = new PackedEffect[changes.Count];
        var count = 0;
        for (var i = 0; i < kept.Length; i++)
        {
            var change = changes[i];
            var counts = true;
            for (var later = i + 1; later < kept.Length && counts; later++)
            {
                counts = changes[later].Field != change.Field || !changes[later].Sets;
            }

            if (!counts)
            {
                continue;
            }

            var at = count++;
            for (; at > 0 && kept[at - 1].Field > change.Field; at--)
            {
                kept[at] = kept[at - 1];
            }

            kept[at] = change;
        }

        return kept[..count];
    }

    private static bool SameGuards(ReadOnlySpan<PackedEffect> x, ReadOnlySpan<PackedEffect> y)
    {
        if (x.Length != y.Length)
        {
            return false;
        }

        for (var i = 0; i < x.Length; i++)
        {
            if (!x[i].GoesWith(y[i]))
            {
                return false;
            }
        }

        return true;
    }

    private static bool Commute(byte[] x, byte[] y)
    {
        for (var c = 0; c < x.Length; c++)
        {
            if (x[y[c]] != y[x[c]])
            {
                return false;
            }
        }

        return true;
    }
}
