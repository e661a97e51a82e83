using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Storage;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>What is to be bought and what it is offered for, through the real server.</summary>
public sealed class BuyingApiTests
{
    private const string Path = "/api/jobs/sallow-ferry";

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static async Task<JsonNode> Get(Server server, string path) => JsonNode.Parse(await server.Client.GetStringAsync(path, Stop))!;

    private static async Task<(HttpStatusCode Status, string Text)> TakeIn(Server server, string table)
    {
        using var content = new StringContent(table, Encoding.UTF8, "text/csv");
        using var answer = await server.Client.PostAsync($"{Path}/prices.csv", content, Stop);
        return (answer.StatusCode, await answer.Content.ReadAsStringAsync(Stop));
    }

    [Fact]
    public async Task A_quantity_is_the_same_by_the_api_and_as_a_table_as_the_core_has_it()
    {
        using var server = new Server();
        await server.WithDemo();
        var asked = (await Get(server, $"{Path}/quantities"))["materials"]!.AsArray();
        var rows = (await server.Client.GetStringAsync($"{Path}/shopping.csv", Stop)).Split("\r\n", StringSplitOptions.RemoveEmptyEntries)[1..];
        var core = Reporting.Quantities(server.Part<JobStore>().Find("sallow-ferry")!.Job).Materials;

        Assert.Equal(core.Length, asked.Count);
        Assert.Equal(core.Length, rows.Length);
        for (var i = 0; i < core.Length; i++)
        {
            Assert.Equal((core[i].Key, core[i].Need, core[i].Cost), (asked[i]!["key"]!.ToString(), (double)asked[i]!["need"]!, (decimal)asked[i]!["cost"]!));
            Assert.StartsWith($"{core[i].Product},", rows[i], StringComparison.Ordinal);
            Assert.Contains(string.Create(CultureInfo.InvariantCulture, $",{core[i].Unit},{core[i].Need},"), rows[i], StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task Another_door_in_the_survey_is_another_shopping_list_at_once()
    {
        using var server = new Server();
        await server.WithDemo();
        double Litres(JsonNode quantities) => quantities["materials"]!.AsArray().Where(m => m!["unit"]!.ToString() == "L").Sum(m => (double)m!["need"]!);
        var before = Litres(await Get(server, $"{Path}/quantities"));

        var job = server.Part<JobStore>().Find("sallow-ferry")!.Job;
        Space Nine(Space space) =>
            space with
            {
                Surfaces = [.. space.Surfaces.Select(x => x.Element == Element.Door ? x with { Form = (x.Form ?? new() { Kind = "door-4" }) with { Count = 9 } } : x)],
            };
        var changed = job with { Buildings = [.. job.Buildings.Select(b => b with { Spaces = [.. b.Spaces.Select(Nine)] })] };
        using var answer = await server.Post("/api/jobs/import?replace=true", JobFile.Write(changed));
        answer.EnsureSuccessStatusCode();

        Assert.True(Litres(await Get(server, $"{Path}/quantities")) > before + 0.5);
    }

    [Fact]
    public async Task A_price_list_changes_the_quote_and_a_bad_one_nothing()
    {
        using var server = new Server();
        await server.WithDemo();
        var before = await Get(server, $"{Path}/quote");
        Assert.Equal((decimal)before["net"]!["amount"]!, before["offer"]!["lines"]!.AsArray().Sum(l => (decimal)l!["price"]!));
        Assert.Equal(1, (int)before["offer"]!["revision"]!);

        var (status, text) = await TakeIn(server, "product,size,price\np_emul_dur,5,0\n");
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Contains("line 2, column 3 (price)", text, StringComparison.Ordinal);
        Assert.Equal(before.ToJsonString(), (await Get(server, $"{Path}/quote")).ToJsonString());

        (status, _) = await TakeIn(server, "product,size,price,supplier,from\np_emul_dur,5,400,Quay paints (invented),2026-11-01\n");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.True((decimal)(await Get(server, $"{Path}/quote"))["net"]!["amount"]! > (decimal)before["net"]!["amount"]! + 300);
        Assert.Contains("p_emul_dur,5,400,Quay paints (invented),2026-11-01", await server.Client.GetStringAsync($"{Path}/prices.csv", Stop), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("quote")]
    [InlineData("prices.csv")]
    [InlineData("shopping.csv")]
    public async Task A_job_that_is_not_there_is_said(string what)
    {
        using var server = new Server();
        using var answer = await server.Client.GetAsync($"/api/jobs/none/{what}", Stop);
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
    }
}
