using System.Net;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

public sealed class ApiTests : IDisposable
{
    private const string Wall = "/api/jobs/sallow-ferry/surfaces/stair-wall";
    private readonly Server server = new();

    public void Dispose() => server.Dispose();

    [Fact]
    public async Task What_goes_in_comes_out_again()
    {
        await server.WithDemo();
        var text = await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", TestContext.Current.CancellationToken);

        Assert.Equal(JobFile.Write(Demo.Job), text);
    }

    [Fact]
    public async Task The_job_shows_its_room_unfolded_with_a_verdict_for_each_surface()
    {
        await server.WithDemo();
        var job = await server.Get("/api/jobs/sallow-ferry");
        var space = job["buildings"]![0]!["spaces"]![0]!;

        Assert.Equal(3, space["surfaces"]!.AsArray().Count);
        Assert.Equal("failing", (string?)space["surfaces"]![0]!["verdict"]);
        Assert.Contains(space["unfolded"]!["pieces"]!.AsArray(), p => (string?)p!["surface"] == "ceiling");
    }

    [Fact]
    public async Task An_edit_changes_the_answer_at_once_and_is_kept()
    {
        await server.WithDemo();
        var view = await server.Get(Wall);
        var surface = view["surface"]!.AsObject();
        surface["facts"]!["liveCrack"] = true;
        using var saved = await server.Put(Wall, Edit(view, surface));
        var after = JsonNode.Parse(await saved.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;

        Assert.Equal(HttpStatusCode.OK, saved.StatusCode);
        Assert.Empty(after["specification"]!["options"]!.AsArray());
        Assert.NotEmpty(after["holds"]!.AsArray());
        Assert.True((bool?)(await server.Get(Wall))["surface"]!["facts"]!["liveCrack"]);
    }

    [Fact]
    public async Task A_stale_edit_is_refused_and_neither_loses_anything()
    {
        await server.WithDemo();
        var mine = await server.Get(Wall);
        var theirs = await server.Get(Wall);
        theirs["surface"]!["notes"] = "theirs";
        using var first = await server.Put(Wall, Edit(theirs, theirs["surface"]!.AsObject()));
        mine["surface"]!["notes"] = "mine";
        using var second = await server.Put(Wall, Edit(mine, mine["surface"]!.AsObject()));

        Assert.Equal(HttpStatusCode.OK, first.StatusCode);
        Assert.Equal(HttpStatusCode.Conflict, second.StatusCode);
        Assert.Equal("application/problem+json", second.Content.Headers.ContentType!.MediaType);
        Assert.Contains("meanwhile", await second.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
        Assert.Equal("theirs", (string?)(await server.Get(Wall))["surface"]!["notes"]);
    }

    public static TheoryData<string, string> Broken =>
        new()
        {
            { "$.surface.facts.looseShare", """{"facts":{"looseShare":7}}""" },
            { "$.surface.facts.edges", """{"facts":{"edges":"curly"}}""" },
            { "$.surface.substrate", """{"substrate":"cheese"}""" },
            { "$.surface.sequence[0].operation", """{"sequence":[{"operation":"wish"}]}""" },
            { "$.surface.id", """{"id":"other"}""" },
            { "$.surface.wall", """{"wall":"attic"}""" },
            { "$.surface.nonsense", """{"nonsense":1}""" },
            { "$.surface.title", """{"title":""}""" },
            { "$.surface.layers[0].coats", """{"layers":[{"coating":"emul_matt","coats":0}]}""" },
        };

    [Theory]
    [MemberData(nameof(Broken))]
    public async Task Bad_input_names_the_field_and_changes_nothing(string field, string change)
    {
        await server.WithDemo();
        var view = await server.Get(Wall);
        var surface = view["surface"]!.AsObject().DeepClone().AsObject();
        foreach (var (key, value) in JsonNode.Parse(change)!.AsObject())
        {
            if (key == "facts")
            {
                foreach (var (fact, v) in value!.AsObject())
                {
                    surface["facts"]![fact] = v!.DeepClone();
                }
            }
            else
            {
                surface[key] = value!.DeepClone();
            }
        }

        using var answer = await server.Put(Wall, Edit(view, surface));
        var problem = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(problem["errors"]!.AsObject(), e => e.Key == field);
        Assert.Equal(view.ToJsonString(), (await server.Get(Wall)).ToJsonString());
    }

    [Theory]
    [InlineData("")]
    [InlineData("null")]
    [InlineData("[1,2]")]
    [InlineData("{\"version\":1")]
    [InlineData("{\"version\":\"one\",\"surface\":{}}")]
    [InlineData("{\"version\":1,\"surface\":null}")]
    [InlineData("\u0000\u0001")]
    public async Task Rubbish_is_never_a_server_error(string body)
    {
        await server.WithDemo();
        foreach (
            var (verb, path) in new[]
            {
                ("PUT", Wall),
                ("POST", "/api/jobs/import"),
                ("POST", "/api/jobs/sallow-ferry/spaces/ticket-office/surfaces"),
                ("POST", "/api/jobs/sallow-ferry/buildings/ferry-house/spaces"),
                ("PUT", "/api/jobs/sallow-ferry/spaces/ticket-office"),
            }
        )
        {
            using var answer = verb == "PUT" ? await server.Put(path, body) : await server.Post(path, body);
            Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
            Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
        }
    }

    [Fact]
    public async Task Damaged_job_files_are_refused_and_leave_the_store_as_it_was()
    {
        await server.WithDemo();
        var before = await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", TestContext.Current.CancellationToken);
        var random = new Random(3);
        for (var i = 0; i < 60; i++)
        {
            using var answer = await server.Post("/api/jobs/import?replace=true", Demo.Text[..random.Next(Demo.Text.Length - 3)]);
            Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        }

        Assert.Equal(before, await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task A_job_is_not_replaced_unless_asked()
    {
        await server.WithDemo();
        using var again = await server.Post("/api/jobs/import", Demo.Text);
        using var replaced = await server.Post("/api/jobs/import?replace=true", Demo.Text);

        Assert.Equal(HttpStatusCode.Conflict, again.StatusCode);
        Assert.Equal(HttpStatusCode.Created, replaced.StatusCode);
    }

    [Fact]
    public async Task An_edit_begun_before_a_replacement_is_stale_after_it()
    {
        await server.WithDemo();
        var view = await server.Get(Wall);
        var other = JsonNode.Parse(Demo.Text)!;
        other["buildings"]![0]!["spaces"]![0]!["surfaces"]![0]!["notes"] = "of another file";
        (await server.Post("/api/jobs/import?replace=true", other.ToJsonString())).Dispose();
        using var late = await server.Put(Wall, Edit(view, view["surface"]!.AsObject()));

        Assert.Equal(HttpStatusCode.Conflict, late.StatusCode);
    }

    [Fact]
    public async Task A_room_and_a_surface_of_ones_own()
    {
        await server.WithDemo();
        using var room = await server.Post(
            "/api/jobs/sallow-ferry/buildings/ferry-house/spaces",
            """{"id":"porch","title":"Porch","kind":"room","walls":[{"id":"a","lengthM":2,"heightM":2.4}],"surfaces":[]}"""
        );
        using var surface = await server.Post(
            "/api/jobs/sallow-ferry/spaces/porch/surfaces",
            """{"id":"porch-wall","title":"Porch wall","element":"wall","substrate":"pboard","wall":"a","year":2015}"""
        );
        using var twice = await server.Post(
            "/api/jobs/sallow-ferry/spaces/porch/surfaces",
            """{"id":"porch-wall","title":"Again","element":"wall","substrate":"pboard"}"""
        );
        using var nowhere = await server.Post("/api/jobs/sallow-ferry/spaces/loft/surfaces", """{"id":"x","title":"X","element":"wall","substrate":"pboard"}""");
        var view = JsonNode.Parse(await surface.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;

        Assert.Equal(HttpStatusCode.Created, room.StatusCode);
        Assert.Equal(HttpStatusCode.Created, surface.StatusCode);
        Assert.Equal(HttpStatusCode.Conflict, twice.StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, nowhere.StatusCode);
        Assert.NotEmpty(view["specification"]!["options"]!.AsArray());
        Assert.Equal(4.8, (double)view["areaM2"]!, 3);
    }

    [Theory]
    [InlineData("/api/jobs/none")]
    [InlineData("/api/jobs/none/quantities")]
    [InlineData("/api/jobs/sallow-ferry/surfaces/none")]
    [InlineData("/api/jobs/sallow-ferry/surfaces/none/checks")]
    public async Task What_is_not_there_is_said_in_problem_details(string path)
    {
        using var answer = await server.Client.GetAsync(path, TestContext.Current.CancellationToken);

        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
    }

    [Fact]
    public async Task The_document_describes_every_address_and_problem()
    {
        var document = await server.Get("/api/openapi/v1.json");
        Assert.Contains(document["paths"]!.AsObject(), p => p.Key == "/api/jobs/{job}/surfaces/{surface}");
        Assert.NotNull(document["components"]!["schemas"]!["Verdict"]!["enum"]);
    }

    private static string Edit(JsonObject view, JsonObject surface) =>
        new JsonObject { ["version"] = view["version"]!.DeepClone(), ["surface"] = surface.DeepClone() }.ToJsonString();
}
