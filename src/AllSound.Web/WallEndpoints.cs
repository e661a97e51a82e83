using System.Collections.Immutable;
using System.Text;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>What is on the walls of all jobs, what is to be looked at again, and what lasts.</summary>
internal static class WallEndpoints
{
    public static void MapWalls(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api").WithTags("walls");
        api.MapGet(
                "walls",
                (string? asked, JobStore store, Analysis analysis) =>
                    asked?.Length > LongestQuestion
                        ? Requests.Problem([new("$.asked", $"expected {LongestQuestion} characters at most")])
                        : Results.Ok(WallReport.Find(Worked(store, analysis), asked ?? ""))
            )
            .Produces<WallReport[]>()
            .ProducesProblem(400)
            .WithName("findWalls");
        api.MapGet("kept", (JobStore store, Analysis analysis) => Results.Ok(Kept(store, analysis))).Produces<KeptReport>().WithName("getKept");
        api.MapGet(
                "looks.ics",
                (JobStore store, Analysis analysis) =>
                    Results.File(
                        Encoding.UTF8.GetBytes(
                            SpokenJson.Say(Kept(store, analysis), RequestSpeech.Current).Calendar("Looking again", TimeProvider.System.GetUtcNow().UtcDateTime)
                        ),
                        "text/calendar",
                        "looks.ics"
                    )
            )
            .Produces<string>(200, "text/calendar")
            .WithName("exportLooks");
    }

    private const int LongestQuestion = 200;

    private static KeptReport Kept(JobStore store, Analysis analysis) => KeptReport.Of(Worked(store, analysis));

    // What nobody has worked on is not specified for it.
    private static IEnumerable<(Job Job, IReadOnlyDictionary<string, Specified> Specified)> Worked(JobStore store, Analysis analysis) =>
        store
            .List()
            .Select(j => store.Find(j.Id))
            .OfType<StoredJob>()
            .Select(j => (j.Job, (IReadOnlyDictionary<string, Specified>)(j.Job.Log.IsEmpty ? ImmutableDictionary<string, Specified>.Empty : analysis.SpecifyAll(j))));
}
