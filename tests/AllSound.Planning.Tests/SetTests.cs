using Xunit;

namespace AllSound.Planning.Tests;

/// <summary>The two sets of bits against ordinary sets of numbers.</summary>
public sealed class SetTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 6)];

    private static readonly Algebra<PropositionSet> Propositions = new(
        PropositionSet.Capacity,
        PropositionSet.Of,
        (x, y) => x | y,
        (x, y) => x & y,
        (x, y) => x - y,
        (x, y) => x.Overlaps(y),
        (x, y) => x.IsSubsetOf(y),
        (x, y) => x == y && !(x != y),
        x => (x.Indexes(), x.Count, x.IsEmpty),
        (x, n) => (x.Contains(n), x.Next(n))
    );

    private static readonly Algebra<IndexSet> Indexes = new(
        IndexSet.Capacity,
        IndexSet.Of,
        (x, y) => x | y,
        (x, y) => x & y,
        (x, y) => x - y,
        (x, y) => x.Overlaps(y),
        (x, y) => x.IsSubsetOf(y),
        (x, y) => x == y && !(x != y),
        x => (x.Indexes(), x.Count, x.IsEmpty),
        (x, n) => (x.Contains(n), x.Next(n))
    );

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_set_of_propositions_does_what_a_set_does(int seed) => DoesWhatASetDoes(Propositions, seed);

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_set_of_indexes_does_what_a_set_does(int seed) => DoesWhatASetDoes(Indexes, seed);

    [Theory]
    [InlineData(-1)]
    [InlineData(PropositionSet.Capacity)]
    public void No_set_holds_what_is_out_of_its_range(int index)
    {
        Assert.Throws<ArgumentOutOfRangeException>(() => PropositionSet.Of(index));
        Assert.Throws<ArgumentOutOfRangeException>(() => IndexSet.Of(index < 0 ? index : IndexSet.Capacity));
    }

    private static void DoesWhatASetDoes<T>(Algebra<T> of, int seed)
        where T : struct
    {
        var random = new Random(seed);
        for (var i = 0; i < 60; i++)
        {
            var (a, b) = (Some(random, of.Capacity), Some(random, of.Capacity));
            var (x, y) = (a.Aggregate(default(T), (s, n) => of.Or(s, of.One(n))), b.Aggregate(default(T), (s, n) => of.Or(s, of.One(n))));
            Assert.Equal(a.Union(b).Order(), of.All(of.Or(x, y)).Indexes);
            Assert.Equal(a.Intersect(b).Order(), of.All(of.And(x, y)).Indexes);
            Assert.Equal(a.Except(b).Order(), of.All(of.Minus(x, y)).Indexes);
            Assert.Equal((a.Count, a.Count == 0), (of.All(x).Count, of.All(x).IsEmpty));
            Assert.Equal(a.Overlaps(b), of.Overlaps(x, y));
            Assert.Equal(a.IsSubsetOf(b), of.IsSubsetOf(x, y));
            Assert.True(of.IsSubsetOf(of.And(x, y), x) && of.IsSubsetOf(x, of.Or(x, y)));
            Assert.All(Enumerable.Range(0, of.Capacity), n => Assert.Equal((a.Contains(n), a.Where(m => m >= n).DefaultIfEmpty(-1).Min()), of.At(x, n)));
            Assert.Equal(a.SetEquals(b), of.Same(x, y));
            Assert.True(of.Same(x, of.Or(x, x)) && x.Equals(of.Or(x, x)) && !x.Equals(null) && x.GetHashCode() == of.Or(x, x).GetHashCode());
        }
    }

    // Few or many, and often the ends.
    private static HashSet<int> Some(Random random, int capacity) =>
        [.. Enumerable.Range(0, random.Next(40)).Select(_ => random.Next(capacity)), .. random.Next(3) == 0 ? [0, capacity - 1] : Array.Empty<int>()];

    private sealed record Algebra<T>(
        int Capacity,
        Func<int, T> One,
        Func<T, T, T> Or,
        Func<T, T, T> And,
        Func<T, T, T> Minus,
        Func<T, T, bool> Overlaps,
        Func<T, T, bool> IsSubsetOf,
        Func<T, T, bool> Same,
        Func<T, (IEnumerable<int> Indexes, int Count, bool IsEmpty)> All,
        Func<T, int, (bool Contains, int Next)> At
    );
}
