using System.Collections.Immutable;
using System.Text.Json;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Rounds of surfaces written in one go, survey and expected answer, before the program was asked: kept as further cases. A line holds
/// title # element substrate place year # layers # facts # brief # size or age # signs # what is expected. What an answer does not have yet
/// stands in tests/cases/fresh/known.txt, which may only shrink. docs/quality.md has the figures of each round when it was fresh.
/// </summary>
public sealed class FreshRoundTests
{
    private static readonly string Folder = Path.Combine(WorkedCases.Folder, "fresh");

    public static TheoryData<string> Names => [.. Rounds().Select(f => Path.GetFileNameWithoutExtension(f))];

    [Theory]
    [MemberData(nameof(Names))]
    public void Answers_hold_what_was_expected_save_what_is_known(string round)
    {
        var marked = Read(Path.Combine(Folder, $"{round}.txt")).Select(c => (Case: c, Points: WorkedCases.Mark(c))).ToList();
        Console.WriteLine(
            $"{round}: {marked.Count(m => m.Points.All(p => p.Right))} of {marked.Count} right, points {marked.Sum(m => m.Points.Count(p => p.Right))} of {marked.Sum(m => m.Points.Length)}"
        );
        string[] missed = [.. marked.SelectMany(m => m.Points.Where(p => !p.Right).Select(p => $"{m.Case.Id}: {p.What}"))];
        if (Environment.GetEnvironmentVariable("ALLSOUND_APPROVE") == "1")
        {
            File.WriteAllLines(Known, File.ReadAllLines(Known).Where(l => !Of(round, l)).Concat(missed).Order(StringComparer.Ordinal));
        }

        Assert.Equal(File.ReadAllLines(Known).Where(l => Of(round, l)), missed.Order(StringComparer.Ordinal));
    }

    [Fact]
    public void Every_line_that_is_known_to_be_missed_is_of_a_round() => Assert.All(File.ReadAllLines(Known), l => Assert.Contains(Names, n => Of(n.Data, l)));

    [Fact]
    public void Every_round_has_twenty_surfaces_that_make_sense()
    {
        Assert.NotEmpty(Rounds());
        foreach (var file in Rounds())
        {
            var cases = Read(file);
            Assert.Equal(20, cases.Length);
            Assert.All(cases, c => Assert.Empty(JobSense.Faults(c.Job)));
        }
    }

    private static string Known => Path.Combine(Folder, "known.txt");

    private static bool Of(string round, string line) => line.StartsWith($"{round}.", StringComparison.Ordinal);

    private static string[] Rounds() => [.. Directory.EnumerateFiles(Folder, "round-*.txt").Order(StringComparer.Ordinal)];

    private static ImmutableArray<WorkedCase> Read(string file) =>
        [
            .. File.ReadLines(file)
                .Where(l => l.Length > 0)
                .Select((line, i) => Case(Path.GetFileNameWithoutExtension(file), i + 1, line.Split('#', StringSplitOptions.TrimEntries))),
        ];

    private static WorkedCase Case(string round, int number, string[] parts)
    {
        var age = parts[5].Length > 0 && JsonDocument.Parse(parts[5]).RootElement.TryGetProperty("ageDays", out var days) ? days.GetDouble() : (double?)null;
        var (surface, built) = SurveyRow.Read(parts[1], parts[2], parts[3], parts[4], age is null ? parts[5] : "", parts[6]);
        var job = One.Job(surface with { AgeDays = age }, built);
        return new($"{round}.{number}", round, parts[0], null, job, Expected(parts[7]));
    }

    private static Expectation Expected(string said)
    {
        var expect = new Expectation();
        foreach (var one in said.Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
        {
            var at = one.IndexOf(':', StringComparison.Ordinal);
            var (verb, what) = at < 0 ? (one, "") : (one[..at], one[(at + 1)..]);
            ImmutableArray<string> any = [.. what.Split('|')];
            expect = verb switch
            {
                "free" => expect with { Free = true },
                "hold" => expect with { Holds = expect.Holds.Add(any) },
                "first" => expect with { First = any },
                "must" => expect with { Must = expect.Must.Add(any) },
                "never" => expect with { Never = expect.Never.Add(what) },
                "hazard" => expect with { Hazards = expect.Hazards.Add(any) },
                "says" => expect with { Says = expect.Says.Add(what) },
                "order" => expect with
                {
                    Order = expect.Order.Add([
                        [.. what.Split('<')[0].Split('|')],
                        [.. what.Split('<')[1].Split('|')],
                    ]),
                },
                "coats" => expect with { Coats = expect.Coats.Add(what.Split('=')[0], [.. what.Split('=')[1].Split('-').Select(n => int.Parse(n, null))]) },
                _ => throw new InvalidDataException($"unknown expectation: {one}"),
            };
        }

        return expect;
    }
}
