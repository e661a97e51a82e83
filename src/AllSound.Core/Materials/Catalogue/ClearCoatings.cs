using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Materials.Catalogue.CoatGrounds;
using static AllSound.Core.Surfaces.Cover;

namespace AllSound.Core.Materials.Catalogue;

/// <summary>Clear finishes for wood inside: waterborne varnish, shellac polish and wax. Values typical of the class; a product's own data sheet wins.</summary>
public static class ClearCoatings
{
    /// <summary>Waterborne varnish, on floors called lacquer.</summary>
    public static readonly CoatingClass VarnishWaterborne = new()
    {
        Id = "p_varnish_wb",
        Title = "waterborne varnish",
        Family = CoatFamily.WaterVarnish,
        Cover = Varnish,
        Carrier = Carrier.Water,
        VolumeSolids = 33,
        Microns = 28,
        Spread = (12, 10, 8),
        ThinMost = 5,
        Drying = new(1, 3, 4, 3, 168),
        Voc = 90,
        Temperature = (10, 28),
        HumidityMost = 75,
        Sd = 1,
        Price = 6,
        Tins = [0.75, 1, 2.5, 5],
        Life = (8, 0),
        Sheens = [Sheen.Matt, Sheen.Eggshell, Sheen.Satin, Sheen.Gloss],
        HeatMost = 60,
        Alkali = 1,
        Flex = 2,
        WetEdge = 8,
        Clear = true,
        Hides = false,
        Finishes = [FinishFamily.Clear],
        Grounds = Wood,
        Follows = [Varnish],
        Source = Source.Usual,
    };

    /// <summary>Shellac polish, laid with a pad.</summary>
    public static readonly CoatingClass ShellacPolish = new()
    {
        Id = "p_polish",
        Title = "shellac polish",
        Family = CoatFamily.Shellac,
        Cover = Polish,
        Carrier = Carrier.Alcohol,
        VolumeSolids = 22,
        Microns = 6,
        Spread = (20, 16, 12),
        ThinMost = 20,
        Drying = new(0.25, 1, 12, null, 336),
        Voc = 620,
        Temperature = (12, 28),
        HumidityMost = 65,
        Sd = 1,
        Price = 9,
        Tins = [0.5, 1],
        Life = (10, 0),
        Sheens = [Sheen.Satin, Sheen.Gloss],
        HeatMost = 45,
        Alkali = 0,
        Flex = 1,
        WetEdge = 2,
        Clear = true,
        Hides = false,
        Finishes = [FinishFamily.Clear],
        Grounds = Wood,
        Follows = [Polish],
        Source = Source.Practice,
    };

    /// <summary>Paste wax.</summary>
    public static readonly CoatingClass PasteWax = new()
    {
        Id = "p_wax",
        Title = "paste wax",
        Family = CoatFamily.Wax,
        Cover = Wax,
        Carrier = Carrier.Spirit,
        VolumeSolids = 35,
        Microns = 5,
        Spread = (30, 25, 18),
        ThinMost = 0,
        Drying = new(0.5, 12, 24, null, 72),
        Voc = 520,
        Temperature = (12, 28),
        HumidityMost = 75,
        Sd = 0.1,
        Price = 8,
        Tins = [0.5, 1],
        Life = (2, 0),
        Sheens = [Sheen.Matt, Sheen.Eggshell, Sheen.Satin],
        HeatMost = 40,
        Alkali = 0,
        Flex = 3,
        WetEdge = 20,
        Clear = true,
        Hides = false,
        Finishes = [FinishFamily.Clear],
        Grounds = Wood,
        Follows = [Wax, Polish, Oil, Varnish],
        Source = Source.Practice,
    };
}
