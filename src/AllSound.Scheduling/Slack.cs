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
        var (outOf, into) = (project.Links.ToLookup(l => l.Before, StringComparer.Ordinal), project.Links.ToLookup(l => l.After, StringComparer.Ordinal));
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
                    link.Working && project.Hours is { } hours && link.Least > 0
                        ? hours.After(0, Math.Max(0, hours.Before(latest[link.After]) - link.Least)) ?? 0
                        : latest[link.After] - link.Least;
                room = link.Day == DayRule.Later ? Math.Min(room, latest[link.After] / project.Day * project.Day) : room;
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
            var last = into[p.Activity.Id]
                .Where(l => placed.ContainsKey(l.Before))
                .Select(l => LastStart(project, l, placed[l.Before]))
                .DefaultIfEmpty(project.Horizon)
                .Min();
            var start =
                p.Activity.Pausing == Pausing.InPieces
                    ? p.Start
                    : Spans.Of(project, p.Activity).Where(s => s.End <= end && s.Start <= last).Select(s => s.Start).DefaultIfEmpty(p.Start).Max();
            latest[p.Activity.Id] = Math.Max(start, p.Start);
            slip[p.Activity.Id] = p.Activity.Pausing == Pausing.InPieces ? Math.Max(0, Math.Min(end - p.End, last - p.Start)) : latest[p.Activity.Id] - p.Start;
        }

        return slip;
    }

    // Until when the later may start, the earlier where it is: no more than the most may pass, and the day stay the same where it has to.
    private static int LastStart(Project project, Link link, Placed before)
    {
        var since = link.FromStart ? before.Start : before.End;
        var most =
            link.Most is not { } m ? project.Horizon
            : link.Working && project.Hours is { } hours ? hours.After(since, m) ?? project.Horizon
            : since + m;
        return link.Day == DayRule.Same ? Math.Min(most, ((Math.Max(1, before.End) - 1) / project.Day * project.Day) + project.Day - 1) : most;
    }

    private static bool Shares(Placed one, Placed other) =>
        one.Pieces[^1].Crew.Intersect(other.Pieces[0].Crew, StringComparer.Ordinal).Any()
        || one.Activity.Demands.Any(d => other.Activity.Demands.Any(x => x.Resource == d.Resource));
}
