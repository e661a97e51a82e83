using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>
/// Rules of thumb of the trade (common practice), each as facts and what must follow from the needs and effects. None of
/// them is written down as a rule anywhere in the program.
/// </summary>
public sealed class RulesOfThumbTests
{
    private static readonly string[] Strips = ["st_solvent", "st_alkaline_poultice", "st_ir", "st_heatgun", "st_steam_paint", "st_shroud_sand", "st_soak_scrape"];
    private static readonly string[] Coated = ["mk_floor", "tc_emul_roll/p_emul_contract", "tc_emul_roll/p_emul_contract", "ac_clean"];

    private static Surface Wall(Facts facts, params Layer[] layers) => Surface(Element.Wall, "gyp_old", facts, layers);

    private static Surface Trim(Facts facts, params Layer[] layers) => Surface(Element.Skirting, "sw", facts, layers);

    [Fact]
    public void R1_film_that_lifts_is_stripped_and_its_patch_sealed_before_any_coat()
    {
        var wall = Wall(Good with { LooseShare = 0.1, Edges = EdgeNature.Firm }, Coat("emul_matt"));
        Assert.Contains(Strict.Run(wall, Coated), f => f.Need == GroundNeeds.LooseOff && f.Severity == Severity.Fails);
        foreach (var option in Specify(wall).Options)
        {
            var off = option.Steps.First(s => s.Before.Get(Facets.Loose) == Presence.Present && s.After.Get(Facets.Loose) == Presence.None).Number;
            var sealedAt = option.Steps.First(s => s.After.Get(Facets.Bare) == Bare.Sealed).Number;
            var coat = option.Steps.First(s => s.Act.Operation.Role == CoatRole.Finish).Number;
            Assert.True(off < sealedAt && sealedAt < coat);
        }
    }

    [Fact]
    public void R2_where_scraping_reaches_no_firm_edge_a_binder_ties_edge_and_patch()
    {
        var wall = Wall(Good with { LooseShare = 0.1, Edges = EdgeNature.Lifting }, Coat("emul_matt"));
        Assert.All(Specify(wall).Options.Where(o => !Ids(o).Any(Strips.Contains)), o => Assert.Contains("se_peelbond", Ids(o)));
        Assert.Contains(Strict.Run(wall, ["mk_floor", "ls_scrape_loose", "du_vac", "cl_sugar_soap", "se_plaster", .. Coated]), f => f.Need == GroundNeeds.EdgesHeld);
    }

    [Fact]
    public void R3_where_a_firm_edge_is_reached_no_binder_is_bought() =>
        Assert.DoesNotContain("se_peelbond", Cheapest(Specify(Wall(Good with { LooseShare = 0.1, Edges = EdgeNature.Firm }, Coat("emul_matt")))));

    [Fact]
    public void R4_a_film_whose_grip_is_doubtful_gets_a_bonding_primer_before_waterborne_paint() =>
        Assert.All(
            Specify(Trim(Good with { Key = Key.Shiny }, Coat("alkyd_gloss")))
                .Options.Where(o => o.Steps.Last(s => s.Act.Operation.Role == CoatRole.Finish).Act.Product!.Carrier == Carrier.Water && !Ids(o).Any(Strips.Contains)),
            o => Assert.Contains(o.Steps, s => s.Act.Product?.Cover is Cover.BondPrimer or Cover.Shellac or Cover.StainAlkyd or Cover.UndercoatAlkyd)
        );

    [Fact]
    public void R5_glossy_tile_is_scuffed_at_60_to_80_and_primed()
    {
        var tile = Surface(Element.Tile, "tile_gl", Good);
        Assert.All(
            Specify(tile).Options,
            o =>
            {
                Assert.Contains("60 to 80", Step(o, "ab_tile").Act.Operation.Tool, StringComparison.Ordinal);
                Assert.Contains(o.Steps, s => s.Act.Operation.Id is "pr_bond" or "pr_epoxy_tile");
            }
        );
        Assert.Contains(Strict.Run(tile, "mk_floor", "cl_tile_clean", "pr_bond", "tc_tile", "tc_tile", "ac_clean"), f => f.Need == FabricNeeds.GroundKeyed);
    }

