using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Diagnosis.Catalogue;

namespace AllSound.Core.Diagnosis;

/// <summary>
/// The causes known to the program, in the catalogue files. Priors are weights by substrate family in the order
/// plaster, masonry, wood, ferrous, non-ferrous, slick. All numbers are judgements, meant to be tuned from closed jobs.
/// </summary>
public static class Causes
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<Cause> All { get; } =
    [.. GroundAndStainCauses.All, .. GrowthAndWeatherCauses.All, .. WoodCauses.All, .. WorkmanshipCauses.All, .. MetalAndSlickCauses.All];

    private static readonly FrozenDictionary<string, Cause> ById = All.ToFrozenDictionary(c => c.Id);

    /// <summary>The cause with this id, or null.</summary>
    public static Cause? Find(string id) => ById.GetValueOrDefault(id);
}
