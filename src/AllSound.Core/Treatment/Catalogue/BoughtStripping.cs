using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using P = AllSound.Core.Treatment.FabricNeeds;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Stripping that is bought in as a service: blasting, and a tank off site.</summary>
internal static class BoughtStripping
{
    private static readonly Need HardMasonryOrIron = NeedRegistry.Ground(
        "blastable",
        "the ground is hard masonry, or iron and steel 3 mm or thicker",
        [Substrate.BrickHard, Substrate.ConcreteCast, Substrate.RenderCement, Substrate.BlockConcrete, Substrate.StoneDense, Substrate.Steel, Substrate.IronCast]
    );

    private static readonly Need BlastableSteel = NeedRegistry.Ground(
        "blastable-steel",
        "the ground is steel or iron 3 mm or thicker",
        [Substrate.Steel, Substrate.IronCast]
    );
    private static readonly Need Dippable = NeedRegistry.Ground(
        "dippable",
        "it is solid softwood, steel or iron, pegged and not glued",
        [Substrate.Softwood, Substrate.SoftwoodResinous, Substrate.Steel, Substrate.IronCast]
    );

    public static readonly ImmutableArray<Operation> All =
    [
        Stripping.Also(
            FilmStripping.Strip(
                "st_wet_blast",
                "Have it wet-blasted",
                "Low pressure, captured water, a trial panel first.",
                rate: 4,
                narrow: 8,
                moulded: 2,
                carved: 1,
                Residue.None,
                new(Drying.Wash, 24, 72),
                [HardMasonryOrIron, P.Outside],
                [new(Sundries.Media, 17), new(Sundries.WetBlasting, 1)],
                "S7 blast",
                "no more than 0.3 mm lost, water caught",
                ["Competent contractor; capture everything on lead."],
                hazard: 5,
                Source.Standard("ISO 8501-4", Confidence.Judgement)
            ) with
            {
                ByOthers = true,
                Hired = true,
            },
            // Iron comes out of the water bright and rusts again lightly while it dries.
            Set(F.Rust, Rust.Light, F.Rust.IsNot(Rust.None))
        ),
        Stripping.Also(
            FilmStripping.Strip(
                "st_blast_steel",
                "Have the steel blasted bright, the dust captured",
                "A contractor with vacuum blasting. To near white, a sharp profile of 40 to 75 micrometres; and only as much as is primed the same shift.",
                rate: 40,
                narrow: 40,
                moulded: 20,
                carved: 10,
                Residue.None,
                null,
                [BlastableSteel, SiteNeeds.LeadAbsent, P.Outside, P.FaceBears],
                [new(Sundries.CaptureBlasting, 1)],
                "S7 blast",
                "near white against the pictures, profile read, dust class 2 or better",
                ["Competent contractor.", "Hearing, and nobody within the barrier."],
                hazard: 5,
                Source.Standard("ISO 8501-1, ISO 8503", Confidence.Usual)
            ) with
            {
                ByOthers = true,
                Hired = true,
            },
            Set(F.Rust, Rust.None),
            Set(F.Prep, Prep.Blast),
            Set(F.Dust, Presence.None)
        ),
        FilmStripping.Strip(
            "st_caustic_dip",
            "Have it stripped in an off-site tank",
            "Take it off, label every part; the yard neutralises, you prove it with pH paper and let it dry one to two weeks.",
            rate: 12,
            narrow: 24,
            moulded: 12,
            carved: 12,
            Residue.Alkali,
            new(Drying.Wash, 168, 336),
            [Dippable, P.TakenDown],
            [new(Sundries.TankStripping, 1)],
            "S7 off-site dip",
            "pH 8.5 or less, joints tight, 15 % or less",
            ["Never on site. Tell the yard about lead."],
            hazard: 1,
            Source.Judgement
        ) with
        {
            ByOthers = true,
            Hired = true,
        },
    ];
}
