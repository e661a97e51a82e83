using System.Collections.Immutable;
using AllSound.Core.Climate;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Programme;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>May I paint now, and until when: a worked case, and what is said where nothing is known.</summary>
public sealed class ConditionsTests
{
    private static readonly DateTime Day = new(2026, 10, 5);

    // What the air holds stays the same all day, so that the dew point does: Magnus, as in the case.
    private static double Rh(double airC) => 84 * Saturation(11.5) / Saturation(airC);

    private static double Saturation(double c) => Math.Exp(17.62 * c / (243.12 + c));

    private static AirAt Row(double hour, double air, double face) =>
        new()
        {
            Time = Day.AddHours(hour),
            AirC = air,
            Rh = Math.Min(100, Rh(air)),
            SurfaceC = face,
        };

    // Case N43: air +1.5 K/h and steel +1.3 K/h from 07:40 until the steel has 15.5 C; it keeps that until 16:00 and falls by 1.6 K/h.
    private static readonly ImmutableArray<AirAt> Handrail =
    [
        Row(7 + (40 / 60.0), 11.5, 9.6),
        Row(7 + (40 / 60.0) + (5.9 / 1.3), 11.5 + (1.5 * 5.9 / 1.3), 15.5),
        Row(16, 18, 15.5),
        Row(23, 14, 15.5 - (1.6 * 7)),
    ];

    private static (Job Job, Space Space, Surface Surface, Dictionary<string, Specified> Specified) Outside(SiteWeather? weather, string id = "slipway-railings")
    {
        var job = Demo.Job with { Weather = weather };
        var specified = job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        var (_, space, surface) = job.Surfaces().First(x => x.Surface.Id == id);
        return (job, space, surface, specified);
    }

    private static PaintingConditions Ask(DateTime at, SiteWeather? weather, string id = "slipway-railings")
    {
        var (job, space, surface, specified) = Outside(weather, id);
        return Conditioner.Of(job, space, surface, specified, at);
    }

    private static double Hour(DateTime? at) => (at!.Value - Day).TotalHours;

    [Fact]
    public void A_steel_rail_at_breakfast_may_be_coated_from_half_past_nine_until_dew_is_near()
    {
        var found = Ask(Day.AddHours(7).AddMinutes(40), new SiteWeather { Hourly = Handrail });
        Assert.Equal(May.From, found.May);
        Assert.Equal(8.888, found.Figures["dewPointC"], 0.15);
        Assert.Equal(0.712, found.Figures["marginK"], 0.15);
        Assert.Equal(9.427, Hour(found.From), 0.15);
        Assert.Contains(found.Limits, l => l is { What: "above the dew point", Met: false });
        // The steel is at the dew point at 20.132 h; the case has a film that lives after four hours, this coat one that is touch-dry after its own.
        var touch = Coatings.All.Single(c => found.Coat!.EndsWith(c.Title, StringComparison.Ordinal)).Drying.Touch;
        Assert.Equal(20.132 - touch, Hour(found.LatestEnd), 0.15);
        Assert.True(found.LatestStart < found.LatestEnd);
    }

    [Fact]
    public void At_noon_it_may_until_the_same_hour()
    {
        var morning = Ask(Day.AddHours(7).AddMinutes(40), new SiteWeather { Hourly = Handrail });
        var noon = Ask(Day.AddHours(12), new SiteWeather { Hourly = Handrail });
        Assert.Equal(May.Until, noon.May);
        Assert.Equal(Hour(morning.LatestEnd), Hour(noon.LatestEnd), 0.15);
        Assert.All(noon.Limits, l => Assert.True(l.Met, l.What));
        Assert.Empty(noon.Todo);
    }

    [Fact]
    public void Rain_at_two_ends_it_as_long_before_as_the_film_takes_to_bear_it()
    {
        ImmutableArray<AirAt> rows = [.. Enumerable.Range(8, 13).Select(h => Row(h, 16, 16) with { RainMm = h is 14 or 15 ? 2 : 0 })];
        var found = Ask(Day.AddHours(8), new SiteWeather { Hourly = rows });
        var touch = Coatings.All.Single(c => found.Coat!.EndsWith(c.Title, StringComparison.Ordinal)).Drying.Touch;
        Assert.Equal(May.Until, found.May);
        Assert.Equal(14 - touch, Hour(found.LatestEnd), 0.1);
    }

    [Fact]
    public void Where_nothing_is_known_nothing_is_allowed_and_it_is_said_what_to_read()
    {
        var outside = Ask(Day.AddHours(9), null);
        Assert.Equal(May.No, outside.May);
        Assert.Equal(["read air, humidity and the face now"], outside.Todo);
        var late = Ask(Day.AddDays(3), new SiteWeather { Hourly = Handrail });
        Assert.Equal(May.No, late.May);
        Assert.Contains("is known from", Assert.Single(late.Reasons), StringComparison.Ordinal);
        Assert.NotEmpty(outside.Meanwhile);
    }

    [Fact]
    public void In_a_room_readings_count_while_they_are_fresh()
    {
        var (job, space, surface, specified) = Outside(null, "stair-wall");
        Reading Read(string check, double value) =>
            new()
            {
                Check = check,
                Value = value,
                At = Day.AddHours(8),
            };
        var read = surface with { Readings = [.. surface.Readings, Read("T_dewpoint", 5), Read("T_air_rh", 60), Read("T_surf_t", 16)] };
        Assert.Equal(May.Yes, Conditioner.Of(job, space, read, specified, Day.AddHours(9)).May);
        var stale = Conditioner.Of(job, space, read, specified, Day.AddHours(15));
        Assert.Equal(May.No, stale.May);
        Assert.Contains("too old", Assert.Single(stale.Reasons), StringComparison.Ordinal);
        var damp = surface with { Readings = [.. surface.Readings, Read("T_dewpoint", 2), Read("T_air_rh", 60), Read("T_surf_t", 16)] };
        Assert.Contains("dew point", Assert.Single(Conditioner.Of(job, space, damp, specified, Day.AddHours(9)).Reasons), StringComparison.Ordinal);
    }

