namespace AllSound.Core.Surfaces;

/// <summary>An element of a building. It carries the geometry and the order of painting.</summary>
public enum Element : byte
{
    /// <summary>Wall.</summary>
    Wall,

    /// <summary>Ceiling.</summary>
    Ceiling,

    /// <summary>Cornice.</summary>
    Cornice,

    /// <summary>Skirting.</summary>
    Skirting,

    /// <summary>Architrave.</summary>
    Architrave,

    /// <summary>Door.</summary>
    Door,

    /// <summary>Window.</summary>
    Window,

    /// <summary>Frame.</summary>
    Frame,

    /// <summary>Sill.</summary>
    Sill,

    /// <summary>Boarding.</summary>
    Boarding,

    /// <summary>Panelling.</summary>
    Panelling,

    /// <summary>Chimney breast.</summary>
    ChimneyBreast,

    /// <summary>Fire surround.</summary>
    Surround,

    /// <summary>Step.</summary>
    Step,

    /// <summary>Pipe.</summary>
    Pipe,

    /// <summary>Radiator.</summary>
    Radiator,

    /// <summary>Column.</summary>
    Column,

    /// <summary>Railing.</summary>
    Railing,

    /// <summary>Gutter and downpipe.</summary>
    Gutter,

    /// <summary>Roof sheet.</summary>
    RoofSheet,

    /// <summary>Cladding.</summary>
    Cladding,

    /// <summary>Tile.</summary>
    Tile,

    /// <summary>Floor.</summary>
    Floor,
}
