using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Inspection.Catalogue;

namespace AllSound.Core.Inspection;

/// <summary>The signs known to the program: those that bear on causes, and the defects that show them.</summary>
public static class Signs
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<Sign> All { get; } = [.. EvidenceSigns.All, .. FilmDefects.All, .. FabricDefects.All];

    private static readonly FrozenDictionary<string, Sign> ById = All.ToFrozenDictionary(s => s.Id);

    /// <summary>The sign with this id, or null.</summary>
    public static Sign? Find(string id) => ById.GetValueOrDefault(id);
}
