using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Materials.Catalogue.CoatGrounds;
using static AllSound.Core.Surfaces.Cover;

namespace AllSound.Core.Materials.Catalogue;

/// <summary>Wood primers, undercoats and trim finishes. Values typical of the class; a product's own data sheet wins.</summary>
public static class TrimCoatings
{
    private static readonly Source Usual = Source.Usual;
    private static readonly Source Judgement = Source.Judgement;
    private static readonly Source En13300 = Source.Standard("EN 13300", Confidence.Usual);
    private static readonly Source Bs1336 = Source.Standard("BS 1336 (withdrawn)", Confidence.Usual);
    private static readonly Source Bs7956 = Source.Standard("BS 7956", Confidence.Judgement);
    private static readonly Source VocRules = Source.Standard("Directive 2004/42/EC", Confidence.Usual);

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
        Grounds = Wood,
        Flex = 3,
        WetEdge = 5,
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
        Grounds = Wood,
        HeatMost = 80,
        Alkali = 0,
        WetEdge = 25,
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
        HeatMost = 80,
        Alkali = 0,
        Flex = 1,
        WetEdge = 25,
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
        WetEdge = 5,
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
        Finishes = [FinishFamily.TrimPaint, FinishFamily.Metal, FinishFamily.Radiator],
        HeatMost = 90,
        Alkali = 0,
        Flex = 1,
        WetEdge = 25,
        Follows = [.. AlkydBase, GlossAlkyd],
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
        Finishes = [FinishFamily.TrimPaint, FinishFamily.Metal, FinishFamily.Radiator],
        HeatMost = 90,
        Alkali = 0,
        Flex = 1,
        WetEdge = 25,
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
        Finishes = [FinishFamily.TrimPaint, FinishFamily.Metal],
        HeatMost = 65,
        WetEdge = 5,
        Follows = [.. WaterTrimBase, EnamelWater, Cover.Epoxy],
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
        Finishes = [FinishFamily.TrimPaint, FinishFamily.Metal],
        HeatMost = 80,
        Alkali = 1,
        WetEdge = 8,
        Follows = [.. WaterTrimBase, UndercoatAlkyd, EnamelHybrid],
        Source = Usual,
    };
}
