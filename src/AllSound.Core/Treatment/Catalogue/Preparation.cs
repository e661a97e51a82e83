using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Treatment.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Taking off what does not hold: strip, scrape, feather, abrade, dust off.</summary>
internal static class Preparation
{
    private static readonly Source LeadRule = Source.Standard("AS/NZS 4361.2", Confidence.Usual);
    private static readonly ImmutableArray<string> LeadWear = ["half mask P3", "disposable coverall", "gloves", "goggles"];

    private static readonly Need OnWood = Ground("on-wood", "the substrate is wood", SubstrateFamily.Wood);
    private static readonly Need SolidBoard = NeedRegistry.Add(
        "not-fibreboard",
        "the substrate is no fibreboard or veneer",
        "Long wet dwell swells fibreboard.",
        Severity.Fails,
        Source.Practice,
        [F.Substrate.IsNot(Substrate.Mdf)]
    );
    private static readonly Need NoTannin = NeedRegistry.Add(
        "no-tannin-wood",
        "the wood is no oak or chestnut",
        "Alkali turns tannin woods black.",
        Severity.Fails,
        Source.Practice,
        [F.Substrate.IsNot(Substrate.HardwoodTannin)]
    );
    private static readonly Need SoakableFilm = NeedRegistry.Add(
        "soakable-film",
        "the film softens with water",
        "Water does not shift this film.",
        Severity.Note,
        Source.Practice,
        [F.Film.Is(Film.EmulsionMatt, Film.EmulsionSilk, Film.SoftDistemper, Film.OilDistemper, Film.Casein)]
    );
    private static readonly Need NoNitro = NeedRegistry.Add(
        "no-nitro-bitumen",
        "the film is none that burns or fumes under heat",
        "Nitrocellulose flashes; bitumen, chlorinated rubber, vinyl and two-part films give off poison under heat.",
        Severity.Danger,
        Source.Practice,
        [F.Film.IsNot(Film.Nitrocellulose, Film.Bitumen, Film.Intumescent, Film.ChlorinatedRubber, Film.Epoxy, Film.Polyurethane, Film.Powder, Film.Plastisol)]
    );

