namespace AllSound.Core.Materials;

/// <summary>What the finish belongs to.</summary>
public enum FinishFamily : byte
{
    /// <summary>Walls and ceilings.</summary>
    WallPaint,

    /// <summary>Woodwork, and smooth work finished like it.</summary>
    TrimPaint,

    /// <summary>Outside masonry.</summary>
    Masonry,

    /// <summary>Metal.</summary>
    Metal,

    /// <summary>Radiators and hot pipes.</summary>
    Radiator,

    /// <summary>Clear or stained wood.</summary>
    Clear,

    /// <summary>Floors and steps.</summary>
    Floor,

    /// <summary>Glazed tile.</summary>
    Tile,

    /// <summary>The inside of gutters.</summary>
    Gutter,
}
