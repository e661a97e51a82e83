using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Something wrong at a step, before it is said with its mend.</summary>
/// <param name="At">Index of the step; -1 for what is said of the whole, the number of steps for the end.</param>
/// <param name="Need">The need not met; null for a manner.</param>
/// <param name="Manner">The manner; null for a need.</param>
/// <param name="Line">Number of the line that it was said in, where that is no step's.</param>
internal sealed record Flaw(int At, Need? Need, Manner? Manner, int? Line = null)
{
    public string Id => Need?.Id ?? Manner!.Id;

    public Severity Severity => Need?.Severity ?? Manner!.Severity;

    public string Problem => Need?.Unmet ?? Manner!.Problem;

    public string Consequence => Need?.Consequence ?? Manner!.Consequence;

    public Source Source => Need?.Source ?? Manner!.Source;

    /// <summary>The same thing wrong, wherever the steps before it have moved to.</summary>
    public bool Same(Flaw other) => Need == other.Need && Manner == other.Manner;
}

/// <summary>A need that fails only by what nobody stated.</summary>
/// <param name="At">Index of the step.</param>
/// <param name="Need">The need.</param>
/// <param name="Presumed">It would be met by work that need not be written; else by a fact that nobody recorded.</param>
internal sealed record Open(int At, Need Need, bool Presumed);

/// <summary>What came of following a sequence.</summary>
/// <param name="Flaws">What is wrong, in the order of steps.</param>
/// <param name="Open">What nobody stated.</param>
/// <param name="Taken">Work taken as done though not written, each once.</param>
/// <param name="Acts">What each step was read as.</param>
/// <param name="Before">The condition in which each step begins as if all were put right, and at the end.</param>
/// <param name="Fair">The same with what is wrong left as it is, and what need not be written or was not stated taken as met.</param>
/// <param name="Notes">Lesser needs that nothing written meets.</param>
internal sealed record Followed(
    ImmutableArray<Flaw> Flaws,
    ImmutableArray<Open> Open,
    ImmutableArray<Act> Taken,
    ImmutableArray<Act> Acts,
    ImmutableArray<Surfaces.Condition> Before,
    ImmutableArray<Surfaces.Condition> Fair,
    ImmutableArray<(int At, Need Need)> Notes
)
{
    /// <summary>Each step with the condition and the coat to come that it was read with, and what it was read as, for a sequence that begins alike.</summary>
    public ImmutableArray<(Jobs.SequenceStep Step, Surfaces.Condition From, Follower.Coming? Next, Follower.Read As)> Reads { get; init; } = [];

    /// <summary>The lead work area is cleaned down somewhere in it.</summary>
    public bool Cleans { get; init; }

    /// <summary>How bad it is altogether: what is dangerous outweighs any number of lesser things.</summary>
    public int Weight => Flaws.Sum(Weigh);

    public static int Weigh(Flaw flaw) =>
        flaw.Severity switch
        {
            Severity.Danger => 100,
            Severity.Fails => 10,
            _ => 3,
        };
}
