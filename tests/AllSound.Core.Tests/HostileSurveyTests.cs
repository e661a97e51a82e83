using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Tests;

/// <summary>Surveys that leave out, contradict or hide what is dangerous: none of them makes the answer unsafe.</summary>
public sealed class HostileSurveyTests
{
    private static Surface Door(Facts facts, params Layer[] layers) => Surface(Element.Door, "sw", facts, layers.Length > 0 ? layers : [Coat("alkyd_gloss", 4)]);

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("   ")]
    public void Proof_that_names_nobody_is_no_proof(string? proof) =>
        Assert.Equal(Lead.Presumed, Appraise(Door(new Facts { Lead = Lead.ProvedAbsent, LeadProof = proof }), 1930).Condition.Get(F.Lead));

    [Fact]
    public void Young_coats_on_an_old_door_clear_nothing()
    {
        Assert.Equal(Lead.Presumed, Appraise(Door(new Facts(), Coat("alkyd_gloss") with { Year = 2020 }), 1930).Condition.Get(F.Lead));
        Assert.Equal(Lead.Presumed, Appraise(Door(new Facts { BareShare = 1 }, []) with { Layers = [] }, 1930).Condition.Get(F.Lead));
    }

    [Fact]
    public void Red_lead_is_not_cleared_by_any_word()
    {
        var railing = Surface(Element.Railing, "steel", Good, [Coat("red_lead"), Coat("alkyd_gloss")], exposure: Exposure.Outside);
        Assert.Equal(Lead.Confirmed, Appraise(railing, 2015).Condition.Get(F.Lead));
        Assert.All(Specify(railing, 2015).Options, o => Assert.DoesNotContain(o.Steps, s => s.Act.Operation.Id is "ab_gloss" or "ls_scrape_loose" or "ab_metal_power"));
    }

    [Theory]
    [InlineData(3, "ms_access ms_tower ms_scaffold")]
    [InlineData(6, "ms_tower ms_scaffold")]
    [InlineData(12, "ms_scaffold")]
    public void What_is_said_to_be_in_reach_and_lies_high_is_not(double height, string reach)
    {
        var wall = Surface(Element.Wall, "render_cem", Good with { Access = Access.InReach, WorkHeightM = height }, [Coat("masonry_ac")], exposure: Exposure.Outside);
        var specified = Specify(wall);
        Assert.NotEmpty(specified.Options);
        Assert.All(specified.Options, o => Assert.Contains(o.Steps, s => reach.Split(' ').Contains(s.Act.Operation.Id)));
        Assert.Contains(Core.Safety.Hazards.Of(wall, specified), h => h.Hazard.Id == "heights");
    }

    [Fact]
    public void A_small_share_of_a_large_face_is_still_much_mould()
    {
        var hall = Surface(Element.Wall, "gyp_old", Good with { Mould = true, MouldShare = 0.05, MouldSource = DampSource.Cured }, [Coat("emul_matt")]) with
        {
            Size = new Size { AreaM2 = 300 },
        };
        Assert.Contains(Specify(hall).Holds, h => h.Need.Id == "mould-few");
    }

    [Theory]
    [InlineData("mayFall")]
    [InlineData("nests")]
    [InlineData("drinkingWater")]
    [InlineData("overheadLines")]
    [InlineData("confined")]
    [InlineData("unwell")]
    public void Asking_for_cleaning_only_gets_round_no_stop(string danger)
    {
        var (facts, _) = Exchange.JobFile.Parse<Facts>($"{{\"{danger}\":true}}");
        var wall = Surface(Element.Wall, "gyp_old", facts! with { Soil = Soil.Light }, [Coat("emul_matt")], new Brief { OnlyClean = true });
        var specified = Specify(wall);
        Assert.Empty(specified.Options);
        Assert.NotEmpty(specified.Holds);
    }

    [Fact]
    public void Treated_wood_is_neither_sanded_nor_heated_whatever_is_asked_for()
    {
        var deck = Surface(Element.Floor, "sw_treat", Good with { GreyWood = true }, [Coat("woodstain")], new Brief { Strip = true }, Exposure.Outside);
        Assert.All(
            Specify(deck).Options,
            o => Assert.DoesNotContain(o.Steps, s => s.Act.Operation.Id is "st_ir" or "st_heatgun" or "st_shroud_sand" or "ab_wood_bare" or "ab_power_dry")
        );
    }

    [Fact]
    public void The_sanitary_seal_comes_before_the_site_is_cleared()
    {
        var wall = Surface(Element.Wall, "gyp_old", Good with { JointWet = true, OpenJointM = 2 }, [Coat("emul_matt")]);
        Assert.All(Specify(wall).Options, o => Assert.True(Step(o, "ca_sanitary").Number < Step(o, "ac_clean").Number));
    }
}
