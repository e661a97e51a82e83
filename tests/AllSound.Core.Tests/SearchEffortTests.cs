using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// How much a search looks at: states expanded and the bound at the start. The cheapest sequence comes out the same with a
/// weaker bound or with fewer short cuts, only later; here that shows.
/// </summary>
public sealed class SearchEffortTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 8)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_search_looks_at_no_more_than_it_did(int seed)
    {
        var job = Approved.FrozenJob(seed);
        Approved.Check($"effort.{seed}", job.Surfaces().SelectMany(x => Efforts(job, x.Building, x.Space, x.Surface)));
    }

    private static IEnumerable<string> Efforts(Job job, Building building, Space space, Surface surface)
    {
        var appraised = Appraisal.Appraise(job, building, space, surface);
        var goal = Goal.For(surface, appraised.Condition);
        var acts = Operations.Acts.Where(goal.Allows).ToArray();
        if (goal.Finishes.IsEmpty || new SurfaceTask(appraised.Condition, goal.Needs, [], acts) is not { Missing.IsEmpty: true } bench)
        {
            yield break;
        }

        foreach (var (name, weights) in new[] { ("cost", Weights.LeastCost), ("days", Weights.Soonest), ("hazard", Weights.Gentlest) })
        {
            var problem = bench.Priced(bench.Aim(goal.NeedsWith([.. goal.Finishes])), new Prices(appraised.Extents, job.Rates, bench.Acts), weights);
            var found = problem.Cheapest(limit: 1500);
            yield return $"{surface.Id} {surface.Substrate} by {name}: {found.Expanded} states, bound {problem.Costed.LeastCost}, cost {found.Cost}";
        }
    }
}
