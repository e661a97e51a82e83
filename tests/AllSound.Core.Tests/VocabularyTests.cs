using AllSound.Core.Assessment;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Quantities;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Tests;

/// <summary>A careful survey can be said whole: kinds that nobody knows, ages, shares, joints, air, proofs, other countries; and each of it bears on the answer.</summary>
public sealed class VocabularyTests
{
    private static Surface Plaster(Facts? facts = null, params Layer[] layers) =>
        Surface(Element.Wall, "gyp_old", facts ?? Good, layers.Length > 0 ? layers : [Coat("emul_matt")]);

    private static string[] FirstIds(Surface surface, int? built = 2010) => Ids(Specify(surface, built).Planned.Options[0]);

    public static TheoryData<string> Kinds => [.. ExistingCoatings.Named.Select(c => c.Id)];

    public static TheoryData<string> Grounds => [.. Substrates.Named.Select(s => s.Id)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_old_coat_that_can_be_named_can_be_specified(string coating)
    {
        var surface = Surface(Element.Wall, "gyp_old", Good, [Coat(coating)]);
        Assert.Empty(JobSense.Faults(Job(surface)));
        var specified = Specify(surface);
        Assert.True(!specified.Options.IsEmpty || !specified.Holds.IsEmpty || specified.Impasse is not null);
    }

    [Theory]
    [MemberData(nameof(Grounds))]
    public void Every_ground_that_can_be_named_can_be_specified(string ground)
    {
        var element = Substrates.Find(ground)!.Family switch
        {
            SubstrateFamily.Wood => Element.Skirting,
            SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous => Element.Railing,
            _ => Element.Wall,
        };
        var surface = Surface(element, ground, Good, []);
        Assert.Empty(JobSense.Faults(Job(surface)));
        var specified = Specify(surface);
        Assert.True(!specified.Options.IsEmpty || !specified.Holds.IsEmpty || specified.Impasse is not null);
    }

    [Fact]
    public void Ids_and_titles_of_kinds_are_their_own()
    {
        Assert.Equal(ExistingCoatings.Named.Length, ExistingCoatings.Named.Select(c => c.Id).Distinct().Count());
        Assert.Equal(ExistingCoatings.Named.Length, ExistingCoatings.Named.Select(c => c.Title).Distinct().Count());
        Assert.Equal(Substrates.Named.Length, Substrates.Named.Select(s => s.Title).Distinct().Count());
    }

    // What age and place make likely. Facts of the trade.
    [Theory]
    [InlineData("sw", Element.Door, Exposure.Inside, 1910, Film.OilLead)]
    [InlineData("sw", Element.Door, Exposure.Inside, 1990, Film.AlkydGloss)]
    [InlineData("gyp_old", Element.Wall, Exposure.Inside, 1990, Film.EmulsionMatt)]
    [InlineData("render_cem", Element.Wall, Exposure.Outside, 1990, Film.MasonryAcrylic)]
    public void Paint_of_an_unknown_kind_is_what_is_usual_there_and_that_is_said(string ground, Element element, Exposure exposure, int built, Film usual)
    {
        var appraised = Appraise(Surface(element, ground, Good, [Coat("unknown_paint")], exposure: exposure), built);
        Assert.Equal(usual, appraised.Condition.Get(F.Film));
        Assert.Contains(appraised.Resolutions, r => r.Facet == F.Film && r.Check == "T_solvent");
    }

    [Fact]
    public void Red_lead_is_lead_whatever_the_year() =>
        Assert.Equal(
            Lead.Confirmed,
            Appraise(Surface(Element.Railing, "steel", new Facts(), [Coat("red_lead"), Coat("alkyd_gloss")], exposure: Exposure.Outside), 2015).Condition.Get(F.Lead)
        );

    [Fact]
    public void Glue_and_size_under_paint_come_off_and_soot_is_blocked()
    {
        Assert.Equal(Presence.Present, Appraise(Plaster(Good, Coat("glue"), Coat("emul_matt"))).Condition.Get(F.WeakBeneath));
        Assert.Equal(Bleed.Live, Appraise(Plaster(Good, Coat("emul_matt"), Coat("nicotine"))).Condition.Get(F.Tar));
    }

    [Theory]
    [InlineData("fib_unknown", Element.Wall)]
    [InlineData("insul_board", Element.Ceiling)]
    [InlineData("lagging", Element.Pipe)]
    [InlineData("tile_vinyl", Element.Floor)]
    public void Board_tile_and_lagging_of_unknown_make_are_taken_for_asbestos_where_the_age_allows(string ground, Element element)
    {
        var surface = Surface(element, ground, new Facts(), []);
        Assert.Equal(Lead.Presumed, Appraise(surface, 1975).Condition.Get(F.Asbestos));
        Assert.Equal(Lead.Presumed, Appraise(surface, null).Condition.Get(F.Asbestos));
        Assert.Equal(Lead.ProvedAbsent, Appraise(surface, 2015).Condition.Get(F.Asbestos));
        Assert.Equal(Lead.Presumed, Appraise(surface with { Facts = new Facts { Asbestos = Lead.ProvedAbsent } }, 1975).Condition.Get(F.Asbestos));
        Assert.Equal(
            Lead.ProvedAbsent,
            Appraise(
                surface with
                {
                    Facts = new Facts { Asbestos = Lead.ProvedAbsent, AsbestosProof = "laboratory" },
                },
                1975
            )
                .Condition.Get(F.Asbestos)
        );
    }

    [Fact]
    public void Elsewhere_no_year_clears_lead_or_asbestos()
    {
        var door = Surface(Element.Door, "sw", new Facts(), [Coat("alkyd_gloss") with { Year = 2020 }]);
        var job = Job(door, 2020, j => j with { Jurisdiction = Jurisdiction.Elsewhere });
        var (building, space, surface) = job.Surfaces().Single();
        Assert.Equal(Lead.Presumed, Appraisal.Appraise(job, building, space, surface).Condition.Get(F.Lead));
        var (read, faults) = JobFile.Parse<Job>(JobFile.Write(job));
        Assert.Null(faults);
        Assert.Equal(Jurisdiction.Elsewhere, read!.Jurisdiction);
    }

    // BS 6150 and common practice, from memory: a skim dries for a week or two, cement for four weeks.
    [Theory]
    [InlineData("gyp_new", 6, Moisture.Drying)]
    [InlineData("gyp_new", 30, Moisture.Dry)]
    [InlineData("render_cem", 20, Moisture.Drying)]
    [InlineData("render_cem", 40, Moisture.Dry)]
    public void Young_fabric_is_not_taken_to_be_dry(string ground, double days, Moisture moisture)
    {
        var facts = Good with { Moisture = null };
        var surface = Surface(Element.Wall, ground, facts, []) with { AgeDays = days };
        Assert.Equal(moisture, Appraise(surface).Condition.Get(F.Moisture));
        var read = surface with { Facts = facts with { Moisture = Moisture.Dry } };
        Assert.Equal(Moisture.Dry, Appraise(read).Condition.Get(F.Moisture));
    }

    [Fact]
    public void Young_cement_is_alkaline() =>
        Assert.Equal(Alkalinity.High, Appraise(Surface(Element.Wall, "render_cem", Good, []) with { AgeDays = 10 }).Condition.Get(F.Alkalinity));

    [Fact]
    public void A_coat_laid_yesterday_is_left_to_harden_before_it_is_abraded_or_painted()
    {
        var door = Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss") with { AgeDays = 1 }]);
        var ids = FirstIds(door);
        Assert.True(
            Array.IndexOf(ids, "dr_harden") is >= 0 and var at
                && Array.FindIndex(ids, i => i.StartsWith("ab_", StringComparison.Ordinal)) is var keyed
                && (keyed < 0 || at < keyed)
        );
        Assert.DoesNotContain("dr_harden", FirstIds(door with { Layers = [Coat("alkyd_gloss") with { AgeDays = 30 }] }));
    }

    [Fact]
    public void New_putty_is_left_to_skin_before_the_finish()
    {
        var window = Surface(Element.Window, "sw", Good with { PuttyDays = 3 }, [Coat("alkyd_gloss")], exposure: Exposure.Outside);
        var option = Specify(window).Planned.Options[0];
        Assert.True(Step(option, "dr_putty").Number < option.Steps.First(s => s.Act.Operation.Role == Core.Treatment.CoatRole.Finish).Number);
        Assert.DoesNotContain("dr_putty", FirstIds(window with { Facts = window.Facts with { PuttyDays = 10 } }));
    }

    [Fact]
    public void A_share_of_the_face_is_work_on_that_share()
    {
        var whole = Appraise(Plaster(Good with { Mould = true, MouldSource = DampSource.Cured }));
        var tenth = Appraise(Plaster(Good with { Mould = true, MouldSource = DampSource.Cured, MouldShare = 0.1 }));
        Assert.Equal(whole.Extents.AreaM2, whole.Extents.MouldM2);
        Assert.Equal(whole.Extents.AreaM2 / 10, tenth.Extents.MouldM2, 6);
        Assert.Equal(0.2 * whole.Extents.AreaM2, Appraise(Plaster(Good with { SaltShare = 0.2 })).Extents.SaltM2, 6);
        Assert.Equal(Presence.Present, Appraise(Plaster(Good with { SaltShare = 0.2 })).Condition.Get(F.Salts));
        Assert.Equal(0.3 * whole.Extents.AreaM2, Appraise(Plaster(Good with { TarShare = 0.3 })).Extents.StainM2, 6);
        Assert.Equal(0.05 * whole.Extents.AreaM2, Appraise(Plaster(Good with { InkShare = 0.05 })).Extents.StainM2, 6);
        var seen = Plaster(Good with { LooseShare = null }) with { Signs = [new SignSeen { Sign = "s_flakes", Share = 0.15 }] };
        Assert.Equal(0.15 * whole.Extents.AreaM2, Appraise(seen).Extents.LooseM2, 6);
    }

    [Fact]
    public void Soot_and_grease_together_are_both_dealt_with()
    {
        var ids = FirstIds(Plaster(Good with { Soil = Soil.Greasy, Tar = true }));
        Assert.Contains(ids, i => i is "cl_degrease" or "cl_nicotine_wash" or "cl_solvent_wipe");
        Assert.Contains(ids, i => i is "sb_stain_shellac" or "sb_stain_alkyd" or "pr_stain_shellac");
    }

    [Fact]
    public void A_joint_gets_what_its_movement_width_and_wetness_ask_for()
    {
        Facts Joint(Func<Facts, Facts> with) => with(Good with { OpenJointM = 3 });
        Assert.Contains("ca_acrylic", FirstIds(Plaster(Joint(f => f))));
        Assert.Contains("ca_hybrid", FirstIds(Plaster(Joint(f => f with { JointMoves = true }))));
        Assert.Contains("ca_hybrid", FirstIds(Plaster(Joint(f => f with { JointWidthMm = 15 }))));
        var option = Specify(Plaster(Joint(f => f with { JointWet = true }))).Options[0];
        Assert.DoesNotContain(option.Steps, s => s.Act.Operation.Id is "ca_acrylic" or "ca_hybrid");
        Assert.True(Step(option, "ca_sanitary").Number > option.Steps.Last(s => s.Act.Operation.Role == Core.Treatment.CoatRole.Finish).Number);
    }

    [Fact]
    public void A_wider_and_deeper_joint_takes_more_sealant()
    {
        var narrow = Appraise(Plaster(Good with { OpenJointM = 3, JointWidthMm = 5, JointDepthMm = 8 })).Extents;
        var wide = Appraise(Plaster(Good with { OpenJointM = 3, JointWidthMm = 20, JointDepthMm = 10 })).Extents;
        Assert.Equal(1, narrow.JointFactor);
        Assert.Equal(5, wide.JointFactor);
        var caulk = Specify(Plaster(Good with { OpenJointM = 3, JointWidthMm = 20, JointDepthMm = 10 })).Options[0];
        var hybrid = Step(caulk, "ca_hybrid");
        Assert.Equal(0.08 * 3 * 5, Costing.Amount(hybrid.Act.Operation, hybrid.Act.Operation.Uses[0], wide, hybrid.Spend.Units), 6);
    }

    [Fact]
    public void Where_water_lies_its_fall_is_mended_first()
    {
        var sill = Surface(Element.Sill, "sw", Good with { DampSource = null, WaterLies = true }, [Coat("alkyd_gloss")], exposure: Exposure.Outside);
        Assert.Contains(Specify(sill).Holds, h => h.Need.Id == "damp-cured");
        Assert.Empty(Specify(sill with { Facts = sill.Facts with { DampSource = DampSource.Cured } }).Holds);
    }

    // 24 °C at 60 % has its dew point at 15.8 °C (Magnus; psychrometric tables say the same).
    [Fact]
    public void A_face_near_the_dew_point_waits_and_the_dew_point_is_said()
    {
        var pipe = Surface(Element.Pipe, "steel", Good with { AirTempC = 24, AirHumidity = 60, FaceTempC = 7 }, [Coat("alkyd_gloss")]);
        var specified = Specify(pipe);
        Assert.All(
            specified.Options,
            o => Assert.True(Step(o, "dr_warm").Number < o.Steps.First(s => s.Act.Product is not null && s.Act.Operation.Role != Core.Treatment.CoatRole.None).Number)
        );
        Assert.Contains(specified.Notes, n => n.Contains("dew point at 15.8 °C", StringComparison.Ordinal) && n.Contains("below 18.8 °C", StringComparison.Ordinal));
        Assert.DoesNotContain("dr_warm", FirstIds(pipe with { Facts = pipe.Facts with { FaceTempC = 21 } }));
    }

    [Fact]
    public void Animals_and_the_public_are_among_the_hazards()
    {
        string[] Of(Facts facts) => [.. Core.Safety.Hazards.Of(Plaster(facts), Specify(Plaster(facts))).Select(h => h.Because)];
        Assert.Contains(Of(Good with { Pets = true }), b => b.StartsWith("Animals live there", StringComparison.Ordinal));
        Assert.Contains(Of(Good with { PublicNear = true }), b => b.StartsWith("The public passes", StringComparison.Ordinal));
    }

    /// <summary>A sign or defect that was seen is worked on, though no fact repeats it.</summary>
    [Theory]
    [InlineData("s_green_slick", "render_cem", Exposure.Outside, "masonry_ac", "cl_algae_biocide")]
    [InlineData("d_mould", "gyp_old", Exposure.Inside, "emul_matt", "cl_mould_wash")]
    [InlineData("d_chalk", "render_cem", Exposure.Outside, "masonry_ac", "pr_isolate se_stabilise cl_pressure_wash")]
    [InlineData("d_ghost", "gyp_old", Exposure.Inside, "emul_matt", "du_vac cl_dust_dry")]
    [InlineData("d_tar_bleed", "gyp_old", Exposure.Inside, "emul_matt", "cl_nicotine_wash")]
    [InlineData("d_tannin", "hw_tan", Exposure.Inside, "enamel_wb", "sb_tannin sb_stain_shellac pr_stain_shellac")]
    [InlineData("d_knot_ring", "sw", Exposure.Inside, "enamel_wb", "sb_knot")]
    [InlineData("d_tacky", "sw", Exposure.Inside, "alkyd_gloss", "dr_harden strips")]
    [InlineData("s_paste", "gyp_old", Exposure.Inside, null, "dc_paste_wash")]
    [InlineData("d_joint_band", "pboard", Exposure.Inside, "emul_matt", "rp_fine")]
    [InlineData("d_open_joint", "sw", Exposure.Inside, "enamel_wb", "ca_acrylic ca_hybrid")]
    public void What_was_seen_is_worked_on(string sign, string substrate, Exposure place, string? film, string steps)
    {
        var element = Substrates.Find(substrate)!.Family == SubstrateFamily.Wood ? Element.Door : Element.Wall;
        var surface = Surface(
            element,
            substrate,
            Good with
            {
                Soil = sign == "d_ghost" ? null : Soil.Light,
                Powdery = null,
                Knots = null,
                FillShare = null,
            },
            film is null ? [] : [Coat(film)],
            exposure: place
        ) with
        {
            Signs = [new SignSeen { Sign = sign, Present = true }],
        };
        var specified = Specify(surface);
        var plan = specified.Options.Concat(specified.Afterwards?.Plan.Options ?? []).ToList();
        Assert.NotEmpty(plan);
        Assert.All(
            plan,
            o =>
                Assert.Contains(
                    specified.Meanwhile.Concat(o.Steps),
                    s => steps.Split(' ').Contains(s.Act.Operation.Id) || (s.Act.Strips && steps.Contains("strips", StringComparison.Ordinal))
                )
        );
    }

    [Fact]
    public void Iron_stain_on_oak_is_bleached_under_a_clear_finish_and_blocked_under_paint()
    {
        Surface Oak(FinishFamily finish) =>
            Surface(Element.Door, "hw_tan", Good with { RustyNails = true }, [Coat("woodstain")], new Brief { Finish = finish }, Exposure.Outside);
        Assert.All(Specify(Oak(FinishFamily.Clear)).Options, o => Assert.Contains("dc_wood_bright", Ids(o)));
        Assert.All(
            Specify(Oak(FinishFamily.TrimPaint)).Options,
            o => Assert.Contains(Ids(o), i => i is "dc_wood_bright" or "sb_stain_shellac" or "sb_stain_alkyd" or "pr_stain_shellac")
        );
    }
}
