using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using P = AllSound.Core.Treatment.FabricNeeds;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Cleaning that belongs to masonry, tile, metal or plastic, and the dry brush that belongs everywhere.</summary>
internal static class MasonryCleaning
{
    private static readonly Need HardJoints = Grounds(
        "hard-joints",
        "the wall is hard, with sound joints, or is sheet metal",
        [
            .. Substrates.Family(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous),
            Substrate.BrickHard,
            Substrate.BrickCalciumSilicate,
            Substrate.ConcreteCast,
            Substrate.RenderCement,
            Substrate.BlockConcrete,
            Substrate.StoneDense,
        ]
    );
    private static readonly Need Wipeable = NeedRegistry
        .Register(
            "wipeable",
            "the ground is metal, tile, plastic, oak or oily wood, or it is waxed or polished",
            "Solvent is for grease on what takes in no water, and for wax and polish.",
            Severity.Fails,
            Source.Practice,
            [
                F.Substrate.Is([
                    // Quarry tile and terracotta drink: solvent carries the grease in.
                    .. Substrates.Family(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous, SubstrateFamily.Slick).Where(s => s != Substrate.TileUnglazed),
                    Substrate.HardwoodOily,
                    Substrate.HardwoodTannin,
                ]),
                F.Film.Is(Film.Wax, Film.Shellac),
                F.Waxed.Is(Presence.Present),
            ]
        )
        .Otherwise("the ground is not metal, tile, plastic, oak or oily wood, nor waxed or polished");
    private static readonly Need WashedAway = NeedRegistry
        .Register(
            "washed-away",
            "the film is limewash or soft distemper",
            "Any other film is washed.",
            Severity.Note,
            Source.Practice,
            [F.Film.Is(Film.Limewash, Film.SoftDistemper)]
        )
        .Otherwise("the film is neither limewash nor soft distemper");
    private static readonly Need Polished = NeedRegistry
        .Register("polished", "there is wax polish on the film", "There is no wax to take off.", Severity.Note, Source.Practice, [F.Waxed.Is(Presence.Present)])
        .Otherwise("there is no wax polish on the film");
    private static readonly Need Tile = Grounds("tiled", "the ground is tile", Substrate.TileGlazed, Substrate.TileUnglazed);
    private static readonly Need Walling = Grounds(
        "walling",
        "the ground is masonry or lime plaster",
        [.. Substrates.Family(SubstrateFamily.Masonry), Substrate.LimeOld]
    );

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "cl_dust_dry",
            Group = Group.Clean,
            Title = "Brush down dry and vacuum",
            Do = "Soft brush and vacuum from the top down, into mouldings and joints.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.LeadControlled, SiteNeeds.AsbestosAbsent, GroundNeeds.MouldOff],
            Gives =
            [
                Set(F.Dust, Presence.None),
                // Light soil on a bare ground that drinks is dust; washing would only carry it in.
                Set(
                    F.Soil,
                    Soil.Clean,
                    F.Soil.Is(Soil.Light),
                    F.Film.Is(Film.None, Film.Limewash, Film.SoftDistemper, Film.CementPaint, Film.Silicate, Film.Casein),
                    F.Substrate.Is(Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Masonry, SubstrateFamily.Wood))
                ),
            ],
            Extent = Extent.Whole,
            Rate = 50,
            RateNarrow = 60,
            Accept = "a clean hand stays clean",
            Protection = ["mask FFP2"],
            OnLead = ["On lead only a class H vacuum."],
            Hazard = 0.6,
            School = "S6 dry brush",
            Source = Source.Practice,
        },
        new()
        {
            Id = "cl_soot_wash",
            Group = Group.Clean,
            Title = "Wash soot off brick and stone",
            Do = "Vacuum first, then strong alkaline wash from the bottom up, rinse from the top down until it runs clear. Give it a day to dry.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadControlled, Walling, GroundNeeds.SootDry],
            Gives = [Set(F.Soil, Soil.Clean), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 6,
            Uses = [new(Sundries.Degreaser, 0.12)],
            Dilution = "1 part to 10 parts water",
            Leaves = new(Drying.Wash, 24, 24),
            Accept = "a white cloth stays pale",
            Protection = ["chemical gauntlets", "goggles"],
            Cautions =
            [
                "Porous stone: a trial patch first, and rinsed until pH paper reads neutral, for alkali left in it blooms as salts. Black crust, carving and listed stone are a conservator's work.",
            ],
            Hazard = 1.8,
            Source = Source.Practice,
        },
        new()
        {
            Id = "cl_pressure_wash",
            Group = Group.Clean,
            Title = "Wash with a fan jet",
            Do = "25 to 40 degree fan, 40 to 100 bar, 300 mm or more off, never up into laps or joints; clear the gutters in the same visit.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, P.Outside, SiteNeeds.LeadAbsent, SiteNeeds.AsbestosAbsent, HardJoints],
            Gives =
            [
                Set(F.Soil, Soil.Clean, F.Soil.IsNot(Soil.Sooty, Soil.Tarry)),
                Set(F.Dust, Presence.None),
                Set(F.Powder, Powder.None, F.Powder.Is(Powder.Friable), F.Film.IsNot(Film.None)),
            ],
            Extent = Extent.Whole,
            Rate = 35,
            RateNarrow = 60,
            FaceRates = Cleaning.OnJoinery(20),
            FixedHours = 0.5,
            Leaves = new(Drying.Wash, 48, 120),
            Accept = "no chalk on a dark cloth; no water forced in",
            Protection = ["face shield", "boots", "chemical gauntlets", "hearing protection"],
            Cautions =
            [
                "Never on lead paint or cement sheet of unknown age.",
                "Keep off frames, sills and soft joints.",
                "Ladders and a jet do not go together: platform only.",
            ],
            Hazard = 2.5,
            Source = Source.Usual,
        },
        new()
        {
            Id = "cl_algae_biocide",
            Group = Group.Clean,
            Title = "Kill algae and moss, brush off",
            Do = "Biocide at low pressure, wait as the label says (a day to three), brush off; not before rain.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, P.Outside, SiteNeeds.LeadControlled, GroundNeeds.LooseOff],
            Gives = [Set(F.Mould, Presence.None)],
            Extent = Extent.Whole,
            Rate = 25,
            RateNarrow = 40,
            FaceRates = Cleaning.OnJoinery(15),
            Uses = [new(Sundries.Biocide, 0.22)],
            Leaves = new(Drying.Wash, 48, 72),
            Accept = "slime off and dry",
            Protection = ["chemical gauntlets", "goggles"],
            Cautions = ["Keep it off ponds and plants.", "Never mix it with anything."],
            Hazard = 1.5,
            Source = Source.Usual,
        },
        new()
        {
            Id = "cl_solvent_wipe",
            Group = Group.Clean,
            Title = "Wipe grease off with solvent",
            Do = "Two lint-free cloths, one wet, one dry, turned often; flash off. No strong solvent on plastic.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.LeadWashed, Wipeable, FilmStripping.NoPlastic, P.FreshAir, GroundNeeds.SootDry],
            Gives = [Set(F.Soil, Soil.Clean)],
            Extent = Extent.Whole,
            Rate = 15,
            RateNarrow = 30,
            FaceRates = Cleaning.OnJoinery(10),
            Uses = [new(Sundries.Spirit, 0.045)],
            Leaves = new(Drying.Wash, 0.25, 0.5),
            Waterless = true,
            Accept = "the last cloth is clean",
            Protection = ["gloves", "half mask A2P3"],
            Cautions = ["Flammable: no spark.", "Rags: flat outside or under water in a lidded bin."],
            Hazard = 2.5,
            School = "S6 spirit",
            Source = Source.Practice,
        },
        new()
        {
            Id = "cl_wax",
            Group = Group.Clean,
            Title = "Take wax polish off with white spirit",
            Do = "White spirit and a soft nylon pad along the grain, wipe with clean cloths while wet, two or three times; no steel wool on oak.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.LeadWashed, Polished, P.FreshAir],
            Gives = [Set(F.Waxed, Presence.None), Set(F.Soil, Soil.Clean, F.Soil.Is(Soil.Light, Soil.Greasy))],
            Extent = Extent.Whole,
            Rate = 5,
            RateNarrow = 10,
            Uses = [new(Sundries.Spirit, 0.12)],
            Leaves = new(Drying.Wash, 6, 12),
            Waterless = true,
            Accept = "a drop of water spreads, the last cloth is clean",
            Protection = ["gloves", "half mask A2P3"],
            Cautions = ["Flammable: no spark.", "Rags: flat outside or under water in a lidded bin."],
            Hazard = 2.5,
            School = "S6 spirit",
            Source = Source.Practice,
        },
        new()
        {
            Id = "cl_mould_lime",
            Group = Group.Clean,
            Title = "Kill the mould on limewash with a mist",
            Do =
                "Biocide as a fine mist that does not run, leave 20 minutes, again once dry; a day later take the dead growth off with a class H vacuum and its soft brush. Fresh lime keeps mould off for a time.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadWashed, WashedAway],
            Gives = [Set(F.Mould, Presence.None)],
            Extent = Extent.Mould,
            Rate = 12,
            RateNarrow = 15,
            Uses = [new(Sundries.Biocide, 0.15)],
            Leaves = new(Drying.Wash, 24, 48),
            Accept = "no spots; none back after 14 days",
            Cautions = ["Never mix biocide or bleach with anything.", "Over 10 square metres: a specialist."],
            Protection = ["half mask P3", "chemical gauntlets", "goggles"],
            Hazard = 2,
            Source = Source.Practice,
        },
        new()
        {
            Id = "cl_tile_clean",
            Group = Group.Clean,
            Title = "Descale and degrease tile",
            Do = "Descaler 1:10 for five to ten minutes with a pad, then degreaser, rinse twice; grout dry for two days.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadWashed, Tile],
            Gives = [Set(F.Soil, Soil.Clean), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 7,
            RateNarrow = 12,
            Uses = [new(Sundries.Descaler, 0.03), new(Sundries.Degreaser, 0.02)],
            Dilution = "1 part to 10 parts water",
            Leaves = new(Drying.Wash, 24, 48),
            Accept = "a mist of water stays unbroken for 30 seconds",
            Protection = ["chemical gauntlets", "goggles"],
            Cautions = ["Acid on marble and grout: short, and rinse. Never with bleach."],
            Hazard = 1.5,
            Source = Source.Usual,
        },
        new()
        {
            Id = "dc_salts_poultice",
            Group = Group.Decontaminate,
            Title = "Draw salts with a poultice",
            Do = "Clay or paper 10 to 20 mm thick, one to three weeks, lift off dry, brush.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.LeadControlled, SiteNeeds.DampCured, SiteNeeds.BackingSound, Walling],
            Gives = [Set(F.Salts, Presence.None), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 2,
            Uses = [new(Sundries.Poultice, 11)],
            Leaves = new(Drying.Wash, 336, 504),
            Accept = "no new crystals",
            Protection = ["gloves", "goggles"],
            Hazard = 0.5,
            Source = Source.Usual,
        },
        new()
        {
            Id = "dc_acid_rinse",
            Group = Group.Decontaminate,
            Title = "Neutralise acid residue",
            Do = "Bicarbonate solution, five minutes, then water twice; prove it with pH paper.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadControlled],
            Gives = [Set(F.Residue, Residue.None, F.Residue.Is(Residue.Acid)), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 10,
            RateNarrow = 18,
            Uses = [new(Sundries.Bicarbonate, 0.02)],
            Leaves = new(Drying.Wash, 24, 24),
            Accept = "pH 6 to 8.5",
            Protection = ["gloves", "goggles"],
            Hazard = 0.5,
            Source = Source.Usual,
        },
        new()
        {
            Id = "dc_wood_bright",
            Group = Group.Decontaminate,
            Title = "Bleach water and iron stain out of bare wood",
            Do = "Oxalic cleaner 1:10 warm, ten to twenty minutes, scrub along the grain, rinse; look again when dry.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.ElectricsSafe,
                SiteNeeds.LeadControlled,
                Grounds("bare-wood-kind", "the ground is wood", Substrates.Family(SubstrateFamily.Wood)),
                FilmStripping.NoFilm,
            ],
            Gives = [Set(F.WaterStain, Bleed.None), Set(F.Residue, Residue.Acid), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 6,
            RateNarrow = 12,
            Uses = [new(Sundries.Brightener, 0.06)],
            Dilution = "1 part to 10 parts warm water",
            Leaves = new(Drying.Wash, 24, 72),
            Accept = "even colour; pH 6 to 8 after the rinse",
            Protection = ["chemical gauntlets", "goggles"],
            Cautions = ["Poison if swallowed; keep off metals and eyes."],
            Hazard = 2,
            Source = Source.Usual,
        },
    ];

    private static Need Grounds(string id, string title, params Substrate[] grounds) => NeedRegistry.Ground(id, title, grounds);
}
