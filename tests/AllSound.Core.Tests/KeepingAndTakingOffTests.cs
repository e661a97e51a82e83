using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>When an old film is kept, revived, patched or taken off, and what is asked of a bare face. Facts of the trade: common practice, from memory.</summary>
public sealed class KeepingAndTakingOffTests
{
    private static readonly Brief Clear = new() { Finish = FinishFamily.Clear };

    private static IEnumerable<string> First(Surface surface, int built = 2015) => Ids(Specify(surface, built).Options[0]);

    private static Condition Read(Surface surface, int built = 2015) => Appraise(surface, built).Condition;

    private static bool Strips(Option option) => option.Steps.Any(s => s.Act.Strips);

    [Theory]
    [InlineData("shellac", "tc_polish", Sheen.Gloss)]
    [InlineData("wax", "tc_wax", null)]
    public void Polish_is_revived_with_its_like_and_not_stripped(string coating, string with, Sheen? sheen)
    {
        var ids = First(Surface(Element.Panelling, "hw_plain", Good, [Coat(coating, 3)], new Brief { Sheen = sheen })).ToList();
        Assert.Contains(with, ids);
        Assert.DoesNotContain(ids, i => i.StartsWith("st_", StringComparison.Ordinal));
        Assert.DoesNotContain("cl_sugar_soap", ids);
    }

    [Fact]
    public void Wax_over_another_film_comes_off_before_any_coat_but_wax()
    {
        var waxed = Surface(Element.Door, "hw_plain", Good, [Coat("varnish", 2), Coat("wax")], new Brief { Finish = FinishFamily.TrimPaint });
        Assert.Equal(Film.Varnish, Read(waxed).Get(Facets.Film));
        Assert.All(
            Specify(waxed, 2015).Options,
            o => Assert.True(Array.IndexOf(Ids(o), "cl_wax") is var off and >= 0 && off < o.Steps.First(s => s.Act.Operation.Role != CoatRole.None).Number)
        );
    }

    [Theory]
    [InlineData(0.02, false)]
    [InlineData(0.3, true)]
    public void Worn_varnish_is_taken_back_whole_and_scuffed_varnish_is_kept(double bare, bool strips)
    {
        var floor = Surface(Element.Floor, "hw_tan", Good with { BareShare = bare, LooseShare = 0 }, [Coat("varnish", 3)], Clear);
        Assert.Equal(strips, Strips(Specify(floor, 2015).Options[0]));
    }

    [Theory]
    [InlineData(0.02, false)]
    [InlineData(0.3, true)]
    public void Stripping_is_offered_where_a_good_deal_is_loose_and_not_for_a_chip(double loose, bool offered)
    {
        var door = Surface(Element.Door, "sw", Good with { LooseShare = loose }, [Coat("alkyd_gloss", 2)]);
        Assert.Equal(offered, Specify(door, 2015).Options.Any(Strips));
    }

    [Fact]
    public void Three_coats_of_varnish_on_bare_boards_and_three_of_limewash()
    {
        int Coats(Surface surface, string product) =>
            Specify(surface, 2015)
                .Options.Where(o => o.Steps.Any(s => s.Act.Product?.Id == product))
                .Select(o => o.Steps.Count(s => s.Act.Product?.Id == product))
                .Single();

        Assert.Equal(3, Coats(Surface(Element.Floor, "sw", Good, [], Clear), "p_varnish_wb"));
        Assert.Equal(3, Coats(Surface(Element.Wall, "lime_old", Good, [Coat("limewash", 4)]), "p_limewash"));
    }

    [Fact]
    public void Texture_stays_under_paint_and_goes_where_a_smooth_face_is_wanted()
    {
        var facts = Good with { Asbestos = Lead.ProvedAbsent, AsbestosProof = "a laboratory" };
        Surface Ceiling(bool smooth) => Surface(Element.Ceiling, "pboard", facts, [Coat("texture"), Coat("emul_matt", 2)], new Brief { Smooth = smooth });
        Assert.All(Specify(Ceiling(smooth: false), 2015).Options, o => Assert.Equal(Presence.Present, o.Steps[^1].After.Get(Facets.Relief)));
        Assert.All(Specify(Ceiling(smooth: true), 2015).Options, o => Assert.Equal(Presence.None, o.Steps[^1].After.Get(Facets.Relief)));
    }

    [Theory]
    [InlineData("steel", "alkyd_gloss", "dr_wipe")]
    [InlineData("gyp_old", "emul_matt", "dr_natural")]
    public void Metal_is_wiped_dry_and_plaster_waits(string substrate, string coating, string dries)
    {
        var wet = Surface(Element.Column, substrate, Good with { Moisture = Moisture.Wet, DampSource = DampSource.Cured }, [Coat(coating, 2)]);
        Assert.Contains(dries, First(wet));
    }

