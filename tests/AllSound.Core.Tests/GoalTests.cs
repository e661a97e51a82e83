using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Tests;

/// <summary>What a brief comes to: which finishes may be used, how many coats, and what must hold at the end. Common practice, from memory.</summary>
public sealed class GoalTests
{
    private static Goal Of(Surface surface) => Goal.For(surface, Appraise(surface).Condition);

    private static Surface Wall(Brief? brief = null, Facts? facts = null) => Surface(Element.Wall, "gyp_old", facts ?? Good, [Coat("emul_matt", 2, 80)], brief);

    private static string[] Finishes(Surface surface) => [.. Of(surface).Finishes.Select(f => f.Id)];

    [Theory]
    [InlineData(Element.Wall, "gyp_old", Exposure.Inside, FinishFamily.WallPaint)]
    [InlineData(Element.Ceiling, "sw", Exposure.Inside, FinishFamily.WallPaint)]
    [InlineData(Element.Wall, "render_cem", Exposure.Outside, FinishFamily.Masonry)]
    [InlineData(Element.Wall, "brick_soft", Exposure.Outside, FinishFamily.Masonry)]
    [InlineData(Element.Surround, "gyp_old", Exposure.Inside, FinishFamily.WallPaint)]
    [InlineData(Element.Door, "sw", Exposure.Inside, FinishFamily.TrimPaint)]
    [InlineData(Element.Window, "hw_tan", Exposure.Outside, FinishFamily.TrimPaint)]
    [InlineData(Element.Frame, "pvcu", Exposure.Outside, FinishFamily.TrimPaint)]
    [InlineData(Element.Railing, "steel", Exposure.Outside, FinishFamily.Metal)]
    [InlineData(Element.RoofSheet, "galv_old", Exposure.Outside, FinishFamily.Metal)]
    [InlineData(Element.Radiator, "steel", Exposure.Inside, FinishFamily.Radiator)]
    [InlineData(Element.Floor, "conc_cast", Exposure.Inside, FinishFamily.Floor)]
    [InlineData(Element.Step, "stone_dense", Exposure.Outside, FinishFamily.Floor)]
    [InlineData(Element.Tile, "tile_gl", Exposure.Inside, FinishFamily.Tile)]
    public void A_surface_is_finished_as_such_surfaces_are(Element element, string substrate, Exposure exposure, FinishFamily family)
    {
        var surface = Surface(element, substrate, Good, [], exposure: exposure);
        Assert.Equal(family, Goal.DefaultFinish(surface, Appraise(surface).Condition));
        Assert.All(Of(surface).Finishes, f => Assert.Contains(family, f.Finishes));
    }

    [Fact]
    public void What_gets_hot_is_finished_like_a_radiator()
    {
        var board = Surface(Element.Boarding, "sw", Good with { ServiceTempC = 85 }, [Coat("alkyd_gloss")]);
        Assert.Equal(FinishFamily.Radiator, Goal.DefaultFinish(board, Appraise(board).Condition));
        var warm = board with { Facts = Good with { ServiceTempC = 70 } };
        Assert.Equal(FinishFamily.TrimPaint, Goal.DefaultFinish(warm, Appraise(warm).Condition));
    }

    [Fact]
    public void Each_wish_of_the_brief_leaves_only_the_finishes_that_meet_it()
    {
        var all = Finishes(Wall());
        Assert.Contains("p_emul_contract", all);
        Assert.Contains("p_emul_silk", all);
        var shinier = Of(Wall(new Brief { Sheen = Sheen.Eggshell })).Finishes;
        Assert.NotEmpty(shinier);
        Assert.All(shinier, f => Assert.Contains(Sheen.Eggshell, f.Sheens));
        Assert.DoesNotContain(shinier, f => f.Id == "p_emul_contract");
        Assert.DoesNotContain("p_emul_contract", Finishes(Wall(new Brief { Avoid = ["p_emul_contract"] })));
        Assert.All(Of(Wall(new Brief { Wear = Wear.Hard })).Finishes, f => Assert.Equal(2, f.Scrub));
        Assert.All(Of(Wall(new Brief { VocMost = 8 })).Finishes, f => Assert.True(f.Voc <= 8));
        var door = Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss")], new Brief { LowOdour = true });
        Assert.All(Of(door).Finishes, f => Assert.True(f.Carrier is Carrier.Water or Carrier.None));
        Assert.NotEmpty(Of(door).Finishes);
    }

    [Fact]
    public void What_does_not_last_outside_is_not_used_there()
    {
        var outside = Surface(Element.Wall, "render_cem", Good, [], new Brief { Finish = FinishFamily.WallPaint }, Exposure.Outside);
        Assert.All(Of(outside).Finishes, f => Assert.True(f.Life.Outside > 0));
        Assert.DoesNotContain("p_emul_contract", Finishes(outside));
        Assert.Contains("p_emul_contract", Finishes(outside with { Exposure = Exposure.Inside }));
    }

