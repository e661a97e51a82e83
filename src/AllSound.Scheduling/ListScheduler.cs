using System.Collections.Immutable;

namespace AllSound.Scheduling;

/// <summary>
/// A first schedule, quickly: activities in the order of how much work hangs on them, each as early as the ones before let it (serial schedule
/// generation; R. Kolisch, 1996, from memory). It looks past latest waits, latest ends and pieces: what it finds is where the solver begins.
/// </summary>
internal static class ListScheduler
{
    /// <summary>A schedule, or none when an activity finds no place.</summary>
    public static ImmutableArray<Placed> Try(Project project, Aim aim)
    {
        if (aim != Aim.Finish || project.Workers.Any(w => w.Away is not null) || project.Activities.Any(a => a.OnlyIfLate || !a.Skills.IsEmpty))
        {
            return [];
        }

        var all = project.Activities.ToDictionary(a => a.Id, StringComparer.Ordinal);
        var (into, outOf) = (project.Links.ToLookup(l => l.After, StringComparer.Ordinal), project.Links.ToLookup(l => l.Before, StringComparer.Ordinal));
        var exclusions = project.Exclusions.SelectMany(e => new[] { (e.First, e), (e.Second, e) }).ToLookup(x => x.Item1, x => x.e, StringComparer.Ordinal);
        var tails = new Dictionary<string, long>(StringComparer.Ordinal);
        var waiting = project.Activities.ToDictionary(a => a.Id, a => into[a.Id].Count(), StringComparer.Ordinal);
        var ready = new SortedSet<(long Tail, string Id)>(
            Comparer<(long Tail, string Id)>.Create((x, y) => x.Tail != y.Tail ? y.Tail.CompareTo(x.Tail) : string.CompareOrdinal(x.Id, y.Id))
        );
        foreach (var a in project.Activities.Where(a => waiting[a.Id] == 0))
        {
            ready.Add((Tail(a.Id, 0), a.Id));
        }

        var people = new int[project.Horizon + 1];
        var held = project.Resources.ToDictionary(r => r.Id, _ => new int[project.Horizon + 1], StringComparer.Ordinal);
        var found = new Dictionary<string, (int Start, int End)>(StringComparer.Ordinal);
        while (ready.Count > 0)
        {
            var next = ready.Min;
            ready.Remove(next);
            var activity = all[next.Id];
            var place = Spans
                .Of(project, activity.Pausing == Pausing.InPieces ? activity with { Pausing = Pausing.WhileClosed } : activity)
                .Cast<(int Start, int End)?>()
                .FirstOrDefault(s => Fits(activity, s!.Value.Start, s.Value.End));
            if (place is not { } at)
            {
                return [];
            }

            found[activity.Id] = at;
            for (var t = at.Start; t < at.End; t++)
            {
                people[t] += activity.People;
                foreach (var demand in activity.Demands.Where(d => held.ContainsKey(d.Resource)))
                {
                    held[demand.Resource][t] += demand.Amount;
                }
            }

            foreach (var link in outOf[activity.Id])
            {
                if (--waiting[link.After] == 0)
                {
                    ready.Add((Tail(link.After, 0), link.After));
                }
            }
        }

        return found.Count < all.Count ? [] : [.. project.Activities.Select(a => new Placed(a, [new Piece(found[a.Id].Start, found[a.Id].End, [])]))];

        bool Fits(Activity activity, int start, int end)
        {
            foreach (var link in into[activity.Id])
            {
                var (from, to) = found[link.Before];
                var since = link.FromStart ? from : to;
                if (start < since || (link.Working && project.Hours is { } hours ? hours.Before(start) - hours.Before(since) : start - since) < link.Least)
                {
                    return false;
                }

                if (
                    (link.Day == DayRule.Later && start / project.Day <= (Math.Max(to, 1) - 1) / project.Day)
                    || (link.Day == DayRule.Same && start / project.Day != (Math.Max(to, 1) - 1) / project.Day)
                )
                {
                    return false;
                }
            }

            foreach (var e in exclusions[activity.Id])
            {
                var (other, mine, theirs) = e.First == activity.Id ? (e.Second, e.FirstTail, e.SecondTail) : (e.First, e.SecondTail, e.FirstTail);
                if (found.TryGetValue(other, out var at) && start < at.End + theirs && at.Start < end + mine)
                {
                    return false;
                }
            }

            for (var t = start; t < end; t++)
            {
                if (people[t] + activity.People > project.Workers.Length)
                {
                    return false;
                }

                foreach (var demand in activity.Demands)
                {
                    if (!held.ContainsKey(demand.Resource) || held[demand.Resource][t] + demand.Amount > project.Resources.First(r => r.Id == demand.Resource).Capacity)
                    {
                        return false;
                    }
                }
            }

            return true;
        }

        // Work and waits that follow; a ring of links ends the walk.
        long Tail(string id, int depth) =>
            tails.TryGetValue(id, out var known) ? known
            : depth > all.Count ? 0
            : tails[id] = all[id].Duration + outOf[id].Select(l => Math.Max(0, l.Least) + Tail(l.After, depth + 1)).DefaultIfEmpty(0).Max();
    }
}
