using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Inspection.Outcome;

namespace AllSound.Core.Inspection.Catalogue;

/// <summary>What the ground does to a coat: powder, alkali, dirt, stain, mould.</summary>
internal static class GroundChecks
{
    public static readonly ImmutableArray<Check> All =
    [
        new()
        {
            Id = "T_rub",
            Title = "powdering, by hand",
            Tools = "dark cloth",
            Do = "Brush off, then rub with a dark cloth, five strokes.",
            Minutes = 2,
            Settles = [Facets.Powder],
            Outcomes =
            [
                Of("clean", "the cloth stays clean", 0.6, f => f with { Powdery = false }, "!s_chalky"),
                Of("powder", "it goes on powdering", 0.4, f => f with { Powdery = true }, "s_chalky"),
            ],
            Limits = "chalk 0 and 1 wash, 2 and over bind",
            Source = Source.Standard("ISO 4628-6"),
        },
        new()
        {
            Id = "T_chalk",
            Title = "chalking, by tape",
            Tools = "tape or dark cloth",
            Do = "Tape pressed on and pulled off, against the pictures. On lead: a wet cloth.",
            Minutes = 2,
            Hazard = "lead dust: wet cloth",
            Unit = "class",
            Range = (0, 5),
            Scale = "iso4628-6",
            Settles = [Facets.Powder],
            Read = (f, v) => f with { Powdery = v >= 2 },
            Shows = [new("s_chalky", 2, 2)],
            Limits = "0 and 1 wash, 2 and 3 wash and bind, 4 and 5 strip or bind",
            Again = "24 hours after the binder",
            Source = Source.Standard("ISO 4628-6"),
        },
        new()
        {
            Id = "T_water_rub",
            Title = "distemper or limewash, by warm water",
            Tools = "warm wet cloth",
            Do = "A warm wet cloth for 30 seconds. On old paint bag the cloth.",
            Minutes = 2,
            Hazard = "lead: bag the cloth",
            Settles = [Facets.Film],
            Grounds = [SubstrateFamily.Plaster, SubstrateFamily.Masonry],
            Outcomes =
            [
                Of("smears", "it smears to paste: soft distemper", 0.15, null, "s_back_distemper"),
                Of("powders", "it powders and does not smear: limewash or chalk", 0.15, f => f with { Powdery = true }, "!s_back_distemper"),
                Of("nothing", "nothing: bound paint", 0.7, null, "!s_back_distemper"),
            ],
            Limits = "smearing is distemper, which carries nothing and is washed off",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_ph",
            Title = "alkalinity, by wetted paper",
            Tools = "pH paper 0 to 14, distilled water",
            Do = "Distilled water, paper on the wet spot, 60 seconds.",
            Minutes = 3,
            Hazard = "eyes",
            Unit = "pH",
            Range = (0, 14),
            Usual = (3.5, 14),
            Settles = [Facets.Alkalinity],
            Outcomes = [Of("low", "pH 9 or less", 0.8, f => f with { Ph = 8 }, "!s_ph_high"), Of("high", "pH 9 to 12", 0.2, f => f with { Ph = 11 }, "s_ph_high")],
            Read = (f, v) => f with { Ph = v },
            Shows = [new("s_ph_high", 10, 9.01)],
            Limits = "9 or less any paint, 9 to 12 alkali-resisting primer, over 12 wait; under 4.5 acid residue, rinse",
            Again = "after every rinse",
            Source = Source.Standard("ASTM D4262"),
        },
        new()
        {
            Id = "T_waterbreak",
            Title = "grease or silicone, by water break",
            Tools = "mist sprayer",
            Do = "Spray mist, watch for 30 seconds.",
            Minutes = 2,
            Settles = [Facets.Soil],
            Outcomes =
            [
                Of("whole", "the sheet stays whole", 0.5, f => f with { Soil = Soil.Clean }, "!s_grease", "!s_silicone"),
                Of("breaks", "it breaks", 0.2, f => f with { Soil = Soil.Greasy }, "s_grease"),
                Of("beads", "it beads beside sealant", 0.05, f => f with { Silicone = true }, "s_silicone"),
            ],
            Limits = "an unbroken sheet is clean",
            Again = "after degreasing",
            Source = Source.Standard("ASTM F22"),
        },
        new()
        {
            Id = "T_alk_wipe",
            Title = "nicotine or soot, by alkaline wipe",
            Tools = "alkaline cleaner, white cloth",
            Do = "Wipe a hidden spot; look at the cloth.",
            Minutes = 3,
            Cost = 1,
            Hazard = "eyes, gloves",
            Settles = [Facets.Tar],
            Outcomes =
            [
                Of("clean", "clean or grey", 0.8, f => f with { Tar = f.Tar ?? false }, "!s_tar"),
                Of("brown", "brown", 0.2, f => f with { Tar = true }, "s_tar"),
            ],
            Limits = "a brown cloth is tar",
            Again = "after each wash",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_iodine",
            Title = "wallpaper paste, by iodine",
            Tools = "iodine tincture",
            Do = "One drop; look for blue-black.",
            Minutes = 2,
            Cost = 1,
            Hazard = "stains",
            Grounds = [SubstrateFamily.Plaster],
            Outcomes = [Of("yellow", "stays yellow", 0.8, null, "!s_paste"), Of("blue", "blue-black: paste", 0.2, f => f with { Soil = Soil.Greasy }, "s_paste")],
            Limits = "blue-black is starch paste: wash on",
            Again = "after washing",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_bleach_spot",
            Title = "mould or dirt, by a drop of bleach",
            Tools = "weak chlorine bleach, dropper",
            Do = "One drop, two minutes. Never with ammonia or acid.",
            Minutes = 2,
            Cost = 1,
            Hazard = "chlorine: never with ammonia or acid",
            Settles = [Facets.Mould],
            Outcomes =
            [
                Of("clears", "it clears: mould", 0.6, f => f with { Mould = true, MouldSource = f.MouldSource ?? DampSource.Open }, "s_bleach_ok"),
                Of("stays", "it stays: dirt or soot", 0.4, f => f with { Mould = f.Mould ?? false }, "!s_bleach_ok"),
            ],
            Limits = "what clears in two minutes is mould",
            Again = "14 days after the biocide",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_knot",
            Title = "knots and resin",
            Tools = "eyes, lamp",
            Do = "Look along the light; warm the place with a lamp and touch it.",
            Minutes = 3,
            Settles = [Facets.Knots],
            Grounds = [SubstrateFamily.Wood],
            Outcomes =
            [
                None("none", "none bleed", 0.6, f => f with { Knots = 0 }, "!s_over_knot"),
                Of("bleed", "some bleed", 0.4, f => f with { Knots = f.Knots is > 0 ? f.Knots : 3 }, "s_over_knot"),
            ],
            Limits = "sticky is live; a loose dark ring is a dead knot, cut out over 20 mm",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_species",
            Title = "tannin or oil in the wood",
            Tools = "weak iron solution, scalpel, water",
            Do = "Smell and look at a fresh cut; a drop of iron solution, 60 seconds; a drop of water.",
            Minutes = 5,
            Cost = 1,
            Damage = 1,
            Hazard = "stains",
            Grounds = [SubstrateFamily.Wood],
            Outcomes =
            [
                None("none", "no stain, the drop soaks", 0.7),
                Of("tannin", "blue-black: tannin", 0.2, null, "s_joint_streak"),
                Of("oily", "the drop beads: oily", 0.1, f => f with { Soil = Soil.Greasy }),
            ],
            Limits = "blue-black is tannin: record the substrate as a tannin-rich wood",
            Source = Source.Usual,
        },
    ];
}
