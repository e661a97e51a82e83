using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Buying;

/// <summary>A line of a quotation.</summary>
/// <param name="Of">Id of the surface; of the room for what its surfaces save together; empty for whole tins.</param>
/// <param name="Space">The room or elevation; null for whole tins.</param>
/// <param name="Surface">The surface; null for what is not of one.</param>
/// <param name="Work">What is offered.</param>
/// <param name="Price">Its price before tax, to the cent; below zero for what is saved.</param>
public sealed record QuoteLine(string Of, Space? Space, Surface? Surface, string Work, decimal Price);

/// <summary>What a job is offered for.</summary>
/// <param name="Lines">What is offered: they add up to the net price.</param>
/// <param name="Net">Before tax.</param>
/// <param name="Tax">Tax on it.</param>
/// <param name="Provisional">What cannot be begun yet, for once it is freed: no part of the net price.</param>
public sealed record Quote(ImmutableArray<QuoteLine> Lines, decimal Net, decimal Tax, ImmutableArray<QuoteLine> Provisional)
{
    /// <summary>With tax.</summary>
    public decimal Gross => Net + Tax;
}

/// <summary>Turns what a job costs into what it is offered for: overhead on the cost, and a margin of the price. Each line is rounded once, to the cent, and the total is their sum.</summary>
public static class Quoting
{
    /// <summary>Price before tax of what costs so much.</summary>
    /// <param name="rates">Overhead and margin.</param>
    /// <param name="cost">Labour and materials.</param>
    public static decimal Price(Rates rates, decimal cost)
    {
        ArgumentNullException.ThrowIfNull(rates);
        return decimal.Round(cost * (1 + (rates.Overhead / 100)) / (1 - (rates.Margin / 100)), 2);
    }

    /// <summary>Quotes a job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    public static Quote Of(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        var taken = Takeoff.Of(job, specified);
        var (lines, net) = Lines(job, taken, waits: false, taken.Cost);
        var (provisional, _) = Lines(job, taken, waits: true, taken.CostOnceFreed);
        return new(lines, net, decimal.Round(net * job.Rates.Tax / 100, 2), provisional);
    }

    /// <summary>What is otherwise than in a quotation that was sent, a sentence for each; empty where it still stands.</summary>
    /// <param name="sent">As it was sent.</param>
    /// <param name="now">As it would be now.</param>
    public static ImmutableArray<string> Changes(SentQuotation sent, Quote now)
    {
        ArgumentNullException.ThrowIfNull(sent);
        ArgumentNullException.ThrowIfNull(now);
        var (before, after) = (sent.Lines.ToDictionary(l => l.Of, StringComparer.Ordinal), now.Lines.ToDictionary(l => l.Of, StringComparer.Ordinal));
        return
        [
            .. now.Lines.Where(l => !before.ContainsKey(l.Of)).Select(l => FormattableString.Invariant($"New: {Name(l)}, {l.Price:0.00}.")),
            .. sent.Lines.Where(l => !after.ContainsKey(l.Of)).Select(l => FormattableString.Invariant($"No longer offered: {l.Work}, {l.Price:0.00}.")),
            .. now
                .Lines.Where(l => before.TryGetValue(l.Of, out var was) && (was.Price != l.Price || was.Work != l.Work))
                .Select(l =>
                    before[l.Of].Work == l.Work
                        ? FormattableString.Invariant($"{Name(l)}: {before[l.Of].Price:0.00} before, {l.Price:0.00} now.")
                        : FormattableString.Invariant($"{Name(l)}: {before[l.Of].Work}, {before[l.Of].Price:0.00} before; {l.Work}, {l.Price:0.00} now.")
                ),
        ];
    }

    /// <summary>A quotation to be kept as it is sent.</summary>
    /// <param name="job">The job, for the revisions sent already.</param>
    /// <param name="quote">What is offered.</param>
    /// <param name="date">The day, as printed.</param>
    public static SentQuotation Sent(Job job, Quote quote, string date)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(quote);
        return new SentQuotation
        {
            Revision = NextRevision(job),
            Date = date,
            Net = quote.Net,
            Tax = quote.Tax,
            Lines =
            [
                .. quote.Lines.Select(l => new SentLine
                {
                    Of = l.Of,
                    Work = l.Work,
                    Price = l.Price,
                }),
            ],
        };
    }

    /// <summary>The number of the next quotation of a job.</summary>
    public static int NextRevision(Job job) =>
        job is null ? throw new ArgumentNullException(nameof(job)) : job.Quotations.Select(q => q.Revision).DefaultIfEmpty(0).Max() + 1;

    private static string Name(QuoteLine line) => line.Surface is { } surface ? $"{line.Space!.Title}, {surface.Title}" : line.Work;

    private static (ImmutableArray<QuoteLine> Lines, decimal Net) Lines(Job job, JobQuantities taken, bool waits, decimal cost)
    {
        var places = job.Surfaces().ToDictionary(x => x.Surface.Id, x => (x.Space, x.Surface), StringComparer.Ordinal);
        var lines = ImmutableArray.CreateBuilder<QuoteLine>();
        foreach (var s in taken.Surfaces.Where(s => s.Waits == waits && s.Option is not null))
        {
            var (space, surface) = places[s.SurfaceId];
            lines.Add(new(surface.Id, space, surface, s.Option!.Name, Price(job.Rates, s.Option.Criteria.Money)));
        }

        foreach (var t in taken.Together.Where(t => t.Waits == waits))
        {
            lines.Add(new(t.Space.Id, t.Space, null, $"{t.Space.Title}: set up once for all of it", -Price(job.Rates, t.Money)));
        }

        // The total is what it costs with whole packs, so what they hold beyond the need is a line of its own.
        var whole = Price(job.Rates, cost) - lines.Sum(l => l.Price);
        if (lines.Count > 0 && whole != 0)
        {
            lines.Add(new("", null, null, whole > 0 ? "paint and sundries in whole tins and packs" : "paint and sundries from the store or below list", whole));
        }

        return (lines.ToImmutable(), lines.Sum(l => l.Price));
    }
}
