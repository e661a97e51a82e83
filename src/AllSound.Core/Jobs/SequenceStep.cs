using System.Collections.Immutable;

namespace AllSound.Core.Jobs;

/// <summary>One step of somebody's own sequence.</summary>
public sealed record SequenceStep
{
    /// <summary>Id of the operation.</summary>
    public required string Operation { get; init; }

    /// <summary>Id of the product, or null for "not specified".</summary>
    public string? Product { get; init; }

    /// <summary>Hours waited after the step before, or null for "not specified".</summary>
    public double? WaitHours { get; init; }

    /// <summary>Dilution as written.</summary>
    public string? Dilution { get; init; }

    /// <summary>Number of the line that it was read from, from 1; null where it was picked and not read.</summary>
    public int? Line { get; init; }

    /// <summary>The words that it was read from; null where it was picked and not read.</summary>
    public string? Words { get; init; }

    /// <summary>Operations, or an operation and a product with a slash between, that the words may mean as well. The audit takes what fits best.</summary>
    public ImmutableArray<string> Or { get; init; } = [];

    /// <summary>Ids of what the words say about how it is done and an audit looks at: a tool, a mixture, a neglect.</summary>
    public ImmutableArray<string> Manners { get; init; } = [];

    /// <summary>Done to a part of the face only: screws, patches, knots.</summary>
    public bool Part { get; init; }
}

/// <summary>What somebody's own lines say besides the steps.</summary>
public sealed record SequenceSaid
{
    /// <summary>Number of the line, from 1.</summary>
    public required int Line { get; init; }

    /// <summary>The words.</summary>
    public required string Words { get; init; }

    /// <summary>Operations that are not to be done, or were said not to be.</summary>
    public ImmutableArray<string> Never { get; init; } = [];

    /// <summary>What was found or proved, as "facet=value": "lead=provedAbsent".</summary>
    public ImmutableArray<string> Found { get; init; } = [];

    /// <summary>Ids of what the words say about how the work is done.</summary>
    public ImmutableArray<string> Manners { get; init; } = [];

    /// <summary>Coats that were not understood: an audit takes them neither as laid nor as missing.</summary>
    public bool UnreadCoats { get; init; }
}
