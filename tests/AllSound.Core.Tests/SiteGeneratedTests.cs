using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Generated surveys worked off: as planned, and each with one thing done otherwise. <c>ALLSOUND_SITES</c> says how many surfaces; 80 when it does not.</summary>
public sealed class SiteGeneratedTests
{
    private static readonly DateTime Begin = new(2026, 12, 7, 8, 0, 0);

    private static int Wanted => int.TryParse(Environment.GetEnvironmentVariable("ALLSOUND_SITES"), CultureInfo.InvariantCulture, out var n) ? n : 80;

    private static IEnumerable<(Job Job, Surface Surface, Specified Specified, ImmutableArray<Step> Steps)> Surfaces(int seed)
    {
        var given = 0;
        for (var s = seed; given < Wanted; s++)
        {
            var job = SurveyGenerator.Job(s, 20);
            foreach (var (building, space, surface) in job.Surfaces())
            {
                var specified = Specifier.Specify(job, building, space, surface);
                if (!specified.Options.IsEmpty && given++ < Wanted)
                {
                    yield return (job, surface with { Choice = null }, specified, specified.Options[0].Steps);
                }
            }
        }
    }

    private static ImmutableArray<LogEntry> Log(string surface, IEnumerable<Step> steps, Func<Step, double> wait)
    {
        var at = Begin;
        var log = ImmutableArray.CreateBuilder<LogEntry>();
        foreach (var step in steps)
        {
            at = at.AddHours(wait(step));
            var start = at;
            at = at.AddHours(step.Spend.Hours);
            log.Add(
                new LogEntry
                {
                    Id = $"{log.Count:0000}",
                    Kind = LogKind.Done,
                    At = at,
                    Hours = (at - start).TotalHours,
                    Surface = surface,
                    Step = step.Number,
                    Operation = step.Act.Operation.Id,
                    Product = step.Act.Product?.Own?.Id ?? step.Act.Product?.Id,
                }
            );
        }

        return log.ToImmutable();
    }

    [Fact]
    public void Done_as_planned_the_fold_is_the_end_of_the_specification_and_nothing_is_told()
    {
        var wrong = new List<string>();
        foreach (var (job, surface, specified, steps) in Surfaces(30_000))
        {
            var with = job with { Log = Log(surface.Id, steps, s => s.WaitBefore) };
            var state = SiteFold.Of(with, surface, specified);
            var judged = SiteJudgement.Of(with, state);
            var left = SiteRemaining.Of(with, state);
            var end = steps[^1].After;
            var differs = Facets.All.Where(f => end[f] != state.Now[f]).Select(f => f.Name).ToArray();
            if (differs.Length > 0 || !judged.Deviations.IsEmpty || !judged.Faults.IsEmpty || !left.Steps.IsEmpty || !left.Stuck.IsEmpty)
            {
                wrong.Add(
                    $"{surface.Id}: {string.Join(", ", differs)}; {string.Join(" ", judged.Deviations.Select(d => d.Says))} {string.Join(" ", judged.Faults.Select(f => f.Problem))}; {left.Steps.Length} left {string.Join(" ", left.Stuck)}"
                );
            }
        }

        Assert.True(wrong.Count == 0, $"{wrong.Count} of {Wanted}:\n{string.Join("\n", wrong.Take(12))}");
    }

    [Fact]
    public void A_wait_that_is_cut_short_is_told_at_its_step_and_nowhere_else()
    {
        var (tried, wrong) = (0, new List<string>());
        foreach (var (job, surface, specified, steps) in Surfaces(40_000))
        {
            // A step that waits for the one just before it to dry.
            var cut = steps.FirstOrDefault(s =>
                s.Number > 1 && s.WaitBefore > 1 && steps[s.Number - 2].Act.Leaves is { Least: >= 1 } wait && s.Act.WaitFor.Contains(wait.Clock)
            );
            if (cut is null)
            {
                continue;
            }

            tried++;
            var with = job with { Log = Log(surface.Id, steps.Take(cut.Number), s => s == cut ? 0.2 : s.WaitBefore) };
            var judged = SiteJudgement.Of(with, SiteFold.Of(with, surface, specified));
            var told = judged.Deviations.Where(d => d.Kind == DeviationKind.TooShort).Select(d => d.Entry).ToArray();
            if (told is not [var entry] || entry != $"{cut.Number - 1:0000}" || judged.Deviations.Any(d => d.Kind != DeviationKind.TooShort))
            {
                wrong.Add($"{surface.Id}, step {cut.Number} {cut.Act}: {string.Join(" ", judged.Deviations.Select(d => d.Says))}");
            }
        }

        Assert.True(wrong.Count == 0 && tried > Wanted / 4, $"{wrong.Count} of {tried}:\n{string.Join("\n", wrong.Take(12))}");
    }

    /// <summary>Work may be broken off anywhere and for any time: there is always a way on, and where there is nothing left none is made up.</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(72)]
    public void From_any_state_of_the_work_there_is_a_way_on(int hours)
    {
        var (tried, wrong) = (0, new List<string>());
        foreach (var (job, surface, specified, steps) in Surfaces(50_000 + hours).Take(Math.Max(20, Wanted / 4)))
        {
            var (condition, firm) = (specified.Appraised.Condition, Firm.Of(job));
            var goal = Goal.For(surface, condition, firm);
            foreach (var step in steps)
            {
                condition = Treatments.Apply(condition, step.Act, step.Number == 1 ? null : step.WaitBefore, Pace.Least).After;
                var now = condition.After(hours * 60);
                var anew = Specifier.Specify(job.Rates, surface, specified.Appraised with { Condition = now }, firm, goal);
                tried++;
                var finished = goal.Needs.All(n => n.Holds(now.After(now.LongestLeft)));
                if (anew.Options.IsEmpty != finished)
                {
                    wrong.Add($"{surface.Id} after {step.Number} {step.Act}: {string.Join(", ", anew.Blocked.Select(n => n.Id))}");
                }
            }
        }

        Assert.True(wrong.Count == 0 && tried > 100, $"{wrong.Count} of {tried}:\n{string.Join("\n", wrong.Take(12))}");
    }
}
