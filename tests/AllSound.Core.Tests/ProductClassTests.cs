using AllSound.Core.Materials;
using AllSound.Core.Treatment;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The numbers of the product classes against the law, against one another and against what everybody in the trade knows.</summary>
public sealed class ProductClassTests
{
    private static CoatingClass Class(string id) => Coatings.Find(id) ?? throw new ArgumentException(id, nameof(id));

    /// <summary>
    /// Most volatile organic compounds of what may be sold ready to use, grams per litre: Directive 2004/42/EC, Annex II A,
    /// phase II, from memory. First waterborne, then solventborne.
    /// </summary>
    private static (int Water, int Solvent) Limit(char category) =>
        category switch
        {
            'a' => (30, 30), // matt walls and ceilings inside
            'b' => (100, 100), // glossy walls and ceilings inside
            'c' => (40, 430), // outside walls of mineral ground
            'd' => (130, 300), // trim and cladding, wood and metal
            'e' => (130, 400), // trim varnishes and woodstains
            'f' => (130, 700), // woodstains of least build
            'g' => (30, 350), // primers
            'h' => (30, 750), // binding primers
            'i' => (140, 500), // one-pack performance coatings
            _ => (140, 500), // j: two-pack performance coatings
        };

    [Theory]
    [InlineData('a', "p_emul_contract", "p_emul_dur", "p_emul_kb", "p_casein")]
    [InlineData('b', "p_emul_silk")]
    [InlineData('c', "p_masonry_ac", "p_masonry_sb", "p_masonry_elast", "p_siloxane", "p_silicate", "p_silicate_2k", "p_limewash")]
    [InlineData('d', "p_gloss_alk", "p_egg_alk", "p_enamel_wb", "p_enamel_hyb", "p_uc_alk", "p_uc_wb", "p_linseed")]
    [InlineData('e', "p_varnish", "p_stain_mid")]
    [InlineData('f', "p_stain_low", "p_oil_hw")]
    [InlineData('g', "p_plaster_seal", "p_bond_wb", "p_stain_wb", "p_stain_alk", "p_wood_ac", "p_wood_alk", "p_alkali_sb", "p_alkali_wb")]
    [InlineData('h', "p_stab_wb", "p_stab_sb", "p_peelbond", "p_shellac_knot", "p_shellac_prim", "p_alu_wood")]
    [InlineData('i', "p_znphos_alk", "p_znphos_wb", "p_dtm", "p_galv_ac", "p_rad", "p_heat_si", "p_bitumen", "p_floor_1k")]
    [InlineData('j', "p_epoxy_prim", "p_epoxy_prim_wb", "p_zinc_rich", "p_epoxy_mastic", "p_pu2k_sb", "p_pu2k_wb", "p_floor_2k", "p_tile_2k")]
    public void A_class_may_be_sold(char category, params string[] classes)
    {
        var (water, solvent) = Limit(category);
        Assert.All(classes, id => Assert.True(Class(id).Voc <= (Class(id).Carrier == Carrier.Water ? water : solvent), $"{id}: {Class(id).Voc} g/l"));
    }

    [Fact]
    public void Water_carries_less_solvent_than_spirit_does()
    {
        var water = Coatings.All.Where(c => c.Carrier == Carrier.Water).Max(c => c.Voc);
        Assert.InRange(water, 0, 140);
        Assert.All(Coatings.All.Where(c => c.Carrier is Carrier.Spirit or Carrier.Alcohol), c => Assert.True(c.Voc >= 100, c.Id));
        Assert.All(Coatings.All.Where(c => c.Carrier == Carrier.None), c => Assert.True(c.Voc <= 50, c.Id));
    }

    [Fact]
    public void A_coat_is_touch_dry_before_it_takes_another_and_cures_last()
    {
        Assert.All(
            Coatings.All,
            c =>
            {
                Assert.True(c.Drying.Touch > 0 && c.Drying.Touch <= c.Drying.Least, c.Id);
                Assert.True(c.Drying.Least <= c.Drying.Advised, c.Id);
                Assert.True(c.Drying.Advised <= c.Drying.Cure, c.Id);
                Assert.True(c.Drying.LatestDays is not { } latest || latest * 24 > c.Drying.Advised, c.Id);
            }
        );
    }

    [Fact]
    public void Shellac_dries_in_an_hour_alkyd_overnight_and_linseed_in_days()
    {
        Assert.InRange(Class("p_shellac_prim").Drying.Least, 0.25, 1);
        Assert.InRange(Class("p_gloss_alk").Drying.Least, 12, 24);
        Assert.InRange(Class("p_uc_alk").Drying.Least, 12, 24);
        Assert.True(Class("p_linseed").Drying.Least >= 24);
        Assert.InRange(Class("p_emul_contract").Drying.Least, 2, 4);
        Assert.InRange(Class("p_enamel_wb").Drying.Least, 4, 6);
        Assert.True(Class("p_limewash").Drying.Least >= 24);
    }

    [Fact]
    public void A_rough_or_thirsty_face_takes_more_paint()
    {
        Assert.All(Coatings.All, c => Assert.True(c.Spread.Smooth >= c.Spread.Porous && c.Spread.Porous >= c.Spread.Rough && c.Spread.Rough > 0, c.Id));
        Assert.Equal(Class("p_gloss_alk").Spread.Smooth, Class("p_gloss_alk").SpreadOn(0));
        Assert.Equal(Class("p_gloss_alk").Spread.Porous, Class("p_gloss_alk").SpreadOn(1));
        Assert.Equal(Class("p_gloss_alk").Spread.Rough, Class("p_gloss_alk").SpreadOn(2));
    }

