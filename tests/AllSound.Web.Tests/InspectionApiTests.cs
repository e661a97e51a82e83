using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Core.Surfaces;
using AllSound.Storage;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

public sealed class InspectionApiTests : IDisposable
{
    private const string Job = "/api/jobs/sallow-ferry";
    private readonly Server server = new();

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    public void Dispose() => server.Dispose();

    [Fact]
    public async Task Copying_asks_first_then_writes_and_never_over_somebody_elses_edit()
    {
        await server.WithDemo();
        using var added = await server.Post(
            $"{Job}/spaces/ticket-office/surfaces",
            """{"id":"hatch-face","title":"Hatch face","element":"wall","substrate":"lime_old","wall":"hatch"}"""
        );
        Assert.Equal(HttpStatusCode.Created, added.StatusCode);

        var asked = await Copy("""{"targets":[{"id":"hatch-face","version":0}],"onlyAsk":true}""");
        Assert.Contains(asked[0]!["differences"]!.AsArray(), d => ((string)d!).StartsWith("substrate", StringComparison.Ordinal));
        Assert.Equal("lime_old", (string?)(await server.Get($"{Job}/surfaces/hatch-face"))["surface"]!["substrate"]);

        var stale = await Copy("""{"targets":[{"id":"hatch-face","version":99}],"onlyAsk":false}""");
        Assert.False((bool)stale[0]!["saved"]!);
        var version = (long)(await server.Get($"{Job}/surfaces/hatch-face"))["version"]!;
        var saved = await Copy($$"""{"targets":[{"id":"hatch-face","version":{{version}}},{"id":"nobody","version":1}],"onlyAsk":false}""");
        Assert.True((bool)saved[0]!["saved"]!);
        Assert.NotNull(saved[1]!["problem"]);
        var after = await server.Get($"{Job}/surfaces/hatch-face");
        Assert.Equal(("gyp_old", "hatch"), ((string?)after["surface"]!["substrate"], (string?)after["surface"]!["wall"]));
    }

    [Fact]
    public async Task Judgements_change_the_finding_for_this_job_and_go_back()
    {
        await server.WithDemo();
        var before = await Probability();
        var version = (long)(await server.Get(Job))["version"]!;
        using var saved = await server.Put($"{Job}/judgements", $$"""{"version":{{version}},"judgements":[{"cause":"c_unsealed_plaster","weight":0.3}]}""");
        Assert.Equal(HttpStatusCode.OK, saved.StatusCode);
        Assert.True(await Probability() < before);
        using var late = await server.Put($"{Job}/judgements", $$"""{"version":{{version}},"judgements":[]}""");
        Assert.Equal(HttpStatusCode.Conflict, late.StatusCode);
        version = (long)(await server.Get(Job))["version"]!;
        using var bad = await server.Put(
            $"{Job}/judgements",
            $$"""{"version":{{version}},"judgements":[{"cause":"c_unsealed_plaster","sign":"s_rust","ifCause":0.5}]}"""
        );
        Assert.Equal(HttpStatusCode.BadRequest, bad.StatusCode);
        using var back = await server.Put($"{Job}/judgements", $$"""{"version":{{version}},"judgements":[]}""");
        Assert.Equal(before, await Probability());

        async Task<double> Probability() =>
            (double)(await server.Get($"{Job}/surfaces/stair-wall"))["findings"]!.AsArray().First(f => (string?)f!["cause"] == "c_unsealed_plaster")!["probability"]!;
    }

    [Fact]
    public async Task The_checks_of_a_job_name_their_surfaces_gates_first()
    {
        await server.WithDemo();
        JsonObject checks;
        do
        {
            checks = await server.Get($"{Job}/checks");
        } while ((int)checks["weighed"]! < (int)checks["of"]!);

        var first = checks["checks"]![0]!;
        Assert.Equal("T_lead_lab", (string?)first["check"]);
        Assert.True((bool)first["gate"]!);
        Assert.Superset(new HashSet<string> { "skirting", "front-window" }, first["surfaces"]!.AsArray().Select(s => (string)s!).ToHashSet());
    }

    [Fact]
    public async Task Unknowns_grades_and_doubts_come_with_the_surface()
    {
        await server.WithDemo();
        var view = await server.Get($"{Job}/surfaces/skirting");
        Assert.Contains(view["unknowns"]!.AsArray(), u => (string?)u!["facet"] == "lead" && (string?)u["check"] == "T_lead_lab");
        var surface = view["surface"]!.AsObject();
        surface["signs"] = new JsonArray(new JsonObject { ["sign"] = "d_rust_spot", ["measure"] = 0.7 });
        surface["readings"] = new JsonArray(new JsonObject { ["check"] = "T_surf_t", ["value"] = 68 });
        using var saved = await server.Put(
            $"{Job}/surfaces/skirting",
            new JsonObject { ["version"] = view["version"]!.DeepClone(), ["surface"] = surface.DeepClone() }.ToJsonString()
        );
        var after = JsonNode.Parse(await saved.Content.ReadAsStringAsync(Stop))!;
        Assert.Equal("Ri 3", (string?)after["grades"]![0]);
        Assert.Contains(after["doubts"]!.AsArray(), d => (string?)d!["meant"] == "68 F");
        Assert.Contains(after["evidence"]!.AsArray(), e => (string?)e!["sign"] == "s_rust");
    }

    [Fact]
    public async Task A_table_taken_in_changes_all_its_surfaces_or_none()
    {
        await server.WithDemo();
        var skirting = (long)(await server.Get($"{Job}/surfaces/skirting"))["version"]!;
        using var content = new StringContent("id,looseShare\nstair-wall,0.21\nceiling,0.02\n", System.Text.Encoding.UTF8, "text/csv");
        using var answer = await server.Client.PostAsync($"{Job}/surfaces.csv", content, Stop);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.Equal(0.21, (double)(await server.Get($"{Job}/surfaces/stair-wall"))["surface"]!["facts"]!["looseShare"]!);
        Assert.Equal(skirting, (long)(await server.Get($"{Job}/surfaces/skirting"))["version"]!);

        using var wrong = new StringContent("id,looseShare\nstair-wall,0.4\nceiling,7\n", System.Text.Encoding.UTF8, "text/csv");
        using var refused = await server.Client.PostAsync($"{Job}/surfaces.csv", wrong, Stop);
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("line 3, column 2", await refused.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
        Assert.Equal(0.21, (double)(await server.Get($"{Job}/surfaces/stair-wall"))["surface"]!["facts"]!["looseShare"]!);
    }

    private async Task<JsonArray> Copy(string body)
    {
        using var answer = await server.Post($"{Job}/surfaces/stair-wall/copy", body);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync(Stop))!["results"]!.AsArray();
    }
}
