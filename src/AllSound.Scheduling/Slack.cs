namespace AllSound.Scheduling;

/// <summary>How long each activity may slip before the finish does.</summary>
public static class Slack
{
    /// <summary>
    /// Ticks of slip by activity, the order in which people and resources go from one to the next kept: total float of the plan with resource links.
    /// </summary>
    public static IReadOnlyDictionary<string, int> Of(Project project, Schedule schedule)
    {
        ArgumentNullException.ThrowIfNull(project);
        ArgumentNullException.ThrowIfNull(schedule);
        var outOf = project.Links.ToLookup(l => l.Before, StringComparer.Ordinal);
        var exclusions = project
            .Exclusions.SelectMany(e => new[] { (e.First, Other: e.Second, Tail: e.FirstTail), (First: e.Second, Other: e.First, Tail: e.SecondTail) })
            .ToLookup(x => x.First, StringComparer.Ordinal);
        var latest = new Dictionary<string, int>(StringComparer.Ordinal);
        var slip = new Dictionary<string, int>(StringComparer.Ordinal);
        var placed = schedule.Placed.ToDictionary(p => p.Activity.Id, StringComparer.Ordinal);
        foreach (var p in schedule.Placed.OrderByDescending(p => p.Start).ThenByDescending(p => p.End))
        {
            var end = Math.Min(schedule.Finish, p.Activity.Latest ?? schedule.Finish);
            foreach (var link in outOf[p.Activity.Id].Where(l => latest.ContainsKey(l.After)))
            {
                var room =
                    link.Day == DayRule.Later ? ((latest[link.After] / project.Day * project.Day) - 1)
                    : link.Working && project.Hours is { } hours && link.Least > 0 ? hours.After(0, Math.Max(0, hours.Before(latest[link.After]) - link.Least)) ?? 0
                    : latest[link.After] - link.Least;
                end = Math.Min(end, link.FromStart ? room + p.End - p.Start : room);
            }

            foreach (var e in exclusions[p.Activity.Id].Where(e => placed[e.Other].Start >= p.End && latest.ContainsKey(e.Other)))
            {
                end = Math.Min(end, latest[e.Other] - e.Tail);
            }

            foreach (var next in schedule.Placed.Where(n => n.Start >= p.End && latest.ContainsKey(n.Activity.Id) && Shares(p, n)))
            {
                end = Math.Min(end, latest[next.Activity.Id]);
            }

            // The latest place that ends by then; what is done in pieces stays where it is.
            var start =
                p.Activity.Pausing == Pausing.InPieces
                    ? p.Start
                    : Spans.Of(project, p.Activity).Where(s => s.End <= end).Select(s => s.Start).DefaultIfEmpty(p.Start).Max();
            latest[p.Activity.Id] = Math.Max(start, p.Start);
            slip[p.Activity.Id] = p.Activity.Pausing == Pausing.InPieces ? Math.Max(0, end - p.End) : latest[p.Activity.Id] - p.Start;
        }

        return slip;
    }

    private static bool Shares(Placed one, Placed other) =>
        one.Pieces[^1].Crew.Intersect(other.Pieces[0].Crew, StringComparer.Ordinal).Any()
        || one.Activity.Demands.Any(d => other.Activity.Demands.Any(x => x.Resource == d.Resource));
}
