using System.Collections.Immutable;
using System.Text;
using AllSound.Core.Durability;
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
        api.MapGet("/", (JobStore store) => store.List().Select(j => new JobSummary(j.Id, j.Title, j.Client, j.Address, j.Surfaces, j.Touched)).ToArray())
            .WithName("listJobs");
        api.MapPost("/", Begin).Accepts<NewJob>("application/json").Produces<Saved>(201).ProducesValidationProblem().ProducesProblem(409).WithName("newJob");
        api.MapGet(
                "/{job}/state",
                (string job, JobStore store, Analysis analysis) => store.Find(job) is { } stored ? Results.Ok(analysis.State(stored)) : Requests.NotFound("job")
            )
            .Produces<JobState>()
            .ProducesProblem(404)
            .WithName("getJobState");
        api.MapPost("/{job}/copy", Copy)
            .Accepts<JobCopy>("application/json")
            .Produces<Saved>(201)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("copyJob");
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
        api.MapGet(
                "/{job}/shopping.csv",
                (string job, JobStore store, Analysis analysis) =>
                    store.Find(job) is { } stored
                        ? Results.File(
                            Encoding.UTF8.GetBytes(
                                Tables.Materials(SpokenJson.Say(Reporting.Quantities(stored.Job, analysis.SpecifyAll(stored)), RequestSpeech.Current))
                            ),
                            "text/csv",
                            $"{job}.shopping.csv"
                        )
                        : Requests.NotFound("job")
            )
            .Produces<string>(200, "text/csv")
            .ProducesProblem(404)
            .WithName("exportShopping");
        api.MapGet(
                "/{job}/quote",
                (string job, JobStore store, Analysis analysis, string? date) =>
                    store.Find(job) is { } stored ? Results.Ok(Reporting.Quote(stored.Job, analysis.SpecifyAll(stored), date ?? "")) : Requests.NotFound("job")
            )
            .Produces<QuoteReport>()
            .ProducesProblem(404)
            .WithName("getQuote");

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

    private static async Task<IResult> Begin(HttpRequest request, JobStore store)
    {
        var (asked, problem) = await Requests.Read<NewJob>(request);
        if (asked is null)
        {
            return problem!;
        }

        Job? like = null;
        if (asked.Like is { Length: > 0 } pattern)
        {
            if (store.Find(pattern) is not { } found)
            {
                return Requests.Problem([new Fault("$.like", $"there is no job '{pattern}'")]);
            }

            like = Templates.RoomsOf(found.Job);
        }

        var title = asked.Title.Trim();
        var building = asked.Building?.Trim() is { Length: > 0 } said ? said : title;
        var job = new Job
        {
            Format = Job.CurrentFormat,
            Id = "",
            Title = title,
            Client = asked.Client?.Trim() is { Length: > 0 } client ? client : null,
            Address = asked.Address?.Trim() is { Length: > 0 } address ? address : null,
            Jurisdiction = asked.Jurisdiction,
            Buildings =
            [
                new Building
                {
                    Id = Slugs.Of(building, 1),
                    Title = building,
                    Built = asked.Built,
                    Spaces = [],
                },
            ],
        };
        if (like is not null)
        {
            // Its first building is this one; what is of the firm comes along.
            job = like with
            {
                Title = job.Title,
                Client = job.Client,
                Address = job.Address,
                Jurisdiction = job.Jurisdiction,
                Buildings = [.. like.Buildings.Select((b, i) => i == 0 ? b with { Title = building, Built = asked.Built } : b)],
            };
        }

        return Put(store, job, $"Begun: {title}");
    }

    private static async Task<IResult> Copy(string job, HttpRequest request, JobStore store, Analysis analysis)
    {
        var (asked, problem) = await Requests.Read<JobCopy>(request);
        if (asked is null)
        {
            return problem!;
        }

        if (store.Find(job) is not { } stored)
        {
            return Requests.NotFound("job");
        }

        var copy =
            asked.AsBuilt ? NextJob.After(stored.Job, analysis.SpecifyAll(stored))
            : asked.RoomsOnly ? Templates.RoomsOf(stored.Job)
            : stored.Job;
        return Put(store, copy with { Title = asked.Title.Trim(), Log = [] }, $"{(asked.AsBuilt ? "After" : "Copied from")} {stored.Job.Title}");
    }

    // Under the first id that is free.
    private static IResult Put(JobStore store, Job job, string label)
    {
        for (var n = 1; ; n++)
        {
            var put = job with { Id = Slugs.Of(job.Title, n) };
            // The id of a job put away stays taken, so that it can be brought back.
            var outcome = store.Change(
                put.Id,
                label,
                null,
                before => before is null && !store.Knows(put.Id) ? Plan.To(RecordSet.Empty.With(put)) : Plan.Refuse(Written.Taken)
            );
            if (outcome.Written != Written.Taken)
            {
                return outcome.Written == Written.Saved
                    ? Results.Created($"/api/jobs/{put.Id}", new Saved(put.Id, outcome.Version))
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
