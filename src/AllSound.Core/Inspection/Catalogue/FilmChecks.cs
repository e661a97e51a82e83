using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Inspection.Outcome;

namespace AllSound.Core.Inspection.Catalogue;

/// <summary>What the film is, how thick, hard, glossy and opaque.</summary>
internal static class FilmChecks
{
    public static readonly ImmutableArray<Check> All =
    [
        new()
        {
            Id = "T_gloss",
            Title = "gloss, by meter or card",
            Tools = "60 degree meter, or card",
            Do = "60 degree meter, or hold against the card.",
            Minutes = 1,
            Unit = "GU",
            Range = (0, 100),
            Scale = "gloss60",
            Settles = [Facets.Key],
            Outcomes = [Of("shiny", "over 30 units", 0.5, f => f with { Gloss60 = 60 }), Of("dull", "30 units or less", 0.5, f => f with { Gloss60 = 10 })],
            Read = (f, v) => f with { Gloss60 = v },
            Limits = "keyed when it has fallen by half and to 30 units or less",
            Again = "after abrading",
            Source = Source.Standard("ISO 2813", Confidence.Usual),
        },
        new()
        {
            Id = "T_solvent",
            Title = "kind of the old film, by solvents",
            Tools = "white spirit, alcohol, acetone and xylene on cotton pads",
            Do = "White spirit, alcohol, acetone on cotton, a hidden spot, gloves; then a xylene pad for five minutes.",
            Minutes = 10,
            Cost = 2,
            Damage = 1,
            Hazard = "solvent, fire",
            Settles = [Facets.Film],
            Outcomes =
            [
                Of("swells", "swells under xylene in five minutes", 0.5, null, "s_solv_swell"),
                Of("stands", "stands xylene for five minutes", 0.5, null, "!s_solv_swell"),
                Of("black", "white spirit brings brown or black: bitumen", 0.02, null, "s_black_under"),
            ],
            Limits = "see the recognition of each coating; what stands xylene takes a two-part paint",
            Source = Source.Usual,
        },
        new()
        {
            Id = "T_dft",
            Title = "thickness on metal",
            Tools = "magnetic or eddy-current gauge, zeroed",
            Do = "Zero on bare metal of the same kind; five readings to the square metre.",
            Minutes = 5,
            Unit = "um",
            Range = (0, 20_000),
            Usual = (5, 2000),
            OtherUnits = [new("mil", 25.4), new("mm", 1000)],
            Grounds = [SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous],
            Limits = "mean at or over the nominal; none under 80 % of it; a fifth at most between 80 and 100 %; three times at most",
            Source = Source.Standard("ISO 2808, ISO 19840"),
        },
        new()
        {
            Id = "T_wedge",
            Title = "thickness on wood or plaster",
            Tools = "30 or 45 degree cutter, scope of fifty times",
            Do = "Cut, and read the width of each layer; depth is width by the tangent of the angle.",
            Minutes = 10,
            Cost = 1,
            Damage = 1,
            Hazard = "lead: keep it wet",
            Unit = "um",
            Range = (0, 20_000),
            Usual = (5, 3000),
            OtherUnits = [new("mil", 25.4), new("mm", 1000)],
            Shows = [new("s_thick", 500, 300)],
            Limits = "500 micrometres on trim or 1,000 on the flat: stripping is advised",
            Source = Source.Standard("ASTM D4138"),
        },
        new()
        {
            Id = "T_wft",
            Title = "wet film",
            Tools = "comb",
            Do = "Comb pressed straight in while wet; the last tooth wetted.",
            Minutes = 1,
            Unit = "um",
            Range = (0, 2000),
            Usual = (20, 800),
            OtherUnits = [new("mil", 25.4)],
            Limits = "dry film is wet film by the volume solids over (100 + thinner percent)",
            Again = "at the start of each coat",
            Source = Source.Standard("ISO 2808"),
        },
        new()
        {
            Id = "T_pencil",
            Title = "is the film hard",
            Tools = "pencils 6B to 6H, thumb-nail",
            Do = "Push the pencils from soft to hard; or press a thumb-nail in.",
            Minutes = 4,
            Cost = 1,
            Damage = 1,
            Outcomes = [Of("hard", "B or harder", 0.8, null, "!s_soft"), Of("soft", "softer than 4B, or a nail dents it", 0.2, null, "s_soft")],
            Limits = "trim B or harder is cured; softer than 4B is soft",
            Again = "after the stated curing time",
            Source = Source.Standard("ISO 15184", Confidence.Usual),
        },
        new()
        {
            Id = "T_contrast",
            Title = "does it hide",
            Tools = "black and white card, meter or eye",
            Do = "Coat the card as the wall; compare over black and over white when dry.",
            Minutes = 5,
            Cost = 2,
            Unit = "%",
            Range = (0, 100),
            Scale = "en13300-hiding",
            Shows = [new("s_shows", 98, 98, Below: true)],
            Limits = "98 and over accepted, 99.5 class 1",
            Source = Source.Standard("ISO 6504-3"),
        },
    ];
}
