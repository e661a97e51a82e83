using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
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

    /// <summary>Large needs, where the largest tin is not the cheapest by the litre: against a plain table of every amount, a litre a step.</summary>
    [Theory]
    [InlineData(4)]
    [InlineData(5)]
    public void Large_needs_are_packed_as_cheaply_as_small_ones(int seed)
    {
        var random = new Random(seed);
        for (var n = 0; n < 20; n++)
        {
            var need = random.Next(400, 5000);
            (double Size, decimal Price)[] packs = [(1, random.Next(3, 9)), (4, random.Next(8, 30)), (9, random.Next(20, 60)), (25, random.Next(60, 200))];
            var table = new decimal[need + 1];
            for (var litres = 1; litres <= need; litres++)
            {
                table[litres] = packs.Min(p => p.Price + table[Math.Max(0, litres - (int)p.Size)]);
            }

            var packed = TinPacking.Pack(need, [.. packs]);
            Assert.Equal(table[need], packed.Cost);
            Assert.Equal(packed.Buy.Sum(b => b.Count * b.Size) - need, packed.Left, 6);
            Assert.True(packed.Left >= 0);
        }
    }

    [Fact]
    public void A_pack_of_nothing_is_refused() => Assert.Throws<ArgumentException>(() => TinPacking.Pack(1, [(0, 1m), (1, 2m)]));

    [Theory]
    [InlineData(Element.Radiator, "radiator-panel", 0)]
    [InlineData(Element.Door, "door-4", 0)]
    [InlineData(Element.Skirting, "strip-plain", 1)]
    [InlineData(Element.Pipe, "pipe", 1)]
    [InlineData(Element.Railing, "railing-plain", 0)]
    [InlineData(Element.Step, "steps", 0)]
    public void So_many_alike_are_so_many_times_the_area_and_where_it_runs_the_length(Element element, string kind, int runs)
    {
        var one = One.Surface(element, "sw", One.Good) with { Form = new Form { Kind = kind } };
        var six = one with { Form = one.Form with { Count = 6 } };
        var space = One.Job(one).Buildings[0].Spaces[0];
        var (single, all) = (Geometry.Measure(space, one), Geometry.Measure(space, six));

        Assert.True(single.AreaM2 > 0);
        Assert.Equal(6 * single.AreaM2, all.AreaM2, 9);
        Assert.Equal((runs == 1 ? 6 : 1) * single.LengthM, all.LengthM, 9);
        if (runs == 0)
        {
            Assert.Equal(6 * Geometry.Edge(space, one, single), Geometry.Edge(space, six, all), 9);
        }

        Assert.StartsWith("6 alike", all.How, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("roughcast", 1.5)]
    [InlineData("texture-fine", 1.15)]
    public void A_recorded_texture_is_reckoned_once(string kind, double factor)
    {
        // By the square metre of flat face roughcast takes 250 to 400 ml a coat, at 4 to 7 m2 an hour: common practice.
        var facts = One.Good with
        {
            BareShare = 1,
        };
        var render = One.Surface(Element.Wall, "render_cem", facts, exposure: Exposure.Outside) with { Form = new Form { Kind = kind } };
        var product = Coatings.Find("p_masonry_ac")!;
        var act = Operations.FindAct(Operations.Find("tc_masonry")!, product)!;
        var extents = One.Appraise(render).Extents;
        var spend = Costing.Of(act, extents, new Rates(), filmGone: true);
        var flat = 4 * 2.0;

        Assert.Equal(flat * factor, extents.AreaM2, 6);
        Assert.Equal(flat * factor / product.Spread.Porous * Costing.PaintWaste, spend.Litres / act.Operation.Coats * (1 + (act.Operation.Thinning / 100)), 3);
        var edge = act.Operation.EdgeRate is { } cut ? extents.EdgeM / cut : 0;
        Assert.Equal(flat / Pacing.Of(act.Operation, extents.Face), spend.Hours - act.Operation.FixedHours - edge, 6);
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
                        Spaces =
                        [
                            .. b.Spaces.Select(s =>
                                s with
                                {
                                    Surfaces =
                                    [
                                        .. s
                                            .Surfaces.Where(f => f.Brief is { OnlyClean: false, Finish: null } && f.Substrate != "insul_board")
                                            .Select(f => f with { Facts = f.Facts with { LiveCrack = true } }),
                                    ],
                                }
                            ),
                        ],
                    }
                ),
            ],
        };
        var stopped = Reporting.Quantities(held);
        Assert.Empty(stopped.Materials);
        Assert.Equal((0, 0m), (stopped.LabourHours, stopped.Cost.Amount));
        Assert.All(stopped.Surfaces, s => Assert.True(s.Waits && s.Option is not null && s.AreaM2 > 0));
        Assert.True(stopped.OnceFreed!.Cost.Amount > 0 && !stopped.OnceFreed.Materials.IsEmpty);

        // In the demo as it is one wall waits, and is bought for apart.
        Assert.Equal(["brick-plinth"], report.Surfaces.Where(s => s.Waits).Select(s => s.Id));
        Assert.True(report.OnceFreed!.Cost.Amount > 0);
    }
}
