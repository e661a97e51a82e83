using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>What the layers under the top one mean for new coats.</summary>
internal static class Layering
{
    /// <summary>Is there a layer under the film's top that lets go under a new coat?</summary>
    public static bool WeakBeneath(ImmutableArray<Layer> layers, Film film) =>
        film != Film.None
        && layers
            .Take(Math.Max(0, layers.Length - 1))
            .Any(l => ExistingCoatings.Find(l.Coating)?.Value is Film.SoftDistemper or Film.Wax && ExistingCoatings.Find(l.Coating)!.Value != film);

    /// <summary>Old film, metres of still air, from which a wall inside that stayed dry loses nothing by one coat more: two coats of gloss. Judgement.</summary>
    private const double LongShutM = 2;

    /// <summary>
    /// Vapour resistance that the wall still bears: its limit, less that of the old film where the wall is known to have
    /// been wet. A dry wall is taken to have lived with its old film so far, and only what is added counts.
    /// </summary>
    public static VapourSteps BreathLeft(SubstrateDefinition substrate, ImmutableArray<Layer> layers, Film film, bool wet, Exposure exposure)
    {
        var family = substrate.Family is SubstrateFamily.Plaster or SubstrateFamily.Masonry;

        // New gypsum has its limit only until it is dry, and dryness is asked for anyway. Wood has another rule of its own.
        if (!family || substrate.MaxSd is not { } most || substrate.Value == Substrate.GypsumNew || (most > Substrates.AlwaysBreathesM && !wet))
        {
            return VapourSteps.Step63;
        }

        var left = most * 100;
        if (LongShut(substrate, layers, film, wet, exposure))
        {
            return VapourSteps.Step63;
        }

        if (wet)
        {
            left -= Sd(layers, film) * 100;
        }

        return (VapourSteps)Math.Clamp((int)Math.Floor(left + 1e-9), 0, 62);
    }

    /// <summary>Is it a wall inside that must breathe, that stayed dry, and that its old film has shut for long?</summary>
    public static bool LongShut(SubstrateDefinition substrate, ImmutableArray<Layer> layers, Film film, bool wet, Exposure exposure) =>
        !wet
        && exposure == Exposure.Inside
        && substrate.Family is SubstrateFamily.Plaster or SubstrateFamily.Masonry
        && substrate.MaxSd <= Substrates.AlwaysBreathesM
        && Sd(layers, film) >= LongShutM;

    private static double Sd(ImmutableArray<Layer> layers, Film film) =>
        film == Film.None ? 0 : layers.Sum(l => l.Coats * SdPerCoat(ExistingCoatings.Find(l.Coating)?.Value ?? film));

    // Metres of still air for a coat: half of a usual two-coat system. Common practice, class values.
    private static double SdPerCoat(Film film) =>
        film switch
        {
            // However many coats of them lie there, the wall stays open.
            Film.SoftDistemper or Film.Limewash or Film.Casein or Film.Silicate or Film.CementPaint => 0,
            Film.EmulsionMatt => 0.025,
            Film.OilDistemper or Film.Siloxane => 0.05,
            Film.MasonryAcrylic => 0.1,
            Film.EmulsionSilk => 0.2,
            Film.NicotineFilm => 0,
            _ => 1,
        };
}
