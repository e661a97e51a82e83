using System.Collections.Immutable;
using System.Numerics;

namespace AllSound.Core.Materials;

/// <summary>So many packs of a size.</summary>
/// <param name="Size">Size in the product's unit.</param>
/// <param name="Count">How many.</param>
public sealed record Packs(double Size, int Count);

/// <summary>What to buy.</summary>
/// <param name="Buy">Packs, largest first.</param>
/// <param name="Cost">What they cost.</param>
/// <param name="Left">What is left over, in the product's unit.</param>
public sealed record Packed(ImmutableArray<Packs> Buy, decimal Cost, double Left);

/// <summary>The cheapest whole packs that cover a need.</summary>
public static class TinPacking
{
    // A thousandth of a unit tells every tin and cartridge apart, that of 375 ml too. Where thousands of litres are needed a hundredth
    // does, so that the table stays small.
    private const int Fine = 1000;
    private const int Coarse = 100;
    private const double Much = 2000;

    /// <summary>
    /// Price of a pack when a unit costs so much in a five-unit pack: small packs are dearer by the unit. Judgement;
    /// a price list replaces it.
    /// </summary>
    public static decimal PackPrice(double size, decimal perUnit) => decimal.Round(perUnit * (decimal)(size * Math.Pow(Math.Max(size, 0.01) / 5, -0.15)), 2);

    /// <summary>Packs a need at the class's own price curve.</summary>
    public static Packed Pack(double need, ImmutableArray<double> sizes, decimal perUnit) => Pack(need, [.. sizes.Select(s => (s, PackPrice(s, perUnit)))]);

    /// <summary>Packs a need from priced packs.</summary>
    /// <param name="need">Amount needed, 0 or more.</param>
    /// <param name="packs">Sizes with their prices; at least one.</param>
    /// <returns>The cheapest cover; of equal cost the one with least left over.</returns>
    /// <exception cref="ArgumentException">No packs, or a need below zero.</exception>
    public static Packed Pack(double need, ImmutableArray<(double Size, decimal Price)> packs)
    {
        if (packs.IsDefaultOrEmpty || need < 0)
        {
            throw new ArgumentException("Needs at least one pack size and a need of 0 or more.", nameof(packs));
        }

        // A size finer than that counts as the step below, so that what is bought is never short.
        var perUnit = need > Much ? Coarse : Fine;
        var sizes = packs.Select(p => (Units: (int)Math.Floor((p.Size * perUnit) + 1e-9), p.Size, p.Price)).OrderByDescending(p => p.Units).ToArray();
        if (sizes[^1].Units < 1)
        {
            throw new ArgumentException("A pack holds a hundredth of a unit at least.", nameof(packs));
        }

        // What all sizes are multiples of is the step of the table.
        var step = sizes.Select(p => p.Units).Aggregate((a, b) => (int)BigInteger.GreatestCommonDivisor(a, b));
        sizes = [.. sizes.Select(p => (p.Units / step, p.Size, p.Price))];
        var target = (long)Math.Ceiling(Math.Round(need * perUnit / step, 6));
        // Of packs other than the one cheapest by the unit, no more than its size less one are worth while: among that many some add up to a whole
        // number of it, and it costs no more. So whatever is beyond the largest such set can be bought in that pack, and the table stays small.
        var cheapest = Array.IndexOf(sizes, sizes.MinBy(p => p.Price / p.Units));
        long others = (long)(sizes[cheapest].Units - 1) * sizes[0].Units;
        var bulk = target > others ? (int)((target - others) / sizes[cheapest].Units) : 0;
        target -= bulk * sizes[cheapest].Units;
        var best = new (decimal Cost, int Over, int Pick)[Math.Max(target, 0) + 1];
        for (var t = 1; t < best.Length; t++)
        {
            best[t] = (decimal.MaxValue, int.MaxValue, -1);
            for (var i = 0; i < sizes.Length; i++)
            {
                var rest = t - sizes[i].Units;
                var (cost, over, _) = rest <= 0 ? (0m, -rest, -1) : best[rest];
                cost += sizes[i].Price;
                if (cost < best[t].Cost || (cost == best[t].Cost && over < best[t].Over))
                {
                    best[t] = (cost, over, i);
                }
            }
        }

        var counts = new int[sizes.Length];
        counts[cheapest] = bulk;
        for (var t = (int)target; t > 0; t -= sizes[best[t].Pick].Units)
        {
            counts[best[t].Pick]++;
        }

        var bought = sizes.Select((s, i) => s.Size * counts[i]).Sum();
        var money = sizes.Select((s, i) => s.Price * counts[i]).Sum();
        return new Packed([.. sizes.Select((s, i) => new Packs(s.Size, counts[i])).Where(p => p.Count > 0)], money, Math.Round(bought - need, 3));
    }
}
