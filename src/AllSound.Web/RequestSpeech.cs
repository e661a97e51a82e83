using AllSound.Core.Exchange;
using AllSound.Core.Wording;

namespace AllSound.Web;

/// <summary>How the sender of a request wants answers said: <c>?terms=american&amp;units=us</c> at any address.</summary>
internal static class RequestSpeech
{
    private static readonly AsyncLocal<Speech> Asked = new();

    /// <summary>For the request under way; as written outside of one.</summary>
    public static Speech Current => Asked.Value;

    /// <summary>Takes what a request asks for, or refuses it.</summary>
    public static IResult? Take(HttpContext context)
    {
        var query = context.Request.Query;
        if (!Speech.TryParse(One(query["terms"]), One(query["units"]), out var speech))
        {
            return Requests.Problem([new Fault("terms, units", "expected terms=british or american, units=metric or us")]);
        }

        Asked.Value = speech;
        return null;
    }

    private static string? One(Microsoft.Extensions.Primitives.StringValues values) => values.Count == 0 ? null : values[^1];
}
