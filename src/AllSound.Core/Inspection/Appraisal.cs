using System.Collections.Immutable;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Inspection;

/// <summary>
/// Turns a survey into a condition. Nothing unknown gets past here as fine: a safety facet takes the worst that age and
/// place allow, any other becomes an assumption that is said at the step that relies on it.
/// </summary>
public static class Appraisal
{
    /// <summary>Knots to the square metre taken for granted on bare softwood. Judgement.</summary>
    private const double KnotsPerM2 = 4;

    /// <summary>Height above which a platform is needed, metres: what is reached from a hop-up. Common practice.</summary>
    private const double ReachM = 2.4;

    /// <summary>Appraises a surface.</summary>
    /// <exception cref="ArgumentException">The substrate or a coating is not known; validate the job first.</exception>
    public static Appraised Appraise(Job job, Building building, Space space, Surface surface)
    {
        var substrate = Substrates.Find(surface.Substrate) ?? throw new ArgumentException($"Unknown substrate {surface.Substrate}.", nameof(surface));
        var measured = Geometry.Measure(space, surface);
        var facts = SignFacts.Read(surface);
        return new Reader(job, building, space, surface, substrate, measured, facts).Read();
    }

    /// <summary>Least finish coats by the brief, and coats to hide the old colour.</summary>
    /// <remarks>
    /// Two finish coats on new work or a colour change (BS 6150, from memory); white over a dark ground (LRV 10 or less)
    /// three or four, over a mid tone two, counted over all opaque coats. Common practice.
    /// </remarks>
    public static Count CoatsToHide(double? oldLrv, double wantedLrv)
    {
        if (oldLrv is not { } old)
        {
            return Count.Two;
        }

        if (wantedLrv - old > 60 || (old <= 10 && wantedLrv > 40))
        {
            return Count.Three;
        }

        return Math.Abs(wantedLrv - old) <= 3 ? Count.One : Count.Two;
    }

    private sealed class Reader(Job job, Building building, Space space, Surface surface, SubstrateDefinition substrate, Measured measured, Facts facts)
    {
        private readonly ImmutableArray<Resolution>.Builder resolutions = ImmutableArray.CreateBuilder<Resolution>();
        private Condition condition;

