using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Materials;

namespace AllSound.Core.Buying;

/// <summary>Whether the suppliers have what is to be bought.</summary>
internal static class Supply
{
    /// <summary>The packs that are bought: of several suppliers the cheapest for each size.</summary>
    public static ImmutableArray<(double Size, decimal Price)> Packs(IEnumerable<ListedPrice> listed) =>
        [.. listed.GroupBy(p => p.Size).Select(g => (g.Key, g.Min(p => p.Price))).OrderBy(p => p.Key)];

    /// <summary>What is short at the supplier whose packs are bought; null where nothing is, or nobody said what he has.</summary>
    /// <param name="listed">Prices of the product.</param>
    /// <param name="packed">What is bought.</param>
    /// <param name="unit">Unit of the product.</param>
    public static string? Short(IEnumerable<ListedPrice> listed, Packed packed, string unit)
    {
        var of = listed.ToLookup(p => p.Size);
        string[] found =
        [
            .. packed.Buy.SelectMany(buy =>
                // Of two at one price the one that has more.
                of[buy.Size].OrderBy(p => p.Price).ThenByDescending(p => p.Stock ?? int.MaxValue).FirstOrDefault()
                    is { Stock: { } stock } cheapest
                && stock < buy.Count
                    ? [Says(cheapest, stock, buy, of[buy.Size].FirstOrDefault(p => p.Stock >= buy.Count), unit)]
                    : Array.Empty<string>()
            ),
        ];
        return found.Length == 0 ? null : string.Join("; ", found);
    }

    private static string Says(ListedPrice cheapest, int stock, Packs buy, ListedPrice? other, string unit)
    {
        var size = string.Create(CultureInfo.InvariantCulture, $"{buy.Size} {(unit == "piece" ? "pieces" : unit)}");
        var has =
            stock == 0
                ? $"{cheapest.Supplier ?? "the supplier"} has none of {size}"
                : $"{cheapest.Supplier ?? "the supplier"} has {stock} of {buy.Count} packs of {size}";
        var later = cheapest.LeadDays is { } days ? $", {(stock == 0 ? "more" : "the rest")} in {days} {(days == 1 ? "day" : "days")}" : "";
        var elsewhere = other?.Supplier is { } supplier ? string.Create(CultureInfo.InvariantCulture, $"; {supplier} has them at {other.Price:0.00}") : "";
        return $"{has}{later}{elsewhere}";
    }
}
