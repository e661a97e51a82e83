using AllSound.Core.Assessment;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>How usual an act is among tradespeople on such a surface. Special and exceptional ways are looked for only where no customary one leads to the end.</summary>
public enum Custom : byte
{
    /// <summary>What most would do without a second thought.</summary>
    Customary,

    /// <summary>Right where something asks for it.</summary>
    Special,

    /// <summary>Possible, and a tradesperson would ask why.</summary>
    Exceptional,
}

/// <summary>What custom depends on: element, ground, place, finish and state of one surface.</summary>
/// <param name="Surface">The surface, for its element, exposure and brief.</param>
/// <param name="Appraised">Its condition and what was recorded.</param>
/// <param name="Finish">The family of finishes that it gets.</param>
internal sealed record Setting(Surface Surface, Appraised Appraised, FinishFamily Finish)
{
    private static readonly Facet<Bleed>[] Stains = [Facets.Tar, Facets.Ink, Facets.WaterStain];

    public Element Element => Surface.Element;

    public Condition Start => Appraised.Condition;

    public Substrate Substrate => Start.Get(Facets.Substrate);

    public SubstrateFamily Ground => Substrates.Of(Substrate).Family;

    public Film Film => Start.Get(Facets.Film);

    public bool Outside => Surface.Exposure == Exposure.Outside;

    public bool Metal => Ground is SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous;

    public bool Lead => Start.Get(Facets.Lead) != Core.Surfaces.Lead.ProvedAbsent;

    /// <summary>Steam and mould: a bathroom, a kitchen, a wall that was mouldy.</summary>
    public bool Damp => Surface.Facts.JointWet == true || Start.Get(Facets.Mould) == Presence.Present || Condenses;

    /// <summary>The old film is to come off, or asks for it.</summary>
    public bool Strips => Film != Film.None && (Surface.Brief.Strip || Start.Get(Facets.Load) == LayerLoad.Heavy || Start.Get(Facets.WeakBeneath) == Presence.Present);

    /// <summary>Iron or steel in hard service: outside, or where it rusts heavily indoors.</summary>
    public bool Harsh => Ground == SubstrateFamily.Ferrous && Surface.Brief.Wear == Wear.Hard && (Outside || Start.Get(Facets.Rust) >= Rust.Heavy);

    /// <summary>Steel with some of its zinc left.</summary>
    public bool PartZinc => Ground == SubstrateFamily.Ferrous && Substrates.Find(Surface.Substrate) is { RustShows: true } or { Value: Substrate.GalvanisedOld };

    /// <summary>Large enough for plant to be brought: 40 square metres. Judgement.</summary>
    public bool Broad => Appraised.Extents.AreaM2 >= 40;

    /// <summary>Hard masonry outside with a net of hair cracks.</summary>
    public bool Crazed => Outside && Ground == SubstrateFamily.Masonry && !Breathes && Surface.Signs.Any(s => s.Present && s.Sign is "s_crk_map" or "d_crazing_pl");

    /// <summary>Was one of these signs seen, or is one of these causes possible?</summary>
    public bool Points(params ReadOnlySpan<string> ids)
    {
        foreach (var id in ids)
        {
            foreach (var sign in Surface.Signs)
            {
                if (sign.Present && sign.Sign == id)
                {
                    return true;
                }
            }

            foreach (var finding in Appraised.Findings)
            {
                if (finding.Probability >= Diagnosis.Diagnosing.Possible && finding.Cause.Id == id)
                {
                    return true;
                }
            }
        }

        return false;
    }

    /// <summary>Old decoration for whose loss somebody has to be asked.</summary>
    public bool Protected => Start.Get(Facets.Consent) != Consent.NotNeeded;

    /// <summary>A ground that has to breathe.</summary>
    public bool Breathes => Start.Get(Facets.Breath) != VapourSteps.Step63;

    /// <summary>
    /// A film that fails over a tenth or more, that keeps lifting, that is built up heavily or patchy under a clear coat may be worth taking off whole;
    /// a sound thin one is not.
    /// </summary>
    public bool MayStrip =>
        Film != Film.None
        && (
            PatchyClear
            || (Start.Get(Facets.Loose) == Presence.Present && !(Appraised.Facts.LooseShare < Recommending.OfferStripFrom))
            || Start.Get(Facets.Edges) == Edges.Lifting
            || Start.Get(Facets.Load) == LayerLoad.Heavy
        );

    /// <summary>Nothing about the old film asks for taking it off.</summary>
    public bool Sound =>
        Film != Film.None
        && !Surface.Brief.Strip
        && !Flattens
        && !MayStrip
        && Start.Get(Facets.WeakBeneath) == Presence.None
        && Start.Get(Facets.SoftFilm) == Presence.None
        && Start.Get(Facets.Lumps) == Presence.None
        && (Start.Get(Facets.Powder) == Powder.None || Ground is not (SubstrateFamily.Plaster or SubstrateFamily.Masonry));

    /// <summary>Steam, or water that the air leaves on the face.</summary>
    private bool Condenses => Points("s_run_glass", "s_rh_hi", "c_condensation", "c_cond_mould");

    /// <summary>Wax or shellac on top.</summary>
    public bool Polished => Film is Film.Wax or Film.Shellac || Start.Get(Facets.Waxed) == Presence.Present;

    /// <summary>An old varnish with so much worn or loose that patches would show under a new clear coat.</summary>
    public bool PatchyClear =>
        Finish == FinishFamily.Clear
        && Ground == SubstrateFamily.Wood
        && !Surface.Brief.KeepOldFilm
        && Film == Film.Varnish
        && (Appraised.Facts.LooseShare ?? 0) + (Appraised.Facts.BareShare ?? 0) >= Recommending.StripClearFrom;

    /// <summary>A texture that is to go.</summary>
    public bool Flattens => Surface.Brief.Smooth && Start.Get(Facets.Relief) == Presence.Present;

    /// <summary>Stains, and none that is more than faint.</summary>
    public bool Faint => Stains.Any(f => Start.Get(f) == Bleed.Faint) && Stains.All(f => Start.Get(f) != Bleed.Live);

    /// <summary>Nicotine, soot, ink or water stains that come through.</summary>
    public bool Stained => Stains.Any(f => Start.Get(f) is Bleed.Live or Bleed.Faint);
}

/// <summary>One thing that tradespeople hold to be out of the ordinary.</summary>
/// <param name="Level">How far out of it.</param>
/// <param name="What">The acts it speaks of.</param>
/// <param name="Where">On which surfaces.</param>
internal sealed record Usage(Custom Level, Func<Act, bool> What, Func<Setting, bool> Where);
