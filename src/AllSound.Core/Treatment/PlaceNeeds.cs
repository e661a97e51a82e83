using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Treatment.NeedRegistry;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>Needs of what is about the surface: air, flames, people, beasts, water, masses and lines. To add one, add a field here.</summary>
public static class PlaceNeeds
{
    private static readonly Source Practice = Source.Practice;

    /// <summary>Air can be drawn through.</summary>
    public static readonly Need CanBeAired = Add(
            "can-be-aired",
            "the room can be opened and aired while solvent is in it",
            "Vapour gathers in a shut room until it makes people ill or catches fire.",
            Severity.Danger,
            Source.Standard("EH40", Confidence.Usual),
            ["windows and doors may be open while the solvent dries", "filtered extraction to the open air"],
            F.Shut.Is(Presence.None),
            F.Exposure.Is(Exposure.Outside)
        )
        .Otherwise("the room has to stay shut");

    /// <summary>No flame or spark near solvent.</summary>
    public static readonly Need FlamesOut = Add(
            "flames-out",
            "flames, pilot lights, heaters and hot lamps are out",
            "Solvent vapour reaches a pilot light or a hot lamp and flashes back.",
            Severity.Danger,
            Practice,
            F.Ignition.Is(Presence.None)
        )
        .Otherwise("something in the space burns or sparks");

    /// <summary>A fire rating is kept.</summary>
    public static readonly Need RatingKept = Add(
            "fire-rating-kept",
            "nothing is stripped from a fire door or an escape route without a fire engineer's word",
            "Stripping, dipping and planing take a fire door's rating, and its seals with it.",
            Severity.Danger,
            Practice,
            ["a fire engineer's or the maker's written instruction"],
            F.FireRated.Is(Presence.None)
        )
        .Otherwise("it is part of a fire door or an escape route");

    /// <summary>Nothing unlisted touches drinking water.</summary>
    public static readonly Need WaterSafe = Hold(
            "water-safe",
            "no coat touches drinking water, or it is listed for that",
            "Solvent, biocide and pigment get into the water that people drink.",
            Source.Usual,
            ["a product listed for contact with drinking water, named with its listing", "or the water led elsewhere until the coat has cured and been rinsed"],
            Severity.Danger,
            F.DrinkingWater.Is(Presence.None)
        )
        .Otherwise("drinking water touches it or runs off it")
        .Freed(
            "a product listed for drinking water is named, or the water is led elsewhere and the first rains are thrown away",
            c => c.With(F.DrinkingWater, Presence.None),
            "Take the pipe off the tank before anything is washed or scraped, and keep chips and wash water out of the gutter."
        );

    /// <summary>No nest is disturbed.</summary>
    public static readonly Need NestsGone = Hold(
            "nests-gone",
            "there is no nest or roost in use",
            "Nests in use and bats are protected by law; disturbing them is an offence, and droppings carry disease.",
            Source.Usual,
            ["wait until the young have flown, or an ecologist's word that it is not in use", "bats: the licensing body's advice, always"],
            F.Nests.Is(Presence.None)
        )
        .Otherwise("birds nest or bats roost there")
        .Freed(
            "the nest is no longer in use, or the licensing body has agreed",
            c => c.With(F.Nests, Presence.None),
            "Leave it and its way in alone; work on faces that are out of its sight and hearing."
        );

    /// <summary>No more mould than a painter takes on.</summary>
    public static readonly Need MouldFew = Hold(
            "mould-few",
            "there are less than 10 m2 of mould",
            "So much mould fills the house with spores when it is disturbed.",
            Source.Usual,
            ["a specialist cleans it with the rooms closed off, and clears them"],
            Severity.Danger,
            F.MuchMould.Is(Presence.None)
        )
        .Otherwise("there are 10 m2 of mould or more")
        .Freed(
            "a specialist has cleaned it and cleared the room",
            c => c.With(F.MuchMould, Presence.None).With(F.Mould, Presence.None),
            "Shut the door, keep people out, do not brush, sand or vacuum it; find and cure the damp meanwhile."
        );

