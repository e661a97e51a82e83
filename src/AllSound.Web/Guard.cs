using System.Net;

namespace AllSound.Web;

/// <summary>
/// Lets through what comes from the program's own pages: requests by a name that is its own, so that a name elsewhere that is made to point here
/// reaches nothing, and changes from its own origin, so that another page open in the same browser changes nothing.
/// </summary>
internal sealed class Guard(Settings settings)
{
    private readonly HashSet<string> hosts = new(["localhost", "127.0.0.1", "[::1]", .. settings.Hosts], StringComparer.OrdinalIgnoreCase);

    /// <summary>Why a request is not let through; null when it is.</summary>
    public IResult? Refuse(HttpContext context)
    {
        var request = context.Request;
        if (!hosts.Contains(request.Host.Host))
        {
            return Results.Problem(
                title: $"This server does not answer to the name '{request.Host.Host}'. Start it with --hosts to give it more names.",
                statusCode: StatusCodes.Status421MisdirectedRequest
            );
        }

        if (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method) || HttpMethods.IsOptions(request.Method))
        {
            return null;
        }

        var own = $"{request.Scheme}://{request.Host.Value}";
        if (!string.Equals(request.Headers.Origin, own, StringComparison.OrdinalIgnoreCase))
        {
            return Results.Problem(
                title: $"Changes are taken from the program's own pages only. A script sends the header 'Origin: {own}'.",
                statusCode: StatusCodes.Status403Forbidden
            );
        }

        return null;
    }

    /// <summary>What is said when a server would listen to others without having been told that they are trusted; null when it may start.</summary>
    public static string? RefuseToListen(Settings settings) =>
        settings.TrustedNetwork || settings.Urls.All(IsLoopback)
            ? null
            : $"Not started: {settings.Urls.First(u => !IsLoopback(u))} can be reached from other machines, and there are no accounts yet, so anyone there could read and change everything. "
                + "Use 127.0.0.1, or add --trusted-network if everyone on that network may.";

    private static bool IsLoopback(string url)
    {
        var host = BindingAddress.Parse(url).Host;
        return host.Equals("localhost", StringComparison.OrdinalIgnoreCase)
            || (IPAddress.TryParse(host.Trim('[', ']'), out var address) && IPAddress.IsLoopback(address));
    }
}
