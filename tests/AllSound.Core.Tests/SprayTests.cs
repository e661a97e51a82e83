using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>Airless spraying: only where it is asked for, always masked. Common practice, rates and loss usual, from memory.</summary>
public sealed class SprayTests
{
    private static readonly Brief Sprayed = new() { Sprayed = true };

    private static Surface Wall(Brief? brief = null) => Surface(Element.Wall, "gyp_old", Good, [Coat("emul_matt")], brief);

    [Fact]
    public void Nobody_gets_a_spray_who_did_not_ask() => Assert.All(Specify(Wall()).Options, o => Assert.DoesNotContain("tc_spray", Ids(o)));

    [Fact]
    public void A_wall_asked_to_be_sprayed_is_masked_first_and_sprayed()
    {
        var options = Specify(Wall(Sprayed)).Options;
        Assert.NotEmpty(options);
        Assert.All(
            options,
            o =>
            {
                var ids = Ids(o).ToList();
                Assert.Contains("tc_spray", ids);
                Assert.True(ids.IndexOf("mk_floor") < ids.IndexOf("mk_spray") && ids.IndexOf("mk_spray") < ids.IndexOf("tc_spray"));
                Assert.DoesNotContain("tc_emul_roll", ids);
                Assert.Contains(Step(o, "tc_spray").Act.Operation.Cautions, c => c.Contains("through skin", StringComparison.Ordinal));
            }
        );
    }

    [Fact]
    public void Spray_is_quicker_and_loses_a_fifth_more_paint()
    {
        var rolled = Step(Specify(Wall()).Options[0], "tc_emul_roll");
        var sprayed = Specify(Wall(Sprayed)).Options.SelectMany(o => o.Steps).First(s => s.Act.Operation.Sprayed && s.Act.Product == rolled.Act.Product);
        Assert.Equal(1.2, sprayed.Spend.Litres / rolled.Spend.Litres, 6);
        var large = Wall() with { Size = new Size { AreaM2 = 200 } };
        var big = Step(Specify(large).Options[0], "tc_emul_roll").Spend.Hours;
        Assert.True(Specify(large with { Brief = Sprayed }).Options[0].Steps.First(s => s.Act.Operation.Sprayed).Spend.Hours < big / 4);
    }

    [Fact]
    public void What_cannot_be_sprayed_is_laid_as_ever()
    {
        var trim = Surface(Element.Skirting, "sw", Good with { Key = Key.Toothy }, [Coat("enamel_wb")]);
        Assert.Equal(Specify(trim).Options.Select(o => o.Name), Specify(trim with { Brief = Sprayed }).Options.Select(o => o.Name));
    }

    [Fact]
    public void Spraying_without_masking_is_a_fault_and_rolling_needs_none()
    {
        string[] rest = ["du_vac", "cl_sugar_soap"];
        Assert.Contains(Strict.Run(Wall(), ["mk_floor", .. rest, "tc_spray/p_emul_contract@4", "ac_clean"]), f => f.Need == SiteNeeds.Masked && f.Step == 4);
        Assert.DoesNotContain(
            Strict.Run(Wall(), ["mk_floor", "mk_spray", .. rest, "tc_spray/p_emul_contract@4", "tc_spray/p_emul_contract@4", "ac_clean@4"]),
            f => f.Severity >= Severity.Fails
        );
    }

    [Fact]
    public void The_tools_are_those_of_the_spray()
    {
        var act = Operations.Acts.First(a => a.Operation.Sprayed);
        Assert.Contains(HandTools.For(act, Wall(), 0), t => t.Tool.Contains("airless", StringComparison.Ordinal));
    }
}
