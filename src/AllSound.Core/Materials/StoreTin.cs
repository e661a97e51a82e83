namespace AllSound.Core.Materials;

/// <summary>What is left in a tin, and where it may be found again.</summary>
public sealed record StoreTin
{
    /// <summary>Stable id, unique in the job.</summary>
    public required string Id { get; init; }

    /// <summary>Id of a product class, of a product of the firm's own, or of a sundry.</summary>
    public required string Product { get; init; }

    /// <summary>How much is in it, in the product's unit, 0 to 1,000.</summary>
    public required double Amount { get; init; }

    /// <summary>What it holds when full; null where nobody said.</summary>
    public double? Container { get; init; }

    /// <summary>Colour in words; null for white or none.</summary>
    public string? Colour { get; init; }

    /// <summary>Batch, as printed on the tin.</summary>
    public string? Batch { get; init; }

    /// <summary>Where it was used, or where it stands.</summary>
    public string? Where { get; init; }

    /// <summary>The day it was opened; null while it is shut.</summary>
    public DateOnly? Opened { get; init; }

    /// <summary>Frozen, skinned through, sour or curdled: it is not used again.</summary>
    public bool Spoilt { get; init; }
}
