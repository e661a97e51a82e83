using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What each act uses on one surface, worked out once for all the searches on it.</summary>
internal sealed class Prices(Extents extents, Rates rates)
{
    private readonly (double Money, double Days, double Hazard)?[] found = new (double, double, double)?[2 * Operations.Acts.Length];

    /// <summary>Cost of an act by these weights, in fixed-point weight units.</summary>
    /// <param name="act">The act.</param>
    /// <param name="weights">The weights.</param>
    /// <param name="filmGone">True when it begins with no old film left.</param>
    public long Of(Act act, Weights weights, bool filmGone)
    {
        var place = (2 * act.Index) + (filmGone ? 1 : 0);
        var (money, days, hazard) = found[place] ??= Spent(act, filmGone);
        return (long)Math.Round(((money * weights.Money) + (days * weights.Day) + (hazard * weights.Hazard)) * 10_000);
    }

    private (double Money, double Days, double Hazard) Spent(Act act, bool filmGone)
    {
        var spend = Costing.Of(act, extents, rates, filmGone);
        return ((double)spend.Money, (spend.Hours / 8) + Costing.WaitDays(act.Leaves?.Advised ?? 0), spend.Hazard);
    }
}
