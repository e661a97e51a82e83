namespace AllSound.Core.Surfaces;

/// <summary>Lead in the paint, after presumption: unknown never reaches a condition.</summary>
public enum Lead : byte
{
    /// <summary>Proved absent in every layer down to the substrate, or the fabric is younger than any leaded paint.</summary>
    ProvedAbsent,

    /// <summary>Not tested, and age and place allow it: worked as lead.</summary>
    Presumed,

    /// <summary>Found by test.</summary>
    Confirmed,
}

/// <summary>State of the controlled area for work on lead paint.</summary>
public enum LeadZone : byte
{
    /// <summary>None set up.</summary>
    None,

    /// <summary>Sheeted, signed, with a class H vacuum and a washing point.</summary>
    SetUp,

    /// <summary>Cleaned down by vacuum, wash, vacuum, awaiting or past clearance.</summary>
    Cleaned,
}

/// <summary>Can every part be reached from a safe footing?</summary>
public enum Access : byte
{
    /// <summary>From the floor or a hop-up.</summary>
    InReach,

    /// <summary>Needs a platform that is not there yet.</summary>
    NeedsPlatform,

    /// <summary>The platform stands and was inspected.</summary>
    PlatformUp,

    /// <summary>What one would stand on is fragile, or not known to bear.</summary>
    Fragile,
}

/// <summary>Outlets and wiring in the face to be wetted or heated.</summary>
public enum Electrics : byte
{
    /// <summary>None in the face.</summary>
    Clear,

    /// <summary>Live outlets or wiring.</summary>
    Live,

    /// <summary>Isolated and proved dead by a competent person, outlets covered.</summary>
    Isolated,

    /// <summary>Condemned or damaged: nothing goes on until an electrician has been.</summary>
    Condemned,
}

/// <summary>Whether old decoration or listed fabric may be touched.</summary>
public enum Consent : byte
{
    /// <summary>None needed.</summary>
    NotNeeded,

    /// <summary>Given in writing.</summary>
    Given,

    /// <summary>Needed and not given yet, or not asked.</summary>
    Waiting,
}

/// <summary>Protection of floor and neighbours.</summary>
public enum Protection : byte
{
    /// <summary>Nothing covered yet.</summary>
    Open,

    /// <summary>Floor and adjoining surfaces covered.</summary>
    Covered,

    /// <summary>Coverings lifted, site left clean.</summary>
    Cleared,
}

/// <summary>How many coats lie on the substrate.</summary>
public enum LayerLoad : byte
{
    /// <summary>Bare.</summary>
    None,

    /// <summary>One to three.</summary>
    Few,

    /// <summary>Four to nine.</summary>
    Many,

    /// <summary>Ten or more: stripping is advised on trim.</summary>
    Heavy,
}

/// <summary>Something is there, or it is not.</summary>
public enum Presence : byte
{
    /// <summary>Not there.</summary>
    None,

    /// <summary>There.</summary>
    Present,
}

/// <summary>The edges of the old film around bare patches.</summary>
public enum Edges : byte
{
    /// <summary>No edges: film whole, or none.</summary>
    None,

    /// <summary>A firm edge was reached: a blunt scraper lifts no more.</summary>
    Firm,

    /// <summary>Keeps lifting, however far it is chased.</summary>
    Lifting,

    /// <summary>Tied down by a binding sealer.</summary>
    Bound,
}

/// <summary>What scraping will find at the edge.</summary>
public enum EdgeNature : byte
{
    /// <summary>A firm edge is reached.</summary>
    Firm,

    /// <summary>The edge keeps lifting.</summary>
    Lifting,
}

/// <summary>Substrate showing through.</summary>
public enum Bare : byte
{
    /// <summary>None shows.</summary>
    None,

    /// <summary>Shows, unsealed.</summary>
    Raw,

    /// <summary>Shows, but its own first coat is on.</summary>
    Sealed,
}

/// <summary>Powdering of the surface that must carry the coat.</summary>
public enum Powder : byte
{
    /// <summary>Firm to the hand.</summary>
    None,

    /// <summary>Rubs off and goes on rubbing off after brushing.</summary>
    Friable,

    /// <summary>Bound by a sealer that soaked in.</summary>
    Bound,
}

/// <summary>Grip that the old film offers.</summary>
public enum Key : byte
{
    /// <summary>Naturally matt and toothy.</summary>
    Toothy,

    /// <summary>Shiny: above 30 gloss units at 60 degrees.</summary>
    Shiny,

    /// <summary>Abraded to an even matt.</summary>
    Abraded,
}

/// <summary>Soil on the face.</summary>
public enum Soil : byte
{
    /// <summary>Clean.</summary>
    Clean,

    /// <summary>Hand soil and dust film.</summary>
    Light,

    /// <summary>Grease, polish, cooking film.</summary>
    Greasy,

    /// <summary>Soot in a porous face.</summary>
    Sooty,
}

/// <summary>Residue of a chemical step.</summary>
public enum Residue : byte
{
    /// <summary>None.</summary>
    None,

    /// <summary>Stripper gel or its wax.</summary>
    Stripper,

    /// <summary>Alkali from a paste.</summary>
    Alkali,

    /// <summary>Acid from a brightener or descaler.</summary>
    Acid,
}

/// <summary>Moisture of the fabric (equilibrium humidity classes of BS 6150, from memory).</summary>
public enum Moisture : byte
{
    /// <summary>Under 75 % equilibrium humidity; timber at 18 % or less.</summary>
    Dry,

