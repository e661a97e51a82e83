using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Quantities;

/// <summary>What one act uses on one surface.</summary>
/// <param name="Units">Units of its extent: m2, m, or each.</param>
/// <param name="Hours">Labour hours.</param>
/// <param name="Litres">Litres of product as bought, before thinning.</param>
/// <param name="Money">Labour, product and sundries, in the job's currency; tins not rounded.</param>
/// <param name="Hazard">Hazard score: the operation's hazard times its hours.</param>
public readonly record struct Spend(double Units, double Hours, double Litres, decimal Money, double Hazard);

/// <summary>Turns acts into hours, litres and money.</summary>
public static class Costing
{
    /// <summary>Waste on brushed and rolled paint. Common practice: 1.05 to 1.10.</summary>
    public const double PaintWaste = 1.08;

    /// <summary>What an act uses.</summary>
    /// <param name="act">The act.</param>
    /// <param name="extents">The surface's extents.</param>
    /// <param name="rates">Prices.</param>
    /// <param name="filmGone">True when the act begins with no old film left.</param>
    public static Spend Of(Act act, Extents extents, Rates rates, bool filmGone)
    {
        var operation = act.Operation;
        var units = extents.Units(operation.Extent, filmGone);
        var hours = operation.FixedHours + (extents.Times * (Work(operation, extents, units) + Denibbing(act, extents, units)));
        var litres = Litres(act, extents, units);
        var money = ((decimal)hours * rates.LabourPerHour) + ((decimal)(litres * (act.Product?.Price ?? 0)) * rates.BaseLitre);
        foreach (var use in operation.Uses)
        {
            money += (decimal)(Amount(operation, use, extents, units) * use.Sundry.PricePerUnit);
        }

        return new Spend(units, hours, litres, money, operation.Hazard * hours);
    }

    /// <summary>How much of a sundry goes into it, in the sundry's unit: a joint by its cross-section.</summary>
    public static double Amount(Operation operation, Use use, Extents extents, double units)
    {
        ArgumentNullException.ThrowIfNull(operation);
        ArgumentNullException.ThrowIfNull(extents);
        return use.PerUnit * units * (operation.Extent == Extent.Joint ? extents.JointFactor : 1);
    }

    /// <summary>
    /// Days that a wait costs, one person working eight hours a day: up to a working day it costs its share of one,
    /// beyond that it costs the night, beyond a day and a night the days themselves. Judgement; the programme
    /// schedules properly.
    /// </summary>
    public static double WaitDays(double hours) =>
        hours <= 8 ? hours / 8
        : hours <= 24 ? 1
        : hours / 24;

    // Narrow work goes by the metre; where edges are cut in apart, they come on top.
    private static double Work(Operation operation, Extents extents, double units)
    {
        if (extents.Narrow && operation is { Extent: Extent.Whole or Extent.Mould or Extent.Salts, RateNarrow: { } narrow })
        {
            return extents.LengthM * (operation.Extent == Extent.Whole || extents.AreaM2 <= 0 ? 1 : units / extents.AreaM2) / narrow;
        }

        // Where a method does not reach in, the time is that of a plain face: the ways of stripping say that it is out.
        var pace = IsFace(operation.Extent) && Pacing.Of(operation, extents.Face) is > 0 and var known ? known : operation.Rate;
        var edge = operation is { Extent: Extent.Whole, EdgeRate: { } cut } ? extents.EdgeM / cut : 0;

        // A pace of a rough or textured face is by its flat size: the area has the texture in it already.
        var flat = pace < operation.Rate ? units / extents.Texture : units;
        return edge + (pace > 0 ? flat / pace : 0);
    }

    // What dries with nibs is rubbed over before its next coat: 20 square metres an hour, 40 metres of narrow work. Common practice.
    private static double Denibbing(Act act, Extents extents, double units) =>
        !Denibbed(act) ? 0
        : extents.Narrow ? extents.LengthM / 40
        : units / 20;

    /// <summary>Is the coat below it rubbed over lightly as part of laying it?</summary>
    public static bool Denibbed(Act act)
    {
        ArgumentNullException.ThrowIfNull(act);
        return act is { Product.RaisesNibs: true, Operation.Role: CoatRole.Finish };
    }

    private static bool IsFace(Extent extent) => extent is Extent.Whole or Extent.Bare or Extent.Loose or Extent.Patch or Extent.Stain or Extent.Mould or Extent.Salts;

    private static double Litres(Act act, Extents extents, double units)
    {
        if (act.Product is null)
        {
            return 0;
        }

        var operation = act.Operation;
        var waste = PaintWaste * (1 + operation.Loss);
        return operation.LitresPerUnit is { } perUnit
            ? perUnit * units * waste
            : operation.Coats * units / act.Product.SpreadOn(extents.SpreadClass) * waste / (1 + (operation.Thinning / 100));
    }
}
