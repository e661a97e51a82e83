using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Inspection.Outcome;

namespace AllSound.Core.Inspection.Catalogue;

/// <summary>What the metal is and how clean.</summary>
internal static class MetalChecks
{
    private static readonly ImmutableArray<SubstrateFamily> Metal = [SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous];

    public static readonly ImmutableArray<Check> All =
    [
        new()
        {
            Id = "T_magnet",
            Title = "is it iron",
            Tools = "magnet",
            Do = "Hold it to the film; it sticks through paint and zinc.",
            Minutes = 1,
            Grounds = Metal,
            Outcomes = [Of("sticks", "it sticks: iron or steel, bare or zinc-coated", 0.6), Of("no", "it does not: aluminium, copper, lead, stainless", 0.4)],
            Limits = "it sticks through zinc; not to aluminium, copper or lead",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_zinc_spot",
            Title = "zinc, aluminium or bare iron",
            Tools = "weak copper sulfate solution, abrasive",
            Do = "Bare a spot, one drop.",
            Minutes = 3,
            Cost = 1,
            Damage = 1,
            Hazard = "acid salts",
            Grounds = Metal,
            Outcomes =
            [
                Of("black", "black at once: zinc", 0.5, null, "s_zinc_bright"),
                Of("copper", "copper colour: bare iron", 0.3, null, "!s_zinc_bright"),
                Of("slow", "nothing or slow: aluminium or stainless", 0.2, null, "!s_zinc_bright"),
            ],
            Limits = "unsure: compare with a known piece",
            Source = Source.Judgement,
        },
        new()
        {
            Id = "T_salt_metal",
            Title = "soluble salt on metal",
            Tools = "adhesive patch cell, conductivity meter",
            Do = "Patch, water in and out, conductivity. With 15 ml: six times the rise in microsiemens a centimetre; with 3 ml 1.2 times.",
            Minutes = 15,
            Cost = 8,
            Unit = "mg/m2",
            Range = (0, 5000),
            Usual = (0, 800),
            Grounds = Metal,
            Settles = [Facets.Salts],
            Read = (f, v) => v > 100 ? f with { Salts = true } : f,
            Shows = [new("s_cond_hi", 50, 50)],
            Limits = "20 or less immersed, 50 in harsh air, 100 in mild; unsure, ask for the specification",
            Again = "after rinsing",
            Source = Source.Standard("ISO 8502-6, ISO 8502-9"),
        },
        new()
        {
            Id = "T_profile",
            Title = "roughness of the blast or abrading",
            Tools = "comparator or replica tape",
            Do = "Compare by eye and nail, or press the tape and measure it.",
            Minutes = 5,
            Cost = 2,
            Unit = "um",
            Range = (0, 500),
            Usual = (10, 200),
            OtherUnits = [new("mil", 25.4)],
            Grounds = Metal,
            Limits = "fine 25 to 60, medium 60 to 100, coarse 100 to 150 with grit: unsure",
            Source = Source.Standard("ISO 8503-1", Confidence.Usual),
        },
    ];
}
