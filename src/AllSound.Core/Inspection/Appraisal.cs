using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Inspection;

/// <summary>
/// Turns a survey into a condition. Nothing unknown gets past here as fine: a safety facet takes the worst that age and
/// place allow, any other becomes an assumption that is said at the step that relies on it.
/// </summary>
public static class Appraisal
{
    /// <summary>Appraises a surface.</summary>
    /// <exception cref="ArgumentException">The substrate or a coating is not known; validate the job first.</exception>
    public static Appraised Appraise(Job job, Building building, Space space, Surface surface)
    {
        var substrate = Substrates.Find(surface.Substrate) ?? throw new ArgumentException($"Unknown substrate {surface.Substrate}.", nameof(surface));
        var measured = Geometry.Measure(space, surface);
        var said = SignFacts.Read(surface);
        said = space.Surroundings?.Around(said) ?? said;
        said = building.Surroundings?.Around(said) ?? said;
        var facts = Misplaced.Read(said, substrate.Family, surface.Element);
        return new SurveyReader(job, building, space, surface, substrate, measured, facts).Read();
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
}
