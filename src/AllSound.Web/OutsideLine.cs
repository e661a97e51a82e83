using System.Text;

namespace AllSound.Web;

/// <summary>
/// Asks a service outside for a table. It is not trusted: it may be gone, stall, or send anything; each is said so in words, and what was last
/// known stays.
/// </summary>
/// <param name="address">Host and port.</param>
/// <param name="who">Who is asked, as a sentence begins: The supplier.</param>
/// <param name="stays">What stays: The prices last known stay.</param>
internal abstract class OutsideLine(string address, string who, string stays) : IDisposable
{
    private const int Longest = 2_000_000;
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(4);
    private readonly HttpClient client = new() { Timeout = Patience };

    /// <summary>What stays when it fails.</summary>
    public string Stays => stays;

    /// <summary>The table as it is sent, or why there is none.</summary>
    /// <param name="path">What is asked for, with a slash.</param>
    /// <param name="cancel">Stops it.</param>
    protected async Task<(string? Table, string? Problem, int Status)> Ask(string path, CancellationToken cancel)
    {
        try
        {
            using var patience = CancellationTokenSource.CreateLinkedTokenSource(cancel);
            patience.CancelAfter(Patience);
            using var answer = await client.GetAsync(new Uri($"http://{address}{path}"), HttpCompletionOption.ResponseHeadersRead, patience.Token);
            if (!answer.IsSuccessStatusCode)
            {
                return (null, $"{who} answers with fault {(int)answer.StatusCode}. {stays}", 502);
            }

            await using var stream = await answer.Content.ReadAsStreamAsync(patience.Token);
            var buffer = new byte[Longest + 1];
            var length = await stream.ReadAtLeastAsync(buffer, buffer.Length, throwOnEndOfStream: false, patience.Token);
            return length > Longest ? (null, $"{who} sent more than a table can be. {stays}", 502) : (Encoding.UTF8.GetString(buffer, 0, length), null, 200);
        }
        catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
        {
            return (null, $"{who} did not answer within {Patience.TotalSeconds} seconds. {stays}", 504);
        }
        catch (Exception e) when (e is HttpRequestException { HttpRequestError: HttpRequestError.ConnectionError })
        {
            return (null, $"{who} cannot be reached. {stays}", 503);
        }
        catch (Exception e) when (e is HttpRequestException or IOException or UriFormatException)
        {
            return (null, $"{who} broke off. {stays}", 502);
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        client.Dispose();
        GC.SuppressFinalize(this);
    }
}

/// <summary>Asks a supplier for his price list.</summary>
/// <param name="address">Host and port.</param>
internal sealed class SupplierLine(string address) : OutsideLine(address, "The supplier", "The prices last known stay.")
{
    /// <summary>The list, or why there is none.</summary>
    public Task<(string? Table, string? Problem, int Status)> Prices(CancellationToken cancel) => Ask("/prices.csv", cancel);
}

/// <summary>Asks a weather service for its forecast.</summary>
/// <param name="address">Host and port.</param>
internal sealed class WeatherLine(string address) : OutsideLine(address, "The weather service", "The forecast last taken in stays.")
{
    /// <summary>The forecast, or why there is none.</summary>
    /// <param name="latitude">Degrees, north positive.</param>
    /// <param name="longitude">Degrees, east positive.</param>
    /// <param name="cancel">Stops it.</param>
    public Task<(string? Table, string? Problem, int Status)> Forecast(double latitude, double longitude, CancellationToken cancel) =>
        Ask(FormattableString.Invariant($"/forecast.csv?latitude={latitude}&longitude={longitude}"), cancel);
}
