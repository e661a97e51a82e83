using System.Collections.Immutable;
using AllSound.Core.Wording;

namespace AllSound.Core.Reckoning;

/// <summary>What kind of thing an input is.</summary>
public enum InputKind : byte
{
    /// <summary>A number, perhaps with a unit after it.</summary>
    Number,

    /// <summary>Openings: "0.84x2.04, 2*1.2x1.05", metres unless said otherwise.</summary>
    Openings,

    /// <summary>Tins with their prices: "2.5:19, 5:31".</summary>
    Tins,

    /// <summary>One of some words.</summary>
    Choice,

    /// <summary>A colour: "#c9b79c", "62/8/31" for L*, a*, b*, or a light reflectance for a grey.</summary>
    Colour,
}

/// <summary>What a reckoner asks.</summary>
/// <param name="Name">Its name on the command line, lower-case words joined by hyphens.</param>
/// <param name="Title">What it is, for people.</param>
/// <param name="Kind">What kind of thing it is.</param>
/// <param name="Unit">Unit that a bare number is in; empty for a count, a factor or a share.</param>
/// <param name="Usual">What is taken where nothing is said, as it would be typed; null where it must be said.</param>
/// <param name="Least">Least that makes sense.</param>
/// <param name="Most">Most that makes sense.</param>
/// <param name="Choices">The words to choose from; empty for the other kinds.</param>
public sealed record ReckonerInput(
    string Name,
    [property: Prose] string Title,
    InputKind Kind,
    string Unit,
    string? Usual,
    double Least,
    double Most,
    ImmutableArray<string> Choices
);

/// <summary>One figure of an answer.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Value">The figure, not rounded.</param>
/// <param name="Unit">Its unit.</param>
public sealed record ReckonedResult([property: Prose] string Name, double Value, string Unit);

/// <summary>An answer with its working.</summary>
/// <param name="Kind">Id of the reckoner.</param>
/// <param name="Inputs">What was asked, by name, as it was understood: numbers in the unit of their input.</param>
/// <param name="Results">The figures, the one that is mostly wanted last.</param>
/// <param name="Working">How they were got, line by line, in the units of the results: no terms or units change it, or its numbers would not agree.</param>
/// <param name="Source">Where the rule comes from.</param>
/// <param name="Warnings">What to look out for.</param>
public sealed record Reckoned(
    string Kind,
    ImmutableSortedDictionary<string, string> Inputs,
    ImmutableArray<ReckonedResult> Results,
    ImmutableArray<string> Working,
    [property: Prose] string Source,
    [property: Prose] ImmutableArray<string> Warnings
);

/// <summary>An answer, or what is wrong with what was asked.</summary>
/// <param name="Answer">The answer; null where something is wrong.</param>
/// <param name="Problems">One message for each fault, with the input that it is about.</param>
public sealed record ReckonerOutcome(Reckoned? Answer, ImmutableArray<string> Problems);
