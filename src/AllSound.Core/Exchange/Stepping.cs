using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>Says an option and its steps in the words of the reports.</summary>
internal static class Stepping
{
    /// <summary>An option in the words of the reports.</summary>
    public static OptionReport Report(Option option, string currency, Surface surface, Appraised appraised)
    {
        return new(
            option.Id,
            option.Name,
            option.BestAt,
            option.Schools,
            Report(option.Steps, surface, appraised, "the finished work"),
            [.. option.Causes.Select(c => new CauseAnswerReport(c.Cause, c.Title, Math.Round(c.Probability, 3), c.Steps, c.Says, c.Line))],
            new MoneyReport(option.Criteria.Money, currency),
            option.Criteria.LabourHours,
            option.Criteria.ElapsedDays,
            option.Criteria.LifeYears,
            decimal.Round(option.Criteria.MoneyPerYear, 2),
            option.Criteria.Hazard,
            option.NotMet,
            option.Risks,
            option.Assumes,
            option.LeftUndone,
            option.PreferWhen,
            option.OtherSchool,
            option.Recommended
        );
    }

    /// <summary>Steps in the words of the reports.</summary>
    /// <param name="all">The steps.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="appraised">Its condition.</param>
    /// <param name="end">What they lead to, as it is named where it needs something.</param>
    public static ImmutableArray<StepReport> Report(ImmutableArray<Step> all, Surface surface, Appraised appraised, string end)
    {
        var first = true;
        var steps = ImmutableArray.CreateBuilder<StepReport>(all.Length);
        foreach (var step in all)
        {
            var coat = step.Act.Product is not null && step.Act.Operation.Role != CoatRole.None;
            steps.Add(Report(step, all, end, surface, appraised, StepHazards.Of(step.Act, step.Before, surface, first && coat)));
            first &= !coat;
        }

        return steps.ToImmutable();
    }

    private static StepReport Report(Step step, ImmutableArray<Step> all, string end, Surface surface, Appraised appraised, StepSafety safety)
    {
        var act = step.Act;
        var operation = act.Operation;
        return new StepReport(
            step.Number,
            operation.Id,
            Reporting.GroupName(operation.Group),
            operation.Title,
            step.Do,
            Why(step, all, end),
            [.. step.Links.Select(l => new BecauseReport(l.Need.Id, l.Need.Title, l.For, l.Need.Consequence, l.Need.Source.ToString()))],
            [.. act.Needs.Select(n => n.Id)],
            [.. step.Links.Select(l => l.Need.Id)],
            act.Product?.Own?.Id ?? act.Product?.Id,
            act.Product?.Title,
            step.Coat,
            operation.Dilution ?? (operation.Role != CoatRole.None ? "none: as it comes" : null),
            new WaitReport(act.Leaves?.Least, act.Leaves?.Advised, act.LatestDays * 24),
            step.WaitBefore,
            operation.Tool,
            safety.Cautions,
            safety.Protection,
            operation.Accept,
            step.Assumes,
            operation.School,
            Math.Round(step.Spend.Hours, 2),
            Math.Round(step.Spend.Litres, 3),
            operation.Source.ToString(),
            safety.Waste,
            safety.Hold,
            safety.Others,
            act.Product is null ? null : HandTools.Mixing(act),
            HandTools.For(act, surface, appraised.Extents.SpreadClass),
            HandTools.Edge(
                act,
                appraised.Extents.LengthM > 0 ? appraised.Extents.LengthM : Math.Sqrt(appraised.Extents.AreaM2),
                step.Spend.Hours > operation.FixedHours ? step.Spend.Units / (step.Spend.Hours - operation.FixedHours) : operation.Rate
            ),
            HandTools.Shut(act, surface)?.Say,
            act.Product is { } used && operation.Role != CoatRole.None ? HandTools.Overnight(used) : null,
            act.Product is { } laid && operation.Role != CoatRole.None ? HandTools.WashOut(laid) : null,
            operation.Role is CoatRole.None ? null : act.Product?.Microns * operation.Coats,
            operation.Role,
            step.Manner,
            CoatShade.For(act, step.Later(all), surface),
            Buying.Tint.IsColoured(act) ? surface.Brief.Colour : null
        );
    }

    private static string Why(Step step, ImmutableArray<Step> all, string end)
    {
        if (step.Links.IsEmpty)
        {
            return step.Because ?? "Part of the system asked for.";
        }

        var parts = step
            .Links.GroupBy(l => l.For)
            .OrderBy(g => g.Key ?? int.MaxValue)
            .Take(3)
            .Select(g =>
            {
                var what = string.Join(" and ", g.Take(2).Select(l => l.Need.Title));
                return g.Key is { } n ? $"step {n} ({Sentences.Within(all[n - 1].Act.Operation.Title)}) requires that {what}" : $"{end} requires that {what}";
            });
        var text = string.Join("; ", parts);
        return char.ToUpperInvariant(text[0]) + text[1..] + ".";
    }
}
