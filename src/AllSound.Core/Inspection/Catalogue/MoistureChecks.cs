using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Inspection.Outcome;

namespace AllSound.Core.Inspection.Catalogue;

/// <summary>Damp, air and salts.</summary>
internal static class MoistureChecks
{
    private static readonly ImmutableArray<SubstrateFamily> Mineral = [SubstrateFamily.Plaster, SubstrateFamily.Masonry];

    public static readonly ImmutableArray<Check> All =
    [
        new()
        {
            Id = "T_damp_pin",
            Title = "damp in plaster or masonry, by pin meter",
            Tools = "pin meter, deep probes",
            Do = "Scan for cables first. Read at the spot and at a place known to be dry; profile upward.",
            Minutes = 5,
            Damage = 1,
            Hazard = "cables: scan first",
            Unit = "%WME",
            Range = (0, 100),
            Grounds = Mineral,
            Settles = [Facets.Moisture],
            Outcomes =
            [
                Of("dry", "dry, 16 or less", 0.75, f => f with { Moisture = Moisture.Dry }, "!s_damp_high"),
                Of("damp", "over 20", 0.25, f => f with { Moisture = Moisture.Damp, DampSource = DampSource.Open }, "s_damp_high"),
            ],
            Read = (f, v) =>
                v <= 16 ? Seen(f, Moisture.Dry)
                : v <= 20 ? Seen(f, Moisture.Drying)
                : Wet(f, v >= 60 ? Moisture.Wet : Moisture.Damp),
            Shows = [new("s_damp_high", 20.01, 16.01)],
            Limits = "16 or less dry, 17 to 20 watch, over 20 damp; salts, foil and carbon read high",
            Again = "weekly until it has fallen three times",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_damp_wood",
            Title = "moisture of timber, by pin meter",
            Tools = "pin meter with insulated pins, set for species and temperature",
            Do = "Three readings along the grain, species and temperature set; deep and at the surface.",
            Minutes = 3,
            Damage = 1,
            Unit = "%",
            Range = (4, 100),
            Usual = (5, 60),
            Grounds = [SubstrateFamily.Wood],
            Settles = [Facets.Moisture],
            Outcomes =
            [
                Of("dry", "18 % or less", 0.85, f => f with { Moisture = Moisture.Dry }, "!s_damp_high", "!s_mc20"),
                Of("damp", "over 20 %", 0.15, f => f with { Moisture = Moisture.Damp, DampSource = DampSource.Open }, "s_damp_high", "s_mc20"),
            ],
            Read = (f, v) =>
                v <= 18 ? Seen(f, Moisture.Dry)
                : v <= 20 ? Seen(f, Moisture.Drying)
                : Wet(f, v > 28 ? Moisture.Wet : Moisture.Damp),
            Shows = [new("s_mc20", 20, 18.01), new("s_damp_high", 20, 18.01)],
            Limits = "12 or less inside, 18 at most anywhere; over 20 decay can start; treated wood reads 2 to 4 high",
            Again = "before the first coat",
            Source = Source.Standard("EN 13183-2"),
        },
        new()
        {
            Id = "T_damp_cap",
            Title = "map of damp, by pinless meter",
            Tools = "pinless meter",
            Do = "Sweep the face on a grid; mark where it reads over a tenth of the scale above a known dry place.",
            Minutes = 3,
            Outcomes = [None("even", "even", 0.7), Of("patch", "a patch to look into", 0.3)],
            Limits = "only relative; metal and salts mislead it",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_carbide",
            Title = "true moisture of masonry, by carbide bottle",
            Tools = "drill, scales, carbide bottle",
            Do = "Drill at low speed, weigh the drillings, shake with the reagent, read the gauge.",
            Minutes = 20,
            Cost = 5,
            Damage = 2,
            Hazard = "gas under pressure, silica dust, cables: scan first",
            Unit = "% w/w",
            Range = (0, 40),
            Usual = (0, 20),
            Grounds = Mineral,
            Settles = [Facets.Moisture],
            Outcomes =
            [
                Of("dry", "within the limit", 0.7, f => f with { Moisture = Moisture.Dry }),
                Of("damp", "over the limit", 0.3, f => f with { Moisture = Moisture.Damp, DampSource = DampSource.Open }),
            ],
            // Gypsum 1, lime 1.5, cement 4 (BS 6150, from memory): under the least dry for all, over the most damp for all.
            Read = (f, v) =>
                v <= 1 ? Seen(f, Moisture.Dry)
                : v > 4 ? Wet(f, Moisture.Damp)
                : f,
            Shows = [new("s_damp_high", 4.01, 1.01)],
            Limits = "gypsum 1, old lime 1.5, cement 4 for paint; salts do not mislead it",
            Source = Source.Standard("ASTM D4944", Confidence.Usual),
        },
        new()
        {
            Id = "T_erh",
            Title = "equilibrium humidity of the fabric",
            Tools = "hygrometer under a sealed box or in a sleeve",
            Do = "Hygrometer under a sealed box on the face, 24 hours at least.",
            Minutes = 5,
            WaitHours = 24,
            Unit = "%",
            Range = (1, 100),
            Usual = (25, 100),
            Settles = [Facets.Moisture],
            Outcomes =
            [
                Of("dry", "75 % or less", 0.75, f => f with { Moisture = Moisture.Dry }, "!s_damp_high"),
                Of("damp", "90 % or more", 0.25, f => f with { Moisture = Moisture.Damp, DampSource = DampSource.Open }, "s_damp_high"),
            ],
            Read = (f, v) =>
                v <= 75 ? Seen(f, Moisture.Dry)
                : v < 90 ? Seen(f, Moisture.Drying)
                : Wet(f, v >= 100 ? Moisture.Wet : Moisture.Damp),
            Shows = [new("s_damp_high", 90, 75.01)],
            Limits = "75 dry, 75 to 89 drying, 90 to 99 damp, 100 wet",
            Again = "weekly until two readings run under 75",
            Source = Source.Standard("BS 6150, BS 8203"),
        },
        new()
        {
            Id = "T_sheet",
            Title = "damp from behind or from the room, by sheet",
            Tools = "clear film 450 mm square, tape",
            Do = "Tape the film tight to the face on all sides, leave it 16 hours, look which side is wet.",
            Minutes = 5,
            WaitHours = 16,
            Settles = [Facets.Moisture, Facets.DampSource],
            Grounds = [SubstrateFamily.Plaster, SubstrateFamily.Masonry, SubstrateFamily.Slick],
            Outcomes =
            [
                Of("dry", "dry on both sides", 0.6, f => f with { Moisture = f.Moisture ?? Moisture.Dry }, "!s_sheet_back", "!s_sheet_room"),
                Of("behind", "wet under the film: from behind", 0.25, f => Wet(f, Moisture.Damp), "s_sheet_back"),
                Of("room", "wet on the film: from the room", 0.15, null, "s_sheet_room", "!s_sheet_back"),
            ],
            Limits = "wet under the film comes from the wall, wet on it from the room",
            Source = Source.Standard("ASTM D4263"),
        },
        new()
        {
            Id = "T_leak",
            Title = "source of the damp or stain",
            Tools = "torch, ladder, pin meter",
            Do = "Look above and behind; read the spot and round it, and again after rain.",
            Minutes = 15,
            Settles = [Facets.DampSource],
            Outcomes =
            [
                Of("mended", "found and mended", 0.6, f => f with { DampSource = DampSource.Cured }, "!s_after_rain"),
                Of("open", "still open", 0.4, f => f with { DampSource = DampSource.Open }),
            ],
            Limits = "seven days without change, then proved dry by a number",
            Again = "after the next heavy rain",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_salt_strip",
            Title = "salts, by strip",
            Tools = "nitrate, chloride and sulfate strips, distilled water, scales",
            Do = "Scrape a little, ten parts water to one, dip the strips; record nitrate in milligrams a litre.",
            Minutes = 10,
            Cost = 6,
            Damage = 1,
            Unit = "mg/L",
            Range = (0, 5000),
            Usual = (0, 1000),
            Grounds = Mineral,
            Settles = [Facets.Salts],
            Outcomes =
            [
                Of("low", "low", 0.6, f => f with { Salts = f.Salts ?? false }, "!s_salt_pos"),
                Of("high", "medium or high", 0.4, f => f with { Salts = true }, "s_salt_pos"),
            ],
            Read = (f, v) => v > 50 ? f with { Salts = true } : f,
            Shows = [new("s_salt_pos", 50.01, 50.01)],
            Limits = "nitrate under 50 low, to 250 medium, over it high; chloride 100 and 500, sulfate 400 and 1,200: unsure, compare with a sound place",
            Source = Source.Judgement,
        },
        new()
        {
            Id = "T_dewpoint",
            Title = "margin above the dew point",
            Tools = "thermo-hygrometer with a surface probe",
            Do = "Air temperature and humidity beside the face, then the face itself; the margin is the face less the dew point.",
            Minutes = 3,
            Unit = "K",
            Range = (-30, 60),
            Usual = (-10, 25),
            Shows = [new("s_dew_lo", 3, 3, Below: true)],
            Outcomes = [Of("go", "3 K and over", 0.8, null, "!s_dew_lo"), Of("wait", "under 3 K", 0.2, null, "s_dew_lo")],
            Limits = "3 K and over go, 0 to 3 wait, 0 and under stop; write it down at the start, every 4 hours and at the end",
            Again = "every 4 hours of coating",
            Source = Source.Standard("ISO 8502-4"),
        },
        new()
        {
            Id = "T_air_rh",
            Title = "humidity of the room",
            Tools = "thermo-hygrometer",
            Do = "Out of the sun and away from heaters; five minutes to settle.",
            Minutes = 2,
            Unit = "%",
            Range = (1, 100),
            Usual = (15, 98),
            Shows = [new("s_rh_hi", 70, 65)],
            Limits = "65 or less with the room in use keeps mould away; 85 at most for most paints",
            Again = "morning and evening",
            Source = Source.Standard("BS 5250", Confidence.Usual),
        },
        new()
        {
            Id = "T_surf_t",
            Title = "temperature of the face",
            Tools = "contact probe; an infrared gun misreads shiny faces",
            Do = "Hold the probe until it settles; the coldest place counts.",
            Minutes = 1,
            Unit = "C",
            Range = (-40, 400),
            Usual = (-10, 60),
            OtherUnits = [OtherUnit.Fahrenheit],
            Limits = "within the product's range; 30 at most for waterborne, 40 on metal",
            Again = "before each coat",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_drop",
            Title = "suction, by a drop of water",
            Tools = "dropper, stopwatch",
            Do = "One drop of 0.05 ml on the bare face; seconds until it has soaked in.",
            Minutes = 3,
            Unit = "s",
            Range = (0, 3600),
            Scale = "suction",
            Limits = "under 5 s very high, over 600 s none: polish, repellent, grease or gloss",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_pipette",
            Title = "water uptake of a facade",
            Tools = "stuck-on pipette of 4 ml",
            Do = "Millilitres in ten minutes.",
            Minutes = 30,
            Cost = 2,
            Unit = "ml",
            Range = (0, 20),
            Usual = (0, 5),
            Grounds = [SubstrateFamily.Masonry],
            Limits = "under 0.1 low, to 0.5 medium, over 1.5 very high; unsure, compare with a sound place",
            Source = Source.Standard("RILEM 11.4", Confidence.Judgement),
        },
    ];

    // Where word and number differ, or two numbers, the wetter stands: it costs a look, the other costs the wall.
    private static Facts Seen(Facts f, Moisture moisture) => f.Wettest(moisture);

    private static Facts Wet(Facts f, Moisture moisture) => Seen(f, moisture) with { DampSource = f.DampSource is DampSource.Cured ? DampSource.Cured : DampSource.Open };
}
