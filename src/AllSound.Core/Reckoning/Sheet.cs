using System.Collections.Immutable;
using System.Globalization;
using System.Runtime.CompilerServices;
using AllSound.Core.Materials;

namespace AllSound.Core.Reckoning;

/// <summary>An opening: so many of a width and a height, metres.</summary>
internal readonly record struct Opening(double Count, double Width, double Height)
{
    public double Each => Width * Height;

    public double Area => Count * Each;
}

/// <summary>What is asked and answered while a reckoner works: inputs by name, figures and lines of working.</summary>
internal sealed class Sheet(IReadOnlyDictionary<string, object> inputs)
{
    private readonly ImmutableArray<ReckonedResult>.Builder results = ImmutableArray.CreateBuilder<ReckonedResult>();
    private readonly ImmutableArray<string>.Builder working = ImmutableArray.CreateBuilder<string>();
    private readonly ImmutableArray<string>.Builder warnings = ImmutableArray.CreateBuilder<string>();

    public ImmutableArray<ReckonedResult> Results => results.ToImmutable();

    public ImmutableArray<string> Working => working.ToImmutable();

    public ImmutableArray<string> Warnings => warnings.ToImmutable();

    /// <summary>A number; NaN where it was left out and may be.</summary>
    public double this[string name] => inputs.TryGetValue(name, out var value) ? (double)value : double.NaN;

    /// <summary>True where an input was given or has a usual value.</summary>
    public bool Has(string name) => inputs.ContainsKey(name);

    public string Word(string name) => (string)inputs[name];

    public Hiding.Colour Colour(string name) => (Hiding.Colour)inputs[name];

    public IReadOnlyList<Opening> Openings(string name) => inputs.TryGetValue(name, out var value) ? (IReadOnlyList<Opening>)value : [];

    public IReadOnlyList<(double Size, decimal Price)> Tins(string name) => inputs.TryGetValue(name, out var value) ? (IReadOnlyList<(double, decimal)>)value : [];

    /// <summary>Sets a figure down, with how it was got.</summary>
    public double Put(string name, double value, string unit, Figures how)
    {
        results.Add(new(name, value, unit));
        working.Add($"{name}: {how.ToString()} = {Shown(value)}{(unit.Length > 0 && unit != "%" ? " " : "")}{unit}");
        return value;
    }

    /// <summary>Litres that are packed at most: beyond that nobody buys in tins.</summary>
    public const double MostBought = 10_000;

    /// <summary>Sets down the cheapest of the tins asked for that hold enough; the litres in them, or null where that is no sum for tins.</summary>
    public double? Buy(double need)
    {
        if (Tins("tins") is not { Count: > 0 } tins || need > MostBought)
        {
            Fail("tins", $"sizes with prices are wanted, and a need of {MostBought:0} L at most");
            return null;
        }

        var packed = TinPacking.Pack(need, [.. tins]);
        var set = string.Join(" + ", packed.Buy.Select(b => $"{b.Count} x {Shown(b.Size)}"));
        var bought = Put("bought", packed.Buy.Sum(b => b.Size * b.Count), "L", $"{set}");
        Put("cost", (double)packed.Cost, "", $"{set}");
        return bought;
    }

    public void Note(Figures line) => working.Add(line.ToString());

    /// <summary>What is wrong with an input: nothing is answered.</summary>
    public void Fail(string input, string why) => Problems.Add($"{input}: {why}");

    public List<string> Problems { get; } = [];

    public void Warn(Figures line) => warnings.Add(line.ToString());

    /// <summary>A number to be read: four figures that count at most.</summary>
    public static string Shown(double value) =>
        value == 0 ? "0"
        : Math.Abs(value) >= 1000 ? value.ToString("#,0.##", CultureInfo.InvariantCulture)
        : Math.Abs(value) >= 0.001 ? value.ToString("0.####", CultureInfo.InvariantCulture)
        : Math.Abs(value) >= 0.000001 ? value.ToString("0.#########", CultureInfo.InvariantCulture)
        : value.ToString("0.##E0", CultureInfo.InvariantCulture);

    /// <summary>Writes numbers in a line of working with as many figures as count.</summary>
    [InterpolatedStringHandler]
    public ref struct Figures(int literalLength, int formattedCount)
    {
        private DefaultInterpolatedStringHandler text = new(literalLength, formattedCount, CultureInfo.InvariantCulture);

        public void AppendLiteral(string s) => text.AppendLiteral(s);

        public void AppendFormatted(double value) => text.AppendLiteral(Shown(value));

        public void AppendFormatted(string? value) => text.AppendFormatted(value);

        public override string ToString() => text.ToStringAndClear();
    }
}
