using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Documents;

/// <summary>
/// A quotation: what is offered and for how much, what may come besides, the other way where there is one, how long it holds and on what terms, and where
/// it is accepted. The client picks in it by ticking.
/// </summary>
internal static class QuotationPaper
{
    // Lines of a room that are offered alike stand together.
    private sealed record Offered(string Names, string Work, decimal Price);

    /// <summary>The paper, on one page.</summary>
    public static ImmutableArray<Block> Of(Job job, IReadOnlyDictionary<string, Specified> specified, ImmutableArray<Block> who)
    {
        var quote = Quoting.Of(job, specified);
        if (quote.Lines.IsEmpty && quote.Provisional.IsEmpty)
        {
            return [.. who, Block.Say("Nothing is offered yet: no surface of the job has work that can be priced.")];
        }

        Offered[] lines = [.. Together(job, quote.Lines)];
        var taxed = job.Rates.Tax > 0;
        return
        [
            .. who,
            Block.Heading($"{Paid(quote.Gross, job)} altogether"),
            Block.Table(
                ["", "what is offered", "price"],
                [
                    .. lines.Select(l => ImmutableArray.Create(l.Work, Paid(l.Price, job))),
                    .. taxed
                        ?
                        [
                            ["", Paid(quote.Net, job)],
                            [FormattableString.Invariant($"tax, {job.Rates.Tax:0.##} %"), Paid(quote.Tax, job)],
                        ]
                        : Array.Empty<ImmutableArray<string>>(),
                    ["", Paid(quote.Gross, job)],
                ],
                [.. lines.Select(l => l.Names), .. taxed ? ["Price before tax", ""] : Array.Empty<string>(), taxed ? "Price with tax" : "Price; no tax is added"]
            ),
            .. Provisional(job, specified, quote),
            .. Found(job),
            .. Ways(job, specified),
            Block.Heading("In the price"),
            Block.List([Writing.Included, "Paint and sundries, in the whole tins and packs that have to be bought."]),
            Block.Heading("Not in the price"),
            Block.List([
                "Work of other trades, where it is named, and anything not listed here.",
                "Damage that only shows once old paint is off: it is shown to you and its price agreed before it is mended.",
                .. job.Surfaces()
                    .Where(p => specified[p.Surface.Id] is { Options.IsEmpty: true, Holds.IsEmpty: true })
                    .Select(p => $"{p.Space.Title}, {p.Surface.Title}: nothing meets what was asked, so nothing is offered."),
            ]),
            .. Terms(job, quote),
            .. Beforehand(job, specified),
            Block.Heading("Accepted"),
            Writing.Signatures,
            Block.Say($"Years of life are a judgement for normal use, not a promise. {Writing.Defers}"),
        ];
    }

    // What cannot be begun yet: a sum to be ready for, and what has to come first.
    private static IEnumerable<Block> Provisional(Job job, IReadOnlyDictionary<string, Specified> specified, Quote quote)
    {
        Offered[] lines = [.. Together(job, quote.Provisional)];
        if (lines.Length == 0)
        {
            yield break;
        }

        yield return Block.Heading($"Provisional sums: {Paid(quote.Provisional.Sum(l => l.Price), job)} before tax, not in the price");
        yield return Block.Say(
            "This cannot be begun yet. The sum is what it would come to once what stops it is dealt with; it is looked at again then, and agreed before it is begun."
        );
        yield return Block.Table(
            ["", "what would be done", "sum"],
            lines.Select(l => ImmutableArray.Create(l.Work, Paid(l.Price, job))),
            [.. lines.Select(l => l.Names)]
        );
        yield return Block.List(
            quote
                .Provisional.Where(l => l.Surface is not null)
                .SelectMany(l => specified[l.Surface!.Id].Holds.SelectMany(h => h.Need.Frees))
                .Distinct(StringComparer.Ordinal)
                .Select(f => $"First: {f}.")
        );
    }

    // What came up since: nobody is to meet it first on the bill.
    private static IEnumerable<Block> Found(Job job)
    {
        var found = FoundWork.Of(job);
        if (found.IsEmpty)
        {
            yield break;
        }

        yield return Block.Heading("Found while working, not in the price");
        yield return Block.Say("Each is looked at, priced and agreed with you before it is begun.");
        yield return Block.List(found);
    }

