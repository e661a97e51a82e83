using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Taking the whole film off, by soaking, stripper or heat.</summary>
internal static class FilmStripping
{
    internal static readonly ImmutableArray<string> LeadWear = ["half mask P3", "disposable coverall", "gloves", "goggles"];
    internal static readonly Need OnWood = Ground("on-wood", "the substrate is wood", SubstrateFamily.Wood);
    internal static readonly Need SolidBoard = NeedRegistry
        .Register(
            "not-fibreboard",
            "the substrate is not fibreboard or veneer",
            "Long wet dwell swells fibreboard.",
            Severity.Fails,
            Source.Practice,
            [F.Substrate.IsNot(Substrate.Mdf)]
        )
        .Otherwise("the substrate is fibreboard or veneer");
    private static readonly Need NoTannin = NeedRegistry
        .Register(
            "no-tannin-wood",
            "the wood is not oak or chestnut",
            "Alkali turns tannin woods black.",
            Severity.Fails,
            Source.Practice,
            [F.Substrate.IsNot(Substrate.HardwoodTannin)]
        )
        .Otherwise("the wood is oak or chestnut");
    private static readonly Need SoakableFilm = NeedRegistry
        .Register(
            "soakable-film",
            "the film softens with water",
            "Water does not shift this film.",
            Severity.Note,
            Source.Practice,
            [F.Film.Is(Film.EmulsionMatt, Film.EmulsionSilk, Film.SoftDistemper, Film.OilDistemper, Film.Casein)]
        )
        .Otherwise("the film does not soften with water");
    private static readonly Need Flat = NeedRegistry
        .Register(
            "flat-film",
            "the film has no texture",
            "Painted texture does not soak off: it is softened with remover, or skimmed over.",
            Severity.Note,
            Source.Practice,
            [F.Relief.Is(Presence.None)]
        )
        .Otherwise("the film is textured");
    private static readonly Need NoNitro = NeedRegistry
        .Register(
            "no-nitro-bitumen",
            "the film does not burn or give off fumes under heat",
            "Nitrocellulose flashes; bitumen, chlorinated rubber, vinyl and two-part films give off poison under heat.",
            Severity.Danger,
            Source.Practice,
            [F.Film.IsNot(Film.Nitrocellulose, Film.Bitumen, Film.Intumescent, Film.ChlorinatedRubber, Film.Epoxy, Film.Polyurethane, Film.Powder, Film.Plastisol)]
        )
        .Otherwise("the film burns or gives off fumes under heat");
    private static readonly Need OrganicFilm = NeedRegistry
        .Register(
            "organic-film",
            "the film is paint, not lime, silicate or cement",
            "Solvent, alkali and heat do nothing to a mineral film: it is brushed, steamed or blasted off.",
            Severity.Fails,
            Source.Practice,
            [F.Film.IsNot(Film.Limewash, Film.Silicate, Film.CementPaint)]
        )
        .Otherwise("the film is lime, silicate or cement");
    private static readonly Need NotPlastisol = NeedRegistry
        .Register(
            "not-plastisol",
            "the film is not plastisol",
            "Strong solvent swells plastisol into a mess that neither comes off nor holds.",
            Severity.Fails,
            Source.Practice,
            [F.Film.IsNot(Film.Plastisol)]
        )
        .Otherwise("the film is plastisol");
    internal static readonly Need NoPlastic = NeedRegistry
        .Register(
            "no-plastic",
            "the ground is not plastic",
            "Strippers and solvents craze plastic.",
            Severity.Fails,
            Source.Practice,
            [F.Substrate.IsNot(Substrate.PvcU, Substrate.Laminate, Substrate.PaperVinyl)]
        )
        .Otherwise("the ground is plastic");
    private static readonly Need OnAlkaliProof = NeedRegistry
        .Register(
            "alkali-proof",
            "the ground tolerates alkali: wood, hard masonry, iron or steel",
            "Alkali eats zinc and aluminium, and stays in plaster and soft stone.",
            Severity.Fails,
            Source.Practice,
            [F.Substrate.Is([.. Substrates.Family(SubstrateFamily.Wood, SubstrateFamily.Ferrous), Substrate.BrickHard, Substrate.ConcreteCast, Substrate.RenderCement])]
        )
        .Otherwise("the ground does not tolerate alkali");
    internal static readonly Need FilmThere = NeedRegistry
        .Register("film-there", "there is old film to strip", "Nothing is left to strip.", Severity.Note, Source.Practice, [F.Film.IsNot(Film.None)])
        .Otherwise("there is no old film to strip");