    /// <summary>Nothing heavy may come down.</summary>
    public static readonly Need NothingFalls = Hold(
            "nothing-falls",
            "nothing heavy may come down",
            "Plaster and masonry weigh tens of kilograms a square metre and kill whoever is under them.",
            Practice,
            ["propped, fixed back or taken down by a competent person, then looked at again"],
            Severity.Danger,
            F.MayFall.Is(Presence.None)
        )
        .Otherwise("plaster, render or masonry may come down")
        .Freed(
            "what was loose is fixed back or taken down and made good",
            c => c.With(F.MayFall, Presence.None).With(F.Bare, c.Get(F.Film) == Film.None ? c.Get(F.Bare) : Bare.Raw),
            "Get everybody and what matters out from under it, close the room or fence the ground, and do not pull at paper or paint that holds it.",
            "Where it is wet: water off, and an electrician for any light in it."
        );

    /// <summary>No overhead line within reach.</summary>
    public static readonly Need LinesClear = Hold(
            "lines-clear",
            "no live overhead line is within reach",
            "A ladder, a pole or a wet brush near a live line kills without touching it.",
            Source.Usual,
            ["the power company switches the line off or covers it, in writing with a date", "work kept so far off as the company says"],
            Severity.Danger,
            F.OverheadLines.Is(Presence.None)
        )
        .Otherwise("a live overhead line is within reach")
        .Freed(
            "the power company has switched the line off or covered it",
            c => c.With(F.OverheadLines, Presence.None),
            "No metal ladder, pole or tower on that side; nobody touches, tapes or paints the wires. Other faces can go on."
        );

    /// <summary>Nobody works in a confined space without the people for it.</summary>
    public static readonly Need AirProved = Hold(
            "air-proved",
            "it is not a confined space, or people trained for it have proved the air",
            "Bad air, vapour and no rescue kill in tanks and pits, and then whoever goes in after.",
            Source.Usual,
            ["a trained crew with a permit: air tested before and during, forced air, spark-free lights, an attendant and rescue gear"],
            Severity.Danger,
            F.Confined.Is(Presence.None)
        )
        .Otherwise("it is a confined space, and nobody has proved the air")
        .Freed(
            "a trained crew works it under a permit",
            c => c.With(F.Confined, Presence.None),
            "Nobody puts the head in; keep the hatch shut and fenced, engines and lamps away from it."
        );

    /// <summary>Nobody goes on who is ill from it.</summary>
    public static readonly Need NobodyUnwell = Hold(
            "nobody-unwell",
            "nobody is unwell or hurt from the work",
            "A wheeze, dizziness, a burn or a prick from a spray jet gets worse by going on, and the next person meets the same.",
            Source.Practice,
            ["seen by a doctor, told what was used", "the cause found and put right before anybody goes on"],
            Severity.Danger,
            F.Unwell.Is(Presence.None)
        )
        .Otherwise("somebody is unwell or was hurt")
        .Freed(
            "whoever was unwell has been seen by a doctor, and the cause is put right",
            c => c.With(F.Unwell, Presence.None),
            "Stop. Everybody out into the air; nobody goes back in for tools or to rinse. A prick from a spray jet and any trouble breathing: hospital at once."
        );

    /// <summary>No gas from chemicals that met.</summary>
    public static readonly Need NoGas = Hold(
            "no-gas",
            "no two chemicals have met on the face",
            "Bleach with acid or ammonia gives off gas that kills in a small room, and rinsing it stirs it up.",
            Source.Practice,
            ["everybody out, doors shut, windows opened from outside; the fire service says when it may be entered", "then rinsed by somebody with breathing apparatus"],
            Severity.Danger,
            F.Residue.IsNot(Residue.Mixed)
        )
        .Otherwise("two chemicals have met on the face")
        .Freed(
            "the gas is gone, a competent person has said so, and what is left is to be rinsed off",
            c => c.With(F.Residue, Residue.Cleaner),
            "Out at once, with everybody near; nobody goes back to rinse it, and nothing else is poured on. Whoever coughs sees a doctor today."
        );
}
