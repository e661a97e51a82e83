using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>
/// What a step asks of safety where it is done: protection, cautions, waste, hold points and what others have to know. The
/// rules of the trade and of the law in outline, from memory; local rules and licensed people always come first.
/// </summary>
public sealed class StepSafetyTests
{
    private static readonly Surface Inside = Surface(Element.Wall, "gyp_old", Good, [Coat("emul_matt")]);
    private static readonly Surface Door = Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss")]);

    private static Act Act(string operation, string? product = null) =>
        Operations.FindAct(Operations.Find(operation)!, product is null ? null : Coatings.Find(product)) ?? throw new ArgumentException(operation, nameof(operation));

    private static StepSafety Of(string operation, Surface surface, string? product = null, bool first = false, int built = 2015) =>
        StepHazards.Of(Act(operation, product), Appraise(surface, built).Condition, surface, first);

    private static bool Masked(string worn) => worn.Contains("mask", StringComparison.Ordinal);

    /// <summary>Control of Lead at Work Regulations 2002 and 40 CFR 745, in outline, from memory.</summary>
    [Fact]
    public void Whatever_disturbs_paint_that_may_hold_lead_is_protected_against_and_its_waste_is_hazardous()
    {
        var old = Door with { Facts = Good with { Lead = Lead.Presumed } };
        var condition = Appraise(old).Condition;
        foreach (var act in Operations.Acts.Where(StepHazards.Disturbs))
        {
            var safety = StepHazards.Of(act, condition, old, first: false);
            Assert.Contains("disposable coverall", safety.Protection);
            Assert.Contains(safety.Protection, w => w is "half mask P3" or "half mask A2P3");
            Assert.Contains(safety.Cautions, c => c.StartsWith("Lead:", StringComparison.Ordinal));
            Assert.StartsWith("Children, pregnant women and pets stay out", safety.Others, StringComparison.Ordinal);
            if (act.Operation.Group is Group.Strip or Group.Loosen or Group.Abrade)
            {
                Assert.StartsWith("hazardous", safety.Waste, StringComparison.Ordinal);
            }
        }
    }

    [Fact]
    public void Where_lead_is_proved_absent_nobody_is_alarmed()
    {
        var condition = Appraise(Door).Condition;
        Assert.All(
            Operations.Acts,
            act =>
            {
                var safety = StepHazards.Of(act, condition, Door, first: false);
                Assert.DoesNotContain(safety.Cautions, c => c.StartsWith("Lead paint, presumed", StringComparison.Ordinal));
                Assert.DoesNotContain("lead", safety.Waste ?? "", StringComparison.Ordinal);
                Assert.DoesNotContain("Children, pregnant", safety.Others ?? "", StringComparison.Ordinal);
            }
        );
    }

    /// <summary>Common practice.</summary>
    [Fact]
    public void Wet_rubbing_asks_for_a_mask_only_where_lead_is_not_ruled_out()
    {
        Assert.Equal(["gloves", "goggles"], Of("st_wet_abrade", Door).Protection);
        var old = Door with { Facts = Good with { Lead = Lead.Presumed } };
        Assert.Contains("half mask P3", Of("st_wet_abrade", old).Protection);
    }

    /// <summary>Common practice.</summary>
    [Fact]
    public void Eyes_are_covered_for_a_coat_overhead_and_not_for_one_on_a_skirting()
    {
        var ceiling = Surface(Element.Ceiling, "gyp_old", Good, [Coat("emul_matt")]);
        Assert.Contains("goggles", Of("tc_emul_roll", ceiling).Protection);
        Assert.DoesNotContain("goggles", Of("sp_fill", ceiling).Protection);
        Assert.DoesNotContain("goggles", Of("tc_emul_roll", Inside).Protection);
        Assert.Empty(Of("tc_wb_trim", Door).Protection);
    }

