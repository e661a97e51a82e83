using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Safety;

/// <summary>What a step asks of safety on its surface, beyond what the operation says of itself.</summary>
/// <param name="Protection">Protective equipment, the operation's own and what substance, place and method add.</param>
/// <param name="Cautions">Cautions, to be read before.</param>
/// <param name="Waste">Which waste it makes, and where that goes; null for none.</param>
/// <param name="Hold">What must be proved and written down before it may begin; null when it is no hold point.</param>
/// <param name="Others">What the people who use the place have to know or do; null for nothing.</param>
public sealed record StepSafety(ImmutableArray<string> Protection, ImmutableArray<string> Cautions, string? Waste, string? Hold, string? Others);

/// <summary>Derives protective equipment, containment, ignition, waste and hold points for a step. All of it defers to local rules and licensed people.</summary>
public static class StepHazards
{
    /// <summary>What the step asks.</summary>
    /// <param name="act">The act.</param>
    /// <param name="before">The condition that it begins from.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="first">The first overall coat of the sequence, which everything must be ready for.</param>
    public static StepSafety Of(Act act, in Condition before, Surface surface, bool first)
    {
        ArgumentNullException.ThrowIfNull(act);
        ArgumentNullException.ThrowIfNull(surface);
        var operation = act.Operation;
        var lead = before.Get(Facets.Lead) != Lead.ProvedAbsent && Disturbs(act);
        var inside = before.Get(Facets.Exposure) == Exposure.Inside;
        var dusty = act.MakesDust();
        var protection = new List<string>(operation.Protection);
        var cautions = new List<string>(operation.Cautions);
        if (before.Get(Facets.Lead) != Lead.ProvedAbsent)
        {
            cautions.AddRange(operation.OnLead);
        }

        if (lead)
        {
            protection.AddRange(["half mask P3", "disposable coverall", "gloves"]);
            cautions.Add("Lead: inside the work area only.");
        }

        var substrate = before.Get(Facets.Substrate);
        if (dusty && ActHazards.HoldsSilica(substrate))
        {
            protection.Add("mask FFP3");
            cautions.Add("Masonry dust holds silica: damp it or extract it, never sweep it dry.");
        }

        if (dusty && substrate is Substrate.HardwoodTannin or Substrate.HardwoodOily)
        {
            protection.Add("mask FFP3");
            cautions.Add("Hardwood dust harms the lungs and nose: extract it.");
        }

        if (operation.Role is not (CoatRole.None or CoatRole.Spot) && surface.Element is Element.Ceiling or Element.Cornice)
        {
            protection.Add("goggles");
        }

        if (act.HasSolvent() && operation.Role != CoatRole.None)
        {
            protection.Add(inside ? "half mask A2P3" : "gloves");
            cautions.Add(
                inside
                    ? "Solvent inside: air moving before the tin is opened, no flame, no switch, no smoking; nobody sleeps there tonight."
                    : "Solvent: no flame near the tin."
            );
        }

        if (act.Product is { Isocyanate: true })
        {
            protection.AddRange(["half mask A2P3", "chemical gauntlets"]);
            cautions.Add("Isocyanate: only people trained for it; brush or roller, never sprayed without supplied air.");
        }

        if (before.Get(Facets.Access) is Access.NeedsPlatform or Access.NeedsTower or Access.NeedsScaffold or Access.PlatformUp && operation.Extent != Extent.Once)
        {
            cautions.Add("At height: from the platform only.");
        }

        if (before.Get(Facets.Electrics) is Electrics.Live && act.Wets())
        {
            cautions.Add("Live outlets in the face: dead and covered first, by a competent person.");
        }

        return new StepSafety(
            [.. Enough(protection)],
            [.. cautions.Distinct(StringComparer.Ordinal)],
            Waste(act, lead, before.Get(Facets.Lead) != Lead.ProvedAbsent),
            Hold(act, before, first),
            Others(act, lead, inside, surface)
        );
    }

    // Each of a row does what those before it do: only the last that is asked for is worn.
    private static readonly ImmutableArray<ImmutableArray<string>> Rising =
    [
        ["mask FFP2", "mask FFP3", "half mask P3", "half mask A2P3"],
        ["gloves", "chemical gauntlets"],
    ];

