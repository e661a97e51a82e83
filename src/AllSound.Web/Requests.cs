using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Reads request bodies and says in problem details what is wrong with them.</summary>
internal static class Requests
{
    /// <summary>Reads a body; on a fault nothing has been changed and the field at fault is named.</summary>
    public static async Task<(T? Value, IResult? Problem)> Read<T>(HttpRequest request)
        where T : class
    {
        var (text, problem) = await Text(request);
        if (text is null)
        {
            return (null, problem);
        }

        var (value, fault) = JobFile.Parse<T>(text);
        return value is null ? (null, Problem([fault!])) : (value, null);
    }

    /// <summary>The body as text.</summary>
    public static async Task<(string? Text, IResult? Problem)> Text(HttpRequest request)
    {
        using var reader = new StreamReader(request.Body);
        try
        {
            return (await reader.ReadToEndAsync(request.HttpContext.RequestAborted), null);
        }
        catch (BadHttpRequestException e)
        {
            return (null, Results.Problem(title: "The request could not be read.", detail: e.Message, statusCode: e.StatusCode));
        }
    }

    /// <summary>Faults as problem details (RFC 9457), one entry for each field.</summary>
    public static IResult Problem(ImmutableArray<Fault> faults) =>
        Results.ValidationProblem(
            faults.GroupBy(f => f.Path).ToDictionary(g => g.Key, g => g.Select(f => f.Message).ToArray(), StringComparer.Ordinal),
            title: "Something in what was sent is not right; nothing was changed.",
            detail: string.Join(" ", faults.Take(3).Select(f => $"{f.Path}: {f.Message}."))
        );

    public static IResult NotFound(string what) => Results.Problem(title: $"There is no such {what}.", statusCode: StatusCodes.Status404NotFound);

    /// <summary>The answer to a write that did not happen.</summary>
    public static IResult Refused(Write write, string what) =>
        write.Outcome switch
        {
            Written.NotFound => NotFound(what),
            Written.Taken => Results.Problem(
                title: $"That id is taken by another {what}; nothing was changed.",
                statusCode: StatusCodes.Status409Conflict,
                extensions: Version(write)
            ),
            _ => Results.Problem(
                title: $"Somebody else saved this {what} meanwhile. Your change was not saved and nothing of theirs was lost: load it again and make the change anew.",
                statusCode: StatusCodes.Status409Conflict,
                extensions: Version(write)
            ),
        };

    private static Dictionary<string, object?> Version(Write write) => new(StringComparer.Ordinal) { ["version"] = write.Version };
}
