using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Materials.Catalogue;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Treatment.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Everything laid as a coat, spot or overall. What all coats of a role need stands in <see cref="Coating"/>.</summary>
internal static class Coats
{
    internal static readonly ImmutableArray<string> Fumes = ["Ventilate; no flame or spark."];
    internal static readonly ImmutableArray<string> FumeWear = ["half mask A2P3", "gloves"];
    private static readonly ImmutableArray<string> WaterWear = ["goggles when rolling overhead"];

    private static readonly Need OnPlaster = Ground("on-plaster", "the substrate is plaster or board", SubstrateFamily.Plaster);
    private static readonly Need NotRawPlaster = NeedRegistry.Add(
        "not-raw-plaster",
        "no raw plaster lies under the shellac",
        "Shellac skins over thirsty plaster and flakes off.",
        Severity.Fails,
        Source.Usual,
        [F.Bare.IsNot(Bare.Raw), F.Substrate.Is(Substrates.Family(SubstrateFamily.Wood))]
    );
    private static readonly Need OnWood = Ground("on-wood-primer", "the substrate is wood", SubstrateFamily.Wood);

    private static readonly Need SomethingToBind = NeedRegistry.Add(
        "something-to-bind",
        "there is old film to bind, or plaster under it",
        "Bare wood wants its own primer, not a binder.",
        Severity.Poor,
        Source.Usual,
        [F.Film.IsNot(Film.None), OnPlasterNow]
    );

    private static readonly Need BareShows = NeedRegistry.Add(
        "bare-shows",
        "bare ground shows",
        "Over an old film the sealer goes on all over.",
        Severity.Note,
        Source.Usual,
        [F.Bare.IsNot(Bare.None)]
    );