    [Fact]
    public void Laying_a_coat_over_lead_paint_disturbs_nothing()
    {
        var old = Door with { Facts = Good with { Lead = Lead.Confirmed } };
        var safety = Of("tc_wb_trim", old);
        Assert.DoesNotContain("disposable coverall", safety.Protection);
        Assert.DoesNotContain("lead", safety.Waste!, StringComparison.Ordinal);
    }

    [Fact]
    public void One_mask_is_worn_and_one_pair_of_gloves_whatever_comes_together()
    {
        Surface[] surfaces =
        [
            Door with
            {
                Facts = Good with { Lead = Lead.Presumed },
            },
            Surface(Element.Wall, "brick_hard", Good with { Lead = Lead.Presumed }, [Coat("masonry_ac")], exposure: Exposure.Outside),
            Surface(Element.Floor, "hw_tan", Good, [Coat("varnish")]),
            Surface(Element.Tile, "tile_gl", Good, []),
            Surface(Element.Railing, "steel", Good with { Lead = Lead.Confirmed }, [Coat("alkyd_gloss")], exposure: Exposure.Outside),
        ];
        foreach (var surface in surfaces)
        {
            var condition = Appraise(surface).Condition;
            foreach (var act in Operations.Acts)
            {
                var worn = StepHazards.Of(act, condition, surface, first: true).Protection;
                Assert.Equal(worn.Length, worn.Distinct(StringComparer.Ordinal).Count());
                Assert.True(worn.Count(Masked) <= 1, $"{act} on {surface.Substrate}: {string.Join(", ", worn)}");
                Assert.False(worn.Contains("gloves") && worn.Contains("chemical gauntlets"), act.Id);
            }
        }
    }

