using System.Text.RegularExpressions;
using AllSound.Storage;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.Data.Sqlite;

namespace AllSound.Web;

/// <summary>What is answered when something outside the program fails: the disk, the database, a request that breaks off.</summary>
internal sealed partial class Failures(IServiceProvider parts, ILogger<Failures> log) : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        if (exception is OperationCanceledException && httpContext.RequestAborted.IsCancellationRequested)
        {
            // The sender has left, or took too long: nobody is told, and nothing was changed.
            httpContext.Response.StatusCode = StatusCodes.Status408RequestTimeout;
            return true;
        }

        var (status, title) = Said(exception);
        if (status >= 500)
        {
            // What an exception says may hold what somebody typed; its kind and place do not.
            log.Failed(exception.GetType().Name, (exception as SqliteException)?.SqliteExtendedErrorCode ?? 0, exception.StackTrace ?? "");
        }

        if (httpContext.Response.HasStarted)
        {
            httpContext.Abort();
            return true;
        }

        if (status == StatusCodes.Status503ServiceUnavailable)
        {
            httpContext.Response.Headers.RetryAfter = "2";
        }

        await Results.Problem(title: title, statusCode: status).ExecuteAsync(httpContext);
        return true;
    }

    private (int Status, string Title) Said(Exception exception)
    {
        // Asked for when something has failed, and not made for it.
        var database = parts.GetRequiredService<Database>();
        switch (exception)
        {
            case BadHttpRequestException bad:
                return (
                    bad.StatusCode,
                    Parameter().Match(bad.Message) is { Success: true } m ? $"{m.Groups[2].Value}: expected {Kind(m.Groups[1].Value)}." : "The request could not be read."
                );
            case SqliteException { SqliteErrorCode: 13 }:
                return (StatusCodes.Status507InsufficientStorage, "The disk is full: nothing was saved. Make room and try again; what is on your screen is kept there.");
            case SqliteException { SqliteErrorCode: 5 or 6 }:
                return (StatusCodes.Status503ServiceUnavailable, "The database is busy: nothing was saved. Try again in a moment.");
            case SqliteException { SqliteErrorCode: 8 }:
                return (
                    StatusCodes.Status503ServiceUnavailable,
                    database.Health.Writable ? "The database cannot be written to: nothing was saved." : database.Health.Says
                );
            case SqliteException { SqliteErrorCode: 11 or 26 }:
                var says = $"The database is damaged: nothing was saved. Look it over with './allsound check', and put back a copy with './allsound restore'.";
                database.TurnToReading(says);
                return (StatusCodes.Status503ServiceUnavailable, says);
            case SqliteException or IOException:
                return (
                    StatusCodes.Status503ServiceUnavailable,
                    "The disk could not be read or written: nothing was saved. Try again; if it stays so, look at the disk."
                );
            default:
                return (StatusCodes.Status500InternalServerError, "Something went wrong in the program: nothing was changed. What happened is in its log.");
        }
    }

    private static string Kind(string type) =>
        type.TrimEnd('?') switch
        {
            "long" or "int" => "a whole number",
            "bool" => "true or false",
            _ => "a value",
        };

    [GeneratedRegex("parameter \"(\\S+) (\\S+)\"")]
    private static partial Regex Parameter();
}

/// <summary>Takes addresses out of what is logged: ids are made of titles, and those of names.</summary>
internal sealed class NoAddresses : Serilog.Core.ILogEventEnricher
{
    public void Enrich(Serilog.Events.LogEvent logEvent, Serilog.Core.ILogEventPropertyFactory propertyFactory)
    {
        logEvent.RemovePropertyIfPresent("RequestPath");
        logEvent.RemovePropertyIfPresent("Path");
    }
}

internal static partial class LogLines
{
    [LoggerMessage(EventId = 1, Level = LogLevel.Information, Message = "{Method} {Route} {Status} {Milliseconds} ms {Bytes} bytes")]
    public static partial void Answered(this ILogger log, string method, string route, int status, double milliseconds, long bytes);

    [LoggerMessage(EventId = 2, Level = LogLevel.Error, Message = "{Kind} {Code} at {Place}")]
    public static partial void Failed(this ILogger log, string kind, int code, string place);

    [LoggerMessage(EventId = 3, Level = LogLevel.Information, Message = "Copy taken")]
    public static partial void CopyTaken(this ILogger log);

    [LoggerMessage(EventId = 4, Level = LogLevel.Warning, Message = "No copy could be taken: {Why}")]
    public static partial void CopyFailed(this ILogger log, string why);

    [LoggerMessage(EventId = 5, Level = LogLevel.Information, Message = "{Count} old records cleared out")]
    public static partial void ClearedOut(this ILogger log, int count);

    [LoggerMessage(EventId = 6, Level = LogLevel.Warning, Message = "Opened for reading only: {Why}")]
    public static partial void ReadingOnly(this ILogger log, string why);

    [LoggerMessage(EventId = 7, Level = LogLevel.Warning, Message = "The latest jobs were not worked out ahead: {Kind}")]
    public static partial void NotForeseen(this ILogger log, string kind);
}
