using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Programme;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using CsCheck;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Work outside goes where the weather lets it be done, as boldly as was said; what is not known is not taken for fine.</summary>
public sealed class WeatherWindowTests
{
    private static readonly DateTime Monday = new(2027, 6, 7);

    private static ImmutableArray<AirAt> Hours(int days, Func<DateTime, double> rain, double airC = 15) =>
        [
            .. Enumerable
                .Range(0, (days * 24) + 1)
                .Select(h => Monday.AddHours(h))
                .Select(t => new AirAt
                {
                    Time = t,
                    AirC = airC,
                    Rh = 60,
                    SurfaceC = airC,
                    RainMm = rain(t),
                }),
        ];

    private static ProgrammePlan Plan(SiteWeather weather, double boldness = 0.3, double wetHours = 2) =>
        Programmer.Plan(
            new Job
            {
                Format = Job.CurrentFormat,
                Id = "plan",
                Title = "Plan",
                Buildings = [],
                Weather = weather,
                Programme = new()
                {
                    Boldness = boldness,
                    Tasks =
                    [
                        new()
                        {
                            Id = "coat",
                            Hours = 2,
                            WetHours = wetHours,
                            Kinds = [TaskKind.Outside, TaskKind.WetFilm],
                        },
                        new() { Id = "inside", Hours = 2 },
                    ],
                },
            },
            ImmutableDictionary<string, Specified>.Empty,
            new Asked(Monday.AddHours(8), 5),
            cancel: TestContext.Current.CancellationToken
        );

    private static PlannedTask Coat(ProgrammePlan plan) => plan.Tasks.Single(t => t.Task.Id == "coat");

    [Fact]
    public void A_coat_outside_is_laid_after_the_rain_and_dry_before_the_next()
    {
        // Rain until ten and from four: two hours of work and two of drying fit between ten and four only.
        var plan = Plan(new() { Hourly = Hours(1, t => t.Hour is < 10 or >= 16 ? 1 : 0) });
        Assert.True(Coat(plan).Start.Hour >= 10);
        Assert.True(Coat(plan).End.AddHours(2) <= Monday.AddHours(16));
        Assert.Equal(Monday.AddHours(8), plan.Tasks.Single(t => t.Task.Id == "inside").Start);
        Assert.Empty(plan.Risks);
    }

    [Fact]
    public void Three_ways_in_ten_that_are_wet_are_borne_as_boldly_as_was_said()
    {
        var dry = Hours(2, _ => 0);
        var wet = new WeatherMember { RainMm = [.. dry.Select(r => r.Time.Date == Monday ? 1.0 : 0)] };
        var weather = new SiteWeather { Hourly = dry, Members = [.. Enumerable.Repeat(new WeatherMember(), 6), wet, wet, wet] };
        var bold = Plan(weather);
        Assert.Equal(Monday, Coat(bold).Start.Date);
        Assert.Equal(0.3, Assert.Single(bold.Risks).Chance);
        var careful = Plan(weather, boldness: 0);
        Assert.Equal(Monday.AddDays(1), Coat(careful).Start.Date);
        Assert.Empty(careful.Risks);
    }

    [Fact]
    public void What_lies_beyond_the_forecast_is_a_risk_of_unknown_chance()
    {
        var plan = Plan(new() { Hourly = Hours(1, _ => 1), AsOf = Monday.AddDays(-2) });
        Assert.True(Coat(plan).Start >= Monday.AddDays(1).AddHours(-2));
        Assert.Null(Assert.Single(plan.Risks).Chance);
        Assert.Contains("2.3 days before work begins", plan.Weather, StringComparison.Ordinal);
        Assert.Equal("no forecast is taken in", Plan(new()).Weather);
    }

    [Fact]
    public void Where_it_rains_until_the_deadline_the_weather_is_named()
    {
        var job = new Job
        {
            Format = Job.CurrentFormat,
            Id = "plan",
            Title = "Plan",
            Buildings = [],
            Weather = new() { Hourly = Hours(3, _ => 1) },
            Programme = new()
            {
                Deadline = Monday.AddHours(16),
                Tasks =
                [
                    new()
                    {
                        Id = "coat",
                        Hours = 2,
                        Kinds = [TaskKind.Outside, TaskKind.WetFilm],
                    },
                ],
            },
        };
        var plan = Programmer.Plan(job, ImmutableDictionary<string, Specified>.Empty, new Asked(Monday.AddHours(8), 5), TestContext.Current.CancellationToken);
        Assert.Contains(plan.Against, a => a.Contains("waits for weather", StringComparison.Ordinal));
    }

