using AllSound.Core.Materials;

namespace AllSound.Core.Buying;

/// <summary>What stands in the store, while a job is taken off: whatever is taken is gone for what comes after.</summary>
internal sealed class Shelf(IEnumerable<StoreTin> tins)
{
    private readonly List<(StoreTin Tin, double Left)> tins = [.. tins.Where(t => t is { Spoilt: false, Amount: > 0 }).Select(t => (t, t.Amount))];

    /// <summary>How much was taken of each tin so far, by its id; a tin of which nothing was taken is not in it.</summary>
    public IReadOnlyDictionary<string, double> Taken =>
        tins.Where(t => t.Tin.Amount > t.Left).ToDictionary(t => t.Tin.Id, t => t.Tin.Amount - t.Left, StringComparer.Ordinal);

    /// <summary>Takes as much of a need as is there.</summary>
    /// <param name="products">Ids that the product goes by: the firm's own and its class.</param>
    /// <param name="colour">Colour, as <see cref="Tint.Of"/>.</param>
    /// <param name="need">How much is needed.</param>
    /// <returns>How much was taken.</returns>
    public double Take(string[] products, string? colour, double need)
    {
        var taken = 0.0;
        for (var i = 0; i < tins.Count && taken < need; i++)
        {
            var (tin, left) = tins[i];
            if (!products.Contains(tin.Product, StringComparer.Ordinal) || Tint.Of(tin.Colour) != colour)
            {
                continue;
            }

            var some = Math.Min(left, need - taken);
            tins[i] = (tin, left - some);
            taken += some;
        }

        return taken;
    }
}
