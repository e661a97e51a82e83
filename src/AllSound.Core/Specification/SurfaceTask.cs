using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;

namespace AllSound.Core.Specification;

/// <summary>What a search found.</summary>
/// <param name="Acts">The cheapest sequence, or null when there is none.</param>
/// <param name="Cost">Its weighted cost, fixed point.</param>
/// <param name="Expanded">States expanded.</param>
/// <param name="Complete">False when it gave up at the limit; then no sequence is claimed.</param>
internal sealed record Found(IReadOnlyList<Act>? Acts, long Cost, int Expanded, bool Complete);

/// <summary>The planning task of one surface, made ready once for all searches on it, in terms of the trade.</summary>
internal sealed class SurfaceTask
{
    /// <param name="start">The condition to start from.</param>
    /// <param name="goal">What must hold at the end, whatever else a search asks for.</param>
    /// <param name="also">What single searches may ask for besides.</param>
    /// <param name="allowed">Acts that the brief allows.</param>
    /// <param name="priced">False where only the existence of sequences is asked and not what they cost.</param>
    public SurfaceTask(Condition start, IEnumerable<Need> goal, IEnumerable<Need> also, Act[] allowed, bool priced = true)
    {
        Task = new CompiledTask(TradeDomain.On(start), start.Values.ToArray(), Set(goal), Set(also), Array.ConvertAll(allowed, a => a.Planned), priced);
        Acts = Array.ConvertAll(Task.Relevant, i => allowed[i]);
    }

    /// <summary>The task as the planner knows it.</summary>
    public CompiledTask Task { get; }

    /// <summary>Acts that can help, in catalogue order.</summary>
    public Act[] Acts { get; }

    /// <summary>Needs that nothing can give and that every sequence depends on.</summary>
    public ImmutableArray<Need> Missing => [.. Task.Missing.Indexes().Select(n => Needs.All[n])];

    /// <summary>A goal and the acts to reach it with.</summary>
    /// <param name="goal">What must hold at the end.</param>
    /// <param name="allows">Which of the acts may be used; null for all.</param>
    public GoalTask Aim(IEnumerable<Need> goal, Func<Act, bool>? allows = null) => new(Task, Set(goal), allows is null ? null : o => allows(Acts[o]));

    /// <summary>A goal task with prices.</summary>
    public PricedTask Priced(GoalTask aim, Prices prices, Weights weights) =>
        new(this, new CostedTask(aim, [.. Acts.Select(a => new OperatorCost(prices.Of(a, weights, filmGone: false), prices.Of(a, weights, filmGone: true)))]));

    private static NeedSet Set(IEnumerable<Need> needs) => needs.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
}

/// <summary>A goal on a surface with prices, ready to be searched.</summary>
/// <param name="Surface">The surface's task.</param>
/// <param name="Costed">The costed task.</param>
internal sealed record PricedTask(SurfaceTask Surface, CostedTask Costed)
{
    /// <summary>The cheapest sequence of acts.</summary>
    /// <param name="below">Only a sequence that costs less than this is looked for.</param>
    /// <param name="prune">False to try every order and keep every state; for checking that pruning loses nothing.</param>
    /// <param name="limit">States expanded at most.</param>
    public Found Cheapest(long below = long.MaxValue, bool prune = true, int limit = Search.Limit)
    {
        var plan = Search.Cheapest(Costed, prune, limit, below);
        return new Found(plan.Operators is { } operators ? Array.ConvertAll(operators, o => Surface.Acts[o]) : null, plan.Cost, plan.Expanded, plan.Complete);
    }
}
