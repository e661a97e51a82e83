namespace AllSound.Scheduling;

/// <summary>No schedule finishes before this, whatever the solver finds; beyond the horizon there is none.</summary>
internal static class Bounds
{
    /// <summary>The latest of: the longest chain of links in its hours, and the work of everybody and on every resource in the hours there are.</summary>
    public static int Finish(Project project)
    {
        var needed = project.Activities.Where(a => !a.OnlyIfLate).ToArray();
        var bound = Chain(project);
        bound = Math.Max(bound, Energy(project, needed, a => a.People, project.Workers.Length));
        foreach (var resource in project.Resources)
        {
            bound = Math.Max(bound, Energy(project, needed, a => a.Demands.Where(d => d.Resource == resource.Id).Sum(d => d.Amount), resource.Capacity));
        }

        return bound;
    }

    // So much work in the hours in which any of it may go on, by so many at once.
    private static int Energy(Project project, Activity[] activities, Func<Activity, int> amount, int capacity)
    {
        var busy = activities.Where(a => amount(a) > 0 && a.Duration > 0).ToArray();
        if (busy.Length == 0 || capacity < 1)
        {
            return 0;
        }

        var open = Timetable.Of(busy.SelectMany(a => a.Hours?.Openings ?? [new Opening(0, project.Horizon)]));
        var work = busy.Sum(a => (long)amount(a) * a.Duration);
        return open.After(busy.Min(a => a.Earliest), (int)((work + capacity - 1) / capacity)) ?? project.Horizon + 1;
    }

    private static int Chain(Project project)
    {
        var into = project.Links.ToLookup(l => l.After, StringComparer.Ordinal);
        var all = project.Activities.ToDictionary(a => a.Id, StringComparer.Ordinal);
        var ends = new Dictionary<string, (int Start, int End)>(StringComparer.Ordinal);
        return project.Activities.Where(a => !a.OnlyIfLate).Select(a => Of(a, 0).End).DefaultIfEmpty(0).Max();

        (int Start, int End) Of(Activity activity, int depth)
        {
            if (ends.TryGetValue(activity.Id, out var known))
            {
                return known;
            }

            // A ring of links has no schedule: whatever is said of it is no bound that matters.
            var from = depth > all.Count ? 0 : activity.Earliest;
            foreach (var link in depth > all.Count ? [] : into[activity.Id].Where(l => !all[l.Before].OnlyIfLate))
            {
                var before = Of(all[link.Before], depth + 1);
                var since = link.FromStart ? before.Start : before.End;
                from = Math.Max(
                    from,
                    link.Working && project.Hours is { } hours ? hours.After(since, Math.Max(0, link.Least)) ?? project.Horizon + 1 : since + link.Least
                );
                if (link.Day == DayRule.Later)
                {
                    from = Math.Max(from, (((Math.Max(1, before.End) - 1) / project.Day) + 1) * project.Day);
                }
            }

            return ends[activity.Id] =
                activity.Pausing == Pausing.InPieces
                    ? (from, (activity.Hours is { } of ? of.After(from, activity.Duration) : from + activity.Duration) ?? project.Horizon + 1)
                    : Spans
                        .Of(project, activity with { Earliest = Math.Max(activity.Earliest, from) })
                        .DefaultIfEmpty((project.Horizon + 1, project.Horizon + 1))
                        .First();
        }
    }
}