    /// <summary>An independent check: no film of any plan meets rain in more ways than was said.</summary>
    [Fact]
    public void No_film_meets_rain_more_often_than_was_borne()
    {
        var ways = Gen.Double[0, 1].Array[72].Select(x => x.Select(v => v > 0.75 ? 1.0 : 0).ToArray()).Array[1, 6];
        Gen.Select(ways, Gen.Double[0, 1])
            .Sample(
                (rain, boldness) =>
                {
                    var rows = Hours(3, _ => 0);
                    double[] Row(double[] x) => [.. rows.Select((_, i) => i < x.Length ? x[i] : 0)];
                    var table = rows.Select((r, i) => r with { RainMm = Row(rain[0])[i] }).ToImmutableArray();
                    var plan = Plan(new() { Hourly = table, Members = [.. rain.Skip(1).Select(x => new WeatherMember { RainMm = [.. Row(x)] })] }, boldness);
                    var coat = Coat(plan);
                    if (coat.End.AddHours(2) > rows[^1].Time)
                    {
                        return;
                    }

                    // For each quarter of an hour of work: the share of the ways in which it rains from then until what is laid is dry.
                    for (var t = coat.Start; t < coat.End; t = t.AddMinutes(15))
                    {
                        var wet = rain.Count(x => Row(x).Where((mm, i) => mm > 0 && rows[i].Time < t.AddHours(2) && rows[i].Time.AddHours(1) > t).Any());
                        Assert.True(wet <= (boldness * rain.Length) + 1e-6, $"{wet} of {rain.Length} at {t}, boldness {boldness}");
                    }
                },
                iter: 60,
                threads: 1
            );
    }

    [Fact]
    public void Beyond_the_polar_circle_nothing_is_coated_by_night_that_lasts_all_day()
    {
        var dark = new SiteAir([.. Hours(1, _ => 0).Select(r => r with { Time = r.Time.AddDays(197) })], 50, level: false, faces: null, latitude: 70);
        Assert.True(dark.At(Monday.AddDays(197).AddHours(12))!.Value.LightHours <= 0);
        var bright = new SiteAir(Hours(1, _ => 0), 50, level: false, faces: null, latitude: 70);
        Assert.Equal(12, bright.At(Monday.AddHours(1))!.Value.LightHours);
        Assert.Equal(-29, SitePlace.Latitude(Demo.Job with { Jurisdiction = Jurisdiction.ZA, Weather = null }));
        Assert.Equal(70, SitePlace.Latitude(Demo.Job with { Weather = new() { Latitude = 70 } }));
    }

    [Fact]
    public void A_moment_with_any_fraction_of_a_second_is_answered()
    {
        var job = Demo.Job with { Weather = new() { Hourly = Hours(2, _ => 0) } };
        var specified = job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        var (_, space, surface) = job.Surfaces().First(x => x.Surface.Id == "slipway-railings");
        foreach (var ticks in new[] { 1L, -1, 123_457, 2_999_999_999 })
        {
            var found = Conditioner.Of(job, space, surface, specified, Monday.AddHours(3).AddTicks(ticks));
            Assert.Equal(May.From, found.May);
            Assert.Equal(0, found.From!.Value.Minute % 5);
        }
    }

    [Fact]
    public void The_conditions_of_a_day_cover_it_without_a_gap_and_agree_with_the_answer()
    {
        var job = Demo.Job with
        {
            Weather = new() { Hourly = Hours(2, t => t.Hour is >= 13 and < 15 && t.Date == Monday ? 1 : 0), Latitude = 52 },
        };
        var specified = job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        var (_, space, surface) = job.Surfaces().First(x => x.Surface.Id == "slipway-railings");
        var found = Conditioner.Of(job, space, surface, specified, Monday.AddHours(16));
        Assert.Equal(Monday, found.Day[0].From);
        Assert.Equal(Monday.AddDays(1), found.Day[^1].To);
        Assert.All(found.Day.Zip(found.Day.Skip(1)), x => Assert.Equal(x.First.To, x.Second.From));
        Assert.All(found.Day, d => Assert.Equal(d.May, d.Why.Length == 0));
        Assert.Contains(found.Day, d => d.Why == "rain");
        Assert.Contains(found.Day, d => d.Why == "it is dark");
        Assert.DoesNotContain(found.Day, d => d.May && d.From < Monday.AddHours(15) && d.To > Monday.AddHours(13));
    }
}
