using System.Collections.Immutable;
using System.Text.RegularExpressions;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

/// <summary>What was understood of one line of somebody's own specification.</summary>
/// <param name="Line">The line as written.</param>
/// <param name="Step">The step as understood; null when nothing was.</param>
/// <param name="Title">Title of the operation understood.</param>
/// <param name="ProductTitle">Title of the product understood; null for none named.</param>
/// <param name="Sure">How sure, 0 to 1: the share of the line's telling words that were understood.</param>
/// <param name="Others">Ids of other operations that it may mean, likeliest first.</param>
/// <param name="NotSpecified">What the line leaves open, in words.</param>
public sealed record ReadLine(
    string Line,
    SequenceStep? Step,
    string? Title,
    string? ProductTitle,
    double Sure,
    ImmutableArray<string> Others,
    ImmutableArray<string> NotSpecified
);

/// <summary>
/// Reads plain lines as operations: "Wash down with sugar soap", "2 coats eggshell, 16 h between". Nothing is filled in
/// that the line does not say; what it leaves open is said.
/// </summary>
public static partial class LineReader
{
    private const double LeastSure = 0.3;

    private static readonly (Operation Operation, HashSet<string> Strong, HashSet<string> Weak)[] Words =
    [
        .. Operations.All.Select(o =>
            (o, Tokens(o.Title + " " + LineWords.For(o.Id)).ToHashSet(StringComparer.Ordinal), Tokens(o.Do + " " + o.Tool).ToHashSet(StringComparer.Ordinal))
        ),
    ];

    // How telling a word is: the fewer operations it stands in the more.
    private static readonly Dictionary<string, double> Telling = Words
        .SelectMany(w => w.Strong)
        .GroupBy(t => t, StringComparer.Ordinal)
        .ToDictionary(g => g.Key, g => Math.Log(1 + (Words.Length / (double)g.Count())), StringComparer.Ordinal);

    /// <summary>Reads lines; one that says "two coats" becomes two.</summary>
    public static ImmutableArray<ReadLine> Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var read = ImmutableArray.CreateBuilder<ReadLine>();
        foreach (var line in text.Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
        {
            var one = One(Numbering().Replace(line, ""));
            var times = one.Step is null ? 1 : Coats(line, one.Step);
            for (var i = 0; i < times; i++)
            {
                read.Add(one with { Line = line });
            }
        }

        return read.ToImmutable();
    }

    private static ReadLine One(string line)
    {
        // An id is an id.
        var parts = line.Split(['/', '@', ' ', ','], StringSplitOptions.RemoveEmptyEntries);
        if (parts.Length > 0 && Operations.Find(parts[0]) is { } exact)
        {
            var named = parts.Skip(1).Select(Coatings.Find).FirstOrDefault(p => p is not null);
            return Understood(line, exact, named, 1, []);
        }

        // What says how long to wait says nothing of what is done.
        var tokens = Tokens(Waiting().Replace(line, " ")).Distinct(StringComparer.Ordinal).ToArray();
        var coats = CoatCount().IsMatch(line);
        var product = Product(line);
        var total = tokens.Sum(t => Telling.GetValueOrDefault(t, 1.5));
        var ranked = Words
            .Select(w =>
            {
                var score = tokens.Sum(t =>
                    w.Strong.Contains(t) ? Telling.GetValueOrDefault(t, 1)
                    : w.Weak.Contains(t) ? 0.3
                    : 0
                );
                var fits = product is not null && w.Operation.Products.Any(p => p.Id == product.Id);
                return (
                    w.Operation,
                    Score: (score / Math.Max(1, Math.Sqrt(w.Strong.Count / 6.0)))
                        + (
                            fits ? 2.5
                            : product is not null && w.Operation.Role != CoatRole.None ? -2
                            : 0
                        ),
                    Matched: score
                );
            })
            .OrderByDescending(x => x.Score)
            .ThenBy(x => x.Operation.Id, StringComparer.Ordinal)
            .Take(4)
            .ToArray();
        var best = ranked[0];
        var sure = Math.Clamp(((best.Matched + (product is null ? 0 : 2)) / Math.Max(1, total + (product is null ? 0 : 1))), 0, 1);
        return best.Score <= 0 || sure < LeastSure
            ? new(line, null, null, null, Math.Round(sure, 2), [.. ranked.Where(r => r.Score > 0).Select(r => r.Operation.Id)], ["not understood: pick the operation"])
            : Understood(line, best.Operation, product, Math.Round(sure, 2), [.. ranked.Skip(1).Where(r => r.Score > best.Score * 0.5).Select(r => r.Operation.Id)]);
    }

