using System.Collections.Immutable;
using System.Text;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Core.Surfaces;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Jobs, spaces, quantities, tables.</summary>
internal static class JobEndpoints
{
    // Answered within a second, complete or not; the page asks again until it is.
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(0.35);

    public static void MapJobs(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs").WithTags("jobs");
        api.MapGet("/", (JobStore store) => store.List().Select(j => new JobSummary(j.Id, j.Title, j.Surfaces, j.Touched)).ToArray()).WithName("listJobs");
        api.MapPost("/", Begin).Accepts<NewJob>("application/json").Produces<Saved>(201).ProducesValidationProblem().ProducesProblem(409).WithName("newJob");
        api.MapDelete("/{job}", Delete).Produces<Saved>().ProducesProblem(404).ProducesProblem(409).WithName("deleteJob");

        api.MapGet(
                "/{job}",
                (string job, JobStore store, Analysis analysis) => store.Find(job) is { } stored ? Results.Ok(analysis.View(stored)) : Requests.NotFound("job")
            )
            .Produces<JobView>()
            .ProducesProblem(404)
            .WithName("getJob");

        api.MapGet(
                "/{job}/checks",
                (string job, JobStore store, Analysis analysis, CancellationToken cancel) =>
                    store.Find(job) is { } stored ? Results.Ok(analysis.Checks(stored, Patience, cancel)) : Requests.NotFound("job")
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
        api.MapPost(
                "/{job}/surfaces.csv",
                (string job, HttpRequest request, JobStore store) => TakeIn(store, job, request, Tables.ReadSurfaces, "Table of surfaces taken in")
            )
            .WithMetadata(BodyLimit.Job)
            .Accepts<string>("text/csv")
            .Produces<Saved>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("importSurfaces");
        api.MapPost(
                "/{job}/readings.csv",
                (string job, HttpRequest request, JobStore store) => TakeIn(store, job, request, Tables.ReadReadings, "Table of readings taken in")
            )
            .WithMetadata(BodyLimit.Job)
            .Accepts<string>("text/csv")
            .Produces<Saved>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("importReadings");

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
        Func<Job, string, CancellationToken, (Job? Job, ImmutableArray<Fault> Faults)> read,
        string label
    )
    {
        var (text, problem) = await Requests.Text(request);
        if (text is null)
        {
            return problem!;
        }

        var cancel = request.HttpContext.RequestAborted;
        var outcome = Edits.Replace(store, job, label, stored => read(stored.Job, text, cancel));
        return outcome.Written == Written.Saved ? Results.Ok(new Saved(job, outcome.Version)) : Requests.Refused(outcome, "job", _ => null);
    }

    private static async Task<IResult> Begin(HttpRequest request, JobStore store)
    {
        var (asked, problem) = await Requests.Read<NewJob>(request);
        if (asked is null)
        {
            return problem!;
        }

        var title = asked.Title.Trim();
        for (var n = 1; ; n++)
        {
            var job = new Job
            {
                Format = Job.CurrentFormat,
                Id = Slugs.Of(title, n),
                Title = title,
                Jurisdiction = asked.Jurisdiction,
                Buildings =
                [
                    new Building
                    {
                        Id = Slugs.Of(asked.Building ?? title, 1),
                        Title = asked.Building?.Trim() ?? title,
                        Built = asked.Built,
                        Spaces = [],
                    },
                ],
            };
            // The id of a job put away stays taken, so that it can be brought back.
            var outcome = store.Change(
                job.Id,
                $"Begun: {title}",
                null,
                before => before is null && !store.Knows(job.Id) ? Plan.To(RecordSet.Empty.With(job)) : Plan.Refuse(Written.Taken)
            );
            if (outcome.Written != Written.Taken)
            {
                return outcome.Written == Written.Saved
                    ? Results.Created($"/api/jobs/{job.Id}", new Saved(job.Id, outcome.Version))
                    : Requests.Refused(outcome, "job", key => key.Kind is RecordKind.Building ? "$.building" : "$");
            }
        }
    }

    private static IResult Delete(string job, long version, JobStore store) =>
        store.Find(job) is not { } stored
            ? Requests.NotFound("job")
            : Edits.One(
                store,
                job,
                $"Put away: {stored.Job.Title}",
                new RecordPut(new RecordKey(RecordKind.Job, job), version, null),
                "$",
                "job",
                outcome => Results.Ok(new Saved(job, outcome.Version))
            );

    private static async Task<IResult> AddSpace(string job, string building, HttpRequest request, JobStore store)
    {
        var (space, problem) = await Requests.Read<Space>(request);
        if (space is null)
        {
            return problem!;
        }

        if (!space.Surfaces.IsDefaultOrEmpty)
        {
            return Requests.Problem([new Fault("$.surfaces", "surfaces are added one by one")]);
        }

        if (store.Find(job)?.Records.Find(RecordKind.Building, building) is null)
        {
            return Requests.NotFound("building");
        }

        return Edits.One(
            store,
            job,
            $"Added: {space.Title}",
            new RecordPut(new RecordKey(RecordKind.Space, space.Id), 0, space, building),
            "$",
            "space",
            outcome => Results.Created($"/api/jobs/{job}/spaces/{space.Id}", new Saved(space.Id, outcome.Version))
        );
    }

    private static async Task<IResult> SaveJudgements(string job, HttpRequest request, JobStore store)
    {
        var (edit, problem) = await Requests.Read<JudgementsEdit>(request);
        return edit is null ? problem! : SaveJob(store, job, edit.Version, "Likelihoods changed", record => record with { Judgements = edit.Judgements });
    }

    /// <summary>Changes the job's own record.</summary>
    internal static IResult SaveJob(JobStore store, string job, long version, string label, Func<Job, Job> change)
    {
        if (store.Find(job)?.Records.Find(RecordKind.Job, job)?.Value is not Job record)
        {
            return Requests.NotFound("job");
        }

        var put = new RecordPut(new RecordKey(RecordKind.Job, job), version, change(record));
        return Edits.One(store, job, label, put, "$", "job", outcome => Results.Ok(new Saved(job, outcome.Version)));
    }

    // What would be refused, told before it is tried.
    private static async Task<IResult> CheckSpace(string job, string space, HttpRequest request, JobStore store)
    {
        var (changed, problem) = await Requests.Read<Space>(request);
        return changed is null ? problem!
            : store.Find(job)?.FindSpace(space)?.Space is not { } was ? Requests.NotFound("space")
            : changed.Id != space ? Results.Ok(new[] { new Fault("$.space.id", "an id cannot be changed") })
            : Results.Ok(JobSense.SpaceFaults(changed with { Surfaces = was.Surfaces }, "$.space").ToArray());
    }

    private static async Task<IResult> SaveSpace(string job, string space, HttpRequest request, JobStore store)
    {
        var (edit, problem) = await Requests.Read<SpaceEdit>(request);
        if (edit is null)
        {
            return problem!;
        }

        var put = new RecordPut(new RecordKey(RecordKind.Space, space), edit.Version, edit.Space with { Surfaces = [] });
        return Edits.One(store, job, $"Changed: {edit.Space.Title}", put, "$.space", "space", outcome => Results.Ok(new Saved(space, outcome.Version)));
    }
}
