using System.Diagnostics;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>A stand-in service in a process of its own, on a free port.</summary>
internal sealed class StandInService : IDisposable
{
    private readonly Process process;
    private readonly HttpClient client = new();

    public StandInService(string kind, params string[] more)
    {
        var program = Path.Combine(AppContext.BaseDirectory, "allsound-standins.dll");
        process = Process.Start(
            new ProcessStartInfo("dotnet", [program, kind, "--port", "0", "--with", $"{Environment.ProcessId}", .. more])
            {
                UseShellExecute = false,
                RedirectStandardOutput = true,
            }
        )!;
        var said = process.StandardOutput.ReadLine() ?? "the stand-in ended";
        Assert.Contains($"{kind} on http://", said, StringComparison.Ordinal);
        Address = said[(said.IndexOf("http://", StringComparison.Ordinal) + 7)..];
    }

    /// <summary>Host and port.</summary>
    public string Address { get; }

    /// <summary>What it says at a path.</summary>
    public Task<string> Get(string path) => client.GetStringAsync(new Uri($"http://{Address}{path}"), TestContext.Current.CancellationToken);

    /// <summary>Changes what is wrong with it.</summary>
    public async Task Fault(string name)
    {
        using var answer = await client.PostAsync(new Uri($"http://{Address}/fault?name={name}"), null, TestContext.Current.CancellationToken);
        answer.EnsureSuccessStatusCode();
    }

    public void Dispose()
    {
        client.Dispose();
        process.Kill();
        process.WaitForExit();
        process.Dispose();
    }
}
