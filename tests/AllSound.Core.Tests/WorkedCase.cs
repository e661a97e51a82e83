using System.Collections.Immutable;
using System.Text.Json;
using System.Text.RegularExpressions;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Treatment;

namespace AllSound.Core.Tests;

/// <summary>A worked case: a survey, and what a first-rate tradesperson's answer to it holds. One file each in tests/cases; docs/quality.md says how to read them.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">specify, diagnose or safety.</param>
/// <param name="Title">What it is about.</param>
/// <param name="LeftOut">Why it is left out of the count; null where it counts.</param>
/// <param name="Job">The survey, a job with one surface.</param>
/// <param name="Expect">What is expected.</param>
public sealed record WorkedCase(string Id, string Kind, string Title, string? LeftOut, Job Job, Expectation Expect);

/// <summary>What is expected of an answer. Steps are named by operation, by a beginning of one ("ls_"), as "strips", by role ("role:finish") or by product; of a group any one does.</summary>
public sealed record Expectation
{
    /// <summary>Needs that hold the surface: every group.</summary>
    public ImmutableArray<ImmutableArray<string>> Holds { get; init; } = [];

    /// <summary>Nothing holds it, and there is an option.</summary>
    public bool Free { get; init; }

    /// <summary>Causes that may rank first.</summary>
    public ImmutableArray<string> First { get; init; } = [];

    /// <summary>Causes that may not.</summary>
    public ImmutableArray<string> NotFirst { get; init; } = [];

    /// <summary>Steps of the first option, or of what is done meanwhile.</summary>
    public ImmutableArray<ImmutableArray<string>> Must { get; init; } = [];

    /// <summary>Pairs: the first before the second.</summary>
    public ImmutableArray<ImmutableArray<ImmutableArray<string>>> Order { get; init; } = [];

    /// <summary>Steps of no option.</summary>
    public ImmutableArray<string> Never { get; init; } = [];

    /// <summary>Coats by role, least and most.</summary>
    public ImmutableDictionary<string, ImmutableArray<int>> Coats { get; init; } = ImmutableDictionary<string, ImmutableArray<int>>.Empty;

    /// <summary>Hazards in force.</summary>
    public ImmutableArray<ImmutableArray<string>> Hazards { get; init; } = [];

    /// <summary>What the answer says, as regular expressions.</summary>
    public ImmutableArray<string> Says { get; init; } = [];
}

/// <summary>One thing that was expected, and whether the answer has it.</summary>
public sealed record Point(string What, bool Right);

/// <summary>Reads worked cases and marks the program's answers.</summary>
public static class WorkedCases
{
    private static readonly JsonSerializerOptions Plain = new(JsonSerializerDefaults.Web);

    /// <summary>Folder of the cases.</summary>
    public static string Folder { get; } = Path.Combine(Root(), "tests", "cases");

    /// <summary>All cases of a folder, by id.</summary>
    public static ImmutableArray<WorkedCase> Read(string folder) => [.. Directory.EnumerateFiles(folder, "*.json").Order(StringComparer.Ordinal).Select(ReadOne)];

    private static WorkedCase ReadOne(string path)
    {
        using var document = JsonDocument.Parse(File.ReadAllText(path));
        var root = document.RootElement;
        var (job, fault) = JobFile.Parse<Job>(root.GetProperty("job").GetRawText());
        return new(
            root.GetProperty("id").GetString()!,
            root.GetProperty("kind").GetString()!,
            root.GetProperty("title").GetString()!,
            root.TryGetProperty("leftOut", out var left) ? left.GetString() : null,
            job ?? throw new InvalidDataException($"{path}: {fault}"),
            root.GetProperty("expect").Deserialize<Expectation>(Plain)!
        );
    }

