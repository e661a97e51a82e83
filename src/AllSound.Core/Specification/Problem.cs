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

    // Where stripping is bounded at more than this many times what keeping is, the plain bound keeps it out of sight.
    private const double StripMayPay = 1.5;
    private readonly Workbench bench;
    private readonly IndexSet used;
    private readonly IndexSet[] achievers;
    private readonly Landmarks any;
    private readonly Landmarks keeping;
    private readonly Landmarks bare;
    private readonly long cheapestStrip = NoStrip;
    private readonly ActionLandmarks keptActs;
    private readonly ActionLandmarks goneActs;

    /// <param name="bench">What matters on the surface.</param>
    /// <param name="goal">What must hold at the end.</param>
    /// <param name="allows">Which of the acts may be used; null for all.</param>
    /// <param name="prices">Prices.</param>
    /// <param name="weights">Weights.</param>
    public Problem(Workbench bench, IReadOnlyCollection<Need> goal, Func<Act, bool>? allows, Prices prices, Weights weights)
    {
        this.bench = bench;
        var acts = bench.Acts;
        Goal = bench.Local(goal.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index)));
        Costs = new ActCost[acts.Length];
        for (var i = 0; i < acts.Length; i++)
        {
            if (allows is null || allows(acts[i]))
            {
                used |= IndexSet.Of(i);
                Costs[i] = new ActCost(prices.Of(acts[i], weights, filmGone: false), prices.Of(acts[i], weights, filmGone: true));
            }
        }

        used = Unbeaten();
        var now = bench.States.Satisfied(Start, out _);
        IsPossible = Reachable(now);
        achievers = new IndexSet[bench.Count];
        for (var i = used.Next(0); i >= 0; i = used.Next(i + 1))
        {
            for (var n = bench.Gives[i].Next(0); n >= 0; n = bench.Gives[i].Next(n + 1))
            {
                achievers[n] |= IndexSet.Of(i);
            }
        }

        // Three bounds: no stripping; stripped already; stripping still to come, its cost counted apart.
        var filmGone = FilmGone(Start);
        var gone = bench.Local(Needs.FilmGone);
        var byAct = new long?[acts.Length];
        var stripping = new long?[acts.Length];
        var kept = new List<(IndexSet, IndexSet, long)>(acts.Length);
        var off = new List<(IndexSet, IndexSet, long)>(acts.Length);
        var all = new List<(IndexSet, IndexSet, long)>(acts.Length);
        var finishesMend = true;
        for (var i = used.Next(0); i >= 0; i = used.Next(i + 1))
        {
            var needs = bench.NeedsOf[i];
            if (acts[i].Strips)
            {
                all.Add((needs, bench.Gives[i], 0));
                cheapestStrip = Math.Min(cheapestStrip, Costs[i].WithFilm);
            }
            else
            {
                byAct[i] = Costs[i].WithFilm;
                kept.Add((needs, bench.GivesKeeping[i], Costs[i].WithFilm));
                off.Add((needs, bench.Gives[i], Costs[i].Bare));
                all.Add((needs, bench.Gives[i], Cheaper(i)));
            }

            stripping[i] = filmGone ? Costs[i].Bare : Cheaper(i);
            finishesMend &= acts[i].Operation.Role != CoatRole.Finish || (acts[i].Product!.RaisesNibs && acts[i].Needs.Contains(Needs.NibsOff));
        }

        var counts = Enumerable
            .Range(1, 5)
            .Aggregate(default(IndexSet), (set, n) => bench.Local(Needs.Topcoats(n)) is >= 0 and var place ? set | IndexSet.Of(place) : set);
        any = new Landmarks(Goal, now, all, counts);
        bare = new Landmarks(Goal, now, off, counts);
        keeping = new Landmarks(Goal, now, kept, counts);

        // Landmarks of acts are dear to find: only for ways that are open, and with stripping only where it may pay.
        var keep = filmGone ? null : keeping.Bound(now);
        keptActs = keep is null ? ActionLandmarks.None : new ActionLandmarks(bench.Kept, Goal, byAct, finishesMend);
        var mayPay =
            filmGone || keep is null || (cheapestStrip != NoStrip && any.Bound(now) + cheapestStrip < StripMayPay * Math.Max(keep.Value, keptActs.Bound(keptActs.All)));
        goneActs = mayPay ? new ActionLandmarks(bench.Any, filmGone || gone < 0 ? Goal : Goal | IndexSet.Of(gone), stripping, finishesMend) : ActionLandmarks.None;
        ByFewestGivers = [.. any.Close(Goal).Indexes().OrderBy(n => achievers[n].Count)];
    }

    /// <summary>The state to start from.</summary>
    public State Start => bench.States.Start;

    public IndexSet Goal { get; }

    public Act[] Acts => bench.Acts;

    public ActCost[] Costs { get; }

    /// <summary>False when the goal is out of reach even if nothing that was once true were ever spoilt.</summary>
    public bool IsPossible { get; }

    /// <summary>For each act, the acts (by place in <see cref="Acts"/>) whose order with it matters.</summary>
    public IndexSet[] Interference => bench.Interference;

    /// <summary>Needs that the goal can hang on, those with fewest givers first.</summary>
    public int[] ByFewestGivers { get; }

    /// <summary>Acts (by place in <see cref="Acts"/>) that could give a need.</summary>
    public IndexSet Achievers(int need) => achievers[need];

    /// <summary>What an act needs.</summary>
    public ref readonly IndexSet NeedsOf(int act) => ref bench.NeedsOf[act];

    /// <summary>The needs that hold of a state, and a number that it shares with all that it can be compared with.</summary>
    public IndexSet Satisfied(in State state, out ulong group) => bench.States.Satisfied(state, out group);

    /// <summary>The state once an act is done and dry.</summary>
    public State After(in State state, int act) => bench.States.After(state, act);

    /// <summary>Is one state in every way at least as good as another?</summary>
    public bool AtLeast(in State better, in State worse) => bench.States.AtLeast(better, worse);

    /// <summary>What an act costs in a state.</summary>
    public long Cost(in State state, int act) => FilmGone(state) ? Costs[act].Bare : Costs[act].WithFilm;

    /// <summary>Acts (by place in <see cref="Acts"/>) whose needs all hold.</summary>
    public IndexSet Applicable(in IndexSet satisfied) => bench.Applicable(satisfied) & used;

    /// <summary>Acts (by place in <see cref="Acts"/>) that could help in a state: the others change nothing for the better.</summary>
    public IndexSet Changing(in State state) => bench.States.Changing(state);

    /// <summary>The landmarks that are open at the start.</summary>
    public Ahead Ahead => new(keptActs.All, goneActs.All);

    /// <summary>A bound from below on the whole cost, or null when the goal is out of reach.</summary>
    public long? LeastCost => IsPossible ? Bound(Start, Satisfied(Start, out _), Ahead) : null;

    /// <summary>The landmarks that are still open when an act is done.</summary>
    /// <param name="ahead">Those open before.</param>
    /// <param name="act">The act, by place in <see cref="Acts"/>.</param>
    /// <param name="state">The state before.</param>
    public Ahead Pass(Ahead ahead, int act, in State state) => new(ahead.Kept & ~keptActs.HitBy(act, state), ahead.Gone & ~goneActs.HitBy(act, state));

    /// <summary>A bound from below on what is still to pay, or null when the goal is out of reach.</summary>
    /// <param name="state">The state.</param>
    /// <param name="satisfied">Needs that hold of it.</param>
    /// <param name="ahead">Landmarks that are open on some way by which it was reached.</param>
    public long? Bound(in State state, in IndexSet satisfied, Ahead ahead)
    {
        if (FilmGone(state))
        {
            return Larger(bare.Bound(satisfied), goneActs.Bound(ahead.Gone));
        }

        var keep = Larger(keeping.Bound(satisfied), keptActs.Bound(ahead.Kept));
        var strip = cheapestStrip == NoStrip ? null : Larger(any.Bound(satisfied) + cheapestStrip, goneActs.Bound(ahead.Gone));
        return keep is { } k && strip is { } s ? Math.Min(k, s) : keep ?? strip;
    }

    /// <summary>The needs that must still come true on every way to the goal.</summary>
    public IndexSet Open(in IndexSet satisfied) => any.Open(satisfied);

    private bool FilmGone(in State state) => bench.States.FilmGone(state);

    private static long? Larger(long? bound, long other) => bound is { } b ? Math.Max(b, other) : null;

    private bool Reachable(IndexSet held)
    {
        var open = used;
        for (var grown = true; grown && !Goal.IsSubsetOf(held); )
        {
            grown = false;
            for (var i = open.Next(0); i >= 0; i = open.Next(i + 1))
            {
                if (bench.NeedsOf[i].IsSubsetOf(held))
                {
                    held |= bench.Gives[i];
                    open -= IndexSet.Of(i);
                    grown = true;
                }
            }
        }

        return Goal.IsSubsetOf(held);
    }

    // An act that asks for no more, costs no more with the film on or off, and leaves everything at least as good, stands
    // for the other: whatever sequence uses the other is no better than the one with it.
    private IndexSet Unbeaten()
    {
        var kept = default(IndexSet);
        for (var i = used.Next(0); i >= 0; i = used.Next(i + 1))
        {
            var beaten = false;
            for (var j = used.Next(0); j >= 0 && !beaten; j = used.Next(j + 1))
            {
                beaten = j != i && Beats(j, i) && !(i < j && Beats(i, j));
            }

            kept |= beaten ? default : IndexSet.Of(i);
        }

        return kept;
    }

    private bool Beats(int a, int b) =>
        bench.NeedsOf[a].IsSubsetOf(bench.NeedsOf[b]) && Costs[a].WithFilm <= Costs[b].WithFilm && Costs[a].Bare <= Costs[b].Bare && bench.Outdoes(a, b);

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
