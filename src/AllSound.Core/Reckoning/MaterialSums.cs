using System.Collections.Immutable;

namespace AllSound.Core.Reckoning;

/// <summary>What is bought besides paint, by its extent. Geometry; shares of waste are common practice, from memory.</summary>
internal static class MaterialSums
{
    public static readonly ImmutableArray<Reckoner> All =
    [
        new(
            "joint",
            "Sealant for a joint",
            [
                Ask.Length("length", "run"),
                Ask.Length("width", "width of the joint, or a leg of the fillet", null, "mm", 200),
                Ask.Length("depth", "depth of the joint, or the other leg", null, "mm", 200),
                Ask.OneOf("form", "between two faces, in a corner, or a half-round bead", "butt", "butt", "fillet", "half-round"),
                Ask.Number("tube", "contents of a tube", "L", "0.31", 0.05, 1),
                Ask.Percent("waste", "waste, nozzle and foot of the tube", "10", 100),
            ],
            "geometry; a third of waste is usual on short runs",
            s =>
            {
                var (w, d) = (s["width"], s["depth"]);
                var section = s.Word("form") switch
                {
                    "butt" => s.Put("cross-section", w * d, "mm2", $"{w} x {d}"),
                    "fillet" => s.Put("cross-section", w * d / 2, "mm2", $"{w} x {d} / 2"),
                    _ => s.Put("cross-section", Math.PI * w * w / 8, "mm2", $"pi x {w}² / 8"),
                };
                var litres = s.Put("sealant", s["length"] * section / 1000 * (1 + (s["waste"] / 100)), "L", $"{s["length"]} x {section} / 1000 x (1 + {s["waste"]} %)");
                s.Put("metres from a tube", s["tube"] * 1000 / section / (1 + (s["waste"] / 100)), "m", $"{s["tube"] * 1000} / {section} / (1 + {s["waste"]} %)");
                return s.Put("tubes", Math.Ceiling(Math.Round(litres / s["tube"], 9)), "tubes", $"{litres} / {s["tube"]}, rounded up");
            }
        ),
        new(
            "filler",
            "Filler by volume: cracks, holes, chases, hollows",
            [
                Ask.Length("cracks", "cracks raked to a V, run", "0"),
                Ask.Length("crack-width", "their width", "8", "mm", 200),
                Ask.Length("crack-depth", "their depth", "6", "mm", 200),
                Ask.Count("holes", "half-ball holes", "0"),
                Ask.Length("hole-diameter", "their diameter", "10", "mm", 500),
                Ask.Length("chase", "chases, run", "0"),
                Ask.Length("chase-width", "their width", "30", "mm", 500),
                Ask.Length("chase-depth", "their depth", "20", "mm", 500),
                Ask.Number("hollow", "hollows, area", "m2", "0"),
                Ask.Length("hollow-depth", "their mean depth", "1.5", "mm", 200),
                Ask.Percent("waste", "waste and shrinkage", "15", 100),
                Ask.Number("yield", "litres that a kilogram of powder gives", "L/kg", "0.95", 0.1, 3),
                Ask.Number("water", "water that a kilogram takes", "L/kg", "0.4", 0, 2),
                Ask.Number("bag", "powder in a bag", "kg", "5", 0.1, 50),
                Ask.Length("pass", "most in one pass", "15", "mm", 100),
            ],
            "geometry: triangles, half balls, boxes",
            s =>
            {
                var cracks = s.Put(
                    "cracks",
                    s["cracks"] * s["crack-width"] * s["crack-depth"] / 2 / 1000,
                    "L",
                    $"{s["cracks"]} x {s["crack-width"]} x {s["crack-depth"]} / 2 / 1000"
                );
                var r = s["hole-diameter"] / 2;
                var holes = s.Put("holes", s["holes"] * 2.0 / 3 * Math.PI * r * r * r / 1e6, "L", $"{s["holes"]} x 2/3 x pi x {r}³ / 1,000,000");
                var chase = s.Put(
                    "chase",
                    s["chase"] * s["chase-width"] * s["chase-depth"] / 1000,
                    "L",
                    $"{s["chase"]} x {s["chase-width"]} x {s["chase-depth"]} / 1000"
                );
                var hollow = s.Put("hollow", s["hollow"] * s["hollow-depth"], "L", $"{s["hollow"]} x {s["hollow-depth"]}");
                var filler = s.Put(
                    "filler",
                    (cracks + holes + chase + hollow) * (1 + (s["waste"] / 100)),
                    "L",
                    $"({cracks} + {holes} + {chase} + {hollow}) x (1 + {s["waste"]} %)"
                );
                var powder = s.Put("powder", filler / s["yield"], "kg", $"{filler} / {s["yield"]}");
                s.Put("water", powder * s["water"], "L", $"{powder} x {s["water"]}");
                s.Put("bags", Math.Ceiling(Math.Round(powder / s["bag"], 9)), "bags", $"{powder} / {s["bag"]}, rounded up");
                if (s["chase"] > 0)
                {
                    s.Put("passes in the chase", Math.Ceiling(Math.Round(s["chase-depth"] / s["pass"], 9)), "passes", $"{s["chase-depth"]} / {s["pass"]}, rounded up");
                }
            }
        ),
        new(
            "stripper",
            "Paint stripper by thickness and applications",
            [
                Ask.Number("area", "flat area", "m2"),
                Ask.Number("factor", "factor for mouldings", "", "1", 1, 3),
                Ask.Length("first", "first application, thick", "2", "mm", 20),
                Ask.Length("second", "second application, thick", "1", "mm", 20),
                Ask.Percent("share", "share of the area that takes the second", "40", 100),
                Ask.Percent("allowance", "allowance", "6", 100),
                Ask.Perhaps(Ask.Tins()),
            ],
            "a millimetre over a square metre is a litre",
            s =>
            {
                var area = s.Put("area", s["area"] * s["factor"], "m2", $"{s["area"]} x {s["factor"]}");
                var first = s.Put("first application net", area * s["first"], "L", $"{area} x {s["first"]}");
                var second = s.Put("second application net", area * s["share"] / 100 * s["second"], "L", $"{area} x {s["share"]} % x {s["second"]}");
                var need = s.Put("stripper", (first + second) * (1 + (s["allowance"] / 100)), "L", $"({first} + {second}) x (1 + {s["allowance"]} %)");
                if (s.Has("tins"))
                {
                    s.Buy(need);
                }
            }
        ),
        new(
            "abrasive",
            "Abrasive sheets or discs by area",
            [Ask.Number("area", "area, each grit", "m2"), Ask.Number("life", "square metres to a sheet", "m2", "2", 0.05, 100), Ask.Count("grits", "grits", "1")],
            "a sheet lasts 1 m2 on old paint, 2 to 3 on a key; common practice (from memory)",
            s => s.Put("sheets", Math.Ceiling(Math.Round(s["area"] / s["life"], 9)) * s["grits"], "sheets", $"{s["area"]} / {s["life"]}, rounded up, x {s["grits"]}")
        ),
        new(
            "masking",
            "Masking tape by the run",
            [
                Ask.Length("length", "run to be taped"),
                Ask.Count("times", "times it is taped", "1"),
                Ask.Length("roll", "length of a roll", "50"),
                Ask.Percent("waste", "waste", "10", 100),
            ],
            "common practice",
            s =>
            {
                var run = s.Put("tape", s["length"] * s["times"] * (1 + (s["waste"] / 100)), "m", $"{s["length"]} x {s["times"]} x (1 + {s["waste"]} %)");
                return s.Put("rolls", Math.Ceiling(Math.Round(run / s["roll"], 9)), "rolls", $"{run} / {s["roll"]}, rounded up");
            }
        ),
        new(
            "sheeting",
            "Sheeting for a floor, lapped and turned up",
            [
                Ask.Length("length", "length"),
                Ask.Length("width", "width"),
                Ask.Length("turn-up", "turned up at each edge", "0.1"),
                Ask.Percent("laps", "laps and waste", "15", 100),
                Ask.Number("sheet", "size of a sheet", "m2", "20", 0.5, 1000),
            ],
            "common practice",
            s =>
            {
                var (l, w) = (s["length"] + (2 * s["turn-up"]), s["width"] + (2 * s["turn-up"]));
                var area = s.Put("sheeting", l * w * (1 + (s["laps"] / 100)), "m2", $"{l} x {w} x (1 + {s["laps"]} %)");
                return s.Put("sheets", Math.Ceiling(Math.Round(area / s["sheet"], 9)), "sheets", $"{area} / {s["sheet"]}, rounded up");
            }
        ),
    ];
}
