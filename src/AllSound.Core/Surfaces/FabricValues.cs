namespace AllSound.Core.Surfaces;

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

/// <summary>Edges and arrises of metal.</summary>
public enum Arris : byte
{
    /// <summary>Rounded, or none that matters.</summary>
    Round,

    /// <summary>Sharp.</summary>
    Sharp,

    /// <summary>Sharp, with a stripe coat over it.</summary>
    Striped,
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

/// <summary>Putty that holds the glass.</summary>
public enum Putty : byte
{
    /// <summary>None, or sound.</summary>
    Sound,

    /// <summary>Cracked, loose or missing.</summary>
    Failing,

    /// <summary>New and skinned.</summary>
    Skinned,

    /// <summary>New and soft.</summary>
    Soft,
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
