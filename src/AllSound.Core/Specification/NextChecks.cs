using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Specification;

/// <summary>A check worth making, because its answer could change the work, or settle why the coating failed.</summary>
/// <param name="Check">The check.</param>
/// <param name="Value">Money that the answer is expected to move, and what it is worth to know the cause, less what the check costs; gates come first whatever their value.</param>
/// <param name="WouldChange">What each answer would change in the work, as sentences.</param>
/// <param name="Settles">What each answer would say of the cause, as sentences. Never empty where <paramref name="WouldChange"/> is.</param>
public sealed record NextCheck(Check Check, double Value, ImmutableArray<string> WouldChange, ImmutableArray<string> Settles);

/// <summary>Ranks checks by what their answers would change in the work, and by how far they settle the cause. A check that can do neither is not asked for.</summary>
public static class NextChecks
{
    /// <summary>Money that a point of hazard is taken to be worth when answers are compared. Judgement.</summary>
    private const double PerHazardPoint = 5;

    /// <summary>Money that is worth a word. Judgement: less is within what nobody can foresee.</summary>
    private const decimal LeastSaid = 2;

    /// <summary>Money at stake when an answer stops the work, or frees it. Judgement: about a day lost and a coat done twice.</summary>
    private const double PerHold = 300;

    /// <summary>Money that it is worth to be sure of the cause instead of not knowing it. Judgement: the work done once more, now and then.</summary>
    private const double PerCause = 200;

    /// <summary>Probability of the likeliest cause from which on no check is asked for only to be surer of it.</summary>
    private const double Sure = 0.9;

    /// <summary>The least that a check must be expected to add to the probability of the likeliest cause to be asked for on that account alone.</summary>
    private const double WorthKnowing = 0.05;

    /// <summary>Ranks the checks for a surface.</summary>
    /// <param name="job">Job.</param>
    /// <param name="building">Building.</param>
    /// <param name="space">Space.</param>
    /// <param name="surface">Surface.</param>
    /// <param name="now">What is specified as things stand.</param>
    public static ImmutableArray<NextCheck> Rank(Job job, Building building, Space space, Surface surface, Specified now)
    {
        ArgumentNullException.ThrowIfNull(now);
        // What anyone would have seen at a glance needs no check until it is seen.
        var open = now.Appraised.Resolutions.Where(r => r is { How: not Resolved.Inferred, AtAGlance: false }).Select(r => r.Facet).ToHashSet();
        var doubtful = Doubtful(now.Appraised, surface);
        var found = new List<NextCheck>();

        // Many an answer only bears out what was assumed, and several come to the same: each condition is specified once.
        var firm = Firm.Of(job);
        var known = new Dictionary<(Condition, Extents), Specified> { [(now.Appraised.Condition, now.Appraised.Extents)] = now };
        foreach (var check in Checks.All)
        {
            var unsettled = check.Settles.Any(open.Contains);
            var tells = doubtful.Count > 0 && check.Outcomes.Any(o => o.Signs.Any(s => doubtful.Contains(s.Sign)));
            if (check.Outcomes.IsEmpty || !(unsettled || tells) || !check.Suits(now.Appraised.Family))
            {
                continue;
            }

            var changes = ImmutableArray.CreateBuilder<string>();
            var settles = ImmutableArray.CreateBuilder<string>();
            var value = 0.0;
            var surer = 0.0;
            foreach (var outcome in check.Outcomes)
            {
                var answered = surface with { Readings = surface.Readings.Add(new Reading { Check = check.Id, Outcome = outcome.Id }) };
                var appraised = Appraisal.Appraise(job, building, space, answered);
                if (tells)
                {
                    surer += outcome.Share * (Likeliest(appraised) - Likeliest(now.Appraised));
                    if (Cause(now.Appraised, appraised) is { } says)
                    {
                        settles.Add($"If {outcome.Title}: {says}");
                    }
                }

                if (!unsettled)
                {
                    continue;
                }

                if (!known.TryGetValue((appraised.Condition, appraised.Extents), out var then))
                {
                    then = Specifier.Specify(job.Rates, answered, appraised, firm);
                    known[(appraised.Condition, appraised.Extents)] = then;
                }

                var (words, moved) = Compare(now, then, job.Rates.Currency);
                if (words is not null)
                {
                    changes.Add($"If {outcome.Title}: {words}");
                    value += outcome.Share * moved;
                }
            }

            if (settles.Count > 0 && surer < WorthKnowing)
            {
                settles.Clear();
            }

            if (changes.Count > 0 || settles.Count > 0)
            {
                var cost = check.Cost + (check.Minutes / 60 * (double)job.Rates.LabourPerHour);
                found.Add(new NextCheck(check, Math.Round(value + (PerCause * Math.Max(0, surer)) - cost, 2), changes.ToImmutable(), settles.ToImmutable()));
            }
        }

        return [.. found.OrderByDescending(c => c.Check.Gate).ThenByDescending(c => c.Value).ThenBy(c => c.Check.Id, StringComparer.Ordinal)];
    }

