using System.Collections.Immutable;
using System.Text.RegularExpressions;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>What was understood of one line, or of one part of a line, of somebody's own specification.</summary>
/// <param name="Line">The line or part as written.</param>
/// <param name="Step">The step as understood; null when nothing was.</param>
/// <param name="Title">Title of the operation understood.</param>
/// <param name="ProductTitle">Title of the product understood; null for none named.</param>
/// <param name="Sure">How sure, 0 to 1: the share of the line's telling words that were understood.</param>
/// <param name="Others">Ids of other operations that it may mean, likeliest first.</param>
/// <param name="NotSpecified">What the line leaves open, in words.</param>
public sealed record ReadLine(
    string Line,
    SequenceStep? Step,
    [property: Prose] string? Title,
    [property: Prose] string? ProductTitle,
    double Sure,
    [property: Prose] ImmutableArray<string> Others,
    [property: Prose] ImmutableArray<string> NotSpecified
);

/// <summary>
/// Reads plain lines as operations: "Wash down with sugar soap", "2 coats eggshell, 16 h between". Nothing is filled in
/// that the line does not say; what it leaves open is said, and what is not understood is not guessed at.
/// </summary>
public static partial class LineReader
{
    private const int MostOthers = 4;

    // A step is said in less; what is longer is prose, and parting it would take long.
    private const int LongestLine = 300;

    // A word that nothing is known of weighs as much against as one that tells a little.
    private const double Unknown = 1.5;

    // Words of an operation's other phrases and of its title bear a phrase out.
    private const double Near = 0.25;

    private static readonly ImmutableArray<Wording<Operation>> Known =
    [
        .. Operations.All.Select(o => new Wording<Operation>(o, OperationPhrases.All.GetValueOrDefault(o.Id, []), o.Title)),
    ];
    private static readonly ImmutableArray<Wording<CoatingClass>> Products =
    [
        .. Coatings.All.Select(p => new Wording<CoatingClass>(p, ProductPhrases.All.GetValueOrDefault(p.Id, []), p.Title)),
    ];

    // What makes filler flush, the usual way first.
    private static readonly Operation[] RubbingDown =
    [
        .. Operations.All.Where(o => o.Gives.Any(e => e.Facet == Facets.Fill && e is { Change: Change.Set, Value: (byte)Fill.Flush })),
    ];

    // How telling a word is: the fewer operations it stands in the more.
    private static readonly Dictionary<string, double> Telling = Known
        .SelectMany(k => k.Phrases.SelectMany(p => p).Distinct(StringComparer.Ordinal))
        .GroupBy(w => w, StringComparer.Ordinal)
        .ToDictionary(g => g.Key, g => Math.Log(1 + (Operations.All.Length / (double)g.Count())), StringComparer.Ordinal);

    /// <summary>Reads lines. One that says several things becomes several, and one that says "two coats" two.</summary>
    /// <param name="text">The lines.</param>
    /// <param name="cancel">Stops reading.</param>
    /// <returns>What was read, in order. What comes after <see cref="Limits.PastedLines"/> lines is left out, which the last entry says.</returns>
    /// <exception cref="OperationCanceledException">Reading was stopped.</exception>
    public static ImmutableArray<ReadLine> Read(string text, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(text);
        var read = ImmutableArray.CreateBuilder<ReadLine>();
        double? pending = null;
        ReadLine? finish = null;
        ReadLine? last = null;
        var lines = 0;
        foreach (var range in text.AsSpan().Split('\n'))
        {
            cancel.ThrowIfCancellationRequested();
            var line = text[range].Trim();
            if (line.Length == 0)
            {
                continue;
            }

            if (++lines > Limits.PastedLines)
            {
                read.Add(NotUnderstood("…", [$"only the first {Limits.PastedLines} lines were read: a sequence has {Limits.Items} steps at most"], []));
                break;
            }

            var plain = Numbering().Replace(line, "");
            List<(ReadLine Line, LineWaits Waits)> parts =
                plain.Length > LongestLine ? [(NotUnderstood(plain, ["too long for one line: a line for each step"], []), default)]
                : Named(plain) is { } exact ? [(exact, LineWaits.Of(plain))]
                : Parts(plain, finish, last);
            foreach (var (part, waits) in parts)
            {
                if (part.Step is null)
                {
                    read.Add(part);
                    pending = waits.After ?? pending;
                    continue;
                }

                var coats = Coats(part.Line, part.Step);
                for (var coat = 0; coat < coats; coat++)
                {
                    var waited = Waited(part, coat == 0 ? waits.Before ?? pending : waits.Between ?? waits.After, first: last is null);
                    read.Add(waited);
                    last = waited;
                    finish = Is(waited, o => o.Role == CoatRole.Finish) ? waited : finish;
                }

                pending = waits.After ?? (coats == 1 ? waits.Between : null);
            }
        }

        return read.ToImmutable();
    }

