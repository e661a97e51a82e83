using System.Collections.Concurrent;
using System.Collections.Immutable;
using System.Text;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Programme;
using AllSound.Core.Site;
using AllSound.Storage;
using Microsoft.AspNetCore.Mvc;

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

            var specified = SiteAhead.Of(stored.Job, analysis.SpecifyAll(stored), asked.From);
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

/// <summary>May the next coats be laid.</summary>
/// <param name="Surfaces">A report for each surface asked about.</param>
/// <param name="Weather">What is known of the weather; null where nothing is.</param>
internal sealed record ConditionsOf(ImmutableArray<ConditionsReport> Surfaces, WeatherKnown? Weather);

/// <summary>What is known of the weather.</summary>
/// <param name="AsOf">When it was foretold; null where nobody said.</param>
/// <param name="Until">Until when it is known.</param>
/// <param name="Ways">In how many other ways it may come.</param>
internal sealed record WeatherKnown(DateTime? AsOf, DateTime Until, int Ways);

/// <summary>How a programme is asked for.</summary>
/// <remarks>Properties, not a constructor: the generator of the routes writes typeof of each parameter, which a nullable one does not bear.</remarks>
internal sealed record ProgrammeQuery
{
    /// <summary>Id of the job.</summary>
    [FromRoute(Name = "job")]
    public required string Job { get; init; }

    /// <summary>When work may begin; the job's start, or tomorrow, where it is not said.</summary>
    [FromQuery(Name = "from")]
    public string? From { get; init; }

    /// <summary>How long it may take.</summary>
    [FromQuery(Name = "seconds")]
    public double? Seconds { get; init; }

    /// <summary>Backwards from the deadline.</summary>
    [FromQuery(Name = "latest")]
    public bool? Latest { get; init; }

    /// <summary>Look for what would bring the finish forward.</summary>
    [FromQuery(Name = "help")]
    public bool? Help { get; init; }

    /// <summary>In a calendar: only what this person does.</summary>
    [FromQuery(Name = "person")]
    public string? Person { get; init; }
}

/// <summary>Who does what when.</summary>
internal static class ProgrammeEndpoints
{
    private const double Usual = 3;
    private const double Longest = 40;

    public static void MapProgramme(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs/{job}").WithTags("programme");
        Map("programme", "getProgramme", null, (report, _, _) => Results.Ok(report));
        Map(
            "programme.ics",
            "exportCalendar",
            "text/calendar",
            (report, stored, query) =>
                Sent(
                    ProgrammeTables.Calendar(
                        SpokenJson.Say(report, RequestSpeech.Current),
                        query.Job,
                        stored.Job.Title,
                        TimeProvider.System.GetUtcNow().UtcDateTime,
                        query.Person
                    ),
                    "text/calendar",
                    $"{query.Job}.ics"
                )
        );
        Map(
            "programme.csv",
            "exportProgramme",
            "text/csv",
            (report, _, query) => Sent(ProgrammeTables.Table(SpokenJson.Say(report, RequestSpeech.Current)), "text/csv", $"{query.Job}.programme.csv")
        );

        api.MapGet("conditions", Conditions).Produces<ConditionsOf>().ProducesValidationProblem().ProducesProblem(404).WithName("getConditions");

        void Map(string path, string name, string? type, Func<ProgrammeReport, StoredJob, ProgrammeQuery, IResult> write)
        {
            var route = api.MapGet(
                    path,
                    ([AsParameters] ProgrammeQuery query, JobStore store, Programmes programmes, CancellationToken cancel) =>
                        Answer(query, store, programmes, write, cancel)
                )
                .ProducesValidationProblem()
                .ProducesProblem(404)
                .WithName(name);
            _ = type is null ? route.Produces<ProgrammeReport>() : route.Produces<string>(200, type);
        }
    }

    private static IResult Conditions(string job, string? surface, string? at, JobStore store, Analysis analysis)
    {
        if (store.Find(job) is not { } stored)
        {
            return Requests.NotFound("job");
        }

        var moment = at is null ? TimeProvider.System.GetLocalNow().DateTime : ProgrammeAsking.Moment(at);
        if (moment is not { } asked)
        {
            return Requests.Problem([new Fault("$.at", "expected a local time as 2026-12-01T08:00")]);
        }

        var wanted = stored.Job.Surfaces().Where(x => surface is null || x.Surface.Id == surface).ToArray();
        if (surface is not null && wanted.Length == 0)
        {
            return Requests.NotFound("surface");
        }

        var specified = analysis.SpecifyAll(stored);
        return Results.Ok(
            new ConditionsOf(
                [.. wanted.Select(x => ConditionsReport.Of(Conditioner.Of(stored.Job, x.Space, x.Surface, specified, asked), x.Surface.Title))],
                stored.Job.Weather is { Hourly: [.., var last] } weather ? new WeatherKnown(weather.AsOf, last.Time, weather.Members.Length) : null
            )
        );
    }

    private static IResult Sent(string text, string type, string file) => Results.File(Encoding.UTF8.GetBytes(text), type, file);

    private static async Task<IResult> Answer(
        ProgrammeQuery query,
        JobStore store,
        Programmes programmes,
        Func<ProgrammeReport, StoredJob, ProgrammeQuery, IResult> write,
        CancellationToken cancel
    )
    {
        if (store.Find(query.Job) is not { } stored)
        {
            return Requests.NotFound("job");
        }

        var now = TimeProvider.System.GetLocalNow().DateTime;
        var (asked, fault) = ProgrammeAsking.Read(stored.Job, query.From, query.Seconds ?? Usual, query.Latest ?? false, now, Longest);
        return asked is null ? Requests.Problem([fault!]) : write(await programmes.Of(stored, asked, query.Help ?? false, cancel), stored, query);
    }
}
