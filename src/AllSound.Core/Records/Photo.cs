using System.ComponentModel.DataAnnotations;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;

namespace AllSound.Core.Records;

/// <summary>When in the work a photo was taken.</summary>
public enum PhotoStage : byte
{
    /// <summary>Before work began.</summary>
    Before,

    /// <summary>While work went on.</summary>
    During,

    /// <summary>After the last coat.</summary>
    After,
}

/// <summary>What is known of a photo; the picture itself is kept beside it. A photo hangs on the surface that is its record's parent.</summary>
public sealed record Photo
{
    /// <summary>When in the work.</summary>
    public required PhotoStage Stage { get; init; }

    /// <summary>Taken while the surface was wet.</summary>
    public bool Wet { get; init; }

    /// <summary>What it shows.</summary>
    [MaxLength(Limits.Caption)]
    public string Caption { get; init; } = "";

    /// <summary>Id of the photo taken from the same place at another stage, or null.</summary>
    public string? PairOf { get; init; }

    /// <summary>When it was taken, local date and time: by the camera's own record, else when it was added.</summary>
    public required DateTime Taken { get; init; }

    /// <summary>True when <see cref="Taken"/> is the camera's own record.</summary>
    public bool TakenByCamera { get; init; }

    /// <summary>How the camera was held: EXIF orientation of the original, 1 (upright) to 8.</summary>
    [Range(1, 8)]
    public int Orientation { get; init; } = 1;

    /// <summary>Media type of the original, such as image/jpeg.</summary>
    public string Type { get; init; } = "image/jpeg";

    /// <summary>Width as shown, upright, pixels.</summary>
    public required int Width { get; init; }

    /// <summary>Height as shown, upright, pixels.</summary>
    public required int Height { get; init; }
}
