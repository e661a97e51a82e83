using AllSound.Core.Jobs;
using AllSound.Core.Materials;

namespace AllSound.Core.Exchange;

/// <summary>Sense of what is said of buying: price lists, the store, quotations sent.</summary>
public static partial class JobSense
{
    /// <summary>The least that a pack holds, in its product's unit.</summary>
    internal const double LeastPack = 0.01;

    /// <summary>The most that a pack holds.</summary>
    internal const double MostPack = 1000;

    /// <summary>The most that a pack costs.</summary>
    internal const int MostPrice = 100_000;

    private const decimal LeastPrice = 0.0001m;

    private static void BuyingFaults(Faults faults, Job job)
    {
        for (var i = 0; i < job.Prices.Length; i++)
        {
            var at = $"$.prices[{i}]";
            var price = job.Prices[i];
            Bought(faults, job, $"{at}.product", price.Product);
            Range(faults, $"{at}.size", price.Size, LeastPack, MostPack);
            Range(faults, $"{at}.price", (double)price.Price, (double)LeastPrice, MostPrice);
        }

        var ids = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < job.Store.Length; i++)
        {
            var at = $"$.store[{i}]";
            var tin = job.Store[i];
            Name(faults, $"{at}.id", tin.Id);
            Unique(faults, $"{at}.id", tin.Id, ids);
            Bought(faults, job, $"{at}.product", tin.Product);
            Range(faults, $"{at}.amount", tin.Amount, 0, MostPack);
            Range(faults, $"{at}.container", tin.Container, LeastPack, MostPack);
            if (tin.Container is { } full && tin.Amount > full)
            {
                faults.Add($"{at}.amount", FormattableString.Invariant($"expected {full} at most, which is what it holds, found {tin.Amount}"));
            }
        }

        for (var i = 1; i < job.Quotations.Length; i++)
        {
            if (job.Quotations[i].Revision <= job.Quotations[i - 1].Revision)
            {
                faults.Add($"$.quotations[{i}].revision", "expected revisions in ascending order");
            }
        }
    }

    /// <summary>What is wrong with an id that is to be bought; null where it is a class, a sundry or a product of the firm's own.</summary>
    internal static string? Bought(Job job, string product) =>
        Coatings.Find(product) is null && Sundries.Find(product) is null && !job.Products.Any(p => p.Id == product)
            ? $"unknown product '{product}'; ./allsound products lists the classes, the firm's own count too"
            : null;

    private static void Bought(Faults faults, Job job, string path, string product)
    {
        if (Bought(job, product) is { } unknown)
        {
            faults.Add(path, unknown);
        }
    }
}
