using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Assessment;

/// <summary>Reads one survey into a condition, fact by fact, and notes how each fact that nobody recorded was settled.</summary>
internal sealed partial class SurveyReader(Job job, Building building, Space space, Surface surface, SubstrateDefinition substrate, Measured measured, Facts facts)
{
    /// <summary>Widest joint that acrylic caulk bridges, millimetres (makers' limits, from memory).</summary>
    private const double CaulkBridgesMm = 10;

    private readonly ImmutableArray<Resolution>.Builder resolutions = ImmutableArray.CreateBuilder<Resolution>();
    private Condition condition;
    private bool ageAllowsLead;
    private int? oldest;

    /// <summary>Share of a face that is bare where grey wood was seen and nobody measured it. Judgement.</summary>
    private const double GreyShare = 0.1;

    public Appraised Read()
    {
        var wood = substrate.Family == SubstrateFamily.Wood;
        var mineral = substrate.Family is SubstrateFamily.Plaster or SubstrateFamily.Masonry;
        Put(F.Substrate, substrate.Value);
        Put(F.Exposure, surface.Exposure);
        Put(F.ThinFace, Yes(substrate.Thin || IsSheet));
        var film = ReadFilm();
        var hasFilm = film != Film.None;
        ReadSafety(film);
        ReadSurroundings();

        var loose = facts.LooseShare ?? 0;
        var rust = ReadRust();
        // Grey that is seen lies bare.
        var grey = wood && facts.GreyWood == true && loose <= 0 ? GreyShare : 0;
        var bare = hasFilm ? Math.Max(facts.BareShare ?? grey, rust) : 1;
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
        Put(F.Shedding, Yes(Sheds(hasFilm, broken)));
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
        Put(F.Step, Yes(broken && !ExistingCoatings.Washes.Contains(film)));
        Put(F.Bare, bare > 0 ? Bare.Raw : Bare.None);
        // Laitance: a coat on it comes off with it (EN 1504-10, from memory).
        var skinned = !hasFilm && substrate.Value == Substrate.ConcreteCast && surface.Element is Element.Floor or Element.Step;
        Known(
            F.Powder,
            facts.Powdery is { } p ? (p ? Powder.Friable : Powder.None)
                : skinned && facts.Key == Key.Abraded ? Powder.None
                : null,
            skinned ? Powder.Friable : Powder.None,
            skinned ? Resolved.Presumed : Resolved.Assumed,
            skinned
                ? "A bare concrete floor has a weak skin until it is ground: assumed, unless it was ground and a dark cloth stays clean."
                : "Assumes that the ground does not powder: rub it with a dark cloth.",
            "T_rub",
            quiet: bare == 0
        );
        ReadKey(film);
        Known(F.Lumps, Yes(facts.Lumps), Presence.None, Resolved.Assumed, "lumps", null);
        // Grey fibre shows where wood is bare; a weathered substrate is grey until somebody says otherwise. What is to be seen through a clear
        // coat is sanded even when it is new, unless somebody has done so: planed faces are glazed and fingered.
        var rough = surface.Exposure == Exposure.Outside && surface.Element is Element.Boarding or Element.Cladding or Element.Railing;
        var walked = surface.Element is Element.Floor or Element.Step;
        var unsanded = !hasFilm && !rough && (walked || surface.Brief.Finish == FinishFamily.Clear) && facts.Key != Key.Abraded;
        Put(F.Grey, Yes(wood && (broken || !hasFilm) && (facts.GreyWood ?? (unsanded || substrate.Value == Substrate.WoodWeathered))));
        Put(F.Dust, Yes(hasFilm && facts.Soil is not Soil.Clean || bare > 0));
        var oily = bare > 0 && substrate.Value == Substrate.HardwoodOily;
        Known(
            F.Soil,
            surface.Brief.OnlyClean && facts.Soil == Soil.Clean ? Soil.Light
                : facts.Tar == true && substrate.Family == SubstrateFamily.Masonry ? Soil.Sooty
                : facts.Tar == true && facts.Soil is null or Soil.Light or Soil.Greasy ? Soil.Tarry
                : facts.Soil,
            oily ? Soil.Greasy : Soil.Light,
            Resolved.Presumed,
            oily ? "Oily wood laid bare: assumed greasy until a drop of water spreads." : "Soil not recorded: assumed soiled, so it is washed.",
            "T_waterbreak"
        );
        Known(F.Mould, Yes(Mouldy), Presence.None, Resolved.Assumed, "mould", null, quiet: substrate.Family is SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous);
        Known(
            F.MouldSource,
            facts.MouldSource,
            Mouldy == true ? DampSource.Open : DampSource.None,
            Mouldy == true ? Resolved.Presumed : Resolved.Inferred,
            "Mould, and its cause not recorded: assumed open.",
            null,
            quiet: Mouldy != true
        );
        Known(F.Salts, Yes(facts.Salts ?? (facts.SaltShare is { } salty ? salty > 0 : null)), Presence.None, Resolved.Assumed, "salts", null);
        Known(F.Silicone, Yes(facts.Silicone), Presence.None, Resolved.Assumed, "silicone", null);
        ReadMoisture(wood);
        ReadAlkali();
        ReadStains(wood, bare);
        Fill? filled =
            facts.FillShare > 0 ? Fill.Open
            : facts.UnprimedFiller == true ? Fill.Flush
            : facts.FillShare is null ? null
            : Fill.None;
        Known(F.Fill, filled, Fill.None, Resolved.Assumed, "hollows", null);
        Known(
            F.Joint,
            facts.OpenJointM is { } joint ? (joint > 0 ? Joint.Open : Joint.None)
                : facts.JointWidthMm > 0 ? Joint.Open
                : surface.Signs.Any(s => s is { Sign: "s_open_joint", Present: true }) ? Joint.Open
                : null,
            Joint.None,
            Resolved.Assumed,
            "open joints",
            null
        );
        Put(
            F.JointKind,
                // Silicone beside tiles was there to keep water out.
                facts.JointWet
                ?? (surface.Element == Element.Tile && facts.Silicone == true)
                    ? JointKind.Wet
                : facts.JointMoves == true ? JointKind.Moving
                : JointKind.Still
        );
        Put(F.JointWide, Yes(facts.JointWidthMm > CaulkBridgesMm));
        ReadAir();
        Known(
            F.Backing,
            Fails(facts.Hollow),
            Soundness.Sound,
            Resolved.Assumed,
            substrate.Family == SubstrateFamily.Slick ? "loose tiles" : "hollow plaster",
            null,
            quiet: !mineral && substrate.Family != SubstrateFamily.Slick
        );
        Known(F.Timber, Fails(facts.Rot), Soundness.Sound, Resolved.Assumed, "decay", null, quiet: !wood);
        Known(F.Movement, Fails(facts.LiveCrack), Soundness.Sound, Resolved.Assumed, "moving cracks", null, quiet: !mineral);
        ReadFabric(film, bare);
        var oldLrv = surface.Layers is { IsEmpty: false } layers ? layers[^1].Reflectance : null;
        Put(F.ToHide, hasFilm ? Appraisal.CoatsToHide(oldLrv, surface.Brief.Reflectance ?? 80) : Count.Two);
        var extents = ReadExtents(bare, loose);
        var (left, sentences) = LeftAsFound.Apply(condition, surface.Brief);
        return new Appraised(left, extents, resolutions.ToImmutable(), substrate.Family, sentences)
        {
            Facts = facts,
            AgeAllowsLead = ageAllowsLead,
            Year = oldest,
            Fails = SomethingFails,
            AgeAllowsAsbestos = AsbestosPresumption.IsSuspect(job.Jurisdiction, surface.Year ?? building.Built),
        };
    }