        public Appraised Read()
        {
            var wood = substrate.Family == SubstrateFamily.Wood;
            Put(F.Substrate, substrate.Value);
            Put(F.Exposure, surface.Exposure);
            var film = ReadFilm();
            var hasFilm = film != Film.None;
            ReadSafety(film);

            var loose = facts.LooseShare ?? 0;
            var rust = ReadRust();
            var bare = hasFilm ? Math.Max(facts.BareShare ?? 0, rust) : 1;
            if (hasFilm)
            {
                Known(
                    F.Loose,
                    facts.LooseShare is { } l ? Yes(l > 0) : null,
                    Presence.None,
                    Resolved.Assumed,
                    "Assumes that the film holds everywhere: try it with a blunt scraper at five spots.",
                    "T_knife"
                );
            }

            var broken = hasFilm && (loose > 0 || bare > 0);
            Known(
                F.EdgeNature,
                facts.Edges,
                EdgeNature.Firm,
                broken ? Resolved.Assumed : Resolved.Inferred,
                "Assumes that the scraper reaches a firm edge.",
                "T_knife",
                quiet: !broken
            );
            Put(
                F.Edges,
                !broken ? Edges.None
                    : facts.Edges == EdgeNature.Lifting ? Edges.Lifting
                    : Edges.Firm
            );
            Put(F.Step, Yes(broken));
            Put(F.Bare, bare > 0 ? Bare.Raw : Bare.None);
            Known(
                F.Powder,
                facts.Powdery is { } p ? (p ? Powder.Friable : Powder.None) : null,
                Powder.None,
                Resolved.Assumed,
                "Assumes that the ground does not powder: rub it with a dark cloth.",
                "T_rub",
                quiet: bare == 0
            );
            ReadKey(film);
            Known(F.Lumps, Yes(facts.Lumps), Presence.None, Resolved.Assumed, "lumps", null);
            // Grey fibre shows where wood is bare; a weathered substrate is grey until somebody says otherwise.
            Put(F.Grey, Yes(wood && (broken || !hasFilm) && (facts.GreyWood ?? substrate.Value == Substrate.WoodWeathered)));
            Put(F.Dust, Yes(hasFilm && facts.Soil is not Soil.Clean || bare > 0));
            var oily = bare > 0 && substrate.Value == Substrate.HardwoodOily;
            Known(
                F.Soil,
                facts.Tar == true && substrate.Family == SubstrateFamily.Masonry ? Soil.Sooty : facts.Soil,
                oily ? Soil.Greasy : Soil.Light,
                Resolved.Presumed,
                oily ? "Oily wood laid bare: taken as greasy until a drop of water spreads." : "Soil not recorded: taken as soiled, so it is washed.",
                "T_waterbreak"
            );
            Known(F.Mould, Yes(facts.Mould), Presence.None, Resolved.Assumed, "mould", null);
            Known(
                F.MouldSource,
                facts.MouldSource,
                facts.Mould == true ? DampSource.Open : DampSource.None,
                facts.Mould == true ? Resolved.Presumed : Resolved.Inferred,
                "Mould, and its cause not recorded: taken as open.",
                null,
                quiet: facts.Mould != true
            );
            Known(F.Salts, Yes(facts.Salts), Presence.None, Resolved.Assumed, "salts", null);
            Known(F.Silicone, Yes(facts.Silicone), Presence.None, Resolved.Assumed, "silicone", null);
            ReadMoisture(wood);
            ReadAlkali();
            ReadStains(wood, bare);
            Known(F.Fill, facts.FillShare is { } fill ? (fill > 0 ? Fill.Open : Fill.None) : null, Fill.None, Resolved.Assumed, "hollows", null);
            Known(
                F.Joint,
                facts.OpenJointM is { } joint ? (joint > 0 ? Joint.Open : Joint.None)
                    : surface.Signs.Any(s => s is { Sign: "s_open_joint", Present: true }) ? Joint.Open
                    : null,
                Joint.None,
                Resolved.Assumed,
                "open joints",
                null
            );
            Known(F.Backing, Fails(facts.Hollow), Soundness.Sound, Resolved.Assumed, "hollow plaster", null, quiet: wood);
            Known(F.Timber, Fails(facts.Rot), Soundness.Sound, Resolved.Assumed, "decay", null, quiet: !wood);
            Known(F.Movement, Fails(facts.LiveCrack), Soundness.Sound, Resolved.Assumed, "moving cracks", null);
            ReadFabric(film, bare);
            var oldLrv = surface.Layers is { IsEmpty: false } layers ? layers[^1].Lrv : null;
            Put(F.ToHide, hasFilm ? CoatsToHide(oldLrv, surface.Brief.Lrv ?? 80) : Count.Two);
            var extents = ReadExtents(bare, loose);
            var (left, sentences) = LeftAsFound.Apply(condition, surface.Brief);
            return new Appraised(left, extents, resolutions.ToImmutable(), substrate.Family, sentences);
        }

        // Rust is on bared metal; the share goes by the grade (ISO 4628-3, from memory), scale judged.
        private double ReadRust()
        {
            if (substrate.Family != SubstrateFamily.Ferrous)
            {
                return 0;
            }

            Known(F.Rust, facts.Rust, Rust.None, Resolved.Assumed, "rust", null);
            return condition.Get(F.Rust) switch
            {
                Rust.Light => 0.01,
                Rust.Heavy => 0.15,
                Rust.Scale => 0.3,
                _ => 0,
            };
        }

