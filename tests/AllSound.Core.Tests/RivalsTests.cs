using AllSound.Core.Specification;
using CsCheck;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>States that nothing beats, kept as a search finds them: against a list that compares each with each.</summary>
public sealed class RivalsTests
{
    private static readonly Gen<(int[] Rank, int Cost)[]> Found = Gen.Select(Gen.Int[0, 11].Array[0, 8], Gen.Int[0, 5]).Array[1, 60];

    [Fact]
    public void What_is_kept_is_what_nothing_beats() =>
        Found.Sample(
            found =>
            {
                var rivals = new Rivals();
                var kept = new List<(IndexSet Rank, int Cost, int Number)>();
                var beaten = new List<int>();
                for (var number = 0; number < found.Length; number++)
                {
                    var rank = found[number].Rank.Aggregate(default(IndexSet), (set, i) => set | IndexSet.Of(i));
                    var cost = found[number].Cost;
                    beaten.Clear();
                    var isBeaten = kept.Exists(k => k.Cost <= cost && rank.IsSubsetOf(k.Rank));
                    Assert.Equal(isBeaten, rivals.Beat(rank, cost, beaten));
                    if (isBeaten)
                    {
                        // Nothing is dropped for what is beaten itself.
                        Assert.Empty(beaten);
                        continue;
                    }

                    var dropped = kept.Where(k => cost <= k.Cost && k.Rank.IsSubsetOf(rank)).Select(k => k.Number).Order().ToList();
                    Assert.Equal(dropped, beaten.Order());
                    kept.RemoveAll(k => dropped.Contains(k.Number));
                    rivals.Enter(rank, cost, number);
                    kept.Add((rank, cost, number));
                }

                rivals.Clear();
                Assert.False(rivals.Beat(default, int.MaxValue, beaten));
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
                Assert.False(memory.Rivals(group).Beat(default, long.MaxValue, memory.Beaten));
                memory.Rivals(group).Enter(IndexSet.Of(3), 1, 7);
                Assert.True(memory.Rivals(group).Beat(IndexSet.Of(3), 1, memory.Beaten));
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
