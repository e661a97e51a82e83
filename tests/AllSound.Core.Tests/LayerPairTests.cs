using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>
/// What may lie on what. Facts of the trade, from memory: common practice, and for solvents, alkali and vapour the usual
/// reasons given with them.
/// </summary>
public sealed class LayerPairTests
{
    [Theory]
    // Like over like, keyed, holds.
    [InlineData("alkyd_gloss", "p_gloss_alk", true)]
    [InlineData("alkyd_gloss", "p_uc_alk", true)]
    [InlineData("emul_matt", "p_emul_contract", true)]
    [InlineData("emul_silk", "p_emul_dur", true)]
    [InlineData("enamel_wb", "p_enamel_wb", true)]
    [InlineData("masonry_ac", "p_masonry_ac", true)]
    [InlineData("oil_lead", "p_linseed", true)]
    [InlineData("limewash", "p_limewash", true)]
    [InlineData("silicate", "p_silicate", true)]
    [InlineData("epoxy_2k", "p_pu2k_sb", true)]
    [InlineData("woodstain", "p_stain_low", true)]
    [InlineData("varnish", "p_varnish", true)]
    // Binders and bonding primers are made to go over what others do not hold to.
    [InlineData("alkyd_gloss", "p_bond_wb", true)]
    [InlineData("enamel_wb", "p_shellac_prim", true)]
    // Strong solvents lift soft one-part films.
    [InlineData("alkyd_gloss", "p_pu2k_sb", false)]
    [InlineData("oil_lead", "p_epoxy_prim", false)]
    [InlineData("emul_matt", "p_pu2k_sb", false)]
    [InlineData("enamel_wb", "p_epoxy_prim", false)]
    [InlineData("chlor_rub", "p_epoxy_prim", false)]
    // Mineral paints want a mineral ground.
    [InlineData("emul_matt", "p_limewash", false)]
    [InlineData("emul_silk", "p_limewash", false)]
    [InlineData("masonry_ac", "p_silicate_2k", false)]
    [InlineData("alkyd_gloss", "p_limewash", false)]
    // Size-bound paint lets go as soon as it is wetted; wax lets nothing grip; bitumen bleeds.
    [InlineData("distemper_soft", "p_emul_contract", false)]
    [InlineData("distemper_soft", "p_gloss_alk", false)]
    [InlineData("wax", "p_gloss_alk", false)]
    [InlineData("wax", "p_enamel_wb", false)]
    [InlineData("bitumen", "p_emul_contract", false)]
    [InlineData("bitumen", "p_gloss_alk", false)]
    [InlineData("limewash", "p_gloss_alk", false)]
    public void A_film_takes_a_coat_or_not(string film, string product, bool holds)
    {
        var wall = Surface(Element.Wall, "gyp_old", Good with { Key = Key.Abraded, Soil = Soil.Clean }, [Coat(film)]);
        var condition = Appraise(wall).Condition;
        var acts = Operations.Acts.Where(a => a.Product?.Id == product && a.Operation.Role is not (CoatRole.None or CoatRole.Spot)).ToList();
        Assert.NotEmpty(acts);
        var refused = acts.All(a =>
            a.Needs.Any(n => (n.Id.StartsWith("film-takes", StringComparison.Ordinal) || n.Id.StartsWith("clear-over", StringComparison.Ordinal)) && !n.Holds(condition))
        );
        Assert.Equal(holds, !refused);
    }

    [Theory]
    [InlineData("alkyd_gloss", "p_gloss_alk")]
    [InlineData("alkyd_gloss", "p_bond_wb")]
    [InlineData("enamel_wb", "p_enamel_wb")]
    [InlineData("epoxy_2k", "p_pu2k_sb")]
    [InlineData("oil_lead", "p_linseed")]
    public void A_shiny_film_is_keyed_first(string film, string product)
    {
        bool Keyed(Key key)
        {
            var condition = Appraise(Surface(Element.Skirting, "sw", Good with { Key = key }, [Coat(film)])).Condition;
            return Operations
                .Acts.First(a => a.Product?.Id == product)
                .Needs.Where(n => n.Id.StartsWith("film-keyed", StringComparison.Ordinal))
                .All(n => n.Holds(condition));
        }

        Assert.False(Keyed(Key.Shiny));
        Assert.True(Keyed(Key.Abraded));
    }

