using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Air, fire watch, masking, waiting, and what comes after the last coat.</summary>
internal static class Finishing
{
    internal static readonly Need SomeCoat = NeedRegistry
        .Register(
            "a-coat-on",
            "a coat of this job is on",
            "There is nothing yet to look over.",
            Severity.Note,
            Source.Practice,
            [F.Cover.IsNot(Cover.None), F.Topcoats.AtLeast(Count.One)]
        )
        .Otherwise("no coat of this job is on");

    private static readonly Need SoftPutty = NeedRegistry
        .Register("soft-putty", "new putty is soft", "There is nothing to wait for.", Severity.Note, Source.Practice, [F.Putty.Is(Putty.Soft)])
        .Otherwise("the putty is not soft");

    private static readonly Need FaceCold = NeedRegistry
        .Register(
            "face-cold",
            "the face is cold, hot or near the dew point",
            "There is nothing to wait for.",
            Severity.Note,
            Source.Practice,
            [F.ColdFace.IsNot(Chill.None)]
        )
        .Otherwise("the face is neither cold nor hot");

    private static readonly Need SoftFilmThere = NeedRegistry
        .Register("soft-film-there", "the old film is soft", "There is nothing to wait for.", Severity.Note, Source.Practice, [F.SoftFilm.Is(Presence.Present)])
        .Otherwise("the old film is hard");

    private static readonly Need NoLeadArea = NeedRegistry
        .Register(
            "no-lead-area",
            "no lead work area stands open",
            "A draught carries lead dust out of the area and through the house; there the air is drawn out through a filter.",
            Severity.Note,
            Source.Usual,
            [F.LeadZone.IsNot(LeadZone.SetUp)]
        )
        .Otherwise("a lead work area is set up");

