using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Inspection.Outcome;

namespace AllSound.Core.Inspection.Catalogue;

/// <summary>Safety gates and what bears on them: lead, asbestos, wiring, footing, consent.</summary>
internal static class SafetyChecks
{
    public static readonly ImmutableArray<Check> All =
    [
        new()
        {
            Id = "T_lead_lab",
            Title = "lead, by laboratory",
            Tools = "scalpel, wet wipe, sample bag",
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
                Of("found", "lead is found", 0.7, f => f with { Lead = Lead.Confirmed }),
                // What another test found stands, in whatever order the two were recorded.
                None("absent", "every layer is free of lead", 0.3, f => f with { Lead = f.Lead == Lead.Confirmed ? Lead.Confirmed : Lead.ProvedAbsent }),
            ],
            Limits = "0.5 % by mass or 1 mg/cm2 in the US, 0.1 % in AU and NZ; only a chip through every layer proves absence",
            Source = Source.Standard("ASTM E1729, AS/NZS 4361.2", Confidence.Usual),
        },
        new()
        {
            Id = "T_lead_xrf",
            Title = "lead, by X-ray analyser",
            Tools = "X-ray fluorescence analyser, licensed operator",
            Do = "A licensed person holds the analyser on the face through all layers; three spots, and the reading over the bare base taken off.",
            Minutes = 5,
            Cost = 120,
            Hazard = "ionising radiation: licensed operator, nobody behind the wall",
            Unit = "mg/cm2",
            Range = (0, 60),
            Usual = (0, 25),
            Settles = [Facets.Lead],
            Outcomes =
            [
                Of("over", "1.0 mg/cm2 or more", 0.6, f => f with { Lead = Lead.Confirmed }),
                Of("between", "0.4 to 0.9, inconclusive", 0.15),
                Of("under", "under 0.4 at every spot", 0.25, f => f with { Lead = f.Lead == Lead.Confirmed ? Lead.Confirmed : Lead.ProvedAbsent }),
            ],
            // One spot under the limit proves nothing; over it proves lead.
            Read = (f, v) => v >= 1.0 ? f with { Lead = Lead.Confirmed } : f,
            Limits = "1.0 and over is lead; 0.4 to 0.9 goes to a laboratory; one spot under 0.4 clears nothing by itself",
            Again = "each element and each colour",
            Source = Source.Standard("HUD guidelines chapter 7", Confidence.Usual),
        },
        new()
        {
            Id = "T_lead_swab",
            Title = "lead, by swab",
            Tools = "chemical swab, scalpel",
            Do = "Scratch to the base through all layers, keep it wet, swab.",
            Minutes = 10,
            Cost = 15,
            Damage = 1,
            Hazard = "lead: keep it wet",
            Settles = [Facets.Lead],
            Outcomes = [Of("colours", "it colours", 0.6, f => f with { Lead = Lead.Confirmed }), None("no-colour", "no colour, which proves nothing", 0.4)],
            Limits = "a colour means lead; no colour never proves absence, and a clear top coat says nothing of those below",
            Source = Source.Standard("40 CFR 745", Confidence.Usual),
        },
        new()
        {
            Id = "T_asb_lab",
            Title = "asbestos, by laboratory",
            Tools = "trained sampler",
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
                Of("found", "asbestos is found", 0.4, f => f with { Asbestos = Lead.Confirmed }),
                None("absent", "none is found", 0.6, f => f with { Asbestos = f.Asbestos == Lead.Confirmed ? Lead.Confirmed : Lead.ProvedAbsent }),
            ],
            Limits = "presume it where it was not sampled",
            Source = Source.Standard("HSG 264"),
        },
        new()
        {
            Id = "T_outlets",
            Title = "outlets and wiring in the face",
            Tools = "eyes",
            Do = "Look for outlets, switches and surface wiring. Proving dead is for a competent person.",
            Minutes = 3,
            Hazard = "electric",
            Settles = [Facets.Electrics],
            Outcomes =
            [
                None("none", "none in the face", 0.4, f => f with { Outlets = false }),
                Of("live", "live outlets", 0.6, f => f with { Outlets = true }),
                Of("condemned", "wiring condemned or damaged", 0.02, f => f with { Outlets = true, WiringCondemned = true }),
            ],
            Limits = "damaged or condemned wiring: nothing goes on until an electrician has been",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_live_wire",
            Title = "hidden cables and pipes",
            Tools = "pipe and cable detector",
            Do = "Scan before washing, steaming or drilling; a dead test is for an electrician.",
            Minutes = 3,
            Hazard = "electric",
            Settles = [Facets.Electrics],
            Outcomes = [None("clear", "no hit", 0.7), Of("hit", "a hit: stop and have it isolated", 0.3, f => f with { Outlets = true })],
            Limits = "a hit: stop and have it isolated",
            Again = "before each drilling",
            Source = Source.Practice,
        },
        new()
        {
            Id = "T_footing",
            Title = "will the roof bear a person",
            Tools = "drawings, a look from below; never by stepping on it",
            Do = "From a safe place: old cement sheet, rooflights, thin metal and rust are fragile until a competent person says otherwise.",
            Minutes = 10,
            Hazard = "falls: look from a safe place only",
            Gate = true,
            Settles = [Facets.Access],
            Outcomes =
            [
                Of("bears", "a competent person says that it bears", 0.3, f => f with { FragileFooting = false }),
                Of("fragile", "fragile or not known", 0.7, f => f with { FragileFooting = true }),
            ],
            Limits = "fragile: nobody on it; work from a platform that does not rest on it",
            Source = Source.Standard("Work at Height Regulations 2005", Confidence.Usual),
        },
        new()
        {
            Id = "T_consent",
            Title = "old decoration and consent",
            Tools = "camera, notes; the owner and the conservation officer",
            Do = "Photograph graining, stencilling or gilding before anything is touched; ask whether the building is listed and what consent the work needs.",
            Minutes = 15,
            WaitHours = 336,
            Gate = true,
            Settles = [Facets.Consent],
            Outcomes =
            [
                None("not-needed", "no consent needed", 0.6, f => f with { Consent = Consent.NotNeeded }),
                Of("given", "consent given in writing", 0.2, f => f with { Consent = Consent.Given }),
                Of("waiting", "consent needed and not given yet", 0.2, f => f with { Consent = Consent.Waiting }),
            ],
            Limits = "nothing old is destroyed before the answer is in writing",
            Source = Source.Usual,
        },
    ];
}
