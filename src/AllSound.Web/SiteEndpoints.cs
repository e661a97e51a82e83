using System.Collections.Immutable;
using System.Text;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Core.Site;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>A line of the log with when the server had it.</summary>
/// <param name="Entry">The line as it was written.</param>
/// <param name="Received">When the server had it.</param>
/// <param name="Counts">False where it was corrected or taken back.</param>
internal sealed record LoggedLine(LogEntry Entry, DateTimeOffset Received, bool Counts);

/// <summary>Where a job stands on site.</summary>
/// <param name="Surfaces">Where each surface stands.</param>
/// <param name="Log">The lines of the log, in the order of their time.</param>
internal sealed record SiteOf(ImmutableArray<SurfaceSiteReport> Surfaces, ImmutableArray<LoggedLine> Log);

/// <summary>What the site is, by the survey and the log. Lines are added to the log as records of the job, like every edit.</summary>
internal static class SiteEndpoints
{
    public static void MapSite(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs/{job}").WithTags("site");
        api.MapGet("site", Site).Produces<SiteOf>().ProducesProblem(404).WithName("getSite");
        api.MapGet("as-built", Built).Produces<AsBuiltReport>().ProducesProblem(404).WithName("getAsBuilt");
        api.MapGet("record.svg", Code).Produces<string>(200, "image/svg+xml").ProducesProblem(404).WithName("getRecordCode");
        api.MapGet("log.csv", Table).Produces<string>(200, "text/csv").ProducesProblem(404).WithName("exportLog");
    }

    private static IResult Site(string job, string? surface, JobStore store, Analysis analysis)
    {
        if (store.Find(job) is not { } stored)
        {
            return Requests.NotFound("job");
        }

        var wanted = stored.Job.Surfaces().Where(x => surface is null || x.Surface.Id == surface).ToArray();
        if (surface is not null && wanted.Length == 0)
        {
            return Requests.NotFound("surface");
        }

        var specified = analysis.SpecifyAll(stored);
        var now = TimeProvider.System.GetLocalNow().DateTime;
        var gone = stored.Job.Log.Select(e => e.Id).Except(SiteLog.Standing(stored.Job.Log).Select(e => e.Id)).ToHashSet(StringComparer.Ordinal);
        return Results.Ok(
            new SiteOf(
                [.. wanted.Select(x => SurfaceSiteReport.Of(stored.Job, x.Space, x.Surface, specified[x.Surface.Id], now))],
                [
                    .. stored
                        .Job.Log.Where(e => surface is null || e.Surface == surface)
                        .OrderBy(e => e.At)
                        .ThenBy(e => e.Id, StringComparer.Ordinal)
                        .Select(e => new LoggedLine(
                            e,
                            DateTimeOffset.FromUnixTimeMilliseconds(stored.VersionOf(RecordKind.Entry, e.Id)),
                            e.Kind == LogKind.Withdrawn || !gone.Contains(e.Id)
                        )),
                ]
            )
        );
    }

    private static IResult Built(string job, JobStore store, Analysis analysis) =>
        store.Find(job) is { } stored ? Results.Ok(AsBuiltReport.Of(stored.Job, analysis.SpecifyAll(stored))) : Requests.NotFound("job");

    private static IResult Code(string job, HttpRequest request, JobStore store) =>
        store.Find(job) is not null ? Results.Text(RecordCode.Svg(RecordCode.Address(request, job)), "image/svg+xml", Encoding.UTF8) : Requests.NotFound("job");

    private static IResult Table(string job, JobStore store) =>
        store.Find(job) is { } stored ? Results.File(Encoding.UTF8.GetBytes(Tables.Log(stored.Job)), "text/csv", $"{job}.log.csv") : Requests.NotFound("job");
}
