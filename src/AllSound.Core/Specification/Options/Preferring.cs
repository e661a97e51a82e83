using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

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
                $"Prefer it when the surface stays in use beyond {Figures.Years(least.LifeYears)}: {Money(mine.Money - least.Money)} more buys {Figures.Years(years)}, {Money((mine.Money - least.Money) / (decimal)years)} for each, against {Money(least.MoneyPerYear)} a year for \"{cheapest.Name}\"."
            );
        }

        var sooner = Math.Round(least.ElapsedDays - mine.ElapsedDays, 1);
        if (sooner > 0.2)
        {
            lines.Add($"Prefer it when being done {Figures.Days(sooner)} sooner is worth {Money(mine.Money - least.Money)}.");
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
                $"Replacing it for {Money(replace)} costs {Money(byYear)} a year over {Figures.Years(life)}; this costs {Money(mine.MoneyPerYear)} a year: {(mine.MoneyPerYear <= byYear ? "painting is cheaper" : "replacing is cheaper")}. Replacing cannot be undone."
            );
        }

        return lines.ToImmutable();

        string Money(decimal amount) => Figures.Money(amount, currency);
    }

    /// <summary>What of the brief's budget and deadline no option meets, or which do.</summary>
    public static ImmutableArray<string> Limits(ImmutableArray<Option> options, string currency, Brief brief)
    {
        var lines = ImmutableArray.CreateBuilder<string>();
        if (brief.Budget is { } budget && options.All(o => o.Criteria.Money > budget))
        {
            lines.Add(
                $"No option keeps to the budget of {Figures.Money(budget, currency)}; the cheapest is {Figures.Money(options.Min(o => o.Criteria.Money) - budget, currency)} over it."
            );
        }

        if (brief.DeadlineDays is { } days && options.All(o => BriefNotes.IsLate(o.Criteria, days)))
        {
            lines.Add($"No option is done within {Figures.Days(days)}; the soonest takes {BriefNotes.Late(options.Min(o => o.Criteria.ElapsedDays), days)}.");
        }

        return lines.ToImmutable();
    }
}
