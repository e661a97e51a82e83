using System.Globalization;
using AllSound.Core.Climate;
using AllSound.Core.Hiding;
using CsCheck;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Hiding, colour, drying and daylight against published figures and a table worked out elsewhere by the same model.</summary>
public sealed class HidingTests
{
    // Two-flux textbook values, from memory.
    [Theory]
    [InlineData(0.2, 0, 25, 0, 0.8333)]
    [InlineData(0.17, 0.000944, 50, 0, 0.8672)]
    [InlineData(0.17, 0.000944, 50, 0.8, 0.8881)]
    public void A_film_over_a_ground(double s, double k, double film, double ground, double expected) =>
        Assert.Equal(expected, new HidingPower(s, k).Over(ground, film), 4);

    [Fact]
    public void Contrast_and_full_hiding_follow()
    {
        var matt = HidingPower.Of(0.17, 0.90);
        Assert.Equal(0.000944, matt.Absorption, 6);
        Assert.Equal(0.9764, matt.Contrast(50), 4);
        Assert.Equal(0.45, HidingPower.Of(1, 0.40).Absorption, 4);
    }

    // Coats over light reflectances of 4, 20, 40 and 80, from a table of the trade worked by the same model. Common practice.
    [Theory]
    [InlineData("white-premium-matt", "3 3 3 2")]
    [InlineData("white-contract-matt", "3 3 3 2")]
    [InlineData("white-economy-matt", "4 4 4 2")]
    [InlineData("white-trim", "3 3 2 1")]
    [InlineData("pastel", "2 2 2 1")]
    [InlineData("mid-tone", "1 1 1 1")]
    [InlineData("dark", "1 1 1 1")]
    [InlineData("clean-yellow", "4 4 3 3")]
    [InlineData("clean-red", "3 3 2 3")]
    [InlineData("clean-orange", "4 4 3 3")]
    [InlineData("clean-blue", "2 2 1 2")]
    public void Coats_to_hide(string paint, string expected)
    {
        var p = Paints.All.Single(x => x.Id == paint);
        var coats = new[] { 0.04, 0.20, 0.40, 0.80 }.Select(ground =>
            Coats.ToHide(p.Power, ground, p.Film) is { } n ? Math.Max(1, n).ToString(CultureInfo.InvariantCulture) : "-"
        );
        Assert.Equal(expected, string.Join(' ', coats));
    }

    [Fact]
    public void A_card_gives_back_the_paint_it_was_drawn_down_with() =>
        Gen.Select(Gen.Double[0.02, 0.3], Gen.Double[0.001, 0.4], Gen.Double[10, 60])
            .Sample(
                (s, k, film) =>
                {
                    var paint = new HidingPower(s, k);
                    // A film that hides wholly tells nothing of how it does.
                    if (paint.Contrast(film) > 0.995)
                    {
                        return;
                    }

                    var read = HidingPower.OfCard(paint.Over(0, film), paint.Over(HidingPower.White, film), HidingPower.White, film);
                    Assert.NotNull(read);
                    Assert.Equal(s, read.Value.Scattering, s * 1e-4);
                    Assert.Equal(k, read.Value.Absorption, k * 1e-3);
                },
                iter: 2000
            );

    [Fact]
    public void More_film_never_hides_less() =>
        Gen.Select(Gen.Double[0.02, 0.3], Gen.Double[0, 0.4], Gen.Double[1, 100])
            .Sample((s, k, film) => Assert.True(new HidingPower(s, k).Contrast(film + 1) >= new HidingPower(s, k).Contrast(film) - 1e-9), iter: 2000);

    [Fact]
    public void The_best_undercoat_needs_no_more_coats_than_none()
    {
        foreach (var paint in Paints.All)
        {
            foreach (var ground in new[] { 0.04, 0.4, 0.8 })
            {
                var bare = Coats.ToHide(paint.Power, ground, paint.Film) ?? int.MaxValue;
                var best = Coats.BestUndercoat(paint.Power, ground, paint.Film);
                Assert.True(best is { } b && b.Coats <= bare, paint.Id);
            }
        }
    }

