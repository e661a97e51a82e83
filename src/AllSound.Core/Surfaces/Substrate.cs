using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Surfaces;

/// <summary>What the coating must hold to.</summary>
public enum Substrate : byte
{
    /// <summary>Gypsum skim, new.</summary>
    GypsumNew,

    /// <summary>Gypsum skim, old.</summary>
    GypsumOld,

    /// <summary>Plasterboard.</summary>
    Plasterboard,

    /// <summary>Lime plaster, new.</summary>
    LimeNew,

    /// <summary>Lime plaster, old, haired.</summary>
    LimeOld,

    /// <summary>Softwood.</summary>
    Softwood,

    /// <summary>Resinous softwood.</summary>
    SoftwoodResinous,

    /// <summary>Tannin-rich hardwood.</summary>
    HardwoodTannin,

    /// <summary>Medium density fibreboard.</summary>
    Mdf,

    /// <summary>Plywood.</summary>
    Plywood,
}

/// <summary>The broad family of a substrate; diagnosis priors and most needs go by it.</summary>
public enum SubstrateFamily : byte
{
    /// <summary>Plaster and board inside.</summary>
    Plaster,

    /// <summary>Masonry and render outside.</summary>
    Masonry,

    /// <summary>Wood and wood board.</summary>
    Wood,

    /// <summary>Iron and steel.</summary>
    Ferrous,

    /// <summary>Zinc, aluminium, copper, lead sheet.</summary>
    NonFerrous,

    /// <summary>Tile, plastic, glass, laminate.</summary>
    Slick,
}

/// <summary>What is known of a substrate before it is looked at.</summary>
/// <param name="Id">Stable id used in files.</param>
/// <param name="Value">The enumeration value.</param>
/// <param name="Title">What a painter calls it.</param>
/// <param name="Family">Its family.</param>
/// <param name="SpreadClass">0 smooth, 1 porous, 2 rough: which spread figure of a product applies.</param>
/// <param name="MoistureLimit">The limit for paint, in words.</param>
/// <param name="MaxSd">Most vapour resistance of the whole system in metres of still air, or null for no limit.</param>
/// <param name="Never">What must never go on it.</param>
/// <param name="Source">Where this comes from.</param>
public sealed record SubstrateDefinition(
    string Id,
    Substrate Value,
    string Title,
    SubstrateFamily Family,
    int SpreadClass,
    string MoistureLimit,
    double? MaxSd,
    string Never,
    Source Source
);

/// <summary>The substrates known to the program. One row each.</summary>
public static class Substrates
{
    private static readonly Source Bs6150 = Source.Standard("BS 6150", Confidence.Usual);

    /// <summary>All of them, in the order of the enumeration.</summary>
    public static ImmutableArray<SubstrateDefinition> All { get; } =
    [
        new(
            "gyp_new",
            Substrate.GypsumNew,
            "gypsum skim under 12 weeks old",
            SubstrateFamily.Plaster,
            1,
            "equilibrium humidity 75 % or less; 75 to 89 % mist coat only",
            0.2,
            "silk or durable paint neat as first coat; film while drying; adhesive as primer",
            Bs6150
        ),
        new(
            "gyp_old",
            Substrate.GypsumOld,
            "gypsum skim, old",
            SubstrateFamily.Plaster,
            1,
            "equilibrium humidity 75 % or less; pin meter within 3 points of a known dry spot",
            null,
            "paint over paste, soft distemper or dust",
            Source.Usual
        ),
        new(
            "pboard",
            Substrate.Plasterboard,
            "plasterboard, taped",
            SubstrateFamily.Plaster,
            0,
            "equilibrium humidity 75 % or less",
            null,
            "steam, heavy water, wire on the paper",
            Source.Usual
        ),
        new(
            "lime_new",
            Substrate.LimeNew,
            "lime plaster under 6 months old",
            SubstrateFamily.Plaster,
            1,
            "organic films: equilibrium humidity 75 % or less and pH 9 or less",
            0.05,
            "alkyd, acrylic film, gypsum filler, shellac",
            Source.Usual
        ),
        new(
            "lime_old",
            Substrate.LimeOld,
            "lime plaster, old, haired",
            SubstrateFamily.Plaster,
            1,
            "equilibrium humidity 75 % or less",
            0.14,
            "solvent stabiliser as a film, cement filler, vinyl silk",
            Source.Usual
        ),
        new(
            "sw",
            Substrate.Softwood,
            "softwood joinery",
            SubstrateFamily.Wood,
            0,
            "8 to 12 % inside heated, 18 % at most anywhere",
            1.0,
            "lime, silicate, cement paint; varnish over grey wood",
            Source.Standard("BS 6150, EN 942")
        ),
        new(
            "sw_resin",
            Substrate.SoftwoodResinous,
            "resinous softwood (knots, larch, pitch pine)",
            SubstrateFamily.Wood,
            0,
            "as softwood",
            1.0,
            "waterborne paint first on knots; dark colours in sun",
            Bs6150
        ),
        new(
            "hw_tan",
            Substrate.HardwoodTannin,
            "tannin-rich hardwood (oak, chestnut)",
            SubstrateFamily.Wood,
            0,
            "8 to 12 % inside, 12 to 16 % outside",
            1.0,
            "bare iron with water; ammonia; waterborne white with no block",
            Source.Practice
        ),
        new(
            "mdf",
            Substrate.Mdf,
            "medium density fibreboard",
            SubstrateFamily.Wood,
            0,
            "6 to 10 %",
            null,
            "flood coats of waterborne on raw edges; wet abrading raw board",
            Source.Standard("EN 622-5", Confidence.Usual)
        ),
        new(
            "ply",
            Substrate.Plywood,
            "plywood",
            SubstrateFamily.Wood,
            0,
            "8 to 14 % inside, 16 % at most outside",
            1.0,
            "clear gloss varnish outside",
            Source.Standard("EN 636", Confidence.Usual)
        ),
    ];

    private static readonly FrozenDictionary<string, SubstrateDefinition> ById = All.ToFrozenDictionary(s => s.Id);

    /// <summary>The definition of a substrate.</summary>
    public static SubstrateDefinition Of(Substrate substrate) => All[(int)substrate];

    /// <summary>The definition with this id, or null.</summary>
    public static SubstrateDefinition? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>Substrates of one family, for use in needs.</summary>
    public static Substrate[] Family(params SubstrateFamily[] families) => [.. All.Where(s => families.Contains(s.Family)).Select(s => s.Value)];
}
