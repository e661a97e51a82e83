using System.Net;
using System.Text.Json.Nodes;
using AllSound.Storage;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>A weather service that is late, gone, wrong or sends rubbish: it is said, the age of what is known is shown, and the forecast last taken in stays.</summary>
public sealed class WeatherTests
{
    private const string Path = "/api/jobs/sallow-ferry";

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static async Task<(HttpStatusCode Status, JsonNode Said)> Ask(Server server)
    {
        using var answer = await server.Post($"{Path}/weather", "");
        return (answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(Stop))!);
    }

    [Fact]
    public async Task A_forecast_is_taken_in_with_its_ways_and_what_fails_changes_nothing()
    {
        using var service = new StandInService("weather");
        using var server = new Server(weather: service.Address);
        await server.WithDemo();

        Assert.Equal(HttpStatusCode.OK, (await Ask(server)).Status);
        var known = server.Part<JobStore>().Find("sallow-ferry")!.Job.Weather!;
        Assert.Equal(7 * 24, known.Hourly.Length);
        Assert.NotEmpty(known.Members);
        Assert.All(known.Members, m => Assert.Equal(known.Hourly.Length, m.RainMm.Length));
        // They begin alike and come apart.
        Assert.All(known.Members, m => Assert.Equal(known.Hourly[0].AirC, m.AirC[0], 0.11));
        Assert.Contains(known.Members, m => Math.Abs(m.AirC[^1] - known.Hourly[^1].AirC) > 2);
        var conditions = await server.Get($"{Path}/conditions");
        Assert.Equal(known.AsOf, (DateTime)conditions["weather"]!["asOf"]!);

        foreach (var (fault, status) in new[] { ("down", 502), ("error", 502), ("rubbish", 502), ("slow", 504) })
        {
            await service.Fault(fault);
            var (answered, said) = await Ask(server);
            Assert.Equal(status, (int)answered);
            Assert.Contains("forecast last taken in stays", (string?)said["title"], StringComparison.Ordinal);
            Assert.Equal(known.Hourly, server.Part<JobStore>().Find("sallow-ferry")!.Job.Weather!.Hourly);
            Assert.NotEmpty((await server.Get($"{Path}/conditions"))["surfaces"]!.AsArray());
        }
    }

    [Fact]
    public async Task An_old_forecast_says_its_age_in_the_plan()
    {
        using var service = new StandInService("weather", "--fault", "old");
        using var server = new Server(weather: service.Address);
        await server.WithDemo();
        await Ask(server);
        var plan = await server.Get($"{Path}/programme?seconds=2");
        Assert.Contains("days before work begins", (string?)plan["weather"], StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_table_goes_out_and_comes_back_the_same_and_a_bad_one_is_refused_by_its_line()
    {
        using var service = new StandInService("weather", "--seed", "7");
        using var server = new Server(weather: service.Address);
        await server.WithDemo();
        await Ask(server);
        var table = await server.Client.GetStringAsync($"{Path}/weather.csv", Stop);
        var known = server.Part<JobStore>().Find("sallow-ferry")!.Job.Weather!;
        using var again = await server.Client.PostAsync($"{Path}/weather.csv", Csv(table), Stop);
        again.EnsureSuccessStatusCode();
        var after = server.Part<JobStore>().Find("sallow-ferry")!.Job.Weather!;
        Assert.Equal(known.Hourly, after.Hourly);
        Assert.Equal(known.Members.Select(m => m.RainMm), after.Members.Select(m => m.RainMm));
        using var bad = await server.Client.PostAsync($"{Path}/weather.csv", Csv("time,airC,rh\n2026-12-01T08:00,8,70\n2026-12-01T09:00,9,170\n"), Stop);
        Assert.Equal(HttpStatusCode.BadRequest, bad.StatusCode);
        Assert.Contains("line 3, column 3 (rh)", await bad.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
        Assert.Equal(after.Hourly, server.Part<JobStore>().Find("sallow-ferry")!.Job.Weather!.Hourly);
    }

    [Fact]
    public async Task Nobody_guesses_where_a_building_stands()
    {
        using var service = new StandInService("weather");
        using var server = new Server(weather: service.Address);
        using var made = await server.Post(
            "/api/jobs/import",
            """{"format":"allsound.job/1","id":"somewhere","title":"Somewhere","buildings":[{"id":"b","title":"B","spaces":[]}]}"""
        );
        made.EnsureSuccessStatusCode();
        using var asked = await server.Post("/api/jobs/somewhere/weather", "");
        Assert.Equal(HttpStatusCode.BadRequest, asked.StatusCode);
        Assert.Contains("say where the building stands", await asked.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
        Assert.Null(server.Part<JobStore>().Find("somewhere")!.Job.Weather);
    }

    [Theory]
    [InlineData("conditions?at=noon", HttpStatusCode.BadRequest)]
    [InlineData("conditions?surface=none", HttpStatusCode.NotFound)]
    public async Task Conditions_that_cannot_be_asked_are_refused(string path, HttpStatusCode status)
    {
        using var server = new Server();
        await server.WithDemo();
        using var answer = await server.Client.GetAsync($"{Path}/{path}", Stop);
        Assert.Equal(status, answer.StatusCode);
    }

    private static StringContent Csv(string text) => new(text, System.Text.Encoding.UTF8, "text/csv");
}
