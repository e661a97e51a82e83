using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// A room worked in one go: everything is done, nothing twice, in an order that each surface by itself would stand, and no lead is disturbed outside a
/// lead area or over fresh paint. Stated from facts, steps and cautions, not from how the order is found.
/// </summary>
public sealed class RoomOrderTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 6)];

    // Rooms of four surfaces each out of generated surveys, inside and outside apart.
    private static IEnumerable<(ImmutableArray<Surface> Surfaces, RoomOrder Order, ImmutableArray<ImmutableArray<Step>> Sequences)> Rooms(int seed)
    {
        var job = SurveyGenerator.Job(seed + 61_000, 60);
        var planned = job.Surfaces()
            .Select(p => (p.Surface, Steps: Takeoff.Planned(p.Surface, Specifier.Specify(job, p.Building, p.Space, p.Surface))?.Steps ?? []))
            .Where(p => !p.Steps.IsEmpty)
            .ToArray();
        foreach (var side in planned.GroupBy(p => p.Surface.Exposure))
        {
            foreach (var room in side.Chunk(4))
            {
                ImmutableArray<ImmutableArray<Step>> sequences = [.. room.Select(r => r.Steps)];
                yield return ([.. room.Select(r => r.Surface)], new RoomOrder(sequences), sequences);
            }
        }
    }

    private static IEnumerable<RoomStep> All(RoomOrder order) => order.Parts.SelectMany(p => p.Steps);

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Every_step_of_every_surface_is_done_once(int seed)
    {
        var shared = 0;
        foreach (var (_, order, sequences) in Rooms(seed))
        {
            var served = All(order).SelectMany(s => s.Serves).ToArray();
            Assert.Equal(sequences.Sum(s => s.Length), served.Length);
            Assert.Equal(served.Length, served.Select(s => (s.Sequence, s.Step.Number)).Distinct().Count());
            shared += order.Shared.Count;
        }

        Assert.True(shared > 5);
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Each_surface_by_itself_is_sound_in_the_order_of_the_room(int seed)
    {
        foreach (var (_, order, sequences) in Rooms(seed))
        {
            for (var i = 0; i < sequences.Length; i++)
            {
                var condition = sequences[i][0].Before;
                foreach (var (_, step) in All(order).SelectMany(s => s.Serves).Where(s => s.Sequence == i))
                {
                    var wait = Math.Max(step.WaitBefore, Treatments.WaitFor(condition, step.Act) / 60.0);
                    var done = Treatments.Apply(condition, step.Act, wait);
                    Assert.True(done.IsSound, $"{seed}: {step.Act}");
                    condition = done.After;
                }
            }
        }
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void No_lead_is_disturbed_but_in_a_lead_area_nor_once_another_surface_has_its_coats(int seed)
    {
        var disturbing = 0;
        foreach (var (surfaces, order, sequences) in Rooms(seed))
        {
            // Which surfaces stand in a lead area, and on which a finish lies.
            var (area, finished) = (new HashSet<int>(), new HashSet<int>());
            foreach (var step in All(order))
            {
                foreach (var (sequence, served) in step.Serves)
                {
                    if (StepHazards.Of(served.Act, served.Before, surfaces[sequence], first: false).Cautions.Contains("Lead: inside the work area only."))
                    {
                        disturbing++;
                        Assert.Contains(sequence, area);
                        Assert.DoesNotContain(finished, other => other != sequence);
                    }

                    switch (served.Act.Operation.Once?.As)
                    {
                        case SetUp.LeadArea:
                            area.Add(sequence);
                            break;
                        case SetUp.LeadClearing:
                            area.Remove(sequence);
                            break;
                        default:
                            break;
                    }

                    if (served.Act.Operation.Role == CoatRole.Finish)
                    {
                        finished.Add(sequence);
                    }
                }
            }

            Assert.Empty(area);
            Assert.Equal(sequences.Length, surfaces.Length);
        }

        Assert.True(disturbing > 0);
    }

    [Fact]
    public void The_lead_area_of_a_room_is_cleared_once_after_all_that_needs_it()
    {
        Surface Old(string id, Element element) =>
            One.Surface(element, "sw", One.Good with { Lead = null, LeadProof = null, LooseShare = 0.05 }, [One.Coat("oil_lead", 4), One.Coat("alkyd_gloss", 3)]) with
            {
                Id = id,
                Title = id,
            };
        var job = One.Job(Old("door", Element.Door), built: 1904);
        var (building, space, _) = job.Surfaces().Single();
        Surface[] surfaces = [Old("door", Element.Door), Old("frame", Element.Frame)];
        var order = new RoomOrder([.. surfaces.Select(s => Specifier.Specify(job, building, space, s).Options[0].Steps)]);
        RoomPhase[] phases = [.. order.Parts.Select(p => p.Phase)];
        Assert.Equal(
            [RoomPhase.SettingUp, RoomPhase.Preparing, RoomPhase.Preparing, RoomPhase.ClearingLead, RoomPhase.Finishing, RoomPhase.Finishing, RoomPhase.ClearingUp],
            phases
        );
        Assert.Equal(2, order.Shared[SetUp.LeadClearing].Length);
    }

    [Fact]
    public void Prepared_metal_waits_for_nobody()
    {
        Surface Old(string id, Element element, string substrate, Rust? rust = null)
        {
            var facts = One.Good with { Lead = null, LeadProof = null, LooseShare = 0.05, Rust = rust };
            return One.Surface(element, substrate, facts, [One.Coat("oil_lead", 4)]) with { Id = id, Title = id };
        }

        var job = One.Job(Old("pipe", Element.Pipe, "steel", Rust.Light), built: 1904);
        var (building, space, _) = job.Surfaces().Single();
        Surface[] surfaces = [Old("pipe", Element.Pipe, "steel", Rust.Light), Old("skirting", Element.Skirting, "sw")];
        var order = new RoomOrder([.. surfaces.Select(s => Specifier.Specify(job, building, space, s).Options[0].Steps)]);
        Assert.Equal([1, 0], order.Parts.Where(p => p.Phase == RoomPhase.Preparing).Select(p => p.Sequence));
        Assert.Equal([0, 1], order.Parts.Where(p => p.Phase == RoomPhase.Finishing).Select(p => p.Sequence));
    }

    [Fact]
    public void What_is_alone_or_has_nothing_to_share_is_left_as_it_is()
    {
        Assert.Empty(new RoomOrder([]).Parts);
        Assert.Empty(
            new RoomOrder([
                [],
                [],
            ]).Parts
        );
        var job = One.Job(One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt")]));
        var (building, space, wall) = job.Surfaces().Single();
        var steps = Specifier.Specify(job, building, space, wall).Options[0].Steps;
        var order = new RoomOrder([steps]);
        var part = Assert.Single(order.Parts);
        Assert.Equal(RoomPhase.Finishing, part.Phase);
        Assert.Equal(steps, part.Steps.Select(s => s.Step));
        Assert.Empty(order.Shared);
    }
}
