using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Planning;
using AllSound.Scheduling;
using Opening = AllSound.Scheduling.Opening;

namespace AllSound.Core.Programme;

/// <summary>A task in the programme.</summary>
/// <param name="Task">The task.</param>
/// <param name="Surface">Id of its surface; null where it has none.</param>
/// <param name="Operation">Id of its operation; null for a task of one's own.</param>
/// <param name="Pieces">When it is worked at, with who; one unless it is done in pieces.</param>
/// <param name="ReadyAt">When what it left is dry enough for the next.</param>
/// <param name="FloatHours">Hours by the clock that it may slip before the finish does.</param>
/// <param name="Mind">What waiting has brought about by then and has to be seen to first, as problems in words; empty where nothing has.</param>
public sealed record PlannedTask(
    ProgrammeTask Task,
    string? Surface,
    string? Operation,
    ImmutableArray<(DateTime From, DateTime To, ImmutableArray<string> Crew)> Pieces,
    DateTime ReadyAt,
    double FloatHours,
    ImmutableArray<string> Mind
)
{
    /// <summary>What it waits for, as it stands after "waits for"; null where it could begin sooner or at once, and in a plan that goes backwards.</summary>
    public string? WaitsFor { get; init; }

    /// <summary>When it starts.</summary>
    public DateTime Start => Pieces[0].From;

    /// <summary>When it has ended.</summary>
    public DateTime End => Pieces[^1].To;
}

/// <summary>A change that would bring the finish forward.</summary>
/// <param name="Change">The change in words.</param>
/// <param name="Finish">When everything would be done.</param>
public sealed record WouldHelp(string Change, DateTime Finish);

/// <summary>Who does what when.</summary>
/// <param name="Outcome">How it came about.</param>
/// <param name="Tasks">The tasks, in the order of their starts.</param>
/// <param name="Start">When the first starts.</param>
/// <param name="Finish">When the last has ended.</param>
/// <param name="Bound">No plan finishes earlier; going backwards, none starts later.</param>
/// <param name="LabourHours">Hours of labour as they are reckoned and priced; in the plan each task takes whole quarters.</param>
/// <param name="IdleHours">Working hours of people between the first start and the finish with nothing to do.</param>
/// <param name="Unplanned">What is not in it.</param>
/// <param name="Against">Where there is no plan: the smallest set of rules that stand against each other, in words.</param>
public sealed record ProgrammePlan(
    Outcome Outcome,
    ImmutableArray<PlannedTask> Tasks,
    DateTime Start,
    DateTime Finish,
    DateTime Bound,
    double LabourHours,
    double IdleHours,
    ImmutableArray<Unplanned> Unplanned,
    ImmutableArray<string> Against
)
{
    /// <summary>Work outside that the weather may hold up.</summary>
    public ImmutableArray<WeatherRisk> Risks { get; init; } = [];

    /// <summary>What the plan knows of the weather, in words; empty where nothing in it hangs on the weather.</summary>
    public string Weather { get; init; } = "";
}

/// <summary>How a programme is asked for.</summary>
/// <param name="From">When work may begin; goes before what the job says.</param>
/// <param name="Seconds">How long it may take, 0.1 to 600; about as long on the clock.</param>
/// <param name="Latest">Going backwards from the deadline: everything as late as it can be.</param>
public sealed record Asked(DateTime From, double Seconds = 5, bool Latest = false);

/// <summary>Plans who does what when: the steps of the chosen specifications and tasks of one's own alike.</summary>
public static class Programmer
{
    // What is asked of a rule is only whether a plan exists.
    private const double ToTell = 1;
    private const int OvertimeMinutes = 120;
    private const double Worthwhile = 0.25;

    /// <summary>Plans a job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    /// <param name="asked">How it is asked for.</param>
    /// <param name="cancel">Stops it.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static ProgrammePlan Plan(Job job, IReadOnlyDictionary<string, Specified> specified, Asked asked, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(specified);
        ArgumentNullException.ThrowIfNull(asked);
        var work = new SurfaceWork(job, specified);
        var weather = new WeatherWindows(job);
        var brief = Whole(job, work, weather);
        var steps = work.Tasks.ToDictionary(t => t.Task.Id, StringComparer.Ordinal);
        var milestones = work.Milestones.Select(m => m.Id).ToHashSet(StringComparer.Ordinal);
        var clock = ProjectOf.Clock(brief, asked.From);
        var project = ProjectOf.Of(brief, clock, asked.From);
        var schedule = Scheduler.Solve(project, asked.Latest ? Aim.LatestStart : Aim.Finish, asked.Seconds, cancel);
        if (schedule.Placed.IsEmpty)
        {
            var (against, about) = schedule.Outcome == Outcome.None ? Against(brief, clock, asked.From, cancel) : ([], []);
            return new(
                schedule.Outcome,
                [],
                asked.From,
                asked.From,
                asked.From,
                0,
                0,
                [
                    .. work.Unplanned,
                    .. Unbound(job, brief),
                    .. brief
                        .Tasks.Where(t => about.Contains(t.Id))
                        .Select(t => new Unplanned(
                            t.Title ?? t.Id,
                            "It is bound by rules that stand against each other.",
                            [$"let go of one of these: {string.Join("; ", against)}"]
                        )),
                ],
                against
            );
        }