    [Fact]
    public void A_cold_wall_is_not_painted_however_dry_the_air()
    {
        var (job, space, surface, specified) = Outside(null, "stair-wall");
        Reading Read(string check, double value, string? unit = null) =>
            new()
            {
                Check = check,
                Value = value,
                Unit = unit,
                At = Day.AddHours(8),
            };
        PaintingConditions With(params Reading[] readings) => Conditioner.Of(job, space, surface with { Readings = [.. readings] }, specified, Day.AddHours(9));
        Assert.Contains("face at least", Assert.Single(With(Read("T_dewpoint", 5), Read("T_air_rh", 60), Read("T_surf_t", 4)).Reasons), StringComparison.Ordinal);
        Assert.Equal(May.Yes, With(Read("T_dewpoint", 5), Read("T_air_rh", 60), Read("T_surf_t", 61, "F")).May);
        // What is not read is not taken as fine.
        Assert.Equal(May.No, With(Read("T_dewpoint", 5), Read("T_air_rh", 60)).May);
    }

    [Fact]
    public void Outside_a_reading_of_the_face_goes_before_the_forecast()
    {
        var weather = new SiteWeather { Hourly = Handrail };
        var (job, space, surface, specified) = Outside(weather);
        var read = surface with
        {
            Readings =
            [
                new()
                {
                    Check = "T_dewpoint",
                    Value = 1.5,
                    At = Day.AddHours(12),
                },
            ],
        };
        var found = Conditioner.Of(job, space, read, specified, Day.AddHours(12));
        Assert.Equal(May.From, found.May);
        Assert.Equal(1.5, found.Figures["marginK"]);
        Assert.Contains(found.Limits, l => l is { What: "above the dew point", Met: false } && l.Source.StartsWith("measured", StringComparison.Ordinal));
    }

    [Fact]
    public void Nobody_coats_what_would_dry_in_weather_that_nobody_knows()
    {
        ImmutableArray<AirAt> rows = [.. Enumerable.Range(8, 13).Select(h => Row(h, 16, 16))];
        var found = Ask(Day.AddHours(8), new SiteWeather { Hourly = rows });
        var touch = Coatings.All.Single(c => found.Coat!.EndsWith(c.Title, StringComparison.Ordinal)).Drying.Touch;
        Assert.Equal(May.Until, found.May);
        Assert.Equal(20 - touch, Hour(found.LatestEnd), 0.1);
        Assert.Contains("not known", Assert.Single(found.Reasons), StringComparison.Ordinal);
    }

    /// <summary>Sol-air temperature: still air and an overcast sky leave a face at the air's; sun warms a dark face more than a light one, a clear night cools.</summary>
    [Fact]
    public void A_face_that_nobody_measured_is_estimated_from_sun_and_sky()
    {
        Assert.Equal(10, FaceTemperature.Of(10, 0, 1, 50, level: false, share: FaceTemperature.AnyWall), 6);
        var (dark, light) = (
            FaceTemperature.Of(20, 800, 0.5, 5, level: false, share: FaceTemperature.AnyWall),
            FaceTemperature.Of(20, 800, 0.5, 80, level: false, share: FaceTemperature.AnyWall)
        );
        Assert.InRange(dark, 40, 60);
        Assert.InRange(light, 20, 30);
        Assert.True(FaceTemperature.Of(20, 800, 0.5, 5, level: false, share: 0) < light);
        Assert.InRange(FaceTemperature.Of(5, 0, 0, 50, level: true, share: 1), 0, 2);
        Assert.True(FaceTemperature.Of(5, 0, 0, 50, level: false, share: FaceTemperature.AnyWall) > FaceTemperature.Of(5, 0, 0, 50, level: true, share: 1));
    }

    [Fact]
    public void A_held_surface_may_not_be_coated_whatever_the_weather()
    {
        var (job, _, _, specified) = Outside(new SiteWeather { Hourly = Handrail });
        var (_, space, held) = job.Surfaces().First(x => !specified[x.Surface.Id].Holds.IsEmpty);
        var found = Conditioner.Of(job, space, held, specified, Day.AddHours(12));
        Assert.Equal((May.No, null), (found.May, found.Coat));
        Assert.NotEmpty(found.Todo);
    }

    [Theory]
    [InlineData("""{"hourly":[{"time":"2026-10-05T08:00:00","airC":10,"rh":0}]}""", "$.weather.hourly[0].rh")]
    [InlineData("""{"hourly":[{"time":"2026-10-05T08:00:00","airC":10,"rh":70},{"time":"2026-10-05T08:00:00","airC":11,"rh":70}]}""", "$.weather.hourly[1].time")]
    [InlineData("""{"latitude":91}""", "$.weather.latitude")]
    public void Bad_weather_is_refused_with_its_path(string weather, string path)
    {
        var (job, faults) = JobFile.Read(
            $$"""{"format":"allsound.job/1","id":"plan","title":"Plan","buildings":[{"id":"b","title":"B","spaces":[]}],"weather":{{weather}}}"""
        );
        Assert.Null(job);
        Assert.Contains(faults, f => f.Path == path);
    }
}
