using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Testing;

namespace AllSound.Core.Tests;

/// <summary>Something wrong that a careful reader finds in a sequence.</summary>
/// <param name="Lines">The lines at any of which it may be told; 0 for before the first.</param>
/// <param name="Severities">Severities that fit.</param>
/// <param name="What">What is said of it.</param>
/// <param name="Mend">What puts it right.</param>
public sealed record PlantedFault(ImmutableArray<int> Lines, ImmutableArray<string> Severities, Regex What, Regex Mend);

/// <summary>A sequence in a painter's own lines, on a survey, with what is wrong with it. Files in tests/cases/audits; each says its form on top.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What it is about.</param>
/// <param name="Job">The survey, a job with one surface.</param>
/// <param name="Lines">The lines.</param>
/// <param name="Faults">What is wrong; empty where it is sound.</param>
public sealed record WorkedAudit(string Id, string Title, Job Job, string Lines, ImmutableArray<PlantedFault> Faults)
{
    private static readonly string[] Order = ["poor", "fails", "danger"];

    /// <summary>Reads a file of them.</summary>
    public static ImmutableArray<WorkedAudit> Read(string path)
    {
        var read = ImmutableArray.CreateBuilder<WorkedAudit>();
        foreach (var block in File.ReadAllText(path).Split("\n== ").Skip(1))
        {
            var lines = block.Split('\n');
            var head = lines[0].Split(' ', 2);
            var parts = lines[1]["survey: ".Length..].Split('#', StringSplitOptions.TrimEntries);
            var words = parts[0].Split(' ');
            string Part(int i) => parts.Length > i ? parts[i] : "";
            var (surface, built) = SurveyRow.Read(string.Join(' ', words[..4]), Part(1), Part(2), Part(3), Part(5), Part(4));
            var job = One.Job(surface, built, j => j with { Jurisdiction = Enum.Parse<Jurisdiction>(words[4]) });
            read.Add(
                new(
                    head[0],
                    head[1],
                    job,
                    string.Join('\n', Said([.. lines.Skip(2).Where(l => l.Length > 0 && !l.StartsWith("->", StringComparison.Ordinal))])),
                    [.. lines.Where(l => l.StartsWith("-> fault", StringComparison.Ordinal)).Select(Fault)]
                )
            );
        }

        return read.ToImmutable();
    }

    // Numbered lines without their numbers; others as they are written.
    private static IEnumerable<string> Said(string[] lines) =>
        lines.Index().All(l => l.Index > 1 || l.Item.StartsWith($"{l.Index + 1}", StringComparison.Ordinal))
            ? lines.Where(l => char.IsDigit(l[0])).Select(l => l[(l.IndexOf(' ', StringComparison.Ordinal) + 1)..])
            : lines;

    private static PlantedFault Fault(string line)
    {
        var m = Regex.Match(line, @"^-> fault (?<at>(?:\d+|end)(?:,(?:\d+|end))*) (?<how>[a-z,]+) /(?<what>.*)/ /(?<mend>.*)/$");
        return m.Success
            ? new(
                [.. m.Groups["at"].Value.Split(',').Select(n => n == "end" ? -1 : int.Parse(n, CultureInfo.InvariantCulture))],
                [.. m.Groups["how"].Value.Split(',')],
                new Regex(m.Groups["what"].Value, RegexOptions.CultureInvariant),
                new Regex(m.Groups["mend"].Value, RegexOptions.CultureInvariant)
            )
            : throw new InvalidDataException(line);
    }

    /// <summary>The answer to it.</summary>
    public AuditReport Answer()
    {
        var (building, space, surface) = Job.Surfaces().Single();
        return AuditReporting.Audit(Job, building, space, surface, Lines);
    }

    /// <summary>
    /// Marks an answer: a sound sequence is not accused and asked two things at most; of another each thing wrong is told at its line, with a severity no further off
    /// than one and danger as danger, and with a mend that fits; and nothing else is accused.
    /// </summary>
    public ImmutableArray<Point> Mark(AuditReport answer)
    {
        var points = ImmutableArray.CreateBuilder<Point>();
        if (Faults.IsEmpty)
        {
            points.Add(new($"{Id}: not accused", answer.Faults.IsEmpty));
            points.Add(new($"{Id}: two questions at most", answer.Questions.Length <= 2));
            return points.ToImmutable();
        }

        foreach (var (planted, n) in Faults.Select((f, i) => (f, i + 1)))
        {
            var found = answer.Faults.Where(f => Fits(planted, f)).ToList();
            points.Add(new($"{Id}: fault {n} found", found.Count > 0));
            points.Add(new($"{Id}: fault {n} mended", found.Exists(f => planted.Mend.IsMatch(f.Mend))));
        }

        points.Add(new($"{Id}: nothing else accused", answer.Faults.All(f => Faults.Any(p => Fits(p, f)))));
        return points.ToImmutable();
    }

    private static bool Fits(PlantedFault planted, FaultReport told) =>
        (planted.Lines.Contains(told.Step ?? -1) || told.Also.Any(planted.Lines.Contains))
        && planted.What.IsMatch($"{told.Problem} {told.Consequence} {told.Need}")
        && planted.Severities.Any(s => Near(s, NamedSeverity(told)));

    private static string NamedSeverity(FaultReport told) => told.Severity.ToString().ToLowerInvariant();

    private static bool Near(string wanted, string told) =>
        wanted == told || (wanted != "danger" && told != "danger" && Math.Abs(Array.IndexOf(Order, wanted) - Array.IndexOf(Order, told)) <= 1);

    /// <summary>The answer in lines, to be read.</summary>
    public string Tell(AuditReport answer) =>
        string.Join(
            '\n',
            new[] { $"== {Id} {Title}: {answer.Verdict}" }
                .Concat(answer.Read.Select(r => $"   {r.Number} [{(r.Operations.IsEmpty ? r.Says : string.Join(' ', r.Operations))}] {r.Line}"))
                .Concat(
                    answer.Faults.Select(f =>
                        $"  F {f.Step?.ToString(CultureInfo.InvariantCulture) ?? "end"} {f.Severity} {f.NeedId}: {f.Problem} | {f.Mend} | also {string.Join(',', f.Also)}"
                    )
                )
                .Concat(answer.Questions.Select(q => $"  ? {q.Step} {q.Asks}"))
                .Concat(answer.Notes.Select(n => $"  n {n.Step} {n.Says}"))
        );
}