    /// <summary>75 to 89 %: vapour-open paint only.</summary>
    Drying,

    /// <summary>90 to 99 %.</summary>
    Damp,

    /// <summary>100 %, liquid water.</summary>
    Wet,
}

/// <summary>Where the damp comes from and whether that was put right.</summary>
public enum DampSource : byte
{
    /// <summary>No sign of any.</summary>
    None,

    /// <summary>Found and put right. Whether the fabric has dried since is another facet.</summary>
    Cured,

    /// <summary>Open: not found, or not put right.</summary>
    Open,
}

/// <summary>Alkalinity of the surface, wetted pH paper (ASTM D4262, from memory).</summary>
public enum Alkalinity : byte
{
    /// <summary>pH 9 or less: any paint.</summary>
    Neutral,

    /// <summary>pH above 9 to 12: alkali-resisting first coat.</summary>
    Mild,

    /// <summary>pH above 12: wait.</summary>
    High,

    /// <summary>Shut off by an alkali-resisting primer.</summary>
    Isolated,
}

/// <summary>A stain that comes through ordinary paint.</summary>
public enum Bleed : byte
{
    /// <summary>None.</summary>
    None,

    /// <summary>There, and will come through.</summary>
    Live,

    /// <summary>Blocked.</summary>
    Blocked,
}

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

/// <summary>Soundness of the fabric that others must put right.</summary>
public enum Soundness : byte
{
    /// <summary>Sound.</summary>
    Sound,

    /// <summary>Failing.</summary>
    Failing,
}

/// <summary>A small count, such as topcoats laid or coats still needed to hide.</summary>
public enum Count : byte
{
    /// <summary>None.</summary>
    None,

    /// <summary>One.</summary>
    One,

    /// <summary>Two.</summary>
    Two,

    /// <summary>Three.</summary>
    Three,

    /// <summary>Four.</summary>
    Four,

    /// <summary>Five.</summary>
    Five,

    /// <summary>Six.</summary>
    Six,
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
}

/// <summary>Rust on iron and steel (ISO 4628-3, from memory).</summary>
public enum Rust : byte
{
    /// <summary>None: Ri 0.</summary>
    None,

    /// <summary>Light: Ri 1 to Ri 3, up to 1 % of the face.</summary>
    Light,

    /// <summary>Heavy: Ri 4 and Ri 5.</summary>
    Heavy,

    /// <summary>Layered scale or pack rust.</summary>
    Scale,

    /// <summary>Converted: firm, black or pale, and dry.</summary>
    Converted,
}

/// <summary>How bare metal has been prepared (ISO 8501-1, from memory).</summary>
public enum Prep : byte
{
    /// <summary>Not.</summary>
    None,

    /// <summary>By hand: loose rust and paint off.</summary>
    Hand,

    /// <summary>By power tool: as by hand, to a metallic sheen.</summary>
    Power,

    /// <summary>Blast-cleaned to near white.</summary>
    Blast,
}

/// <summary>Laps of sheets.</summary>
public enum Laps : byte
{
    /// <summary>Closed.</summary>
    Closed,

    /// <summary>Gaping, and a rivet can be got in.</summary>
    Gaping,

    /// <summary>Gaping where no rivet can be got in.</summary>
    GapingNoRivet,
}

/// <summary>Holes in sheet and seams.</summary>
public enum Holes : byte
{
    /// <summary>None.</summary>
    None,

    /// <summary>Pinholes and small holes, up to about 5 mm.</summary>
    Small,

    /// <summary>Larger: a patch has to bridge them.</summary>
    Large,
}

/// <summary>How hot the surface gets in service.</summary>
public enum Heat : byte
{
    /// <summary>60 degrees or less.</summary>
    Ambient,

    /// <summary>Over 60 to 80: hot-water pipes, dark metal in the sun.</summary>
    Warm,

    /// <summary>Over 80 to 90: radiators.</summary>
    Hot,

    /// <summary>Over 90 to 120: low-pressure steam.</summary>
    VeryHot,

    /// <summary>Over 120 to 540: flues and stoves.</summary>
    Fire,

    /// <summary>Over 540: no paint.</summary>
    BeyondPaint,
}

/// <summary>How deep the hollows to be filled are.</summary>
public enum FillDepth : byte
{
    /// <summary>3 mm at most: fine filler.</summary>
    Shallow,

    /// <summary>Deeper: filler in layers.</summary>
    Deep,
}

/// <summary>Paper on the wall.</summary>
public enum Paper : byte
{
    /// <summary>None.</summary>
    None,

    /// <summary>Paintable paper that holds.</summary>
    Sound,

    /// <summary>Vinyl-faced, or loose: has to come off.</summary>
    Failing,

    /// <summary>Off; what was beneath has not been looked at.</summary>
    Off,
}

/// <summary>Putty that holds the glass.</summary>
public enum Putty : byte
{
    /// <summary>None, or sound.</summary>
    Sound,

    /// <summary>Cracked, loose or missing.</summary>
    Failing,

    /// <summary>New and skinned.</summary>
    Skinned,
}

/// <summary>End grain and cut edges of wood that the weather reaches.</summary>
public enum EndGrain : byte
{
    /// <summary>None shows.</summary>
    None,

    /// <summary>Shows and drinks.</summary>
    Open,

    /// <summary>Sealed till it drinks no more.</summary>
    Sealed,
}

/// <summary>Inside the building or outside it.</summary>
public enum Exposure : byte
{
    /// <summary>Inside.</summary>
    Inside,

    /// <summary>Outside.</summary>
    Outside,
}
