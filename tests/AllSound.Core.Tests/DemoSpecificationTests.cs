using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The demo's three surfaces and what changes when a fact does. Trade facts: common practice.</summary>
public sealed class DemoSpecificationTests
{
    private static string[] Ids(Option option) => [.. option.Steps.Select(s => s.Act.Operation.Id)];

    private static int At(Option option, string id) => Array.IndexOf(Ids(option), id);

    [Fact]
    public void The_wall_has_two_schools_and_seals_before_it_fills()
    {
        var options = Demo.Specify("stair-wall").Options;

        Assert.InRange(options.Length, 2, 4);
        Assert.True(options.Select(o => string.Join(',', o.Schools)).Distinct().Count() >= 2);
        Assert.Contains(options, o => Ids(o).Contains("rp_fine"));
        Assert.All(options.Where(o => Ids(o).Contains("rp_fine")), o => Assert.True(At(o, "se_peelbond") < At(o, "rp_fine") && At(o, "se_peelbond") >= 0));
    }

    [Fact]
    public void Firm_edges_everywhere_want_no_binder_and_are_feathered()
    {
        // Firm edge reached: skip the binder on the edge, it is not needed. Common practice.
        var options = Demo.Specify("stair-wall", f => f with { Edges = EdgeNature.Firm, LiftingShare = 0 }).Options;

        Assert.NotEmpty(options);
        Assert.Equal("ls_feather", Ids(options[0]).First(i => i.StartsWith("ls_feather", StringComparison.Ordinal)));
        Assert.DoesNotContain("se_peelbond", Ids(options[0]));
        Assert.Contains("se_stabilise", Ids(options[0]));
    }

    [Fact]
    public void Sound_bare_plaster_gets_a_mist_coat_or_sealer_of_its_own()
    {
        // New or bare plaster: sealing first coat and two (BS 6150, from memory).
        var options = Demo.Specify("stair-wall", f => f with { Edges = EdgeNature.Firm, Powdery = false, Soil = Soil.Clean }, s => s with { Signs = [] }).Options;

        Assert.All(options, o => Assert.Contains(Ids(o), i => i is "se_mist" or "se_plaster" or "se_stabilise" or "se_peelbond"));
        Assert.Contains(options, o => Ids(o).Contains("se_mist"));
    }

    [Fact]
    public void An_open_source_of_damp_holds_the_wall()
    {
        var held = Demo.Specify("stair-wall", f => f with { Moisture = Moisture.Damp, DampSource = DampSource.Open }, s => s with { Readings = [] });

        Assert.Empty(held.Options);
        Assert.Contains(held.Holds, h => h.Need == SiteNeeds.DampCured && !h.Need.Frees.IsEmpty);
    }

    [Fact]
    public void A_high_reading_alone_holds_the_wall_until_the_source_is_known()
    {
        var held = Demo.Specify("stair-wall", surface: s => s with { Readings = [new Reading { Check = "T_damp_pin", Value = 28 }] });

        Assert.Empty(held.Options);
        Assert.Single(held.Holds);
    }

    [Fact]
    public void A_mended_leak_leaves_drying_to_a_number_before_any_coat()
    {
        var options = Demo.Specify(
            "stair-wall",
            f => f with { Moisture = Moisture.Damp, DampSource = DampSource.Cured },
            s => s with { Readings = [], Signs = [] }
        ).Options;

        Assert.NotEmpty(options);
        Assert.All(
            options,
            o =>
            {
                var dries = o.Steps.First(s => s.Act.Operation.Group == Group.Dry);
                Assert.True(dries.Number < o.Steps.First(s => s.Act.Operation.Role != CoatRole.None).Number);
            }
        );
    }

    [Fact]
    public void The_skirting_has_knots_sealed_before_waterborne_and_nothing_dry_sanded()
    {
        var options = Demo.Specify("skirting").Options;

        Assert.InRange(options.Length, 2, 4);
        Assert.All(
            options,
            o =>
            {
                var water = o.Steps.FirstOrDefault(s => s.Act.Product is { Carrier: Carrier.Water });
                Assert.True(water is null || At(o, "sb_knot") < water.Number - 1);
                Assert.Contains("sb_knot", Ids(o));
                Assert.Contains("ms_lead_setup", Ids(o));
                Assert.Contains("ca_acrylic", Ids(o));
                Assert.DoesNotContain(o.Steps, s => s.Act.Needs.Contains(SiteNeeds.LeadAbsent));
            }
        );
        // Oil paint on trim inside is no longer what a tradesperson offers unasked.
        Assert.All(options, o => Assert.Contains(o.Steps, s => s.Act.Operation.Role == CoatRole.Finish && s.Act.Product is { Carrier: Carrier.Water }));
    }

