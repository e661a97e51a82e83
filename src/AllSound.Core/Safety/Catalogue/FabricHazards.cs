using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Safety.Catalogue;

/// <summary>What lies in the fabric and on it: asbestos, lead, mould. From memory.</summary>
internal static class FabricHazards
{
    private static readonly Source Practice = Source.Practice;
    private static readonly Source Heights = Source.Standard("Work at Height Regulations 2005", Confidence.Usual);

    public static readonly ImmutableArray<Hazard> All =
    [
        new(
            "asbestos",
            "Asbestos",
            HazardDuty.Licensed,
            s =>
                s.Appraised.Condition.Get(Facets.Asbestos) switch
                {
                    Lead.Confirmed => "Asbestos was found.",
                    Lead.Presumed => s.Why(Facets.Asbestos) ?? "Asbestos is presumed.",
                    _ => null,
                },
            [
                "Do not sand, scrape, drill, wire-brush, jet or break it, and do not sample it yourself.",
                "Sound and sealed it may be painted gently where it lies; damaged, the room is shut and nobody sweeps or vacuums.",
                "It goes in the building's asbestos record, so that the next trade knows.",
            ],
            "a licensed surveyor and a laboratory",
            Source.Standard("HSG 264", Confidence.Usual)
        ),
        new(
            "asbestos-near",
            "Asbestos may be near",
            HazardDuty.Notice,
            s =>
                s.Appraised.Condition.Get(Facets.Asbestos) == Lead.ProvedAbsent
                && s.Facts.Asbestos is null
                && s.Facts.Lagging is null
                && s.Appraised.AgeAllowsAsbestos
                && Usual(s) is { } where
                && s.Acts.Any(a => a.DisturbsPaint() || a.Needs.Contains(SiteNeeds.LeadWashed))
                    ? Trigger.Unasked($"The building's age allows asbestos; usual here: {where}. It was not asked about.")
                    : null,
            ["Look for it, and for the building's asbestos record, before anything is scraped, sanded, cut or drilled; unsure means stop and ask."],
            "a licensed surveyor",
            Source.Standard("HSG 264", Confidence.Usual)
        ),
        new(
            "lead",
            "Lead paint",
            HazardDuty.Control,
            s =>
                s.Appraised.Condition.Get(Facets.Lead) switch
                {
                    Lead.Confirmed => "Lead was found.",
                    Lead.Presumed => s.Why(Facets.Lead) ?? "Lead is presumed.",
                    _ => null,
                },
            [
                "Nothing dry, no heat over 450 °C, no flame; wet or extracted methods inside a closed work area without a through-draught.",
                "Vacuum (class H), wash, vacuum, and clearance before the coats that would seal dust in; waste in sealed labelled bags.",
                "No eating, drinking, smoking or phones inside; wash and change before leaving; children and pregnant women stay out until it is cleared.",
            ],
            "a laboratory for the test; some countries want a certified firm",
            Source.Standard("40 CFR 745, CLAW 2002, AS/NZS 4361.2", Confidence.Usual)
        ),
        new(
            "lead-said-absent",
            "Lead is said to be absent",
            HazardDuty.Notice,
            s => s.Facts.Lead == Lead.ProvedAbsent && s.Appraised.AgeAllowsLead ? "The age allows lead, and it is recorded as proved absent." : null,
            ["Keep the report with the job: which laboratory, when, and that it took every layer down to the ground. A swab or a guess is no proof."],
            null,
            Practice
        ),
        new(
            "much-mould",
            "Much mould",
            HazardDuty.Stop,
            s =>
                s.Appraised.Condition.Get(Facets.MuchMould) == Presence.Present ? "There are 10 m2 of mould or more."
                : s.Appraised.MayBeMuchMould ? Trigger.Unasked("There is mould, and it was not asked how much: from 10 m2 on it is a specialist's.")
                : null,
            ["Shut the door and keep people out; it is not brushed, sanded or vacuumed by the painter."],
            "a specialist in mould",
            Source.Usual
        ),
        new(
            "treated-timber",
            "Preservative in the wood",
            HazardDuty.Control,
            s => s.Appraised.Condition.Get(Facets.Substrate) == Substrate.SoftwoodTreated ? "Treated wood holds copper, and if it is older often arsenic." : null,
            [
                "Not sanded dry, never burnt: smoke and ash are poisonous. Offcuts and dust go to a tip that takes treated wood.",
                "Gloves, mask when it is cut, hands washed before eating; wash water off beds and play areas, whose sand is covered meanwhile.",
            ],
            null,
            Source.Practice
        ),
    ];

    // Where asbestos usually is about an element. Common practice, from memory.
    private static string? Usual(Situation s) =>
        s.Surface.Element switch
        {
            Element.Ceiling => "texture, insulating board and tiles on ceilings",
            Element.Wall or Element.ChimneyBreast or Element.Boarding or Element.Panelling => "texture, insulating board behind heaters and in partitions",
            Element.Pipe or Element.Radiator => "lagging, rope and gaskets",
            Element.Floor => "floor tiles and the bitumen under them",
            Element.Gutter or Element.RoofSheet or Element.Cladding => "cement gutters, sheets and soffits",
            Element.Window or Element.Door => "mastic, putty and fire-door panels",
            _ => null,
        };
}
