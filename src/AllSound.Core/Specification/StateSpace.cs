using System.Numerics;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// The conditions of one surface without what can no longer matter on it: facets that nothing asks about are left out and
/// values that come to the same are one. What can be done in a condition, what comes of it and what it costs are exactly
/// what they are in the whole one.
/// </summary>
internal sealed class StateSpace
{
    private readonly Condition start;
    private readonly ulong[] values;
    private readonly Field[] fields;
    private readonly int[] fieldOf = new int[Condition.Capacity];
    private readonly int film;

    private readonly Stretch[] stretches;

    // Needs that hold by a facet that has one class only.
    private readonly Standing always;

    /// <param name="start">The condition to start from.</param>
    /// <param name="values">By facet: the values that can come about, a bit each.</param>
    /// <param name="effects">Effects that can happen on this ground.</param>
    /// <param name="byAct">For each act its effects, by their places among those.</param>
    /// <param name="held">By facet and value: the needs that the value makes hold; null for a facet that nothing asks about.</param>
    public StateSpace(Condition start, ulong[] values, Effect[] effects, int[][] byAct, IndexSet[]?[] held)
    {
        this.start = start;
        this.values = values;
        var can = Possible(effects, byAct);
        fields = Order([.. can.OfType<Effect>()], held);
        Array.Fill(fieldOf, -1);
        for (var f = 0; f < fields.Length; f++)
        {
            fieldOf[fields[f].Order.Facet.Index] = f;
        }

        film = fieldOf[Facets.Film.Index];
        foreach (var facet in Facets.All)
        {
            always += fieldOf[facet.Index] < 0 && held[facet.Index] is { } row ? new Standing(row[start[facet]], default, default, 0) : default;
        }

        Start = Pack(start);
        var changes = Array.ConvertAll(can, Compile);
        Acts = new Doing[byAct.Length];
        for (var act = 0; act < Acts.Length; act++)
        {
            Acts[act] = Compile(byAct[act], changes, act);
        }

        stretches = Stretch.Of(fields);
    }

    /// <summary>The condition to start from.</summary>
    public State Start { get; }

    /// <summary>How many fields a state has.</summary>
    public int FieldCount => fields.Length;

    /// <summary>What each act does here.</summary>
    public Doing[] Acts { get; }

    /// <summary>The condition, packed. Its values must be such as can come about here.</summary>
    public State Pack(in Condition condition)
    {
        var state = default(State);
        foreach (var field in fields)
        {
            state = field.Put(state, field.Order.ClassOf[condition[field.Order.Facet]]);
        }

        return state;
    }

    /// <summary>What a state amounts to.</summary>
    public Standing Of(in State state)
    {
        var standing = always;
        foreach (var stretch in stretches)
        {
            standing += stretch.Of(state);
        }

        return standing;
    }

    /// <summary>Is the old film gone? What an act costs hangs on it.</summary>
    public bool FilmGone(in State state) => (film < 0 ? start.Get(Facets.Film) : (Film)fields[film].Order.First[fields[film].Class(state)]) == Film.None;

    /// <summary>The state once an act is done and everything that it left wet has dried.</summary>
    public State After(in State state, int act)
    {
        var doing = Acts[act];
        var after = state.Set(doing.Mask, doing.Value);
        foreach (var change in doing.Changes)
        {
            if (Fires(change.When, state))
            {
                ref readonly var field = ref fields[change.Field];
                after = field.Put(after, change.Map[field.Class(after)]);
            }
        }

        return after;
    }

    /// <summary>The field of a facet, or -1 when it cannot matter here.</summary>
    public int FieldOf(Facet facet) => fieldOf[facet.Index];

    /// <summary>How many classes a field has.</summary>
    public int Classes(int field) => fields[field].Order.Count;

    /// <summary>The class of a field in a state.</summary>
    public int Class(int field, in State state) => fields[field].Class(state);

    /// <summary>Classes of a field, a bit each, to which an act can lead from one.</summary>
    public ulong Outcomes(int act, int field, int from) => FieldChange.Outcomes(Acts[act].On(field), from);

    /// <summary>The needs that come true when a field goes from one class to any of some, a bit each.</summary>
    public IndexSet Gains(int field, int from, ulong to) => fields[field].Gains(from, to);

    /// <summary>The needs that an act could turn true by a field.</summary>
    public IndexSet Gives(int act, int field) => Acts[act].Gives(fields[field], field);

