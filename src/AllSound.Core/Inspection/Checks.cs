using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Inspection.Catalogue;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Inspection;

/// <summary>The checks known to the program, in the catalogue files.</summary>
public static class Checks
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<Check> All { get; } =
    [.. SafetyChecks.All, .. MoistureChecks.All, .. BondChecks.All, .. GroundChecks.All, .. FilmChecks.All, .. FabricChecks.All, .. MetalChecks.All];

    private static readonly FrozenDictionary<string, Check> ById = All.ToFrozenDictionary(c => c.Id);

    private static readonly FrozenDictionary<Facet, string> ByFacet = All.Where(c => !c.Outcomes.IsEmpty)
        .SelectMany(c => c.Settles.Select(f => (Facet: f, c.Id)))
        .DistinctBy(x => x.Facet)
        .ToFrozenDictionary(x => x.Facet, x => x.Id);

    /// <summary>Id of the first check whose answer settles this, or null.</summary>
    public static string? Settling(Facet facet) => ByFacet.GetValueOrDefault(facet);

    /// <summary>The check with this id, or null.</summary>
    public static Check? Find(string id) => ById.GetValueOrDefault(id);
}
