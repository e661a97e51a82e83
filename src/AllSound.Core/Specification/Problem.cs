using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>One search made ready: what each act costs by its weights, and the bound on what is still to pay.</summary>
/// <remarks>
/// Time is counted as if one thing dried after the other. Where two things dry at once the finished steps take less, and
/// that is what is reported; the order of work is then improved for it.
/// </remarks>
internal sealed class Problem
{
    private const long NoStrip = long.MaxValue / 4;
    private readonly Workbench bench;
    private readonly ContextSplit split;
    private readonly Shares any;
    private readonly Shares keeping;
    private readonly Shares bare;
    private readonly long cheapestStrip = NoStrip;

    // The least that the landmarks of acts leave of the cost of stripping.
    private readonly long strippingLeft = NoStrip;
    private readonly ActionLandmarks keptActs = ActionLandmarks.None;
    private readonly ActionLandmarks goneActs = ActionLandmarks.None;

    /// <param name="aim">What is to be reached and by which acts.</param>
    /// <param name="prices">Prices.</param>
    /// <param name="weights">Weights.</param>
    public Problem(Aim aim, Prices prices, Weights weights)
    {
        Aim = aim;
        bench = aim.Bench;
        split = bench.Any.Split;
        var acts = bench.Acts;
        Used = aim.Allowed;
        Costs = new ActCost[acts.Length];
        for (var i = Used.Next(0); i >= 0; i = Used.Next(i + 1))
        {
            Costs[i] = new ActCost(prices.Of(acts[i], weights, filmGone: false), prices.Of(acts[i], weights, filmGone: true));
        }

        Used = Unbeaten();
        var (keep, cheaper, off) = (new long[acts.Length], new long[acts.Length], new long[acts.Length]);
        var (byAct, stripping) = (new long?[acts.Length], new long?[acts.Length]);
        var filmGone = FilmGone(Start);
        var finishesMend = true;
        var kept = Used;
        for (var i = Used.Next(0); i >= 0; i = Used.Next(i + 1))
        {
            if (acts[i].Strips)
            {
                kept -= IndexSet.Of(i);
                cheapestStrip = Math.Min(cheapestStrip, Costs[i].WithFilm);
            }
            else
            {
                byAct[i] = keep[i] = Costs[i].WithFilm;
                off[i] = Costs[i].Bare;
                cheaper[i] = Cheaper(i);
            }

            stripping[i] = filmGone ? Costs[i].Bare : Cheaper(i);
            finishesMend &= acts[i].Operation.Role != CoatRole.Finish || (acts[i].Product!.RaisesNibs && acts[i].Needs.Contains(Needs.NibsOff));
        }

        // Landmarks of acts are dear to find: only for ways that are open, and with stripping only where
        // it is not bounded at more than keeping the film anyway.
        var now = Of(Start).Satisfied;
        if (aim.CanKeep)
        {
            keptActs = new ActionLandmarks(bench.Kept, Goal, byAct, finishesMend);
        }

        // Three bounds: no stripping; stripped already; stripping still to come, its cost counted apart.
        keeping = new Shares(aim.Keeping, now, kept, keep, keptActs.Taken, bench.CoatCounts);
        var least = aim.CanKeep ? keeping.Bound(now, keptActs.Bound(keptActs.All)) ?? long.MaxValue : long.MaxValue;
        any = new Shares(aim.Any, now, Used, cheaper, [], bench.CoatCounts);
        if (aim.CanStrip && (filmGone || any.Bound(now, 0) + cheapestStrip < least))
        {
            var gone = filmGone ? -1 : bench.Local(Needs.FilmGone);
            goneActs = new ActionLandmarks(bench.Any, gone < 0 ? Goal : Goal | IndexSet.Of(gone), stripping, finishesMend);
            any = new Shares(aim.Any, now, Used, cheaper, goneActs.Taken, bench.CoatCounts);
        }

        bare = new Shares(aim.Bare, now, kept, off, goneActs.Taken, bench.CoatCounts);
        for (var i = Used.Next(0); i >= 0; i = Used.Next(i + 1))
        {
            if (acts[i].Strips)
            {
                strippingLeft = Math.Min(strippingLeft, stripping[i]!.Value - (goneActs.Taken.Length == 0 ? 0 : goneActs.Taken[i]));
            }
        }
    }

