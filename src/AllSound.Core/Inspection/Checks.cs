using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Inspection;

/// <summary>One way a check can come out.</summary>
/// <param name="Title">In words: "it keeps lifting".</param>
/// <param name="Share">How likely before it is made, 0 to 1; judgement.</param>
/// <param name="Apply">The facts if it comes out so.</param>
public sealed record Outcome(string Title, double Share, Func<Facts, Facts> Apply);

/// <summary>A test that can be made on site or by a laboratory.</summary>
public sealed record Check
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>What it settles.</summary>
    public required string Title { get; init; }

    /// <summary>How to do it.</summary>
    public required string Do { get; init; }

    /// <summary>Minutes of work.</summary>
    public required double Minutes { get; init; }

    /// <summary>Hours until the result is there, besides the work.</summary>
    public double WaitHours { get; init; }

    /// <summary>Cost, order of magnitude in the job's currency.</summary>
    public double Cost { get; init; }

    /// <summary>Damage: 0 none, 1 a coin, 2 a patch, 3 a sample.</summary>
    public int Damage { get; init; }

    /// <summary>Hazard of making it, in words; null when none.</summary>
    public string? Hazard { get; init; }

    /// <summary>Unit of a reading; null when it is judged, not read.</summary>
    public string? Unit { get; init; }

    /// <summary>Range that a reading can have.</summary>
    public (double Least, double Most) Range { get; init; }

    /// <summary>Facets that it settles.</summary>
    public ImmutableArray<Facet> Settles { get; init; } = [];

    /// <summary>A safety gate: comes before everything else and does not compete.</summary>
    public bool Gate { get; init; }

    /// <summary>Its outcomes.</summary>
    public ImmutableArray<Outcome> Outcomes { get; init; } = [];

    /// <summary>What a reading says about the facts.</summary>
    public Func<Facts, double, Facts>? Read { get; init; }

    /// <summary>Limits, in words.</summary>
    public required string Limits { get; init; }

    /// <summary>Where it comes from.</summary>
    public required Source Source { get; init; }
}

