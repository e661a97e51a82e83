using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Nothing is shown, exported or overwritten with what is no longer so.</summary>
public sealed class StaleTests : IDisposable
{
    private const string Job = "/api/jobs/sallow-ferry";
    private readonly Server server = new();

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    public void Dispose() => server.Dispose();

    [Fact]
    public async Task A_surface_made_again_under_the_id_of_a_deleted_one_is_the_new_one()
    {
        await server.WithDemo();
        var first = await Add("patch", "gyp_old", "First");
        await Get("surfaces/patch");
        await Delete("patch");
        Assert.Equal(HttpStatusCode.NotFound, (await server.Client.GetAsync($"{Job}/surfaces/patch", Stop)).StatusCode);
        var second = await Add("patch", "lime_old", "Second");

        Assert.True((long)second["version"]! > (long)first["version"]!);
        var view = await Get("surfaces/patch");
        Assert.Equal(("lime_old", "Second"), ((string?)view["surface"]!["substrate"], (string?)view["surface"]!["title"]));
        var export = await server.Client.GetStringAsync($"{Job}/export", Stop);
        Assert.Contains("\"Second\"", export, StringComparison.Ordinal);
        Assert.DoesNotContain("\"First\"", export, StringComparison.Ordinal);
        first["surface"]!["notes"] = "late";
        using var late = await server.Put($"{Job}/surfaces/patch", Server.EditOf(first));
        Assert.Equal(HttpStatusCode.Conflict, late.StatusCode);
    }

    [Fact]
    public async Task A_zone_split_off_again_is_as_wet_as_its_wall_is_now()
    {
        await server.WithDemo();
        await Zone("stair-wall-2");
        Assert.Equal("dry", (string?)(await Get("surfaces/stair-wall-2"))["surface"]!["facts"]!["moisture"]);
        await Delete("stair-wall-2");
        var wall = await Get("surfaces/stair-wall");
        wall["surface"]!["facts"]!["moisture"] = "wet";
        (await server.Put($"{Job}/surfaces/stair-wall", Server.EditOf(wall))).EnsureSuccessStatusCode();
        await Zone("stair-wall-2");

        var zone = await Get("surfaces/stair-wall-2");
        Assert.Equal("wet", (string?)zone["surface"]!["facts"]!["moisture"]);
        Assert.NotEmpty(zone["holds"]!.AsArray());
    }

