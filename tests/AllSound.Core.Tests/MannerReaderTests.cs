using AllSound.Core.Exchange;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Each manner of working is read from words that say it, and not from words that are near: tests/cases/manners.txt.</summary>
public sealed class MannerReaderTests
{
    private static readonly string[][] Rows =
    [
        .. File.ReadLines(Path.Combine(WorkedCases.Folder, "manners.txt"))
            .Where(l => l.Length > 0 && l[0] != '#')
            .Select(l => l.Split('|', StringSplitOptions.TrimEntries)),
    ];

    public static TheoryData<string, string, string> Table()
    {
        var data = new TheoryData<string, string, string>();
        foreach (var row in Rows)
        {
            data.Add(row[0], row[1], row[2]);
        }

        return data;
    }

    [Theory]
    [MemberData(nameof(Table))]
    public void Is_read_where_it_is_said_and_not_where_something_else_is(string manner, string says, string not)
    {
        Assert.Contains(manner, Said(says));
        Assert.DoesNotContain(manner, Said(not));
    }

    [Fact]
    public void Every_manner_that_has_words_stands_in_the_table() =>
        Assert.Empty(MannerPhrases.All.Select(p => p.Manner).Except(Rows.Select(r => r[0]), StringComparer.Ordinal));

    private static string[] Said(string line) => [.. LineReader.Read(line).SelectMany(l => (l.Step?.Manners ?? []).Concat(l.Said?.Manners ?? []))];
}
