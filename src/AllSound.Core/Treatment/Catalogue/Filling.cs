using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Filler, rubbing it down, caulk.</summary>
internal static class Filling
{
    private static readonly Need WetJoint = NeedRegistry
        .Register(
            "wet-joint",
            "the joint gets wet in use",
            "Nothing can be painted beside silicone; a dry joint gets paintable sealant.",
            Severity.Fails,
            Source.Practice,
            [F.JointKind.Is(JointKind.Wet)]
        )
        .Otherwise("the joint stays dry");

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "rp_fine",
            Group = Group.Fill,
            Title = "Fill hollows and edge steps",
            Do = "Fine filler pressed in with a broad knife, each fill 3 mm at most, a little proud.",
            Needs =
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
                GroundNeeds.EdgesHeld,
                GroundNeeds.PowderBound,
                GroundNeeds.DustOff,
                GroundNeeds.GreaseOff,
                GroundNeeds.ResidueOut,
                GroundNeeds.Keyed,
                GroundNeeds.WoodPrimedForFiller,
                FabricNeeds.HollowsShallow,
            ],
            Gives = [Set(F.Fill, Fill.Proud), Set(F.Step, Presence.None)],
            Extent = Extent.Fill,
            Rate = 3,
            FixedHours = 0.2,
            Uses = [new(Sundries.FineFiller, 0.35)],
            Leaves = new(Drying.Filler, 2, 4),
            Tool = "100 to 250 mm knife",
            Accept = "proud everywhere, no voids",
            Protection = ["gloves"],
            Hazard = 0.2,
            School = "S30 filler",
            Source = Source.Practice,
        },
        new()
        {
            Id = "ab_fill",
            Group = Group.Fill,
            Title = "Rub the filler down dry",
            Do = "120 to 180 grit on a block, flush, not into the film round it.",
            Needs = [SiteNeeds.LeadAbsent, N.FillerDry, GroundNeeds.FillerOn, SiteNeeds.AsbestosAbsent],
            Gives = [Set(F.Fill, Fill.Flush, F.Fill.Is(Fill.Proud)), Set(F.Dust, Presence.Present)],
            Extent = Extent.Fill,
            Rate = 6,
            Uses = [new(Sundries.Abrasive, 0.3)],
            Tool = "120 to 180 grit on a block",
            Accept = "flush in raking light",
            Protection = ["mask FFP2"],
            Hazard = 1.5,
            School = "S10 dry",
            Source = Source.Practice,
        },
        new()
        {
            Id = "ab_fill_wet",
            Group = Group.Fill,
            Title = "Rub the filler down wet",
            Do = "Damp abrasive sponge, little water, wipe as you go; no dust.",
            Needs = [SiteNeeds.LeadControlled, N.FillerDry, GroundNeeds.FillerOn, SiteNeeds.AsbestosAbsent],
            Gives = [Set(F.Fill, Fill.Flush, F.Fill.Is(Fill.Proud))],
            Extent = Extent.Fill,
            Rate = 4,
            Uses = [new(Sundries.Abrasive, 0.3)],
            Leaves = new(Drying.Wash, 1, 2),
            Tool = "damp abrasive sponge",
            Accept = "flush in raking light",
            Protection = ["gloves"],
            Hazard = 0.8,
            School = "S10 wet",
            Source = Source.Standard("AS/NZS 4361.2", Confidence.Usual),
        },
        new()
        {
            Id = "ca_acrylic",
            Group = Group.Caulk,
            Title = "Caulk the open joint",
            Do = "Nozzle cut near the tip at 45 degrees, one steady bead, smooth once with a wet finger.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                GroundNeeds.FabricDry,
                N.WashDry,
                N.CoatDry,
                GroundNeeds.LooseOff,
                GroundNeeds.DustOff,
                GroundNeeds.SoilOff,
                GroundNeeds.SiliconeOff,
                GroundNeeds.Keyed,
                GroundNeeds.BareSealed,
                FabricNeeds.Inside,
                GroundNeeds.JointStill,
                GroundNeeds.JointNarrow,
            ],
            Gives = [Set(F.Joint, Joint.Caulked), TouchUp],
            Extent = Extent.Joint,
            Rate = 40,
            Uses = [new(Sundries.Caulk, 0.04)],
            Leaves = new(Drying.Caulk, 4, 12),
            Accept = "no gap; hollow 1 mm at most",
            Cautions = ["Whatever the cartridge promises, paint too early splits it: the longer wait holds."],
            Hazard = 0.1,
            School = "S30 caulk",
            Source = Source.Standard("ISO 11600", Confidence.Usual),
        },
        new()
        {
            Id = "ca_hybrid",
            Group = Group.Caulk,
            Title = "Seal the moving joint with hybrid sealant",
            Do = "Backing rod so that it holds to two sides only, as deep as half its width, tooled hollow.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                GroundNeeds.FabricDry,
                N.WashDry,
                N.CoatDry,
                GroundNeeds.LooseOff,
                GroundNeeds.DustOff,
                GroundNeeds.SoilOff,
                GroundNeeds.SiliconeOff,
                GroundNeeds.Keyed,
                GroundNeeds.BareSealed,
                GroundNeeds.JointDry,
            ],
            Gives = [Set(F.Joint, Joint.Caulked), TouchUp],
            Extent = Extent.Joint,
            Rate = 20,
            Uses = [new(Sundries.Sealant, 0.08)],
            Leaves = new(Drying.Caulk, 24, 48),
            Accept = "holds to both sides, half as deep as wide",
            Hazard = 0.3,
            School = "S30 caulk",
            Source = Source.Standard("ISO 11600"),
        },
        new()
        {
            Id = "ca_sanitary",
            Group = Group.Aftercare,
            Title = "Seal the wet joint with sanitary sealant",
            Do =
                "After the finish is hard: both edges taped, backing in a deep joint, mould-resisting silicone, tooled once, tape off wet. Bath full of water while it cures.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, N.CoatDry, N.FullFinish, WetJoint],
            Gives = [Set(F.Joint, Joint.Caulked)],
            Extent = Extent.Joint,
            Rate = 15,
            Uses = [new(Sundries.Silicone, 0.04)],
            Leaves = new(Drying.Caulk, 24, 24),
            Accept = "holds to both sides, no gap, not painted over",
            Cautions = ["Nothing is painted on or beside silicone afterwards: it comes last."],
            Hazard = 0.2,
            Source = Source.Standard("ISO 11600", Confidence.Usual),
        },
    ];

    // Caulk over new paint shows: it wants a coat more.
    private static Effect TouchUp => Set(F.ToHide, Count.One, F.Topcoats.AtLeast(Count.One), F.ToHide.Is(Count.None));
}
