using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>Strong stains and faint ones. Trade facts: common practice, from memory; waterborne block holds mild stains only.</summary>
public sealed class StainTests
{
    private static Surface Ceiling(bool? faint, Brief? brief = null) =>
        Surface(Element.Ceiling, "gyp_old", Good with { WaterStainShare = 0.02, FaintStain = faint, DampSource = DampSource.Cured }, [Coat("emul_matt")], brief);

    [Fact]
    public void A_faint_ring_may_be_blocked_with_water()
    {
        var ways = Specify(Ceiling(true)).Options;
        Assert.Contains(ways, o => o.Steps.Any(s => s.Act.Operation.Id == "sb_stain_wb"));

        // Two coats, hours apart, and the sum of them is bought.
        var step = ways.SelectMany(o => o.Steps).First(s => s.Act.Operation.Id == "sb_stain_wb");
        Assert.Equal(2, step.Act.Operation.Coats);
        Assert.Equal(Bleed.Faint, step.Before.Get(Facets.WaterStain));
        Assert.Equal(Bleed.Blocked, step.After.Get(Facets.WaterStain));
    }

    [Theory]
    [InlineData(false)]
    [InlineData(null)]
    public void A_strong_one_or_one_that_nobody_judged_is_not(bool? faint)
    {
        var ways = Specify(Ceiling(faint)).Options;
        Assert.NotEmpty(ways);
        Assert.DoesNotContain(ways, o => o.Steps.Any(s => s.Act.Operation.Id == "sb_stain_wb"));
        Assert.All(ways, o => Assert.Contains(o.Steps, s => s.Act.Operation.Id is "sb_stain_shellac" or "sb_stain_alkyd" or "pr_stain_shellac"));
    }

    [Fact]
    public void Blocked_with_water_a_strong_stain_is_a_fault_and_a_faint_one_none()
    {
        string[] lines = ["mk_floor", "cl_sugar_soap", "sb_stain_wb", "tc_emul_roll/p_emul_contract", "tc_emul_roll/p_emul_contract", "ac_clean"];
        var strong = Strict.Run(Ceiling(false), lines);
        Assert.Contains(strong, f => f.Step == 3 && f.Need!.Id == "water-stain-faint");
        Assert.Contains(strong, f => f.Step == 4 && f.Need!.Id == "water-stain-blocked");
        Assert.DoesNotContain(Strict.Run(Ceiling(true), lines), f => f.Need!.Id.Contains("stain", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(null)]
    [InlineData(true)]
    public void Unblocked_either_comes_through(bool? faint)
    {
        var audited = Strict.Run(Ceiling(faint), "mk_floor", "cl_sugar_soap", "tc_emul_roll/p_emul_contract", "tc_emul_roll/p_emul_contract", "ac_clean");
        Assert.Contains(audited, f => f.Step == 3 && f.Need!.Id == "water-stain-blocked");
    }

    [Fact]
    public void A_faint_nicotine_film_counts_as_faint_too()
    {
        var wall = Surface(Element.Wall, "gyp_old", Good with { Tar = true, FaintStain = true }, [Coat("emul_matt")]);
        Assert.Equal(Bleed.Faint, Appraise(wall).Condition.Get(Facets.Tar));
        Assert.True(Appraise(wall).Extents.StainM2 > 7);
        Assert.NotEmpty(Specify(wall).Options);
    }
}
