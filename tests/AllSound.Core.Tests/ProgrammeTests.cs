using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Programme;
using AllSound.Core.Specification;
using AllSound.Scheduling;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Programmes of worked cases, whose best plans were proved by trying everything; what a bad brief is told; what never happens in a plan.</summary>
public sealed class ProgrammeTests
{
    // A Monday.
    private static readonly DateTime Monday = new(2026, 11, 2, 8, 0, 0);

    private static readonly WeekHours AllDay = Every("08:00-16:00");

    private static WeekHours Every(params string[] hours) =>
        new()
        {
            Mon = [.. hours],
            Tue = [.. hours],
            Wed = [.. hours],
            Thu = [.. hours],
            Fri = [.. hours],
            Sat = [.. hours],
            Sun = [.. hours],
        };

    private static WeekHours Weekdays(params string[] hours) => Every(hours) with { Sat = [], Sun = [] };

    private static CrewMember[] Crew(int n) => [.. Enumerable.Range(1, n).Select(i => new CrewMember { Id = $"p{i}" })];

    private static ProgrammeTask Task(string id, double hours, int people = 1) =>
        new()
        {
            Id = id,
            Hours = hours,
            People = people,
        };

    private static TaskLink Link(string before, string after, double least = 0) =>
        new()
        {
            Before = before,
            After = after,
            LeastHours = least,
        };

    private static Job Planner(ProgrammeBrief brief) =>
        new()
        {
            Format = Job.CurrentFormat,
            Id = "plan",
            Title = "Plan",
            Buildings = [],
            Programme = brief,
        };

    private static ProgrammePlan Plan(ProgrammeBrief brief, bool latest = false)
    {
        var job = Planner(brief);
        Assert.Empty(JobSense.Faults(job));
        return Programmer.Plan(
            job,
            ImmutableDictionary<string, Specified>.Empty,
            new Asked(brief.Start ?? Monday, 10, latest),
            cancel: TestContext.Current.CancellationToken
        );
    }

    // Day 1 is the Monday; hours of the day.
    private static (int Day, double Hour) At(DateTime at) => ((at.Date - Monday.Date).Days + 1, at.TimeOfDay.TotalHours);

    /// <summary>Case N25; searched through by hand of its author.</summary>
    [Fact]
    public void One_painter_finishes_a_bedroom_on_the_third_morning()
    {
        var plan = Plan(
            new()
            {
                StepMinutes = 30,
                Tasks =
                [
                    Task("prepare", 2.5) with
                    {
                        Split = TaskSplit.Pieces,
                    },
                    Task("ceiling-1", 1),
                    Task("ceiling-2", 1),
                    Task("walls-1", 2),
                    Task("walls-2", 2),
                    Task("undercoat", 1.5),
                    Task("gloss", 1.5),
                ],
                Links =
                [
                    Link("prepare", "ceiling-1"),
                    Link("prepare", "walls-1"),
                    Link("prepare", "undercoat"),
                    Link("ceiling-1", "ceiling-2", 2),
                    Link("ceiling-1", "walls-1", 1),
                    Link("ceiling-2", "walls-2", 1),
                    Link("walls-1", "walls-2", 3),
                    Link("walls-2", "undercoat", 1),
                    Link("undercoat", "gloss", 16),
                ],
            }
        );
        Assert.Equal((Outcome.Best, (3, 9.5)), (plan.Outcome, At(plan.Finish)));
        Assert.All(plan.Tasks.Where(t => t.Task.Id != "prepare"), t => Assert.Single(t.Pieces));
    }

    private static ProgrammeBrief Rooms(int painters, double betweenCoats, params double[][] rooms)
    {
        var (tasks, links) = (new List<ProgrammeTask>(), new List<TaskLink>());
        for (var r = 0; r < rooms.Length; r++)
        {
            for (var k = 0; k < rooms[r].Length; k++)
            {
                tasks.Add(Task($"r{r}-{k}", rooms[r][k]));
                if (k > 0)
                {
                    links.Add(
                        Link(
                            $"r{r}-{k - 1}",
                            $"r{r}-{k}",
                            k == 2 ? betweenCoats
                                : k == 3 ? 2
                                : 0
                        )
                    );
                }
            }
        }

        return new()
        {
            Hours = Weekdays("08:00-16:00"),
            StepMinutes = 30,
            Crew = [.. Crew(painters)],
            Tasks = [.. tasks],
            Links = [.. links],
        };
    }

