using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The search over all finishes at once against one search for each finish by itself.</summary>
public sealed class FinishSearchTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 12)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void It_finds_the_cheapest_the_cheapest_by_the_year_and_the_longest_lived(int seed)
    {
        var job = SurveyGenerator.Job(seed + 700, 4);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var appraised = Appraisal.Appraise(job, building, space, surface);
            var goal = Goal.For(surface, appraised.Condition);
            var acts = Operations.Acts.Where(goal.Allows).ToArray();
            var bench = new SurfaceTask(appraised.Condition, goal.Needs, [Needs.Topcoats(1), Needs.Topcoats(2)], acts);
            var finishes = goal.Finishes.Where(f => Array.Exists(acts, a => a.Product == f && a.Operation.Role == CoatRole.Finish)).ToArray();
            if (!bench.Missing.IsEmpty || finishes.Length == 0)
            {
                continue;
            }

            var prices = new Prices(appraised.Extents, job.Rates, bench.Acts);
            PricedTask Over(IReadOnlyCollection<CoatingClass> some) =>
                bench.Priced(bench.Aim(goal.NeedsWith([.. some]), a => a.Operation.Role != CoatRole.Finish || some.Contains(a.Product!)), prices, Weights.LeastCost);
            double Life(CoatingClass finish) => surface.Exposure == Exposure.Inside ? finish.Life.Inside : finish.Life.Outside;

            var each = finishes.Select(f => (Finish: f, Found: Over([f]).Cheapest())).Where(x => x.Found.Acts is not null).ToList();
            var search = new FinishSearch([.. finishes], Life, Over);
            search.SeekLeast();
            Assert.False(search.Cut);
            Assert.Equal(each.Count == 0, search.Found.Count == 0);
            if (each.Count == 0)
            {
                Assert.Empty(search.Lasting);
                continue;
            }

            long Cost(IReadOnlyList<Act> sequence)
            {
                var problem = Over(finishes);
                return sequence.Aggregate((problem.Costed.Initial, 0L), (at, act) => Done(problem, at.Item1, at.Item2, act)).Item2;
            }

            var found = search.Found.Select(s => (Cost: Cost(s), Life: Life(s.Last(a => a.Operation.Role == CoatRole.Finish).Product!))).ToList();
            Assert.Equal(each.Min(x => x.Found.Cost), found[0].Cost);
            Assert.Equal(each.Min(x => x.Found.Cost / Life(x.Finish)), found.Min(x => x.Cost / x.Life), 6);
            var longest = each.Max(x => Life(x.Finish));
            Assert.Equal(longest, found.Max(x => x.Life));
            Assert.Equal(each.Where(x => Life(x.Finish) == longest).Min(x => x.Found.Cost), found.Where(x => x.Life == longest).Min(x => x.Cost));
            Assert.All(search.Lasting, f => Assert.Equal(longest, Life(f)));
            var lasting = search.Found.First(s => Life(s.Last(a => a.Operation.Role == CoatRole.Finish).Product!) == longest);
            Assert.Equal(lasting.Any(a => a.Strips), search.LastingStrips);

            // Begun side by side, the longest-lived is looked for without knowing the least: nothing else may come of it.
            var ahead = new FinishSearch([.. finishes], Life, Over);
            ahead.SeekLongest();
            Assert.Equal(search.Found.Select(w => string.Join(" ", w)), ahead.Found.Select(w => string.Join(" ", w)));
            Assert.Equal(search.Cut, ahead.Cut);
            Assert.Equal(search.Lasting, ahead.Lasting);
            Assert.Equal(search.LastingStrips, ahead.LastingStrips);
        }
    }

    [Fact]
    public void A_search_that_gives_up_does_not_throw_away_what_another_found()
    {
        var trim = One.Surface(Element.Skirting, "sw", One.Good with { Key = Key.Toothy }, [One.Coat("enamel_wb")]);
        var appraised = One.Appraise(trim);
        var goal = Goal.For(trim, appraised.Condition);
        var acts = Operations.Acts.Where(goal.Allows).ToArray();
        var bench = new SurfaceTask(appraised.Condition, goal.Needs, [Needs.Topcoats(1), Needs.Topcoats(2)], acts);
        var prices = new Prices(appraised.Extents, One.Job(trim).Rates, bench.Acts);
        var finishes = goal.LaidBy(acts);
        var all = finishes.Length;
        PricedTask Over(IReadOnlyCollection<CoatingClass> some) =>
            bench.Priced(bench.Aim(goal.NeedsWith([.. some]), a => a.Operation.Role != CoatRole.Finish || some.Contains(a.Product!)), prices, Weights.LeastCost);
        var tried = 0;

        // The first search is over all finishes: it is made to give up.
        var search = new FinishSearch(
            finishes,
            f => f.Life.Inside,
            Over,
            (problem, below) => tried++ == 0 ? new Found(null, 0, 1, Complete: false) : problem.Cheapest(below)
        );
        search.SeekLeast();
        search.SeekLongest();

        Assert.True(all > 1);
        Assert.True(search.Cut);
        Assert.Single(search.Found);
        Assert.NotEmpty(search.Lasting);
    }

    private static (State State, long Cost) Done(PricedTask problem, State state, long cost, Act act)
    {
        var place = Array.IndexOf(problem.Surface.Acts, act);
        return (problem.Surface.Task.States.After(state, place), cost + problem.Costed.Cost(state, place));
    }
}
