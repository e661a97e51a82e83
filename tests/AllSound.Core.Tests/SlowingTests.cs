using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Quantities;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// What work takes longer for. Height bands to 3.5, 5, 8 and 11 m at 1, 1.15, 1.3 and 1.45 times, rooms of less than 6 m² 1.25 to 1.5 times, lived in 1.15 to
/// 1.4 times: common practice, from memory.
/// </summary>
public sealed class SlowingTests
{
    private static Rates Rates => new();

    private static Space Room(double length, double width, double height, params Surface[] surfaces) =>
        new()
        {
            Id = "room",
            Title = "Room",
            Walls =
            [
                .. new[] { length, width, length, width }.Select(
                    (l, i) =>
                        new Wall
                        {
                            Id = $"w{i}",
                            LengthM = l,
                            HeightM = height,
                        }
                ),
            ],
            Surfaces = [.. surfaces],
        };

    private static Surface Of(Element element, string? wall = null) => One.Surface(element, "gyp_old", One.Good) with { Wall = wall, Size = null };

    private static double Times(Rates rates, Space space, Surface surface, Facts facts) =>
        Slowing.Of(rates, space, surface, facts).Aggregate(1.0, (times, s) => times * s.Times);

    [Theory]
    [InlineData(2.4, 1)]
    [InlineData(3.5, 1.15)]
    [InlineData(4.9, 1.15)]
    [InlineData(6, 1.3)]
    [InlineData(9, 1.45)]
    public void A_ceiling_is_reached_at_the_height_of_its_walls(double height, double times) =>
        Assert.Equal(times, Times(Rates, Room(5, 4, height), Of(Element.Ceiling), new Facts()), 9);

    [Fact]
    public void Of_a_high_wall_each_band_counts_by_its_part()
    {
        // 3.5 m at 1, 1.5 m at 1.15 and 2 m at 1.3, by hand.
        var times = Times(Rates, Room(5, 4, 7), Of(Element.Wall, "w0"), new Facts());
        Assert.Equal(((3.5 * 1) + (1.5 * 1.15) + (2 * 1.3)) / 7, times, 9);
        Assert.Equal(1, Times(Rates, Room(5, 4, 2.5), Of(Element.Wall, "w0"), new Facts()), 9);
    }

    [Fact]
    public void The_height_that_was_measured_goes_before_that_of_the_room_and_a_platform_brings_all_to_hand()
    {
        var room = Room(5, 4, 2.5);
        Assert.Equal(1.3, Times(Rates, room, Of(Element.Ceiling), new Facts { WorkHeightM = 6 }), 9);
        Assert.Equal(1.15, Times(Rates, room, Of(Element.Gutter), new Facts { WorkHeightM = 4 }), 9);
        Assert.Equal(1, Times(Rates, room, Of(Element.Gutter), new Facts { WorkHeightM = 9, Access = Access.PlatformUp }), 9);
    }

    [Fact]
    public void A_small_room_people_in_it_and_a_slow_crew_are_multiplied_by_the_firms_own_figures()
    {
        var rates = Rates with { OccupiedTime = 1.15, SmallRoomTime = 1.4, CrewTime = 0.9 };
        var slowed = Slowing.Of(rates, Room(2, 2.9, 2.4), Of(Element.Wall, "w1"), new Facts { Occupied = true });
        Assert.Equal([1.15, 1.4, 0.9], slowed.Select(s => s.Times));
        Assert.Equal(1, Times(Rates, Room(2, 3, 2.4), Of(Element.Wall, "w1"), new Facts { Occupied = false }), 9);
    }

    [Fact]
    public void It_is_said_with_its_reasons_and_not_where_nothing_holds()
    {
        Assert.Null(Slowing.Says([]));
        Assert.Equal("Work takes 1.15 times as long: work up to 4.2 m.", Slowing.Says([new("work up to 4.2 m", 1.15)]));
        Assert.Equal(
            "Work takes 1.44 times as long: work up to 4.2 m (1.15), people live or work there meanwhile (1.25).",
            Slowing.Says([new("work up to 4.2 m", 1.15), new("people live or work there meanwhile", 1.25)])
        );
    }

    [Fact]
    public void Work_on_the_face_takes_longer_and_setting_up_does_not()
    {
        var act = Operations.Acts.First(a => a.Operation.Id == "tc_emul_roll");
        var extents = One.Appraise(One.Surface(Element.Wall, "gyp_old", One.Good)).Extents;
        var plain = Costing.Of(act, extents with { Slowed = [] }, Rates, filmGone: false).Hours;
        var slow = Costing.Of(act, extents with { Slowed = [new("work up to 9 m", 1.45), new("people", 1.25)] }, Rates, filmGone: false).Hours;
        Assert.True(plain > act.Operation.FixedHours);
        Assert.Equal(act.Operation.FixedHours + (1.45 * 1.25 * (plain - act.Operation.FixedHours)), slow, 9);
    }

    [Fact]
    public void A_lived_in_room_costs_more_hours_and_the_same_paint()
    {
        var surface = One.Surface(Element.Wall, "gyp_old", One.Good, [One.Coat("emul_matt")], new Brief { Sheen = Sheen.Matt });
        var (empty, lived) = (Taken(surface), Taken(surface with { Facts = surface.Facts with { Occupied = true } }));
        Assert.True(Labour(lived) > 1.15 * Labour(empty));
        Assert.Equal(empty.Steps.Sum(s => s.Spend.Litres), lived.Steps.Sum(s => s.Spend.Litres), 6);

        static double Labour(Option option) => option.Steps.Where(s => s.Act.Operation.Role != CoatRole.None).Sum(s => s.Spend.Hours);
        static Option Taken(Surface surface)
        {
            var job = One.Job(surface);
            return Specifier.Specify(job, job.Buildings[0], job.Buildings[0].Spaces[0], surface).Options[0];
        }
    }
}
