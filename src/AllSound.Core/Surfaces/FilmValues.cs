namespace AllSound.Core.Surfaces;

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
