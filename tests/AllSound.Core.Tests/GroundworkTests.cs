using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>
/// What is done to a face that powders, or is bare, before it is painted: common practice, from memory; silicate after
/// DIN 18363, from memory.
/// </summary>
public sealed class GroundworkTests
{
    private static Facts Powdery => Good with { Powdery = true };

    private static Surface Outside(string substrate, Facts facts, params Layer[] layers) => Surface(Element.Wall, substrate, facts, layers, exposure: Exposure.Outside);

    [Fact]
    public void A_chalking_wall_is_washed_to_what_is_firm_or_bound_all_over()
    {
        var options = Specify(Outside("render_cem", Powdery, Coat("masonry_ac", 3)), 1970).Options;
        Assert.Contains(options, o => Ids(o).Contains("cl_pressure_wash") && !Ids(o).Contains("pr_isolate"));
        Assert.Contains(options, o => Ids(o).Contains("pr_isolate"));
        var bound = Step(options.First(o => Ids(o).Contains("pr_isolate")), "pr_isolate");
        Assert.Equal(8, bound.Spend.Units, 3);

        // A binder for edges goes on edges; it does not bind a face.
        Assert.All(options, o => Assert.DoesNotContain("se_peelbond", Ids(o)));
    }

    [Theory]
    [InlineData("render_lime", true)]
    [InlineData("lime_old", true)]
    [InlineData("brick_soft", false)]
    public void Powdering_limewash_is_bound_with_lime_or_silicate_and_never_with_a_sealer_outside(string substrate, bool bareToo)
    {
        var washed = Specify(Outside(substrate, Powdery, Coat("limewash", 5)), 1850).Options;
        Assert.Contains(washed, o => Ids(o).Contains("se_limewater"));
        Assert.All(washed, o => Assert.Contains(Ids(o), i => i is "se_limewater" or "pr_silicate"));
        Assert.All(washed, o => Assert.DoesNotContain(Ids(o), i => i is "pr_isolate" or "se_stabilise" or "se_peelbond"));

        // Lime water binds lime, and soft brick is none.
        var bare = Specify(Outside(substrate, Powdery), 1850).Options;
        Assert.NotEmpty(bare);
        Assert.Equal(bareToo, bare.Any(o => Ids(o).Contains("se_limewater")));
    }

    [Theory]
    [InlineData("lime_old", "emul_matt", "no-film-but-limewash")]
    [InlineData("brick_soft", null, "lime-face")]
    [InlineData("gyp_old", "limewash", "mineral-ground")]
    public void Lime_water_is_for_lime_alone(string substrate, string? film, string need)
    {
        var wall = Surface(Element.Wall, substrate, Powdery, film is null ? null : [Coat(film, 3)]);
        Assert.Contains(Strict.Run(wall, "mk_floor", "cl_dust_dry", "se_limewater"), f => f.Step == 3 && f.Need!.Id == need);
        Assert.All(Specify(wall, 2010).Options, o => Assert.DoesNotContain("se_limewater", Ids(o)));
    }

    [Theory]
    [InlineData(Element.Window, "sw")]
    [InlineData(Element.Railing, "steel")]
    public void A_chalking_film_on_wood_and_metal_is_rubbed_down(Element element, string substrate)
    {
        var chalked = Surface(element, substrate, Powdery, [Coat("alkyd_gloss", 3)], exposure: Exposure.Outside);
        var options = Specify(chalked, 1985).Options;
        Assert.NotEmpty(options);

        // Outside a pressure washer takes the chalk off, to 2 or less (ISO 4628-6, from memory); it is rubbed down all the same.
        Assert.All(
            options,
            o =>
            {
                var off = o.Steps.First(s => s.Links.Any(l => l.Need == GroundNeeds.PowderBound)).Act.Operation;
                Assert.True(off.Group is Group.Abrade or Group.Strip || off.Id == "cl_pressure_wash", off.Id);
                Assert.Contains(o.Steps, s => s.Act.Operation.Group is Group.Abrade or Group.Strip);
            }
        );
        Assert.All(options, o => Assert.DoesNotContain(Ids(o), i => i is "pr_isolate" or "se_stabilise"));
    }

