using AllSound.Testing;

namespace AllSound.Bench;

/// <summary>The planner and an outside solver on the same tasks, one after the other in one run.</summary>
internal static class Outside
{
    private const int Tasks = 8;
    private const int Seconds = 20;

    public static async Task Run()
    {
        if (!OutsideSolver.Installed)
        {
            Console.WriteLine("outside solver: gringo and clasp are not installed here");
            return;
        }

        Console.WriteLine($"the planner and gringo with clasp on the same {Tasks} surveys, the outside solver {Seconds} s at most");
        foreach (var task in OutsideSolver.Tasks().Take(Tasks))
        {
            var answer = await OutsideSolver.Ask(task, Seconds, CancellationToken.None);
            Console.WriteLine(
                $"  {task.Name, -24} cost {task.Plan.Cost, 5}: {task.Took.TotalMilliseconds, 7:F1} ms here, {answer.Took.TotalMilliseconds, 8:F0} ms outside ({(answer.Proved ? answer.Cost == task.Plan.Cost ? "equal" : $"FOUND {answer.Cost}" : "given up")}), ratio {answer.Took / task.Took:F0}"
            );
        }
    }
}
