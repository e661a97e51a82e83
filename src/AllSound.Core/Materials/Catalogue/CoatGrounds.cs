using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Cover;

namespace AllSound.Core.Materials.Catalogue;

/// <summary>What coats may lie on: groups of bare substrates and of coats of the same job that several products share.</summary>
internal static class CoatGrounds
{
    /// <summary>Plaster, board and paintable paper.</summary>
    internal static readonly ImmutableArray<Substrate> Plaster = [.. Substrates.Family(SubstrateFamily.Plaster)];

    /// <summary>Masonry of every kind.</summary>
    internal static readonly ImmutableArray<Substrate> AnyMasonry = [.. Substrates.Family(SubstrateFamily.Masonry)];

    /// <summary>Cement render, hard brick, block, concrete, fibre cement.</summary>
    internal static readonly ImmutableArray<Substrate> MasonryHard =
    [
        Substrate.RenderCement,
        Substrate.BrickHard,
        Substrate.BrickCalciumSilicate,
        Substrate.ConcreteCast,
        Substrate.BlockConcrete,
        Substrate.FibreCement,
    ];

    /// <summary>Mineral faces that silicate reacts with.</summary>
    internal static readonly ImmutableArray<Substrate> Mineral =
    [
        Substrate.LimeNew,
        Substrate.LimeOld,
        Substrate.RenderCement,
        Substrate.RenderLime,
        Substrate.BrickHard,
        Substrate.BrickSoft,
        Substrate.BrickCalciumSilicate,
        Substrate.StonePorous,
        Substrate.ConcreteCast,
        Substrate.BlockConcrete,
    ];

    /// <summary>Wood of every kind.</summary>
    internal static readonly ImmutableArray<Substrate> Wood = [.. Substrates.Family(SubstrateFamily.Wood)];

    /// <summary>Iron and steel.</summary>
    internal static readonly ImmutableArray<Substrate> Ferrous = [.. Substrates.Family(SubstrateFamily.Ferrous)];

    internal static readonly ImmutableArray<Cover> WallBase =
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
        AlkaliPrimer,
        Cover.Masonry,
        Emulsion,
    ];
    internal static readonly ImmutableArray<Cover> WaterTrimBase =
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
        MetalAlkyd,
        MetalWater,
        ZincPrimer,
        AlkaliPrimer,
    ];
    internal static readonly ImmutableArray<Cover> AlkydBase =
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
        MetalAlkyd,
        MetalWater,
        ZincPrimer,
        AlkaliPrimer,
    ];
}
