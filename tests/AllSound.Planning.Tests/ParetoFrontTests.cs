using CsCheck;
using Xunit;

namespace AllSound.Planning.Tests;

/// <summary>Pareto fronts of states, kept as a search finds them: against a list that compares each with each.</summary>
public sealed class ParetoFrontTests
{
    private static readonly Gen<(int[] Rank, int Cost)[]> Found = Gen.Select(Gen.Int[0, 11].Array[0, 8], Gen.Int[0, 5]).Array[1, 60];

    [Fact]
    public void What_is_kept_is_what_nothing_dominates() =>
        Found.Sample(
            found =>
            {
                var front = new ParetoFront();
                var kept = new List<(IndexSet Rank, int Cost, int Number)>();
                var dominated = new List<int>();
                for (var number = 0; number < found.Length; number++)
                {
                    var rank = found[number].Rank.Aggregate(default(IndexSet), (set, i) => set | IndexSet.Of(i));
                    var cost = found[number].Cost;
                    dominated.Clear();
                    var isDominated = kept.Exists(k => k.Cost <= cost && rank.IsSubsetOf(k.Rank));
                    Assert.Equal(isDominated, front.Dominates(rank, cost, dominated));
                    if (isDominated)
                    {
                        // Nothing is dropped for a state that is dominated itself.
                        Assert.Empty(dominated);
                        continue;
                    }

                    var dropped = kept.Where(k => cost <= k.Cost && k.Rank.IsSubsetOf(rank)).Select(k => k.Number).Order().ToList();
                    Assert.Equal(dropped, dominated.Order());
                    kept.RemoveAll(k => dropped.Contains(k.Number));
                    front.Enter(rank, cost, number);
                    kept.Add((rank, cost, number));
                }

                front.Clear();
                Assert.False(front.Dominates(default, int.MaxValue, dominated));
            },
            iter: 2000
        );

    /// <summary>Memory lent to one search after another keeps nothing of the one before.</summary>
    [Fact]
    public void Lent_memory_comes_back_empty()
    {
        for (var time = 0; time < 3; time++)
        {
            using var memory = SearchMemory.Borrow();
            Assert.Empty(memory.Nodes);
            Assert.Empty(memory.Known);
            Assert.Equal(0, memory.Queue.Count);
            for (var group = 0UL; group < 5; group++)
            {
                Assert.False(memory.Front(group).Dominates(default, long.MaxValue, memory.Dominated));
                memory.Front(group).Enter(IndexSet.Of(3), 1, 7);
                Assert.True(memory.Front(group).Dominates(IndexSet.Of(3), 1, memory.Dominated));
            }

            memory.Nodes.Add(new SearchMemory.Node { Cost = 1 });
            memory.Known[default] = 1;
            memory.Queue.Enqueue(1, new SearchMemory.Turn(1, 1, 1));
        }
    }

    /// <summary>The least first, then what is furthest on, then what was found first.</summary>
    [Fact]
    public void Turns_come_in_one_order()
    {
        SearchMemory.Turn[] order = [new(1, 0, 9), new(2, 5, 3), new(2, 5, 4), new(2, 1, 0), new(3, 3, 1)];
        Assert.Equal(order, order.Reverse().Order());
    }
}