    [Theory]
    [InlineData(null, true)]
    [InlineData(1, false)]
    [InlineData(3, false)]
    public void As_many_coats_as_are_asked_for_else_a_full_finish(int? coats, bool full)
    {
        var needs = Of(Wall(new Brief { Coats = coats, Lrv = 20 })).Needs;
        Assert.Equal(full, needs.Contains(N.FullFinish));
        for (var n = 1; n <= 5; n++)
        {
            Assert.Equal(n <= (coats ?? 1), needs.Contains(N.Topcoats(n)));
        }

        Assert.Contains(N.LeadCleaned, needs);
        Assert.Contains(N.SiteCleared, needs);
        Assert.Contains(N.Hidden, needs);
    }

    [Fact]
    public void A_clear_finish_need_not_hide_what_is_below()
    {
        var door = Surface(Element.Door, "hw_tan", Good, [], new Brief { Finish = FinishFamily.Clear });
        Assert.DoesNotContain(N.Hidden, Of(door).Needs);
        Assert.All(Of(door).Finishes, f => Assert.True(f.Clear));
    }

    /// <summary>One coat freshens the same colour on a film with nothing to mend, and nothing less.</summary>
    [Fact]
    public void One_coat_freshens_a_sound_film_of_the_same_colour_and_nothing_else()
    {
        var same = new Brief { Lrv = 80 };
        Assert.DoesNotContain(N.FullFinish, Of(Wall(same)).Needs);
        Facts[] mended =
        [
            Good with
            {
                BareShare = 0.1,
            },
            Good with
            {
                LooseShare = 0.1,
            },
            Good with
            {
                FillShare = 0.1,
            },
            Good with
            {
                WaterStainShare = 0.1,
                DampSource = DampSource.Cured,
            },
            Good with
            {
                Tar = true,
            },
            Good with
            {
                Ink = true,
            },
        ];
        Assert.All(mended, facts => Assert.Contains(N.FullFinish, Of(Wall(same, facts)).Needs));
        Assert.Contains(N.FullFinish, Of(Wall(new Brief { Lrv = 40 })).Needs);
        var knotty = Surface(Element.Door, "sw", Good with { Knots = 3 }, [Coat("alkyd_gloss", 2, 80)], same);
        Assert.Contains(N.FullFinish, Of(knotty).Needs);
        Assert.DoesNotContain(N.FullFinish, Of(knotty with { Facts = Good }).Needs);
    }

    [Fact]
    public void Gloss_wants_one_coat_over_its_undercoat_and_everything_else_two()
    {
        var goal = Of(Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss")]));
        var gloss = Coatings.Find("p_gloss_alk")!;
        var enamel = Coatings.Find("p_enamel_wb")!;
        Assert.Contains(N.Topcoats(1), goal.NeedsWith(gloss));
        Assert.DoesNotContain(N.Topcoats(2), goal.NeedsWith(gloss));
        Assert.Contains(N.Topcoats(2), goal.NeedsWith(enamel));

        // Where both may be used it is left to the search.
        Assert.Contains(N.FullFinish, goal.NeedsWith(gloss, enamel));
    }

    [Fact]
    public void What_the_brief_or_the_trade_rules_out_is_not_done()
    {
        bool Allows(Surface surface, string operation, string? product = null) =>
            Of(surface).Allows(Operations.FindAct(Operations.Find(operation)!, product is null ? null : Coatings.Find(product))!);
        Assert.False(Allows(Wall(), "st_flame"));
        Assert.False(Allows(Wall(), "st_dry_blast"));
        Assert.False(Allows(Wall(), "fc_leak_refer"));
        Assert.True(Allows(Wall(), "ab_gloss"));
        Assert.False(Allows(Wall(new Brief { Avoid = ["ab_gloss"] }), "ab_gloss"));
        Assert.True(Allows(Wall(), "st_solvent"));
        Assert.False(Allows(Wall(new Brief { KeepOldFilm = true }), "st_solvent"));

        // Sprayed where that is asked for and can be, rolled where it is not.
        Assert.False(Allows(Wall(), "tc_spray", "p_emul_contract"));
        Assert.True(Allows(Wall(), "tc_emul_roll", "p_emul_contract"));
        Assert.True(Allows(Wall(new Brief { Sprayed = true }), "tc_spray", "p_emul_contract"));
        Assert.False(Allows(Wall(new Brief { Sprayed = true }), "tc_emul_roll", "p_emul_contract"));

        // Spots of shellac are let be where solvent is not; whole coats are not.
        Assert.True(Allows(Wall(new Brief { LowOdour = true }), "sb_stain_shellac", "p_shellac_prim"));
        Assert.False(Allows(Wall(new Brief { LowOdour = true }), "pr_stain_shellac", "p_shellac_prim"));
        Assert.True(Allows(Wall(new Brief { VocMost = 100 }), "sb_stain_shellac", "p_shellac_prim"));
        Assert.False(Allows(Wall(new Brief { VocMost = 100 }), "pr_stain_shellac", "p_shellac_prim"));
    }
}
