using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Inspection;

/// <summary>
/// Something seen, or looked for and absent. Some signs bear on causes by themselves; others are defects as the trade
/// and its standards name and grade them, and speak through the signs that they show.
/// </summary>
/// <param name="Id">Stable id.</param>
/// <param name="Title">What it looks like.</param>
/// <param name="Group">Signs of one group are not independent; in a group the strongest counts in full. Empty for a defect.</param>
/// <param name="BaseRate">Share of failed surfaces that show it whatever the cause, 0 to 1; judgement. 0 for a defect.</param>
public sealed record Sign(string Id, string Title, string Group, double BaseRate)
{
    /// <summary>Where and how to look for it.</summary>
    public string Look { get; init; } = "look";

    /// <summary>Checks that show it, by id.</summary>
    public ImmutableArray<string> Checks { get; init; } = [];

    /// <summary>Id of the scale by which it is graded, or null when only its presence is recorded.</summary>
    public string? Scale { get; init; }

    /// <summary>The class from which it counts as seen; a lower class counts as looked for and absent.</summary>
    public int From { get; init; } = 1;

    /// <summary>For a defect: the signs that it shows, which bear on causes.</summary>
    public ImmutableArray<string> Shows { get; init; } = [];

    /// <summary>How it misleads, said where it is entered; null when it does not.</summary>
    public string? Misleads { get; init; }

    /// <summary>Who says so.</summary>
    public Source Source { get; init; } = Source.Judgement;

    /// <summary>A defect: named and graded, with no weight of its own.</summary>
    public bool IsDefect => Group.Length == 0;
}
