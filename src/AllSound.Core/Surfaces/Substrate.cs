using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces.Catalogue;

namespace AllSound.Core.Surfaces;

/// <summary>What the coating must hold to. At most 64, so that a test of the facet fits one word.</summary>
public enum Substrate : byte
{
    /// <summary>Gypsum skim under 12 weeks old.</summary>
    GypsumNew,

    /// <summary>Gypsum skim, old.</summary>
    GypsumOld,

    /// <summary>Plasterboard, taped.</summary>
    Plasterboard,

    /// <summary>Lime plaster under 6 months old.</summary>
    LimeNew,

    /// <summary>Lime plaster, old, haired.</summary>
    LimeOld,

    /// <summary>Sand-cement render.</summary>
    RenderCement,

    /// <summary>Lime render or roughcast.</summary>
    RenderLime,

    /// <summary>Brick, well-fired facing or engineering.</summary>
    BrickHard,

    /// <summary>Brick, soft hand-made.</summary>
    BrickSoft,

    /// <summary>Calcium silicate brick.</summary>
    BrickCalciumSilicate,

    /// <summary>Porous sandstone or limestone.</summary>
    StonePorous,

    /// <summary>Granite, slate, dense stone.</summary>
    StoneDense,

    /// <summary>Concrete, cast or precast.</summary>
    ConcreteCast,

    /// <summary>Concrete block, dense or aerated.</summary>
    BlockConcrete,

    /// <summary>Fibre-cement sheet, asbestos excluded by test.</summary>
    FibreCement,

    /// <summary>Softwood joinery.</summary>
    Softwood,

    /// <summary>Resinous softwood (knots, larch, pitch pine).</summary>
    SoftwoodResinous,

    /// <summary>Preservative-treated softwood.</summary>
    SoftwoodTreated,

    /// <summary>Tannin-rich hardwood (oak, chestnut; cedar, redwood).</summary>
    HardwoodTannin,

    /// <summary>Oily hardwood (teak, iroko kind).</summary>
    HardwoodOily,

    /// <summary>Weathered grey wood, any species.</summary>
    WoodWeathered,

    /// <summary>Modified wood (acetylated, heat-treated).</summary>
    WoodModified,

    /// <summary>Medium density fibreboard.</summary>
    Mdf,

    /// <summary>Plywood.</summary>
    Plywood,

    /// <summary>Oriented strand board or chipboard.</summary>
    Osb,

    /// <summary>Hardboard.</summary>
    Hardboard,

    /// <summary>Mild steel.</summary>
    Steel,

    /// <summary>Cast or wrought iron.</summary>
    IronCast,

    /// <summary>Galvanised, new and bright.</summary>
    GalvanisedNew,

    /// <summary>Galvanised, weathered and dull.</summary>
    GalvanisedOld,

    /// <summary>Aluminium.</summary>
    Aluminium,

    /// <summary>Copper, brass, bronze.</summary>
    Copper,

    /// <summary>Lead sheet, flashings.</summary>
    LeadSheet,

    /// <summary>Glazed tile.</summary>
    TileGlazed,

    /// <summary>Unglazed tile, terracotta, quarry.</summary>
    TileUnglazed,

    /// <summary>Lining paper or paintable wallpaper.</summary>
    PaperLining,

    /// <summary>Vinyl-faced or foil wallpaper.</summary>
    PaperVinyl,

    /// <summary>Glass and glazing edge (putty line).</summary>
    GlassEdge,

    /// <summary>PVC-u frame or gutter.</summary>
    PvcU,

    /// <summary>Melamine, laminate or foil door.</summary>
    Laminate,
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

/// <summary>How fast a drop of water soaks in: 0 none (over 600 s), 1 low, 2 medium, 3 high, 4 very high (under 5 s).</summary>
/// <param name="Least">Least to be expected.</param>
/// <param name="Most">Most to be expected.</param>
/// <param name="Typical">Typical.</param>
public readonly record struct SuctionRange(int Least, int Most, int Typical);

/// <summary>What is known of a substrate before it is looked at.</summary>
public sealed record SubstrateDefinition
{
    /// <summary>Stable id used in files.</summary>
    public required string Id { get; init; }

