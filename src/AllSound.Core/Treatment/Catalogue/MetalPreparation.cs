using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;
using P = AllSound.Core.Treatment.FabricNeeds;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Rust, scale, zinc and other metal: brought to where a primer holds. Also keying tile and plastic.</summary>
internal static class MetalPreparation
{
    private static readonly ImmutableArray<string> GrindWear = ["half mask P3", "goggles", "hearing protection", "gloves"];
    private static readonly Source Iso8501 = Source.Standard("ISO 8501-1");
    private static readonly Need OnIron = Grounds("on-iron", "the ground is iron or steel", Substrates.Family(SubstrateFamily.Ferrous));
    private static readonly Need OnZinc = Grounds(
        "on-zinc",
        "the ground is zinc, aluminium or copper",
        Substrate.GalvanisedNew,
        Substrate.GalvanisedOld,
        Substrate.Aluminium,
        Substrate.Copper
    );
    private static readonly Need OnNewZinc = Grounds("on-new-zinc", "the ground is new zinc", Substrate.GalvanisedNew);
    private static readonly Need OnGalvanised = Grounds("on-galvanised", "the ground is galvanised steel", Substrate.GalvanisedNew, Substrate.GalvanisedOld);

    private static readonly Need OnTile = Grounds(
        "on-tile",
        "the ground is tile, dense stone or hard brick",
        Substrate.TileGlazed,
        Substrate.TileUnglazed,
        Substrate.StoneDense,
        Substrate.BrickHard
    );
    private static readonly Need OnPlastic = Grounds("on-plastic", "the ground is plastic or vinyl", Substrate.PvcU, Substrate.Laminate, Substrate.PaperVinyl);
    private static readonly Need OnLead = Grounds("on-lead-sheet", "the ground is lead sheet", Substrate.LeadSheet);

    // Nothing may still be drying when metal is bared: waiting for it would let the metal rust again.
    internal static readonly ImmutableArray<Need> AllDry = [N.WashDry, N.CoatDry, N.FillerDry, N.CaulkDry];

    private static readonly ImmutableArray<Need> OnFirmIron =
    [
        SiteNeeds.AccessSafe,
        SiteNeeds.Covered,
        SiteNeeds.AsbestosAbsent,
        OnIron,
        GroundNeeds.LooseOff,
        GroundNeeds.GreaseOff,
        .. AllDry,
    ];

