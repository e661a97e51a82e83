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
    /// <param name="levels">
    /// How usual each act is, by its index, null for no matter: where only something out of the ordinary leads to the end, no more of that is
    /// taken than has to be. It weighs in the search only, and in no price that is told.
    /// </param>
    public Prices(Extents extents, Rates rates, ReadOnlySpan<Act> acts, Custom[]? levels = null)
    {
        foreach (var act in acts)
        {
            var level = levels?[act.Index] ?? Custom.Customary;
            spent[Place(act, filmGone: false)] = Weighed(Spent(act, extents, rates, filmGone: false), level, rates);
            spent[Place(act, filmGone: true)] = Weighed(Spent(act, extents, rates, filmGone: true), level, rates);
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

    // Judgement: a special way is worth it from half as much again and an hour's pay on, an exceptional one from thrice as much and half a day's.
    private static (double Money, double Days, double Hazard) Weighed((double Money, double Days, double Hazard) spend, Custom level, Rates rates) =>
        level switch
        {
            Custom.Special => spend with { Money = (1.5 * spend.Money) + (double)rates.LabourPerHour },
            Custom.Exceptional => spend with { Money = (3 * spend.Money) + (4 * (double)rates.LabourPerHour) },
            _ => spend,
        };

    private static int Place(Act act, bool filmGone) => (2 * act.Index) + (filmGone ? 1 : 0);

    private static (double Money, double Days, double Hazard) Spent(Act act, Extents extents, Rates rates, bool filmGone)
    {
        var spend = Costing.Of(act, extents, rates, filmGone);
        return ((double)spend.Money, (spend.Hours / 8) + Costing.WaitDays(act.Leaves?.Advised ?? 0), spend.Hazard);
    }
}
