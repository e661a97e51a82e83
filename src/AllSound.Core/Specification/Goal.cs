using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Specification;

/// <summary>What a specification has to reach, and which finishes may be used to reach it.</summary>
/// <param name="Needs">What must hold at the end.</param>
/// <param name="Finishes">Finish products that the brief allows, in catalogue order.</param>
/// <param name="Allows">Which acts the brief allows besides.</param>
public sealed record Goal(ImmutableArray<Need> Needs, ImmutableArray<CoatingClass> Finishes, Func<Act, bool> Allows)
{
    /// <summary>The goal that a brief sets for a surface.</summary>
    public static Goal For(Surface surface, Condition start)
    {
        var brief = surface.Brief;
        var family = brief.Finish ?? DefaultFinish(surface.Element);
        var finishes = Coatings
            .All.Where(p => !p.Sheens.IsEmpty && (p.Cover == Cover.Emulsion) == (family == FinishFamily.WallPaint))
            .Where(p => brief.Sheen is not { } sheen || p.Sheens.Contains(sheen))
            .Where(p => !brief.LowOdour || p.Carrier == Carrier.Water)
            .Where(p => !brief.Avoid.Contains(p.Id))
            .Where(p => (surface.Exposure == Exposure.Inside ? p.Life.Inside : p.Life.Outside) > 0)
            .ToImmutableArray();

        // One coat only to freshen the same colour on a film with nothing to mend; else two, or gloss over its undercoat.
        var least = brief.Coats ?? 1;
        var full = brief.Coats is null && !JustFreshen(start);
        ImmutableArray<Need> needs =
        [
            .. Enumerable.Range(1, Math.Clamp(least, 1, 5)).Select(N.Topcoats),
            .. full ? [N.FullFinish] : Array.Empty<Need>(),
            N.Hidden,
            N.LeadCleaned,
            N.SiteCleared,
        ];
        return new Goal(needs, finishes, act => Allowed(act, brief));
    }

    /// <summary>What must hold at the end with only these finishes: where they decide how many coats are a full finish, says how many.</summary>
    public ImmutableArray<Need> NeedsWith(params ReadOnlySpan<CoatingClass> finishes)
    {
        var gloss = 0;
        foreach (var finish in finishes)
        {
            gloss += finish.Cover == Cover.GlossAlkyd ? 1 : 0;
        }

        if (!Needs.Contains(N.FullFinish) || (gloss > 0 && gloss < finishes.Length))
        {
            return Needs;
        }

        var count = gloss > 0 ? 1 : 2;
        return [.. Needs.Select(n => n == N.FullFinish ? N.Topcoats(count) : n).Distinct()];
    }

    /// <summary>The family that suits an element when the brief does not say.</summary>
    public static FinishFamily DefaultFinish(Element element) =>
        element is Element.Wall or Element.Ceiling or Element.Cornice or Element.ChimneyBreast ? FinishFamily.WallPaint : FinishFamily.TrimPaint;

    private static bool JustFreshen(in Condition start) =>
        start.Get(Facets.ToHide) <= Count.One
        && start.Get(Facets.Bare) == Bare.None
        && start.Get(Facets.Loose) == Presence.None
        && start.Get(Facets.Fill) == Fill.None
        && start.Get(Facets.WaterStain) == Bleed.None
        && start.Get(Facets.Tar) == Bleed.None
        && start.Get(Facets.Ink) == Bleed.None
        && start.Get(Facets.Knots) == Bleed.None;

    private static bool Allowed(Act act, Brief brief)
    {
        if (act.Operation.ByOthers || act.Operation.Refused || brief.Avoid.Contains(act.Operation.Id) || (act.Product is { } p && brief.Avoid.Contains(p.Id)))
        {
            return false;
        }

        // Small spots of stain block and knotting have no waterborne equal; whole coats have.
        return !brief.LowOdour || act.Product is null || act.Product.Carrier == Carrier.Water || act.Operation.Role == CoatRole.Spot;
    }
}
