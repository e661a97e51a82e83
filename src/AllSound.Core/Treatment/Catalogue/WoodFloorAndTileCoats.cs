using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Materials.Catalogue;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Clear and oil finishes, end grain, floors and tile. What all coats of a role need stands in <see cref="Coating"/>.</summary>
internal static class WoodFloorAndTileCoats
{
    private static readonly ImmutableArray<string> Rags = ["Oily rags can catch fire by themselves: flat outside or under water in a lidded bin."];

    private static readonly Need NotOily = NeedRegistry
        .Register("not-shower", "water does not stand on it", "Standing water lifts any paint off tile.", Severity.Note, Source.Usual, [F.Moisture.Is(Moisture.Dry)])
        .Otherwise("water stands on it");

    // Primer is not laid beside what is still to be rubbed: an order of work, and no fault where it was done otherwise.
    private static readonly Need RubbedFirst = NeedRegistry
        .Register(
            "rubbed-first",
            "the film beside it is rubbed down",
            "Rubbing down later smears slurry and dust over the primer.",
            Severity.Note,
            Source.Practice,
            [F.Film.Is(Film.None), F.Key.IsNot(Key.Shiny)]
        )
        .Otherwise("the film beside it is still to be rubbed down");

    public static readonly ImmutableArray<Operation> All =
    [
        Coat(
            "se_endgrain",
            Group.Seal,
            CoatRole.None,
            "Seal end grain till it drinks no more",
            "The primer, or under a clear finish the finish itself, brushed wet into every end and cut edge, two or three times, wet in wet.",
            [],
            30,
            "no dull spots",
            "S2 primer",
            Source.Practice,
            0.5
        ) with
        {
            Gives = [Set(F.EndGrain, EndGrain.Sealed, F.EndGrain.Is(EndGrain.Open))],
            Needs =
            [
                SiteNeeds.AccessSafe,
                GroundNeeds.LooseOff,
                GroundNeeds.DustOff,
                GroundNeeds.SoilOff,
                GroundNeeds.FabricDry,
                GroundNeeds.GreyOff,
                RubbedFirst,
                GroundNeeds.StepGone,
                SiteNeeds.LeadControlled,
                N.WashDry,
            ],
            Extent = Extent.Ends,
            RateNarrow = null,
            Leaves = new(Drying.Coat, 4, 16),
        },
        Coat(
            "tc_varnish",
            Group.Topcoat,
            CoatRole.Finish,
            "Varnish, along the grain",
            "The first coat on bare wood let down as far as the label allows, then full coats; cut back lightly between. Never over grey wood.",
            [WoodFloorAndTileCoatings.VarnishFinish, ClearCoatings.VarnishWaterborne],
            8,
            "even, no laps, no bubbles",
            "S20 clear",
            Source.Practice,
            2.5
        ) with
        {
            Gives = Sealing.Seals,
            Needs = [BareWoodOr],
        },
        Coat(
            "tc_stain",
            Group.Topcoat,
            CoatRole.Finish,
            "Woodstain, along the grain",
            "Board by board, never past a wet edge; two or three coats.",
            [WoodFloorAndTileCoatings.WoodstainLow, WoodFloorAndTileCoatings.WoodstainMid],
            7,
            "even colour, no laps",
            "S20 clear",
            Source.Standard("EN 927-1", Confidence.Usual),
            0.4
        ) with
        {
            Gives = Sealing.Seals,
            Needs = [BareWoodOr],
        },
        Coat(
            "tc_oil",
            Group.Topcoat,
            CoatRole.Finish,
            "Oil, wiped dry",
            "Thin on a pad; wipe all that stands after fifteen to twenty minutes.",
            [WoodFloorAndTileCoatings.HardwaxOil],
            10,
            "no wet film left",
            "S20 clear",
            Source.Practice,
            1.5
        ) with
        {
            Gives = Sealing.Seals,
            Needs = [BareWoodOr],
            Cautions = Rags,
        },
        Coat(
            "tc_polish",
            Group.Topcoat,
            CoatRole.Finish,
            "Shellac polish, with a pad",
            "Linen over wadding, hardly wet, a drop of oil on the face; straight strokes and figures of eight in one movement. Build it over days, last clear the oil with spirit. Old polish runs together with the new: white rings go.",
            [ClearCoatings.ShellacPolish],
            1.5,
            "even depth, no ridges, no oil left on the face",
            "S20 clear",
            Source.Practice,
            2
        ) with
        {
            Gives = Sealing.Seals,
            Needs = [BareWoodOr],
            Cautions = ["Water, heat and spirit mark it for good."],
            Tool = "linen pad over wadding",
        },
        Coat(
            "tc_wax",
            Group.Topcoat,
            CoatRole.Finish,
            "Wax, thin, and buff",
            "A thin smear on a cloth, rubbed in along the grain; buff after half an hour, again the next day.",
            [ClearCoatings.PasteWax],
            8,
            "a dry soft shine, no smears to a finger",
            "S20 clear",
            Source.Practice,
            1
        ) with
        {
            Gives = Sealing.Seals,
            Needs = [BareWoodOr],
            Cautions = Rags,
            Tool = "lint-free cloths, soft brush",
        },
        Coat(
            "tc_linseed",
            Group.Topcoat,
            CoatRole.Finish,
            "Linseed oil paint",
            "Very thin, brushed out hard three ways; days between coats.",
            [WoodFloorAndTileCoatings.LinseedPaint],
            6,
            "no wrinkles, even",
            "S20 linseed",
            Source.Judgement,
            0.8
        ) with
        {
            Gives = Sealing.Seals,
            Needs = [BareWoodOr],
            Cautions = Rags,
        },
        Coat(
            "pr_epoxy_tile",
            Group.Prime,
            CoatRole.Primer,
            "Prime tile or floor with waterborne epoxy",
            "Mix the whole pack; thin, even, into the grout lines.",
            [WoodFloorAndTileCoatings.EpoxyPrimerWater],
            8,
            "hard the next day; a thumbnail does not lift it",
            "S20 two-part",
            Source.Usual,
            2.5
        ) with
        {
            Gives = Sealing.Seals,
            Cautions = ["Mix by the ratio on the label; once it thickens it is waste.", "Two-part paint sensitises: no skin contact."],
            Protection = ["chemical gauntlets", "half mask A2P3"],
        },
        Coat(
            "tc_tile",
            Group.Topcoat,
            CoatRole.Finish,
            "Two-part tile finish",
            "Dense foam roller, thin, two coats; no water on it for a week.",
            [WoodFloorAndTileCoatings.TileTwoPart],
            7,
            "hard, no pinholes",
            "S20 two-part",
            Source.Usual,
            4
        ) with
        {
            Needs = [NotOily],
            Cautions = ["Mix by the ratio on the label.", "Contains isocyanate: trained people only, never sprayed.", "No shower for seven days."],
            Protection = ["chemical gauntlets", "half mask A2P3"],
            Tool = "dense foam roller",
        },
        Coat(
            "tc_floor",
            Group.Topcoat,
            CoatRole.Finish,
            "Floor paint",
            "Brush the edges, roll away towards the door; no feet for a day, no loads for a week.",
            [WoodFloorAndTileCoatings.FloorOnePart, WoodFloorAndTileCoatings.FloorTwoPart],
            12,
            "no misses against the light",
            "S20 waterborne",
            Source.Usual,
            1.5
        ) with
        {
            Cautions = ["Wet floors slip: close it off.", "Two-part floor coating sensitises: gauntlets."],
            Protection = ["chemical gauntlets", "goggles"],
        },
        Coat(
            "tc_floor_alkyd",
            Group.Topcoat,
            CoatRole.Finish,
            "Alkyd floor paint",
            "Brush the edges, work away towards the door; no feet for a day, no loads for a week.",
            [WoodFloorAndTileCoatings.FloorAlkyd],
            10,
            "no misses against the light",
            "S20 solvent",
            Source.Usual,
            2.5
        ) with
        {
            // On masonry floors alkali from below turns it to soap.
            Needs = [FilmStripping.OnWood],
            Cautions = ["Wet floors slip: close it off.", "Draw the fumes out: no flame or spark."],
            Protection = Sealing.FumeWear,
        },
        Coat(
            "pr_floor",
            Group.Prime,
            CoatRole.Spot,
            "First coat of floor paint, thinned",
            "10 % thinner, scrubbed into the clean dry floor.",
            [WoodFloorAndTileCoatings.FloorOnePart],
            11,
            "even, nothing bare",
            "S2 thinned first coat",
            Source.Usual,
            0.8
        ) with
        {
            Gives = Sealing.Seals,
            Needs = [GroundNeeds.PowderBound, SiteNeeds.LeadControlled],
            Extent = Extent.Bare,
            Thinning = 10,
        },
    ];

    // A clear or oil coat does not bridge powder or grey fibre.
    private static Need BareWoodOr => GroundNeeds.PowderBound;

    private static Operation Coat(
        string id,
        Group group,
        CoatRole role,
        string title,
        string how,
        ImmutableArray<CoatingClass> products,
        double rate,
        string accept,
        string school,
        Source source,
        double hazard
    ) =>
        new()
        {
            Id = id,
            Group = group,
            Title = title,
            Do = how,
            Role = role,
            Products = products,
            Extent = Extent.Whole,
            Rate = rate,
            RateNarrow = rate * 1.8,
            FixedHours = 0.2,
            Accept = accept,
            Hazard = hazard,
            School = school,
            Source = source,
        };
}
