using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;
using AllSound.Core.Inspection;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Costs of full-size surveys against an outside solver, gringo and clasp (Debian packages), which know none of the planner's shortcuts. A long
/// test: <c>ALLSOUND_OUTSIDE=200</c> says how many surveys; <c>ALLSOUND_OUTSIDE_SECONDS=60</c> when the outside solver gives up on one; <c>ALLSOUND_OUTSIDE_AFTER=127</c> goes on where
/// a run was stopped.
/// </summary>
public sealed partial class OutsideSolverTests(ITestOutputHelper output)
{
    [Fact]
    public async Task The_outside_solver_finds_nothing_cheaper()
    {
        var wanted = int.Parse(Environment.GetEnvironmentVariable("ALLSOUND_OUTSIDE") ?? "0", CultureInfo.InvariantCulture);
        Assert.SkipWhen(wanted == 0, "A long test: set ALLSOUND_OUTSIDE to a number of surveys; it needs gringo and clasp.");
        var seconds = int.Parse(Environment.GetEnvironmentVariable("ALLSOUND_OUTSIDE_SECONDS") ?? "60", CultureInfo.InvariantCulture);
        var done = int.Parse(Environment.GetEnvironmentVariable("ALLSOUND_OUTSIDE_AFTER") ?? "0", CultureInfo.InvariantCulture);
        var number = 0;
        var (proved, gaveUp, mine, theirs) = (0, 0, TimeSpan.Zero, TimeSpan.Zero);
        for (var seed = 1; done + proved + gaveUp < wanted; seed++)
        {
            var job = SurveyGenerator.Job(seed + 30_000, 10);
            foreach (var (building, space, surface) in job.Surfaces())
            {
                var appraised = Appraisal.Appraise(job, building, space, surface);
                var goal = Goal.For(surface, appraised.Condition);
                var acts = Operations.Acts.Where(goal.Allows).ToArray();
                var watch = Stopwatch.StartNew();
                var task = goal.Task(appraised.Condition, acts);
                if (!task.Missing.IsEmpty || goal.Finishes.IsEmpty || done + proved + gaveUp == wanted)
                {
                    continue;
                }

                // In whole units of money, so that both reckon with the same small numbers.
                var needs = goal.NeedsWith([.. goal.Finishes]);
                var aim = task.Aim(needs);
                var prices = new Prices(appraised.Extents, job.Rates, acts);
                OperatorCost Cost(Act act) => new(1 + (prices.Of(act, Weights.LeastCost, false) / 10_000), 1 + (prices.Of(act, Weights.LeastCost, true) / 10_000));
                var plan = Search.Cheapest(new CostedTask(aim, [.. task.Acts.Select(Cost)]));
                mine += watch.Elapsed;
                if (plan.Operators is null || ++number <= done)
                {
                    continue;
                }

                // A step more than the plan takes.
                var steps = AnswerSetProgram.Steps(task.Task.Domain, plan.Operators.Select(o => task.Task.Operators[o])) + 1;
                var program = AnswerSetProgram.Write(
                    task.Task.Domain,
                    appraised.Condition.Values,
                    needs.Aggregate(default(NeedSet), (set, n) => set | NeedSet.Of(n.Index)),
                    [.. acts.Select(a => (a.Planned, Cost(a)))],
                    steps
                );
                watch.Restart();
                var (answer, cost) = await Ask(program, plan.Cost, seconds);
                theirs += watch.Elapsed;
                output.WriteLine(
                    $"{number}: {seed}/{surface.Id} {surface.Substrate}: {plan.Operators.Length} acts in {steps - 1} steps, cost {plan.Cost}; outside: {answer} {cost} in {watch.Elapsed.TotalSeconds:F1} s"
                );
                proved += answer == "OPTIMUM FOUND" ? 1 : 0;
                gaveUp += answer == "OPTIMUM FOUND" ? 0 : 1;
                Assert.NotEqual("UNSATISFIABLE", answer);
                Assert.True(cost is null || cost >= plan.Cost, $"{surface.Id} of seed {seed}: {plan.Cost} found, {cost} outside");
                Assert.True(answer != "OPTIMUM FOUND" || cost == plan.Cost, $"{surface.Id} of seed {seed}: {plan.Cost} found, {cost} outside");
            }
        }

        output.WriteLine($"{proved} equal, {gaveUp} given up by the outside solver; {mine.TotalSeconds:F2} s here, {theirs.TotalSeconds:F1} s outside");
        Assert.True(proved > 0);
    }

    // The best cost found at or below a bound, and whether it was proved.
    private static async Task<(string Answer, long? Cost)> Ask(string program, long bound, int seconds)
    {
        var stop = TestContext.Current.CancellationToken;
        var file = Path.Combine(Path.GetTempPath(), $"allsound-{Guid.NewGuid():N}.lp");
        await File.WriteAllTextAsync(file, program, stop);
        try
        {
            var start = new ProcessStartInfo("bash")
            {
                UseShellExecute = false,
                RedirectStandardOutput = true,
                RedirectStandardError = true,
            };
            start.ArgumentList.Add("-c");
            start.ArgumentList.Add(
                FormattableString.Invariant(
                    $"gringo '{file}' | clasp --opt-mode=opt,{bound} --opt-strategy=bb,hier --configuration=jumpy --time-limit={seconds} --quiet=1"
                )
            );
            using var process = Process.Start(start)!;
            var errors = process.StandardError.ReadToEndAsync(stop);
            var text = await process.StandardOutput.ReadToEndAsync(stop);
            await process.WaitForExitAsync(stop);
            var costs = OptimizationLine().Matches(text);
            var answer =
                text.Contains("OPTIMUM FOUND", StringComparison.Ordinal) ? "OPTIMUM FOUND"
                : text.Contains("UNSATISFIABLE", StringComparison.Ordinal) ? "UNSATISFIABLE"
                : text.Contains("clasp", StringComparison.Ordinal) ? "given up"
                : $"no answer: {await errors}";
            Assert.DoesNotContain("no answer", answer, StringComparison.Ordinal);
            return (answer, costs.Count > 0 ? long.Parse(costs[^1].Groups[1].ValueSpan, CultureInfo.InvariantCulture) : null);
        }
        finally
        {
            File.Delete(file);
        }
    }

    [GeneratedRegex(@"Optimization *: (\d+)")]
    private static partial Regex OptimizationLine();
}
