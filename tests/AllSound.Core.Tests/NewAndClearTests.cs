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

/// <summary>New fabric is judged by what it is and not by the house round it, and wood that shows by what is asked of it. Common practice.</summary>
public sealed class NewAndClearTests
{
    // Known good, but for what is not yet tested: the lead.
    private static Facts Untested => Good with { Lead = null, LeadProof = null };

    private static Surface Wall(string substrate, Facts facts, params Layer[] layers) => Surface(Element.Wall, substrate, facts, layers);

    private static Surface Door(Brief brief, Exposure exposure = Exposure.Inside, params Layer[] layers) =>
        Surface(Element.Door, "hw_tan", Good, layers, brief, exposure);

    [Theory]
    [InlineData("gyp_new", false, false)]
    [InlineData("lime_new", false, false)]
    [InlineData("gyp_old", false, true)]
    [InlineData("gyp_new", true, true)]
    public void Bare_new_plaster_needs_no_lead_work_in_an_old_house_and_what_is_old_or_painted_does(string substrate, bool painted, bool lead)
    {
        Layer[] layers = painted ? [Coat("emul_matt")] : [];
        var condition = Appraise(Wall(substrate, Untested, layers), 1931).Condition;
        Assert.Equal(lead ? Lead.Presumed : Lead.ProvedAbsent, condition.Get(Facets.Lead));
    }

    [Theory]
    [InlineData(Element.Door, "sw", Lead.Presumed)]
    [InlineData(Element.Railing, "iron_cast", Lead.Presumed)]
    [InlineData(Element.Wall, "brick_soft", Lead.Presumed)]
    [InlineData(Element.Wall, "render_cem", Lead.ProvedAbsent)]
    [InlineData(Element.Floor, "conc_cast", Lead.ProvedAbsent)]
    public void What_may_have_been_used_before_is_presumed_to_hold_lead_however_lately_it_was_put_there(Element element, string substrate, Lead lead)
    {
        var surface = Surface(element, substrate, Untested) with { AgeDays = 30 };
        Assert.Equal(lead, Appraise(surface, 1931).Condition.Get(Facets.Lead));
    }

    [Fact]
    public void Lead_that_was_found_on_new_plaster_stands()
    {
        Assert.Equal(Lead.Confirmed, Appraise(Wall("gyp_new", Untested with { Lead = Lead.Confirmed }), 1931).Condition.Get(Facets.Lead));
    }

    [Theory]
    [InlineData("gyp_new", DampSource.None)]
    [InlineData("gyp_new", null)]
    [InlineData("gyp_old", DampSource.Open)]
    public void New_plaster_dries_and_damp_in_old_plaster_is_looked_for(string substrate, DampSource? source)
    {
        var specified = Specify(Wall(substrate, Good with { Moisture = Moisture.Damp, DampSource = source }));
        if (source == DampSource.Open)
        {
            Assert.Empty(specified.Options);
            Assert.NotEmpty(specified.Holds);
        }
        else
        {
            Assert.All(specified.Options, o => Assert.Contains(Ids(o), i => i is "dr_natural" or "dr_force"));
            Assert.NotEmpty(specified.Options);
        }
    }

    [Theory]
    [InlineData("white", false)]
    [InlineData("pale sage green", false)]
    [InlineData("pine green", false)]
    [InlineData("ash grey", false)]
    [InlineData("dark oak", true)]
    [InlineData("red mahogany", true)]
    [InlineData("translucent green", true)]
    [InlineData("brown", true)]
    [InlineData(null, true)]
    public void A_colour_of_paint_on_varnished_wood_is_asked_for_in_paint(string? colour, bool clear)
    {
        var specified = Specify(Door(new Brief { Colour = colour }, layers: Coat("varnish", 3)));
        Assert.NotEmpty(specified.Options);
        Assert.All(specified.Options, o => Assert.Equal(clear, o.Steps.Last(s => s.Act.Operation.Role == CoatRole.Finish).Act.Product!.Clear));
        Assert.Equal(!clear, specified.Notes.Any(n => n.Contains("hides the grain", StringComparison.Ordinal)));
    }

