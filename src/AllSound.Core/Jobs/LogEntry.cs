using System.Collections.Immutable;
using System.ComponentModel.DataAnnotations;

namespace AllSound.Core.Jobs;

/// <summary>What a line of the site log tells.</summary>
public enum LogKind : byte
{
    /// <summary>A step was begun.</summary>
    Started,

    /// <summary>A step was done, whole or in part: a coat with its product, batch, litres, thinning, wet film and tool.</summary>
    Done,

    /// <summary>A planned step is not done, on purpose.</summary>
    Skipped,

    /// <summary>Something was measured or checked.</summary>
    Reading,

    /// <summary>A hold point was passed, by its number or by the outcome of its check.</summary>
    HoldPassed,

    /// <summary>A hold point was not passed.</summary>
    HoldFailed,

    /// <summary>A photo was taken.</summary>
    Photo,

    /// <summary>Something was done otherwise than planned, in words.</summary>
    Deviation,

    /// <summary>Work was broken off.</summary>
    Interrupted,

    /// <summary>Work went on.</summary>
    Resumed,

    /// <summary>Weather was seen.</summary>
    Weather,

    /// <summary>Something was delivered.</summary>
    Delivery,

    /// <summary>Something was left over and put in the store.</summary>
    Leftover,

    /// <summary>A tool was put away or retired.</summary>
    Tool,

    /// <summary>Something happened that must be written down: harm, damage, near miss.</summary>
    Incident,

    /// <summary>Work was found that is not in the contract: for the follow-on list.</summary>
    FoundJob,

    /// <summary>What the client said.</summary>
    ClientWord,

    /// <summary>A finished surface was looked at again: its outcome says whether it is sound, its words what was seen, its hours what it cost to put right.</summary>
    Looked,

    /// <summary>A note.</summary>
    Note,

    /// <summary>Takes an earlier line back: it was written by mistake.</summary>
    Withdrawn,
}

/// <summary>A line of the site log. It is written once and never changed: a correction is another line that names it.</summary>
public sealed record LogEntry
{
    /// <summary>Outcome of a look that found nothing to be done.</summary>
    public const string LookedSound = "sound";

    /// <summary>Outcome of a look that found maintenance due.</summary>
    public const string LookedFailing = "failing";

    /// <summary>Id made on the device: a UUID of version 7, so that ids sort as they were made.</summary>
    public required string Id { get; init; }

    /// <summary>What it tells.</summary>
    public required LogKind Kind { get; init; }

    /// <summary>When, local time by the device's clock.</summary>
    public required DateTime At { get; init; }

    /// <summary>Who; null where nobody said.</summary>
    public string? By { get; init; }

    /// <summary>Which device; null where nobody said.</summary>
    public string? Device { get; init; }

    /// <summary>Id of the line that it corrects: that one counts no more.</summary>
    public string? Corrects { get; init; }

    /// <summary>Id of the surface; null for the whole job.</summary>
    public string? Surface { get; init; }

    /// <summary>Number of the step in the chosen specification when it was written; null where it is none of its steps.</summary>
    public int? Step { get; init; }

    /// <summary>Id of the operation that was begun, done or skipped; null elsewhere.</summary>
    public string? Operation { get; init; }

    /// <summary>Id of the product that was used, delivered or left; null where there is none.</summary>
    public string? Product { get; init; }

    /// <summary>Batch number on the tin.</summary>
    public string? Batch { get; init; }

    /// <summary>Litres used, delivered or left, 0 to 10,000.</summary>
    public double? Litres { get; init; }

    /// <summary>Thinning as it was done: "10 % water".</summary>
    public string? Dilution { get; init; }

    /// <summary>Wet film measured, micrometres, 1 to 5,000.</summary>
    public double? WetFilmUm { get; init; }

    /// <summary>With what it was laid or done.</summary>
    public string? Method { get; init; }

    /// <summary>Share of the face that was done, over 0 to 1; null: all of it.</summary>
    public double? Share { get; init; }

    /// <summary>Hours of work that it took, 0 to 1,000.</summary>
    public double? Hours { get; init; }

    /// <summary>Id of the check; null where there is none.</summary>
    public string? Check { get; init; }

    /// <summary>What was measured.</summary>
    public double? Value { get; init; }

    /// <summary>Unit of the value; null: the check's own.</summary>
    public string? Unit { get; init; }

    /// <summary>Outcome of a check that is judged, or of a look: <see cref="LookedSound"/> or <see cref="LookedFailing"/>; null elsewhere.</summary>
    public string? Outcome { get; init; }

    /// <summary>In words.</summary>
    [MaxLength(Limits.Notes)]
    public string? Text { get; init; }

    /// <summary>Ids of photos.</summary>
    public ImmutableArray<string> Photos { get; init; } = [];
}
