using System.Collections.Frozen;
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

    // What kills growth is no matter of sanding, whatever is said to come off.
    private static readonly FrozenSet<string> Kills = new[] { "cl_mould_wash", "cl_mould_lime", "cl_algae_biocide" }.ToFrozenSet(StringComparer.Ordinal);

    // A word that nothing is known of weighs as much against as one that tells a little.
    private const double Unknown = 1.5;

    // Words of an operation's other phrases and of its title bear a phrase out.
    private const double Near = 0.25;

    // How telling a word is: the fewer operations it stands in the more.
    private static readonly Dictionary<string, double> Telling = Known
        .SelectMany(k => k.Phrases.SelectMany(p => p).Distinct(StringComparer.Ordinal))
        .GroupBy(w => w, StringComparer.Ordinal)
        .ToDictionary(g => g.Key, g => Math.Log(1 + (Operations.All.Length / (double)g.Count())), StringComparer.Ordinal);

    private static readonly PhraseIndex<Operation> Operating = new(Known, Weight);

    private static readonly PhraseIndex<CoatingClass> Naming = new(Products, Weight);

    // Operations of which a phrase is said, the one that says most first. With words that must be among it.
    private static List<(Wording<Operation> Name, double Score)> Rank(string[] words, string part, CoatingClass? product, string[]? among = null)
    {
        var prepares = LineParts.Prepares(part);
        var abrades = LineParts.BeginsAbrading(part);
        var ranked = new List<(Wording<Operation> Name, double Score)>();
        foreach (var (name, said) in Operating.Said(words, among))
        {
            var coat = name.Of.Role != CoatRole.None;
            // What walls are sprayed with is no trim enamel: sprayed, that is the same coat.
            if (product is not null && name.Of.Sprayed && name.Of.Products.All(p => p.Id != product.Id))
            {
                continue;
            }

            if ((coat && prepares) || (abrades && Kills.Contains(name.Of.Id)))
            {
                continue;
            }

            var fits =
                product is null || !coat ? 0
                : name.Of.Products.Any(p => p.Id == product.Id) ? 3
                : -3;
            // What goes all over is no spot.
            var spots = name.Of.Role == CoatRole.Spot && Families.AllOver(part) ? 1 : 0;
            // A primer is no finish, though one is named with it.
            var primes = name.Of.Role == CoatRole.Finish && words.Contains("prime") ? 6 : 0;
            // What other words speak against is not meant.
            if (Families.Never(part, name.Of))
            {
                continue;
            }

            ranked.Add((name, said + fits - primes - spots + (Near * Weight(words.Where(name.Words.Contains)))));
        }

        return [.. ranked.OrderByDescending(r => r.Score)];
    }

    // The product of which most is said; null where two are said alike, as the line leaves open which.
    private static Wording<CoatingClass>? Best(string[] words)
    {
        var ranked = Naming.Said(words).OrderByDescending(x => x.Said).Take(2).ToArray();
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

    // Finds the phrases that some words hold whole, by the words and not by the phrases.
    private sealed class PhraseIndex<T>
    {
        private readonly ImmutableArray<Wording<T>> names;
        private readonly (int Name, string[] Words, double Weight)[] phrases;
        private readonly FrozenDictionary<string, int[]> byWord;

        public PhraseIndex(ImmutableArray<Wording<T>> names, Func<IEnumerable<string>, double> weight)
        {
            this.names = names;
            phrases = [.. names.SelectMany((n, i) => n.Phrases.Where(p => p.Length > 0).Select(p => (i, p, weight(p))))];
            byWord = phrases
                .SelectMany((p, i) => p.Words.Select(w => (Word: w, Phrase: i)))
                .GroupBy(x => x.Word, StringComparer.Ordinal)
                .ToFrozenDictionary(g => g.Key, g => g.Select(x => x.Phrase).ToArray(), StringComparer.Ordinal);
        }

        // Each of which a phrase is said, with the weight of the weightiest, in the order of the catalogue.
        public IEnumerable<(Wording<T> Name, double Said)> Said(string[] words, string[]? among = null)
        {
            var held = new byte[phrases.Length];
            var most = new SortedDictionary<int, double>();
            foreach (var word in words)
            {
                foreach (var phrase in byWord.GetValueOrDefault(word) ?? [])
                {
                    var (name, of, weight) = phrases[phrase];
                    if (++held[phrase] == of.Length && (among is null || of.Any(among.Contains)))
                    {
                        most[name] = Math.Max(most.GetValueOrDefault(name), weight);
                    }
                }
            }

            return most.Where(m => m.Value > 0).Select(m => (names[m.Key], m.Value));
        }
    }
}
