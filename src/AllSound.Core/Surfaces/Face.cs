namespace AllSound.Core.Surfaces;

/// <summary>What kind of face it is to work on, as far as that sets the pace.</summary>
public enum Face : byte
{
    /// <summary>A plain wall or another large flat face.</summary>
    Flat,

    /// <summary>Overhead.</summary>
    Overhead,

    /// <summary>Flat joinery: flush doors, boarding, frames, sills.</summary>
    Joinery,

    /// <summary>Moulded or panelled.</summary>
    Moulded,

    /// <summary>Carved, or so finely moulded that scrapers do not reach in.</summary>
    Carved,

    /// <summary>Glazing bars and the frame round glass.</summary>
    Glazed,

    /// <summary>Railings and other work that one sees through.</summary>
    Openwork,

    /// <summary>Radiators.</summary>
    Radiator,

    /// <summary>Brick, block and fine texture.</summary>
    Textured,

    /// <summary>Roughcast and pebbledash.</summary>
    Rough,
}
