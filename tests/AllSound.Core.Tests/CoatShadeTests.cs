using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>What the coat under the finish is tinted to. Common practice; gloss within ten of the finish by BS 6150; from memory.</summary>
public sealed class CoatShadeTests
{
    private static Act Of(string operation, string product) => Operations.FindAct(Operations.Find(operation)!, Coatings.Find(product))!;

    private static readonly Act Undercoat = Of("uc_alkyd", "p_uc_alk");
    private static readonly Act Gloss = Of("tc_gloss", "p_gloss_alk");
    private static readonly Act Satin = Of("tc_wb_trim", "p_enamel_wb");

    private static Surface Door(double? wanted, double? old) => Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss", lrv: old)], new Brief { Lrv = wanted });

    [Theory]
    [InlineData(8.0, 80.0, "LRV 13 to 23")]
    [InlineData(20.0, null, "LRV 25 to 35")]
    [InlineData(85.0, 6.0, "hides well")]
    [InlineData(85.0, 40.0, "White, not tinted.")]
    [InlineData(60.0, 90.0, "White, not tinted.")]
    [InlineData(45.0, 80.0, "Within 10 of the finish: LRV 35 to 55")]
    public void Dark_near_the_finish_pale_white_gloss_within_ten(double wanted, double? old, string says) =>
        Assert.Contains(says, CoatShade.For(Undercoat, [Gloss, Gloss], Door(wanted, old)), StringComparison.Ordinal);

    [Fact]
    public void Each_says_who_says_so()
    {
        Assert.EndsWith("(common practice)", CoatShade.For(Undercoat, [Satin], Door(45, 80)), StringComparison.Ordinal);
        Assert.Contains("BS 6150 (from memory", CoatShade.For(Undercoat, [Gloss], Door(45, 80)), StringComparison.Ordinal);
    }

    [Fact]
    public void A_mid_colour_that_is_no_gloss_takes_white_or_half_the_tint() =>
        Assert.Contains("half the tint", CoatShade.For(Undercoat, [Satin], Door(45, 80)), StringComparison.Ordinal);

    [Fact]
    public void Only_the_last_coat_under_an_opaque_finish_of_a_known_colour_is_tinted()
    {
        Assert.Null(CoatShade.For(Undercoat, [Gloss], Door(null, 80)));
        Assert.Null(CoatShade.For(Undercoat, [Undercoat, Gloss], Door(20, 80)));
        Assert.Null(CoatShade.For(Gloss, [Gloss], Door(20, 80)));
        Assert.Null(CoatShade.For(Undercoat, [], Door(20, 80)));
        var varnish = Operations.Acts.First(a => a.Operation.Role == CoatRole.Finish && a.Product!.Clear);
        Assert.Null(CoatShade.For(Undercoat, [varnish], Door(20, 80)));

        // Denibbing and spots in between are no coats.
        var denib = Operations.Acts.First(a => a.Operation.Id == "dn_wet");
        Assert.NotNull(CoatShade.For(Undercoat, [denib, Of("sp_fill", "p_uc_alk"), Gloss], Door(20, 80)));
    }

    /// <summary>In the reports and papers it stands at that step and no other.</summary>
    [Fact]
    public void It_is_said_at_the_step()
    {
        var door = Door(8, 80) with
        {
            Brief = new Brief { Lrv = 8, Sheen = Sheen.Gloss },
        };
        var specified = Specify(door);
        Assert.NotEmpty(specified.Options);
        foreach (var option in specified.Options)
        {
            var report = Stepping.Report(option, "GBP", door, specified.Appraised);
            var first = report.Steps.ToList().FindIndex(s => s.Role == CoatRole.Finish);
            var last = report.Steps.ToList().FindLastIndex(first, s => s.Role is CoatRole.Primer or CoatRole.Undercoat);
            Assert.All(report.Steps.Select((s, i) => (s, i)), x => Assert.Equal(x.i == last, x.s.Tint is not null));
        }
    }
}
