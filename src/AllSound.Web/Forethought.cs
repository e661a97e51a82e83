using AllSound.Storage;
using Microsoft.Data.Sqlite;

namespace AllSound.Web;

/// <summary>
/// Specifies the surfaces of the jobs touched last once the server has started, in the quiet before somebody asks: the first look at a job of
/// hundreds of surfaces would else wait seconds for all of them. What is changed later is specified again as it is asked for.
/// </summary>
internal sealed class Forethought(JobStore store, Analysis analysis) : BackgroundService
{
    // Who works on more than these in a week opens one of the others first. Judgement.
    private const int Jobs = 3;

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        // The server answers before this is done.
        await Task.Yield();
        try
        {
            foreach (var line in store.List().OrderByDescending(j => j.Touched).Take(Jobs))
            {
                if (stoppingToken.IsCancellationRequested)
                {
                    return;
                }

                if (store.Find(line.Id) is { } stored)
                {
                    analysis.View(stored);
                }
            }
        }
        catch (SqliteException)
        {
            // A file that cannot be read is told to whoever asks for it.
        }
    }
}
