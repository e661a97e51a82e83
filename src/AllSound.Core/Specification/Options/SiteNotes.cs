using AllSound.Core.Assessment;
using AllSound.Core.Climate;
using AllSound.Core.Inspection;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What the place asks of whoever does the work, said once for the surface.</summary>
internal static class SiteNotes
{
    /// <summary>Sentences on water and carpets, where the work is wet.</summary>
    /// <param name="appraised">The surface's condition.</param>
    /// <param name="acts">What is done.</param>
    public static IEnumerable<string> Of(Appraised appraised, IEnumerable<Act> acts)
    {
        var facts = appraised.Facts;
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
