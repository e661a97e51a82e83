using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Surfaces.Catalogue;
using AllSound.Core.Treatment;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Assessment;

internal sealed partial class SurveyReader
{
    /// <summary>Joinery older than this has linseed and lead paint under what was put on since. Common practice.</summary>
    private const int OilPaintUntil = 1950;

    /// <summary>Height above which a platform is needed, metres: what is reached from a hop-up. Common practice.</summary>
    internal const double ReachM = 2.4;

    /// <summary>Height above which a low platform no longer does, metres. Common practice.</summary>
    private const double PlatformM = 4;

    /// <summary>Height above which a tower is no longer used outside, metres (makers' limits and common practice, from memory).</summary>
    private const double TowerM = 8;

    /// <summary>Mould that is a specialist's work, square metres (national guidance, from memory).</summary>
    internal const double MuchMouldM2 = 10;

    private Film ReadFilm()
    {
        Film film;
        if (surface.Layers is { } layers)
        {
            // A film of nicotine lies on the paint; the paint is what takes the next coat, once the tar is off.
            var paint = layers.Where(l => Kind(l) != Film.NicotineFilm).ToList();

            // Wax polish over a film is soil on it and no film of its own.
            if (paint.Count > 1 && Kind(paint[^1]) == Film.Wax && Kind(paint[^2]) != Film.Wax)
            {
                paint.RemoveAt(paint.Count - 1);
                Put(F.Waxed, Yes(!(facts.BareShare >= 1)));
            }

            film = paint.Count == 0 || facts.BareShare >= 1 ? Film.None : Kind(paint[^1]);
            if (film != Film.None && paint[^1].Coating == KindredCoatings.UnknownPaint)
            {
                film = Usual();
                Note(F.Film, (byte)film, Resolved.Assumed, $"Kind of the top coat not known: assumed {ExistingCoatings.Of(film)!.Title}, as usual here.", "T_solvent");
            }

            Put(F.Film, film);
            Put(
                F.Relief,
                Yes(film != Film.None && (paint.Exists(l => Kind(l) == Film.Texture) || surface.Form is { } form && Forms.Find(form.Kind) is { IsCoat: true }))
            );
            var coats = film == Film.None ? 0 : paint.Sum(l => l.Coats);
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
            film = substrate.Family == SubstrateFamily.Slick ? Film.None : Usual();
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

    // What usually lies on such a ground. Facts of the trade.
    private Film Usual() =>
        substrate.Family switch
        {
            SubstrateFamily.Wood when (surface.Year ?? building.Built) < OilPaintUntil => Film.OilLead,
            SubstrateFamily.Masonry when surface.Exposure == Exposure.Outside => Film.MasonryAcrylic,
            SubstrateFamily.Plaster or SubstrateFamily.Masonry => Film.EmulsionMatt,
            _ => Film.AlkydGloss,
        };

    private Film Kind(Layer layer) => (ExistingCoatings.Find(layer.Coating) ?? throw new ArgumentException($"Unknown coating {layer.Coating}.", nameof(layer))).Value;

    private void ReadSafety(Film film)
    {
        // The oldest thing in the build-up decides: young coats over old ones clear nothing.
        var years = new[] { surface.Year ?? building.Built }.Concat(surface.Layers?.Select(l => l.Year ?? surface.Year ?? building.Built) ?? []).ToList();
        oldest = years.Contains(null) ? null : years.Min();
        var (lead, why) = LeadPresumption.For(job.Jurisdiction, oldest);
        if (substrate.Value == Substrate.LeadSheet)
        {
            (lead, why) = (Lead.Confirmed, "The sheet itself is lead.");
        }
        else if (lead == Lead.ProvedAbsent && (surface.Layers?.Any(l => Kind(l) == Film.OilLead) ?? false))
        {
            (lead, why) = (Lead.Presumed, "Old oil or lead paint is recorded, and lead not tested: treated as lead paint whatever the year.");
        }

        if (lead == Lead.Presumed && Freshness.NewAndBare(substrate.Value, surface))
        {
            (lead, why) = (Lead.ProvedAbsent, "New and never painted: no lead paint to be expected on it, whatever the building's age.");
        }

        var red = surface.Layers?.Any(l => l.Coating == KindredCoatings.RedLead) == true;
        if (red)
        {
            (lead, why) = (Lead.Confirmed, "Red lead is recorded among the coats: no test clears it.");
        }

        ageAllowsLead = lead == Lead.Presumed;
        var unproved = facts.Lead == Lead.ProvedAbsent && lead == Lead.Presumed && !Proofs.OfLead(surface, facts.LeadProof);
        Known(
            F.Lead,
            unproved || red ? null : facts.Lead,
            lead,
            lead != Lead.ProvedAbsent ? Resolved.Presumed : Resolved.Inferred,
            unproved ? $"Lead is recorded as proved absent, but not by whom or how: treated as lead paint until that is recorded ({LeadPresumption.Edition})." : why,
            "T_lead_lab"
        );

        var (asbestos, whyAsbestos) = AsbestosPresumption.For(job.Jurisdiction, building, surface, substrate);
        var unsampled = facts.Asbestos == Lead.ProvedAbsent && asbestos == Lead.Presumed && !Proofs.OfAsbestos(surface, facts.AsbestosProof);
        Known(
            F.Asbestos,
            unsampled ? null : facts.Asbestos,
            asbestos,
            asbestos == Lead.Presumed ? Resolved.Presumed : Resolved.Inferred,
            unsampled ? $"Asbestos is recorded as proved absent, but not by whom or how. {whyAsbestos}" : whyAsbestos,
            "T_asb_lab",
            quiet: asbestos != Lead.Presumed
        );
        Known(F.Consent, facts.Consent, Consent.NotNeeded, Resolved.Inferred, "No consent recorded as needed.", "T_consent", quiet: true);

        var (reach, needed) = ReadHeight();
        // A roof slope is fragile until somebody competent says that it bears, or a platform stands clear of it.
        var fragile = facts.Access != Access.PlatformUp && (facts.FragileFooting ?? (space.Kind == SpaceKind.RoofSlope || surface.Element == Element.RoofSheet));
        Known(
            F.Access,
            !fragile ? Reached(facts.Access, needed)
                : facts.FragileFooting == true ? Access.Fragile
                : null,
            fragile ? Access.Fragile : needed,
            fragile ? Resolved.Presumed : Resolved.Inferred,
            fragile ? "A roof slope: assumed fragile until a competent person says that it carries a person." : reach,
            fragile ? "T_footing" : null
        );
        var wall = surface.Element is Element.Wall or Element.ChimneyBreast or Element.Ceiling && surface.Exposure == Exposure.Inside;
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
        var hung = surface.Element is Element.Door or Element.Radiator;
        Known(F.Removable, Yes(facts.Removable), Yes(hung), Resolved.Inferred, "Hung or hooked on: it can be taken down.", null, quiet: true);
        var lined = surface.Element is Element.Boarding or Element.Cladding or Element.Panelling;
        Known(
            F.VoidBehind,
            Yes(facts.VoidBehind),
            Yes(lined),
            lined ? Resolved.Presumed : Resolved.Inferred,
            "Boards and panels: a void is assumed behind them, where heat could start a fire unseen.",
            null,
            quiet: !lined
        );
    }

    // How high its highest part is, and what one stands on to reach it.
    private (string Why, Access Needed) ReadHeight()
    {
        var room = space.Kind == SpaceKind.Room && space.Walls is { IsDefaultOrEmpty: false } walls ? walls.Max(w => w.HeightM) : (double?)null;
        var height =
            facts.WorkHeightM
            ?? surface.Element switch
            {
                Element.Ceiling or Element.Cornice => room ?? ReachM + 0.1,
                Element.Wall or Element.ChimneyBreast or Element.Cladding => measured.HeightM,
                _ => 0,
            };
        var overhead = surface.Element is Element.Ceiling or Element.Cornice;
        return height > TowerM ? ($"{Metres(height)} up, above {TowerM} m: a scaffold or a lift is needed.", Access.NeedsScaffold)
            : height > PlatformM ? ($"{Metres(height)} up, above {PlatformM} m: a tower is needed.", Access.NeedsTower)
            : height > ReachM || overhead ? ($"Above {ReachM} m: a platform is needed.", Access.NeedsPlatform)
            : ("Within reach from the floor.", Access.InReach);
    }

    // A height that was given binds: what is said to be in reach and lies above it is not.
    private Access? Reached(Access? said, Access needed) => facts.WorkHeightM is not null && said is not Access.PlatformUp && Steps(said) < Steps(needed) ? null : said;

    private static int Steps(Access? access) =>
        access switch
        {
            Access.NeedsPlatform => 1,
            Access.NeedsTower => 2,
            Access.NeedsScaffold => 3,
            _ => 0,
        };

    private static string Metres(double height) => FormattableString.Invariant($"{Math.Round(height, 1)} m");

    // What is about: people, flames, water, beasts, masses. Where nobody says, nothing is taken to be there, and the hazards say that it was not asked.
    private void ReadSurroundings()
    {
        Put(F.Ignition, Yes(facts.Flames == true || facts.Fumes == true));
        Put(F.Shut, Yes(facts.Shut == true));

        // A wall of an escape route is stripped and painted like another; what may not be cut and stripped is the door and its frame.
        Put(F.FireRated, Yes(facts.FireRated == true && surface.Element is Element.Door or Element.Frame or Element.Window or Element.Panelling));
        Put(F.DrinkingWater, Yes(facts.DrinkingWater == true));
        Put(F.Nests, Yes(facts.Nests == true));
        Put(F.MayFall, Yes(facts.MayFall == true));
        Put(F.OverheadLines, Yes(facts.OverheadLines == true));
        Put(F.Confined, Yes(facts.Confined == true));
        Put(F.Unwell, Yes(facts.Unwell == true));
        var inside = surface.Exposure == Exposure.Inside && Mouldy == true;
        Put(F.MuchMould, Yes(inside && measured.AreaM2 * (facts.MouldShare ?? 0) >= MuchMouldM2));
        Put(
            F.Residue,
            facts.OnFace switch
            {
                OnFace.Stripper => Residue.Stripper,
                OnFace.Alkali => Residue.Alkali,
                OnFace.Acid => Residue.Acid,
                OnFace.Mixed => Residue.Mixed,
                OnFace.Paste => Residue.Paste,
                OnFace.Bleach or OnFace.Ammonia or OnFace.Unknown => Residue.Cleaner,
                _ => Residue.None,
            }
        );
    }

    private void ReadKey(Film film)
    {
        var coating = ExistingCoatings.Of(film);
        var found = facts.Gloss60 is { } gloss && facts.Key is not Key.Abraded ? (gloss > 30 ? Key.Shiny : Key.Toothy) : facts.Key;
        if (coating is null && surface.Signs.Any(s => s.Present && s.Sign == "s_polished"))
        {
            found ??= Key.Shiny;
        }

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
