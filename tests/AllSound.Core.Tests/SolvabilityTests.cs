using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What can be told of all searches at once: whether there is a way with the film kept, and with it off.</summary>
public sealed class SolvabilityTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 12)];

    /// <summary>Against a search that leaves nothing out, by what it finds with and without stripping.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void There_is_a_way_where_a_whole_search_finds_one_and_only_there(int seed)
    {
        foreach (var (aim, prices) in Aims(seed))
        {
            var bench = aim.Bench;
            var gone = bench.Task.States.IsSwitched(bench.Task.States.Initial);
            var keeping = Whole(bench, aim.Needs, a => aim.Allows(a) && !a.Strips, prices);
            if (keeping is { } kept)
            {
                Assert.Equal(kept, gone ? aim.Aim.CanSwitch : aim.Aim.CanStay);
            }

            var bare = Whole(bench, [.. aim.Needs, Needs.FilmGone], aim.Allows, prices);
            if (bare is { } stripped)
            {
                Assert.Equal(stripped, aim.Aim.CanSwitch);
                Assert.Equal(stripped, aim.Aim.Switched().CanSwitch);
                Assert.False(aim.Aim.Switched().CanStay);
            }
        }
    }

    /// <summary>Dropping stripping where it leads nowhere, and the bounds that hang on it, lose no cheapest sequence.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void What_cannot_be_reached_costs_no_search(int seed)
    {
        foreach (var (aim, prices) in Aims(seed))
        {
            var found = aim.Bench.Priced(aim.Aim, prices, Weights.LeastCost).Cheapest();
            if (!aim.Aim.CanStay && !aim.Aim.CanSwitch)
            {
                Assert.Null(found.Acts);
                Assert.Equal(0, found.Expanded);
            }
            else if (found.Acts is { } acts && !aim.Bench.Task.States.IsSwitched(aim.Bench.Task.States.Initial))
            {
                Assert.True(acts.Any(a => a.Strips) ? aim.Aim.CanSwitch : aim.Aim.CanStay);
            }
        }
    }

    // Null where even a whole search gave up.
    private static bool? Whole(SurfaceTask bench, IReadOnlyCollection<Need> needs, Func<Act, bool> allows, Prices prices)
    {
        var aim = bench.Aim(needs, allows);
        var found = bench.Priced(aim, prices, Weights.LeastCost).Cheapest(prune: false, limit: 4000);
        if (found.Expanded == 0 && found.Acts is null)
        {
            // Told by the aim itself: look for a way without asking it, by all orders of what can be done.
            return Reaches(bench, aim.Goal, allows);
        }

        return found.Complete ? found.Acts is not null : null;
    }

    private static bool? Reaches(SurfaceTask bench, IndexSet goal, Func<Act, bool> allows)
    {
        var seen = new HashSet<State> { bench.Task.States.Initial };
        var todo = new Queue<State>(seen);
        while (todo.TryDequeue(out var state))
        {
            var now = bench.Task.States.Of(state).Holding;
            if (goal.IsSubsetOf(now))
            {
                return true;
            }

            foreach (var act in bench.Task.Applicable(now).Indexes().Where(a => allows(bench.Acts[a])))
            {
                if (seen.Add(bench.Task.States.After(state, act)))
                {
                    todo.Enqueue(bench.Task.States.After(state, act));
                }
            }

            if (seen.Count > 30_000)
            {
                return null;
            }
        }

        return false;
    }

    private static IEnumerable<((GoalTask Aim, SurfaceTask Bench, IReadOnlyCollection<Need> Needs, Func<Act, bool> Allows), Prices)> Aims(int seed)
    {
        var job = SurveyGenerator.Job(seed + 4400, 4);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var appraised = Appraisal.Appraise(job, building, space, surface);
            var goal = Goal.For(surface, appraised.Condition);
            var bench = new SurfaceTask(appraised.Condition, goal.Needs, [Needs.Topcoats(1), Needs.Topcoats(2), Needs.FilmGone], [.. Operations.Acts.Where(goal.Allows)]);
            if (!bench.Missing.IsEmpty)
            {
                continue;
            }

            foreach (var finish in goal.Finishes)
            {
                bool Allows(Act a) => a.Operation.Role != CoatRole.Finish || a.Product == finish;
                var needs = goal.NeedsWith(finish);
                yield return ((bench.Aim(needs, Allows), bench, needs, Allows), new Prices(appraised.Extents, job.Rates, bench.Acts));
            }
        }
    }
}
