using System.Net;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Core.Programme;
using AllSound.Core.Specification;
using AllSound.Storage;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Who does what when, through the real server.</summary>
public sealed class ProgrammeApiTests
{
    private const string Path = "/api/jobs/plan/programme";

    private const string Plan = """
        {"format":"allsound.job/1","id":"plan","title":"Plan","buildings":[],"programme":{"start":"2026-11-02T08:00:00","stepMinutes":30,"crew":[{"id":"ann"},{"id":"ben"}],
        "tasks":[{"id":"prepare","hours":2},{"id":"coat","hours":2,"kinds":["wetFilm"]},{"id":"second","hours":2}],
        "links":[{"before":"prepare","after":"coat"},{"before":"coat","after":"second","leastHours":4}]}}
        """;

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static async Task<Server> WithPlan()
    {
        var server = new Server();
        using var answer = await server.Post("/api/jobs/import", Plan);
        answer.EnsureSuccessStatusCode();
        return server;
    }

    [Fact]
    public async Task A_job_of_tasks_alone_is_planned_as_the_core_plans_it()
    {
        using var server = await WithPlan();
        var said = await server.Get(Path);
        var job = server.Part<JobStore>().Find("plan")!.Job;
        var core = ProgrammeReport.Of(Programmer.Plan(job, new Dictionary<string, Specified>(), new Asked(job.Programme!.Start!.Value, 3), cancel: Stop), latest: false);

        Assert.Equal("best", (string?)said["outcome"]);
        // Four hours after the coat two more do not fit into Monday.
        Assert.Equal("2026-11-03T10:00:00", (string?)said["finish"]);
        Assert.Equal(core.Tasks.Select(t => t.Start), said["tasks"]!.AsArray().Select(t => (DateTime)t!["start"]!));
        Assert.Equal(["second"], said["critical"]!.AsArray().Select(t => (string)t!));
        var calendar = await server.Client.GetStringAsync($"{Path}.ics?person=ann", Stop);
        Assert.StartsWith("BEGIN:VCALENDAR", calendar, StringComparison.Ordinal);
        Assert.StartsWith("id,surface,operation,title,start", await server.Client.GetStringAsync($"{Path}.csv", Stop), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("from=soon", "from")]
    [InlineData("seconds=0", "seconds")]
    [InlineData("latest=true", "latest")]
    public async Task What_cannot_be_asked_is_refused_with_its_name(string query, string name)
    {
        using var server = await WithPlan();
        using var answer = await server.Client.GetAsync($"{Path}?{query}", Stop);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(name, JsonNode.Parse(await answer.Content.ReadAsStringAsync(Stop))!["errors"]!.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_demo_has_a_plan_and_says_what_is_not_in_it()
    {
        using var server = new Server();
        await server.WithDemo();
        var said = await server.Get("/api/jobs/sallow-ferry/programme?from=2026-12-07T08:00&seconds=2");
        Assert.NotEmpty(said["tasks"]!.AsArray());
        Assert.Contains(said["unplanned"]!.AsArray(), u => ((string)u!["reason"]!).Contains("damp", StringComparison.OrdinalIgnoreCase));
        Assert.InRange((double)said["gap"]!, 0, 0.05);
    }
}
