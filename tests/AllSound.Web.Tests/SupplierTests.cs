using System.Net;
using System.Text.Json.Nodes;
using AllSound.Storage;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>A supplier who is late, gone or sends rubbish is said to be so, and the prices last known stay.</summary>
public sealed class SupplierTests
{
    private const string Path = "/api/jobs/sallow-ferry";

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static async Task<(HttpStatusCode Status, JsonNode Said)> Ask(Server server)
    {
        using var answer = await server.Post($"{Path}/supplier", "");
        return (answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(Stop))!);
    }

    [Fact]
    public async Task What_he_asks_is_bought_by_and_his_faults_change_nothing()
    {
        using var supplier = new StandInService("supplier");
        using var server = new Server(supplier: supplier.Address);
        await server.WithDemo();

        Assert.Equal(HttpStatusCode.OK, (await Ask(server)).Status);
        var known = server.Part<JobStore>().Find("sallow-ferry")!.Job.Prices;
        Assert.NotEmpty(known);
        Assert.All(known, p => Assert.Equal("trade counter", p.Supplier));
        Assert.All(known, p => Assert.NotNull(p.From));
        var quantities = await server.Get($"{Path}/quantities");
        foreach (var m in quantities["materials"]!.AsArray())
        {
            var cost = m!["buy"]!.AsArray().Sum(b => (int)b!["count"]! * known.First(p => p.Product == (string)m["product"]! && p.Size == (double)b["size"]!).Price);
            Assert.Equal(cost, (decimal)m["cost"]!);
        }

        foreach (var (fault, status) in new[] { ("down", 502), ("error", 502), ("rubbish", 502), ("slow", 504) })
        {
            await supplier.Fault(fault);
            var (answered, said) = await Ask(server);
            Assert.Equal(status, (int)answered);
            Assert.Contains("prices last known stay", (string?)said["title"], StringComparison.Ordinal);
            Assert.Equal(known, server.Part<JobStore>().Find("sallow-ferry")!.Job.Prices);
        }
    }

    [Fact]
    public async Task What_is_out_of_stock_is_marked_with_the_days_until_it_comes()
    {
        using var supplier = new StandInService("supplier", "--fault", "out-of-stock");
        using var server = new Server(supplier: supplier.Address);
        await server.WithDemo();
        await Ask(server);

        var bought = (await server.Get($"{Path}/quantities"))["materials"]!.AsArray().Where(m => m!["buy"]!.AsArray().Count > 0).ToArray();
        Assert.NotEmpty(bought);
        Assert.All(bought, m => Assert.Matches("^trade counter has none of .*, more in [0-9]+ days?", (string)m!["short"]!));
    }

    [Fact]
    public async Task Where_there_is_none_it_is_said()
    {
        using var server = new Server();
        await server.WithDemo();
        var (status, said) = await Ask(server);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, status);
        Assert.Contains("cannot be reached", (string?)said["title"], StringComparison.Ordinal);
        using var nowhere = await server.Post("/api/jobs/nowhere/supplier", "");
        Assert.Equal(HttpStatusCode.NotFound, nowhere.StatusCode);
    }

    [Fact]
    public async Task One_seed_is_one_list_and_another_another()
    {
        using var one = new StandInService("supplier", "--seed", "7");
        using var same = new StandInService("supplier", "--seed", "7");
        using var other = new StandInService("supplier", "--seed", "8");
        var list = await one.Get("/prices.csv");
        Assert.Equal(list, await same.Get("/prices.csv"));
        Assert.NotEqual(list, await other.Get("/prices.csv"));
    }
}
