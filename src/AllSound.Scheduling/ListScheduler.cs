using System.Collections.Immutable;

namespace AllSound.Scheduling;

/// <summary>
/// A first schedule, quickly: activities in the order of how much work hangs on them, each as early as the ones before let it (serial schedule
/// generation; R. Kolisch, 1996, from memory). Where more than the most passes after an activity, that one is put off and all is laid again. It looks
/// past pieces: what it finds is where the solver begins.
/// </summary>
internal static class ListScheduler
{
    // Days before its latest start from which an activity no longer waits for others of another group.
    private static readonly double[] SpareDays = [0.5, 1, 2, 3, 5, 8, 12];

    // What may wait for fewer days than this is laid at once; what may wait longer seldom has to.
    private const int PressedDays = 4;

    // So often an activity is put off before it is left to the solver.
    private const int Rounds = 16;

    /// <summary>A schedule, or none when an activity finds no place.</summary>
    public static ImmutableArray<Placed> Try(Project project, Aim aim, CancellationToken cancel = default)
    {
        // Whatever most hangs on goes first. Where as early a finish leaves room for it, what was begun is gone on with.
        var best = Obeying(project, aim, null, cancel);
        if (best.IsEmpty || project.Activities.All(a => a.Group is null))
        {
            return best;
        }

        var latest = LatestStarts(project, best.Max(p => p.End));
        foreach (var days in SpareDays)
        {
            var spare = (int)(days * project.Day);
            var grouped = Obeying(project, aim, latest.ToDictionary(l => l.Key, l => l.Value - spare, StringComparer.Ordinal), cancel);
            if (!grouped.IsEmpty && grouped.Max(p => p.End) <= best.Max(p => p.End) && !Late(project, grouped).Any())
            {
                return grouped;
            }
        }

        return best;
    }

    // The latest start of each by what comes after it, people and resources left out, so that all ends by a tick.
    private static Dictionary<string, int> LatestStarts(Project project, int finish)
    {
        var outOf = project.Links.ToLookup(l => l.Before, StringComparer.Ordinal);
        var all = project.Activities.ToDictionary(a => a.Id, StringComparer.Ordinal);
        var known = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var activity in project.Activities)
        {
            Of(activity, 0);
        }

        return known;

        int Of(Activity activity, int depth)
        {
            if (known.TryGetValue(activity.Id, out var start) || depth > all.Count)
            {
                return start;
            }

            var end = Math.Min(finish, activity.Latest ?? finish);
            foreach (var link in outOf[activity.Id])
            {
                var before = Of(all[link.After], depth + 1) - Math.Max(0, link.Least);
                end = Math.Min(end, link.FromStart ? before + activity.Duration : before);
            }

            return known[activity.Id] = activity.Hours is { } hours ? hours.After(0, Math.Max(0, hours.Before(end) - activity.Duration)) ?? 0 : end - activity.Duration;
        }
    }

    private static ImmutableArray<Placed> Obeying(Project project, Aim aim, Dictionary<string, int>? urgentFrom, CancellationToken cancel)
    {
        var laid = Lay(project, aim, urgentFrom, cancel);
        for (var round = 0; round < Rounds && !laid.IsEmpty && Late(project, laid).ToArray() is { Length: > 0 } late; round++)
        {
            var after = laid.ToDictionary(p => p.Activity.Id, StringComparer.Ordinal);
            var put = late.GroupBy(l => l.Before, StringComparer.Ordinal).ToDictionary(g => g.Key, g => g.Max(l => PutOff(project, l, after)), StringComparer.Ordinal);
            project = project with
            {
                Activities = [.. project.Activities.Select(a => put.TryGetValue(a.Id, out var to) && to > a.Earliest ? a with { Earliest = to } : a)],
            };
            laid = Lay(project, aim, urgentFrom, cancel);
        }

        return laid;
    }

    /// <summary>The links after whose earlier end more than the most passes.</summary>
    public static IEnumerable<Link> Late(Project project, ImmutableArray<Placed> placed)
    {
        var at = placed.ToDictionary(p => p.Activity.Id, StringComparer.Ordinal);
        foreach (var link in project.Links.Where(l => l.Most is not null))
        {
            var since = link.FromStart ? at[link.Before].Start : at[link.Before].End;
            var passed = link.Working && project.Hours is { } hours ? hours.Before(at[link.After].Start) - hours.Before(since) : at[link.After].Start - since;
            if (passed > link.Most)
            {
                yield return link;
            }
        }
    }

    // The earliest start at which no more than the most would pass until the later one, where that lies now.
    private static int PutOff(Project project, Link link, Dictionary<string, Placed> at)
    {
        var work = link.FromStart ? 0 : at[link.Before].Activity.Duration;
        var to = at[link.After].Start;
        return link.Working && project.Hours is { } hours
            ? hours.After(0, Math.Max(0, hours.Before(to) - link.Most!.Value - work)) ?? 0
            : Math.Max(0, to - link.Most!.Value - work);
    }

    private static ImmutableArray<Placed> Lay(Project project, Aim aim, Dictionary<string, int>? urgentFrom, CancellationToken cancel)
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
        string? group = null;
        var pressed = new HashSet<string>(StringComparer.Ordinal);
        foreach (var a in project.Activities.Where(a => waiting[a.Id] == 0))
        {
            ready.Add((Tail(a.Id, 0), a.Id));
        }

        var people = new int[project.Horizon + 1];
        var held = project.Resources.ToDictionary(r => r.Id, _ => new int[project.Horizon + 1], StringComparer.Ordinal);
        var found = new Dictionary<string, (int Start, int End)>(StringComparer.Ordinal);
        while (ready.Count > 0)
        {
            cancel.ThrowIfCancellationRequested();
            // What may not wait long after something that is laid comes at once, with whatever is still before it.
            var next =
                ready.Where(r => pressed.Contains(r.Id)).Select(r => ((long Tail, string Id)?)r).FirstOrDefault()
                ?? (urgentFrom is null ? ready.Min : Soonest(urgentFrom));
            ready.Remove(next);
            var activity = all[next.Id];
            group = activity.Group;
            if (Place(activity) is not { } at)
            {
                return [];
            }

            found[activity.Id] = at;
            foreach (var link in outOf[activity.Id].Where(l => l.Most < PressedDays * project.Day))
            {
                Press(link.After);
            }

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

        void Press(string id)
        {
            if (!found.ContainsKey(id) && pressed.Add(id))
            {
                foreach (var link in into[id])
                {
                    Press(link.Before);
                }
            }
        }

        (int Start, int End)? Place(Activity activity)
        {
            var from = into[activity.Id]
                .Select(l => (l.FromStart ? found[l.Before].Start : found[l.Before].End) + Math.Max(0, l.Working ? 0 : l.Least))
                .Append(activity.Earliest)
                .Max();
            var laid = activity with { Earliest = from, Pausing = activity.Pausing == Pausing.InPieces ? Pausing.WhileClosed : activity.Pausing };
            return Spans.Of(project, laid).Cast<(int Start, int End)?>().FirstOrDefault(s => Fits(activity, s!.Value.Start, s.Value.End));
        }

        // What can be begun first; of those what is urgent, then what belongs to what was just done, then what most hangs on.
        (long Tail, string Id) Soonest(Dictionary<string, int> urgent) =>
            ready
                .Select(r => (Ready: r, Start: Place(all[r.Id])?.Start ?? int.MaxValue))
                .OrderBy(r => r.Start)
                .ThenByDescending(r => r.Start >= urgent[r.Ready.Id])
                .ThenByDescending(r => group is not null && all[r.Ready.Id].Group == group)
                .First()
                .Ready;

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
