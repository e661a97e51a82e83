using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Technique;

/// <summary>How a way of stripping fits a surface.</summary>
/// <param name="Operation">Id of the operation.</param>
/// <param name="Title">What it is.</param>
/// <param name="Score">Fit for its cost, above 0; null when it is ruled out.</param>
/// <param name="RuledOut">Why it is ruled out.</param>
/// <param name="Because">What speaks for or against it.</param>
/// <param name="Applications">How often it has to be gone over.</param>
/// <param name="Hours">Labour for the whole face.</param>
/// <param name="WasteKg">Waste, kilograms.</param>
/// <param name="Stream">Which waste it is.</param>
/// <param name="Residue">What it leaves, and how that is proved out.</param>
/// <param name="PowerW">Watts it draws; 0 for none.</param>
/// <param name="Supply">What that asks of the supply; empty for none.</param>
/// <param name="Trial">What trial patches said of it; null when it was not tried.</param>
public sealed record StrippingFit(
    string Operation,
    [property: Prose] string Title,
    double? Score,
    [property: Prose] ImmutableArray<string> RuledOut,
    [property: Prose] ImmutableArray<string> Because,
    int Applications,
    double Hours,
    double WasteKg,
    [property: Prose] string Stream,
    [property: Prose] string Residue,
    int PowerW,
    [property: Prose] string Supply,
    [property: Prose] string? Trial
);

/// <summary>Ranks the ways of stripping a surface, and learns from trial patches on the same substrate.</summary>
public static class StrippingChoice
{
    /// <summary>Methods, best first; those ruled out last, with the reason.</summary>
    public static ImmutableArray<StrippingFit> Rank(Job job, Surface surface, Appraised appraised)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(appraised);
        var conditions = StrippingConditions.Of(surface, appraised);
        var trials = job
            .Trials.Where(t => job.Surfaces().Any(s => s.Surface.Id == t.Surface && s.Surface.Substrate == surface.Substrate))
            .GroupBy(t => t.Method)
            .ToDictionary(g => g.Key, g => g.ToArray(), StringComparer.Ordinal);
        return
        [
            .. StrippingMethods
                .All.Select(m => Fit(m, conditions, surface, appraised, PowerSupply.In(job.Jurisdiction), trials.GetValueOrDefault(m.Operation) ?? []))
                .OrderByDescending(f => f.Score ?? -1)
                .ThenBy(f => f.Operation, StringComparer.Ordinal),
        ];
    }

    private static StrippingFit Fit(
        StrippingMethod method,
        ImmutableArray<StrippingCondition> conditions,
        Surface surface,
        Appraised appraised,
        PowerSupply supply,
        TrialPatch[] trials
    )
    {
        var operation = Operations.Find(method.Operation)!;
        var ruledOut = ImmutableArray.CreateBuilder<string>();
        var because = ImmutableArray.CreateBuilder<string>();
        var factor = 1.0;
        foreach (var condition in conditions)
        {
            switch (condition.Fit(method.Code))
            {
                case 'X':
                    ruledOut.Add(condition.Title);
                    break;
                case '2':
                    because.Add($"suits: {condition.Title}");
                    break;
                case '1':
                    factor *= 0.6;
                    break;
                case '0':
                    factor *= 0.2;
                    because.Add($"poor for: {condition.Title}");
                    break;
            }
        }

        // The transition function has the last word: what it would call a danger or a failure is out.
        var act = Operations.FindAct(operation, null)!;
        var unmet = Treatments.Apply(appraised.Condition, act, 0).UnmetNeeds.Where(Permanent).ToArray();
        ruledOut.AddRange(unmet.Select(n => n.Consequence.TrimEnd('.')).Where(c => !ruledOut.Contains(c)));

        var rate = Pacing.Of(operation, appraised.Extents.Face);
        var applications = Math.Max(1, (int)Math.Ceiling(StrippingConditions.Coats(surface) / (double)method.CoatsPerGo));
        string? said = null;
        if (trials.Length > 0)
        {
            // What was seen on the real thing outweighs the table: the share cleared sets the number of goes, the minutes the rate.
            var cleared = Math.Max(0.05, trials.Average(t => t.Cleared));
            applications = Math.Max(1, (int)Math.Ceiling(1 / cleared));
            rate = trials.Average(t => t.AreaM2 / (t.Minutes / 60)) * applications;
            factor *= trials.Any(t => t.Harmed) ? 0.1 : Math.Clamp(cleared * 1.6, 0.1, 1.5);
            said = FormattableString.Invariant(
                $"{trials.Length} patch{(trials.Length == 1 ? "" : "es")}: {cleared:P0} off in a go, {trials.Average(t => t.Minutes):0.#} min{(trials.Any(t => t.Harmed) ? ", and the ground was harmed" : "")}"
            );
        }

        var area = appraised.Extents.AreaM2;
        var hours = rate > 0 ? area / rate * applications : 0;
        var score = ruledOut.Count > 0 || rate <= 0 ? (double?)null : Math.Round(factor / (method.Cost * applications / rate), 4);
        if (rate <= 0 && ruledOut.Count == 0)
        {
            ruledOut.Add("carved work: it does not reach in");
        }

        var lead = appraised.Condition.Get(Facets.Lead) != Lead.ProvedAbsent;
        return new StrippingFit(
            method.Operation,
            operation.Title,
            score,
            ruledOut.ToImmutable(),
            because.ToImmutable(),
            applications,
            Math.Round(hours, 1),
            Math.Round(method.WasteKgPerM2 * area * applications, 1),
            lead ? "hazardous: lead, in sealed labelled bags" : method.Stream,
            method.Residue,
            method.PowerW,
            supply.Says(method.PowerW),
            said
        );
    }

    // Ground, film and lead do not change on the day; power, access and covering can be brought.
    private static bool Permanent(Need need) =>
        need.Any.All(t =>
            t.Facet == Facets.Substrate
            || t.Facet == Facets.Film
            || t.Facet == Facets.Lead
            || t.Facet == Facets.Asbestos
            || t.Facet == Facets.GlassNear
            || t.Facet == Facets.VoidBehind
            || t.Facet == Facets.Exposure
        );
}
