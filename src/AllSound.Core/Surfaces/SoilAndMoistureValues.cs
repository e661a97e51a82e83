namespace AllSound.Core.Surfaces;

/// <summary>Soil on the face.</summary>
public enum Soil : byte
{
    /// <summary>Clean.</summary>
    Clean,

    /// <summary>Hand soil and dust film.</summary>
    Light,

    /// <summary>Grease, polish, cooking film.</summary>
    Greasy,

    /// <summary>Nicotine and smoke tar, which only an alkaline wash lifts.</summary>
    Tarry,

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

    /// <summary>Bleach, ammonia or a cleaner that nobody knows.</summary>
    Cleaner,

    /// <summary>Two of them, which give off gas together.</summary>
    Mixed,

    /// <summary>Wallpaper paste or starch.</summary>
    Paste,
}

/// <summary>What somebody put on the face and has not rinsed off.</summary>
public enum OnFace : byte
{
    /// <summary>Nothing.</summary>
    None,

    /// <summary>Chlorine bleach.</summary>
    Bleach,

    /// <summary>An acid: descaler, brick or rust cleaner.</summary>
    Acid,

    /// <summary>An alkali: caustic, strong degreaser, alkaline paste.</summary>
    Alkali,

    /// <summary>Ammonia, or a cleaner that holds it.</summary>
    Ammonia,

    /// <summary>Paint stripper.</summary>
    Stripper,

    /// <summary>Something, and nobody knows what.</summary>
    Unknown,

    /// <summary>Two of them, one on the other.</summary>
    Mixed,

    /// <summary>Wallpaper paste, size or starch.</summary>
    Paste,
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

/// <summary>How cold or hot the air and the face are while a coat is laid. The cold steps are the least temperatures on products' labels.</summary>
public enum Chill : byte
{
    /// <summary>10 °C or more and 3 K above the dew point, or nobody has measured.</summary>
    None,

    /// <summary>8 °C to under 10 °C.</summary>
    Cool,

    /// <summary>5 °C to under 8 °C.</summary>
    Cold,

    /// <summary>Under 5 °C, or within 3 K of the dew point: nothing is laid.</summary>
    TooCold,

    /// <summary>Face over 40 °C or air over 35 °C: a coat skins, blisters and shows every lap. 35 °C is the most on labels; the face in the sun is warmer than the air (common practice, from memory).</summary>
    TooHot,
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

    /// <summary>There, and faint: a waterborne block holds it too.</summary>
    Faint,
}