    /// <summary>EH40 and HSE guidance on silica and hardwood dust, from memory.</summary>
    [Fact]
    public void Dust_of_masonry_tile_and_hardwood_asks_for_a_better_mask_than_that_of_softwood()
    {
        string Mask(Element element, string substrate) => Of("ab_power_dry", Surface(element, substrate, Good, [Coat("alkyd_gloss")])).Protection.Single(Masked);
        Assert.Equal("mask FFP3", Mask(Element.Wall, "brick_hard"));
        Assert.Equal("mask FFP3", Mask(Element.Tile, "tile_gl"));
        Assert.Equal("mask FFP3", Mask(Element.Door, "hw_tan"));
        Assert.Equal("mask FFP3", Mask(Element.Door, "hw_oily"));
        Assert.Contains(
            Of("ab_power_dry", Surface(Element.Wall, "brick_hard", Good, [Coat("alkyd_gloss")])).Cautions,
            c => c.Contains("silica", StringComparison.Ordinal) && c.Contains("never sweep it dry", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(Of("ab_power_dry", Door).Cautions, c => c.Contains("silica", StringComparison.Ordinal) || c.Contains("Hardwood", StringComparison.Ordinal));
        Assert.DoesNotContain(
            Of("st_wet_abrade", Surface(Element.Wall, "brick_hard", Good, [Coat("alkyd_gloss")])).Cautions,
            c => c.Contains("silica", StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("tc_gloss", "p_gloss_alk", true)]
    [InlineData("pr_stain_shellac", "p_shellac_prim", true)]
    [InlineData("tc_2k", "p_pu2k_sb", true)]
    [InlineData("tc_wb_trim", "p_enamel_wb", false)]
    [InlineData("tc_emul_roll", "p_emul_contract", false)]
    public void Solvent_inside_wants_air_and_a_gas_mask_and_nobody_sleeps_there(string operation, string product, bool solvent)
    {
        var safety = Of(operation, Door, product);
        Assert.Equal(solvent, safety.Protection.Contains("half mask A2P3"));
        Assert.Equal(solvent, safety.Cautions.Any(c => c.Contains("nobody sleeps there tonight", StringComparison.Ordinal)));
        Assert.Equal(solvent, safety.Others?.Contains("not slept in tonight", StringComparison.Ordinal) ?? false);

        // In the open air it is a matter of fire only.
        var outside = Of(operation, Door with { Exposure = Exposure.Outside }, product);
        Assert.Equal(solvent, outside.Cautions.Any(c => c.Contains("no flame near the tin", StringComparison.Ordinal)));
        Assert.Null(outside.Others);
    }

    [Fact]
    public void A_spot_of_knotting_keeps_nobody_out_of_the_room()
    {
        var spot = Of("sb_knot", Door, "p_shellac_knot");
        Assert.Contains("half mask A2P3", spot.Protection);
        Assert.Null(spot.Others);
    }

    /// <summary>REACH restriction 74 (2023), from memory: diisocyanates only by people trained for them.</summary>
    [Fact]
    public void Isocyanates_are_for_people_trained_for_them_and_never_sprayed_without_supplied_air()
    {
        var holding = Coatings.All.Where(c => c.Isocyanate).ToArray();
        Assert.NotEmpty(holding);
        foreach (var act in Operations.Acts.Where(a => a.Product is { Isocyanate: true }))
        {
            var safety = StepHazards.Of(act, Appraise(Door).Condition, Door, first: false);
            Assert.Contains("chemical gauntlets", safety.Protection);
            Assert.Contains("half mask A2P3", safety.Protection);
            Assert.Contains(safety.Cautions, c => c.StartsWith("Isocyanate: only people trained", StringComparison.Ordinal));
        }
    }

    [Theory]
    [InlineData(Access.NeedsPlatform, true)]
    [InlineData(Access.PlatformUp, true)]
    [InlineData(Access.InReach, false)]
    public void Work_at_height_is_done_from_inside_the_rails(Access access, bool cautioned)
    {
        var high = Inside with { Facts = Good with { Access = access } };
        Assert.Equal(cautioned, Of("tc_emul_roll", high).Cautions.Any(c => c.StartsWith("At height", StringComparison.Ordinal)));

        // Covering the floor is not at height.
        Assert.DoesNotContain(Of("mk_floor", high).Cautions, c => c.StartsWith("At height", StringComparison.Ordinal));
    }

    [Fact]
    public void Water_and_live_outlets_do_not_go_together()
    {
        var live = Inside with { Facts = Good with { Outlets = true } };
        Assert.Contains(Of("cl_sugar_soap", live).Cautions, c => c.StartsWith("Live outlets", StringComparison.Ordinal));
        Assert.DoesNotContain(Of("cl_sugar_soap", Inside).Cautions, c => c.StartsWith("Live outlets", StringComparison.Ordinal));
        Assert.DoesNotContain(Of("ab_gloss", live).Cautions, c => c.StartsWith("Live outlets", StringComparison.Ordinal));
    }

    [Fact]
    public void The_first_overall_coat_waits_for_a_number_that_is_written_down()
    {
        Assert.Contains("timber 18 % or less", Of("uc_alkyd", Door, first: true).Hold, StringComparison.Ordinal);
        Assert.Contains("equilibrium humidity 75 % or less", Of("tc_emul_roll", Inside, first: true).Hold, StringComparison.Ordinal);
        Assert.Null(Of("tc_emul_roll", Inside).Hold);
        Assert.Null(Of("uc_alkyd", Door).Hold);
    }

    [Fact]
    public void Stripping_drying_and_leaving_are_hold_points()
    {
        foreach (var strip in Operations.Acts.Where(a => a.Operation.Group == Group.Strip))
        {
            Assert.StartsWith("Before it begins: a trial patch", StepHazards.Of(strip, Appraise(Door).Condition, Door, first: false).Hold, StringComparison.Ordinal);
        }

        Assert.Equal("No further until the number is written down.", Of("dr_natural", Inside).Hold);
        Assert.Contains("written down", Of("ac_clean", Inside).Hold, StringComparison.Ordinal);
        Assert.Contains("Nobody returns before the clearance", Of("dc_lead_clean", Inside).Hold, StringComparison.Ordinal);
        Assert.Null(Of("cl_sugar_soap", Inside).Hold);
    }

    [Theory]
    [InlineData("st_solvent", "solvent sludge")]
    [InlineData("st_wax_solvent", "solvent sludge")]
    [InlineData("st_shellac_alcohol", "solvent sludge")]
    [InlineData("st_alkaline_poultice", "caustic sludge")]
    [InlineData("st_ir", "dried paint and dust, bagged")]
    [InlineData("ls_scrape_loose", "dried paint and dust, bagged")]
    [InlineData("cl_sugar_soap", "wash water")]
    [InlineData("st_paper_wet", "wet paper and paste, bagged")]
    public void Waste_goes_where_it_belongs(string operation, string waste)
    {
        Assert.Contains(waste, Of(operation, Door).Waste, StringComparison.Ordinal);
    }

    [Fact]
    public void Wash_water_from_lead_paint_never_goes_down_a_drain()
    {
        var old = Inside with { Facts = Good with { Lead = Lead.Presumed } };
        Assert.Equal("wash water from lead paint: caught, never down a drain", Of("cl_sugar_soap", old).Waste);
        Assert.StartsWith("hazardous where paint on it may hold lead", Of("st_paper_wet", old).Waste, StringComparison.Ordinal);
    }

    /// <summary>Drying oils heat up in a heap of rags until they burn: a known cause of fires.</summary>
    [Fact]
    public void Oily_rags_are_put_where_they_cannot_burn_and_water_paint_alarms_nobody()
    {
        foreach (var act in Operations.Acts.Where(a => a.Product is not null && a.Operation.Role == CoatRole.Finish))
        {
            var waste = StepHazards.Of(act, Appraise(Door).Condition, Door, first: false).Waste!;
            var said =
                waste.Contains("by themselves", StringComparison.Ordinal)
                || waste.Contains("lidded", StringComparison.Ordinal)
                || waste.StartsWith("hazardous", StringComparison.Ordinal);
            Assert.Equal(said, act.Product!.Carrier != Carrier.Water || act.Product.PotLifeHours is not null || act.Product.Cover is Cover.Oil or Cover.Linseed);
        }

        Assert.Contains("under water in a lidded bin", Of("tc_linseed", Door).Waste, StringComparison.Ordinal);
        Assert.Contains("by themselves", Of("tc_linseed", Door).Waste, StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_mixed_from_two_parts_is_hazardous_until_it_is_hard()
    {
        Assert.All(
            Operations.Acts.Where(a => a.Product?.PotLifeHours is not null && a.Operation.Role != CoatRole.None),
            a => Assert.StartsWith("hazardous", StepHazards.Of(a, Appraise(Door).Condition, Door, first: false).Waste, StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Heat_covers_the_smoke_heads_and_uncovers_them_the_same_day()
    {
        Assert.Equal("Smoke detectors are covered by arrangement and uncovered again today.", Of("st_ir", Door).Others);
        Assert.Equal("Smoke detectors are covered by arrangement and uncovered again today.", Of("st_heatgun", Door).Others);
    }

    [Fact]
    public void A_painted_floor_is_shut_for_a_day_with_another_way_kept_open()
    {
        var floor = Surface(Element.Floor, "conc_cast", Good, []);
        var water = Coatings.All.First(c => c is { Carrier: Carrier.Water } && c.Finishes.Contains(FinishFamily.Floor));
        Assert.Contains("Nobody walks on it for a day", Of("tc_floor", floor, water.Id).Others, StringComparison.Ordinal);
    }

    [Fact]
    public void Every_coat_says_what_becomes_of_the_tin()
    {
        Assert.All(
            Operations.Acts.Where(a => a.Product is not null && a.Operation.Role != CoatRole.None),
            a => Assert.False(string.IsNullOrWhiteSpace(StepHazards.Of(a, Appraise(Inside).Condition, Inside, first: false).Waste), a.Id)
        );
    }
}
