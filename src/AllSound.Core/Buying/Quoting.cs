using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Buying;

/// <summary>A line of a quotation.</summary>
/// <param name="Of">Id of the surface; "room/" and the id of the room for what its surfaces save together; empty for whole tins.</param>
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

/// <summary>Turns what a job costs into what it is offered for. Each line is rounded once, to the cent, and the total is their sum.</summary>
public static class Quoting
{
    /// <summary>Quotes a job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    public static Quote Of(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        return Of(job, Takeoff.Of(job, specified));
    }

    /// <summary>Quotes a job that was taken off already.</summary>
    /// <param name="job">The job.</param>
    /// <param name="taken">Its quantities.</param>
    public static Quote Of(Job job, JobQuantities taken)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(taken);
        var (lines, net) = Lines(job, taken, waits: false, taken.Cost);
        var (provisional, _) = Lines(job, taken, waits: true, taken.CostOnceFreed);
        return new(lines, net, decimal.Round(net * job.Rates.Tax / 100, 2), provisional);
    }

    /// <summary>What is otherwise than in a quotation that was sent, a sentence for each; empty where it still stands.</summary>
    /// <param name="sent">As it was sent.</param>
    /// <param name="now">As it would be now.</param>
    /// <param name="currency">Currency of both.</param>
    public static ImmutableArray<string> Changes(SentQuotation sent, Quote now, string currency)
    {
        ArgumentNullException.ThrowIfNull(sent);
        ArgumentNullException.ThrowIfNull(now);
        var before = sent.Lines.ToDictionary(l => l.Of, StringComparer.Ordinal);
        var offered = now.Lines.Select(l => l.Of).ToHashSet(StringComparer.Ordinal);
        return
        [
            .. now.Lines.Where(l => !before.ContainsKey(l.Of)).Select(l => $"New: {Name(l)}, {Paid(l.Price)}."),
            .. sent.Lines.Where(l => !offered.Contains(l.Of)).Select(l => $"No longer offered: {l.Work}, {Paid(l.Price)}."),
            .. now
                .Lines.Select(l => (Now: l, Was: before.GetValueOrDefault(l.Of)))
                .Where(x => x.Was is { } was && (was.Price != x.Now.Price || was.Work != x.Now.Work))
                .Select(x => Changed(x.Was!, x.Now)),
        ];

        string Paid(decimal amount) => Figures.Paid(amount, currency);

        string Changed(SentLine was, QuoteLine line) =>
            was.Work == line.Work
                ? $"{Name(line)}: {Paid(was.Price)} before, {Paid(line.Price)} now."
                : $"{Name(line)}: {was.Work}, {Paid(was.Price)} before; {line.Work}, {Paid(line.Price)} now.";
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

    // A room may go by the id of a surface.
    private const string Shared = "room/";

    private static string Name(QuoteLine line) => line.Surface is { } surface ? $"{line.Space!.Title}, {surface.Title}" : line.Work;

    private static (ImmutableArray<QuoteLine> Lines, decimal Net) Lines(Job job, JobQuantities taken, bool waits, decimal cost)
    {
        var places = job.Surfaces().ToDictionary(x => x.Surface.Id, x => (x.Space, x.Surface), StringComparer.Ordinal);
        var lines = ImmutableArray.CreateBuilder<QuoteLine>();
        foreach (var s in taken.Surfaces.Where(s => s.Waits == waits && s.Option is not null))
        {
            var (space, surface) = places[s.SurfaceId];
            lines.Add(new(surface.Id, space, surface, s.Option!.Name, s.Option.Criteria.Money));
        }

        foreach (var t in taken.Together.Where(t => t.Waits == waits))
        {
            lines.Add(new($"{Shared}{t.Space.Id}", t.Space, null, $"{t.Space.Title}: set up once for all of it", -decimal.Round(t.Money, 2)));
        }

        // The total is what it costs with whole packs, so what they hold beyond the need is a line of its own.
        var whole = decimal.Round(job.Rates.Price(cost), 2) - lines.Sum(l => l.Price);
        if (lines.Count > 0 && whole != 0)
        {
            lines.Add(new("", null, null, whole > 0 ? "paint and sundries in whole tins and packs" : "paint and sundries that are in the store already", whole));
        }

        return (lines.ToImmutable(), lines.Sum(l => l.Price));
    }
}
