using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Treatment;

/// <summary>How bad it is when a need is not met.</summary>
public enum Severity : byte
{
    /// <summary>Worth saying; the work may still be sound.</summary>
    Note,

    /// <summary>Poor practice: shows, or shortens the life.</summary>
    Poor,

    /// <summary>The work will fail.</summary>
    Fails,

    /// <summary>Someone can be hurt. No sequence that the program proposes or passes breaks such a need.</summary>
    Danger,
}

/// <summary>
/// Something that must be true of the condition before a step, or at the end of the work. It holds when any one of its
/// tests holds. A rule of the trade stands here once; operations, goals, audit and explanation all refer to it.
/// </summary>
public sealed class Need
{
    internal Need(int index, string id, string title, string consequence, Severity severity, Source source, Test[] any)
    {
        Index = index;
        Id = id;
        Title = title;
        Consequence = consequence;
        Severity = severity;
        Source = source;
        Any = [.. any];
    }

    private string? unmet;

    /// <summary>Place in a <see cref="NeedSet"/>.</summary>
    public int Index { get; }

    /// <summary>Stable id.</summary>
    public string Id { get; }

    /// <summary>What must be true, as a clause: "the loose film is off".</summary>
    public string Title { get; }

    /// <summary>What is wrong while it does not hold, as a clause: "loose film is still on".</summary>
    public string Unmet => unmet ??= Negation.Of(Title);

    /// <summary>The same as a sentence of its own.</summary>
    public string Problem => $"{char.ToUpperInvariant(Unmet[0])}{Unmet[1..]}.";

    /// <summary>What happens otherwise, as a sentence.</summary>
    public string Consequence { get; }

    /// <summary>How bad that is.</summary>
    public Severity Severity { get; }

    /// <summary>Who says so.</summary>
    public Source Source { get; }

    /// <summary>
    /// What work may bring about while this holds things up, so that it can be settled at all: as old paper that comes off
    /// before anyone can look at the wall. Null when there is nothing to do meanwhile.
    /// </summary>
    public Need? Opening { get; init; }

    /// <summary>The need holds when any of these does. Empty for a drying clock.</summary>
    public ImmutableArray<Test> Any { get; }

    /// <summary>The clock that must have run out, for the needs that are about drying.</summary>
    public Drying? Clock { get; init; }

    /// <summary>Not for a painter to meet: it waits for somebody else, or for knowledge.</summary>
    public bool Hold { get; init; }

    /// <summary>What would free it, when no operation gives it.</summary>
    public ImmutableArray<string> Frees { get; init; } = [];

    /// <summary>What may and should be done while it holds the work up, besides what has operations of its own: sentences.</summary>
    public ImmutableArray<string> Meanwhile { get; private set; } = [];

    /// <summary>How things stand once it is freed, as a clause: "the damp source is repaired and the fabric dry"; null where no painting follows.</summary>
    public string? WhenFreed { get; private set; }

    private Func<Condition, Condition>? freeing;

    /// <summary>The condition once it is freed: what was put right, and what that leaves to do.</summary>
    /// <param name="condition">The condition that it holds up.</param>
    public Condition Free(in Condition condition) => freeing?.Invoke(condition) ?? condition;

    /// <summary>Does it hold?</summary>
    public bool Holds(in Condition condition)
    {
        if (Clock is { } clock)
        {
            return condition.MinutesLeft(clock) == 0;
        }

        foreach (var test in Any)
        {
            if (test.Holds(condition))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Says what is wrong while it does not hold, where its title with "not" would read badly.</summary>
    internal Need Otherwise(string clause)
    {
        unmet = clause;
        return this;
    }

    /// <summary>Says how things stand once it is freed, and what to do meanwhile.</summary>
    internal Need Freed(string when, Func<Condition, Condition> free, params ImmutableArray<string> meanwhile)
    {
        (WhenFreed, freeing, Meanwhile) = (when, free, meanwhile);
        return this;
    }

    /// <summary>Says what to do meanwhile where no painting follows.</summary>
    internal Need While(params ImmutableArray<string> meanwhile)
    {
        Meanwhile = meanwhile;
        return this;
    }

    /// <inheritdoc/>
    public override string ToString() => Id;
}
