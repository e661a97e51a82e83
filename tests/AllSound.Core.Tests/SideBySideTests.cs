using System.Collections.Immutable;
using AllSound.Core.Documents;
using CsCheck;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Steps of several surfaces in one list: nothing lost, each in its own order, what they share said once.</summary>
public sealed class SideBySideTests
{
    private static readonly Gen<ImmutableArray<int>> Short = Gen.Int[0, 4].Array[0, 7].Select(x => x.ToImmutableArray());

    private static ImmutableArray<ImmutableArray<(int Of, int Item)>> Laid(params ImmutableArray<ImmutableArray<int>> sequences) =>
        sequences
            .Select((s, i) => s.Select(x => (Of: i, Item: x)).ToImmutableArray())
            .Aggregate(
                ImmutableArray<ImmutableArray<(int Of, int Item)>>.Empty,
                (laid, next) => SideBySide.Lay<(int Of, int Item)>(laid, next, (a, b) => a.Item == b.Item)
            );

    [Fact]
    public void Every_sequence_is_kept_whole_and_in_order() =>
        Gen.Select(Short, Short, Short)
            .Sample(
                (a, b, c) =>
                {
                    var rows = Laid(a, b, c);
                    ImmutableArray<int> Kept(int of) => [.. rows.SelectMany(r => r.Where(x => x.Of == of).Select(x => x.Item))];
                    Assert.Equal(a, Kept(0));
                    Assert.Equal(b, Kept(1));
                    Assert.Equal(c, Kept(2));
                    Assert.All(rows, r => Assert.Single(r.Select(x => x.Item).Distinct()));
                    Assert.All(rows, r => Assert.Distinct(r.Select(x => x.Of)));
                }
            );

    // By the definition of the longest common subsequence: length of the shortest common supersequence of two is the sum of both less it. Found here by trying all.
    [Fact]
    public void Of_two_no_shorter_list_holds_both() =>
        Gen.Select(Short, Short)
            .Sample(
                (a, b) =>
                {
                    var most = Enumerable
                        .Range(0, 1 << a.Length)
                        .Select(mask => a.Where((_, i) => (mask & (1 << i)) != 0).ToArray())
                        .Where(some => IsWithin(some, b))
                        .Max(some => some.Length);
                    Assert.Equal(a.Length + b.Length - most, Laid(a, b).Length);
                }
            );

    private static bool IsWithin(int[] some, ImmutableArray<int> all)
    {
        var at = 0;
        foreach (var item in all)
        {
            at += at < some.Length && some[at] == item ? 1 : 0;
        }

        return at == some.Length;
    }
}
