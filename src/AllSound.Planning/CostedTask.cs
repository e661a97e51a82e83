namespace AllSound.Planning;

/// <summary>What an operator costs, fixed point, 0 or more.</summary>
/// <param name="Before">While the cost switch fails.</param>
/// <param name="After">Once it passes.</param>
/// <example>
/// A wash costs 3 while the lead rules are off and 9 once they are on: <c>new OperatorCost(3, 9)</c>.
/// </example>
public readonly record struct OperatorCost(long Before, long After)
{
    /// <summary>A cost that does not vary.</summary>
    public static OperatorCost Constant(long cost) => new(cost, cost);

    /// <summary>The smaller of both.</summary>
    internal long Least => Math.Min(Before, After);

    /// <summary>Does it cost no more than another, before and after?</summary>
    internal bool IsNoMoreThan(OperatorCost other) => Before <= other.Before && After <= other.After;
}

/// <summary>A goal task with costs, and an admissible heuristic for it: a lower bound on what is still to pay from any state.</summary>
/// <remarks>
/// The heuristic adds disjunctive action landmarks to fact landmarks with the costs that they leave over (cost partitioning: M. Katz and C.
/// Domshlak 2010, from memory), once for plans on which the cost switch never passes, once for those on which it does, and takes the smaller.
/// </remarks>
public sealed class CostedTask
{
    private const long None = long.MaxValue / 4;
    private readonly CompiledTask compiled;
    private readonly ContextSplitting split;
    private readonly CostPartitioning any;
    private readonly CostPartitioning unswitched;
    private readonly CostPartitioning afterSwitch;
    private readonly long cheapestSwitch = None;

    // The least that the operator landmarks leave of the cost of switching.
    private readonly long switchLeft = None;
    private readonly DisjunctiveLandmarks unswitchedLandmarks = DisjunctiveLandmarks.None;
    private readonly DisjunctiveLandmarks switchedLandmarks = DisjunctiveLandmarks.None;

    /// <param name="task">The goal and the operators to reach it with.</param>
    /// <param name="costs">By operator of the compiled task: its cost.</param>
    /// <exception cref="ArgumentException">There are not as many costs as operators, or one is below zero.</exception>
    public CostedTask(GoalTask task, ReadOnlySpan<OperatorCost> costs)
    {
        ArgumentNullException.ThrowIfNull(task);
        Task = task;
        compiled = task.Task;
        split = compiled.Any.Split;
        var count = compiled.Operators.Length;
        if (costs.Length != count)
        {
            throw new ArgumentException($"Expected {count} costs, found {costs.Length}.", nameof(costs));
        }

        Costs = costs.ToArray();
        if (Array.Exists(Costs, c => c.Least < 0))
        {
            throw new ArgumentException("A cost is 0 or more.", nameof(costs));
        }

        Used = Undominated(task.Allowed);
        var (before, least, after) = (new long[count], new long[count], new long[count]);
        var (own, switching) = (new long?[count], new long?[count]);
        var switched = compiled.States.IsSwitched(Initial);
        var deletes = true;
        var staying = Used;
        for (var o = Used.Next(0); o >= 0; o = Used.Next(o + 1))
        {
            if (compiled.Switching[o])
            {
                staying -= IndexSet.Of(o);
                cheapestSwitch = Math.Min(cheapestSwitch, Costs[o].Before);
            }
            else
            {
                own[o] = before[o] = Costs[o].Before;
                least[o] = Costs[o].Least;
            }

            after[o] = Costs[o].After;

            switching[o] = switched ? Costs[o].After : Costs[o].Least;
            deletes &= DeletesBetween(compiled.Operators[o]);
        }

        // Operator landmarks are expensive to find: only for plans that exist, and with switching only where that is not bounded above not switching anyway.
        var now = compiled.States.Of(Initial).Holding;
        if (task.CanStay)
        {
            unswitchedLandmarks = new DisjunctiveLandmarks(compiled.Unswitched, task.Goal, own, deletes);
        }

        // Three bounds: the switch never passes; it passes already; it is still to pass, at a cost counted apart.
        unswitched = new CostPartitioning(task.Unswitched, now, staying, before, unswitchedLandmarks.Taken, compiled.Thresholds);
        var stay = task.CanStay ? unswitched.Bound(now, unswitchedLandmarks.Bound(unswitchedLandmarks.All)) ?? long.MaxValue : long.MaxValue;
        any = new CostPartitioning(task.Any, now, Used, least, [], compiled.Thresholds);
        if (task.CanSwitch && (switched || any.Bound(now, 0) + cheapestSwitch < stay))
        {
            var place = switched ? -1 : compiled.SwitchedPlace;
            switchedLandmarks = new DisjunctiveLandmarks(compiled.Any, place < 0 ? task.Goal : task.Goal | IndexSet.Of(place), switching, deletes);
            any = new CostPartitioning(task.Any, now, Used, least, switchedLandmarks.Taken, compiled.Thresholds);
        }

        afterSwitch = new CostPartitioning(task.AfterSwitch, now, Used, after, switchedLandmarks.Taken, compiled.Thresholds);
        for (var o = Used.Next(0); o >= 0; o = Used.Next(o + 1))
        {
            if (compiled.Switching[o])
            {
                switchLeft = Math.Min(switchLeft, switching[o]!.Value - (switchedLandmarks.Taken.Length == 0 ? 0 : switchedLandmarks.Taken[o]));
            }
        }
    }

