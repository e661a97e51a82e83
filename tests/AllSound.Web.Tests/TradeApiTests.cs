using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>House rules, own products, trial patches, lines read, why not, documents: through the real server.</summary>
public sealed class TradeApiTests
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    [Fact]
    public async Task The_firm_is_saved_on_a_version_and_changes_what_is_specified()
    {
        using var server = await new Server().WithDemo();
        var job = await server.Get("/api/jobs/sallow-ferry");
        var version = (long)job["version"]!;
        string Body(long on, string school) => $$"""{"version":{{on}},"products":[],"houseRules":{"S20":"{{school}}"},"trials":[]}""";
        using var saved = await server.Put("/api/jobs/sallow-ferry/firm", Body(version, "waterborne"));
        Assert.Equal(HttpStatusCode.OK, saved.StatusCode);
        using var stale = await server.Put("/api/jobs/sallow-ferry/firm", Body(version, "solvent"));
        Assert.Equal(HttpStatusCode.Conflict, stale.StatusCode);
        using var unknown = await server.Put("/api/jobs/sallow-ferry/firm", Body((long)(await server.Get("/api/jobs/sallow-ferry"))["version"]!, "neither"));
        Assert.Equal(HttpStatusCode.BadRequest, unknown.StatusCode);
        var view = await server.Get("/api/jobs/sallow-ferry/surfaces/skirting");
        var options = view["specification"]!["options"]!.AsArray();
        Assert.Contains(options, o => o!["otherSchool"] is JsonNode text && text.ToString().StartsWith("S20", StringComparison.Ordinal));
        Assert.DoesNotContain(options, o => o!["otherSchool"] is null && o["steps"]!.AsArray().Any(s => s!["product"]?.ToString() == "p_gloss_alk"));
    }

    [Theory]
    [InlineData("""{"version":1,"products":[{"id":"x","title":"X","class":"nothing"}],"houseRules":{},"trials":[]}""", "class")]
    [InlineData("""{"version":1,"products":[],"houseRules":{"S99":"x"},"trials":[]}""", "S99")]
    [InlineData("""{"version":1,"products":[],"houseRules":{},"trials":[{"surface":"skirting","method":"mk_floor","cleared":1,"minutes":5}]}""", "method")]
    [InlineData("""{"version":1,"products":[],"houseRules":{},"trials":[{"surface":"skirting","method":"st_solvent","cleared":7,"minutes":5}]}""", "cleared")]
    public async Task What_makes_no_sense_is_refused_with_the_field_named(string body, string field)
    {
        using var server = await new Server().WithDemo();
        var version = (long)(await server.Get("/api/jobs/sallow-ferry"))["version"]!;
        using var answer = await server.Put("/api/jobs/sallow-ferry/firm", body.Replace("\"version\":1", $"\"version\":{version}", StringComparison.Ordinal));
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(field, await answer.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Lines_are_read_and_why_not_is_answered()
    {
        using var server = await new Server().WithDemo();
        using var lines = new StringContent("Wash with sugar soap\nnonsense words", Encoding.UTF8, "text/plain");
        using var read = await server.Client.PostAsync("/api/read-lines", lines, Stop);
        var understood = JsonNode.Parse(await read.Content.ReadAsStringAsync(Stop))!.AsArray();
        Assert.Equal("cl_sugar_soap", understood[0]!["step"]!["operation"]!.ToString());
        Assert.Null(understood[1]!["step"]);

        var view = await server.Get("/api/jobs/sallow-ferry/surfaces/skirting");
        var option = view["specification"]!["options"]![0]!;
        var abrade = option["steps"]!.AsArray().First(s => s!["group"]!.ToString() == "abrade")!["n"];
        var why = await server.Get($"/api/jobs/sallow-ferry/surfaces/skirting/why-not?option={option["id"]}&step={abrade}&instead=ab_gloss");
        Assert.False((bool)why["sound"]!);
        Assert.Contains("lead has not been ruled out", why["lines"]!.ToJsonString(), StringComparison.Ordinal);
        using var none = await server.Client.GetAsync($"/api/jobs/sallow-ferry/surfaces/skirting/why-not?option={option["id"]}&step=99", Stop);
        Assert.Equal(HttpStatusCode.BadRequest, none.StatusCode);
    }

    [Theory]
    [InlineData("specification")]
    [InlineData("client-summary")]
    [InlineData("crew-checklist")]
    [InlineData("hazard-sheet")]
    public async Task Documents_come_as_pages_and_as_markdown(string kind)
    {
        using var server = await new Server().WithDemo();
        var document = await server.Get($"/api/jobs/sallow-ferry/documents/{kind}");
        // One for the job, and one for each of its rooms and sides.
        Assert.Equal(8, document["pages"]!.AsArray().Count);
        var text = await server.Client.GetStringAsync($"/api/jobs/sallow-ferry/documents/{kind}.md?surface=skirting&date=today", Stop);
        Assert.Contains("Skirting of 1904", text, StringComparison.Ordinal);
        Assert.DoesNotContain("Stair wall", text, StringComparison.Ordinal);
        using var unknown = await server.Client.GetAsync("/api/jobs/sallow-ferry/documents/poem", Stop);
        Assert.Equal(HttpStatusCode.NotFound, unknown.StatusCode);
    }

    [Fact]
    public async Task Ways_of_stripping_are_ranked_with_what_rules_others_out()
    {
        using var server = await new Server().WithDemo();
        var text = await server.Client.GetStringAsync("/api/jobs/sallow-ferry/surfaces/skirting/stripping", Stop);
        var fits = JsonNode.Parse(text)!.AsArray();
        Assert.NotNull(fits[0]!["score"]);
        Assert.Contains(fits, f => f!["operation"]!.ToString() == "st_heatgun" && f["score"] is null && f["ruledOut"]!.AsArray().Count > 0);
    }

    [Fact]
    public async Task What_stands_in_the_way_is_asked_for_apart_so_that_an_edit_need_not_wait_for_it()
    {
        using var server = await new Server().WithDemo();
        using var none = await server.Client.GetAsync("/api/jobs/sallow-ferry/surfaces/skirting/impasse", Stop);
        Assert.Equal(HttpStatusCode.NotFound, none.StatusCode);

        var view = await server.Get("/api/jobs/sallow-ferry/surfaces/skirting");
        var surface = view["surface"]!.DeepClone();
        surface["brief"]!["sheen"] = "matt";
        var body = new JsonObject { ["version"] = view["version"]!.DeepClone(), ["surface"] = surface }.ToJsonString();
        using var put = await server.Put("/api/jobs/sallow-ferry/surfaces/skirting", body);
        put.EnsureSuccessStatusCode();
        var after = JsonNode.Parse(await put.Content.ReadAsStringAsync(Stop))!;
        Assert.Empty(after["specification"]!["options"]!.AsArray());
        Assert.Equal("", after["specification"]!["blocked"]!["need"]!.ToString());

        var why = await server.Get("/api/jobs/sallow-ferry/surfaces/skirting/impasse");
        Assert.Equal("no finish meets the whole brief", why["need"]!.ToString());
        Assert.Equal("take eggshell or satin or gloss instead of matt", Assert.Single(why["frees"]!.AsArray())!.ToString());

        // The whole job's list only says that there is none.
        var job = await server.Get("/api/jobs/sallow-ferry");
        var lines = job["buildings"]!.AsArray().SelectMany(b => b!["spaces"]!.AsArray()).SelectMany(s => s!["surfaces"]!.AsArray());
        Assert.Equal("Nothing meets this brief", lines.Single(l => l!["id"]!.ToString() == "skirting")!["headline"]!.ToString());
        using var gone = await server.Client.GetAsync("/api/jobs/sallow-ferry/surfaces/nowhere/impasse", Stop);
        Assert.Equal(HttpStatusCode.NotFound, gone.StatusCode);
    }
}
