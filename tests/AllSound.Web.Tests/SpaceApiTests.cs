using System.Net;
using System.Text.Json.Nodes;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Rooms and their walls through the real server: what is cut in a wall changes the drawing and every measure, and nothing is lost on the way.</summary>
public sealed class SpaceApiTests
{
    private const string Office = "/api/jobs/sallow-ferry/spaces/ticket-office";

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static async Task<JsonObject> View(Server server, string space = "ticket-office")
    {
        var job = await server.Get("/api/jobs/sallow-ferry");
        return job["buildings"]!.AsArray().SelectMany(b => b!["spaces"]!.AsArray()).Single(s => s!["space"]!["id"]!.ToString() == space)!.AsObject();
    }

    private static string Body(JsonObject view, Action<JsonObject> change)
    {
        var space = view["space"]!.DeepClone().AsObject();
        space["surfaces"] = new JsonArray();
        change(space);
        return new JsonObject { ["version"] = view["version"]!.DeepClone(), ["space"] = space }.ToJsonString();
    }

    private static JsonObject Wall(JsonObject space, string id) => space["walls"]!.AsArray().Single(w => w!["id"]!.ToString() == id)!.AsObject();

    private static JsonObject Window(double left) =>
        new()
        {
            ["kind"] = "window",
            ["fromLeftM"] = left,
            ["sillM"] = 0.9,
            ["widthM"] = 1.5,
            ["heightM"] = 1.2,
        };

    private static async Task<double> Area(Server server, string surface) => (double)(await server.Get($"/api/jobs/sallow-ferry/surfaces/{surface}"))["areaM2"]!;

    [Fact]
    public async Task A_window_that_is_cut_in_takes_its_area_of_the_wall_and_keeps_the_surfaces()
    {
        using var server = await new Server().WithDemo();
        var before = await Area(server, "stair-wall");
        var view = await View(server);
        var surfaces = view["surfaces"]!.AsArray().Count;
        using var saved = await server.Put(Office, Body(view, s => Wall(s, "stair")["openings"] = new JsonArray(Window(0.6))));
        Assert.Equal(HttpStatusCode.OK, saved.StatusCode);
        Assert.Equal(before - 1.8, await Area(server, "stair-wall"), 6);

        var after = await View(server);
        Assert.Equal(surfaces, after["surfaces"]!.AsArray().Count);
        Assert.True((long)after["version"]! > (long)view["version"]!);
        Assert.Contains(after["unfolded"]!["pieces"]!.AsArray(), p => p!["kind"]!.ToString() == "opening" && p["wall"]?.ToString() == "stair");

        // Cutting round it takes time of its own, and less wall less paint.
        var cost = (await server.Get("/api/jobs/sallow-ferry/surfaces/stair-wall"))["specification"]!["options"]![0]!["labourHours"]!;
        Assert.True((double)cost > 0);
    }

    [Fact]
    public async Task Two_who_change_a_room_at_once_are_told()
    {
        using var server = await new Server().WithDemo();
        var view = await View(server);
        using var first = await server.Put(Office, Body(view, s => Wall(s, "stair")["lengthM"] = 4.4));
        using var second = await server.Put(Office, Body(view, s => Wall(s, "stair")["lengthM"] = 4.6));
        Assert.Equal(HttpStatusCode.OK, first.StatusCode);
        Assert.Equal(HttpStatusCode.Conflict, second.StatusCode);
        Assert.Equal(4.4 * 2.7, await Area(server, "stair-wall"), 6);
    }