    [Theory]
    [InlineData(Element.Floor, "conc_cast", "ab_concrete")]
    [InlineData(Element.Wall, "gyp_old", "ab_plaster")]
    [InlineData(Element.Door, "sw", "ab_wood_bare")]
    public void A_smooth_bare_face_is_keyed_in_the_way_of_its_ground(Element element, string substrate, string keys) =>
        Assert.Contains(keys, First(Surface(element, substrate, Good with { Key = Key.Shiny }, [])));

    /// <summary>EN 1062-1 and BS 7913, from memory: what rain can reach has to dry; a dry wall inside has lived with its gloss.</summary>
    [Fact]
    public void A_dry_wall_inside_that_gloss_has_long_shut_is_painted_on_and_one_outside_is_not()
    {
        Surface Wall(Exposure exposure, Moisture moisture) =>
            Surface(Element.Wall, "lime_old", Good with { Moisture = moisture, DampSource = DampSource.Cured }, [Coat("alkyd_gloss", 3)], exposure: exposure);
        Assert.NotEqual(VapourSteps.Step63, Read(Wall(Exposure.Outside, Moisture.Dry), 1890).Get(Facets.Breath));
        Assert.NotEqual(VapourSteps.Step63, Read(Wall(Exposure.Inside, Moisture.Damp), 1890).Get(Facets.Breath));
        var dry = Surface(Element.Wall, "lime_old", Good with { Moisture = Moisture.Dry, DampSource = DampSource.None }, [Coat("alkyd_gloss", 3)]);
        var specified = Specify(dry, 1890);
        Assert.Contains(specified.Options, o => !Strips(o));
        Assert.All(specified.Options.Where(o => !Strips(o)), o => Assert.Contains(o.Assumes, a => a.Contains("long been shut", StringComparison.Ordinal)));
    }

    [Fact]
    public void Mould_is_never_brushed_dry()
    {
        var wall = Surface(Element.Wall, "lime_old", Good with { Mould = true, MouldSource = DampSource.Cured, Soil = Soil.Light }, [Coat("limewash", 4)]);
        Assert.All(
            Specify(wall, 2015).Options,
            o => Assert.True(Array.IndexOf(Ids(o), "cl_dust_dry") is var dusted && (dusted < 0 || dusted > Array.IndexOf(Ids(o), "cl_mould_lime")), o.Name)
        );
    }

    [Fact]
    public void Grinding_concrete_says_silica_and_nothing_is_ground_off_that_holds_tar()
    {
        var bare = Surface(Element.Floor, "conc_cast", Good with { Powdery = true }, [], new Brief { Finish = FinishFamily.Floor });
        Assert.Contains("ab_concrete", First(bare));
        Assert.Contains(Hazards.Of(bare, Specify(bare, 2015)), h => h.Hazard.Id == "silica");
        var tarred = Surface(Element.Floor, "conc_cast", Good, [Coat("bitumen", 2)], new Brief { Finish = FinishFamily.Floor, Strip = true });
        Assert.All(Specify(tarred, 2015).Options, o => Assert.DoesNotContain("st_grind_floor", Ids(o)));
    }

    [Theory]
    [InlineData(DampSource.None, true)]
    [InlineData(null, false)]
    public void A_ring_on_a_dry_board_is_of_what_was_spilt_only_where_no_source_was_found(DampSource? source, bool free)
    {
        var board = Surface(Element.Panelling, "hw_tan", Good with { WaterStainShare = 0.02, DampSource = source, Moisture = Moisture.Dry }, [], Clear);
        Assert.Equal(free, Specify(board, 2015).Holds.IsEmpty);
    }

    /// <summary>A gate and a wish in the way together: what comes nearest is planned behind the gate, and said.</summary>
    [Fact]
    public void Where_consent_and_the_wish_both_stand_in_the_way_the_nearest_is_planned_behind_the_consent()
    {
        var breast = Surface(Element.ChimneyBreast, "brick_soft", Good with { Consent = Consent.Waiting }, [], Clear);
        var specified = Specify(breast, 2015);
        Assert.Equal(["consent-given"], specified.Holds.Select(h => h.Need.Id));
        Assert.StartsWith("Nothing meets the whole brief; this comes nearest:", specified.Notes[0], StringComparison.Ordinal);
        Assert.NotEmpty(specified.Planned.Options);
    }
}
