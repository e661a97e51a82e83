using AllSound.Core.Exchange;
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
            .Produces<CopyResult[]>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithName("copySurvey");
        api.MapDelete("/surfaces/{surface}", Delete).Produces<Saved>().ProducesProblem(404).ProducesProblem(409).WithName("deleteSurface");
    }

    private static IResult Delete(string job, string surface, long version, JobStore store, PhotoStore photos)
    {
        var zoneOf = Place(store, job, surface)?.Surface.Zone?.Of;
        // A zone without its element would hang in the air.
        if (Place(store, job, surface) is { } place && place.Space.Surfaces.FirstOrDefault(s => s.Zone?.Of == surface) is { } zone)
        {
            return Requests.Problem([new Fault("$.zone", $"'{zone.Title}' is a zone of this surface: merge it first")]);
        }

        var write = store.DeleteSurface(job, surface, version);
        if (write.Outcome == Written.Saved && zoneOf is not null)
        {
            photos.Move(job, surface, zoneOf);
        }

        return write.Outcome == Written.Saved ? Results.Ok(new Saved(surface, write.Version)) : Requests.Refused(write, "surface");
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

        var results = new List<CopyResult>();
        foreach (var target in copy.Targets)
        {
            if (Place(store, job, target.Id) is not { } place || target.Id == surface)
            {
                results.Add(new CopyResult(target.Id, target.Id, 0, false, [], "there is no such other surface"));
                continue;
            }

            var (copied, differences) = SurveyCopy.Onto(source.Surface, place.Surface);
            var faults = JobSense.SurfaceFaults(place.Stored.Job, place.Space, copied);
            if (copy.OnlyAsk || !faults.IsEmpty)
            {
                results.Add(new CopyResult(target.Id, place.Surface.Title, target.Version, false, differences, faults.IsEmpty ? null : string.Join(" ", faults)));
                continue;
            }

            var write = store.SaveSurface(job, copied, target.Version);
            var saved = write.Outcome == Written.Saved;
            results.Add(
                new CopyResult(
                    target.Id,
                    place.Surface.Title,
                    write.Version,
                    saved,
                    differences,
                    saved ? null : "somebody else saved this surface meanwhile; nothing of it was changed"
                )
            );
        }

        return Results.Ok(results.ToArray());
    }

    internal sealed record Placed(StoredJob Stored, Building Building, Space Space, Surface Surface);

    internal static Placed? Place(JobStore store, string job, string surface) =>
        store.Find(job) is { } stored
            ? stored.Job.Surfaces().Where(x => x.Surface.Id == surface).Select(x => new Placed(stored, x.Building, x.Space, x.Surface)).FirstOrDefault()
            : null;

    private static async Task<IResult> Add(string job, string space, HttpRequest request, JobStore store, Analysis analysis)
    {
        var (surface, problem) = await Requests.Read<Surface>(request);
        if (surface is null)
        {
            return problem!;
        }

        if (store.Find(job)?.Job is not { } whole || whole.Buildings.SelectMany(b => b.Spaces).FirstOrDefault(s => s.Id == space) is not { } into)
        {
            return Requests.NotFound("space");
        }

        var faults = JobSense.SurfaceFaults(whole, into, surface);
        if (!faults.IsEmpty)
        {
            return Requests.Problem(faults);
        }

        var write = store.AddSurface(job, space, surface);
        return write.Outcome == Written.Saved && Place(store, job, surface.Id) is { } place
            ? Results.Created($"/api/jobs/{job}/surfaces/{surface.Id}", analysis.View(place.Stored, place.Building, place.Space, place.Surface))
            : Requests.Refused(write, "surface");
    }

    private static async Task<IResult> Save(string job, string surface, HttpRequest request, JobStore store, Analysis analysis)
    {
        var (edit, problem) = await Requests.Read<SurfaceEdit>(request);
        if (edit is null)
        {
            return problem!;
        }

        if (Place(store, job, surface) is not { } known)
        {
            return Requests.NotFound("surface");
        }

        var faults =
            edit.Surface.Id == surface
                ? JobSense.SurfaceFaults(known.Stored.Job, known.Space, edit.Surface, "$.surface")
                : [new Fault("$.surface.id", "an id cannot be changed")];
        if (!faults.IsEmpty)
        {
            return Requests.Problem(faults);
        }

        var write = store.SaveSurface(job, edit.Surface, edit.Version);
        return write.Outcome == Written.Saved && Place(store, job, surface) is { } place
            ? Results.Ok(analysis.View(place.Stored, place.Building, place.Space, place.Surface))
            : Requests.Refused(write, "surface");
    }
}