    /// <summary>What is to be reached and by which acts.</summary>
    public Aim Aim { get; }

    /// <summary>The acts (by their places) that nothing else beats.</summary>
    public IndexSet Used { get; }

    /// <summary>The state to start from.</summary>
    public State Start => bench.States.Start;

    public IndexSet Goal => Aim.Goal;

    public Act[] Acts => bench.Acts;

    public ActCost[] Costs { get; }

    /// <summary>Is there any way to the goal?</summary>
    public bool IsPossible => Aim.CanKeep || Aim.CanStrip;

    /// <summary>What a state amounts to.</summary>
    public Standing Of(in State state) => bench.States.Of(state);

    /// <summary>The state once an act is done and dry.</summary>
    public State After(in State state, int act) => bench.States.After(state, act);

    /// <summary>What an act costs in a state.</summary>
    public long Cost(in State state, int act) => FilmGone(state) ? Costs[act].Bare : Costs[act].WithFilm;

    /// <summary>Acts (by place in <see cref="Acts"/>) whose needs all hold.</summary>
    public IndexSet Applicable(in IndexSet satisfied) => bench.Applicable(satisfied) & Used;

    /// <summary>The landmarks that are open at the start.</summary>
    public Ahead Ahead => new(keptActs.All, goneActs.All);

    /// <summary>A bound from below on the whole cost, or null when the goal is out of reach.</summary>
    public long? LeastCost => IsPossible ? Bound(Start, Of(Start).Satisfied, Ahead) : null;

    /// <summary>The landmarks that are still open when an act is done.</summary>
    /// <param name="ahead">Those open before.</param>
    /// <param name="act">The act, by place in <see cref="Acts"/>.</param>
    /// <param name="state">The state before.</param>
    public Ahead Pass(Ahead ahead, int act, in State state)
    {
        var slot = split.Of(act, state);
        return new(ahead.Kept & ~keptActs.HitBy(slot), ahead.Gone & ~goneActs.HitBy(slot));
    }

    /// <summary>A bound from below on what is still to pay, or null when the goal is out of reach.</summary>
    /// <param name="state">The state.</param>
    /// <param name="satisfied">Needs that hold of it.</param>
    /// <param name="ahead">Landmarks that are open on some way by which it was reached.</param>
    public long? Bound(in State state, in IndexSet satisfied, Ahead ahead)
    {
        if (FilmGone(state))
        {
            return bare.Bound(satisfied, goneActs.Bound(ahead.Gone));
        }

        var keep = Aim.CanKeep ? keeping.Bound(satisfied, keptActs.Bound(ahead.Kept)) : null;
        var strip = cheapestStrip == NoStrip ? null : any.Bound(satisfied, goneActs.Bound(ahead.Gone), cheapestStrip, strippingLeft);
        return keep is { } k && strip is { } s ? Math.Min(k, s) : keep ?? strip;
    }

    private bool FilmGone(in State state) => bench.States.FilmGone(state);

    // An act that asks for no more, costs no more with the film on or off, and leaves everything at least as good, stands
    // for the other: whatever sequence uses the other is no better than the one with it.
    private IndexSet Unbeaten()
    {
        var kept = default(IndexSet);
        for (var i = Used.Next(0); i >= 0; i = Used.Next(i + 1))
        {
            var beaten = false;
            var rivals = bench.OutdoneBy[i] & Used;
            for (var j = rivals.Next(0); j >= 0 && !beaten; j = rivals.Next(j + 1))
            {
                // Of two that are worth the same the first stays.
                beaten = CostsNoMore(j, i) && !(i < j && bench.OutdoneBy[j].Contains(i) && CostsNoMore(i, j));
            }

            kept |= beaten ? default : IndexSet.Of(i);
        }

        return kept;
    }

    private bool CostsNoMore(int a, int b) => Costs[a].WithFilm <= Costs[b].WithFilm && Costs[a].Bare <= Costs[b].Bare;

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