    [Fact]
    public void R6_sooty_brick_gets_the_strong_wash_and_a_day_to_dry()
    {
        var option = Specify(Surface(Element.ChimneyBreast, "brick_hard", Good with { Tar = true })).Options[0];
        var wash = Step(option, "cl_soot_wash");
        Assert.Equal(24, wash.Act.Leaves!.Least);
        Assert.True(wash.Number < option.Steps.First(s => s.Act.Product is not null).Number);
    }

    [Theory]
    [InlineData("brick_hard", Exposure.Outside)]
    [InlineData("block_agg", Exposure.Outside)]
    [InlineData("brick_hard", Exposure.Inside)]
    public void R7_porous_masonry_is_primed_before_its_finish(string substrate, Exposure exposure) =>
        Assert.All(
            Specify(Surface(Element.Wall, substrate, Good, exposure: exposure)).Options,
            o => Assert.Contains(o.Steps, s => s.Before.Get(Facets.Bare) == Bare.Raw && s.After.Get(Facets.Bare) == Bare.Sealed)
        );

    [Fact]
    public void R8_recesses_beyond_the_roller_get_an_old_brush_first()
    {
        var option = Specify(Surface(Element.Wall, "brick_hard", Good, exposure: Exposure.Outside)).Options[0];
        Assert.Contains("stiff brush", Step(option, "tc_masonry").Act.Operation.Tool, StringComparison.Ordinal);
    }

    [Fact]
    public void R9_paint_that_resists_every_hand_tool_is_keyed_and_kept()
    {
        var ids = Cheapest(Specify(Trim(Good with { Key = Key.Shiny }, Coat("alkyd_gloss", 3))));
        Assert.DoesNotContain(ids, Strips.Contains);
        Assert.Contains(ids, i => i is "ab_gloss" or "st_wet_abrade");
    }

    [Fact]
    public void R10_on_thin_coated_sheet_only_a_worn_disc() => Assert.Contains("worn", Operations.Find("ab_metal_power")!.Tool, StringComparison.Ordinal);

    [Fact]
    public void R11_failed_screws_become_longer_coarser_ones_with_a_bonded_washer()
    {
        var roof = Surface(Element.Cladding, "galv_old", Good with { LooseFixings = true }, [Coat("masonry_ac")], exposure: Exposure.Outside);
        Assert.All(
            Specify(roof).Options,
            o =>
            {
                var step = Step(o, "mc_fixings");
                Assert.Contains("longer, coarser", step.Act.Operation.Do, StringComparison.Ordinal);
                Assert.Contains(step.Act.Operation.Uses, u => u.Sundry == Sundries.Screws);
            }
        );
    }

    [Theory]
    [InlineData(null, "mc_lap_rivet", "mc_lap_seal")]
    [InlineData(false, "mc_lap_seal", "mc_lap_rivet")]
    public void R12_a_gaping_lap_is_riveted_and_sealed_only_where_no_rivet_goes_in(bool? rivets, string used, string not)
    {
        var sheet = Surface(Element.Cladding, "galv_old", Good with { OpenLaps = true, LapsTakeRivets = rivets }, [Coat("masonry_ac")], exposure: Exposure.Outside);
        Assert.All(Specify(sheet).Options, o => Assert.True(Ids(o).Contains(used) && !Ids(o).Contains(not)));
    }

    [Theory]
    [InlineData(Holes.Small, "mc_hole_brush")]
    [InlineData(Holes.Large, "mc_hole_patch")]
    public void R13_small_holes_are_brushed_over_larger_ones_bridged_with_fibre(Holes holes, string used)
    {
        var sheet = Surface(Element.Cladding, "galv_old", Good with { Holes = holes }, [Coat("masonry_ac")], exposure: Exposure.Outside);
        Assert.Contains(used, Cheapest(Specify(sheet)));
        Assert.Equal(holes == Holes.Large, Strict.Run(sheet, "mk_floor", "cl_degrease", "mc_hole_brush").Any(f => f.Need == FabricNeeds.HolesSmall));
    }