    /// <summary>Case N26.</summary>
    [Theory]
    [InlineData(2, 2, 12.5)]
    [InlineData(1, 3, 12.5)]
    public void Three_rooms_with_two_painters_and_with_one(int painters, int day, double hour) =>
        Assert.Equal((day, hour), At(Plan(Rooms(painters, 3, [2, 1.5, 1.5, 2], [1.5, 1, 1, 2.5], [2.5, 2, 1.5, 1])).Finish));

    /// <summary>Case N31: waits and nights do not shrink with more hands.</summary>
    [Theory]
    [InlineData(1, 4, 10.5)]
    [InlineData(2, 2, 15)]
    [InlineData(3, 2, 11)]
    [InlineData(4, 2, 10)]
    public void Five_offices_by_the_number_of_painters(int painters, int day, double hour) =>
        Assert.Equal((day, hour), At(Plan(Rooms(painters, 4, [2, 1.5, 1.5], [2, 1.5, 1.5], [3, 2, 2], [1.5, 1.5, 1], [2.5, 1.5, 1.5])).Finish));

    private static ProgrammeBrief Hall() =>
        new()
        {
            Hours = AllDay,
            StepMinutes = 30,
            Crew = [.. Crew(2)],
            Tasks =
            [
                Task("sand-floor", 3) with
                {
                    Kinds = [TaskKind.Dust],
                    Space = "hall",
                },
                Task("sand-doors", 1.5) with
                {
                    Kinds = [TaskKind.Dust],
                    Space = "hall",
                },
                Task("fill", 1) with
                {
                    Space = "hall",
                },
                Task("sand-walls", 1.5) with
                {
                    Kinds = [TaskKind.Dust],
                    Space = "hall",
                },
                Task("varnish", 2) with
                {
                    Kinds = [TaskKind.WetFilm],
                    WetHours = 6,
                    Space = "hall",
                },
                Task("gloss", 1) with
                {
                    Kinds = [TaskKind.WetFilm],
                    WetHours = 4,
                    Space = "hall",
                },
                Task("wall", 2) with
                {
                    Kinds = [TaskKind.WetFilm],
                    WetHours = 1,
                    Space = "hall",
                },
            ],
            Links = [Link("fill", "sand-walls", 2), Link("sand-walls", "wall")],
        };

    /// <summary>Case N28: no dust while a film is wet, an hour for dust to settle.</summary>
    [Fact]
    public void Dust_and_wet_film_keep_apart_in_one_hall()
    {
        var plan = Plan(Hall());
        Assert.Equal((2, 9.0), At(plan.Finish));
        foreach (var dust in plan.Tasks.Where(t => t.Task.Kinds.Contains(TaskKind.Dust)))
        {
            Assert.All(
                plan.Tasks.Where(t => t.Task.Kinds.Contains(TaskKind.WetFilm)),
                film => Assert.True(film.Start >= dust.End.AddHours(1) || dust.Start >= film.End.AddHours(film.Task.WetHours))
            );
        }
    }

    /// <summary>Case N29: sashes shut and locked at dusk, so that no coat ends after half past twelve.</summary>
    [Theory]
    [InlineData(7, 3)]
    [InlineData(9, 4)]
    public void Windows_that_must_shut_at_dusk_are_coated_in_the_mornings(int windows, int days)
    {
        var sashes = Enumerable.Range(1, windows).ToArray();
        var plan = Plan(
            new()
            {
                Hours = Every("08:00-12:30", "13:00-16:30"),
                StepMinutes = 5,
                LockUp = "16:30",
                Tasks =
                [
                    .. sashes.SelectMany(w =>
                        new[]
                        {
                            Task($"w{w}-prepare", 0.75),
                            Task($"w{w}-first", 40.0 / 60) with
                            {
                                ShutHours = 4,
                            },
                            Task($"w{w}-second", 40.0 / 60) with
                            {
                                ShutHours = 4,
                            },
                        }
                    ),
                ],
                Links = [.. sashes.SelectMany(w => new[] { Link($"w{w}-prepare", $"w{w}-first"), Link($"w{w}-first", $"w{w}-second") with { LaterDay = true } })],
            }
        );
        Assert.Equal(days, At(plan.Finish).Day);
        Assert.All(plan.Tasks.Where(t => t.Task.ShutHours is not null), t => Assert.True(t.End.TimeOfDay <= new TimeSpan(12, 30, 0)));
    }

