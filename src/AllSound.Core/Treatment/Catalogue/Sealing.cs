using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Materials.Catalogue;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Binders, sealers and stain blocks.</summary>
internal static class Sealing
{
    internal static readonly ImmutableArray<string> FumeWear = ["half mask A2P3", "gloves"];
    private static readonly Need OnPlaster = Ground("on-plaster", "the substrate is plaster or board", SubstrateFamily.Plaster);
    private static readonly ImmutableArray<Need> FaintOnly =
    [
        Faint("water-stain-faint", "the water stain is faint", F.WaterStain),
        Faint("tar-faint", "nicotine and soot have left a faint stain only", F.Tar),
        Faint("ink-faint", "ink and dye have left a faint stain only", F.Ink),
    ];

    private static readonly Need NailsThere = NeedRegistry
        .Register("nails-there", "nail heads rust through", "There is nothing to punch.", Severity.Note, Source.Practice, [F.NailHeads.Is(Bleed.Live)])
        .Otherwise("no nail head rusts through");

    private static readonly Need SomethingToBind = NeedRegistry
        .Register(
            "something-to-bind",
            "there is old film to bind, or plaster under it",
            "Bare wood wants its own primer, not a binder.",
            Severity.Poor,
            Source.Usual,
            [F.Film.IsNot(Film.None), OnPlasterNow]
        )
        .Otherwise("there is nothing to bind");
    private static readonly Need BareShows = NeedRegistry
        .Register("bare-shows", "bare ground shows", "Over an old film the sealer goes on all over.", Severity.Note, Source.Usual, [F.Bare.IsNot(Bare.None)])
        .Otherwise("no bare ground shows");

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
                // The powder of the patch; a film that chalks all over wants a sealer all over.
                Set(F.Powder, Powder.Bound, F.Powder.Is(Powder.Friable), F.Bare.IsNot(Bare.None), OnPlasterNow),
                Set(F.Bare, Bare.Sealed, F.Bare.Is(Bare.Raw), OnPlasterNow),
            ],
            Needs = [SiteNeeds.LeadControlled, SomethingToBind],
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
            Needs = [GroundNeeds.EdgesHeld, BareShows],
            Gives = [Set(F.Powder, Powder.Bound, F.Powder.Is(Powder.Friable)), .. Seals],
            Extent = Extent.Bare,
            Rate = 12,
            FaceRates = MasonryCoats.Brushed(12),
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
            Needs = [GroundNeeds.EdgesHeld, GroundNeeds.PowderBound, OnPlaster],
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
            Needs = [GroundNeeds.EdgesHeld, GroundNeeds.PowderBound, OnPlaster],
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
            Needs = [GroundNeeds.EdgesHeld, GroundNeeds.PowderBound, GroundNeeds.SoilOff, .. Takes(CoatFamily.Shellac)],
            Gives = StainBlocked,
            Extent = Extent.Stain,
            Rate = 10,
            FixedHours = 0.2,
            Accept = "nothing shows after 24 hours",
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
            Needs = [GroundNeeds.EdgesHeld, GroundNeeds.PowderBound, GroundNeeds.SoilOff, .. Takes(CoatFamily.Alkyd)],
            Gives = StainBlocked,
            Extent = Extent.Stain,
            Rate = 10,
            FixedHours = 0.2,
            Accept = "nothing shows after 24 hours",
            Protection = FumeWear,
            Hazard = 3.5,
            School = "S20 solvent",
            Source = Source.Practice,
        },
        new()
        {
            Id = "sb_stain_wb",
            Group = Group.StainBlock,
            Title = "Block a faint stain with waterborne stain block",
            Do = "Spot and 100 mm round it, two coats, 2 to 4 hours between; where it shows after 24 hours, block it with shellac.",
            Role = CoatRole.Spot,
            Products = [WallCoatings.StainBlockWater],
            Coats = 2,
            Needs = [GroundNeeds.EdgesHeld, GroundNeeds.PowderBound, GroundNeeds.SoilOff, .. FaintOnly, .. Takes(CoatFamily.WaterEnamel)],
            Gives = Blocked(Bleed.Faint),
            Extent = Extent.Stain,
            Rate = 5,
            FixedHours = 0.3,
            Accept = "nothing shows after 24 hours",
            Hazard = 0.3,
            School = "S20 waterborne",
            Source = Source.Usual,
        },
        new()
        {
            Id = "sb_tannin",
            Group = Group.StainBlock,
            Title = "Block tannin with two coats of waterborne stain block",
            Do = "Two coats, 24 hours apart; no washing between.",
            Needs = [FilmStripping.OnWood],
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
            Needs = [GroundNeeds.SoilOff, GroundNeeds.Keyed],
            Gives = [Set(F.Knots, Bleed.Blocked, F.Knots.Is(Bleed.Live))],
            Extent = Extent.Knots,
            Rate = 45,
            FixedHours = 0.2,
            LitresPerUnit = 0.0009,
            Accept = "no ring after 24 hours",
            Protection = FumeWear,
            Hazard = 4,
            Source = Source.Standard("BS 1336 (withdrawn)", Confidence.Usual),
        },
        new()
        {
            Id = "sb_nail_heads",
            Group = Group.StainBlock,
            Title = "Punch rusting nail heads and prime them",
            Do =
                "Scrape each spot to bright metal, punch the head 2 to 3 mm below the face, prime it; the hole is filled and spot-primed after. Heads that turn are changed for stainless outside.",
            Role = CoatRole.Spot,
            Products = [MetalCoatings.ZincPhosphateAlkyd, MetalCoatings.ZincPhosphateWater, WallCoatings.ShellacPrimer],
            Needs = [SiteNeeds.LeadControlled, NailsThere],
            Gives = [Set(F.NailHeads, Bleed.Blocked), Set(F.Fill, Fill.Open), Set(F.Dust, Presence.Present)],
            Extent = Extent.Fixings,
            Rate = 40,
            FixedHours = 0.2,
            LitresPerUnit = 0.0006,
            Accept = "no bright metal unprimed, no head proud",
            Cautions = ["Goggles when punching; find cables before anything is driven in."],
            Protection = ["goggles", "gloves"],
            Hazard = 0.5,
            Source = Source.Practice,
        },
    ];

    internal static ImmutableArray<Effect> StainBlocked => Blocked(Bleed.Live, Bleed.Faint);

    private static ImmutableArray<Effect> Blocked(params Bleed[] from) =>
        [.. new[] { F.WaterStain, F.Tar, F.Ink }.Select(stain => Set(stain, Bleed.Blocked, stain.Is(from)))];

    private static Need Faint(string id, string title, Facet<Bleed> stain) =>
        NeedRegistry.Register(
            id,
            title,
            "Waterborne stain block holds a faint mark only: a strong one comes through within days.",
            Severity.Fails,
            Source.Usual,
            [stain.IsNot(Bleed.Live)]
        );

    private static ImmutableArray<Need> Takes(CoatFamily family) => [Compatibility.SpotTakes(family), Compatibility.FilmKeyed(family)];

    internal static Need Ground(string id, string title, SubstrateFamily family) => NeedRegistry.Ground(id, title, Substrates.Family(family));
}