/// <summary>The checks known to the program, for plaster, board and wood.</summary>
public static class Checks
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<Check> All { get; } =
    [
        new()
        {
            Id = "T_lead_lab",
            Title = "lead, by laboratory",
            Do = "A competent person takes a 25 mm chip of every layer down to the substrate, scored wet, bagged and labelled.",
            Minutes = 10,
            WaitHours = 96,
            Cost = 60,
            Damage = 3,
            Hazard = "lead: keep it wet, mask and gloves",
            Gate = true,
            Settles = [Facets.Lead],
            Outcomes =
            [
                new("lead is found", 0.7, f => f with { Lead = Lead.Confirmed }),
                new("every layer is free of lead", 0.3, f => f with { Lead = Lead.ProvedAbsent }),
            ],
            Limits = "0.5 % by mass or 1 mg/cm2 in the US, 0.1 % in AU and NZ; a clear top coat says nothing of those below",
            Source = Source.Standard("ASTM E1729, AS/NZS 4361.2", Confidence.Usual),
        },
        new()
        {
            Id = "T_lead_swab",
            Title = "lead, by swab",
            Do = "Scratch to the base through all layers, keep it wet, swab.",
            Minutes = 10,
            Cost = 15,
            Damage = 1,
            Hazard = "lead: keep it wet",
            Outcomes = [new("it colours", 0.6, f => f with { Lead = Lead.Confirmed })],
            Settles = [Facets.Lead],
            Limits = "a colour means lead; no colour never proves absence",
            Source = Source.Standard("40 CFR 745", Confidence.Usual),
        },
        new()
        {
            Id = "T_asb_lab",
            Title = "asbestos, by laboratory",
            Do = "Sampling by a trained person only.",
            Minutes = 20,
            WaitHours = 72,
            Cost = 70,
            Damage = 3,
            Hazard = "fibre: trained sampler only",
            Gate = true,
            Settles = [Facets.Asbestos],
            Outcomes =
            [
                new("asbestos is found", 0.4, f => f with { Asbestos = Lead.Confirmed }),
                new("none is found", 0.6, f => f with { Asbestos = Lead.ProvedAbsent }),
            ],
            Limits = "presume it where it was not sampled",
            Source = Source.Standard("HSG 264"),
        },
        new()
        {
            Id = "T_damp_pin",
            Title = "damp in plaster, by pin meter",
            Do = "Scan for cables first. Read at the spot and at a place known to be dry; profile upward.",
            Minutes = 5,
            Damage = 1,
            Hazard = "cables: scan first",
            Unit = "%WME",
            Range = (0, 100),
            Settles = [Facets.Moisture],
            Outcomes =
            [
                new("dry, 16 or less", 0.75, f => f with { Moisture = Moisture.Dry }),
                new("over 20", 0.25, f => f with { Moisture = Moisture.Damp, DampSource = DampSource.Open }),
            ],
            Read = (f, v) =>
                v <= 16 ? Read(f, Moisture.Dry)
                : v <= 20 ? Read(f, Moisture.Drying)
                : Wet(f, v >= 60 ? Moisture.Wet : Moisture.Damp),
            Limits = "16 or less dry, 17 to 20 watch, over 20 damp; salts, foil and carbon read high",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_damp_wood",
            Title = "moisture of timber, by pin meter",
            Do = "Insulated pins, species and temperature set, three readings along the grain.",
            Minutes = 3,
            Damage = 1,
            Unit = "%",
            Range = (4, 100),
            Settles = [Facets.Moisture],
            Outcomes =
            [
                new("18 % or less", 0.85, f => f with { Moisture = Moisture.Dry }),
                new("over 20 %", 0.15, f => f with { Moisture = Moisture.Damp, DampSource = DampSource.Open }),
            ],
            Read = (f, v) =>
                v <= 18 ? Read(f, Moisture.Dry)
                : v <= 20 ? Read(f, Moisture.Drying)
                : Wet(f, v > 28 ? Moisture.Wet : Moisture.Damp),
            Limits = "12 or less inside, 18 at most anywhere; over 20 decay can start",
            Source = Source.Standard("EN 13183-2"),
        },
        new()
        {
            Id = "T_erh",
            Title = "equilibrium humidity of the fabric",
            Do = "Hygrometer under a sealed box on the face, 24 hours at least.",
            Minutes = 5,
            WaitHours = 24,
            Unit = "%",
            Range = (1, 100),
            Settles = [Facets.Moisture],
            Outcomes =
            [
                new("75 % or less", 0.75, f => f with { Moisture = Moisture.Dry }),
                new("90 % or more", 0.25, f => f with { Moisture = Moisture.Damp, DampSource = DampSource.Open }),
            ],
            Read = (f, v) =>
                v <= 75 ? Read(f, Moisture.Dry)
                : v < 90 ? Read(f, Moisture.Drying)
                : Wet(f, v >= 100 ? Moisture.Wet : Moisture.Damp),
            Limits = "75 dry, 75 to 89 drying, 90 to 99 damp, 100 wet",
            Source = Source.Standard("BS 6150, BS 8203"),
        },
        new()
        {
            Id = "T_knife",
            Title = "hold of the film, by blunt scraper",
            Do = "Blunt 25 mm scraper at five spots, good places too.",
            Minutes = 2,
            Damage = 1,
            Hazard = "lead: damp the spot first",
            Settles = [Facets.Loose, Facets.EdgeNature],
            Outcomes =
            [
                new("a firm edge is reached", 0.6, f => f with { Edges = EdgeNature.Firm, LooseShare = f.LooseShare ?? 0 }),
                new("it keeps lifting", 0.25, f => f with { Edges = EdgeNature.Lifting, LooseShare = f.LooseShare is > 0 ? f.LooseShare : 0.1 }),
                new("some is loose, edges firm", 0.15, f => f with { Edges = EdgeNature.Firm, LooseShare = f.LooseShare is > 0 ? f.LooseShare : 0.1 }),
            ],
            Limits = "more than 2 mm lifted at the edge is loose; more than a fifth of the spots: the area is stripped",
            Source = Source.Standard("ASTM D6677", Confidence.Usual),
        },
        new()
        {
            Id = "T_crosscut",
            Title = "bond of the film, by cross-cut",
            Do = "Three lattices, tape, worst counts.",
            Minutes = 8,
            Cost = 5,
            Damage = 1,
            Hazard = "lead: not before lead is ruled out",
            Unit = "class",
            Range = (0, 5),
            Settles = [Facets.Loose],
            Read = (f, v) => v >= 4 ? f with { LooseShare = Math.Max(f.LooseShare ?? 0, 0.9) } : f,
            Limits = "0 and 1 keep, 2 keep and key inside, 3 local strip, 4 and 5 strip all",
            Source = Source.Standard("ISO 2409"),
        },
        new()
        {
            Id = "T_rub",
            Title = "powdering, by hand",
            Do = "Brush off, then rub with a dark cloth, five strokes.",
            Minutes = 2,
            Settles = [Facets.Powder],
            Outcomes = [new("the cloth stays clean", 0.6, f => f with { Powdery = false }), new("it goes on powdering", 0.4, f => f with { Powdery = true })],
            Limits = "chalk 0 and 1 wash, 2 and over bind",
            Source = Source.Standard("ISO 4628-6"),
        },
        new()
        {
            Id = "T_ph",
            Title = "alkalinity, by wetted paper",
            Do = "Distilled water, paper on the wet spot, 60 seconds.",
            Minutes = 3,
            Hazard = "eyes",
            Unit = "pH",
            Range = (0, 14),
            Settles = [Facets.Alkalinity],
            Outcomes = [new("pH 9 or less", 0.8, f => f with { Ph = 8 }), new("pH 9 to 12", 0.2, f => f with { Ph = 11 })],
            Read = (f, v) => f with { Ph = v },
            Limits = "9 or less any paint, 9 to 12 alkali-resisting primer, over 12 wait",
            Source = Source.Standard("ASTM D4262"),
        },
        new()
        {
            Id = "T_gloss",
            Title = "gloss, by meter or card",
            Do = "60 degree meter, or hold against the card.",
            Minutes = 1,
            Unit = "GU",
            Range = (0, 100),
            Settles = [Facets.Key],
            Outcomes = [new("over 30 units", 0.5, f => f with { Gloss60 = 60 }), new("30 units or less", 0.5, f => f with { Gloss60 = 10 })],
            Read = (f, v) => f with { Gloss60 = v },
            Limits = "keyed when it has fallen by half and to 30 units or less",
            Source = Source.Standard("ISO 2813", Confidence.Usual),
        },
        new()
        {
            Id = "T_knot",
            Title = "knots and resin",
            Do = "Look along the light; warm the place with a lamp and touch it.",
            Minutes = 3,
            Settles = [Facets.Knots],
            Outcomes = [new("none bleed", 0.6, f => f with { Knots = 0 }), new("some bleed", 0.4, f => f with { Knots = f.Knots is > 0 ? f.Knots : 3 })],
            Limits = "sticky is live",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_leak",
            Title = "source of the stain",
            Do = "Look above and behind; read the spot and round it after rain.",
            Minutes = 15,
            Settles = [Facets.DampSource],
            Outcomes = [new("mended and dry", 0.6, f => f with { DampSource = DampSource.Cured }), new("still open", 0.4, f => f with { DampSource = DampSource.Open })],
            Limits = "seven days without change",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_waterbreak",
            Title = "grease, by water break",
            Do = "Spray mist, watch for 30 seconds.",
            Minutes = 2,
            Settles = [Facets.Soil],
            Outcomes = [new("the sheet stays whole", 0.5, f => f with { Soil = Soil.Clean }), new("it breaks", 0.2, f => f with { Soil = Soil.Greasy })],
            Limits = "an unbroken sheet is clean",
            Source = Source.Standard("ASTM F22"),
        },
        new()
        {
            Id = "T_solvent",
            Title = "kind of the old film, by solvents",
            Do = "White spirit, alcohol, acetone on cotton, a hidden spot, gloves.",
            Minutes = 10,
            Cost = 2,
            Damage = 1,
            Hazard = "solvent, fire",
            Settles = [Facets.Film],
            Limits = "see the recognition of each coating",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_outlets",
            Title = "outlets and wiring in the face",
            Do = "Look; pipe and cable detector. Proving dead is for a competent person.",
            Minutes = 3,
            Hazard = "electric",
            Settles = [Facets.Electrics],
            Outcomes = [new("none in the face", 0.4, f => f with { Outlets = false }), new("live outlets", 0.6, f => f with { Outlets = true })],
            Limits = "a hit: stop and have it isolated",
            Source = Source.Practice,
        },
    ];

    private static readonly FrozenDictionary<string, Check> ById = All.ToFrozenDictionary(c => c.Id);

    /// <summary>The check with this id, or null.</summary>
    public static Check? Find(string id) => ById.GetValueOrDefault(id);

    // Where word and number differ, or two numbers, the wetter stands: it costs a look, the other costs the wall.
    private static Facts Read(Facts f, Moisture moisture) => f with { Moisture = SignFacts.Worse(f.Moisture, moisture) };

    private static Facts Wet(Facts f, Moisture moisture) => Read(f, moisture) with { DampSource = f.DampSource is DampSource.Cured ? DampSource.Cured : DampSource.Open };
}
