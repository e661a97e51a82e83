using System.Collections.Immutable;
using System.Numerics;
using AllSound.Core.Jobs;
using AllSound.Scheduling;
using Opening = AllSound.Scheduling.Opening;

namespace AllSound.Core.Programme;

/// <summary>A brief as a project of the scheduler.</summary>
internal static class ProjectOf
{
    // However long it takes, nobody plans further ahead.
    private const int MostDays = 400;
    private const int SpareDays = 21;

    // Power is shared out in steps of so many watts.
    private const int WattStep = 50;
    private const string Power = "power";

    /// <summary>The clock of a brief: ticks as coarse as everything in it lets them be.</summary>
    public static SiteClock Clock(ProgrammeBrief brief, DateTime start)
    {
        var minutes = new List<int> { 1440, brief.StepMinutes };
        void Length(double? hours)
        {
            if (hours is { } h)
            {
                minutes.Add((int)Math.Ceiling(Math.Round(h * 60, 3)));
            }
        }

        void Stretch(string? text)
        {
            if (text is not null && SiteClock.Stretch(text) is { } s)
            {
                minutes.AddRange([s.From, s.To]);
            }
        }

        void Moment(DateTime? at)
        {
            if (at is { } t)
            {
                minutes.Add((t.Hour * 60) + t.Minute);
            }
        }

        foreach (var stretch in Enum.GetValues<DayOfWeek>().SelectMany(d => brief.Hours.Of(d)))
        {
            Stretch(stretch);
        }

        foreach (var task in brief.Tasks.Concat(brief.Links.Select(l => l.Otherwise).OfType<ProgrammeTask>()))
        {
            Length(task.Hours);
            Length(task.Split == TaskSplit.Pieces ? task.LeastPieceHours : null);
            Stretch(task.Window);
            Moment(task.At);
        }

        foreach (var link in brief.Links)
        {
            Length(link.LeastHours);
            Length(link.MostHours);
        }

        Length(brief.SettleHours);
        Moment(brief.LockUp is { } lockUp && SiteClock.Minute(lockUp) is { } m ? start.Date.AddMinutes(m) : null);
        return new SiteClock(start.Date, minutes.Where(m => m > 0).Aggregate((a, b) => (int)BigInteger.GreatestCommonDivisor(a, b)));
    }

    /// <summary>The project.</summary>
    /// <param name="brief">The brief, with all tasks in it.</param>
    /// <param name="clock">Its clock.</param>
    /// <param name="start">When work may begin.</param>
    public static Project Of(ProgrammeBrief brief, SiteClock clock, DateTime start)
    {
        var days = Days(brief, clock);
        var working = clock.Working(brief.Hours, days);
        var always = Timetable.Of([new Opening(0, days * clock.Day)]);
        var horizon = brief.Deadline is { } deadline ? Math.Clamp(clock.Until(deadline), 0, days * clock.Day) : days * clock.Day;
        var links = brief.Links.Select((l, i) => (Link: l, Otherwise: l.Otherwise is { } o ? o with { Id = $"{l.Before}+{l.After}+{i}" } : null)).ToArray();
        var all = brief.Tasks.Concat(links.Select(l => l.Otherwise).OfType<ProgrammeTask>()).ToArray();
        return new()
        {
            Activities = [.. all.Select((t, i) => Activity(t, brief, clock, start, working, always, i >= brief.Tasks.Length))],
            Links =
            [
                .. links.Select(l => new Link(
                    l.Link.Before,
                    l.Link.After,
                    clock.Long(l.Link.LeastHours),
                    l.Link.MostHours is { } most ? (int)Math.Floor(Math.Round(most * 60 / clock.Minutes, 6)) : null,
                    l.Link.FromStart,
                    l.Link.Count == WaitCount.Working,
                    l.Link.SameDay ? DayRule.Same
                        : l.Link.LaterDay ? DayRule.Later
                        : DayRule.Any,
                    l.Otherwise?.Id
                )),
            ],
            Exclusions = [.. brief.Exclusions.Select(e => new Exclusion(e.First, clock.Long(e.FirstHours), e.Second, clock.Long(e.SecondHours))), .. ByAir(brief, clock)],
            Resources =
            [
                .. brief.Equipment.Select(e => new Resource(e.Id, e.Count)),
                .. brief.Watts is { } watts ? [new Resource(Power, watts / WattStep)] : Array.Empty<Resource>(),
            ],
            Workers = [.. Crew(brief).Select(c => new Worker(c.Id, c.Skills, c.DaysOff.IsEmpty ? null : Away(c, clock)))],
            Hours = working,
            Day = clock.Day,
            Horizon = horizon,
        };
    }

