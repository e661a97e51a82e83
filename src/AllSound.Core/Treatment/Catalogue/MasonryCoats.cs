using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Materials.Catalogue;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using P = AllSound.Core.Treatment.FabricNeeds;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Coats for masonry and mineral grounds. What all coats of a role need stands in <see cref="Coating"/>.</summary>
internal static class MasonryCoats
{
    private static readonly Source En1062 = Source.Standard("EN 1062-1", Confidence.Usual);
    private static readonly ImmutableArray<string> LimeWear = ["chemical gauntlets", "goggles"];

    private static readonly Need Cracked = NeedRegistry.Register(
        "render-not-breathing-ground",
        "the wall is hard masonry above the damp course",
        "An elastic film on soft or damp masonry holds water like a bag.",
        Severity.Fails,
        Source.Usual,
        [F.Substrate.Is([.. CoatGrounds.MasonryHard])]
    );

    private const string LimeOnly = "Lime water binds lime with lime; anything else it leaves as it was.";

    private static readonly Need LimeFace = NeedRegistry.Register(
        "lime-face",
        "the face is lime: limewash, or lime plaster or render",
        LimeOnly,
        Severity.Fails,
        Source.Usual,
        [F.Film.Is(Film.Limewash), F.Substrate.Is(Substrate.LimeNew, Substrate.LimeOld, Substrate.RenderLime)]
    );

    private static readonly Need NoOtherFilm = NeedRegistry
        .Register("no-film-but-limewash", "only limewash lies on it", LimeOnly, Severity.Fails, Source.Usual, [F.Film.Is(Film.None, Film.Limewash)])
        .Otherwise("paint other than limewash lies on it");

    private static readonly Need Mineral = NeedRegistry.Ground("mineral-ground", "the substrate is lime, cement, brick or porous stone", CoatGrounds.Mineral.AsSpan());

    private static readonly Need Alkaline = NeedRegistry.Register(
        "alkaline",
        "the face is alkaline: pH over 9",
        "There is no alkali to shut off; an ordinary primer does.",
        Severity.Note,
        Source.Usual,
        [F.Alkalinity.IsNot(Alkalinity.Neutral), F.Substrate.Is([.. CoatGrounds.AnyMasonry])]
    );

