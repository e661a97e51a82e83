using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Edits of any records of a job in one; what was changed; what was put away, brought back, mended, erased.</summary>
internal static class ChangeEndpoints
{
    public static void MapChanges(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs/{job}").WithTags("changes");
        api.MapPost("/changes", Make)
            .WithMetadata(BodyLimit.Job)
            .Accepts<ChangeRequest>("application/json")
            .Produces<ChangeMade>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("change");
        api.MapGet("/changes/{version:long}", (string job, long version, JobStore store) => View(store.FindChange(job, version)))
            .Produces<ChangeView>()
            .ProducesProblem(404)
            .WithName("getChange");
        api.MapPost("/changes/{version:long}/bring-back", (string job, long version, JobStore store) => BroughtBack(store.BringBack(job, version), job))
            .Produces<Saved>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("bringBack");
        api.MapGet("/put-away", (string job, JobStore store) => store.ListPutAway(job).Select(View).ToArray()).WithName("listPutAway");
        api.MapGet("/records/{kind}/{id}", Record).Produces<StandingRecord>().ProducesProblem(404).WithName("getRecord");
        api.MapPost("/records/{kind}/{id}/mend", Mend).Produces<Saved>().ProducesValidationProblem().ProducesProblem(404).ProducesProblem(409).WithName("mendRecord");

        var away = routes.MapGroup("/api/put-away").WithTags("changes");
        away.MapGet("/", (JobStore store) => store.ListPutAway(null).Select(View).ToArray()).WithName("listPutAwayJobs");
        away.MapDelete("/{job}", (string job, JobStore store) => store.Erase(job) ? Results.Ok(new Saved(job, 0)) : Requests.NotFound("job among those put away"))
            .Produces<Saved>()
            .ProducesProblem(404)
            .WithName("eraseJob");
    }

    private static async Task<IResult> Make(string job, HttpRequest request, JobStore store, Analysis analysis)
    {
        var (edit, problem) = await Requests.Read<ChangeRequest>(request);
        if (edit is null)
        {
            return problem!;
        }

        if (edit.Label.Length > Limits.Text || edit.Token?.Length > 60)
        {
            return Requests.Problem([new Fault("$.label", $"expected {Limits.Text} characters at most, and 60 of a token")]);
        }

        var (puts, faults) = RecordEdits.Read(edit.Items);
        if (!faults.IsEmpty)
        {
            return Requests.Problem(faults);
        }

        var outcome = Edits.Make(store, job, edit.Label, edit.Token, puts, i => $"$.items[{i}].value");
        if (outcome.Written != Written.Saved)
        {
            return Requests.Refused(
                outcome,
                outcome.Written is Written.NotFound ? "job" : "record",
                key => puts.FirstOrDefault(p => p.Key == key) is { } put ? $"$.items[{puts.IndexOf(put)}].value" : null
            );
        }

        var view =
            edit.Show is { } shown && outcome.Job is { } now && SurfaceEndpoints.Place(now, shown) is { } place
                ? analysis.View(place.Stored, place.Building, place.Space, place.Surface)
                : null;
        return Results.Ok(new ChangeMade(outcome.Version, view));
    }

    private static IResult View(MadeChange? made) =>
        made is null
            ? Requests.NotFound("change, or it is too long ago")
            : Results.Ok(
                new ChangeView(
                    made.Version,
                    made.At,
                    made.Label,
                    [
                        .. made.Records.Select(r => new ChangedView(
                            r.Key.Kind,
                            r.Key.Id,
                            r.Parent,
                            r.ParentBefore,
                            r.Position,
                            Requests.Json(r.Before),
                            Requests.Json(r.After)
                        )),
                    ]
                )
            );

    private static PutAwayView View(PutAway away) => new(away.Job, away.Change, away.Label, away.Titles, away.Records, away.At, away.At + JobStore.Kept);

    private static IResult BroughtBack(ChangeOutcome outcome, string job) =>
        outcome.Written switch
        {
            Written.Saved => Results.Ok(new Saved(job, outcome.Version)),
            Written.Taken => Results.Problem(title: "It is there already, or its id is taken by now; nothing was changed.", statusCode: StatusCodes.Status409Conflict),
            _ => Requests.Refused(outcome, "change", _ => null),
        };

    private static IResult Record(string job, string kind, string id, JobStore store) =>
        JobFile.TryName<RecordKind>(kind, out var known) && store.Find(job) is { } stored
            // One that is not there has version 0 and no value: whoever asks wants to know just that.
            ? Results.Ok(Requests.Standing(stored, new RecordKey(known, id)))
            : Requests.NotFound("record");

    private static IResult Mend(string job, string kind, string id, JobStore store)
    {
        if (!JobFile.TryName<RecordKind>(kind, out var known))
        {
            return Requests.NotFound("record");
        }

        var outcome = store.Mend(job, new RecordKey(known, id));
        return outcome.Written == Written.Saved ? Results.Ok(new Saved(id, outcome.Version)) : Requests.Refused(outcome, "earlier version", _ => null);
    }
}