    public static readonly ImmutableArray<Operation> All =
    [
        Once(
            "ms_ventilate",
            Group.MakeSafe,
            "Draw fresh air through",
            "Cross-flow or a fan out of the window, five to ten changes an hour, until a day after the last solvent coat. No pilot lights, switches or smoking.",
            [Set(F.FreshAir, Presence.Present)],
            0.2,
            "air felt moving",
            ["Vapour is heavier than air: low places and cellars first."],
            Source.Usual
        ) with
        {
            Needs = [PlaceNeeds.CanBeAired, PlaceNeeds.FlamesOut, NoLeadArea],
        },
        Once(
            "ms_extract",
            Group.MakeSafe,
            "Draw the lead area's air out through a filter",
            "A class H or HEPA fan draws from the sheeted area and blows to the open, so that air only ever comes in past the sheets; until a day after the last solvent. Windows and doors of the area stay shut. No pilot lights, switches or smoking.",
            [Set(F.FreshAir, Presence.Present)],
            0.5,
            "the sheets are drawn inwards all round",
            ["A filter holds dust and no vapour: the air goes outside, never back into the house."],
            Source.Usual
        ) with
        {
            Needs = [PlaceNeeds.CanBeAired, PlaceNeeds.FlamesOut, SiteWork.ZoneUp],
        },
        Once(
            "ms_flames_out",
            Group.MakeSafe,
            "Put flames, pilot lights and hot lamps out",
            "Gas off at the appliance and its pilot out, stoves cold, heaters, refrigerators and hot lamps off at the board, before a tin is opened. Lit again by whoever may, once no smell is left.",
            [Set(F.Ignition, Presence.None)],
            0.3,
            "walked round by two people: nothing burns, glows or switches",
            ["Solvent vapour runs along the floor to a flame in the next room.", "Gas appliances are for a gas fitter where they do not simply turn off."],
            Source.Practice
        ),
        Once(
            "ms_fire_detect",
            Group.MakeSafe,
            "Set up a fire watch",
            "Extinguisher within reach, smoke heads covered by arrangement, permit where the site asks for one. Stop an hour before leaving, look again after it, uncover the heads.",
            [Set(F.FireWatch, Presence.Present)],
            0.3,
            "heads uncovered again, written down",
            ["Feel the face and the boards beside it for warmth, low and high, before the last look."],
            Source.Practice
        ),
        Once(
            "ms_heat_off",
            Group.MakeSafe,
            "Turn the heating off and let it cool",
            "Off two to four hours before, valves closed, cool to the hand; a label on the boiler. Hot pipe work is for people who are allowed to isolate it.",
            [Set(F.HotNow, Presence.None)],
            0.1,
            "30 °C or less to the hand",
            ["65 °C on metal burns in a second."],
            Source.Practice
        ) with
        {
            Leaves = new(Drying.Wash, 2, 4),
        },
        Once(
            "ms_occupant",
            Group.MakeSafe,
            "Tell the people who live or work there",
            "Dates, hours, smells, which rooms are shut, keys, pets; in writing a day to three before.",
            [],
            0.2,
            "agreed in writing",
            [],
            Source.Practice
        ) with
        {
            Once = new(SetUp.Notice, 0),
        },
        Once(
            "ms_asb_stop",
            Group.MakeSafe,
            "Stop for suspect asbestos",
            "Leave it alone, keep people out, have a trained person sample it.",
            [],
            0.5,
            "a laboratory's paper",
            ["Never sand, scrape or drill it to find out."],
            Source.Standard("HSG 264")
        ) with
        {
            ByOthers = true,
            Towards = SiteNeeds.AsbestosAbsent,
        },
        Others(
            "fc_gutter",
            "Have gutters cleared and sealed",
            "Roofer or painter on a platform: clear, seal joints, run water for ten minutes.",
            [Set(F.DampSource, DampSource.Cured, F.DampSource.Is(DampSource.Open))],
            "no drip in ten minutes",
            Source.Practice
        ),
        Others(
            "fc_flash_seal",
            "Have flashings and frame edges sealed",
            "Clean, dry, backing, paintable sealant.",
            [Set(F.DampSource, DampSource.Cured, F.DampSource.Is(DampSource.Open))],
            "no gap, concave bead",
            Source.Standard("ISO 11600", Confidence.Usual)
        ),
        Others(
            "fc_repoint",
            "Have joints repointed in matching mortar",
            "Rake 15 to 25 mm, no cement on soft brick, keep it damp for days.",
            [Set(F.DampSource, DampSource.Cured, F.DampSource.Is(DampSource.Open)), Set(F.Joint, Joint.Caulked, F.Joint.Is(Joint.Open))],
            "full depth, sound after a week",
            Source.Practice
        ),
        Others(
            "fc_ground",
            "Have the ground lowered",
            "150 mm below floor or damp course.",
            [Set(F.DampSource, DampSource.Cured, F.DampSource.Is(DampSource.Open))],
            "150 mm clear",
            Source.Standard("BS 8215", Confidence.Usual)
        ),
        Others(
            "fc_damp_refer",
            "Have a damp surveyor find the source",
            "An independent one; no injection by default.",
            [Set(F.DampSource, DampSource.Cured, F.DampSource.Is(DampSource.Open))],
            "a written report",
            Source.Usual
        ),
        Others(
            "fc_crack_monitor",
            "Monitor the crack",
            "Studs or tell-tale, months, plotted.",
            [],
            "0.2 mm or less a season",
            Source.Standard("BRE Digest 343", Confidence.Judgement)
        ) with
        {
            Towards = SiteNeeds.MovementStill,
        },
        Mask(
            "mk_edge",
            "Tape edges",
            "Low-tack tape on clean cured paint, pressed down; off within its days at 45 degrees.",
            0.3,
            Sundries.Tape,
            12,
            "straight, no bleed"
        ),
        Mask(
            "mk_glass",
            "Tape glass, 2 mm back",
            "Set back 1.6 to 2 mm so that the paint laps and seals the joint; scrapers stop as far short.",
            0.3,
            Sundries.Tape,
            10,
            "lap 2 mm all round"
        ),
        Mask(
            "mk_spray",
            "Mask everything for spraying",
            "Film and tape on every opening; cars and neighbours told. Wind 5 m/s at most.",
            1,
            Sundries.Sheeting,
            20,
            "all openings closed"
        ) with
        {
            Needs = [SiteNeeds.Covered],
            Gives = [Set(F.Protection, Protection.Masked, F.Protection.Is(Protection.Covered))],
            Cautions = ["Leave the way out and the air for the sprayer open."],
        },
        Mask("mk_plants", "Cover plants", "Breathable cloth, soil watered first; off the same day.", 0.3, Sundries.Sheeting, 6, "off the same day"),
        Once("dr_wait", Group.Dry, "Let the film cure", "As long as the label says; write down the air.", [], 0.1, "firm to a thumbnail", [], Source.Practice) with
        {
            Leaves = new(Drying.Coat, 24, 168),
        },
        Once(
            "dr_harden",
            Group.Dry,
            "Let the soft film harden",
            "A week or two at 20 °C with air moving through; longer where it is cold. What a thumbnail still marks after that comes off.",
            [Set(F.SoftFilm, Presence.None)],
            0.1,
            "a thumbnail leaves no mark, dry abrasive powders",
            [],
            Source.Practice
        ) with
        {
            Needs = [SoftFilmThere],
            Leaves = new(Drying.Coat, 168, 336),
        },
        Once(
            "dr_putty",
            Group.Dry,
            "Leave the new putty until it has skinned",
            "A week or two, longer in the cold; the rest of the window may be primed meanwhile.",
            [Set(F.Putty, Putty.Skinned, F.Putty.Is(Putty.Soft))],
            0.1,
            "a thumb leaves no mark",
            [],
            Source.Standard("BS 8000-7", Confidence.Usual)
        ) with
        {
            Needs = [SoftPutty],
            Leaves = new(Drying.Filler, 168, 336),
        },
        Once(
            "dr_warm",
            Group.Dry,
            "Wait until air and face are right for paint",
            "Inside: steady heat and moving air, no flueless heater. Outside: another day or hour; on a hot day follow the shade. Read air, humidity and face before each coat, and write them down.",
            [Set(F.ColdFace, Chill.None)],
            0.2,
            "air and face at what the product asks (at least 5 °C, many 8 or 10), 3 °C above the dew point, and it stays so while the coat dries",
            [],
            Source.Standard("ISO 8502-4")
        ) with
        {
            Needs = [FaceCold],
            Leaves = new(Drying.Wash, 24, 24),
            HoldPoint = "No coat until air, humidity and face are written down.",
        },
        Once(
            "ac_unmask",
            Group.Aftercare,
            "Pull the tape",
            "At 45 degrees, while the film is soft or after scoring it.",
            [],
            0.2,
            "no paint off the line",
            [],
            Source.Practice
        ) with
        {
            Needs = [SomeCoat],
        },
        Once(
            "ac_snag",
            Group.Aftercare,
            "Look it over in daylight",
            "From 1.5 to 2 m, a day after the last coat: stains back, misses, laps, grip at a corner.",
            [],
            0.3,
            "list written and signed",
            [],
            Source.Standard("BS 6150", Confidence.Judgement)
        ) with
        {
            Needs = [SomeCoat, N.CoatDry],
        },
        Once(
            "ac_protect",
            Group.Aftercare,
            "Let it cure in peace",
            "Doors wedged, no washing for a fortnight, nothing stuck on it.",
            [],
            0.2,
            "told to the people who use it",
            [],
            Source.Practice
        ) with
        {
            Needs = [SomeCoat],
        },
        Once(
            "ac_clearance",
            Group.Aftercare,
            "Have lead clearance wipes taken",
            "By a competent person; a laboratory says whether it is clear.",
            [],
            0.5,
            "below the local limit, on paper",
            ["Nobody moves back before the result."],
            Source.Standard("40 CFR 745", Confidence.Usual)
        ) with
        {
            ByOthers = true,
        },
        Once(
            "ac_waste",
            Group.Aftercare,
            "Sort and take away the waste",
            "By stream, labelled; rags under water in a lidded bin, wash water caught.",
            [],
            0.5,
            "nothing left on site, nothing down a drain",
            [],
            Source.Practice
        ),
        Once(
            "ac_record",
            Group.Aftercare,
            "Write the record",
            "Products, batches, colours, readings, what was left undone, photographs.",
            [],
            0.2,
            "record written",
            [],
            Source.Practice
        ),
    ];

    private static Operation Once(
        string id,
        Group group,
        string title,
        string how,
        ImmutableArray<Effect> gives,
        double hours,
        string accept,
        ImmutableArray<string> cautions,
        Source source
    ) =>
        new()
        {
            Id = id,
            Group = group,
            Title = title,
            Do = how,
            Gives = gives,
            Extent = Extent.Once,
            FixedHours = hours,
            Accept = accept,
            Cautions = cautions,
            Source = source,
        };

    private static Operation Others(string id, string title, string how, ImmutableArray<Effect> gives, string accept, Source source) =>
        Once(id, Group.Cure, title, how, gives, 0.5, accept, [], source) with
        {
            ByOthers = true,
        };

    private static Operation Mask(string id, string title, string how, double hours, Sundry sundry, double units, string accept) =>
        Once(id, Group.Protect, title, how, [], hours, accept, [], Source.Practice) with
        {
            Uses = [new(sundry, units)],
            School = "S21 tape",
        };
}
