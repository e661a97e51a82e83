using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Surfaces;

/// <summary>What time does to a surface on which nothing is done.</summary>
internal static class Weathering
{
    /// <summary>Hours that bared iron and steel may stand before its first coat. Common practice (ISO 12944-7, from memory).</summary>
    public const double BareMetalHours = 4;

    /// <summary>Hours that a coat ready for the next may stand in the weather before it has to be washed again. Judgement.</summary>
    public const double ExposedHours = 24;

    /// <summary>What days in the open do to a coat that waits for the next.</summary>
    internal static readonly Effect[] Soiling = [Effect.Set(F.Soil, Soil.Light, F.Exposure.Is(Exposure.Outside), F.Cover.IsNot(Cover.None), F.Soil.Is(Soil.Clean))];

    /// <summary>What a night does to prepared bare iron and steel.</summary>
    internal static readonly Effect[] FlashRust =
    [
        Effect.Set(F.Rust, Rust.Light, F.Prep.IsNot(Prep.None), F.Bare.Is(Bare.Raw), F.Substrate.Is(Substrates.Family(SubstrateFamily.Ferrous))),
        Effect.Set(F.Prep, Prep.None, F.Bare.Is(Bare.Raw), F.Substrate.Is(Substrates.Family(SubstrateFamily.Ferrous))),
    ];
}
