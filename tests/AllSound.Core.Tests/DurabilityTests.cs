using AllSound.Core.Durability;
using CsCheck;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What lasts: the product-limit curve, its interval, and the life of a class brought up to date.</summary>
public sealed class DurabilityTests
{
    // Weeks of remission under 6-mercaptopurine, Freireich et al. (1963), as worked in every textbook of survival analysis since (Cox and Oakes, 1984; Collett);
    // the figures from memory. A plus stands for one still in remission when last seen.
    private static readonly Lasted[] Remissions =
    [
        .. "6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+"
            .Split(' ')
            .Select(w => new Lasted(double.Parse(w.TrimEnd('+'), System.Globalization.CultureInfo.InvariantCulture), !w.EndsWith('+'))),
    ];

    [Theory]
    [InlineData(6, 21, 3, 0.8571, 0.0764, 0.6197, 0.9516)]
    [InlineData(7, 17, 1, 0.8067, 0.0869, 0.5631, 0.9228)]
    [InlineData(10, 15, 1, 0.7529, 0.0963, 0.5032, 0.8894)]
    [InlineData(13, 12, 1, 0.6902, 0.1068, 0.4316, 0.8491)]
    [InlineData(16, 11, 1, 0.6275, 0.1141, 0.3675, 0.8049)]
    [InlineData(22, 7, 1, 0.5378, 0.1282, 0.2678, 0.7468)]
    [InlineData(23, 6, 1, 0.4482, 0.1346, 0.1881, 0.6801)]
    public void The_curve_is_that_of_the_published_example(double at, int risk, int failed, double share, double error, double low, double high)
    {
        var step = SurvivalCurve.Of(Remissions).Steps.Single(s => s.Years == at);
        Assert.Equal((risk, failed), (step.AtRisk, step.Failed));
        Assert.Equal(share, step.Share, 0.00006);
        Assert.Equal(error, step.Error, 0.00006);
        Assert.Equal(low, step.Low, 0.0002);
        Assert.Equal(high, step.High, 0.0002);
    }

    [Fact]
    public void Half_are_gone_at_23_and_past_the_last_look_nothing_is_said()
    {
        var curve = SurvivalCurve.Of(Remissions);
        Assert.Equal(23, curve.Median);
        Assert.Equal((21, 9), (curve.Seen, curve.Failures));
        Assert.Null(curve.At(5.9));
        Assert.Equal(22, curve.At(22.5)!.Years);
        Assert.Equal(23, curve.At(35)!.Years);
        Assert.Null(curve.At(35.1));
    }

    [Fact]
    public void Where_none_failed_nothing_is_made_up()
    {
        var curve = SurvivalCurve.Of([new(3, false), new(8, false)]);
        Assert.Empty(curve.Steps);
        Assert.Null(curve.Median);
        Assert.Empty(SurvivalCurve.Of([]).Steps);
    }

    [Fact]
    public void Where_all_failed_the_last_step_keeps_the_bound_before()
    {
        var curve = SurvivalCurve.Of([new(2, true), new(5, true)]);
        Assert.Equal([0.5, 0], curve.Steps.Select(s => s.Share));
        Assert.Equal(curve.Steps[0].High, curve.Steps[1].High);
    }

    [Theory]
    [InlineData(double.NaN)]
    [InlineData(-0.1)]
    public void A_time_that_cannot_be_is_refused(double years) => Assert.Throws<ArgumentOutOfRangeException>(() => SurvivalCurve.Of([new(years, true)]));

    [Fact]
    public void Without_any_still_sound_the_curve_is_the_plain_share() =>
        Gen.Double[0, 30]
            .Array[1, 40]
            .Sample(years =>
            {
                var curve = SurvivalCurve.Of(years.Select(y => new Lasted(y, true)));
                foreach (var step in curve.Steps)
                {
                    Assert.Equal(years.Count(y => y > step.Years) / (double)years.Length, step.Share, 1e-9);
                    Assert.InRange(step.Share, step.Low - 1e-12, step.High + 1e-12);
                }
            });

