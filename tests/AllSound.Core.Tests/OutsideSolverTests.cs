using System.Globalization;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Costs of full-size surveys against an outside solver, gringo and clasp (Debian packages), which know none of the planner's shortcuts. A long
/// test: <c>ALLSOUND_OUTSIDE=200</c> says how many surveys; <c>ALLSOUND_OUTSIDE_SECONDS=60</c> when the outside solver gives up on one;
/// <c>ALLSOUND_OUTSIDE_AFTER=127</c> goes on where a run was stopped.
/// </summary>
public sealed class OutsideSolverTests(ITestOutputHelper output)
{
    [Fact]
    public async Task The_outside_solver_finds_nothing_cheaper()
    {
        var wanted = Setting("ALLSOUND_OUTSIDE", 0);
        Assert.SkipWhen(wanted == 0, "A long test: set ALLSOUND_OUTSIDE to a number of surveys; it needs gringo and clasp.");
        var (seconds, after) = (Setting("ALLSOUND_OUTSIDE_SECONDS", 60), Setting("ALLSOUND_OUTSIDE_AFTER", 0));
        var (proved, gaveUp, mine, theirs, number) = (0, 0, TimeSpan.Zero, TimeSpan.Zero, after);
        foreach (var task in OutsideSolver.Tasks().Take(wanted).Skip(after))
        {
            var answer = await OutsideSolver.Ask(task, seconds, TestContext.Current.CancellationToken);
            (mine, theirs) = (mine + task.Took, theirs + answer.Took);
            (proved, gaveUp) = answer.Proved ? (proved + 1, gaveUp) : (proved, gaveUp + 1);
            output.WriteLine(
                $"{++number}: {task.Name}: {task.Plan.Operators!.Length} acts in {task.Steps} steps, cost {task.Plan.Cost}; outside: {(answer.Proved ? "proved" : "given up")} {answer.Cost} in {answer.Took.TotalSeconds:F1} s"
            );
            Assert.False(answer.Impossible, task.Name);
            Assert.True(answer.Cost is null || answer.Cost >= task.Plan.Cost, $"{task.Name}: {task.Plan.Cost} found, {answer.Cost} outside");
            Assert.True(!answer.Proved || answer.Cost == task.Plan.Cost, $"{task.Name}: {task.Plan.Cost} found, {answer.Cost} outside");
        }

        output.WriteLine($"{proved} equal, {gaveUp} given up by the outside solver; {mine.TotalSeconds:F2} s here, {theirs.TotalSeconds:F1} s outside");
        Assert.True(proved > 0);
    }

    private static int Setting(string name, int otherwise) =>
        Environment.GetEnvironmentVariable(name) is { } text ? int.Parse(text, CultureInfo.InvariantCulture) : otherwise;
}
