using AllSound.Core.Exchange;
using AllSound.Core.Materials;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

public sealed class QuantityTests
{
    [Fact]
    public void Areas_follow_from_the_room_by_the_trades_rules()
    {
        // Geometry: 3.6 x 4.2 m plan; boarding profile 1.1. Openings up to 0.5 m2 are not deducted (SMM7 M60, from memory).
        var (_, _, space, ceiling) = Demo.Place("ceiling");
        Assert.Equal(3.6 * 4.2 * 1.1, Geometry.Measure(space, ceiling).AreaM2, 6);

        var (_, _, _, wall) = Demo.Place("stair-wall");
        Assert.Equal(4.2 * 2.7, Geometry.Measure(space, wall).AreaM2, 6);
        Assert.Equal((3.6 * 2.7) - (0.84 * 2.02), Geometry.Measure(space, wall with { Wall = "door" }).AreaM2, 6);
        var hatch = space with { Walls = [.. space.Walls.Select(w => w.Id == "hatch" ? w with { Openings = [w.Openings[0] with { WidthM = 0.7, HeightM = 0.7 }] } : w)] };
        Assert.Equal(3.6 * 2.7, Geometry.Measure(hatch, wall with { Wall = "hatch" }).AreaM2, 6);
    }

    [Fact]
    public void Skirting_runs_round_the_room_less_doors_and_is_narrow_work()
    {
        var (_, _, space, skirting) = Demo.Place("skirting");
        var measured = Geometry.Measure(space, skirting);

        Assert.Equal(2 * (3.6 + 4.2) - 0.84, measured.LengthM, 6);
        Assert.True(measured.Narrow);
    }

    [Fact]
    public void Tins_are_the_cheapest_cover()
    {
        // 7.3 L from tins of 5 (18), 2.5 (11) and 1 (5): 5 + 2.5 at 29 beats 5 + 1 + 1 + 1 at 33. Arithmetic.
        var packed = TinPacking.Pack(7.3, [(5, 18m), (2.5, 11m), (1, 5m)]);

        Assert.Equal(29m, packed.Cost);
        Assert.Equal([new Packs(5, 1), new Packs(2.5, 1)], packed.Buy);
        Assert.Equal(0.2, packed.Left, 6);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Tins_equal_the_best_of_all_covers(int seed)
    {
        var random = new Random(seed);
        for (var n = 0; n < 60; n++)
        {
            var need = Math.Round(random.NextDouble() * 18, 2);
            (double Size, decimal Price)[] packs = [(1, random.Next(3, 9)), (2.5, random.Next(6, 18)), (5, random.Next(10, 30))];
            var best = decimal.MaxValue;
            for (var a = 0; a <= 19; a++)
            {
                for (var b = 0; b <= 8; b++)
                {
                    for (var c = 0; c <= 4; c++)
                    {
                        if (a + (2.5 * b) + (5 * c) >= need - 1e-9)
                        {
                            best = Math.Min(best, (a * packs[0].Price) + (b * packs[1].Price) + (c * packs[2].Price));
                        }
                    }
                }
            }

            Assert.Equal(best, TinPacking.Pack(need, [.. packs]).Cost);
        }
    }

    [Fact]
    public void Litres_are_area_over_spread_with_waste()
    {
        // Porous skim, 11.34 m2 at 10 m2/L, 8 % waste: 1.225 L a coat. Arithmetic on class values.
        var option = Demo.Specify("stair-wall").Options[0];
        var coats = option.Steps.Where(s => s.Act.Operation.Id == "tc_emul_roll").ToList();

        Assert.Equal(2, coats.Count);
        Assert.All(coats, c => Assert.Equal(11.34 / 10 * 1.08, c.Spend.Litres, 3));
    }

    [Fact]
    public void What_is_bought_covers_what_is_needed_and_held_surfaces_buy_nothing()
    {
        var report = Reporting.Quantities(Demo.Job);
        Assert.All(report.Materials, m => Assert.True(m.Buy.Sum(b => b.Size * b.Count) >= m.Need - 1e-6));

        var held = Demo.Job with
        {
            Buildings =
            [
                .. Demo.Job.Buildings.Select(b =>
                    b with
                    {
                        Spaces = [.. b.Spaces.Select(s => s with { Surfaces = [.. s.Surfaces.Select(f => f with { Facts = f.Facts with { LiveCrack = true } })] })],
                    }
                ),
            ],
        };
        Assert.Empty(Reporting.Quantities(held).Materials);
    }
}
