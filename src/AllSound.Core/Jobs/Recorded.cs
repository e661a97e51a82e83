using System.Collections.Immutable;
using System.ComponentModel.DataAnnotations;
using System.Text.Json.Serialization;
using AllSound.Core.Materials;

namespace AllSound.Core.Jobs;

/// <summary>A sign recorded.</summary>
public sealed record SignSeen
{
    /// <summary>Id of the sign.</summary>
    public required string Sign { get; init; }

    /// <summary>False: looked for and absent.</summary>
    public bool Present { get; init; } = true;

    /// <summary>Where, in words.</summary>
    public string? Where { get; init; }

    /// <summary>Class in the sign's scale, by name.</summary>
    public string? Grade { get; init; }

    /// <summary>Measurement in the scale's unit, 0 or more; the program grades it.</summary>
    public double? Measure { get; init; }

    /// <summary>Share of the face that shows it, 0 to 1; null where it was not judged.</summary>
    public double? Share { get; init; }

    /// <summary>Size class, where the standard wants one beside the grade, such as S4.</summary>
    public string? Size { get; init; }

    /// <summary>When it was first seen, in words or a date.</summary>
    public string? Since { get; init; }
}

/// <summary>A check made: a value read, or an outcome judged.</summary>
public sealed record Reading
{
    /// <summary>Id of the check.</summary>
    public required string Check { get; init; }

    /// <summary>Value read, in <see cref="Unit"/>; null for a check that is judged.</summary>
    public double? Value { get; init; }

    /// <summary>Id of the outcome, for a check that is judged; null when a value was read.</summary>
    public string? Outcome { get; init; }

    /// <summary>Layers of the build-up that it speaks of, in words; what it does not reach it says nothing of.</summary>
    public string? Layer { get; init; }

    /// <summary>Who made it.</summary>
    public string? By { get; init; }

    /// <summary>Unit as read; must be one the check knows, or null for its own.</summary>
    public string? Unit { get; init; }

    /// <summary>Where on the surface.</summary>
    public string? Where { get; init; }

    /// <summary>When, local date and time.</summary>
    public DateTime? At { get; init; }

    /// <summary>Instrument, by name or number.</summary>
    public string? Instrument { get; init; }
}

/// <summary>How a finish must wear.</summary>
public enum Wear : byte
{
    /// <summary>Seldom touched.</summary>
    Light,

    /// <summary>As is usual.</summary>
    Usual,

    /// <summary>Hands, wiping, water.</summary>
    Hard,
}

/// <summary>From how near a finish is looked at.</summary>
public enum Viewing : byte
{
    /// <summary>From across a room or street, 3 m and more.</summary>
    Far,

    /// <summary>At 1.5 to 2 m, as is usual.</summary>
    Usual,

    /// <summary>At arm's length.</summary>
    Near,
}

/// <summary>A trial patch of a way of stripping, on the real element.</summary>
public sealed record TrialPatch
{
    /// <summary>Id of the surface it was made on.</summary>
    public required string Surface { get; init; }

    /// <summary>Id of the operation tried.</summary>
    public required string Method { get; init; }

    /// <summary>Dwell, minutes; null for none.</summary>
    public double? DwellMinutes { get; init; }

    /// <summary>Share of the film that came off, 0 to 1.</summary>
    public required double Cleared { get; init; }

    /// <summary>Minutes of work for the patch.</summary>
    public required double Minutes { get; init; }

    /// <summary>Size of the patch, square metres, above 0 to 4.</summary>
    public double AreaM2 { get; init; } = 0.25;

    /// <summary>The ground was harmed: scorched, furred, stained, gouged.</summary>
    public bool Harmed { get; init; }

    /// <summary>What was seen.</summary>
    [MaxLength(Limits.Notes)]
    public string? Notes { get; init; }
}

/// <summary>What is wanted.</summary>
public sealed record Brief
{
    /// <summary>What the finish belongs to; by default what suits the element.</summary>
    public FinishFamily? Finish { get; init; }

    /// <summary>Sheen; null for any.</summary>
    public Sheen? Sheen { get; init; }

    /// <summary>Colour in words.</summary>
    public string? Colour { get; init; }

    /// <summary>Luminous reflectance of the colour wanted, 0 to 100; when not given by the colour's words, and else 80.</summary>
    public double? Lrv { get; init; }

    /// <summary>Reflectance as given, or by the words for the colour; null where neither says.</summary>
    [JsonIgnore]
    public double? Reflectance => Lrv ?? ColourWords.Lrv(Colour);

    /// <summary>Least number of finish coats, 1 to 5; by default two, or what hiding asks.</summary>
    public int? Coats { get; init; }

    /// <summary>Only waterborne products of low odour, save spots of stain block and knotting.</summary>
    public bool LowOdour { get; init; }

    /// <summary>Wall and masonry paint is to be sprayed where that can be done, instead of rolled.</summary>
    public bool Sprayed { get; init; }

    /// <summary>Most volatile organic compounds of any overall coat, grams per litre; null for no limit.</summary>
    public int? VocMost { get; init; }

    /// <summary>House rules overridden for this surface: question to school.</summary>
    public ImmutableDictionary<string, string> HouseRules { get; init; } = ImmutableDictionary<string, string>.Empty;

    /// <summary>
    /// Left as found on purpose: any of step, lumps, fill, joint, putty, fixings, edges. They are no fault then, and said
    /// among what is left undone.
    /// </summary>
    public ImmutableArray<string> LeaveAsFound { get; init; } = [];

    /// <summary>A smooth face: a textured coating is taken off or skimmed over, and not painted as it is.</summary>
    public bool Smooth { get; init; }

    /// <summary>The old film is kept whatever it costs: an old glaze, graining, a worn look.</summary>
    public bool KeepOldFilm { get; init; }

    /// <summary>The old film is to come off to the bare ground, whatever could stay.</summary>
    public bool Strip { get; init; }

    /// <summary>It is only to be cleaned, and not painted; with <see cref="Strip"/>, stripped and left bare.</summary>
    public bool OnlyClean { get; init; }

    /// <summary>Light rakes across it: low sun, a window in line, a lamp on the wall.</summary>
    public bool Grazing { get; init; }

    /// <summary>Hours a day in which it may be worked on, 0.5 to 24; 8 where nothing is said.</summary>
    public double? HoursPerDay { get; init; }

    /// <summary>How it must wear and wash; null for as is usual.</summary>
    public Wear? Wear { get; init; }

    /// <summary>From how near it is looked at.</summary>
    public Viewing? Viewing { get; init; }

    /// <summary>Most that it may cost, in the job's currency.</summary>
    public decimal? Budget { get; init; }

    /// <summary>Days until it must be done.</summary>
    public double? DeadlineDays { get; init; }

    /// <summary>What replacing the piece would cost, fitted and painted, to compare with painting it.</summary>
    public decimal? ReplaceCost { get; init; }

    /// <summary>Years that the replaced piece would last to its first maintenance.</summary>
    public double? ReplaceLifeYears { get; init; }

    /// <summary>Operations or products not wanted, by id.</summary>
    public ImmutableArray<string> Avoid { get; init; } = [];
}