    internal static readonly Need NoFilm = NeedRegistry
        .Register(
            "no-film",
            "no old film lies on it",
            "It is for the bare ground: an old film is stripped or rubbed down.",
            Severity.Note,
            Source.Practice,
            [F.Film.Is(Film.None)]
        )
        .Otherwise("an old film lies on it");

    public static readonly ImmutableArray<Operation> All =
    [
        Stripping.Also(
            Strip(
                "st_soak_scrape",
                "Soak and scrape the film off",
                "Mist with warm water and a drop of detergent, leave 10 minutes, scrape to the ground, rinse, keep outlets and floor dry.",
                rate: 3,
                narrow: 6,
                moulded: 1.5,
                carved: 0.5,
                Residue.None,
                new(Drying.Wash, 24, 24),
                [SiteNeeds.ElectricsSafe, SoakableFilm, Flat],
                [],
                "S8 to bare",
                "bare, no film left, face not gouged",
                ["Do not flood gypsum; outlets dead and covered."],
                hazard: 1.5,
                Source.Usual
            ),
            Set(F.Soil, Soil.Clean)
        ),
        Strip(
            "st_solvent",
            "Strip with solvent gel",
            "Dab on 2 to 3 mm thick, cover with film, leave until it lifts (2 to 24 hours), lift off with a blunt scraper. Three or four coats may want a second go. Try a patch first.",
            rate: 1,
            narrow: 3,
            moulded: 0.6,
            carved: 0.5,
            Residue.Stripper,
            new(Drying.Wash, 4, 4),
            [OrganicFilm, SolidBoard, NoPlastic, NotPlastisol, FabricNeeds.FreshAir],
            [new(Sundries.SolventGel, 1.1)],
            "S7 solvent gel",
            "bare, wet-wipe clean",
            ["Ventilate; no ignition.", "Never a stripper with methylene chloride."],
            hazard: 5,
            Source.Usual
        ) with
        {
            Waste = "hazardous: solvent sludge and rags, in a lidded metal bin",
        },
        Strip(
            "st_alkaline_poultice",
            "Strip with alkaline paste",
            "Trowel on 3 to 6 mm, cover, leave 12 to 48 hours, lift off, then neutralise. Try a patch first.",
            rate: 0.8,
            narrow: 2.5,
            moulded: 0.7,
            carved: 0.6,
            Residue.Alkali,
            new(Drying.Wash, 24, 24),
            [OrganicFilm, OnAlkaliProof, SolidBoard, NoTannin],
            [new(Sundries.AlkalinePaste, 3.5)],
            "S7 alkaline paste",
            "bare; pH 8.5 or less after rinsing",
            ["Caustic: eye wash within reach; off aluminium and zinc."],
            hazard: 5,
            Source.Usual
        ) with
        {
            Waste = "hazardous: caustic sludge, sealed and labelled",
        },
        Strip(
            "st_ir",
            "Strip with an infrared panel",
            "Ten to forty seconds a panel width, scrape while soft, keep moving. Stop an hour before leaving and look again.",
            rate: 1,
            narrow: 3,
            moulded: 0.4,
            carved: 0.2,
            Residue.None,
            null,
            [OnWood, SiteNeeds.PowerOn, SiteNeeds.NoGlass, NoNitro, FabricNeeds.FireWatch, FabricNeeds.NoVoidBehind, FabricNeeds.FaceBears, FabricNeeds.DustHarmless],
            [],
            "S7 infrared",
            "bare, no scorch",
            ["Fire: extinguisher at hand, smoke heads covered and restored, watch for an hour after."],
            hazard: 5,
            Source.Usual
        ) with
        {
            SetsOffDetectors = true,
        },
        Strip(
            "st_heatgun",
            "Strip with hot air",
            "350 to 450 °C, never more; scrape while soft.",
            rate: 1,
            narrow: 3,
            moulded: 0.45,
            carved: 0.25,
            Residue.None,
            null,
            [
                OnWood,
                SiteNeeds.LeadAbsent,
                SiteNeeds.PowerOn,
                SiteNeeds.NoGlass,
                NoNitro,
                FabricNeeds.FireWatch,
                FabricNeeds.NoVoidBehind,
                FabricNeeds.FaceBears,
                FabricNeeds.DustHarmless,
            ],
            [],
            "S7 hot air",
            "bare, no scorch",
            ["Only where lead is proved absent.", "Fire: extinguisher at hand, watch for an hour after."],
            hazard: 6,
            Source.Standard("40 CFR 745.85")
        ) with
        {
            SetsOffDetectors = true,
        },
        new()
        {
            Id = "st_flame",
            Group = Group.Strip,
            Title = "Burn off with a flame",
            Do = "Refused.",
            Needs = [SiteNeeds.NoFlame, SiteNeeds.LeadAbsent],
            // What it was meant to do, for what comes after it and what is done in its place.
            Gives = [.. Stripped(Residue.None)],
            Extent = Extent.Whole,
            Rate = 1,
            Accept = "refused",
            Cautions = ["Never: fire, lead fume, cracked glass."],
            Hazard = 10,
            Refused = true,
            Source = Source.Practice,
        },
    ];