    [Fact]
    public async Task A_job_taken_in_over_another_shows_nothing_of_the_other()
    {
        await server.WithDemo();
        await Get("surfaces/stair-wall");
        var file = JsonNode.Parse(Testing.Demo.Text)!;
        var wall = file["buildings"]![0]!["spaces"]![0]!["surfaces"]![0]!;
        wall["title"] = "Another wall";
        wall["substrate"] = "lime_old";
        (await server.Post("/api/jobs/import?replace=true", file.ToJsonString())).EnsureSuccessStatusCode();

        var view = await Get("surfaces/stair-wall");
        Assert.Equal(("Another wall", "lime_old"), ((string?)view["surface"]!["title"], (string?)view["surface"]!["substrate"]));
        Assert.Contains("Another wall", (await Get(""))["buildings"]![0]!["spaces"]![0]!["surfaces"]![0]!.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task No_version_is_used_twice_whatever_is_deleted_and_made_again()
    {
        await server.WithDemo();
        var seen = new HashSet<long>();
        for (var i = 0; i < 5; i++)
        {
            var made = await Add("patch", "gyp_old", $"Patch {i}");
            Assert.True(seen.Add((long)made["version"]!));
            made["surface"]!["notes"] = "more";
            using var saved = await server.Put($"{Job}/surfaces/patch", Server.EditOf(made));
            Assert.True(seen.Add((long)(await saved.Content.ReadFromJsonAsync<JsonNode>(Stop))!["version"]!));
            await Delete("patch");
        }
    }

    [Fact]
    public async Task Hours_and_materials_of_a_wall_follow_the_zone_that_is_cut_from_it_and_its_sibling()
    {
        await server.WithDemo();
        var before = (await Hours("stair-wall"), await Area("stair-wall"), await Litres());
        await Zone("stair-wall-2");
        var cut = (await Hours("stair-wall"), await Area("stair-wall"));
        Assert.True(cut.Item1 < before.Item1, $"{cut} {before}");
        Assert.Equal(before.Item2 - 2.0, cut.Item2, 6);

        var zone = await Get("surfaces/stair-wall-2");
        zone["surface"]!["zone"]!["heightM"] = 2.0;
        (await server.Put($"{Job}/surfaces/stair-wall-2", Server.EditOf(zone))).EnsureSuccessStatusCode();
        Assert.Equal(before.Item2 - 4.0, await Area("stair-wall"), 6);
        Assert.True(await Hours("stair-wall") < cut.Item1);

        await Delete("stair-wall-2");
        Assert.Equal(before, (await Hours("stair-wall"), await Area("stair-wall"), await Litres()));

        async Task<double> Hours(string id) => (double)(await Get($"surfaces/{id}"))["specification"]!["options"]![0]!["labourHours"]!;
        async Task<double> Area(string id) => (double)(await Get($"surfaces/{id}"))["areaM2"]!;
        async Task<string> Litres() => (await Get("quantities"))["materials"]!.ToJsonString();
    }

    [Fact]
    public async Task A_door_hung_on_a_wall_changes_which_opening_its_sibling_has()
    {
        await server.WithDemo();
        async Task Door(string id) =>
            (
                await server.Post($"{Job}/spaces/ticket-office/surfaces", $$"""{"id":"{{id}}","title":"{{id}}","element":"door","substrate":"sw","wall":"door"}""")
            ).EnsureSuccessStatusCode();
        await Door("first-door");
        var alone = (double)(await Get("surfaces/first-door"))["areaM2"]!;
        await Door("second-door");
        await Delete("first-door");
        Assert.Equal(alone, (double)(await Get("surfaces/second-door"))["areaM2"]!, 6);
    }

    [Fact]
    public async Task Photos_of_a_deleted_surface_are_not_those_of_a_new_one_of_its_id_and_come_back_with_it()
    {
        await server.WithDemo();
        await Add("patch", "gyp_old", "First");
        var photo = await server.AddPhoto("patch", PhotoTests.Jpeg(40, 40, 1));
        var gone = await Delete("patch");
        await Add("patch", "gyp_old", "Second");
        Assert.Empty((await server.Client.GetFromJsonAsync<JsonArray>($"{Job}/surfaces/patch/photos", Stop))!);

        await Delete("patch");
        using var back = await server.Post($"{Job}/changes/{gone}/bring-back", "");
        Assert.Equal(HttpStatusCode.OK, back.StatusCode);
        Assert.Equal("First", (string?)(await Get("surfaces/patch"))["surface"]!["title"]);
        var listed = Assert.Single((await server.Client.GetFromJsonAsync<JsonArray>($"{Job}/surfaces/patch/photos", Stop))!)!;
        Assert.Equal((string?)photo["id"], (string?)listed["id"]);
    }

    private async Task<JsonObject> Get(string what) => await server.Get(what.Length == 0 ? Job : $"{Job}/{what}");

    private async Task<JsonObject> Add(string id, string substrate, string title)
    {
        using var answer = await server.Post(
            $"{Job}/spaces/ticket-office/surfaces",
            $$"""{"id":"{{id}}","title":"{{title}}","element":"wall","substrate":"{{substrate}}","size":{"areaM2":4} }"""
        );
        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
        return (await answer.Content.ReadFromJsonAsync<JsonObject>(Stop))!;
    }

    // As the pages do: like the wall that it is cut from.
    private async Task Zone(string id)
    {
        var zone = (await Get("surfaces/stair-wall"))["surface"]!.AsObject().DeepClone().AsObject();
        zone["id"] = id;
        zone["title"] = "Zone";
        zone["readings"] = new JsonArray();
        zone["zone"] = JsonNode.Parse("""{"of":"stair-wall","leftM":0,"bottomM":0,"widthM":2,"heightM":1}""");
        zone.Remove("size");
        using var answer = await server.Post($"{Job}/spaces/ticket-office/surfaces", zone.ToJsonString());
        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
    }

    private async Task<long> Delete(string id)
    {
        var version = (long)(await Get($"surfaces/{id}"))["version"]!;
        using var answer = await server.Client.DeleteAsync($"{Job}/surfaces/{id}?version={version}", Stop);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return (long)(await answer.Content.ReadFromJsonAsync<JsonNode>(Stop))!["version"]!;
    }
}
