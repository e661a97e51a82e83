using System.Collections.Immutable;
using System.Text.RegularExpressions;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

/// <summary>
/// Reads plain lines as operations: "Wash down with sugar soap", "2 coats eggshell, 16 h between". Nothing is filled in
/// that the line does not say; what it leaves open is said, and what is not understood is not guessed at.
/// </summary>
public static partial class LineReader
{
    private const int MostOthers = 4;

    /// <summary>Characters of the longest line that is parted: a step is said in less, what is longer is prose, and parting it would take long.</summary>
    internal const int LongestLine = 300;

    private const string AnotherPart = "about another part: not judged here";

    private const string Striping = "dn_stripe";

    // What makes filler flush, the usual way first.
    private static readonly Operation[] RubbingDown = [.. Operations.All.Where(o => o.LeavesFill == Fill.Flush && o.Group != Treatment.Group.Loosen)];

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
        var counted = Counted(text);
        foreach (var range in text.AsSpan().Split('\n'))
        {
            cancel.ThrowIfCancellationRequested();
            var line = text[range].Trim();
            line = counted ? CountWords.Replace(line, "") : line;
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

            foreach (var said in LineShorthand.Days(LineShorthand.Written(Numbering.Replace(line, ""))))
            {
                read.AddRange(OfOneDay(said, lines, element, at, products.IsDefault ? [] : products));
            }
        }

        // Whoever sheets up and wears what is worn against lead dust sets up a lead work area, where there is lead. Dust sheets hold the dust.
        if (LineKinds.Guards(text) && read.FirstOrDefault(r => r.Step is { Operation: "mk_floor" } && !LineKinds.IsCloth(r.Line)) is { Step: { } step } sheeted)
        {
            read[read.IndexOf(sheeted)] = sheeted with { Step = step with { Or = [.. step.Or.Remove("ms_lead_setup"), "ms_lead_setup"] } };
        }

