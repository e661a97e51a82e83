using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;

namespace AllSound.Core.Exchange;

/// <summary>Sense of what is said of buying: price lists, the store, quotations sent.</summary>
public static partial class JobSense
{
    private const double LeastPack = 0.01;
    private const double LeastPrice = 0.0001;
    private const double MostPrice = 100_000;
    private const int MostStock = 100_000;
    private const int MostLeadDays = 365;

    /// <summary>Everything wrong with a pack on a price list, with paths from <paramref name="at"/>.</summary>
    public static ImmutableArray<Fault> PriceFaults(Job job, ListedPrice price, string at = "$")
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(price);
        var faults = new Faults(job.Products);
        LengthLimits.Check(faults, at, price);
        PriceFaults(faults, job, at, price);
        return faults.ToImmutable();
    }

    private static void PriceFaults(Faults faults, Job job, string at, ListedPrice price)
    {
        ToBuy(faults, job, $"{at}.product", price.Product);
        Range(faults, $"{at}.size", price.Size, LeastPack, Limits.Pack);
        Range(faults, $"{at}.price", (double)price.Price, LeastPrice, MostPrice);
        Range(faults, $"{at}.stock", price.Stock, 0, MostStock);
        Range(faults, $"{at}.leadDays", price.LeadDays, 0, MostLeadDays);
    }

    private static void BuyingFaults(Faults faults, Job job)
    {
        for (var i = 0; i < job.Prices.Length; i++)
        {
            PriceFaults(faults, job, $"$.prices[{i}]", job.Prices[i]);
        }

        var ids = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < job.Store.Length; i++)
        {
            var at = $"$.store[{i}]";
            var tin = job.Store[i];
            Name(faults, $"{at}.id", tin.Id);
            Unique(faults, $"{at}.id", tin.Id, ids);
            ToBuy(faults, job, $"{at}.product", tin.Product);
            Range(faults, $"{at}.amount", tin.Amount, 0, Limits.Pack);
            Range(faults, $"{at}.container", tin.Container, LeastPack, Limits.Pack);
            if (tin.Container is { } full && tin.Amount > full)
            {
                faults.Add($"{at}.amount", FormattableString.Invariant($"expected {full} at most, which is what it holds, found {tin.Amount}"));
            }
        }

        for (var i = 0; i < job.Quotations.Length; i++)
        {
            var at = $"$.quotations[{i}]";
            var sent = job.Quotations[i];
            if (i > 0 && sent.Revision <= job.Quotations[i - 1].Revision)
            {
                faults.Add($"{at}.revision", "expected revisions in ascending order");
            }

            var of = new HashSet<string>(StringComparer.Ordinal);
            for (var n = 0; n < sent.Lines.Length; n++)
            {
                Unique(faults, $"{at}.lines[{n}].of", sent.Lines[n].Of, of);
            }
        }
    }

    private static void ToBuy(Faults faults, Job job, string path, string product)
    {
        if (Coatings.Find(product) is null && Sundries.Find(product) is null && !job.Products.Any(p => p.Id == product))
        {
            faults.Add(path, $"unknown product '{product}'; ./allsound products lists the classes, the firm's own count too");
        }
    }
}
