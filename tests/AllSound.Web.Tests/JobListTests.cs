using System.Net;
using System.Text.Json.Nodes;
using Microsoft.Extensions.Hosting;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Jobs as a list: begun, told of, copied, and how they stand.</summary>
public sealed class JobListTests
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    [Fact]
    public async Task For_whom_and_where_stand_in_the_list()
    {
        using var server = await new Server().WithDemo();
        using var begun = await server.Post("/api/jobs", """{"title":"Weir house","client":" M. Example ","address":"Weir Street","building":"The house"}""");
        Assert.Equal(HttpStatusCode.Created, begun.StatusCode);
        var line = (await Json(server, "/api/jobs"))!.AsArray().Single(j => j!["id"]!.ToString() == "weir-house")!;
        Assert.Equal("M. Example", line["client"]!.ToString());
        Assert.Equal("Weir Street", line["address"]!.ToString());
        Assert.Equal("The house", (await Json(server, "/api/jobs/weir-house"))!["buildings"]![0]!["building"]!["title"]!.ToString());
    }

    [Fact]
    public async Task A_job_begins_with_the_rooms_of_another_and_nothing_that_was_found_there()
    {
        using var server = await new Server().WithDemo();
        using var begun = await server.Post("/api/jobs", """{"title":"Like the ferry","jurisdiction":"IE","built":1999,"like":"sallow-ferry"}""");
        Assert.Equal(HttpStatusCode.Created, begun.StatusCode);
        var (was, now) = (await Job(server, "sallow-ferry"), await Job(server, "like-the-ferry"));
        Assert.Equal("IE", now["jurisdiction"]!.ToString());
        Assert.Equal(1999, now["buildings"]![0]!["built"]!.GetValue<int>());
        Assert.Equal(Surfaces(was).Select(s => s["id"]!.ToString()), Surfaces(now).Select(s => s["id"]!.ToString()));
        Assert.Equal(Surfaces(was).Select(s => s["substrate"]!.ToString()), Surfaces(now).Select(s => s["substrate"]!.ToString()));
        Assert.Contains(Surfaces(was), s => s["signs"] is JsonArray { Count: > 0 });
        Assert.All(
            Surfaces(now),
            s => Assert.True(s["signs"] is null or JsonArray { Count: 0 } && s["readings"] is null or JsonArray { Count: 0 } && s["layers"] is null)
        );
    }

    // The page of that address is the program's.
    [Theory]
    [InlineData("Reckoner", "reckoner-job")]
    [InlineData("Walls", "walls-job")]
    public async Task A_job_called_like_a_page_of_the_program_gets_an_address_of_its_own(string title, string id)
    {
        using var server = new Server();
        using var begun = await server.Post("/api/jobs", $$"""{"title":"{{title}}"}""");
        Assert.Equal(HttpStatusCode.Created, begun.StatusCode);
        Assert.Equal([id], (await Json(server, "/api/jobs"))!.AsArray().Select(j => j!["id"]!.ToString()));
    }

    // Until it has thought ahead an answer takes longer; it is the same.
    [Fact]
    public async Task The_latest_jobs_are_worked_out_after_the_start_and_answer_as_before()
    {
        using var first = await new Server().WithDemo();
        var before = await Json(first, "/api/jobs/sallow-ferry");
        first.Stop();
        using var second = new Server(database: first.Database);
        var ahead = Assert.Single(second.Part<IEnumerable<IHostedService>>().OfType<BackgroundService>(), s => s.GetType().Name == "Forethought");
        await ahead.ExecuteTask!.WaitAsync(Stop);
        Assert.True(ahead.ExecuteTask!.IsCompletedSuccessfully);
        Assert.Equal(before!.ToJsonString(), (await Json(second, "/api/jobs/sallow-ferry"))!.ToJsonString());
    }

    [Fact]
    public async Task A_job_cannot_begin_like_one_that_is_not_there()
    {
        using var server = await new Server().WithDemo();
        using var begun = await server.Post("/api/jobs", """{"title":"Like nothing","like":"no-such-job"}""");
        Assert.Equal(HttpStatusCode.BadRequest, begun.StatusCode);
        Assert.DoesNotContain("like-nothing", await server.Client.GetStringAsync("/api/jobs", Stop), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_copy_holds_everything_but_its_name()
    {
        using var server = await new Server().WithDemo();
        using var copied = await server.Post("/api/jobs/sallow-ferry/copy", """{"title":"Sallow Ferry twice"}""");
        Assert.Equal(HttpStatusCode.Created, copied.StatusCode);
        var (was, now) = (await Job(server, "sallow-ferry"), await Job(server, "sallow-ferry-twice"));
        Assert.Equal("Sallow Ferry twice", now["title"]!.ToString());
        Assert.Equal(was["buildings"]!.ToJsonString(), now["buildings"]!.ToJsonString());
        // Another of the same name gets an id of its own.
        using var again = await server.Post("/api/jobs/sallow-ferry/copy", """{"title":"Sallow Ferry twice","roomsOnly":true}""");
        Assert.Equal("/api/jobs/sallow-ferry-twice-2", again.Headers.Location?.ToString());
        using var none = await server.Post("/api/jobs/nowhere/copy", """{"title":"x"}""");
        Assert.Equal(HttpStatusCode.NotFound, none.StatusCode);
        using var nameless = await server.Post("/api/jobs/sallow-ferry/copy", """{"title":"  "}""");
        Assert.Equal(HttpStatusCode.BadRequest, nameless.StatusCode);
    }

    [Fact]
    public async Task How_a_job_stands_counts_each_surface_once()
    {
        using var server = await new Server().WithDemo();
        var state = (await Json(server, "/api/jobs/sallow-ferry/state"))!;
        var lines = (await Json(server, "/api/jobs/sallow-ferry"))!["buildings"]!
            .AsArray()
            .SelectMany(b => b!["spaces"]!.AsArray())
            .SelectMany(s => s!["surfaces"]!.AsArray())
            .Select(s => s!["verdict"]!.ToString())
            .ToArray();
        foreach (var verdict in new[] { "sound", "prepare", "failing", "held", "unseen" })
        {
            Assert.Equal(lines.Count(v => v == verdict), state[verdict]!.GetValue<int>());
        }

        using var none = await server.Client.GetAsync("/api/jobs/nowhere/state", Stop);
        Assert.Equal(HttpStatusCode.NotFound, none.StatusCode);
    }

    private static async Task<JsonNode?> Json(Server server, string path) => JsonNode.Parse(await server.Client.GetStringAsync(path, Stop));

    private static async Task<JsonNode> Job(Server server, string id) => (await Json(server, $"/api/jobs/{id}/export"))!;

    private static IEnumerable<JsonNode> Surfaces(JsonNode job) =>
        job["buildings"]!.AsArray().SelectMany(b => b!["spaces"]!.AsArray()).SelectMany(s => s!["surfaces"]!.AsArray()).Select(s => s!);
}
