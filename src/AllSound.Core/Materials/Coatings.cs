using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Cover;

namespace AllSound.Core.Materials;

/// <summary>The generic product classes. One definition each; nothing else has to know of a new one.</summary>
public static class Coatings
{
    private static readonly Source Usual = Source.Usual;
    private static readonly Source Judgement = Source.Judgement;
    private static readonly Source En13300 = Source.Standard("EN 13300", Confidence.Usual);
    private static readonly Source Bs1336 = Source.Standard("BS 1336 (withdrawn)", Confidence.Usual);
    private static readonly Source Bs7956 = Source.Standard("BS 7956", Confidence.Judgement);
    private static readonly Source VocRules = Source.Standard("Directive 2004/42/EC", Confidence.Usual);

    // What a thin waterborne wall coat may lie on.
    private static readonly ImmutableArray<Cover> WallBase =
    [
        Sealer,
        PeelBond,
        BondPrimer,
        WoodAcrylic,
        Cover.Shellac,
        StainAlkyd,
        StainWater,
        UndercoatWater,
        UndercoatAlkyd,
        Emulsion,
    ];

    private static readonly ImmutableArray<Cover> WaterTrimBase =
    [
        PeelBond,
        BondPrimer,
        WoodAcrylic,
        WoodAlkyd,
        Aluminium,
        Cover.Shellac,
        StainWater,
        StainAlkyd,
        UndercoatWater,
    ];

    private static readonly ImmutableArray<Cover> AlkydBase =
    [
        PeelBond,
        BondPrimer,
        WoodAcrylic,
        WoodAlkyd,
        Aluminium,
        Cover.Shellac,
        StainAlkyd,
        StainWater,
        UndercoatAlkyd,
        UndercoatWater,
    ];

    /// <summary>Contract matt wall paint; thinned, the mist coat.</summary>
    public static readonly CoatingClass ContractMatt = new()
    {
        Id = "p_emul_contract",
        Title = "contract matt wall paint",
        Family = CoatFamily.Emulsion,
        Cover = Emulsion,
        Carrier = Carrier.Water,
        VolumeSolids = 36,
        Microns = 25,
        Spread = (13, 10, 7),
        ThinMost = 10,
        Drying = new(1, 2, 4, null, 168),
        Voc = 5,
        HumidityMost = 85,
        Sd = 0.05,
        Price = 1,
        Tins = [2.5, 5, 10, 15],
        Life = (6.5, 0),
        Sheens = [Sheen.Matt],
        Follows = WallBase,
        Source = En13300,
    };

    /// <summary>Scrubbable matt wall paint.</summary>
    public static readonly CoatingClass DurableMatt = new()
    {
        Id = "p_emul_dur",
        Title = "durable matt wall paint",
        Family = CoatFamily.Emulsion,
        Cover = Emulsion,
        Carrier = Carrier.Water,
        VolumeSolids = 39,
        Microns = 28,
        Spread = (13, 10, 7),
        ThinMost = 10,
        Drying = new(1, 4, 4, null, 336),
        Voc = 8,
        Sd = 0.1,
        Price = 2.5,
        Tins = [1, 2.5, 5, 10],
        Life = (9.5, 0),
        Sheens = [Sheen.Matt],
        Follows = WallBase,
        Source = Usual,
    };

    /// <summary>Silk wall paint.</summary>
    public static readonly CoatingClass Silk = new()
    {
        Id = "p_emul_silk",
        Title = "silk wall paint",
        Family = CoatFamily.Emulsion,
        Cover = Emulsion,
        Carrier = Carrier.Water,
        VolumeSolids = 37,
        Microns = 28,
        Spread = (12.5, 10, 8),
        ThinMost = 10,
        Drying = new(1, 4, 4, 7, 336),
        Voc = 15,
        Sd = 0.4,
        Price = 1.8,
        Tins = [2.5, 5, 10],
        Life = (9, 0),
        Sheens = [Sheen.Eggshell],
        Follows = WallBase,
        Source = En13300,
    };

