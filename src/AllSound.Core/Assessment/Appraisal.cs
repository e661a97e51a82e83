using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Assessment;

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
        var measured = Geometry.Measure(space, surface);
        var said = SignFacts.Read(surface);
        var substrate = Grounds.Of(surface, said);
        said = space.Surroundings?.Around(said) ?? said;
        said = building.Surroundings?.Around(said) ?? said;
        var facts = Misplaced.Read(said, substrate.Family, surface.Element);
        var findings = Diagnosing.Of(job, surface);
        var whole = Misplaced.Read(Unspent(surface, facts, Diagnosing.WithImplied(facts, findings)), substrate.Family, surface.Element);
        var appraised = new SurveyReader(job, building, space, surface, substrate, measured, whole).Read() with { Findings = findings };
        return appraised with { Resolutions = [.. appraised.Resolutions, .. Brought(facts, appraised)] };
    }

    // What soaked in or is polished up is cleaned and fed again: no cause makes it a film that has to come off, and what sticks of it goes with the dirt.
    private static Facts Unspent(Surface surface, Facts recorded, Facts implied) =>
        surface.Layers is { IsEmpty: false } layers && ExistingCoatings.Find(layers[^1].Coating)?.Value is Film.Oil or Film.Wax
            ? implied with
            {
                FilmSpent = recorded.FilmSpent,
                SoftFilm = surface.Facts.SoftFilm,
            }
            : implied;

    // What nobody recorded and a cause at work brings with it; of several causes the likeliest.
    private static IEnumerable<Resolution> Brought(Facts recorded, Appraised appraised)
    {
        var seen = new HashSet<Facet>();
        foreach (var finding in appraised.AtWork)
        {
            foreach (var implied in finding.Cause.Implies)
            {
                if (implied.Is.Holds(appraised.Condition) && implied.Apply(recorded) != recorded && seen.Add(implied.Is.Facet))
                {
                    yield return new Resolution(
                        implied.Is.Facet,
                        appraised.Condition[implied.Is.Facet],
                        Resolved.Implied,
                        FormattableString.Invariant($"Takes {implied.Says} for granted: {finding.Cause.Title} is {finding.Probability:P0} likely."),
                        Checks.Settling(implied.Is.Facet)
                    );
                }
            }
        }
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
