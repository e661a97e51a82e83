using System.Collections.Immutable;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Reads request bodies, and says in problem details (RFC 9457) why something was not done.</summary>
internal static class Requests
{
    private static readonly UTF8Encoding Strict = new(encoderShouldEmitUTF8Identifier: false, throwOnInvalidBytes: true);

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
    public static async Task<(string? Text, IResult? Problem)> Text(HttpRequest request, BodyLimit? limit = null)
    {
        using var memory = new MemoryStream();
        var problem = await BodyLimit.Copy(request, memory, limit);
        if (problem is not null)
        {
            return (null, problem);
        }

        try
        {
            return (Strict.GetString(memory.GetBuffer(), 0, (int)memory.Length).TrimStart('\uFEFF'), null);
        }
        catch (DecoderFallbackException)
        {
            return (null, Problem([new Fault("$", "the text is not UTF-8")]));
        }
    }

    /// <summary>Faults as problem details, one entry for each field.</summary>
    public static IResult Problem(ImmutableArray<Fault> faults) =>
        Results.ValidationProblem(
            faults.GroupBy(f => f.Path).ToDictionary(g => g.Key, g => g.Select(f => f.Message).ToArray(), StringComparer.Ordinal),
            title: "Something in what was sent is not right; nothing was changed.",
            detail: string.Join(" ", faults.Take(3).Select(f => $"{f.Path}: {f.Message}."))
        );

    public static IResult NotFound(string what) => Results.Problem(title: $"There is no such {what}.", statusCode: StatusCodes.Status404NotFound);

    /// <summary>The answer to a change that was not made.</summary>
    /// <param name="outcome">What came of it.</param>
    /// <param name="what">What was to be changed, in a word.</param>
    /// <param name="at">Where a record stands in what was sent; null when it does not.</param>
    public static IResult Refused(ChangeOutcome outcome, string what, Func<RecordKey, string?> at) =>
        outcome.Written switch
        {
            Written.NotFound => NotFound(what),
            Written.Faulty => Problem([
                .. outcome.Faults,
                .. outcome.Senseless.Select(s => new Fault((at(s.Key) ?? $"$.{JobFile.Name(s.Key.Kind)}s.{s.Key.Id}") + s.Path, s.Message)),
            ]),
            Written.Taken => Results.Problem(
                title: $"That id is taken by another {what}; nothing was changed.",
                statusCode: StatusCodes.Status409Conflict,
                extensions: Standing(outcome)
            ),
            _ => Results.Problem(
                title: $"Somebody else saved this {what} meanwhile. Nothing was changed and nothing of theirs was lost.",
                statusCode: StatusCodes.Status409Conflict,
                extensions: Standing(outcome)
            ),
        };

    /// <summary>A record as it stands, for whoever was behind.</summary>
    public static StandingRecord Standing(StoredJob? job, RecordKey key)
    {
        var record = job?.Records.Find(key);
        return new(key.Kind, key.Id, record?.Version ?? 0, record?.Parent, record is null ? null : Json(record.Value));
    }

    /// <summary>A record's value as JSON.</summary>
    public static JsonNode? Json(object? value) => value is null ? null : JsonSerializer.SerializeToNode(value, value.GetType(), JobFile.Compact);

    private static Dictionary<string, object?> Standing(ChangeOutcome outcome) =>
        new(StringComparer.Ordinal) { ["version"] = outcome.Version, ["standing"] = outcome.Stale.Select(k => Standing(outcome.Job, k)).ToArray() };
}