    // Lives of a steady rate, mean 10 years, each looked at last at a time between 3 and 20 years; the share sound after 6 years is exp(-0.6).
    [Fact]
    public void The_interval_covers_at_the_rate_it_states()
    {
        const int Rounds = 2000;
        var random = new Random(20261130);
        var truth = Math.Exp(-0.6);
        var (covered, tried) = (0, 0);
        for (var round = 0; round < Rounds; round++)
        {
            var seen = Enumerable.Range(0, 40).Select(_ => One(random)).ToArray();
            if (SurvivalCurve.Of(seen).At(6) is { } step)
            {
                tried++;
                covered += step.Low <= truth && truth <= step.High ? 1 : 0;
            }
        }

        // 95 %, give or take three standard errors of the simulation and what an interval for large numbers is off with 40.
        Assert.InRange(covered / (double)tried, 0.925, 0.975);
        Assert.True(tried > Rounds * 0.99);
    }

    [Fact]
    public void The_life_brought_up_to_date_covers_lives_drawn_from_what_is_usual()
    {
        // Where the mean lives are as the prior says, its interval covers at the stated rate, whatever was seen: the mean of an inverse gamma of shape 3, scale 2 x 10.
        const int Rounds = 2000;
        var random = new Random(7);
        var covered = 0;
        for (var round = 0; round < Rounds; round++)
        {
            var mean = 20 / -Enumerable.Range(0, 3).Sum(_ => Math.Log(1 - random.NextDouble()));
            var seen = Enumerable
                .Range(0, 12)
                .Select(_ => (Life: -mean * Math.Log(1 - random.NextDouble()), Last: 3 + (17 * random.NextDouble())))
                .Select(x => new Lasted(Math.Min(x.Life, x.Last), x.Life <= x.Last))
                .ToArray();
            var life = LifeEstimate.Of(10, seen);
            covered += life.Low <= mean && mean <= life.High ? 1 : 0;
        }

        Assert.InRange(covered / (double)Rounds, 0.93, 0.97);
    }

    [Fact]
    public void With_nothing_seen_the_life_is_the_usual_one_and_hardly_known()
    {
        var life = LifeEstimate.Of(8, []);
        Assert.Equal(8, life.Years, 1e-9);
        Assert.True(life.Low < 3 && life.High > 24, $"{life}");
    }

    [Fact]
    public void Each_year_seen_sound_lengthens_the_life_and_each_failure_shortens_it()
    {
        var none = LifeEstimate.Of(8, []);
        Assert.True(LifeEstimate.Of(8, [new(5, false)]).Years > none.Years);
        Assert.True(LifeEstimate.Of(8, [new(2, true)]).Years < none.Years);
        Assert.True(LifeEstimate.Of(8, [.. Enumerable.Repeat(new Lasted(12, true), 50)]) is { Years: > 11 and < 13, Low: > 8, High: < 17 });
        Assert.Throws<ArgumentOutOfRangeException>(() => LifeEstimate.Of(0, []));
    }

    // Chi-square of twice the shape, tables in any handbook of statistics (from memory).
    [Theory]
    [InlineData(3, -1.959964, 1.237)]
    [InlineData(3, 1.959964, 14.449)]
    [InlineData(5, -1.959964, 3.247)]
    [InlineData(5, 1.959964, 20.483)]
    [InlineData(15, -1.959964, 16.791)]
    [InlineData(15, 1.959964, 46.979)]
    public void Quantiles_are_those_of_the_tables(double shape, double z, double chi) => Assert.InRange(2 * LifeEstimate.Gamma(shape, z) / chi, 0.97, 1.03);

    private static Lasted One(Random random)
    {
        var (life, last) = (-10 * Math.Log(1 - random.NextDouble()), 3 + (17 * random.NextDouble()));
        return new(Math.Min(life, last), life <= last);
    }
}
