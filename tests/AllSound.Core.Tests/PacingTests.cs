using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>
/// How long work takes by what is worked on, against the ranges that the trade reckons with, one skilled person: common
/// practice, from memory. Setting up and clearing away is left out.
/// </summary>
public sealed class PacingTests
{
    private static readonly Rates Rates = new();

    private static Act Act(string operation) => Operations.FindAct(Operations.Find(operation)!, null)!;

    private static double Hours(string operation, Extents extents) =>
        Costing.Of(Act(operation), extents, Rates, filmGone: true).Hours - Operations.Find(operation)!.FixedHours;

    private static Extents On(
        Element element,
        string substrate,
        double length,
        double height,
        string? form = null,
        Facts? facts = null,
        Exposure exposure = Exposure.Inside
    )
    {
        var surface = Surface(element, substrate, facts ?? Good, exposure: exposure) with
        {
            Size = new Size { LengthM = length, HeightM = height },
            Form = form is null ? null : new Form { Kind = form, Lights = form is "sash" or "casement" ? 6 : null },
        };
        return Appraise(surface).Extents;
    }

    [Theory]
    [InlineData("tc_gloss", 1.5, 3)]
    [InlineData("tc_wb_trim", 2, 3)]
    public void A_window_goes_at_the_trades_pace_over_glass(string operation, double least, double most)
    {
        // Six panes of a quarter of a square metre.
        Assert.InRange(1.5 / Hours(operation, On(Element.Window, "sw", 1, 1.5, "sash")), least, most);
    }

    [Fact]
    public void Small_panes_take_longer_than_large_ones_for_the_same_window()
    {
        var few = On(Element.Window, "sw", 1, 1.5, "sash");
        var many = Appraise(
            Surface(Element.Window, "sw", Good) with
            {
                Size = new Size { LengthM = 1, HeightM = 1.5 },
                Form = new Form { Kind = "sash", Lights = 18 },
            }
        ).Extents;
        Assert.True(Hours("tc_gloss", many) > 1.3 * Hours("tc_gloss", few));
    }

    [Theory]
    [InlineData("tc_gloss", Element.Door, "sw", "door-flush", 4, 8)]
    [InlineData("tc_wb_trim", Element.Door, "sw", "door-flush", 5, 9)]
    [InlineData("uc_alkyd", Element.Door, "sw", "door-flush", 6, 10)]
    [InlineData("tc_radiator", Element.Radiator, "steel", "radiator-panel", 3, 5)]
    [InlineData("tc_metal", Element.Railing, "steel", "railing-plain", 2.5, 5)]
    [InlineData("tc_metal", Element.RoofSheet, "galv_old", null, 4, 7)]
    [InlineData("tc_masonry", Element.Wall, "render_cem", null, 10, 18)]
    [InlineData("tc_masonry", Element.Wall, "brick_hard", null, 7, 12)]
    [InlineData("tc_masonry", Element.Wall, "render_cem", "roughcast", 4, 7)]
    [InlineData("tc_mineral", Element.Wall, "render_lime", null, 6, 12)]
    [InlineData("tc_mineral", Element.Wall, "brick_soft", null, 6, 12)]
    [InlineData("pr_masonry", Element.Wall, "brick_hard", null, 8, 14)]
    [InlineData("cl_sugar_soap", Element.Wall, "gyp_old", null, 12, 30)]
    [InlineData("cl_sugar_soap", Element.Door, "sw", "door-4", 6, 12)]
    public void A_face_goes_at_the_trades_pace(string operation, Element element, string substrate, string? form, double least, double most)
    {
        var extents = On(element, substrate, 4, 2, form, exposure: element is Element.Wall && substrate is not "gyp_old" ? Exposure.Outside : Exposure.Inside);
        Assert.InRange(extents.AreaM2 / extents.Texture / Hours(operation, extents), least, most);
    }

    [Theory]
    [InlineData("st_ir", "door-flush", 0.6, 1.6)]
    [InlineData("st_ir", "door-4", 0.3, 0.7)]
    [InlineData("st_heatgun", "door-flush", 0.7, 1.5)]
    [InlineData("st_heatgun", "door-4", 0.3, 0.6)]
    [InlineData("st_solvent", "door-flush", 0.5, 2)]
    [InlineData("st_shroud_sand", "door-flush", 1, 2)]
    public void Stripping_goes_by_how_moulded_it_is(string operation, string form, double least, double most)
    {
        var door = On(Element.Door, "sw", 0.9, 2, form);
        Assert.InRange(door.AreaM2 / Hours(operation, door), least, most);
    }

