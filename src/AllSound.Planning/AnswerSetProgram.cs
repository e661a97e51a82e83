using System.Globalization;
using System.Numerics;
using System.Text;

namespace AllSound.Planning;

/// <summary>
/// Writes a task as an answer set program, for a solver that knows nothing of this planner (gringo and clasp read it): the cheapest plan of at
/// most so many steps is an answer set of least cost. The program is written from the full task, before anything is left out or packed.
/// </summary>
/// <remarks>Planning as answer set programming: V. Lifschitz 2002, from memory. Operators that neither read nor write what another writes may share a step; each stands in the earliest step that it can.</remarks>
/// <example>
/// Of "pump: tyre hard" it writes <c>occurs(pump,1)</c> as a choice, <c>holds(tyre,hard,1)</c> as its consequence, the goal as a constraint and the
/// costs as <c>#minimize</c>: <c>gringo task.lp | clasp</c> answers OPTIMUM FOUND with the cost that <see cref="Search"/> found.
/// </example>
public static class AnswerSetProgram
{
    private const string Rules = """
        step(1..horizon).
        { do(O,T) : operator(O) } :- step(T).
        writes(O,V) :- last(O,V,_).
        reads(O,V) :- requires(O,P), test(P,V,_).
        reads(O,V) :- effect(O,E,_,_), when(E,V,_).
        reads(O,V) :- before(O,C), not after(O,C), switch(V,_).
        writer(V,O,T) :- do(O,T), writes(O,V).
        :- step(T), writes(_,V), 2 { writer(V,O,T) }.
        :- writer(V,O,T), do(N,T), reads(N,V), N != O.
        :- do(O,T), T > 1, not anchored(O,T).
        anchored(O,T) :- do(O,T), T > 1, do(N,T-1), conflict(O,N).
        conflict(O,N) :- writes(O,V), writes(N,V).
        conflict(O,N) :- writes(O,V), reads(N,V).
        conflict(O,N) :- reads(O,V), writes(N,V).
        value(V,X,0) :- initial(V,X).
        holds(P,T) :- test(P,V,X), value(V,X,T).
        :- do(O,T), requires(O,P), not holds(P,T-1).
        passes(E,V,T) :- when(E,V,X), value(V,X,T-1), step(T).
        fails(E,T) :- do(O,T), effect(O,E,_,_), when(E,V,_), not passes(E,V,T).
        chain(V,0,X,T) :- value(V,X,T-1), step(T), effect(_,_,V,_).
        chain(V,J,Y,T) :- do(O,T), effect(O,E,V,J), chain(V,J-1,X,T), map(E,X,Y), not fails(E,T).
        chain(V,J,X,T) :- do(O,T), effect(O,E,V,J), chain(V,J-1,X,T), fails(E,T).
        written(V,T) :- do(O,T), last(O,V,_).
        value(V,X,T) :- do(O,T), last(O,V,J), chain(V,J,X,T).
        value(V,X,T) :- value(V,X,T-1), step(T), not written(V,T).
        :- goal(P), not holds(P,horizon).
        switched(T) :- switch(V,X), value(V,X,T).
        #minimize { C,O,T : do(O,T), before(O,C), not switched(T-1) ; C,O,T : do(O,T), after(O,C), switched(T-1) }.
        #show do/2.
        """;

    /// <summary>The steps that a plan takes where operators that do not conflict share one.</summary>
    /// <param name="domain">The domain.</param>
    /// <param name="plan">The plan.</param>
    public static int Steps(Domain domain, IEnumerable<Operator> plan)
    {
        ArgumentNullException.ThrowIfNull(domain);
        ArgumentNullException.ThrowIfNull(plan);
        var placed = new List<(IndexSet Reads, IndexSet Writes, int Step)>();
        foreach (var op in plan)
        {
            var writes = op.Effects.Aggregate(default(IndexSet), (set, e) => set | IndexSet.Of(e.Variable));
            var reads = op
                .Effects.SelectMany(e => e.When)
                .Concat((op.Preconditions - domain.Untested).Indexes().SelectMany(p => domain.Propositions[p].Any))
                .Aggregate(op.CostVaries && domain.CostSwitch is { } s ? IndexSet.Of(s.Variable) : default, (set, t) => set | IndexSet.Of(t.Variable));
            var step = placed.Where(p => p.Writes.Overlaps(writes | reads) || p.Reads.Overlaps(writes)).Select(p => p.Step).DefaultIfEmpty().Max() + 1;
            placed.Add((reads, writes, step));
        }

        return placed.Select(p => p.Step).DefaultIfEmpty().Max();
    }

    /// <summary>The program.</summary>
    /// <param name="domain">The domain.</param>
    /// <param name="initial">The initial value of each variable.</param>
    /// <param name="goal">What must hold at the end.</param>
    /// <param name="operators">The operators that may be used, with their costs.</param>
    /// <param name="horizon">Steps at most.</param>
    public static string Write(
        Domain domain,
        ReadOnlySpan<byte> initial,
        PropositionSet goal,
        IReadOnlyList<(Operator Operator, OperatorCost Cost)> operators,
        int horizon
    )
    {
        ArgumentNullException.ThrowIfNull(domain);
        ArgumentNullException.ThrowIfNull(operators);
        var text = new StringBuilder().Append(CultureInfo.InvariantCulture, $"#const horizon = {horizon}.\n").Append(Rules).Append('\n');
        var asked = operators.Aggregate(goal, (set, o) => set | o.Operator.Preconditions) - domain.Untested;
        foreach (var p in asked.Indexes())
        {
            foreach (var test in domain.Propositions[p].Any)
            {
                Facts($"test({p},{test.Variable},", test.Allowed & domain.Variables[test.Variable].AllValues);
            }
        }

        foreach (var p in (goal - domain.Untested).Indexes())
        {
            Fact($"goal({p})");
        }

        foreach (var variable in domain.Variables)
        {
            Fact($"initial({variable.Index},{initial[variable.Index]})");
        }

        if (domain.CostSwitch is { } s)
        {
            Facts($"switch({s.Variable},", s.Allowed & domain.Variables[s.Variable].AllValues);
        }

        var effect = 0;
        for (var o = 0; o < operators.Count; o++)
        {
            var (op, cost) = operators[o];
            Fact($"operator({o})");
            Fact($"before({o},{cost.Before})");
            Fact($"after({o},{cost.After})");
            foreach (var p in (op.Preconditions - domain.Untested).Indexes())
            {
                Fact($"requires({o},{p})");
            }

            foreach (var group in op.Effects.GroupBy(e => e.Variable))
            {
                var place = 0;
                foreach (var e in group)
                {
                    effect++;
                    Fact($"effect({o},{effect},{e.Variable},{++place})");
                    for (var from = 0; from < e.Map.Length; from++)
                    {
                        Fact($"map({effect},{from},{e.Map[from]})");
                    }

                    foreach (var test in e.When)
                    {
                        Facts($"when({effect},{test.Variable},", test.Allowed & domain.Variables[test.Variable].AllValues);
                    }
                }

                Fact($"last({o},{group.Key},{place})");
            }
        }

        return text.ToString();

        void Fact(FormattableString fact) => text.Append(FormattableString.Invariant(fact)).Append(".\n");

        void Facts(FormattableString begin, ulong values)
        {
            var start = FormattableString.Invariant(begin);
            for (; values != 0; values &= values - 1)
            {
                text.Append(CultureInfo.InvariantCulture, $"{start}{BitOperations.TrailingZeroCount(values)}).\n");
            }
        }
    }
}