    // Signs not looked for yet that bear on a cause in question; none where nothing fails, or the cause is as good as sure.
    private static HashSet<string> Doubtful(Appraised now, Surface surface)
    {
        if (!now.Fails || Likeliest(now) is 0 or >= Sure)
        {
            return [];
        }

        var recorded = Observations.Of(surface).Select(s => s.Sign);
        var doubtful = now
            .Findings.Where(f => f.Probability >= Diagnosing.Possible)
            .SelectMany(f => f.Cause.Evidence)
            .Select(e => e.Sign)
            .ToHashSet(StringComparer.Ordinal);
        doubtful.ExceptWith(recorded);
        return doubtful;
    }

    private static double Likeliest(Appraised appraised) => appraised.Findings.IsEmpty ? 0 : appraised.Findings[0].Probability;

    // What an answer makes of the cause: another that is likeliest, or the same sure enough to be treated, or no longer.
    private static string? Cause(Appraised now, Appraised then)
    {
        if (now.Findings.IsEmpty || then.Findings.IsEmpty)
        {
            return null;
        }

        var (before, after) = (now.Findings[0], then.Findings[0]);
        return before.Cause != after.Cause ? FormattableString.Invariant($"the likeliest cause becomes {after.Cause.Title} ({after.Probability:P0}).")
            : before.Probability < Sure && after.Probability >= Sure ? FormattableString.Invariant($"the cause is {after.Cause.Title} ({after.Probability:P0}).")
            : before.Probability >= Diagnosing.AtWork && after.Probability < Diagnosing.AtWork
                ? FormattableString.Invariant($"the cause is open again: {after.Cause.Title} only {after.Probability:P0}.")
            : null;
    }

    private static (string? Words, double Moved) Compare(Specified now, Specified then, string currency)
    {
        var held = now.Options.IsEmpty;
        if (then.Options.IsEmpty)
        {
            return held ? (null, 0)
                : then.Holds.IsEmpty ? ("nothing would meet the brief any more.", PerHold)
                : ($"work would stop: {then.Holds[0].Need.Unmet}.", PerHold);
        }

        if (held)
        {
            return ("work can go on.", PerHold);
        }

        var before = now.Options[0];
        var after = then.Options[0];
        var added = Titles(after).Except(Titles(before), StringComparer.Ordinal).ToList();
        var dropped = Titles(before).Except(Titles(after), StringComparer.Ordinal).ToList();
        var money = after.Criteria.Money - before.Criteria.Money;
        if (added.Count == 0 && dropped.Count == 0 && Math.Abs(money) < LeastSaid)
        {
            return (null, 0);
        }

        var parts = new List<string>();
        if (added.Count > 0)
        {
            parts.Add($"adds {string.Join(", ", added)}");
        }

        if (dropped.Count > 0)
        {
            parts.Add($"drops {string.Join(", ", dropped)}");
        }

        if (Math.Abs(money) >= LeastSaid)
        {
            parts.Add($"{(money < 0 ? "saves" : "costs")} about {Figures.About(Math.Abs(money), currency)}");
        }

        var moved = Math.Abs((double)money) + (PerHazardPoint * Math.Abs(after.Criteria.Hazard - before.Criteria.Hazard));
        return (string.Join("; ", parts) + ".", moved);
    }

    private static IEnumerable<string> Titles(Option option) =>
        option.Steps.Select(s => char.ToLowerInvariant(s.Act.Operation.Title[0]) + s.Act.Operation.Title[1..]).Distinct(StringComparer.Ordinal);
}