    [Fact]
    public void R14_a_firm_residue_of_conversion_is_coated_over()
    {
        var rail = Surface(Element.Railing, "steel", Good with { Rust = Rust.Converted }, [Coat("alkyd_gloss")], exposure: Exposure.Outside);
        Assert.DoesNotContain(Cheapest(Specify(rail)), i => i is "ls_wire_hand" or "ab_metal_power" or "ab_metal_hand" or "dc_rust_convert");
    }

    [Fact]
    public void R15_a_coat_left_in_the_weather_is_washed_again_before_the_next()
    {
        var rail = Surface(Element.Railing, "steel", Good with { Soil = Soil.Clean, Key = Key.Toothy }, [Coat("alkyd_gloss")], exposure: Exposure.Outside);
        var faults = Strict.Run(rail, "mk_floor", "ab_gloss", "du_vac", "uc_alkyd", "tc_gloss/p_gloss_alk@72", "ac_clean");
        Assert.Contains(faults, f => f.Need == GroundNeeds.SoilOff);
        Assert.DoesNotContain(Strict.Run(rail, "mk_floor", "ab_gloss", "du_vac", "uc_alkyd", "tc_gloss/p_gloss_alk@24", "ac_clean"), f => f.Need == GroundNeeds.SoilOff);
    }

    [Fact]
    public void R16_intact_gloss_is_flatted_wet_wiped_and_painted_where_lead_is_not_ruled_out()
    {
        var option = Specify(Trim(Good with { Lead = null, Key = Key.Shiny }, Coat("alkyd_gloss")), built: 1930).Options[0];
        Assert.Contains("st_wet_abrade", Ids(option));
        Assert.DoesNotContain("ab_gloss", Ids(option));
    }

    [Fact]
    public void R17_blistered_film_comes_off() =>
        Assert.Contains(
            Strict.Run(Trim(Good with { LooseShare = 0.3 }, Coat("alkyd_gloss")), "mk_floor", "uc_alkyd", "tc_gloss/p_gloss_alk"),
            f => f.Need == GroundNeeds.LooseOff
        );

    [Fact]
    public void R18_stripper_that_has_not_lifted_the_film_is_given_longer_or_laid_again()
    {
        Assert.Contains("until it lifts", Operations.Find("st_solvent")!.Do, StringComparison.Ordinal);
        var door = Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss", 12)]);
        var fit = StrippingChoice.Rank(Job(door), door, Appraise(door)).First(f => f.Operation == "st_solvent");
        Assert.Equal(3, fit.Applications);
    }

    [Fact]
    public void R19_no_flame_ever_and_no_heat_beside_glass()
    {
        var window = Surface(Element.Window, "sw", Good, [Coat("alkyd_gloss", 12)]);
        Assert.Contains(Strict.Run(window, "st_flame"), f => f.Severity == Severity.Danger);
        Assert.Contains(Strict.Run(window, "ms_fire_detect", "mk_floor", "st_heatgun"), f => f.Need == SiteNeeds.NoGlass && f.Severity == Severity.Danger);
    }

    [Fact]
    public void R20_timber_is_sanded_along_the_grain_and_never_with_a_disc()
    {
        Assert.Contains("along the grain", Operations.Find("ab_wood_bare")!.Tool, StringComparison.Ordinal);
        Assert.Contains(Strict.Run(Trim(Good with { Soil = Soil.Clean }, Coat("alkyd_gloss")), "mk_floor", "ab_power_dry"), f => f.Need!.Id == "not-timber");
    }

    [Fact]
    public void R21_paint_laps_the_glass_by_1_6_to_2_mm()
    {
        Assert.Contains("1.6 to 2 mm", Operations.Find("mk_glass")!.Do, StringComparison.Ordinal);
        Assert.Contains(ElementOrders.For(Surface(Element.Window, "sw", Good))!.Say, s => s.Contains("1.6 to 2 mm", StringComparison.Ordinal));
    }

    [Fact]
    public void R22_openwork_gets_mist_coats_from_several_angles() =>
        Assert.Contains(ElementOrders.For(Surface(Element.Railing, "steel", Good))!.Say, s => s.Contains("mist coats from several angles", StringComparison.Ordinal));

