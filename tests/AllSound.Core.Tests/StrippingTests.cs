using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>What goes with the film when it comes off, and how rust comes off.</summary>
public sealed class StrippingTests
{
    /// <summary>Common practice: what is filled, caulked or sealed over a film goes with the film.</summary>
    [Fact]
    public void What_was_filled_and_sealed_before_stripping_is_to_do_again()
    {
        var trim = Surface(Element.Skirting, "sw", Good with { FillShare = 0.05, FillDepthMm = 2 }, [Coat("emul_matt")]);
        var filled = Strict.Run(
            trim,
            "mk_floor",
            "ls_feather",
            "du_vac",
            "rp_fine",
            "ab_fill",
            "du_vac",
            "sp_fill",
            "st_soak_scrape",
            "sp_wood",
            "tc_wb_trim",
            "tc_wb_trim",
            "ac_clean"
        );
        Assert.Contains(filled, f => f.Need == GroundNeeds.FillFlush);
    }

    /// <summary>Common practice: a stripe coat over an edge goes with the film, a rounded edge stays round.</summary>
    [Theory]
    [InlineData("dn_stripe", Arris.Striped, Arris.Sharp)]
    [InlineData("ab_edge", Arris.Round, Arris.Round)]
    public void Stripping_takes_the_stripe_coat_and_leaves_the_rounded_edge(string operation, Arris done, Arris stripped)
    {
        var condition = Appraise(Surface(Element.Railing, "steel", Good with { SharpEdges = true }, [Coat("alkyd_gloss")])).Condition;
        Act One(string id) => Operations.Acts.First(a => a.Operation.Id == id);
        var treated = Treatments.Apply(condition, One(operation)).After;
        Assert.Equal(done, treated.Get(Facets.SharpEdges));
        Assert.Equal(stripped, Treatments.Apply(treated, One("st_needle_gun")).After.Get(Facets.SharpEdges));
    }

    /// <summary>ISO 8501-1, from memory: hand tools (St 2) and power tools (St 3) take no layered scale off.</summary>
    [Theory]
    [InlineData("ls_wire_hand", Rust.Scale, Rust.Scale)]
    [InlineData("ab_metal_hand", Rust.Scale, Rust.Scale)]
    [InlineData("ab_metal_power", Rust.Scale, Rust.Scale)]
    [InlineData("ab_scale", Rust.Scale, Rust.Heavy)]
    [InlineData("ab_scale_hand", Rust.Scale, Rust.Heavy)]
    [InlineData("st_needle_gun", Rust.Scale, Rust.None)]
    [InlineData("ls_wire_hand", Rust.Heavy, Rust.Light)]
    [InlineData("ls_wire_hand", Rust.Light, Rust.None)]
    [InlineData("ab_metal_power", Rust.Heavy, Rust.None)]
    [InlineData("ab_metal_power", Rust.Converted, Rust.None)]
    [InlineData("dc_rust_convert", Rust.Light, Rust.Converted)]
    [InlineData("dc_rust_convert", Rust.Heavy, Rust.Heavy)]
    public void Rust_comes_off_in_steps(string operation, Rust before, Rust after)
    {
        var steel = Surface(Element.Railing, "steel", Good with { Rust = before, BareShare = 0.1 }, [Coat("alkyd_gloss")]);
        var condition = Appraise(steel).Condition;
        Assert.Equal(before, condition.Get(Facets.Rust));
        var act = Operations.Acts.First(a => a.Operation.Id == operation);
        Assert.Equal(after, Treatments.Apply(condition, act).After.Get(Facets.Rust));
    }
}
