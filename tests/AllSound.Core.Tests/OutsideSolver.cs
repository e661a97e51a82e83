using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;

namespace AllSound.Testing;

/// <summary>A full-size survey as a task, and what the planner made of it.</summary>
/// <param name="Name">Seed, surface and ground.</param>
/// <param name="Plan">The planner's plan.</param>
/// <param name="Steps">The least steps that it takes where what does not interfere shares a step.</param>
/// <param name="Program">The task as an answer set program of one step more.</param>
/// <param name="Took">What the planner took, from the survey on.</param>
public sealed record OutsideTask(string Name, Plan Plan, int Steps, string Program, TimeSpan Took);

/// <summary>What the outside solver made of a task.</summary>
/// <param name="Proved">It proved its cost to be the least.</param>
/// <param name="Impossible">It proved that there is no plan at or below the planner's cost.</param>
/// <param name="Cost">The least cost that it found; null when none.</param>
/// <param name="Took">What it took.</param>
public sealed record OutsideAnswer(bool Proved, bool Impossible, long? Cost, TimeSpan Took);

/// <summary>gringo and clasp (Debian packages), which know none of the planner's shortcuts, on the planner's own tasks.</summary>
public static partial class OutsideSolver
{
    /// <summary>Tasks of generated surveys that have a plan, in a fixed order without end.</summary>
    public static IEnumerable<OutsideTask> Tasks()
    {
        for (var seed = 1; ; seed++)
        {
            var job = SurveyGenerator.Job(seed + 30_000, 10);
            foreach (var (building, space, surface) in job.Surfaces())
            {
                var watch = Stopwatch.StartNew();
                var appraised = Appraisal.Appraise(job, building, space, surface);
                var goal = Goal.For(surface, appraised.Condition);
                var acts = Operations.Acts.Where(goal.Allows).ToArray();
                var task = goal.Task(appraised.Condition, acts);
                if (!task.Missing.IsEmpty || goal.Finishes.IsEmpty)
                {
                    continue;
                }

                // In whole units of money, so that both reckon with the same small numbers.
                var needs = goal.NeedsWith([.. goal.Finishes]);
                var aim = task.Aim(needs);
                var prices = new Prices(appraised.Extents, job.Rates, acts);
                OperatorCost Cost(Act act) => new(1 + (prices.Of(act, Weights.LeastCost, false) / 10_000), 1 + (prices.Of(act, Weights.LeastCost, true) / 10_000));
                var plan = Search.Cheapest(new CostedTask(aim, [.. task.Acts.Select(Cost)]));
                var took = watch.Elapsed;
                if (plan.Operators is null)
                {
                    continue;
                }

                var steps = AnswerSetProgram.Steps(task.Task.Domain, plan.Operators.Select(o => task.Task.Operators[o]));
                var program = AnswerSetProgram.Write(
                    task.Task.Domain,
                    appraised.Condition.Values,
                    needs.Aggregate(default(PropositionSet), (set, n) => set | PropositionSet.Of(n.Index)),
                    [.. acts.Select(a => (a.Planned, Cost(a)))],
                    steps + 1
                );
                yield return new OutsideTask($"{seed}/{surface.Id} {surface.Substrate}", plan, steps, program, took);
            }
        }
    }

    /// <summary>Can it be asked here?</summary>
    public static bool Installed =>
        (Environment.GetEnvironmentVariable("PATH") ?? "").Split(':').Any(d => File.Exists(Path.Combine(d, "gringo")) && File.Exists(Path.Combine(d, "clasp")));

    /// <summary>Asks for the least cost at or below the planner's.</summary>
    /// <param name="task">The task.</param>
    /// <param name="seconds">When it gives up.</param>
    /// <param name="stop">Stops it.</param>
    /// <exception cref="InvalidOperationException">It did not answer.</exception>
    public static async Task<OutsideAnswer> Ask(OutsideTask task, int seconds, CancellationToken stop)
    {
        var watch = Stopwatch.StartNew();
        var file = Path.Combine(Path.GetTempPath(), $"allsound-{Guid.NewGuid():N}.lp");
        await File.WriteAllTextAsync(file, task.Program, stop);
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
                    $"gringo '{file}' | clasp --opt-mode=opt,{task.Plan.Cost} --opt-strategy=bb,hier --configuration=jumpy --time-limit={seconds} --quiet=1"
                )
            );
            using var process = Process.Start(start)!;
            var errors = process.StandardError.ReadToEndAsync(stop);
            var text = await process.StandardOutput.ReadToEndAsync(stop);
            await process.WaitForExitAsync(stop);
            if (!text.Contains("clasp", StringComparison.Ordinal))
            {
                throw new InvalidOperationException(await errors);
            }

            var costs = OptimizationLine().Matches(text);
            return new OutsideAnswer(
                text.Contains("OPTIMUM FOUND", StringComparison.Ordinal),
                text.Contains("UNSATISFIABLE", StringComparison.Ordinal),
                costs.Count > 0 ? long.Parse(costs[^1].Groups[1].ValueSpan, CultureInfo.InvariantCulture) : null,
                watch.Elapsed
            );
        }
        finally
        {
            File.Delete(file);
        }
    }

    [GeneratedRegex(@"Optimization *: (\d+)")]
    private static partial Regex OptimizationLine();
}
