using System.Collections.Immutable;
using System.Text;
using AllSound.Core.Exchange;
using AllSound.Core.Surfaces;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Jobs, spaces, quantities, import and export.</summary>
internal static class JobEndpoints
{
    // Answered within a second, complete or not; the page asks again until it is.
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(0.35);

    public static void MapJobs(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs").WithTags("jobs");
        api.MapGet("/", (JobStore store) => store.List().Select(j => new JobSummary(j.Id, j.Title, j.Surfaces)).ToArray()).WithName("listJobs");

        api.MapGet(
                "/{job}",
                (string job, JobStore store, Analysis analysis) => store.Find(job) is { } stored ? Results.Ok(analysis.View(stored)) : Requests.NotFound("job")
            )
            .Produces<JobView>()
            .ProducesProblem(404)
            .WithName("getJob");

        api.MapGet(
                "/{job}/export",
                (string job, JobStore store) =>
                    store.Find(job) is { } stored
                        ? Results.File(Encoding.UTF8.GetBytes(JobFile.Write(stored.Job)), "application/json", $"{job}.job.json")
                        : Requests.NotFound("job")
            )
            .Produces<Job>()
            .ProducesProblem(404)
            .WithName("exportJob");

        api.MapGet(
                "/{job}/checks",
                (string job, JobStore store, Analysis analysis) =>
                    store.Find(job) is { } stored ? Results.Ok(analysis.Checks(stored, Patience)) : Requests.NotFound("job")
            )
            .Produces<JobChecks>()
            .ProducesProblem(404)
            .WithName("getJobChecks");
        api.MapGet("/{job}/surfaces.csv", (string job, JobStore store) => Table(store, job, "surfaces", Tables.Surfaces))
            .Produces<string>(200, "text/csv")
            .ProducesProblem(404)
            .WithName("exportSurfaces");
        api.MapGet("/{job}/readings.csv", (string job, JobStore store) => Table(store, job, "readings", Tables.Readings))
            .Produces<string>(200, "text/csv")
            .ProducesProblem(404)
            .WithName("exportReadings");
        api.MapPost("/{job}/surfaces.csv", (string job, HttpRequest request, JobStore store) => TakeIn(store, job, request, Tables.ReadSurfaces))
            .Accepts<string>("text/csv")
            .Produces<Saved>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("importSurfaces");
        api.MapPost("/{job}/readings.csv", (string job, HttpRequest request, JobStore store) => TakeIn(store, job, request, Tables.ReadReadings))
            .Accepts<string>("text/csv")
            .Produces<Saved>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("importReadings");

        api.MapPost("/import", Import).Accepts<Job>("application/json").Produces<Saved>(201).ProducesValidationProblem().ProducesProblem(409).WithName("importJob");

        api.MapGet(
                "/{job}/quantities",
                (string job, JobStore store, Analysis analysis) =>
                    store.Find(job) is { } stored ? Results.Ok(Reporting.Quantities(stored.Job, analysis.SpecifyAll(stored))) : Requests.NotFound("job")
            )
            .Produces<QuantitiesReport>()
            .ProducesProblem(404)
            .WithName("getQuantities");

        api.MapPost("/{job}/buildings/{building}/spaces", AddSpace)
            .Accepts<Space>("application/json")
            .Produces<Saved>(201)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("addSpace");
        api.MapPut("/{job}/judgements", SaveJudgements)
            .Accepts<JudgementsEdit>("application/json")
            .Produces<Saved>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("saveJudgements");
        api.MapPost("/{job}/spaces/{space}/check", CheckSpace)
            .Accepts<Space>("application/json")
            .Produces<Fault[]>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithName("checkSpace");
        api.MapPut("/{job}/spaces/{space}", SaveSpace)
            .Accepts<SpaceEdit>("application/json")
            .Produces<Saved>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("saveSpace");
    }

    private static IResult Table(JobStore store, string job, string what, Func<Job, string> write) =>
        store.Find(job) is { } stored ? Results.File(Encoding.UTF8.GetBytes(write(stored.Job)), "text/csv", $"{job}.{what}.csv") : Requests.NotFound("job");

