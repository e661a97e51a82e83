using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Diagnosis against the noisy-OR written down plainly (Pearl 1988, Heckerman 1989; from memory): every set of one or two
/// causes tried, each sign's chance taken from its causes one by one.
/// </summary>
public sealed class NoisyOrTests
{
    private static readonly Sign[] Evidence = [.. Signs.All.Where(s => !s.IsDefect)];

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 12)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void It_finds_what_trying_every_pair_of_causes_finds(int seed)
    {
        var random = new Random(seed);
        var family = (SubstrateFamily)(seed % 6);
        var causes = Causes.All.Where(c => c.Weight(family) > 0).ToArray();
        var cause = causes[random.Next(causes.Length)];
        var recorded = cause
            .Evidence.OrderBy(_ => random.Next())
            .Take(3)
            .Select(e => e.Sign)
            .Concat(Enumerable.Range(0, 3).Select(_ => Evidence[random.Next(Evidence.Length)].Id))
            .Distinct()
            .Select((sign, i) => new SignSeen { Sign = sign, Present = i != 2 })
            .ToList();
        var expected = causes
            .Select(c => (Cause: c, Probability: Math.Clamp(Posterior(causes, family, recorded, c), 0.02, 0.98)))
            .Where(x => x.Probability >= 0.04 && recorded.Exists(s => Ratio(x.Cause, s) > 1))
            .ToDictionary(x => x.Cause.Id, x => x.Probability, StringComparer.Ordinal);
        var found = NoisyOr.Diagnose(family, recorded);
        Assert.NotEmpty(found);
        Assert.Equal(expected.Keys.Order(StringComparer.Ordinal), found.Select(f => f.Cause.Id).Order(StringComparer.Ordinal));
        Assert.Equal(found.OrderByDescending(f => f.Probability), found);
        foreach (var finding in found)
        {
            Assert.Equal(expected[finding.Cause.Id], finding.Probability, 9);
            Assert.Equal(recorded.Where(s => Ratio(finding.Cause, s) > 1).Select(s => s.Sign).Order(), finding.For.Select(w => w.Sign.Id).Order());
            Assert.Equal(recorded.Where(s => Ratio(finding.Cause, s) < 1).Select(s => s.Sign).Order(), finding.Against.Select(w => w.Sign.Id).Order());
            Assert.All(finding.For.Concat(finding.Against), w => Assert.Equal(Ratio(finding.Cause, recorded.Find(s => s.Sign == w.Sign.Id)!), w.Ratio, 9));
            Assert.Equal(finding.For.OrderByDescending(w => w.Ratio).Select(w => w.Ratio), finding.For.Select(w => w.Ratio));
            Assert.Equal(finding.Against.OrderBy(w => w.Ratio).Select(w => w.Ratio), finding.Against.Select(w => w.Ratio));
        }
    }

    [Fact]
    public void A_sign_recorded_both_ways_is_taken_as_seen_and_an_unknown_one_is_passed_over()
    {
        var sign = Causes.All.First(c => c.Weight(SubstrateFamily.Wood) > 0).Evidence.MaxBy(e => e.IfCause / e.IfNot)!.Sign;
        var seen = NoisyOr.Diagnose(SubstrateFamily.Wood, [new SignSeen { Sign = sign }]);
        var both = NoisyOr.Diagnose(
            SubstrateFamily.Wood,
            [new SignSeen { Sign = sign, Present = false }, new SignSeen { Sign = sign }, new SignSeen { Sign = "no such sign" }]
        );
        Assert.Equal(seen.Select(f => (f.Cause.Id, f.Probability)), both.Select(f => (f.Cause.Id, f.Probability)));
    }

    /// <summary>That something is not there is no reason to look for what made it.</summary>
    [Fact]
    public void Where_nothing_is_wrong_there_is_no_cause()
    {
        Assert.Empty(NoisyOr.Diagnose(SubstrateFamily.Wood, []));
        Assert.Empty(NoisyOr.Diagnose(SubstrateFamily.Wood, [.. Causes.All[0].Evidence.Select(e => new SignSeen { Sign = e.Sign, Present = false })]));
        Assert.Empty(NoisyOr.Diagnose(SubstrateFamily.Wood, [new SignSeen { Sign = "no such sign" }]));
    }

    private static double Posterior(Cause[] causes, SubstrateFamily family, List<SignSeen> recorded, Cause asked)
    {
        var total = causes.Sum(c => c.Weight(family)) + 3;
        double Odds(double weight) => weight / (total - weight);
        var all = Odds(3);
        var with = 0.0;
        foreach (var (one, i) in causes.Select((c, i) => (c, i)))
        {
            var alone = Odds(one.Weight(family)) * Likelihood([one], recorded);
            all += alone;
            with += one == asked ? alone : 0;
            foreach (var other in causes.Skip(i + 1))
            {
                var both = Odds(one.Weight(family)) * Odds(other.Weight(family)) * Likelihood([one, other], recorded);
                all += both;
                with += one == asked || other == asked ? both : 0;
            }
        }

        return with / all;
    }

    // Of the signs of one group the strongest counts in full, the others to the power 0.3.
    private static double Likelihood(Cause[] present, List<SignSeen> recorded) =>
        recorded
            .Select(s => (Inspection.Signs.Find(s.Sign)!.Group, Log: Math.Log(Chance(present, s) / (s.Present ? Rate(s) : 1 - Rate(s)))))
            .Where(x => Math.Abs(x.Log) > 1e-12)
            .GroupBy(x => x.Group)
            .Aggregate(
                1.0,
                (product, group) =>
                {
                    var logs = group.Select(x => x.Log).OrderByDescending(Math.Abs).ToList();
                    return product * Math.Exp(logs[0] + (0.3 * logs.Skip(1).Sum()));
                }
            );

    private static double Chance(Cause[] present, SignSeen sign)
    {
        var (rate, stays) = (Rate(sign), 1.0);
        foreach (var cause in present)
        {
            if (cause.Evidence.FirstOrDefault(e => e.Sign == sign.Sign) is not { } e)
            {
                continue;
            }

            if (e.IfCause >= e.IfNot)
            {
                stays *= (1 - e.IfCause) / (1 - e.IfNot);
            }
            else
            {
                rate *= e.IfCause / e.IfNot;
            }
        }

        var shows = 1 - ((1 - rate) * stays);
        return sign.Present ? shows : 1 - shows;
    }

    private static double Rate(SignSeen sign) => Inspection.Signs.Find(sign.Sign)!.BaseRate;

    private static double Ratio(Cause cause, SignSeen sign) =>
        cause.Evidence.FirstOrDefault(e => e.Sign == sign.Sign) is not { } e ? 1
        : sign.Present ? e.IfCause / e.IfNot
        : (1 - e.IfCause) / (1 - e.IfNot);
}
