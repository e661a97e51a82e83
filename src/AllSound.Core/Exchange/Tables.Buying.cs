using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;

namespace AllSound.Core.Exchange;

/// <content>Price lists in and out, and what is to be bought.</content>
public static partial class Tables
{
    private static readonly string[] PriceColumns = ["product", "size", "price", "supplier", "from", "stock", "leadDays"];

    /// <summary>All prices of a job's lists, one row each.</summary>
    public static string Prices(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return Write(
            PriceColumns,
            job.Prices.Select(p => (IEnumerable<string?>)[p.Product, Text(p.Size), Text(p.Price), p.Supplier, Day(p.From), Text(p.Stock), Text(p.LeadDays)])
        );
    }

    /// <summary>What is to be bought for a job, one row each.</summary>
    /// <param name="report">Its quantities.</param>
    public static string Materials(QuantitiesReport report)
    {
        ArgumentNullException.ThrowIfNull(report);
        return Write(
            ["product", "title", "colour", "unit", "need", "fromStore", "buy", "cost", "left", "bought"],
            report.Materials.Select(m =>
                (IEnumerable<string?>)
                    [
                        m.Product,
                        m.Title,
                        m.Colour,
                        m.Unit,
                        Text(m.Need),
                        Text(m.FromStore),
                        string.Join(" + ", m.Buy.Select(b => string.Create(CultureInfo.InvariantCulture, $"{b.Count}x{b.Size}"))),
                        Text(m.Cost),
                        Text(m.Left),
                        Text(m.Bought),
                    ]
            )
        );
    }

    /// <summary>A job with the prices of a list: a pack that the same supplier listed before gets its new price, others are added.</summary>
    /// <param name="job">The job.</param>
    /// <param name="text">The list.</param>
    /// <param name="cancel">Stops reading.</param>
    /// <exception cref="OperationCanceledException">Reading was stopped.</exception>
    public static (Job? Job, ImmutableArray<Fault> Faults) ReadPrices(Job job, string text, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(job);
        var (rows, faults) = Rows(text, PriceColumns, "product", cancel);
        if (!faults.IsEmpty)
        {
            return (null, faults);
        }

        var found = new Faults();
        var listed = job.Prices.ToList();
        var places = listed.Select((p, i) => (Key: Pack(p), i)).DistinctBy(x => x.Key).ToDictionary(x => x.Key, x => x.i);
        var seen = new Dictionary<(string, double, string), int>();
        foreach (var row in rows)
        {
            cancel.ThrowIfCancellationRequested();
            if (Number(row["size"]) is not { } size)
            {
                found.Add(row.At("size"), $"expected a number, found '{row["size"]}'");
                continue;
            }

            if (!decimal.TryParse(row["price"], NumberStyles.AllowDecimalPoint | NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var price))
            {
                found.Add(row.At("price"), $"expected a price as 12.50, found '{row["price"]}'");
                continue;
            }

            DateOnly? from = null;
            if (row.Has("from"))
            {
                if (!DateOnly.TryParseExact(row["from"], "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day))
                {
                    found.Add(row.At("from"), $"expected a day as 2027-03-31, found '{row["from"]}'");
                    continue;
                }

                from = day;
            }

            if (!WholeNumber(row, "stock", found, out var stock) || !WholeNumber(row, "leadDays", found, out var leadDays))
            {
                continue;
            }

            var pack = new ListedPrice
            {
                Product = row["product"],
                Size = size,
                Price = price,
                Supplier = row.Has("supplier") ? row["supplier"] : null,
                From = from,
                Stock = stock,
                LeadDays = leadDays,
            };
            var sense = JobSense.PriceFaults(job, pack);
            foreach (var fault in sense)
            {
                found.Add(row.At(Column(fault.Path)), fault.Message);
            }

            if (!sense.IsEmpty)
            {
                continue;
            }

            if (seen.TryGetValue(Pack(pack), out var before))
            {
                found.Add(row.At("product"), $"the same pack stands in line {before} already");
                continue;
            }

            seen[Pack(pack)] = row.Line;
            if (places.TryGetValue(Pack(pack), out var at))
            {
                listed[at] = pack;
            }
            else
            {
                listed.Add(pack);
            }
        }

        return Whole(job, job with { Prices = [.. listed] }, found);
    }

    // A whole number or nothing.
    private static bool WholeNumber(Row row, string column, Faults found, out int? number)
    {
        number = null;
        if (!row.Has(column))
        {
            return true;
        }

        if (!int.TryParse(row[column], NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var read))
        {
            found.Add(row.At(column), $"expected a whole number, found '{row[column]}'");
            return false;
        }

        number = read;
        return true;
    }

    private static (string Product, double Size, string Supplier) Pack(ListedPrice price) => (price.Product, price.Size, price.Supplier ?? "");

    private static string? Day(DateOnly? day) => day?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
