using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Inspection;

internal sealed partial class SurveyReader
{
    /// <summary>Height above which a platform is needed, metres: what is reached from a hop-up. Common practice.</summary>
    private const double ReachM = 2.4;

    private Film ReadFilm()
    {
        Film film;
        if (surface.Layers is { } layers)
        {
            // A film of nicotine lies on the paint; the paint is what takes the next coat, once the tar is off.
            var paint = layers.Where(l => l.Coating != "nicotine").ToList();
            film =
                paint.Count == 0 || facts.BareShare >= 1
                    ? Film.None
                    : (ExistingCoatings.Find(paint[^1].Coating) ?? throw new ArgumentException($"Unknown coating {paint[^1].Coating}.", nameof(surface))).Value;
            Put(F.Film, film);
            var coats = film == Film.None ? 0 : layers.Sum(l => l.Coats);
            Put(
                F.Load,
                coats == 0 ? LayerLoad.None
                    : coats <= 3 ? LayerLoad.Few
                    : coats < 10 ? LayerLoad.Many
                    : LayerLoad.Heavy
            );
        }
        else if (facts.BareShare >= 1)
        {
            film = Film.None;
            Put(F.Film, film);
        }
        else
        {
            film = substrate.Family switch
            {
                SubstrateFamily.Wood or SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous => Film.AlkydGloss,
                SubstrateFamily.Masonry => Film.MasonryAcrylic,
                SubstrateFamily.Slick => Film.None,
                _ => Film.EmulsionMatt,
            };
            Put(F.Film, film);
            if (film == Film.None)
            {
                Note(F.Film, (byte)film, Resolved.Assumed, "Old coats not recorded: assumed bare, as tile, glass and plastic usually are.", "T_layers");
                return film;
            }

            Put(F.Load, LayerLoad.Many);
            Note(F.Film, (byte)film, Resolved.Assumed, $"Old coats not recorded: assumed {ExistingCoatings.Of(film)!.Title} on top.", "T_solvent");
        }

        return film;
    }

    private void ReadSafety(Film film)
    {
        // The oldest thing in the build-up decides: young coats over old ones clear nothing.
        var years = new[] { surface.Year ?? building.Built }.Concat(surface.Layers?.Select(l => l.Year ?? surface.Year ?? building.Built) ?? []).ToList();
        var (lead, why) = LeadPresumption.For(job.Jurisdiction, years.Contains(null) ? null : years.Min());
        if (substrate.Value == Substrate.LeadSheet)
        {
            (lead, why) = (Lead.Confirmed, "The sheet itself is lead.");
        }
        else if (lead == Lead.ProvedAbsent && (surface.Layers?.Any(l => l.Coating == "oil_lead") ?? false))
        {
            (lead, why) = (Lead.Presumed, "Old oil or lead paint is recorded, and lead not tested: treated as lead paint whatever the year.");
        }

        Known(F.Lead, facts.Lead, lead, lead == Lead.Presumed ? Resolved.Presumed : Resolved.Inferred, why, "T_lead_lab");

        var (asbestos, whyAsbestos) = AsbestosPresumption.For(job.Jurisdiction, building, surface, substrate);
        Known(
            F.Asbestos,
            facts.Asbestos,
            asbestos,
            asbestos == Lead.Presumed ? Resolved.Presumed : Resolved.Inferred,
            whyAsbestos,
            "T_asb_lab",
            quiet: asbestos != Lead.Presumed
        );
        Known(F.Consent, facts.Consent, Consent.NotNeeded, Resolved.Inferred, "No consent recorded as needed.", "T_consent", quiet: true);

        var high = surface.Element is Element.Ceiling or Element.Cornice || (surface.Element is Element.Wall or Element.ChimneyBreast && measured.HeightM > ReachM);
        // A roof slope is fragile until somebody competent says that it bears, or a platform stands clear of it.
        var fragile = facts.Access != Access.PlatformUp && (facts.FragileFooting ?? space.Kind == SpaceKind.RoofSlope);
        Known(
            F.Access,
            !fragile ? facts.Access
                : facts.FragileFooting == true ? Access.Fragile
                : null,
            fragile ? Access.Fragile
                : high ? Access.NeedsPlatform
                : Access.InReach,
            fragile ? Resolved.Presumed : Resolved.Inferred,
            fragile ? "A roof slope: assumed fragile until a competent person says that it carries a person."
                : high ? $"Above {ReachM} m: a platform is needed."
                : "Within reach from the floor.",
            fragile ? "T_footing" : null
        );
        var wall = surface.Element is Element.Wall or Element.ChimneyBreast or Element.Ceiling;
        Known(
            F.Electrics,
            facts.WiringCondemned == true ? Electrics.Condemned
                : facts.Outlets is { } outlets ? (outlets ? Electrics.Live : Electrics.Clear)
                : null,
            wall ? Electrics.Live : Electrics.Clear,
            wall ? Resolved.Presumed : Resolved.Inferred,
            "Outlets not recorded: assumed live until proved dead by a competent person.",
            "T_outlets",
            quiet: !wall
        );
        Known(F.Power, Yes(facts.Power), Presence.Present, Resolved.Assumed, "Assumes power on site.", null, quiet: true);
        var glass = surface.Element is Element.Window;
        Known(F.GlassNear, Yes(facts.GlassNear), Yes(glass), Resolved.Inferred, "Glass by the kind of element.", null, quiet: true);
    }

    private void ReadKey(Film film)
    {
        var coating = ExistingCoatings.Of(film);
        var found = facts.Gloss60 is { } gloss && facts.Key is not Key.Abraded ? (gloss > 30 ? Key.Shiny : Key.Toothy) : facts.Key;
        var slick = coating is null && substrate.Family is SubstrateFamily.NonFerrous or SubstrateFamily.Slick && substrate.Value != Substrate.TileUnglazed;
        Known(
            F.Key,
            coating is null && found == Key.Toothy && slick ? null : found,
            coating?.Shiny == true || slick ? Key.Shiny : Key.Toothy,
            Resolved.Inferred,
            coating is null ? "Bare." : $"{coating.Title} is {(coating.Shiny ? "shiny" : "matt")} as laid.",
            "T_gloss",
            quiet: coating is null
        );
    }
}
