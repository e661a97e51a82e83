using AllSound.Core.Buying;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>A hold does not end the answer: all gates are named, what may be done meanwhile is said, and the plan for afterwards is there to price by.</summary>
public sealed class AfterwardsTests
{
    private static Specified Specify(Facts facts, string substrate = "gyp_old", Element element = Element.Wall, string coat = "emul_matt")
    {
        var job = One.Job(Wall(facts, substrate, element, coat), built: 2010);
        var (building, space, surface) = job.Surfaces().Single();
        return Specifier.Specify(job, building, space, surface);
    }

    private static Surface Wall(Facts facts, string substrate = "gyp_old", Element element = Element.Wall, string coat = "emul_matt") =>
        new()
        {
            Id = "wall",
            Title = "Wall",
            Element = element,
            Substrate = substrate,
            Size = new Size { LengthM = 4, HeightM = 2.3 },
            Layers = [new Layer { Coating = coat, Coats = 2 }],
            Facts = facts,
        };

    [Fact]
    public void All_gates_are_named_at_once_the_gravest_first()
    {
        var specified = Specify(
            new Facts
            {
                Moisture = Moisture.Damp,
                DampSource = DampSource.Open,
                Mould = true,
                MayFall = true,
                LiveCrack = true,
            }
        );
        Assert.Equal(["nothing-falls", "damp-cured", "mould-cured", "movement-still"], specified.Holds.Select(h => h.Need.Id));
        Assert.All(specified.Holds, h => Assert.True(!h.Need.Frees.IsEmpty && !h.Need.Meanwhile.IsEmpty));
    }

    [Fact]
    public void The_plan_once_freed_is_priced_and_is_that_of_the_surface_as_it_will_be()
    {
        var specified = Specify(new Facts { Moisture = Moisture.Wet, DampSource = DampSource.Open });
        var then = specified.Afterwards!;

        Assert.Empty(specified.Options);
        Assert.Equal(["the damp source is repaired"], then.Freed);

        // Mended is not dry: the plan has the drying in it, with its time.
        Assert.All(then.Plan.Options, o => Assert.Contains(o.Steps, s => s.Act.Operation.Id is "dr_natural" or "dr_force"));
        Assert.All(then.Plan.Options, o => Assert.True(o.Criteria.Money > 0 && o.Steps.Any(s => s.Act.Operation.Role == CoatRole.Finish)));
    }

    [Fact]
    public void Plaster_that_others_patch_is_primed_in_the_plan()
    {
        var specified = Specify(new Facts { Hollow = true }, "lime_old");
        var option = specified.Afterwards!.Plan.Options[0];
        Assert.Contains(option.Steps, s => s.Act.Operation.Role is CoatRole.Primer or CoatRole.Spot);
    }

    [Fact]
    public void Mould_is_killed_meanwhile_and_does_not_wait_for_the_cure_of_its_cause()
    {
        var specified = Specify(new Facts { Mould = true, MouldSource = DampSource.Open });
        Assert.Contains(specified.Meanwhile, s => s.Act.Operation.Id == "cl_mould_wash");
    }

    [Fact]
    public void Where_no_painting_follows_there_is_no_plan_and_something_to_do_all_the_same()
    {
        var specified = Specify(new Facts(), "steel", Element.Column, "intumescent");
        var hold = Assert.Single(specified.Holds);
        Assert.Null(specified.Afterwards);
        Assert.NotEmpty(hold.Need.Meanwhile);
    }

    [Theory]
    [InlineData(DocumentKind.Specification)]
    [InlineData(DocumentKind.ClientSummary)]
    [InlineData(DocumentKind.CrewChecklist)]
    [InlineData(DocumentKind.HazardSheet)]
    public void Every_document_of_a_held_surface_marks_the_plan_as_one_for_afterwards(DocumentKind kind)
    {
        var job = One.Job(Wall(new Facts { LiveCrack = true }), built: 2010);
        var (building, space, surface) = job.Surfaces().Single();
        var specified = new Dictionary<string, Specified> { [surface.Id] = Specifier.Specify(job, building, space, surface) };
        var text = Writing.Write(kind, job, specified, "today", "1").ToMarkdown();

        Assert.Contains("once freed", text, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("Not to be started before the movement has stopped", text, StringComparison.Ordinal);
        Assert.Contains("Mark the ends of the crack", text, StringComparison.Ordinal);
    }

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 12)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void No_hold_leaves_nothing_to_do_and_no_plan_for_afterwards_is_unsound(int seed)
    {
        var job = SurveyGenerator.Job(seed + 70_000, 20);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var specified = Specifier.Specify(job, building, space, surface);
            if (specified.Holds.IsEmpty)
            {
                Assert.Null(specified.Afterwards);
                continue;
            }

            Assert.True(specified.Holds.All(h => !h.Need.Meanwhile.IsEmpty), surface.Id);
            Assert.Null(Takeoff.Chosen(surface, specified));
            if (specified.Afterwards is not { } then)
            {
                continue;
            }

            Assert.True(then.Plan.Holds.IsEmpty && !then.Freed.IsEmpty);
            foreach (var option in then.Plan.Options)
            {
                Assert.All(option.Steps, s => Assert.All(s.Act.Needs, n => Assert.True(n.Holds(s.Before), $"{seed} {surface.Id} {s.Act}: {n}")));
            }
        }
    }

    [Fact]
    public void The_report_keeps_the_plan_apart_from_what_may_be_done_now()
    {
        var job = One.Job(Wall(new Facts { LiveCrack = true }), built: 2010);
        var (building, space, surface) = job.Surfaces().Single();
        var report = Reporting.Specify(job, building, space, surface);

        Assert.Empty(report.Options);
        Assert.NotEmpty(report.Then!.Options);
        Assert.NotEmpty(report.Holds[0].Meanwhile);
        Assert.Null(Reporting.Specify(job, building, space, surface with { Facts = new Facts() }).Then);
    }
}
