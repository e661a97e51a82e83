using System.Collections.Immutable;
using System.Text;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Tables of a job out and in, and those that services outside are asked for.</summary>
internal static class TableEndpoints
{
    private delegate (Job? Job, ImmutableArray<Fault> Faults) Reading(Job job, string text, CancellationToken cancel);

    public static void MapTables(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs/{job}").WithTags("jobs");
        Map("surfaces", "Surfaces", "Table of surfaces taken in", Tables.Surfaces, Tables.ReadSurfaces);
        Map("readings", "Readings", "Table of readings taken in", Tables.Readings, Tables.ReadReadings);
        Map("prices", "Prices", "Prices taken in", Tables.Prices, Tables.ReadPrices);
        Map("weather", "Weather", "Weather taken in", Tables.Weather, Tables.ReadWeather);
        Answered(api.MapPost("/supplier", AskSupplier)).WithName("askSupplier");
        Answered(api.MapPost("/weather", AskWeather)).ProducesValidationProblem().WithName("askWeather");

        static RouteHandlerBuilder Answered(RouteHandlerBuilder route) =>
            route.Produces<Saved>().ProducesProblem(404).ProducesProblem(409).ProducesProblem(502).ProducesProblem(503).ProducesProblem(504);

        void Map(string what, string name, string label, Func<Job, string> write, Reading read)
        {
            api.MapGet($"/{what}.csv", (string job, JobStore store) => Out(store, job, what, write))
                .Produces<string>(200, "text/csv")
                .ProducesProblem(404)
                .WithName($"export{name}");
            api.MapPost($"/{what}.csv", (string job, HttpRequest request, JobStore store) => TakeIn(store, job, request, read, label))
                .WithMetadata(BodyLimit.Job)
                .Accepts<string>("text/csv")
                .Produces<Saved>()
                .ProducesValidationProblem()
                .ProducesProblem(404)
                .ProducesProblem(409)
                .WithName($"import{name}");
        }
    }

    private static IResult Out(JobStore store, string job, string what, Func<Job, string> write) =>
        store.Find(job) is { } stored ? Results.File(Encoding.UTF8.GetBytes(write(stored.Job)), "text/csv", $"{job}.{what}.csv") : Requests.NotFound("job");

    private static async Task<IResult> TakeIn(JobStore store, string job, HttpRequest request, Reading read, string label)
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

    private static Task<IResult> AskSupplier(string job, JobStore store, SupplierLine supplier, CancellationToken cancel) =>
        Ask(job, store, supplier, "Prices of the supplier taken in", _ => supplier.Prices(cancel), Tables.ReadPrices, cancel);

    // The weather of another place is worse than none: nobody guesses where the building stands.
    private static async Task<IResult> AskWeather(string job, JobStore store, WeatherLine weather, CancellationToken cancel) =>
        store.Find(job) is { Job.Weather: not { Latitude: not null, Longitude: not null } }
            ? Requests.Problem([new Fault("$.weather.latitude", "say where the building stands first: latitude and longitude")])
            : await Ask(
                job,
                store,
                weather,
                "Forecast taken in",
                known => weather.Forecast(known.Weather!.Latitude!.Value, known.Weather.Longitude!.Value, cancel),
                Tables.ReadWeather,
                cancel
            );

    // A table with anything at fault is refused whole: what was last known stays.
    private static async Task<IResult> Ask(
        string job,
        JobStore store,
        OutsideLine line,
        string label,
        Func<Job, Task<(string? Table, string? Problem, int Status)>> ask,
        Reading read,
        CancellationToken cancel
    )
    {
        if (store.Find(job) is not { } known)
        {
            return Requests.NotFound("job");
        }

        var (table, problem, status) = await ask(known.Job);
        if (table is null)
        {
            return Results.Problem(title: problem, statusCode: status);
        }

        ImmutableArray<Fault> faults = [];
        var outcome = Edits.Replace(
            store,
            job,
            label,
            stored =>
            {
                var taken = read(stored.Job, table, cancel);
                faults = taken.Faults;
                return taken;
            }
        );
        return outcome.Written == Written.Saved ? Results.Ok(new Saved(job, outcome.Version))
            : !faults.IsEmpty ? Results.Problem(title: $"What was sent is at fault ({faults[0]}). {line.Stays}", statusCode: 502)
            : Requests.Refused(outcome, "job", _ => null);
    }
}
