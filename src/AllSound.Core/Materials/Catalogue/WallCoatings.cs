using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Materials.Catalogue.CoatGrounds;
using static AllSound.Core.Surfaces.Cover;

namespace AllSound.Core.Materials.Catalogue;

/// <summary>Wall paints, sealers, bonding and stain-blocking primers. Values typical of the class; a product's own data sheet wins.</summary>
public static class WallCoatings
{
    private static readonly Source Usual = Source.Usual;
    private static readonly Source Judgement = Source.Judgement;
    private static readonly Source En13300 = Source.Standard("EN 13300", Confidence.Usual);
    private static readonly Source Bs1336 = Source.Standard("BS 1336 (withdrawn)", Confidence.Usual);
    private static readonly Source Bs7956 = Source.Standard("BS 7956", Confidence.Judgement);
    private static readonly Source VocRules = Source.Standard("Directive 2004/42/EC", Confidence.Usual);

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
        Finishes = [FinishFamily.WallPaint],
        Grounds = Plaster,
        Flex = 1,
        Scrub = 0,
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
        Finishes = [FinishFamily.WallPaint],
        Scrub = 2,
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
        Sheens = [Sheen.Eggshell, Sheen.Satin],
        Finishes = [FinishFamily.WallPaint],
        Scrub = 2,
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
        Grounds = [Substrate.GypsumNew, Substrate.GypsumOld, Substrate.Plasterboard, Substrate.PaperLining, Substrate.LimeOld, Substrate.Hardboard],
        Flex = 1,
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
        Grounds = [.. Plaster, .. AnyMasonry],
        Flex = 1,
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
        Voc = 30,
        Temperature = (10, 30),
        HumidityMost = 75,
        Sd = 1.0,
        Price = 5,
        Tins = [1, 3.8, 5],
        Hides = false,
        Grounds = [.. Plaster, .. AnyMasonry, .. Wood],
        Flex = 3,
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
        Grounds =
        [
            Substrate.TileGlazed,
            Substrate.Laminate,
            Substrate.PvcU,
            Substrate.Aluminium,
            Substrate.GalvanisedNew,
            Substrate.GalvanisedOld,
            Substrate.Copper,
            Substrate.LeadSheet,
            Substrate.StoneDense,
            Substrate.BrickHard,
            Substrate.PaperVinyl,
        ],
        HeatMost = 80,
        WetEdge = 8,
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
        Grounds = Wood,
        Alkali = 0,
        Flex = 0,
        WetEdge = 2,
        Follows = [],
        Clear = true,
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
        Grounds = [.. Wood, .. Plaster],
        Alkali = 1,
        Flex = 0,
        WetEdge = 2,
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
        Grounds = [.. Wood, .. Plaster],
        HeatMost = 80,
        Alkali = 1,
        Flex = 1,
        WetEdge = 15,
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
        Grounds = [.. Wood, .. Plaster],
        Follows = [Sealer, WoodAcrylic, BondPrimer, StainWater],
        Source = Usual,
    };
}
