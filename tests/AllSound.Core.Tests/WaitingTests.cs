using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Programme;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Scheduling;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What every task of a plan waits for; and in a room everything is washed and rubbed down before the first coat. Common practice.</summary>
public sealed class WaitingTests
{
    // A Monday.
    private static readonly DateTime Monday = new(2026, 11, 2, 8, 0, 0);

    private static ProgrammeTask Task(string id, double hours, params TaskKind[] kinds) =>
        new()
        {
            Id = id,
            Hours = hours,
            Kinds = [.. kinds],
            Space = "hall",
        };

    private static TaskLink Link(string before, string after, double least = 0) =>
        new()
        {
            Before = before,
            After = after,
            LeastHours = least,
        };

    private static Dictionary<string, string?> Waits(ProgrammeBrief brief, bool latest = false)
    {
        var job = new Job
        {
            Format = Job.CurrentFormat,
            Id = "plan",
            Title = "Plan",
            Buildings = [],
            Programme = brief,
        };
        var plan = Programmer.Plan(job, ImmutableDictionary<string, Specified>.Empty, new Asked(Monday, 10, latest), TestContext.Current.CancellationToken);
        Assert.NotEmpty(plan.Tasks);
        return plan.Tasks.ToDictionary(t => t.Task.Id, t => t.WaitsFor, StringComparer.Ordinal);
    }

    [Fact]
    public void A_coat_waits_for_the_one_below_to_dry_and_work_for_what_comes_before_it()
    {
        var waits = Waits(
            new()
            {
                Tasks = [Task("wash", 1), Task("first", 1, TaskKind.WetFilm), Task("second", 1, TaskKind.WetFilm), Task("look", 0.5)],
                Links = [Link("wash", "first"), Link("first", "second", 4), Link("second", "look", 24)],
            }
        );
        Assert.Null(waits["wash"]);
        Assert.Equal("wash to be done", waits["first"]);
        Assert.Equal("first to dry", waits["second"]);
        Assert.Equal("second to dry", waits["look"]);
    }

    [Fact]
    public void One_pair_of_hands_does_one_thing_after_another_and_two_do_not_wait()
    {
        ProgrammeBrief brief = new() { Tasks = [Task("one", 4), Task("other", 4)] };
        Assert.Equal("hands", Assert.Single(Waits(brief).Values.OfType<string>()).Split(':')[0]);
        Assert.Empty(Waits(brief with { Crew = [new() { Id = "a" }, new() { Id = "b" }] }).Values.OfType<string>());
    }

    [Fact]
    public void A_delivery_a_pin_and_another_trade_are_named()
    {
        ProgrammeBrief brief = new()
        {
            Tasks = [Task("wall", 2), Task("door", 2) with { At = Monday.AddDays(1).AddHours(2) }],
            Dates =
            [
                new()
                {
                    Title = "Paint comes",
                    Kind = BookingKind.Delivery,
                    From = Monday.AddHours(3),
                    Tasks = ["wall"],
                },
            ],
        };
        var waits = Waits(brief);
        Assert.Equal("Paint comes", waits["wall"]);
        Assert.Equal("the time that it is pinned to", waits["door"]);

        var trade = Waits(
            new()
            {
                Tasks = [Task("wall", 2)],
                Dates =
                [
                    new()
                    {
                        Title = "Floor layers",
                        Kind = BookingKind.Trade,
                        From = Monday,
                        To = Monday.AddHours(5),
                        Space = "hall",
                    },
                ],
            }
        );
        Assert.Equal("the end of Floor layers", trade["wall"]);
    }

    [Fact]
    public void A_coat_waits_for_dust_to_settle_and_dust_for_a_coat_to_dry()
    {
        ProgrammeBrief brief = new()
        {
            Crew = [new() { Id = "a" }, new() { Id = "b" }],
            SettleHours = 2,
            Tasks = [Task("sand", 2, TaskKind.Dust), Task("coat", 2, TaskKind.WetFilm) with { WetHours = 3 }],
        };
        Assert.Contains(Assert.Single(Waits(brief).Values.OfType<string>()), (string[])["the dust of sand to settle", "coat to dry"]);
    }

    [Fact]
    public void Backwards_nothing_waits() =>
        Assert.Empty(Waits(new() { Deadline = Monday.AddDays(3), Tasks = [Task("one", 4), Task("other", 4)] }, latest: true).Values.OfType<string>());

    [Fact]
    public void What_waits_for_the_rest_of_the_room_names_the_last_of_it()
    {
        var (job, plan) = Room();
        var coats = plan.Tasks.Where(t => t.Task.Kinds.Contains(TaskKind.WetFilm)).ToArray();
        var before = plan.Tasks.Where(t => t.Task.Kinds.Contains(TaskKind.Dust) || t.Task.Kinds.Contains(TaskKind.Splash)).ToArray();
        Assert.True(before.Length > 4, job.Title);

        // Washing and rubbing down of the wood, and of the walls, before any coat.
        Assert.All(before, b => Assert.True(b.End <= coats.Min(c => c.Start), $"{b.Task.Title} after a coat"));
        Assert.DoesNotContain(plan.Tasks, t => t.WaitsFor?.Contains("everything prepared", StringComparison.Ordinal) == true);
        Assert.Contains(plan.Tasks, t => t.WaitsFor?.EndsWith("to dry", StringComparison.Ordinal) == true);
        Assert.NotEqual(Outcome.None, plan.Outcome);
    }

    private static (Job Job, ProgrammePlan Plan) Room()
    {
        var wall = One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt")]) with { Id = "wall", Title = "Wall" };
        var skirting = One.Surface(Element.Skirting, "sw", One.Good, [One.Coat("alkyd_gloss")], new Brief { Finish = FinishFamily.TrimPaint }) with
        {
            Id = "skirting",
            Title = "Skirting",
        };
        var door = skirting with
        {
            Id = "door",
            Title = "Door",
            Element = Element.Door,
            Size = new() { AreaM2 = 4 },
        };
        var alone = One.Job(wall);
        var (building, space) = (alone.Buildings[0], alone.Buildings[0].Spaces[0]);
        var job = alone with { Buildings = [building with { Spaces = [space with { Surfaces = [wall, skirting, door] }] }] };
        var specified = job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface));
        return (job, Programmer.Plan(job, specified, new Asked(Monday), TestContext.Current.CancellationToken));
    }
}
