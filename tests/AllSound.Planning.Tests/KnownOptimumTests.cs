using System.Collections.Immutable;
using AllSound.Scheduling;
using Xunit;

namespace AllSound.Planning.Tests;

/// <summary>
/// Resource-constrained projects whose shortest finish is known by how they are made: a block of time by capacity is cut up without a rest, so that nothing fits in
/// less, and links and further resources are taken from the cutting itself, so that it stays a plan. Perfect packings, as in the cutting and packing literature.
/// </summary>
public sealed class KnownOptimumTests
{
    private const int Span = 40;
    private const int Capacity = 7;

    private readonly record struct Block(int From, int To, int Low, int High);

    /// <summary>How many to solve; 30 when <c>ALLSOUND_PACKED</c> does not say.</summary>
    private static int Wanted =>
        int.TryParse(Environment.GetEnvironmentVariable("ALLSOUND_PACKED"), System.Globalization.CultureInfo.InvariantCulture, out var n) ? n : 30;

    [Fact]
    public void Projects_cut_from_a_full_block_are_solved_to_its_length_and_proved()
    {
        for (var seed = 0; seed < Wanted; seed++)
        {
            var project = Cut(new Random(seed), 20 + (seed % 3 * 6));
            var schedule = Scheduler.Solve(project, Aim.Finish, seconds: 20, cancel: TestContext.Current.CancellationToken);
            Assert.True(schedule.Outcome == Outcome.Best, $"seed {seed}: {schedule.Outcome}, {schedule.Finish} at the least {schedule.Bound}");
            Assert.Equal(Span, schedule.Finish);
            Check.Legal(project, schedule);
        }
    }

    private static Project Cut(Random chance, int pieces)
    {
        var blocks = new List<Block> { new(0, Span, 0, Capacity) };
        while (blocks.Count < pieces && blocks.FindAll(b => b.To - b.From > 2 || b.High - b.Low > 1) is { Count: > 0 } large)
        {
            // The largest first, so that none is left that fills all.
            var block = large.MaxBy(b => (b.To - b.From) * (b.High - b.Low));
            blocks.Remove(block);
            var inTime = block.High - block.Low == 1 || (block.To - block.From > 2 && chance.Next(2) == 0);
            var at = inTime ? chance.Next(block.From + 1, block.To) : chance.Next(block.Low + 1, block.High);
            blocks.Add(inTime ? block with { To = at } : block with { High = at });
            blocks.Add(inTime ? block with { From = at } : block with { Low = at });
        }

        var second = blocks.Select(_ => chance.Next(4)).ToArray();
        var most = Enumerable.Range(0, Span).Max(t => blocks.Select((b, i) => b.From <= t && t < b.To ? second[i] : 0).Sum());
        var links = ImmutableArray.CreateBuilder<Link>();
        for (var i = 0; i < blocks.Count; i++)
        {
            for (var j = 0; j < blocks.Count; j++)
            {
                if (blocks[i].To <= blocks[j].From && chance.Next(blocks.Count) < 6)
                {
                    links.Add(new($"a{i}", $"a{j}", chance.Next(1 + Math.Min(3, blocks[j].From - blocks[i].To))));
                }
            }
        }

        return new()
        {
            Activities =
            [
                .. blocks.Select(
                    (b, i) =>
                        new Activity
                        {
                            Id = $"a{i}",
                            Duration = b.To - b.From,
                            People = 0,
                            Demands = [new("scaffold", b.High - b.Low), .. second[i] > 0 ? [new Demand("power", second[i])] : Array.Empty<Demand>()],
                        }
                ),
            ],
            Links = links.ToImmutable(),
            Resources = [new("scaffold", Capacity), new("power", Math.Max(1, most))],
            Horizon = Span + 30,
        };
    }
}
