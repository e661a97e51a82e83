using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Washing, degreasing, killing mould, rinsing residues.</summary>
internal static class Cleaning
{
    private static readonly Need WashableFilm = NeedRegistry
        .Register(
            "washable-film",
            "the film is not limewash or soft distemper",
            "Limewash and soft distemper come off with the wash water; they are brushed down dry.",
            Severity.Fails,
            Source.Practice,
            [F.Film.IsNot(Film.Limewash, Film.SoftDistemper)]
        )
        .Otherwise("the film is limewash or soft distemper");

    private static readonly ImmutableArray<Need> WashNeeds =
    [
        GroundNeeds.SootDry,
        SiteNeeds.AccessSafe,
        SiteNeeds.Covered,
        SiteNeeds.ElectricsSafe,
        SiteNeeds.LeadWashed,
        GroundNeeds.LooseOff,
        GroundNeeds.FillNotSoaked,
        // Water takes salts in again, and lime and glue paint off.
        GroundNeeds.SaltsOff,
        WashableFilm,
    ];
    private static readonly Need SpiritProof = NeedRegistry
        .Register(
            "spirit-proof",
            "alcohol does not soften the film",
            "Alcohol softens emulsion, waterborne enamel and shellac.",
            Severity.Fails,
            Source.Practice,
            [F.Film.IsNot(Film.EmulsionMatt, Film.EmulsionSilk, Film.EnamelWater, Film.Shellac, Film.MasonryAcrylic)]
        )
        .Otherwise("alcohol softens the film");
    private static readonly Need NotThirsty = NeedRegistry
        .Register(
            "not-thirsty",
            "the face is painted, or is not absorbent",
            "Bare plaster and masonry soak the spirit up with the dirt in it; nothing is wiped off.",
            Severity.Poor,
            Source.Usual,
            [F.Film.IsNot(Film.None), F.Substrate.IsNot(Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Masonry))]
        )
        .Otherwise("the face is bare and absorbent");
    private static readonly Need TanninSealed = NeedRegistry
        .Register(
            "no-alkali-on-tannin",
            "no alkali gets at bare or oiled oak",
            "Alkali turns oak and chestnut black.",
            Severity.Fails,
            Source.Practice,
            [F.Substrate.IsNot(Substrate.HardwoodTannin), F.Film.IsNot(Film.None, Film.Oil, Film.Wax)]
        )
        .Otherwise("alkali would get at bare or oiled oak");
    private static readonly ImmutableArray<string> WashWear = ["gloves", "goggles"];
    private const string LeadWater = "On lead paint the wash water is waste: catch it, never down a drain.";

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "cl_sugar_soap",
            Group = Group.Clean,
            Title = "Wash with detergent and rinse",
            Do = "Two buckets: wash from the bottom up, rinse from the top down with clean water, change it when grey; bare patches with a wrung sponge.",
            Needs = [.. WashNeeds, GroundNeeds.MouldOff, GroundNeeds.BareNotSoaked],
            Gives = [Set(F.Soil, Soil.Clean, F.Soil.Is(Soil.Light)), Set(F.Soil, Soil.Light, F.Soil.Is(Soil.Greasy)), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 20,
            RateNarrow = 30,
            FaceRates = OnJoinery(8),
            Uses = [new(Sundries.Detergent, 0.02)],
            Dilution = "1 part to 20 to 40 parts water",
            Leaves = new(Drying.Wash, 2, 4),
            Accept = "a white cloth stays white after rinsing",
            OnLead = [LeadWater],
            Protection = WashWear,
            Hazard = 0.7,
            School = "S6 detergent",
            Source = Source.Practice,
        },
        new()
        {
            Id = "cl_spirit_wash",
            Group = Group.Clean,
            Title = "Wash with spirit and water",
            Do = "Methylated spirit and water in equal parts on a cloth, little at a time, turn the cloth often.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.LeadWashed,
                GroundNeeds.LooseOff,
                GroundNeeds.FillNotSoaked,
                SpiritProof,
                NotThirsty,
                FabricNeeds.FreshAir,
            ],
            Gives = [Set(F.Soil, Soil.Clean, F.Soil.Is(Soil.Light)), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 14,
            RateNarrow = 25,
            FaceRates = OnJoinery(6),
            Uses = [new(Sundries.Alcohol, 0.04)],
            Dilution = "1 part to 1 part water",
            Leaves = new(Drying.Wash, 0.5, 1),
            Accept = "last cloth clean",
            Cautions = ["Flammable: no flame or spark."],
            OnLead = [LeadWater],
            Protection = WashWear,
            Hazard = 2,
            School = "S6 spirit",
            Source = Source.Usual,
        },
        new()
        {
            Id = "cl_degrease",
            Group = Group.Clean,
            Title = "Degrease and rinse",
            Do = "Alkaline degreaser, two to ten minutes, pad, rinse twice. Spray mist: the water must stay a sheet.",
            Needs = [.. WashNeeds, GroundNeeds.MouldOff, TanninSealed],
            Gives = [Set(F.Soil, Soil.Clean, F.Soil.IsNot(Soil.Sooty, Soil.Tarry)), Set(F.Soil, Soil.Greasy, F.Soil.Is(Soil.Sooty)), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 10,
            RateNarrow = 18,
            FaceRates = OnJoinery(6),
            Uses = [new(Sundries.Degreaser, 0.05)],
            Dilution = "1 part to 5 to 20 parts water",
            Leaves = new(Drying.Wash, 4, 6),
            Accept = "a mist of water stays unbroken for 30 seconds",
            Cautions = ["Off aluminium and raw lime."],
            OnLead = [LeadWater],
            Protection = ["chemical gauntlets", "goggles"],
            Hazard = 1.5,
            School = "S6 detergent",
            Source = Source.Standard("ASTM F22"),
        },
        new()
        {
            Id = "cl_nicotine_wash",
            Group = Group.Clean,
            Title = "Wash nicotine and soot off, twice",
            Do = "Alkaline wash from the bottom up, rinse from the top down, then again. The rest is blocked, not washed.",
            Needs = [.. WashNeeds, GroundNeeds.MouldOff, TanninSealed],
            // Soot on paint is washed off with it; out of a porous face it takes more.
            Gives =
            [
                Set(F.Soil, Soil.Clean, F.Soil.IsNot(Soil.Sooty)),
                Set(F.Soil, Soil.Clean, F.Film.IsNot(Film.None, Film.Limewash, Film.SoftDistemper)),
                Set(F.Dust, Presence.None),
            ],
            Extent = Extent.Whole,
            Rate = 9,
            RateNarrow = 15,
            FaceRates = OnJoinery(6),
            Uses = [new(Sundries.Degreaser, 0.1)],
            Dilution = "1 part to 10 to 20 parts water",
            Leaves = new(Drying.Wash, 12, 24),
            Accept = "alkaline wipe comes away pale",
            OnLead = [LeadWater],
            Protection = ["chemical gauntlets", "goggles"],
            Hazard = 1.5,
            Source = Source.Practice,
        },
        new()
        {
            Id = "cl_mould_wash",
            Group = Group.Clean,
            Title = "Kill the mould and wash it off",
            Do = "Biocide, leave 20 minutes, again once dry, then scrub and rinse. Never brush it dry.",
            Needs = WashNeeds,
            Gives = [Set(F.Mould, Presence.None)],
            Extent = Extent.Mould,
            Rate = 10,
            RateNarrow = 15,
            FaceRates = OnJoinery(6),
            Uses = [new(Sundries.Biocide, 0.2)],
            Leaves = new(Drying.Wash, 12, 24),
            Accept = "no spots; none back after 14 days",
            Cautions = ["Never mix biocide or bleach with anything.", "Over 10 square metres: a specialist."],
            Protection = ["half mask P3", "chemical gauntlets", "goggles"],
            Hazard = 3,
            Source = Source.Practice,
        },
        new()
        {
            Id = "dc_salts_brush",
            Group = Group.Decontaminate,
            Title = "Brush salts off dry, three times",
            Do = "Bristle brush and vacuum, three times in 14 days. No water.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.LeadControlled, SiteNeeds.DampCured],
            Gives = [Set(F.Salts, Presence.None)],
            Extent = Extent.Salts,
            Rate = 5,
            RateNarrow = 10,
            Leaves = new(Drying.Wash, 336, 336),
            Accept = "no new crystals in 14 days",
            Protection = ["mask FFP2", "goggles"],
            Hazard = 1,
            Source = Source.Practice,
        },
        new()
        {
            Id = "cl_rinse",
            Group = Group.Decontaminate,
            Title = "Rinse stripper residue out",
            Do = "Clean water twice, or as the label says; no suds, no wax.",
            Needs = [GroundNeeds.SootDry, SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadControlled],
            Gives = [Set(F.Residue, Residue.None, F.Residue.Is(Residue.Stripper)), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 20,
            RateNarrow = 30,
            FaceRates = OnJoinery(8),
            Leaves = new(Drying.Wash, 24, 48),
            Accept = "pH 6 to 8.5, no suds",
            Protection = WashWear,
            Hazard = 0.5,
            Source = Source.Practice,
        },
        new()
        {
            Id = "dc_rinse_cleaner",
            Group = Group.Decontaminate,
            Title = "Rinse off what somebody put on",
            Do = "Windows open, plenty of clean water from the top down, twice; nothing else on it: no acid, no bleach, no other cleaner. Prove it with pH paper.",
            Needs = [GroundNeeds.SootDry, SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadWashed],
            Gives = [Set(F.Residue, Residue.None, F.Residue.Is(Residue.Cleaner)), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 15,
            RateNarrow = 25,
            FaceRates = OnJoinery(8),
            Leaves = new(Drying.Wash, 12, 24),
            Accept = "pH 6 to 8.5, no smell of chlorine or ammonia",
            Cautions = ["Bleach with acid, ammonia or another cleaner gives off poisonous gas: nothing goes on but water."],
            Protection = ["chemical gauntlets", "goggles"],
            Hazard = 1,
            Source = Source.Practice,
        },
        new()
        {
            Id = "dc_paste_wash",
            Group = Group.Decontaminate,
            Title = "Wash the paste off",
            Do = "Hot water and a sponge, changed often, until the water stays clear; let it dry and prove it: a drop of iodine stays brown.",
            Needs = [GroundNeeds.SootDry, SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadWashed],
            Gives = [Set(F.Residue, Residue.None, F.Residue.Is(Residue.Paste)), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 10,
            RateNarrow = 15,
            FaceRates = OnJoinery(6),
            Leaves = new(Drying.Wash, 12, 24),
            Accept = "a drop of iodine stays brown",
            Protection = ["gloves"],
            Hazard = 0.3,
            Source = Source.Practice,
        },
        new()
        {
            Id = "dc_neutralise_alk",
            Group = Group.Decontaminate,
            Title = "Neutralise the alkali, then rinse",
            Do = "Dilute citric or acetic rinse, bought ready, 5 to 15 minutes, then water twice. Prove it with pH paper.",
            Needs = [GroundNeeds.SootDry, SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadControlled],
            Gives =
            [
                Set(F.Residue, Residue.None, F.Residue.Is(Residue.Alkali)),
                // Alkali in wood was left by a dip or a cleaner; that of lime and cement comes back.
                Set(F.Alkalinity, Alkalinity.Neutral, F.Substrate.Is(Substrates.Family(SubstrateFamily.Wood))),
                Set(F.Dust, Presence.None),
            ],
            Extent = Extent.Whole,
            Rate = 7,
            RateNarrow = 12,
            FaceRates = OnJoinery(5),
            Uses = [new(Sundries.AcidRinse, 0.25)],
            Leaves = new(Drying.Wash, 72, 168),
            Accept = "pH 6 to 8.5 after rinsing; timber 18 % or less",
            Protection = ["chemical gauntlets", "goggles"],
            Hazard = 1.5,
            Source = Source.Practice,
        },
        new()
        {
            Id = "ca_remove",
            Group = Group.Clean,
            Title = "Cut out silicone and clean its bed",
            Do = "Knife, softener, wipe with many clean cloths; a drop of water must not bead.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.LeadControlled],
            Gives = [Set(F.Silicone, Presence.None), Set(F.Joint, Joint.Open)],
            Extent = Extent.Joint,
            Rate = 10,
            FixedHours = 0.2,
            Leaves = new(Drying.Wash, 12, 24),
            Accept = "water does not bead",
            Protection = WashWear,
            Hazard = 1,
            Source = Source.Practice,
        },
    ];

    // Washing woodwork goes at 8 of the 20 square metres an hour of a wall, or at the lower end of the trade's range where that is told: common practice.
    internal static ImmutableArray<FaceRate> OnJoinery(double rate) => [new(Face.Joinery, rate)];
}
