using System.Reflection;
using AllSound.Core.Specification;
using NetArchTest.Rules;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The rooms of the house stand on each other without cycles: each uses only those before it.</summary>
public sealed class NamespaceTests
{
    // Each may use those above it in the list.
    private static readonly string[] Layers =
    [
        "Wording",
        "Sources",
        "Climate",
        "Hiding",
        "Surfaces",
        "Materials",
        "Jobs",
        "Treatment",
        "Quantities",
        "Reckoning",
        "Practice",
        "Inspection",
        "Diagnosis",
        "Assessment",
        "Specification",
        "Buying",
        "Safety",
        "Programme",
        "Site",
        "Durability",
        "Technique",
        "Documents",
        "Exchange",
        "Records",
    ];

    private static readonly Assembly Core = typeof(Specifier).Assembly;

    [Fact]
    public void Every_namespace_has_its_place()
    {
        var rooms = Core.GetTypes()
            .Select(t => t.Namespace)
            .OfType<string>()
            .Where(n => n.StartsWith("AllSound.Core.", StringComparison.Ordinal))
            .Select(n => n.Split('.')[2]);
        Assert.Equal(Layers.Order(StringComparer.Ordinal), rooms.Distinct().Order(StringComparer.Ordinal));
    }

    public static TheoryData<int> Places => [.. Enumerable.Range(0, Layers.Length)];

    [Theory]
    [MemberData(nameof(Places))]
    public void A_namespace_uses_only_those_before_it(int place)
    {
        var later = Layers[(place + 1)..].Select(l => $"AllSound.Core.{l}").ToArray();
        var result = Types.InAssembly(Core).That().ResideInNamespace($"AllSound.Core.{Layers[place]}").ShouldNot().HaveDependencyOnAny(later).GetResult();

        Assert.True(result.IsSuccessful, $"{Layers[place]} uses later ones: {string.Join(", ", result.FailingTypeNames ?? [])}");
    }

    [Fact]
    public void The_planner_knows_nothing_of_paint()
    {
        var references = typeof(Planning.Search).Assembly.GetReferencedAssemblies();
        Assert.DoesNotContain(references, r => r.Name!.StartsWith("AllSound", StringComparison.Ordinal));
    }
}
