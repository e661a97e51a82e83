using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Making safe, protecting, curing by others, drying out, cleaning down.</summary>
internal static class SiteWork
{
    private static readonly Source LeadRule = Source.Standard("40 CFR 745, AS/NZS 4361.2", Confidence.Usual);

    private static readonly Need LeadThere = NeedRegistry
        .Register(
            "lead-there",
            "lead is presumed or known",
            "Where there is no lead it is only a dear way to sheet up.",
            Severity.Note,
            Source.Practice,
            [F.Lead.IsNot(Lead.ProvedAbsent)]
        )
        .Otherwise("there is no lead");

    internal static readonly Need ZoneUp = NeedRegistry
        .Register(
            "lead-zone-up",
            "a lead work area is set up",
            "Without one there is nothing to clear, and a window airs the room.",
            Severity.Note,
            Source.Practice,
            [F.LeadZone.Is(LeadZone.SetUp)]
        )
        .Otherwise("no lead work area is set up");

    // Dense ground that is damp with its own water, or from a leak that was mended, has to breathe only until that is out.
    private static readonly Effect BreathesNoMore = Set(
        F.Breath,
        VapourSteps.Step63,
        F.DampSource.IsNot(DampSource.Open),
        F.Substrate.Is([.. Substrates.All.Where(s => s.MaxSd > Substrates.AlwaysBreathesM).Select(s => s.Value)])
    );

    // Metal, glaze and plastic are wet on the face alone: that is wiped off, and nothing dries out for weeks.
    private static readonly Substrate[] Dense =
    [
        .. Substrates.Family(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous, SubstrateFamily.Slick).Where(s => s != Substrate.TileUnglazed),
    ];

    private static readonly Need TakesNoWater = NeedRegistry.Ground("takes-no-water", "the ground takes in no water", Dense);

    // Lime hardens by the air's carbon dioxide, and only while it is damp.
    private static readonly Need NotFreshLime = NeedRegistry.Ground(
        "not-fresh-lime",
        "the ground is not new lime",
        [.. Enum.GetValues<Substrate>().Where(s => s is not (Substrate.LimeNew or Substrate.RenderLime))]
    );