    // Whole is only what somebody found whole: unknown is not, nor is bare ground, where old paint may sit in the grain. Outside every film chalks in time.
    private bool Sheds(bool hasFilm, bool broken) =>
        !hasFilm
        || broken
        || facts.LooseShare is null
        || facts.FilmSpent == true
        || facts.Edges == EdgeNature.Lifting
        || (facts.Powdery ?? surface.Exposure == Exposure.Outside);

    // Something fails or shows; a joint, a hollow or a hole to fill is no failure of paint.
    private bool SomethingFails =>
        surface.Signs.Any(s => s.Present)
        || facts
            is { LooseShare: > 0 }
                or { BareShare: > 0 }
                or { Edges: EdgeNature.Lifting }
                or { Powdery: true }
                or { Lumps: true }
                or { SoftFilm: true }
                or { FilmSpent: true }
                or { Salts: true }
                or { Tar: true }
                or { Ink: true }
                or { Tannin: true }
                or { RustyNails: true }
                or { WaterStainShare: > 0 }
                or { Moisture: > Moisture.Drying }
                or { Hollow: true }
                or { Rot: true }
                or { LiveCrack: true }
                or { FailedPutty: true }
                or { LoosePaper: true }
                or { Rust: > Rust.None }
        || Mouldy == true;

    // Whoever says how much there is says that there is some, whatever else was ticked.
    private bool? Mouldy => facts.MouldShare > 0 ? true : facts.Mould;

    // Metal that is rolled thin by what it is made into; castings and bars are not.
    private bool IsSheet =>
        substrate.Family is SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous
        && substrate.Value != Substrate.IronCast
        && surface.Element is Element.RoofSheet or Element.Cladding or Element.Radiator or Element.Gutter or Element.Door or Element.Panelling;

    private static Presence Yes(bool value) => value ? Presence.Present : Presence.None;

    private static Presence? Yes(bool? value) => value is { } v ? Yes(v) : null;

    private Bleed Stain(bool value) =>
        !value ? Bleed.None
        : facts.FaintStain == true ? Bleed.Faint
        : Bleed.Live;

    private bool Shows(Facet<Bleed> facet) => condition.Get(facet) is Bleed.Live or Bleed.Faint;

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
