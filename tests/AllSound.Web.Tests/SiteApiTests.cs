using System.Net;
using System.Text.Json.Nodes;
using AllSound.Storage;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>The site log through the real server: each line once, none changed, and what follows from it.</summary>
public sealed class SiteApiTests
{
    private const string Path = "/api/jobs/sallow-ferry";

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static string Line(string id, string more) => $$"""{"id":"{{id}}","at":"2026-12-07T09:00:00","surface":"stair-wall",{{more}}}""";

    private static string Item(string id, long version, string? value) =>
        $$"""{"kind":"entry","id":"{{id}}","version":{{version}},"parent":"sallow-ferry"{{(value is null ? "" : $",\"value\":{value}")}}}""";

    private static async Task<(HttpStatusCode Status, string Said)> Send(Server server, string token, params string[] items)
    {
        using var answer = await server.Post($"{Path}/changes", $$"""{"label":"log","token":"{{token}}","items":[{{string.Join(',', items)}}]}""");
        return (answer.StatusCode, await answer.Content.ReadAsStringAsync(Stop));
    }

    private static async Task<JsonNode> Wall(Server server) => (await server.Get($"{Path}/site?surface=stair-wall"))["surfaces"]![0]!;

    [Fact]
    public async Task A_line_sent_twice_stands_once_and_what_was_done_is_done()
    {
        using var server = new Server();
        await server.WithDemo();
        var first = (await Wall(server))["remaining"]![0]!;
        var line = Line("0193", $"\"kind\":\"done\",\"step\":{first["n"]},\"operation\":\"{first["operation"]}\"");
        Assert.Equal(HttpStatusCode.OK, (await Send(server, "one", Item("0193", 0, line))).Status);
        Assert.Equal(HttpStatusCode.OK, (await Send(server, "one", Item("0193", 0, line))).Status);
        var wall = await Wall(server);
        Assert.Equal((string?)first["operation"], (string?)Assert.Single(wall["done"]!.AsArray())!["operation"]);
        Assert.DoesNotContain(wall["remaining"]!.AsArray(), s => (int)s!["n"]! == (int)first["n"]!);
        Assert.Single((await server.Get($"{Path}/site"))["log"]!.AsArray());
    }

    [Fact]
    public async Task The_code_on_the_hand_over_sheet_is_a_drawing_of_squares_and_of_a_job_that_is_there()
    {
        using var server = new Server();
        await server.WithDemo();
        using var there = await server.Client.GetAsync(new Uri($"{Path}/record.svg", UriKind.Relative), Stop);
        Assert.Equal("image/svg+xml", there.Content.Headers.ContentType?.MediaType);
        var svg = System.Xml.Linq.XDocument.Parse(await there.Content.ReadAsStringAsync(Stop));
        Assert.Equal("svg", svg.Root!.Name.LocalName);
        Assert.DoesNotContain(svg.Descendants(), e => e.Name.LocalName is "script" or "image" or "text");
        using var gone = await server.Client.GetAsync(new Uri("/api/jobs/nobody/record.svg", UriKind.Relative), Stop);
        Assert.Equal(HttpStatusCode.NotFound, gone.StatusCode);
    }

