using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json;

namespace AllSound.Instruments;

/// <summary>Newline-delimited JSON over a loopback stream: one line asked, one line answered.</summary>
internal sealed class Line(Bag bag, int port) : BackgroundService
{
    private const int Longest = 4096;
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        var listener = new TcpListener(IPAddress.Loopback, port);
        listener.Start();
        // Whoever started it knows from this line that it can be asked.
        await Console.Out.WriteLineAsync(FormattableString.Invariant($"instruments on 127.0.0.1:{port}"));
        try
        {
            while (!stoppingToken.IsCancellationRequested)
            {
                var client = await listener.AcceptTcpClientAsync(stoppingToken);
                _ = Talk(client, stoppingToken);
            }
        }
        finally
        {
            listener.Stop();
        }
    }

    /// <summary>The answer to one line.</summary>
    public static string Answer(Bag bag, string line)
    {
        Ask? ask;
        try
        {
            ask = JsonSerializer.Deserialize<Ask>(line, Json);
        }
        catch (JsonException e)
        {
            return JsonSerializer.Serialize(new { error = $"not a line of JSON: {e.Message}" }, Json);
        }

        switch (ask?.Ask_)
        {
            case "list":
                return JsonSerializer.Serialize(new { instruments = Bag.All }, Json);
            case "read":
                var (reading, error) = bag.Read(ask);
                return reading is null ? JsonSerializer.Serialize(new { error }, Json) : JsonSerializer.Serialize(new { reading }, Json);
            default:
                return JsonSerializer.Serialize(new { error = "ask: expected list or read" }, Json);
        }
    }

    private async Task Talk(TcpClient client, CancellationToken stop)
    {
        using (client)
        {
            try
            {
                await using var stream = client.GetStream();
                using var reader = new StreamReader(stream, Encoding.UTF8);
                await using var writer = new StreamWriter(stream, new UTF8Encoding(false)) { AutoFlush = true, NewLine = "\n" };
                while (await reader.ReadLineAsync(stop) is { } line)
                {
                    await writer.WriteLineAsync((line.Length > Longest ? """{"error":"the line is too long"}""" : Answer(bag, line)).AsMemory(), stop);
                }
            }
            catch (Exception e) when (e is IOException or OperationCanceledException or SocketException)
            {
                // The other end went away; nothing of ours hangs on it.
            }
        }
    }
}