    private static readonly Need NoPlastic = NeedRegistry.Add(
        "no-plastic",
        "the ground is no plastic",
        "Strippers craze plastic.",
        Severity.Fails,
        Source.Practice,
        [F.Substrate.IsNot(Substrate.PvcU, Substrate.Laminate, Substrate.PaperVinyl)]
    );
    private static readonly Need OnAlkaliProof = NeedRegistry.Add(
        "alkali-proof",
        "the ground bears alkali: wood, hard masonry, iron or steel",
        "Alkali eats zinc and aluminium, and stays in plaster and soft stone.",
        Severity.Fails,
        Source.Practice,
        [F.Substrate.Is([.. Substrates.Family(SubstrateFamily.Wood, SubstrateFamily.Ferrous), Substrate.BrickHard, Substrate.ConcreteCast, Substrate.RenderCement])]
    );
    private static readonly Need FilmToKey = NeedRegistry.Add(
        "film-to-key",
        "there is a film to rub down",
        "A bare ground has its own way of being keyed.",
        Severity.Note,
        Source.Practice,
        [F.Film.IsNot(Film.None), F.Cover.IsNot(Cover.None), F.Substrate.Is(Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Wood, SubstrateFamily.Masonry))]
    );
    private static readonly Need NotTimber = NeedRegistry.Add(
        "not-timber",
        "the ground is no timber",
        "A disc cuts across the grain; its scratches show through every coat.",
        Severity.Poor,
        Source.Practice,
        [F.Substrate.IsNot(Substrates.Family(SubstrateFamily.Wood))]
    );
    internal static readonly Need FilmThere = NeedRegistry.Add(
        "film-there",
        "there is old film to strip",
        "Nothing is left to strip.",
        Severity.Note,
        Source.Practice,
        [F.Film.IsNot(Film.None)]
    );

    public static readonly ImmutableArray<Operation> All =
    [
        Strip(
            "st_soak_scrape",
            "Soak and scrape the film off",
            "Mist with warm water and a drop of detergent, leave 10 minutes, scrape to the plaster, rinse, keep outlets and floor dry.",
            rate: 3,
            narrow: 6,
            Residue.None,
            new(Drying.Wash, 24, 24),
            [N.ElectricsSafe, SoakableFilm],
            [],
            "S8 to bare",
            "bare, no film left, face not gouged",
            ["Do not flood gypsum; outlets dead and covered."],
            hazard: 1.5,
            Source.Usual
        ),
        Strip(
            "st_solvent",
            "Strip with solvent gel",
            "Dab on 2 to 3 mm thick, cover with film, leave until it lifts (2 to 24 hours), lift off with a blunt scraper. Three or four coats may want a second go. Try a patch first.",
            rate: 1,
            narrow: 3,
            Residue.Stripper,
            new(Drying.Wash, 4, 4),
            [SolidBoard, NoPlastic, FabricNeeds.FreshAir],
            [new(Sundries.SolventGel, 1.1)],
            "S7 solvent gel",
            "bare, wet-wipe clean",
            ["Ventilate; no ignition.", "Never a stripper with methylene chloride."],
            hazard: 5,
            Source.Usual
        ),
        Strip(
            "st_alkaline_poultice",
            "Strip with alkaline paste",
            "Trowel on 3 to 6 mm, cover, leave 12 to 48 hours, lift off, then neutralise. Try a patch first.",
            rate: 0.8,
            narrow: 2.5,
            Residue.Alkali,
            new(Drying.Wash, 24, 24),
            [OnAlkaliProof, SolidBoard, NoTannin],
            [new(Sundries.AlkalinePaste, 3.5)],
            "S7 alkaline paste",
            "bare; pH 8.5 or less after rinsing",
            ["Caustic: eye wash within reach; off aluminium and zinc."],
            hazard: 5,
            Source.Usual
        ),
        Strip(
            "st_ir",
            "Strip with an infrared panel",
            "Ten to forty seconds a panel width, scrape while soft, keep moving. Stop an hour before leaving and look again.",
            rate: 1,
            narrow: 3,
            Residue.None,
            null,
            [OnWood, N.PowerOn, N.NoGlass, NoNitro, FabricNeeds.FireWatch],
            [],
            "S7 infrared",
            "bare, no scorch",
            ["Fire: extinguisher at hand, smoke heads covered and restored, no voids behind, watch for an hour after."],
            hazard: 5,
            Source.Usual
        ),
        Strip(
            "st_heatgun",
            "Strip with hot air",
            "350 to 450 C, never more; scrape while soft.",
            rate: 1,
            narrow: 3,
            Residue.None,
            null,
            [OnWood, N.LeadAbsent, N.PowerOn, N.NoGlass, NoNitro, FabricNeeds.FireWatch],
            [],
            "S7 hot air",
            "bare, no scorch",
            ["Only where lead is proved absent.", "Fire: extinguisher at hand, watch for an hour after."],
            hazard: 6,
            Source.Standard("40 CFR 745.85")
        ),
        new()
        {
            Id = "st_flame",
            Group = Group.Strip,
            Title = "Burn off with a flame",
            Do = "Refused.",
            Needs = [N.NoFlame, N.LeadAbsent],
            Gives = [],
            Extent = Extent.Whole,
            Rate = 1,
            Accept = "refused",
            Cautions = ["Never: fire, lead fume, cracked glass."],
            Hazard = 10,
            Refused = true,
            Source = Source.Practice,
        },
        new()
        {
            Id = "ls_scrape_loose",
            Group = Group.Loosen,
            Title = "Scrape loose film dry to a firm edge",
            Do = "Blunt scraper, from the patch outward, until it stops lifting. Five tries round the edge.",
            Needs = [N.AccessSafe, N.Covered, N.LeadAbsent, N.AsbestosAbsent],
            Gives = [.. Scraped, Set(F.Dust, Presence.Present)],
            Extent = Extent.Loose,
            Rate = 8,
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
            Needs = [N.AccessSafe, N.Covered, N.LeadControlled, N.AsbestosAbsent],
            Gives = [.. Scraped, Set(F.Rust, Rust.Light, F.Substrate.Is(Substrates.Family(SubstrateFamily.Ferrous)), F.Rust.Is(Rust.None))],
            Extent = Extent.Loose,
            Rate = 4,
            RateNarrow = 8,
            Leaves = new(Drying.Wash, 1, 2),
            Accept = "a blunt knife lifts nothing, no chips to be seen, or the edge is marked as one that keeps lifting",
            Protection = LeadWear,
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
            Needs = [N.AccessSafe, N.LeadAbsent, N.AsbestosAbsent, N.LooseOff, N.EdgesFirm, N.FabricDry, N.WashDry],
            Gives = [Set(F.Step, Presence.None), Set(F.Dust, Presence.Present)],
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
            Needs = [N.AccessSafe, N.LeadControlled, N.AsbestosAbsent, N.LooseOff, N.EdgesFirm, N.FabricDry, N.WaterTolerant],
            Gives = [Set(F.Step, Presence.None)],
            Extent = Extent.EdgeLine,
            Rate = 9,
            Uses = [new(Sundries.Abrasive, 0.1)],
            Leaves = new(Drying.Wash, 2, 4),
            Tool = "wet-or-dry 180",
            Accept = "step not felt by the palm",
            Protection = LeadWear,
            Hazard = 1,
            School = "S10 wet",
            Source = LeadRule,
        },
        new()
        {
            Id = "ab_gloss",
            Group = Group.Abrade,
            Title = "Rub the old film down dry",
            Do = "120 to 180 grit to an even matt, ropes and lumps levelled.",
            Needs = [N.AccessSafe, N.LeadAbsent, N.AsbestosAbsent, FilmToKey, N.LooseOff, N.EdgesHeld, N.SoilOff, N.WashDry, N.CoatDry],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Lumps, Presence.None), Set(F.Dust, Presence.Present)],
            Extent = Extent.Whole,
            Rate = 10,
            RateNarrow = 20,
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
            Needs = [N.AccessSafe, N.Covered, N.LeadControlled, N.AsbestosAbsent, FilmToKey, N.LooseOff, N.EdgesHeld, N.SoilOff, N.CoatDry, N.WaterTolerant],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Lumps, Presence.None)],
            Extent = Extent.Whole,
            Rate = 6,
            RateNarrow = 15,
            Uses = [new(Sundries.Abrasive, 0.15)],
            Leaves = new(Drying.Wash, 2, 4),
            Tool = "wet-or-dry 180 to 240",
            Accept = "even matt, slurry wiped off",
            Protection = LeadWear,
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
            Needs = [N.AccessSafe, N.Covered, N.LeadAbsent, OnWood, N.WashDry, N.CoatDry],
            Gives = [Set(F.Powder, Powder.None), Set(F.Grey, Presence.None), Set(F.Dust, Presence.Present)],
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
            Needs = [N.AccessSafe, N.Covered, N.LeadControlled, OnWood, SolidBoard, N.CoatDry],
            Gives = [Set(F.Powder, Powder.None), Set(F.Grey, Presence.None)],
            Extent = Extent.Bare,
            Rate = 3,
            RateNarrow = 7,
            Uses = [new(Sundries.Abrasive, 0.2)],
            Leaves = new(Drying.Wash, 24, 48),
            Tool = "wet-or-dry 120 along the grain",
            Accept = "firm wood, no fibre on tape; 18 % or less again",
            Protection = LeadWear,
            Hazard = 1.2,
            School = "S10 wet",
            Source = LeadRule,
        },
        new()
        {
            Id = "ab_power_dry",
            Group = Group.Abrade,
            Title = "Sand with an unshrouded power disc",
            Do = "Not on anything that may hold lead; not on timber that will be seen.",
            Needs = [N.AccessSafe, N.Covered, N.PowerOn, N.LeadAbsent, N.AsbestosAbsent, FilmToKey, N.LooseOff, N.EdgesHeld, N.SoilOff, N.WashDry, N.CoatDry, NotTimber],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Lumps, Presence.None), Set(F.Dust, Presence.Present)],
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
            Needs = [N.AccessSafe, N.LeadControlled, N.FillerDry, N.CoatDry, N.WashDry],
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

    internal static ImmutableArray<Effect> Scraped =>
        [
            Set(F.Loose, Presence.None),
            Set(F.Bare, Bare.Raw, F.Loose.Is(Presence.Present)),
            Set(F.Edges, Edges.Lifting, F.EdgeNature.Is(EdgeNature.Lifting), F.Loose.Is(Presence.Present)),
            Set(F.Edges, Edges.Firm, F.EdgeNature.Is(EdgeNature.Firm), F.Loose.Is(Presence.Present)),
            Set(F.Step, Presence.Present, F.Loose.Is(Presence.Present)),
        ];

    internal static Operation Strip(
        string id,
        string title,
        string how,
        double rate,
        double narrow,
        Residue residue,
        Wait? leaves,
        ImmutableArray<Need> needs,
        ImmutableArray<Use> uses,
        string school,
        string accept,
        ImmutableArray<string> cautions,
        double hazard,
        Source source
    ) =>
        new()
        {
            Id = id,
            Group = Group.Strip,
            Title = title,
            Do = how,
            Needs = [N.AccessSafe, N.Covered, N.LeadControlled, N.AsbestosAbsent, N.NotFireCoat, N.DampCured, FilmThere, .. needs],
            Gives =
            [
                Set(F.Film, Film.None),
                Set(F.Load, LayerLoad.None),
                Set(F.Loose, Presence.None),
                Set(F.Edges, Edges.None),
                Set(F.Step, Presence.None),
                Set(F.Bare, Bare.Raw),
                Set(F.Key, Key.Toothy),
                Set(F.Key, Key.Shiny, F.Substrate.Is(Substrates.Family(SubstrateFamily.NonFerrous, SubstrateFamily.Slick))),
                Set(F.WeakBeneath, Presence.None),
                Set(F.Prep, Prep.None),
                Set(F.EndGrain, EndGrain.Open, F.EndGrain.Is(EndGrain.Sealed)),
                .. BreathAgain,
                Set(F.Lumps, Presence.None),
                Set(F.Soil, Soil.Clean),
                Set(F.Residue, residue),
                Set(F.Dust, Presence.Present),
                Set(F.Cover, Cover.None),
                Set(F.Powder, Powder.Friable, F.Powder.Is(Powder.Bound)),
                Set(F.Nibs, Presence.None),
                Set(F.Topcoats, Count.None),
                Set(F.ToHide, Count.Two),
                Set(F.Tannin, Bleed.Live, F.Substrate.Is(Substrate.HardwoodTannin)),
            ],
            Extent = Extent.Whole,
            Rate = rate,
            RateNarrow = narrow,
            FixedHours = 0.3,
            Uses = uses,
            Leaves = leaves,
            Accept = accept,
            Cautions = cautions,
            Protection = LeadWear,
            Hazard = hazard,
            School = school,
            Source = source,
        };

    // With the film off the wall bears again what its kind bears.
    private static IEnumerable<Effect> BreathAgain =>
        Substrates
            .All.Where(s => s.Family is SubstrateFamily.Plaster or SubstrateFamily.Masonry && s.MaxSd is not null)
            .GroupBy(s => (VapourSteps)Math.Round(s.MaxSd!.Value * 100))
            .Select(g => Set(F.Breath, g.Key, F.Substrate.Is([.. g.Select(s => s.Value)]), F.Breath.IsNot(VapourSteps.Step63)));

    private static Need Ground(string id, string title, params SubstrateFamily[] families) => NeedRegistry.Ground(id, title, Substrates.Family(families));
}
