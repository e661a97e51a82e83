using AllSound.Core.Assessment;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Specification;

/// <summary>What the brief brings with it: limits that an option misses, and what colour, sheen and light ask of the work.</summary>
internal static class BriefNotes
{
    /// <summary>A finish this dark heats in the sun and marks when it is touched. Judgement.</summary>
    private const double Dark = 20;

    /// <summary>Is an option done later than was asked for? By half days: nobody plans finer.</summary>
    public static bool IsLate(Criteria criteria, double days) => Math.Round(2 * criteria.ElapsedDays, MidpointRounding.AwayFromZero) / 2 > days;

    /// <summary>How long it takes against what was asked for: "12 days"; "a little more" where both are told alike.</summary>
    public static string Late(double takes, double asked) => Figures.Days(takes) == Figures.Days(asked) ? "a little more" : Figures.Days(takes);

    /// <summary>What of the brief an option does not meet, as sentences; said first.</summary>
    public static IEnumerable<string> NotMet(Criteria criteria, Brief brief, string currency)
    {
        if (brief.DeadlineDays is { } days && IsLate(criteria, days))
        {
            yield return $"Not done in time: it takes {Late(criteria.ElapsedDays, days)}, and {Figures.Days(days)} were asked for.";
        }

        if (brief.Budget is { } budget && criteria.Money > budget)
        {
            yield return $"Over the budget of {Figures.Money(budget, currency)} by {Figures.Money(criteria.Money - budget, currency)}.";
        }
    }

    /// <summary>What colour, sheen and light ask of the work, as sentences.</summary>
    public static IEnumerable<string> Of(Surface surface, Appraised appraised)
    {
        var brief = surface.Brief;
        var outside = surface.Exposure == Exposure.Outside;
        var clear = (brief.Finish ?? Goal.DefaultFinish(surface, appraised.Condition)) == FinishFamily.Clear;
        if (brief.Lrv is null && brief.Reflectance is { } guessed && !clear)
        {
            yield return FormattableString.Invariant(
                $"\"{brief.Colour}\" is taken to reflect about {guessed:0} % of the light; the figure on the colour card decides how many coats hide."
            );
        }

        if (brief.Finish is null && appraised.Family == SubstrateFamily.Wood && Goal.WasClear(appraised.Condition) && ColourWords.OfPaint(brief.Colour))
        {
            yield return $"\"{brief.Colour}\" is taken for paint, which hides the grain; for wood that shows, ask for a clear finish.";
        }

        if (!clear && ColourWords.HidesBadly(brief.Colour))
        {
            yield return "Clean yellows, oranges and reds hide badly: have the undercoat tinted towards the finish, and allow one coat more where the ground still grins through.";
        }

        if (brief.Reflectance <= Dark && !clear)
        {
            yield return outside switch
            {
                true when appraised.Condition.Get(Facets.Substrate) is Substrate.PvcU =>
                    "A dark colour heats plastic in the sun until it warps: only with the profile maker's leave, or in a heat-reflecting colour.",
                true when appraised.Family == SubstrateFamily.Wood =>
                    "A dark colour in the sun heats wood to 60 to 80 °C: resin runs, joints open, and it is due again sooner. A lighter one lasts longer.",
                true => "A dark colour in the sun heats, fades and shows chalk sooner; a lighter one lasts longer.",
                false when brief.Sheen is null or Sheen.Matt =>
                    "A dark matt finish marks and polishes where it is touched, and touching in shows: keep some of the batch, and paint whole faces.",
                false => "A dark finish shows every mend and lap: whole faces wet in wet, from one batch.",
            };
        }

        var sheen = brief.Sheen is Sheen.Satin or Sheen.Gloss or Sheen.Eggshell;
        var wall = surface.Element is Element.Wall or Element.Ceiling or Element.ChimneyBreast;
        if (wall && sheen && (brief.Grazing || surface.Element == Element.Ceiling || appraised.Condition.Get(Facets.Fill) == Fill.Open))
        {
            yield return "Sheen shows every wave and mend of this face: matt is advised, or the whole face is skimmed or lined first.";
        }

        if (brief.Grazing)
        {
            yield return "Light rakes across it: fill and rub down by a lamp held along the face, and look at each coat by it; the last coat is laid off away from the window.";
        }
    }
}