    /// <summary>Case N34: backwards from Friday 09:00, evenings only.</summary>
    [Theory]
    [InlineData(1, 2, 20.5)]
    [InlineData(2, 3, 18.5)]
    public void A_shop_that_opens_on_friday_is_begun_as_late_as_this(int painters, int day, double hour)
    {
        string[] coats = ["wall-1", "wall-2", "undercoat", "gloss"];
        var plan = Plan(
            new()
            {
                Hours = Weekdays("18:00-23:00") with { Fri = [] },
                StepMinutes = 30,
                Start = Monday.Date.AddHours(18),
                Deadline = Monday.Date.AddDays(4).AddHours(9),
                Crew = [.. Crew(painters)],
                Tasks =
                [
                    Task("mask", 2.5),
                    Task("wall-1", 2),
                    Task("wall-2", 2) with
                    {
                        Latest = Monday.Date.AddDays(4).AddHours(5),
                    },
                    Task("undercoat", 1),
                    Task("gloss", 1) with
                    {
                        Latest = Monday.Date.AddDays(3).AddHours(21),
                    },
                    Task("unmask", 1),
                ],
                Links = [.. coats.Select(c => Link("mask", c)), .. coats.Select(c => Link(c, "unmask", 1)), Link("wall-1", "wall-2", 3), Link("undercoat", "gloss", 16)],
            },
            latest: true
        );
        Assert.Equal((Outcome.Best, (day, hour)), (plan.Outcome, At(plan.Start)));
    }

    /// <summary>Case N35: other trades on their own weekdays.</summary>
    [Theory]
    [InlineData(false, false, 15)]
    [InlineData(true, false, 11)]
    [InlineData(false, true, 15)]
    public void Trades_that_come_on_fixed_weekdays_push_the_gloss(bool freeElectrician, bool freeFloorLayer, int day)
    {
        Weekday[] any = [Weekday.Mon, Weekday.Tue, Weekday.Wed, Weekday.Thu, Weekday.Fri];
        string[] order = ["prepare", "wall-1", "electrician", "wall-2", "joiner", "floor-layer", "gloss"];
        var plan = Plan(
            new()
            {
                Hours = Weekdays("08:00-16:00"),
                Start = Monday.AddDays(2),
                Tasks =
                [
                    .. order.Select(id =>
                        id switch
                        {
                            "electrician" => Task(id, 8, 0) with { Days = freeElectrician ? [.. any] : [Weekday.Tue, Weekday.Thu] },
                            "joiner" => Task(id, 8, 0) with { Days = [.. any] },
                            "floor-layer" => Task(id, 8, 0) with { Days = freeFloorLayer ? [.. any] : [Weekday.Wed, Weekday.Fri] },
                            _ => Task(id, 8),
                        }
                    ),
                ],
                Links = [.. order.Zip(order.Skip(1)).Select(p => Link(p.First, p.Second) with { LaterDay = true })],
            }
        );
        Assert.Equal(day, At(plan.Finish).Day);
    }

    /// <summary>Case N37: one dehumidifier for five rooms; the flow shop of two machines.</summary>
    [Fact]
    public void One_dehumidifier_and_one_painter_finish_five_rooms_on_day_21()
    {
        var rooms = new Dictionary<string, (int Dry, int Paint)>
        {
            ["a"] = (5, 2),
            ["b"] = (3, 4),
            ["c"] = (6, 1),
            ["d"] = (2, 3),
            ["e"] = (4, 5),
        };
        var plan = Plan(
            new()
            {
                Hours = Every("00:00-24:00"),
                StepMinutes = 1440,
                Start = Monday.Date,
                Equipment = [new() { Id = "dehumidifier" }],
                Tasks =
                [
                    .. rooms.SelectMany(r =>
                        new[]
                        {
                            Task($"{r.Key}-dry", 24 * r.Value.Dry, 0) with
                            {
                                Equipment = [new() { Id = "dehumidifier" }],
                            },
                            Task($"{r.Key}-paint", 24 * r.Value.Paint),
                        }
                    ),
                ],
                Links = [.. rooms.Keys.Select(r => Link($"{r}-dry", $"{r}-paint"))],
            }
        );
        Assert.Equal(21, (plan.Finish - Monday.Date).TotalDays);
    }

