using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Options against an exhaustive search that knows none of the program's short cuts: no bound, no stubborn sets, no acts
/// dropped as beaten, and needs asked of the transition function itself.
/// </summary>
public sealed class OptimalityTests
{
    private const int Most = 250_000;
    private static readonly HashSet<Need> Coats = [Needs.FullFinish, Needs.Hidden, .. Enumerable.Range(1, 5).Select(Needs.Topcoats)];

    public static TheoryData<int> Batches => [.. Enumerable.Range(0, 10)];

    [Theory]
    [MemberData(nameof(Batches))]
    public void The_cheapest_found_is_the_cheapest_there_is(int batch)
    {
        // 250 small cases in all; the few too large to exhaust are counted and must stay few.
        var solved = 0;
        for (var seed = batch * 25; seed < (batch + 1) * 25; seed++)
        {
            var (surface, job) = Small(seed);
            var appraised = One.Appraise(surface);
            var goal = Goal.For(surface, appraised.Condition);
            var finish = goal.Finishes[seed % goal.Finishes.Length];
            var needs = goal.NeedsWith(finish);
            // Masking for a spray that nobody asks for would only double what the exhaustive search must look at.
            var acts = Operations
                .Acts.Where(a => goal.Allows(a) && !a.Strips && a.Operation.Id != "mk_spray" && (a.Operation.Role != CoatRole.Finish || a.Product == finish))
                .ToArray();
            var bench = new SurfaceTask(appraised.Condition, needs, [], acts);
            var weights = (seed % 3) switch
            {
                0 => Weights.LeastCost,
                1 => Weights.Soonest,
                _ => Weights.Gentlest,
            };
            var prices = new Prices(appraised.Extents, job.Rates, bench.Acts);
            var found = bench.Missing.IsEmpty ? bench.Priced(bench.Aim(needs), prices, weights).Cheapest() : new Found(null, 0, 0, true);
            var (cost, complete) = Exhaust(appraised.Condition, bench.Missing.IsEmpty ? bench.Acts : acts, needs, prices, weights);
            if (complete)
            {
                solved++;
                Assert.Equal(cost, found.Acts is null ? null : found.Cost);
            }
        }

        Assert.True(solved >= 20, $"only {solved} of 25 could be exhausted");
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public void No_step_of_an_option_can_be_left_out_unnoticed(int seed)
    {
        var job = SurveyGenerator.Job(seed + 4000, 60);
        var tried = 0;
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var specified = Specifier.Specify(job, building, space, surface);
            foreach (var option in specified.Options)
            {
                for (var i = 0; i < option.Steps.Length; i++)
                {
                    var step = option.Steps[i];
                    if (step.Links.IsEmpty)
                    {
                        continue;
                    }

                    tried++;
                    var rest = Demo.Sequence(option).Where((_, at) => at != i).ToArray();
                    var audited = Strict.Run(surface, specified.Appraised, rest);
                    // A right need is one that it meets, or one about a fact that it changed: two washes may share the work.
                    var changed = Facets.All.Where(f => step.Before[f] != step.After[f]).ToHashSet();
                    var right = Needs
                        .All.Where(n => n != Needs.SiteCleared && (n.Any.Any(t => changed.Contains(t.Facet)) || step.Links.Any(l => l.Need == n)))
                        .ToHashSet();

                    // With a coat fewer it is the last coat that is missed, whichever was left out.
                    if (right.Overlaps(Coats))
                    {
                        right.UnionWith(Coats);
                    }

                    Assert.True(
                        step.Links.All(l => l.Need! == Needs.SiteCleared) || audited.Any(f => right.Contains(f.Need!)),
                        $"seed {seed} {surface.Id} {option.Name}: without {step.Act.Id} nobody misses {string.Join(", ", right)}; said {string.Join(", ", audited.Select(f => f.Need))}"
                    );
                }
            }
        }

        Assert.True(tried > 50);
    }

    // A surface with little wrong with it, of any family.
    private static (Surface Surface, Job Job) Small(int seed)
    {
        var random = new Random(seed + 77);
        T Pick<T>(params T[] from) => from[random.Next(from.Length)];
        var facts = One.Good with { Soil = Pick(Soil.Clean, Soil.Light) };
        facts = Pick(0, 1, 2, 3, 4) switch
        {
            0 => facts with { FillShare = 0.02 },
            1 => facts with { Ink = true },
            2 => facts with { LooseShare = 0.1, Edges = Pick(EdgeNature.Firm, EdgeNature.Lifting) },
            3 => facts with { OpenJointM = 2 },
            _ => facts,
        };
        var surface = Pick(0, 1, 2, 3, 4) switch
        {
            0 => One.Surface(Element.Wall, "gyp_old", facts, [One.Coat("emul_matt")]),
            1 => One.Surface(Element.Skirting, "sw", facts with { Key = Pick(Key.Shiny, Key.Toothy) }, [One.Coat(Pick("alkyd_gloss", "enamel_wb"))]),
            2 => One.Surface(Element.Railing, "steel", facts with { Rust = Pick(Rust.None, Rust.Light) }, [One.Coat("alkyd_gloss")], exposure: Exposure.Outside),
            3 => One.Surface(Element.Wall, "render_cem", facts, [One.Coat("masonry_ac")], exposure: Exposure.Outside),
            _ => One.Surface(Element.Tile, "tile_gl", facts with { LooseShare = 0, FillShare = 0, OpenJointM = 0 }),
        };
        return (surface, One.Job(surface));
    }

    // Uniform-cost search: conditions in order of what they cost to reach.
    private static (long? Cost, bool Complete) Exhaust(Condition start, Act[] acts, IEnumerable<Need> goal, Prices prices, Weights weights)
    {
        var wanted = goal.Aggregate(default(NeedSet), (set, n) => set | NeedSet.Of(n.Index));
        var best = new Dictionary<Condition, long> { [start] = 0 };
        var queue = new PriorityQueue<Condition, long>();
        queue.Enqueue(start, 0);
        while (queue.TryDequeue(out var condition, out var cost))
        {
            if (best[condition] < cost)
            {
                continue;
            }

            var satisfied = Treatments.Satisfied(condition);
            if (wanted.IsSubsetOf(satisfied))
            {
                return (cost, true);
            }

            if (best.Count > Most)
            {
                return (null, false);
            }

            foreach (var act in acts)
            {
                if (!act.NeedSet.IsSubsetOf(satisfied))
                {
                    continue;
                }

                var after = Treatments.Settled(condition, act);
                var reached = cost + prices.Of(act, weights, condition.Get(Facets.Film) == Film.None);
                if (!best.TryGetValue(after, out var known) || reached < known)
                {
                    best[after] = reached;
                    queue.Enqueue(after, reached);
                }
            }
        }

        return (null, true);
    }
}
