using System.Collections.Immutable;
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
    private const long NoStrip = long.MaxValue / 4;
    private readonly NeedSet[] achievers = new NeedSet[NeedSet.Capacity];
    private readonly NeedSet[] needing = new NeedSet[NeedSet.Capacity];
    private readonly NeedSet[][] changing;
    private readonly int[] changed;
    private readonly NeedSet everyAct;
    private readonly NeedSet everyNeed;
    private readonly Relevance relevance;
    private readonly Landmarks any;
    private readonly Landmarks keeping;
    private readonly Landmarks bare;
    private readonly long cheapestStrip;
    private readonly ActionLandmarks keptActs;
    private readonly ActionLandmarks goneActs;
    private readonly int[] coatCounts;

    public Problem(Condition start, ImmutableArray<Need> goal, Act[] acts, Prices prices, Weights weights)
    {
        Start = start;
        Weights = weights;
        Goal = goal.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        relevance = Relevance.Of(Goal, acts, start);
        Acts = relevance.Acts;
        Costs = new ActCost[Acts.Length];
        for (var i = 0; i < Acts.Length; i++)
        {
            Costs[i] = new ActCost(prices.Of(Acts[i], weights, filmGone: false), prices.Of(Acts[i], weights, filmGone: true));
        }

        Interference = Interfering.Among(Acts);
        for (var i = 0; i < Acts.Length; i++)
        {
            for (var n = relevance.Gives[i].Next(0); n >= 0; n = relevance.Gives[i].Next(n + 1))
            {
                achievers[n] |= NeedSet.Of(i);
            }
        }

        for (var i = 0; i < Acts.Length; i++)
        {
            everyAct |= NeedSet.Of(i);
            everyNeed |= Acts[i].NeedSet;
            for (var n = Acts[i].NeedSet.Next(0); n >= 0; n = Acts[i].NeedSet.Next(n + 1))
            {
                needing[n] |= NeedSet.Of(i);
            }
        }

        changing = Changing(Acts, Helpful(Acts, relevance.Needs));
        changed = [.. Enumerable.Range(0, changing.Length).Where(f => changing[f].Length > 0)];

        // Three bounds: no stripping; stripped already; stripping still to come, its cost counted apart.
        var now = Treatments.Satisfied(start);
        var givesKeeping = Relevance.GivesAmong([.. Acts.Where(a => !a.Strips)], start);
        var keep = 0;
        var byAct = new (NeedSet, NeedSet, long)?[Acts.Length];
        var kept = new List<(NeedSet, NeedSet, long)>(Acts.Length);
        var gone = new List<(NeedSet, NeedSet, long)>(Acts.Length);
        var all = new List<(NeedSet, NeedSet, long)>(Acts.Length);
        cheapestStrip = NoStrip;
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
                byAct[i] = (needs, givesKeeping[keep++], Costs[i].WithFilm);
                kept.Add(byAct[i]!.Value);
                gone.Add((needs, relevance.Gives[i], Costs[i].Bare));
                all.Add((needs, relevance.Gives[i], Cheaper(i)));
            }
        }

        any = new Landmarks(Goal, now, all);
        bare = new Landmarks(Goal, now, gone);
        keeping = new Landmarks(Goal, now, kept);
        coatCounts = [.. Enumerable.Range(1, 5).Select(n => Needs.Topcoats(n).Index).Where(n => Goal.Contains(n) && !now.Contains(n))];
        var start0 = now | Relevance.Clocks;
        var filmGone = start.Get(Facets.Film) == Film.None;
        var between = Array.TrueForAll(Acts, a => a.Operation.Role != CoatRole.Finish || (a.Product!.RaisesNibs && a.Needs.Contains(Needs.NibsOff)))
            ? Needs.NibsOff.Index
            : -1;
        keptActs = new ActionLandmarks(Goal, start0, byAct, coatCounts, between);
        goneActs = new ActionLandmarks(
            filmGone ? Goal : Goal | NeedSet.Of(Needs.FilmGone.Index),
            start0,
            [
                .. Acts.Select(
                    (a, i) =>
                        ((NeedSet, NeedSet, long)?)
                            (
                                a.NeedSet - a.Clocks,
                                a.Strips ? relevance.Gives[i] | NeedSet.Of(Needs.FilmGone.Index) : relevance.Gives[i],
                                filmGone ? Costs[i].Bare : Cheaper(i)
                            )
                ),
            ],
            coatCounts,
            between
        );
        ByFewestGivers = [.. any.Close(Goal).Indexes().OrderBy(n => achievers[n].Count)];
    }

    public Condition Start { get; }

    public NeedSet Goal { get; }

    public Act[] Acts { get; }

    public ActCost[] Costs { get; }

    public Weights Weights { get; }

    /// <summary>Finish coats that the goal asks for by number and that are not on yet.</summary>
    public int CoatsAsked => Math.Max(1, coatCounts.Length);

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
        var blocked = default(NeedSet);
        var unmet = everyNeed - satisfied;
        for (var n = unmet.Next(0); n >= 0; n = unmet.Next(n + 1))
        {
            blocked |= needing[n];
        }

        return everyAct - blocked;
    }

    /// <summary>
    /// Acts (by place in <see cref="Acts"/>) that could help: make something true that some need asks for, or change what
    /// an effect hangs on. The others leave all as it is or only spoil, and begin no cheapest sequence.
    /// </summary>
    public NeedSet Changing(in Condition condition)
    {
        var set = default(NeedSet);
        foreach (var facet in changed)
        {
            set |= changing[facet][condition[facet]];
        }

        return set;
    }

    /// <summary>The landmarks that are open at the start.</summary>
    public Ahead Ahead => new(keptActs.All, goneActs.All);

    /// <summary>The landmarks that are still open when an act is done.</summary>
    /// <param name="ahead">Those open before.</param>
    /// <param name="act">The act, by place in <see cref="Acts"/>.</param>
    /// <param name="satisfied">Needs that held before.</param>
    public Ahead Pass(Ahead ahead, int act, in NeedSet satisfied)
    {
        var coat = 0;
        while (coat < coatCounts.Length && satisfied.Contains(coatCounts[coat]))
        {
            coat++;
        }

        return new(ahead.Kept & ~keptActs.HitBy(act, coat), ahead.Gone & ~goneActs.HitBy(act, coat));
    }

    /// <summary>A bound from below on what is still to pay, or null when the goal is out of reach.</summary>
    /// <param name="condition">The condition.</param>
    /// <param name="satisfied">Needs that hold of it.</param>
    /// <param name="ahead">Landmarks that are open on some way by which it was reached.</param>
    public long? Bound(in Condition condition, in NeedSet satisfied, Ahead ahead)
    {
        if (condition.Get(Facets.Film) == Film.None)
        {
            return Larger(bare.Bound(satisfied), goneActs.Bound(ahead.Gone));
        }

        var keep = Larger(keeping.Bound(satisfied), keptActs.Bound(ahead.Kept));
        var strip = cheapestStrip == NoStrip ? null : Larger(any.Bound(satisfied) + cheapestStrip, goneActs.Bound(ahead.Gone));
        return keep is { } k && strip is { } s ? Math.Min(k, s) : keep ?? strip;
    }

    private static long? Larger(long? bound, long other) => bound is { } b ? Math.Max(b, other) : null;

    /// <summary>The needs that must still come true on every way to the goal.</summary>
    public NeedSet Open(in NeedSet satisfied) => any.Open(satisfied);

    // By facet and value: the acts with an effect that would make it a helpful other, whatever its guards.
    private static NeedSet[][] Changing(Act[] acts, ulong[][] helpful)
    {
        var sets = Facets.All.Select(_ => Array.Empty<NeedSet>()).ToArray();
        for (var a = 0; a < acts.Length; a++)
        {
            foreach (var effect in acts[a].Effects)
            {
                var facet = effect.Facet;
                if (sets[facet.Index].Length == 0)
                {
                    sets[facet.Index] = new NeedSet[facet.Size];
                }

                for (byte value = 0; value < facet.Size; value++)
                {
                    if (((helpful[facet.Index][value] >> effect.Result(value)) & 1) != 0)
                    {
                        sets[facet.Index][value] |= NeedSet.Of(a);
                    }
                }
            }
        }

        return sets;
    }

    // By facet and value: the values whose taking its place makes true some test that did not hold. Test by test, since a
    // need that holds for one reason may later hang on another. Counts, and what effects or costs hang on, always may.
    private static ulong[][] Helpful(Act[] acts, NeedSet needs)
    {
        var masks = Facets.All.Select(f => new ulong[f.Size]).ToArray();
        void Any(Facet facet)
        {
            for (var value = 0; value < facet.Size; value++)
            {
                masks[facet.Index][value] = ~(1UL << value);
            }
        }

        for (var n = needs.Next(0); n >= 0; n = needs.Next(n + 1))
        {
            foreach (var test in Treatment.Needs.All[n].Any)
            {
                for (byte value = 0; value < test.Facet.Size; value++)
                {
                    masks[test.Facet.Index][value] |= test.Allows(value) ? 0 : test.Allowed;
                }
            }
        }

        foreach (var effect in acts.SelectMany(a => a.Effects))
        {
            foreach (var guard in effect.When)
            {
                Any(guard.Facet);
            }

            if (effect.Change != Change.Set)
            {
                Any(effect.Facet);
            }
        }

        Any(Facets.Film);
        return masks;
    }

    // Before the film is off a spot is smaller; after, an edge is none.
    private long Cheaper(int act) => Math.Min(Costs[act].Bare, Costs[act].WithFilm);

    /// <summary>Cost of an act in fixed-point weight units, while old film is there and once it is gone.</summary>
    public readonly record struct ActCost(long WithFilm, long Bare);
}

/// <summary>Landmarks still open: while the old film is kept, and with the film off.</summary>
internal readonly record struct Ahead(ulong Kept, ulong Gone)
{
    /// <summary>Open on one way or the other: whatever is open on some way is still to come on every way onward.</summary>
    public static Ahead operator |(Ahead x, Ahead y) => new(x.Kept | y.Kept, x.Gone | y.Gone);
}
