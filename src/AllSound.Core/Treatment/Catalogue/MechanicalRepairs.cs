using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;
using P = AllSound.Core.Treatment.FabricNeeds;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Repairs to fixings, laps, holes, joints and hardware.</summary>
internal static class MechanicalRepairs
{
    public static readonly ImmutableArray<Operation> All =
    [
        Repairs.Mend(
            "mc_fixings",
            "Renew failed fixings",
            "A longer, coarser screw finds fresh bite; bonded washer under the head for a lasting seal. Nails: punch 2 to 3 mm or change.",
            [SiteNeeds.AccessSafe, SiteNeeds.LeadControlled],
            // Nails that rust are changed for stainless ones.
            [Set(F.Fixings, Soundness.Sound), Set(F.NailHeads, Bleed.None, F.NailHeads.Is(Bleed.Live))],
            Extent.Fixings,
            0.2,
            60,
            [new(Sundries.Screws, 1)],
            "tight, washer squeezed evenly",
            "Do not stand on sheet that is not known to bear."
        ),
        Repairs.Mend(
            "mc_lap_rivet",
            "Rivet gaping laps",
            "Close the lap with sealed rivets 100 to 150 mm apart, sealant bead in the lap first.",
            [SiteNeeds.AccessSafe, Repairs.OnSheet, SiteNeeds.LeadControlled, P.Rivetable],
            [Set(F.Laps, Laps.Closed)],
            Extent.Laps,
            0.3,
            12,
            [new(Sundries.Rivets, 8), new(Sundries.Sealant, 0.03)],
            "no gap to a knife blade",
            "Sharp sheet edges: gloves."
        ),
        Repairs.Mend(
            "mc_lap_seal",
            "Seal laps that cannot be riveted",
            "Clean, dry, backing where it is wide, hybrid sealant tooled.",
            [SiteNeeds.AccessSafe, Repairs.OnSheet, SiteNeeds.LeadControlled, GroundNeeds.DustOff, GroundNeeds.GreaseOff, N.WashDry, P.RustOff, P.NotRivetable],
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
        Repairs.Mend(
            "mc_hole_brush",
            "Seal small holes with rubberising sealer",
            "Two coats brushed 50 mm past each hole.",
            [SiteNeeds.AccessSafe, Repairs.OnSheet, P.HolesSmall, GroundNeeds.DustOff, GroundNeeds.GreaseOff, N.WashDry, P.RustOff],
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
        Repairs.Mend(
            "mc_hole_patch",
            "Bridge larger holes with fibre in sealer",
            "Sealer, fibre pressed in, sealer again, 75 mm past the edge; sheet patch where it is more than a hand.",
            [SiteNeeds.AccessSafe, Repairs.OnSheet, GroundNeeds.DustOff, GroundNeeds.GreaseOff, N.WashDry, P.RustOff],
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
        Repairs.Mend(
            "mc_gutter_joint",
            "Reseal gutter joints",
            "Wire out, dry, sealant, bolt up; run water for ten minutes.",
            [SiteNeeds.AccessSafe, Repairs.OnSheet, SiteNeeds.LeadControlled],
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
        Repairs.Mend(
            "mc_nail_pop",
            "Screw beside popped nails and sink them",
            "A screw 40 to 50 mm either side, then sink the nail.",
            [SiteNeeds.AccessSafe, SiteNeeds.LeadControlled, Repairs.OnBoard],
            [Set(F.Fixings, Soundness.Sound), Set(F.Fill, Fill.Open)],
            Extent.Fixings,
            0.1,
            30,
            [],
            "no movement",
            "Find cables first."
        ),
        Repairs.Mend(
            "mc_board",
            "Refix loose board",
            "Screws 150 to 230 mm apart into the stud.",
            [SiteNeeds.AccessSafe, SiteNeeds.LeadControlled, SiteNeeds.ElectricsSafe, Repairs.OnBoard],
            [Set(F.Backing, Soundness.Sound), Set(F.Fill, Fill.Open)],
            Extent.Whole,
            0.2,
            4,
            [],
            "no movement under the palm",
            "Scan for cables before a screw goes in."
        ),
        Repairs.Mend(
            "mc_sash",
            "Ease and free the sash",
            "Cut the paint seal, free beads and cords, plane where it binds; 2 mm of play for the new paint.",
            [SiteNeeds.AccessSafe, SiteNeeds.LeadControlled],
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
        Repairs.Mend(
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
            ""
        ) with
        {
            Protection = [],
            School = "S23 take off",
        },
    ];
}
