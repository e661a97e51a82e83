using System.Numerics;

namespace AllSound.Core.Specification;

/// <summary>One change that an act makes to a field of the state.</summary>
/// <param name="Field">The field.</param>
/// <param name="When">Other fields and the classes, a bit each, that they must have before the act; none when it always happens.</param>
/// <param name="Map">The class after, by the class before: what hangs on the field itself is in it.</param>
internal sealed record FieldChange(int Field, (int Field, ulong Classes)[] When, byte[] Map)
{
    /// <summary>True when it leads to the same class from every class.</summary>
    public bool IsFlat { get; } = Map.AsSpan().IndexOfAnyExcept(Map[0]) < 0;

    /// <summary>True when it always happens and always leads to the same class.</summary>
    public bool Sets => When.Length == 0 && IsFlat;

    /// <summary>Happens under the same conditions as another.</summary>
    public bool GoesWith(FieldChange other) => When.AsSpan().SequenceEqual(other.When);

    /// <summary>Classes, a bit each, that changes to one field, done in turn, can lead to from a class.</summary>
    /// <param name="changes">The changes.</param>
    /// <param name="from">The class.</param>
    public static ulong Outcomes(ReadOnlySpan<FieldChange> changes, int from)
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

/// <summary>What an act does to a packed state: fields that it sets whatever they were, and changes that hang on something.</summary>
internal sealed class Doing
{
    private readonly FieldChange[] all;
    private readonly (byte From, byte Count)[] on;
    private readonly ulong ownReads;

    /// <param name="changes">Its changes, in the order in which they are applied.</param>
    /// <param name="fields">The fields of the state.</param>
    public Doing(List<FieldChange> changes, Field[] fields)
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
            Writes |= 1UL << change.Field;
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
                ownReads |= 1UL << change.Field;
            }

            foreach (var (read, _) in change.When)
            {
                Reads |= 1UL << read;
            }

            for (var c = 0; c < change.Map.Length; c++)
            {
                Breaks |= field.Held[c] - field.Held[change.Map[c]];
            }
        }

        Changes = guarded == 0 ? [] : Array.FindAll(all, c => !c.Sets);
    }

    /// <summary>Bits of the fields that it always sets.</summary>
    public State Mask { get; }

    /// <summary>What it sets them to.</summary>
    public State Value { get; }

    /// <summary>The other changes, in order.</summary>
    public FieldChange[] Changes { get; }

    /// <summary>Fields that it can change, a bit each.</summary>
    public ulong Writes { get; }

    /// <summary>Fields that its changes hang on, besides their own.</summary>
    public ulong Reads { get; }

    /// <summary>Fields of which it hangs on their own class what comes of them, a bit each.</summary>
    public ulong OwnReads => ownReads;

    /// <summary>Needs that it could turn true by one field.</summary>
    public IndexSet Gives(Field field, int number)
    {
        var set = default(IndexSet);
        for (var c = 0; c < field.Order.Count; c++)
        {
            set |= field.Gains(c, FieldChange.Outcomes(On(number), c));
        }

        return set;
    }

    /// <summary>Needs that it can make not hold.</summary>
    public IndexSet Breaks { get; }

    /// <summary>Its changes to one field, in order.</summary>
    public ReadOnlySpan<FieldChange> On(int field) => all.AsSpan(on[field].From, on[field].Count);

    /// <summary>Do both change some field, and not in the same way?</summary>
    public bool Clashes(Doing other)
    {
        for (var rest = Writes & other.Writes; rest != 0; rest &= rest - 1)
        {
            var f = BitOperations.TrailingZeroCount(rest);
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

    /// <summary>Whatever the class of a field, do one act's changes to it leave it at least as good as another's?</summary>
    public static bool Outdoes(ReadOnlySpan<FieldChange> better, ReadOnlySpan<FieldChange> worse, FacetOrder order)
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
            var worst = FieldChange.Outcomes(worse, c);
            for (var rest = FieldChange.Outcomes(better, c); rest != 0; rest &= rest - 1)
            {
                if ((worst & ~order.AtLeast[BitOperations.TrailingZeroCount(rest)]) != 0)
                {
                    return false;
                }
            }
        }

        return true;
    }

    // Together by field, in their order; before one that always sets the field nothing counts.
    private static FieldChange[] InOrder(List<FieldChange> changes)
    {
        var kept = new FieldChange[changes.Count];
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

    private static bool SameGuards(ReadOnlySpan<FieldChange> x, ReadOnlySpan<FieldChange> y)
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