    /// <summary>The people of a brief; one painter where nobody is named.</summary>
    public static ImmutableArray<CrewMember> Crew(ProgrammeBrief brief) => brief.Crew.IsEmpty ? [new CrewMember { Id = "painter" }] : brief.Crew;

    private static Timetable Away(CrewMember member, SiteClock clock) =>
        Timetable.Of(member.DaysOff.Select(d => clock.From(d.ToDateTime(TimeOnly.MinValue))).Where(t => t >= 0).Select(t => new Opening(t, t + clock.Day)));

    // No dust while a film is wet, nor a coat until dust has settled; nothing splashes a wet film.
    private static IEnumerable<Exclusion> ByAir(ProgrammeBrief brief, SiteClock clock)
    {
        foreach (var space in brief.Tasks.Where(t => t.Space is not null).GroupBy(t => t.Space, StringComparer.Ordinal))
        {
            var wet = space.Where(t => t.Kinds.Contains(TaskKind.WetFilm)).ToArray();
            foreach (var task in space)
            {
                var (dust, splash) = (task.Kinds.Contains(TaskKind.Dust), task.Kinds.Contains(TaskKind.Splash));
                foreach (var film in dust || splash ? wet : [])
                {
                    // The steps of one surface have their own order.
                    if (film.Id != task.Id && StepId.Owner(film.Id) is var owner && (owner is null || owner != StepId.Owner(task.Id)))
                    {
                        yield return new(task.Id, dust ? clock.Long(brief.SettleHours) : 0, film.Id, clock.Long(film.WetHours));
                    }
                }
            }
        }
    }

    private static Activity Activity(ProgrammeTask task, ProgrammeBrief brief, SiteClock clock, DateTime start, Timetable working, Timetable always, bool onlyIfLate)
    {
        // A machine runs through the night; people, and whoever comes by the day, do not.
        var hours = task.People > 0 || task.Window is not null || !task.Days.IsEmpty ? working : always;
        var days = always.Openings[0].To / clock.Day;
        if (task.Window is { } window && SiteClock.Stretch(window) is { } s)
        {
            hours = hours.And(clock.Daily(s.From, s.To, days));
        }

        if (!task.Days.IsEmpty)
        {
            hours = hours.And(
                Timetable.Of(
                    Enumerable
                        .Range(0, days)
                        .Where(d => task.Days.Contains(Of(clock.Midnight.AddDays(d).DayOfWeek)))
                        .Select(d => new Opening(d * clock.Day, (d + 1) * clock.Day))
                )
            );
        }

        if (task.ShutHours is { } shut && brief.LockUp is { } lockUp && SiteClock.Minute(lockUp) is { } locked)
        {
            hours = hours.And(clock.Daily(0, Math.Max(clock.Minutes, locked - (clock.Long(shut) * clock.Minutes)), days));
        }

        var booked = brief
            .Dates.Where(b => b.Kind is BookingKind.Closed or BookingKind.Trade && (b.Space is null || b.Space == task.Space) && !b.Tasks.Contains(task.Id))
            .ToArray();
        if (booked.Length > 0 && (task.People > 0 || task.Window is not null || !task.Days.IsEmpty))
        {
            hours = hours.And(Free(booked.Select(b => new Opening(clock.Until(b.From), clock.From(b.To ?? b.From.Date.AddDays(1)))), days * clock.Day));
        }

        if (!task.Closed.IsEmpty)
        {
            hours = hours.And(Free(task.Closed.Select(c => new Opening(clock.Until(c.From), clock.From(c.To))), days * clock.Day));
        }

        var waits = brief
            .Dates.Where(b =>
                b.Kind is BookingKind.Consent or BookingKind.Delivery && (b.Tasks.Contains(task.Id) || (b.Tasks.IsEmpty && (b.Space is null || b.Space == task.Space)))
            )
            .Select(b => clock.From(b.From));
        var (earliest, duration) = (waits.Append(clock.From(start)).Append(task.Earliest is { } e ? clock.From(e) : 0).Max(), clock.Long(task.Hours));
        var pausing = task.Split switch
        {
            TaskSplit.Pieces when duration > 0 => Pausing.InPieces,
            TaskSplit.Pauses => Pausing.WhileClosed,
            _ => Pausing.Never,
        };
        return new()
        {
            Id = task.Id,
            Duration = duration,
            Hours = hours,
            Pausing = onlyIfLate ? Pausing.Never : pausing,
            LeastPiece = Math.Max(1, clock.Long(task.LeastPieceHours)),
            Earliest = task.At is { } at ? Math.Max(clock.From(at), earliest) : earliest,
            Latest = new[]
            {
                task.Latest is { } l ? clock.Until(l) : (int?)null,
                task.At is { } pinned && pausing == Pausing.Never ? clock.From(pinned) + duration : null,
            }.Min(),
            Grid = task.At is null ? Math.Max(1, brief.StepMinutes / clock.Minutes) : 1,
            People = task.People,
            Skills = task.Skills,
            Demands =
            [
                .. task.Equipment.Select(u => new Demand(u.Id, u.Count)),
                .. brief.Watts is not null && task.Watts > 0 ? [new Demand(Power, (task.Watts + WattStep - 1) / WattStep)] : Array.Empty<Demand>(),
            ],
            Group = task.Space,
            OnlyIfLate = onlyIfLate,
            Wanted = task.Planned is { } planned ? clock.From(planned) : null,
        };
    }

