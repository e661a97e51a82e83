using AllSound.Core.Assessment;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The invented jobs that ship with the program: what a newcomer opens first answers as a job of one's own would.</summary>
public sealed class DemoJobsTests
{
    public static TheoryData<string> Files =>
        [.. Directory.EnumerateFiles(Path.Combine(Demo.Root, "demo"), "*.job.json").Select(f => Path.GetFileName(f)).Order(StringComparer.Ordinal)];

    [Theory]
    [MemberData(nameof(Files))]
    public void Every_surface_has_a_plan_that_ends_in_its_finish(string file)
    {
        var job = Read(file);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var found = Specifier.Specify(job, building, space, surface);
            var options = found.Afterwards is { } after ? after.Plan.Options : found.Options;
            Assert.NotEmpty(options);
            Assert.All(options, o => Assert.NotEmpty(o.Steps));
        }
    }

    [Theory]
    [MemberData(nameof(Files))]
    public void Nothing_recorded_is_doubtful(string file)
    {
        var job = Read(file);
        Assert.Empty(job.Surfaces().SelectMany(p => Doubts.Of(p.Space, p.Surface).Select(d => $"{p.Surface.Id}: {d.Says}")));
    }

    [Theory]
    [MemberData(nameof(Files))]
    public void Each_paper_is_written_and_names_every_room(string file)
    {
        var job = Read(file);
        var specified = job.Surfaces().ToDictionary(p => p.Surface.Id, p => Specifier.Specify(job, p.Building, p.Space, p.Surface), StringComparer.Ordinal);
        foreach (var kind in Enum.GetValues<DocumentKind>().Where(k => k != DocumentKind.AsBuilt))
        {
            var text = Writing.Write(kind, job, specified, "2026-10-12", "1").ToMarkdown();
            Assert.All(job.Buildings.SelectMany(b => b.Spaces).Where(s => !s.Surfaces.IsEmpty), s => Assert.Contains(s.Title, text, StringComparison.Ordinal));
        }
    }

    [Fact]
    public void What_is_asked_at_once_leaves_out_no_danger_on_any_ground()
    {
        string[] everywhere =
        [
            "lead",
            "asbestos",
            "outlets",
            "access",
            "moisture",
            "dampSource",
            "mould",
            "vulnerable",
            "confined",
            "onFace",
            "wiringCondemned",
            "flames",
        ];
        foreach (var field in FactSheet.Groups.SelectMany(g => g.Fields).Where(f => everywhere.Contains(f.Key)))
        {
            Assert.Empty(field.Grounds);
            Assert.Null(field.Place);
        }

        Assert.Equal(everywhere.Length, FactSheet.Groups.SelectMany(g => g.Fields).Count(f => everywhere.Contains(f.Key)));
    }

    [Theory]
    [InlineData("knots", SubstrateFamily.Wood)]
    [InlineData("rust", SubstrateFamily.Ferrous)]
    [InlineData("hollow", SubstrateFamily.Plaster)]
    [InlineData("failedPutty", SubstrateFamily.Wood)]
    public void What_belongs_to_a_ground_is_asked_there(string key, SubstrateFamily family) =>
        Assert.Contains(family, FactSheet.Groups.SelectMany(g => g.Fields).Single(f => f.Key == key).Grounds);

    private static Job Read(string file)
    {
        var (job, faults) = JobFile.Read(File.ReadAllText(Path.Combine(Demo.Root, "demo", file)), 2026);
        Assert.Empty(faults);
        return job!;
    }
}
