namespace AllSound.Planning;

/// <summary>
/// The states of one task without what can no longer matter in it: variables that nothing asks about are left out and values that are as good
/// as each other are one. Which operators apply in a state, what comes of them and what they cost is exactly as in the full state.
/// </summary>
/// <example>
/// If only "is it dry?" is ever asked, "wet" and "soaked" are one class; a colour that nothing asks about takes no bit.
/// </example>
internal sealed class StateSpace
{
    private readonly Domain domain;
    private readonly ulong[] values;
    private readonly PackedField[] fields;
    private readonly int[] fieldOf;
    private readonly int switchField;
    private readonly ulong switchedClasses;
    private readonly bool switchedAlways;
    private readonly FieldBlock[] blocks;

    // Propositions that hold by a variable that has one class only.
    private readonly StateSummary always;

    /// <param name="domain">The domain.</param>
    /// <param name="initial">The initial value of each variable.</param>
    /// <param name="values">By variable: the values that can come about, a bit each.</param>
    /// <param name="effects">Effects that can happen here.</param>
    /// <param name="byOperator">For each operator its effects, by their places among those.</param>
    /// <param name="held">By variable and value: the propositions that the value makes hold; null for a variable that nothing asks about.</param>
    public StateSpace(Domain domain, ReadOnlySpan<byte> initial, ulong[] values, Effect[] effects, int[][] byOperator, IndexSet[]?[] held)
    {
        (this.domain, this.values) = (domain, values);
        var can = Possible(effects, byOperator);
        fields = Order([.. can.OfType<Effect>()], held);
        fieldOf = new int[values.Length];
        Array.Fill(fieldOf, -1);
        for (var f = 0; f < fields.Length; f++)
        {
            fieldOf[fields[f].Order.Variable] = f;
        }

        for (var v = 0; v < fieldOf.Length; v++)
        {
            always += fieldOf[v] < 0 && held[v] is { } row ? new StateSummary(row[initial[v]], default, default, 0) : default;
        }

        switchField = domain.CostSwitch is { } s ? fieldOf[s.Variable] : -1;
        switchedClasses = switchField < 0 ? 0 : ClassesPassing(fields[switchField].Order, domain.CostSwitch!.Value);
        switchedAlways = switchField < 0 && domain.CostSwitch is { } only && only.Allows(initial[only.Variable]);
        Initial = Pack(initial);
        var changes = Array.ConvertAll(can, Compile);
        Operators = new PackedOperator[byOperator.Length];
        for (var op = 0; op < Operators.Length; op++)
        {
            Operators[op] = Compile(byOperator[op], changes, op);
        }

        blocks = FieldBlock.Of(fields);
    }

    /// <summary>The initial state.</summary>
    public State Initial { get; }

    /// <summary>How many fields a state has.</summary>
    public int FieldCount => fields.Length;

    /// <summary>What each operator does here.</summary>
    public PackedOperator[] Operators { get; }

    /// <summary>A full state, packed. Its values must be such as can come about here.</summary>
    public State Pack(ReadOnlySpan<byte> state)
    {
        var packed = default(State);
        foreach (var field in fields)
        {
            packed = field.Put(packed, field.Order.ClassOf[state[field.Order.Variable]]);
        }

        return packed;
    }

    /// <summary>The summary of a state.</summary>
    public StateSummary Of(in State state)
    {
        var summary = always;
        foreach (var block in blocks)
        {
            summary += block.Of(state);
        }

        return summary;
    }

    /// <summary>Does the test pass that costs depend on?</summary>
    public bool IsSwitched(in State state) => switchField < 0 ? switchedAlways : ((switchedClasses >> fields[switchField].Class(state)) & 1) != 0;

    /// <summary>The state after an operator.</summary>
    public State After(in State state, int op)
    {
        var packed = Operators[op];
        var after = state.Set(packed.Mask, packed.Value);
        foreach (var change in packed.Changes)
        {
            if (Fires(change.When, state))
            {
                ref readonly var field = ref fields[change.Field];
                after = field.Put(after, change.Map[field.Class(after)]);
            }
        }

        return after;
    }

    /// <summary>The field of a variable, or -1 when it cannot matter here.</summary>
    public int FieldOf(int variable) => variable < 0 ? -1 : fieldOf[variable];

    /// <summary>How many classes a field has.</summary>
    public int Classes(int field) => fields[field].Order.Count;

    /// <summary>The class of a field in a state.</summary>
    public int Class(int field, in State state) => fields[field].Class(state);

    /// <summary>Classes of a field, a bit each, to which an operator can lead from one.</summary>
    public ulong Outcomes(int op, int field, int from) => PackedEffect.Outcomes(Operators[op].On(field), from);

