using Xunit;

namespace AllSound.Planning.Tests;

/// <summary>Random tasks against uniform-cost search over full states: the planner's shortcuts lose no plan and no cost.</summary>
public sealed class RandomTaskTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 60)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void The_cheapest_plan_costs_what_exhaustion_says(int seed)
    {
        var solved = 0;
        for (var n = 0; n < 20; n++)
        {
            var (task, goal) = Random((seed * 100) + n);
            var cost = task.Exhaust(goal);
            Assert.Equal(cost, task.Cheapest(goal));
            Assert.Equal(cost, task.Cheapest(goal, prune: false));
            solved += cost is null ? 0 : 1;
        }

        Assert.InRange(solved, 1, 19);
    }

    // A counter that some operators raise, a switch that changes costs, values that go in steps, conditional effects.
    internal static (TaskBuilder Task, int[] Goal) Random(int seed)
    {
        var random = new Random(seed);
        var task = new TaskBuilder();
        int[] plain = [.. Enumerable.Range(0, 3 + random.Next(2)).Select(i => task.Variable($"v{i}", 2 + random.Next(3), random.Next(2)))];
        var counter = task.Variable("counter", 4);
        var switching = task.Variable("switch", 2);
        var (sizes, smooth) = (task.Domain.Variables, task.Variable("smooth", 2, 1));
        (int, int) Any() => plain[random.Next(plain.Length)] is var v ? (v, random.Next(sizes[v].Size)) : default;
        var ready = task.Is((smooth, 1));
        int[] thresholds = [task.AtLeast(counter, 1), task.AtLeast(counter, 2)];
        task.CostSwitch = new Test(switching, 0b10);
        task.Is((switching, 1));
        task.Counter = counter;
        task.Between = ready;
        var spoils = random.Next(2) == 0;
        for (var i = 0; i < 6 + random.Next(6); i++)
        {
            var effects = new List<Effect>();
            for (var e = 0; e < 1 + random.Next(3); e++)
            {
                var (v, value) = Any();
                var guard = Any();
                (int, int)[] when = random.Next(3) == 0 && guard.Item1 != v ? [guard] : [];
                effects.Add(random.Next(3) == 0 ? task.Map(v, [.. Enumerable.Range(0, sizes[v].Size).Select(x => Math.Max(0, x - 1))], when) : task.Set(v, value, when));
            }

            List<int> requires = [.. Enumerable.Range(0, random.Next(3)).Select(_ => random.Next(4) == 0 ? task.Is(Any(), Any()) : task.Is(Any()))];
            if (random.Next(4) == 0)
            {
                effects.Add(task.Set(switching, 1));
            }

            var cost = random.Next(1, 20);
            task.Operator($"op {i}", [.. requires.Distinct()], [.. effects], cost, random.Next(2) == 0 ? random.Next(1, 20) : cost);
        }

        for (var i = 0; i < 2; i++)
        {
            var raise = task.Map(counter, [1, 2, 3, 3]);
            task.Operator($"coat {i}", [ready, task.Is(Any())], spoils ? [raise, task.Set(smooth, 0)] : [raise], random.Next(1, 20));
        }

        task.Operator("rub down", [], [task.Set(smooth, 1)], random.Next(1, 9));
        int[] goal = [thresholds[random.Next(2)], task.Is(Any()), .. random.Next(2) == 0 ? [task.Is(Any())] : Array.Empty<int>()];
        return (task, [.. goal.Distinct()]);
    }
}