    // A wait is told from the step before; before the first there is none.
    private static ReadLine Waited(ReadLine line, double? hours, bool first) =>
        first ? line
        : hours is null ? line with { NotSpecified = line.NotSpecified.Add("wait not specified") }
        : line with { Step = line.Step! with { WaitHours = hours } };

    // An id is an id, and a title a title, whatever words are in it.
    private static ReadLine? Named(string line)
    {
        var parts = line.Split(['/', '@', ' ', ','], StringSplitOptions.RemoveEmptyEntries);
        if (parts.Length > 0 && Operations.Find(parts[0]) is { } exact)
        {
            return Understood(line, exact, parts.Skip(1).Select(Coatings.Find).FirstOrDefault(p => p is not null), 1, []);
        }

        return
            Operations.All.Where(o => line.StartsWith(o.Title, StringComparison.OrdinalIgnoreCase)).MaxBy(o => o.Title.Length) is { } titled
            && (line.Length == titled.Title.Length || line[titled.Title.Length] is ':' or '.')
            ? Understood(line, titled, Best(Products, LineWords.Of(line[titled.Title.Length..]))?.Of, 1, [])
            : null;
    }

    private static List<(ReadLine Line, LineWaits Waits)> Parts(string line, ReadLine? coat, ReadLine? before)
    {
        var read = new List<(ReadLine Line, LineWaits Waits)>();
        foreach (var part in Joined(LineParts.Of(line)))
        {
            var last = read.Count > 0 ? read[^1].Line : before;

            // Whoever washes rinses, after however long it is left on; only what strips is rinsed out in a step of its own.
            if (LineParts.OnlyRinses(part) && read.Count > 0 && !Is(read[^1].Line, o => o.Group == Treatment.Group.Strip))
            {
                read[^1] = (read[^1].Line, LineWaits.Of(part));
                continue;
            }

            var again = LineParts.Repeats(part) ? read.Select(r => r.Line).LastOrDefault(r => Is(r, o => o.Role == CoatRole.Finish)) ?? coat : null;
            var one =
                LineWaits.IsAll(part) ? NotUnderstood(part, ["counted as the wait before the next step"], [])
                : again is { Step: { } step } ? Understood(part, Operations.Find(step.Operation)!, step.Product is null ? null : Coatings.Find(step.Product), 1, [])
                : LineParts.OnlyAbrades(part) && last is not null && Is(last, Fills)
                    ? Understood(part, RubbingDown[0], null, 1, [.. RubbingDown[1..].Select(o => o.Id), .. Chief(part) is { } other ? [other.Id] : Array.Empty<string>()])
                : One(part, string.Join(' ', read.Select(r => r.Line.Line)));
            read.Add((one, LineWaits.Of(part)));
        }

        // Edges are cut in with the coat: said beside one it is no more to do.
        return read.Count > 1 ? [.. read.Where(r => !IsCutIn(r.Line.Line) || r.Line.Step is not null)] : read;
    }