    [Theory]
    [InlineData("woodstain", "boarding", "sw", "p_stain_mid")]
    [InlineData("limewash", "wall", "lime_old", "p_limewash")]
    public void What_lasts_longer_for_little_more_is_recommended_and_limewash_stays_limewash(string coating, string element, string substrate, string product)
    {
        var kind = Enum.Parse<Element>(element, ignoreCase: true);
        var specified = Specify(Surface(kind, substrate, Good, [Coat(coating, 3)], exposure: Exposure.Outside));
        var first = specified.Options.Single(o => o.Recommended is not null);
        Assert.Equal(product, first.Steps.Last(s => s.Act.Operation.Role == CoatRole.Finish).Act.Product!.Id);
    }

    [Theory]
    [InlineData("gyp_old", "ab_plaster")]
    [InlineData("paper_lin", "ab_gloss")]
    [InlineData("pboard", "ab_gloss")]
    public void Nibs_come_off_bare_plaster_before_any_coat_and_board_is_not_rubbed_damp(string substrate, string operation)
    {
        var options = Specify(Wall(substrate, Good with { Lumps = true })).Options;
        Assert.NotEmpty(options);
        Assert.All(options, o => Assert.Contains(operation, Ids(o)));
        if (operation == "ab_plaster")
        {
            Assert.All(options, o => Assert.All(o.Steps.TakeWhile(s => s.Act.Operation.Id != operation), s => Assert.Equal(CoatRole.None, s.Act.Operation.Role)));
        }
    }

    [Theory]
    [InlineData("6 hours", false)]
    [InlineData("overnight", true)]
    public void Satin_gone_over_within_half_a_day_is_waterborne(string wait, bool oil)
    {
        var read = LineReader.Read($"Sugar soap, rinse, dry.\nSatin coat 1, {wait}, satin coat 2.", Element.Door);
        var coats = read.Where(r => r.Line.Contains("satin coat", StringComparison.OrdinalIgnoreCase)).ToList();
        Assert.Equal(2, coats.Count);
        Assert.All(coats, c => Assert.Equal(oil, c.Step!.Operation == "tc_gloss" || c.Step.Or.Any(o => o.StartsWith("tc_gloss", StringComparison.Ordinal))));
    }

    [Theory]
    [InlineData(Exposure.Outside)]
    [InlineData(Exposure.Inside)]
    public void Varnish_on_bare_wood_is_planned_in_three_coats(Exposure exposure)
    {
        var brief = new Brief { Finish = FinishFamily.Clear, Avoid = ["tc_stain", "tc_oil", "tc_wax"] };
        var options = Specify(Door(brief, exposure)).Options;
        Assert.NotEmpty(options);
        Assert.All(options, o => Assert.Equal(3, Ids(o).Count(i => i == "tc_varnish")));
    }

    [Theory]
    [InlineData(Exposure.Outside, true)]
    [InlineData(Exposure.Inside, false)]
    public void Two_coats_of_varnish_on_bare_wood_are_a_fault_outdoors_and_a_note_inside(Exposure exposure, bool fault)
    {
        var audited = Audit(
            Door(new Brief { Finish = FinishFamily.Clear }, exposure),
            "ab_wood_bare",
            "du_vac",
            "se_endgrain",
            "tc_varnish/p_varnish",
            "tc_varnish/p_varnish"
        );
        Assert.Equal(fault, audited.Faults.Any(f => f.Need == Needs.VarnishBuilt));
        Assert.Equal(!fault, audited.Notes.Any(n => n.Says.Contains("three coats", StringComparison.Ordinal)));
    }

    [Theory]
    [InlineData(false, true, true)]
    [InlineData(true, false, false)]
    [InlineData(true, true, true)]
    public void Woodchip_comes_off_only_where_a_smooth_wall_is_asked_for_or_it_lets_go(bool relief, bool smooth, bool held)
    {
        var wall = Surface(Element.Wall, "paper_relief", Good with { LoosePaper = relief ? null : true }, [Coat("emul_matt")], new Brief { Smooth = smooth });
        Assert.Equal(held, Specify(wall).Options.IsEmpty);
    }
}
