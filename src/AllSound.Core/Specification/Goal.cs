using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Specification;

/// <summary>What a specification has to reach, and which finishes may be used to reach it.</summary>
/// <param name="Needs">What must hold at the end.</param>
/// <param name="Finishes">Finish products that the brief allows, in catalogue order.</param>
/// <param name="Allows">Which acts the brief allows besides.</param>
public sealed record Goal(ImmutableArray<Need> Needs, ImmutableArray<CoatingClass> Finishes, Func<Act, bool> Allows)
{
    /// <summary>The family of finishes asked for, or usual there.</summary>
    public FinishFamily Family { get; private init; }

    /// <summary>True for an act that lays no finish, or one that the brief allows: nobody finishes a door in floor paint.</summary>
    internal bool AsksFor(Act act) => act.Operation.Role != CoatRole.Finish || Finishes.Any(f => f.Id == act.Product?.Id);

    /// <summary>The goal that a brief sets for a surface.</summary>
    public static Goal For(Surface surface, Condition start, Practice.Firm? firm = null)
    {
        var brief = surface.Brief;
        var family = brief.Finish ?? DefaultFinish(surface, start);
        if (brief.OnlyClean)
        {
            var bared = brief.Strip && start.Get(Facets.Film) != Film.None;
            return new Goal(
                bared ? [N.FilmGone, .. Clean] : Clean,
                [],
                act => Allowed(act, brief, family) && act.Operation.Role == CoatRole.None && (bared || !act.Strips)
            )
            {
                Family = family,
                WithoutCoat = true,
            };
        }

        var finishes = Coatings
            .All.Select(p => firm?.Own(p) ?? p)
            .Where(p => p.Finishes.Contains(family))
            .Where(p => brief.Sheen is not { } sheen || p.Sheens.Contains(sheen))
            .Where(p => !brief.LowOdour || p.Carrier is Carrier.Water or Carrier.None)
            .Where(p => brief.VocMost is not { } most || p.Voc <= most)
            .Where(p => !brief.Avoid.Contains(p.Id))
            .Where(p => brief.Wear != Wear.Hard || family != FinishFamily.WallPaint || p.Scrub == 2)
            .Where(p => (surface.Exposure == Exposure.Inside ? p.Life.Inside : p.Life.Outside) > 0)
            .ToImmutableArray();

        // One coat only to freshen the same colour on a film with nothing to mend; else two, or gloss over its undercoat.
        var least = brief.Coats ?? 1;
        var full = brief.Coats is null && (!JustFreshen(start) || start.Get(Facets.JointKind) == JointKind.Wet);
        ImmutableArray<Need> needs =
        [
            .. Enumerable.Range(1, Math.Clamp(least, 1, 5)).Select(N.Topcoats),
            .. brief.Strip && start.Get(Facets.Film) != Film.None ? [N.FilmGone] : Array.Empty<Need>(),
            .. brief.Smooth && start.Get(Facets.Relief) == Presence.Present ? [N.ReliefGone] : Array.Empty<Need>(),
            .. full ? [N.FullFinish] : Array.Empty<Need>(),
            .. full && finishes.Any(f => f.Cover == Cover.Limewash) ? [N.LimewashBuilt] : Array.Empty<Need>(),
            .. full && family == FinishFamily.Clear && surface.Element is Element.Floor or Element.Step ? [N.FloorFinish] : Array.Empty<Need>(),
            .. full && family == FinishFamily.Clear && surface.Element is not (Element.Floor or Element.Step) ? [N.VarnishBuilt] : Array.Empty<Need>(),
            .. family == FinishFamily.Clear || finishes.All(f => f.Clear) ? [] : new[] { N.Hidden },
            N.LeadCleaned,
            .. start.Get(Facets.JointKind) == JointKind.Wet ? [GroundNeeds.JointSealed] : Array.Empty<Need>(),
            N.SiteCleared,
        ];
        return new Goal(needs, finishes, act => Allowed(act, brief, family)) { Family = family };
    }

    /// <summary>Ends without a coat: only cleaned, or stripped and left bare.</summary>
    internal bool WithoutCoat { get; private init; }

    // What is cleaned and not painted: fit to be left as it is.
    private static readonly ImmutableArray<Need> Clean =
    [
        GroundNeeds.SoilOff,
        GroundNeeds.MouldOff,
        GroundNeeds.SaltsOff,
        GroundNeeds.ResidueOut,
        GroundNeeds.DustOff,
        N.LeadCleaned,
        N.SiteCleared,
    ];

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

    /// <summary>The acts that the brief allows, with the firm's own products in them.</summary>
    internal Act[] Acts(Practice.Firm firm) => [.. Operations.Acts.Where(Allows).Select(firm.Own)];

    /// <summary>The finishes that some of these acts lay.</summary>
    internal ImmutableArray<CoatingClass> LaidBy(Act[] acts) => [.. Finishes.Where(f => Array.Exists(acts, a => a.Product == f && a.Operation.Role == CoatRole.Finish))];

    /// <summary>What matters on a surface for all searches by these acts.</summary>
    /// <param name="start">Its condition.</param>
    /// <param name="acts">The acts.</param>
    /// <param name="priced">False where only ways are looked for and not what they cost.</param>
    internal SurfaceTask Task(Condition start, Act[] acts, bool priced = true) => new(start, Needs, [N.Topcoats(1), N.Topcoats(2), N.FilmGone], acts, priced);

