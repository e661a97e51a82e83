using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Safety.Catalogue;

/// <summary>What the place does: heights, masses, people, beasts, water, heat and current. From memory.</summary>
internal static class PlaceHazards
{
    private const string Vulnerable = "Children, pregnant, old or ill people use the place.";
    private const string Animals = "Animals live there: birds and fish die of fumes that people hardly smell.";

    private static readonly Source Practice = Source.Practice;
    private static readonly Source Heights = Source.Standard("Work at Height Regulations 2005", Confidence.Usual);

    public static readonly ImmutableArray<Hazard> All =
    [
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
            "fragile",
            "Fragile underfoot",
            HazardDuty.Stop,
            s => s.Access == Access.Fragile ? "What one would stand on is fragile, or not known to bear." : null,
            ["Nobody steps on it. Work from a platform that does not rest on it, or from below."],
            "a scaffolder",
            Heights
        ),
        new(
            "overhead-lines",
            "Overhead lines",
            HazardDuty.Stop,
            s =>
                s.Facts.OverheadLines == true ? "Overhead lines are within reach of a ladder, a pole or a tower."
                : s.Facts.OverheadLines is null && s.High && !s.Inside ? Trigger.Unasked("It was not asked whether overhead lines are near.")
                : null,
            ["No metal ladder or pole near them; ask the power company to switch off or cover the line; nobody touches or tapes it."],
            "the power company",
            Source.Usual
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
            "drinking-water",
            "Drinking water",
            HazardDuty.Stop,
            s => s.Facts.DrinkingWater == true ? "Drinking water touches it, or rain that is drunk runs off it." : null,
            ["Take the pipe off the tank before washing or scraping; only a product listed for it; throw the first rains away."],
            "the maker's listing and the water authority",
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
        new(
            "fire-rating",
            "Fire door or escape route",
            HazardDuty.Licensed,
            s =>
                s.Facts.FireRated == true ? "It is part of a fire door or an escape route."
                : s.Facts.FireRated is null && s.Surface.Element is Element.Door && s.Inside
                    ? Trigger.Unasked("It was not asked whether this is a fire door: look for a label, seals and a closer.")
                : s.Appraised.Condition.Get(Facets.Film) == Film.Intumescent ? "Its coating protects it from fire."
                : null,
            [
                "A fire door is not stripped, dipped, planed or routed, its seals, label and hinges are not painted, and it is back on its closer before the place is used.",
                "Faults of closers, gaps and seals are reported to whoever answers for the building, and inspected by a fire-door inspector before a door is eased.",
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
            "heights",
            "Work at height",
            HazardDuty.Control,
            s =>
                s.Access switch
                {
                    Access.NeedsScaffold or Access.NeedsTower or Access.NeedsPlatform => s.Appraised.Resolutions.FirstOrDefault(r => r.Facet == Facets.Access)?.Why
                        ?? "It is out of reach from the floor.",
                    Access.PlatformUp => "It is worked on from a platform.",
                    Access.Fragile when s.Facts.WorkHeightM > SurveyReader.ReachM || !s.Inside => "It is high, and what one would stand on is not known to bear.",
                    _ when !s.Inside && s.Facts.WorkHeightM is null && s.Surface.Element is Element.Gutter or Element.Window or Element.RoofSheet or Element.Cladding =>
                        Trigger.Unasked("The height of the work was not asked."),
                    _ => null,
                },
            ["Guard rails, a firm base and an inspection before anybody goes up; a ladder only for minutes, tied, three points of contact; down when the wind rises."],
            null,
            Heights
        ),
        new(
            "people-below",
            "People below",
            HazardDuty.Control,
            s =>
                s.Facts.PeopleBelow == true ? "People pass or work below."
                : s.Facts.PublicNear == true ? "The public passes close by."
                : s.Facts.PeopleBelow is null && s.High && !s.Inside ? Trigger.Unasked("It was not asked whether people pass below.")
                : null,
            ["Fence it off or sheet the platform, keep a safe way past with signs, tie tools and tins, and let nothing drip or drop; the pavement may need a permit."],
            null,
            Heights
        ),
        new(
            "wind",
            "Wind",
            HazardDuty.Notice,
            s => !s.Inside && s.Access is Access.NeedsTower or Access.NeedsScaffold ? "The work is outside and high." : null,
            ["Read the forecast; down from a tower or a lift when it gusts; never a ladder in gusts; sheets act as sails."],
            null,
            Heights
        ),
        new(
            "shut",
            "Shut room",
            HazardDuty.Control,
            s => s.Facts.Shut == true ? "No air can be drawn through." : null,
            [
                "No solvent, no stripper and no flueless heat in it: vapour is heavier than air and fills a bath or a small room to the head.",
                "What can be taken down is worked on in the open; strippers with dichloromethane (methylene chloride) are not used at all.",
                "Dizzy, headache or a sweet smell: out at once, and nobody goes in after somebody who has fallen.",
            ],
            null,
            Source.Standard("EH40", Confidence.Usual)
        ),
        new(
            "alone",
            "Working alone",
            HazardDuty.Control,
            s =>
                s.Facts.Alone != true ? null
                : s.High || s.Facts.Shut == true || s.Facts.Confined == true || s.Acts.Any(WorkHazards.Solvent)
                    ? "Somebody is to work alone at height, in a shut space or with solvent."
                : "Somebody is to work alone.",
            ["Two people, or somebody who looks in every hour and knows whom to call."],
            null,
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
            "monoxide",
            "Carbon monoxide",
            HazardDuty.Control,
            s => s.Facts.Fumes == true ? "An engine or a flueless heater burns in the space." : null,
            ["Out or outside before work begins; never dry a room with a flueless heater; a monoxide alarm where people sleep."],
            "a gas fitter",
            Practice
        ),
        new(
            "vulnerable",
            "Children, pregnant, old or ill people",
            HazardDuty.Control,
            s =>
                s.Facts is { Vulnerable: true, Pets: true } ? $"{Vulnerable} {Animals}"
                : s.Facts.Vulnerable == true ? Vulnerable
                : s.Facts.Pets == true ? Animals
                : s.Facts.Vulnerable is null
                && s.Inside
                && (s.Appraised.Condition.Get(Facets.Mould) == Presence.Present || s.Appraised.Condition.Get(Facets.Lead) != Lead.ProvedAbsent)
                    ? Trigger.Unasked("It was not asked whether children, pregnant, old or ill people use the place.")
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
                : s.Facts.RunOff is null && !s.Inside && s.Acts.Any(a => a.Wets()) ? Trigger.Unasked("It was not asked where wash water runs.")
                : null,
            ["Catch chips, wash water and rinse; nothing into a gutter, a pond or a surface drain; cover plants."],
            null,
            Source.Usual
        ),
    ];
}