    [Fact]
    public async Task What_cannot_be_is_refused_with_its_place_and_changes_nothing()
    {
        using var server = await new Server().WithDemo();
        var view = await View(server);
        var before = await Area(server, "stair-wall");
        foreach (
            var (change, place) in new (Action<JsonObject>, string)[]
            {
                (s => Wall(s, "stair")["openings"] = new JsonArray(Window(3.5)), "walls[3].openings[0]"),
                (s => Wall(s, "stair")["openings"] = new JsonArray(Window(0.5), Window(1)), "walls[3].openings[1]"),
                (s => Wall(s, "stair")["lengthM"] = 0, "walls[3].lengthM"),
                (s => Wall(s, "stair")["id"] = "river", "walls[3].id"),
                (s => s["title"] = "", "title"),
                (s => s["id"] = "another", "id"),
                // A surface stands on it.
                (s => s["walls"]!.AsArray().RemoveAt(3), "stair-wall.wall"),
            }
        )
        {
            using var answer = await server.Put(Office, Body(view, change));
            Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
            Assert.Contains(place, await answer.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
        }

        Assert.Equal(before, await Area(server, "stair-wall"), 9);
        Assert.Equal((long)view["version"]!, (long)(await View(server))["version"]!);
    }

    [Fact]
    public async Task A_room_that_is_not_there_cannot_be_changed()
    {
        using var server = await new Server().WithDemo();
        var body = """{"version":1,"space":{"id":"loft","title":"Loft","kind":"room","walls":[],"surfaces":[]}}""";
        using var nowhere = await server.Put("/api/jobs/sallow-ferry/spaces/loft", body);
        Assert.Equal(HttpStatusCode.NotFound, nowhere.StatusCode);
        using var noJob = await server.Put("/api/jobs/none/spaces/loft", body);
        Assert.Equal(HttpStatusCode.NotFound, noJob.StatusCode);
        using var nothing = await server.Put(Office, "{");
        Assert.Equal(HttpStatusCode.BadRequest, nothing.StatusCode);
    }

    [Fact]
    public async Task A_door_taken_out_lengthens_the_skirting_and_is_bought_for()
    {
        using var server = await new Server().WithDemo();
        async Task<double> Length() => (double)(await server.Get("/api/jobs/sallow-ferry/surfaces/skirting"))["lengthM"]!;
        var before = await Length();
        var view = await View(server);
        using var saved = await server.Put(Office, Body(view, s => Wall(s, "door")["openings"] = new JsonArray()));
        saved.EnsureSuccessStatusCode();
        Assert.Equal(before + 0.84, await Length(), 6);
        var taken = await server.Get("/api/jobs/sallow-ferry/quantities");
        var skirting = taken["surfaces"]!.AsArray().Single(s => s!["id"]!.ToString() == "skirting")!;
        Assert.Equal(Math.Round(before + 0.84, 2), (double)skirting["lengthM"]!, 6);
    }

    [Fact]
    public async Task A_changed_room_goes_out_with_the_job_and_comes_in_again()
    {
        using var server = await new Server().WithDemo();
        using var saved = await server.Put(Office, Body(await View(server), s => Wall(s, "stair")["openings"] = new JsonArray(Window(0.6))));
        saved.EnsureSuccessStatusCode();
        var file = await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", Stop);
        using var other = new Server();
        using var put = await other.Post("/api/jobs/import", file);
        Assert.Equal(HttpStatusCode.Created, put.StatusCode);
        Assert.Equal(await Area(server, "stair-wall"), await Area(other, "stair-wall"), 9);
    }

    [Fact]
    public async Task What_would_be_refused_is_told_before_it_is_tried_and_nothing_is_kept_of_it()
    {
        using var server = await new Server().WithDemo();
        var view = await View(server);
        async Task<(HttpStatusCode Status, string Text)> Check(Action<JsonObject> change, string space = "ticket-office")
        {
            var changed = JsonNode.Parse(Body(view, change))!["space"]!.ToJsonString();
            using var answer = await server.Post($"/api/jobs/sallow-ferry/spaces/{space}/check", changed);
            return (answer.StatusCode, await answer.Content.ReadAsStringAsync(Stop));
        }

        Assert.Equal((HttpStatusCode.OK, "[]"), await Check(_ => { }));
        Assert.Equal((HttpStatusCode.OK, "[]"), await Check(s => Wall(s, "stair")["openings"] = new JsonArray(Window(0.6))));
        var (status, text) = await Check(s => Wall(s, "stair")["openings"] = new JsonArray(Window(0.5), Window(1)));
        Assert.Equal(HttpStatusCode.OK, status);
        var fault = Assert.Single(JsonNode.Parse(text)!.AsArray())!;
        Assert.Equal("$.space.walls[3].openings[1]", fault["path"]!.ToString());
        Assert.Equal("the opening lies over another", fault["message"]!.ToString());
        Assert.Equal(HttpStatusCode.NotFound, (await Check(s => s["id"] = "loft", "loft")).Status);
        Assert.Equal((long)view["version"]!, (long)(await View(server))["version"]!);
    }
}
