using AllSound.Core.Climate;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using Xunit;

namespace AllSound.Core.Tests;

public sealed class ClimateAndFormTests
{
    /// <summary>Dew points computed with psychrolib 1.1.1 (npm), which uses another formula. Above freezing: below it psychrolib gives the frost point.</summary>
    [Theory]
    [InlineData(20, 50, 9.272)]
    [InlineData(20, 80, 16.447)]
    [InlineData(10, 90, 8.437)]
    [InlineData(25, 60, 16.701)]
    [InlineData(18, 60, 10.128)]
    [InlineData(5, 95, 4.267)]
    [InlineData(30, 40, 14.936)]
    [InlineData(35, 85, 32.093)]
    public void Dew_points_agree_with_a_reference_library(double celsius, double humidity, double expected)
    {
        Assert.InRange(Air.DewPoint(celsius, humidity), expected - 0.06, expected + 0.06);
    }

    [Fact]
    public void The_margin_decides_go_or_wait()
    {
        // ISO 8502-4, from memory: 3 K.
        Assert.True(Air.Margin(10, 90, 11) < Air.LeastMarginK);
        Assert.True(Air.Margin(18, 60, 16) > Air.LeastMarginK);
        Assert.Throws<ArgumentOutOfRangeException>(() => Air.DewPoint(20, 0));
        Assert.Throws<ArgumentOutOfRangeException>(() => Air.DewPoint(90, 50));
    }

    /// <summary>Wood Handbook, table of equilibrium moisture content at 70 F (21.1 C), values of the table, from memory.</summary>
    [Theory]
    [InlineData(10, 2.5)]
    [InlineData(20, 4.5)]
    [InlineData(30, 6.2)]
    [InlineData(40, 7.7)]
    [InlineData(50, 9.2)]
    [InlineData(60, 11.0)]
    [InlineData(65, 12.0)]
    [InlineData(70, 13.1)]
    [InlineData(75, 14.4)]
    [InlineData(80, 16.0)]
    [InlineData(85, 17.9)]
    [InlineData(90, 20.5)]
    public void Wood_comes_to_the_moisture_of_the_handbook_table(double humidity, double expected)
    {
        Assert.InRange(WoodMoisture.Equilibrium(21.1, humidity), expected - 0.25, expected + 0.25);
    }

    [Theory]
    [InlineData(19, 75, 1.143)]
    [InlineData(54, 146, 1.281)]
    public void A_corrugated_sheet_is_as_long_as_its_wave(double depth, double pitch, double factor)
    {
        // Arc length of a sine, common practice tables: 1.14 and 1.28.
        Assert.Equal(factor, Forms.Corrugated(depth, pitch), 3);
    }

    [Fact]
    public void Round_work_and_radiators_measure_as_the_trade_does()
    {
        Assert.Equal(0.415, Area(Element.Pipe, new Form { Kind = "pipe", DiameterMm = 22 }, 6, null), 3);
        Assert.Equal(1.584, Area(Element.Radiator, new Form { Kind = "radiator-panel" }, 1.2, 0.6), 3);
        Assert.Equal(2 * 2.0 * 0.8 * 1.2, Area(Element.Door, new Form { Kind = "door-4", Sides = 2 }, 2.0, 0.8), 6);
    }

    [Fact]
    public void Small_panes_leave_more_to_paint_than_large_ones()
    {
        double Window(int lights) => Area(Element.Window, new Form { Kind = "sash", Lights = lights }, 1.2, 1.5);
        Assert.True(Window(24) > Window(4));
        Assert.True(Window(4) > Window(1));
    }

    [Fact]
    public void Every_element_has_a_usual_form_that_suits_it()
    {
        Assert.All(Enum.GetValues<Element>(), e => Assert.Contains(e, Forms.Usual(e).Elements));
    }

    [Fact]
    public void Zones_and_what_is_left_sum_to_the_whole()
    {
        var wall = new Surface
        {
            Id = "wall",
            Title = "Wall",
            Element = Element.Wall,
            Substrate = "gyp_old",
            Wall = "w1",
        };
        var whole = Geometry.Measure(Room(wall), wall);
        Surface Part(string id, double left, double bottom, double width, double height) =>
            wall with
            {
                Id = id,
                Zone = new Zone
                {
                    Of = "wall",
                    LeftM = left,
                    BottomM = bottom,
                    WidthM = width,
                    HeightM = height,
                },
            };
        var low = Part("low", 0, 0, 4, 1);
        var patch = Part("patch", 1, 1.5, 0.5, 0.4);
        var room = Room(wall, low, patch);

        Assert.Equal(whole.AreaM2, room.Surfaces.Sum(s => Geometry.Measure(room, s).AreaM2), 6);
        // The window, 1.2 by 1 m with its sill at 0.8 m, takes 0.2 m of its height out of the low band.
        Assert.Equal(4 - (1.2 * 0.2), Geometry.Measure(room, low).AreaM2, 6);
        var zones = Unfolding.Unfold(room).Pieces.Where(p => p.Kind == "zone").ToList();
        Assert.Equal(2, zones.Count);
        var face = Unfolding.Unfold(room).Pieces.Single(p => p is { Kind: "wall", Surface: "wall" });
        Assert.All(
            zones,
            z => Assert.True(z.X >= face.X - 1e-9 && z.X + z.Width <= face.X + face.Width + 1e-9 && z.Y >= face.Y - 1e-9 && z.Y + z.Height <= face.Y + face.Height + 1e-9)
        );
    }

    [Fact]
    public void A_zone_of_a_skirting_takes_its_length_from_the_run()
    {
        var skirting = new Surface
        {
            Id = "skirting",
            Title = "Skirting",
            Element = Element.Skirting,
            Substrate = "sw",
        };
        var rotten = skirting with
        {
            Id = "rotten",
            Zone = new Zone
            {
                Of = "skirting",
                LeftM = 5,
                WidthM = 1.5,
                HeightM = 0.14,
            },
        };
        var room = Room(skirting, rotten);
        Assert.Equal(16 - 1.5, Geometry.Measure(room, skirting).LengthM, 6);
        Assert.Equal(1.5 * 0.14, Geometry.Measure(room, rotten).AreaM2, 6);
        Assert.Contains(Unfolding.Unfold(room).Pieces, p => p is { Kind: "zone", Surface: "rotten", Wall: "w2" });
    }

    private static double Area(Element element, Form form, double length, double? height)
    {
        var surface = new Surface
        {
            Id = "s",
            Title = "s",
            Element = element,
            Substrate = "steel",
            Form = form,
            Size = new Size { LengthM = length, HeightM = height },
        };
        return Geometry.Measure(Room(surface), surface).AreaM2;
    }

    private static Space Room(params Surface[] surfaces) =>
        new()
        {
            Id = "room",
            Title = "Room",
            Walls =
            [
                .. Enumerable
                    .Range(1, 4)
                    .Select(i => new Wall
                    {
                        Id = $"w{i}",
                        LengthM = 4,
                        HeightM = 2.4,
                        Openings =
                            i == 1
                                ?
                                [
                                    new Opening
                                    {
                                        Kind = OpeningKind.Window,
                                        FromLeftM = 2,
                                        SillM = 0.8,
                                        WidthM = 1.2,
                                        HeightM = 1,
                                    },
                                ]
                                : [],
                    }),
            ],
            Surfaces = [.. surfaces],
        };
}
