using System.Collections.Frozen;
using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using AllSound.Core.Wording;

namespace AllSound.Core.Reckoning;

/// <summary>One sum of the trade by itself, without a job: what it asks, and how it is reckoned.</summary>
public sealed partial class Reckoner
{
    private readonly Action<Sheet> reckon;

    internal Reckoner(string id, string title, ImmutableArray<ReckonerInput> inputs, string source, Action<Sheet> reckon)
    {
        (Id, Title, Inputs, Source, this.reckon) = (id, title, inputs, source, reckon);
    }

    internal Reckoner(string id, string title, ImmutableArray<ReckonerInput> inputs, string source, Func<Sheet, double> reckon)
        : this(
            id,
            title,
            inputs,
            source,
            s =>
            {
                reckon(s);
            }
        ) { }

    /// <summary>Its id, lower-case words joined by hyphens.</summary>
    public string Id { get; }

    /// <summary>What it reckons.</summary>
    [Prose]
    public string Title { get; }

    /// <summary>What it asks.</summary>
    public ImmutableArray<ReckonerInput> Inputs { get; }

    /// <summary>Where its rule comes from.</summary>
    [Prose]
    public string Source { get; }

    /// <summary>Reckons.</summary>
    /// <param name="asked">What is known, by name of the input, as typed.</param>
    /// <returns>The answer with its working, or what is wrong with what was asked.</returns>
    public ReckonerOutcome Of(IReadOnlyDictionary<string, string> asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        var problems = new List<string>();
        foreach (var name in asked.Keys.Where(k => Inputs.All(i => i.Name != k)))
        {
            problems.Add($"{name}: {Id} asks nothing of that name; it asks {string.Join(", ", Inputs.Select(i => i.Name))}");
        }

        var values = new Dictionary<string, object>(StringComparer.Ordinal);
        var said = ImmutableSortedDictionary.CreateBuilder<string, string>(StringComparer.Ordinal);
        foreach (var input in Inputs)
        {
            var text = asked.TryGetValue(input.Name, out var given) && given.Trim().Length > 0 ? given.Trim() : input.Usual;
            if (text is null)
            {
                problems.Add($"{input.Name}: is wanted ({input.Title}{(input.Unit.Length > 0 ? $", {input.Unit}" : "")})");
            }
            else if (text.Length > 0)
            {
                if (Read(input, text, problems) is { } value)
                {
                    values[input.Name] = value;
                    // As it was understood: in the unit that the input is reckoned in.
                    said[input.Name] = value is double number ? number.ToString("R", CultureInfo.InvariantCulture) : text;
                }
            }
        }

        if (problems.Count > 0)
        {
            return new(null, [.. problems]);
        }

        var sheet = new Sheet(values);
        reckon(sheet);
        problems.AddRange(sheet.Problems);
        if (problems.Count == 0 && sheet.Results.FirstOrDefault(r => !double.IsFinite(r.Value)) is { } endless)
        {
            problems.Add($"{endless.Name}: comes to no number with what was asked");
        }

        return problems.Count > 0 ? new(null, [.. problems]) : new(new(Id, said.ToImmutable(), sheet.Results, sheet.Working, Source, sheet.Warnings), []);
    }

    private static object? Read(ReckonerInput input, string text, List<string> problems)
    {
        switch (input.Kind)
        {
            case InputKind.Choice:
                if (input.Choices.Contains(text))
                {
                    return text;
                }

                problems.Add($"{input.Name}: expected one of {string.Join(", ", input.Choices)}, found '{text}'");
                return null;
            case InputKind.Colour:
                if (Hiding.Colour.Read(text) is { } colour)
                {
                    return colour;
                }

                problems.Add($"{input.Name}: '{text}' is no colour; expected {input.Title}");
                return null;
            case InputKind.Openings:
                return Several(input, text, problems, Opening);
            case InputKind.Tins:
                return Several(input, text, problems, Tin);
            default:
                if (Quantity.Read(text, input.Unit) is not { } number)
                {
                    problems.Add($"{input.Name}: expected a number{(input.Unit.Length > 0 ? $" in {input.Unit}" : "")}, found '{text}'");
                    return null;
                }

                if (number >= input.Least && number <= input.Most)
                {
                    return number;
                }

                problems.Add(
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"{input.Name}: expected {input.Least} to {input.Most}{(input.Unit.Length > 0 ? " " + input.Unit : "")}, found {number}"
                    )
                );
                return null;
        }
    }

    private static List<T>? Several<T>(ReckonerInput input, string text, List<string> problems, Func<string, T?> one)
        where T : struct
    {
        var all = new List<T>();
        foreach (var part in text.Split([',', ';'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
        {
            if (one(part) is not { } value)
            {
                problems.Add($"{input.Name}: '{part}' is not understood; expected {input.Title}");
                return null;
            }

            all.Add(value);
        }

        return all;
    }

    [GeneratedRegex(@"^(?:(?<count>\d+)\s*\*\s*)?(?<width>[^x×*]+?)\s*[x×]\s*(?<height>[^x×*]+)$")]
    private static partial Regex OpeningForm();

    private static Opening? Opening(string text) =>
        OpeningForm().Match(text) is { Success: true } found
        && Quantity.Read(found.Groups["width"].Value, "m") is > 0 and var width
        && Quantity.Read(found.Groups["height"].Value, "m") is > 0 and var height
            ? new(found.Groups["count"].Success ? int.Parse(found.Groups["count"].Value, CultureInfo.InvariantCulture) : 1, width, height)
            : null;

    private static (double Size, decimal Price)? Tin(string text) =>
        text.Split(':') is [var size, var price]
        && Quantity.Read(size, "L") is >= 0.01 and <= 1000 and var litres
        && decimal.TryParse(price, NumberStyles.Number, CultureInfo.InvariantCulture, out var money)
        && money >= 0
            ? (litres, money)
            : null;
}

/// <summary>Reckoners of a kind.</summary>
/// <param name="Title">What they have in common.</param>
/// <param name="Reckoners">They, in the order in which they are listed.</param>
public sealed record ReckonerGroup(string Title, ImmutableArray<Reckoner> Reckoners);

/// <summary>The reckoners.</summary>
public static class Reckoners
{
    /// <summary>All of them by kind.</summary>
    public static ImmutableArray<ReckonerGroup> Groups { get; } =
    [
        new("Areas", Areas.All),
        new("Paint", PaintSums.All),
        new("Hiding and colour", HidingSums.All),
        new("Materials", MaterialSums.All),
        new("Time and money", MoneySums.All),
        new("Air, light and site", SiteSums.All),
    ];

    /// <summary>All of them, in the order in which they are listed.</summary>
    public static ImmutableArray<Reckoner> All { get; } = [.. Groups.SelectMany(g => g.Reckoners)];

    private static readonly FrozenDictionary<string, Reckoner> ById = All.ToFrozenDictionary(r => r.Id, StringComparer.Ordinal);

    /// <summary>The one with an id; null where there is none.</summary>
    public static Reckoner? Find(string id) => ById.GetValueOrDefault(id);
}
