using AllSound.Core.Specification;
using AllSound.Core.Treatment;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The two sets of bits against ordinary sets of numbers.</summary>
public sealed class SetTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 6)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_set_of_needs_does_what_a_set_does(int seed)
    {
        var random = new Random(seed);
        for (var i = 0; i < 60; i++)
        {
            var (a, b) = (Some(random, NeedSet.Capacity), Some(random, NeedSet.Capacity));
            var (x, y) = (a.Aggregate(default(NeedSet), (s, n) => s | NeedSet.Of(n)), b.Aggregate(default(NeedSet), (s, n) => s | NeedSet.Of(n)));
            Assert.Equal(a.Union(b).Order(), (x | y).Indexes());
            Assert.Equal(a.Intersect(b).Order(), (x & y).Indexes());
            Assert.Equal(a.Except(b).Order(), (x - y).Indexes());
            Assert.Equal(a.Count, x.Count);
            Assert.Equal(a.Count == 0, x.IsEmpty);
            Assert.Equal(a.Overlaps(b), x.Overlaps(y));
            Assert.Equal(a.IsSubsetOf(b), x.IsSubsetOf(y));
            Assert.True((x & y).IsSubsetOf(x) && x.IsSubsetOf(x | y));
            Assert.All(Enumerable.Range(0, NeedSet.Capacity), n => Assert.Equal(a.Contains(n), x.Contains(n)));
            Assert.All(Enumerable.Range(0, NeedSet.Capacity), n => Assert.Equal(a.Where(m => m >= n).DefaultIfEmpty(-1).Min(), x.Next(n)));
            Assert.Equal(a.SetEquals(b), x == y);
            Assert.Equal(!a.SetEquals(b), x != y);
            Assert.True(x == (x | x) && x.Equals((object)x) && !x.Equals(null) && x.GetHashCode() == (x | x).GetHashCode());
        }
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_set_of_places_does_what_a_set_does(int seed)
    {
        var random = new Random(seed);
        for (var i = 0; i < 60; i++)
        {
            var (a, b) = (Some(random, IndexSet.Capacity), Some(random, IndexSet.Capacity));
            var (x, y) = (a.Aggregate(default(IndexSet), (s, n) => s | IndexSet.Of(n)), b.Aggregate(default(IndexSet), (s, n) => s | IndexSet.Of(n)));
            Assert.Equal(a.Union(b).Order(), (x | y).Indexes());
            Assert.Equal(a.Intersect(b).Order(), (x & y).Indexes());
            Assert.Equal(a.Except(b).Order(), (x - y).Indexes());
            Assert.Equal(a.Count, x.Count);
            Assert.Equal(a.Count == 0, x.IsEmpty);
            Assert.Equal(a.Overlaps(b), x.Overlaps(y));
            Assert.Equal(a.IsSubsetOf(b), x.IsSubsetOf(y));
            Assert.True((x & y).IsSubsetOf(x) && x.IsSubsetOf(x | y));
            Assert.All(Enumerable.Range(0, IndexSet.Capacity), n => Assert.Equal(a.Contains(n), x.Contains(n)));
            Assert.All(Enumerable.Range(0, IndexSet.Capacity), n => Assert.Equal(a.Where(m => m >= n).DefaultIfEmpty(-1).Min(), x.Next(n)));
            Assert.Equal(a.SetEquals(b), x == y);
            Assert.Equal(!a.SetEquals(b), x != y);
            Assert.True(x == (x | x) && x.Equals((object)x) && !x.Equals(null) && x.GetHashCode() == (x | x).GetHashCode());
        }
    }

    [Theory]
    [InlineData(-1)]
    [InlineData(NeedSet.Capacity)]
    public void No_set_holds_what_is_out_of_its_range(int index)
    {
        Assert.Throws<ArgumentOutOfRangeException>(() => NeedSet.Of(index));
        Assert.Throws<ArgumentOutOfRangeException>(() => IndexSet.Of(index < 0 ? index : IndexSet.Capacity));
    }

    // Few or many, and often the ends.
    private static HashSet<int> Some(Random random, int capacity) =>
        [.. Enumerable.Range(0, random.Next(40)).Select(_ => random.Next(capacity)), .. random.Next(3) == 0 ? [0, capacity - 1] : Array.Empty<int>()];
}