    // The other way beside what is priced, for the client to tick.
    private static IEnumerable<Block> Ways(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        var ways = job.Surfaces()
            .Select(p =>
                (p.Space, p.Surface, Chosen: Takeoff.Chosen(p.Surface, specified[p.Surface.Id]), Other: ClientSummary.Beside(p.Surface, specified[p.Surface.Id]))
            )
            .Where(w => w is { Chosen: not null, Other: not null })
            .GroupBy(w => (w.Space, Chosen: w.Chosen!.Name, Other: w.Other!.Name))
            .Select(g =>
                (
                    Names: $"{g.Key.Space.Title}: {Likeness.InARow(g.Select(w => w.Surface.Title))}",
                    g.Key.Other,
                    More: g.Sum(w => w.Other!.Criteria.Money - w.Chosen!.Criteria.Money),
                    Years: g.Min(w => w.Chosen!.Criteria.LifeYears),
                    OtherYears: g.Min(w => w.Other!.Criteria.LifeYears)
                )
            )
            .ToArray();
        if (ways.Length == 0)
        {
            yield break;
        }

        yield return Block.Heading("Another way, if you would rather");
        yield return Block.Say("Tick what you choose instead of what is priced above. Prices are before tax; whole tins are reckoned anew for what you choose.");
        yield return Block.Checks(
            ways.Select(w =>
                $"{w.Names}: {w.Other}, {(w.More == 0 ? "at the same price" : $"{Paid(Math.Abs(w.More), job)} {(w.More < 0 ? "less" : "more")}")}; {(Figures.Years(w.OtherYears) == Figures.Years(w.Years) ? "as long" : $"{Figures.Years(w.OtherYears)}, not {Figures.Years(w.Years)},")} to first maintenance"
            )
        );
    }

    // Who has to stay out, and when: whoever lives there agrees to it with the price.
    private static IEnumerable<Block> Beforehand(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        string[] rooms =
        [
            .. job.Surfaces()
                .SelectMany(p => Takeoff.Chosen(p.Surface, specified[p.Surface.Id]) is { } chosen ? Writing.Rooms(chosen, p.Surface) : [])
                .Distinct(StringComparer.Ordinal),
        ];
        return rooms.Length == 0 ? [] : [Block.Heading("To know beforehand"), Block.List(rooms)];
    }

    private static IEnumerable<Block> Terms(Job job, Quote quote)
    {
        yield return Block.Heading("Terms");
        string[] own = [.. (job.QuotationTerms ?? "").Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)];
        yield return Block.List([$"This offer holds for {job.Rates.QuotationDays} days from its date.", .. own]);
        if (job.Quotations is [.., var sent])
        {
            string[] changes = [.. Quoting.Changes(sent, quote, job.Rates.Currency)];
            yield return Block.Say(
                $"It takes the place of quotation {sent.Revision} of {sent.Date}, {Paid(sent.Net + sent.Tax, job)}{(changes.Length == 0 ? "; nothing has changed." : ". Since then, before tax:")}"
            );
            if (changes.Length > 0)
            {
                yield return Block.List(changes);
            }
        }
    }

    private static IEnumerable<Offered> Together(Job job, ImmutableArray<QuoteLine> lines) =>
        lines
            .GroupBy(l => (Space: l.Space?.Id, Work: l.Surface is null ? l.Of : l.Work))
            .Select(g => (First: g.First(), All: g.ToArray()))
            .OrderBy(g => g.First.Space is { } s ? job.Buildings.SelectMany(b => b.Spaces).TakeWhile(x => x.Id != s.Id).Count() : int.MaxValue)
            .Select(g => new Offered(
                g.First.Surface is null ? g.First.Space?.Title ?? "" : $"{g.First.Space!.Title}: {Likeness.InARow(g.All.Select(l => l.Surface!.Title))}",
                g.First is { Surface: null, Space: not null } ? "set up once for all of it" : g.First.Work,
                g.All.Sum(l => l.Price)
            ));

    private static string Paid(decimal amount, Job job) => Figures.Paid(amount, job.Rates.Currency);
}
