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
)
{
    /// <summary>Number of the line, from 1.</summary>
    public int Number { get; init; }

    /// <summary>What it says besides a step; null where it says nothing that an audit looks at.</summary>
    public SequenceSaid? Said { get; init; }
}

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
    /// <param name="element">What the lines are about: those about another part are not read; null to read all.</param>
    /// <param name="products">The firm's own products, known by their titles.</param>
    /// <param name="cancel">Stops reading.</param>
    /// <returns>What was read, in order. What comes after <see cref="Limits.PastedLines"/> lines is left out, which the last entry says.</returns>
    /// <exception cref="OperationCanceledException">Reading was stopped.</exception>
    public static ImmutableArray<ReadLine> Read(string text, Element? element = null, ImmutableArray<OwnProduct> products = default, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(text);
        var read = ImmutableArray.CreateBuilder<ReadLine>();
        var at = new Position();
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
                read.Add(
                    NotUnderstood("…", [$"only the first {Limits.PastedLines} lines were read: a sequence has {Limits.Items} steps at most"], []) with
                    {
                        Number = lines,
                    }
                );
                break;
            }

            var plain = Numbering().Replace(line, "");
            List<(ReadLine Line, LineWaits Waits)> parts =
                plain.Length > LongestLine ? [(NotUnderstood(plain, ["too long for one line: a line for each step"], []), default)]
                : LineKinds.OfAnother(plain, element) ? [(NotUnderstood(plain, ["about another part: not judged here"], []), default)]
                : Named(plain) is { } exact ? [(exact, LineWaits.Of(plain))]
                : Parts(plain, at, products.IsDefault ? [] : products);
            read.AddRange(Placed(parts, plain, lines, at));
        }

        return read.ToImmutable();
    }

    // What the lines before leave to those that follow.
    private sealed class Position
    {
        public double? Pending { get; set; }

        public ReadLine? Finish { get; set; }

        public ReadLine? Coat { get; set; }

        public ReadLine? Last { get; set; }

        public double? Clock { get; set; }
    }

    // The steps of a line with their waits, coats and manners.
    private static List<ReadLine> Placed(List<(ReadLine Line, LineWaits Waits)> parts, string plain, int number, Position at)
    {
        var placed = new List<ReadLine>();
        foreach (var (part, waits) in parts)
        {
            if (part.Step is null)
            {
                placed.Add(part with { Number = number, Said = part.Said is { } said ? said with { Line = number } : null });

                // "Two coats, 4 h": that is between them as well.
                if (waits.After is { } each && LineWaits.IsAll(part.Line))
                {
                    for (var i = placed.Count - 2; i > 0 && placed[i].Step is { WaitHours: null } one && placed[i - 1].Step is { } other && one.Words == other.Words; i--)
                    {
                        placed[i] = placed[i] with { Step = one with { WaitHours = each } };
                    }
                }
                at.Pending = (waits.Before ?? waits.After) is { } more ? (at.Pending ?? 0) + more : at.Pending;
                continue;
            }

            var coats = Coats(part.Line, part.Step);
            for (var coat = 0; coat < coats; coat++)
            {
                // Within a day of what came before, whatever the hour.
                var before = coat == 0 ? waits.Before ?? Since(waits, at) ?? at.Pending ?? (waits.SameDay ? 4 : null) : waits.Between ?? waits.After;
                var waited = Waited(part, before, first: at.Last is null);
                waited = waited with { Number = number, Step = waited.Step! with { Line = number, Words = part.Line } };
                placed.Add(waited);
                at.Last = waited;
                at.Finish = Is(waited, o => o.Role == CoatRole.Finish) ? waited : at.Finish;
                at.Coat = Is(waited, o => o.Role is not (CoatRole.None or CoatRole.Spot)) ? waited : at.Coat;
            }

            at.Clock = waits.Clock ?? (waits.After is null && waits.Before is null ? at.Clock : null);
            at.Pending = waits.After ?? (coats == 1 ? waits.Between : null);
        }

        // What a line says was found or put right counts wherever in it that is said.
        if (LineKinds.Settled(plain) is { IsEmpty: false } found && !placed.Exists(p => p.Said is { Found.IsEmpty: false }))
        {
            var at0 = placed.Count > 0 ? placed[0] : NotUnderstood(plain, ["something found: no step"], []) with { Number = number };
            at0 = at0 with { Said = (at0.Said ?? new SequenceSaid { Line = number, Words = plain }) with { Found = found } };
            placed = placed.Count > 0 ? [at0, .. placed.Skip(1)] : [at0];
        }

        // A title says what it is, and nothing of how.
        return Named(plain) is null ? Mannered(placed, plain, number) : placed;
    }

    // From one clock time to the next on the same day.
    private static double? Since(LineWaits waits, Position at) => waits is { Clock: { } now, SameDay: true } && at.Clock is { } then && now > then ? now - then : null;

    // What the line says of how it is done goes with the step whose words say it, or else with the line.
    private static List<ReadLine> Mannered(List<ReadLine> placed, string line, int number)
    {
        foreach (var (manner, index) in MannerReader.In(line))
        {
            var i = placed.FindLastIndex(p => p.Step is not null && line.IndexOf(First(p.Line), StringComparison.Ordinal) is >= 0 and var from && from <= index);
            i = i < 0 ? placed.FindIndex(p => p.Step is not null) : i;
            if (i >= 0)
            {
                var step = placed[i].Step!;
                placed[i] = placed[i] with { Step = step with { Manners = step.Manners.Add(manner) } };
            }
            else
            {
                var said = placed.Count > 0 ? placed[0].Said : null;
                said ??= new SequenceSaid { Line = number, Words = line };
                said = said with { Manners = said.Manners.Add(manner) };
                if (placed.Count > 0)
                {
                    placed[0] = placed[0] with { Said = said };
                }
                else
                {
                    placed.Add(NotUnderstood(line, ["a word on how it is done"], []) with { Number = number, Said = said });
                }
            }
        }

        return placed;

        static string First(string words) => words.Split(',')[0];
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
            return Whole(Understood(line, exact, parts.Skip(1).Select(Coatings.Find).FirstOrDefault(p => p is not null), 1, []));
        }

        return
            Operations.All.Where(o => line.StartsWith(o.Title, StringComparison.OrdinalIgnoreCase)).MaxBy(o => o.Title.Length) is { } titled
            && (line.Length == titled.Title.Length || line[titled.Title.Length] is ':' or '.')
            ? Whole(Understood(line, titled, Titled(line[titled.Title.Length..]), 1, []))
            : null;
    }

    // A title is what it says, and nothing else.
    private static ReadLine Whole(ReadLine line) => line with { Step = line.Step! with { Part = false, Or = [] } };

    private static CoatingClass? Titled(string rest) =>
        Coatings.All.Where(p => rest.Contains(p.Title, StringComparison.OrdinalIgnoreCase)).MaxBy(p => p.Title.Length) ?? Best(Products, LineWords.Of(rest))?.Of;

    private static List<(ReadLine Line, LineWaits Waits)> Parts(string line, Position at, ImmutableArray<OwnProduct> products)
    {
        var read = new List<(ReadLine Line, LineWaits Waits)>();
        foreach (var (words, kind) in Pieces(line))
        {
            if (kind != LineKind.Work)
            {
                read.Add(kind == LineKind.Denied ? (Denied(words), default) : (Told(words, kind), kind == LineKind.Remark ? default : LineWaits.Of(words)));
                continue;
            }

            var steps = read.Select(r => r.Line).Where(r => r.Step is not null).ToList();
            var last = steps.Count > 0 ? steps[^1] : at.Last;

            // Whoever washes rinses, after however long it is left on; only what strips is rinsed out in a step of its own.
            if (LineParts.OnlyRinses(words) && steps.Count > 0 && !Is(steps[^1], o => o.Group == Treatment.Group.Strip))
            {
                // What was waited before it was how long it was left on.
                var washed = read.FindLastIndex(r => r.Line.Step is not null);
                read.RemoveRange(washed + 1, read.Count - washed - 1);
                read[washed] = (read[washed].Line, LineWaits.Of(words));
                continue;
            }

            var again = LineParts.Repeats(words)
                ? steps.LastOrDefault(r => Is(r, o => o.Role == CoatRole.Finish)) ?? at.Finish ?? steps.LastOrDefault(r => Is(r, o => o.Role != CoatRole.None)) ?? at.Coat
                : null;
            var one =
                LineWaits.IsAll(words) ? NotUnderstood(words, ["counted as the wait before the next step"], [])
                : again is { Step: { } step }
                    ? Understood(words, Operations.Find(step.Operation)!, step.Product is null ? null : Coatings.Find(step.Product), 1, []) with
                    {
                        Step = Same(step, words),
                    }
                : LineParts.OnlyAbrades(words) && last is not null && Is(last, Fills)
                    ? Understood(
                        words,
                        RubbingDown[0],
                        null,
                        1,
                        [.. RubbingDown[1..].Select(o => o.Id), .. Chief(words) is { } other ? [other.Id] : Array.Empty<string>()]
                    )
                : One(words, string.Join(' ', steps.Select(r => r.Line)), products);
            read.Add((one, LineWaits.Of(words)));
        }

        // Edges are cut in with the coat: said beside one it is no more to do.
        return read.Count > 1 ? [.. read.Where(r => !IsCutIn(r.Line.Line) || r.Line.Step is not null)] : read;
    }

    // What a line says, in its order: pieces of work joined to what they need to be understood, and the rest apart.
    private static List<(string Words, LineKind Kind)> Pieces(string line)
    {
        var pieces = new List<(string Words, LineKind Kind)>();
        foreach (var sentence in LineParts.Sentences(LineKinds.Plain(line)))
        {
            var run = new List<string>();
            var told = false;
            foreach (var piece in LineParts.Of(sentence))
            {
                var (head, denied) = LineKinds.Parted(piece);
                told |= LineKinds.Tells(head);
                var kind =
                    told ? LineKind.Remark
                    : LineWaits.IsAll(head) ? LineKind.Work
                    : LineKinds.Of(head);

                // How many coats, said by itself, belongs to what was said before.
                if (LineParts.OnlyCoats(head) && (run.Count > 0 || pieces is [.., { Kind: LineKind.Work }]))
                {
                    if (run.Count > 0)
                    {
                        run[^1] += $", {head}";
                    }
                    else
                    {
                        pieces[^1] = ($"{pieces[^1].Words}, {head}", LineKind.Work);
                    }
                }
                else if (LineParts.OnlyLays(head) && (run.Count > 0 || pieces.Count > 0))
                {
                    // "Mix the primer and roll": what was mixed is laid.
                    if (run.Count == 0 && pieces is [.., { Kind: LineKind.Remark } mixed])
                    {
                        pieces[^1] = (mixed.Words, LineKind.Work);
                    }
                }
                else if (LineWaits.IsAll(head))
                {
                    Flush();
                    pieces.Add((head, LineKind.Work));
                }
                else if (kind == LineKind.Work)
                {
                    run.Add(head);
                }
                else if (kind != LineKind.Denied)
                {
                    Flush();
                    pieces.Add((head, kind));
                }

                if (denied is not null || kind == LineKind.Denied)
                {
                    Flush();
                    pieces.Add((denied ?? head, LineKind.Denied));
                }
            }

            Flush();

            void Flush()
            {
                pieces.AddRange(Joined([.. run]).Select(w => (w, LineKind.Work)));
                run.Clear();
            }
        }

        return pieces;
    }

    private static SequenceStep Same(SequenceStep step, string part) =>
        step with
        {
            // After a first coat let down comes the finish of the same paint.
            Operation =
                Operations.Find(step.Operation) is { Role: CoatRole.Primer } first
                && Operations.All.FirstOrDefault(o =>
                    o.Role == CoatRole.Finish && !o.Sprayed && o.Products.Any(p => first.Products.Contains(p) && (step.Product is null || step.Product == p.Id))
                )
                    is { } finish
                    ? finish.Id
                    : step.Operation,
            Dilution = Dilution().Match(part) is { Success: true } d ? d.Value.Trim() : null,
            WaitHours = null,
            Manners = [],
            Or = [.. step.Or.Where(o => !o.StartsWith("se_mist", StringComparison.Ordinal))],
        };

    // What is not to be done is no step, and it is not taken as done either.
    private static ReadLine Denied(string piece)
    {
        var words = LineWords.Of(LineWaits.Without(piece));
        var between = LineParts.Between(piece);
        var never = between
            ? []
            : Rank(words, piece, Best(Products, words)?.Of).Take(1).Select(r => r.Name.Of.Id).Concat(Families.Members(piece)).Distinct(StringComparer.Ordinal);
        return NotUnderstood(piece, ["not to be done: no step"], []) with
        {
            Said = new SequenceSaid
            {
                Line = 0,
                Words = piece,
                Never = [.. never],
            },
        };
    }

    private static ReadLine Told(string piece, LineKind kind)
    {
        var found = kind == LineKind.Found ? LineKinds.Found(piece) : [];
        var line = NotUnderstood(
            piece,
            [
                kind switch
                {
                    LineKind.Found => LineParts.Tests(piece) ? "a test is no step: put down in the survey what it shows" : "something found: no step",
                    LineKind.Care => "something worn or kept at hand: no step",
                    _ => "a remark: no step",
                },
            ],
            []
        );
        return found.IsEmpty
            ? line
            : line with
            {
                Said = new SequenceSaid
                {
                    Line = 0,
                    Words = piece,
                    Found = found,
                },
            };
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
            if (
                joined.Count > 0
                && (
                    onward
                    || (open && !StandsAlone(piece))
                    || (!StandsAlone(joined[^1]) && !StandsAlone(piece) && !LineParts.OnlyRinses(piece) && IsOne(joined[^1], piece))
                )
            )
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
        return Rank(words, piece, Best(Products, words)?.Of) is { Count: > 0 } found ? found[0].Name.Of : Families.First(piece);
    }

    private static bool IsOne(string first, string second)
    {
        var (x, y) = (LineWords.Of(first), LineWords.Of(second));
        string[] both = [.. x.Union(y)];
        return Chief($"{first}, {second}") is { } chief
            && Known.First(k => k.Of == chief).Phrases.Any(p => p.All(both.Contains) && y.All(p.Contains) && p.Except(x).Any() && p.Except(y).Any());
    }

    private static ReadLine One(string part, string earlier, ImmutableArray<OwnProduct> products)
    {
        var words = LineWords.Of(LineWaits.Without(part));
        var named = Best(Products, words);
        var own = products.FirstOrDefault(p => part.Contains(p.Title, StringComparison.OrdinalIgnoreCase));
        var product = own is null ? named?.Of : Coatings.Find(own.Class);
        var found = Rank(words, part, product);
        if (found.Count == 0 && Families.First(part) is null)
        {
            // A part may leave to what was said before what it is done to: "wire-brush rust and prime".
            found = words.Length == 0 ? [] : Rank([.. words.Concat(LineWords.Of(earlier)).Distinct(StringComparer.Ordinal)], part, product, words);
        }

        var total = Weight(words);
        if (found.Count > 0 && !(LineParts.Tests(part) && found[0].Name.Of.Group != Treatment.Group.Aftercare))
        {
            // A method that is refused is what is meant wherever it is named.
            if (found.Find(f => f.Name.Of.Refused) is { Name: not null } refused)
            {
                found = [refused, .. found.Where(f => f != refused)];
            }

            var sure = Weight(words.Where(w => found[0].Name.Words.Contains(w) || named?.Words.Contains(w) == true)) / Math.Max(1, total);
            return Understood(
                part,
                found[0].Name.Of,
                product,
                Math.Round(Math.Min(1, sure), 2),
                Ids(found.Skip(1).Where(f => f.Score > found[0].Score * 0.4).Select(f => f.Name)),
                own?.Id
            );
        }

        // A word that leaves open which of several is meant says that much.
        if (found.Count == 0 && Families.First(part) is { } first && !LineParts.Tests(part))
        {
            // What was said before tells which: "wire-brush rust and prime".
            string[] some = [.. Families.Members(part)];
            var told = Rank([.. words.Concat(LineWords.Of(earlier)).Distinct(StringComparer.Ordinal)], part, product, words)
                .Find(r => some.Contains(r.Name.Of.Id))
                .Name?.Of;
            return Understood(part, told ?? first, product, 0.5, [.. some.Take(MostOthers)], own?.Id);
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

    private static ReadLine Understood(string line, Operation operation, CoatingClass? product, double sure, ImmutableArray<string> others, string? own = null)
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
                Product = used is null ? null : own ?? used.Id,
                Dilution = dilution,
                Or = Families.Or(line, operation, product),
                Part = LineParts.OnPart(line),
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
            ? m.Groups["o"].Success
                ? Ordinal().Count(m.Groups["o"].Value)
                : Count(m.Groups["n"].Value.ToLowerInvariant())
            : 1;

    private static int Count(string said) =>
        said switch
        {
            "2" or "two" => 2,
            "3" or "three" => 3,
            "4" or "four" => 4,
            "5" or "five" => 5,
            _ => 6,
        };

    [GeneratedRegex(@"second|third|fourth|fifth|sixth|2nd|3rd|4th|5th", RegexOptions.IgnoreCase)]
    private static partial Regex Ordinal();

    // A thing with its phrases as words, and all the words by which it may be known.
    private sealed class Wording<T>(T of, string[] phrases, string title)
    {
        public T Of { get; } = of;

        public string[][] Phrases { get; } = [.. phrases.Select(LineWords.Of)];

        public HashSet<string> Words { get; } = [.. phrases.Append(title).SelectMany(LineWords.Of)];
    }

    [GeneratedRegex(@"^\s*(?:(?:\(?\d+[.):]|step\s+\d+[.:)]?|[a-h][.)]|[-*•–>])\s*)+", RegexOptions.IgnoreCase)]
    private static partial Regex Numbering();

    [GeneratedRegex(
        @"\b(?<n>[2-6]|two|three|four|five|six)\s+(?:(?!hours?\b|days?\b|h\b)[a-z-]+\s+){0,4}coats?\b|\bx\s*(?<n>[2-6])\b|\b(?<n>[2-6])\s*x\b|\b(?<n>two|three|four|five)\s+(?:neat|more)\b|\b(?<o>(?:second|third|fourth|fifth|sixth|2nd|3rd|4th|5th)(?:\s*(?:,|and|&)\s*(?:and\s+)?(?:second|third|fourth|fifth|sixth|2nd|3rd|4th|5th))+)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex CoatCount();

    [GeneratedRegex(
        @"(?:\d+\s*%|\d+\s*:\s*\d+|\b(?:half|50)\W+(?:\w+\s+)?(?:and\s+)?(?:half|50)\b|\bhalf\s+(?:of\s+)?water|1/[234]|\b(?:one|a)\s+(?:third|quarter)\b)[^,;.]*",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Dilution();
}