    [Fact]
    public void Lead_proved_absent_lets_the_skirting_be_rubbed_down_dry()
    {
        var options = Demo.Specify("skirting", f => f with { Lead = Lead.ProvedAbsent, LeadProof = "laboratory, every layer" }).Options;

        Assert.Contains(Ids(options[0]), i => i is "ab_gloss" or "st_wet_abrade");
        Assert.All(options, o => Assert.DoesNotContain("ms_lead_setup", Ids(o)));
    }

    [Fact]
    public void A_bare_skirting_is_knotted_and_primed_instead_of_keyed()
    {
        var options = Demo.Specify("skirting", f => f with { BareShare = 1, LooseShare = 0, Key = null, Gloss60 = null }, s => s with { Layers = [] }).Options;

        Assert.NotEmpty(options);
        Assert.All(
            options,
            o =>
            {
                Assert.DoesNotContain("st_wet_abrade", Ids(o));
                Assert.True(At(o, "sb_knot") >= 0 && At(o, "sb_knot") < o.Steps.First(s => s.Act.Operation.Role is not (CoatRole.None or CoatRole.Spot)).Number - 1);
                Assert.Contains(Ids(o), i => i is "sp_wood" or "pr_stain_shellac");
            }
        );
    }

    [Fact]
    public void The_ceiling_has_its_ring_blocked_before_wall_paint()
    {
        // Ordinary paint over a water stain does not hold it back. Common practice.
        var options = Demo.Specify("ceiling").Options;

        Assert.NotEmpty(options);
        Assert.All(
            options,
            o =>
            {
                var block = o.Steps.First(s => s.Act.Operation.Group == Group.StainBlock || s.Act.Operation.Id == "pr_stain_shellac");
                Assert.True(block.Number < o.Steps.First(s => s.Act.Operation.Role == CoatRole.Finish).Number);
            }
        );
    }

    [Fact]
    public void A_ring_whose_leak_is_not_known_to_be_mended_is_held()
    {
        var held = Demo.Specify("ceiling", f => f with { DampSource = null });

        Assert.Empty(held.Options);
        Assert.Contains(held.Holds, h => h.Need == SiteNeeds.DampCured);
    }

    [Theory]
    [InlineData("stair-wall")]
    [InlineData("skirting")]
    [InlineData("ceiling")]
    public void Every_step_has_a_reason_and_a_source(string id)
    {
        Assert.All(
            Demo.Specify(id).Options,
            o =>
                Assert.All(
                    o.Steps,
                    s =>
                    {
                        Assert.True(s.Links.Length > 0 || s.Because is not null);
                        Assert.NotEmpty(s.Act.Operation.Source.ToString());
                    }
                )
        );
    }

    [Fact]
    public void What_is_not_wanted_is_not_offered_and_the_answer_is_another_way()
    {
        var without = Demo.Specify("skirting", surface: s => s with { Brief = s.Brief with { Avoid = ["p_gloss_alk", "p_egg_alk", "pr_stain_shellac"] } }).Options;

        Assert.NotEmpty(without);
        Assert.All(without, o => Assert.DoesNotContain(o.Steps, s => s.Act.Product?.Id is "p_gloss_alk" or "p_egg_alk"));
    }

    [Fact]
    public void A_brief_that_nothing_meets_is_blocked_with_the_need_named()
    {
        var blocked = Demo.Specify(
            "ceiling",
            surface: s => s with { Brief = s.Brief with { Avoid = ["sb_stain_shellac", "sb_stain_alkyd", "pr_stain_shellac", "dc_wood_bright"] } }
        );

        Assert.Empty(blocked.Options);
        Assert.Empty(blocked.Holds);
        Assert.Contains(Needs.WaterStainBlocked.Unmet, blocked.Impasse!.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void No_option_is_beaten_by_another_and_each_is_called_best_at_most_honestly()
    {
        foreach (var id in new[] { "stair-wall", "skirting", "ceiling" })
        {
            var options = Demo.Specify(id).Options;
            Assert.All(options, o => Assert.DoesNotContain(options, other => other.Criteria.Beats(o.Criteria)));
            Assert.Equal(options.Min(o => o.Criteria.Money), options.Single(o => o.BestAt.Contains("least cost")).Criteria.Money);
            Assert.Equal(options.Min(o => o.Criteria.ElapsedDays), options.Single(o => o.BestAt.Contains("soonest")).Criteria.ElapsedDays);
        }
    }
}
