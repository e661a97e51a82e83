using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Safety;

/// <summary>Something that the program does not advise, whatever is asked for.</summary>
/// <param name="Id">Id.</param>
/// <param name="Title">What it refuses.</param>
/// <param name="Refer">Who to turn to.</param>
/// <param name="Source">Who says so.</param>
/// <param name="Bears">Does it bear on a surface in this condition?</param>
public sealed record Refusal(string Id, string Title, string Refer, Source Source, Func<Appraised, Surface, bool> Bears);

/// <summary>The refusals. They stand in needs of the operations as well, so that no sequence passes that breaks one.</summary>
public static class Refusals
{
    private static readonly Source Practice = Source.Practice;

    /// <summary>All of them.</summary>
    public static ImmutableArray<Refusal> All { get; } =
    [
        new(
            "no-flame-on-paint",
            "No flame on paint; no dry sanding, blasting or heat over 450 °C where lead is not ruled out.",
            "a laboratory for the lead, then a wet or extracted method",
            Practice,
            (a, _) => a.Condition.Get(Facets.Film) != Film.None
        ),
        new(
            "no-asbestos-disturbed",
            "No disturbing of suspect asbestos, and no sampling by untrained people.",
            "a licensed surveyor and a laboratory",
            Source.Standard("HSG 264"),
            (a, _) => a.Condition.Get(Facets.Asbestos) != Lead.ProvedAbsent
        ),
        new(
            "no-home-made-chemicals",
            "No methylene chloride, no caustic dip on site, no home-made caustic, acid or bleach, no mixing of cleaners.",
            "products bought ready, used by their labels",
            Practice,
            (a, _) => a.Condition.Get(Facets.Film) != Film.None || a.Condition.Get(Facets.Mould) == Presence.Present
        ),
        new(
            "no-live-electrics",
            "No live electrical work, no isolation by the user, no washing with live outlets.",
            "an electrician",
            Source.Standard("BS 7671", Confidence.Usual),
            (a, _) => a.Condition.Get(Facets.Electrics) is Electrics.Live or Electrics.Condemned
        ),
        new(
            "no-fire-coating",
            "No stripping or overcoating of fire coatings, fire doors and their seals unasked.",
            "a fire engineer",
            Practice,
            (a, s) => a.Condition.Get(Facets.Film) == Film.Intumescent || s.Element == Element.Door
        ),
        new(
            "no-painting-over",
            "No painting over an active leak, rising damp, a live structural crack, decay or exposed reinforcement.",
            "roofer, plumber, damp surveyor, engineer",
            Practice,
            (a, _) =>
                a.Condition.Get(Facets.DampSource) == DampSource.Open
                || a.Condition.Get(Facets.Movement) == Soundness.Failing
                || a.Condition.Get(Facets.Timber) == Soundness.Failing
        ),
        new(
            "no-declaring-safe",
            "No declaring lead-free by swab or age, and no \"safe level\" of lead dust without a laboratory.",
            "a laboratory",
            Practice,
            (a, _) => a.Condition.Get(Facets.Lead) != Lead.ProvedAbsent
        ),
        new(
            "no-large-mould",
            "Mould over 10 square metres, sewage, or people with weak immunity: not a painter's work.",
            "a specialist",
            Source.Usual,
            (a, _) => a.Condition.Get(Facets.MuchMould) == Presence.Present || a.MayBeMuchMould
        ),
        new(
            "no-unlisted-contact",
            "No coating of drinking-water pipes and tanks, food surfaces, toys or cots without a product listed for it.",
            "the maker's listing",
            Practice,
            (a, s) => s.Element is Element.Pipe || a.Condition.Get(Facets.DrinkingWater) == Presence.Present
        ),
        new(
            "no-untrained-isocyanate",
            "No spraying of isocyanate by untrained people, no solvent in a closed or unvented space.",
            "a trained sprayer with supplied air",
            Practice,
            (a, _) => a.Condition.Get(Facets.Exposure) == Exposure.Inside
        ),
        new(
            "no-fragile-roof",
            "No work from fragile roofs, roof edges or untied ladders, nor near overhead lines.",
            "a scaffolder; the utility",
            Practice,
            (a, s) =>
                a.Condition.Get(Facets.Access) is Access.Fragile or Access.NeedsPlatform or Access.NeedsTower or Access.NeedsScaffold
                || s.Element is Element.RoofSheet or Element.Gutter
        ),
        new(
            "no-listed-fabric",
            "No coating or stripping of listed or historic fabric or mineral stone without consent.",
            "the conservation officer",
            Source.Usual,
            (a, _) => a.Condition.Get(Facets.Consent) != Consent.NotNeeded || a.Condition.Get(Facets.Substrate) == Substrate.StonePorous
        ),
        new(
            "no-legal-certainty",
            "No legal certainty: numbers here are from memory of about 2024; check the local rule.",
            "the authority where the work is",
            Practice,
            (_, _) => true
        ),
        new("no-medical-advice", "No medical advice; blood lead is for a doctor.", "a doctor", Practice, (a, _) => a.Condition.Get(Facets.Lead) != Lead.ProvedAbsent),
    ];

    /// <summary>Those that bear on a surface.</summary>
    public static ImmutableArray<Refusal> Bearing(Appraised appraised, Surface surface) => [.. All.Where(r => r.Bears(appraised, surface))];
}