    /// <summary>The enumeration value.</summary>
    public required Substrate Value { get; init; }

    /// <summary>What a painter calls it.</summary>
    public required string Title { get; init; }

    /// <summary>Its family.</summary>
    public required SubstrateFamily Family { get; init; }

    /// <summary>0 smooth, 1 porous, 2 rough: which spread figure of a product applies.</summary>
    public required int SpreadClass { get; init; }

    /// <summary>What kind of face it is to work on where no form is recorded: brick and block are seldom flush.</summary>
    public Face Face { get; init; } = Face.Flat;

    /// <summary>Suction when bare.</summary>
    public required SuctionRange Suction { get; init; }

    /// <summary>Surface pH to be expected, in words.</summary>
    public required string Ph { get; init; }

    /// <summary>The limit for paint, in words.</summary>
    public required string MoistureLimit { get; init; }

    /// <summary>How that limit is measured.</summary>
    public required string MeasuredBy { get; init; }

    /// <summary>Movement with moisture, percent of length or width.</summary>
    public required string Movement { get; init; }

    /// <summary>Most vapour resistance of the whole system in metres of still air, or null for no limit.</summary>
    public double? MaxSd { get; init; }

    /// <summary>What usually goes wrong with it.</summary>
    public required string Defects { get; init; }

    /// <summary>First coats that suit it.</summary>
    public required string Primers { get; init; }

    /// <summary>What must never go on it.</summary>
    public required string Never { get; init; }

    /// <summary>Plaster held by its nibs behind laths: heavy, and apt to come down wet.</summary>
    public bool OnLaths { get; init; }

    /// <summary>Often made with asbestos: taken for it where the age allows and no laboratory cleared it.</summary>
    public bool MayHoldAsbestos { get; init; }

    /// <summary>A thin face that a machine or heat goes through.</summary>
    public bool Thin { get; init; }

    /// <summary>Wood without knots that bleed.</summary>
    public bool KnotFree { get; init; }

    /// <summary>Rust shows already, where nobody says otherwise.</summary>
    public bool RustShows { get; init; }

    /// <summary>Where this comes from.</summary>
    public required Source Source { get; init; }
}

/// <summary>The substrates known to the program. One row each, in the catalogue files.</summary>
public static class Substrates
{
    /// <summary>
    /// Metres of still air: a ground whose limit is this or less always has to breathe, a harder one only where it is known to be wet.
    /// Judgement: repainting dry cement render tightly is everyday work.
    /// </summary>
    public const double AlwaysBreathesM = 0.1;

    /// <summary>All of them, in the order of the enumeration.</summary>
    public static ImmutableArray<SubstrateDefinition> All { get; } =
    [.. PlasterGrounds.All.Concat(MasonryGrounds.All).Concat(WoodGrounds.All).Concat(MetalGrounds.All).Concat(SlickGrounds.All).OrderBy(s => s.Value)];

    /// <summary>All of them, with those that go by a name of their own and behave like one of them.</summary>
    public static ImmutableArray<SubstrateDefinition> Named { get; } = [.. All, .. KindredGrounds.Of(All)];

    private static readonly FrozenDictionary<string, SubstrateDefinition> ById = Named.ToFrozenDictionary(s => s.Id);

    /// <summary>The definition of a substrate.</summary>
    public static SubstrateDefinition Of(Substrate substrate) => All[(int)substrate];

    /// <summary>The definition with this id, or null.</summary>
    public static SubstrateDefinition? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>Substrates of one family, for use in needs.</summary>
    public static Substrate[] Family(params SubstrateFamily[] families) => [.. All.Where(s => families.Contains(s.Family)).Select(s => s.Value)];
}