        return QuickCoats.Settled(read.ToImmutable());
    }

    private static List<ReadLine> OfOneDay(string line, int number, Element? element, Position at, ImmutableArray<OwnProduct> products)
    {
        var plain = line;
        if (LineShorthand.Dated(plain, at.Day is { Named: true } day ? day.Last : null) is { } dated)
        {
            at.ThatDay = at.Day is { } same && same.Named == dated.Named && same.Last == dated.First;
            // From one day to the next, begun at about the same hour; from a number to a name nothing can be told.
            at.Pending =
                at is { Day: { } before, Last: not null } && before.Named == dated.Named && dated.First > before.Last
                    ? Math.Max(at.Pending ?? 0, 24 * (dated.First - before.Last))
                    : at.Pending;
            (at.Day, plain) = ((dated.Last, dated.Named), dated.Words);
        }
        else if (at.Day is null)
        {
            // On a sheet that names no day, one hour after another is of the same day.
            at.ThatDay = !LineWaits.Begins(plain);
        }

        var named = Named(plain);
        List<(ReadLine Line, LineWaits Waits)> parts =
            plain.Length > LongestLine ? [(NotUnderstood(plain, ["too long for one line: a line for each step"], []), default)]
            : LineKinds.OfAnother(plain, element) ? [(NotUnderstood(plain, [AnotherPart], []), default)]
            : named is not null ? [(named, LineWaits.Of(plain))]
            : Parts(plain, element, at, products);
        var placed = Placed(parts, plain, number, at);

        // A title says what it is, and nothing of how.
        return named is null ? Mannered(placed, plain, number) : placed;
    }

    private static List<(ReadLine Line, LineWaits Waits)> Parts(string line, Element? element, Position at, ImmutableArray<OwnProduct> products)
    {
        var read = new List<(ReadLine Line, LineWaits Waits)>();
        foreach (var (words, kind) in Pieces(line))
        {
            if (kind != LineKind.Work)
            {
                read.Add(
                    kind == LineKind.Denied
                        ? (Denied(words), default)
                        : (Told(words, kind), kind == LineKind.Remark && !LineWaits.Begins(words) ? default : LineWaits.Of(words))
                );
                continue;
            }

            if (LineKinds.ToAnother(words, element))
            {
                read.Add((NotUnderstood(words, [AnotherPart], []), default));
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

            var again =
                LineParts.Repeats(words) || LineParts.OnlyCoats(words)
                    ? (LineParts.RepeatsThat(words) ? Spotted(steps, at) : null)
                        ?? steps.LastOrDefault(r => Is(r, o => o.Role == CoatRole.Finish))
                        ?? at.Finish
                        ?? steps.LastOrDefault(r => Is(r, o => o.Role != CoatRole.None))
                        ?? at.Coat
                    : null;
            var striped = LineParts.Repeats(words) && last is { Step.Operation: Striping } && at.Striped is { } band ? WholeCoat(band) : null;
            var one =
                striped is not null ? Whole(Understood(words, striped, at.Striped, 1, []))
                : LineWaits.IsAll(words) ? NotUnderstood(words, ["counted as the wait before the next step"], [])
                : again is { Step: { } step }
                    ? Understood(words, Operations.Find(step.Operation)!, step.Product is null ? null : Coatings.Find(step.Product), 1, []) with
                    {
                        Step = Same(step, words),
                    }
                : (LineParts.OnlyAbrades(words) || LineParts.OnlyGrit(words)) && last is not null && Is(last, Fills) ? Flush(words)
                : One(words, string.Join(' ', steps.Select(r => r.Line)), products);
            // Beside other work, what names no paint is no coat: "roll it on nicely", "all of the floor".
            if (
                steps.Count > 0
                && Is(one, o => o.Role == CoatRole.Finish)
                && again is null
                && striped is null
                && Best(LineWords.Of(words)) is null
                && !Families.NamesPaint(words)
            )
            {
                one = NotUnderstood(words, ["a remark: no step"], []);
            }

            at.Striped = one.Step?.Operation == Striping ? Best(LineWords.Of(words))?.Of : at.Striped;
            read.Add((one, LineWaits.Of(words)));
        }

        // Edges are cut in with the coat: said beside one it is no more to do.
        return read.Count > 1 ? [.. read.Where(r => !IsCutIn(r.Line.Line) || r.Line.Step is not null)] : read;
    }

    // What bared ground was primed with, where that was the last coat.
    private static ReadLine? Spotted(List<ReadLine> steps, Position at) =>
        steps.FindLast(r => Is(r, o => o.Role != CoatRole.None)) is { } laid ? (Is(laid, PrimesSpots) ? laid : null) : at.Spot;

    private static bool PrimesSpots(Operation operation) => operation.Role == CoatRole.Spot && operation.Id != "sp_fill";

    // Filler is rubbed down, by whichever way; no edge of an old film is feathered by that.
    private static ReadLine Flush(string words)
    {
        string[] others = [.. RubbingDown.Skip(1).Select(o => o.Id), .. Chief(words) is { Group: not Treatment.Group.Loosen } other ? [other.Id] : Array.Empty<string>()];
        var read = Understood(words, RubbingDown.FirstOrDefault(o => Families.Fits(words, o)) ?? RubbingDown[0], null, 1, [.. others]);
        return read with { Step = read.Step! with { Or = [.. read.Step.Or.Where(o => Operations.Find(o)?.Group != Treatment.Group.Loosen)] } };
    }

    // After edges are striped the full coat is of the same.
    private static Operation? WholeCoat(CoatingClass product) =>
        Operations.All.FirstOrDefault(o => o is { Sprayed: false, Role: CoatRole.Primer or CoatRole.Undercoat or CoatRole.Finish } && o.Products.Contains(product));

    private static SequenceStep Same(SequenceStep step, string part) =>
        step with
        {
            // After a first coat let down comes the finish of the same paint.
            Operation =
                Operations.Find(step.Operation) is { Role: CoatRole.Primer or CoatRole.Spot } first
                && !ThinAgain.IsMatch(part)
                && Operations.All.FirstOrDefault(o =>
                    o.Role == CoatRole.Finish && !o.Sprayed && o.Products.Any(p => first.Products.Contains(p) && (step.Product is null || step.Product == p.Id))
                )
                    is { } finish
                    ? finish.Id
                    : step.Operation,
            Dilution = Dilution.Match(part) is { Success: true } d ? d.Value.Trim() : null,
            WaitHours = null,
            Manners = [],
            Or = [.. step.Or.Where(o => !o.StartsWith("se_mist", StringComparison.Ordinal))],
        };

    private static ReadLine One(string part, string earlier, ImmutableArray<OwnProduct> products)
    {
        var words = LineWords.Of(LineWaits.Without(part));
        var named = Best(words);
        var own = products.FirstOrDefault(p => part.Contains(p.Title, StringComparison.OrdinalIgnoreCase));
        var product = own is null ? named?.Of : Coatings.Find(own.Class);
        var found = Rank(words, part, product);
        if (found.Count == 0 && Families.First(part) is null)
        {
            // A part may leave to what was said before what it is done to: "wire-brush rust and prime".
            found = words.Length == 0 ? [] : Rank([.. words.Concat(LineWords.Of(earlier)).Distinct(StringComparer.Ordinal)], part, product, words);
        }

        var total = Weight(words);
        if (found.Count > 0 && !(LineParts.Tests(part) && found[0].Name.Of.Id is not ("ac_clearance" or "ac_snag")))
        {
            // A method that is refused is what is meant wherever it is named, save where a firm is had in that does it contained.
            if (!found[0].Name.Of.ByOthers && found.Find(f => f.Name.Of.Refused) is { Name: not null } refused)
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
        ) with
        {
            // Coats that nobody understood may be the very ones that would else be missed.
            Said = CoatsUnread.IsMatch(part)
                ? new SequenceSaid
                {
                    Line = 0,
                    Words = part,
                    UnreadCoats = true,
                }
                : null,
        };
    }

    private static ReadLine NotUnderstood(string part, ImmutableArray<string> why, ImmutableArray<string> others) => new(part, null, null, null, 0, others, why);

    private static ReadLine Understood(string line, Operation operation, CoatingClass? product, double sure, ImmutableArray<string> others, string? own = null)
    {
        var used = product is not null && operation.Products.Any(p => p.Id == product.Id) ? product : null;
        var dilution = Dilution.Match(line) is { Success: true } d ? d.Value.Trim() : null;
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
    private static bool Fills(Operation operation) => operation.LeavesFill == Fill.Proud;

    private static bool IsCutIn(string part) => LineWords.Of(part).Contains("cutin");

    private static Regex ThinAgain => field ??= new(@"\b(?:thin\w*|mist|watered)\b", RegexOptions.IgnoreCase);

    private static Regex CoatsUnread =>
        field ??= new(
            @"\b(?:"
                + @"coats?|again|same|another|more|second|third|fourth|2nd|3rd|4th|twice|finish|paint|gloss|satin\w*|eggshell|matte?|emulsion|varnish|lime\s*wash|silicate"
                + @"|enamel"
                + @")\b"
                + @"|\bthe\s+(?:red|white|black|green|blue|gr[ea]y|cream|brown|yellow|magnolia)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Dilution =>
        field ??= new(
            @"(?:"
                + @"(?<!\d)(?!100\s*%)\d+\s*%|(?<!\d)(?!\d\d:[0-5]\d\b)\d+\s*:\s*\d+|\b(?:half|50)\W+(?:\w+\s+)?(?:and\s+)?(?:half|50)\b|\bhalf\s+(?:of\s+)?water|1/[234]"
                + @"|\b(?:one|a)\s+(?:third|quarter)\b"
                + @")[^,;.]*",
            RegexOptions.IgnoreCase
        );
}
