using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What a counterfactual run of an option came to.</summary>
/// <param name="Sound">The option would stay sound with the other act in the step's place.</param>
/// <param name="Unmet">Needs left unmet, the first step that misses each.</param>
/// <param name="Lines">The answer in sentences.</param>
public sealed record WhyNotAnswer(bool Sound, ImmutableArray<(Need Need, int? Step)> Unmet, ImmutableArray<string> Lines);

/// <summary>Answers "why not ...?": runs the option again with another act in a step's place, or with the step left out.</summary>
public static class WhyNot
{
    /// <summary>Why not something else at this step, or nothing at all?</summary>
    /// <param name="rates">Prices.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="appraised">Its condition.</param>
    /// <param name="option">The option.</param>
    /// <param name="step">Number of the step, from 1.</param>
    /// <param name="instead">What instead; null for leaving it out.</param>
    /// <param name="firm">The firm.</param>
    /// <exception cref="ArgumentOutOfRangeException">The option has no such step.</exception>
    public static WhyNotAnswer Ask(Rates rates, Surface surface, Appraised appraised, Option option, int step, Act? instead, Firm? firm = null)
    {
        ArgumentNullException.ThrowIfNull(option);
        ArgumentNullException.ThrowIfNull(appraised);
        if (step < 1 || step > option.Steps.Length)
        {
            throw new ArgumentOutOfRangeException(nameof(step), step, "The option has no such step.");
        }

        var was = option.Steps[step - 1].Act;
        var acts = option.Steps.Select(s => s.Act).ToList();
        if (instead is null)
        {
            acts.RemoveAt(step - 1);
        }
        else
        {
            acts[step - 1] = instead;
        }

        var goal = Goal.For(surface, appraised.Condition, firm);
        var unmet = ImmutableArray.CreateBuilder<(Need, int?)>();
        var told = default(NeedSet);
        var condition = appraised.Condition;
        decimal money = 0;
        for (var i = 0; i < acts.Count; i++)
        {
            var transition = Treatments.Apply(condition, acts[i]);
            var number = instead is null && i >= step - 1 ? i + 2 : i + 1;
            foreach (var need in transition.UnmetNeeds.Where(n => !told.Contains(n.Index)))
            {
                unmet.Add((need, number));
            }

            told |= transition.Unmet;
            money += Quantities.Costing.Of(acts[i], appraised.Extents, rates, transition.Before.Get(Facets.Film) == Film.None).Money;
            condition = transition.After;
        }

        var end = Treatments.Satisfied(condition);
        foreach (var need in goal.Needs.Where(n => !end.Contains(n.Index) && !told.Contains(n.Index)))
        {
            unmet.Add((need, null));
        }

        return new(unmet.Count == 0, unmet.ToImmutable(), Say(option, was, instead, unmet.ToImmutable(), rates.Price(money), rates.Currency, surface, goal));
    }

    private static ImmutableArray<string> Say(
        Option option,
        Act was,
        Act? instead,
        ImmutableArray<(Need Need, int? Step)> unmet,
        decimal money,
        string currency,
        Surface surface,
        Goal goal
    )
    {
        var lines = ImmutableArray.CreateBuilder<string>();
        var what = instead is null
            ? $"Without \"{was.Operation.Title}\""
            : $"With \"{instead.Operation.Title}\"{(instead.Product is { } p ? $" ({p.Title})" : "")} in its place";
        foreach (var (need, number) in unmet.OrderByDescending(u => u.Need.Severity).Take(4))
        {
            var where =
                number is { } n && n <= option.Steps.Length
                    ? $"step {n}, \"{option.Steps[n - 1].Act.Operation.Title}\", would go ahead although {need.Unmet}"
                    : $"at the end, {need.Unmet}";
            lines.Add($"{what} {where}. {need.Consequence} ({need.Source})");
        }

        if (unmet.Length == 0 && instead is null && option.Steps.FirstOrDefault(s => s.Act == was)?.Because is { } because)
        {
            lines.Add($"{what} nothing else would be unready. {because}");
        }
        else if (unmet.Length == 0)
        {
            var more = money - option.Criteria.Money;
            lines.Add(
                Math.Abs(more) < 0.005m
                    ? $"{what} the work would be as sound and cost the same: a matter of taste."
                    : FormattableString.Invariant(
                        $"{what} the work would be sound too, but cost {Math.Abs(more):0.00} {currency} {(more > 0 ? "more" : "less")} in labour and material, waits not counted."
                    )
            );
        }

        if (instead is not null && !goal.Allows(instead))
        {
            lines.Add(
                instead.Operation.Refused ? "It is always refused."
                : instead.Operation.ByOthers ? "It is for other trades: a hold, not a step of this work."
                : surface.Brief.Avoid.Contains(instead.Operation.Id) || (instead.Product is { } q && surface.Brief.Avoid.Contains(q.Id)) ? "The brief asks to avoid it."
                : "The brief does not allow it."
            );
        }

        return lines.ToImmutable();
    }
}