    /// <summary>Case N38: enough seats every day.</summary>
    [Theory]
    [InlineData(2, 7, 7)]
    [InlineData(2, 9, 6)]
    [InlineData(3, 7, 7)]
    public void Offices_in_use_are_painted_with_a_seat_for_everybody(int painters, int seatsOut, int days)
    {
        (string Id, int Seats, int Days)[] rooms = [("a", 4, 2), ("b", 3, 2), ("c", 2, 1), ("d", 5, 3), ("e", 4, 2), ("f", 3, 1)];
        var plan = Plan(
            new()
            {
                Hours = AllDay,
                StepMinutes = 480,
                Crew = [.. Crew(painters)],
                Equipment = [new() { Id = "seats", Count = seatsOut }],
                Tasks = [.. rooms.Select(r => Task(r.Id, 8 * r.Days) with { Split = TaskSplit.Pauses, Equipment = [new() { Id = "seats", Count = r.Seats }] })],
            }
        );
        Assert.Equal(days, At(plan.Finish).Day);
    }

    /// <summary>Case N41: rain took a day; the earliest end, and of those the fewest steps moved. The most between is taken as two days of working hours.</summary>
    [Fact]
    public void After_a_lost_day_the_rest_is_planned_anew_and_five_steps_are_moved()
    {
        DateTime Half(int n) => Monday.Date.AddDays(((n - 1) / 10 * 7) + ((n - 1) % 10 / 2)).AddHours((n - 1) % 2 == 0 ? 8 : 12);
        var before = new Dictionary<string, int>
        {
            ["s-prep"] = 3,
            ["n-2"] = 4,
            ["s-1"] = 5,
            ["e-prep"] = 6,
            ["s-2"] = 7,
            ["e-1"] = 8,
            ["w-prep"] = 9,
            ["e-2"] = 10,
            ["w-1"] = 11,
            ["w-2"] = 13,
        };
        var plan = Plan(
            new()
            {
                Hours = Weekdays("08:00-12:00", "12:00-16:00"),
                StepMinutes = 240,
                Start = Monday.AddDays(2),
                Tasks = [.. before.Select(b => Task(b.Key, 4) with { Planned = Half(b.Value), Latest = b.Key == "n-2" ? Monday.Date.AddDays(3).AddHours(16) : null })],
                Links =
                [
                    .. new[] { "s", "e", "w" }.SelectMany(f =>
                        new[] { Link($"{f}-prep", $"{f}-1") with { MostHours = 16, Count = WaitCount.Working }, Link($"{f}-1", $"{f}-2") with { LaterDay = true } }
                    ),
                ],
                Dates =
                [
                    new()
                    {
                        Title = "Rain",
                        From = Monday.Date.AddDays(4).AddHours(12),
                        To = Monday.Date.AddDays(4).AddHours(16),
                    },
                ],
            }
        );
        Assert.Equal(Half(15).AddHours(4), plan.Finish);
        Assert.Equal(5, plan.Tasks.Count(t => t.Start != Half(before[t.Task.Id])));
    }

    [Fact]
    public void Where_there_is_no_plan_the_smallest_set_of_rules_is_named()
    {
        var plan = Plan(
            new()
            {
                Deadline = Monday.Date.AddDays(1).AddHours(12),
                Tasks = [Task("undercoat", 2), Task("gloss", 2), Task("shelf", 1) with { Latest = Monday.Date.AddDays(1) }],
                Links = [Link("undercoat", "gloss", 26)],
            }
        );
        Assert.Equal(Outcome.None, plan.Outcome);
        Assert.Equal(["everything is done by Tue 3 Nov 12:00", "undercoat before gloss, 26 h at least between"], plan.Against.Order(StringComparer.Ordinal));
        Assert.Equal(["gloss", "undercoat"], plan.Unplanned.Select(u => u.Task).Order(StringComparer.Ordinal));
    }

