using Xunit;

namespace AllSound.Planning.Tests;

/// <summary>Small tasks of the planning literature whose optimal costs are known.</summary>
public sealed class TextbookTests
{
    [Theory]
    [InlineData(2, 3)]
    [InlineData(3, 7)]
    [InlineData(4, 15)]
    [InlineData(5, 31)] // 2^n - 1 moves (É. Lucas 1883).
    public void Towers_of_Hanoi(int discs, int moves)
    {
        var task = new TaskBuilder();
        int[] disc = [.. Enumerable.Range(0, discs).Select(d => task.Variable($"disc {d}", 3))];
        for (var d = 0; d < discs; d++)
        {
            foreach (var (from, to) in from a in Enumerable.Range(0, 3) from b in Enumerable.Range(0, 3) where a != b select (a, b))
            {
                // Every smaller disc is on the third peg.
                int[] requires = [task.Is((disc[d], from)), .. Enumerable.Range(0, d).Select(small => task.Is((disc[small], 3 - from - to)))];
                task.Operator($"move {d} from {from} to {to}", requires, [task.Set(disc[d], to)]);
            }
        }

        Assert.Equal(moves, task.Cheapest([.. disc.Select(d => task.Is((d, 2)))]));
    }

    [Theory]
    [InlineData(2, 5)]
    [InlineData(4, 11)]
    [InlineData(6, 17)] // 3n - 1 for an even number of balls: two are carried at a time.
    public void Gripper(int balls, int steps)
    {
        var task = new TaskBuilder();
        var robby = task.Variable("robot", 2);
        int[] free = [task.Variable("left free", 2, 1), task.Variable("right free", 2, 1)];

        // 0 and 1: a room; 2 and 3: a hand.
        int[] ball = [.. Enumerable.Range(0, balls).Select(b => task.Variable($"ball {b}", 4))];
        for (var room = 0; room < 2; room++)
        {
            task.Operator($"go to {room}", [task.Is((robby, 1 - room))], [task.Set(robby, room)]);
            for (var b = 0; b < balls; b++)
            {
                for (var hand = 0; hand < 2; hand++)
                {
                    task.Operator(
                        $"pick {b} in {room} with {hand}",
                        [task.Is((robby, room)), task.Is((ball[b], room)), task.Is((free[hand], 1))],
                        [task.Set(ball[b], 2 + hand), task.Set(free[hand], 0)]
                    );
                    task.Operator(
                        $"drop {b} in {room} from {hand}",
                        [task.Is((robby, room)), task.Is((ball[b], 2 + hand))],
                        [task.Set(ball[b], room), task.Set(free[hand], 1)]
                    );
                }
            }
        }

        Assert.Equal(steps, task.Cheapest([.. ball.Select(b => task.Is((b, 1)))]));
    }

    [Fact]
    public void Sussman_anomaly_takes_three_moves()
    {
        // G. Sussman 1973: C is on A, B beside; wanted A on B on C. Position 3 is the table.
        var task = new TaskBuilder();
        int[] on = [task.Variable("A on", 4, 3), task.Variable("B on", 4, 3), task.Variable("C on", 4, 0)];
        int[] clear = [task.Variable("A clear", 2, 0), task.Variable("B clear", 2, 1), task.Variable("C clear", 2, 1)];
        for (var block = 0; block < 3; block++)
        {
            for (var from = 0; from < 4; from++)
            {
                for (var to = 0; to < 4; to++)
                {
                    if (from == to || from == block || to == block)
                    {
                        continue;
                    }

                    List<int> requires = [task.Is((on[block], from)), task.Is((clear[block], 1))];
                    List<Effect> effects = [task.Set(on[block], to)];
                    if (to < 3)
                    {
                        requires.Add(task.Is((clear[to], 1)));
                        effects.Add(task.Set(clear[to], 0));
                    }

                    if (from < 3)
                    {
                        effects.Add(task.Set(clear[from], 1));
                    }

                    task.Operator($"{block} from {from} to {to}", [.. requires], [.. effects]);
                }
            }
        }

        Assert.Equal(3, task.Cheapest([task.Is((on[0], 1)), task.Is((on[1], 2))]));
    }

