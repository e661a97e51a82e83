using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Programme;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Site;

/// <summary>What is left to do on a surface.</summary>
/// <param name="Steps">The steps in order; empty when all is done, or where nothing leads on.</param>
/// <param name="AsPlanned">They are the rest of the chosen specification; false where they were sought anew from what is true now.</param>
/// <param name="Stuck">Why nothing leads on; empty where something does, or all is done.</param>
public sealed record SiteRemaining(ImmutableArray<Step> Steps, bool AsPlanned, ImmutableArray<string> Stuck)
{
    /// <summary>What the search from what is true now came to; null where the rest is as planned, or all is done.</summary>
    public Specified? Anew { get; init; }

    /// <summary>True when something was done and nothing is left.</summary>
    /// <param name="state">Where the surface stands.</param>
    public bool Finished(SiteState state) => state is { Chosen: not null, Done.IsEmpty: false } && Steps.IsEmpty && Stuck.IsEmpty;

    /// <summary>What is left.</summary>
    /// <param name="job">The job.</param>
    /// <param name="state">Where the surface stands.</param>
    public static SiteRemaining Of(Job job, SiteState state)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(state);
        if (state.Chosen is not { } chosen)
        {
            return new([], true, [.. state.Specified.Holds.Select(h => h.Need.Problem).Distinct(StringComparer.Ordinal)]);
        }

        var goal = Goal.For(state.Surface, state.Specified.Appraised.Condition, Firm.Of(job));
        if (!state.Done.IsEmpty && goal.Needs.All(n => n.Holds(state.After.After(state.After.LongestLeft))))
        {
            // What is finished stays finished, however long ago.
            return new([], true, []);
        }

        var done = state.Done.Where(d => d.Completes).Select(d => d.Planned?.Number).OfType<int>().ToHashSet();
        ImmutableArray<Step> left = [.. chosen.Steps.Where(s => !done.Contains(s.Number) && !state.Skipped.Contains(s.Number))];
        if (Leads(state.Now, left, goal))
        {
            return new(left, true, []);
        }

        // Otherwise than planned, or waited too long: the same search, from what is true now.
        var anew = Specifier.Specify(job.Rates, state.Surface, state.Specified.Appraised with { Condition = state.Now }, Firm.Of(job), goal);
        var way = anew.Options.FirstOrDefault(o => Finish(o) == Finish(chosen)) ?? anew.Options.FirstOrDefault();
        return way is not null
            ? new(way.Steps, false, []) { Anew = anew }
            : new([], false, [.. anew.Holds.Select(h => h.Need.Problem).Concat(anew.Blocked.Select(n => n.Problem)).Distinct(StringComparer.Ordinal)]) { Anew = anew };
    }

    // True when the steps can be done one after another, each after its wait, and the finished work is what was asked for.
    private static bool Leads(Condition from, ImmutableArray<Step> steps, Goal goal)
    {
        var condition = from;
        foreach (var step in steps)
        {
            var done = Treatments.Apply(condition, step.Act);
            if (!done.IsSound)
            {
                return false;
            }

            condition = done.After;
        }

        condition = condition.After(condition.LongestLeft);
        return goal.Needs.All(n => n.Holds(condition));
    }

    private static string? Finish(Option option) => option.Steps.LastOrDefault(s => s.Act.Operation.Role == CoatRole.Finish)?.Act.Product?.Id;
}

/// <summary>A step that could be next.</summary>
/// <param name="Step">The step.</param>
/// <param name="From">From when; null: at once.</param>
/// <param name="Advised">From when it is better; null: no later.</param>
/// <param name="Latest">By when at the latest: a coat past it has to be keyed, bared iron prepared again; null: whenever.</param>
/// <param name="Needs">What must be so before, and is not yet, as problems; empty where nothing is in the way.</param>
public sealed record SiteNext(Step Step, DateTime? From, DateTime? Advised, DateTime? Latest, ImmutableArray<string> Needs)
{
    // So many are enough to choose from.
    private const int Most = 4;

    /// <summary>The next steps: the first that is left, and others that may go before it.</summary>
    /// <param name="state">Where the surface stands.</param>
    /// <param name="remaining">What is left.</param>
    public static ImmutableArray<SiteNext> Of(SiteState state, SiteRemaining remaining)
    {
        ArgumentNullException.ThrowIfNull(state);
        ArgumentNullException.ThrowIfNull(remaining);
        var next = ImmutableArray.CreateBuilder<SiteNext>();
        foreach (var step in remaining.Steps)
        {
            var unmet = Treatments.Apply(state.Now, step.Act).UnmetNeeds;
            if (next.Count > 0 && !unmet.IsEmpty)
            {
                continue;
            }

            var from = When(state, Treatments.WaitFor(state.Now, step.Act));
            next.Add(new(step, from, Better(state, step, from), Until(state, step), [.. unmet.Select(n => n.Problem)]));
            if (next.Count == Most)
            {
                break;
            }
        }

        return next.ToImmutable();
    }

    private static DateTime? When(SiteState state, int minutes) => minutes > 0 ? state.Moment.AddMinutes(minutes) : null;

    private static DateTime? Better(SiteState state, Step step, DateTime? from) =>
        from is not null && state.Done is [.., { Act.Leaves: { } wait, End: var end }] && step.Act.WaitFor.Contains(wait.Clock)
            ? new[] { from.Value, end.AddHours(wait.Advised) }.Max()
            : null;

    private static DateTime? Until(SiteState state, Step step)
    {
        if (state.Done.IsEmpty)
        {
            return null;
        }

        var window =
            state.Now.WindowMinutes is { } minutes && step.Act.Operation.Role is not (CoatRole.None or CoatRole.Spot)
                ? state.Moment.AddMinutes(minutes)
                : (DateTime?)null;
        var bare =
            LatestWaits.Stands(state.Now) && state.Done.LastOrDefault(d => d.Act.PreparesMetal) is { } prepared
                ? prepared.End.AddHours(Weathering.BareMetalHours)
                : (DateTime?)null;
        return window is null || bare < window ? bare ?? window : window;
    }
}
