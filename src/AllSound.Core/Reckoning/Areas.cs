using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;

namespace AllSound.Core.Reckoning;

/// <summary>Areas as painters measure them. Rules: common practice, from memory.</summary>
internal static class Areas
{
    private const string Practice = "geometry; common practice for openings";

    /// <summary>Rule of deduction: openings up to this size are painted across in the measure, as the edges make up for them.</summary>
    private static readonly ReckonerInput Over = Ask.Number("deduct-over", "openings up to this size are not deducted", "m2", "0", 0, 10);

    public static readonly ImmutableArray<Reckoner> All =
    [
        new(
            "room",
            "Walls and ceiling of a room",
            [Ask.Length("length", "length"), Ask.Length("width", "width"), Ask.Length("height", "height"), Ask.Openings(), Over],
            Practice,
            s =>
            {
                var (l, w, h) = (s["length"], s["width"], s["height"]);
                var gross = s.Put("walls, gross", 2 * (l + w) * h, "m2", $"2 x ({l} + {w}) x {h}");
                var off = Deducted(s);
                s.Put("floor", l * w, "m2", $"{l} x {w}");
                s.Put("ceiling area", l * w, "m2", $"{l} x {w}");
                s.Put("net wall area", Math.Max(0, gross - off), "m2", $"{gross} - {off}");
                if (off > gross)
                {
                    s.Warn($"The openings are larger than the walls.");
                }
            }
        ),
        new(
            "gable",
            "A gable wall: the body and the triangle over it",
            [
                Ask.Length("width", "width"),
                Ask.Length("eaves", "height to the eaves"),
                Ask.Perhaps(Ask.Length("apex", "height of the triangle above the eaves")),
                Ask.Perhaps(Ask.Number("pitch", "pitch of the roof, both slopes alike", "°", null, 0, 80)),
                Ask.Openings(),
                Over,
            ],
            Practice,
            s =>
            {
                var (w, eaves) = (s["width"], s["eaves"]);
                if (!s.Has("apex") && !s.Has("pitch"))
                {
                    s.Fail("apex", "say how high the triangle is, or the pitch");
                    return;
                }

                var rise = s.Has("apex") ? s["apex"] : s.Put("rise", w / 2 * Math.Tan(s["pitch"] * Math.PI / 180), "m", $"{w} / 2 x tan {s["pitch"]}°");
                var body = s.Put("body", w * eaves, "m2", $"{w} x {eaves}");
                var triangle = s.Put("triangle", w * rise / 2, "m2", $"{w} x {rise} / 2");
                var off = Deducted(s);
                s.Put("net area", Math.Max(0, body + triangle - off), "m2", $"{body} + {triangle} - {off}");
            }
        ),
        new(
            "stair",
            "A flight of stairs: treads, risers and strings",
            [
                Ask.Count("risers", "number of risers"),
                Ask.Length("width", "width of the flight"),
                Ask.Length("going", "going of a tread", "0.24"),
                Ask.Length("rise", "rise of a step", "0.19"),
                Ask.Length("string", "height of a string above and below the steps", "0.3"),
                Ask.Count("strings", "strings painted on their face", "1"),
            ],
            Practice,
            s =>
            {
                var (n, w, going, rise) = (s["risers"], s["width"], s["going"], s["rise"]);
                var treads = s.Put("treads", Math.Max(0, n - 1) * w * going, "m2", $"({n} - 1) x {w} x {going}");
                var risers = s.Put("risers", n * w * rise, "m2", $"{n} x {w} x {rise}");
                var slope = s.Put("length along the slope", n * Math.Sqrt((going * going) + (rise * rise)), "m", $"{n} x root of ({going}² + {rise}²)");
                var strings = s.Put("strings", s["strings"] * slope * s["string"], "m2", $"{s["strings"]} x {slope} x {s["string"]}");
                s.Put("area", treads + risers + strings, "m2", $"{treads} + {risers} + {strings}");
            }
        ),
        new(
            "door",
            "Doors: faces, edges, lining and architraves",
            [
                Ask.Count("count", "how many", "1"),
                Ask.Length("width", "width", "0.762"),
                Ask.Length("height", "height", "1.981"),
                Ask.Length("thickness", "thickness", "0.035"),
                Ask.Number("faces", "faces painted", "", "2", 0, 2),
                Ask.OneOf("edges", "edges painted: none, two long ones and the top, or all four", "three", "none", "three", "four"),
                Ask.Number("panels", "factor for panels and mouldings on the faces; 1 for a flush door", "", "1", 1, 3),
                Ask.Perhaps(Ask.Length("lining-girth", "girth of lining, stop and architraves")),
            ],
            Practice,
            s =>
            {
                var (n, w, h, t) = (s["count"], s["width"], s["height"], s["thickness"]);
                var faces = s.Put("faces", n * s["faces"] * w * h * s["panels"], "m2", $"{n} x {s["faces"]} x {w} x {h} x {s["panels"]}");
                var run = s.Word("edges") switch
                {
                    "none" => 0,
                    "three" => (2 * h) + w,
                    _ => 2 * (h + w),
                };
                var edges = s.Put("edges", n * run * t, "m2", $"{n} x {run} x {t}");
                var doors = s.Put("doors", faces + edges, "m2", $"{faces} + {edges}");
                if (s.Has("lining-girth"))
                {
                    var around = (2 * h) + w;
                    var linings = s.Put("linings", n * around * s["lining-girth"], "m2", $"{n} x {around} x {s["lining-girth"]}");
                    s.Put("area", doors + linings, "m2", $"{doors} + {linings}");
                }
            }
        ),
        new(
            "window",
            "Windows by their lights: what is painted beside the glass",
            [
                Ask.OneOf("kind", "kind of window", "casement", "casement", "sash", "fixed-light"),
                Ask.Count("count", "how many", "1"),
                Ask.Length("width", "width"),
                Ask.Length("height", "height"),
                Ask.Count("lights", "panes in each", "4"),
                Ask.Number("sides", "sides painted", "", "1", 1, 2),
            ],
            "as in a survey: by the size of pane, over glass, 15 % for frame and edges; judgement",
            s =>
            {
                var kind = Forms.Find(s.Word("kind"))!;
                var (n, w, h) = (s["count"], s["width"], s["height"]);
                s.Put("size of a pane", w * h / Math.Max(1, s["lights"]), "m2", $"{w} x {h} / {Math.Max(1, s["lights"])}");
                var form = new Form
                {
                    Kind = kind.Id,
                    Lights = (int)Math.Max(1, s["lights"]),
                    Sides = (int)s["sides"],
                };
                var one = s.Put("painted, each", kind.Area(form, w, h), "m2", $"{kind.Title} {w} x {h}, {kind.How}");
                s.Put("area", n * one, "m2", $"{n} x {one}");
            }
        ),
        new(
            "skirting",
            "Skirting, architraves, rails: a run by its height and thickness",
            [Ask.Length("length", "run"), Ask.Length("height", "height"), Ask.Length("thickness", "thickness that shows on top", "0")],
            Practice,
            s =>
            {
                var girth = s.Put("girth", s["height"] + s["thickness"], "m", $"{s["height"]} + {s["thickness"]}");
                s.Put("area", s["length"] * girth, "m2", $"{s["length"]} x {girth}");
            }
        ),
        new(
            "cornice",
            "A cornice by its girth",
            [Ask.Length("length", "run along the wall"), Ask.Length("girth", "girth, with a tape into the hollows"), Ask.Count("corners", "outer corners", "0")],
            Practice,
            s =>
            {
                // An outer corner is longer on the ceiling side than on the wall by about twice the projection: half the girth is taken for it.
                var run = s.Put("run", s["length"] + (s["corners"] * s["girth"] / 2), "m", $"{s["length"]} + {s["corners"]} x {s["girth"]} / 2");
                s.Put("area", run * s["girth"], "m2", $"{run} x {s["girth"]}");
            }
        ),
        new(
            "profiled-sheet",
            "Corrugated or box-profile sheet: the true area",
            [
                Ask.Number("area", "flat area covered", "m2"),
                Ask.OneOf("profile", "corrugated, measured with a tape, or box", "tape", "tape", "box", "wave"),
                Ask.Perhaps(Ask.Length("cover", "cover width, or one pitch", null, "mm")),
                Ask.Perhaps(Ask.Length("girth", "tape round the profile over that cover", null, "mm")),
                Ask.Perhaps(Ask.Length("crown", "crown at the top", null, "mm")),
                Ask.Perhaps(Ask.Length("foot", "crown at its foot", null, "mm")),
                Ask.Perhaps(Ask.Length("depth", "depth of the profile", null, "mm")),
                Ask.Perhaps(Ask.Length("ridge", "ridge and cappings, run")),
                Ask.Perhaps(Ask.Length("ridge-girth", "their girth")),
            ],
            "geometry; a wave as a sine, its length by integration",
            s =>
            {
                var girth = Girth(s);
                if (double.IsNaN(girth))
                {
                    return;
                }

                var factor = s.Put("girth factor", girth / s["cover"], "m/m", $"{girth} / {s["cover"]}");
                var ridge =
                    s.Has("ridge") && s.Has("ridge-girth") ? s.Put("ridge and cappings", s["ridge"] * s["ridge-girth"], "m2", $"{s["ridge"]} x {s["ridge-girth"]}") : 0;
                s.Put("developed area", (s["area"] * factor) + ridge, "m2", $"{s["area"]} x {factor} + {ridge}");
            }
        ),
        new(
            "pipe",
            "Pipes by their diameter",
            [Ask.Length("length", "run"), Ask.Length("diameter", "outside diameter", null, "mm"), Ask.Count("count", "how many", "1")],
            "geometry",
            s => s.Put("area", s["count"] * s["length"] * Math.PI * s["diameter"] / 1000, "m2", $"{s["count"]} x {s["length"]} x pi x {s["diameter"]} / 1000")
        ),
        new(
            "railing",
            "Railings by their bars and rails",
            [
                Ask.Length("length", "run"),
                Ask.Length("spacing", "centres of the bars", null, "mm"),
                Ask.Length("bar-girth", "girth of a bar: 64 for a square of 16, pi times a round one", null, "mm"),
                Ask.Length("bar-length", "length of a bar that shows"),
                Ask.Count("rails", "rails", "2"),
                Ask.Length("rail-girth", "girth of a rail", "100", "mm"),
                Ask.Number("finial", "each finial", "m2", "0", 0, 1),
            ],
            "geometry; there is one bar more than there are gaps",
            s =>
            {
                var gaps = Math.Round(s["length"] * 1000 / s["spacing"], 6);
                var bars = s.Put("bars", Math.Floor(gaps) + 1, "bars", $"{s["length"]} m / {s["spacing"]} mm, and one more");
                var upright = s.Put("area of the bars", bars * s["bar-girth"] / 1000 * s["bar-length"], "m2", $"{bars} x {s["bar-girth"] / 1000} x {s["bar-length"]}");
                var rails = s.Put("rails", s["rails"] * s["length"] * s["rail-girth"] / 1000, "m2", $"{s["rails"]} x {s["length"]} x {s["rail-girth"] / 1000}");
                var finials = s.Put("finials", bars * s["finial"], "m2", $"{bars} x {s["finial"]}");
                s.Put("developed surface", upright + rails + finials, "m2", $"{upright} + {rails} + {finials}");
            }
        ),
        new(
            "radiator",
            "Radiators by their face",
            [
                Ask.OneOf("kind", "single panel, double panel or columns", "panel", "panel", "double", "column"),
                Ask.Count("count", "how many", "1"),
                Ask.Length("length", "length"),
                Ask.Length("height", "height"),
            ],
            "as in a survey: 2.2 of the face for one panel, 3 for two, 4 for columns; judgement",
            s =>
            {
                var kind = Forms.Find($"radiator-{s.Word("kind")}")!;
                var (n, l, h) = (s["count"], s["length"], s["height"]);
                var one = s.Put("area, each", kind.Area(new Form { Kind = kind.Id }, l, h), "m2", $"{kind.Title} {l} x {h}, {kind.How}");
                s.Put("area", n * one, "m2", $"{n} x {one}");
            }
        ),
    ];