    internal static Operation Strip(
        string id,
        string title,
        string how,
        double rate,
        double narrow,
        double moulded,
        double carved,
        Residue residue,
        Wait? leaves,
        ImmutableArray<Need> needs,
        ImmutableArray<Use> uses,
        string school,
        string accept,
        ImmutableArray<string> cautions,
        double hazard,
        Source source,
        bool raisesGrain = true
    ) =>
        new()
        {
            Id = id,
            Group = Group.Strip,
            Title = title,
            Do = how,
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.LeadControlled,
                SiteNeeds.AsbestosAbsent,
                SiteNeeds.NotFireCoat,
                SiteNeeds.DampCured,
                FilmThere,
                .. needs,
            ],
            Gives = [.. Stripped(residue, raisesGrain)],
            Extent = Extent.Whole,
            Rate = rate,
            RateNarrow = narrow,
            FaceRates = [new(Face.Moulded, moulded), new(Face.Carved, carved)],
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

    /// <summary>What it comes to that the film is off.</summary>
    internal static IEnumerable<Effect> Stripped(Residue residue, bool raisesGrain = true) =>
        [
            Set(F.Film, Film.None),
            // It was the film that powdered.
            Set(F.Powder, Powder.None, F.Powder.Is(Powder.Friable)),
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
            Set(F.Relief, Presence.None),
            Set(F.Waxed, Presence.None),
            // Grease goes into the ground with the stripper, and smokes under heat: it is washed off for itself.
            Set(F.Soil, Soil.Clean, F.Soil.IsNot(Soil.Greasy)),
            Set(F.Residue, residue),
            // Water, strippers and heat leave the grain raised, with remains of the film in it.
            .. raisesGrain ? [Set(F.Grey, Presence.Present, F.Substrate.Is(Substrates.Family(SubstrateFamily.Wood)))] : Array.Empty<Effect>(),
            Set(F.Dust, Presence.Present),
            Set(F.Cover, Cover.None),
            Set(F.Powder, Powder.Friable, F.Powder.Is(Powder.Bound)),
            Set(F.Topcoats, Count.None),
            Set(F.ToHide, Count.Two),
            Set(F.Tannin, Bleed.Live, F.Substrate.Is(Substrate.HardwoodTannin)),
            .. GoneWithTheFilm,
        ];

    // What was filled, caulked, striped and sealed in and over the film goes with it, so stripping comes before all of them.
    private static IEnumerable<Effect> GoneWithTheFilm =>
        [
            Set(F.Fill, Fill.Open, F.Fill.IsNot(Fill.None)),
            Set(F.Joint, Joint.Open, F.Joint.Is(Joint.Caulked)),
            Set(F.SharpEdges, Arris.Sharp, F.SharpEdges.Is(Arris.Striped)),
            Set(F.SoftFilm, Presence.None),
            .. new[] { F.WaterStain, F.Tar, F.Knots, F.Ink, F.Tannin, F.NailHeads }.Select(bleed => Set(bleed, Bleed.Live, bleed.Is(Bleed.Blocked))),
        ];

    // With the film off the wall bears again what its kind bears.
    private static IEnumerable<Effect> BreathAgain =>
        Substrates
            .All.Where(s => s.Family is SubstrateFamily.Plaster or SubstrateFamily.Masonry && s.MaxSd is not null)
            .GroupBy(s => (VapourSteps)Math.Round(s.MaxSd!.Value * 100))
            .Select(g => Set(F.Breath, g.Key, F.Substrate.Is([.. g.Select(s => s.Value)]), F.Breath.IsNot(VapourSteps.Step63)));

    internal static Need Ground(string id, string title, params SubstrateFamily[] families) => NeedRegistry.Ground(id, title, Substrates.Family(families));
}