    /// <summary>Plaster sealer.</summary>
    public static readonly CoatingClass PlasterSealer = new()
    {
        Id = "p_plaster_seal",
        Title = "plaster sealer",
        Family = CoatFamily.Emulsion,
        Cover = Sealer,
        Carrier = Carrier.Water,
        VolumeSolids = 16,
        Microns = 12,
        Spread = (12, 8, 6),
        ThinMost = 20,
        Drying = new(1, 4, 4, null, 72),
        Voc = 5,
        HumidityMost = 85,
        Sd = 0.1,
        Price = 1.5,
        Tins = [1, 5, 10],
        Hides = false,
        Follows = WallBase,
        Source = Usual,
    };

    /// <summary>Waterborne stabiliser for powdery grounds.</summary>
    public static readonly CoatingClass Stabiliser = new()
    {
        Id = "p_stab_wb",
        Title = "waterborne stabilising sealer",
        Family = CoatFamily.Penetrating,
        Cover = Sealer,
        Carrier = Carrier.Water,
        VolumeSolids = 15,
        Microns = 12,
        Spread = (10, 6, 4),
        ThinMost = 10,
        Drying = new(1, 6, 6, null, 72),
        Voc = 10,
        Sd = 0.1,
        Price = 2,
        Tins = [1, 5, 20],
        Hides = false,
        Follows = WallBase,
        Source = Usual,
        Handling = "flood and brush out; let no shine stand on the face",
    };

    /// <summary>Flexible penetrating sealer that ties lifting edges down.</summary>
    public static readonly CoatingClass PeelBinder = new()
    {
        Id = "p_peelbond",
        Title = "peel-binding sealer",
        Family = CoatFamily.Penetrating,
        Cover = PeelBond,
        Carrier = Carrier.Water,
        VolumeSolids = 40,
        Microns = 70,
        Spread = (5.5, 4.5, 4),
        ThinMost = 0,
        Drying = new(2, 4, 12, 14, 168),
        Voc = 40,
        Temperature = (10, 30),
        HumidityMost = 75,
        Sd = 1.0,
        Price = 5,
        Tins = [1, 3.8, 5],
        Hides = false,
        Follows = WallBase,
        Source = Judgement,
        Handling = "work it under the edges; it dries clear and may shine though dry",
    };

    /// <summary>Waterborne bonding primer.</summary>
    public static readonly CoatingClass BondingPrimer = new()
    {
        Id = "p_bond_wb",
        Title = "waterborne bonding primer",
        Family = CoatFamily.Bonding,
        Cover = BondPrimer,
        Carrier = Carrier.Water,
        VolumeSolids = 38,
        Microns = 32,
        Spread = (11, 9, 7),
        ThinMost = 0,
        Drying = new(1, 4, 12, 14, 168),
        Voc = 20,
        Temperature = (10, 30),
        HumidityMost = 75,
        Sd = 0.5,
        Price = 4.5,
        Tins = [1, 2.5, 5],
        RaisesNibs = true,
        Follows = [Sealer, PeelBond, WoodAcrylic, WoodAlkyd, Cover.Shellac, StainWater, StainAlkyd],
        Source = Usual,
    };

    /// <summary>Shellac knotting.</summary>
    public static readonly CoatingClass Knotting = new()
    {
        Id = "p_shellac_knot",
        Title = "shellac knotting",
        Family = CoatFamily.Shellac,
        Cover = Cover.Shellac,
        Carrier = Carrier.Alcohol,
        VolumeSolids = 23,
        Microns = 10,
        Spread = (20, 14, 10),
        ThinMost = 0,
        Drying = new(0.25, 0.5, 1, null, 24),
        Voc = 620,
        Temperature = (5, 30),
        HumidityMost = 85,
        Sd = 5,
        Price = 5,
        Tins = [0.25, 0.5, 1],
        Hides = false,
        Follows = [],
        Source = Bs1336,
        Handling = "flammable: no flame, spark or pilot light; keep the tin shut",
    };