        var slip = Slack.Of(project, schedule);
        var placed = schedule.Placed.ToDictionary(p => p.Activity.Id, StringComparer.Ordinal);
        var mind = work
            .Runs.SelectMany(r => r.Minded(id => (clock.At(placed[id].Start), clock.At(placed[id].End))))
            .ToLookup(m => m.Task, m => m.Problem, StringComparer.Ordinal);
        var waiting = new Waiting(project, schedule, brief, milestones, clock, asked.From);
        var tasks = schedule
            .Placed.Where(p => !milestones.Contains(p.Activity.Id))
            .Select(p =>
                Planned(
                    p,
                    brief,
                    clock,
                    steps.GetValueOrDefault(p.Activity.Id),
                    clock.Hours(slip.GetValueOrDefault(p.Activity.Id)),
                    [.. mind[p.Activity.Id].Distinct(StringComparer.Ordinal)]
                ) with
                {
                    WaitsFor = asked.Latest ? null : waiting.Of(p),
                }
            )
            .OrderBy(t => t.Start)
            .ThenBy(t => t.Task.Id, StringComparer.Ordinal)
            .ToImmutableArray();
        var labour = tasks.Sum(t => steps.TryGetValue(t.Task.Id, out var step) ? step.Labour : t.Task.Hours * t.Task.People);
        var booked = tasks.Sum(t => t.Task.Hours * t.Task.People);
        var start = tasks.IsEmpty ? asked.From : tasks.Min(t => t.Start);
        var finish = tasks.IsEmpty ? asked.From : clock.At(schedule.Finish);
        var there = project.Workers.Sum(w => clock.Hours(Present(project, w, schedule.Start, schedule.Finish)));
        return new(
            schedule.Outcome,
            tasks,
            start,
            finish,
            clock.At(schedule.Bound),
            Math.Round(labour, 2),
            Math.Max(0, Math.Round(there - booked, 2)),
            [.. work.Unplanned, .. Unbound(job, brief)],
            []
        )
        {
            Risks = [.. WeatherRisk.Of(tasks, weather, id => steps.GetValueOrDefault(id)?.Face)],
            Weather = WeatherRisk.Known(job, weather, asked.From),
        };
    }

    /// <summary>What would bring the finish of a plan forward, each found by planning again; the most first.</summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    /// <param name="asked">How the plan was asked for.</param>
    /// <param name="finish">When it finishes.</param>
    /// <param name="cancel">Stops it.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static ImmutableArray<WouldHelp> Sooner(
        Job job,
        IReadOnlyDictionary<string, Specified> specified,
        Asked asked,
        DateTime finish,
        CancellationToken cancel = default
    )
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(specified);
        ArgumentNullException.ThrowIfNull(asked);
        return Help(Whole(job, new SurfaceWork(job, specified), new WeatherWindows(job)), asked, finish, cancel);
    }

    // The brief with the steps of the specifications among its tasks. What speaks of a step that is not in it binds nothing.
    private static ProgrammeBrief Whole(Job job, SurfaceWork work, WeatherWindows weather)
    {
        var own = job.Programme ?? new();
        ProgrammeTask[] all =
        [
            .. own.Tasks.Select(t => t with { Closed = [.. weather.Closed(t, null)] }),
            .. work.Tasks.Select(t => t.Task with { Closed = [.. weather.Closed(t.Task, t.Face)] }),
            .. work.Milestones,
        ];
        var known = all.Select(t => t.Id).ToHashSet(StringComparer.Ordinal);
        return own with
        {
            Tasks = [.. all],
            Links = [.. own.Links.Where(l => known.Contains(l.Before) && known.Contains(l.After)), .. work.Links],
            Exclusions = [.. own.Exclusions.Where(e => known.Contains(e.First) && known.Contains(e.Second))],
        };
    }

    // Rules of one's own about steps that are not in the programme.
    private static IEnumerable<Unplanned> Unbound(Job job, ProgrammeBrief whole)
    {
        var own = job.Programme ?? new();
        var known = whole.Tasks.Select(t => t.Id).ToHashSet(StringComparer.Ordinal);
        return own
            .Links.SelectMany(l => new[] { l.Before, l.After })
            .Concat(own.Exclusions.SelectMany(e => new[] { e.First, e.Second }))
            .Where(id => !known.Contains(id))
            .Distinct(StringComparer.Ordinal)
            .Select(id => new Unplanned(id, "There is no such step in the plan: links and exclusions that name it bind nothing.", []));
    }

    private static PlannedTask Planned(Placed placed, ProgrammeBrief brief, SiteClock clock, StepTask? step, double slip, ImmutableArray<string> mind)
    {
        var task =
            brief.Tasks.FirstOrDefault(t => t.Id == placed.Activity.Id)
            ?? brief
                .Links.Select((l, i) => l.Otherwise is { } o && $"{l.Before}+{l.After}+{i}" == placed.Activity.Id ? o with { Id = placed.Activity.Id } : null)
                .OfType<ProgrammeTask>()
                .First();
        var dry = step?.DryHours ?? (task.Kinds.Contains(TaskKind.WetFilm) ? task.WetHours : 0);
        return new(
            task,
            step?.Surface,
            step?.Operation,
            [.. placed.Pieces.SelectMany(p => Worked(placed.Activity, p)).Select(p => (clock.At(p.From), clock.At(p.To), p.Crew))],
            clock.At(placed.End).AddHours(dry),
            Math.Round(slip, 2),
            mind
        );
    }

    // What goes on over closed hours is worked at in the open ones.
    private static IEnumerable<Piece> Worked(Activity activity, Piece piece)
    {
        var open = activity is { Pausing: Pausing.WhileClosed, Hours: { } hours } ? hours.And(Timetable.Of([new Opening(piece.From, piece.To)])).Openings : [];
        return open.IsEmpty ? [piece] : open.Select(o => piece with { From = o.From, To = o.To });
    }

    private static int Present(Project project, Worker worker, int from, int to)
    {
        var open = (project.Hours ?? Timetable.Of([new Opening(0, project.Horizon)])).And(Timetable.Of([new Opening(from, to)]));
        return open.Openings.Sum(o => o.Length) - (worker.Away is { } away ? open.And(away).Openings.Sum(o => o.Length) : 0);
    }

    private static (ImmutableArray<string> Says, HashSet<string> Tasks) Against(ProgrammeBrief brief, SiteClock clock, DateTime from, CancellationToken cancel)
    {
        var rules = BriefRules.Of(brief);
        bool Impossible(ImmutableArray<BriefRule> kept)
        {
            var rest = rules.Where(r => !kept.Contains(r)).Aggregate(brief, (b, r) => r.Drop(b));
            return Scheduler.Solve(ProjectOf.Of(rest, clock, from), Aim.Finish, ToTell, cancel).Outcome == Outcome.None;
        }

        if (Impossible([]))
        {
            return (["there are too few people, hours or pieces of equipment for what is to be done, whatever the dates"], []);
        }

        var smallest = MinimalSubset.Of(rules, Impossible);
        return ([.. smallest.Select(r => r.Says)], [.. smallest.SelectMany(r => r.Tasks)]);
    }

    private static ImmutableArray<WouldHelp> Help(ProgrammeBrief brief, Asked asked, DateTime finish, CancellationToken cancel)
    {
        (string Change, ProgrammeBrief Brief)[] changes =
        [
            (
                "one more painter",
                brief with
                {
                    Crew =
                    [
                        .. ProjectOf.Crew(brief),
                        new CrewMember { Id = "one-more", Skills = [.. brief.Tasks.SelectMany(t => t.Skills).Distinct(StringComparer.Ordinal)] },
                    ],
                }
            ),
            ("two hours of overtime a day", brief with { Hours = Longer(brief.Hours) }),
            ("Saturdays too", brief.Hours.Sat.IsEmpty && !brief.Hours.Fri.IsEmpty ? brief with { Hours = brief.Hours with { Sat = brief.Hours.Fri } } : brief),
        ];
        var found = ImmutableArray.CreateBuilder<WouldHelp>();
        foreach (var (change, other) in changes.Where(c => c.Brief != brief))
        {
            // What ends later than this does not help, so that nothing beyond it need be looked at.
            var of = ProjectOf.Clock(other, asked.From);
            var project = ProjectOf.Of(other, of, asked.From);
            var schedule = Scheduler.Solve(project with { Horizon = Math.Min(project.Horizon, of.Until(finish)) }, Aim.Finish, asked.Seconds / 4, cancel);
            if (!schedule.Placed.IsEmpty && (finish - of.At(schedule.Finish)).TotalHours >= Worthwhile)
            {
                found.Add(new(change, of.At(schedule.Finish)));
            }
        }

        return [.. found.OrderBy(f => f.Finish)];
    }

    private static WeekHours Longer(WeekHours hours)
    {
        ImmutableArray<string> Day(ImmutableArray<string> day) =>
            day.IsEmpty || SiteClock.Stretch(day[^1]) is not { } last || last.To + OvertimeMinutes > 1440
                ? day
                : [.. day[..^1], $"{At(last.From)}-{At(last.To + OvertimeMinutes)}"];
        static string At(int minute) => FormattableString.Invariant($"{minute / 60:00}:{minute % 60:00}");
        return new()
        {
            Mon = Day(hours.Mon),
            Tue = Day(hours.Tue),
            Wed = Day(hours.Wed),
            Thu = Day(hours.Thu),
            Fri = Day(hours.Fri),
            Sat = Day(hours.Sat),
            Sun = Day(hours.Sun),
        };
    }
}
