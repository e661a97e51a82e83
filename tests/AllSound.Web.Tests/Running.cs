using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using AllSound.Testing;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>The program as a process of its own, on a folder of its own unless one is given.</summary>
public sealed class Running : IDisposable
{
    private readonly bool own;

    public Running(string? url = null, string[]? more = null, string? folder = null, bool demo = false)
    {
        own = folder is null;
        Folder = folder ?? Directory.CreateTempSubdirectory("allsound-run-").FullName;
        url ??= $"http://127.0.0.1:{FreePort()}";
        Client = new HttpClient();
        if (Uri.TryCreate(url, UriKind.Absolute, out var address))
        {
            Client.BaseAddress = address;
        }

        var start = new ProcessStartInfo("dotnet")
        {
            UseShellExecute = false,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        string[] words =
        [
            Path.Combine(AppContext.BaseDirectory, "allsound-web.dll"),
            "--db",
            Database,
            "--urls",
            url,
            .. demo ? new[] { "--import", Path.Combine(Demo.Root, "demo", "sallow-ferry.job.json") } : [],
            .. more ?? [],
        ];
        foreach (var word in words)
        {
            start.ArgumentList.Add(word);
        }

        Process = Process.Start(start)!;
    }

    public string Folder { get; }

    public string Database => Path.Combine(Folder, "run.db");

    public HttpClient Client { get; }

    public Process Process { get; }

    public static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    /// <summary>Waits until it answers.</summary>
    public async Task Up()
    {
        if (!Client.DefaultRequestHeaders.Contains("Origin"))
        {
            Client.DefaultRequestHeaders.Add("Origin", Client.BaseAddress!.ToString().TrimEnd('/'));
        }

        while (true)
        {
            Assert.False(Process.HasExited, "the server stopped by itself");
            try
            {
                using var answer = await Client.GetAsync("/api/health", TestContext.Current.CancellationToken);
                return;
            }
            catch (HttpRequestException)
            {
                await Task.Yield();
            }
        }
    }

    public void Kill()
    {
        if (!Process.HasExited)
        {
            Process.Kill(entireProcessTree: true);
        }

        Process.WaitForExit();
    }

    public void Dispose()
    {
        Kill();
        Process.Dispose();
        Client.Dispose();
        if (own)
        {
            Directory.Delete(Folder, recursive: true);
        }
    }
}