    // Rust comes off in steps: a hand tool clears light rust, a power tool heavy, only percussion or blasting clears scale.
    // What a converter left is thin and comes off with any of them.
    internal static ImmutableArray<Effect> Cleaned(Prep to, Rust most)
    {
        Rust[] clears = [.. Enum.GetValues<Rust>().Where(r => (r > Rust.None && r <= most) || r == Rust.Converted)];
        return
        [
            Set(F.Rust, Rust.None, F.Rust.Is(clears)),
            .. most < Rust.Heavy ? [Set(F.Rust, Rust.Light, F.Rust.Is(Rust.Heavy))] : Array.Empty<Effect>(),
            Set(F.Prep, to, F.Rust.Is([Rust.None, .. clears])),
            Set(F.Bare, Bare.Raw, F.Rust.IsNot(Rust.None)),
        ];
    }

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "ls_wire_hand",
            Group = Group.Loosen,
            Title = "Wire-brush rust and loose paint by hand",
            Do = "Scraper for what flakes, then wire brush and mesh until nothing more comes; into seams and round bolts.",
            Needs = [.. OnFirmIron, SiteNeeds.LeadAbsent],
            Gives = [.. Cleaned(Prep.Hand, Rust.Light), Set(F.Dust, Presence.Present)],
            Extent = Extent.Bare,
            Rate = 3,
            RateNarrow = null,
            FixedHours = 0.2,
            Accept = "St 2: no loose rust, paint or scale to a blunt knife",
            Protection = ["half mask P3", "goggles", "gloves"],
            Hazard = 2,
            School = "S12 ladder of tools",
            Source = Iso8501,
        },
        new()
        {
            Id = "ab_metal_hand",
            Group = Group.Abrade,
            Title = "Rub rusted metal by hand",
            Do = "Emery or coarse paper 60 to 120 to firm metal; feather onto the sound film round it.",
            Needs = [.. OnFirmIron, SiteNeeds.LeadAbsent],
            // What is only lightly rusted comes bright by hand too: St 3 is a finish, not a tool (ISO 8501-1).
            Gives = [.. Cleaned(Prep.Power, Rust.Light), Set(F.Step, Presence.None), Set(F.Dust, Presence.Present)],
            Extent = Extent.Bare,
            Rate = 2.5,
            FixedHours = 0.2,
            Uses = [new(Sundries.Abrasive, 0.3)],
            Tool = "60 to 120 grit emery; never steel wool on what will be wet",
            Accept = "St 3 where the rust was light: bright metal; edges of the film feathered",
            Protection = ["half mask P3", "goggles", "gloves"],
            Hazard = 2,
            School = "S12 ladder of tools",
            Source = Iso8501,
        },
        new()
        {
            Id = "ab_metal_wet",
            Group = Group.Abrade,
            Title = "Rub rusted metal wet by hand",
            Do =
                "Wet-or-dry or emery 80 to 120, kept wet, to bright metal; feather onto the sound film. Wipe the slurry into a bag, dry the metal at once with a rag and prime it in the same shift.",
            Needs = [.. OnFirmIron, SiteNeeds.LeadControlled],
            Gives = [.. Cleaned(Prep.Power, Rust.Light), Set(F.Step, Presence.None)],
            Extent = Extent.Bare,
            Rate = 2,
            FixedHours = 0.2,
            Uses = [new(Sundries.Abrasive, 0.3)],
            Leaves = new(Drying.Wash, 0.25, 0.5),
            Tool = "wet-or-dry or emery 80 to 120, dry rags",
            Accept = "bright metal, dry, no bloom of new rust when the primer goes on",
            Protection = Preparation.WetWear,
            Cautions = ["Slurry is waste: bag it, never down a drain."],
            Hazard = 1.4,
            School = "S12 ladder of tools",
            Source = Iso8501,
        },
        new()
        {
            Id = "ab_metal_power",
            Group = Group.Abrade,
            Title = "Power-tool rusted metal",
            Do = "Flap or wire disc at a low angle to a metallic sheen, not polished; a worn disc on coated or thin sheet.",
            Needs = [.. OnFirmIron, SiteNeeds.LeadAbsent, SiteNeeds.PowerOn],
            Gives = [.. Cleaned(Prep.Power, Rust.Heavy), Set(F.Step, Presence.None), Set(F.Dust, Presence.Present)],
            Extent = Extent.Bare,
            Rate = 3,
            FixedHours = 0.3,
            Uses = [new(Sundries.Abrasive, 0.3)],
            Tool = "36 to 80 grit flap disc, worn where the sheet is thin or coated: a new one cuts through",
            Accept = "St 3: metallic sheen, not polished",
            Protection = GrindWear,
            Cautions = ["Sparks: no solvent, no dust sheets nearby."],
            Hazard = 4,
            School = "S12 power",
            Source = Iso8501,
        },
        new()
        {
            Id = "ab_metal_shroud",
            Group = Group.Abrade,
            Title = "Power-tool rusted metal under a vacuum shroud",
            Do = "Shroud tight to the metal, class H extraction running, low speed; by people trained for lead.",
            Needs = [.. OnFirmIron, SiteNeeds.LeadControlled, SiteNeeds.PowerOn],
            Gives = [.. Cleaned(Prep.Power, Rust.Heavy), Set(F.Step, Presence.None), Set(F.Dust, Presence.Present)],
            Extent = Extent.Bare,
            Rate = 1.8,
            FixedHours = 0.5,
            Uses = [new(Sundries.Abrasive, 0.3)],
            Tool = "shrouded disc or needle head, class H extraction",
            Accept = "St 3, no dust outside the shroud",
            Protection = ["half mask P3", "disposable coverall", "goggles", "hearing protection", "gloves"],
            OnLead = ["On lead only with a shroud, class H extraction and training."],
            Hazard = 4.5,
            School = "S12 power",
            Source = Source.Standard("40 CFR 745", Confidence.Usual),
        },
        new()
        {
            Id = "ab_scale",
            Group = Group.Abrade,
            Title = "Break scale and pack rust off",
            Do = "Chisel and needle head under a vacuum shroud, joints opened, then brushed; not on thin sheet.",
            Needs = [.. OnFirmIron, SiteNeeds.LeadControlled, SiteNeeds.PowerOn, FabricNeeds.FaceBears],
            Gives = [Set(F.Rust, Rust.Heavy, F.Rust.Is(Rust.Scale)), Set(F.Bare, Bare.Raw), Set(F.Dust, Presence.Present)],
            Extent = Extent.Bare,
            Rate = 1.2,
            FixedHours = 0.3,
            Tool = "chisel, needles 2 to 3 mm, light",
            Accept = "no layered scale to a chisel",
            Protection = GrindWear,
            Cautions = ["Hand-arm vibration: short turns.", "Pack rust that opens a joint: have it looked at first."],
            Hazard = 5,
            School = "S12 power",
            Source = Iso8501,
        },
        new()
        {
            Id = "ab_scale_hand",
            Group = Group.Abrade,
            Title = "Chip scale and pack rust off by hand",
            Do = "Mist old paint, then chipping hammer and cold chisel; joints opened and brushed out; light on thin sheet.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.AsbestosAbsent, OnIron, GroundNeeds.LooseOff, .. AllDry, SiteNeeds.LeadControlled],
            Gives = [Set(F.Rust, Rust.Heavy, F.Rust.Is(Rust.Scale)), Set(F.Bare, Bare.Raw), Set(F.Dust, Presence.Present)],
            Extent = Extent.Bare,
            Rate = 0.6,
            FixedHours = 0.2,
            Tool = "chipping hammer, cold chisel, scraper",
            Accept = "no layered scale to a chisel",
            Protection = ["half mask P3", "goggles", "gloves", "hearing protection"],
            OnLead = ["On lead paint keep it misted, never dry."],
            Cautions = ["Chips fly: goggles, and nobody near.", "Pack rust that opens a joint: have it looked at first."],
            Hazard = 3,
            School = "S12 ladder of tools",
            Source = Iso8501,
        },
        new()
        {
            Id = "dc_rust_convert",
            Group = Group.Decontaminate,
            Title = "Convert what rust is left",
            Do = "Brush converter into pits and seams, once or twice; it turns black or blue. A firm pale residue is the normal end of it and may be coated.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, OnIron, GroundNeeds.LooseOff, P.RustThin, GroundNeeds.GreaseOff, GroundNeeds.DustOff, .. AllDry],
            Gives = [Set(F.Rust, Rust.Converted, F.Rust.Is(Rust.Light)), Set(F.Prep, Prep.Hand, F.Prep.Is(Prep.None))],
            Extent = Extent.Bare,
            Rate = 6,
            FixedHours = 0.15,
            Uses = [new(Sundries.RustConverter, 0.1)],
            Accept = "all black or blue, dry and firm",
            Protection = ["chemical gauntlets", "goggles"],
            Hazard = 1.5,
            School = "S29 convert",
            Source = Source.Usual,
        },
        new()
        {
            Id = "dc_metal_rinse",
            Group = Group.Decontaminate,
            Title = "Rinse salts off metal",
            Do = "Hot water low in salt, stiff brush, two rinses; then prepare and prime the same day.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, SiteNeeds.LeadControlled, OnMetal],
            Gives = [Set(F.Salts, Presence.None), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 6,
            RateNarrow = 15,
            Leaves = new(Drying.Wash, 1, 4),
            Accept = "salt under the limit by the patch test",
            Protection = ["chemical gauntlets", "goggles"],
            Hazard = 0.8,
            Source = Source.Standard("ISO 8502-9", Confidence.Usual),
        },
        new()
        {
            Id = "ab_edge",
            Group = Group.Abrade,
            Title = "Round sharp edges",
            Do = "File or grind arrises and weld spatter to a 2 mm radius.",
            // Grease that is filed goes into the scratches.
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.LeadAbsent, OnIron, GroundNeeds.LooseOff, GroundNeeds.GreaseOff],
            Gives = [Set(F.SharpEdges, Arris.Round), Set(F.Dust, Presence.Present)],
            Extent = Extent.Once,
            FixedHours = 0.5,
            Accept = "radius 2 mm, felt with the thumb",
            Protection = GrindWear,
            Hazard = 2,
            Source = Source.Standard("ISO 8501-3"),
        },
        new()
        {
            Id = "ab_galv",
            Group = Group.Abrade,
            Title = "Pad and wash bare zinc, aluminium or copper",
            Do = "Nylon pad 180 to 240 with alkaline wash 1:20, five minutes, rinse; the water must stay a sheet. Light: the zinc is thin. Weak wash only on aluminium.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, OnZinc, FilmStripping.NoFilm, SiteNeeds.LeadControlled, SiteNeeds.AsbestosAbsent],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Soil, Soil.Clean), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 9,
            RateNarrow = 18,
            Uses = [new(Sundries.Degreaser, 0.03), new(Sundries.Abrasive, 0.1)],
            Leaves = new(Drying.Wash, 1, 2),
            Tool = "nylon pad 180 to 240; no grit that cuts more than 5 to 10 micrometres of zinc",
            Accept = "even dull grey; a mist of water stays unbroken for 30 seconds",
            Protection = ["gloves", "goggles"],
            Hazard = 0.8,
            School = "S2 keyed zinc",
            Source = Source.Standard("ASTM D6386"),
        },
        new()
        {
            Id = "ab_mordant",
            Group = Group.Decontaminate,
            Title = "Etch new zinc with mordant wash",
            Do = "Brush on, wait until it is dark all over (5 to 30 minutes), rinse well.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, SiteNeeds.ElectricsSafe, OnNewZinc, GroundNeeds.SoilOff],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 10,
            RateNarrow = 20,
            Uses = [new(Sundries.Mordant, 0.04)],
            Leaves = new(Drying.Wash, 1, 2),
            Accept = "even and dark, nothing bright left",
            Protection = ["chemical gauntlets", "goggles"],
            Hazard = 1.8,
            School = "S2 mordant",
            Source = Source.Standard("ASTM D6386", Confidence.Judgement),
        },
        new()
        {
            Id = "ab_sweep",
            Group = Group.Abrade,
            Title = "Have zinc sweep-blasted",
            Do = "Non-metallic grit, 2 to 3 bar, 300 to 500 mm off, flat angle.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.LeadAbsent, OnGalvanised, P.Outside],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Soil, Soil.Clean), Set(F.Dust, Presence.Present)],
            Extent = Extent.Whole,
            Rate = 12,
            RateNarrow = 20,
            Uses = [new(Sundries.Media, 7)],
            Accept = "even dull, no more than 10 micrometres of zinc lost",
            Hazard = 4,
            ByOthers = true,
            Hired = true,
            Source = Source.Standard("ISO 12944-4", Confidence.Usual),
        },
        new()
        {
            Id = "ab_tile",
            Group = Group.Abrade,
            Title = "Scuff tile to a dull face",
            Do =
                "60 to 80 grit to break a hard glaze, or 240 to 320 and a nylon pad where it is soft; even dull all over, not through the glaze. Wipe the powder off wet.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                OnTile,
                SiteNeeds.LeadControlled,
                SiteNeeds.AsbestosAbsent,
                GroundNeeds.SoilOff,
                GroundNeeds.SiliconeOff,
                N.WashDry,
            ],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Dust, Presence.Present)],
            Extent = Extent.Whole,
            Rate = 8,
            RateNarrow = 14,
            Uses = [new(Sundries.Abrasive, 0.2)],
            Tool = "60 to 80 grit on hard glaze, 240 to 320 on laminate",
            Accept = "even and dull, no shine left at the grout",
            Protection = ["mask FFP2", "goggles"],
            Hazard = 1.5,
            School = "S9 coarse",
            Source = Source.Practice,
        },
        new()
        {
            Id = "ab_plastic",
            Group = Group.Abrade,
            Title = "Pad plastic to a dull face",
            Do = "Grey nylon pad, little pressure, no heat; wipe with alcohol.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, OnPlastic, SiteNeeds.LeadControlled, GroundNeeds.SoilOff, GroundNeeds.SiliconeOff, N.WashDry],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Powder, Powder.None, F.Powder.Is(Powder.Friable)), Set(F.Dust, Presence.Present)],
            Extent = Extent.Whole,
            Rate = 8,
            RateNarrow = 14,
            Uses = [new(Sundries.Abrasive, 0.1), new(Sundries.Alcohol, 0.03)],
            Tool = "grey nylon pad",
            Accept = "even and dull",
            Protection = ["gloves"],
            Hazard = 0.8,
            Source = Source.Usual,
        },
        new()
        {
            Id = "ab_lead_sheet",
            Group = Group.Abrade,
            Title = "Pad lead sheet wet",
            Do = "Wet nylon pad, wipe into a bag; never dry.",
            Needs = [SiteNeeds.AccessSafe, SiteNeeds.Covered, OnLead, SiteNeeds.LeadControlled],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Soil, Soil.Clean), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 6,
            RateNarrow = 12,
            Leaves = new(Drying.Wash, 1, 2),
            Tool = "wet nylon pad",
            Accept = "even and dull, wiped clean",
            Protection = ["half mask P3", "disposable coverall", "gloves"],
            Cautions = ["Lead: wash hands and face before eating; bag the wipes."],
            Hazard = 2,
            Source = Source.Usual,
        },
    ];

    private static Need OnMetal => Grounds("on-metal", "the ground is metal", Substrates.Family(SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous));

    private static Need Grounds(string id, string title, params Substrate[] grounds) => NeedRegistry.Ground(id, title, grounds);
}