    /// <summary>Pigmented shellac primer.</summary>
    public static readonly CoatingClass ShellacPrimer = new()
    {
        Id = "p_shellac_prim",
        Title = "pigmented shellac stain block",
        Family = CoatFamily.Shellac,
        Cover = Cover.Shellac,
        Carrier = Carrier.Alcohol,
        VolumeSolids = 28,
        Microns = 25,
        Spread = (11, 9, 7),
        ThinMost = 5,
        Drying = new(0.3, 0.75, 1, null, 24),
        Voc = 540,
        Temperature = (5, 30),
        Sd = 3,
        Price = 6,
        Tins = [1, 2.5, 5],
        Follows = [Sealer, WoodAcrylic, WoodAlkyd, BondPrimer],
        Source = Usual,
        Handling = "flammable: no flame, spark or pilot light; work fast, do not brush back",
    };

    /// <summary>Solventborne stain block.</summary>
    public static readonly CoatingClass StainBlockAlkyd = new()
    {
        Id = "p_stain_alk",
        Title = "solventborne stain block",
        Family = CoatFamily.Alkyd,
        Cover = StainAlkyd,
        Carrier = Carrier.Spirit,
        VolumeSolids = 55,
        Microns = 40,
        Spread = (12.5, 10, 8),
        ThinMost = 5,
        Drying = new(2, 8, 12, 7, 168),
        Voc = 330,
        Sd = 2,
        Price = 4.5,
        Tins = [1, 2.5, 5],
        Follows = [Sealer, WoodAcrylic, WoodAlkyd, BondPrimer],
        Source = Usual,
    };

    /// <summary>Waterborne stain block for tannin and mild stains.</summary>
    public static readonly CoatingClass StainBlockWater = new()
    {
        Id = "p_stain_wb",
        Title = "waterborne stain block",
        Family = CoatFamily.WaterEnamel,
        Cover = StainWater,
        Carrier = Carrier.Water,
        VolumeSolids = 38,
        Microns = 32,
        Spread = (11, 9, 7),
        ThinMost = 0,
        Drying = new(1, 4, 24, 30, 168),
        Voc = 20,
        Temperature = (10, 30),
        Sd = 0.6,
        Price = 4.5,
        Tins = [1, 2.5, 5],
        RaisesNibs = true,
        Follows = [Sealer, WoodAcrylic, BondPrimer, StainWater],
        Source = Usual,
    };

    /// <summary>Acrylic wood primer-undercoat.</summary>
    public static readonly CoatingClass WoodPrimerWater = new()
    {
        Id = "p_wood_ac",
        Title = "acrylic wood primer-undercoat",
        Family = CoatFamily.WaterEnamel,
        Cover = WoodAcrylic,
        Carrier = Carrier.Water,
        VolumeSolids = 39,
        Microns = 32,
        Spread = (12, 9, 7),
        ThinMost = 5,
        Drying = new(1, 3, 4, 28, 168),
        Voc = 20,
        Sd = 0.75,
        Price = 3.5,
        Tins = [1, 2.5, 5],
        RaisesNibs = true,
        Follows = WaterTrimBase,
        Source = Bs7956,
    };

    /// <summary>Alkyd wood primer.</summary>
    public static readonly CoatingClass WoodPrimerAlkyd = new()
    {
        Id = "p_wood_alk",
        Title = "alkyd wood primer",
        Family = CoatFamily.Alkyd,
        Cover = WoodAlkyd,
        Carrier = Carrier.Spirit,
        VolumeSolids = 60,
        Microns = 42,
        Spread = (13, 10, 8),
        ThinMost = 10,
        Drying = new(4, 16, 16, 28, 168),
        Voc = 320,
        Temperature = (5, 30),
        Sd = 1.5,
        Price = 4,
        Tins = [1, 2.5, 5],
        RaisesNibs = true,
        Follows = AlkydBase,
        Source = Bs7956,
    };

    /// <summary>Alkyd undercoat.</summary>
    public static readonly CoatingClass UndercoatSolvent = new()
    {
        Id = "p_uc_alk",
        Title = "alkyd undercoat",
        Family = CoatFamily.Alkyd,
        Cover = UndercoatAlkyd,
        Carrier = Carrier.Spirit,
        VolumeSolids = 62,
        Microns = 40,
        Spread = (14, 12, 9),
        ThinMost = 5,
        Drying = new(4, 16, 16, 7, 168),
        Voc = 290,
        Temperature = (5, 30),
        Sd = 1.5,
        Price = 4,
        Tins = [1, 2.5, 5],
        RaisesNibs = true,
        Follows = AlkydBase,
        Source = VocRules,
    };

