using System.Text.RegularExpressions;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>The examples in the docs run, and what the docs name is there.</summary>
public sealed partial class DocsTests
{
    public static TheoryData<string> Examples =>
        [
            .. new[] { "README.md", "docs/architecture.md", "docs/extending.md" }
                .SelectMany(f => ExampleLine().Matches(File.ReadAllText(Path.Combine(Demo.Root, f))))
                .Select(m => m.Groups["line"].Value.Split("   ")[0].Trim())
                .Where(l => Verbs.Contains(l.Split(' ')[0]))
                .Distinct(),
        ];

    // Those that read a file or list something; the others start a server or take minutes.
    private static readonly string[] Verbs = ["validate", "diagnose", "specify", "audit", "quantities", "operations", "document", "read-lines"];

    [Fact]
    public void There_are_examples() => Assert.True(Examples.Count >= 5);

    [Theory]
    [MemberData(nameof(Examples))]
    public async Task An_example_of_the_docs_runs(string line)
    {
        var words = line.Split(' ').Select(w => w.StartsWith("docs/", StringComparison.Ordinal) ? Path.Combine(Demo.Root, w) : w);
        var (exit, output, errors) = await CommandLineTests.Run([.. words]);

        Assert.Equal((0, ""), (exit, errors));
        Assert.True(output.Length > 0 || line.StartsWith("validate", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("docs/architecture.md")]
    [InlineData("docs/extending.md")]
    public void What_the_docs_name_in_code_is_in_the_code(string file)
    {
        var code = string.Concat(
            Directory
                .EnumerateFiles(Path.Combine(Demo.Root, "src"), "*.cs", SearchOption.AllDirectories)
                .Concat(Directory.EnumerateFiles(Path.Combine(Demo.Root, "tests"), "*.cs", SearchOption.AllDirectories))
                .Where(f => !f.Contains("/obj/", StringComparison.Ordinal) && !f.Contains("/bin/", StringComparison.Ordinal))
                .Select(File.ReadAllText)
        );
        var named = TypeName().Matches(File.ReadAllText(Path.Combine(Demo.Root, file))).Select(m => m.Groups["name"].Value).Distinct().ToArray();

        Assert.NotEmpty(named);
        Assert.Equal([], named.Where(n => !Regex.IsMatch(code, $@"\b{n}\b")));
    }

    [Theory]
    [InlineData("docs/architecture.md")]
    [InlineData("docs/extending.md")]
    public void Files_that_the_docs_name_are_there(string file)
    {
        var named = PathName().Matches(File.ReadAllText(Path.Combine(Demo.Root, file))).Select(m => m.Groups["path"].Value).Distinct();
        Assert.Equal(
            [],
            named.Where(n =>
                new[] { "", "src/AllSound.Core" }.All(at => !File.Exists(Path.Combine(Demo.Root, at, n)) && !Directory.Exists(Path.Combine(Demo.Root, at, n)))
                && !File.Exists(Path.Combine(Demo.Root, "src/AllSound.Core", n + ".cs"))
            )
        );
    }

    [GeneratedRegex(@"^    \./allsound (?<line>.+)$", RegexOptions.Multiline)]
    private static partial Regex ExampleLine();

    [GeneratedRegex(@"`(?<name>[A-Z][A-Za-z]+)(?:\.[A-Za-z]+)*(?:\([^`]*\))?`")]
    private static partial Regex TypeName();

    [GeneratedRegex(@"`(?<path>(?:[\w.]+/)+[\w.]*)`")]
    private static partial Regex PathName();
}
