using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Scheduling;

namespace AllSound.Core.Programme;

/// <summary>
/// What each task of a plan waits for: of all that must be over before it, that which ends last; or the hours in which it may be done, where those begin
/// later still. What could begin sooner and does not waits for nothing.
/// </summary>
internal sealed class Waiting
{
    private readonly Project project;
    private readonly SiteClock clock;
    private readonly Dictionary<string, ProgrammeTask> tasks;
    private readonly Dictionary<string, Placed> placed;
    private readonly ILookup<string, Link> into;
    private readonly ILookup<string, Exclusion> apart;
    private readonly ImmutableArray<Booking> dates;
    private readonly HashSet<string> milestones;
    private readonly int from;

    /// <param name="project">What was solved.</param>
    /// <param name="schedule">What came of it.</param>
    /// <param name="brief">The brief that it is of, with all tasks in it.</param>
    /// <param name="milestones">Ids of tasks that are no work: they only hold others together.</param>
    /// <param name="clock">Its clock.</param>
    /// <param name="start">When work may begin.</param>
    public Waiting(Project project, Schedule schedule, ProgrammeBrief brief, HashSet<string> milestones, SiteClock clock, DateTime start)
    {
        (this.project, this.clock, this.milestones, dates, from) = (project, clock, milestones, brief.Dates, clock.From(start));
        tasks = brief.Tasks.ToDictionary(t => t.Id, StringComparer.Ordinal);
        placed = schedule.Placed.ToDictionary(p => p.Activity.Id, StringComparer.Ordinal);
        into = project.Links.ToLookup(l => l.After, StringComparer.Ordinal);
        apart = project.Exclusions.SelectMany(e => new[] { (Id: e.First, Of: e), (Id: e.Second, Of: e) }).ToLookup(x => x.Id, x => x.Of, StringComparer.Ordinal);
    }

    /// <summary>What a task waits for, as it stands after "waits for"; null where it waits for nothing.</summary>
    public string? Of(Placed of)
    {
        var held = Held(of).Where(h => h.Until > from && h.Until <= of.Start).OrderByDescending(h => h.Until).ThenBy(h => h.Rank).FirstOrDefault();
        var ready = Math.Max(from, held.Says is null ? from : held.Until);
        if (ready < of.Start && Room(of.Activity.Hours, of.Activity, ready, of.Start))
        {
            return null;
        }

        // Hands are free and all is dry, in hours in which others work and this may not be done.
        if (ready < of.Start && Room(project.Hours, of.Activity, ready, of.Start) && Shut(of, ready) is { } shut)
        {
            return shut;
        }

        return held.Says;
    }

    // Would it have fitted in before it starts?
    private static bool Room(Timetable? hours, Activity activity, int ready, int start)
    {
        var needs = activity.Pausing == Pausing.Never ? activity.Duration : Math.Min(activity.Duration, Math.Max(1, activity.LeastPiece));
        // A start is on the grid, as all are.
        int OnGrid(int tick) => activity.Grid <= 1 ? tick : (tick + activity.Grid - 1) / activity.Grid * activity.Grid;
        return hours is null || hours.Openings.Any(o => OnGrid(Math.Max(o.From, ready)) is var first && first < start && first + needs <= o.To);
    }

    private string? Shut(Placed of, int ready)
    {
        var task = tasks.GetValueOrDefault(of.Activity.Id);
        if (task is null)
        {
            return null;
        }

        bool Meets(DateTime begins, DateTime ends) => clock.From(begins) < of.Start && clock.Until(ends) > ready;
        return task.Closed.Any(c => Meets(c.From, c.To)) ? "weather fit for it"
            : dates.FirstOrDefault(d =>
                d.Kind is BookingKind.Closed or BookingKind.Trade
                && (d.Space is null || d.Space == task.Space)
                && !d.Tasks.Contains(task.Id)
                && Meets(d.From, d.To ?? d.From.Date.AddDays(1))
            )
                is { } booked
                ? $"the end of {booked.Title}"
            : task.ShutHours is not null ? "a morning: it has to be dry enough to shut when the building is locked"
            : task.Window is not null || !task.Days.IsEmpty ? "the hours in which it may be done"
            : null;
    }

