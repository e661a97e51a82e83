using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Text.Json.Nodes;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>The server killed outright while edits are being saved: whatever it acknowledged is there afterwards.</summary>
public sealed class KillTests
{
    private const string Wall = "/api/jobs/sallow-ferry/surfaces/stair-wall";

    [Fact]
    public async Task Twenty_kills_lose_no_acknowledged_edit()
    {
        var database = Path.Combine(Path.GetTempPath(), $"allsound-kill-{Guid.NewGuid():N}.db");
        var random = new Random(20);
        var acknowledged = 0;
        try
        {
            for (var round = 0; round < 20; round++)
            {
                using var client = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{FreePort()}") };
                using var process = Start(database, client.BaseAddress);
                await Up(client, process);
                if (round > 0)
                {
                    var kept = await client.GetFromJsonAsync<JsonNode>(Wall, TestContext.Current.CancellationToken);
                    var note = (string?)kept!["surface"]!["notes"];
                    Assert.True(int.TryParse(note, out var number) && number >= acknowledged, $"round {round}: acknowledged {acknowledged}, found {note}");
                    acknowledged = number;
                }

                var killAfter = random.Next(3, 25);
                var view = (await client.GetFromJsonAsync<JsonNode>(Wall, TestContext.Current.CancellationToken))!;
                var surface = view["surface"]!.AsObject();
                var version = (long)view["version"]!;
                for (var edit = 1; ; edit++)
                {
                    surface["notes"] = $"{acknowledged + 1}";
                    var saving = client.PutAsJsonAsync(
                        Wall,
                        new JsonObject { ["version"] = version, ["surface"] = surface.DeepClone() },
                        TestContext.Current.CancellationToken
                    );
                    if (edit == killAfter)
                    {
                        process.Kill(entireProcessTree: true);
                    }

                    try
                    {
                        using var answer = await saving;
                        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
                        version++;
                        acknowledged++;
                    }
                    catch (HttpRequestException)
                    {
                        break;
                    }

                    if (edit > killAfter)
                    {
                        break;
                    }
                }

                await process.WaitForExitAsync(TestContext.Current.CancellationToken);
            }
        }
        finally
        {
            foreach (var file in Directory.GetFiles(Path.GetTempPath(), Path.GetFileName(database) + "*"))
            {
                File.Delete(file);
            }
        }

        Assert.True(acknowledged > 20);
    }

    private static Process Start(string database, Uri address)
    {
        var start = new ProcessStartInfo("dotnet")
        {
            UseShellExecute = false,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        foreach (
            var word in new[]
            {
                Path.Combine(AppContext.BaseDirectory, "allsound-web.dll"),
                "--db",
                database,
                "--urls",
                address.ToString().TrimEnd('/'),
                "--import",
                Path.Combine(Demo.Root, "demo", "sallow-ferry.job.json"),
            }
        )
        {
            start.ArgumentList.Add(word);
        }

        return Process.Start(start)!;
    }

    private static async Task Up(HttpClient client, Process process)
    {
        while (true)
        {
            Assert.False(process.HasExited, "the server stopped by itself");
            try
            {
                using var answer = await client.GetAsync("/api/health", TestContext.Current.CancellationToken);
                if (answer.IsSuccessStatusCode && (await client.GetAsync(Wall, TestContext.Current.CancellationToken)).IsSuccessStatusCode)
                {
                    return;
                }
            }
            catch (HttpRequestException)
            {
                await Task.Yield();
            }
        }
    }

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }
}
