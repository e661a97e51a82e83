using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Safety;

/// <summary>
/// The register of hazards. Each names all its triggers: what was recorded, what age and place allow, and what the work does. Unknown is not safe:
/// where something could matter and nobody said, the hazard is in force and says that it was not asked. To add one, add a row.
/// </summary>
public static class Hazards
{
    private static readonly Source Practice = Source.Practice;
    private static readonly Source Heights = Source.Standard("Work at Height Regulations 2005", Confidence.Usual);

    /// <summary>All of them, the gravest duty first.</summary>
    public static ImmutableArray<Hazard> All { get; } =
    [
        .. new Hazard[]
        {
            new(
                "falling-masses",
                "Plaster or masonry may fall",
                HazardDuty.Stop,
                s =>
                    s.Facts.MayFall == true ? "Heavy plaster or masonry is recorded as about to fall."
                    : s.Facts.Hollow == true && (s.Surface.Element is Element.Ceiling or Element.Cornice) ? "Plaster overhead is loose from its backing."
                    : null,
                [
                    "Everybody out from under it; close the room or fence the ground.",
                    "It is propped, fixed back or taken down by a competent person before anything else is done.",
                ],
                "a plasterer or an engineer",
                Practice
            ),
            new(
                "unwell",
                "Somebody unwell or hurt",
                HazardDuty.Stop,
                s => s.Facts.Unwell == true ? "Somebody is unwell from the work, or was hurt by it." : null,
                [
                    "Stop, everybody out into the air, nobody goes back in.",
                    "Trouble breathing or a prick from a spray jet is an emergency, however small it looks: hospital at once, with the data sheet.",
                    "Whoever wheezed after two-part paint does not work with isocyanate again before a doctor has said so.",
                ],
                "a doctor; the emergency service",
                Practice
            ),
            new(
                "confined",
                "Confined space",
                HazardDuty.Stop,
                s => s.Facts.Confined == true ? "It is a tank, a pit or a void." : null,
                ["Nobody goes in, nor puts the head in, without a trained crew: permit, air tested, forced air, attendant, rescue gear."],
                "a confined-space crew",
                Source.Usual
            ),
            new(
                "overhead-lines",
                "Overhead lines",
                HazardDuty.Control,
                s =>
                    s.Facts.OverheadLines == true ? "Overhead lines are within reach of a ladder, a pole or a tower."
                    : s.Facts.OverheadLines is null && s.High && !s.Inside ? "It was not asked whether overhead lines are near."
                    : null,
                ["No metal ladder or pole near them; ask the power company to switch off or cover the line; nobody touches or tapes it."],
                "the power company",
                Source.Usual
            ),
            new(
                "wind",
                "Wind",
                HazardDuty.Notice,
                s => !s.Inside && s.Access is Access.NeedsTower or Access.NeedsScaffold ? "The work is outside and above 4 m." : null,
                ["Read the forecast; down from a tower or a lift when it gusts; never a ladder in gusts; sheets act as sails."],
                null,
                Heights
            ),
            new(
                "fragile",
                "Fragile underfoot",
                HazardDuty.Stop,
                s => s.Access == Access.Fragile ? "What one would stand on is fragile, or not known to bear." : null,
                ["Nobody steps on it. Work from a platform that does not rest on it, or from below."],
                "a scaffolder",
                Heights
            ),
            new(
                "nests",
                "Nests or bats",
                HazardDuty.Stop,
                s => s.Facts.Nests == true ? "Birds nest or bats roost there." : null,
                ["Leave it and its way in alone until it is known not to be in use; droppings are not swept dry."],
                "an ecologist, and for bats the licensing body",
                Source.Usual
            ),
            new(
                "much-mould",
                "Much mould",
                HazardDuty.Stop,
                s => s.Appraised.Condition.Get(Facets.MuchMould) == Presence.Present ? "There are 10 m2 of mould or more." : null,
                ["Shut the door and keep people out; it is not brushed, sanded or vacuumed by the painter."],
                "a specialist in mould",
                Source.Usual
            ),
            new(
                "drinking-water",
                "Drinking water",
                HazardDuty.Stop,
                s => s.Facts.DrinkingWater == true ? "Drinking water touches it, or rain that is drunk runs off it." : null,
                ["Take the pipe off the tank before washing or scraping; only a product listed for it; throw the first rains away."],
                "the maker's listing and the water authority",
                Source.Usual
            ),
            new(
                "asbestos",
                "Asbestos",
                HazardDuty.Licensed,
                s =>
                    s.Appraised.Condition.Get(Facets.Asbestos) switch
                    {
                        Lead.Confirmed => "Asbestos was found.",
                        Lead.Presumed => s.Appraised.Resolutions.FirstOrDefault(r => r.Facet == Facets.Asbestos)?.Why ?? "Asbestos is presumed.",
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
                    && AsbestosPresumption.IsSuspect(s.Job.Jurisdiction, s.Surface.Year ?? s.Building.Built)
                    && Usual(s) is { } where
                    && s.Acts.Any(StepHazards.Disturbs)
                        ? $"The building's age allows asbestos; usual here: {where}. It was not asked about."
                        : null,
                ["Look for it, and for the building's asbestos record, before anything is scraped, sanded, cut or drilled; unsure means stop and ask."],
                "a licensed surveyor",
                Source.Standard("HSG 264", Confidence.Usual)
            ),
            new(
                "fire-rating",
                "Fire door or escape route",
                HazardDuty.Licensed,
                s =>
                    s.Facts.FireRated == true ? "It is part of a fire door or an escape route."
                    : s.Facts.FireRated is null && s.Surface.Element is Element.Door && s.Inside
                        ? "It was not asked whether this is a fire door: look for a label, seals and a closer."
                    : s.Appraised.Condition.Get(Facets.Film) == Film.Intumescent ? "Its coating protects it from fire."
                    : null,
                [
                    "A fire door is not stripped, dipped, planed or routed, its seals, label and hinges are not painted, and it is back on its closer before the place is used.",
                    "An escape route is never blocked, nor made narrow with dust sheets and tins.",
                ],
                "a fire engineer",
                Practice
            ),
            new(
                "electricity",
                "Electricity",
                HazardDuty.Licensed,
                s =>
                    s.Appraised.Condition.Get(Facets.Electrics) switch
                    {
                        Electrics.Condemned => "Wiring in the face is condemned or damaged.",
                        Electrics.Live when s.Facts.Outlets == true => "There are live outlets in the face.",
                        Electrics.Live => "Outlets were not asked about: assumed live.",
                        _ => null,
                    },
                ["Dead, proved dead and covered by a competent person before washing, steaming or cutting in at them; water and metal tools stay away."],
                "an electrician",
                Source.Standard("BS 7671", Confidence.Usual)
            ),
            new(
                "lead",
                "Lead paint",
                HazardDuty.Control,
                s =>
                    s.Appraised.Condition.Get(Facets.Lead) switch
                    {
                        Lead.Confirmed => "Lead was found.",
                        Lead.Presumed => s.Appraised.Resolutions.FirstOrDefault(r => r.Facet == Facets.Lead)?.Why ?? "Lead is presumed.",
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
                s =>
                    s.Facts.Lead == Lead.ProvedAbsent && LeadPresumption.For(s.Job.Jurisdiction, s.Surface.Year ?? s.Building.Built).Lead != Lead.ProvedAbsent
                        ? "The age allows lead, and it is recorded as proved absent."
                        : null,
                ["Keep the report with the job: which laboratory, when, and that it took every layer down to the ground. A swab or a guess is no proof."],
                null,
                Practice
            ),
            new(
                "heights",
                "Work at height",
                HazardDuty.Control,
                s =>
                    s.Access switch
                    {
                        Access.NeedsScaffold or Access.NeedsTower or Access.NeedsPlatform => s.Appraised.Resolutions.FirstOrDefault(r => r.Facet == Facets.Access)?.Why
                            ?? "It is out of reach from the floor.",
                        Access.PlatformUp => "It is worked on from a platform.",
                        _ when !s.Inside
                                && s.Facts.WorkHeightM is null
                                && s.Surface.Element is Element.Gutter or Element.Window or Element.RoofSheet or Element.Cladding =>
                            "The height of the work was not asked.",
                        _ => null,
                    },
                [
                    "Guard rails, a firm base and an inspection before anybody goes up; a ladder only for minutes, tied, three points of contact; down when the wind rises.",
                ],
                null,
                Heights
            ),
            new(
                "people-below",
                "People below",
                HazardDuty.Control,
                s =>
                    s.Facts.PeopleBelow == true ? "People pass or work below."
                    : s.Facts.PeopleBelow is null && s.High && !s.Inside ? "It was not asked whether people pass below."
                    : null,
                ["Fence it off or sheet the platform, tie tools and tins, and let nothing drip or drop; the pavement may need a permit."],
                null,
                Heights
            ),
            new(
                "alone",
                "Working alone",
                HazardDuty.Control,
                s => s.Facts.Alone == true && (s.High || s.Acts.Any(Solvent)) ? "Somebody is to work alone at height or with solvent." : null,
                ["Two people, or somebody who looks in every hour and knows whom to call."],
                null,
                Practice
            ),
            new(
                "solvent",
                "Solvent vapour",
                HazardDuty.Control,
                s =>
                    !s.Inside || !s.Acts.Any(Solvent) ? null
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
                [
                    "Only people trained and under health checks; brushed or rolled, never sprayed without supplied air; people with asthma and pets out until it has cured.",
                ],
                "a trained applicator",
                Source.Standard("EH40", Confidence.Usual)
            ),
            new(
                "monoxide",
                "Carbon monoxide",
                HazardDuty.Control,
                s => s.Facts.Fumes == true ? "An engine or a flueless heater burns in the space." : null,
                ["Out or outside before work begins; never dry a room with a flueless heater; a monoxide alarm where people sleep."],
                "a gas fitter",
                Practice
            ),
            new(
                "hot",
                "Hot surface",
                HazardDuty.Control,
                s =>
                    s.Facts.HotNow == true ? "The surface is hot now."
                    : s.Facts.HotNow is null && s.Surface.Element is Element.Radiator or Element.Pipe ? "Heating may come on while it is worked on."
                    : null,
                ["Off, valves closed, a label on the boiler, and cool to the hand before it is touched; curing smells and may need the first heating with windows open."],
                null,
                Source.Standard("EN ISO 13732-1", Confidence.Usual)
            ),
            new(
                "silica",
                "Silica dust",
                HazardDuty.Control,
                s =>
                    s.Acts.Any(Dusty) && (s.Appraised.Family is SubstrateFamily.Masonry || s.Surface.Element is Element.Tile)
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
                    : s.Facts.OnFace is not (null or OnFace.None) ? "Somebody put a chemical on it that has not been rinsed off."
                    : s.Acts.Any(a => a.Operation.Uses.Any(u => u.Sundry == Sundries.Biocide)) ? "A biocide is used."
                    : s.Acts.Any(a => a.Effects.Any(e => e.Facet == Facets.Residue && e.Value != (byte)Residue.None)) ? "A stripper, acid or alkali is used."
                    : null,
                [
                    "Bleach never meets acid, ammonia or another cleaner: poisonous gas. One product at a time, rinsed off before the next, bought ready, used by its label.",
                ],
                null,
                Practice
            ),
            new(
                "rags",
                "Oily rags",
                HazardDuty.Control,
                s =>
                    s.Acts.Any(a => a.Product is { } p && (p.Cover is Cover.Oil or Cover.Linseed || (p.Clear && p.Carrier is not Carrier.Water)))
                        ? "Oil that dries by air heats up in rags and dust."
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
            new(
                "vulnerable",
                "Children, pregnant, old or ill people",
                HazardDuty.Control,
                s =>
                    s.Facts.Vulnerable == true ? "Children, pregnant, old or ill people use the place."
                    : s.Facts.Vulnerable is null && s.Inside && (s.Facts.Mould == true || s.Appraised.Condition.Get(Facets.Lead) != Lead.ProvedAbsent)
                        ? "It was not asked whether children, pregnant, old or ill people use the place."
                    : null,
                ["They stay away until it is cleaned and aired, from lead and mould above all; ask about asthma before solvent, biocide and dust."],
                null,
                Practice
            ),
            new(
                "run-off",
                "Run-off",
                HazardDuty.Control,
                s =>
                    s.Facts.RunOff == true ? "What runs off reaches a garden, a pond, a river or a drain."
                    : s.Facts.RunOff is null && !s.Inside && s.Acts.Any(Wets) ? "It was not asked where wash water runs."
                    : null,
                ["Catch chips, wash water and rinse; nothing into a gutter, a pond or a surface drain; cover plants."],
                null,
                Source.Usual
            ),
            new(
                "consent",
                "Consent",
                HazardDuty.Stop,
                s => s.Appraised.Condition.Get(Facets.Consent) == Consent.Waiting ? "Consent is needed and has not been given." : null,
                ["Photograph and record it; nothing is touched before it is in writing."],
                "the owner and the conservation officer",
                Source.Usual
            ),
        }.OrderBy(h => h.Duty),
    ];

    /// <summary>Those in force, the gravest first.</summary>
    public static ImmutableArray<InForce> Bearing(Situation situation)
    {
        ArgumentNullException.ThrowIfNull(situation);
        return [.. All.Select(h => (Hazard: h, Because: h.Because(situation))).Where(x => x.Because is not null).Select(x => new InForce(x.Hazard, x.Because!))];
    }

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

    private static bool Solvent(Act act) => act.Product is { Carrier: Carrier.Spirit or Carrier.Alcohol or Carrier.Strong } || act.Needs.Contains(FabricNeeds.FreshAir);

    private static bool Dusty(Act act) => act.Effects.Any(e => e.Facet == Facets.Dust && e.Value == (byte)Presence.Present);

    private static bool Wets(Act act) => act.Leaves is { Clock: Drying.Wash };
}
