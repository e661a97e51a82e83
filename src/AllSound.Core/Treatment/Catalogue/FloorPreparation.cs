using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Taking a concrete floor back to what bears a coat.</summary>
internal static class FloorPreparation
{
    private static readonly Need OnConcrete = NeedRegistry.Ground("on-concrete", "the ground is concrete or screed", [Substrate.ConcreteCast]);

    private static readonly Need Plastered = NeedRegistry.Ground(
        "polishable",
        "the ground is plaster, render or concrete",
        [.. GroundNeeds.Plasters, Substrate.RenderCement, Substrate.RenderLime, Substrate.ConcreteCast]
    );

    private static readonly Need NothingLaid = NeedRegistry
        .Register(
            "nothing-laid",
            "nothing is laid on it yet",
            "It is for the bare face: a coat that is on is rubbed down in its own way.",
            Severity.Note,
            Source.Practice,
            [F.Cover.Is(Cover.None)]
        )
        .Otherwise("a coat is on it already");

    public static readonly ImmutableArray<Operation> All =
    [
        FilmStripping.Strip(
            "st_grind_floor",
            "Grind the old coating off the floor",
            "Coarse segments under a shroud with class H extraction, two passes crosswise to clean concrete; edges with a hand grinder.",
            rate: 5,
            narrow: 4,
            moulded: 0,
            carved: 0,
            Residue.None,
            null,
            [OnConcrete, Stripping.FilmSands, SiteNeeds.PowerOn, GroundNeeds.GreaseOff, N.WashDry],
            [new(Sundries.Abrasive, 0.5)],
            "S11 shrouded",
            "clean concrete, no gloss left; a drop of water sinks in within a minute",
            ["Silica and old paint in the dust: the extraction runs before the pads do.", "On lead paint only by people trained for it, with class H extraction."],
            hazard: 3.5,
            Source.Practice
        ) with
        {
            Tool = "floor grinder and hand grinder, shrouded",
        },
        new()
        {
            Id = "ab_plaster",
            Group = Group.Abrade,
            Title = "Take nibs and shine off bare plaster",
            Do =
                "Broad knife over nibs and splashes, then 180 grit on a pole, damp, where it stands up or shines and not through the skin; wipe down with a wrung sponge.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.Covered,
                SiteNeeds.ElectricsSafe,
                SiteNeeds.LeadControlled,
                SiteNeeds.AsbestosAbsent,
                Plastered,
                FilmStripping.NoFilm,
                NothingLaid,
                GroundNeeds.GreaseOff,
                GroundNeeds.FabricDry,
                N.WashDry,
            ],
            Gives = [Set(F.Key, Key.Abraded), Set(F.Lumps, Presence.None), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 15,
            Uses = [new(Sundries.Abrasive, 0.05)],
            Leaves = new(Drying.Wash, 2, 4),
            Tool = "180 grit on a pole sander, damp",
            Accept = "smooth to the palm, even and dull; a drop of water sinks in",
            Protection = ["mask FFP2", "goggles"],
            Hazard = 1,
            School = "S10 wet",
            Source = Source.Practice,
        },
        new()
        {
            Id = "ab_concrete",
            Group = Group.Abrade,
            Title = "Grind the skin of the concrete off",
            Do = "Diamond pads under a shroud with class H extraction, two passes crosswise, until it dusts no more and the fine sand shows; edges with a hand grinder.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.PowerOn,
                SiteNeeds.LeadControlled,
                SiteNeeds.AsbestosAbsent,
                OnConcrete,
                FilmStripping.NoFilm,
                GroundNeeds.GreaseOff,
                N.WashDry,
            ],
            Gives = [Set(F.Powder, Powder.None), Set(F.Key, Key.Abraded), Set(F.Soil, Soil.Clean, F.Soil.Is(Soil.Light)), Set(F.Dust, Presence.Present)],
            Extent = Extent.Whole,
            Rate = 8,
            FixedHours = 0.5,
            Uses = [new(Sundries.Abrasive, 0.3)],
            Tool = "floor grinder and hand grinder, shrouded",
            Accept = "a dark cloth stays clean; a drop of water sinks in within a minute",
            Protection = ["mask FFP3", "goggles", "hearing protection"],
            Cautions = ["Silica dust harms lungs: the extraction runs before the pads do."],
            OnLead = ["On lead paint only by people trained for it, with class H extraction."],
            Hazard = 3,
            School = "S10 dry",
            Source = Source.Practice,
        },
    ];
}