    // A piece by which no operation is said goes with its neighbour; so do pieces of which one phrase says something of each:
    // "rake out cracks and fill". What follows from the one before ("allow to dry") is not parted from it.
    private static List<string> Joined(string[] pieces)
    {
        var joined = new List<string>();
        var open = true;
        foreach (var piece in pieces)
        {
            var (alone, before) = (LineWaits.IsAll(piece) ? null : Chief(piece), joined.Count == 0 ? null : Chief(joined[^1]));
            var onward = joined.Count > 0 && (LineParts.OnlyDries(piece) || (alone is null && !StandsAlone(piece)) || (alone == before && alone is not null));
            if (joined.Count > 0 && (onward || open || (!StandsAlone(joined[^1]) && !StandsAlone(piece) && !LineParts.OnlyRinses(piece) && IsOne(joined[^1], piece))))
            {
                joined[^1] += $", {piece}";
            }
            else
            {
                joined.Add(piece);
            }

            open = Chief(joined[^1]) is null && !StandsAlone(joined[^1]);
        }

        return joined;
    }

    private static bool StandsAlone(string piece) => LineParts.Repeats(piece) || LineParts.Primes(piece);

    private static Operation? Chief(string piece)
    {
        var words = LineWords.Of(piece);
        return Rank(words, piece, Best(Products, words)?.Of) is { Count: > 0 } found ? found[0].Name.Of : null;
    }

    private static bool IsOne(string first, string second)
    {
        var (x, y) = (LineWords.Of(first), LineWords.Of(second));
        string[] both = [.. x.Union(y)];
        return Chief($"{first}, {second}") is { } chief
            && Known.First(k => k.Of == chief).Phrases.Any(p => p.All(both.Contains) && y.All(p.Contains) && p.Except(x).Any() && p.Except(y).Any());
    }

    private static ReadLine One(string part, string earlier)
    {
        var words = LineWords.Of(LineWaits.Without(part));
        var named = Best(Products, words);
        var product = named?.Of;
        var found = Rank(words, part, product);
        if (found.Count == 0)
        {
            // A part may leave to what was said before what it is done to: "wire-brush rust and prime".
            found = words.Length == 0 ? [] : Rank([.. words.Concat(LineWords.Of(earlier)).Distinct(StringComparer.Ordinal)], part, product, words);
        }

        var total = Weight(words);
        if (found.Count > 0 && !(LineParts.Tests(part) && found[0].Name.Of.Group != Treatment.Group.Aftercare))
        {
            var sure = Weight(words.Where(w => found[0].Name.Words.Contains(w) || named?.Words.Contains(w) == true)) / Math.Max(1, total);
            return Understood(
                part,
                found[0].Name.Of,
                product,
                Math.Round(Math.Min(1, sure), 2),
                Ids(found.Skip(1).Where(f => f.Score > found[0].Score * 0.4).Select(f => f.Name))
            );
        }

        // What is to be done is most often said first.
        var near = Known
            .Select(k => (Name: k, Score: Weight(words.Where(k.Words.Contains)) + (words.Length > 0 && k.Words.Contains(words[0]) ? 2 * Weight([words[0]]) : 0)))
            .Where(x => x.Score > 0)
            .OrderByDescending(x => x.Score);
        return NotUnderstood(
            part,
            [
                IsCutIn(part) ? "edges are cut in with the coat: nothing more to do"
                : LineParts.Tests(part) ? "a test is no step: put down in the survey what it shows"
                : "not understood: pick the operation",
            ],
            Ids(near.ThenBy(x => x.Name.Of.Id, StringComparer.Ordinal).Select(x => x.Name))
        );
    }

    // Operations of which a phrase is said, the one that says most first. With words that must be among it.
    private static List<(Wording<Operation> Name, double Score)> Rank(string[] words, string part, CoatingClass? product, string[]? among = null)
    {
        var prepares = LineParts.Prepares(part);
        var ranked = new List<(Wording<Operation> Name, double Score)>();
        foreach (var name in Known)
        {
            var coat = name.Of.Role != CoatRole.None;
            if ((coat && prepares) || Said(name, words, among) is not (> 0 and var said))
            {
                continue;
            }

            var fits =
                product is null || !coat ? 0
                : name.Of.Products.Any(p => p.Id == product.Id) ? 3
                : -3;
            ranked.Add((name, said + fits + (Near * Weight(words.Where(name.Words.Contains)))));
        }

        return [.. ranked.OrderByDescending(r => r.Score)];
    }

