using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

// Which operation or product words speak of, by the phrases of each.
public static partial class LineReader
{
    private static readonly ImmutableArray<Wording<Operation>> Known =
    [
        .. Operations.All.Select(o => new Wording<Operation>(o, OperationPhrases.All.GetValueOrDefault(o.Id, []), o.Title)),
    ];

    private static readonly ImmutableArray<Wording<CoatingClass>> Products =
    [
        .. Coatings.All.Select(p => new Wording<CoatingClass>(p, ProductPhrases.All.GetValueOrDefault(p.Id, []), p.Title)),
    ];

    // A word that nothing is known of weighs as much against as one that tells a little.
    private const double Unknown = 1.5;

    // Words of an operation's other phrases and of its title bear a phrase out.
    private const double Near = 0.25;

    // How telling a word is: the fewer operations it stands in the more.
    private static readonly Dictionary<string, double> Telling = Known
        .SelectMany(k => k.Phrases.SelectMany(p => p).Distinct(StringComparer.Ordinal))
        .GroupBy(w => w, StringComparer.Ordinal)
        .ToDictionary(g => g.Key, g => Math.Log(1 + (Operations.All.Length / (double)g.Count())), StringComparer.Ordinal);

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

    private static double Weight(IEnumerable<string> words) => words.Sum(w => Telling.GetValueOrDefault(w, Unknown));

    // A thing with its phrases as words, and all the words by which it may be known.
    private sealed class Wording<T>(T of, string[] phrases, string title)
    {
        public T Of { get; } = of;

        public string[][] Phrases { get; } = [.. phrases.Select(LineWords.Of)];

        public HashSet<string> Words { get; } = [.. phrases.Append(title).SelectMany(LineWords.Of)];
    }
}