    [Fact]
    public void Missionaries_and_cannibals_cross_eleven_times()
    {
        // Three of each and a boat for two: 11 crossings (the classic puzzle; S. Amarel 1968).
        var task = new TaskBuilder();
        var (m, c, boat) = (task.Variable("missionaries left", 4, 3), task.Variable("cannibals left", 4, 3), task.Variable("boat", 2, 0));
        bool Safe(int x, int y) => (x == 0 || x >= y) && (x == 3 || 3 - x >= 3 - y);
        for (var x = 0; x < 4; x++)
        {
            for (var y = 0; y < 4; y++)
            {
                for (var side = 0; side < 2; side++)
                {
                    foreach (var (dx, dy) in new[] { (1, 0), (2, 0), (0, 1), (0, 2), (1, 1) })
                    {
                        var (to, too) = side == 0 ? (x - dx, y - dy) : (x + dx, y + dy);
                        if (to is >= 0 and <= 3 && too is >= 0 and <= 3 && Safe(x, y) && Safe(to, too))
                        {
                            task.Operator(
                                $"{x} {y} {side} by {dx} {dy}",
                                [task.Is((m, x)), task.Is((c, y)), task.Is((boat, side))],
                                [task.Set(m, to), task.Set(c, too), task.Set(boat, 1 - side)]
                            );
                        }
                    }
                }
            }
        }

        Assert.Equal(11, task.Cheapest([task.Is((m, 0)), task.Is((c, 0))]));
    }

    [Theory]
    [InlineData(new[] { 1, 2, 3, 0 }, true)]
    [InlineData(new[] { 2, 1, 3, 0 }, false)] // An odd permutation (W. Johnson and W. Story 1879).
    public void A_sliding_puzzle_is_solvable_for_every_second_arrangement(int[] cells, bool solvable)
    {
        var task = new TaskBuilder();
        int[] cell = [.. cells.Select((tile, i) => task.Variable($"cell {i}", 4, tile))];
        foreach (var (a, b) in new[] { (0, 1), (2, 3), (0, 2), (1, 3), (1, 0), (3, 2), (2, 0), (3, 1) })
        {
            for (var tile = 1; tile < 4; tile++)
            {
                task.Operator($"{tile} from {a} to {b}", [task.Is((cell[a], tile)), task.Is((cell[b], 0))], [task.Set(cell[a], 0), task.Set(cell[b], tile)]);
            }
        }

        int[] goal = [task.Is((cell[0], 3)), task.Is((cell[1], 1)), task.Is((cell[2], 0)), task.Is((cell[3], 2))];
        Assert.Equal(task.Exhaust(goal), task.Cheapest(goal));
        Assert.Equal(solvable, task.Cheapest(goal) is not null);
    }

    [Fact]
    public void What_no_operator_gives_is_named_as_missing()
    {
        var task = new TaskBuilder();
        var (door, key) = (task.Variable("door", 2), task.Variable("key", 2));
        task.Operator("open", [task.Is((key, 1))], [task.Set(door, 1)]);
        var (open, held) = (task.Is((door, 1)), task.Is((key, 1)));
        var domain = task.Domain;
        var grounding = new Grounding(domain, new Dictionary<int, byte>());
        var compiled = new CompiledTask(grounding, task.Initial, PropositionSet.Of(open), default, domain.Operators);

        Assert.Equal(new[] { open, held }.Order(), compiled.Missing.Indexes().Order());
        Assert.True(RelevanceAnalysis.MayReach(PropositionSet.Of(open), grounding, [.. domain.Operators], task.Initial, PropositionSet.Of(held)));
        Assert.Equal(["key"], MinimalSubset.Of(["door", "key", "lamp"], some => some.Contains("key")));
    }

    [Fact]
    public void A_fixed_variable_drops_the_effects_that_it_rules_out()
    {
        var task = new TaskBuilder();
        var (rain, coat, away) = (task.Variable("rain", 2), task.Variable("coat", 2), task.Variable("away", 2));
        task.Operator("walk", [], [task.Set(away, 1), task.Set(coat, 1, (rain, 1))]);
        task.Operator("walk in the rain", [task.Is((rain, 1))], [task.Set(away, 1)]);
        var domain = task.Domain;
        var dry = new Grounding(domain, new Dictionary<int, byte> { [rain] = 0 });

        Assert.Equal(1, dry.Effects(domain.Operators[0]).Length);
        Assert.True(dry.IsPossible(domain.Operators[0]));
        Assert.False(dry.IsPossible(domain.Operators[1]));
    }
}
