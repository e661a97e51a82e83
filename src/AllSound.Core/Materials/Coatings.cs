using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Materials.Catalogue;

namespace AllSound.Core.Materials;

/// <summary>The generic product classes. One definition each, in the catalogue files; nothing else has to know of a new one.</summary>
public static class Coatings
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<CoatingClass> All { get; } =
    [
        WallCoatings.ContractMatt,
        WallCoatings.DurableMatt,
        WallCoatings.Silk,
        WallCoatings.PlasterSealer,
        WallCoatings.Stabiliser,
        WallCoatings.PeelBinder,
        WallCoatings.BondingPrimer,
        WallCoatings.Knotting,
        WallCoatings.ShellacPrimer,
        WallCoatings.StainBlockAlkyd,
        WallCoatings.StainBlockWater,
        TrimCoatings.WoodPrimerWater,
        TrimCoatings.WoodPrimerAlkyd,
        TrimCoatings.UndercoatSolvent,
        TrimCoatings.UndercoatWaterborne,
        TrimCoatings.GlossSolvent,
        TrimCoatings.EggshellSolvent,
        TrimCoatings.EnamelWaterborne,
        TrimCoatings.EnamelHybridClass,
        WallAndMasonryCoatings.KitchenBath,
        WallAndMasonryCoatings.AlkaliPrimerSolvent,
        WallAndMasonryCoatings.AlkaliPrimerWater,
        WallAndMasonryCoatings.StabiliserSolvent,
        WallAndMasonryCoatings.MasonryAcrylicFinish,
        WallAndMasonryCoatings.MasonrySolventFinish,
        WallAndMasonryCoatings.MasonryElasticFinish,
        WallAndMasonryCoatings.SiloxaneFinish,
        WallAndMasonryCoatings.SilicateFinish,
        WallAndMasonryCoatings.SilicatePureFinish,
        WallAndMasonryCoatings.LimewashFinish,
        WallAndMasonryCoatings.CaseinFinish,
        MetalCoatings.ZincPhosphateAlkyd,
        MetalCoatings.ZincPhosphateWater,
        MetalCoatings.EpoxyPrimer,
        MetalCoatings.ZincRichPrimer,
        MetalCoatings.EpoxyMastic,
        MetalCoatings.PolyurethaneSolventFinish,
        MetalCoatings.PolyurethaneWaterFinish,
        MetalCoatings.ZincAcrylic,
        MetalCoatings.DirectToMetalCoat,
        MetalCoatings.RadiatorEnamel,
        MetalCoatings.HeatSiliconeFinish,
        MetalCoatings.BitumenPaint,
        WoodFloorAndTileCoatings.AluminiumPrimer,
        WoodFloorAndTileCoatings.WoodstainLow,
        WoodFloorAndTileCoatings.WoodstainMid,
        WoodFloorAndTileCoatings.VarnishFinish,
        ClearCoatings.VarnishWaterborne,
        ClearCoatings.ShellacPolish,
        ClearCoatings.PasteWax,
        WoodFloorAndTileCoatings.HardwaxOil,
        WoodFloorAndTileCoatings.LinseedPaint,
        WoodFloorAndTileCoatings.EpoxyPrimerWater,
        WoodFloorAndTileCoatings.FloorOnePart,
        WoodFloorAndTileCoatings.FloorAlkyd,
        WoodFloorAndTileCoatings.FloorTwoPart,
        WoodFloorAndTileCoatings.TileTwoPart,
    ];

    private static readonly FrozenDictionary<string, CoatingClass> ById = All.ToFrozenDictionary(c => c.Id);

    /// <summary>The class with this id, or null.</summary>
    public static CoatingClass? Find(string id) => ById.GetValueOrDefault(id);
}