    // Pairs of the published test data for CIEDE2000 (Sharma, Wu, Dalal 2005), from memory.
    [Theory]
    [InlineData(50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425)]
    [InlineData(50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615)]
    [InlineData(50, 2.8361, -74.0200, 50, 0, -82.7485, 3.4412)]
    [InlineData(50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000)]
    [InlineData(50, 0, 0, 50, -1, 2, 2.3669)]
    [InlineData(50, 2.4900, -0.0010, 50, -2.4900, 0.0009, 7.1792)]
    [InlineData(50, 2.5, 0, 73, 25, -18, 27.1492)]
    [InlineData(50, 2.5, 0, 61, -5, 29, 22.8977)]
    [InlineData(50, 2.5, 0, 56, -27, -3, 31.9030)]
    [InlineData(50, 2.5, 0, 58, 24, 15, 19.4535)]
    [InlineData(60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644)]
    [InlineData(63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630)]
    [InlineData(2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082)]
    public void Colours_are_as_far_apart_as_published(double l1, double a1, double b1, double l2, double a2, double b2, double expected)
    {
        var (one, other) = (new Colour(l1, a1, b1), new Colour(l2, a2, b2));
        Assert.Equal(expected, one.DifferenceFrom(other), 4);
        Assert.Equal(expected, other.DifferenceFrom(one), 4);
    }

    // sRGB red, green and white in CIELAB under D65, from memory.
    [Theory]
    [InlineData("#ff0000", 53.24, 80.09, 67.20)]
    [InlineData("#00ff00", 87.73, -86.18, 83.18)]
    [InlineData("#ffffff", 100, 0, 0)]
    public void A_screen_colour_in_cielab(string typed, double l, double a, double b)
    {
        var colour = Colour.Read(typed)!.Value;
        Assert.Equal(l, colour.L, 0.02);
        Assert.Equal(a, colour.A, 0.03);
        Assert.Equal(b, colour.B, 0.03);
    }

    [Theory]
    [InlineData("lilac")]
    [InlineData("120/0/0")]
    [InlineData("#12345")]
    [InlineData("")]
    public void What_is_no_colour_is_not_read(string typed) => Assert.Null(Colour.Read(typed));

    [Fact]
    public void A_light_reflectance_comes_back() => Gen.Double[0, 1].Sample(y => Math.Abs(new Colour(Colour.Lightness(y), 0, 0).Reflectance - y) < 1e-9);

    // A waterborne coat of four hours at 10 °C, 80 %, in still air. Common practice.
    [Fact]
    public void Cold_damp_still_air_dries_six_times_slower()
    {
        var pace = DryingPace.In(DriesBy.Water, 10, 80, AirFlow.Still);
        Assert.Equal(1.78, pace.Warmth, 2);
        Assert.Equal(2.5, pace.Damp, 2);
        Assert.Equal(23.2, 4 * pace.Total, 0.1);
        Assert.True(pace.Total > DryingPace.BetterWait);
        Assert.Equal(1, DryingPace.In(DriesBy.Water, 20, 50, AirFlow.Through).Total, 6);
    }

    [Fact]
    public void Warmer_and_drier_air_never_dries_slower() =>
        Gen.Select(Gen.Int[0, 3], Gen.Double[5, 34], Gen.Double[5, 99], Gen.Int[0, 2])
            .Sample(
                (by, air, humidity, flow) =>
                {
                    double At(double a, double h) => DryingPace.In((DriesBy)by, a, h, (AirFlow)flow).Total;
                    Assert.True(At(air + 1, humidity) <= At(air, humidity) + 1e-9);
                    Assert.True(At(air, humidity + 1) >= At(air, humidity) - 1e-9);
                },
                iter: 2000
            );

    // Lengths of day in almanacs, within five minutes, from memory.
    [Theory]
    [InlineData(51.5, 172, 16.64)]
    [InlineData(51.5, 355, 7.83)]
    [InlineData(0, 80, 12.12)]
    [InlineData(-33.9, 355, 14.42)]
    public void The_day_is_as_long_as_in_the_almanac(double latitude, double day, double hours) => Assert.Equal(hours, Daylight.Hours(latitude, day), 0.09);

    [Fact]
    public void Beyond_the_polar_circle_the_sun_stays_up_or_down()
    {
        Assert.Equal(24, Daylight.Hours(70, 172));
        Assert.Equal(0, Daylight.Hours(70, 355));
    }
}
