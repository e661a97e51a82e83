using System.Collections.Immutable;

namespace AllSound.Core.Reckoning;

/// <summary>Paint: what it spreads, how much of it, how it is thinned, in which tins it comes and what is left. Rules: by volume solids; common practice.</summary>
internal static class PaintSums
{
    private static readonly ReckonerInput Solids = Ask.Percent("solids", "volume solids", null, 100);
    private static readonly ReckonerInput Dry = Ask.Length("dry-film", "dry film of a coat", null, "um", 5000);
    private static readonly ReckonerInput Loss = Ask.Percent("loss", "share of the paint used that never reaches the work", "0");

    public static readonly ImmutableArray<Reckoner> All =
    [
        new(
            "spread",
            "What a litre spreads to, from volume solids and film",
            [Solids, Dry, Loss],
            "square metres a litre = 10 x volume solids % / dry film in um",
            s =>
            {
                var rate = s.Put("theoretical spreading rate", 10 * s["solids"] / s["dry-film"], "m2/L", $"10 x {s["solids"]} / {s["dry-film"]}");
                s.Put("practical spreading rate", rate * (1 - (s["loss"] / 100)), "m2/L", $"{rate} x (1 - {s["loss"]} %)");
                return s.Put("wet film", 100 * s["dry-film"] / s["solids"], "um", $"{s["dry-film"]} / {s["solids"]} %");
            }
        ),
        new(
            "wet-film",
            "Wet film to comb for, thinned or not",
            [Solids, Dry, Ask.Percent("thinner", "thinner added, of the paint", "0", 200)],
            "wet film = dry film x (1 + thinner) / volume solids: thinner adds volume and no solids",
            s =>
            {
                s.Put("wet film unthinned", 100 * s["dry-film"] / s["solids"], "um", $"{s["dry-film"]} / {s["solids"]} %");
                return s.Put(
                    "wet film",
                    100 * s["dry-film"] * (1 + (s["thinner"] / 100)) / s["solids"],
                    "um",
                    $"{s["dry-film"]} x (1 + {s["thinner"]} %) / {s["solids"]} %"
                );
            }
        ),
        new(
            "litres",
            "Litres for an area, by rate or by film, with what is lost and a range",
            [
                Ask.Number("area", "area", "m2"),
                Ask.Count("coats", "coats", "1"),
                Ask.Perhaps(Ask.Number("rate", "spreading rate of a coat", "m2/L", null, 0.01, 100)),
                Ask.Perhaps(Solids),
                Ask.Perhaps(Dry),
                Loss,
                Ask.Number("first-coat", "factor for the first coat: 2 for an undercoat on thirsty ground", "", "1", 0.1, 5),
                Ask.Number("factor", "factor for texture or profile that the rate does not hold yet", "", "1", 0.1, 5),
                Ask.Percent("allowance", "added for tray, roller and tin", "0", 100),
                Ask.Percent("uncertain", "how far the rate may be out", "0", 90),
                Ask.Percent("area-uncertain", "how far the area may be out", "0", 90),
            ],
            "area x coats / rate, over (1 - loss); independent errors by the root of their squares",
            s =>
            {
                if (!s.Has("rate") && !(s.Has("solids") && s.Has("dry-film")))
                {
                    s.Fail("rate", "say the spreading rate, or volume solids and dry film");
                    return;
                }

                var rate = s.Has("rate") ? s["rate"] : s.Put("spreading rate", 10 * s["solids"] / s["dry-film"], "m2/L", $"10 x {s["solids"]} / {s["dry-film"]}");
                var coats = s["coats"] <= 0 ? 0 : s["coats"] - 1 + s["first-coat"];
                var net = s.Put("litres net", s["area"] * s["factor"] * coats / rate, "L", $"{s["area"]} x {s["factor"]} x {coats} coats / {rate}");
                var litres = s.Put(
                    "litres",
                    net / (1 - (s["loss"] / 100)) * (1 + (s["allowance"] / 100)),
                    "L",
                    $"{net} / (1 - {s["loss"]} %) x (1 + {s["allowance"]} %)"
                );
                if (s["uncertain"] > 0 || s["area-uncertain"] > 0)
                {
                    var both = s.Put(
                        "uncertainty",
                        Math.Sqrt((s["uncertain"] * s["uncertain"]) + (s["area-uncertain"] * s["area-uncertain"])),
                        "%",
                        $"root of ({s["uncertain"]}² + {s["area-uncertain"]}²)"
                    );
                    s.Put("low end", litres * (1 - (both / 100)), "L", $"{litres} x (1 - {both} %)");
                    s.Put("high end", litres * (1 + (both / 100)), "L", $"{litres} x (1 + {both} %)");
                }
            }
        ),
        new(
            "mix",
            "A mix by parts or percent, and how much of each",
            [
                Ask.Number("parts", "parts of the first", "", "1", 0.001, 1000),
                Ask.Number("to", "parts of the second to them: water, thinner, hardener", "", null, 0, 1000),
                Ask.Perhaps(Ask.Number("mix", "mix that is wanted", "L")),
                Ask.Perhaps(Ask.Number("area", "or the area", "m2")),
                Ask.Perhaps(Ask.Number("rate", "that a litre of mix covers", "m2/L", null, 0.01, 1000)),
                Ask.Perhaps(Ask.Number("first", "or how much there is of the first", "L")),
            ],
            "by volume; 1 to 40 is 1 in 41",
            s =>
            {
                var (a, b) = (s["parts"], s["to"]);
                s.Put("second on the first", 100 * b / a, "%", $"{b} / {a}");
                s.Put("second in the mix", 100 * b / (a + b), "%", $"{b} / ({a} + {b})");
                var mix =
                    s.Has("mix") ? s["mix"]
                    : s.Has("area") && s.Has("rate") ? s.Put("mix", s["area"] / s["rate"], "L", $"{s["area"]} / {s["rate"]}")
                    : s.Has("first") ? s.Put("mix", s["first"] * (a + b) / a, "L", $"{s["first"]} x ({a} + {b}) / {a}")
                    : double.NaN;
                if (!double.IsNaN(mix))
                {
                    s.Put("of the first", mix * a / (a + b), "L", $"{mix} x {a} / ({a} + {b})");
                    s.Put("of the second", mix * b / (a + b), "L", $"{mix} x {b} / ({a} + {b})");
                }
            }
        ),
        new(
            "thinning",
            "Thinning against the most that the data sheet allows, a bare fraction read both ways",
            [
                Ask.Number("fraction", "as it was said, as 0.333 for a third", "", null, 0, 0.99),
                Ask.Percent("cap", "most that may be added to the paint", null, 200),
                Ask.Perhaps(Ask.Number("area", "area", "m2")),
                Ask.Perhaps(Ask.Number("rate", "that a litre of mix covers", "m2/L", null, 0.01, 100)),
            ],
            "by volume; the data sheet rules",
            s =>
            {
                var f = s["fraction"];
                var added = s.Put("reading A, so much added to the paint: water on paint", 100 * f, "%", $"{f} of the paint");
                var part = s.Put("reading B, so much of the mix is water: water on paint", 100 * f / (1 - f), "%", $"{f} / (1 - {f})");
                s.Put("cap: water in the mix", 100 * s["cap"] / (100 + s["cap"]), "%", $"{s["cap"]} / (100 + {s["cap"]})");
                if (added > s["cap"] || part > s["cap"])
                {
                    s.Warn(
                        $"{(added > s["cap"] ? "Both readings break" : "One reading breaks")} the cap of {s["cap"]} %: over-thinned paint is under-bound, it powders and peels. The data sheet rules."
                    );
                }

                if (s.Has("area") && s.Has("rate"))
                {
                    var most = Math.Min(added, s["cap"]);
                    var mix = s.Put("mix", s["area"] / s["rate"], "L", $"{s["area"]} / {s["rate"]}");
                    var paint = s.Put("paint", mix / (1 + (most / 100)), "L", $"{mix} / (1 + {most} %)");
                    s.Put("water, at most", mix - paint, "L", $"{mix} - {paint}");
                }
            }
        ),
        new(
            "tins",
            "The cheapest tins that hold enough",
            [Ask.Number("need", "what is needed", "L", null, 0, Sheet.MostBought), Ask.Tins()],
            "every set of tins compared by a table of least costs; of equal cost the one with least left over",
            s =>
            {
                if (s.Buy(s["need"]) is { } bought)
                {
                    s.Put("left over", bought - s["need"], "L", $"{bought} - {s["need"]}");
                }
            }
        ),
        new(
            "leftover",
            "What is left in a tin by dip or by weight, what it still covers, and what to keep it in",
            [
                Ask.Perhaps(Ask.Length("diameter", "inside diameter of the tin", null, "mm")),
                Ask.Perhaps(Ask.Length("depth", "depth of the paint", null, "mm")),
                Ask.Perhaps(Ask.Number("gross", "weight of tin and paint", "kg")),
                Ask.Perhaps(Ask.Number("empty", "weight of the empty tin", "kg")),
                Ask.Perhaps(Ask.Number("density", "density", "kg/L", null, 0.5, 3)),
                Ask.Perhaps(Ask.Number("area", "area still to be coated", "m2")),
                Ask.Perhaps(Ask.Number("rate", "spreading rate", "m2/L", null, 0.1, 100)),
                Ask.Percent("fill", "how full a tin may be", "95", 100),
            ],
            "a cylinder; weight over density; tins of 0.5, 1, 2.5, 5 and 10 L",
            s =>
            {
                var dip =
                    s.Has("diameter") && s.Has("depth")
                        ? s.Put("by dip", Math.PI / 4 * s["diameter"] * s["diameter"] * s["depth"] / 1e6, "L", $"pi / 4 x {s["diameter"]}² x {s["depth"]} / 1,000,000")
                        : double.NaN;
                var weight =
                    s.Has("gross") && s.Has("empty") && s.Has("density")
                        ? s.Put("by weight", (s["gross"] - s["empty"]) / s["density"], "L", $"({s["gross"]} - {s["empty"]}) / {s["density"]}")
                        : double.NaN;
                var left = double.IsNaN(weight) ? dip : weight;
                if (double.IsNaN(left) || left < 0)
                {
                    s.Fail("diameter", "say inside diameter and depth, or the weights and the density");
                    return;
                }

                if (s.Has("area") && s.Has("rate"))
                {
                    var need = s.Put("need for one coat", s["area"] / s["rate"], "L", $"{s["area"]} / {s["rate"]}");
                    var margin = s.Put("margin", left - need, "L", $"{left} - {need}");
                    if (margin < 0.03 * need)
                    {
                        s.Warn($"Less than 3 % to spare: it cannot be promised to be enough.");
                    }
                }

                var full = s["fill"] / 100;
                var tins = Keep(left, full);
                s.Put("nominal size of tins to keep it in", tins.Sum(), "L", $"{string.Join(" + ", tins.Select(Sheet.Shown))}");
                s.Put("what those tins hold", tins.Sum() * full, "L", $"{tins.Sum()} x {s["fill"]} %");
            }
        ),
        new(
            "aerosol",
            "Aerosol cans by their solids",
            [
                Ask.Number("area", "area", "m2"),
                Ask.Count("coats", "coats", "2"),
                Ask.Length("dry-film", "dry film of a coat", "25", "um", 500),
                Ask.Number("can", "contents of a can", "L", "0.4", 0.01, 2),
                Ask.Percent("solids", "solids, of the contents by volume", "11", 100),
                Ask.Percent("left", "left in the can", "3"),
                Ask.Percent("on-target", "share of the solids sprayed that lands on the work", "55", 100),
                Ask.Perhaps(Ask.Number("label", "what the label says that a can covers in a coat", "m2", null, 0.01, 100)),
            ],
            "a micron on a square metre is a millilitre of solids",
            s =>
            {
                var film = s.Put("dry paint on the work", s["area"] * s["coats"] * s["dry-film"], "mL", $"{s["area"]} x {s["coats"]} x {s["dry-film"]}");
                var can = s.Put(
                    "solids from a can",
                    s["can"] * 1000 * s["solids"] / 100 * (1 - (s["left"] / 100)),
                    "mL",
                    $"{s["can"] * 1000} x {s["solids"]} % x (1 - {s["left"]} %)"
                );
                var cans = s.Put("cans reckoned", film / (s["on-target"] / 100) / can, "cans", $"{film} / {s["on-target"]} % / {can}");
                s.Put("cans to buy", Math.Ceiling(Math.Round(cans, 9)), "cans", $"{cans}, rounded up");
                if (s.Has("label"))
                {
                    var said = s["area"] * s["coats"] / s["label"];
                    s.Put("cans by the label", Math.Ceiling(Math.Round(said, 9)), "cans", $"{s["area"]} x {s["coats"]} / {s["label"]}, rounded up");
                }
            }
        ),
    ];

    // The smallest total of tins that hold it at the share they may be full, then the fewest tins.
    private static double[] Keep(double litres, double full)
    {
        double[] sizes = [10, 5, 2.5, 1, 0.5];
        double[]? best = null;
        var most = (int)Math.Ceiling(litres / full / 10) + 1;
        void Try(int from, double[] taken)
        {
            var held = taken.Sum() * full;
            if (held >= litres - 1e-9)
            {
                if (best is null || taken.Sum() < best.Sum() - 1e-9 || (taken.Sum() < best.Sum() + 1e-9 && taken.Length < best.Length))
                {
                    best = taken;
                }

                return;
            }

            if (taken.Length >= most + 5 || (best is not null && taken.Sum() >= best.Sum()))
            {
                return;
            }

            for (var i = from; i < sizes.Length; i++)
            {
                Try(i, [.. taken, sizes[i]]);
            }
        }

        Try(0, []);
        return best ?? [];
    }
}
