using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The search finds the cheapest sequence: checked against itself without its short cuts.</summary>
public sealed class SearchTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 24)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Leaving_out_permutations_loses_no_cheapest_sequence(int seed)
    {
        foreach (var problem in Problems(seed))
        {
            var pruned = problem.Cheapest();
            var whole = problem.Cheapest(prune: false);
            if (whole.Complete)
            {
                Assert.Equal(whole.Acts is null, pruned.Acts is null);
                Assert.Equal(whole.Cost, pruned.Cost);
            }
        }
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void The_bound_never_exceeds_what_is_still_to_pay(int seed)
    {
        foreach (var problem in Problems(seed))
        {
            var found = problem.Cheapest();
            if (found.Acts is null)
            {
                continue;
            }

            var state = problem.Costed.Initial;
            var ahead = problem.Costed.Landmarks;
            var left = found.Cost;
            foreach (var act in found.Acts)
            {
                var satisfied = problem.Surface.Task.States.Of(state).Holding;
                Assert.InRange(problem.Costed.Bound(state, satisfied, ahead) ?? long.MaxValue, 0, left);
                var place = Array.IndexOf(problem.Surface.Acts, act);
                ahead = problem.Costed.Progress(ahead, place, state);
                left -= problem.Costed.Cost(state, place);
                state = problem.Surface.Task.States.After(state, place);
            }

            Assert.Equal(0, left);
        }
    }

    private static IEnumerable<PricedTask> Problems(int seed)
    {
        var job = SurveyGenerator.Job(seed + 500, 3);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var appraised = Appraisal.Appraise(job, building, space, surface);
            var goal = Goal.For(surface, appraised.Condition);
            if (goal.Finishes.IsEmpty)
            {
                continue;
            }

            // One finish, with stripping and without; without is small enough to be tried without short cuts.
            var acts = Operations.Acts.Where(a => goal.Allows(a) && (a.Operation.Role != CoatRole.Finish || a.Product == goal.Finishes[0])).ToArray();
            var needs = goal.NeedsWith(goal.Finishes[0]);
            var bench = new SurfaceTask(appraised.Condition, needs, [], acts);
            if (!bench.Missing.IsEmpty)
            {
                continue;
            }

            foreach (var weights in new[] { Weights.LeastCost, Weights.Soonest, Weights.Gentlest })
            {
                yield return bench.Priced(bench.Aim(needs, a => a.Operation.Group != Group.Strip), new Prices(appraised.Extents, job.Rates, bench.Acts), weights);
                yield return bench.Priced(bench.Aim(needs), new Prices(appraised.Extents, job.Rates, bench.Acts), weights);
            }
        }
    }
}