        private void ReadFabric(Film film, double bare)
        {
            var metal = substrate.Family is SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous;
            var sheet = metal && surface.Element is Element.RoofSheet or Element.Cladding or Element.Gutter;
            Known(F.Fixings, Fails(facts.LooseFixings), Soundness.Sound, Resolved.Assumed, "loose fixings", null, quiet: !sheet);
            Known(
                F.Laps,
                facts.OpenLaps is { } open
                    ? (
                        !open ? Laps.Closed
                        : facts.LapsTakeRivets == false ? Laps.GapingNoRivet
                        : Laps.Gaping
                    )
                    : null,
                Laps.Closed,
                Resolved.Assumed,
                "gaping laps",
                null,
                quiet: !sheet
            );
            Known(F.Holes, facts.Holes, Holes.None, Resolved.Assumed, "holes", null, quiet: !sheet);
            Known(F.SharpEdges, Yes(facts.SharpEdges), Presence.None, Resolved.Assumed, "sharp edges", null, quiet: !metal);
            Known(F.HotNow, Yes(facts.HotNow), Presence.None, Resolved.Assumed, "heating on", null, quiet: surface.Element is not (Element.Radiator or Element.Pipe));
            Known(
                F.Putty,
                facts.FailedPutty is { } putty ? (putty ? Putty.Failing : Putty.Sound) : null,
                Putty.Sound,
                Resolved.Assumed,
                "failed putty",
                null,
                quiet: surface.Element != Element.Window
            );
            var wood = substrate.Family == SubstrateFamily.Wood;
            Put(F.EndGrain, wood && surface.Exposure == Exposure.Outside && (facts.OpenEndGrain ?? film == Film.None) ? EndGrain.Open : EndGrain.None);
            Put(F.FillDepth, facts.FillDepthMm > 3 ? FillDepth.Deep : FillDepth.Shallow);
            Put(
                F.Paper,
                substrate.Value switch
                {
                    Substrate.PaperVinyl => Paper.Failing,
                    Substrate.PaperLining => facts.LoosePaper == true ? Paper.Failing : Paper.Sound,
                    _ => Paper.None,
                }
            );
            ReadHeat();
            Put(F.WeakBeneath, Yes(Layering.WeakBeneath(surface.Layers ?? [], film)));
            var wet = condition.Get(F.DampSource) != DampSource.None || condition.Get(F.Moisture) != Moisture.Dry;
            Put(F.Breath, Layering.BreathLeft(substrate, surface.Layers ?? [], film, wet));
        }

        private void ReadHeat()
        {
            var usual = surface.Element switch
            {
                Element.Radiator => Heat.Hot,
                Element.Pipe => Heat.Warm,
                _ => Heat.Ambient,
            };
            Known(
                F.Heat,
                facts.ServiceTempC is { } hot
                    ? (
                        hot <= 60 ? Heat.Ambient
                        : hot <= 80 ? Heat.Warm
                        : hot <= 90 ? Heat.Hot
                        : hot <= 120 ? Heat.VeryHot
                        : hot <= 540 ? Heat.Fire
                        : Heat.BeyondPaint
                    )
                    : null,
                usual,
                Resolved.Assumed,
                usual == Heat.Hot ? "Assumes a radiator at 90 degrees at most." : "Assumes a hot-water pipe at 80 degrees at most.",
                null,
                quiet: usual == Heat.Ambient
            );
        }

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
                (lead, why) = (Lead.Presumed, "Old oil or lead paint is recorded, and lead not tested: worked as lead paint whatever the year.");
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
                fragile ? "A roof slope: taken as fragile until a competent person says that it bears."
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
                "Outlets not recorded: taken as live until proved dead by a competent person.",
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

        private void ReadMoisture(bool wood)
        {
            var check = wood ? "T_damp_wood" : "T_damp_pin";
            var limit = wood ? "18 % or less" : "16 or less on the meter, as a place known to be dry";
            Known(F.Moisture, facts.Moisture, Moisture.Dry, Resolved.Assumed, $"Assumes that the fabric is dry: read it before the first coat ({limit}).", check);
            var moisture = facts.Moisture ?? Moisture.Dry;
            var stained = facts.WaterStainShare is > 0;
            if (facts.DampSource is { } source && !(source == DampSource.None && (moisture >= Moisture.Damp || stained)))
            {
                Put(F.DampSource, source);
            }
            else if (moisture >= Moisture.Damp || stained)
            {
                Put(F.DampSource, DampSource.Open);
                Note(
                    F.DampSource,
                    (byte)DampSource.Open,
                    Resolved.Presumed,
                    stained && moisture < Moisture.Damp
                        ? "A water stain, and its source not recorded as mended: taken as open."
                        : "Damp, and its source not recorded as mended: taken as open.",
                    "T_leak"
                );
            }
            else
            {
                Known(F.DampSource, null, DampSource.None, Resolved.Inferred, "No sign of damp recorded.", null, quiet: true);
            }
        }

