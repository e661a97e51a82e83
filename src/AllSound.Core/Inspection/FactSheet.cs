using System.Collections.Immutable;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Inspection;

/// <summary>
/// What can be recorded of a condition, in the order in which it is met on the face: the one list that pages, the say-line and the command line
/// read. A test holds that every fact stands in it once, with every value that it can take.
/// </summary>
public static class FactSheet
{
    /// <summary>The facts, grouped.</summary>
    public static ImmutableArray<FactGroup> Groups { get; } =
    [
        new(
            "Film",
            [
                FactField.Percent(nameof(Facts.LooseShare), "Loose film", "Share that a blunt scraper lifts."),
                FactField.Percent(nameof(Facts.BareShare), "Bare already", "Share where the substrate shows."),
                FactField.Pick<EdgeNature>(
                    nameof(Facts.Edges),
                    "Edges under the scraper",
                    "Lifting: it goes on lifting however far it is chased, even in one corner.",
                    null,
                    (EdgeNature.Firm, "firm edge reached"),
                    (EdgeNature.Lifting, "keep lifting")
                ),
                FactField.Percent(nameof(Facts.LiftingShare), "Along lifting edges", "Share of the face along edges that keep lifting."),
                FactField.YesNo(nameof(Facts.Powdery), "Powders after brushing", "Rub with a dark cloth."),
                FactField.Pick<Key>(
                    nameof(Facts.Key),
                    "Grip",
                    "Shiny films need a key.",
                    null,
                    (Key.Toothy, "matt, toothy"),
                    (Key.Shiny, "shiny"),
                    (Key.Abraded, "abraded to matt")
                ),
                FactField.Number(nameof(Facts.Gloss60), "Gloss at 60°", "Over 30 is shiny.", "GU", 0, 120, 1),
                FactField.YesNo(nameof(Facts.Lumps), "Lumps, runs, ropes", "They show through every coat."),
                FactField.YesNo(nameof(Facts.SoftFilm), "Last coat still soft", "A thumbnail marks it, long after it should be hard."),
                FactField.YesNo(nameof(Facts.FilmSpent), "Old film can carry nothing more", "It lets go everywhere, or turned to soap: it comes off."),
            ]
        ),
        new(
            "Safety",
            [
                FactField.Pick<Lead>(
                    nameof(Facts.Lead),
                    "Lead",
                    "Unknown is worked as lead where the age allows it.",
                    Lead.ProvedAbsent,
                    (Lead.ProvedAbsent, "proved absent, every layer"),
                    (Lead.Confirmed, "found"),
                    (Lead.Presumed, "presumed")
                ),
                FactField.Words(nameof(Facts.LeadProof), "Proved by", "Who tested every layer, how and when: without it, lead stays presumed where the age allows it."),
                FactField.Pick<Lead>(
                    nameof(Facts.Asbestos),
                    "Asbestos",
                    "Sampling is for trained people.",
                    Lead.ProvedAbsent,
                    (Lead.ProvedAbsent, "proved absent, every layer"),
                    (Lead.Confirmed, "found"),
                    (Lead.Presumed, "presumed")
                ),
                FactField.Words(nameof(Facts.AsbestosProof), "Asbestos proved by", "Which laboratory, which sample, when."),
                FactField.YesNo(nameof(Facts.Outlets), "Live outlets in the face", "Isolation is for a competent person."),
                FactField.Pick<Access>(
                    nameof(Facts.Access),
                    "Reach",
                    "By default from the height.",
                    null,
                    (Access.InReach, "from the floor"),
                    (Access.NeedsPlatform, "needs a platform"),
                    (Access.PlatformUp, "platform stands"),
                    (Access.NeedsTower, "needs a tower"),
                    (Access.NeedsScaffold, "needs a scaffold"),
                    (Access.Fragile, "fragile underfoot")
                ),
                FactField.YesNo(nameof(Facts.FragileFooting), "Fragile or not known to bear", "Never find out by stepping on it.").Only(Exposure.Outside),
                FactField.YesNo(nameof(Facts.WiringCondemned), "Condemned wiring", "Nothing goes on until an electrician has been."),
                FactField.Pick<Consent>(
                    nameof(Facts.Consent),
                    "Consent for old decoration",
                    "Photograph it before it is touched.",
                    Consent.NotNeeded,
                    (Consent.NotNeeded, "not needed"),
                    (Consent.Given, "given in writing"),
                    (Consent.Waiting, "waiting")
                ),
            ]
        ),
        new(
            "Damp and dirt",
            [
                FactField.Pick<Moisture>(
                    nameof(Facts.Moisture),
                    "Moisture",
                    "By a number: humidity at the face, or a pin meter.",
                    null,
                    (Moisture.Dry, "dry"),
                    (Moisture.Drying, "drying"),
                    (Moisture.Damp, "damp"),
                    (Moisture.Wet, "wet")
                ),
                FactField.Pick<DampSource>(
                    nameof(Facts.DampSource),
                    "Source of damp",
                    "Open holds the work.",
                    DampSource.None,
                    (DampSource.None, "no sign of damp"),
                    (DampSource.Cured, "found and mended"),
                    (DampSource.Open, "open")
                ),
                FactField.Pick<Soil>(
                    nameof(Facts.Soil),
                    "Soil",
                    "Water that breaks into beads is grease.",
                    Soil.Clean,
                    (Soil.Clean, "clean"),
                    (Soil.Light, "light"),
                    (Soil.Greasy, "greasy"),
                    (Soil.Tarry, "nicotine film"),
                    (Soil.Sooty, "sooty")
                ),
                FactField.YesNo(nameof(Facts.Mould), "Mould", "Grouped spots that clear under a chlorine drop."),
                FactField.Percent(nameof(Facts.MouldShare), "Under mould", "10 m2 and more is a specialist's work."),
                FactField.Pick<DampSource>(
                    nameof(Facts.MouldSource),
                    "Cause of mould",
                    "Cold surface, wet air.",
                    DampSource.None,
                    (DampSource.None, "none"),
                    (DampSource.Cured, "put right"),
                    (DampSource.Open, "open")
                ),
                FactField.YesNo(nameof(Facts.Salts), "Salts", "White needles or crust.").On(SubstrateFamily.Plaster, SubstrateFamily.Masonry),
                FactField.Percent(nameof(Facts.SaltShare), "Under salts", "Only that part is brushed.").On(SubstrateFamily.Plaster, SubstrateFamily.Masonry),
                FactField.YesNo(nameof(Facts.WaterLies), "Water lies on it", "After rain, on a sill, a flat roof, a flange.").Only(Exposure.Outside),
                FactField.YesNo(nameof(Facts.Silicone), "Silicone", "Water beads near old sealant."),
                FactField
                    .Number(nameof(Facts.Ph), "Surface pH", "Paper on a wet spot.", "pH", 0, 14, 0.5)
                    .On(SubstrateFamily.Plaster, SubstrateFamily.Masonry, SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous),
            ]
        ),
        new(
            "Stains",
            [
                FactField.Percent(nameof(Facts.WaterStainShare), "Water stain", "Ring or patch of an old leak."),
                FactField.YesNo(nameof(Facts.FaintStain), "Stains are faint", "Pale, no dark edge: waterborne block will do."),
                FactField.YesNo(nameof(Facts.Tar), "Nicotine or soot", "Alkaline wipe comes away brown.").Only(Exposure.Inside),
                FactField.Percent(nameof(Facts.TarShare), "Under nicotine or soot", "Only that part is blocked.").Only(Exposure.Inside),
                FactField.YesNo(nameof(Facts.Ink), "Ink or marker", "Bleeds through every coat."),
                FactField.Percent(nameof(Facts.InkShare), "Under ink or marker", "Only that part is blocked."),
                FactField.YesNo(nameof(Facts.Tannin), "Brown extract of the wood", "Runs below joints of oak, cedar and the like.").On(SubstrateFamily.Wood),
                FactField.YesNo(nameof(Facts.RustyNails), "Rusting nail heads", "Round brown dots in lines.").On(SubstrateFamily.Wood, SubstrateFamily.Plaster),
                FactField.Number(nameof(Facts.Knots), "Knots that show", "Sticky is live.", "no.", 0, 10_000, 1, noneIsZero: true).On(SubstrateFamily.Wood),
            ]
        ),
        new(
            "Shape and fabric",
            [
                FactField.Percent(nameof(Facts.FillShare), "To fill", "Hollows, holes, still cracks."),
                FactField.Number(nameof(Facts.OpenJointM), "Open joint", "Length to caulk.", "m", 0, 10_000, 0.5, noneIsZero: true),
                FactField.Number(nameof(Facts.JointWidthMm), "Width of the joint", "Over 10 mm is more than caulk bridges.", "mm", 0.2, 100, 1),
                FactField.Number(nameof(Facts.JointDepthMm), "Depth of the joint", "To the backing; decides how much goes in.", "mm", 1, 200, 1),
                FactField.YesNo(nameof(Facts.JointMoves), "Joint moves", "Opens and closes with the season or with use."),
                FactField.YesNo(nameof(Facts.JointWet), "Joint gets wet", "Bath, shower, basin, sink: sealed last, after the finish.").Only(Exposure.Inside),
                FactField.Number(nameof(Facts.FillDepthMm), "Deepest hollow", "Over 3 mm wants filler in layers.", "mm", 0, 500, 1, noneIsZero: true),
                FactField
                    .YesNo(nameof(Facts.UnprimedFiller), "Filler painted unprimed", "Dull patches in grazing light.")
                    .On(SubstrateFamily.Plaster, SubstrateFamily.Wood),
                FactField
                    .YesNo(nameof(Facts.Hollow), "Hollow plaster", "Dull and moves under the hand.")
                    .On(SubstrateFamily.Plaster, SubstrateFamily.Masonry, SubstrateFamily.Slick),
                FactField.YesNo(nameof(Facts.GreyWood), "Grey weathered wood", "Tape brings grey fibre.").On(SubstrateFamily.Wood),
                FactField.YesNo(nameof(Facts.Rot), "Decay", "An awl sinks more than 3 mm.").On(SubstrateFamily.Wood),
                FactField.YesNo(nameof(Facts.LiveCrack), "Crack that moves", "0.2 mm a season or more."),
            ]
        ),
        new(
            "Metal and glass",
            [
                FactField
                    .Pick<Rust>(
                        nameof(Facts.Rust),
                        "Rust",
                        "Light: up to 1 % of the face. Scale: layers that chip off.",
                        Rust.None,
                        (Rust.None, "none"),
                        (Rust.Light, "light"),
                        (Rust.Heavy, "heavy"),
                        (Rust.Scale, "scale"),
                        (Rust.Converted, "converted, firm")
                    )
                    .On(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous),
                FactField.YesNo(nameof(Facts.SharpEdges), "Sharp edges, welds", "A coat draws back from them.").On(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous),
                FactField
                    .YesNo(nameof(Facts.LooseFixings), "Loose fixings", "Screws and nails that turn or lift.")
                    .On(SubstrateFamily.Wood, SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous),
                FactField.YesNo(nameof(Facts.OpenLaps), "Gaping laps", "A knife blade goes in.").On(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous),
                FactField.YesNo(nameof(Facts.LapsTakeRivets), "A rivet goes in", "Else they are sealed.").On(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous),
                FactField
                    .Pick<Holes>(nameof(Facts.Holes), "Holes", "Small: 5 mm at most.", Holes.None, (Holes.None, "none"), (Holes.Small, "small"), (Holes.Large, "large"))
                    .On(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous),
                FactField
                    .YesNo(nameof(Facts.FailedPutty), "Failed putty", "Cracked, loose, missing.")
                    .On(SubstrateFamily.Wood, SubstrateFamily.Ferrous, SubstrateFamily.Slick),
                FactField
                    .Number(nameof(Facts.PuttyDays), "New putty is", "Soft to the thumb for a week and more.", "days", 0, 365, 1)
                    .On(SubstrateFamily.Wood, SubstrateFamily.Ferrous, SubstrateFamily.Slick),
                FactField.YesNo(nameof(Facts.OpenEndGrain), "Open end grain", "Where the weather reaches it.").On(SubstrateFamily.Wood),
                FactField.YesNo(nameof(Facts.HotNow), "Heating on", "Work cold.").On(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous),
            ]
        ),
        new(
            "People and surroundings",
            [
                FactField.Number(nameof(Facts.WorkHeightM), "Height of the work", "Of its highest part, from where one stands.", "m", 0, 100, 0.5),
                FactField.YesNo(nameof(Facts.Vulnerable), "Children, pregnant, old or ill people", "They stay out of lead, mould and solvent work."),
                FactField.YesNo(nameof(Facts.Pets), "Animals", "Birds and fish first: they leave before solvent and dust."),
                FactField.YesNo(nameof(Facts.PublicNear), "The public passes", "Wet paint, tools and dust within its reach."),
                FactField.YesNo(nameof(Facts.Flames), "Pilot lights, heaters, sparks", "In the space or the next: they go out before solvent is opened."),
                FactField.YesNo(nameof(Facts.Shut), "Has to stay shut", "No air can be drawn through: then no solvent."),
                FactField.YesNo(nameof(Facts.Fumes), "Engine or flueless heater", "Carbon monoxide: it goes out, or people do.").Only(Exposure.Inside),
                FactField.YesNo(nameof(Facts.PeopleBelow), "People below", "Fence it off before anything can drop."),
                FactField.YesNo(nameof(Facts.Alone), "Somebody works alone", "Not at height, with solvent or with live plant."),
                FactField
                    .YesNo(nameof(Facts.MayFall), "Heavy plaster or masonry may fall", "It bulges, springs or has cracked through.")
                    .On(SubstrateFamily.Plaster, SubstrateFamily.Masonry),
                FactField.YesNo(nameof(Facts.OverheadLines), "Overhead lines", "Within reach of a ladder, a pole or a tower.").Only(Exposure.Outside),
                FactField.YesNo(nameof(Facts.Confined), "Tank, pit or void", "Bad air and one narrow way out."),
                FactField.YesNo(nameof(Facts.Unwell), "Somebody unwell or hurt", "Wheezing, dizzy, burnt, pricked by a spray jet."),
                FactField.YesNo(nameof(Facts.Lagging), "Lagging, rope, insulating board", "Beside it or on it: may hold asbestos.").Only(Exposure.Inside),
                FactField.YesNo(nameof(Facts.FireRated), "Fire door or escape route", "A label on the edge, seals, a closer.").Only(Exposure.Inside),
                FactField.YesNo(nameof(Facts.DrinkingWater), "Drinking water", "A tank, a pipe, or a roof whose rain is drunk."),
                FactField.YesNo(nameof(Facts.Nests), "Nests or bats", "In use: nothing is disturbed.").Only(Exposure.Outside),
                FactField.YesNo(nameof(Facts.RunOff), "Run-off to garden, pond or drain", "Catch wash water and chips.").Only(Exposure.Outside),
                FactField.Pick<OnFace>(
                    nameof(Facts.OnFace),
                    "Chemical left on it",
                    "Rinsed off before anything else goes on.",
                    OnFace.None,
                    (OnFace.None, "nothing"),
                    (OnFace.Bleach, "bleach"),
                    (OnFace.Acid, "acid"),
                    (OnFace.Alkali, "caustic or strong alkali"),
                    (OnFace.Ammonia, "ammonia"),
                    (OnFace.Stripper, "paint stripper"),
                    (OnFace.Paste, "wallpaper paste"),
                    (OnFace.Unknown, "unknown cleaner"),
                    (OnFace.Mixed, "two of them, one on the other")
                ),
            ]
        ),
        new(
            "Site",
            [
                FactField.YesNo(nameof(Facts.Carved), "Carved or fine moulded", "Scrapers do not reach in."),
                FactField.YesNo(nameof(Facts.Removable), "Can be taken down", "Worked elsewhere, or dipped."),
                FactField
                    .YesNo(nameof(Facts.Binds), "Sticks or is painted shut", "Eased before it is painted, with room for the new film.")
                    .On(SubstrateFamily.Wood, SubstrateFamily.Ferrous, SubstrateFamily.Slick),
                FactField.YesNo(nameof(Facts.Plants), "Plants at its foot", "Covered while it is washed, stripped and painted.").Only(Exposure.Outside),
                FactField.YesNo(nameof(Facts.LoosePaper), "Loose paper", "It comes off first.").On(SubstrateFamily.Plaster, SubstrateFamily.Slick).Only(Exposure.Inside),
                FactField.YesNo(nameof(Facts.GlassNear), "Glass beside it", "No heat next to glass."),
                FactField.YesNo(nameof(Facts.VoidBehind), "Void or dry fill behind it", "Eaves, boarding, box frames: no heat there."),
                FactField.YesNo(nameof(Facts.CarpetNear), "Carpet beside it", "Wet work needs more cover.").Only(Exposure.Inside),
                FactField.YesNo(nameof(Facts.Occupied), "Occupied meanwhile", "Odour, dust, lead: plan around people."),
                FactField.YesNo(nameof(Facts.Power), "Power on site", "Electric tools."),
                FactField.YesNo(nameof(Facts.Water), "Water on site", "Washing."),
                FactField.Number(nameof(Facts.AirTempC), "Air, while it is done", "In the shade, at the face.", "°C", -30, 60, 1),
                FactField.Number(nameof(Facts.AirHumidity), "Humidity of that air", "With the temperature it gives the dew point.", "%", 1, 100, 1),
                FactField.Number(nameof(Facts.FaceTempC), "The face, while it is done", "3 °C above the dew point, or nothing is laid.", "°C", -30, 100, 1),
                FactField.Number(nameof(Facts.ServiceTempC), "Heat in service", "Hottest that it gets.", "°C", -60, 1000, 5),
            ]
        ),
    ];
}