    public static readonly ImmutableArray<Operation> All =
    [
        Coat(
            "pr_isolate",
            Group.Prime,
            CoatRole.Primer,
            "Bind a powdering film all over with stabilising sealer",
            "Brush the powder off, then flood and brush out; no shine left standing. It may look shiny and yet be dry.",
            [WallCoatings.Stabiliser, WallAndMasonryCoatings.StabiliserSolvent],
            12,
            "tape pulls off clean",
            "S1 stabiliser",
            Source.Usual,
            0.4
        ) with
        {
            FaceRates = Brushed(12),
            Gives = [Set(F.Powder, Powder.Bound, F.Powder.Is(Powder.Friable)), .. Sealing.Seals],
        },
        Coat(
            "pr_silicate",
            Group.Prime,
            CoatRole.Primer,
            "Bind a powdering mineral face with a first coat of silicate, thinned",
            "Thin with the maker's silicate fixative, brush it well in; it binds by turning to stone with the face and leaves it open to vapour.",
            [WallAndMasonryCoatings.SilicateFinish, WallAndMasonryCoatings.SilicatePureFinish],
            8,
            "no powder on the hand the day after",
            "S1 silicate",
            Source.Standard("DIN 18363", Confidence.Usual),
            0.8
        ) with
        {
            FaceRates = Brushed(8),
            Gives = [Set(F.Powder, Powder.Bound, F.Powder.Is(Powder.Friable)), .. Sealing.Seals],
            Thinning = 30,
            Dilution = "up to half fixative, by the label",
            Protection = LimeWear,
            Cautions = ["Silicate burns eyes and etches glass: goggles, cover glass and stone."],
            Tool = "wide soft-bristled block brush",
        },
        new()
        {
            Id = "se_limewater",
            Group = Group.Seal,
            Title = "Bind powdering lime with lime water",
            Do =
                "Brush off what comes. Flood on clear lime water with a soft brush or a fine spray, let it soak in, again before it dries, five times or more; sponge off what stands.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.LeadControlled,
                GroundNeeds.LooseOff,
                GroundNeeds.SaltsOff,
                GroundNeeds.DustOff,
                Mineral,
                LimeFace,
                NoOtherFilm,
            ],
            Gives = [Set(F.Powder, Powder.Bound, F.Powder.Is(Powder.Friable))],
            Extent = Extent.Whole,
            Rate = 4,
            FixedHours = 0.5,
            Leaves = new(Drying.Wash, 12, 24),
            Tool = "soft block brush or fine sprayer",
            Accept = "no powder on the hand once dry; if it still powders, again, or brush back to what is firm",
            Protection = LimeWear,
            Cautions = ["Lime burns eyes and skin: goggles, gauntlets, water at hand."],
            Hazard = 0.8,
            School = "S1 lime",
            Source = Source.Judgement,
        },
        Coat(
            "pr_alkali",
            Group.Prime,
            CoatRole.Primer,
            "Prime with alkali-resisting primer",
            "One full coat worked in; a day later the face tests pH 9 or less.",
            [WallAndMasonryCoatings.AlkaliPrimerWater, WallAndMasonryCoatings.AlkaliPrimerSolvent],
            10,
            "even; pH paper on the dry face 9 or less",
            "S1 alkali primer",
            Source.Standard("BS 6150", Confidence.Usual),
            1
        ) with
        {
            FaceRates = Brushed(10),
            Gives = [Set(F.Alkalinity, Alkalinity.Isolated, F.Alkalinity.Is(Alkalinity.Mild)), .. Sealing.Seals],
            Needs = [GroundNeeds.PowderBound, Alkaline],
        },
        Coat(
            "se_alkali",
            Group.Seal,
            CoatRole.Spot,
            "Seal bare alkaline patches",
            "Alkali-resisting primer on every bare patch.",
            [WallAndMasonryCoatings.AlkaliPrimerWater, WallAndMasonryCoatings.AlkaliPrimerSolvent],
            10,
            "even; pH paper on the dry patch 9 or less",
            "S1 alkali primer",
            Source.Standard("BS 6150", Confidence.Usual),
            1
        ) with
        {
            FaceRates = Brushed(10),
            Gives = [Set(F.Alkalinity, Alkalinity.Isolated, F.Alkalinity.Is(Alkalinity.Mild)), .. Sealing.Seals],
            Needs = [GroundNeeds.PowderBound, GroundNeeds.EdgesHeld, SiteNeeds.LeadControlled, Alkaline],
            Extent = Extent.Bare,
        },
        Coat(
            "pr_masonry",
            Group.Prime,
            CoatRole.Spot,
            "First coat on bare masonry, thinned",
            "Masonry paint with 10 to 20 % water, worked into pores and joints; on brick into the joints with an old stiff brush.",
            [WallAndMasonryCoatings.MasonryAcrylicFinish],
            10,
            "even, no pinholes",
            "S2 thinned first coat",
            Source.Usual,
            0.3
        ) with
        {
            FaceRates = Brushed(10),
            Gives = Sealing.Seals,
            Needs = [GroundNeeds.PowderBound, GroundNeeds.EdgesHeld, SiteNeeds.LeadControlled],
            Extent = Extent.Bare,
            Thinning = 15,
            Dilution = "15 parts water to 100 parts paint by volume, on this coat only",
        },
        Coat(
            "pr_siloxane",
            Group.Prime,
            CoatRole.Spot,
            "First coat of silicone resin paint on bare masonry",
            "Thinned 5 to 10 %, brushed in.",
            [WallAndMasonryCoatings.SiloxaneFinish],
            9,
            "even, no pinholes",
            "S2 thinned first coat",
            En1062,
            0.3
        ) with
        {
            FaceRates = Brushed(9),
            Gives = Sealing.Seals,
            Needs = [GroundNeeds.PowderBound, GroundNeeds.EdgesHeld, SiteNeeds.LeadControlled],
            Extent = Extent.Bare,
            Thinning = 10,
        },
        Coat(
            "tc_masonry",
            Group.Topcoat,
            CoatRole.Finish,
            "Masonry paint, brushed and rolled",
            "20 mm pile on smooth, 32 mm on rough, brush into joints first; follow the shade, finish a face to an arris or pipe.",
            [WallAndMasonryCoatings.MasonryAcrylicFinish, WallAndMasonryCoatings.MasonrySolventFinish, WallAndMasonryCoatings.SiloxaneFinish],
            14,
            "no pinholes, no laps at 3 m",
            "S25 stiff brush for joints",
            Source.Usual,
            0.4
        ) with
        {
            Tool = "20 mm pile on smooth, 32 mm on rough; old stiff brush for joints and recesses",
        },
        Coat(
            "tc_masonry_elastic",
            Group.Topcoat,
            CoatRole.Finish,
            "Elastic masonry paint over hair cracks",
            "Thick and even, two coats; end it above the damp course.",
            [WallAndMasonryCoatings.MasonryElasticFinish],
            6,
            "no pinholes; film thick enough to bridge",
            "S15 thick film",
            En1062,
            0.4
        ) with
        {
            Needs = [Cracked],
            Tool = "20 mm pile",
        },
        Coat(
            "tc_mineral",
            Group.Topcoat,
            CoatRole.Finish,
            "Limewash or silicate on a mineral face",
            "Damp the wall with a mist, brush thin and crosswise, three to five coats of limewash or two of silicate; keep sun and wind off.",
            [WallAndMasonryCoatings.LimewashFinish, WallAndMasonryCoatings.SilicateFinish, WallAndMasonryCoatings.SilicatePureFinish],
            9,
            "no powder on the hand after a week or two",
            "S20 mineral",
            Source.Standard("DIN 18363", Confidence.Usual),
            0.8
        ) with
        {
            FaceRates = Brushed(9),
            Gives = Sealing.Seals,
            Needs = [GroundNeeds.PowderBound, GroundNeeds.FillFlush],
            Protection = LimeWear,
            Cautions = ["Lime and silicate burn eyes and etch glass: goggles, cover glass and stone."],
            Tool = "wide soft-bristled block brush",
        },
        Coat(
            "tc_casein",
            Group.Topcoat,
            CoatRole.Finish,
            "Casein paint, brushed",
            "Thin, crosswise, wet in wet; a second coat the next day.",
            [WallAndMasonryCoatings.CaseinFinish],
            9,
            "even when dry; it looks patchy while wet",
            "S20 mineral",
            Source.Judgement,
            0.3
        ) with
        {
            FaceRates = Brushed(9),
            Gives = Sealing.Seals,
            Needs = [GroundNeeds.PowderBound, P.Inside],
        },
    ];

    // What is brushed in hardly minds a texture: the lower half of the trade's range, as 8 of 10 to 12 square metres an hour.
    internal static ImmutableArray<FaceRate> Brushed(double rate) => [new(Face.Textured, 0.85 * rate), new(Face.Rough, 0.65 * rate)];

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
            RateNarrow = 20,
            FixedHours = 0.25,
            Accept = accept,
            Protection = ["goggles"],
            Hazard = hazard,
            School = school,
            Source = source,
        };
}
