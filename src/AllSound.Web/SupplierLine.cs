using System.Text;

namespace AllSound.Web;

/// <summary>
/// Asks a supplier for his price list. He is not trusted: he may be gone, stall, or send anything; each is said so in words, and the
/// prices last known stay.
/// </summary>
internal sealed class SupplierLine(string address) : IDisposable
{
    private const int Longest = 2_000_000;
    private const string Stay = "The prices last known stay.";
    private readonly HttpClient client = new() { Timeout = Patience };
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(4);

    /// <summary>The list as he sends it, or why there is none.</summary>
    public async Task<(string? Table, string? Problem, int Status)> Prices(CancellationToken cancel)
    {
        try
        {
            using var patience = CancellationTokenSource.CreateLinkedTokenSource(cancel);
            patience.CancelAfter(Patience);
            using var answer = await client.GetAsync(new Uri($"http://{address}/prices.csv"), HttpCompletionOption.ResponseHeadersRead, patience.Token);
            if (!answer.IsSuccessStatusCode)
            {
                return (null, $"The supplier answers with fault {(int)answer.StatusCode}. {Stay}", 502);
            }

            await using var stream = await answer.Content.ReadAsStreamAsync(patience.Token);
            var buffer = new byte[Longest + 1];
            var length = await stream.ReadAtLeastAsync(buffer, buffer.Length, throwOnEndOfStream: false, patience.Token);
            return length > Longest ? (null, $"The supplier sent more than a price list can be. {Stay}", 502) : (Encoding.UTF8.GetString(buffer, 0, length), null, 200);
        }
        catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
        {
            return (null, $"The supplier did not answer within {Patience.TotalSeconds} seconds. {Stay}", 504);
        }
        catch (Exception e) when (e is HttpRequestException { HttpRequestError: HttpRequestError.ConnectionError })
        {
            return (null, $"The supplier cannot be reached. {Stay}", 503);
        }
        catch (Exception e) when (e is HttpRequestException or IOException or UriFormatException)
        {
            return (null, $"The supplier broke off. {Stay}", 502);
        }
    }

    /// <inheritdoc/>
    public void Dispose() => client.Dispose();
}
