using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Specification;

/// <summary>How a surface stands, in one word: the tone and hatch of its piece in the drawing.</summary>
public enum Verdict : byte
{
    /// <summary>Will carry paint once clean.</summary>
    Sound,

    /// <summary>Wants preparing: stain, knots, shine, joint, fill, bare.</summary>
    Prepare,

    /// <summary>The film or the ground fails in part.</summary>
    Failing,

    /// <summary>Held or blocked.</summary>
    Held,

    /// <summary>What the film is, or whether it holds, is not known: nothing can be said yet.</summary>
    Unseen,
}

/// <summary>One layer in a section.</summary>
/// <param name="Title">What it is.</param>
/// <param name="Role">old, spot, prime, undercoat or finish.</param>
/// <param name="Microns">Dry film of all its coats, micrometres.</param>
/// <param name="Coats">Coats.</param>
/// <param name="Extent">whole, or the part of the face it lies on: bare, patch, stain, knots, fill.</param>
/// <param name="Share">Share of the face it lies on, 0 to 1.</param>
public sealed record Stratum([property: Prose] string Title, string Role, double Microns, int Coats, string Extent, double Share);

/// <summary>The build-up that an option leaves.</summary>
/// <param name="Option">Id of the option.</param>
/// <param name="Strips">True when the old film is taken off whole.</param>
/// <param name="Layers">New layers from below.</param>
public sealed record BuildUp(string Option, bool Strips, ImmutableArray<Stratum> Layers);

/// <summary>A cut through a surface: substrate, old layers, what is wrong, and the build-up of each option.</summary>
/// <param name="Substrate">Substrate.</param>
/// <param name="Family">Its family, for the hatch.</param>
/// <param name="Verdict">How it stands.</param>
/// <param name="Old">Old layers from below.</param>
/// <param name="BareShare">Share that is bare.</param>
/// <param name="LooseShare">Share where the film is loose.</param>
/// <param name="Edges">none, firm, lifting.</param>
/// <param name="StainShare">Share stained.</param>
/// <param name="Knots">Knots that bleed.</param>
/// <param name="Joint">True when a joint is open.</param>
/// <param name="Powder">True when the ground powders.</param>
/// <param name="Moisture">dry, drying, damp or wet.</param>
/// <param name="Lead">provedAbsent, presumed or confirmed.</param>
/// <param name="BuildUps">One for each option.</param>
public sealed record Section(
    string Substrate,
    SubstrateFamily Family,
    Verdict Verdict,
    ImmutableArray<Stratum> Old,
    double BareShare,
    double LooseShare,
    string Edges,
    double StainShare,
    int Knots,
    bool Joint,
    bool Powder,
    Moisture Moisture,
    Lead Lead,
    ImmutableArray<BuildUp> BuildUps
)
{
    /// <summary>The section of a surface as specified.</summary>
    public static Section Of(Surface surface, Specified specified)
    {
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(specified);
        var condition = specified.Appraised.Condition;
        var extents = specified.Appraised.Extents;
        var area = Math.Max(extents.AreaM2, 1e-9);
        var plan = specified.Planned;
        return new Section(
            Substrates.Of(condition.Get(Facets.Substrate)).Title,
            specified.Appraised.Family,
            VerdictOf(specified),
            OldLayers(surface, condition),
            Math.Round(extents.BareM2 / area, 4),
            Math.Round(extents.LooseM2 / area, 4),
            Facets.Edges.ValueName(condition[Facets.Edges]),
            condition.Get(Facets.WaterStain) is Bleed.Live or Bleed.Faint ? Math.Round(extents.StainM2 / area, 4) : 0,
            condition.Get(Facets.Knots) == Bleed.Live ? extents.Knots : 0,
            condition.Get(Facets.Joint) == Surfaces.Joint.Open,
            condition.Get(Facets.Powder) == Surfaces.Powder.Friable,
            condition.Get(Facets.Moisture),
            condition.Get(Facets.Lead),
            [.. plan.Options.Select(o => Build(o, plan.Appraised))]
        );
    }

    /// <summary>How a surface stands.</summary>
    public static Verdict VerdictOf(Specified specified)
    {
        ArgumentNullException.ThrowIfNull(specified);
        var condition = specified.Appraised.Condition;
        if (specified.Options.IsEmpty)
        {
            return Verdict.Held;
        }

        if (
            condition.Get(Facets.Loose) == Presence.Present
            || condition.Get(Facets.Edges) == Surfaces.Edges.Lifting
            || condition.Get(Facets.Powder) == Surfaces.Powder.Friable
        )
        {
            return Verdict.Failing;
        }

        if (specified.Appraised.Resolutions.Any(r => r.How == Resolved.Assumed && (r.Facet == Facets.Loose || r.Facet == Facets.Film)))
        {
            return Verdict.Unseen;
        }

        // Anything beyond making safe, covering, cleaning and finishing is preparation.
        return specified
            .Options[0]
            .Steps.Any(s =>
                s.Act.Operation.Group
                    is not (Group.MakeSafe or Group.Protect or Group.Clean or Group.DustOff or Group.Topcoat or Group.Denib or Group.Decontaminate or Group.Aftercare)
            )
            ? Verdict.Prepare
            : Verdict.Sound;
    }

    private static ImmutableArray<Stratum> OldLayers(Surface surface, Condition condition)
    {
        if (condition.Get(Facets.Film) == Film.None)
        {
            return [];
        }

        if (surface.Layers is not { IsEmpty: false } layers)
        {
            var assumed = ExistingCoatings.Of(condition.Get(Facets.Film))!;
            return [new Stratum($"{assumed.Title} (assumed)", "old", assumed.MicronsPerCoat * 4, 4, "whole", 1)];
        }

        return
        [
            .. layers
                .Select(l => (Layer: l, Coating: ExistingCoatings.Find(l.Coating)!))
                .Select(x => new Stratum(x.Coating.Title, "old", x.Coating.MicronsPerCoat * x.Layer.Coats, x.Layer.Coats, "whole", 1)),
        ];
    }

    private static BuildUp Build(Option option, Appraised appraised)
    {
        var layers = new List<Stratum>();
        foreach (var step in option.Steps.Where(s => s.Act.Operation.Role != CoatRole.None && s.Act.Product is not null))
        {
            var product = step.Act.Product!;
            var operation = step.Act.Operation;
            var share = operation.Extent is Extent.Knots ? 0.02 : Math.Min(1, step.Spend.Units / Math.Max(appraised.Extents.AreaM2, 1e-9));
            var role = operation.Role switch
            {
                CoatRole.Spot => "spot",
                CoatRole.Primer => "prime",
                CoatRole.Undercoat => "undercoat",
                _ => "finish",
            };
            var extent = operation.Extent.ToString().ToLowerInvariant();
            var microns = product.Microns * operation.Coats;
            if (layers.Count > 0 && layers[^1].Title == product.Title && layers[^1].Role == role)
            {
                layers[^1] = layers[^1] with { Microns = layers[^1].Microns + microns, Coats = layers[^1].Coats + operation.Coats };
            }
            else
            {
                layers.Add(new Stratum(product.Title, role, microns, operation.Coats, extent, Math.Round(share, 4)));
            }
        }

        return new BuildUp(option.Id, option.Steps.Any(s => s.Act.Operation.Group == Group.Strip), [.. layers]);
    }
}
