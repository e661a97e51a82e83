using System.Collections.Immutable;
using System.Diagnostics.CodeAnalysis;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Safety;

/// <summary>What a hazard does to the work; the gravest first.</summary>
public enum HazardDuty : byte
{
    /// <summary>Work stops until it is settled.</summary>
    Stop,

    /// <summary>Only licensed or trained people may.</summary>
    Licensed,

    /// <summary>Work goes on under control: equipment, method, order.</summary>
    Control,

    /// <summary>Somebody has to be told or asked.</summary>
    Notice,
}

/// <summary>Everything that a hazard may be triggered by.</summary>
/// <param name="Surface">The surface as recorded.</param>
/// <param name="Appraised">Its condition, with what was recorded of it, what was presumed and what its age allows.</param>
/// <param name="Acts">What is to be done: of all options offered, and meanwhile.</param>
public sealed record Situation(Surface Surface, Appraised Appraised, ImmutableArray<Act> Acts)
{
    /// <summary>The facts, with what signs, readings, room and building add.</summary>
    public Facts Facts => Appraised.Facts;

    /// <summary>Inside a building.</summary>
    public bool Inside => Surface.Exposure == Exposure.Inside;

    /// <summary>What has to be reached, and how.</summary>
    public Access Access => Appraised.Condition.Get(Facets.Access);

    /// <summary>Off the ground.</summary>
    public bool High => Access is not Access.InReach;

    /// <summary>Why a facet that nobody stated was taken as it was; null where it was stated.</summary>
    public string? Why(Facet facet) => Appraised.Resolutions.FirstOrDefault(r => r.Facet == facet)?.Why;
}

/// <summary>Why a hazard is in force.</summary>
/// <param name="Because">A sentence.</param>
/// <param name="IsUnasked">True when only nobody said that it is not: then the first duty is to find out.</param>
public sealed record Trigger(string Because, bool IsUnasked)
{
    /// <summary>In force because of what is known, presumed or done; null is not in force.</summary>
    [return: NotNullIfNotNull(nameof(because))]
    public static implicit operator Trigger?(string? because) => because is null ? null : new(because, IsUnasked: false);

    /// <summary>In force because it could matter and nobody was asked.</summary>
    public static Trigger Unasked(string because) => new(because, IsUnasked: true);
}

/// <summary>Something that can hurt, with all that triggers it. One definition serves options, audit, documents and pages.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Title">What it is, in a few words.</param>
/// <param name="Duty">What it does to the work where it is known to be there.</param>
/// <param name="Because">Why it is in force here; null where it is not.</param>
/// <param name="Do">What to do, as sentences.</param>
/// <param name="Refer">Who to turn to; null where it is for the painter.</param>
/// <param name="Source">Who says so.</param>
public sealed record Hazard(string Id, string Title, HazardDuty Duty, Func<Situation, Trigger?> Because, ImmutableArray<string> Do, string? Refer, Source Source);

/// <summary>A hazard in force, what it asks here, and why.</summary>
/// <param name="Hazard">Which.</param>
/// <param name="Duty">What it does to the work here.</param>
/// <param name="Because">Why, as a sentence.</param>
public sealed record InForce(Hazard Hazard, HazardDuty Duty, string Because);