    /// <summary>Could an act turn a need true?</summary>
    public bool CanGive(int act, int need)
    {
        for (var rest = Acts[act].Writes; rest != 0; rest &= rest - 1)
        {
            if (Gives(act, BitOperations.TrailingZeroCount(rest)).Contains(need))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>For each act, those whose order with it matters: see <see cref="Specification.Interference"/>.</summary>
    /// <param name="needing">By need: the acts that ask for it.</param>
    /// <param name="once">For each act, whether it costs the same with the old film on and off.</param>
    public IndexSet[] Interference(IndexSet[] needing, bool[] once) =>
        Specification.Interference.Among(Acts, fields.Length, needing, Array.ConvertAll(once, o => o || film < 0 ? 0 : 1UL << film));

    /// <summary>Whatever the state, does one act leave it at least as good as another does?</summary>
    public bool Outdoes(int better, int worse)
    {
        var (a, b) = (Acts[better], Acts[worse]);
        for (var rest = a.Writes | b.Writes; rest != 0; rest &= rest - 1)
        {
            var f = BitOperations.TrailingZeroCount(rest);
            if (!Doing.Outdoes(a.On(f), b.On(f), fields[f].Order))
            {
                return false;
            }
        }

        return true;
    }

    private bool Fires((int Field, ulong Classes)[] guards, in State state)
    {
        foreach (var (field, classes) in guards)
        {
            if (((classes >> fields[field].Class(state)) & 1) == 0)
            {
                return false;
            }
        }

        return true;
    }

    private bool CanFire(Effect effect)
    {
        foreach (var guard in effect.When)
        {
            if ((guard.Allowed & values[guard.Facet.Index]) == 0)
            {
                return false;
            }
        }

        return true;
    }

    private bool Always(Test guard) => (values[guard.Facet.Index] & ~guard.Allowed) == 0;

    // The effects that some act has and that can happen; null for the others.
    private Effect?[] Possible(Effect[] effects, int[][] byAct)
    {
        var can = new Effect?[effects.Length];
        foreach (var act in byAct)
        {
            foreach (var effect in act)
            {
                can[effect] ??= CanFire(effects[effect]) ? effects[effect] : null;
            }
        }

        return can;
    }

    private Field[] Order(Effect[] effects, IndexSet[]?[] held)
    {
        // Facets that matter: asked about by a need, or by what changes one that matters. Film decides what acts cost.
        var matters = 1UL << Facets.Film.Index;
        foreach (var facet in Facets.All)
        {
            matters |= held[facet.Index] is null ? 0 : 1UL << facet.Index;
        }

        for (var before = 0UL; before != matters; )
        {
            before = matters;
            foreach (var effect in effects)
            {
                if ((matters >> effect.Facet.Index & 1) == 0)
                {
                    continue;
                }

                foreach (var guard in effect.When)
                {
                    matters |= Always(guard) ? 0 : 1UL << guard.Facet.Index;
                }
            }
        }

        var that = Array.FindAll(effects, e => (matters >> e.Facet.Index & 1) != 0);
        return [.. Field.Place(FacetOrder.Of(matters, values, held, that).Where(o => o.Count > 1), held)];
    }

    private FieldChange? Compile(Effect? effect)
    {
        if (effect is null || fieldOf[effect.Facet.Index] is not (>= 0 and var f))
        {
            return null;
        }

        var order = fields[f].Order;
        var map = new byte[order.Count];
        for (var c = 0; c < map.Length; c++)
        {
            map[c] = order.ClassOf[effect.From(order.First[c])];
        }

        // What leaves every class as it is does nothing, and what it is guarded by may have no field.
        if (!map.Where((to, from) => to != from).Any())
        {
            return null;
        }

        return new FieldChange(f, [.. effect.When.Where(g => g.Facet != effect.Facet && !Always(g)).Select(Guard)], map);
    }

    private Doing Compile(int[] effects, FieldChange?[] changes, int act)
    {
        var own = new List<FieldChange>(effects.Length);
        foreach (var effect in effects)
        {
            if (changes[effect] is { } change)
            {
                own.Add(change);
            }
        }

        var doing = new Doing(own, fields);
        for (var rest = doing.Writes; rest != 0; rest &= rest - 1)
        {
            fields[BitOperations.TrailingZeroCount(rest)].NoteBetters(act, doing.On(BitOperations.TrailingZeroCount(rest)));
        }

        return doing;
    }

    // A guard on a facet with one class only would always or never hold.
    private (int, ulong) Guard(Test test)
    {
        var f = fieldOf[test.Facet.Index];
        var order = fields[f].Order;
        var classes = 0UL;
        for (var c = 0; c < order.Count; c++)
        {
            classes |= test.Allows(order.First[c]) ? 1UL << c : 0;
        }

        return (f, classes);
    }
}