    // A binder seals bare plaster; bare wood still wants its primer.
    private static Test OnPlasterNow => F.Substrate.Is(Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Masonry));

    // A first coat on bare substrate seals it and primes filler in it.
    internal static ImmutableArray<Effect> Seals => [Set(F.Bare, Bare.Sealed, F.Bare.Is(Bare.Raw)), Set(F.Fill, Fill.Primed, F.Fill.Is(Fill.Flush), F.Bare.Is(Bare.Raw))];

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "se_peelbond",
            OverAnyGround = true,
            Group = Group.Seal,
            Title = "Tie lifting edges and the patch down with a binding sealer",
            Do = "Flood it under the edges and over the bare patch, 75 mm onto the sound film; brush out runs. It dries clear and may shine though dry.",
            Role = CoatRole.Spot,
            Products = [WallCoatings.PeelBinder],
            Gives =
            [
                Set(F.Edges, Edges.Bound, F.Edges.Is(Edges.Lifting, Edges.Firm)),
                Set(F.Powder, Powder.Bound, F.Powder.Is(Powder.Friable), OnPlasterNow),
                Set(F.Bare, Bare.Sealed, F.Bare.Is(Bare.Raw), OnPlasterNow),
            ],
            Needs = [N.LeadControlled, SomethingToBind],
            Extent = Extent.Patch,
            Rate = 8,
            FixedHours = 0.15,
            Accept = "edges hold to a thumbnail after 12 hours",
            Hazard = 0.3,
            School = "S8 bind",
            Source = Source.Usual,
        },
        new()
        {
            Id = "se_stabilise",
            OverAnyGround = true,
            Group = Group.Seal,
            Title = "Bind the powder with a stabilising sealer",
            Do = "Brush off what comes, then flood and brush out; no shine left standing.",
            Role = CoatRole.Spot,
            Products = [WallCoatings.Stabiliser, WallAndMasonryCoatings.StabiliserSolvent],
            Needs = [N.EdgesHeld, BareShows],
            Gives = [Set(F.Powder, Powder.Bound, F.Powder.Is(Powder.Friable)), .. Seals],
            Extent = Extent.Bare,
            Rate = 12,
            FixedHours = 0.15,
            Accept = "tape pulls off clean",
            Hazard = 0.3,
            School = "S1 stabiliser",
            Source = Source.Usual,
        },
        new()
        {
            Id = "se_plaster",
            Group = Group.Seal,
            Title = "Seal bare plaster with plaster sealer",
            Do = "One even coat, brushed well out.",
            Role = CoatRole.Spot,
            Products = [WallCoatings.PlasterSealer],
            Needs = [N.EdgesHeld, N.PowderBound, OnPlaster],
            Gives = Seals,
            Extent = Extent.Bare,
            Rate = 12,
            FixedHours = 0.15,
            Accept = "even and dull, no dust on the hand",
            Hazard = 0.2,
            School = "S1 plaster sealer",
            Source = Source.Usual,
        },
        new()
        {
            Id = "se_mist",
            Group = Group.Seal,
            Title = "Mist-coat bare plaster",
            Do = "Contract wall paint with 40 % water, rolled on thin and laid off; it must soak, not sit.",
            Role = CoatRole.Spot,
            Products = [WallCoatings.ContractMatt],
            Needs = [N.EdgesHeld, N.PowderBound, OnPlaster],
            Gives = Seals,
            Extent = Extent.Bare,
            Rate = 20,
            FixedHours = 0.15,
            LitresPerUnit = 0.093,
            Thinning = 40,
            Dilution = "40 parts water to 100 parts paint by volume, on this coat only",
            Leaves = new(Drying.Coat, 4, 12),
            Accept = "no dust on the hand, no shine",
            Hazard = 0.2,
            School = "S1 mist coat",
            Source = Source.Standard("BS 6150", Confidence.Usual),
        },
        new()
        {
            Id = "sb_stain_shellac",
            Group = Group.StainBlock,
            Title = "Block the stain with pigmented shellac",
            Do = "Spot and 100 mm round it, two thin passes; look again after 24 hours for any show-through.",
            Role = CoatRole.Spot,
            Products = [WallCoatings.ShellacPrimer],
            Needs = [N.EdgesHeld, N.PowderBound, N.SoilOff, .. Takes(CoatFamily.Shellac)],
            Gives = StainBlocked,
            Extent = Extent.Stain,
            Rate = 10,
            FixedHours = 0.2,
            Accept = "nothing shows after 24 hours",
            Cautions = Fumes,
            Protection = FumeWear,
            Hazard = 5,
            School = "S20 solvent",
            Source = Source.Practice,
        },
        new()
        {
            Id = "sb_stain_alkyd",
            Group = Group.StainBlock,
            Title = "Block the stain with solventborne stain block",
            Do = "Spot and 100 mm round it, one full coat; look again after 24 hours.",
            Role = CoatRole.Spot,
            Products = [WallCoatings.StainBlockAlkyd],
            Needs = [N.EdgesHeld, N.PowderBound, N.SoilOff, .. Takes(CoatFamily.Alkyd)],
            Gives = StainBlocked,
            Extent = Extent.Stain,
            Rate = 10,
            FixedHours = 0.2,
            Accept = "nothing shows after 24 hours",
            Cautions = Fumes,
            Protection = FumeWear,
            Hazard = 3.5,
            School = "S20 solvent",
            Source = Source.Practice,
        },
        new()
        {
            Id = "sb_tannin",
            Group = Group.StainBlock,
            Title = "Block tannin with two coats of waterborne stain block",
            Do = "Two coats, 24 hours apart; no washing between.",
            Role = CoatRole.Primer,
            Products = [WallCoatings.StainBlockWater],
            Coats = 2,
            Gives = [Set(F.Tannin, Bleed.Blocked, F.Tannin.Is(Bleed.Live)), .. Seals],
            Extent = Extent.Whole,
            Rate = 4,
            RateNarrow = 7,
            Accept = "no brown after 24 hours",
            Hazard = 0.3,
            School = "S20 waterborne",
            Source = Source.Practice,
        },
        new()
        {
            Id = "sb_knot",
            Group = Group.StainBlock,
            Title = "Seal knots with two coats of shellac",
            Do = "Two thin coats, 25 mm past each knot, feathered out; an hour between.",
            Role = CoatRole.Spot,
            Products = [WallCoatings.Knotting, WallCoatings.ShellacPrimer],
            Needs = [N.SoilOff, N.Keyed],
            Gives = [Set(F.Knots, Bleed.Blocked, F.Knots.Is(Bleed.Live))],
            Extent = Extent.Knots,
            Rate = 45,
            FixedHours = 0.2,
            LitresPerUnit = 0.0009,
            Accept = "no ring after 24 hours",
            Cautions = Fumes,
            Protection = FumeWear,
            Hazard = 4,
            Source = Source.Standard("BS 1336 (withdrawn)", Confidence.Usual),
        },
        new()
        {
            Id = "sp_fill",
            Group = Group.SpotPrime,
            Title = "Spot-prime the filler",
            Do = "One coat just past the filler; a second where it still looks dull.",
            Role = CoatRole.Spot,
            Products = [WallCoatings.PlasterSealer, WallCoatings.ContractMatt, TrimCoatings.WoodPrimerWater, TrimCoatings.UndercoatSolvent],
            Needs = [N.FillFlush],
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
            Needs = [OnWood, N.EdgesHeld, N.PowderBound, N.KnotsBlocked],
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
            Protection = WaterWear,
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
                .. StainBlocked,
                Set(F.Bare, Bare.Sealed, F.Bare.Is(Bare.Raw)),
                Set(F.Fill, Fill.Primed, F.Fill.Is(Fill.Flush)),
                Set(F.Tannin, Bleed.Blocked, F.Tannin.Is(Bleed.Live)),
            ],
            Extent = Extent.Whole,
            Rate = 10,
            RateNarrow = 16,
            Accept = "nothing shows after 24 hours",
            Cautions = Fumes,
            Protection = FumeWear,
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
            Cautions = Fumes,
            Protection = FumeWear,
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
            Protection = WaterWear,
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
            Rate = 12,
            RateNarrow = 20,
            FixedHours = 0.2,
            Dilution = "first coat up to 10 % water",
            Tool = "10 to 12 mm pile; 50 to 63 mm brush for edges",
            Accept = "no laps, no misses, line within 2 mm",
            Protection = WaterWear,
            Hazard = 0.2,
            Source = Source.Practice,
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
            Cautions = Fumes,
            Protection = FumeWear,
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
            Protection = WaterWear,
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
            Needs = [N.LeadAbsent, N.AsbestosAbsent, N.CoatDry],
            Gives = [Set(F.Nibs, Presence.None), Set(F.Overdue, Presence.None), Set(F.Dust, Presence.Present)],
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
            Needs = [N.LeadControlled, N.CoatDry],
            Gives = [Set(F.Nibs, Presence.None), Set(F.Overdue, Presence.None)],
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

    private static ImmutableArray<Effect> StainBlocked =>
        [Set(F.WaterStain, Bleed.Blocked, F.WaterStain.Is(Bleed.Live)), Set(F.Tar, Bleed.Blocked, F.Tar.Is(Bleed.Live)), Set(F.Ink, Bleed.Blocked, F.Ink.Is(Bleed.Live))];

    private static ImmutableArray<Need> Takes(CoatFamily family) => [Compatibility.SpotTakes(family), Compatibility.FilmKeyed(family)];

    private static Need Ground(string id, string title, SubstrateFamily family) => NeedRegistry.Ground(id, title, Substrates.Family(family));
}
