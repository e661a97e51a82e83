using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>What was understood of one line, or of one part of a line, of somebody's own specification.</summary>
/// <param name="Line">The line or part as written.</param>
/// <param name="Step">The step as understood; null when nothing was.</param>
/// <param name="Title">Title of the operation understood.</param>
/// <param name="ProductTitle">Title of the product understood; null for none named.</param>
/// <param name="Sure">How sure, 0 to 1: the share of the line's telling words that were understood.</param>
/// <param name="Others">Ids of other operations that it may mean, likeliest first.</param>
/// <param name="NotSpecified">What the line leaves open, in words.</param>
public sealed record ReadLine(
    string Line,
    SequenceStep? Step,
    [property: Prose] string? Title,
    [property: Prose] string? ProductTitle,
    double Sure,
    [property: Prose] ImmutableArray<string> Others,
    [property: Prose] ImmutableArray<string> NotSpecified
)
{
    /// <summary>Number of the line, from 1.</summary>
    public int Number { get; init; }

    /// <summary>What it says besides a step; null where it says nothing that an audit looks at.</summary>
    public SequenceSaid? Said { get; init; }
}
