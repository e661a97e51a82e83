using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json.Nodes;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>An instrument service that dies, stalls or sends rubbish harms nothing and is said so; the stand-in behaves like instruments.</summary>
public sealed class InstrumentTests
{
    private const string Good = """{"reading":{"instrument":"pin meter","check":"T_damp_wood","value":13.5,"unit":"%","place":"x","at":"2026-10-05T09:50:00"}}""";

    [Theory]
    [InlineData("rubbish", HttpStatusCode.BadGateway)]
    [InlineData("html", HttpStatusCode.BadGateway)]
    [InlineData("[]", HttpStatusCode.BadGateway)]
    [InlineData("{}", HttpStatusCode.BadGateway)]
    [InlineData("""{"reading":7}""", HttpStatusCode.BadGateway)]
    [InlineData("""{"reading":{"instrument":"x","check":"T_damp_wood","value":"wet","unit":"%","at":"2026-10-05T09:50:00"}}""", HttpStatusCode.BadGateway)]
    [InlineData("""{"reading":{"instrument":"x","check":"T_damp_wood","value":900,"unit":"%","at":"2026-10-05T09:50:00"}}""", HttpStatusCode.BadGateway)]
    [InlineData("""{"reading":{"instrument":"x","check":"T_nothing","value":9,"unit":"%","at":"2026-10-05T09:50:00"}}""", HttpStatusCode.BadGateway)]
    [InlineData("""{"error":"battery flat"}""", HttpStatusCode.BadGateway)]
    [InlineData("die", HttpStatusCode.BadGateway)]
    [InlineData("half", HttpStatusCode.BadGateway)]
    [InlineData("endless", HttpStatusCode.BadGateway)]
    [InlineData("stall", HttpStatusCode.GatewayTimeout)]
    [InlineData(Good, HttpStatusCode.OK)]
    public async Task Whatever_the_service_does_the_answer_says_so(string manner, HttpStatusCode expected)
    {
        using var fake = new Fake(manner);
        using var server = new Server(fake.Address);
        await server.WithDemo();
        using var answer = await server.Post("/api/instruments/pin-wood/read", """{"place":"skirting"}""");
        var said = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;

        Assert.Equal(expected, answer.StatusCode);
        Assert.False(string.IsNullOrEmpty(expected == HttpStatusCode.OK ? (string?)said["instrument"] : (string?)said["title"]));
    }

    [Fact]
    public async Task With_no_service_numbers_are_typed_in()
    {
        using var server = new Server();
        var bag = await server.Get("/api/instruments");
        Assert.Empty(bag["instruments"]!.AsArray());
        Assert.Contains("No instrument service", (string?)bag["problem"], StringComparison.Ordinal);
        using var answer = await server.Post("/api/instruments/pin-wood/read", """{"place":null}""");
        Assert.Equal(HttpStatusCode.ServiceUnavailable, answer.StatusCode);
    }

    [Fact]
    public async Task The_stand_in_is_seeded_steps_by_its_resolution_and_scatters_round_the_truth()
    {
        double[] Values(string seed)
        {
            using var bag = new StandIn(seed);
            return [.. Enumerable.Range(0, 60).Select(_ => bag.Read("""{"ask":"read","id":"film-gauge","place":"column","truth":120}"""))];
        }

        var (one, again, other) = (Values("7"), Values("7"), Values("8"));
        Assert.Equal(one, again);
        Assert.NotEqual(one, other);
        Assert.All(one, v => Assert.Equal(Math.Round(v), v));
        Assert.InRange(one.Order().ElementAt(30), 116, 124);
        Assert.True(one.Distinct().Count() > 3);
        await Task.CompletedTask;
    }

    [Fact]
    public void The_stand_in_refuses_what_it_does_not_know_and_goes_on()
    {
        using var bag = new StandIn("1");
        Assert.Contains("error", bag.Say("not json"), StringComparison.Ordinal);
        Assert.Contains("error", bag.Say("""{"ask":"dance"}"""), StringComparison.Ordinal);
        Assert.Contains("error", bag.Say("""{"ask":"read","id":"crystal-ball"}"""), StringComparison.Ordinal);
        Assert.Contains("instruments", bag.Say("""{"ask":"list"}"""), StringComparison.Ordinal);
    }

    /// <summary>A service that misbehaves in one way.</summary>
    private sealed class Fake : IDisposable
    {
        private readonly TcpListener listener = new(IPAddress.Loopback, 0);
        private readonly CancellationTokenSource stop = new();

        public Fake(string manner)
        {
            listener.Start();
            _ = Serve(manner);
        }

        public string Address => $"127.0.0.1:{((IPEndPoint)listener.LocalEndpoint).Port}";

        public void Dispose()
        {
            stop.Cancel();
            listener.Stop();
            stop.Dispose();
        }

        private async Task Serve(string manner)
        {
            try
            {
                using var client = await listener.AcceptTcpClientAsync(stop.Token);
                await using var stream = client.GetStream();
                _ = await stream.ReadAtLeastAsync(new byte[4096], 1, cancellationToken: stop.Token);
                switch (manner)
                {
                    case "die":
                        return;
                    case "half":
                        await stream.WriteAsync(Encoding.UTF8.GetBytes(Good[..40]), stop.Token);
                        return;
                    case "stall":
                        await Task.Delay(Timeout.Infinite, stop.Token);
                        return;
                    case "endless":
                        for (var i = 0; i < 200; i++)
                        {
                            await stream.WriteAsync(
                                new byte[1024]
                                    .Select(_ => (byte)'x')
                                    .ToArray(),
                                stop.Token
                            );
                        }

                        return;
                    default:
                        await stream.WriteAsync(Encoding.UTF8.GetBytes((manner == "html" ? "<html>" : manner) + "\n"), stop.Token);
                        return;
                }
            }
            catch (Exception e) when (e is OperationCanceledException or IOException or SocketException or ObjectDisposedException)
            {
                // The test is over.
            }
        }
    }

    /// <summary>The stand-in that ships, in a process of its own.</summary>
    private sealed class StandIn : IDisposable
    {
        private readonly Process process;
        private readonly TcpClient client;
        private readonly StreamReader reader;
        private readonly StreamWriter writer;

        public StandIn(string seed)
        {
            var (port, http) = (Free(), Free());
            var program = Path.Combine(AppContext.BaseDirectory, "allsound-instruments.dll");
            process = Process.Start(
                new ProcessStartInfo("dotnet", [program, "--port", $"{port}", "--http", $"{http}", "--seed", seed, "--with", $"{Environment.ProcessId}"])
                {
                    UseShellExecute = false,
                    RedirectStandardOutput = true,
                }
            )!;
            Assert.Contains("instruments on", process.StandardOutput.ReadLine() ?? "the stand-in ended", StringComparison.Ordinal);
            client = new TcpClient("127.0.0.1", port);
            var stream = client.GetStream();
            reader = new StreamReader(stream);
            writer = new StreamWriter(stream) { AutoFlush = true };
        }

        public string Say(string line)
        {
            writer.WriteLine(line);
            return reader.ReadLine()!;
        }

        public double Read(string line) => (double)JsonNode.Parse(Say(line))!["reading"]!["value"]!;

        public void Dispose()
        {
            client.Dispose();
            process.Kill();
            process.WaitForExit();
            process.Dispose();
        }

        private static int Free()
        {
            using var listener = new TcpListener(IPAddress.Loopback, 0);
            listener.Start();
            return ((IPEndPoint)listener.LocalEndpoint).Port;
        }
    }
}