    /// <summary>Marks the answer to a case.</summary>
    public static ImmutableArray<Point> Mark(WorkedCase one)
    {
        var (building, space, surface) = one.Job.Surfaces().Single();
        var specified = Specifier.Specify(one.Job, building, space, surface);
        var plan = specified.Planned is { Options.IsEmpty: true, Nearest: { } nearest } ? nearest.Plan : specified.Planned;
        var diagnosed = Reporting.Diagnose(one.Job, building, space, surface, specified);
        var text = JsonSerializer.Serialize(Reporting.Report(one.Job, surface, specified), Plain) + JsonSerializer.Serialize(diagnosed, Plain);
        text = Regex.Unescape(text);
        var first = plan.Options.FirstOrDefault();
        Step[] steps = [.. specified.Meanwhile, .. first?.Steps ?? []];
        var every = specified.Meanwhile.Concat(plan.Options.SelectMany(o => o.Steps)).ToList();
        var hazards = Hazards.Of(surface, specified).Select(h => h.Hazard.Id).ToHashSet(StringComparer.Ordinal);
        var holds = specified.Holds.Select(h => h.Need.Id).ToHashSet(StringComparer.Ordinal);
        var expect = one.Expect;
        var cause = diagnosed.Findings.Select(f => f.Cause).FirstOrDefault("none");
        return
        [
            .. expect.Holds.Select(g => new Point($"held by {Or(g)}", g.Any(holds.Contains))),
            .. expect.Free ? [new Point("free", specified.Holds.IsEmpty && first is not null)] : Array.Empty<Point>(),
            .. expect.First.IsEmpty ? [] : new[] { new Point($"first cause {Or(expect.First)}", expect.First.Contains(cause)) },
            .. expect.NotFirst.Select(c => new Point($"first cause not {c}", cause != c)),
            .. expect.Must.Select(g => new Point($"does {Or(g)}", Array.Exists(steps, s => Is(s, g)))),
            .. expect.Order.Select(p => new Point($"{Or(p[0])} before {Or(p[1])}", Before(steps, p[0], p[1]))),
            .. expect.Never.Where(n => n.Length > 0).Select(n => new Point($"never {n}", !every.Exists(s => Is(s, [n])))),
            .. expect
                .Coats.OrderBy(c => c.Key, StringComparer.Ordinal)
                .Select(c => new Point(
                    $"{c.Value[0]} to {c.Value[1]} coats of {c.Key}",
                    first is not null && Coats(first, c.Key) is var n && n >= c.Value[0] && n <= c.Value[1]
                )),
            .. expect.Hazards.Select(g => new Point($"hazard {Or(g)}", g.Any(hazards.Contains))),
            .. expect.Says.Select(r => new Point($"says {r}", Regex.IsMatch(text, r, RegexOptions.CultureInvariant))),
        ];
    }

    private static int Coats(Option option, string role) => option.Steps.Where(s => Is(s, [$"role:{role}"])).Sum(s => s.Act.Operation.Coats);

    private static bool Before(Step[] steps, ImmutableArray<string> first, ImmutableArray<string> second)
    {
        var (a, b) = (Array.FindIndex(steps, s => Is(s, first)), Array.FindLastIndex(steps, s => Is(s, second)));
        return a >= 0 && (b < 0 || a < b);
    }

    private static bool Is(Step step, ImmutableArray<string> any) =>
        any.Any(name =>
            name.StartsWith("role:", StringComparison.Ordinal) ? string.Equals(step.Act.Operation.Role.ToString(), name[5..], StringComparison.OrdinalIgnoreCase)
            : name.StartsWith("p_", StringComparison.Ordinal) ? step.Act.Product?.Id.StartsWith(name, StringComparison.Ordinal) == true
            : name == "strips" ? step.Act.Strips
            : name.EndsWith('_') ? step.Act.Operation.Id.StartsWith(name, StringComparison.Ordinal)
            : step.Act.Operation.Id == name
        );

    private static string Or(ImmutableArray<string> any) => string.Join(" or ", any);

    private static string Root()
    {
        for (var at = new DirectoryInfo(AppContext.BaseDirectory); at is not null; at = at.Parent)
        {
            if (File.Exists(Path.Combine(at.FullName, "AllSound.slnx")))
            {
                return at.FullName;
            }
        }

        throw new InvalidOperationException("The repository was not found above the tests.");
    }
}
