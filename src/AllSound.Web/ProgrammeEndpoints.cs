using System.Collections.Concurrent;
using System.Globalization;
using System.Text;
using AllSound.Core.Exchange;
using AllSound.Core.Programme;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Plans jobs, one after another, and keeps what it found for the records it found it from.</summary>
internal sealed class Programmes(Analysis analysis) : IDisposable
{
    private const int Most = 32;
    private readonly ConcurrentDictionary<Key, ProgrammeReport> known = new();

    // A plan takes a processor for seconds: the others are for who edits meanwhile.
    private readonly SemaphoreSlim one = new(1);

    /// <summary>Versions are never used twice: the same sum of as many, with the same highest, is the same records.</summary>
    private readonly record struct Key(string Job, long Highest, long Sum, int Count, Asked Asked, bool Help);

    /// <inheritdoc/>
    public void Dispose() => one.Dispose();

    /// <summary>The programme of a stored job.</summary>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public async Task<ProgrammeReport> Of(StoredJob stored, Asked asked, bool help, CancellationToken cancel)
    {
        var versions = stored.Records.All.Select(r => r.Version).ToArray();
        var key = new Key(stored.Job.Id, versions.Max(), versions.Sum(), versions.Length, asked, help);
        if (known.TryGetValue(key, out var report))
        {
            return report;
        }

        await one.WaitAsync(cancel);
        try
        {
            if (known.TryGetValue(key, out report))
            {
                return report;
            }

            var specified = analysis.SpecifyAll(stored);
            report = known.TryGetValue(key with { Help = false }, out var plain)
                ? plain
                : ProgrammeReport.Of(Programmer.Plan(stored.Job, specified, asked, cancel: cancel), asked.Latest);
            if (help && !asked.Latest && report.Finish is { } finish)
            {
                report = report with
                {
                    WouldHelp = [.. Programmer.Sooner(stored.Job, specified, asked, finish, cancel).Select(w => new WouldHelpReport(w.Change, w.Finish))],
                };
            }

            if (known.Count >= Most)
            {
                known.Clear();
            }

            return known[key] = report;
        }
        finally
        {
            one.Release();
        }
    }
}

/// <summary>Who does what when.</summary>
internal static class ProgrammeEndpoints
{
    private const double Usual = 3;
    private const double Longest = 40;

    public static void MapProgramme(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs/{job}").WithTags("programme");
        api.MapGet(
                "/programme",
                (string job, string? from, double? seconds, bool? latest, bool? help, JobStore store, Programmes programmes, CancellationToken cancel) =>
                    Answer(job, from, seconds, latest, help, store, programmes, cancel, (report, _) => Results.Ok(report))
            )
            .Produces<ProgrammeReport>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithName("getProgramme");
        api.MapGet(
                "/programme.ics",
                (string job, string? from, double? seconds, bool? latest, string? person, JobStore store, Programmes programmes, CancellationToken cancel) =>
                    Answer(
                        job,
                        from,
                        seconds,
                        latest,
                        null,
                        store,
                        programmes,
                        cancel,
                        (report, stored) =>
                            Results.File(
                                Encoding.UTF8.GetBytes(
                                    ProgrammeTables.Calendar(
                                        SpokenJson.Say(report, RequestSpeech.Current),
                                        job,
                                        stored.Job.Title,
                                        TimeProvider.System.GetUtcNow().UtcDateTime,
                                        person
                                    )
                                ),
                                "text/calendar",
                                $"{job}.ics"
                            )
                    )
            )
            .Produces<string>(200, "text/calendar")
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithName("exportCalendar");
        api.MapGet(
                "/programme.csv",
                (string job, string? from, double? seconds, bool? latest, JobStore store, Programmes programmes, CancellationToken cancel) =>
                    Answer(
                        job,
                        from,
                        seconds,
                        latest,
                        null,
                        store,
                        programmes,
                        cancel,
                        (report, _) =>
                            Results.File(Encoding.UTF8.GetBytes(ProgrammeTables.Table(SpokenJson.Say(report, RequestSpeech.Current))), "text/csv", $"{job}.programme.csv")
                    )
            )
            .Produces<string>(200, "text/csv")
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithName("exportProgramme");
    }

    private static async Task<IResult> Answer(
        string job,
        string? from,
        double? seconds,
        bool? latest,
        bool? help,
        JobStore store,
        Programmes programmes,
        CancellationToken cancel,
        Func<ProgrammeReport, StoredJob, IResult> write
    )
    {
        if (store.Find(job) is not { } stored)
        {
            return Requests.NotFound("job");
        }

        var start = stored.Job.Programme?.Start ?? TimeProvider.System.GetLocalNow().Date.AddDays(1);
        if (!string.IsNullOrEmpty(from) && !DateTime.TryParse(from, CultureInfo.InvariantCulture, DateTimeStyles.NoCurrentDateDefault, out start))
        {
            return Requests.Problem([new Fault("$.from", $"expected a time such as 2026-12-01T08:00, found '{from}'")]);
        }

        if (seconds is not (null or (>= 0.1 and <= Longest)))
        {
            return Requests.Problem([new Fault("$.seconds", FormattableString.Invariant($"expected 0.1 to {Longest}, found {seconds}"))]);
        }

        if (latest == true && stored.Job.Programme?.Deadline is null)
        {
            return Requests.Problem([new Fault("$.latest", "going backwards needs a deadline")]);
        }

        var asked = new Asked(DateTime.SpecifyKind(start, DateTimeKind.Unspecified), seconds ?? Usual, latest ?? false);
        return write(await programmes.Of(stored, asked, help ?? false, cancel), stored);
    }
}