    [Fact]
    public void Two_parts_have_a_pot_life_and_polyurethane_is_isocyanate()
    {
        string[] two = ["p_epoxy_prim", "p_epoxy_prim_wb", "p_epoxy_mastic", "p_pu2k_sb", "p_pu2k_wb", "p_floor_2k", "p_tile_2k"];
        Assert.All(two, id => Assert.NotNull(Class(id).PotLifeHours));
        Assert.All(Coatings.All.Where(c => c.PotLifeHours is not null), c => Assert.InRange(c.PotLifeHours!.Value, 0.5, 24));
        Assert.True(Class("p_pu2k_sb").Isocyanate && Class("p_pu2k_wb").Isocyanate);
        Assert.All(Coatings.All.Where(c => c.Isocyanate), c => Assert.NotNull(c.PotLifeHours));
        Assert.All(new[] { "p_gloss_alk", "p_enamel_wb", "p_emul_contract" }, id => Assert.Null(Class(id).PotLifeHours));
    }

    [Fact]
    public void What_is_a_finish_lasts_and_has_a_sheen_and_what_is_none_has_neither()
    {
        Assert.All(
            Coatings.All,
            c =>
            {
                Assert.Equal(c.Finishes.IsEmpty, c.Life is (0, 0));
                Assert.Equal(c.Finishes.IsEmpty, c.Sheens.IsEmpty);
                Assert.True(c.Life.Inside == 0 || c.Life.Inside >= c.Life.Outside, $"{c.Id}: longer outside than inside");
                Assert.False(c.Clear && c.Hides, $"{c.Id} is clear and hides");
            }
        );
    }

    /// <summary>EN 13300 wet scrub, and DIN 4108-3 / EN ISO 7783 for vapour: the order of the classes, from memory.</summary>
    [Fact]
    public void The_classes_stand_in_the_order_that_the_standards_put_them_in()
    {
        Assert.True(Class("p_emul_contract").Scrub < Class("p_emul_dur").Scrub);
        string[] tighter = ["p_limewash", "p_silicate", "p_emul_contract", "p_masonry_ac", "p_emul_silk", "p_enamel_wb", "p_gloss_alk"];
        for (var i = 1; i < tighter.Length; i++)
        {
            Assert.True(Class(tighter[i - 1]).Sd <= Class(tighter[i]).Sd, $"{tighter[i - 1]} is tighter than {tighter[i]}");
        }

        // Class V1 of EN 1062-1: below 0.14 m. Mineral paints are in it, acrylic masonry paint is not.
        Assert.All(new[] { "p_limewash", "p_silicate", "p_silicate_2k", "p_siloxane", "p_casein" }, id => Assert.True(Class(id).Sd < 0.14, id));
        Assert.True(Class("p_masonry_ac").Sd >= 0.14);
    }

    [Fact]
    public void Heat_and_alkali_are_borne_by_what_is_made_for_them()
    {
        Assert.True(Class("p_heat_si").HeatMost >= 400);
        Assert.InRange(Class("p_rad").HeatMost, 80, 120);
        Assert.All(new[] { "p_emul_contract", "p_enamel_wb", "p_masonry_ac", "p_varnish" }, id => Assert.InRange(Class(id).HeatMost, 40, 80));

        // Alkali saponifies oil: alkyd bears none, mineral and alkali-resisting paints all of it.
        Assert.Equal(0, Class("p_gloss_alk").Alkali);
        Assert.Equal(0, Class("p_linseed").Alkali);
        Assert.All(new[] { "p_alkali_sb", "p_alkali_wb", "p_silicate", "p_limewash" }, id => Assert.Equal(3, Class(id).Alkali));
    }

    [Fact]
    public void Nothing_is_laid_in_frost_but_what_is_made_for_the_cold_and_nothing_in_the_wet()
    {
        Assert.All(
            Coatings.All,
            c =>
            {
                Assert.InRange(c.Temperature.Least, 2, 12);
                Assert.InRange(c.Temperature.Most, 25, 40);
                Assert.InRange(c.HumidityMost, 60, 95);
            }
        );
        Assert.All(Coatings.All.Where(c => c.Carrier == Carrier.Water), c => Assert.True(c.Temperature.Least >= 5, c.Id));
    }

    [Fact]
    public void Tins_come_in_rising_sizes_and_prices_are_in_the_order_of_the_shop()
    {
        Assert.All(Coatings.All, c => Assert.True(c.Tins.Length > 0 && c.Tins.Zip(c.Tins.Skip(1)).All(p => p.First < p.Second) && c.Price > 0, c.Id));
        Assert.True(Class("p_emul_contract").Price < Class("p_emul_dur").Price);
        Assert.True(Class("p_emul_contract").Price < Class("p_gloss_alk").Price);
        Assert.True(Class("p_gloss_alk").Price < Class("p_pu2k_sb").Price);
        Assert.Equal(1, Class("p_emul_contract").Price);
    }

    [Fact]
    public void Every_class_is_laid_by_some_operation_and_every_finish_as_a_finish()
    {
        Assert.All(Coatings.All, c => Assert.Contains(Operations.Acts, a => a.Product == c));
        Assert.All(Coatings.All.Where(c => !c.Finishes.IsEmpty), c => Assert.Contains(Operations.Acts, a => a.Product == c && a.Operation.Role == CoatRole.Finish));
    }
}
