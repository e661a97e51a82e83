using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using AllSound.Core.Reckoning;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>The pocket reckoner through the real server: the same figures as the core and the command line give.</summary>
public sealed class ReckonerApiTests
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static async Task<(HttpStatusCode Status, JsonNode? Body)> Ask(Server server, string kind, string asked)
    {
        using var body = new StringContent(asked, Encoding.UTF8, "application/json");
        using var answer = await server.Client.PostAsync($"/api/reckon/{kind}", body, Stop);
        return (answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(Stop)));
    }

    [Fact]
    public async Task Every_sum_is_listed_with_what_it_asks()
    {
        using var server = new Server();
        using var answer = await server.Client.GetAsync("/api/reckoners", Stop);
        var groups = JsonNode.Parse(await answer.Content.ReadAsStringAsync(Stop))!.AsArray();
        var listed = groups.SelectMany(g => g!["reckoners"]!.AsArray()).Select(r => r!["id"]!.ToString()).ToArray();
        Assert.Equal(Reckoners.All.Select(r => r.Id), listed);
        Assert.Equal("choice", groups.SelectMany(g => g!["reckoners"]!.AsArray()).First(r => r!["id"]!.ToString() == "hiding")!["inputs"]![1]!["kind"]!.ToString());
    }

    [Fact]
    public async Task It_answers_as_the_core_does()
    {
        using var server = new Server();
        var (status, body) = await Ask(server, "litres", """{"area":"31.724","coats":"2","rate":"13","allowance":"5"}""");
        Assert.Equal(HttpStatusCode.OK, status);
        var expected = Reckoners
            .Find("litres")!
            .Of(
                new Dictionary<string, string>
                {
                    ["area"] = "31.724",
                    ["coats"] = "2",
                    ["rate"] = "13",
                    ["allowance"] = "5",
                }
            )
            .Answer!;
        var results = body!["answer"]!["results"]!.AsArray();
        Assert.Equal(expected.Results.Select(r => r.Value), results.Select(r => (double)r!["value"]!));
        Assert.Equal(expected.Working, body["answer"]!["working"]!.AsArray().Select(w => w!.ToString()));
    }

    [Fact]
    public async Task What_is_wrong_is_told_by_field_and_an_unknown_sum_is_none()
    {
        using var server = new Server();
        var (status, body) = await Ask(server, "room", """{"length":"long","width":"3","height":"2.4"}""");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Null(body!["answer"]);
        Assert.StartsWith("length: ", body["problems"]![0]!.ToString(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await Ask(server, "nothing", "{}")).Status);
        Assert.Equal(HttpStatusCode.BadRequest, (await Ask(server, "room", "[1]")).Status);
    }
}
