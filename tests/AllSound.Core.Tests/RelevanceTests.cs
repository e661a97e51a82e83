using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What is said to be missing can indeed not be come by, and what is left out as not mattering does not matter.</summary>
public sealed class RelevanceTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 8)];

    /// <summary>Whatever is done of what the brief allows, in whatever order: what is missing never comes true.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void What_is_missing_no_act_brings_about(int seed)
    {
        var random = new Random(seed);
        var missing = 0;
        foreach (var (appraised, goal, allowed) in Places(seed))
        {
            var bench = new SurfaceTask(appraised.Condition, goal.Needs, [], allowed);
            missing += bench.Missing.Length;
            Assert.All(bench.Missing, n => Assert.False(n.Holds(appraised.Condition)));
            for (var walk = 0; walk < 4 && !bench.Missing.IsEmpty; walk++)
            {
                var condition = appraised.Condition.After(appraised.Condition.LongestLeft);
                for (var step = 0; step < 25; step++)
                {
                    var held = Treatments.Satisfied(condition);
                    var can = Array.FindAll(allowed, a => (a.NeedSet - Treatments.Table.Untested).IsSubsetOf(held));
                    if (can.Length == 0)
                    {
                        break;
                    }

                    condition = Treatments.Settled(condition, can[random.Next(can.Length)]);
                    Assert.All(bench.Missing, n => Assert.False(n.Holds(condition), $"{n.Id} on {appraised.Condition.Get(Facets.Substrate)}"));
                }
            }
        }

        Assert.True(missing > 0);
    }

    /// <summary>What is missing is asked for by the goal, or by everything that could give what is asked for.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void What_is_missing_is_what_the_work_hangs_on(int seed)
    {
        foreach (var (appraised, goal, allowed) in Places(seed))
        {
            var bench = new SurfaceTask(appraised.Condition, goal.Needs, [], allowed);
            var wanted = goal.Needs.ToHashSet();
            for (var grown = true; grown; )
            {
                grown = false;
                foreach (var act in allowed.Where(a => !a.NeedSet.IsEmpty && a.Effects.Length > 0))
                {
                    foreach (var need in act.Needs)
                    {
                        grown |= wanted.Add(need);
                    }
                }
            }

            Assert.All(bench.Missing, n => Assert.Contains(n, wanted));
        }
    }

    /// <summary>With the acts left out as well, nothing cheaper is found: they do not matter.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void Acts_that_are_left_out_give_nothing_that_is_asked_for(int seed)
    {
        foreach (var (appraised, goal, allowed) in Places(seed))
        {
            var bench = new SurfaceTask(appraised.Condition, goal.Needs, [], allowed);
            if (!bench.Missing.IsEmpty)
            {
                continue;
            }

            var asked = bench.Acts.SelectMany(a => a.Needs).Concat(goal.Needs).Where(n => n.Clock is null).ToHashSet();
            var condition = appraised.Condition.After(appraised.Condition.LongestLeft);
            var random = new Random(seed);
            for (var step = 0; step < 15; step++)
            {
                var held = Treatments.Satisfied(condition);
                foreach (var act in allowed.Where(a => !bench.Acts.Contains(a) && (a.NeedSet - Treatments.Table.Untested).IsSubsetOf(held)))
                {
                    var after = Treatments.Satisfied(Treatments.Settled(condition, act));
                    Assert.DoesNotContain(asked, n => after.Contains(n.Index) && !held.Contains(n.Index));
                }

                var can = Array.FindAll(bench.Acts, a => (a.NeedSet - Treatments.Table.Untested).IsSubsetOf(held));
                if (can.Length == 0)
                {
                    break;
                }

                condition = Treatments.Settled(condition, can[random.Next(can.Length)]);
            }
        }
    }

    private static IEnumerable<(Appraised Appraised, Goal Goal, Act[] Allowed)> Places(int seed)
    {
        var job = SurveyGenerator.Job(seed + 9700, 30);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var appraised = Appraisal.Appraise(job, building, space, surface);
            var goal = Goal.For(surface, appraised.Condition);
            yield return (appraised, goal, [.. Operations.Acts.Where(goal.Allows)]);
        }
    }
}