    [Fact]
    public void What_would_help_is_solved_and_not_guessed()
    {
        var brief = Rooms(1, 3, [2, 1.5, 1.5, 2], [1.5, 1, 1, 2.5], [2.5, 2, 1.5, 1]);
        var plan = Plan(brief);
        var sooner = Programmer.Sooner(
            Planner(brief),
            ImmutableDictionary<string, Specified>.Empty,
            new Asked(Monday, 10),
            plan.Finish,
            TestContext.Current.CancellationToken
        );
        Assert.Equal((2, 12.5), At(sooner.Single(w => w.Change == "one more painter").Finish));
        Assert.All(sooner, w => Assert.True(w.Finish < plan.Finish));
    }

    [Theory]
    [InlineData("""{"tasks":[{"id":"a","hours":-1}]}""", "$.programme.tasks[0].hours")]
    [InlineData("""{"tasks":[{"id":"a","hours":1}],"links":[{"before":"a","after":"b"}]}""", "$.programme.links[0].after")]
    [InlineData("""{"tasks":[{"id":"a","hours":1},{"id":"b","hours":1}],"links":[{"before":"a","after":"b"},{"before":"b","after":"a"}]}""", "$.programme.links")]
    [InlineData("""{"tasks":[{"id":"a","hours":1},{"id":"b","hours":1}],"links":[{"before":"a","after":"b","leastHours":-2}]}""", "$.programme.links[0].leastHours")]
    [InlineData("""{"tasks":[{"id":"a","hours":1,"people":3}]}""", "$.programme.tasks[0].people")]
    [InlineData("""{"tasks":[{"id":"a","hours":1,"skills":["spray"]}]}""", "$.programme.tasks[0].skills[0]")]
    [InlineData("""{"tasks":[{"id":"a","hours":1,"window":"12:00-08:00"}]}""", "$.programme.tasks[0].window")]
    [InlineData("""{"tasks":[{"id":"a","hours":1,"equipment":[{"id":"tower"}]}]}""", "$.programme.tasks[0].equipment[0].id")]
    [InlineData("""{"hours":{"mon":["08:00-12:00","11:00-16:00"]},"tasks":[{"id":"a","hours":1}]}""", "$.programme.hours.mon[1]")]
    [InlineData("""{"lockUp":"dusk","tasks":[{"id":"a","hours":1}]}""", "$.programme.lockUp")]
    [InlineData("""{"tasks":[{"id":"a","hours":1},{"id":"a","hours":2}]}""", "$.programme.tasks[1].id")]
    public void A_bad_brief_is_refused_with_its_path(string programme, string path)
    {
        var (job, faults) = JobFile.Read($$"""{"format":"allsound.job/1","id":"plan","title":"Plan","buildings":[],"programme":{{programme}}}""");
        Assert.Null(job);
        Assert.Contains(faults, f => f.Path == path);
    }