    private static ReadLine Understood(string line, Operation operation, CoatingClass? product, double sure, ImmutableArray<string> others)
    {
        var used = product is not null && operation.Products.Any(p => p.Id == product.Id) ? product : null;
        var wait = Hours().Match(line) is { Success: true } h
            ? double.Parse(h.Groups["n"].Value, System.Globalization.CultureInfo.InvariantCulture) * Unit(h.Groups["unit"].Value)
            : (double?)null;
        wait ??= line.Contains("next day", StringComparison.OrdinalIgnoreCase) || line.Contains("overnight", StringComparison.OrdinalIgnoreCase) ? 16 : null;
        var dilution = Dilution().Match(line) is { Success: true } d ? d.Value.Trim() : null;
        var open = ImmutableArray.CreateBuilder<string>();
        if (used is null && operation.Products.Length > 1)
        {
            open.Add("product not specified");
        }

        if (wait is null)
        {
            open.Add("wait not specified");
        }

        if (operation.Role != CoatRole.None && dilution is null)
        {
            open.Add("dilution not specified");
        }

        return new(
            line,
            new SequenceStep
            {
                Operation = operation.Id,
                Product = used?.Id,
                WaitHours = wait,
                Dilution = dilution,
            },
            operation.Title,
            used?.Title,
            sure,
            others,
            open.ToImmutable()
        );
    }

    // A product is taken as named only when no other fits the words as well: what the line leaves open stays open.
    private static CoatingClass? Product(string line)
    {
        var tokens = Tokens(line).ToHashSet(StringComparer.Ordinal);
        var fits = Coatings
            .All.Select(p => (Product: p, Title: Tokens(p.Title + " " + LineWords.ForProduct(p.Id)).Distinct(StringComparer.Ordinal).ToArray()))
            .Select(x => (x.Product, Hit: x.Title.Count(tokens.Contains), Of: x.Title.Length))
            .Where(x =>
                x.Hit >= 2 || (x.Hit == 1 && LineWords.ForProduct(x.Product.Id).Split(' ').Any(w => LineWords.Distinctive.Contains(w) && tokens.Contains(Stem(w))))
            )
            .OrderByDescending(x => x.Hit)
            .ThenBy(x => x.Of)
            .ToArray();
        return fits.Length == 0 || (fits.Length > 1 && fits[1].Hit == fits[0].Hit && fits[1].Of == fits[0].Of) ? null : fits[0].Product;
    }

    private static int Coats(string line, SequenceStep step) =>
        Operations.Find(step.Operation)!.Role is CoatRole.None or CoatRole.Spot ? 1
        : CoatCount().Match(line) is { Success: true } m
            ? m.Groups["n"].Value.ToLowerInvariant() switch
            {
                "2" or "two" or "x2" => 2,
                "3" or "three" => 3,
                _ => 1,
            }
        : 1;

    private static double Unit(string unit) =>
        unit.ToLowerInvariant() switch
        {
            "min" or "mins" or "minutes" => 1 / 60.0,
            "day" or "days" or "d" => 24,
            _ => 1,
        };

    private static IEnumerable<string> Tokens(string text) =>
        Letters().Matches(text.ToLowerInvariant()).Select(m => Stem(LineWords.Plain(m.Value))).Where(t => t.Length > 2 && !LineWords.Idle.Contains(t));

    // Enough of a stem to tell "sanding" from "primed" and no more.
    private static string Stem(string word)
    {
        foreach (var ending in (string[])["ings", "ing", "ers", "ed", "er", "es", "s"])
        {
            if (word.Length > ending.Length + 3 && word.EndsWith(ending, StringComparison.Ordinal))
            {
                return word[..^ending.Length];
            }
        }

        return word;
    }

    [GeneratedRegex(@"^\s*(?:\d+[.)]|[-*•])\s*")]
    private static partial Regex Numbering();

    [GeneratedRegex("[a-z]+")]
    private static partial Regex Letters();

    [GeneratedRegex(@"(?<n>\d+(?:\.\d+)?)\s*(?<unit>h|hr|hrs|hours?|min|mins|minutes|days?|d)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Hours();

    [GeneratedRegex(@"\d+(?:\.\d+)?\s*(?:hours?|hrs?|h|mins?|minutes|days?)\b(?:\s+between(?:\s+coats)?)?", RegexOptions.IgnoreCase)]
    private static partial Regex Waiting();

    [GeneratedRegex(@"\b(?<n>2|3|two|three)\s+(?:full\s+|thin\s+|finish\s+|top\s*)?coats?\b", RegexOptions.IgnoreCase)]
    private static partial Regex CoatCount();

    [GeneratedRegex(@"(?:\d+\s*%|\d+\s*:\s*\d+|1/3|one third)[^,;.]*", RegexOptions.IgnoreCase)]
    private static partial Regex Dilution();
}