    private static Timetable Free(IEnumerable<Opening> booked, int end)
    {
        var (free, from) = (new List<Opening>(), 0);
        foreach (var b in Timetable.Of(booked.Select(b => new Opening(Math.Max(0, b.From), Math.Min(end, b.To)))).Openings)
        {
            free.Add(new(from, b.From));
            from = b.To;
        }

        return Timetable.Of(free.Append(new(from, end)));
    }

    // So many that everything can be done one after another, and some to spare.
    private static int Days(ProgrammeBrief brief, SiteClock clock)
    {
        if (brief.Deadline is { } deadline)
        {
            return Math.Clamp((int)(deadline.Date - clock.Midnight).TotalDays + 1, 1, MostDays);
        }

        var week = Enum.GetValues<DayOfWeek>().Sum(d => brief.Hours.Of(d).Sum(s => SiteClock.Stretch(s) is { } x ? (x.To - x.From) / 60.0 : 0));
        var work = brief.Tasks.Sum(t => t.Hours) / Math.Max(week / 7, 0.1);
        var latest = brief.Dates.Select(d => d.To ?? d.From).Concat(brief.Tasks.Select(t => t.Earliest ?? t.At).OfType<DateTime>()).Append(clock.Midnight).Max();
        return (int)Math.Clamp(work + Chain(brief) + (latest - clock.Midnight).TotalDays + SpareDays, SpareDays, MostDays);
    }

    // Days of waiting along the links, one after another at the most.
    private static double Chain(ProgrammeBrief brief)
    {
        var into = brief.Links.ToLookup(l => l.After, StringComparer.Ordinal);
        var known = new Dictionary<string, double>(StringComparer.Ordinal);
        double Of(string id, int depth) =>
            known.TryGetValue(id, out var days) ? days
            : depth > brief.Tasks.Length ? 0
            : known[id] = into[id]
                .Select(l => Of(l.Before, depth + 1) + (l.LeastHours / (l.Count == WaitCount.Working ? 8 : 24)) + (l.LaterDay ? 1 : 0))
                .DefaultIfEmpty(0)
                .Max();
        return brief.Tasks.Select(t => Of(t.Id, 0)).DefaultIfEmpty(0).Max();
    }

    private static Weekday Of(DayOfWeek day) => (Weekday)(((int)day + 6) % 7);
}