    /// <summary>Waterborne undercoat.</summary>
    public static readonly CoatingClass UndercoatWaterborne = new()
    {
        Id = "p_uc_wb",
        Title = "waterborne undercoat",
        Family = CoatFamily.WaterEnamel,
        Cover = UndercoatWater,
        Carrier = Carrier.Water,
        VolumeSolids = 38,
        Microns = 32,
        Spread = (11.5, 9, 7),
        ThinMost = 5,
        Drying = new(1, 4, 4, 14, 168),
        Voc = 35,
        Sd = 0.75,
        Price = 3.5,
        Tins = [1, 2.5, 5],
        RaisesNibs = true,
        Follows = WaterTrimBase,
        Source = Usual,
    };

    /// <summary>Alkyd gloss.</summary>
    public static readonly CoatingClass GlossSolvent = new()
    {
        Id = "p_gloss_alk",
        Title = "alkyd gloss",
        Family = CoatFamily.Alkyd,
        Cover = GlossAlkyd,
        Carrier = Carrier.Spirit,
        VolumeSolids = 62,
        Microns = 35,
        Spread = (16, 13, 10),
        ThinMost = 5,
        Drying = new(4, 16, 24, 7, 168),
        Voc = 290,
        Temperature = (5, 30),
        Sd = 3,
        Price = 4.5,
        Tins = [1, 2.5, 5],
        Life = (10, 5.5),
        Sheens = [Sheen.Gloss],
        RaisesNibs = true,
        Follows = [WoodAcrylic, UndercoatAlkyd, UndercoatWater, GlossAlkyd],
        Source = VocRules,
    };

    /// <summary>Alkyd eggshell.</summary>
    public static readonly CoatingClass EggshellSolvent = new()
    {
        Id = "p_egg_alk",
        Title = "alkyd eggshell",
        Family = CoatFamily.Alkyd,
        Cover = EggshellAlkyd,
        Carrier = Carrier.Spirit,
        VolumeSolids = 60,
        Microns = 35,
        Spread = (15, 12, 9),
        ThinMost = 5,
        Drying = new(4, 16, 16, 7, 168),
        Voc = 290,
        Temperature = (5, 30),
        Sd = 2.5,
        Price = 4.8,
        Tins = [1, 2.5],
        Life = (10, 4),
        Sheens = [Sheen.Eggshell, Sheen.Satin],
        RaisesNibs = true,
        Follows = [.. AlkydBase, EggshellAlkyd],
        Source = Usual,
    };

    /// <summary>Waterborne trim enamel.</summary>
    public static readonly CoatingClass EnamelWaterborne = new()
    {
        Id = "p_enamel_wb",
        Title = "waterborne trim enamel",
        Family = CoatFamily.WaterEnamel,
        Cover = EnamelWater,
        Carrier = Carrier.Water,
        VolumeSolids = 38,
        Microns = 30,
        Spread = (12, 10, 8),
        ThinMost = 5,
        Drying = new(1, 5, 6, 14, 336),
        Voc = 60,
        Temperature = (10, 28),
        HumidityMost = 75,
        Sd = 1,
        Price = 5.5,
        Tins = [0.75, 1, 2.5],
        Life = (10, 7.5),
        RaisesNibs = true,
        Sheens = [Sheen.Eggshell, Sheen.Satin, Sheen.Gloss],
        Follows = [.. WaterTrimBase, EnamelWater],
        Source = VocRules,
    };

    /// <summary>Hybrid trim enamel: alkyd carried in water.</summary>
    public static readonly CoatingClass EnamelHybridClass = new()
    {
        Id = "p_enamel_hyb",
        Title = "hybrid trim enamel",
        Family = CoatFamily.WaterEnamel,
        Cover = EnamelHybrid,
        Carrier = Carrier.Water,
        VolumeSolids = 40,
        Microns = 32,
        Spread = (12, 10, 8),
        ThinMost = 5,
        Drying = new(2, 16, 16, 7, 336),
        Voc = 50,
        Temperature = (10, 28),
        HumidityMost = 75,
        Sd = 1.5,
        Price = 5.5,
        Tins = [0.75, 1, 2.5],
        Life = (9, 6.5),
        RaisesNibs = true,
        Sheens = [Sheen.Eggshell, Sheen.Satin, Sheen.Gloss],
        Follows = [.. WaterTrimBase, UndercoatAlkyd, EnamelHybrid],
        Source = Usual,
    };

