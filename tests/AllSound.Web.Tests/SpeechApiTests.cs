using System.Net;
using System.Text.Json.Nodes;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Answers in the terms and units of whoever asks, through the API.</summary>
public sealed class SpeechApiTests : IDisposable
{
    private readonly Server server = new();

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    public void Dispose() => server.Dispose();

    [Fact]
    public async Task One_question_is_answered_in_each_readers_terms_and_the_record_in_none()
    {
        await server.WithDemo();
        const string path = "/api/jobs/sallow-ferry/surfaces/skirting";
        var british = await Json(path);
        var american = await Json($"{path}?terms=american&units=us");

        Assert.Equal(british["surface"]!.ToJsonString(), american["surface"]!.ToJsonString());
        Assert.Equal(british["version"]!.ToJsonString(), american["version"]!.ToJsonString());
        Assert.NotEqual(british["specification"]!.ToJsonString(), american["specification"]!.ToJsonString());
        Assert.Equal(Operations(british), Operations(american));
        Assert.Equal(british.ToJsonString(), (await Json(path)).ToJsonString());

        static string[] Operations(JsonNode view) =>
            [.. view["specification"]!["options"]!.AsArray().SelectMany(o => o!["steps"]!.AsArray()).Select(s => (string)s!["operation"]!)];
    }

    [Fact]
    public async Task The_catalogue_keeps_its_ids_and_what_its_forms_are_for()
    {
        var british = await Json("/api/catalogue");
        var american = await Json("/api/catalogue?terms=american");
        foreach (var (list, _) in british.AsObject().Where(l => l.Key is not ("facts" or "openings" or "elements")))
        {
            Assert.Equal(british[list]!.AsArray().Select(r => (string)r!["id"]!), american[list]!.AsArray().Select(r => (string)r!["id"]!));
        }

        Assert.Equal(british["forms"]!.AsArray().Select(f => f!["elements"]!.ToJsonString()), american["forms"]!.AsArray().Select(f => f!["elements"]!.ToJsonString()));
        Assert.Contains("crown molding", american["forms"]!.ToJsonString(), StringComparison.Ordinal);
        Assert.Contains(american["elements"]!.AsArray(), e => (string)e!["element"]! == "skirting" && (string)e["title"]! == "baseboard");
    }

    [Fact]
    public async Task Documents_are_said_so_too_and_an_unknown_way_is_refused()
    {
        await server.WithDemo();
        const string path = "/api/jobs/sallow-ferry/documents/specification";
        Assert.Contains("baseboard", await server.Client.GetStringAsync($"{path}.md?terms=american", Stop), StringComparison.Ordinal);
        Assert.DoesNotContain("baseboard", await server.Client.GetStringAsync($"{path}.md", Stop), StringComparison.Ordinal);
        Assert.Matches(@"\d mm\b", (await Json(path)).ToString());
        Assert.DoesNotMatch(@"\d mm\b", (await Json($"{path}?units=us")).ToString());
        using var refused = await server.Client.GetAsync("/api/catalogue?terms=klingon", Stop);
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
    }

    private async Task<JsonNode> Json(string path) => JsonNode.Parse(await server.Client.GetStringAsync(path, Stop))!;
}
