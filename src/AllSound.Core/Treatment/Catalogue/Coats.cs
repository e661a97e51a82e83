using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Materials.Catalogue;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Spot primers, primers, undercoats and finishes of walls and woodwork. What all coats of a role need stands in <see cref="Coating"/>.</summary>
internal static class Coats
{
    private static readonly Need NotRawPlaster = NeedRegistry
        .Register(
            "not-raw-plaster",
            "raw plaster does not lie under the shellac",
            "Shellac skins over thirsty plaster and flakes off.",
            Severity.Fails,
            Source.Usual,
            [F.Bare.IsNot(Bare.Raw), F.Substrate.Is(Substrates.Family(SubstrateFamily.Wood))]
        )
        .Otherwise("raw plaster lies under the shellac");
    private static readonly Need OnWood = Sealing.Ground("on-wood-primer", "the substrate is wood", SubstrateFamily.Wood);

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "sp_fill",
            Group = Group.SpotPrime,
            Title = "Spot-prime the filler",
            Do = "One coat just past the filler; a second where it still looks dull.",
            Role = CoatRole.Spot,
            Products =
            [
                WallCoatings.PlasterSealer,
                WallCoatings.ContractMatt,
                TrimCoatings.WoodPrimerWater,
                TrimCoatings.UndercoatSolvent,
                WallAndMasonryCoatings.MasonryAcrylicFinish,
            ],
            Needs = [GroundNeeds.FillFlush],
            Gives = [Set(F.Fill, Fill.Primed, F.Fill.Is(Fill.Flush))],
            Extent = Extent.Fill,
            Rate = 8,
            FixedHours = 0.15,
            Thinning = 10,
            Accept = "even, no dull patch",
            Hazard = 0.2,
            Source = Source.Practice,
        },
        new()
        {
            Id = "sp_wood",
            Group = Group.SpotPrime,
            Title = "Prime bare wood",
            Do = "Work it into end grain and joints; bare wood only, feathered onto the film.",
            Role = CoatRole.Spot,
            Products = [TrimCoatings.WoodPrimerWater, TrimCoatings.WoodPrimerAlkyd, WoodFloorAndTileCoatings.AluminiumPrimer],
            Needs = [OnWood, GroundNeeds.EdgesHeld, GroundNeeds.PowderBound, N.KnotsBlocked],
            Gives = [Set(F.Bare, Bare.Sealed, F.Bare.Is(Bare.Raw))],
            Extent = Extent.Bare,
            Rate = 9,
            RateNarrow = 15,
            FixedHours = 0.15,
            Accept = "ends filled, nothing bare",
            Hazard = 0.3,
            Source = Source.Standard("BS 6150", Confidence.Usual),
        },
        new()
        {
            Id = "pr_bond",
            OverAnyGround = true,
            Group = Group.Prime,
            Title = "Prime with bonding primer",
            Do = "One even coat over the keyed film; do not brush back.",
            Role = CoatRole.Primer,
            Products = [WallCoatings.BondingPrimer],
            Gives = [Set(F.Bare, Bare.Sealed, F.Bare.Is(Bare.Raw)), Set(F.Fill, Fill.Primed, F.Fill.Is(Fill.Flush))],
            Extent = Extent.Whole,
            Rate = 10,
            RateNarrow = 16,
            Accept = "a thumbnail does not lift it the next day",
            Hazard = 0.3,
            School = "S20 waterborne",
            Source = Source.Practice,
        },
        new()
        {
            Id = "pr_stain_shellac",
            OverAnyGround = true,
            Group = Group.Prime,
            Title = "Prime all over with pigmented shellac",
            Do = "One thin even coat over everything, fast, no brushing back.",
            Role = CoatRole.Primer,
            Products = [WallCoatings.ShellacPrimer],
            Needs = [NotRawPlaster],
            Gives =
            [
                .. Sealing.StainBlocked,
                Set(F.Bare, Bare.Sealed, F.Bare.Is(Bare.Raw)),
                Set(F.Fill, Fill.Primed, F.Fill.Is(Fill.Flush)),
                Set(F.Tannin, Bleed.Blocked, F.Tannin.Is(Bleed.Live)),
            ],
            Extent = Extent.Whole,
            Rate = 10,
            RateNarrow = 16,
            Accept = "nothing shows after 24 hours",
            Protection = Sealing.FumeWear,
            Hazard = 5,
            School = "S20 solvent",
            Source = Source.Usual,
        },
        new()
        {
            Id = "uc_alkyd",
            Group = Group.Undercoat,
            Title = "Undercoat, solventborne",
            Do = "Even and opaque, laid off along the length.",
            Role = CoatRole.Undercoat,
            Products = [TrimCoatings.UndercoatSolvent],
            Extent = Extent.Whole,
            Rate = 8,
            RateNarrow = 15,
            Accept = "even and opaque",
            Protection = Sealing.FumeWear,
            Hazard = 2.5,
            School = "S20 solvent",
            Source = Source.Practice,
        },
        new()
        {
            Id = "uc_wb",
            Group = Group.Undercoat,
            Title = "Undercoat, waterborne",
            Do = "Even and opaque; do not go back into it.",
            Role = CoatRole.Undercoat,
            Products = [TrimCoatings.UndercoatWaterborne],
            Extent = Extent.Whole,
            Rate = 8,
            RateNarrow = 15,
            Accept = "even and opaque",
            Hazard = 0.3,
            School = "S20 waterborne",
            Source = Source.Practice,
        },
        new()
        {
            Id = "tc_emul_roll",
            Group = Group.Topcoat,
            Title = "Wall paint, cut in and rolled",
            Do = "Cut in a metre, roll into it while wet, finish a whole face without stopping.",
            Role = CoatRole.Finish,
            Products = [WallCoatings.ContractMatt, WallCoatings.DurableMatt, WallCoatings.Silk, WallAndMasonryCoatings.KitchenBath],
            Extent = Extent.Whole,
            Rate = 18,
            RateNarrow = 20,
            EdgeRate = 30,
            FixedHours = 0.2,
            Dilution = "first coat up to 10 % water",
            Tool = "10 to 12 mm pile; 50 to 63 mm brush for edges",
            Accept = "no laps, no misses, line within 2 mm",
            Hazard = 0.2,
            Source = Source.Practice,
        },
        new()
        {
            Id = "tc_spray",
            Group = Group.Topcoat,
            Title = "Wall and masonry paint, sprayed airless",
            Do =
                "Tip 0.013 to 0.019 in, the least pressure that gives a full fan. 300 mm off, square to the face, trigger before and after each pass, half over the last; back-roll the first coat on anything that drinks.",
            Role = CoatRole.Finish,
            Products =
            [
                WallCoatings.ContractMatt,
                WallCoatings.DurableMatt,
                WallCoatings.Silk,
                WallAndMasonryCoatings.KitchenBath,
                WallAndMasonryCoatings.MasonryAcrylicFinish,
            ],
            Needs = [SiteNeeds.Masked],
            Extent = Extent.Whole,
            Rate = 100,
            FixedHours = 0.7,
            Loss = 0.2,
            Sprayed = true,
            Dilution = "first coat up to 10 % water, by the label",
            Tool = "airless pump, tip 0.013 to 0.019 in, 100 to 200 bar; a sleeve to back-roll",
            Accept = "wet film as the label asks, by the comb; no runs, no dry spray",
            Protection = ["half mask A2P3", "hooded coverall", "goggles", "gloves"],
            Cautions =
            [
                "The jet goes through skin and is a surgeon's case at once, however small it looks: guard on, trigger locked, never a hand before the tip, pressure off before cleaning.",
                "Nobody else in the room; nobody under it.",
                "Outside only in wind of 5 m/s or less, 3 near cars.",
            ],
            Hazard = 3,
            Source = Source.Usual,
        },
        new()
        {
            Id = "tc_gloss",
            Group = Group.Topcoat,
            Title = "Solventborne finish, brushed and laid off",
            Do = "Load a third of the bristle, brush out, cross, lay off along the length; never past a wet edge.",
            Role = CoatRole.Finish,
            Products = [TrimCoatings.GlossSolvent, TrimCoatings.EggshellSolvent],
            Extent = Extent.Whole,
            Rate = 6,
            RateNarrow = 12,
            Accept = "no runs, even sheen at 1.5 m",
            Protection = Sealing.FumeWear,
            Hazard = 2.5,
            School = "S20 solvent",
            Source = Source.Practice,
        },
        new()
        {
            Id = "tc_wb_trim",
            Group = Group.Topcoat,
            Title = "Waterborne trim enamel",
            Do = "Small sections, lay off once, leave it; wet edge three to seven minutes.",
            Role = CoatRole.Finish,
            Products = [TrimCoatings.EnamelWaterborne, TrimCoatings.EnamelHybridClass],
            Extent = Extent.Whole,
            Rate = 7,
            RateNarrow = 15,
            Accept = "no runs, even sheen at 1.5 m",
            Hazard = 0.3,
            School = "S20 waterborne",
            Source = Source.Practice,
        },
        new()
        {
            Id = "dn_between",
            Group = Group.Denib,
            Title = "Denib dry",
            Do = "220 to 320 grit, light, off the arrises; then dust off.",
            Needs = [SiteNeeds.LeadAbsent, SiteNeeds.AsbestosAbsent, N.CoatDry, Finishing.SomeCoat],
            Gives = [Set(F.Overdue, Presence.None), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 25,
            RateNarrow = 50,
            FixedHours = 0.05,
            Uses = [new(Sundries.Abrasive, 0.05)],
            Tool = "220 to 320 grit",
            Accept = "smooth to the palm",
            Protection = ["mask FFP2"],
            Hazard = 1,
            School = "S10 dry",
            Source = Source.Practice,
        },
        new()
        {
            Id = "dn_wet",
            Group = Group.Denib,
            Title = "Denib wet",
            Do = "Fine wet pad, light, off the arrises so that old paint is not cut through; wipe dry.",
            Needs = [SiteNeeds.LeadUnderCoats, N.CoatDry],
            Gives = [Set(F.Overdue, Presence.None)],
            Extent = Extent.Whole,
            Rate = 20,
            RateNarrow = 40,
            FixedHours = 0.05,
            Uses = [new(Sundries.Abrasive, 0.05)],
            Leaves = new(Drying.Wash, 0.5, 1),
            Tool = "wet-or-dry 320 or nylon pad",
            Accept = "smooth to the palm, wiped dry",
            Protection = ["gloves"],
            Hazard = 0.6,
            School = "S10 wet",
            Source = Source.Practice,
        },
    ];
}
