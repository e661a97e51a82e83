namespace AllSound.StandIns;

/// <summary>What is wrong with the service, on demand.</summary>
internal sealed class Trouble
{
    /// <summary>
    /// All that may be wrong: none; slow (no answer within a minute); down (the connection is cut); error; rubbish (bytes that are no table);
    /// out-of-stock (the supplier's shelf is empty); wrong (a forecast of another climate); old (a forecast of three days ago).
    /// </summary>
    public static readonly string[] Names = ["none", "slow", "down", "error", "rubbish", "out-of-stock", "wrong", "old"];

    private volatile string now = "none";

    /// <summary>Sets what is wrong.</summary>
    /// <returns>False when there is no such fault; nothing is changed then.</returns>
    public bool Set(string name)
    {
        if (!Names.Contains(name, StringComparer.Ordinal))
        {
            return false;
        }

        now = name;
        return true;
    }

    /// <summary>True while that is wrong.</summary>
    public bool Is(string name) => now == name;

    /// <summary>Answers as the fault has it.</summary>
    /// <param name="context">The request.</param>
    /// <param name="text">What is said when nothing is wrong.</param>
    /// <param name="type">Its media type.</param>
    /// <param name="gone">Whoever asked is gone.</param>
    public async Task<IResult> Answer(HttpContext context, Func<string> text, string type, CancellationToken gone)
    {
        switch (now)
        {
            case "slow":
                await Task.Delay(TimeSpan.FromMinutes(1), gone);
                break;
            case "down":
                context.Abort();
                return Results.Empty;
            case "error":
                return Results.StatusCode(500);
            case "rubbish":
                return Results.Text("\u0001\u0002<html>\"not, a table", type);
        }

        return Results.Text(text(), type);
    }
}
