using System.Collections.Immutable;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// A search made ready: the acts that can matter, what each costs here, and the bound on what is still to pay.
/// </summary>
/// <remarks>
/// The bound: whatever need is unmet now and is asked for by the goal, or by every act that could give such a need,
/// must be given by some act yet to come. Each act's cost is shared out over all such needs that it can give, so the
/// sum of the cheapest shares never exceeds what a finished sequence costs from here.
/// </remarks>
internal sealed class Problem
{
    private readonly NeedSet[] common;
    private readonly long[] share;
    private readonly bool[] reachable;

    public Problem(Condition start, ImmutableArray<Need> goal, IEnumerable<Act> acts, Extents extents, Rates rates, Weights weights)
    {
        Start = start;
        Weights = weights;
        Goal = goal.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        var relevant = Relevance.Of(Goal, acts, start);
        Acts = relevant.Acts;
        Relevant = relevant.Needs;
        common = relevant.Common;
        reachable = relevant.Reachable;
        Costs = new ActCost[Acts.Length];
        for (var i = 0; i < Acts.Length; i++)
        {
            Costs[i] = new ActCost(Spent(Acts[i], extents, rates, false), Spent(Acts[i], extents, rates, true));
        }

        var landmarks = Close(Goal);
        share = new long[NeedSet.Capacity];
        Array.Fill(share, long.MaxValue);
        for (var i = 0; i < Acts.Length; i++)
        {
            var gives = relevant.Gives[i] & landmarks;
            var count = Math.Max(1, relevant.CountGiven(i, landmarks));
            var bound = Math.Min(Costs[i].WithFilm, Costs[i].Bare) + CoatWait(Acts[i]);
            for (var n = gives.Next(0); n >= 0; n = gives.Next(n + 1))
            {
                share[n] = Math.Min(share[n], bound / count);
            }
        }

        for (var n = 0; n < share.Length; n++)
        {
            share[n] = share[n] == long.MaxValue ? 0 : share[n];
        }
    }

    public Condition Start { get; }

    public NeedSet Goal { get; }

    public NeedSet Relevant { get; }

    public Act[] Acts { get; }

    public ActCost[] Costs { get; }

    public Weights Weights { get; }

    /// <summary>Goal and hold needs that no act can give and that do not hold: why there is no sequence.</summary>
    public ImmutableArray<Need> Unreachable()
    {
        var missing = Close(Goal) - Treatments.Satisfied(Start);
        return [.. missing.Indexes().Where(i => !reachable[i]).Select(i => Needs.All[i])];
    }

    /// <summary>A bound from below on what is still to pay.</summary>
    public long Bound(in Condition condition, in NeedSet satisfied)
    {
        var open = Goal - satisfied;
        var todo = open;
        for (var n = todo.Next(0); n >= 0;)
        {
            var more = common[n] - satisfied - open;
            if (!more.IsEmpty)
            {
                open |= more;
                n = open.Next(0);
                todo = open;
                continue;
            }

            n = todo.Next(n + 1);
        }

        return open.Sum(share) + WaitCost(condition.QuarterHoursLeft(Drying.Coat));
    }

    public long WaitCost(int quarterHours) => Fixed(Weights.Day * Costing.WaitDays(quarterHours / 4.0));

    private static long Fixed(double value) => (long)Math.Round(value * 10_000);

    private long CoatWait(Act act) => act.Leaves is { Clock: Drying.Coat } wait ? WaitCost((int)Math.Ceiling(wait.Advised * 4)) : 0;

    private long Spent(Act act, Extents extents, Rates rates, bool filmGone)
    {
        var spend = Costing.Of(act, extents, rates, filmGone);
        return Fixed(((double)spend.Money * Weights.Money) + (spend.Hours / 8 * Weights.Day) + (spend.Hazard * Weights.Hazard));
    }

    private NeedSet Close(NeedSet set)
    {
        while (true)
        {
            var next = set;
            for (var n = set.Next(0); n >= 0; n = set.Next(n + 1))
            {
                next |= common[n];
            }

            if (next == set)
            {
                return set;
            }

            set = next;
        }
    }

    /// <summary>Cost of an act in fixed-point weight units, while old film is there and once it is gone.</summary>
    public readonly record struct ActCost(long WithFilm, long Bare);
}
