using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What each act uses on one surface, worked out once for all the searches on it; they may read it side by side.</summary>
internal sealed class Prices
{
    private readonly (double Money, double Days, double Hazard)[] spent = new (double, double, double)[2 * Operations.Acts.Length];

    /// <param name="extents">What there is to do on the surface.</param>
    /// <param name="rates">Prices.</param>
    /// <param name="acts">The acts that will be asked about.</param>
    public Prices(Extents extents, Rates rates, ReadOnlySpan<Act> acts)
    {
        foreach (var act in acts)
        {
            spent[Place(act, filmGone: false)] = Spent(act, extents, rates, filmGone: false);
            spent[Place(act, filmGone: true)] = Spent(act, extents, rates, filmGone: true);
        }
    }

    /// <summary>Cost of an act by these weights, in fixed-point weight units.</summary>
    /// <param name="act">One of the acts.</param>
    /// <param name="weights">The weights.</param>
    /// <param name="filmGone">True when it begins with no old film left.</param>
    public long Of(Act act, Weights weights, bool filmGone)
    {
        var (money, days, hazard) = spent[Place(act, filmGone)];
        return (long)Math.Round(((money * weights.Money) + (days * weights.Day) + (hazard * weights.Hazard)) * 10_000);
    }

    private static int Place(Act act, bool filmGone) => (2 * act.Index) + (filmGone ? 1 : 0);

    private static (double Money, double Days, double Hazard) Spent(Act act, Extents extents, Rates rates, bool filmGone)
    {
        var spend = Costing.Of(act, extents, rates, filmGone);
        return ((double)spend.Money, (spend.Hours / 8) + Costing.WaitDays(act.Leaves?.Advised ?? 0), spend.Hazard);
    }
}
