using AllSound.Core.Climate;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Treatment;

namespace AllSound.Core.Site;

/// <summary>How things dry in the air that was measured: cold and damp lengthen what a label says, warm air never shortens it.</summary>
/// <param name="entries">The lines of the log about a surface, in order.</param>
internal sealed class SiteDrying(IReadOnlyList<LogEntry> entries)
{
    // A reading stands for the hours after it; what labels mean is 20 degrees and 50 percent.
    private const double FreshHours = 4;
    private const double LabelC = 20;
    private const double LabelRh = 50;

    /// <summary>How many times as long as its label says something dries; 1 or more, null where the air was not measured.</summary>
    /// <param name="act">What dries.</param>
    /// <param name="from">When it was done.</param>
    /// <param name="to">Until when.</param>
    public double? Times(Act act, DateTime from, DateTime to)
    {
        // The air as it was last measured shortly before or while it dries.
        double? Last(string check) =>
            entries
                .Where(e => e.Check == check && e.Value is not null && e.At <= to && e.At >= from.AddHours(-FreshHours))
                .Select(e => Checks.Find(check)?.InOwnUnit(e.Value!.Value, e.Unit))
                .LastOrDefault();
        var (face, rh) = (Last("T_surf_t"), Last("T_air_rh"));
        return face is null && rh is null
            ? null
            : Math.Max(1, DryingPace.In(act.Product?.DriesBy ?? DriesBy.Water, face ?? LabelC, rh ?? LabelRh, AirFlow.Through).Total);
    }
}
