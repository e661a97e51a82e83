using System.Collections.Immutable;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>A search made ready: the acts that can matter, what each costs here, and the bound on what is still to pay.</summary>
/// <remarks>
/// Time is counted as if one thing dried after the other. Where two things dry at once the finished steps take less, and
/// that is what is reported; the order of work is then improved for it.
/// </remarks>
internal sealed class Problem
{
    private readonly NeedSet[] achievers = new NeedSet[NeedSet.Capacity];
    private readonly Relevance relevance;
    private readonly Landmarks any;
    private readonly Landmarks keeping;
    private readonly Landmarks bare;
    private readonly long cheapestStrip;

    public Problem(Condition start, ImmutableArray<Need> goal, Act[] acts, Extents extents, Rates rates, Weights weights)
    {
        Start = start;
        Weights = weights;
        Goal = goal.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        relevance = Relevance.Of(Goal, acts, start);
        Acts = relevance.Acts;
        Costs = new ActCost[Acts.Length];
        for (var i = 0; i < Acts.Length; i++)
        {
            Costs[i] = new ActCost(Spent(Acts[i], extents, rates, false), Spent(Acts[i], extents, rates, true));
        }

        Interference = Interfering.Among(Acts);
        for (var i = 0; i < Acts.Length; i++)
        {
            for (var n = relevance.Gives[i].Next(0); n >= 0; n = relevance.Gives[i].Next(n + 1))
            {
                achievers[n] |= NeedSet.Of(i);
            }
        }

        // Three bounds: no stripping; stripped already; stripping still to come, its cost counted apart.
        var now = Treatments.Satisfied(start);
        var kept = new List<(NeedSet, NeedSet, long)>(Acts.Length);
        var gone = new List<(NeedSet, NeedSet, long)>(Acts.Length);
        var all = new List<(NeedSet, NeedSet, long)>(Acts.Length);
        cheapestStrip = long.MaxValue / 4;
        for (var i = 0; i < Acts.Length; i++)
        {
            var needs = Acts[i].NeedSet - Acts[i].Clocks;
            if (Acts[i].Strips)
            {
                all.Add((needs, relevance.Gives[i], 0));
                cheapestStrip = Math.Min(cheapestStrip, Costs[i].WithFilm);
            }
            else
            {
                kept.Add((needs, relevance.Gives[i], Costs[i].WithFilm));
                gone.Add((needs, relevance.Gives[i], Costs[i].Bare));
                all.Add((needs, relevance.Gives[i], Costs[i].Bare));
            }
        }

        any = new Landmarks(Goal, now, all);
        bare = new Landmarks(Goal, now, gone);
        keeping = new Landmarks(Goal, now, kept);
        ByFewestGivers = [.. any.Close(Goal).Indexes().OrderBy(n => achievers[n].Count)];
    }

    public Condition Start { get; }

    public NeedSet Goal { get; }

    public Act[] Acts { get; }

    public ActCost[] Costs { get; }

    public Weights Weights { get; }

    /// <summary>For each act, the acts (by place in <see cref="Acts"/>) whose order with it matters.</summary>
    public NeedSet[] Interference { get; }

    /// <summary>Needs that the goal can hang on, those with fewest givers first.</summary>
    public int[] ByFewestGivers { get; }

    /// <summary>Acts (by place in <see cref="Acts"/>) that could give a need.</summary>
    public NeedSet Achievers(int need) => achievers[need];

    /// <summary>Needs that no act can give, that do not hold, and that the goal hangs on: why there is no sequence.</summary>
    public ImmutableArray<Need> Unreachable() => relevance.Missing;

    /// <summary>Acts (by place in <see cref="Acts"/>) whose needs all hold.</summary>
    public NeedSet Applicable(in NeedSet satisfied)
    {
        var set = default(NeedSet);
        for (var a = 0; a < Acts.Length; a++)
        {
            if (Acts[a].NeedSet.IsSubsetOf(satisfied))
            {
                set |= NeedSet.Of(a);
            }
        }

        return set;
    }

    /// <summary>A bound from below on what is still to pay, or null when the goal is out of reach.</summary>
    public long? Bound(in Condition condition, in NeedSet satisfied)
    {
        if (condition.Get(Facets.Film) == Film.None)
        {
            return bare.Bound(satisfied);
        }

        var keep = keeping.Bound(satisfied);
        var strip = any.Bound(satisfied) + cheapestStrip;
        return keep is { } k && strip is { } s ? Math.Min(k, s) : keep ?? strip;
    }

    /// <summary>The needs that must still come true on every way to the goal.</summary>
    public NeedSet Open(in NeedSet satisfied) => any.Open(satisfied);

    private static long Fixed(double value) => (long)Math.Round(value * 10_000);

    private long Spent(Act act, Extents extents, Rates rates, bool filmGone)
    {
        var spend = Costing.Of(act, extents, rates, filmGone);
        var days = (spend.Hours / 8) + Costing.WaitDays(act.Leaves?.Advised ?? 0);
        return Fixed(((double)spend.Money * Weights.Money) + (days * Weights.Day) + (spend.Hazard * Weights.Hazard));
    }

    /// <summary>Cost of an act in fixed-point weight units, while old film is there and once it is gone.</summary>
    public readonly record struct ActCost(long WithFilm, long Bare);
}
