using System.Collections.Immutable;

namespace AllSound.Core.Jobs;

/// <summary>A quotation as it was sent: what was offered stays what it was, whatever is changed in the job after.</summary>
public sealed record SentQuotation
{
    /// <summary>Its number, from 1, unique in the job.</summary>
    public required int Revision { get; init; }

    /// <summary>The day it was sent, as printed on it.</summary>
    public required string Date { get; init; }

    /// <summary>Price before tax, in the job's currency.</summary>
    public required decimal Net { get; init; }

    /// <summary>Tax on it.</summary>
    public required decimal Tax { get; init; }

    /// <summary>What was offered, a line for each surface and for what they share.</summary>
    [System.ComponentModel.DataAnnotations.MaxLength(Limits.Surfaces)]
    public ImmutableArray<SentLine> Lines { get; init; } = [];
}

/// <summary>A line of a quotation that was sent.</summary>
public sealed record SentLine
{
    /// <summary>Id of the surface; "room/" and the id of the room for what its surfaces share; empty for whole tins. Unique in the quotation.</summary>
    public required string Of { get; init; }

    /// <summary>What was offered.</summary>
    public required string Work { get; init; }

    /// <summary>Its price before tax.</summary>
    public required decimal Price { get; init; }
}
