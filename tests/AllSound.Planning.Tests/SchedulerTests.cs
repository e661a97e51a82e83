using System.Collections.Immutable;
using AllSound.Scheduling;
using Xunit;

namespace AllSound.Planning.Tests;

/// <summary>Schedules by hand, against a search through everything, and by a checker that shares nothing with the model.</summary>
public sealed class SchedulerTests
{
    // Half hours; 08:00 to 12:00 and 12:30 to 16:30.
    private static Timetable Days(int days) =>
        Timetable.Of(Enumerable.Range(0, days).SelectMany(d => new[] { new Opening((d * 48) + 16, (d * 48) + 24), new Opening((d * 48) + 25, (d * 48) + 33) }));

    private static Schedule Solve(Project project, Aim aim = Aim.Finish) => Scheduler.Solve(project, aim, seconds: 2, cancel: TestContext.Current.CancellationToken);

    private static Worker[] Crew(int n) => [.. Enumerable.Range(1, n).Select(i => new Worker($"p{i}", []))];

    private static Activity Task(string id, int duration, Timetable? hours = null, int people = 1) =>
        new()
        {
            Id = id,
            Duration = duration,
            Hours = hours,
            People = people,
        };

    [Fact]
    public void A_coat_is_not_split_over_the_break_and_preparation_may_be()
    {
        var hours = Days(3);
        var project = new Project
        {
            Activities = [Task("prepare", 9, hours) with { Pausing = Pausing.InPieces }, Task("coat", 4, hours), Task("second", 4, hours)],
            Links = [new("prepare", "coat"), new("coat", "second", Least: 6)],
            Workers = [.. Crew(1)],
            Horizon = 144,
            Day = 48,
        };
        var schedule = Solve(project);
        Assert.Equal(Outcome.Best, schedule.Outcome);
        // 8:00 to 12:00, 12:30 to 13:00; 13:00 to 15:00; three hours later the day is over.
        Assert.Equal([new(16, 24), new(25, 26)], schedule.Placed[0].Pieces.Select(p => new Opening(p.From, p.To)));
        Assert.Equal(26, schedule.Placed[1].Start);
        Assert.Equal(48 + 16, schedule.Placed[2].Start);
        Check.Legal(project, schedule);
    }

    [Fact]
    public void Past_its_latest_a_coat_is_keyed_first_and_without_that_there_is_no_plan()
    {
        var hours = Days(4);
        Project With(Link link) =>
            new()
            {
                Activities = [Task("coat", 2, hours), Task("key", 1, hours) with { OnlyIfLate = true }, Task("second", 2, hours) with { Earliest = 48 + 22 }],
                Links = [link],
                Workers = [.. Crew(1)],
                Horizon = 192,
                Day = 48,
            };
        // The first may lie on the same day, so that nothing is late.
        Assert.Equal(["coat", "second"], Solve(With(new("coat", "second", 4, 10, Otherwise: "key"))).Placed.Select(p => p.Activity.Id));
        var early = With(new("coat", "second", 4, 10, Otherwise: "key"));
        early = early with { Activities = [early.Activities[0] with { Latest = 20 }, .. early.Activities[1..]] };
        var late = Solve(early);
        Assert.Equal(["coat", "key", "second"], late.Placed.Select(p => p.Activity.Id));
        Check.Legal(early, late);
        Assert.Equal(Outcome.None, Solve(early with { Links = [new("coat", "second", 4, 10)] }).Outcome);
    }

    [Fact]
    public void Going_backwards_everything_starts_as_late_as_the_deadline_lets_it()
    {
        var hours = Days(2);
        var project = new Project
        {
            Activities = [Task("a", 4, hours), Task("b", 4, hours)],
            Links = [new("a", "b", Least: 4)],
            Workers = [.. Crew(1)],
            Horizon = 48 + 33,
            Day = 48,
        };
        var schedule = Solve(project, Aim.LatestStart);
        Assert.Equal((Outcome.Best, 48 + 20, 48 + 29), (schedule.Outcome, schedule.Placed[0].Start, schedule.Placed[1].Start));
    }

