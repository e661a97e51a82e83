using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;
using P = AllSound.Core.Treatment.FabricNeeds;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Ways of taking the film off that suit only some films, grounds or sites, and those that are refused.</summary>
internal static class Stripping
{
    private static readonly Need NoGypsum = Grounds(
            "steam-proof",
            "the ground is one that tolerates steam, not gypsum, board, veneer or thin metal",
            [
                .. Substrates
                    .All.Where(s =>
                        s.Value is Substrate.LimeOld or Substrate.Softwood or Substrate.SoftwoodResinous or Substrate.HardwoodTannin
                        || (s.Family == SubstrateFamily.Masonry && s.Value != Substrate.FibreCement)
                    )
                    .Select(s => s.Value),
            ]
        )
        .Otherwise("the ground does not tolerate steam");
    private static readonly Need Iron = Grounds("iron", "the ground is iron or steel", Substrates.Family(SubstrateFamily.Ferrous));
    private static readonly Need FlatWoodOrWall = Grounds(
            "flat-and-tough",
            "the ground is solid wood or hard masonry, not plaster, thin metal or veneer",
            [
                .. Substrates
                    .Family(SubstrateFamily.Wood, SubstrateFamily.Plaster)
                    .Where(s => s is not (Substrate.PaperLining or Substrate.LimeNew or Substrate.LimeOld)),
                Substrate.BrickHard,
                Substrate.ConcreteCast,
            ]
        )
        .Otherwise("the ground is not solid wood or hard masonry");

    internal static readonly Need FilmSands = NeedRegistry
        .Register(
            "film-sands",
            "the film sands to dust: neither wax nor bitumen",
            "Wax and bitumen melt, clog the paper and are rubbed into the grain, where nothing holds afterwards.",
            Severity.Fails,
            Source.Practice,
            [F.Film.IsNot(Film.Wax, Film.Bitumen)]
        )
        .Otherwise("the film is wax or bitumen");

