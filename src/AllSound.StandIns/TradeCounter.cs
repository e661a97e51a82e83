using System.Globalization;
using System.Text;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;

namespace AllSound.StandIns;

/// <summary>An invented supplier: what it sells, at what price, and how much of it stands on the shelf. The same seed gives the same list.</summary>
/// <param name="seed">Seed of its prices and stock.</param>
/// <param name="clock">Says from which day the prices hold.</param>
internal sealed class TradeCounter(int seed, TimeProvider clock)
{
    // Prices lie about the usual ones, and one pack in eight is out. Invented.
    private const double Dearer = 0.25;
    private const double Out = 1.0 / 8;
    private const int Shelf = 14;
    private const int LongestLead = 9;

    /// <summary>The price list as a table: product, size, price, supplier, from, stock, leadDays.</summary>
    /// <param name="empty">Nothing is in stock.</param>
    public string Prices(bool empty)
    {
        var chance = new Random(seed);
        var day = clock.GetUtcNow().ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
        var table = new StringBuilder("product,size,price,supplier,from,stock,leadDays\n");
        void Row(string product, double size, double price)
        {
            var stock = chance.NextDouble() < Out || empty ? 0 : chance.Next(1, Shelf);
            var asked = Math.Max(0.05, price * (1 - (Dearer / 2) + (Dearer * chance.NextDouble())));
            table.Append(CultureInfo.InvariantCulture, $"{product},{size},{asked:0.00},trade counter,{day},{stock},{chance.Next(1, LongestLead)}\n");
        }

        var litre = new Rates().BaseLitre;
        foreach (var of in Coatings.All)
        {
            foreach (var size in of.Tins)
            {
                Row(of.Id, size, (double)TinPacking.PackPrice(size, (decimal)of.Price * litre));
            }
        }

        foreach (var of in Sundries.All)
        {
            foreach (var size in of.Packs)
            {
                Row(of.Id, size, size * of.PricePerUnit);
            }
        }

        return table.ToString();
    }
}
