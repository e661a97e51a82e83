using System.Collections.Immutable;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>How a facet that was not recorded outright got its value.</summary>
public enum Resolved : byte
{
    /// <summary>Follows from a sign, a reading, or the age and kind of the fabric.</summary>
    Inferred,

    /// <summary>Unknown, taken as an assumption that is said at the step that relies on it.</summary>
    Assumed,

    /// <summary>Unknown, taken at the worst that age and place allow.</summary>
    Presumed,

    /// <summary>Not recorded, and brought about by a cause that is taken to be at work.</summary>
    Implied,
}

/// <summary>A facet whose value the survey did not state.</summary>
/// <param name="Facet">The facet.</param>
/// <param name="Value">The value worked by.</param>
/// <param name="How">How it was got.</param>
/// <param name="Why">Why, in a sentence.</param>
/// <param name="Check">Id of the check that would settle it, if one would.</param>
public sealed record Resolution(Facet Facet, byte Value, Resolved How, string Why, string? Check)
{
    /// <summary>Something that anyone would have seen; <see cref="Why"/> is then only its name, and such are said together.</summary>
    public bool AtAGlance => How == Resolved.Assumed && !Why.EndsWith('.');
}

/// <summary>A survey turned into a condition, with everything that had to be taken for granted.</summary>
/// <param name="Condition">The condition.</param>
/// <param name="Extents">How much of everything.</param>
/// <param name="Resolutions">What was inferred, assumed and presumed.</param>
/// <param name="Family">Family of the substrate.</param>
/// <param name="Left">What the brief leaves as found, as sentences.</param>
public sealed record Appraised(Condition Condition, Extents Extents, ImmutableArray<Resolution> Resolutions, SubstrateFamily Family, ImmutableArray<string> Left)
{
    /// <summary>What was recorded, with what signs, readings, room and building add.</summary>
    public Facts Facts { get; init; } = new();

    /// <summary>Why it fails, likeliest first; empty where nothing was seen.</summary>
    public ImmutableArray<Finding> Findings { get; init; } = [];

    /// <summary>Facets that others put right before, where this is the condition once a hold is freed.</summary>
    public ImmutableArray<Facet> Freed { get; init; } = [];

    /// <summary>The causes taken to be at work.</summary>
    public IEnumerable<Finding> AtWork => Findings.Where(f => f.Probability >= Diagnosing.AtWork);

    /// <summary>Age and place allow lead in what is there, whatever a test said of it.</summary>
    public bool AgeAllowsLead { get; init; }

    /// <summary>The year of the oldest thing in the build-up; null where any of it is of unknown age.</summary>
    public int? Year { get; init; }

    /// <summary>Something on it fails or shows: without that no cause is spoken of.</summary>
    public bool Fails { get; init; }

    /// <summary>Age and place allow asbestos in the fabric about it, whatever was recorded of the surface itself.</summary>
    public bool AgeAllowsAsbestos { get; init; }

    /// <summary>There is mould inside, nobody said how much, and the face is large enough for more than a painter takes on.</summary>
    public bool MayBeMuchMould =>
        Condition.Get(Facets.Mould) == Presence.Present
        && Condition.Get(Facets.Exposure) == Exposure.Inside
        && Facts.MouldShare is null
        && Extents.AreaM2 >= SurveyReader.MuchMouldM2;
}
