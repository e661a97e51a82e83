using AllSound.Core.Assessment;
using AllSound.Core.Climate;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What the place asks of whoever does the work, said once for the surface.</summary>
internal static class SiteNotes
{
    /// <summary>Sentences on cracks, coats that part, stairs and air, and on water and carpets where the work is wet.</summary>
    /// <param name="surface">The surface.</param>
    /// <param name="appraised">Its condition.</param>
    /// <param name="acts">What is done.</param>
    public static IEnumerable<string> Of(Surface surface, Appraised appraised, IEnumerable<Act> acts)
    {
        var facts = appraised.Facts;
        var wall = surface.Element is Element.Wall or Element.Ceiling or Element.ChimneyBreast;
        if (wall && surface.Exposure == Exposure.Inside && surface.Signs.Any(s => s is { Sign: "s_crk_map", Present: true }))
        {
            yield return "A net of hair cracks that is filled and painted often opens again when the heating dries the wall. Lining paper under the paint hides it for longer: ask which is wanted.";
        }

        if (surface.Signs.Any(s => s is { Sign: "s_plane_inter" or "s_back_gloss" or "d_intercoat", Present: true }) && acts.Any(a => a.Strips))
        {
            yield return "It parts between two coats: only what lies above the parting has to come off. Where the coats below are hard and hold, stop there, key them and go on from the primer; that saves most of the stripping.";
        }

        if (appraised.Condition.Get(Facets.Substrate) == Substrate.GalvanisedOld && SignFacts.Read(surface).Rust == Rust.Light)
        {
            yield return "Red rust on galvanising shows where the zinc is gone: brush those spots to bright metal and prime them with zinc phosphate the same day, before the zinc gets its own primer.";
        }

        if (surface.Element == Element.Step && facts.Occupied == true)
        {
            yield return "If it is the only stair, keep it usable: every other tread today, marked with tape, and the rest once those bear feet; or one half of every tread at a time.";
        }

        if (facts is { AirTempC: { } air, AirHumidity: { } humidity } && humidity > 0)
        {
            var dew = Air.DewPoint(air, humidity);
            yield return FormattableString.Invariant(
                $"Air at {air:0.#} °C and {humidity:0} % has its dew point at {dew:0.0} °C: no coat on a face below {Math.Max(5, dew + Air.LeastMarginK):0.0} °C{(facts.FaceTempC is { } face ? FormattableString.Invariant($"; it was read at {face:0.#} °C") : "")}."
            );
        }

        if (!acts.Any(a => a.Leaves is { Clock: Drying.Wash } && a.Operation.Extent != Extent.Once))
        {
            yield break;
        }

        if (facts.Water == false)
        {
            // About a litre to the square metre, washed and rinsed. Judgement.
            yield return FormattableString.Invariant(
                $"No water on site: carry in about {Math.Max(5, Math.Ceiling(appraised.Extents.AreaM2))} L for washing and rinsing, and take the waste water away."
            );
        }

        if (facts.CarpetNear == true)
        {
            yield return "Carpet beside it: tape film under its edge and a board over it, wash with wrung sponges, no buckets on it; what is spilt on carpet is not got out.";
        }
    }
}