    private static readonly Need TakesWater = NeedRegistry.Ground("takes-water", "the ground takes in water", [.. Enum.GetValues<Substrate>().Except(Dense)]);

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "ms_power",
            Group = Group.MakeSafe,
            Title = "Have outlets isolated and covered",
            Do = "Have a competent person isolate the circuits and prove them dead, then cover the outlets. Do not do it yourself.",
            Gives = [Set(F.Electrics, Electrics.Isolated, F.Electrics.Is(Electrics.Live))],
            Extent = Extent.Once,
            FixedHours = 0.35,
            Once = new(SetUp.Power, 0.05),
            Accept = "proved dead, locked off, outlets covered",
            Cautions = ["Isolation is for a competent electrician; never work on live outlets."],
            Hazard = 1,
            Source = Source.Practice,
        },
        new()
        {
            Id = "ms_access",
            Group = Group.MakeSafe,
            Title = "Put up a platform",
            Do = "Podium or tower on a firm base, guard rails on, brakes on. A ladder only for short reaches.",
            Gives = [Set(F.Access, Access.PlatformUp, F.Access.Is(Access.NeedsPlatform))],
            Extent = Extent.Once,
            FixedHours = 0.5,
            Once = new(SetUp.Access, 0.2),
            Accept = "inspected, base firm, no reaching past the rails",
            Cautions = ["Falls: work inside the guard rails, never from the rails."],
            Hazard = 1,
            Source = Source.Standard("Work at Height Regulations 2005", Confidence.Usual),
        },
        new()
        {
            Id = "ms_tower",
            Group = Group.MakeSafe,
            Title = "Put up a tower",
            Do = "A tower with guard rails and stabilisers, put up and checked by somebody trained for it, on firm level ground, wheels locked; in the open not in wind.",
            Gives = [Set(F.Access, Access.PlatformUp, F.Access.Is(Access.NeedsPlatform, Access.NeedsTower))],
            Extent = Extent.Once,
            FixedHours = 2,
            Once = new(SetUp.Access, 0.25),
            Uses = [new(Sundries.TowerHire, 1)],
            Accept = "inspected and tagged, base firm, gates shut, nobody on it while it is moved",
            Cautions = ["Falls: climb inside, never lean a ladder on it; down from it when the wind rises.", "Keep clear of overhead lines."],
            Hazard = 2,
            Source = Source.Standard("Work at Height Regulations 2005", Confidence.Usual),
        },
        new()
        {
            Id = "ms_scaffold",
            Group = Group.MakeSafe,
            Title = "Have a scaffold put up",
            Do =
                "By a scaffolder, with guard rails, toe boards and a sheeted or fanned pavement side where people pass; or a lift with a trained operator. Allow a week for the booking.",
            Gives = [Set(F.Access, Access.PlatformUp, F.Access.Is(Access.NeedsPlatform, Access.NeedsTower, Access.NeedsScaffold))],
            Extent = Extent.Once,
            FixedHours = 1,
            Once = new(SetUp.Access, 0.1),
            Uses = [new(Sundries.ScaffoldHire, 1)],
            Accept = "handed over in writing, tagged, inspected every seven days and after storms",
            Cautions = ["Falls: never alter a scaffold or work from one without a tag.", "Keep clear of overhead lines."],
            Hazard = 2,
            Source = Source.Standard("Work at Height Regulations 2005", Confidence.Usual),
        },
        new()
        {
            Id = "ms_lead_setup",
            Group = Group.MakeSafe,
            Title = "Set up the lead work area",
            Do = "Clear the room, sheet the floor 2 m out, sign and close it off. Class H vacuum, washing point, bags for waste. No food, drink or phones inside.",
            DoOutside =
                "Sheet the ground 3 m out and up the wall's foot, sign and rope it off; doors and windows within 6 m shut, nothing in wind. Class H vacuum, washing point, bags for waste. No food, drink or phones inside.",
            Needs = [LeadThere],
            // Sheets shut the windows off: whoever aired the room before airs it anew, through a filter.
            Gives = [Set(F.LeadZone, LeadZone.SetUp), Set(F.FreshAir, Presence.None)],
            Extent = Extent.Once,
            FixedHours = 0.75,
            Once = new(SetUp.LeadArea, 0.1),
            Uses = [new(Sundries.LeadKit, 1)],
            Accept = "sheeted, signed, nobody but the worker inside",
            Hazard = 1,
            Cautions =
            [
                "Presumed or known lead paint: keep children and pregnant women out until the area is cleared.",
                "Follow the local lead rules; some work needs a certified firm.",
            ],
            Protection = ["half mask P3", "disposable coverall", "gloves", "goggles"],
            Source = LeadRule,
        },
        new()
        {
            Id = "fc_leak_refer",
            Group = Group.Cure,
            Title = "Have the damp source found and repaired",
            Do = "Roofer, plumber or damp surveyor. Painting waits.",
            Gives = [Set(F.DampSource, DampSource.Cured)],
            Extent = Extent.Once,
            FixedHours = 0.5,
            ByOthers = true,
            Accept = "written release, and readings that fall three weeks running",
            Source = Source.Practice,
        },
        new()
        {
            Id = "fc_ventilate",
            Group = Group.Cure,
            Title = "Deal with the cause of mould",
            Do = "Extract, background ventilation, heat; pull furniture off cold walls; insulate.",
            Gives = [Set(F.MouldSource, DampSource.Cured)],
            Extent = Extent.Once,
            FixedHours = 0.5,
            ByOthers = true,
            Accept = "humidity 65 % or less for 14 days with the room in use",
            Source = Source.Standard("BS 5250", Confidence.Usual),
        },
        new()
        {
            Id = "fc_structural_refer",
            Group = Group.Cure,
            Title = "Have an engineer look at the crack",
            Do = "Monitor it; painting waits.",
            Gives = [Set(F.Movement, Soundness.Sound)],
            Extent = Extent.Once,
            FixedHours = 0.5,
            ByOthers = true,
            Accept = "written release",
            Source = Source.Standard("BRE Digest 251", Confidence.Usual),
        },
        new()
        {
            Id = "rp_patch",
            Group = Group.Repair,
            Title = "Cut out and patch hollow plaster",
            Do = "Cut back to plaster that holds, patch in the same kind, let it dry.",
            Needs = [SiteNeeds.DampCured, SiteNeeds.LeadControlled, SiteNeeds.AsbestosAbsent],
            Gives = [Set(F.Backing, Soundness.Sound), Set(F.Bare, Bare.Raw), Set(F.Dust, Presence.Present)],
            Extent = Extent.Once,
            FixedHours = 2,
            ByOthers = true,
            Accept = "sounds firm under the knuckle",
            Source = Source.Standard("BS EN 13914-2", Confidence.Usual),
        },
        new()
        {
            Id = "rp_splice",
            Group = Group.Repair,
            Title = "Cut out decay and splice",
            Do = "Joiner: cut back to sound wood, splice, prime all faces.",
            Needs = [SiteNeeds.DampCured, SiteNeeds.LeadControlled],
            Gives = [Set(F.Timber, Soundness.Sound), Set(F.Bare, Bare.Raw), Set(F.Dust, Presence.Present)],
            Extent = Extent.Once,
            FixedHours = 2,
            ByOthers = true,
            Accept = "awl sinks 1 mm at most",
            Source = Source.Usual,
        },
        new()
        {
            Id = "mk_floor",
            Group = Group.Protect,
            Title = "Cover floor and neighbours",
            Do = "Sheet the floor to the skirting and tape the edges; cover or move what stays.",
            DoOutside = "Sheet the ground, sills and paving below; cover or move what stands near; nothing left to blow about.",
            Gives = [Set(F.Protection, Protection.Covered)],
            Extent = Extent.Once,
            FixedHours = 0.4,
            Once = new(SetUp.Covering, 0.1),
            Uses = [new(Sundries.Sheeting, 6)],
            Accept = "no trip edges, nothing exposed within reach of splashes",
            Cautions = ["Sheets slip: tape them on stairs and hard floors."],
            Source = Source.Practice,
        },
        new()
        {
            Id = "dr_natural",
            Group = Group.Dry,
            Title = "Let it dry, with moving air",
            Do = "Open trickle vents, steady mild heat. Read it twice a week and write it down.",
            DoOutside = "Wait through dry days with moving air; keep rain off with sheets that stand clear of the face. Read it twice a week and write it down.",
            Needs = [SiteNeeds.DampCured, TakesWater],
            Gives = [Set(F.Moisture, Moisture.Dry), BreathesNoMore],
            Extent = Extent.Once,
            FixedHours = 0.5,
            Once = new(SetUp.Drying, 0.1),
            Leaves = new(Drying.Wash, 336, 504),
            Accept = "three falling readings, the last at 75 % equilibrium humidity or less (timber 18 % or less)",
            Source = Source.Standard("BS 6150", Confidence.Usual),
        },
        new()
        {
            Id = "dr_wipe",
            Group = Group.Dry,
            Title = "Wipe it dry",
            Do = "Dry cloths, then a fan or mild warmth; blow laps, joints and fixings out. What sweats is emptied, shut off or warmed until no more forms.",
            Needs = [SiteNeeds.DampCured, TakesNoWater],
            Gives = [Set(F.Moisture, Moisture.Dry), BreathesNoMore],
            Extent = Extent.Whole,
            Rate = 40,
            RateNarrow = 60,
            FixedHours = 0.1,
            Waterless = true,
            Leaves = new(Drying.Wash, 0.5, 1),
            Accept = "a dry tissue pressed on stays dry for ten minutes",
            Source = Source.Practice,
        },
        new()
        {
            Id = "dr_force",
            Group = Group.Dry,
            Title = "Dry it with a dehumidifier",
            Do = "Windows shut, 20 to 25 °C, 50 to 60 % humidity. Empty it daily; read the wall twice a week.",
            Needs = [SiteNeeds.DampCured, SiteNeeds.PowerOn, TakesWater, NotFreshLime, FabricNeeds.Inside],
            Gives = [Set(F.Moisture, Moisture.Dry), BreathesNoMore],
            Extent = Extent.Once,
            FixedHours = 2,
            Once = new(SetUp.Drying, 0.2),
            Leaves = new(Drying.Wash, 120, 168),
            Accept = "three falling readings, the last at 75 % equilibrium humidity or less (timber 18 % or less)",
            Cautions = ["Do not over-dry old timber: stop at 8 %."],
            Source = Source.Usual,
        },
        new()
        {
            Id = "dc_lead_clean",
            HoldPoint = "Nobody returns before the clearance that the local rule asks for.",
            Group = Group.Decontaminate,
            Title = "Clean down the lead work area",
            Do = "Vacuum, wash, vacuum, from the top down; bag waste and overalls; wash before eating. Nobody returns before clearance.",
            Needs = [N.CoatDry, ZoneUp],
            Gives = [Set(F.LeadZone, LeadZone.Cleaned, F.LeadZone.Is(LeadZone.SetUp)), Set(F.Dust, Presence.None)],
            Extent = Extent.Once,
            FixedHours = 0.75,
            Once = new(SetUp.LeadClearing, 0.15),
            Accept = "nothing to be seen; clearance wipes where the local rule asks for them",
            Cautions = ["Never sweep, never a household vacuum.", "Only a laboratory wipe can say that an area is clear."],
            Protection = ["half mask P3", "disposable coverall", "gloves"],
            Hazard = 2,
            Source = LeadRule,
        },
        new()
        {
            Id = "ac_clean",
            HoldPoint = "After the wait: stains back, grip at a corner, show-through; written down.",
            Group = Group.Aftercare,
            Title = "Lift coverings, clean up, record",
            Do = "Lift sheets inward with their tape, bag waste by kind, write down product, batch and colour.",
            Needs = [N.CoatDry, N.LeadCleaned, N.Topcoats(1)],
            Gives = [Set(F.Protection, Protection.Cleared)],
            Extent = Extent.Once,
            FixedHours = 0.5,
            Once = new(SetUp.Clearing, 0.15),
            Accept = "no paint off the line; record written",
            Cautions = ["Oily and spirit rags: spread flat outside or under water in a lidded bin; heaps can catch fire."],
            Source = Source.Practice,
        },
        new()
        {
            Id = "ac_lift",
            Group = Group.Aftercare,
            Title = "Lift coverings and leave it clean",
            Do = "Let it dry, lift sheets inward, bag waste by kind, write down what was used and how it looked before and after.",
            Needs = [SiteNeeds.Covered, N.WashDry, N.LeadCleaned, GroundNeeds.SoilOff],
            Gives = [Set(F.Protection, Protection.Cleared)],
            Extent = Extent.Once,
            FixedHours = 0.4,
            Once = new(SetUp.Clearing, 0.1),
            Accept = "no streaks in grazing light; record written",
            WithoutCoat = true,
            Source = Source.Practice,
        },
    ];
}
