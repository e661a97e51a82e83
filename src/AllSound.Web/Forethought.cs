using AllSound.Storage;
using Microsoft.Data.Sqlite;

namespace AllSound.Web;

/// <summary>
/// Specifies the surfaces of the jobs touched last once the server has started, in the quiet before somebody asks: the first look at a job of
/// hundreds of surfaces would otherwise wait seconds for all of them. What is changed later is specified again as it is asked for.
/// </summary>
internal sealed class Forethought(JobStore store, Analysis analysis, ILogger<Forethought> log) : BackgroundService
{
    // Who works on more than these in a week opens one of the others first. Judgement.
    private const int Jobs = 3;

    /// <inheritdoc/>
    protected override Task ExecuteAsync(CancellationToken stoppingToken) =>
        // Beside the start: the server answers before this is done.
        Task.Run(
            () =>
            {
                try
                {
                    foreach (var line in store.List().OrderByDescending(j => j.Touched).Take(Jobs))
                    {
                        if (store.Find(line.Id) is { } stored)
                        {
                            analysis.Foresee(stored, stoppingToken);
                        }
                    }
                }
                catch (Exception e) when (e is DatabaseFault or SqliteException or AggregateException)
                {
                    // Whoever asks is told what is wrong; a server that only thought ahead does not stop for it.
                    log.NotForeseen(e.GetType().Name);
                }
            },
            stoppingToken
        );
}
