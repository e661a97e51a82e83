using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Specification;

/// <summary>Says when one option is to be preferred to the others, and what the brief's limits come to.</summary>
internal static class Preferring
{
    /// <summary>What it would take to prefer an option, against each of the others.</summary>
    public static ImmutableArray<string> When(Option option, ImmutableArray<Option> all, string currency, Brief brief)
    {
        var lines = ImmutableArray.CreateBuilder<string>();
        var cheapest = all.MinBy(o => o.Criteria.Money)!;
        var mine = option.Criteria;
        var least = cheapest.Criteria;
        if (option == cheapest)
        {
            lines.Add("Prefer it when the money now matters most.");
        }
        else if (mine.LifeYears > least.LifeYears)
        {
            var years = mine.LifeYears - least.LifeYears;
            lines.Add(
                FormattableString.Invariant(
                    $"Prefer it when the surface stays in use beyond {least.LifeYears:0.#} years: {mine.Money - least.Money:0.00} {currency} more buys {years:0.#} years, {(mine.Money - least.Money) / (decimal)years:0.00} for each, against {least.MoneyPerYear:0.00} a year for \"{cheapest.Name}\"."
                )
            );
        }

        var sooner = Math.Round(least.ElapsedDays - mine.ElapsedDays, 1);
        if (sooner > 0.2)
        {
            lines.Add(
                FormattableString.Invariant(
                    $"Prefer it when being done {sooner:0.#} {(sooner == 1 ? "day" : "days")} sooner is worth {mine.Money - least.Money:0.00} {currency}."
                )
            );
        }

        if (mine.Hazard < least.Hazard - 0.5)
        {
            lines.Add(
                FormattableString.Invariant(
                    $"Prefer it when people stay in the building, or the worker should breathe and handle less: {mine.Hazard:0.#} points of hazard against {least.Hazard:0.#}."
                )
            );
        }

        if (brief.ReplaceCost is { } replace)
        {
            var life = Math.Max(0.1, brief.ReplaceLifeYears ?? mine.LifeYears);
            var byYear = replace / (decimal)life;
            lines.Add(
                FormattableString.Invariant(
                    $"Against replacing it for {replace:0.00} {currency} ({byYear:0.00} a year over {life:0.#} years) this costs {mine.MoneyPerYear:0.00} a year: {(mine.MoneyPerYear <= byYear ? "painting is the cheaper" : "replacing is the cheaper")}. Replacing cannot be undone."
                )
            );
        }

        return lines.ToImmutable();
    }

    /// <summary>What of the brief's budget and deadline no option meets, or which do.</summary>
    public static ImmutableArray<string> Limits(ImmutableArray<Option> options, string currency, Brief brief)
    {
        var lines = ImmutableArray.CreateBuilder<string>();
        if (brief.Budget is { } budget && options.All(o => o.Criteria.Money > budget))
        {
            lines.Add(
                FormattableString.Invariant(
                    $"No option keeps to the budget of {budget:0.00} {currency}; the cheapest is {options.Min(o => o.Criteria.Money) - budget:0.00} over it."
                )
            );
        }

        if (brief.DeadlineDays is { } days && options.All(o => o.Criteria.ElapsedDays > days))
        {
            lines.Add(FormattableString.Invariant($"No option is done within {days:0.#} days; the soonest takes {options.Min(o => o.Criteria.ElapsedDays):0.#}."));
        }

        return lines.ToImmutable();
    }
}
