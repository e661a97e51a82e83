using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Diagnosis;

/// <summary>How a sign bears on a cause.</summary>
/// <param name="Sign">Id of the sign.</param>
/// <param name="IfCause">P(sign seen | this cause), 0 to 1.</param>
/// <param name="IfNot">P(sign seen | not this cause), 0 to 1.</param>
public sealed record Evidence(string Sign, double IfCause, double IfNot)
{
    /// <summary>Evidence whose rate without the cause is the sign's own base rate, which stands with the sign.</summary>
    public Evidence(string sign, double ifCause)
        : this(sign, ifCause, (Signs.Find(sign) ?? throw new ArgumentException($"Unknown sign {sign}.", nameof(sign))).BaseRate) { }
}

/// <summary>What a cause brings with it: what it makes of the surface where nothing that was recorded says otherwise.</summary>
/// <param name="Is">The state of the surface that it brings about, and that the work has to put right.</param>
/// <param name="Apply">The facts with it; what was recorded stands.</param>
/// <param name="Says">What it is, as a noun: "salts in the ground".</param>
public sealed record Implication(Test Is, Func<Facts, Facts> Apply, string Says);

/// <summary>Why a coating failed.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Title">What it is.</param>
/// <param name="Weights">Prior weights by substrate family, in the order of <see cref="SubstrateFamily"/>.</param>
/// <param name="Evidence">Signs that speak for or against it.</param>
/// <param name="Cure">What puts it right.</param>
/// <param name="Proof">What must be shown before painting.</param>
/// <param name="Source">Where the cure comes from; the numbers are judgements.</param>
public sealed record Cause(string Id, string Title, ImmutableArray<double> Weights, ImmutableArray<Evidence> Evidence, string Cure, string Proof, Source Source)
{
    /// <summary>What it implies of the surface. A cause at one half or above is taken to be at work, and the work puts this right.</summary>
    public ImmutableArray<Implication> Implies { get; init; } = [];

    /// <summary>What answers it where no step does, as a sentence: how the coats are laid, or what is looked at first. Empty where steps do.</summary>
    public string Manner { get; init; } = "";

    /// <summary>Prior weight for a substrate family.</summary>
    public double Weight(SubstrateFamily family) => Weights[(int)family];
}