    [Fact]
    public void R23_a_crack_that_bulges_loses_its_film_before_it_is_filled() =>
        Assert.Contains(
            Strict.Run(
                Surface(Element.Ceiling, "gyp_old", Good with { LooseShare = 0.05, FillShare = 0.02, Soil = Soil.Clean }, [Coat("emul_matt")]),
                "mk_floor",
                "rp_crack"
            ),
            f => f.Need == GroundNeeds.LooseOff
        );

    [Fact]
    public void R24_sound_ornament_is_washed_and_painted_no_more()
    {
        var cornice = Surface(Element.Cornice, "gyp_old", Good with { Carved = true, Access = Access.PlatformUp }, [Coat("emul_matt")]);
        var work = Specify(cornice).Options[0].Steps.Where(s => s.Act.Operation.Group is not (Group.MakeSafe or Group.Protect or Group.Aftercare));
        Assert.All(work, s => Assert.True(s.Act.Operation.Group is Group.Clean or Group.Topcoat or Group.DustOff, s.Act.Id));
    }

    [Fact]
    public void R25_varnish_is_a_poor_base_and_is_cut_back_before_paint()
    {
        var door = Surface(Element.Door, "sw", Good with { Key = Key.Shiny }, [Coat("varnish")]);
        Assert.Contains(
            Strict.Run(door, "mk_floor", "cl_sugar_soap", "tc_gloss/p_egg_alk", "tc_gloss/p_egg_alk", "ac_clean"),
            f => f.Need!.Id.StartsWith("film-keyed", StringComparison.Ordinal)
        );
        Assert.All(Specify(door).Options, o => Assert.Contains(o.Steps, s => s.Act.Operation.Group is Group.Abrade or Group.Strip));
    }

