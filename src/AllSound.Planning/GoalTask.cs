namespace AllSound.Planning;

/// <summary>A goal in a compiled task and the operators to reach it with, whatever they cost: what all searches for it have in common.</summary>
/// <remarks>
/// Plans are told apart by whether the cost switch passes somewhere on them. Where costs do not vary nothing ever switches, and the second kind does not exist.
/// </remarks>
/// <example>
/// The cheapest, the quickest and the least harmful plan for one goal: three costs over one <see cref="GoalTask"/>, whose relevance and landmarks
/// are found once.
/// </example>
public sealed class GoalTask
{
    private readonly Func<int, bool>? allows;
    private readonly IndexSet allowed;
    private readonly IndexSet switching;
    private readonly IndexSet[] achievers;
    private readonly Solvable unswitched;
    private readonly Solvable switched;

    /// <param name="task">The compiled task.</param>
    /// <param name="goal">What must hold at the end; a subset of what the task was compiled for.</param>
    /// <param name="allows">Which of the task's operators, by place, may be used; null for all.</param>
    public GoalTask(CompiledTask task, PropositionSet goal, Func<int, bool>? allows = null)
        : this(task, task.Local(goal), allows) => (unswitched, switched) = Solve();

    private GoalTask(CompiledTask task, IndexSet goal, Func<int, bool>? allows, Solvable switched = Solvable.No)
    {
        this.switched = switched;
        Task = task;
        Goal = goal;
        this.allows = allows;
        achievers = new IndexSet[task.Count];
        for (var o = 0; o < task.Operators.Length; o++)
        {
            if (allows is null || allows(o))
            {
                allowed |= IndexSet.Of(o);
                switching |= task.Switching[o] ? IndexSet.Of(o) : default;
                for (var p = task.Adds[o].Next(0); p >= 0; p = task.Adds[o].Next(p + 1))
                {
                    achievers[p] |= IndexSet.Of(o);
                }
            }
        }

        Any = new FactLandmarks(Goal, allowed, task.Preconditions, task.Adds, task.Count);
        AfterSwitch = new FactLandmarks(Goal, allowed, task.Preconditions, task.Adds, task.Count);
        Unswitched = new FactLandmarks(Goal, allowed - switching, task.Preconditions, task.AddsUnswitched, task.Count);
        ByFewestAchievers = [.. Any.All.Indexes().OrderBy(p => achievers[p].Count)];
    }

    /// <summary>The same goal with the cost switch passing at the end.</summary>
    public GoalTask Switched() => new(Task, Goal | SwitchedGoal, allows, switched);

    /// <summary>The compiled task.</summary>
    public CompiledTask Task { get; }

    /// <summary>Is there a plan on which the cost switch never passes?</summary>
    public bool CanStay => unswitched != Solvable.No;

    /// <summary>Is there a plan on which it passes, from the start or from some operator on?</summary>
    public bool CanSwitch => switched != Solvable.No;

    /// <summary>Is it certain that there is a plan, and not only that none was ruled out?</summary>
    public bool IsCertain => unswitched == Solvable.Yes || switched == Solvable.Yes;

    /// <summary>What must hold at the end.</summary>
    internal IndexSet Goal { get; }

    /// <summary>The operators that may be used; where switching leads nowhere, none that switches.</summary>
    internal IndexSet Allowed => CanSwitch ? allowed : allowed - switching;

    /// <summary>Propositions that every plan makes true.</summary>
    internal FactLandmarks Any { get; }

    /// <summary>Propositions that every plan makes true once the switch passes.</summary>
    internal FactLandmarks AfterSwitch { get; }

    /// <summary>Propositions that every plan makes true on which the switch never passes.</summary>
    internal FactLandmarks Unswitched { get; }

    /// <summary>Propositions that the goal can depend on, those with the fewest achievers first.</summary>
    internal int[] ByFewestAchievers { get; }

    /// <summary>Operators that could make a proposition true.</summary>
    internal IndexSet Achievers(int proposition) => achievers[proposition];

    // The proposition that the switch passes, when it can be open.
    private IndexSet SwitchedGoal => Task.SwitchedPlace is >= 0 and var place ? IndexSet.Of(place) : default;

    private (Solvable Unswitched, Solvable Switched) Solve() =>
        Task.States.IsSwitched(Task.States.Initial)
            ? (Solvable.No, Solvability.Decide(this, Goal, allowed, Task.Adds, Any))
            : Workers.Both(
                () => Solvability.Decide(this, Goal, allowed - switching, Task.AddsUnswitched, Unswitched),
                () => switching.IsEmpty ? Solvable.No : Solvability.Decide(this, Goal | SwitchedGoal, allowed, Task.Adds, Any)
            );
}
