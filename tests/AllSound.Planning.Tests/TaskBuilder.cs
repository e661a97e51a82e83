using System.Collections.Immutable;

namespace AllSound.Planning.Tests;

/// <summary>Writes a small planning task down in a few lines.</summary>
internal sealed class TaskBuilder
{
    private readonly List<Variable> variables = [];
    private readonly List<byte> initial = [];
    private readonly List<Proposition> propositions = [];
    private readonly Dictionary<string, Proposition> known = [];
    private readonly List<(string Name, int[] Preconditions, Effect[] Effects, OperatorCost Cost)> operators = [];

    public Test? CostSwitch { get; set; }

    public int Counter { get; set; } = -1;

    public int Between { get; set; } = -1;

    public byte[] Initial => [.. initial];

    public OperatorCost[] Costs => [.. operators.Select(o => o.Cost)];

    public int Variable(string name, int size, int value = 0)
    {
        variables.Add(new Variable(variables.Count, name, size));
        initial.Add((byte)value);
        return variables.Count - 1;
    }

    /// <summary>The proposition that some variable has some value; the same one for the same tests.</summary>
    public int Is(params (int Variable, int Value)[] any)
    {
        var name = string.Join(" or ", any.Select(t => $"{variables[t.Variable].Name}={t.Value}"));
        if (!known.TryGetValue(name, out var proposition))
        {
            known[name] = proposition = new Proposition(propositions.Count, name, [.. any.Select(t => new Test(t.Variable, 1UL << t.Value))]);
            propositions.Add(proposition);
        }

        return proposition.Index;
    }

    /// <summary>The proposition that a variable has this value or a higher one.</summary>
    public int AtLeast(int variable, int value)
    {
        var proposition = new Proposition(
            propositions.Count,
            $"{variables[variable].Name}>={value}",
            [new Test(variable, variables[variable].AllValues & ~((1UL << value) - 1))]
        );
        propositions.Add(proposition);
        return proposition.Index;
    }

    public Effect Set(int variable, int value, params (int Variable, int Value)[] when) => Map(variable, [.. Enumerable.Repeat(value, variables[variable].Size)], when);

    public Effect Map(int variable, int[] map, params (int Variable, int Value)[] when) =>
        new(variables[variable], [.. map.Select(v => (byte)v)], [.. when.Select(t => new Test(t.Variable, 1UL << t.Value))]);

    public void Operator(string name, int[] preconditions, Effect[] effects, long cost = 1, long? after = null) =>
        operators.Add((name, preconditions, effects, new OperatorCost(cost, after ?? cost)));

    public Domain Domain =>
        new(
            new PropositionTable([.. variables], [.. propositions]),
            [.. operators.Select((o, i) => new Operator(i, o.Name, Of(o.Preconditions), [.. o.Effects], o.Cost.Before != o.Cost.After))],
            CostSwitch,
            Counter,
            Between
        );

    /// <summary>A cheapest plan by the planner: its cost, or null when there is none.</summary>
    public long? Cheapest(int[] goal, bool prune = true) => Solve(goal, prune) is { Operators: not null } plan ? plan.Cost : null;

    /// <summary>What the planner finds, checked by running it.</summary>
    public Plan Solve(int[] goal, bool prune = true)
    {
        var domain = Domain;
        var task = new CompiledTask(new Grounding(domain, ImmutableDictionary<int, byte>.Empty), Initial, Of(goal), default, domain.Operators);
        if (!task.Missing.IsEmpty)
        {
            return new Plan(null, 0, 0, Complete: true);
        }

        var plan = Search.Cheapest(new CostedTask(new GoalTask(task, Of(goal)), [.. task.Relevant.Select(i => operators[i].Cost)]), prune);
        if (plan.Operators is { } steps)
        {
            var state = Initial;
            var cost = 0L;
            foreach (var op in steps.Select(o => task.Operators[o]))
            {
                Xunit.Assert.True(op.Preconditions.IsSubsetOf(domain.Holding(state)), op.Name);
                cost += CostOf(domain, state, op);
                state = After(state, op);
            }

            Xunit.Assert.True(Of(goal).IsSubsetOf(domain.Holding(state)));
            Xunit.Assert.Equal(cost, plan.Cost);
        }

        return plan;
    }

    /// <summary>The cost of a cheapest plan by uniform-cost search over full states, knowing none of the planner's shortcuts.</summary>
    public long? Exhaust(int[] goal, int most = 200_000)
    {
        var domain = Domain;
        var wanted = Of(goal);
        var best = new Dictionary<string, long>();
        var queue = new PriorityQueue<(byte[] State, long Cost), long>();
        queue.Enqueue((Initial, 0), 0);
        best[Key(Initial)] = 0;
        while (queue.TryDequeue(out var node, out _))
        {
            if (best[Key(node.State)] < node.Cost)
            {
                continue;
            }

            var holding = domain.Holding(node.State);
            if (wanted.IsSubsetOf(holding))
            {
                return node.Cost;
            }

            Xunit.Assert.True(best.Count < most, "too large to exhaust");
            foreach (var op in domain.Operators.Where(o => o.Preconditions.IsSubsetOf(holding)))
            {
                var after = After(node.State, op);
                var cost = node.Cost + CostOf(domain, node.State, op);
                if (!best.TryGetValue(Key(after), out var seen) || cost < seen)
                {
                    best[Key(after)] = cost;
                    queue.Enqueue((after, cost), cost);
                }
            }
        }

        return null;

        static string Key(byte[] state) => Convert.ToBase64String(state);
    }

    private long CostOf(Domain domain, byte[] state, Operator op) =>
        domain.CostSwitch is { } s && s.Allows(state[s.Variable]) ? operators[op.Index].Cost.After : operators[op.Index].Cost.Before;

    private static byte[] After(byte[] state, Operator op)
    {
        var after = (byte[])state.Clone();
        foreach (var effect in op.Effects.Where(e => e.When.All(t => t.Allows(state[t.Variable]))))
        {
            after[effect.Variable] = effect.Map[after[effect.Variable]];
        }

        return after;
    }

    private static PropositionSet Of(int[] propositions) => propositions.Aggregate(default(PropositionSet), (set, p) => set | PropositionSet.Of(p));
}
