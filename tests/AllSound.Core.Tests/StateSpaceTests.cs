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
/// What the search walks on, against the transition function: packed states leave out nothing that can be noticed, and a
/// state that is called at least as good as another stays so whatever is done.
/// </summary>
public sealed class StateSpaceTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 10)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_packed_state_goes_as_the_condition_goes(int seed)
    {
        var random = new Random(seed);
        foreach (var bench in Benches(seed))
        {
            var condition = bench.Start;
            var state = bench.Bench.Task.States.Initial;
            for (var step = 0; step < 40; step++)
            {
                Assert.Equal(bench.Bench.Task.States.Pack(condition.Values), state);
                var satisfied = bench.Bench.Task.States.Of(state).Holding;
                var held = Treatments.Satisfied(condition);
                foreach (var need in Needs.All.Where(n => n.Clock is null && bench.Bench.Task.Local(n.Index) >= 0))
                {
                    Assert.Equal(held.Contains(need.Index), satisfied.Contains(bench.Bench.Task.Local(need.Index)));
                }

                Assert.Equal(condition.Get(Facets.Film) == Film.None, bench.Bench.Task.States.IsSwitched(state));
                int[] can = [.. bench.Bench.Task.Applicable(satisfied).Indexes()];
                Assert.Equal([.. Enumerable.Range(0, bench.Bench.Acts.Length).Where(i => bench.Bench.Acts[i].NeedSet.IsSubsetOf(held))], can);
                if (can.Length == 0)
                {
                    break;
                }

                var act = can[random.Next(can.Length)];
                condition = Treatments.Settled(condition, bench.Bench.Acts[act]);
                state = bench.Bench.Task.States.After(state, act);
            }
        }
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void What_is_at_least_as_good_stays_so_whatever_is_done(int seed)
    {
        var random = new Random(seed);
        var pairs = 0;
        foreach (var (bench, _) in Benches(seed))
        {
            var states = Wander(bench, random);
            foreach (var better in states)
            {
                foreach (var worse in states.Where(s => !s.Equals(better) && bench.Task.States.Of(better).AtLeast(bench.Task.States.Of(s))))
                {
                    pairs++;
                    var (can, group) = (bench.Task.States.Of(better).Holding, bench.Task.States.Of(better).Group);
                    var (could, same) = (bench.Task.States.Of(worse).Holding, bench.Task.States.Of(worse).Group);
                    Assert.True(could.IsSubsetOf(can));
                    Assert.Equal(same, group);
                    Assert.Equal(bench.Task.States.IsSwitched(worse), bench.Task.States.IsSwitched(better));
                    foreach (var act in bench.Task.Applicable(could).Indexes())
                    {
                        Assert.True(
                            bench.Task.States.Of(bench.Task.States.After(better, act)).AtLeast(bench.Task.States.Of(bench.Task.States.After(worse, act))),
                            bench.Acts[act].Id
                        );
                    }
                }
            }
        }

        Assert.True(pairs > 0);
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void What_an_act_is_said_to_lead_to_give_and_better_holds_all_that_it_does(int seed)
    {
        var random = new Random(seed);
        foreach (var (bench, _) in Benches(seed))
        {
            foreach (var state in Wander(bench, random).Take(12))
            {
                var now = bench.Task.States.Of(state);
                foreach (var act in bench.Task.Applicable(now.Holding).Indexes())
                {
                    var after = bench.Task.States.After(state, act);
                    var then = bench.Task.States.Of(after);
                    for (var field = 0; field < bench.Task.States.FieldCount; field++)
                    {
                        Assert.Equal(1UL, (bench.Task.States.Outcomes(act, field, bench.Task.States.Class(field, state)) >> bench.Task.States.Class(field, after)) & 1);
                    }

                    Assert.True((then.Holding - now.Holding).IsSubsetOf(bench.Task.Adds[act]), bench.Acts[act].Id);
                    Assert.True((now.Holding - then.Holding).IsSubsetOf(bench.Task.States.Operators[act].Deletes), bench.Acts[act].Id);
                    Assert.True(now.AtLeast(then) || now.Improving.Contains(act), bench.Acts[act].Id);
                    if (!bench.Acts[act].Strips)
                    {
                        Assert.True(
                            (then.Holding - now.Holding).IsSubsetOf(bench.Task.AddsUnswitched[act]) || bench.Task.States.IsSwitched(state) || WasStripped(bench, state)
                        );
                    }
                }
            }
        }

        // What holds only once the film was off may be given then by acts that do not strip.
        static bool WasStripped(SurfaceTask bench, State state) => bench.Task.States.IsSwitched(state) != bench.Task.States.IsSwitched(bench.Task.States.Initial);
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void An_act_that_outdoes_another_leaves_nothing_worse(int seed)
    {
        var random = new Random(seed);
        foreach (var (bench, _) in Benches(seed))
        {
            var states = Wander(bench, random).Take(12).ToArray();
            for (var a = 0; a < bench.Acts.Length; a++)
            {
                for (var b = 0; b < bench.Acts.Length; b++)
                {
                    if (bench.Task.DominatedBy[b].Contains(a))
                    {
                        Assert.All(
                            states,
                            s => Assert.True(bench.Task.States.Of(bench.Task.States.After(s, a)).AtLeast(bench.Task.States.Of(bench.Task.States.After(s, b))))
                        );
                    }
                }
            }
        }
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void An_act_can_be_brought_forward_over_those_that_it_does_not_interfere_with(int seed)
    {
        var random = new Random(seed);
        var tried = 0;
        foreach (var (bench, _) in Benches(seed))
        {
            foreach (var state in Wander(bench, random).Take(12))
            {
                int[] can = [.. bench.Task.Applicable(bench.Task.States.Of(state).Holding).Indexes()];
                foreach (var (first, later) in can.SelectMany(x => can.Select(y => (x, y))).Where(p => p.x != p.y))
                {
                    if (
                        bench.Task.Interference[later].Contains(first)
                        || !bench.Task.Preconditions[later].IsSubsetOf(bench.Task.States.Of(bench.Task.States.After(state, first)).Holding)
                    )
                    {
                        continue;
                    }

                    tried++;
                    var forward = bench.Task.States.After(state, later);
                    Assert.True(bench.Task.Preconditions[first].IsSubsetOf(bench.Task.States.Of(forward).Holding));
                    Assert.Equal(bench.Task.States.After(bench.Task.States.After(state, first), later), bench.Task.States.After(forward, first));
                }
            }
        }

        Assert.True(tried > 0);
    }

    [Fact]
    public void A_search_looks_for_nothing_that_costs_as_much_as_it_must_stay_below()
    {
        var (bench, surface, appraised, job) = Wall();
        var goal = Goal.For(surface, appraised.Condition);
        var problem = bench.Priced(bench.Aim(goal.NeedsWith()), new Prices(appraised.Extents, job.Rates, bench.Acts), Weights.LeastCost);
        var found = problem.Cheapest();

        Assert.NotNull(found.Acts);
        Assert.Null(problem.Cheapest(found.Cost).Acts);
        Assert.Equal(found.Cost, problem.Cheapest(found.Cost + 1).Cost);
    }

    [Fact]
    public void A_search_that_gives_up_claims_nothing_and_the_answer_says_so()
    {
        var (bench, surface, appraised, job) = Wall();
        var goal = Goal.For(surface, appraised.Condition);
        var problem = bench.Priced(bench.Aim(goal.NeedsWith()), new Prices(appraised.Extents, job.Rates, bench.Acts), Weights.LeastCost);

        var cut = problem.Cheapest(limit: 2);
        Assert.Null(cut.Acts);
        Assert.False(cut.Complete);

        var builder = new OptionBuilder(job.Rates, surface, appraised, goal, Core.Practice.Firm.Any, Core.Practice.Firm.Any.RulesOn(surface));
        var whole = problem.Cheapest().Acts!;
        Assert.Contains(builder.Said(new Sought([whole], [], Cut: true), []).Notes, n => n.Contains("a better option may exist", StringComparison.Ordinal));
        Assert.Contains(
            builder.Said(new Sought([], goal.Needs, Cut: true), []).Notes,
            n => n.Contains("there may be an option that was not found", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(builder.Said(new Sought([whole], [], Cut: false), []).Notes, n => n.Contains("cut short", StringComparison.Ordinal));
    }

    private static (SurfaceTask Bench, Surface Surface, Appraised Appraised, Job Job) Wall()
    {
        var surface = One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt")]);
        var job = One.Job(surface);
        var appraised = One.Appraise(surface);
        var goal = Goal.For(surface, appraised.Condition);
        return (new SurfaceTask(appraised.Condition, goal.Needs, [], [.. Operations.Acts.Where(goal.Allows)]), surface, appraised, job);
    }

    private static IEnumerable<(SurfaceTask Bench, Condition Start)> Benches(int seed)
    {
        var job = SurveyGenerator.Job(seed + 9000, 40);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var appraised = Appraisal.Appraise(job, building, space, surface);
            var goal = Goal.For(surface, appraised.Condition);
            var bench = new SurfaceTask(appraised.Condition, goal.Needs, [Needs.FilmGone], [.. Operations.Acts.Where(goal.Allows)]);
            if (bench.Missing.IsEmpty)
            {
                yield return (bench, appraised.Condition.After(appraised.Condition.LongestLeft));
            }
        }
    }

    private static List<State> Wander(SurfaceTask bench, Random random)
    {
        var states = new HashSet<State>();
        for (var walk = 0; walk < 6; walk++)
        {
            var state = bench.Task.States.Initial;
            for (var step = 0; step < 12; step++)
            {
                states.Add(state);
                int[] can = [.. bench.Task.Applicable(bench.Task.States.Of(state).Holding).Indexes()];
                if (can.Length == 0)
                {
                    break;
                }

                state = bench.Task.States.After(state, can[random.Next(can.Length)]);
            }
        }

        return [.. states];
    }

    /// <summary>Bit by bit against an array of bits.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void Bits_are_put_and_kept_in_every_word(int seed)
    {
        var random = new Random(seed);
        for (var i = 0; i < 200; i++)
        {
            var (state, mask, value) = (default(State), default(State), default(State));
            var expected = new ulong[State.Words];
            for (var word = 0; word < State.Words; word++)
            {
                var (had, masked, put) = ((ulong)random.NextInt64(), (ulong)random.NextInt64(), (ulong)random.NextInt64());
                state = state.With(word, ulong.MaxValue, had);
                mask = mask.With(word, ulong.MaxValue, masked);
                value = value.With(word, ulong.MaxValue, put & masked);
                expected[word] = (had & ~masked) | (put & masked);
            }

            var after = state.Set(mask, value);
            Assert.Equal(expected, Enumerable.Range(0, State.Words).Select(w => after[w]));
            for (var word = 0; word < State.Words; word++)
            {
                var other = after.With(word, 1, (after[word] & 1) ^ 1);
                Assert.False(after.Equals(other));
                Assert.NotEqual(after.GetHashCode(), other.GetHashCode());
                Assert.True(after.Equals(other.With(word, 1, after[word] & 1)));
            }
        }
    }
}
