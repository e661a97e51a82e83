using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>When one option beats another, and what an audit says of what has no mend.</summary>
public sealed class CriteriaTests
{
    private static readonly Criteria Middling = new(100, 10, 5, 6, 20);

    [Fact]
    public void Better_on_one_and_no_worse_on_the_rest_beats()
    {
        Assert.All(
            (Criteria[])[Middling with { Money = 99 }, Middling with { ElapsedDays = 4 }, Middling with { LifeYears = 7 }, Middling with { Hazard = 19 }],
            better =>
            {
                Assert.True(better.Beats(Middling));
                Assert.False(Middling.Beats(better));
            }
        );
    }

    [Fact]
    public void Equal_or_better_at_the_price_of_something_beats_nothing()
    {
        Assert.False(Middling.Beats(Middling));
        Assert.False((Middling with { LabourHours = 9 }).Beats(Middling));
        Criteria[] bettered = [Middling with { Money = 99 }, Middling with { ElapsedDays = 4 }, Middling with { LifeYears = 7 }, Middling with { Hazard = 19 }];
        Func<Criteria, Criteria>[] worse = [c => c with { Money = 101 }, c => c with { ElapsedDays = 6 }, c => c with { LifeYears = 5 }, c => c with { Hazard = 21 }];
        for (var i = 0; i < bettered.Length; i++)
        {
            for (var j = 0; j < worse.Length; j++)
            {
                if (i != j)
                {
                    Assert.False(worse[j](bettered[i]).Beats(Middling));
                    Assert.False(Middling.Beats(worse[j](bettered[i])));
                }
            }
        }
    }

    [Fact]
    public void A_year_of_life_costs_its_share_and_no_life_costs_no_infinity()
    {
        Assert.Equal(100m / 6, Middling.MoneyPerYear);
        Assert.Equal(1000, (Middling with { LifeYears = 0 }).MoneyPerYear);
    }

    [Fact]
    public void A_refused_step_is_told_what_to_do_instead_or_to_be_left_out()
    {
        var trim = Surface(Element.Skirting, "sw", Good, [Coat("alkyd_gloss", 3)]);
        var flame = Audit(trim, "mk_floor", "st_flame").Faults.Where(f => f.Step == 2 && f.Severity == Severity.Danger).ToList();
        Assert.NotEmpty(flame);
        Assert.All(flame, f => Assert.NotEqual("", f.Mend));
        var bare = Surface(Element.Skirting, "sw", Good with { BareShare = 1 });
        var nothing = Audit(bare, "mk_floor", "st_flame").Faults.Where(f => f.Step == 2 && f.Severity == Severity.Danger).ToList();
        Assert.All(nothing, f => Assert.Contains("eave this step out", f.Mend, StringComparison.Ordinal));
    }

    [Fact]
    public void A_product_where_none_is_used_is_said()
    {
        var wall = Surface(Element.Wall, "gyp_old", Good, [Coat("emul_matt")]);
        Assert.Contains(Audit(wall, "mk_floor/some_product").Notes, l => l.Says.EndsWith("read as none.", StringComparison.Ordinal));
    }
}
