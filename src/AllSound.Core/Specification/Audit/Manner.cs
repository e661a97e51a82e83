using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What a manner is judged in.</summary>
/// <param name="Surface">The surface.</param>
/// <param name="Start">Its condition as surveyed.</param>
/// <param name="Now">Its condition when the words are reached.</param>
/// <param name="Facts">What was recorded.</param>
/// <param name="Act">The act of the step that it was said with; null where it was said by itself.</param>
/// <param name="Next">The coat laid next after; null for none.</param>
/// <param name="Laid">What was laid before, on the whole face or on spots, in order.</param>
internal readonly record struct MannerAt(Surface Surface, Condition Start, Condition Now, Facts Facts, Act? Act, Act? Next, ImmutableArray<CoatingClass> Laid)
{
    /// <summary>Lead is not ruled out in what is there.</summary>
    public bool Lead => Start.Get(Facets.Lead) != Core.Surfaces.Lead.ProvedAbsent;

    /// <summary>Outside.</summary>
    public bool Outside => Surface.Exposure == Exposure.Outside;

    /// <summary>Soft stone, soft brick or lime.</summary>
    public bool Soft => Start.Get(Facets.Substrate) is Substrate.BrickSoft or Substrate.StonePorous or Substrate.RenderLime or Substrate.LimeOld or Substrate.LimeNew;

    /// <summary>Kind of ground.</summary>
    public SubstrateFamily Ground => Substrates.Of(Start.Get(Facets.Substrate)).Family;
}

/// <summary>
/// A way of doing a step that does harm whatever the step is: a tool, a mixture, a neglect. What may follow what is the needs' matter;
/// this is for what the words say of how it is done. How painters say it stands with the reader.
/// </summary>
internal sealed record Manner
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>What is wrong, as a clause: "petrol is used to degrease".</summary>
    public required string Problem { get; init; }

    /// <summary>What happens, as a sentence.</summary>
    public required string Consequence { get; init; }

    /// <summary>What to do instead, as a sentence.</summary>
    public required string Mend { get; init; }

    /// <summary>How bad.</summary>
    public required Severity Severity { get; init; }

    /// <summary>Where it is wrong; everywhere unless said.</summary>
    public Func<MannerAt, bool> When { get; init; } = _ => true;

    /// <summary>The step itself is what is wrong: the mend leaves it out, or does this operation in its place.</summary>
    public bool Drops { get; init; }

    /// <summary>Operation in place of the step that is wrong; null where the step stays or goes.</summary>
    public string? Instead { get; init; }

    /// <summary>Primer that belongs under the coat that is wrong, or in its place where that is a primer itself; null for none.</summary>
    public string? Under { get; init; }

    /// <summary>True where the step is not done as written: it is left out, replaced, or gets another coat under it.</summary>
    public bool Changes => Drops || Instead is not null || Under is not null;

    /// <summary>Looked for at every coat, whatever the words: where the coat itself is the wrong one; false where only words tell.</summary>
    public bool Seen { get; init; }

    /// <summary>Ids of needs that fail by it and need not be told besides.</summary>
    public ImmutableArray<string> Covers { get; init; } = [];

    /// <summary>Ids of needs whose failing tells of the same cause, and better: where one of them fails this is not told.</summary>
    public ImmutableArray<string> Yields { get; init; } = [];

    /// <summary>Ids of manners that the same words show and that need not be told besides.</summary>
    public ImmutableArray<string> Tells { get; init; } = [];

    /// <summary>Who says so.</summary>
    public Source Source { get; init; } = Source.Practice;
}