    /// <summary>The goal and the operators to reach it with.</summary>
    public GoalTask Task { get; }

    /// <summary>By operator: its cost.</summary>
    public OperatorCost[] Costs { get; }

    /// <summary>May there be a plan?</summary>
    public bool IsPossible => Task.CanStay || Task.CanSwitch;

    /// <summary>A lower bound on the cost of a plan, or null when there is none.</summary>
    public long? LeastCost => IsPossible ? Bound(Initial, compiled.States.Of(Initial).Holding, Landmarks) : null;

    /// <summary>The operators, by place, that no other dominates at no higher cost.</summary>
    internal IndexSet Used { get; }

    internal State Initial => compiled.States.Initial;

    /// <summary>The landmarks that are open initially.</summary>
    internal OpenLandmarks Landmarks => new(unswitchedLandmarks.All, switchedLandmarks.All);

    /// <summary>What an operator costs in a state.</summary>
    internal long Cost(in State state, int op) => compiled.States.IsSwitched(state) ? Costs[op].After : Costs[op].Before;

    /// <summary>Operators that may be used and whose preconditions all hold.</summary>
    internal IndexSet Applicable(in IndexSet holding) => compiled.Applicable(holding) & Used;

    /// <summary>The landmarks that are still open after an operator.</summary>
    /// <param name="open">Those open before.</param>
    /// <param name="op">The operator.</param>
    /// <param name="state">The state before.</param>
    internal OpenLandmarks Progress(OpenLandmarks open, int op, in State state)
    {
        var slot = split.Of(op, state);
        return new(open.Unswitched & ~unswitchedLandmarks.HitBy(slot), open.Switched & ~switchedLandmarks.HitBy(slot));
    }

    /// <summary>The heuristic: a lower bound on what is still to pay, or null when the goal is out of reach.</summary>
    /// <param name="state">The state.</param>
    /// <param name="holding">Propositions that hold in it.</param>
    /// <param name="open">Landmarks that are open on some path by which it was reached.</param>
    internal long? Bound(in State state, in IndexSet holding, OpenLandmarks open)
    {
        if (compiled.States.IsSwitched(state))
        {
            return afterSwitch.Bound(holding, switchedLandmarks.Bound(open.Switched));
        }

        var stay = Task.CanStay ? unswitched.Bound(holding, unswitchedLandmarks.Bound(open.Unswitched)) : null;
        var change = cheapestSwitch == None ? null : any.Bound(holding, switchedLandmarks.Bound(open.Switched), cheapestSwitch, switchLeft);
        return stay is { } s && change is { } c ? Math.Min(s, c) : stay ?? change;
    }

    // An operator that requires no more, costs no more, and leaves everything at least as good stands for the other: no plan with the other is
    // better than the one with it. (Dominance pruning of operators: Á. Torralba and J. Hoffmann 2015, from memory.)
    private IndexSet Undominated(IndexSet allowed)
    {
        var kept = default(IndexSet);
        for (var i = allowed.Next(0); i >= 0; i = allowed.Next(i + 1))
        {
            var dominated = false;
            var rivals = compiled.DominatedBy[i] & allowed;
            for (var j = rivals.Next(0); j >= 0 && !dominated; j = rivals.Next(j + 1))
            {
                // Of two that are worth the same the first stays.
                dominated = Costs[j].IsNoMoreThan(Costs[i]) && !(i < j && compiled.DominatedBy[j].Contains(i) && Costs[i].IsNoMoreThan(Costs[j]));
            }

            kept |= dominated ? default : IndexSet.Of(i);
        }

        return kept;
    }

    // Where every raise of the counter requires what it deletes, something must restore it between two raises.
    private bool DeletesBetween(Operator op)
    {
        var domain = compiled.Domain;
        return !op.Effects.Any(e => e.Variable == domain.Counter && e.Map.Where((to, from) => to > from).Any())
            || (
                domain.Between >= 0
                && op.Preconditions.Contains(domain.Between)
                && domain.Propositions[domain.Between].Any is [var test]
                && op.Effects.Any(e => e.Variable == test.Variable && e.When.IsEmpty && e.Map.All(v => !test.Allows(v)))
            );
    }
}

/// <summary>Operator landmarks still open, a bit each: on plans on which the switch never passes, and on those on which it does.</summary>
internal readonly record struct OpenLandmarks(ulong Unswitched, ulong Switched)
{
    /// <summary>Open on one path or the other: what is open on some path to a state is still to come on every plan from it.</summary>
    public static OpenLandmarks operator |(OpenLandmarks x, OpenLandmarks y) => new(x.Unswitched | y.Unswitched, x.Switched | y.Switched);
}