    /// <summary>The propositions that come true when a field goes from one class to any of some, a bit each.</summary>
    public IndexSet Gains(int field, int from, ulong to) => fields[field].Gains(from, to);

    /// <summary>The propositions that an operator could make true by a field.</summary>
    public IndexSet Adds(int op, int field) => Operators[op].Adds(fields[field], field);

    /// <summary>Could an operator make a proposition true?</summary>
    public bool CanAdd(int op, int proposition)
    {
        var writes = Operators[op].Writes;
        for (var f = writes.Next(0); f >= 0; f = writes.Next(f + 1))
        {
            if (Adds(op, f).Contains(proposition))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>For each operator, those whose order with it matters: see <see cref="Planning.Interference"/>.</summary>
    /// <param name="requiring">By proposition: the operators that require it.</param>
    /// <param name="varying">For each operator, whether its cost depends on the cost switch.</param>
    public IndexSet[] Interference(IndexSet[] requiring, bool[] varying) =>
        Planning.Interference.Among(Operators, fields.Length, requiring, Array.ConvertAll(varying, v => v && switchField >= 0 ? IndexSet.Of(switchField) : default));

    /// <summary>Whatever the state, does one operator leave it at least as good as another does?</summary>
    public bool Dominates(int better, int worse)
    {
        var (a, b) = (Operators[better], Operators[worse]);
        var either = a.Writes | b.Writes;
        for (var f = either.Next(0); f >= 0; f = either.Next(f + 1))
        {
            if (!PackedOperator.Dominates(a.On(f), b.On(f), fields[f].Order))
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
        foreach (var test in effect.When)
        {
            if ((test.Allowed & values[test.Variable]) == 0)
            {
                return false;
            }
        }

        return true;
    }

    private bool Always(Test test) => (values[test.Variable] & ~test.Allowed) == 0;

    // The effects that some operator has and that can happen; null for the others.
    private Effect?[] Possible(Effect[] effects, int[][] byOperator)
    {
        var can = new Effect?[effects.Length];
        foreach (var op in byOperator)
        {
            foreach (var effect in op)
            {
                can[effect] ??= CanFire(effects[effect]) ? effects[effect] : null;
            }
        }

        return can;
    }

    private PackedField[] Order(Effect[] effects, IndexSet[]?[] held)
    {
        // Variables that matter: asked about by a proposition, or by an effect on one that matters; and the one that costs depend on.
        var matters = domain.CostSwitch is { } s ? IndexSet.Of(s.Variable) : default;
        for (var v = 0; v < held.Length; v++)
        {
            matters |= held[v] is null ? default : IndexSet.Of(v);
        }

        for (var before = default(IndexSet); before != matters; )
        {
            before = matters;
            foreach (var effect in effects)
            {
                if (matters.Contains(effect.Variable))
                {
                    foreach (var test in effect.When)
                    {
                        matters |= Always(test) ? default : IndexSet.Of(test.Variable);
                    }
                }
            }
        }

        var those = Array.FindAll(effects, e => matters.Contains(e.Variable));
        return [.. PackedField.Place(ValueOrder.Of(domain, matters, values, held, those).Where(o => o.Count > 1), held)];
    }

    private PackedEffect? Compile(Effect? effect)
    {
        if (effect is null || fieldOf[effect.Variable] is not (>= 0 and var f))
        {
            return null;
        }

        var order = fields[f].Order;
        var map = new byte[order.Count];
        for (var c = 0; c < map.Length; c++)
        {
            map[c] = order.ClassOf[effect.Map[order.First[c]]];
        }

        // What leaves every class as it is does nothing, and the variables of its conditions may have no field.
        return map.Where((to, from) => to != from).Any() ? new PackedEffect(f, [.. effect.When.Where(t => !Always(t)).Select(Guard)], map) : null;
    }

    private PackedOperator Compile(int[] effects, PackedEffect?[] changes, int op)
    {
        var own = new List<PackedEffect>(effects.Length);
        foreach (var effect in effects)
        {
            if (changes[effect] is { } change)
            {
                own.Add(change);
            }
        }

        var packed = new PackedOperator(own, fields);
        for (var f = packed.Writes.Next(0); f >= 0; f = packed.Writes.Next(f + 1))
        {
            fields[f].NoteImproving(op, packed.On(f));
        }

        return packed;
    }

    // A test on a variable with one class only would always or never pass.
    private (int Field, ulong Classes) Guard(Test test)
    {
        var f = fieldOf[test.Variable];
        return (f, ClassesPassing(fields[f].Order, test));
    }

    private static ulong ClassesPassing(ValueOrder order, Test test)
    {
        var classes = 0UL;
        for (var c = 0; c < order.Count; c++)
        {
            classes |= test.Allows(order.First[c]) ? 1UL << c : 0;
        }

        return classes;
    }
}