    /// <summary>All of them.</summary>
    public static ImmutableArray<CoatingClass> All { get; } =
    [
        ContractMatt,
        DurableMatt,
        Silk,
        PlasterSealer,
        Stabiliser,
        PeelBinder,
        BondingPrimer,
        Knotting,
        ShellacPrimer,
        StainBlockAlkyd,
        StainBlockWater,
        WoodPrimerWater,
        WoodPrimerAlkyd,
        UndercoatSolvent,
        UndercoatWaterborne,
        GlossSolvent,
        EggshellSolvent,
        EnamelWaterborne,
        EnamelHybridClass,
    ];

    private static readonly FrozenDictionary<string, CoatingClass> ById = All.ToFrozenDictionary(c => c.Id);

    /// <summary>The class with this id, or null.</summary>
    public static CoatingClass? Find(string id) => ById.GetValueOrDefault(id);
}

/// <summary>Things bought that are not coatings. Prices: judgement, order of magnitude.</summary>
public static class Sundries
{
    private static readonly Source Judgement = Source.Judgement;

    /// <summary>Fine surface filler, mixed.</summary>
    public static readonly Sundry FineFiller = new("s_filler", "fine surface filler", "kg", 5, [0.5, 1, 2.5], Judgement);

    /// <summary>Acrylic caulk.</summary>
    public static readonly Sundry Caulk = new("s_caulk", "acrylic caulk, 380 ml cartridge", "L", 7, [0.38], Judgement);

    /// <summary>Detergent wash concentrate.</summary>
    public static readonly Sundry Detergent = new("s_detergent", "alkaline detergent wash, concentrate", "L", 6, [0.5, 1], Judgement);

    /// <summary>Degreaser concentrate.</summary>
    public static readonly Sundry Degreaser = new("s_degreaser", "alkaline degreaser, concentrate", "L", 8, [0.5, 1], Judgement);

    /// <summary>Methylated spirit.</summary>
    public static readonly Sundry Alcohol = new("s_alcohol", "methylated spirit", "L", 6, [0.5, 1, 4], Judgement);

    /// <summary>Biocidal wash.</summary>
    public static readonly Sundry Biocide = new("s_biocide", "biocidal wash, ready to use", "L", 5, [1, 2.5], Judgement);

    /// <summary>Abrasive sheets.</summary>
    public static readonly Sundry Abrasive = new("s_abrasive", "abrasive sheet, wet-or-dry", "piece", 0.9, [1, 10], Judgement);

    /// <summary>Protective sheeting.</summary>
    public static readonly Sundry Sheeting = new("s_sheeting", "protective sheeting", "m2", 0.6, [20, 50], Judgement);

    /// <summary>Lead zone consumables: film, tape, bags, filters, wipes.</summary>
    public static readonly Sundry LeadKit = new("s_leadkit", "lead work consumables (film, tape, bags, wipes), set", "piece", 18, [1], Judgement);

    /// <summary>Solvent gel stripper.</summary>
    public static readonly Sundry SolventGel = new("s_gel", "solvent gel stripper, non-chlorinated", "L", 14, [1, 2.5, 5], Judgement);

    /// <summary>Alkaline stripping paste.</summary>
    public static readonly Sundry AlkalinePaste = new("s_paste", "alkaline stripping paste", "kg", 7, [5, 15], Judgement);

    /// <summary>All of them.</summary>
    public static ImmutableArray<Sundry> All { get; } =
    [FineFiller, Caulk, Detergent, Degreaser, Alcohol, Biocide, Abrasive, Sheeting, LeadKit, SolventGel, AlkalinePaste];

    private static readonly FrozenDictionary<string, Sundry> ById = All.ToFrozenDictionary(s => s.Id);

    /// <summary>The sundry with this id, or null.</summary>
    public static Sundry? Find(string id) => ById.GetValueOrDefault(id);
}