    /// <summary>What is to be reached with only these finishes.</summary>
    internal GoalTask AimWith(SurfaceTask task, ImmutableArray<CoatingClass> some) =>
        task.Aim(NeedsWith(some.AsSpan()), a => a.Operation.Role != CoatRole.Finish || some.Contains(a.Product!));

    /// <summary>The family that suits a surface when the brief does not say.</summary>
    public static FinishFamily DefaultFinish(Surface surface, in Condition start)
    {
        var substrate = start.Get(Facets.Substrate);
        var family = Substrates.Of(substrate).Family;
        return surface.Element switch
        {
            // What was clear stays clear, and bare oak or teak inside is not painted over unasked.
            // A colour of paint is asked for in paint.
            _ when family == SubstrateFamily.Wood && StaysClear(start, substrate) && !ColourWords.OfPaint(surface.Brief.Colour) => FinishFamily.Clear,
            Element.Floor or Element.Step => FinishFamily.Floor,
            Element.Radiator => FinishFamily.Radiator,
            // A bath of iron or steel too: it stands in water.
            Element.Tile => FinishFamily.Tile,
            _ when start.Get(Facets.Heat) > Heat.Warm || (surface.Element == Element.Pipe && start.Get(Facets.Heat) > Heat.Ambient) => FinishFamily.Radiator,
            _ when family is SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous => FinishFamily.Metal,
            _ when substrate is Substrate.TileGlazed or Substrate.TileUnglazed => FinishFamily.Tile,
            _ when start.Get(Facets.Exposure) == Exposure.Outside && family is SubstrateFamily.Masonry or SubstrateFamily.Plaster => FinishFamily.Masonry,
            Element.Wall or Element.Ceiling or Element.Cornice or Element.ChimneyBreast when start.Get(Facets.Exposure) == Exposure.Inside => FinishFamily.WallPaint,
            Element.Sill or Element.Skirting or Element.Architrave or Element.Frame => FinishFamily.TrimPaint,
            _ when family is SubstrateFamily.Masonry or SubstrateFamily.Plaster => FinishFamily.WallPaint,
            _ => FinishFamily.TrimPaint,
        };
    }

    /// <summary>Does the wood show through what lies on it?</summary>
    internal static bool WasClear(in Condition start) => start.Get(Facets.Film) is Film.Varnish or Film.Woodstain or Film.Oil or Film.Wax or Film.Shellac;

    private static bool StaysClear(in Condition start, Substrate wood) =>
        WasClear(start)
        || (start.Get(Facets.Film) == Film.None && start.Get(Facets.Exposure) == Exposure.Inside && wood is Substrate.HardwoodTannin or Substrate.HardwoodOily);

    private static bool IsSpecial(FinishFamily family) =>
        family is FinishFamily.Floor or FinishFamily.Metal or FinishFamily.Tile or FinishFamily.Radiator or FinishFamily.Clear or FinishFamily.Gutter;

    private static bool JustFreshen(in Condition start) =>
        start.Get(Facets.ToHide) <= Count.One
        && start.Get(Facets.Bare) == Bare.None
        && start.Get(Facets.Loose) == Presence.None
        && start.Get(Facets.Fill) == Fill.None
        && start.Get(Facets.WaterStain) == Bleed.None
        && start.Get(Facets.Tar) == Bleed.None
        && start.Get(Facets.Ink) == Bleed.None
        && start.Get(Facets.Knots) == Bleed.None;

    private static readonly FrozenSet<string> Sprayable = Operations
        .All.Where(o => o.Sprayed)
        .SelectMany(o => o.Products)
        .Select(p => p.Id)
        .ToFrozenSet(StringComparer.Ordinal);

    private static bool Allowed(Act act, Brief brief, FinishFamily family)
    {
        // A first coat of floor or metal paint belongs under its own finish.
        if (
            act.Product is { Finishes.IsEmpty: false } first
            && act.Operation.Role != CoatRole.Finish
            && first.Finishes.All(IsSpecial)
            && !first.Finishes.Contains(family)
        )
        {
            return false;
        }

        // Nothing opaque goes under a clear finish: it stays in sight for good.
        if (family == FinishFamily.Clear && act.Product is { Clear: false })
        {
            return false;
        }

        if (act.Operation.WithoutCoat && !brief.OnlyClean)
        {
            return false;
        }

        if (
            (act.Operation.ByOthers && !act.Operation.Hired)
            || act.Operation.Refused
            || brief.Avoid.Contains(act.Operation.Id)
            || (act.Product is { } p && brief.Avoid.Contains(p.Id))
        )
        {
            return false;
        }

        // Sprayed where that is asked for and a product can be; what cannot be sprayed is laid as ever.
        if (act.Operation.Sprayed ? !brief.Sprayed : brief.Sprayed && act.Operation.Role == CoatRole.Finish && Sprayable.Contains(act.Product?.Id ?? ""))
        {
            return false;
        }

        if (brief.KeepOldFilm && act.Strips)
        {
            return false;
        }

        // Small spots of stain block and knotting have no waterborne equal; whole coats have.
        if (act.Product is { } used && brief.VocMost is { } most && used.Voc > most && act.Operation.Role != CoatRole.Spot)
        {
            return false;
        }

        return !brief.LowOdour || act.Product is null || act.Product.Carrier is Carrier.Water or Carrier.None || act.Operation.Role == CoatRole.Spot;
    }
}
