using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Sequences in painters' own lines, about half of them sound. What an answer does not have yet stands in known.txt beside them, which may only shrink.
/// ALLSOUND_APPROVE=1 writes the list anew; ALLSOUND_TELL names a file to write the answers to.
/// </summary>
public sealed class WorkedAuditTests
{
    private static readonly string Folder = Path.Combine(WorkedCases.Folder, "audits");
    private static readonly string Known = Path.Combine(Folder, "known.txt");

    public static TheoryData<string> Files =>
        [.. Directory.EnumerateFiles(Folder, "*.txt").Select(f => Path.GetFileName(f)).Where(f => f != "known.txt").Order(StringComparer.Ordinal)];

    [Theory]
    [MemberData(nameof(Files))]
    public void Sound_sequences_are_not_accused_and_what_is_wrong_is_found(string file)
    {
        var marked = WorkedAudit
            .Read(Path.Combine(Folder, file))
            .Select(a => (Audit: a, Answer: a.Answer()))
            .Select(x => (x.Audit, x.Answer, Points: x.Audit.Mark(x.Answer)))
            .ToList();
        if (Environment.GetEnvironmentVariable("ALLSOUND_TELL") is { } to)
        {
            File.AppendAllLines(to, marked.Select(m => m.Audit.Tell(m.Answer) + string.Concat(m.Points.Where(p => !p.Right).Select(p => $"\n  !! {p.What}"))));
        }

        var sound = marked.Where(m => m.Audit.Faults.IsEmpty).ToList();
        var points = marked.SelectMany(m => m.Points).ToList();
        var (found, planted) = (
            points.Count(p => p is { Right: true } && p.What.EndsWith("found", StringComparison.Ordinal)),
            points.Count(p => p.What.EndsWith("found", StringComparison.Ordinal))
        );
        var mended = points.Count(p => p is { Right: true } && p.What.EndsWith("mended", StringComparison.Ordinal));
        Console.WriteLine(
            $"{file}: sound {sound.Count(m => m.Points.All(p => p.Right))} of {sound.Count}; faults found {found}, with a fitting mend {mended}, of {planted}; "
                + $"nothing else accused in {points.Count(p => p is { Right: true } && p.What.EndsWith("nothing else accused", StringComparison.Ordinal))} of {marked.Count - sound.Count}"
        );
        string[] missed = [.. points.Where(p => !p.Right).Select(p => p.What)];
        bool Mine(string line) => marked.Exists(m => line.StartsWith($"{m.Audit.Id}: ", StringComparison.Ordinal));
        var known = File.Exists(Known) ? File.ReadAllLines(Known) : [];
        if (Environment.GetEnvironmentVariable("ALLSOUND_APPROVE") == "1")
        {
            known = [.. known.Where(l => !Mine(l)).Concat(missed).Order(StringComparer.Ordinal)];
            File.WriteAllLines(Known, known);
        }

        Assert.Equal([], missed.Except(known));
        Assert.Equal([], known.Where(Mine).Except(missed));
    }

    // The pages take lines as steps and keep the words of each; a person then moves steps about, so that no line number stays true.
    [Theory]
    [MemberData(nameof(Files))]
    public void Lines_taken_as_steps_are_judged_as_the_lines_are(string file)
    {
        var different = new List<string>();
        foreach (var audit in WorkedAudit.Read(Path.Combine(Folder, file)))
        {
            var (building, space, surface) = audit.Job.Surfaces().Single();
            var read = LineReader.Read(audit.Lines, surface.Element, [.. audit.Job.Products]);
            var taken = surface with
            {
                Sequence = [.. read.Select(r => r.Step).OfType<SequenceStep>().Select(s => s with { Line = null })],
                Said =
                [
                    .. read.Select((r, i) => (r.Said, Before: read.Take(i).Count(b => b.Step is not null)))
                        .Where(x => x.Said is not null)
                        .Select(x => x.Said! with { Line = x.Before }),
                ],
            };
            var asLines = Told(audit.Answer());
            var asSteps = Told(AuditReporting.Audit(audit.Job, building, space, taken));
            if (asLines != asSteps)
            {
                different.Add($"{audit.Id}: lines {asLines}; steps {asSteps}");
            }
        }

        Assert.Equal([], different);
    }

    private static string Told(AuditReport report) => string.Join(", ", report.Faults.Select(f => $"{f.NeedId} {f.Severity}").Order(StringComparer.Ordinal).Distinct());
}
