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
                        ? Results.Ok(
                            Reporting
                                .Diagnose(
                                    place.Stored.Job,
                                    place.Building,
                                    place.Space,
                                    place.Surface,
                                    analysis.Specify(place.Stored, place.Building, place.Space, place.Surface)
                                )
                                .Checks.ToArray()
                        )
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
        api.MapDelete(
                "/surfaces/{surface}",
                (string job, string surface, long version, JobStore store) =>
                    store.DeleteSurface(job, surface, version) is { Outcome: Written.Saved } write
                        ? Results.Ok(new Saved(surface, write.Version))
                        : Requests.Refused(store.DeleteSurface(job, surface, version), "surface")
            )
            .Produces<Saved>()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("deleteSurface");
    }

    private sealed record Placed(StoredJob Stored, Building Building, Space Space, Surface Surface);

    private static Placed? Place(JobStore store, string job, string surface) =>
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

        if (store.Find(job)?.Job.Buildings.SelectMany(b => b.Spaces).FirstOrDefault(s => s.Id == space) is not { } into)
        {
            return Requests.NotFound("space");
        }

        var faults = JobSense.SurfaceFaults(into, surface);
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

        var faults = edit.Surface.Id == surface ? JobSense.SurfaceFaults(known.Space, edit.Surface, "$.surface") : [new Fault("$.surface.id", "an id cannot be changed")];
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
