using AllSound.Storage;
using Microsoft.Data.Sqlite;

namespace AllSound.Web;

/// <summary>
/// What is done beside answering: the log folded into the file once nothing has been written for a moment, a copy an hour while something changes,
/// and what is kept for thirty days cleared out after them.
/// </summary>
internal sealed class Housekeeping(Database database, JobStore store, Settings settings, ILogger<Housekeeping> log) : BackgroundService
{
    private static readonly TimeSpan Look = TimeSpan.FromSeconds(1);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (!database.Health.Writable)
        {
            log.ReadingOnly(database.Health.Says);
            return;
        }

        using var timer = new PeriodicTimer(Look);
        // What an earlier run left in the log is folded in too.
        var folded = -1L;
        var seen = store.Writes;
        var copied = Copies.In(settings.Copies ?? "", settings.Database).Select(c => c.Taken).LastOrDefault();
        var cleared = DateTimeOffset.MinValue;
        await Task.Run(database.LookOver, stoppingToken);
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            var now = TimeProvider.System.GetUtcNow();
            var writes = store.Writes;
            try
            {
                // Quiet for one look, or busy for ten.
                if (writes != folded && (writes == seen || writes - folded > 2000))
                {
                    folded = database.Fold() ? writes : folded;
                }

                seen = writes;
                if (settings.Copies is { } folder && store.LastWrite > copied && now - copied >= Copies.Every)
                {
                    copied = now;
                    Copies.Take(settings.Database, folder, now);
                    log.CopyTaken();
                }

                if (now - cleared > TimeSpan.FromHours(6))
                {
                    cleared = now;
                    if (store.ClearOut(now) is > 0 and var count)
                    {
                        log.ClearedOut(count);
                    }
                }
            }
            catch (Exception e) when (e is DatabaseFault or SqliteException or IOException or UnauthorizedAccessException)
            {
                log.CopyFailed(e.GetType().Name);
            }
        }
    }
}
