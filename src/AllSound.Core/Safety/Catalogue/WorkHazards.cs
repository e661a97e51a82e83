using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Safety.Catalogue;

/// <summary>What the work itself makes: vapour, dust, gas, heat, pressure. From memory.</summary>
internal static class WorkHazards
{
    private static readonly Source Practice = Source.Practice;
    private static readonly Source Heights = Source.Standard("Work at Height Regulations 2005", Confidence.Usual);

    public static readonly ImmutableArray<Hazard> All =
    [
        new(
            "solvent",
            "Solvent vapour",
            HazardDuty.Control,
            s =>
                s.Inside && s.Facts.Flames == true && !s.Acts.Any(Solvent)
                    ? "Something in the space burns or sparks: whatever product is used instead, no solvent is opened beside it."
                : !s.Inside && s.Facts.Flames == true ? "Something burns or sparks beside it: vapour reaches it in the open too where the air stands."
                : !s.Inside || !s.Acts.Any(Solvent) ? null
                : s.Facts.Shut == true ? "The room has to stay shut: no solvent is used in it."
                : s.Facts.Flames == true || s.Facts.Fumes == true ? "Something in the space burns or sparks, and some of the work uses solvent."
                : s.Facts.Flames is null ? "Some of the work uses solvent, and it was not asked whether anything burns or sparks."
                : "Some of the work uses solvent.",
            ["Flames, pilot lights, heaters and hot lamps out before a tin is opened; air moving from before it until a day after; nobody sleeps there that night."],
            null,
            Source.Standard("EH40", Confidence.Usual)
        ),
        new(
            "isocyanate",
            "Isocyanates",
            HazardDuty.Licensed,
            s => s.Acts.Any(a => a.Product?.Isocyanate == true) ? "A two-part product holds isocyanate." : null,
            ["Only people trained and under health checks; brushed or rolled, never sprayed without supplied air; people with asthma and pets out until it has cured."],
            "a trained applicator",
            Source.Standard("EH40", Confidence.Usual)
        ),
        new(
            "silica",
            "Silica dust",
            HazardDuty.Control,
            s =>
                s.Acts.Any(a => a.MakesDust()) && ActHazards.HoldsSilica(s.Appraised.Condition.Get(Facets.Substrate))
                    ? "Masonry, render, stone and tile give off silica when they are abraded or cut."
                    : null,
            ["Wet it or extract it at the tool, mask FFP3 fitted to the face, never sweep dry."],
            null,
            Source.Standard("EH40", Confidence.Usual)
        ),
        new(
            "chemicals",
            "Chemicals that must not meet",
            HazardDuty.Control,
            s =>
                s.Facts.OnFace == OnFace.Mixed ? "Two chemicals have met on it: they give off poisonous gas."
                : s.Facts.OnFace is not (null or OnFace.None or OnFace.Paste) ? "Somebody put a chemical on it that has not been rinsed off."
                : s.Acts.Any(a => a.Operation.Uses.Any(u => u.Sundry == Sundries.Biocide)) ? "A biocide is used."
                : s.Acts.Any(a => a.Effects.Any(e => e.Facet == Facets.Residue && e.Value != (byte)Residue.None)) ? "A stripper, acid or alkali is used."
                : s.Acts.Any(a => a.Product?.Cover is Cover.Limewash or Cover.SilicatePure)
                    ? "Limewash and silicate are caustic: they burn skin and eyes, and etch glass."
                : s.Appraised.Condition.Get(Facets.Substrate) == Substrate.LimeNew ? "New lime is caustic: it burns skin and eyes."
                : null,
            [
                "Goggles and gauntlets, water at hand to rinse an eye. Bleach never meets acid, ammonia or another cleaner: poisonous gas. One product at a time, rinsed off before the next, bought ready, used by its label.",
            ],
            null,
            Practice
        ),
        new(
            "rags",
            "Oily rags",
            HazardDuty.Control,
            s =>
                s.Acts.Any(a => a.LeavesOilyRags()) ? "Oil that dries by air heats up in rags and dust."
                : s.Acts.Any(a => a.Operation.Id is "cl_wax" or "st_wax_solvent") ? "Rags with wax and spirit burn at a spark, and old wax holds oil."
                : s.Surface.Layers is [.., { Coating: "oil_finish", AgeDays: <= 14 }] ? "It was oiled these days: the rags and the sander's dust heat up by themselves."
                : null,
            ["Rags flat outside or under water in a lidded metal bin, every day; sanding dust with oil in it likewise."],
            null,
            Practice
        ),
        new(
            "injection",
            "High pressure",
            HazardDuty.Control,
            s => s.Acts.Any(a => a.Operation.Sprayed) ? "Paint is sprayed at high pressure." : null,
            ["The jet injects through skin: never a hand before the tip, pressure off before it is touched, and a puncture is an emergency for a hospital at once."],
            null,
            Practice
        ),
    ];

    /// <summary>Gives off solvent, or asks for fresh air against what it gives off.</summary>
    public static bool Solvent(Act act) => act.HasSolvent() || act.Needs.Contains(FabricNeeds.FreshAir);
}