    /// <summary>Every step of the demo's chosen ways comes after what it waits for, nobody is at two places, and no dust flies while a film is wet.</summary>
    [Fact]
    public void The_demo_is_planned_by_the_rules()
    {
        var specified = Demo.Job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(Demo.Job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        var plan = PlanOf(Demo.Job, 5);
        Assert.NotEmpty(plan.Tasks);
        // What is priced is what is planned; the price rounds the hours of each surface.
        Assert.Equal(Buying.Takeoff.Of(Demo.Job, specified).LabourHours, plan.LabourHours, 0.2);
        foreach (var surface in plan.Tasks.Where(t => t.Surface is not null).GroupBy(t => t.Surface))
        {
            var steps = surface.OrderBy(t => int.Parse(t.Task.Id[(t.Task.Id.LastIndexOf('/') + 1)..], System.Globalization.CultureInfo.InvariantCulture)).ToArray();
            foreach (var (one, next) in steps.Zip(steps.Skip(1)))
            {
                Assert.True(next.Start >= one.End, $"{next.Task.Id} before the end of {one.Task.Id}");
            }
        }

        var pieces = plan.Tasks.SelectMany(t => t.Pieces.Select(p => (Task: t, Piece: p))).ToArray();
        foreach (var person in pieces.SelectMany(x => x.Piece.Crew.Select(c => (Crew: c, x.Piece))).GroupBy(x => x.Crew))
        {
            var own = person.OrderBy(x => x.Piece.From).ToArray();
            Assert.All(own.Zip(own.Skip(1)), p => Assert.True(p.Second.Piece.From >= p.First.Piece.To));
        }

        foreach (var dust in pieces.Where(x => x.Task.Task.Kinds.Contains(TaskKind.Dust)))
        {
            foreach (
                var film in pieces.Where(x =>
                    x.Task.Task.Kinds.Contains(TaskKind.WetFilm) && x.Task.Task.Space == dust.Task.Task.Space && x.Task.Surface != dust.Task.Surface
                )
            )
            {
                Assert.True(
                    film.Piece.From >= dust.Piece.To.AddHours(1) || dust.Piece.From >= film.Piece.To.AddHours(film.Task.Task.WetHours),
                    $"{dust.Task.Task.Id} while {film.Task.Task.Id} is wet"
                );
            }
        }
    }

    private static ProgrammePlan PlanOf(Job job, double seconds = 1)
    {
        var specified = job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        return Programmer.Plan(job, specified, new Asked(Monday, seconds), TestContext.Current.CancellationToken);
    }

    /// <summary>
    /// Every step as it is planned, by the transition function: what is unmet is nothing but what standing in the open does to a coat, and that is said
    /// at the step. Iron that is bared is covered before it rusts, coats before they are too old for the next.
    /// </summary>
    [Fact]
    public void Generated_jobs_are_sound_as_they_are_planned()
    {
        var (steps, minded) = (0, 0);
        for (var seed = 1; seed <= 12; seed++)
        {
            var job = SurveyGenerator.Job(seed, 12);
            var plan = PlanOf(job);
            Assert.NotEqual(Outcome.Unknown, plan.Outcome);
            Assert.NotEqual(Outcome.None, plan.Outcome);
            steps += plan.Tasks.Length;
            foreach (var task in plan.Tasks.Where(t => !t.Mind.IsEmpty))
            {
                minded++;
                Assert.True(task.Task.Kinds.Contains(TaskKind.Outside), $"{seed}: {task.Task.Id} {task.Task.Title}: {string.Join("; ", task.Mind)}");
                Assert.All(task.Mind, m => Assert.Equal(Treatment.GroundNeeds.SoilOff.Problem, m));
            }
        }

        Assert.True(steps > 200, $"{steps} steps");
        Assert.True(minded < steps / 20, $"{minded} of {steps}");
    }

    [Fact]
    public void A_rule_about_a_step_that_is_not_there_binds_nothing_and_is_said()
    {
        var job = Demo.Job with
        {
            Programme = new() { Tasks = [Task("own", 1)], Links = [Link("stair-wall/99", "own")] },
        };
        Assert.Empty(JobSense.Faults(job));
        var plan = PlanOf(job);
        Assert.Contains(plan.Tasks, t => t.Task.Id == "own");
        Assert.Contains(plan.Unplanned, u => u.Task == "stair-wall/99");
    }

    [Fact]
    public void A_coat_longer_than_any_stretch_goes_on_after_the_break()
    {
        var job = Demo.Job with { Programme = new() { Hours = Every("08:00-09:30", "10:00-11:30") } };
        var plan = PlanOf(job, 3);
        Assert.True(plan.Tasks.Length > 0, $"{plan.Outcome}: {string.Join("; ", plan.Against)}");
        Assert.Contains(plan.Tasks, t => t.Task.Kinds.Contains(TaskKind.WholeFace) && t.Pieces.Length > 1);
        Assert.All(plan.Tasks.SelectMany(t => t.Pieces), p => Assert.True(p.To - p.From <= TimeSpan.FromHours(1.5)));
    }

    public static TheoryData<string, ProgrammeBrief, string> Contradictions =>
        new()
        {
            { "latest", Two() with { Tasks = [Task("a", 4) with { Latest = Monday.AddHours(2) }, Task("b", 1)] }, "a is done by Mon 2 Nov 10:00" },
            { "window", Two() with { Tasks = [Task("a", 4) with { Window = "08:00-09:00" }, Task("b", 1)] }, "a lies between 08:00 and 09:00" },
            { "days", Two() with { Tasks = [Task("a", 4) with { Days = [Weekday.Sun] }, Task("b", 1)] }, "a is done on Sun only" },
            { "pinned", Two() with { Tasks = [Task("a", 4) with { At = Monday }, Task("b", 2) with { At = Monday }] }, "b is pinned to Mon 2 Nov 08:00" },
            {
                "shut",
                Two() with
                {
                    LockUp = "16:30",
                    Tasks = [Task("a", 4) with { ShutHours = 6, Window = "10:00-16:30" }, Task("b", 1)],
                },
                "a has dried 6 h before it is shut at 16:30"
            },
            {
                "apart",
                Two() with
                {
                    Deadline = Monday.AddHours(8.5),
                    Exclusions =
                    [
                        new()
                        {
                            First = "a",
                            Second = "b",
                            FirstHours = 40,
                            SecondHours = 40,
                        },
                    ],
                },
                "a and b apart"
            },
            {
                "booked",
                Two() with
                {
                    Deadline = Monday.AddHours(8.5),
                    Dates =
                    [
                        new()
                        {
                            Title = "Floor layer",
                            Kind = BookingKind.Trade,
                            From = Monday,
                            To = Monday.AddHours(8),
                        },
                    ],
                },
                "Floor layer (Mon 2 Nov 08:00)"
            },
            {
                "delivery",
                Two() with
                {
                    Deadline = Monday.AddHours(8.5),
                    Dates =
                    [
                        new()
                        {
                            Title = "Paint comes",
                            Kind = BookingKind.Delivery,
                            From = Monday.AddHours(8),
                            Tasks = ["b"],
                        },
                    ],
                },
                "Paint comes (Mon 2 Nov 16:00)"
            },
            { "away", Two() with { Deadline = Monday.AddHours(8.5), Crew = [new() { Id = "ann", DaysOff = [new(2026, 11, 2)] }] }, "ann is away on Mon 2 Nov" },
            {
                "same-day",
                Two() with
                {
                    Tasks = [Task("a", 8), Task("b", 1)],
                    Links = [Link("a", "b") with { SameDay = true }],
                    Hours = AllDay,
                },
                "a before b, on the same day"
            },
        };

    private static ProgrammeBrief Two() => new() { Tasks = [Task("a", 4), Task("b", 1)] };

    /// <summary>Each kind of rule is named where it stands against the others.</summary>
    [Theory]
    [MemberData(nameof(Contradictions), DisableDiscoveryEnumeration = true)]
    public void Each_kind_of_rule_is_named_where_it_stands_in_the_way(string kind, ProgrammeBrief brief, string rule)
    {
        var plan = Plan(brief);
        Assert.True(plan.Outcome == Outcome.None, kind);
        Assert.Contains(rule, plan.Against);
    }

    /// <summary>Whoever drops any one of the rules that stand against each other has a plan.</summary>
    [Fact]
    public void Without_any_one_of_the_rules_named_there_is_a_plan()
    {
        var brief = Two() with
        {
            Deadline = Monday.AddDays(1),
            Links = [Link("a", "b", 30)],
            Tasks = [Task("a", 4) with { Earliest = Monday.AddHours(1) }, Task("b", 1)],
        };
        Assert.Equal(2, Plan(brief).Against.Length);
        Assert.NotEmpty(Plan(brief with { Deadline = null }).Tasks);
        Assert.NotEmpty(Plan(brief with { Links = [] }).Tasks);
    }

    [Fact]
    public void The_calendar_folds_its_lines_and_holds_an_event_for_each_piece()
    {
        var report = ProgrammeReport.Of(
            Plan(
                Hall() with
                {
                    Tasks = [.. Hall().Tasks.Select(t => t with { Title = $"{t.Id}, with a title as long as a painter's patience; and then some more of it" })],
                }
            ),
            latest: false
        );
        var text = ProgrammeTables.Calendar(report, "plan", "Plan", new DateTime(2026, 11, 1, 12, 0, 0, DateTimeKind.Utc));
        Assert.All(text.Split("\r\n"), line => Assert.True(System.Text.Encoding.UTF8.GetByteCount(line) <= 75));
        Assert.Equal(report.Tasks.Sum(t => t.Pieces.Length), text.Split("BEGIN:VEVENT").Length - 1);
        Assert.Contains("DTSTART:20261102T080000", text, StringComparison.Ordinal);
        Assert.Contains("\\, with a title", text.Replace("\r\n ", "", StringComparison.Ordinal), StringComparison.Ordinal);
        var one = ProgrammeTables.Calendar(report, "plan", "Plan", default, "p1");
        Assert.InRange(one.Split("BEGIN:VEVENT").Length, 2, text.Split("BEGIN:VEVENT").Length - 1);
    }
}