    [Theory]
    [InlineData("gyp_new", "se_mist")]
    [InlineData("pboard", "se_mist")]
    [InlineData("conc_cast", "se_stabilise")]
    public void A_bare_wall_is_brushed_down_and_not_washed(string substrate, string seals)
    {
        var cheapest = Cheapest(Specify(Surface(Element.Wall, substrate, Good), 2024));
        Assert.Equal(["mk_floor", "cl_dust_dry", seals], cheapest[..3]);
        Assert.DoesNotContain(cheapest, i => i is "cl_sugar_soap" or "cl_spirit_wash" or "cl_degrease");

        // What is greasy is another matter.
        Assert.Contains("cl_degrease", Cheapest(Specify(Surface(Element.Wall, substrate, Good with { Soil = Soil.Greasy }), 2024)));
    }

    [Theory]
    [InlineData(Element.Door, "sw", "tc_wb_trim/p_enamel_wb")]
    [InlineData(Element.Radiator, "steel", "tc_gloss/p_gloss_alk")]
    public void Filler_in_wood_and_metal_is_not_primed_with_wall_paint(Element element, string substrate, string finish)
    {
        var surface = Surface(element, substrate, Good with { FillShare = 0.1, Key = Key.Abraded }, [Coat("alkyd_gloss", 2)]);
        var faults = Strict.Run(surface, "mk_floor", "cl_sugar_soap", "rp_fine", "ab_fill", "du_vac", "sp_fill/p_emul_contract", finish);
        Assert.Contains(faults, f => f.Step == 6 && f.Need == FabricNeeds.OnWall);
        Assert.DoesNotContain(
            Strict.Run(surface, "mk_floor", "cl_sugar_soap", "rp_fine", "ab_fill", "du_vac", "sp_fill/p_uc_alk", finish),
            f => f.Need == FabricNeeds.OnWall
        );
    }

    [Theory]
    [InlineData(Exposure.Inside, false)]
    [InlineData(Exposure.Outside, true)]
    public void An_unshrouded_disc_is_used_in_the_open_only(Exposure exposure, bool sound)
    {
        var wall = Surface(Element.Wall, "render_cem", Good with { Key = Key.Shiny }, [Coat("alkyd_gloss", 2)], exposure: exposure);
        var faults = Strict.Run(wall, "mk_floor", "cl_sugar_soap", "ab_power_dry");
        Assert.Equal(!sound, faults.Any(f => f.Step == 3 && f.Need!.Id == "in-the-open"));
        Assert.True(sound || Specify(wall).Options.All(o => !Ids(o).Contains("ab_power_dry")));
    }

    [Fact]
    public void Wall_paint_does_not_finish_what_was_begun_in_silicate()
    {
        var brick = Surface(Element.Wall, "brick_hard", Good);
        var faults = Strict.Run(brick, "mk_floor", "cl_dust_dry", "tc_mineral/p_silicate", "tc_emul_roll/p_emul_contract");
        Assert.Contains(faults, f => f.Step == 4 && f.Need!.Id == "follows-p_emul_contract");
        Assert.DoesNotContain(Strict.Run(brick, "mk_floor", "cl_dust_dry", "tc_mineral/p_silicate", "tc_mineral/p_silicate"), f => f.Step == 4);
    }

    [Fact]
    public void An_option_that_binds_says_so_and_names_its_primer_once()
    {
        var names = Specify(Outside("brick_soft", Powdery, Coat("silicate", 3)), 1950).Options.Select(o => o.Name).ToList();
        Assert.All(names, n => Assert.StartsWith("Bind and keep", n, StringComparison.Ordinal));
        Assert.Contains("Bind and keep, pure silicate paint", names);
    }
}
