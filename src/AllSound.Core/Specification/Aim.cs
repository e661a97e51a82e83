using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What is to be reached on a surface and by which acts, whatever it costs: what all searches for it have in common.</summary>
internal sealed class Aim
{
    private readonly Func<Act, bool>? allows;
    private readonly IndexSet allowed;
    private readonly IndexSet strips;
    private readonly IndexSet[] achievers;
    private readonly Way kept;
    private readonly Way stripped;

    /// <param name="bench">What matters on the surface.</param>
    /// <param name="goal">What must hold at the end.</param>
    /// <param name="allows">Which of the acts may be used; null for all.</param>
    public Aim(Workbench bench, IReadOnlyCollection<Need> goal, Func<Act, bool>? allows)
        : this(bench, bench.Local(goal.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index))), allows) => (kept, stripped) = Ways();

    private Aim(Workbench bench, IndexSet goal, Func<Act, bool>? allows, Way stripped = Way.None)
    {
        this.stripped = stripped;
        Bench = bench;
        Goal = goal;
        this.allows = allows;
        achievers = new IndexSet[bench.Count];
        for (var i = 0; i < bench.Acts.Length; i++)
        {
            if (allows is null || allows(bench.Acts[i]))
            {
                allowed |= IndexSet.Of(i);
                strips |= bench.Acts[i].Strips ? IndexSet.Of(i) : default;
                for (var n = bench.Gives[i].Next(0); n >= 0; n = bench.Gives[i].Next(n + 1))
                {
                    achievers[n] |= IndexSet.Of(i);
                }
            }
        }

        Any = new NeedLandmarks(Goal, allowed, bench.NeedsOf, bench.Gives, bench.Count);
        Bare = new NeedLandmarks(Goal, allowed - strips, bench.NeedsOf, bench.Gives, bench.Count);
        Keeping = new NeedLandmarks(Goal, allowed - strips, bench.NeedsOf, bench.GivesKeeping, bench.Count);
        ByFewestGivers = [.. Any.All.Indexes().OrderBy(n => achievers[n].Count)];
    }

    /// <summary>The same with the old film off at the end.</summary>
    public Aim Stripped() => new(Bench, Goal | Gone, allows, stripped);

    /// <summary>What matters on the surface.</summary>
    public Workbench Bench { get; }

    /// <summary>What must hold at the end.</summary>
    public IndexSet Goal { get; }

    /// <summary>The acts (by their places) that may be used. Where stripping leads nowhere, none that strips.</summary>
    public IndexSet Allowed => CanStrip ? allowed : allowed - strips;

    /// <summary>Needs on which every way hangs.</summary>
    public NeedLandmarks Any { get; }

    /// <summary>Needs on which every way hangs once the film is off.</summary>
    public NeedLandmarks Bare { get; }

    /// <summary>Needs on which every way hangs on which the film is kept.</summary>
    public NeedLandmarks Keeping { get; }

    /// <summary>Needs that the goal can hang on, those with fewest givers first.</summary>
    public int[] ByFewestGivers { get; }

    /// <summary>Is there a way on which the film that there is now is kept?</summary>
    public bool CanKeep => kept != Way.None;

    /// <summary>Is there a way on which the film is stripped, or is it off already and there is a way?</summary>
    public bool CanStrip => stripped != Way.None;

    /// <summary>Is it certain that there is a way, and not only that none was ruled out?</summary>
    public bool IsCertain => kept == Way.Found || stripped == Way.Found;

    /// <summary>Acts (by their places) that could give a need.</summary>
    public IndexSet Achievers(int need) => achievers[need];

    // The need that the film is off, when it can be open.
    private IndexSet Gone => Bench.Local(Needs.FilmGone) is >= 0 and var gone ? IndexSet.Of(gone) : default;

    private (Way Keep, Way Strip) Ways() =>
        Bench.States.FilmGone(Bench.States.Start)
            ? (Way.None, AnyWay.Exists(this, Goal, allowed, Bench.Gives, Any))
            : Lanes.Both(
                () => AnyWay.Exists(this, Goal, allowed - strips, Bench.GivesKeeping, Keeping),
                () => strips.IsEmpty ? Way.None : AnyWay.Exists(this, Goal | Gone, allowed, Bench.Gives, Any)
            );
}