        private void ReadAlkali()
        {
            var young = substrate.Value is Substrate.LimeNew;
            Known(
                F.Alkalinity,
                facts.Ph is { } ph
                    ? (
                        ph <= 9 ? Alkalinity.Neutral
                        : ph <= 12 ? Alkalinity.Mild
                        : Alkalinity.High
                    )
                    : null,
                young ? Alkalinity.High : Alkalinity.Neutral,
                young ? Resolved.Presumed : Resolved.Inferred,
                young ? "New lime: taken as pH over 12." : "Not alkaline by the kind of substrate.",
                "T_ph",
                quiet: !young
            );
        }

        private void ReadStains(bool wood, double bare)
        {
            Known(F.WaterStain, facts.WaterStainShare is { } stain ? Live(stain > 0) : null, Bleed.None, Resolved.Assumed, "water stains", null);
            Known(F.Tar, facts.Tar is { } tar ? Live(tar) : null, Bleed.None, Resolved.Assumed, "nicotine or soot", null);
            Known(F.Ink, facts.Ink is { } ink ? Live(ink) : null, Bleed.None, Resolved.Assumed, "ink or marker", null);
            var softwood = substrate.Value is Substrate.Softwood or Substrate.SoftwoodResinous;
            var bareSoftwood = softwood && bare >= 1;
            Known(
                F.Knots,
                facts.Knots is { } knots ? Live(knots > 0) : null,
                Live(bareSoftwood),
                bareSoftwood ? Resolved.Presumed : Resolved.Assumed,
                bareSoftwood ? "Bare softwood, knots not counted: taken as having some." : "bleeding knots",
                "T_knot",
                quiet: !softwood
            );
            var tannin = substrate.Value is Substrate.HardwoodTannin && bare > 0;
            Put(F.Tannin, Live(wood && tannin));
        }

        private Extents ReadExtents(double bare, double loose)
        {
            var area = measured.AreaM2;
            var knots = facts.Knots ?? (condition.Get(F.Knots) == Bleed.Live ? Math.Max(1, (int)Math.Round(area * KnotsPerM2)) : 0);
            var stain = facts.WaterStainShare ?? 0;
            // 100 mm round a round stain of that area.
            var stainM2 = stain > 0 ? Math.Min(area, Math.PI * Math.Pow(Math.Sqrt(stain * area / Math.PI) + 0.1, 2)) : 0;
            if (stainM2 == 0 && (condition.Get(F.Tar) == Bleed.Live || condition.Get(F.Ink) == Bleed.Live))
            {
                stainM2 = condition.Get(F.Tar) == Bleed.Live ? area : Math.Min(area, 0.1);
            }

            var joint = facts.OpenJointM ?? (condition.Get(F.Joint) == Joint.Open ? Math.Max(measured.LengthM, 1) : 0);
            var lifting = facts.LiftingShare ?? (facts.Edges == EdgeNature.Lifting ? Math.Min(0.1, (bare + loose) / 2) : 0);
            return new Extents(
                area,
                measured.Narrow ? measured.LengthM : 0,
                measured.Narrow,
                bare * area,
                loose * area,
                lifting * area,
                stainM2,
                knots,
                (facts.FillShare ?? 0) * area,
                joint,
                substrate.SpreadClass
            );
        }

        private static Presence Yes(bool value) => value ? Presence.Present : Presence.None;

        private static Presence? Yes(bool? value) => value is { } v ? Yes(v) : null;

        private static Bleed Live(bool value) => value ? Bleed.Live : Bleed.None;

        private static Soundness? Fails(bool? value) => value is { } v ? (v ? Soundness.Failing : Soundness.Sound) : null;

        private void Put<T>(Facet<T> facet, T value)
            where T : struct, Enum => condition = condition.With(facet, value);

        private void Known<T>(Facet<T> facet, T? known, T otherwise, Resolved how, string why, string? check, bool quiet = false)
            where T : struct, Enum
        {
            Put(facet, known ?? otherwise);
            if (known is null && !quiet)
            {
                Note(facet, Facet<T>.Byte(otherwise), how, why, check);
            }
        }

        private void Note(Facet facet, byte value, Resolved how, string why, string? check) => resolutions.Add(new Resolution(facet, value, how, why, check));
    }
}