    public static readonly ImmutableArray<Operation> All =
    [
        FilmStripping.Strip(
            "st_steam_paint",
            "Strip with superheated water or steam",
            "A pad at a time, 20 to 60 seconds, scrape while soft; catch the water. Let the wall dry out before anything else.",
            rate: 1.5,
            narrow: 4,
            moulded: 0.8,
            carved: 0.5,
            Residue.None,
            new(Drying.Wash, 48, 168),
            [SiteNeeds.ElectricsSafe, SiteNeeds.PowerOn, SiteNeeds.NoGlass, NoGypsum, Softens],
            [],
            "S7 steam",
            "no soft residue; dry again by a number",
            ["Scalds: gauntlets and face shield.", "Cold glass cracks."],
            hazard: 4,
            Source.Judgement
        ),
        FilmStripping.Strip(
            "st_wash_distemper",
            "Wash the distemper off",
            "Warm water, sponge and brush, change the water often; no film must smear on a dark cloth. Keep gypsum from flooding.",
            rate: 5,
            narrow: 10,
            moulded: 3,
            carved: 2,
            Residue.None,
            new(Drying.Wash, 24, 48),
            [SiteNeeds.ElectricsSafe, FilmIs("soft-film", "the film is soft distemper or casein", Film.SoftDistemper, Film.Casein)],
            [],
            "S8 to bare",
            "a dark cloth comes away clean",
            ["Wet floors slip."],
            hazard: 0.7,
            Source.Practice
        ),
        Also(
            FilmStripping.Strip(
                "st_shroud_sand",
                "Sand to bare with a shrouded sander",
                "Shroud tight to the face, class H extraction, 40 to 80 grit then 120; along the grain on wood. Flat faces only, 80 mm wide or more.",
                rate: 3.5,
                narrow: 3,
                moulded: 0.5,
                carved: 0,
                Residue.None,
                null,
                [FlatWoodOrWall, FilmSands, SiteNeeds.PowerOn, SiteNeeds.NoGlass, N.WashDry, P.FaceBears, P.DustHarmless, GroundNeeds.GreaseOff, GroundNeeds.WaxOff],
                [new(Sundries.Abrasive, 0.8)],
                "S11 shrouded",
                "bare, no swirls under a low light",
                ["On lead paint only by people trained for it, with class H extraction.", "Hearing."],
                hazard: 3,
                Source.Standard("40 CFR 745", Confidence.Usual)
            ) with
            {
                // Hard masonry goes at twice the pace of boards and doors.
                FaceRates = [new(Face.Joinery, 1.5), new(Face.Moulded, 0.5), new(Face.Carved, 0)],
            },
            // On wood it goes on until the wood is bright.
            Set(F.Grey, Presence.None),
            Set(F.Powder, Powder.None, F.Substrate.Is(Substrates.Family(SubstrateFamily.Wood)))
        ),
        Also(
            FilmStripping.Strip(
                "st_wax_solvent",
                "Take the wax off with white spirit",
                "Fine bronze or nylon pad, white spirit, wipe with clean cloths, three times; no steel wool on oak.",
                rate: 4,
                narrow: 8,
                moulded: 3,
                carved: 2,
                Residue.None,
                new(Drying.Wash, 12, 24),
                [FilmIs("wax-film", "the film is wax", Film.Wax), P.FreshAir],
                [new(Sundries.Spirit, 0.15)],
                "S8 to bare",
                "a drop of water spreads",
                ["Ventilate; no ignition.", "Rags: flat outside or under water in a lidded bin."],
                hazard: 2.5,
                Source.Practice
            ) with
            {
                Waste = "hazardous: solvent sludge and rags, in a lidded metal bin",
            },
            // What dissolves the wax dissolves the grease in it.
            Set(F.Soil, Soil.Clean, F.Soil.Is(Soil.Greasy))
        ),
        FilmStripping.Strip(
            "st_shellac_alcohol",
            "Take the shellac off with alcohol",
            "Alcohol on a pad, half a minute to three, wipe off, turn the pad often.",
            rate: 2,
            narrow: 5,
            moulded: 1.5,
            carved: 1,
            Residue.None,
            new(Drying.Wash, 12, 12),
            [FilmIs("shellac-film", "the film is shellac", Film.Shellac), P.FreshAir],
            [new(Sundries.Alcohol, 0.25)],
            "S8 to bare",
            "no tack, no shine",
            ["Flammable: ventilate, no flame or spark."],
            hazard: 3,
            Source.Practice,
            raisesGrain: false
        ) with
        {
            Waste = "hazardous: solvent sludge and rags, in a lidded metal bin",
        },
        FilmStripping.Strip(
            "st_bitumen_mech",
            "Chill and chip bitumen off",
            "Make it brittle with ice or work in the cold, chip it, wipe the rest with spirit on clean cloths.",
            rate: 0.8,
            narrow: 2,
            moulded: 0.5,
            carved: 0.3,
            Residue.None,
            new(Drying.Wash, 24, 24),
            [FilmIs("bitumen-film", "the film is bitumen", Film.Bitumen), P.FreshAir],
            [new(Sundries.Spirit, 0.2)],
            "S8 to bare",
            "a white cloth comes away no more than pale tan",
            ["Old tar can hold what causes cancer: gloves, no heat, no sanding."],
            hazard: 4,
            Source.Judgement
        ) with
        {
            Waste = "hazardous: solvent sludge and rags, in a lidded metal bin",
        },
        FilmStripping.Strip(
            "st_texture_wet",
            "Soften and scrape the texture off wet",
            "Remover or water under film for half an hour to four, scrape wet, bag it. Only once a laboratory found no asbestos.",
            rate: 1.8,
            narrow: 3,
            moulded: 1,
            carved: 0.5,
            Residue.None,
            new(Drying.Wash, 24, 48),
            [SiteNeeds.ElectricsSafe, Textured],
            [],
            "S8 to bare",
            "flat; the laboratory's paper is in the record",
            ["Never before an asbestos result."],
            hazard: 2,
            Source.Standard("HSG 210", Confidence.Judgement)
        ),
        Also(
            FilmStripping.Strip(
                "st_needle_gun",
                "Needle-scale iron and steel",
                "Needles 2 to 3 mm, lightly, moving all the time; vacuum shroud. Not on sheet under 3 mm.",
                rate: 1.2,
                narrow: 3,
                moulded: 0.5,
                carved: 0,
                Residue.None,
                null,
                [Iron, SiteNeeds.PowerOn, SiteNeeds.LeadAbsent, FabricNeeds.FaceBears, .. MetalPreparation.AllDry],
                [],
                "S12 power",
                "scale gone, no flattened peaks, St 3",
                ["Noise and hand-arm vibration: short turns, hearing protection.", "Sparks: nothing that burns nearby."],
                hazard: 6,
                Source.Standard("ISO 8501-1", Confidence.Usual)
            ),
            [.. MetalPreparation.Cleaned(Prep.Power, Rust.Scale)]
        ),
        new()
        {
            Id = "st_dry_blast",
            Group = Group.Strip,
            Title = "Blast dry with grit",
            Do = "Refused on site.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.LeadAbsent, SiteNeeds.AsbestosAbsent, NeverOnSite],
            Gives = [.. FilmStripping.Stripped(Residue.None, raisesGrain: false), Set(F.Rust, Rust.None), Set(F.Prep, Prep.Blast)],
            Extent = Extent.Whole,
            Rate = 1,
            Accept = "refused",
            Cautions = ["Never near people: dust, silica, lead. A contained workshop only."],
            Hazard = 10,
            Refused = true,
            Source = Source.Practice,
        },
        new()
        {
            Id = "st_scrape_dry",
            Group = Group.Loosen,
            Title = "Scrape all that lets go, dry",
            Do = "Sharp carbide scraper along the grain, light strokes, until a blunt knife lifts nothing.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.LeadAbsent, SiteNeeds.AsbestosAbsent, FilmStripping.FilmThere],
            Gives = [.. Preparation.Scraped, Set(F.Dust, Presence.Present)],
            Extent = Extent.Loose,
            Rate = 3,
            RateNarrow = 8,
            Accept = "no film lifts to a blunt knife",
            Protection = ["mask FFP2", "goggles", "gloves"],
            Hazard = 2,
            School = "S8 firm edge",
            Source = Source.Usual,
        },
        PaperOff(
            "st_paper_wet",
            "Soak and scrape the paper off",
            "Score it, warm water and a drop of detergent, 5 to 15 minutes, scrape, wash the paste off.",
            8,
            [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadControlled, SiteNeeds.AsbestosAbsent]
        ),
        PaperOff(
            "st_paper_steam",
            "Steam the paper off",
            "Plate on for 10 to 30 seconds, no longer than 15 on board; scrape, wash the paste off.",
            6,
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.ElectricsSafe,
                SiteNeeds.PowerOn,
                SiteNeeds.LeadControlled,
                SiteNeeds.AsbestosAbsent,
                SiteNeeds.BackingSound,
            ]
        ),
    ];

    private static Need Textured =>
        NeedRegistry
            .Register(
                "texture-film",
                "the film is a textured coating",
                "It is made for texture.",
                Severity.Note,
                Source.Practice,
                [F.Film.Is(Film.Texture), F.Relief.Is(Presence.Present)]
            )
            .Otherwise("the film is no textured coating");

    private static Need Softens =>
        FilmIs(
            "steam-softens",
            "the film is one that steam softens",
            Film.EmulsionMatt,
            Film.EmulsionSilk,
            Film.OilDistemper,
            Film.Casein,
            Film.Limewash,
            Film.OilLead,
            Film.AlkydGloss,
            Film.MasonryAcrylic,
            Film.Siloxane
        );

    private static Need NeverOnSite =>
        NeedRegistry
            .Register(
                "no-dry-blast",
                "nothing is blasted dry on site",
                "Dust from dry grit carries lead and silica to everyone near.",
                Severity.Danger,
                Source.Practice,
                []
            )
            .Otherwise("it would be blasted dry on site");

    private static Operation PaperOff(string id, string title, string how, double rate, ImmutableArray<Need> needs) =>
        new()
        {
            Id = id,
            Group = Group.Strip,
            Title = title,
            Do = how,
            Needs = needs,
            Gives = [Set(F.Paper, Paper.Off), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = rate,
            RateNarrow = rate * 2,
            Leaves = new(Drying.Wash, 24, 24),
            Accept = "no paste left: a drop of iodine stays brown",
            Protection = ["goggles", "gloves"],
            Cautions = ["Outlets dead and covered.", "Look at what was beneath as a surface of its own."],
            Hazard = 0.8,
            Source = Source.Practice,
        };

    private static Need FilmIs(string id, string title, params Film[] films) =>
        NeedRegistry.Register(id, title, "It does not shift this film.", Severity.Note, Source.Practice, [F.Film.Is(films)]);

    private static Need Grounds(string id, string title, Substrate[] grounds) => NeedRegistry.Ground(id, title, grounds);

    internal static Operation Also(Operation operation, params Effect[] more) => operation with { Gives = [.. operation.Gives, .. more] };
}