    [Fact]
    public async Task A_line_is_neither_changed_nor_taken_away_but_taken_back_by_another()
    {
        using var server = new Server();
        await server.WithDemo();
        var note = Line("0193", "\"kind\":\"note\",\"text\":\"as it was\"");
        Assert.Equal(HttpStatusCode.OK, (await Send(server, "one", Item("0193", 0, note))).Status);
        var version = server.Part<JobStore>().Find("sallow-ferry")!.VersionOf(Core.Jobs.RecordKind.Entry, "0193");
        var changed = await Send(server, "two", Item("0193", version, Line("0193", "\"kind\":\"note\",\"text\":\"otherwise\"")));
        Assert.Equal(HttpStatusCode.BadRequest, changed.Status);
        Assert.Contains("stays as it was written", changed.Said, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(server, "three", Item("0193", version, null))).Status);
        Assert.Equal(HttpStatusCode.OK, (await Send(server, "four", Item("0194", 0, Line("0194", "\"kind\":\"withdrawn\",\"corrects\":\"0193\"")))).Status);
        var log = (await server.Get($"{Path}/site"))["log"]!.AsArray();
        Assert.Equal([("as it was", false), ((string?)null, true)], log.Select(l => ((string?)l!["entry"]!["text"], l["entry"]!["id"]!.ToString() == "0194")));
        Assert.False((bool)log[0]!["counts"]!);
    }

    [Fact]
    public async Task The_log_goes_out_with_the_job_and_comes_in_again_but_into_no_copy()
    {
        using var server = new Server();
        await server.WithDemo();
        await Send(server, "one", Item("0193", 0, Line("0193", "\"kind\":\"note\",\"text\":\"kept\"")));
        var file = JsonNode.Parse(await server.Client.GetStringAsync($"{Path}/export", Stop))!;
        Assert.Equal("kept", (string?)file["log"]![0]!["text"]);
        Assert.Contains("kept", await server.Client.GetStringAsync($"{Path}/log.csv", Stop), StringComparison.Ordinal);

        // Read in over itself without its log, the log stays; elsewhere it comes along.
        file["log"] = new JsonArray();
        using var over = await server.Post("/api/jobs/import?over=true", file.ToJsonString());
        Assert.Single((await server.Get($"{Path}/site"))["log"]!.AsArray());
        using var copy = await server.Post($"{Path}/copy", """{"title":"Another","roomsOnly":false}""");
        copy.EnsureSuccessStatusCode();
        var other = (string)JsonNode.Parse(await copy.Content.ReadAsStringAsync(Stop))!["id"]!;
        Assert.Empty((await server.Get($"/api/jobs/{other}/site"))["log"]!.AsArray());
    }

    [Fact]
    public async Task A_job_with_a_log_is_edited_like_any_other()
    {
        using var server = new Server();
        await server.WithDemo();
        await Send(server, "one", Item("0193", 0, Line("0193", "\"kind\":\"note\",\"text\":\"kept\"")));
        var view = await server.Get(Path);
        Assert.Empty(view["job"]!["log"]?.AsArray() ?? []);
        var record = view["job"]!.DeepClone().AsObject();
        record["title"] = "Renamed";
        var (status, said) = await Send(server, "two", $$"""{"kind":"job","id":"sallow-ferry","version":{{view["version"]}},"value":{{record.ToJsonString()}}}""");
        Assert.True(status == HttpStatusCode.OK, said);
        Assert.Equal("Renamed", server.Part<JobStore>().Find("sallow-ferry")!.Job.Title);
        Assert.Single(server.Part<JobStore>().Find("sallow-ferry")!.Job.Log);
    }

    [Fact]
    public async Task A_job_put_away_and_brought_back_has_its_log_again()
    {
        using var server = new Server();
        await server.WithDemo();
        await Send(server, "one", Item("0193", 0, Line("0193", "\"kind\":\"note\",\"text\":\"kept\"")));
        using var gone = await server.Client.DeleteAsync($"{Path}?version={(await server.Get(Path))["version"]}", Stop);
        gone.EnsureSuccessStatusCode();
        var change = (long)JsonNode.Parse(await server.Client.GetStringAsync("/api/put-away", Stop))![0]!["change"]!;
        using var back = await server.Post($"{Path}/changes/{change}/bring-back", "");
        back.EnsureSuccessStatusCode();
        Assert.Equal("kept", server.Part<JobStore>().Find("sallow-ferry")!.Job.Log.Single().Text);
    }

    [Fact]
    public async Task What_is_on_a_wall_is_found_over_all_jobs_and_the_next_job_begins_with_it()
    {
        using var server = new Server();
        await server.WithDemo();
        var at = new DateTime(2023, 6, 5, 8, 0, 0, DateTimeKind.Unspecified);
        var items = new List<string>();
        foreach (var step in (await Wall(server))["remaining"]!.AsArray())
        {
            at = at.AddHours(30);
            var id = $"0188{items.Count:0000}";
            items.Add(
                Item(
                    id,
                    0,
                    $$"""{"id":"{{id}}","kind":"done","at":"{{at:yyyy-MM-ddTHH:mm:ss}}","surface":"stair-wall","step":{{step!["n"]}},"operation":"{{step["operation"]}}","batch":"Q-77"}"""
                )
            );
        }

        Assert.Equal(HttpStatusCode.OK, (await Send(server, "one", [.. items])).Status);
        Assert.True((bool)(await Wall(server))["finished"]!);
        var walls = JsonNode.Parse(await server.Client.GetStringAsync("/api/walls?asked=q-77%20stair", Stop))!.AsArray();
        Assert.Equal("stair-wall", (string?)Assert.Single(walls)!["surface"]);
        Assert.Equal("[]", await server.Client.GetStringAsync("/api/walls?asked=q-77%20nowhere", Stop));
        using var long_ = await server.Client.GetAsync($"/api/walls?asked={new string('x', 201)}", Stop);
        Assert.Equal(HttpStatusCode.BadRequest, long_.StatusCode);

        var kept = await server.Get("/api/kept");
        Assert.Equal(1, (int)kept["finished"]!);
        Assert.NotEmpty(kept["looks"]!.AsArray());
        Assert.Contains("BEGIN:VEVENT", await server.Client.GetStringAsync("/api/looks.ics", Stop), StringComparison.Ordinal);
        var looked = await Send(server, "two", Item("0199", 0, Line("0199", "\"kind\":\"looked\",\"outcome\":\"sound\"")));
        Assert.True(looked.Status == HttpStatusCode.OK, looked.Said);
        Assert.Equal(1, (int)Assert.Single((await server.Get("/api/kept"))["lasting"]!.AsArray())!["curve"]!["seen"]!);
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(server, "three", Item("0200", 0, Line("0200", "\"kind\":\"looked\",\"outcome\":\"fine\"")))).Status);

        using var copy = await server.Post($"{Path}/copy", """{"title":"Next time","asBuilt":true}""");
        copy.EnsureSuccessStatusCode();
        var next = (string)JsonNode.Parse(await copy.Content.ReadAsStringAsync(Stop))!["id"]!;
        var surface = (await server.Get($"/api/jobs/{next}/surfaces/stair-wall"))["surface"]!;
        Assert.Equal(2023, (int)surface["layers"]!.AsArray()[^1]!["year"]!);
        Assert.Empty(surface["signs"]!.AsArray());
    }

    [Fact]
    public async Task A_line_that_makes_no_sense_is_refused_and_named()
    {
        using var server = new Server();
        await server.WithDemo();
        var (status, said) = await Send(server, "one", Item("0193", 0, Line("0193", "\"kind\":\"done\",\"operation\":\"conjure\"")));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Contains("conjure", said, StringComparison.Ordinal);
        Assert.Empty((await server.Get($"{Path}/site"))["log"]!.AsArray());
    }

    [Fact]
    public async Task As_built_stands_as_data_and_as_a_paper()
    {
        using var server = new Server();
        await server.WithDemo();
        var first = (await Wall(server))["remaining"]![0]!;
        await Send(
            server,
            "one",
            Item("0193", 0, Line("0193", $"\"kind\":\"done\",\"step\":{first["n"]},\"operation\":\"{first["operation"]}\",\"by\":\"ann\"")),
            Item("0194", 0, Line("0194", "\"kind\":\"foundJob\",\"text\":\"a cracked lintel\""))
        );
        var built = await server.Get($"{Path}/as-built");
        Assert.Equal("stair-wall", (string?)Assert.Single(built["surfaces"]!.AsArray())!["id"]);
        Assert.Equal("a cracked lintel", (string?)built["followOn"]![0]!["text"]);
        var paper = await server.Client.GetStringAsync($"{Path}/documents/as-built.md", Stop);
        Assert.Contains("ann", paper, StringComparison.Ordinal);
        Assert.Contains("cracked lintel", paper, StringComparison.Ordinal);
        using var none = await server.Client.GetAsync("/api/jobs/none/site", Stop);
        Assert.Equal(HttpStatusCode.NotFound, none.StatusCode);
    }
}