    private IEnumerable<(int Until, int Rank, string Says)> Held(Placed of)
    {
        foreach (var link in into[of.Activity.Id])
        {
            if (!placed.TryGetValue(link.Before, out var before))
            {
                continue;
            }

            var until = After(link.FromStart ? before.Start : before.End, link);
            if (!milestones.Contains(link.Before))
            {
                yield return (until, 0, link.FromStart ? $"{Named(before)} to be under way" : Ends(before, dries: link.Least > 0));
                continue;
            }

            // What only holds others together is told by what it waits for itself.
            foreach (var further in Held(before).Where(h => h.Until <= before.Start))
            {
                yield return further;
            }
        }

        foreach (var e in apart[of.Activity.Id])
        {
            var (other, tail) = e.First == of.Activity.Id ? (e.Second, e.SecondTail) : (e.First, e.FirstTail);
            if (placed.TryGetValue(other, out var before) && before.Start < of.Start)
            {
                var dusty = tasks.GetValueOrDefault(other)?.Kinds.Contains(TaskKind.Dust) == true;
                yield return (before.End + tail, 1, dusty ? $"the dust of {Named(before)} to settle" : Ends(before, dries: tail > 0));
            }
        }

        if (of.Activity.Earliest > from)
        {
            yield return (of.Activity.Earliest, 0, Dated(of));
        }

        foreach (var demand in of.Activity.Demands.Where(d => project.Resources.FirstOrDefault(r => r.Id == d.Resource) is { } r && d.Amount * 2 > r.Capacity))
        {
            foreach (var before in placed.Values.Where(p => p != of && p.End <= of.Start && p.Activity.Demands.Any(d => d.Resource == demand.Resource)))
            {
                yield return (before.End, 2, $"the {demand.Resource}, which {Named(before)} has until then");
            }
        }

        foreach (var person in of.Pieces[0].Crew)
        {
            var last = placed
                .Values.Where(p => p != of)
                .SelectMany(p => p.Pieces.Where(x => x.To <= of.Start && x.Crew.Contains(person)).Select(x => (Of: p, x.To)))
                .OrderByDescending(x => x.To)
                .FirstOrDefault();
            if (last.Of is { } before)
            {
                yield return (last.To, 3, $"hands: {Named(before)} comes first");
            }
        }
    }

    // So long after, in hours that people work where it is counted so.
    private int After(int tick, Link link)
    {
        if (!link.Working || project.Hours is not { } hours)
        {
            return tick + link.Least;
        }

        var left = link.Least;
        foreach (var open in hours.Openings.Where(o => o.To > tick))
        {
            var begins = Math.Max(open.From, tick);
            if (open.To - begins >= left)
            {
                return begins + left;
            }

            left -= open.To - begins;
        }

        return tick + link.Least;
    }

    private string Ends(Placed before, bool dries) =>
        !dries ? $"{Named(before)} to be done"
        : tasks.GetValueOrDefault(before.Activity.Id)?.Kinds.Contains(TaskKind.WetFilm) == true ? $"{Named(before)} to dry"
        : $"the time after {Named(before)}";

    private string Dated(Placed of)
    {
        var task = tasks.GetValueOrDefault(of.Activity.Id);
        var date = dates.FirstOrDefault(d => d.Kind is BookingKind.Consent or BookingKind.Delivery && clock.From(d.From) == of.Activity.Earliest);
        return task?.At is not null ? "the time that it is pinned to" : date?.Title ?? "the day from which it may begin";
    }

    private string Named(Placed of) => tasks.GetValueOrDefault(of.Activity.Id)?.Title ?? of.Activity.Id;
}
