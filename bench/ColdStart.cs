using System.Diagnostics;
using System.Net;
using System.Net.Sockets;

namespace AllSound.Bench;

/// <summary>From starting the published server to its first answered request, on a database that is there already.</summary>
internal static class ColdStart
{
    public static async Task<double?> Seconds(string server, string job)
    {
        if (!File.Exists(server))
        {
            return null;
        }

        var database = Path.Combine(Path.GetTempPath(), $"allsound-bench-{Guid.NewGuid():N}.db");
        var best = double.MaxValue;
        try
        {
            for (var run = 0; run < 4; run++)
            {
                best = Math.Min(best, await Once(server, job, database, warm: run > 0));
            }
        }
        finally
        {
            foreach (var file in Directory.GetFiles(Path.GetTempPath(), Path.GetFileName(database) + "*"))
            {
                File.Delete(file);
            }
        }

        return best;
    }

    private static async Task<double> Once(string server, string job, string database, bool warm)
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        var url = $"http://127.0.0.1:{((IPEndPoint)listener.LocalEndpoint).Port}";
        listener.Stop();
        var start = new ProcessStartInfo("dotnet") { UseShellExecute = false };
        foreach (var word in new[] { server, "--db", database, "--urls", url, "--import", job, "--copies", "none", "--log", "none" })
        {
            start.ArgumentList.Add(word);
        }

        using var client = new HttpClient();
        var from = Stopwatch.GetTimestamp();
        using var process = Process.Start(start)!;
        try
        {
            while (true)
            {
                try
                {
                    using var answer = await client.GetAsync($"{url}/api/jobs/sallow-ferry");
                    if (answer.IsSuccessStatusCode)
                    {
                        // The first run makes the database and is not counted.
                        return warm ? Stopwatch.GetElapsedTime(from).TotalSeconds : double.MaxValue;
                    }
                }
                catch (HttpRequestException) when (!process.HasExited)
                {
                    await Task.Delay(5);
                }
            }
        }
        finally
        {
            process.Kill();
            await process.WaitForExitAsync();
        }
    }
}
