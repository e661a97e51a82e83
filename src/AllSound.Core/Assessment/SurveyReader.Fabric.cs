using AllSound.Core.Inspection;
using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Assessment;

internal sealed partial class SurveyReader
{
    // Rust is on bared metal; the share goes by the grade (ISO 4628-3, from memory), scale judged.
    private double ReadRust()
    {
        if (substrate.Family != SubstrateFamily.Ferrous)
        {
            return 0;
        }

        Known(
            F.Rust,
            facts.Rust,
            substrate.RustShows ? Rust.Light : Rust.None,
            substrate.RustShows ? Resolved.Inferred : Resolved.Assumed,
            substrate.RustShows ? "Zinc partly gone: the steel rusts." : "rust",
            null
        );
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
        Known(
            F.SharpEdges,
            facts.SharpEdges is { } sharp ? (sharp ? Arris.Sharp : Arris.Round) : null,
            Arris.Round,
            Resolved.Assumed,
            "sharp edges",
            null,
            quiet: !metal
        );
        var heats = surface.Element == Element.Radiator || (surface.Element == Element.Pipe && facts.ServiceTempC > HotToTouch);
        Known(
            F.HotNow,
            Yes(facts.HotNow),
            Yes(heats),
            Resolved.Assumed,
            heats ? "Heating not recorded: it may come on." : "heating on",
            null,
            quiet: surface.Element is not (Element.Radiator or Element.Pipe)
        );
        Known(
            F.Putty,
            facts.FailedPutty == true ? Putty.Failing
                : facts.PuttyDays is { } days ? (days < Freshness.PuttySkinsDays ? Putty.Soft : Putty.Skinned)
                : facts.FailedPutty is null ? null
                : Putty.Sound,
            Putty.Sound,
            Resolved.Assumed,
            "failed putty",
            null,
            quiet: surface.Element != Element.Window
        );
        var wood = substrate.Family == SubstrateFamily.Wood;
        Put(F.EndGrain, wood && (facts.OpenEndGrain ?? (surface.Exposure == Exposure.Outside && film == Film.None)) ? EndGrain.Open : EndGrain.None);
        Put(
            F.FillDepth,
            facts.FillDepthMm > 12 ? FillDepth.Hole
                : facts.FillDepthMm > 3 ? FillDepth.Deep
                : FillDepth.Shallow
        );
        Put(
            F.Paper,
            substrate.Value switch
            {
                // Vinyl paper is painted only where it was found to hold everywhere, or is to stay.
                Substrate.PaperVinyl => facts.LoosePaper == false || (facts.LoosePaper is null && surface.Brief.KeepOldFilm) ? Paper.Sound : Paper.Failing,
                // Woodchip and embossed paper are painted as they are, unless a smooth wall is asked for.
                Substrate.PaperLining => facts.LoosePaper == true || surface.Brief.Strip || (surface.Brief.Smooth && surface.Substrate == "paper_relief")
                    ? Paper.Failing
                    : Paper.Sound,
                _ => Paper.None,
            }
        );
        ReadHeat();
        Put(F.WeakBeneath, Yes(film != Film.None && (facts.FilmSpent == true || Layering.WeakBeneath(surface.Layers ?? [], film))));
        var tender = film != Film.None && surface.Layers is { IsEmpty: false } laid ? Freshness.NotHard(film, laid[^1].AgeDays) : null;
        Known(
            F.SoftFilm,
            film == Film.None ? Presence.None : Yes(facts.SoftFilm),
            Yes(tender is not null),
            tender is null ? Resolved.Assumed : Resolved.Presumed,
            tender ?? "a soft film",
            null,
            quiet: tender is null
        );
        var wet = condition.Get(F.DampSource) != DampSource.None || condition.Get(F.Moisture) != Moisture.Dry;
        // Nothing rises through a ceiling: it need not breathe as a solid wall must.
        var overhead = surface.Element is Element.Ceiling or Element.Cornice && surface.Exposure == Exposure.Inside;
        if (!overhead && Layering.LongShut(substrate, surface.Layers ?? [], film, wet, surface.Exposure))
        {
            Note(
                F.Breath,
                (byte)VapourSteps.Step63,
                Resolved.Assumed,
                "The wall is dry and has long been shut by oil paint or gloss: one coat more changes little. Where it turns damp, all of it has to come off.",
                "T_erh"
            );
        }

        Put(F.Breath, overhead ? VapourSteps.Step63 : Layering.BreathLeft(substrate, surface.Layers ?? [], film, wet, surface.Exposure));
    }

    /// <summary>Face in service, °C, from which it is let cool before anybody works on it: over about 45 °C a hand cannot stay on it (ISO 13732-1, from memory).</summary>
    private const double HotToTouch = 45;

    private void ReadHeat()
    {
        var usual = surface.Element switch
        {
            Element.Radiator => Heat.Hot,
            // Pipes outside carry rain.
            Element.Pipe when surface.Exposure == Exposure.Inside => Heat.Warm,
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
            usual == Heat.Hot ? "Assumes a radiator at 90 °C at most." : "Assumes a hot-water pipe at 80 °C at most.",
            null,
            quiet: usual == Heat.Ambient
        );
    }
}