    private static IEnumerable<string> Enough(List<string> protection) =>
        protection.Distinct(StringComparer.Ordinal).Where(p => !Rising.Any(row => row.Contains(p) && row.Skip(row.IndexOf(p) + 1).Any(protection.Contains)));

    /// <summary>Does the act disturb old paint? Everything does that only works where lead is absent or controlled.</summary>
    public static bool Disturbs(Act act)
    {
        ArgumentNullException.ThrowIfNull(act);
        return act.DisturbsPaint();
    }

    private static string? Waste(Act act, bool lead, bool onLead)
    {
        var operation = act.Operation;
        var wet = act.Wets();
        return (operation.Group, lead, wet) switch
        {
            _ when operation.Gives.Any(e => e.Facet == Facets.Paper) => lead
                ? "hazardous where paint on it may hold lead: wet paper and paste, in sealed labelled bags"
                : "wet paper and paste, bagged",
            (Group.Strip or Group.Loosen or Group.Abrade or Group.Fill or Group.Denib, true, _) =>
                "hazardous: lead chips, dust, slurry and wipes, in sealed labelled bags",
            _ when operation.Waste is { } own => own,
            (Group.Clean or Group.Decontaminate, _, true) when onLead => "wash water from lead paint: caught, never down a drain",
            (Group.Clean or Group.Decontaminate, _, true) => "wash water: caught, or to foul drain where the rules allow",
            (Group.Strip or Group.Loosen or Group.Abrade, _, _) => "dried paint and dust, bagged",
            _ when act.Product is { PotLifeHours: not null } => "hazardous: uncured two-part paint; cured remains are general waste",
            _ when act.Product is { Carrier: Carrier.Spirit or Carrier.Strong } =>
                "solvent and rags: rags flat outside or under water in a lidded bin; tins by the local scheme",
            _ when act.Product is { Carrier: Carrier.Alcohol } => "alcohol rags: lidded metal bin",
            _ when act.LeavesOilyRags() => "oily rags can catch fire by themselves: under water in a lidded bin",
            _ when act.Product is not null => "tins dried out or by the local scheme; wash-out water never to a surface drain",
            _ => null,
        };
    }

    private static string? Hold(Act act, in Condition before, bool first)
    {
        if (first)
        {
            var dry = Substrates.Of(before.Get(Facets.Substrate)).Family switch
            {
                SubstrateFamily.Wood => "dry by a number (timber 18 % or less)",
                SubstrateFamily.Plaster or SubstrateFamily.Masonry => "dry by a number (equilibrium humidity 75 % or less, or as the known dry place)",
                _ => "dry, and the face 3 °C above the dew point",
            };
            var air =
                before.Get(Facets.Exposure) == Exposure.Outside && !dry.Contains("dew", StringComparison.Ordinal)
                    ? ", the face 3 °C above the dew point and over 5 °C"
                    : "";
            return $"Before the first coat: {dry}{air}, dust-free, firm at every edge, keyed, clean; written down.";
        }

        return act.Operation.HoldPoint
            ?? act.Operation.Group switch
            {
                Group.Dry => "No further until the number is written down.",
                Group.Strip => "Before it begins: a trial patch; lead result or work area; neighbours covered.",
                _ => null,
            };
    }

    private static string? Others(Act act, bool lead, bool inside, Surface surface)
    {
        if (lead)
        {
            return "Children, pregnant women and pets stay out until the area is cleared; food and bedding out first.";
        }

        if (inside && act.HasSolvent() && act.Operation.Role is not (CoatRole.None or CoatRole.Spot))
        {
            return "The room is not slept in tonight (two nights after two-part paint); children and people with asthma stay away until the smell is gone.";
        }

        return act.Operation.SetsOffDetectors ? "Smoke detectors are covered by arrangement and uncovered again today."
            : surface.Element == Element.Floor && act.Operation.Role == CoatRole.Finish ? "Nobody walks on it for a day; another way through is kept open."
            : null;
    }
}
