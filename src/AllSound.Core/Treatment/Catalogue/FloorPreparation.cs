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

    private static readonly Need BareConcrete = NeedRegistry
        .Register("bare-concrete", "no old film lies on it", "Paint clogs the pads: it is stripped first.", Severity.Note, Source.Practice, [F.Film.Is(Film.None)])
        .Otherwise("old film lies on it");

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "ab_concrete",
            Group = Group.Abrade,
            Title = "Grind the skin of the concrete off",
            Do =
                "Diamond pads under a shroud with class H extraction, two passes crosswise, until it dusts no more and the fine sand shows; edges with a hand grinder. Vacuum twice.",
            Needs =
            [
                SiteNeeds.AccessSafe,
                SiteNeeds.PowerOn,
                SiteNeeds.LeadControlled,
                SiteNeeds.AsbestosAbsent,
                OnConcrete,
                BareConcrete,
                GroundNeeds.GreaseOff,
                N.WashDry,
            ],
            Gives = [Set(F.Powder, Powder.None), Set(F.Key, Key.Abraded), Set(F.Soil, Soil.Clean, F.Soil.Is(Soil.Light)), Set(F.Dust, Presence.None)],
            Extent = Extent.Whole,
            Rate = 8,
            FixedHours = 0.5,
            Uses = [new(Sundries.Abrasive, 0.3)],
            Tool = "floor grinder and hand grinder, shrouded",
            Accept = "a dark cloth stays clean; a drop of water sinks in within a minute",
            Protection = ["mask FFP3", "goggles", "hearing protection"],
            Cautions = ["Silica dust harms lungs: the extraction runs before the pads do."],
            Hazard = 3,
            School = "S10 dry",
            Source = Source.Practice,
        },
    ];
}