    private static double Said<T>(Wording<T> name, string[] words, string[]? among = null)
    {
        var most = 0.0;
        foreach (var phrase in name.Phrases)
        {
            if (phrase.All(words.Contains) && (among is null || phrase.Any(among.Contains)))
            {
                most = Math.Max(most, Weight(phrase));
            }
        }

        return most;
    }

    // The one of which most is said; null where two are said alike, as the line leaves open which.
    private static Wording<CoatingClass>? Best(ImmutableArray<Wording<CoatingClass>> names, string[] words)
    {
        var ranked = names.Select(n => (Name: n, Said: Said(n, words))).Where(x => x.Said > 0).OrderByDescending(x => x.Said).Take(2).ToArray();
        return ranked.Length == 0 || (ranked.Length == 2 && ranked[0].Said - ranked[1].Said < 1e-9) ? null : ranked[0].Name;
    }

    private static ReadLine NotUnderstood(string part, ImmutableArray<string> why, ImmutableArray<string> others) => new(part, null, null, null, 0, others, why);

    private static ReadLine Understood(string line, Operation operation, CoatingClass? product, double sure, ImmutableArray<string> others)
    {
        var used = product is not null && operation.Products.Any(p => p.Id == product.Id) ? product : null;
        var dilution = Dilution().Match(line) is { Success: true } d ? d.Value.Trim() : null;
        var open = ImmutableArray.CreateBuilder<string>();
        if (used is null && operation.Products.Length > 1)
        {
            open.Add("product not specified");
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
                Dilution = dilution,
            },
            operation.Title,
            used?.Title,
            sure,
            others,
            open.ToImmutable()
        );
    }

    private static ImmutableArray<string> Ids(IEnumerable<Wording<Operation>> names) => [.. names.Take(MostOthers).Select(n => n.Of.Id)];

    private static bool Is(ReadLine line, Func<Operation, bool> such) => line.Step is { } step && such(Operations.Find(step.Operation)!);

    // What has to be rubbed down after: whatever leaves filler proud.
    private static bool Fills(Operation operation) => operation.Gives.Any(e => e.Facet == Facets.Fill && e is { Change: Change.Set, Value: (byte)Fill.Proud });

    private static double Weight(IEnumerable<string> words) => words.Sum(w => Telling.GetValueOrDefault(w, Unknown));

    private static bool IsCutIn(string part) => LineWords.Of(part).Contains("cutin");

    // An operation that lays two coats by itself is one when two are asked for.
    private static int Coats(string line, SequenceStep step) =>
        Operations.Find(step.Operation) is { Role: not (CoatRole.None or CoatRole.Spot), Coats: 1 } && CoatCount().Match(line) is { Success: true } m
            ? m.Groups["n"].Value.ToLowerInvariant() switch
            {
                "2" or "two" => 2,
                _ => 3,
            }
            : 1;

    // A thing with its phrases as words, and all the words by which it may be known.
    private sealed class Wording<T>(T of, string[] phrases, string title)
    {
        public T Of { get; } = of;

        public string[][] Phrases { get; } = [.. phrases.Select(LineWords.Of)];

        public HashSet<string> Words { get; } = [.. phrases.Append(title).SelectMany(LineWords.Of)];
    }

    [GeneratedRegex(@"^\s*(?:\d+[.)]|[-*•])\s*")]
    private static partial Regex Numbering();

    [GeneratedRegex(@"\b(?<n>2|3|two|three)\s+(?:[a-z]+\s+){0,2}coats?\b", RegexOptions.IgnoreCase)]
    private static partial Regex CoatCount();

    [GeneratedRegex(@"(?:\d+\s*%|\d+\s*:\s*\d+|1/3|one third)[^,;.]*", RegexOptions.IgnoreCase)]
    private static partial Regex Dilution();
}