    [Fact]
    public void The_slip_of_what_holds_the_finish_is_nothing()
    {
        var project = new Project
        {
            Activities = [Task("long", 10), Task("short", 3), Task("last", 2)],
            Links = [new("long", "last"), new("short", "last")],
            Workers = [.. Crew(2)],
            Horizon = 60,
        };
        var slip = Slack.Of(project, Solve(project));
        Assert.Equal((0, 7, 0), (slip["long"], slip["short"], slip["last"]));
    }

    [Fact]
    public void Skills_and_days_off_decide_who_does_it()
    {
        var project = new Project
        {
            Activities = [Task("spray", 5) with { Skills = ["spray"] }, Task("brush", 5), Task("roll", 5)],
            Workers = [new("ann", ["spray"], Timetable.Of([new(0, 4)])), new("ben", [])],
            Horizon = 40,
        };
        var schedule = Solve(project);
        Assert.Equal((Outcome.Best, 10), (schedule.Outcome, schedule.Finish));
        Assert.Equal(["ann"], schedule.Placed[0].Pieces[0].Crew);
        Check.Legal(project, schedule);
    }

    /// <summary>Each generated project has the finish that trying every start has, and its plan breaks no rule.</summary>
    [Fact]
    public void Three_hundred_generated_projects_finish_as_early_as_any_start_lets_them()
    {
        var solved = 0;
        for (var seed = 0; seed < 300; seed++)
        {
            var project = Generated.Project(new Random(seed), seed % 20 == 0 ? 12 : 6);
            var (best, schedule) = (Exhaustive.Finish(project), Solve(project));
            Assert.Equal(best is null ? Outcome.None : Outcome.Best, schedule.Outcome);
            if (best is { } finish)
            {
                solved++;
                Assert.True(finish == schedule.Finish, $"seed {seed}: {finish} by search, {schedule.Finish} by the solver");
                Check.Legal(project, schedule);
            }
        }

        Assert.InRange(solved, 200, 300);
    }

    /// <summary>Work that pauses overnight, work in pieces, people told apart: no plan of a hundred breaks a rule.</summary>
    [Fact]
    public void Plans_with_pauses_pieces_and_people_told_apart_break_no_rule()
    {
        var planned = 0;
        for (var seed = 0; seed < 120; seed++)
        {
            var chance = new Random(1000 + seed);
            var project = Generated.Project(chance, 9);
            project = project with
            {
                Activities =
                [
                    .. project.Activities.Select(a =>
                        a with
                        {
                            Duration = a.Duration * 3,
                            Latest = null,
                            Pausing = chance.Next(3) switch
                            {
                                0 => Pausing.WhileClosed,
                                1 => Pausing.InPieces,
                                _ => a.Duration * 3 <= 6 ? Pausing.Never : Pausing.WhileClosed,
                            },
                            Skills = chance.Next(5) == 0 ? ["spray"] : [],
                            People = 1,
                        }
                    ),
                ],
                Links = [.. project.Links.Select(l => l with { Most = null, Working = chance.Next(3) == 0, Day = chance.Next(6) == 0 ? DayRule.Later : DayRule.Any })],
                Workers = [new("p1", ["spray"], chance.Next(3) == 0 ? Timetable.Of([new(8, 16)]) : null), new("p2", [])],
                Hours = project.Activities[0].Hours,
                Horizon = 46,
            };
            var schedule = Solve(project);
            if (!schedule.Placed.IsEmpty)
            {
                planned++;
                Check.Legal(project, schedule);
            }
        }

        Assert.InRange(planned, 40, 120);
    }

    [Fact]
    public void The_same_project_has_the_same_schedule_every_time()
    {
        var project = Generated.Project(new Random(5), 12);
        string Said(Schedule s) => string.Join(' ', s.Placed.Select(p => $"{p.Activity.Id}@{p.Start}:{string.Join('+', p.Pieces[0].Crew)}"));
        Assert.Equal(Said(Solve(project)), Said(Solve(project)));
    }
}
