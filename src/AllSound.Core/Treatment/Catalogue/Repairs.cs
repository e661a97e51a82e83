using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Treatment.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;
using P = AllSound.Core.Treatment.FabricNeeds;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Repairs that a painter makes, mechanical ones among them.</summary>
internal static class Repairs
{
    private static readonly ImmutableArray<Need> Sound =
    [
        N.AccessSafe,
        N.DampCured,
        N.MovementStill,
        N.BackingSound,
        N.TimberSound,
        N.FabricDry,
        N.WashDry,
        N.CoatDry,
        N.LooseOff,
        N.DustOff,
    ];
    private static readonly Need OnWall = Grounds("on-wall", "the ground is plaster or masonry", Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Masonry));
    private static readonly Need OnTimber = Grounds("on-timber", "the ground is wood", Substrates.Family(SubstrateFamily.Wood));
    private static readonly Need OnSheet = Grounds("on-sheet", "the ground is metal", Substrates.Family(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous));
    private static readonly Need OnTiles = Grounds("on-tiles", "the ground is tile", Substrate.TileGlazed, Substrate.TileUnglazed);
    private static readonly Need OnBoard = Grounds(
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
        "the ground is no lime or soft masonry",
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
            [OnWall],
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
            "Lime putty and fine sand, in thin layers, kept damp; no gypsum in lime.",
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
        ),
        Filled(
            "rp_wood_fill",
            "Fill wood with two-part filler",
            "Dry wood, sealed edge, press in hard, cut back before it is iron-hard. 16 % moisture or less.",
            3,
            0.8,
            Sundries.TwoPartFiller,
            new(Drying.Filler, 0.5, 1),
            [OnTimber, N.WoodPrimedForFiller, P.FreshAir],
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
            [OnSheet, N.BareSealed, P.FreshAir],
            "S30 two-part filler"
        ),
        Filled(
            "rp_skim",
            "Skim the wall",
            "Two to three millimetres of plaster over a firm keyed wall.",
            8,
            3,
            Sundries.Mortar,
            new(Drying.Filler, 72, 168),
            [Grounds("skimmable", "the ground is gypsum or board", Substrate.GypsumOld, Substrate.GypsumNew, Substrate.Plasterboard)],
            "S8 repair only"
        ) with
        {
            Extent = Extent.Whole,
            Gives = [Set(F.Fill, Fill.Flush), Set(F.Step, Presence.None), Set(F.Lumps, Presence.None), Set(F.Bare, Bare.Raw)],
            ByOthers = true,
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
            [N.DampCured, N.LeadControlled],
            [Set(F.Backing, Soundness.Sound), Set(F.Bare, Bare.Raw), Set(F.Dust, Presence.Present)],
            Extent.Once,
            3,
            0,
            [new(Sundries.Mortar, 30)],
            "sounds firm",
            "a month before paint, or an alkali test"
        ) with
        {
            ByOthers = true,
            Source = Source.Standard("EN 13914-1", Confidence.Usual),
        },
        Mend(
            "rp_decay",
            "Harden and fill small decay",
            "Dry it to 18 %, consolidant to refusal, two-part filler. Not for anything that carries load.",
            [N.AccessSafe, N.DampCured, N.FabricDry, OnTimber, N.LeadControlled, P.FreshAir],
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
            [N.AccessSafe, OnTimber, N.LeadControlled],
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
            [N.AccessSafe, N.LeadControlled, N.LooseOff, N.DustOff],
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
            [N.AccessSafe, N.Covered, OnTiles, N.DampCured, N.BackingSound],
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
        Mend(
            "mc_fixings",
            "Renew failed fixings",
            "A longer, coarser screw finds fresh bite; bonded washer under the head for a lasting seal. Nails: punch 2 to 3 mm or change.",
            [N.AccessSafe, N.LeadControlled],
            [Set(F.Fixings, Soundness.Sound)],
            Extent.Fixings,
            0.2,
            60,
            [new(Sundries.Screws, 1)],
            "tight, washer squeezed evenly",
            "Do not stand on sheet that is not known to bear."
        ),
        Mend(
            "mc_lap_rivet",
            "Rivet gaping laps",
            "Close the lap with sealed rivets 100 to 150 mm apart, sealant bead in the lap first.",
            [N.AccessSafe, OnSheet, N.LeadControlled, P.Rivetable],
            [Set(F.Laps, Laps.Closed)],
            Extent.Laps,
            0.3,
            12,
            [new(Sundries.Rivets, 8), new(Sundries.Sealant, 0.03)],
            "no gap to a knife blade",
            "Sharp sheet edges: gloves."
        ),
        Mend(
            "mc_lap_seal",
            "Seal laps that cannot be riveted",
            "Clean, dry, backing where it is wide, hybrid sealant tooled.",
            [N.AccessSafe, OnSheet, N.LeadControlled, N.DustOff, N.GreaseOff, N.WashDry, P.RustOff, P.NotRivetable],
            [Set(F.Laps, Laps.Closed)],
            Extent.Laps,
            0.2,
            15,
            [new(Sundries.Sealant, 0.08)],
            "no gap, concave bead",
            "Second best: it lasts less long than a rivet."
        ) with
        {
            Leaves = new(Drying.Caulk, 24, 48),
        },
        Mend(
            "mc_hole_brush",
            "Seal small holes with rubberising sealer",
            "Two coats brushed 50 mm past each hole.",
            [N.AccessSafe, OnSheet, P.HolesSmall, N.DustOff, N.GreaseOff, N.WashDry, P.RustOff],
            [Set(F.Holes, Holes.None)],
            Extent.Once,
            0.5,
            0,
            [new(Sundries.Rubberiser, 0.3)],
            "no light through it",
            "Ventilate."
        ) with
        {
            Leaves = new(Drying.Caulk, 12, 24),
        },
        Mend(
            "mc_hole_patch",
            "Bridge larger holes with fibre in sealer",
            "Sealer, fibre pressed in, sealer again, 75 mm past the edge; sheet patch where it is more than a hand.",
            [N.AccessSafe, OnSheet, N.DustOff, N.GreaseOff, N.WashDry, P.RustOff],
            [Set(F.Holes, Holes.None)],
            Extent.Once,
            1,
            0,
            [new(Sundries.Rubberiser, 0.8), new(Sundries.Fibre, 0.5)],
            "no light through it, fibre wholly wetted",
            "Ventilate."
        ) with
        {
            Leaves = new(Drying.Caulk, 24, 24),
        },
        Mend(
            "mc_gutter_joint",
            "Reseal gutter joints",
            "Wire out, dry, sealant, bolt up; run water for ten minutes.",
            [N.AccessSafe, OnSheet, N.LeadControlled],
            [Set(F.Joint, Joint.Caulked, F.Joint.Is(Joint.Open)), Set(F.Dust, Presence.Present)],
            Extent.Joint,
            0.3,
            4,
            [new(Sundries.Sealant, 0.04)],
            "no drip in ten minutes",
            "Work from a platform."
        ) with
        {
            Leaves = new(Drying.Caulk, 24, 24),
        },
        Mend(
            "mc_nail_pop",
            "Screw beside popped nails and sink them",
            "A screw 40 to 50 mm either side, then sink the nail.",
            [N.AccessSafe, N.LeadControlled, OnBoard],
            [Set(F.Fixings, Soundness.Sound), Set(F.Fill, Fill.Open)],
            Extent.Fixings,
            0.1,
            30,
            [],
            "no movement",
            "Find cables first."
        ),
        Mend(
            "mc_board",
            "Refix loose board",
            "Screws 150 to 230 mm apart into the stud.",
            [N.AccessSafe, N.LeadControlled, N.ElectricsSafe, OnBoard],
            [Set(F.Backing, Soundness.Sound), Set(F.Fill, Fill.Open)],
            Extent.Whole,
            0.2,
            4,
            [],
            "no movement under the palm",
            "Scan for cables before a screw goes in."
        ),
        Mend(
            "mc_sash",
            "Ease and free the sash",
            "Cut the paint seal, free beads and cords, plane where it binds; 2 mm of play for the new paint.",
            [N.AccessSafe, N.LeadControlled],
            [Set(F.Dust, Presence.Present)],
            Extent.Once,
            2,
            0,
            [],
            "runs freely with 2 mm of play",
            "A heavy sash drops: prop it."
        ) with
        {
            ByOthers = false,
        },
        Mend(
            "mc_hardware",
            "Take ironmongery off and label it",
            "Bag screws with each piece; list what goes back where. Leave fire-door seals and closers alone.",
            [],
            [],
            Extent.Once,
            0.4,
            0,
            [],
            "list written",
            "Fire doors keep their seals."
        ) with
        {
            School = "S23 take off",
        },
    ];

    private static Operation Filled(string id, string title, string how, double rate, double kg, Sundry filler, Wait leaves, ImmutableArray<Need> needs, string school) =>
        new()
        {
            Id = id,
            Group = Group.Fill,
            Title = title,
            Do = how,
            Needs = [.. Sound, N.EdgesHeld, N.PowderBound, N.GreaseOff, N.ResidueOut, N.Keyed, N.LeadControlled, .. needs],
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

    private static Operation Mend(
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
            Cautions = [caution],
            Protection = ["gloves", "goggles"],
            Hazard = 0.8,
            Source = Source.Usual,
        };

    private static Need Grounds(string id, string title, params Substrate[] grounds) => NeedRegistry.Ground(id, title, grounds);
}
