using System.Collections.Concurrent;
using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Testing;

namespace AllSound.Bench;

/// <summary>
/// Many who edit one job of 500 surfaces at once: fifty without a pause, then ten who think a second. Each edit counts a surface's number up by one
/// on the version that was read, so that a lost update would show in the sum.
/// </summary>
internal static class Load
{
    private const int Surfaces = 500;

    public static async Task Run(string server, int seconds)
    {
        var folder = Directory.CreateTempSubdirectory("allsound-load-").FullName;
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        var url = $"http://127.0.0.1:{((IPEndPoint)listener.LocalEndpoint).Port}";
        listener.Stop();
        using var process = Process.Start(new ProcessStartInfo("dotnet", [server, "--db", Path.Combine(folder, "load.db"), "--urls", url]) { UseShellExecute = false })!;
        try
        {
            using var client = new HttpClient(new SocketsHttpHandler { MaxConnectionsPerServer = 100 })
            {
                BaseAddress = new Uri(url),
                Timeout = TimeSpan.FromSeconds(30),
            };
            client.DefaultRequestHeaders.Add("Origin", url);
            await LargeJob.Up(client);
            using var put = await client.PostAsync("/api/jobs/import", Json(JobFile.Write(SurveyGenerator.Job(seed: 3, surfaces: Surfaces))));
            put.EnsureSuccessStatusCode();
            await client.GetStringAsync("/api/jobs/generated");
            Console.WriteLine($"{Surfaces} surfaces, many clients (memory before: {Memory(process)} MiB)");
            var made = await Round(client, 50, TimeSpan.Zero, seconds, "50 clients without a pause", process);
            made += await Round(client, 10, TimeSpan.FromSeconds(1), seconds / 2, "10 clients who think a second", process);
            var job = JsonNode.Parse(await client.GetStringAsync("/api/jobs/generated/export"))!;
            var counted = job["buildings"]!.AsArray().SelectMany(b => b!["spaces"]!.AsArray()).SelectMany(s => s!["surfaces"]!.AsArray()).Sum(Count);
            Console.WriteLine($"  {made} edits acknowledged, {counted} counted: {(made == counted ? "none lost" : $"{made - counted} LOST")}");
        }
        finally
        {
            process.Kill();
            await process.WaitForExitAsync();
            Directory.Delete(folder, recursive: true);
        }
    }

    private static async Task<int> Round(HttpClient client, int clients, TimeSpan pause, int seconds, string what, Process process)
    {
        var times = new ConcurrentBag<double>();
        var (made, behind, failed) = (0, 0, 0);
        var until = TimeProvider.System.GetTimestamp() + (seconds * TimeProvider.System.TimestampFrequency);
        await Task.WhenAll(
            Enumerable
                .Range(0, clients)
                .Select(n =>
                    Task.Run(async () =>
                    {
                        var random = new Random(n);
                        for (var i = 0; TimeProvider.System.GetTimestamp() < until; i++)
                        {
                            try
                            {
                                // A third of the edits fall on ten surfaces that all share.
                                var path = $"/api/jobs/generated/surfaces/s{(random.Next(3) == 0 ? random.Next(10) : random.Next(Surfaces))}";
                                var view = JsonNode.Parse(await client.GetStringAsync(path))!;
                                var surface = view["surface"]!.DeepClone();
                                surface["notes"] = $"{Count(surface) + 1}";
                                var body = new JsonObject { ["version"] = view["version"]!.DeepClone(), ["surface"] = surface }.ToJsonString();
                                var begun = Stopwatch.GetTimestamp();
                                using var answer = await client.PutAsync(path, Json(body));
                                await answer.Content.ReadAsByteArrayAsync();
                                times.Add(Stopwatch.GetElapsedTime(begun).TotalMilliseconds);
                                _ = answer.StatusCode switch
                                {
                                    HttpStatusCode.OK => Interlocked.Increment(ref made),
                                    HttpStatusCode.Conflict => Interlocked.Increment(ref behind),
                                    _ => Interlocked.Increment(ref failed),
                                };
                                if (i % 5 == 4)
                                {
                                    await client.GetStringAsync("/api/jobs/generated");
                                }
                            }
                            catch (Exception e) when (e is HttpRequestException or TaskCanceledException)
                            {
                                Interlocked.Increment(ref failed);
                            }

                            await Task.Delay(pause);
                        }
                    })
                )
        );
        var sorted = times.Order().ToArray();
        Console.WriteLine(
            $"  {what}, {seconds} s: {made} edits, {behind} behind another, {failed} failed; an edit: median {sorted[sorted.Length / 2]:F0} ms, 95 % {sorted[sorted.Length * 95 / 100]:F0} ms, worst {sorted[^1]:F0} ms; memory {Memory(process)} MiB"
        );
        return made;
    }

    private static int Count(JsonNode? surface) => int.TryParse((string?)surface!["notes"], NumberStyles.None, CultureInfo.InvariantCulture, out var count) ? count : 0;

    private static long Memory(Process process)
    {
        process.Refresh();
        return process.WorkingSet64 / 1024 / 1024;
    }

    private static StringContent Json(string text) => new(text, Encoding.UTF8, "application/json");
}
