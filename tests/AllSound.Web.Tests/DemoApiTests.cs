using System.Net;
using System.Text.Json.Nodes;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Invented jobs that an empty installation offers.</summary>
public sealed class DemoApiTests
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    [Fact]
    public async Task An_empty_installation_offers_them_and_each_opens()
    {
        using var server = new Server();
        Assert.Empty((await Json(server, "/api/jobs")).AsArray());
        var demos = (await Json(server, "/api/demos")).AsArray();
        Assert.True(demos.Count >= 3);
        foreach (var demo in demos)
        {
            using var opened = await server.Post($"/api/demos/{demo!["id"]}", "");
            Assert.Equal(HttpStatusCode.Created, opened.StatusCode);
            var job = await Json(server, $"/api/jobs/{demo["id"]}");
            var surfaces = job["buildings"]!.AsArray().SelectMany(b => b!["spaces"]!.AsArray()).Sum(s => s!["surfaces"]!.AsArray().Count);
            Assert.Equal(demo["surfaces"]!.GetValue<int>(), surfaces);
            Assert.Equal(demo["title"]!.ToString(), job["job"]!["title"]!.ToString());
        }

        Assert.Equal(demos.Count, (await Json(server, "/api/jobs")).AsArray().Count);
    }

    [Fact]
    public async Task One_that_is_here_is_not_put_over_what_was_changed_in_it()
    {
        using var server = new Server();
        using var first = await server.Post("/api/demos/wharf-street-flat", "");
        Assert.Equal(HttpStatusCode.Created, first.StatusCode);
        var before = await server.Client.GetStringAsync("/api/jobs/wharf-street-flat/export", Stop);
        using var again = await server.Post("/api/demos/wharf-street-flat", "");
        Assert.Equal(HttpStatusCode.Conflict, again.StatusCode);
        Assert.Equal(before, await server.Client.GetStringAsync("/api/jobs/wharf-street-flat/export", Stop));
    }

    [Fact]
    public async Task One_that_there_is_not_is_said_so()
    {
        using var server = new Server();
        using var none = await server.Post("/api/demos/no-such-demo", "");
        Assert.Equal(HttpStatusCode.NotFound, none.StatusCode);
    }

    private static async Task<JsonNode> Json(Server server, string address) => JsonNode.Parse(await server.Client.GetStringAsync(address, Stop))!;
}