    /// <summary>Were only one wash slower on woodwork, the others would be chosen for their pace and not for what they do.</summary>
    [Theory]
    [InlineData("cl_sugar_soap")]
    [InlineData("cl_spirit_wash")]
    [InlineData("cl_degrease")]
    [InlineData("cl_nicotine_wash")]
    [InlineData("cl_mould_wash")]
    [InlineData("cl_rinse")]
    [InlineData("cl_solvent_wipe")]
    [InlineData("dc_neutralise_alk")]
    [InlineData("cl_pressure_wash")]
    [InlineData("cl_algae_biocide")]
    public void Every_wash_is_slower_on_woodwork_than_on_a_wall(string wash)
    {
        var operation = Operations.Find(wash)!;
        Assert.InRange(Pacing.Of(operation, Face.Joinery) / Pacing.Of(operation, Face.Flat), 0.35, 0.75);

        // Bars and railings are no quicker to wash than boards.
        Assert.Equal(Pacing.Of(operation, Face.Joinery), Pacing.Of(operation, Face.Glazed));
        Assert.Equal(Pacing.Of(operation, Face.Joinery), Pacing.Of(operation, Face.Openwork));
    }

    [Fact]
    public void A_sander_does_not_reach_into_carving_and_a_paste_does()
    {
        Assert.Equal(0, Pacing.Of(Operations.Find("st_shroud_sand")!, Face.Carved));
        Assert.InRange(Pacing.Of(Operations.Find("st_solvent")!, Face.Carved), 0.3, 0.7);
        Assert.Equal(Face.Carved, On(Element.Panelling, "sw", 2, 1, facts: Good with { Carved = true }).Face);
    }

    [Fact]
    public void A_wall_is_rolled_and_its_edges_cut_in()
    {
        var wall = On(Element.Wall, "gyp_old", 4, 2.5);
        Assert.Equal(13, wall.EdgeM, 9);
        Assert.Equal((10 / 18.0) + (13 / 30.0), Hours("tc_emul_roll", wall), 9);

        // Overhead it is slower, cutting in is not.
        var ceiling = On(Element.Ceiling, "pboard", 4, 2.5);
        Assert.Equal((10 / 14.0) + (13 / 30.0), Hours("tc_emul_roll", ceiling), 9);
    }

    /// <summary>Rooms of less than 6 square metres take a quarter to a half longer for each: the share of edges. Common practice, from memory.</summary>
    [Fact]
    public void Small_rooms_cost_more_by_the_square_metre()
    {
        double By(double length) => Hours("tc_emul_roll", On(Element.Wall, "gyp_old", length, 2.4)) / (length * 2.4);
        Assert.InRange(By(1.5) / By(6), 1.2, 1.5);
    }

    [Fact]
    public void Openings_are_cut_round_a_door_not_at_the_floor()
    {
        var space = new Space
        {
            Id = "room",
            Title = "Room",
            Surfaces = [],
            Walls =
            [
                new Wall
                {
                    Id = "w",
                    LengthM = 4,
                    HeightM = 2.5,
                    Openings =
                    [
                        new Opening
                        {
                            Kind = OpeningKind.Door,
                            FromLeftM = 0.3,
                            WidthM = 0.9,
                            HeightM = 2,
                        },
                        new Opening
                        {
                            Kind = OpeningKind.Window,
                            WidthM = 1.2,
                            HeightM = 1,
                            FromLeftM = 2,
                            SillM = 1,
                        },
                    ],
                },
            ],
        };
        var wall = Surface(Element.Wall, "gyp_old", Good) with { Wall = "w", Size = null };
        Assert.Equal(13 + 4.9 + 4.4, Geometry.Edge(space, wall, Geometry.Measure(space, wall)), 9);

        // A part of the wall has the edges of the part; woodwork has none of the wall's.
        var zone = wall with
        {
            Id = "z",
            Zone = new Zone
            {
                Of = "s",
                LeftM = 0,
                BottomM = 0,
                WidthM = 1,
                HeightM = 1,
            },
        };
        var whole = space with { Surfaces = [wall, zone] };
        Assert.Equal(4, Geometry.Edge(whole, zone, Geometry.Measure(whole, zone)), 9);
        var panelling = wall with { Element = Element.Panelling };
        Assert.Equal(13, Geometry.Edge(space, panelling, Geometry.Measure(space, panelling)), 9);
    }

    [Fact]
    public void Narrow_work_goes_by_the_metre_whatever_its_face()
    {
        var skirting = On(Element.Skirting, "sw", 12, 0.15, "strip-moulded");
        Assert.Equal(Face.Moulded, skirting.Face);

        // And the coat below is rubbed over at 40 m an hour.
        Assert.Equal(1 + (12 / 40.0), Hours("tc_gloss", skirting), 9);
    }

    [Fact]
    public void A_sprayed_coat_goes_as_fast_on_a_texture()
    {
        var rough = On(Element.Wall, "render_cem", 4, 2, "roughcast", exposure: Exposure.Outside);
        Assert.Equal(rough.AreaM2 / 100, Hours("tc_spray", rough), 9);
    }

    [Fact]
    public void No_operation_names_a_face_twice_or_goes_backwards()
    {
        Assert.All(
            Operations.All,
            o =>
            {
                Assert.Equal(o.FaceRates.Length, o.FaceRates.Select(p => p.On).Distinct().Count());
                Assert.All(o.FaceRates, p => Assert.InRange(p.Rate, 0, 200));
                Assert.All(Enum.GetValues<Face>(), f => Assert.True(Pacing.Of(o, f) >= 0));
            }
        );
    }
}
