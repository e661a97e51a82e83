using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Inspection.Outcome;

namespace AllSound.Core.Inspection.Catalogue;

/// <summary>Whether the old film holds, and where it parts.</summary>
internal static class BondChecks
{
    public static readonly ImmutableArray<Check> All =
    [
        new()
        {
            Id = "T_knife",
            Title = "hold of the film, by blunt scraper",
            Tools = "blunt 25 mm scraper",
            Do = "Blunt 25 mm scraper at five spots, good places too.",
            Minutes = 2,
            Damage = 1,
            Hazard = "lead: damp the spot first",
            Settles = [Facets.Loose, Facets.EdgeNature],
            Outcomes =
            [
                Of("firm", "a firm edge is reached", 0.6, f => f with { Edges = EdgeNature.Firm, LooseShare = f.LooseShare ?? 0 }, "!s_all_over"),
                Of("lifting", "it keeps lifting", 0.25, f => f with { Edges = EdgeNature.Lifting, LooseShare = f.LooseShare is > 0 ? f.LooseShare : 0.1 }),
                Of("some", "some is loose, edges firm", 0.15, f => f with { Edges = EdgeNature.Firm, LooseShare = f.LooseShare is > 0 ? f.LooseShare : 0.1 }, "s_local"),
                Of(
                    "all-over",
                    "weak at good and bad places alike",
                    0.1,
                    f => f with { Edges = EdgeNature.Lifting, LooseShare = f.LooseShare is > 0.2 ? f.LooseShare : 0.3 },
                    "s_all_over",
                    "!s_local"
                ),
            ],
            Limits = "more than 2 mm lifted at the edge is loose; more than a fifth of the spots: the area is stripped",
            Again = "after scraping, and after the binder has dried",
            Source = Source.Standard("ASTM D6677", Confidence.Usual),
        },
        new()
        {
            Id = "T_crosscut",
            Title = "bond of the film, by cross-cut",
            Tools = "six-blade cutter or knife and rule, tape, lens",
            Do = "Three lattices, tape, worst counts. Spacing 1 mm to 60 micrometres on a hard base, 2 mm on a soft one and to 120, 3 mm to 250; over that the X-cut.",
            Minutes = 8,
            Cost = 1,
            Damage = 1,
            Hazard = "lead: not before lead is ruled out",
            Unit = "class",
            Range = (0, 5),
            Scale = "iso2409",
            Settles = [Facets.Loose],
            Read = (f, v) => v >= 4 ? f with { LooseShare = Math.Max(f.LooseShare ?? 0, 0.9) } : f,
            Shows = [new("s_tape_bad", 3, 2)],
            Limits = "0 and 1 keep, 2 keep and key inside, 3 local strip, 4 and 5 strip all",
            Source = Source.Standard("ISO 2409"),
        },
        new()
        {
            Id = "T_xcut",
            Title = "bond of the film, by X-cut",
            Tools = "knife, tape",
            Do = "Two 40 mm cuts crossing at a slant, tape pressed on and pulled back flat.",
            Minutes = 5,
            Cost = 1,
            Damage = 1,
            Hazard = "lead: not before lead is ruled out",
            Settles = [Facets.Loose],
            Outcomes =
            [
                Of("holds", "5A or 4A: it holds", 0.6, f => f with { LooseShare = f.LooseShare ?? 0 }, "!s_tape_bad"),
                Of("marginal", "3A: jagged along the cut", 0.2, null, "s_tape_bad"),
                Of("fails", "2A or worse: strip", 0.2, f => f with { LooseShare = Math.Max(f.LooseShare ?? 0, 0.5) }, "s_tape_bad"),
            ],
            Limits = "5A and 4A keep, 3A marginal, 2A and worse strip",
            Source = Source.Standard("ISO 16276-2, ASTM D3359"),
        },
        new()
        {
            Id = "T_tape_snap",
            Title = "cohesion of the face, by tape",
            Tools = "tape 50 mm wide",
            Do = "Press it down and pull it off quickly; look at what it brings.",
            Minutes = 2,
            Damage = 1,
            Settles = [Facets.Powder],
            Outcomes =
            [
                Of("clean", "clean", 0.6, f => f with { Powdery = f.Powdery ?? false }, "!s_grey_wd"),
                Of("powder", "powder on more than a tenth", 0.2, f => f with { Powdery = true }, "s_chalky"),
                Of("fibre", "grey fibre on more than a tenth", 0.2, f => f with { GreyWood = true }, "s_back_fibre", "s_grey_wd"),
            ],
            Limits = "fibre or powder on more than a tenth of the tape is bad",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_pulloff",
            Title = "bond as a number, by pull-off",
            Tools = "dolly tester, glue",
            Do = "Glue the dolly, leave it 24 hours, cut round it, pull; note where it parts.",
            Minutes = 20,
            WaitHours = 24,
            Cost = 10,
            Damage = 2,
            Hazard = "lead: not before lead is ruled out",
            Unit = "MPa",
            Range = (0, 40),
            Usual = (0, 15),
            Read = (f, v) => v < 0.3 ? f with { LooseShare = Math.Max(f.LooseShare ?? 0, 0.5) } : f,
            Limits = "walls 0.5 (0.3 at least), floors and steel 1.5 to 2, two-part on steel 5",
            Source = Source.Standard("ISO 4624, EN 1542", Confidence.Usual),
        },
        new()
        {
            Id = "T_layers",
            Title = "layers and where they part",
            Tools = "scalpel, lens of ten times, water",
            Do = "A wet bevel 20 mm square down to the base: count, colours, and the weak plane.",
            Minutes = 10,
            Cost = 1,
            Damage = 1,
            Hazard = "lead: keep it wet",
            Settles = [Facets.Load, Facets.Film],
            Outcomes =
            [
                Of("base", "it parts at the substrate", 0.4, null, "s_plane_base", "!s_plane_inter", "!s_plane_in"),
                Of("between", "it parts between coats", 0.3, null, "s_plane_inter", "!s_plane_base"),
                Of("within", "it parts inside an old coat or the plaster", 0.15, null, "s_plane_in"),
                Of("no-primer", "no primer at the base", 0.2, null, "s_no_prime"),
                Of("primer", "a primer at the base", 0.3, null, "!s_no_prime"),
                Of("many", "eight coats or more", 0.2, null, "s_thick"),
            ],
            Limits = "record every colour from the base outward; more outcomes than one may hold",
            Source = Source.Standard("ASTM D4138", Confidence.Usual),
        },
        new()
        {
            Id = "T_patch",
            Title = "does the system suit, by a patch",
            Tools = "brush, the products meant",
            Do = "A quarter square metre of the whole system; cross-cut after 7 days, 72 hours at the least.",
            Minutes = 30,
            WaitHours = 168,
            Cost = 3,
            Damage = 2,
            Outcomes = [Of("good", "class 1 or better, nothing lifts or bleeds", 0.75), Of("bad", "it lifts, bleeds or crawls", 0.25)],
            Limits = "class 1 or better accepted, 2 inside, 3 and over rejected; no lifting, bleeding, crawling",
            Source = Source.Practice,
        },
    ];
}