    [Theory]
    // Oil in alkyds makes soap with zinc and with lime; water paints for zinc are made for it.
    [InlineData("galv_new", "p_znphos_alk", false)]
    [InlineData("galv_old", "p_gloss_alk", false)]
    [InlineData("galv_old", "p_galv_ac", true)]
    [InlineData("alu", "p_galv_ac", true)]
    [InlineData("steel", "p_znphos_alk", true)]
    [InlineData("steel", "p_epoxy_prim", true)]
    [InlineData("steel", "p_emul_contract", false)]
    [InlineData("steel", "p_limewash", false)]
    // Mineral paints bind to lime and stone, not to gypsum or wood.
    [InlineData("lime_old", "p_limewash", true)]
    [InlineData("render_lime", "p_silicate_2k", true)]
    [InlineData("sw", "p_silicate_2k", false)]
    [InlineData("sw", "p_limewash", false)]
    // Wall paint peels from bare wood and tile; their own primers hold.
    [InlineData("tile_gl", "p_emul_contract", false)]
    [InlineData("tile_gl", "p_bond_wb", true)]
    [InlineData("sw", "p_wood_ac", true)]
    [InlineData("sw", "p_znphos_alk", false)]
    [InlineData("gyp_old", "p_emul_contract", true)]
    [InlineData("gyp_old", "p_wood_alk", false)]
    public void A_bare_ground_takes_a_first_coat_or_not(string substrate, string product, bool holds)
    {
        var bare = Surface(Element.Wall, substrate, Good with { BareShare = 1, Soil = Soil.Clean });
        var condition = Appraise(bare).Condition;
        Assert.Equal(Bare.Raw, condition.Get(Facets.Bare));
        var first = Operations.Acts.Where(a => a.Product?.Id == product && Treatments.Apply(condition, a).After.Get(Facets.Bare) == Bare.Sealed).ToList();
        bool Suits(Act act) =>
            act
                .Needs.Where(n => n != FabricNeeds.GroundKeyed && n.Any.Any(t => t.Facet == Facets.Substrate) && !n.Any.Any(t => t.Facet == Facets.Prep))
                .All(n => n.Holds(condition));
        Assert.Equal(holds, first.Exists(Suits));
    }

    [Theory]
    [InlineData(Alkalinity.High, "p_gloss_alk", false)]
    [InlineData(Alkalinity.High, "p_emul_contract", false)]
    [InlineData(Alkalinity.Mild, "p_gloss_alk", false)]
    [InlineData(Alkalinity.Mild, "p_emul_contract", true)]
    [InlineData(Alkalinity.High, "p_silicate_2k", true)]
    [InlineData(Alkalinity.High, "p_limewash", true)]
    [InlineData(Alkalinity.Neutral, "p_gloss_alk", true)]
    public void Alkali_saponifies_oil_and_harms_no_mineral_paint(Alkalinity alkali, string product, bool holds)
    {
        var ph = alkali switch
        {
            Alkalinity.Neutral => 8.0,
            Alkalinity.Mild => 11,
            _ => 13,
        };
        var wall = Surface(Element.Wall, "render_lime", Good with { BareShare = 1 }) with { Readings = [new Reading { Check = "T_ph", Value = ph }] };
        var condition = Appraise(wall).Condition;
        Assert.Equal(alkali, condition.Get(Facets.Alkalinity));
        var act = Operations.Acts.First(a => a.Product?.Id == product);
        Assert.Equal(holds, act.Needs.Where(n => n.Any.Any(t => t.Facet == Facets.Alkalinity)).All(n => n.Holds(condition)));
    }
}
