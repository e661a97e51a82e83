using AllSound.Core.Climate;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Treatment;

namespace AllSound.Core.Site;

/// <summary>
/// What a wait is worth in the air that was measured: cold and damp lengthen what a label says, warm air never shortens it.
/// </summary>
/// <param name="entries">The lines of the log about a surface, in order.</param>
internal sealed class SiteDrying(IReadOnlyList<LogEntry> entries)
{
    /// <summary>Hours of drying by the label that the time between two moments was worth; null where the air was not measured in it.</summary>
    /// <param name="act">What dries.</param>
    /// <param name="from">When it was done.</param>
    /// <param name="to">Until when.</param>
    public double? Worth(Act act, DateTime from, DateTime to) => Factor(act, from, to) is { } factor ? (to - from).TotalHours / factor : null;

    /// <summary>How many times as long as its label says something dries; 1 or more, null where the air was not measured.</summary>
    /// <param name="act">What dries.</param>
    /// <param name="from">When it was done.</param>
    /// <param name="to">Until when.</param>
    public double? Factor(Act act, DateTime from, DateTime to)
    {
        // The air as it was last measured before or while it dries; one reading may stand for both ends.
        double? Last(string check) =>
            entries
                .Where(e => e.Check == check && e.Value is not null && e.At <= to && e.At >= from.AddHours(-FreshHours))
                .Select(e => Checks.Find(check)?.InOwnUnit(e.Value!.Value, e.Unit))
                .LastOrDefault();
        var (air, rh) = (Last("T_surf_t"), Last("T_air_rh"));
        return air is null && rh is null ? null : Math.Max(1, DryingPace.In(By(act), air ?? LabelC, rh ?? LabelRh, AirFlow.Through).Total);
    }

    // A reading stands for the hours after it; what labels mean is 20 degrees and 50 percent.
    private const double FreshHours = 4;
    private const double LabelC = 20;
    private const double LabelRh = 50;

    private static DriesBy By(Act act) =>
        act.Product is not { } product ? DriesBy.Water
        : product.PotLifeHours is not null ? DriesBy.Reaction
        : product.Carrier switch
        {
            Carrier.Water => DriesBy.Water,
            Carrier.Strong => DriesBy.Reaction,
            _ => DriesBy.Oxygen,
        };
}
