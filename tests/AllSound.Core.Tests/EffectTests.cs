using System.Globalization;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>What single operations do and do not do to a surface, as painters know them, and what an audit makes of it. Common practice.</summary>
public sealed class EffectTests
{
    private static readonly Surface Rail = Surface(
        Element.Railing,
        "steel",
        Good with
        {
            LooseShare = 0.1,
            Rust = Rust.Light,
            WorkHeightM = 1,
        },
        [Coat("alkyd_gloss")],
        new Brief { Finish = FinishFamily.Metal, Sheen = Sheen.Gloss },
        Exposure.Outside
    );

    [Theory]
    [InlineData("cl_sugar_soap", true)]
    [InlineData("cl_degrease", true)]
    [InlineData("dc_metal_rinse", true)]
    [InlineData("dn_wet", true)]
    [InlineData("cl_solvent_wipe", false)]
    [InlineData("du_vac", false)]
    [InlineData("dn_between", false)]
    public void Water_brings_rust_back_on_bright_iron_and_spirit_does_not(string operation, bool rusts)
    {
        var bright = Appraise(Rail).Condition.With(Facets.Bare, Bare.Raw).With(Facets.Rust, Rust.None).With(Facets.Prep, Prep.Power).With(Facets.Film, Film.None);
        var act = Operations.FindAct(Operations.Find(operation)!, null)!;

        Assert.Equal(rusts ? Rust.Light : Rust.None, Treatments.Done(bright, act, Pace.Least).Get(Facets.Rust));
    }

    [Fact]
    public void Denibbing_dusts_itself_off()
    {
        var dusty = Appraise(Rail).Condition.With(Facets.Dust, Presence.Present);

        Assert.Equal(Presence.None, Treatments.Done(dusty, Operations.FindAct(Operations.Find("dn_between")!, null)!, Pace.Least).Get(Facets.Dust));
    }

    [Fact]
    public void Whoever_wire_brushes_takes_loose_paint_off_with_the_rust() =>
        Sound(
            Rail,
            "Degrease, rinse, dry",
            "Wire brush rust and loose paint to bright, dust off",
            "Zinc phosphate on the bare metal, overnight",
            "Undercoat, 16 h",
            "Gloss"
        );

    [Fact]
    public void A_spot_prime_without_a_product_is_read_by_the_ground()
    {
        var window = Surface(
            Element.Frame,
            "sw",
            Good with
            {
                BareShare = 0.1,
                LooseShare = 0.02,
            },
            [Coat("alkyd_gloss")],
            new Brief { Finish = FinishFamily.TrimPaint, Sheen = Sheen.Gloss }
        );
        Sound(window, "Wash down, dry", "Scrape, sand, dust", "Spot prime bare wood, 16 h", "Undercoat, 16 h", "Gloss");
    }

    [Fact]
    public void Brick_that_was_never_painted_holds_no_lead()
    {
        var brick = Surface(Element.Wall, "brick_hard", Good with { Lead = null, LeadProof = null, BareShare = 1 }, brief: new Brief { Finish = FinishFamily.WallPaint });
        var answer = Answer(brick, 1905, "Dry brush the wall down, vac", "Masonry paint thinned as first coat, 4 h", "Two coats wall matt, 4 h between");

        Assert.DoesNotContain(answer.Faults, f => f.NeedId.Contains("lead", StringComparison.Ordinal));
    }

    [Fact]
    public void A_dangerous_method_struck_out_leaves_its_work_to_a_safe_one()
    {
        var door = Surface(
            Element.Door,
            "sw",
            Good with
            {
                Lead = null,
                LeadProof = null,
                LooseShare = 0.5,
            },
            [Coat("oil_lead", 3), Coat("alkyd_gloss", 3)],
            new Brief { Finish = FinishFamily.TrimPaint, Sheen = Sheen.Gloss },
            Exposure.Outside
        );
        var audited = AuditBuilt(door, 1900, "mk_floor", "st_flame", "sp_wood", "uc_alkyd", "tc_gloss");
        var flame = audited.Faults.First(f => f.Step == 2);

        Assert.Equal(Severity.Danger, flame.Severity);
        Assert.DoesNotContain("Leave this step out", flame.Mend, StringComparison.Ordinal);
        Assert.DoesNotContain(audited.Mended, s => s.Operation == "st_flame");
    }

    /// <summary>Sheets differ: most of the usual least wait, in a usual warmth, is worth a word and no more; half of it is a fault.</summary>
    [Theory]
    [InlineData(1.0, null, false)]
    [InlineData(0.65, null, false)]
    [InlineData(0.65, 8.0, true)]
    [InlineData(0.5, null, true)]
    [InlineData(0.1, 20.0, true)]
    public void A_wait_is_accused_by_how_much_it_falls_short_and_how_warm_it_is(double share, double? airC, bool accused)
    {
        var wall = Surface(Element.Wall, "gyp_old", Good with { AirTempC = airC }, [Coat("emul_matt")]);
        var act = Operations.FindAct(Operations.Find("tc_emul_roll")!, Core.Materials.Coatings.Find("p_emul_contract"))!;
        var hours = Math.Round(share * act.Leaves!.Least, 3);
        var job = Job(wall);
        var audited = Auditor.Audit(
            job.Rates,
            wall,
            Appraise(wall),
            [Demo.Parse("cl_sugar_soap"), Demo.Parse("tc_emul_roll/p_emul_contract"), Demo.Parse("tc_emul_roll/p_emul_contract") with { WaitHours = hours }]
        );

        Assert.Equal(accused, audited.Faults.Any(f => f.Need?.Clock is not null));
        Assert.All(
            audited.Faults.Where(f => f.Need?.Clock is not null),
            f => Assert.Contains(act.Leaves.Least.ToString(CultureInfo.InvariantCulture), f.Mend, StringComparison.Ordinal)
        );
    }

    /// <summary>A finish that does not hold on what is there is mended by another product in all its coats, not by something under it alone.</summary>
    [Fact]
    public void Another_product_takes_the_place_of_every_coat_of_the_wrong_one()
    {
        var lime = Surface(Element.Wall, "lime_old", Good, [Coat("limewash", 4)], new Brief { Finish = FinishFamily.WallPaint });
        var audited = Audit(lime, "cl_dust_dry", "tc_emul_roll/p_emul_silk", "tc_emul_roll/p_emul_silk");

        Assert.NotEmpty(audited.Faults);
        Assert.NotEmpty(audited.Mended);
        Assert.DoesNotContain(audited.Mended, s => s.Product == "p_emul_silk");
        Assert.Empty(Auditor.Audit(Job(lime).Rates, lime, Appraise(lime), audited.Mended).Faults);
    }

    private static void Sound(Surface surface, params string[] lines)
    {
        var answer = Answer(surface, 2010, lines);
        Assert.True(answer.Faults.IsEmpty, string.Join("; ", answer.Faults.Select(f => $"{f.Step} {f.Problem}: {f.Mend}")));
    }

    private static AuditReport Answer(Surface surface, int built, params string[] lines)
    {
        var job = Job(surface, built);
        return AuditReporting.Audit(job, job.Buildings[0], job.Buildings[0].Spaces[0], surface, string.Join('\n', lines));
    }
}
