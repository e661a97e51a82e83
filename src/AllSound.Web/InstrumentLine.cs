using System.Net.Sockets;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using AllSound.Core.Inspection;

namespace AllSound.Web;

/// <summary>An instrument that can be read.</summary>
internal sealed record InstrumentView(string Id, string Title, string Check, string Unit);

/// <summary>The instruments in the bag, or why there are none.</summary>
internal sealed record BagView(InstrumentView[] Instruments, string? Problem);

/// <summary>What came of asking the instrument service; when it failed, why, in words.</summary>
internal sealed record InstrumentAnswer<T>(T? Value, string? Problem, int Status)
    where T : class;

/// <summary>A reading taken by an instrument, not recorded yet.</summary>
internal sealed record TakenReading(string Check, double Value, string Unit, string Instrument, DateTime At);

/// <summary>A request to read.</summary>
internal sealed record ReadRequest(string? Place = null, string? Species = null);

/// <summary>
/// Talks to an instrument service in lines of JSON over a loopback stream. The service is not trusted: it may be gone,
/// stall, or send anything; each is said so in words and nothing hangs on it.
/// </summary>
internal sealed class InstrumentLine(string address)
{
    private const int Longest = 65_536;
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(3);

    /// <summary>What is in the bag.</summary>
    public async Task<InstrumentAnswer<InstrumentView[]>> List(CancellationToken cancel)
    {
        var (node, problem, status) = await Say(new JsonObject { ["ask"] = "list" }, cancel);
        if (node is null)
        {
            return new(null, problem, status);
        }

        try
        {
            var found = new List<InstrumentView>();
            foreach (var item in node["instruments"]!.AsArray())
            {
                var view = new InstrumentView(
                    item!["id"]!.GetValue<string>(),
                    item["title"]!.GetValue<string>(),
                    item["check"]!.GetValue<string>(),
                    item["unit"]!.GetValue<string>()
                );
                if (Checks.Find(view.Check) is { Unit: not null })
                {
                    found.Add(view);
                }
            }

            return new([.. found], null, 200);
        }
        catch (Exception e) when (IsRubbish(e))
        {
            return new(null, "The instrument service sent a list that cannot be read. Nothing was recorded.", 502);
        }
    }

    /// <summary>Takes a reading.</summary>
    public async Task<InstrumentAnswer<TakenReading>> Read(string id, ReadRequest request, CancellationToken cancel)
    {
        var ask = new JsonObject
        {
            ["ask"] = "read",
            ["id"] = id,
            ["place"] = request.Place,
            ["species"] = request.Species,
        };
        var (node, problem, status) = await Say(ask, cancel);
        if (node is null)
        {
            return new(null, problem, status);
        }

        try
        {
            if (node["error"] is { } error)
            {
                return new(null, $"The instrument service says: {error.GetValue<string>()}.", 502);
            }

            var reading = node["reading"]!;
            var (check, value, unit) = (reading["check"]!.GetValue<string>(), reading["value"]!.GetValue<double>(), reading["unit"]!.GetValue<string>());
            if (
                Checks.Find(check) is not { Unit: not null } known
                || known.InOwnUnit(value, unit) is not { } read
                || !(read >= known.Range.Least && read <= known.Range.Most)
            )
            {
                return new(null, $"The instrument sent {value} {unit} for {check}, which cannot be. Nothing was recorded: read again.", 502);
            }

            return new(new TakenReading(check, value, unit, Short(reading["instrument"]!.GetValue<string>()), reading["at"]!.GetValue<DateTime>()), null, 200);
        }
        catch (Exception e) when (IsRubbish(e))
        {
            return new(null, "The instrument service sent something that is no reading. Nothing was recorded: read again.", 502);
        }
    }

    private async Task<(JsonNode? Node, string? Problem, int Status)> Say(JsonObject ask, CancellationToken cancel)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        patience.CancelAfter(Patience);
        try
        {
            var colon = address.LastIndexOf(':');
            using var client = new TcpClient();
            await client.ConnectAsync(address[..colon], int.Parse(address[(colon + 1)..], System.Globalization.CultureInfo.InvariantCulture), patience.Token);
            await using var stream = client.GetStream();
            await stream.WriteAsync(Encoding.UTF8.GetBytes(ask.ToJsonString() + "\n"), patience.Token);
            var buffer = new byte[Longest];
            var length = 0;
            while (length < Longest)
            {
                var got = await stream.ReadAsync(buffer.AsMemory(length), patience.Token);
                if (got == 0)
                {
                    return (null, "The instrument service broke off in the middle of the reading. Nothing was recorded: read again.", 502);
                }

                var end = Array.IndexOf(buffer, (byte)'\n', length, got);
                length += got;
                if (end >= 0)
                {
                    return JsonNode.Parse(Encoding.UTF8.GetString(buffer, 0, end)) is JsonObject node
                        ? (node, null, 200)
                        : (null, "The instrument service sent something that is no answer. Nothing was recorded.", 502);
                }
            }

            return (null, "The instrument service sent an endless line. Nothing was recorded.", 502);
        }
        catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
        {
            return (null, $"The instrument service did not answer within {Patience.TotalSeconds} seconds. Nothing was recorded: read again, or type the number in.", 504);
        }
        catch (JsonException)
        {
            return (null, "The instrument service sent something that is no JSON. Nothing was recorded.", 502);
        }
        catch (Exception e) when (e is SocketException or IOException)
        {
            return (null, "No instrument service is running. Type the number in.", 503);
        }
    }

    private static string Short(string text) => text.Length > 80 ? text[..80] : text;

    private static bool IsRubbish(Exception e) => e is InvalidOperationException or FormatException or NullReferenceException or KeyNotFoundException or JsonException;
}
