using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Practice;

/// <summary>One way of doing it among practitioners.</summary>
/// <param name="Id">Short id, unique in its question.</param>
/// <param name="Title">What it does.</param>
/// <param name="Operations">Operations that belong to it and to no other school of the question.</param>
/// <param name="Products">Products that belong to it and to no other school of the question.</param>
public sealed record School(string Id, string Title, ImmutableArray<string> Operations, ImmutableArray<string> Products)
{
    internal School(string id, string title)
        : this(id, title, [], []) { }

    internal School(string id, string title, params string[] operations)
        : this(id, title, [.. operations], []) { }
}

/// <summary>What a question of practice turns on.</summary>
public enum Turns : byte
{
    /// <summary>Which operations or products may be used: the search follows it.</summary>
    Steps,

    /// <summary>How a step is done: said at the step.</summary>
    Manner,

    /// <summary>Nothing: only one answer is sound, and the other is refused.</summary>
    Safety,
}

/// <summary>A question that practitioners answer differently, each with reasons.</summary>
public sealed record Question
{
    /// <summary>Id, S1 to S32.</summary>
    public required string Id { get; init; }

    /// <summary>What is asked.</summary>
    public required string Title { get; init; }

    /// <summary>What it turns on.</summary>
    public required Turns Turns { get; init; }

    /// <summary>The schools.</summary>
    public required ImmutableArray<School> Schools { get; init; }

    /// <summary>By what the program decides where no house rule is set, and why.</summary>
    public required string Default { get; init; }

    /// <summary>The steps at which the answer is said, by operation and element, for what turns on manner.</summary>
    public Func<Operation, Element, bool> At { get; init; } = (_, _) => false;

    /// <summary>The school with this id, or null.</summary>
    public School? Find(string id) => Schools.FirstOrDefault(s => s.Id == id);
}
