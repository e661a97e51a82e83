namespace AllSound.Scheduling;

/// <summary>Where an activity that is not done in pieces can lie.</summary>
internal static class Spans
{
    /// <summary>Every start with its end, in ascending order.</summary>
    public static IEnumerable<(int Start, int End)> Of(Project project, Activity activity)
    {
        var last = Math.Min(activity.Latest ?? project.Horizon, project.Horizon);
        foreach (var o in activity.Hours?.Openings ?? [new Opening(0, project.Horizon)])
        {
            for (
                var start = OnGrid(Math.Max(o.From, activity.Earliest), activity.Grid);
                start < o.To || (start == o.To && activity.Duration == 0);
                start += activity.Grid
            )
            {
                var end =
                    activity.Pausing == Pausing.WhileClosed && activity.Hours is { } hours
                        ? hours.After(start, activity.Duration) ?? int.MaxValue
                        : start + activity.Duration;
                if (end <= last && (activity.Pausing == Pausing.WhileClosed || end <= o.To))
                {
                    yield return (start, end);
                }
            }
        }
    }

    /// <summary>The first tick on the grid at or after another.</summary>
    public static int OnGrid(int tick, int grid) => (tick + grid - 1) / grid * grid;
}
