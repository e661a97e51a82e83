using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>With what, how thick, how much at once and in which order: common practice, and BS 6150 for the orders of work, from memory.</summary>
public sealed class TechniqueTests
{
    private static Act Act(string operation, string? product = null) =>
        Operations.FindAct(Operations.Find(operation)!, product is null ? null : Coatings.Find(product)) ?? throw new ArgumentException(operation, nameof(operation));

    private static string Tools(string operation, Element element, int rough = 0, string? product = null) =>
        string.Join("; ", HandTools.For(Act(operation, product), Surface(element, "sw", Good), rough).Select(t => t.Tool));

    [Theory]
    [InlineData(Element.Window, "38 mm angled brush")]
    [InlineData(Element.Pipe, "38 mm brush")]
    [InlineData(Element.Railing, "mitten")]
    [InlineData(Element.Gutter, "38 mm brush")]
    [InlineData(Element.Skirting, "50 mm brush")]
    [InlineData(Element.Architrave, "50 mm brush")]
    [InlineData(Element.Radiator, "50 mm brush")]
    [InlineData(Element.Door, "mini roller")]
    [InlineData(Element.Panelling, "laid off")]
    [InlineData(Element.Wall, "pile roller")]
    [InlineData(Element.Ceiling, "pile roller")]
    public void A_coat_is_laid_with_what_fits_the_member(Element element, string tool)
    {
        Assert.Contains(tool, Tools("tc_gloss", element), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(0, "10 to 12 mm")]
    [InlineData(1, "12 to 18 mm")]
    [InlineData(2, "25 mm pile roller; old stiff brush first")]
    public void The_rougher_the_face_the_longer_the_pile(int rough, string pile)
    {
        var tools = Tools("tc_emul_roll", Element.Wall, rough);
        Assert.Contains(pile, tools, StringComparison.Ordinal);
        Assert.Contains("50 to 63 mm brush", tools, StringComparison.Ordinal);
    }

    [Fact]
    public void Water_swells_natural_bristle_and_spirit_does_not()
    {
        Assert.Contains("synthetic bristle", Tools("tc_wb_trim", Element.Door), StringComparison.Ordinal);
        Assert.DoesNotContain("synthetic bristle", Tools("tc_gloss", Element.Door), StringComparison.Ordinal);
    }

    [Fact]
    public void Every_tool_says_why_and_what_is_no_coat_has_its_own()
    {
        foreach (var act in Operations.Acts)
        {
            foreach (var element in Enum.GetValues<Element>())
            {
                var tools = HandTools.For(act, Surface(element, "sw", Good), 0);
                Assert.All(tools, t => Assert.False(string.IsNullOrWhiteSpace(t.Tool) || string.IsNullOrWhiteSpace(t.Why), act.Id));
                if (act.Operation.Role == CoatRole.None)
                {
                    Assert.Equal(act.Operation.Tool is null ? [] : [act.Operation.Tool], tools.Select(t => t.Tool));
                }
            }
        }
    }

    [Fact]
    public void Thinning_is_said_for_the_coat_for_the_product_or_forbidden()
    {
        Assert.Contains("Thin 40% on this coat only.", HandTools.Mixing(Act("se_mist")), StringComparison.Ordinal);
        Assert.Contains("Thin 5% at most, with white spirit.", HandTools.Mixing(Act("tc_gloss", "p_gloss_alk")), StringComparison.Ordinal);
        Assert.Contains("Thin 10% at most, with water.", HandTools.Mixing(Act("tc_emul_roll", "p_emul_contract")), StringComparison.Ordinal);
        Assert.Contains("with turpentine", HandTools.Mixing(Act("tc_linseed")), StringComparison.Ordinal);
        Assert.Contains("with the product's own thinner", HandTools.Mixing(Act("tc_2k", "p_pu2k_sb")), StringComparison.Ordinal);
        Assert.Contains("Do not thin.", HandTools.Mixing(Act("pr_bond")), StringComparison.Ordinal);
        Assert.Equal("", HandTools.Mixing(Act("mk_floor")));
    }

    [Fact]
    public void Two_parts_are_mixed_whole_and_used_within_their_pot_life()
    {
        foreach (var act in Operations.Acts.Where(a => a.Product is not null && a.Operation.Role != CoatRole.None))
        {
            Assert.Equal(act.Product!.PotLifeHours is not null, HandTools.Mixing(act).Contains("Two parts: mix the whole pack", StringComparison.Ordinal));
        }
    }

    [Fact]
    public void A_dilution_is_within_what_the_product_or_this_coat_bears()
    {
        var gloss = Act("tc_gloss", "p_gloss_alk");
        Assert.True(HandTools.Within(gloss, 0));
        Assert.True(HandTools.Within(gloss, 5));
        Assert.False(HandTools.Within(gloss, 6));
        var mist = Act("se_mist");
        Assert.True(HandTools.Within(mist, 40));
        Assert.False(HandTools.Within(mist, 60));
        Assert.False(HandTools.Within(Act("mk_floor"), 0));
    }

    [Fact]
    public void The_wet_edge_is_what_one_painter_lays_in_its_minutes_less_a_fifth()
    {
        var emulsion = Act("tc_emul_roll", "p_emul_contract");
        var edge = HandTools.Edge(emulsion, 4, pace: 12)!;
        Assert.Equal(emulsion.Product!.WetEdge, edge.Minutes);
        Assert.Equal(Math.Round(12 * edge.Minutes / 60 * 0.8, 2), edge.BayM2);

        // A wider face wants more hands, and never more than four are asked for.
        Assert.Equal(1, HandTools.Edge(emulsion, 1, 12)!.Painters);
        Assert.True(HandTools.Edge(emulsion, 12, 12)!.Painters > HandTools.Edge(emulsion, 4, 12)!.Painters);
        Assert.Equal(4, HandTools.Edge(emulsion, 60, 12)!.Painters);

        // Spots and what is no coat have none.
        Assert.Null(HandTools.Edge(Act("sb_knot"), 4, 12));
        Assert.Null(HandTools.Edge(Act("mk_floor"), 4, 12));
    }

    [Theory]
    [InlineData("tc_wb_trim", "p_enamel_wb", Element.Window, 6)]
    [InlineData("tc_gloss", "p_gloss_alk", Element.Window, 12)]
    [InlineData("tc_gloss", "p_gloss_alk", Element.Door, 12)]
    public void What_opens_is_not_shut_before_it_is_touch_dry_and_hours_more(string operation, string product, Element element, double more)
    {
        var act = Act(operation, product);
        var shut = HandTools.Shut(act, Surface(element, "sw", Good))!;
        Assert.Equal(act.Product!.Drying.Touch + more, shut.LeastHours, 9);
        Assert.Contains(shut.LeastHours <= 8 ? "start in the morning" : "chain or limiter overnight", shut.Say, StringComparison.Ordinal);
    }

    [Fact]
    public void What_does_not_open_need_not_stay_open()
    {
        Assert.Null(HandTools.Shut(Act("tc_gloss"), Surface(Element.Skirting, "sw", Good)));
        Assert.Null(HandTools.Shut(Act("sb_knot"), Surface(Element.Window, "sw", Good)));
        Assert.Null(HandTools.Shut(Act("ab_gloss"), Surface(Element.Door, "sw", Good)));
    }

    [Theory]
    [InlineData("p_emul_contract", "fresh bag every night")]
    [InlineData("p_gloss_alk", "white spirit")]
    [InlineData("p_shellac_knot", "alcohol")]
    [InlineData("p_pu2k_sb", "nothing keeps overnight")]
    [InlineData("p_pu2k_wb", "nothing keeps overnight")]
    public void Brushes_are_kept_overnight_by_what_they_are_full_of(string product, string how)
    {
        Assert.Contains(how, HandTools.Overnight(Coatings.Find(product)!), StringComparison.Ordinal);
    }

    [Fact]
    public void Every_order_of_painting_can_be_drawn()
    {
        Assert.All(
            ElementOrders.All,
            order =>
            {
                Assert.True(order.Parts.Length >= 3, order.Id);
                Assert.NotEmpty(order.Say);
                Assert.Equal(order.Parts.Length, order.Parts.Select(p => p.Name).Distinct(StringComparer.Ordinal).Count());
                Assert.All(
                    order.Parts,
                    p =>
                    {
                        Assert.InRange(p.X, 0, 1);
                        Assert.InRange(p.Y, 0, 1);
                        Assert.True(p.W > 0 && p.X + p.W <= 1 + 1e-9, $"{order.Id}: {p.Name}");
                        Assert.True(p.H > 0 && p.Y + p.H <= 1 + 1e-9, $"{order.Id}: {p.Name}");
                    }
                );
            }
        );
        Assert.Equal(ElementOrders.All.Length, ElementOrders.All.Select(o => o.Id).Distinct(StringComparer.Ordinal).Count());
    }

    [Fact]
    public void Every_element_that_has_parts_has_an_order()
    {
        Element[] without = [.. Enum.GetValues<Element>().Where(e => ElementOrders.For(Surface(e, "sw", Good)) is null)];
        Assert.All(without, e => Assert.Contains(e, new[] { Element.Panelling, Element.Boarding, Element.Floor, Element.Tile, Element.Surround }));
    }

    [Theory]
    [InlineData(Element.Window, null, "glazing bar", "sill")]
    [InlineData(Element.Window, "sash", "outer sash", "sill")]
    [InlineData(Element.Door, "door-4", "panels", "edges and frame")]
    [InlineData(Element.Door, "door-flush", "top third", "edges")]
    [InlineData(Element.Radiator, null, "back and edges", "pipes and valves")]
    [InlineData(Element.Column, null, "capital", "base")]
    [InlineData(Element.Step, null, "spindles", "treads")]
    [InlineData(Element.RoofSheet, null, "ridge", "gutter edge")]
    [InlineData(Element.Wall, null, "cut in", "cut in along the skirting")]
    [InlineData(Element.Ceiling, null, "cut in", "strips to the far wall")]
    [InlineData(Element.Skirting, null, "top edge", "bottom edge")]
    public void The_order_begins_inside_or_above_and_ends_outside_or_below(Element element, string? form, string first, string last)
    {
        var order = ElementOrders.For(Surface(element, "sw", Good) with { Form = form is null ? null : new Form { Kind = form } })!;
        Assert.StartsWith(first, order.Parts[0].Name, StringComparison.Ordinal);
        Assert.StartsWith(last, order.Parts[^1].Name, StringComparison.Ordinal);
    }

    [Fact]
    public void A_window_of_either_kind_is_begun_in_the_morning()
    {
        foreach (var form in new[] { "sash", "casement" })
        {
            var order = ElementOrders.For(Surface(Element.Window, "sw", Good) with { Form = new Form { Kind = form } })!;
            Assert.Contains(order.Say, s => s.StartsWith("Start in the morning", StringComparison.Ordinal));
        }
    }
}
