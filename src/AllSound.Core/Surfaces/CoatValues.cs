namespace AllSound.Core.Surfaces;

/// <summary>Hollows, holes and static cracks.</summary>
public enum Fill : byte
{
    /// <summary>None to fill.</summary>
    None,

    /// <summary>Open.</summary>
    Open,

    /// <summary>Filled, standing proud.</summary>
    Proud,

    /// <summary>Rubbed down flush, thirsty.</summary>
    Flush,

    /// <summary>Flush and spot-primed.</summary>
    Primed,
}

/// <summary>The joint between this surface and its neighbour.</summary>
public enum Joint : byte
{
    /// <summary>None, or closed.</summary>
    None,

    /// <summary>Open.</summary>
    Open,

    /// <summary>Caulked.</summary>
    Caulked,
}

/// <summary>What a joint does.</summary>
public enum JointKind : byte
{
    /// <summary>It stays as it is.</summary>
    Still,

    /// <summary>It opens and closes.</summary>
    Moving,

    /// <summary>It gets wet in use.</summary>
    Wet,
}

/// <summary>The last coat of this job that lies over the whole face.</summary>
public enum Cover : byte
{
    /// <summary>No overall coat yet: the old film, or the bare substrate, shows.</summary>
    None,

    /// <summary>Thin acrylic sealer: mist coat, plaster sealer, stabiliser.</summary>
    Sealer,

    /// <summary>Flexible binding sealer.</summary>
    PeelBond,

    /// <summary>Waterborne bonding primer.</summary>
    BondPrimer,

    /// <summary>Acrylic wood primer-undercoat.</summary>
    WoodAcrylic,

    /// <summary>Alkyd wood primer.</summary>
    WoodAlkyd,

    /// <summary>Aluminium wood primer.</summary>
    Aluminium,

    /// <summary>Pigmented shellac.</summary>
    Shellac,

    /// <summary>Solventborne stain block.</summary>
    StainAlkyd,

    /// <summary>Waterborne stain block.</summary>
    StainWater,

    /// <summary>Alkyd undercoat.</summary>
    UndercoatAlkyd,

    /// <summary>Waterborne undercoat.</summary>
    UndercoatWater,

    /// <summary>Wall paint.</summary>
    Emulsion,

    /// <summary>Waterborne trim enamel.</summary>
    EnamelWater,

    /// <summary>Hybrid trim enamel.</summary>
    EnamelHybrid,

    /// <summary>Alkyd eggshell.</summary>
    EggshellAlkyd,

    /// <summary>Alkyd gloss.</summary>
    GlossAlkyd,

    /// <summary>Alkali-resisting primer.</summary>
    AlkaliPrimer,

    /// <summary>Acrylic masonry paint, or its thinned first coat.</summary>
    Masonry,

    /// <summary>Solventborne masonry paint.</summary>
    MasonrySolvent,

    /// <summary>Elastomeric masonry paint.</summary>
    MasonryElastic,

    /// <summary>Silicone resin paint.</summary>
    Siloxane,

    /// <summary>Dispersion silicate paint.</summary>
    Silicate,

    /// <summary>Pure two-part silicate paint.</summary>
    SilicatePure,

    /// <summary>Limewash.</summary>
    Limewash,

    /// <summary>Casein paint.</summary>
    Casein,

    /// <summary>Zinc phosphate primer, alkyd.</summary>
    MetalAlkyd,

    /// <summary>Zinc phosphate primer, waterborne.</summary>
    MetalWater,

    /// <summary>Two-part epoxy primer or mastic.</summary>
    Epoxy,

    /// <summary>Two-part zinc-rich primer.</summary>
    ZincRich,

    /// <summary>Waterborne two-part epoxy primer for tile and floor.</summary>
    EpoxyWater,

    /// <summary>Primer for zinc and aluminium.</summary>
    ZincPrimer,

    /// <summary>One-product metal coat.</summary>
    DirectToMetal,

    /// <summary>Radiator enamel.</summary>
    Radiator,

    /// <summary>Heat-resisting silicone paint.</summary>
    HeatSilicone,

    /// <summary>Two-part polyurethane finish.</summary>
    TwoPart,

    /// <summary>Varnish.</summary>
    Varnish,

    /// <summary>Woodstain.</summary>
    Woodstain,

    /// <summary>Hardwax or drying oil.</summary>
    Oil,

    /// <summary>Linseed oil paint.</summary>
    Linseed,

    /// <summary>Bitumen paint.</summary>
    Bitumen,

    /// <summary>One-part floor paint.</summary>
    Floor,

    /// <summary>Two-part polyurethane finish, waterborne.</summary>
    TwoPartWater,

    /// <summary>Shellac polish.</summary>
    Polish,

    /// <summary>Paste wax.</summary>
    Wax,
}

/// <summary>How deep the hollows to be filled are.</summary>
public enum FillDepth : byte
{
    /// <summary>3 mm at most: fine filler.</summary>
    Shallow,

    /// <summary>Over 3 to 12 mm: filler in two or three goes.</summary>
    Deep,

    /// <summary>Deeper still: deep filler or mortar in layers.</summary>
    Hole,
}
