using System.Collections.Immutable;
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
/// <param name="Job">The job: jurisdiction.</param>
/// <param name="Building">The building: its year.</param>
/// <param name="Surface">The surface as recorded.</param>
/// <param name="Appraised">Its condition, with what was presumed.</param>
/// <param name="Acts">What is to be done: of all options offered, and meanwhile.</param>
public sealed record Situation(Job Job, Building Building, Surface Surface, Appraised Appraised, ImmutableArray<Act> Acts)
{
    /// <summary>The facts, with what signs, readings, room and building add.</summary>
    public Facts Facts => Appraised.Facts;

    /// <summary>Inside a building.</summary>
    public bool Inside => Surface.Exposure == Exposure.Inside;

    /// <summary>What has to be reached, and how.</summary>
    public Access Access => Appraised.Condition.Get(Facets.Access);

    /// <summary>Off the ground.</summary>
    public bool High => Access is not Access.InReach;
}

/// <summary>Something that can hurt, with all that triggers it. One definition serves options, audit, documents and pages.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Title">What it is, in a few words.</param>
/// <param name="Duty">What it does to the work.</param>
/// <param name="Because">Why it is in force here, as a sentence; null where it is not.</param>
/// <param name="Do">What to do, as sentences.</param>
/// <param name="Refer">Who to turn to; null where it is for the painter.</param>
/// <param name="Source">Who says so.</param>
public sealed record Hazard(string Id, string Title, HazardDuty Duty, Func<Situation, string?> Because, ImmutableArray<string> Do, string? Refer, Source Source);

/// <summary>A hazard in force, and why.</summary>
/// <param name="Hazard">Which.</param>
/// <param name="Because">Why, as a sentence.</param>
public sealed record InForce(Hazard Hazard, string Because);