    [Fact]
    public void R26_a_gel_is_not_stirred()
    {
        var gel = new OwnProduct
        {
            Id = "gel",
            Title = "gel gloss",
            Class = "p_gloss_alk",
            Gel = true,
        };
        var act = Operations.FindAct(Operations.Find("tc_gloss")!, Coatings.Find("p_gloss_alk"))!.With(gel.Instance(4));
        Assert.Contains("do not stir", HandTools.Mixing(act), StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public void R27_what_must_be_locked_at_night_is_started_in_the_morning()
    {
        var window = Surface(Element.Window, "sw", Good, [Coat("alkyd_gloss")]);
        var shut = HandTools.Shut(Operations.FindAct(Operations.Find("tc_wb_trim")!, null)!, window)!;
        Assert.InRange(shut.LeastHours, 5, 8);
        Assert.Contains("morning", shut.Say, StringComparison.Ordinal);
    }

    [Fact]
    public void R28_mould_is_killed_twenty_minutes_twice_scrubbed_rinsed_then_primed()
    {
        var wall = Wall(Good with { Mould = true, MouldSource = DampSource.Cured, BareShare = 0.1 }, Coat("emul_matt"));
        var option = Specify(wall).Options[0];
        var wash = Step(option, "cl_mould_wash");
        Assert.Contains("20 minutes, again once dry, then scrub and rinse", wash.Act.Operation.Do, StringComparison.Ordinal);
        Assert.True(wash.Number < option.Steps.First(s => s.Act.Product is not null).Number);
    }

    [Fact]
    public void R29_a_heating_pipe_is_painted_cold_with_paint_that_bears_its_heat()
    {
        var pipe = Surface(Element.Pipe, "steel", Good with { HotNow = true, ServiceTempC = 85 }, [Coat("alkyd_gloss")]);
        var specified = Specify(pipe);
        Assert.All(
            specified.Options,
            o =>
            {
                Assert.Contains("ms_heat_off", Ids(o));
                Assert.All(o.Steps.Where(s => s.Act.Operation.Role == CoatRole.Finish), s => Assert.True(s.Act.Product!.HeatMost >= 85));
            }
        );
        Assert.NotEmpty(specified.Options);
    }

    [Fact]
    public void R30_a_moving_joint_gets_flexible_filler_and_its_wait()
    {
        var option = Specify(Trim(Good with { OpenJointM = 3 }, Coat("alkyd_gloss"))).Options[0];
        var caulk = Step(option, "ca_acrylic");
        Assert.True(caulk.Act.Leaves!.Least >= 2);
        Assert.Contains(
            Strict.Run(Wall(Good with { LiveCrack = true, FillShare = 0.01 }, Coat("emul_matt")), "mk_floor", "rp_crack"),
            f => f.Need == SiteNeeds.MovementStill
        );
    }

    [Fact]
    public void R31_new_plaster_gets_a_sealing_first_coat_and_two_more()
    {
        var option = Specify(Surface(Element.Wall, "gyp_new", Good)).Options[0];
        Assert.Contains(option.Steps, s => s.Act.Operation.Id is "se_mist" or "se_plaster");
        Assert.Equal(2, option.Steps.Count(s => s.Act.Operation.Role == CoatRole.Finish));
        Assert.Contains(Strict.Run(Surface(Element.Wall, "gyp_new", Good with { Soil = Soil.Clean }), Coated), f => f.Need == GroundNeeds.BareSealed);
    }

    [Fact]
    public void R32_tools_for_tomorrows_same_colour_are_bagged_in_a_fresh_bag() =>
        Assert.Contains("fresh bag every night", HandTools.Overnight(Coatings.Find("p_emul_contract")!), StringComparison.Ordinal);

    [Fact]
    public void R33_trim_painted_loose_is_a_school_one_may_follow() => Assert.NotNull(Questions.Find("S27")!.Find("loose"));

    [Fact]
    public void R34_many_layers_ask_for_trial_patches_and_results_change_the_choice()
    {
        var door = Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss", 14)]);
        var before = StrippingChoice.Rank(Job(door), door, Appraise(door));
        Assert.True(before.Count(f => f.Score is not null) >= 3);
        var second = before[1].Operation;
        var tried = Job(
            door,
            with: j =>
                j with
                {
                    Trials =
                    [
                        new TrialPatch
                        {
                            Surface = "s",
                            Method = before[0].Operation,
                            Cleared = 0.1,
                            Minutes = 40,
                        },
                        new TrialPatch
                        {
                            Surface = "s",
                            Method = second,
                            Cleared = 1,
                            Minutes = 6,
                        },
                    ],
                }
        );
        Assert.Equal(second, StrippingChoice.Rank(tried, door, Appraise(door))[0].Operation);
    }

    [Fact]
    public void R35_removable_trim_may_go_to_the_tank_and_is_neutralised()
    {
        var door = Surface(Element.Door, "sw", Good with { Removable = true }, [Coat("alkyd_gloss", 14)]);
        var dip = StrippingChoice.Rank(Job(door), door, Appraise(door)).First(f => f.Operation == "st_caustic_dip");
        Assert.NotNull(dip.Score);
        Assert.Contains("pH", dip.Residue, StringComparison.Ordinal);
        Assert.Contains(Strict.Run(door, "st_caustic_dip", "sp_wood"), f => f.Need == GroundNeeds.ResidueOut);
        Assert.Null(StrippingChoice.Rank(Job(door), door with { Facts = Good }, Appraise(door with { Facts = Good })).First(f => f.Operation == "st_caustic_dip").Score);
    }

    [Fact]
    public void R36_possible_lead_is_presumed_and_gated_before_anything_is_disturbed()
    {
        var old = Trim(Good with { Lead = null }, Coat("oil_lead", 4));
        Assert.Contains(Strict.RunBuilt(old, 1910, "mk_floor", "ab_gloss"), f => f.Need == SiteNeeds.LeadAbsent && f.Severity == Severity.Danger);
        Assert.All(
            Specify(old, built: 1910).Options,
            o => Assert.Equal("ms_lead_setup", Ids(o).First(i => i is "ms_lead_setup" or "st_wet_abrade" or "cl_sugar_soap" or "ls_wet_scrape"))
        );
    }

    [Theory]
    [InlineData("tar")]
    [InlineData("water")]
    [InlineData("ink")]
    public void R37_stains_that_bleed_get_a_stain_block(string stain)
    {
        var facts = stain switch
        {
            "tar" => Good with { Tar = true },
            "ink" => Good with { Ink = true },
            _ => Good with { WaterStainShare = 0.05, DampSource = DampSource.Cured },
        };
        Assert.All(
            Specify(Wall(facts, Coat("emul_matt"))).Options,
            o => Assert.Contains(o.Steps, s => s.Act.Operation.Id is "sb_stain_shellac" or "sb_stain_alkyd" or "pr_stain_shellac")
        );
        Assert.Contains(Strict.Run(Wall(facts with { Soil = Soil.Clean }, Coat("emul_matt")), Coated), f => f.Need!.Id.EndsWith("blocked", StringComparison.Ordinal));
    }

    [Fact]
    public void R38_a_damp_wall_is_dried_before_any_coat()
    {
        var wall = Wall(Good with { Moisture = Moisture.Damp, DampSource = DampSource.Cured }, Coat("emul_matt"));
        Assert.All(
            Specify(wall).Options,
            o => Assert.True(o.Steps.First(s => s.Act.Operation.Group == Group.Dry).Number < o.Steps.First(s => s.Act.Product is not null).Number)
        );
        Assert.NotEmpty(Specify(Wall(Good with { Moisture = Moisture.Damp, DampSource = DampSource.Open }, Coat("emul_matt"))).Holds);
    }

    [Fact]
    public void R39_a_rough_face_gets_a_long_pile()
    {
        var wall = Surface(Element.Wall, "render_cem", Good, exposure: Exposure.Outside);
        var act = Operations.FindAct(Operations.Find("tc_masonry")!, null)!;
        Assert.Contains("25 mm pile", HandTools.For(act, wall, 2)[0].Tool, StringComparison.Ordinal);
        Assert.Contains("10 to 12 mm", HandTools.For(act, wall, 0)[0].Tool, StringComparison.Ordinal);
    }

    [Fact]
    public void R40_caulk_over_new_paint_wants_another_coat()
    {
        var trim = Trim(Good with { OpenJointM = 3, Soil = Soil.Clean, Key = Key.Toothy }, Coat("alkyd_gloss", lrv: 80));
        string[] late =
        [
            "ms_ventilate",
            "mk_floor",
            "ab_gloss",
            "du_vac",
            "uc_alkyd",
            "dn_between",
            "du_vac",
            "tc_gloss/p_egg_alk",
            "dn_between",
            "du_vac",
            "tc_gloss/p_egg_alk",
            "ca_acrylic",
            "ac_clean",
        ];
        Assert.Contains(Strict.Run(trim, late), f => f.Need == Needs.Hidden);
    }

    [Fact]
    public void R41_knotty_raw_timber_has_its_knots_sealed_and_then_a_primer()
    {
        var option = Specify(Surface(Element.Boarding, "sw_resin", Good with { Knots = 8 })).Options[0];
        Assert.True(
            Step(option, "sb_knot").Number
                < option.Steps.First(s => s.Act.Operation.Role is CoatRole.Primer or CoatRole.Undercoat or CoatRole.Finish || s.Act.Operation.Id == "sp_wood").Number
        );
    }

    [Fact]
    public void R42_lumpy_old_gloss_is_levelled()
    {
        var trim = Trim(Good with { Lumps = true, Key = Key.Abraded, Soil = Soil.Clean }, Coat("alkyd_gloss"));
        Assert.Contains(
            Strict.Run(trim, "mk_floor", "du_vac", "uc_alkyd", "dn_between", "du_vac", "tc_gloss/p_gloss_alk", "ac_clean"),
            f => f.Need == GroundNeeds.LumpsGone
        );
        Assert.All(Specify(trim).Options, o => Assert.Contains(o.Steps, s => s.Act.Operation.Group is Group.Abrade or Group.Strip));
    }

    [Fact]
    public void R43_narrow_upright_work_is_loaded_lightly_and_spread_out()
    {
        var order = ElementOrders.For(Surface(Element.Architrave, "sw", Good))!;
        Assert.Contains(order.Say, s => s.Contains("Light load, spread out", StringComparison.Ordinal));
        Assert.Contains("third of the bristle", Operations.Find("tc_gloss")!.Do, StringComparison.Ordinal);
    }
}
