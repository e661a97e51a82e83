using System.Collections.Immutable;
using System.Text;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Records;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>An edit of the firm's products, rules and trials, made on a version of the job.</summary>
internal sealed record FirmEdit(
    long Version,
    ImmutableArray<Core.Materials.OwnProduct> Products,
    ImmutableDictionary<string, string> HouseRules,
    ImmutableArray<TrialPatch> Trials
);

/// <summary>Answer to "why not?".</summary>
internal sealed record WhyNotView(bool Sound, [property: Prose] ImmutableArray<string> Lines);

/// <summary>The trade beyond a surface's record: lines read as operations, why not, ways of stripping, the firm, documents.</summary>
internal static class TradeEndpoints
{
    // What the lines are about; where that is not known, all of them are read.
    private static Element? About(string? element) => Enum.TryParse<Element>(element, ignoreCase: true, out var known) ? known : null;

    public static void MapTrade(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api").WithTags("trade");
        api.MapPost(
                "/read-lines",
                async (HttpRequest request, string? element) =>
                {
                    var (text, problem) = await Requests.Text(request);
                    return text is null ? problem! : Results.Ok(LineReader.Read(text, About(element), cancel: request.HttpContext.RequestAborted).ToArray());
                }
            )
            .WithMetadata(BodyLimit.Lines)
            .Accepts<string>("text/plain")
            .Produces<ReadLine[]>()
            .WithName("readLines");

        api.MapGet("/jobs/{job}/surfaces/{surface}/why-not", WhyNotAsked).Produces<WhyNotView>().ProducesProblem(404).ProducesValidationProblem().WithName("whyNot");
        api.MapGet(
                "/jobs/{job}/surfaces/{surface}/impasse",
                (string job, string surface, JobStore store, Analysis analysis) =>
                    SurfaceEndpoints.Place(store, job, surface) is not { } place ? Requests.NotFound("surface")
                    : Reporting.Blocked(place.Stored.Job, place.Surface, analysis.Specify(place.Stored, place.Building, place.Space, place.Surface)) is { } blocked
                        ? Results.Ok(blocked)
                    : Requests.NotFound("impasse")
            )
            .Produces<BlockedReport>()
            .ProducesProblem(404)
            .WithName("getImpasse");
        api.MapGet(
                "/jobs/{job}/surfaces/{surface}/stripping",
                (string job, string surface, JobStore store, Analysis analysis) =>
                    SurfaceEndpoints.Place(store, job, surface) is { } place
                        ? Results.Ok(
                            StrippingChoice
                                .Rank(place.Stored.Job, place.Surface, analysis.Specify(place.Stored, place.Building, place.Space, place.Surface).Appraised)
                                .ToArray()
                        )
                        : Requests.NotFound("surface")
            )
            .Produces<StrippingFit[]>()
            .ProducesProblem(404)
            .WithName("getStripping");

        api.MapPut("/jobs/{job}/firm", SaveFirm)
            .Accepts<FirmEdit>("application/json")
            .Produces<Saved>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("saveFirm");

        api.MapGet(
                "/jobs/{job}/documents/{kind}",
                (string job, string kind, JobStore store, Analysis analysis, string? surface, string? date) =>
                    Written(job, kind, store, analysis, surface, date) is { } document ? Results.Ok(document) : Requests.NotFound("document")
            )
            .Produces<Document>()
            .ProducesProblem(404)
            .WithName("getDocument");
        api.MapGet(
                "/jobs/{job}/documents/{kind}.md",
                (string job, string kind, JobStore store, Analysis analysis, string? surface, string? date) =>
                    Written(job, kind, store, analysis, surface, date) is { } document
                        ? Results.File(
                            Encoding.UTF8.GetBytes(SpokenJson.Say(document, RequestSpeech.Current).ToMarkdown()),
                            "text/markdown; charset=utf-8",
                            $"{job}.{kind}.md"
                        )
                        : Requests.NotFound("document")
            )
            .Produces<string>(200, "text/markdown")
            .ProducesProblem(404)
            .WithName("getDocumentMarkdown");
    }

    private static IResult WhyNotAsked(
        string job,
        string surface,
        string option,
        int step,
        JobStore store,
        Analysis analysis,
        string? instead = null,
        string? product = null
    )
    {
        if (SurfaceEndpoints.Place(store, job, surface) is not { } place)
        {
            return Requests.NotFound("surface");
        }

        var specified = analysis.Specify(place.Stored, place.Building, place.Space, place.Surface);
        specified = specified.Planned;
        if (specified.Options.FirstOrDefault(o => o.Id == option) is not { } found)
        {
            return Requests.NotFound("option");
        }

        var firm = Firm.Of(place.Stored.Job);
        Act? other = null;
        if (instead is not null)
        {
            other = Operations.Find(instead) is { } operation ? firm.Act(operation, product) : null;
            if (other is null)
            {
                return Requests.Problem([new Fault("instead", $"unknown operation '{instead}', or it does not use '{product}'")]);
            }
        }

        if (step < 1 || step > found.Steps.Length)
        {
            return Requests.Problem([new Fault("step", $"expected 1 to {found.Steps.Length}")]);
        }

        var answer = WhyNot.Ask(place.Stored.Job.Rates, place.Surface, specified.Appraised, found, step, other, firm);
        return Results.Ok(new WhyNotView(answer.Sound, answer.Lines));
    }

    private static async Task<IResult> SaveFirm(string job, HttpRequest request, JobStore store)
    {
        var (edit, problem) = await Requests.Read<FirmEdit>(request);
        if (edit is null)
        {
            return problem!;
        }

        return JobEndpoints.SaveJob(
            store,
            job,
            edit.Version,
            "Our ways changed",
            record => record with { Products = edit.Products, HouseRules = edit.HouseRules, Trials = edit.Trials }
        );
    }

    private static Document? Written(string job, string kind, JobStore store, Analysis analysis, string? surface, string? date)
    {
        DocumentKind? wanted = kind switch
        {
            "specification" => DocumentKind.Specification,
            "client-summary" => DocumentKind.ClientSummary,
            "crew-checklist" => DocumentKind.CrewChecklist,
            "hazard-sheet" => DocumentKind.HazardSheet,
            "quotation" => DocumentKind.Quotation,
            "as-built" => DocumentKind.AsBuilt,
            _ => null,
        };
        if (wanted is not { } known || store.Find(job) is not { } stored || (surface is not null && stored.Records.Find(RecordKind.Surface, surface) is null))
        {
            return null;
        }

        // The revision counts every change of anything in the job.
        var revision = stored.Changes;
        var day = date ?? TimeProvider.System.GetLocalNow().ToString("d MMMM yyyy", System.Globalization.CultureInfo.InvariantCulture);
        return Writing.Write(known, stored.Job, analysis.SpecifyAll(stored), day, revision.ToString(System.Globalization.CultureInfo.InvariantCulture), surface);
    }
}
