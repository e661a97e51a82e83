namespace AllSound.Core.Surfaces;

/// <summary>Binder class of an existing coating. Definitions, recognition and recoat rows: <see cref="ExistingCoatings"/>.</summary>
public enum Film : byte
{
    /// <summary>No old film: bare substrate.</summary>
    None,

    /// <summary>Soft (glue) distemper.</summary>
    SoftDistemper,

    /// <summary>Oil-bound, washable distemper.</summary>
    OilDistemper,

    /// <summary>Casein or clay paint.</summary>
    Casein,

    /// <summary>Limewash.</summary>
    Limewash,

    /// <summary>Silicate mineral paint.</summary>
    Silicate,

    /// <summary>Old oil or lead paint.</summary>
    OilLead,

    /// <summary>Alkyd gloss, eggshell or undercoat.</summary>
    AlkydGloss,

    /// <summary>Matt wall emulsion.</summary>
    EmulsionMatt,

    /// <summary>Silk or soft-sheen wall emulsion.</summary>
    EmulsionSilk,

    /// <summary>Acrylic masonry paint.</summary>
    MasonryAcrylic,

    /// <summary>Waterborne trim enamel.</summary>
    EnamelWater,

    /// <summary>Oil, alkyd or urethane varnish.</summary>
    Varnish,

    /// <summary>Shellac, French polish.</summary>
    Shellac,

    /// <summary>Nitrocellulose lacquer.</summary>
    Nitrocellulose,

    /// <summary>Woodstain.</summary>
    Woodstain,

    /// <summary>Wax polish.</summary>
    Wax,

    /// <summary>Drying oil or hardwax oil.</summary>
    Oil,

    /// <summary>Bitumen or tar.</summary>
    Bitumen,

    /// <summary>Textured decorative coating, unpainted.</summary>
    Texture,

    /// <summary>Intumescent fire coating.</summary>
    Intumescent,

    /// <summary>Cement paint.</summary>
    CementPaint,

    /// <summary>Silicone resin facade paint.</summary>
    Siloxane,

    /// <summary>Chlorinated rubber paint.</summary>
    ChlorinatedRubber,

    /// <summary>Two-part epoxy.</summary>
    Epoxy,

    /// <summary>Two-part polyurethane.</summary>
    Polyurethane,

    /// <summary>Powder coating.</summary>
    Powder,

    /// <summary>Coil-coated plastisol.</summary>
    Plastisol,

    /// <summary>Nicotine or soot film over paint.</summary>
    NicotineFilm,

    /// <summary>Patination oil on lead sheet.</summary>
    PatinationOil,
}
