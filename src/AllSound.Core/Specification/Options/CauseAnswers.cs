using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Specification;

/// <summary>What an option does about a cause that is taken to be at work.</summary>
/// <param name="Cause">Id of the cause.</param>
/// <param name="Title">What it is.</param>
/// <param name="Probability">How likely, 0.5 to 0.98.</param>
/// <param name="Steps">Numbers of the steps that put right what it implies; empty where nothing of the kind has to be done.</param>
/// <param name="Besides">What else answers it, or why nothing has to, as sentences; empty where the steps are all there is to say.</param>
public sealed record CauseAnswer(string Cause, string Title, double Probability, ImmutableArray<int> Steps, string Besides)
{
    /// <summary>What answers it, or why nothing has to, as sentences.</summary>
    public string Says => SaysBy(n => n);

    /// <summary>Cause, likelihood and answer as one line to read.</summary>
    public string Line => LineBy(n => n);

    /// <summary>The same line where steps have other numbers.</summary>
    /// <param name="numberOf">The number there of a step of the option.</param>
    public string LineBy(Func<int, int> numberOf) =>
        FormattableString.Invariant($"{char.ToUpperInvariant(Title[0])}{Title[1..]} ({Probability:P0} likely). {SaysBy(numberOf)}");

    private string SaysBy(Func<int, int> numberOf)
    {
        int[] steps = [.. Steps.Select(numberOf)];
        return (
            steps switch
            {
                [] => Besides,
                [var one] => $"Step {one} puts it right. {Besides}",
                [.. var some, var last] => $"Steps {string.Join(", ", some)} and {last} put it right. {Besides}",
            }
        ).TrimEnd();
    }
}

/// <summary>Finds what the steps of an option do about each cause: diagnosis and plan are one chain.</summary>
internal static class CauseAnswers
{
    /// <summary>Possible causes said at most. Judgement: more is noise.</summary>
    private const int MostPossible = 3;

    /// <summary>The answer to each cause at work.</summary>
    public static ImmutableArray<CauseAnswer> Of(Appraised appraised, ImmutableArray<Step> steps) => [.. appraised.AtWork.Select(f => Of(f, appraised, steps))];

    /// <summary>Causes that are possible and not taken to be at work, as risks, with what to look for.</summary>
    public static IEnumerable<string> Possible(Appraised appraised)
    {
        // Where nothing fails there is nothing to have a cause.
        if (!appraised.Fails)
        {
            yield break;
        }

        foreach (
            var finding in appraised.Findings.Where(f => f.Probability is >= Diagnosing.Possible and < Diagnosing.AtWork && !Answered(f, appraised)).Take(MostPossible)
        )
        {
            var seen = finding.For.Concat(finding.Against).Select(w => w.Sign.Id).ToHashSet(StringComparer.Ordinal);
            var telling = finding
                .Cause.Evidence.Where(e => e.IfCause > e.IfNot && !seen.Contains(e.Sign))
                .OrderByDescending(e => e.IfCause / e.IfNot)
                .ThenBy(e => e.Sign, StringComparer.Ordinal)
                .FirstOrDefault();
            var look = telling is null ? "" : $"; look for: {Signs.Find(telling.Sign)!.Title}";
            yield return FormattableString.Invariant($"Possible too, and not treated here: {finding.Cause.Title} ({finding.Probability:P0}){look}.");
        }
    }

    // A possible cause whose cure the plan holds anyway, or that asks for no step, is no risk.
    private static bool Answered(Finding finding, Appraised appraised) =>
        finding.Cause.Implies.All(i => i.Is.Holds(appraised.Condition) || i.Apply(appraised.Facts) == appraised.Facts);

    private static CauseAnswer Of(Finding finding, Appraised appraised, ImmutableArray<Step> steps)
    {
        var cause = finding.Cause;
        var soaked = appraised.Condition.Get(Surfaces.Facets.Film) is Surfaces.Film.Oil or Surfaces.Film.Wax;
        var painted = steps.Any(s => s.Act.Operation.Role == Treatment.CoatRole.Finish);
        var done = new SortedSet<int>();
        var open = 0;
        var freed = new List<string>();
        foreach (var implied in cause.Implies)
        {
            if (implied.Is.Holds(appraised.Condition))
            {
                if (steps.LastOrDefault(s => implied.Is.Holds(s.Before) && !implied.Is.Holds(s.After)) is { } step)
                {
                    done.Add(step.Number);
                }
                else
                {
                    open++;
                }
            }
            else if (appraised.Freed.Contains(implied.Is.Facet))
            {
                freed.Add(implied.Says);
            }
        }

        string[] said =
        [
            .. freed.Count > 0 ? [$"Others put right before: {string.Join(", ", freed)}."] : Array.Empty<string>(),
            .. open > 0 ? [painted ? "The coats are chosen to live with it." : "It is only cleaned: that stays as it is."] : Array.Empty<string>(),
            .. !painted || cause.Manner.Length == 0 ? Array.Empty<string>()
            : soaked && cause.Implies.Contains(Implied.FilmSpent) ? ["Oil and wax build no film that would have to come off: it is cleaned and fed again."]
            : [cause.Manner],
        ];
        return new CauseAnswer(
            cause.Id,
            cause.Title,
            finding.Probability,
            [.. done],
            said.Length > 0 || done.Count > 0
                ? string.Join(' ', said)
                : $"Nothing is done for it: what is recorded, or left as found, rules out {string.Join(" and ", cause.Implies.Select(i => i.Says))}."
        );
    }
}
