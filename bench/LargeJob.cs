using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Testing;

namespace AllSound.Bench;

/// <summary>A job of 500 generated surfaces on the published server: each edit answered, and the next checks of the whole job.</summary>
internal static class LargeJob
{
    private const int Surfaces = 500;
    private const int Edits = 60;

    public static async Task Run(string server)
    {
        if (!File.Exists(server))
        {
            return;
        }

        var database = Path.Combine(Path.GetTempPath(), $"allsound-bench-{Guid.NewGuid():N}.db");
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        var url = $"http://127.0.0.1:{((IPEndPoint)listener.LocalEndpoint).Port}";
        listener.Stop();
        using var process = Process.Start(
            new ProcessStartInfo("dotnet", [server, "--db", database, "--urls", url, "--copies", "none", "--log", "none"]) { UseShellExecute = false }
        )!;
        try
        {
            using var client = new HttpClient { BaseAddress = new Uri(url) };
            client.DefaultRequestHeaders.Add("Origin", url);
            await Up(client);
            using var put = await client.PostAsync("/api/jobs/import", Json(JobFile.Write(SurveyGenerator.Job(seed: 3, surfaces: Surfaces))));
            put.EnsureSuccessStatusCode();
            var first = await Time(() => client.GetStringAsync("/api/jobs/generated"));
            var again = await Time(() => client.GetStringAsync("/api/jobs/generated"));

            var edits = new List<double>();
            for (var i = 0; i < Edits; i++)
            {
                var path = $"/api/jobs/generated/surfaces/s{i * 7 % Surfaces}";
                var view = JsonNode.Parse(await client.GetStringAsync(path))!;
                var surface = view["surface"]!.DeepClone();
                surface["facts"]!["lumps"] = surface["facts"]!["lumps"]?.GetValue<bool>() != true;
                var body = new JsonObject { ["version"] = view["version"]!.DeepClone(), ["surface"] = surface }.ToJsonString();
                edits.Add(
                    await Time(async () =>
                    {
                        using var answer = await client.PutAsync(path, Json(body));
                        answer.EnsureSuccessStatusCode();
                        await answer.Content.ReadAsStringAsync();
                    })
                );
            }

            edits.Sort();
            Console.WriteLine($"a job of {Surfaces} surfaces on the server");
            Console.WriteLine($"  first opened {first:F0} ms, again {again:F0} ms");
            Console.WriteLine($"  an edit answered: median {edits[Edits / 2]:F0} ms   95 % {edits[Edits * 95 / 100]:F0} ms   worst {edits[^1]:F0} ms (target 100)");

            var (asked, slowest, whole) = (0, 0.0, Stopwatch.GetTimestamp());
            JsonNode checks;
            do
            {
                var text = "";
                slowest = Math.Max(slowest, await Time(async () => text = await client.GetStringAsync("/api/jobs/generated/checks")));
                checks = JsonNode.Parse(text)!;
                asked++;
            } while ((int)checks["weighed"]! < (int)checks["of"]!);
            var total = Stopwatch.GetElapsedTime(whole).TotalSeconds;
            var warm = await Time(() => client.GetStringAsync("/api/jobs/generated/checks"));
            Console.WriteLine(
                $"  next checks of the whole job: every answer within {slowest:F0} ms (target 1,000), complete after {total:F1} s in {asked} answers; once weighed {warm:F0} ms"
            );
        }
        finally
        {
            process.Kill();
            await process.WaitForExitAsync();
            foreach (var file in Directory.GetFiles(Path.GetTempPath(), Path.GetFileName(database) + "*"))
            {
                File.Delete(file);
            }
        }
    }

    private static StringContent Json(string text) => new(text, Encoding.UTF8, "application/json");

    internal static async Task Up(HttpClient client)
    {
        while (true)
        {
            try
            {
                await client.GetStringAsync("/api/health");
                return;
            }
            catch (HttpRequestException)
            {
                await Task.Delay(20);
            }
        }
    }

    private static async Task<double> Time(Func<Task> run)
    {
        var watch = Stopwatch.GetTimestamp();
        await run();
        return Stopwatch.GetElapsedTime(watch).TotalMilliseconds;
    }
}
