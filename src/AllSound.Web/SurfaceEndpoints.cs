using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Core.Surfaces;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Surfaces: what is recorded, and what follows from it.</summary>
internal static class SurfaceEndpoints
{
    public static void MapSurfaces(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs/{job}").WithTags("surfaces");
        api.MapGet(
                "/surfaces/{surface}",
                (string job, string surface, JobStore store, Analysis analysis) =>
                    Place(store, job, surface) is { } place
                        ? Results.Ok(analysis.View(place.Stored, place.Building, place.Space, place.Surface))
                        : Requests.NotFound("surface")
            )
            .Produces<SurfaceView>()
            .ProducesProblem(404)
            .WithName("getSurface");

        api.MapGet(
                "/surfaces/{surface}/checks",
                (string job, string surface, JobStore store, Analysis analysis) =>
                    Place(store, job, surface) is { } place
                        ? Results.Ok(analysis.Checks(place.Stored, place.Building, place.Space, place.Surface).ToArray())
                        : Requests.NotFound("surface")
            )
            .Produces<CheckReport[]>()
            .ProducesProblem(404)
            .WithName("getChecks");

        api.MapPost("/spaces/{space}/surfaces", Add)
            .Accepts<Surface>("application/json")
            .Produces<SurfaceView>(201)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("addSurface");
        api.MapPut("/surfaces/{surface}", Save)
            .Accepts<SurfaceEdit>("application/json")
            .Produces<SurfaceView>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("saveSurface");
        api.MapPost("/surfaces/{surface}/copy", Copy)
            .Accepts<CopyRequest>("application/json")
            .Produces<CopyAnswer>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithName("copySurvey");
        api.MapDelete("/surfaces/{surface}", Delete).Produces<Saved>().ProducesValidationProblem().ProducesProblem(404).ProducesProblem(409).WithName("deleteSurface");
    }

    private static IResult Delete(string job, string surface, long version, JobStore store)
    {
        // A zone without its element would hang in the air.
        if (Place(store, job, surface) is { } place && place.Space.Surfaces.FirstOrDefault(s => s.Zone?.Of == surface) is { } zone)
        {
            return Requests.Problem([new Fault("$.zone", $"'{zone.Title}' is a zone of this surface: merge it first")]);
        }

        var key = new RecordKey(RecordKind.Surface, surface);
        return Edits.One(
            store,
            job,
            $"Put away: {surface}",
            new RecordPut(key, version, null),
            "$",
            "surface",
            outcome => Results.Ok(new Saved(surface, outcome.Version))
        );
    }

    private static async Task<IResult> Copy(string job, string surface, HttpRequest request, JobStore store)
    {
        var (copy, problem) = await Requests.Read<CopyRequest>(request);
        if (copy is null)
        {
            return problem!;
        }

        if (Place(store, job, surface) is not { } source)
        {
            return Requests.NotFound("surface");
        }

        // What can be copied goes over in one change; what cannot is told beside it.
        var results = new List<CopyResult>();
        var outcome = store.Change(
            job,
            $"Survey of {source.Surface.Title} copied",
            null,
            before =>
            {
                var records = before!.Records;
                foreach (var target in copy.Targets.DistinctBy(t => t.Id))
                {
                    if (Place(before, target.Id) is not { } place || target.Id == surface)
                    {
                        results.Add(new CopyResult(target.Id, target.Id, 0, false, [], "there is no such other surface"));
                        continue;
                    }

                    var version = before.VersionOf(RecordKind.Surface, target.Id);
                    var (copied, differences) = SurveyCopy.Onto(source.Surface, place.Surface);
                    var faults = JobSense.SurfaceFaults(before.Job, place.Space, copied);
                    var why =
                        !faults.IsEmpty ? string.Join(" ", faults)
                        : !copy.OnlyAsk && version != target.Version ? "somebody else saved this surface meanwhile; nothing of it was changed"
                        : null;
                    var saved = why is null && !copy.OnlyAsk;
                    results.Add(new CopyResult(target.Id, place.Surface.Title, version, saved, differences, why));
                    if (saved)
                    {
                        records = records.Put(new RecordKey(RecordKind.Surface, target.Id), place.Space.Id, copied);
                    }
                }

                return copy.OnlyAsk ? Plan.Refuse(Written.NotFound) : Plan.To(records);
            }
        );
        return outcome.Written is Written.Faulty
            ? Requests.Refused(outcome, "surface", _ => null)
            : Results.Ok(new CopyAnswer(results.Any(r => r.Saved) ? outcome.Version : null, [.. results]));
    }

    internal sealed record Placed(StoredJob Stored, Building Building, Space Space, Surface Surface);

    internal static Placed? Place(JobStore store, string job, string surface) => store.Find(job) is { } stored ? Place(stored, surface) : null;

    internal static Placed? Place(StoredJob stored, string surface)
    {
        foreach (var (building, space, found) in stored.Job.Surfaces())
        {
            if (found.Id == surface)
            {
                return new Placed(stored, building, space, found);
            }
        }

        return null;
    }

    private static async Task<IResult> Add(string job, string space, HttpRequest request, JobStore store, Analysis analysis)
    {
        var (surface, problem) = await Requests.Read<Surface>(request);
        if (surface is null)
        {
            return problem!;
        }

        if (store.Find(job)?.FindSpace(space) is null)
        {
            return Requests.NotFound("space");
        }

        var put = new RecordPut(new RecordKey(RecordKind.Surface, surface.Id), 0, surface, space);
        return Edits.One(
            store,
            job,
            $"Added: {surface.Title}",
            put,
            "$",
            "surface",
            outcome => Results.Created($"/api/jobs/{job}/surfaces/{surface.Id}", View(analysis, outcome, surface.Id))
        );
    }

    private static async Task<IResult> Save(string job, string surface, HttpRequest request, JobStore store, Analysis analysis)
    {
        var (edit, problem) = await Requests.Read<SurfaceEdit>(request);
        if (edit is null)
        {
            return problem!;
        }

        var put = new RecordPut(new RecordKey(RecordKind.Surface, surface), edit.Version, edit.Surface);
        return Edits.One(store, job, $"Changed: {edit.Surface.Title}", put, "$.surface", "surface", outcome => Results.Ok(View(analysis, outcome, surface)));
    }

    private static SurfaceView? View(Analysis analysis, ChangeOutcome outcome, string surface) =>
        outcome.Job is { } stored && Place(stored, surface) is { } place ? analysis.View(stored, place.Building, place.Space, place.Surface) : null;
}
