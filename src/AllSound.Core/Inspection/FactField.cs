using System.Collections.Immutable;
using System.Text.Json;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Inspection;

/// <summary>How a fact is answered.</summary>
public enum FactKind : byte
{
    /// <summary>Yes or no.</summary>
    YesNo,

    /// <summary>A share of the face: recorded as a fraction, asked for in percent.</summary>
    Percent,

    /// <summary>A number in a unit.</summary>
    Number,

    /// <summary>One of a few.</summary>
    Pick,

    /// <summary>A few words.</summary>
    Words,
}

/// <summary>One answer that can be picked.</summary>
/// <param name="Value">As it stands in the job file.</param>
/// <param name="Title">In words.</param>
public sealed record FactOption(string Value, [property: Prose] string Title);

/// <summary>A fact that can be recorded of a surface, and how it is asked for.</summary>
/// <param name="Key">Its key in the job file's <c>facts</c>.</param>
/// <param name="Kind">How it is answered.</param>
/// <param name="Label">What it is, in a few words.</param>
/// <param name="Help">How to tell.</param>
/// <param name="Unit">Unit of a number.</param>
/// <param name="Least">Least that is taken.</param>
/// <param name="Most">Most that is taken.</param>
/// <param name="Step">Step of the box.</param>
/// <param name="Options">What can be picked.</param>
/// <param name="None">The value that means that there is none of it; null where "no" says nothing.</param>
public sealed record FactField(
    string Key,
    FactKind Kind,
    [property: Prose] string Label,
    [property: Prose] string Help,
    string? Unit,
    double? Least,
    double? Most,
    double? Step,
    ImmutableArray<FactOption> Options,
    string? None
)
{
    /// <summary>True when it can be said of the whole room or building: its key in their <c>surroundings</c> too.</summary>
    public bool Shared { get; } = typeof(Surroundings).GetProperties().Any(p => Name(p.Name) == Key);

    /// <summary>Grounds on which it is asked for at once; empty for all. On others it can still be recorded.</summary>
    public ImmutableArray<SubstrateFamily> Grounds { get; private init; } = [];

    /// <summary>Inside or outside, where it is asked for at once; null for both. Elsewhere it can still be recorded.</summary>
    public Exposure? Place { get; private init; }

    /// <summary>Asked for at once on these grounds alone.</summary>
    public FactField On(params ReadOnlySpan<SubstrateFamily> grounds) => this with { Grounds = [.. grounds.ToArray()] };

    /// <summary>Asked for at once inside alone, or outside alone.</summary>
    public FactField Only(Exposure place) => this with { Place = place };

    /// <summary>A fact answered by yes or no.</summary>
    public static FactField YesNo(string property, string label, string help) => new(Name(property), FactKind.YesNo, label, help, null, null, null, null, [], "false");

    /// <summary>A share of the face.</summary>
    public static FactField Percent(string property, string label, string help) => new(Name(property), FactKind.Percent, label, help, "%", 0, 100, 1, [], "0");

    /// <summary>A number.</summary>
    public static FactField Number(string property, string label, string help, string unit, double least, double most, double step, bool noneIsZero = false) =>
        new(Name(property), FactKind.Number, label, help, unit, least, most, step, [], noneIsZero ? "0" : null);

    /// <summary>One of a few values.</summary>
    public static FactField Pick<T>(string property, string label, string help, T? none, params ReadOnlySpan<(T Value, string Title)> options)
        where T : struct, Enum =>
        new(
            Name(property),
            FactKind.Pick,
            label,
            help,
            null,
            null,
            null,
            null,
            [.. options.ToArray().Select(o => new FactOption(Name(o.Value.ToString()), o.Title))],
            none is { } value ? Name(value.ToString()) : null
        );

    /// <summary>A few words.</summary>
    public static FactField Words(string property, string label, string help) => new(Name(property), FactKind.Words, label, help, null, null, null, null, [], null);

    private static string Name(string name) => JsonNamingPolicy.CamelCase.ConvertName(name);
}

/// <summary>Facts that are met together.</summary>
/// <param name="Title">What they have in common.</param>
/// <param name="Fields">The facts.</param>
public sealed record FactGroup([property: Prose] string Title, ImmutableArray<FactField> Fields);
