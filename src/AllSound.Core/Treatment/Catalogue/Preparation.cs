using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Taking off what does not hold: scrape, feather, abrade, dust off.</summary>
internal static class Preparation
{
    private static readonly Source LeadRule = Source.Standard("AS/NZS 4361.2", Confidence.Usual);
    private static readonly Need FilmToKey = NeedRegistry
        .Register(
            "film-to-key",
            "there is a film to rub down",
            "A bare ground has its own way of being keyed.",
            Severity.Note,
            Source.Practice,
            [
                F.Film.IsNot(Film.None),
                F.Cover.IsNot(Cover.None),
                F.Substrate.Is([.. Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Wood, SubstrateFamily.Masonry).Except(GroundNeeds.Plasters)]),
            ]
        )
        .Otherwise("there is no film to rub down");

    // What a film on wood or metal sheds is rubbed off with its skin; a chalked wall wants a binder.
    private static Effect ChalkOff =>
        Set(
            F.Powder,
            Powder.None,
            F.Powder.Is(Powder.Friable),
            F.Film.IsNot(Film.None),
            F.Substrate.IsNot(Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Masonry))
        );

    // What splashes. Against lead, mask and coverall are added where it has not been ruled out.
    internal static readonly ImmutableArray<string> WetWear = ["gloves", "goggles"];

    private static readonly Need NotTimber = NeedRegistry
        .Register(
            "not-timber",
            "the ground is not timber",
            "A disc cuts across the grain; its scratches show through every coat.",
            Severity.Poor,
            Source.Practice,
            [F.Substrate.IsNot(Substrates.Family(SubstrateFamily.Wood))]
        )
        .Otherwise("the ground is timber");

    private static readonly Need InTheOpen = NeedRegistry
        .Register(
            "in-the-open",
            "power sanding without extraction is done in the open",
            "It fills a room with dust that is breathed long after; indoors dust is drawn off where it arises.",
            Severity.Poor,
            Source.Practice,
            [F.Exposure.Is(Exposure.Outside)]
        )
        .Otherwise("power sanding without extraction is done indoors");

    private static readonly Need OnMetalOrStone = FilmStripping.Ground(
        "on-iron-or-masonry",
        "the ground is iron, steel or masonry",
        SubstrateFamily.Ferrous,
        SubstrateFamily.Masonry
    );

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "ls_scrape_loose",
            Group = Group.Loosen,
            Title = "Scrape loose film dry to a firm edge",
            Do = "Blunt scraper, from the patch outward, until it stops lifting. Five tries round the edge.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.LeadAbsent, SiteNeeds.AsbestosAbsent],
            Gives = [.. Scraped, Set(F.Dust, Presence.Present)],
            Extent = Extent.Loose,
            Rate = 10,
            FaceRates = [new(Face.Joinery, 5)],
            RateNarrow = 12,
            Accept = "a blunt knife lifts nothing, or the edge is marked as one that keeps lifting",
            Protection = ["mask FFP2", "goggles"],
            Hazard = 1.5,
            School = "S10 dry",
            Source = Source.Practice,
        },
        new()
        {
            Id = "ls_wet_scrape",
            Group = Group.Loosen,
            Title = "Mist and scrape loose film to a firm edge",
            Do = "Mist, scrape while damp, bag the chips, wipe down. No dust leaves the face.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.LeadControlled, SiteNeeds.AsbestosAbsent],
            Gives = [.. Scraped, Set(F.Rust, Rust.Light, F.Substrate.Is(Substrates.Family(SubstrateFamily.Ferrous)), F.Rust.Is(Rust.None))],
            Extent = Extent.Loose,
            Rate = 4,
            RateNarrow = 8,
            Leaves = new(Drying.Wash, 1, 2),
            Accept = "a blunt knife lifts nothing, no chips to be seen, or the edge is marked as one that keeps lifting",
            Protection = WetWear,
            Hazard = 1.2,
            School = "S10 wet",
            Source = LeadRule,
        },
        new()
        {
            Id = "ls_feather",
            Group = Group.Loosen,
            Title = "Feather the edges dry",
            Do = "120 to 180 grit until the step is not felt.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.LeadAbsent, SiteNeeds.AsbestosAbsent, GroundNeeds.LooseOff, GroundNeeds.EdgesFirm, GroundNeeds.FabricDry, N.WashDry],
            // It cuts the film back to nothing: what was primed there is bare again.
            Gives = [Set(F.Step, Presence.None), Set(F.Bare, Bare.Raw, F.Bare.Is(Bare.Sealed)), Set(F.Dust, Presence.Present)],
            Extent = Extent.EdgeLine,
            Rate = 12,
            Uses = [new(Sundries.Abrasive, 0.1)],
            Tool = "120 to 180 grit, worn sheet to finish",
            Accept = "step not felt by the palm",
            Protection = ["mask FFP2"],
            Hazard = 1.5,
            School = "S10 dry",
            Source = Source.Practice,
        },
        new()
        {
            Id = "ls_feather_wet",
            Group = Group.Loosen,
            Title = "Feather the edges wet",
            Do = "Wet-or-dry 180, sponge and a little water, wipe the slurry off as you go.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.LeadControlled,
                SiteNeeds.AsbestosAbsent,
                GroundNeeds.LooseOff,
                GroundNeeds.EdgesFirm,
                GroundNeeds.FabricDry,
                GroundNeeds.WaterTolerant,
            ],
            Gives = [Set(F.Step, Presence.None), Set(F.Bare, Bare.Raw, F.Bare.Is(Bare.Sealed))],
            Extent = Extent.EdgeLine,
            Rate = 9,
            Uses = [new(Sundries.Abrasive, 0.1)],
            Leaves = new(Drying.Wash, 2, 4),
            Tool = "wet-or-dry 180",
            Accept = "step not felt by the palm",
            Protection = WetWear,
            Hazard = 1,
            School = "S10 wet",
            Source = LeadRule,
        },
        new()
        {
            Id = "ab_gloss",
            Group = Group.Abrade,
            Title = "Rub the old film down dry",
            Do = "120 to 180 grit to an even matt, ropes and lumps levelled; brush and wipe the dust off as you go.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.LeadAbsent,
                SiteNeeds.AsbestosAbsent,
                FilmToKey,
                GroundNeeds.LooseOff,
                GroundNeeds.EdgesHeld,
                GroundNeeds.SoilOff,
                GroundNeeds.WaxOff,
                N.WashDry,
                N.CoatDry,
            ],
            Gives = [FilmKeyed, CoatKeyed, ChalkOff, Set(F.Lumps, Presence.None), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 8.5,
            RateNarrow = 16,
            Uses = [new(Sundries.Abrasive, 0.1)],
            Tool = "120 to 180 grit, along the grain",
            Accept = "even matt, no shine left in the corners",
            Protection = ["mask FFP2"],
            Hazard = 2,
            School = "S10 dry",
            Source = Source.Practice,
        },
        new()
        {
            Id = "st_wet_abrade",
            Group = Group.Abrade,
            Title = "Flat the old film down wet",
            Do = "Wet-or-dry 180 to 240 with a drop of detergent, keep it wet, wipe the slurry into a bag.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.LeadControlled,
                SiteNeeds.AsbestosAbsent,
                FilmToKey,
                GroundNeeds.LooseOff,
                GroundNeeds.EdgesHeld,
                GroundNeeds.SoilOff,
                GroundNeeds.WaxOff,
                N.CoatDry,
                GroundNeeds.WaterTolerant,
            ],
            Gives = [FilmKeyed, CoatKeyed, ChalkOff, Set(F.Lumps, Presence.None)],
            Extent = Extent.Whole,
            Rate = 6,
            RateNarrow = 15,
            Uses = [new(Sundries.Abrasive, 0.15)],
            Leaves = new(Drying.Wash, 2, 4),
            Tool = "wet-or-dry 180 to 240",
            Accept = "even matt, slurry wiped off",
            Protection = WetWear,
            Cautions = ["Slurry is waste: bag it, never down a drain."],
            Hazard = 1.2,
            School = "S10 wet",
            Source = LeadRule,
        },
        new()
        {
            Id = "ab_wood_bare",
            Group = Group.Abrade,
            Title = "Sand bare wood dry",
            Do = "80, 120, 150 grit along the grain to bright firm wood.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.LeadAbsent,
                FabricNeeds.DustHarmless,
                FilmStripping.OnWood,
                GroundNeeds.LooseOff,
                GroundNeeds.GreaseOff,
                N.WashDry,
                N.CoatDry,
            ],
            Gives = [Set(F.Powder, Powder.None), Set(F.Grey, Presence.None), BareKeyed, Set(F.Dust, Presence.Present)],
            Extent = Extent.Bare,
            Rate = 5,
            RateNarrow = 10,
            Uses = [new(Sundries.Abrasive, 0.2)],
            Tool = "80, then 120, then 150 grit along the grain",
            Accept = "bright wood, no fibre on tape",
            Protection = ["mask FFP2"],
            Hazard = 2,
            School = "S10 dry",
            Source = Source.Practice,
        },
        new()
        {
            Id = "ab_wood_bare_wet",
            Group = Group.Abrade,
            Title = "Abrade bare wood wet",
            Do = "Wet-or-dry 120 along the grain, little water, wipe the slurry into a bag; let it dry right through.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.LeadControlled,
                FilmStripping.OnWood,
                FilmStripping.SolidBoard,
                GroundNeeds.LooseOff,
                GroundNeeds.GreaseOff,
                N.CoatDry,
            ],
            Gives = [Set(F.Powder, Powder.None), Set(F.Grey, Presence.None), BareKeyed],
            Extent = Extent.Bare,
            Rate = 3,
            RateNarrow = 7,
            Uses = [new(Sundries.Abrasive, 0.2)],
            Leaves = new(Drying.Wash, 24, 48),
            Tool = "wet-or-dry 120 along the grain",
            Accept = "firm wood, no fibre on tape; 18 % or less again",
            Protection = WetWear,
            Hazard = 1.2,
            School = "S10 wet",
            Source = LeadRule,
        },
        new()
        {
            Id = "ab_power_dry",
            Group = Group.Abrade,
            Title = "Sand with an unshrouded power disc",
            Do = "80 to 120 grit at a low angle, in the open, moving all the time. Only where lead is proved absent; never on wood.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.PowerOn,
                SiteNeeds.LeadAbsent,
                SiteNeeds.AsbestosAbsent,
                FilmToKey,
                OnMetalOrStone,
                FabricNeeds.FaceBears,
                FabricNeeds.DustHarmless,
                GroundNeeds.LooseOff,
                GroundNeeds.EdgesHeld,
                GroundNeeds.SoilOff,
                N.WashDry,
                N.CoatDry,
                NotTimber,
                InTheOpen,
            ],
            Gives = [FilmKeyed, CoatKeyed, ChalkOff, Set(F.Lumps, Presence.None), Set(F.Dust, Presence.Present)],
            Extent = Extent.Whole,
            Rate = 14,
            RateNarrow = 20,
            Uses = [new(Sundries.Abrasive, 0.2)],
            Accept = "even matt, no swirls",
            Protection = ["mask FFP3", "goggles", "hearing protection"],
            Hazard = 5,
            School = "S11 power",
            Source = Source.Standard("40 CFR 745.85"),
        },
        new()
        {
            Id = "du_vac",
            Group = Group.DustOff,
            Title = "Vacuum and wipe down",
            Do = "Soft brush nozzle, top down, then a tack cloth or a barely damp lint-free cloth.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.LeadWashed, N.FillerDry, N.CoatDry, N.WashDry],
            Gives = [Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 45,
            RateNarrow = 90,
            Accept = "a clean hand stays clean",
            Protection = ["mask FFP2"],
            Cautions = ["On lead or silica dust only a class H vacuum."],
            Hazard = 0.5,
            Source = Source.Standard("ISO 8502-3"),
        },
    ];

    private static Effect FilmKeyed => Set(F.Key, Key.Abraded, F.Film.IsNot(Film.None));

    private static Effect CoatKeyed => Set(F.Key, Key.Abraded, F.Cover.IsNot(Cover.None));

    // The shine of a bare face; over an old film it is the film's.
    internal static Effect BareKeyed => Set(F.Key, Key.Abraded, F.Film.Is(Film.None));

    internal static ImmutableArray<Effect> Scraped =>
        [
            Set(F.Loose, Presence.None),
            Set(F.Bare, Bare.Raw, F.Loose.Is(Presence.Present)),
            Set(F.Edges, Edges.Lifting, F.EdgeNature.Is(EdgeNature.Lifting), F.Loose.Is(Presence.Present)),
            Set(F.Edges, Edges.Firm, F.EdgeNature.Is(EdgeNature.Firm), F.Loose.Is(Presence.Present)),
            // The edge of a wash of lime or distemper is gone under the next one.
            Set(F.Step, Presence.Present, F.Loose.Is(Presence.Present), F.Film.IsNot(ExistingCoatings.Washes.AsSpan())),
        ];
}
