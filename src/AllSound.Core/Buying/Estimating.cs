using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Treatment;

namespace AllSound.Core.Buying;

/// <summary>Something that nobody knows exactly, and what it makes of the price by itself.</summary>
/// <param name="What">What it is, in words.</param>
/// <param name="Less">How much less the price would be if it turned out well, 0 or more.</param>
/// <param name="More">How much more if it turned out badly, 0 or more.</param>
public sealed record Uncertain(string What, decimal Less, decimal More);

/// <summary>A price with how far it may be out.</summary>
/// <param name="Low">Seldom less than this.</param>
/// <param name="Price">The price before tax.</param>
/// <param name="High">Seldom more than this.</param>
/// <param name="Inputs">What it hangs on, that which matters most first.</param>
public sealed record Estimate(decimal Low, decimal Price, decimal High, ImmutableArray<Uncertain> Inputs);

/// <summary>
/// How far a price may be out, from what nobody knows exactly. Each input is turned up and down by itself; independent of each other as they are, what they
/// do is added as squares (root sum of squares: JCGM 100, "Guide to the expression of uncertainty in measurement", from memory).
/// </summary>
public static class Estimating
{
    // By how much each may be out, down and up. Judgement, from the span of the paces and rates that the trade gives.
    private static readonly (decimal Down, decimal Up) Pace = (0.12m, 0.2m);
    private static readonly (decimal Down, decimal Up) Untried = (0.3m, 0.8m);
    private static readonly (decimal Down, decimal Up) Tried = (0.1m, 0.2m);
    private static readonly (decimal Down, decimal Up) Cover = (0.08m, 0.15m);
    private static readonly (decimal Down, decimal Up) Unlisted = (0.15m, 0.2m);
    private static readonly (decimal Down, decimal Up) Taped = (0.03m, 0.03m);

    /// <summary>Estimates a job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    /// <param name="taken">Its quantities.</param>
    public static Estimate Of(Job job, IReadOnlyDictionary<string, Specified> specified, JobQuantities taken)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(specified);
        ArgumentNullException.ThrowIfNull(taken);
        var facts = job.Surfaces().ToDictionary(x => x.Surface.Id, x => x.Surface.Facts, StringComparer.Ordinal);
        var (untried, tried) = (0m, 0m);
        var unknown = 0;
        foreach (var s in taken.Surfaces.Where(s => s is { Waits: false, Option: not null }))
        {
            var preparing = (decimal)s.Option!.Steps.Where(x => Prepares(x.Act.Operation)).Sum(x => x.Spend.Hours) * job.Rates.LabourPerHour;
            var open = facts[s.SurfaceId].LooseShare is null || Section.VerdictOf(specified[s.SurfaceId]) == Verdict.Unseen;
            (untried, tried) = open ? (untried + preparing, tried) : (untried, tried + preparing);
            unknown += open && preparing > 0 ? 1 : 0;
        }

        var listed = job.Prices.Select(p => p.Product).ToHashSet(StringComparer.Ordinal);
        var priced = job.Products.Where(p => p.LitrePrice is not null).Select(p => p.Id).ToHashSet(StringComparer.Ordinal);
        var paint = taken.Materials.Where(m => m.Unit == "L").Sum(m => m.Packed.Cost);
        var guessed = taken.Materials.Where(m => !listed.Contains(m.Id) && !priced.Contains(m.Id)).Sum(m => m.Packed.Cost);
        var labour = (decimal)taken.LabourHours * job.Rates.LabourPerHour;
        ImmutableArray<Uncertain> inputs =
        [
            .. new[]
            {
                Input("how fast the work goes", labour, Pace),
                Input(
                    unknown == 1 ? "how much is loose on one surface that was never tried" : $"how much is loose on {unknown} surfaces that were never tried",
                    untried,
                    Untried
                ),
                Input("how much preparing there is where it was tried", tried, Tried),
                Input("how far the paint goes", paint, Cover),
                Input("prices that are on no list", guessed, Unlisted),
                Input("sizes, as they were measured", taken.Cost, Taped),
            }
                .Where(i => i.Less + i.More > 0)
                .OrderByDescending(i => i.Less + i.More),
        ];
        var price = Quoting.Of(job, taken).Net;
        return new(decimal.Round(price - Squares(inputs.Select(i => i.Less)), 2), price, decimal.Round(price + Squares(inputs.Select(i => i.More)), 2), inputs);

        Uncertain Input(string what, decimal money, (decimal Down, decimal Up) by) =>
            new(what, decimal.Round(job.Rates.Price(money * by.Down), 2), decimal.Round(job.Rates.Price(money * by.Up), 2));
    }

    private static decimal Squares(IEnumerable<decimal> parts) => (decimal)Math.Sqrt(parts.Sum(p => (double)(p * p)));

    // What hangs on how the old paint and the ground turn out to be.
    private static bool Prepares(Operation operation) => operation.Group is >= Group.Strip and <= Group.SpotPrime;
}
