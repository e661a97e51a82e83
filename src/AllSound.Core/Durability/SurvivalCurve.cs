using System.Collections.Immutable;

namespace AllSound.Core.Durability;

/// <summary>How long something was seen to last.</summary>
/// <param name="Years">Years until it failed, or until it was last seen sound; 0 or more.</param>
/// <param name="Failed">True where it had failed by then; false where it was still sound.</param>
public readonly record struct Lasted(double Years, bool Failed);

/// <summary>A step of a survival curve: a time at which some failed.</summary>
/// <param name="Years">The time.</param>
/// <param name="AtRisk">How many were still under observation just before.</param>
/// <param name="Failed">How many failed then.</param>
/// <param name="Share">Share that is still sound after it, 0 to 1.</param>
/// <param name="Error">Greenwood's standard error of the share.</param>
/// <param name="Low">Lower end of the 95 % interval of the share.</param>
/// <param name="High">Upper end of it.</param>
public sealed record SurvivalStep(double Years, int AtRisk, int Failed, double Share, double Error, double Low, double High);

/// <summary>
/// The share still sound against time, by the product-limit estimate of Kaplan and Meier (1958), with Greenwood's variance (1926) and an interval on the
/// scale of log(-log), which stays between 0 and 1 with few observations (Kalbfleisch and Prentice, 1980). Those still sound when last seen count until then.
/// </summary>
/// <param name="Steps">The times at which some failed, in order; empty where none has.</param>
/// <param name="Seen">How many were seen.</param>
/// <param name="Failures">How many of them failed.</param>
/// <param name="Longest">The longest time that any was seen for, years.</param>
public sealed record SurvivalCurve(ImmutableArray<SurvivalStep> Steps, int Seen, int Failures, double Longest)
{
    // Of the standard normal distribution: 95 % lie within it on both sides.
    private const double Z = 1.959964;

    /// <summary>The time by which half have failed, years; null where more than half are still sound as far as is known.</summary>
    public double? Median => Steps.FirstOrDefault(s => s.Share <= 0.5)?.Years;

    /// <summary>Estimates it.</summary>
    /// <param name="seen">What was seen, in any order. One that was last seen sound at the time at which another failed was still at risk then.</param>
    /// <exception cref="ArgumentOutOfRangeException">A time is negative or no number.</exception>
    public static SurvivalCurve Of(IEnumerable<Lasted> seen)
    {
        ArgumentNullException.ThrowIfNull(seen);
        var all = seen.OrderBy(s => s.Years).ToArray();
        if (Array.Exists(all, s => double.IsNaN(s.Years) || s.Years < 0))
        {
            throw new ArgumentOutOfRangeException(nameof(seen), "A time is 0 years or more.");
        }

        var steps = ImmutableArray.CreateBuilder<SurvivalStep>();
        var (share, sum) = (1.0, 0.0);
        foreach (var times in all.GroupBy(s => s.Years))
        {
            var failed = times.Count(s => s.Failed);
            if (failed == 0)
            {
                continue;
            }

            var risk = all.Count(s => s.Years >= times.Key);
            share *= 1 - (failed / (double)risk);
            if (failed == risk)
            {
                // None is left, and nothing tells how sure that is: the upper end of the step before stands.
                steps.Add(new(times.Key, risk, failed, 0, 0, 0, steps.Count > 0 ? steps[^1].High : 1));
                break;
            }

            sum += failed / (double)(risk * (risk - failed));
            var spread = Z * Math.Sqrt(sum) / Math.Abs(Math.Log(share));
            steps.Add(new(times.Key, risk, failed, share, share * Math.Sqrt(sum), Math.Pow(share, Math.Exp(spread)), Math.Pow(share, Math.Exp(-spread))));
        }

        return new(steps.ToImmutable(), all.Length, all.Count(s => s.Failed), all.Length > 0 ? all[^1].Years : 0);
    }

    /// <summary>The share still sound after so many years, with its interval; before the first failure all, of which the interval says nothing.</summary>
    /// <param name="years">The time.</param>
    /// <returns>The step that holds then; null before the first failure, and past the longest time that any was seen for.</returns>
    public SurvivalStep? At(double years) => years > Longest ? null : Steps.LastOrDefault(s => s.Years <= years);
}
