using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;
using P = AllSound.Core.Treatment.FabricNeeds;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Repairs to plaster, wood, metal, glazing and tile that a painter makes.</summary>
internal static class Repairs
{
    internal static readonly ImmutableArray<Need> Sound =
    [
        SiteNeeds.AccessSafe,
        SiteNeeds.DampCured,
        SiteNeeds.MovementStill,
        SiteNeeds.BackingSound,
        SiteNeeds.TimberSound,
        GroundNeeds.FabricDry,
        N.WashDry,
        N.CoatDry,
        GroundNeeds.LooseOff,
        GroundNeeds.DustOff,
    ];
    private static readonly Need OnWall = Grounds("on-wall", "the ground is plaster or masonry", Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Masonry));
    private static readonly Need OnTimber = Grounds("on-timber", "the ground is wood", Substrates.Family(SubstrateFamily.Wood));
    internal static readonly Need OnSheet = Grounds("on-sheet", "the ground is metal", Substrates.Family(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous));
    private static readonly Need OnTiles = Grounds("on-tiles", "the ground is tile", Substrate.TileGlazed, Substrate.TileUnglazed);
    internal static readonly Need OnBoard = Grounds(
        "on-board",
        "the ground is board",
        Substrate.Plasterboard,
        Substrate.Hardboard,
        Substrate.Plywood,
        Substrate.Osb,
        Substrate.Mdf
    );
    private static readonly Need NotLime = Grounds(
        "no-gypsum-on-lime",
        "the ground is gypsum, board or hard masonry, not lime or soft masonry",
        [
            .. Substrates
                .Family(SubstrateFamily.Plaster, SubstrateFamily.Masonry)
                .Where(s => s is not (Substrate.LimeNew or Substrate.LimeOld or Substrate.RenderLime or Substrate.BrickSoft or Substrate.StonePorous)),
        ]
    );

    public static readonly ImmutableArray<Operation> All =
    [
        Filled(
            "rp_crack",
            "Rake, wet and fill cracks",
            "Rake to a V, brush out, prime or wet it, press filler in; twice where it is deeper than 5 mm.",
            2.5,
            0.4,
            Sundries.FineFiller,
            new(Drying.Filler, 2, 4),
            [OnWall, P.NotDeep],
            "S3 fill after the sealer"
        ),
        Filled(
            "rp_deep",
            "Fill deep losses in layers",
            "Ten millimetres a coat at most, each scratched and left to harden.",
            2,
            6,
            Sundries.DeepFiller,
            new(Drying.Filler, 4, 24),
            [OnWall, NotLime],
            "S30 filler"
        ),
        Filled(
            "rp_lime_fill",
            "Fill losses in lime with lime",
            "Rake and brush back to what holds, wet it, lime putty and fine sand in thin layers, each kept damp, the last floated flush with a sponge float; no gypsum in lime.",
            1.5,
            6,
            Sundries.Mortar,
            new(Drying.Filler, 24, 72),
            [
                Grounds(
                    "on-lime",
                    "the ground is lime or soft masonry",
                    Substrate.LimeNew,
                    Substrate.LimeOld,
                    Substrate.RenderLime,
                    Substrate.BrickSoft,
                    Substrate.StonePorous
                ),
            ],
            "S30 filler"
        ) with
        {
            Gives = [Set(F.Fill, Fill.Flush), Set(F.Step, Presence.None)],
            Accept = "floated flush and firm, no hair cracks",
        },
        Filled(
            "rp_wood_fill",
            "Fill wood with two-part filler",
            "Dry wood, sealed edge, press in hard, cut back before it is iron-hard. 16 % moisture or less.",
            3,
            0.8,
            Sundries.TwoPartFiller,
            new(Drying.Filler, 0.5, 1),
            [OnTimber, GroundNeeds.WoodPrimedForFiller, P.FreshAir],
            "S30 two-part filler"
        ),
        Filled(
            "rp_metal_fill",
            "Fill pits in metal",
            "Two-part body filler over the primer, thin, cut back flush.",
            1,
            1.5,
            Sundries.TwoPartFiller,
            new(Drying.Filler, 0.5, 1),
            [OnSheet, GroundNeeds.BareSealed, P.FreshAir],
            "S30 two-part filler"
        ),
        Filled(
            "rp_skim",
            "Skim it flat",
            "High points off, a grip coat where it was painted, two to three millimetres of plaster trowelled flat.",
            8,
            3,
            Sundries.Mortar,
            new(Drying.Filler, 72, 168),
            [
                Grounds("skimmable", "the ground is gypsum or board", Substrate.GypsumOld, Substrate.GypsumNew, Substrate.Plasterboard),
                GroundNeeds.SoilOff,
                P.NothingWeakBeneath,
                SiteNeeds.AsbestosAbsent,
            ],
            "S8 repair only"
        ) with
        {
            Extent = Extent.Whole,
            Gives =
            [
                Set(F.Fill, Fill.Flush),
                Set(F.Step, Presence.None),
                Set(F.Lumps, Presence.None),
                Set(F.Relief, Presence.None),
                Set(F.Film, Film.None),
                Set(F.Load, LayerLoad.None),
                Set(F.Key, Key.Toothy),
                Set(F.Cover, Cover.None),
                Set(F.Topcoats, Count.None),
                Set(F.ToHide, Count.Two),
                Set(F.Bare, Bare.Raw),
            ],
            Accept = "flat and closed under a lamp, no trowel lines; then pale all over",
            ByOthers = true,
            Hired = true,
            Source = Source.Standard("BS EN 13914-2", Confidence.Usual),
        },
        Filled(
            "rp_tape",
            "Tape and flush joint cracks",
            "Tape 50 mm bedded, three coats feathered to 250 mm.",
            4,
            1.2,
            Sundries.DeepFiller,
            new(Drying.Filler, 24, 48),
            [OnBoard],
            "S30 tape"
        ),
        Mend(
            "rp_render",
            "Patch the render like for like",
            "Cut back to what holds, same mix, keep it damp for days; it is alkaline until it is old.",
            [SiteNeeds.DampCured, SiteNeeds.LeadControlled],
            [Set(F.Backing, Soundness.Sound), Set(F.Bare, Bare.Raw), Set(F.Dust, Presence.Present)],
            Extent.Once,
            3,
            0,
            [new(Sundries.Mortar, 30)],
            "sounds firm",
            "A month before paint, or an alkali test."
        ) with
        {
            ByOthers = true,
            Source = Source.Standard("EN 13914-1", Confidence.Usual),
        },
        Mend(
            "rp_decay",
            "Harden and fill small decay",
            "Dry it to 18 %, consolidant to refusal, two-part filler. Not for anything that carries load.",
            [SiteNeeds.AccessSafe, SiteNeeds.DampCured, GroundNeeds.FabricDry, OnTimber, SiteNeeds.LeadControlled, P.FreshAir],
            [Set(F.Timber, Soundness.Sound), Set(F.Bare, Bare.Raw), Set(F.Dust, Presence.Present)],
            Extent.Once,
            2,
            0,
            [new(Sundries.Consolidant, 0.3), new(Sundries.TwoPartFiller, 0.2)],
            "an awl sinks 1 mm at most",
            "Over a tenth of the section: a joiner."
        ) with
        {
            ByOthers = true,
            Source = Source.Judgement,
        },
        Mend(
            "rp_knot_cut",
            "Cut out or heat out a live knot",
            "Chisel or warm it until the resin has run, plug, level.",
            [SiteNeeds.AccessSafe, OnTimber, SiteNeeds.LeadControlled],
            [Set(F.Bare, Bare.Raw), Set(F.Knots, Bleed.Live, F.Knots.Is(Bleed.Live))],
            Extent.Knots,
            0,
            7,
            [],
            "dry, no tack",
            "Resin burns: no flame."
        ) with
        {
            ByOthers = true,
        },
        Mend(
            "rp_putty",
            "Renew failed putty",
            "Rebate clean and primed, knead, press, bed and tool to 45 degrees, a millimetre or two under the sight line. Wait for its skin.",
            [SiteNeeds.AccessSafe, SiteNeeds.LeadControlled, GroundNeeds.LooseOff, GroundNeeds.DustOff, GroundNeeds.BareSealed],
            [Set(F.Putty, Putty.Skinned)],
            Extent.Glazing,
            0.2,
            6,
            [new(Sundries.Putty, 0.09)],
            "skinned, firm to the thumb",
            "Glass cuts."
        ) with
        {
            Leaves = new(Drying.Filler, 96, 168),
            Source = Source.Standard("BS 8000-7", Confidence.Usual),
        },
        Mend(
            "rp_grout",
            "Rake and renew loose grout",
            "Rake out, brush, fill, wipe; two to three days before paint.",
            [SiteNeeds.AccessSafe, SiteNeeds.Covered, OnTiles, SiteNeeds.DampCured, SiteNeeds.BackingSound],
            [Set(F.Joint, Joint.Caulked, F.Joint.Is(Joint.Open)), Set(F.Dust, Presence.Present)],
            Extent.Joint,
            0.3,
            12,
            [new(Sundries.Grout, 0.2)],
            "no pinholes",
            "Silica dust: damp it."
        ) with
        {
            Leaves = new(Drying.Filler, 48, 72),
        },
    ];

    private static Operation Filled(string id, string title, string how, double rate, double kg, Sundry filler, Wait leaves, ImmutableArray<Need> needs, string school) =>
        new()
        {
            Id = id,
            Group = Group.Fill,
            Title = title,
            Do = how,
            Needs =
            [
                .. Sound,
                GroundNeeds.EdgesHeld,
                // Lime goes in wet before the face is bound with lime or silicate: those bind both.
                .. filler == Sundries.Mortar ? Array.Empty<Need>() : [GroundNeeds.PowderBound],
                GroundNeeds.GreaseOff,
                GroundNeeds.ResidueOut,
                GroundNeeds.Keyed,
                SiteNeeds.LeadControlled,
                .. needs,
            ],
            Gives = [Set(F.Fill, Fill.Proud), Set(F.Step, Presence.None)],
            Extent = Extent.Fill,
            Rate = rate,
            FixedHours = 0.25,
            Uses = [new(filler, kg)],
            Leaves = leaves,
            Accept = "proud everywhere, no voids",
            Protection = ["gloves"],
            Hazard = 0.4,
            School = school,
            Source = Source.Practice,
        };

    internal static Operation Mend(
        string id,
        string title,
        string how,
        ImmutableArray<Need> needs,
        ImmutableArray<Effect> gives,
        Extent extent,
        double fixedHours,
        double rate,
        ImmutableArray<Use> uses,
        string accept,
        string caution
    ) =>
        new()
        {
            Id = id,
            Group = Group.Repair,
            Title = title,
            Do = how,
            Needs = needs,
            Gives = gives,
            Extent = extent,
            FixedHours = fixedHours,
            Rate = rate,
            Uses = uses,
            Accept = accept,
            Cautions = caution.Length > 0 ? [caution] : [],
            Protection = ["gloves", "goggles"],
            Hazard = 0.8,
            Source = Source.Usual,
        };

    internal static Need Grounds(string id, string title, params Substrate[] grounds) => NeedRegistry.Ground(id, title, grounds);
}
