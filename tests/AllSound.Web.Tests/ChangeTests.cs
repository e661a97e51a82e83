using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Edits of several records at once; what the whole job must not become; what was put away and comes back.</summary>
public sealed class ChangeTests : IDisposable
{
    private const string Job = "/api/jobs/sallow-ferry";
    private readonly Server server = new();

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    public void Dispose() => server.Dispose();

    [Fact]
    public async Task Several_records_are_changed_as_a_whole_or_not_at_all()
    {
        await server.WithDemo();
        var before = await Export();
        var (wall, skirting) = (await Record("surface", "stair-wall"), await Record("surface", "skirting"));
        var (good, bad) = (Value(wall, "notes", "both"), Value(skirting, "substrate", "cheese"));
        using var refused = await Change(Item(wall, good), Item(skirting, bad));
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("$.items[1].value.substrate", await refused.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
        Assert.Equal(before, await Export());

        using var made = await Change(Item(wall, good), Item(skirting, Value(skirting, "notes", "both")));
        Assert.Equal(HttpStatusCode.OK, made.StatusCode);
        var version = (long)(await made.Content.ReadFromJsonAsync<JsonNode>(Stop))!["version"]!;
        Assert.Equal(version, (long)(await Record("surface", "stair-wall"))["version"]!);
        Assert.Equal(version, (long)(await Record("surface", "skirting"))["version"]!);
    }

    [Fact]
    public async Task A_change_sent_again_because_its_answer_was_lost_is_made_once()
    {
        await server.WithDemo();
        var wall = await Record("surface", "stair-wall");
        var body = Body("once", Item(wall, Value(wall, "notes", "once")));
        var first = await Made(body);
        var wallNow = await Record("surface", "stair-wall");
        using var other = await Change(Item(wallNow, Value(wallNow, "notes", "since")));
        Assert.Equal(HttpStatusCode.OK, other.StatusCode);
        Assert.Equal(first, await Made(body));
        Assert.Equal("since", (string?)(await Record("surface", "stair-wall"))["value"]!["notes"]);
    }

    [Fact]
    public async Task Who_is_behind_gets_what_stands_to_merge_with()
    {
        await server.WithDemo();
        var wall = await Record("surface", "stair-wall");
        (await Change(Item(wall, Value(wall, "notes", "theirs")))).EnsureSuccessStatusCode();
        using var late = await Change(Item(wall, Value(wall, "notes", "mine")));
        var problem = (await late.Content.ReadFromJsonAsync<JsonNode>(Stop))!;
        Assert.Equal(HttpStatusCode.Conflict, late.StatusCode);
        var standing = Assert.Single(problem["standing"]!.AsArray())!;
        Assert.Equal(("surface", "stair-wall", "theirs"), ((string?)standing["kind"], (string?)standing["id"], (string?)standing["value"]!["notes"]));
    }

    [Fact]
    public async Task A_change_tells_what_it_did_to_each_record_so_that_it_can_be_undone()
    {
        await server.WithDemo();
        var wall = await Record("surface", "stair-wall");
        var version = await Made(Body(null, Item(wall, Value(wall, "notes", "new"))));
        var item = Assert.Single((await server.Get($"{Job}/changes/{version}"))["items"]!.AsArray())!;
        Assert.NotEqual("new", (string?)item["before"]!["notes"]);
        Assert.Equal("new", (string?)item["after"]!["notes"]);
    }

    [Fact]
    public async Task A_room_put_away_takes_all_in_it_along_and_comes_back_whole()
    {
        await server.WithDemo();
        var photo = await server.AddPhoto("stair-wall", PhotoTests.Jpeg(40, 40, 1));
        var before = await Export();
        var room = await Record("space", "ticket-office");
        var version = await Made(Body(null, Item(room, null)));
        Assert.DoesNotContain("Ticket office", await Export(), StringComparison.Ordinal);
        var away = Assert.Single((await server.Client.GetFromJsonAsync<JsonArray>($"{Job}/put-away", Stop))!)!;
        Assert.Equal((version, "Ticket office"), ((long)away["change"]!, (string?)away["titles"]![0]));

        using var back = await server.Post($"{Job}/changes/{version}/bring-back", "");
        Assert.Equal(HttpStatusCode.OK, back.StatusCode);
        Assert.Equal(before, await Export());
        Assert.Equal((string?)photo["id"], (string?)(await server.Client.GetFromJsonAsync<JsonArray>($"{Job}/surfaces/stair-wall/photos", Stop))![0]!["id"]);
        Assert.Empty((await server.Client.GetFromJsonAsync<JsonArray>($"{Job}/put-away", Stop))!);
        using var twice = await server.Post($"{Job}/changes/{version}/bring-back", "");
        Assert.Equal(HttpStatusCode.Conflict, twice.StatusCode);
    }

    [Fact]
    public async Task A_job_is_begun_put_away_brought_back_and_erased_for_good()
    {
        using var begun = await server.Post("/api/jobs", """{"title":"Café Röd, 2","jurisdiction":"IE","built":1931}""");
        Assert.Equal(HttpStatusCode.Created, begun.StatusCode);
        var id = (string)(await begun.Content.ReadFromJsonAsync<JsonNode>(Stop))!["id"]!;
        Assert.Equal("caf-r-d-2", id);
        using var same = await server.Post("/api/jobs", """{"title":"Café Röd, 2"}""");
        Assert.Equal("caf-r-d-2-2", (string?)(await same.Content.ReadFromJsonAsync<JsonNode>(Stop))!["id"]);

        var job = await server.Get($"/api/jobs/{id}");
        var secret = "a word found nowhere else";
        (await server.Post($"/api/jobs/{id}/buildings/caf-r-d-2/spaces", $$"""{"id":"hall","title":"{{secret}}","surfaces":[]}""")).EnsureSuccessStatusCode();
        job = await server.Get($"/api/jobs/{id}");
        using var away = await server.Client.DeleteAsync($"/api/jobs/{id}?version={job["version"]}", Stop);
        Assert.Equal(HttpStatusCode.OK, away.StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await server.Client.GetAsync($"/api/jobs/{id}", Stop)).StatusCode);
        var listed = Assert.Single((await server.Client.GetFromJsonAsync<JsonArray>("/api/put-away", Stop))!)!;
        using var back = await server.Post($"/api/jobs/{id}/changes/{listed["change"]}/bring-back", "");
        Assert.Equal(HttpStatusCode.OK, back.StatusCode);
        Assert.Equal(secret, (string?)(await server.Get($"/api/jobs/{id}"))["buildings"]![0]!["spaces"]![0]!["space"]!["title"]);

        // Erasing is only for what was put away, and leaves nothing in the file.
        Assert.Equal(HttpStatusCode.NotFound, (await server.Client.DeleteAsync($"/api/put-away/{id}", Stop)).StatusCode);
        job = await server.Get($"/api/jobs/{id}");
        (await server.Client.DeleteAsync($"/api/jobs/{id}?version={job["version"]}", Stop)).EnsureSuccessStatusCode();
        (await server.Client.DeleteAsync($"/api/put-away/{id}", Stop)).EnsureSuccessStatusCode();
        Assert.Empty((await server.Client.GetFromJsonAsync<JsonArray>("/api/put-away", Stop))!);
        server.Stop();
        foreach (var file in Directory.GetFiles(Path.GetTempPath(), Path.GetFileName(server.Database) + "*"))
        {
            Assert.DoesNotContain(secret, await File.ReadAllTextAsync(file, System.Text.Encoding.Latin1, Stop), StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task What_could_be_stored_and_not_taken_in_again_is_refused()
    {
        await server.WithDemo();
        await Zone("corner", "stair-wall");
        var trial = """[{"surface":"corner","method":"st_solvent","cleared":1,"minutes":5}]""";
        var job = await Record("job", "sallow-ferry");
        (await Change(Item(job, Value(job, "trials", trial)))).EnsureSuccessStatusCode();
        var before = await Export();

        // A trial on a zone that is merged.
        var corner = await Record("surface", "corner");
        await Refused("the job has no surface 'corner'", Item(corner, null));
        // A zone whose element is gone.
        var wall = await Record("surface", "stair-wall");
        await Refused("no other surface 'stair-wall'", Item(wall, null));
        // An element with zones made into a zone.
        await Refused("is a zone itself", Item(wall, Value(wall, "zone", """{"of":"skirting","widthM":1,"heightM":1}""")));
        // A zone taken to another room.
        await Refused("no other surface", Item(corner, corner["value"]!.DeepClone(), "riverside"));
        // Notes of 10 MB, and titles and lists without end.
        using var huge = await Change(Item(wall, Value(wall, "notes", $"\"{new string('x', 10_000_000)}\"")));
        Assert.Equal(HttpStatusCode.BadRequest, huge.StatusCode);
        Assert.Contains("4000 characters at most", await huge.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
        await Refused("200 items at most", Item(wall, Value(wall, "signs", "[" + string.Join(',', Enumerable.Repeat("""{"sign":"s_rust"}""", 201)) + "]")));
        await Refused("200 characters", Item(wall, Value(wall, "signs", $$"""[{"sign":"s_rust","where":"{{new string('x', 201)}}"}]""")));
        // No surface without a room, no room without a building, nothing under two ids.
        await Refused("could belong to", New("surface", "x", """{"id":"x","title":"X","element":"wall","substrate":"gyp_old"}""", "nowhere"));
        await Refused("an id cannot be changed", New("surface", "x", """{"id":"y","title":"X","element":"wall","substrate":"gyp_old"}""", "ticket-office"));
        // The last building stays.
        await Refused("at least one building", Item(await Record("building", "ferry-house"), null), Item(await Record("building", "annexe"), null));

        Assert.Equal(before, await Export());
    }

    [Fact]
    public async Task The_surface_above_the_most_is_refused_and_the_job_goes_in_and_out()
    {
        await server.WithDemo();
        var file = Demo.Job with { Id = "large" };
        var like = file.Buildings[0].Spaces[0].Surfaces[0];
        var rest = Limits.Surfaces - file.Surfaces().Count();
        var room = file.Buildings[0].Spaces[0];
        file = file with
        {
            Buildings = file.Buildings.SetItem(
                0,
                file.Buildings[0] with
                {
                    Spaces = file.Buildings[0]
                        .Spaces.SetItem(
                            0,
                            room with
                            {
                                Surfaces = [.. room.Surfaces, .. Enumerable.Range(0, rest).Select(i => like with { Id = $"s{i}", Wall = null, Readings = [] })],
                            }
                        ),
                }
            ),
        };
        (await server.Post("/api/jobs/import", JobFile.Write(file))).EnsureSuccessStatusCode();
        using var over = await server.Post("/api/jobs/large/spaces/ticket-office/surfaces", """{"id":"over","title":"Over","element":"wall","substrate":"gyp_old"}""");
        Assert.Equal(HttpStatusCode.BadRequest, over.StatusCode);
        Assert.Contains("5000 surfaces at most", await over.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
        Assert.Equal(JobFile.Write(file), await server.Client.GetStringAsync("/api/jobs/large/export", Stop));
    }

    [Fact]
    public async Task A_job_that_an_older_version_let_through_can_be_mended_piece_by_piece()
    {
        await server.WithDemo();
        server.Sql("UPDATE record SET data = json_set(data, '$.notes', printf('%.*c', 5000, 'x')) WHERE id = 'stair-wall'");
        server.Sql("UPDATE head SET revision = revision + 1");
        var skirting = await Record("surface", "skirting");
        using var other = await Change(Item(skirting, Value(skirting, "notes", "fine")));
        Assert.Equal(HttpStatusCode.OK, other.StatusCode);
        var wall = await Record("surface", "stair-wall");
        using var still = await Change(Item(wall, Value(wall, "notes", $"\"{new string('y', 6000)}\"")));
        Assert.Equal(HttpStatusCode.BadRequest, still.StatusCode);
        using var mended = await Change(Item(wall, Value(wall, "notes", "short")));
        Assert.Equal(HttpStatusCode.OK, mended.StatusCode);
    }

    private async Task Refused(string why, params JsonObject[] items)
    {
        using var answer = await Change(items);
        var text = await answer.Content.ReadAsStringAsync(Stop);
        Assert.True(answer.StatusCode == HttpStatusCode.BadRequest, $"{why}: {answer.StatusCode} {text}");
        Assert.Contains(why, text, StringComparison.Ordinal);
    }

    private async Task Zone(string id, string of)
    {
        using var zone = await server.Post(
            $"{Job}/spaces/ticket-office/surfaces",
            $$"""{"id":"{{id}}","title":"{{id}}","element":"wall","substrate":"gyp_old","zone":{"of":"{{of}}","widthM":0.5,"heightM":0.5} }"""
        );
        Assert.Equal(HttpStatusCode.Created, zone.StatusCode);
    }

    private Task<string> Export() => server.Client.GetStringAsync($"{Job}/export", Stop);

    private Task<JsonObject> Record(string kind, string id) => server.Get($"{Job}/records/{kind}/{id}");

    private static JsonObject Value(JsonObject record, string member, string value)
    {
        var changed = record["value"]!.DeepClone().AsObject();
        changed[member] = value.Length > 0 && value[0] is '[' or '{' or '"' ? JsonNode.Parse(value) : JsonValue.Create(value);
        return changed;
    }

    private static JsonObject Item(JsonObject record, JsonNode? value, string? parent = null)
    {
        var item = new JsonObject
        {
            ["kind"] = record["kind"]!.DeepClone(),
            ["id"] = record["id"]!.DeepClone(),
            ["version"] = record["version"]!.DeepClone(),
        };
        if (parent is not null)
        {
            item["parent"] = parent;
        }

        if (value is not null)
        {
            item["value"] = value.DeepClone();
        }

        return item;
    }

    private static JsonObject New(string kind, string id, string value, string parent) =>
        new()
        {
            ["kind"] = kind,
            ["id"] = id,
            ["version"] = 0,
            ["parent"] = parent,
            ["value"] = JsonNode.Parse(value),
        };

    private static string Body(string? token, params JsonObject[] items) =>
        new JsonObject
        {
            ["token"] = token,
            ["label"] = "test",
            ["items"] = new JsonArray([.. items.Select(i => (JsonNode)i.DeepClone())]),
        }.ToJsonString();

    private Task<HttpResponseMessage> Change(params JsonObject[] items) => server.Post($"{Job}/changes", Body(null, items));

    private async Task<long> Made(string body)
    {
        using var answer = await server.Post($"{Job}/changes", body);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return (long)(await answer.Content.ReadFromJsonAsync<JsonNode>(Stop))!["version"]!;
    }
}