    private static double Girth(Sheet s)
    {
        var missing = new[] { "cover" }
            .Concat(
                s.Word("profile") switch
                {
                    "tape" => ["girth"],
                    "box" => new[] { "crown", "foot", "depth" },
                    _ => ["depth"],
                }
            )
            .Where(name => !s.Has(name))
            .ToArray();
        foreach (var name in missing)
        {
            s.Fail(name, $"is wanted for a profile by {s.Word("profile")}");
        }

        if (missing.Length > 0)
        {
            return double.NaN;
        }

        switch (s.Word("profile"))
        {
            case "tape":
                return s["girth"];
            case "box":
                var half = (s["foot"] - s["crown"]) / 2;
                var web = s.Put("web", Math.Sqrt((half * half) + (s["depth"] * s["depth"])), "mm", $"root of ({half}² + {s["depth"]}²)");
                return s.Put("girth of one pitch", s["cover"] - s["foot"] + s["crown"] + (2 * web), "mm", $"{s["cover"] - s["foot"]} + {s["crown"]} + 2 x {web}");
            default:
                return s.Put(
                    "girth of one wave",
                    s["cover"] * Forms.Corrugated(s["depth"], s["cover"]),
                    "mm",
                    $"a wave {s["cover"]} long and {s["depth"]} deep, measured along it"
                );
        }
    }

    private static double Deducted(Sheet s)
    {
        var over = s["deduct-over"];
        var off = s.Openings("openings").Where(o => o.Each > over).Sum(o => o.Area);
        foreach (var small in s.Openings("openings").Where(o => o.Each <= over))
        {
            s.Note($"{small.Width} x {small.Height} is not deducted: {over} m2 or less");
        }

        return off > 0 ? s.Put("openings", off, "m2", $"{string.Join(" + ", s.Openings("openings").Where(o => o.Each > over).Select(Said))}") : 0;
    }

    private static string Said(Opening o) =>
        o.Count == 1 ? $"{Sheet.Shown(o.Width)} x {Sheet.Shown(o.Height)}" : $"{Sheet.Shown(o.Count)} x {Sheet.Shown(o.Width)} x {Sheet.Shown(o.Height)}";
}