    private static async Task<IResult> TakeIn(
        JobStore store,
        string job,
        HttpRequest request,
        Func<Job, string, (Job? Job, System.Collections.Immutable.ImmutableArray<Fault> Faults)> read
    )
    {
        var (text, problem) = await Requests.Text(request);
        if (text is null)
        {
            return problem!;
        }

        if (store.Find(job) is not { } stored)
        {
            return Requests.NotFound("job");
        }

        var (whole, faults) = read(stored.Job, text);
        if (whole is null)
        {
            return Requests.Problem(faults);
        }

        var write = store.SaveSurfaces(stored, whole);
        return write.Outcome == Written.Saved ? Results.Ok(new Saved(job, write.Version)) : Requests.Refused(write, "surface");
    }

    private static async Task<IResult> Import(HttpRequest request, JobStore store, bool replace = false)
    {
        var (text, problem) = await Requests.Text(request);
        if (text is null)
        {
            return problem!;
        }

        var (job, faults) = JobFile.Read(text);
        if (job is null)
        {
            return Requests.Problem(faults);
        }

        var write = store.Import(job, replace);
        return write.Outcome == Written.Saved ? Results.Created($"/api/jobs/{job.Id}", new Saved(job.Id, write.Version)) : Requests.Refused(write, "job");
    }

    private static async Task<IResult> AddSpace(string job, string building, HttpRequest request, JobStore store)
    {
        var (space, problem) = await Requests.Read<Space>(request);
        if (space is null)
        {
            return problem!;
        }

        var faults = JobSense.SpaceFaults(space);
        if (!faults.IsEmpty || !space.Surfaces.IsEmpty)
        {
            return Requests.Problem(faults.IsEmpty ? [new Fault("$.surfaces", "surfaces are added one by one")] : faults);
        }

        var write = store.AddSpace(job, building, space);
        return write.Outcome == Written.Saved
            ? Results.Created($"/api/jobs/{job}/spaces/{space.Id}", new Saved(space.Id, write.Version))
            : Requests.Refused(write, "space");
    }

    private static async Task<IResult> SaveJudgements(string job, HttpRequest request, JobStore store)
    {
        var (edit, problem) = await Requests.Read<JudgementsEdit>(request);
        if (edit is null)
        {
            return problem!;
        }

        var faults = JobSense.JudgementFaults(edit.Judgements);
        if (!faults.IsEmpty)
        {
            return Requests.Problem(faults);
        }

        if (store.Find(job) is not { } stored)
        {
            return Requests.NotFound("job");
        }

        var write = store.SaveJob(stored.Job with { Judgements = edit.Judgements }, edit.Version);
        return write.Outcome == Written.Saved ? Results.Ok(new Saved(job, write.Version)) : Requests.Refused(write, "job");
    }

    // What would be refused, told before it is tried.
    private static async Task<IResult> CheckSpace(string job, string space, HttpRequest request, JobStore store)
    {
        var (changed, problem) = await Requests.Read<Space>(request);
        return changed is null ? problem!
            : Faults(store, job, space, changed) is { } faults ? Results.Ok(faults.ToArray())
            : Requests.NotFound("space");
    }

    // Null when the job or the space is not there.
    private static ImmutableArray<Fault>? Faults(JobStore store, string job, string space, Space changed)
    {
        var was = store.Find(job)?.Job.Buildings.SelectMany(b => b.Spaces).FirstOrDefault(s => s.Id == space);
        return was is null ? null
            : changed.Id != space ? [new Fault("$.space.id", "an id cannot be changed")]
            : JobSense.SpaceFaults(changed with { Surfaces = was.Surfaces }, "$.space");
    }

    private static async Task<IResult> SaveSpace(string job, string space, HttpRequest request, JobStore store)
    {
        var (edit, problem) = await Requests.Read<SpaceEdit>(request);
        if (edit is null)
        {
            return problem!;
        }

        if (Faults(store, job, space, edit.Space) is not { } faults)
        {
            return Requests.NotFound("space");
        }

        if (!faults.IsEmpty)
        {
            return Requests.Problem(faults);
        }

        var write = store.SaveSpace(job, edit.Space, edit.Version);
        return write.Outcome == Written.Saved ? Results.Ok(new Saved(space, write.Version)) : Requests.Refused(write, "space");
    }
}
