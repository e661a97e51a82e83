using AllSound.Core.Diagnosis;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>What the interface offers to pick from.</summary>
internal static class CatalogueEndpoints
{
    private static readonly Catalogue Everything = new(
        [.. Substrates.All.Select(s => new SubstrateChoice(s.Id, s.Title, $"Never: {s.Never}.", s.Family, s.MoistureLimit, s.Defects, s.Primers))],
        [.. ExistingCoatings.All.Select(c => new Choice(c.Id, c.Title, c.Recognise))],
        [.. Signs.All.Select(s => new SignChoice(s.Id, s.Title, s.Look, s.IsDefect, s.Scale, s.Misleads, s.Source.ToString()))],
        [
            .. RatingScales.All.Select(s => new ScaleChoice(
                s.Id,
                s.Title,
                s.Unit,
                s.How,
                [.. s.Classes.Select(c => new ClassChoice(c.Name, c.Words))],
                s.Source.ToString()
            )),
        ],
        [
            .. Checks.All.Select(c => new CheckChoice(
                c.Id,
                c.Title,
                c.Tools,
                c.Do,
                c.Minutes,
                c.WaitHours,
                c.Cost,
                c.Damage,
                c.Hazard,
                c.Gate,
                c.Unit,
                c.Unit is null ? null : c.Range.Least,
                c.Unit is null ? null : c.Range.Most,
                [.. c.OtherUnits.Select(u => u.Unit)],
                [.. c.Outcomes.Select(o => new OutcomeChoice(o.Id, o.Title, o.FindsNone))],
                c.Grounds,
                c.Scale,
                c.Limits,
                c.Again,
                c.Source.ToString()
            )),
        ],
        [.. Forms.All.Select(f => new FormChoice(f.Id, f.Title, f.Elements, f.How, f.Measures))],
        [.. Enum.GetValues<Element>().Select(e => new ElementChoice(e, Usual.Substrate(e).Id))],
        [.. Usual.Openings],
        [
            .. Causes.All.Select(c => new CauseChoice(
                c.Id,
                c.Title,
                c.Weights,
                [.. c.Evidence.Select(e => new EvidenceChoice(e.Sign, Signs.Find(e.Sign)!.Title, e.IfCause, e.IfNot))]
            )),
        ],
        [
            .. Operations.All.Select(o => new OperationChoice(
                o.Id,
                o.Title,
                Reporting.GroupName(o.Group),
                o.Do,
                [.. o.Products.Select(p => new Choice(p.Id, p.Title, p.Handling))],
                o.School,
                o.Refused,
                o.Source.ToString()
            )),
        ],
        [
            .. Core.Materials.Coatings.All.Select(p => new ProductChoice(
                p.Id,
                p.Title,
                p.Handling,
                p.Spread.Smooth,
                p.Drying.Least,
                p.Drying.Advised,
                p.Drying.LatestDays,
                p.Voc,
                p.ThinMost,
                p.Finishes,
                p.Source.ToString()
            )),
        ],
        [.. Core.Practice.Questions.All.Select(q => new QuestionChoice(q.Id, q.Title, q.Turns, [.. q.Schools.Select(s => new Choice(s.Id, s.Title, ""))], q.Default))]
    );

    public static void MapCatalogue(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/catalogue", () => Everything).WithTags("catalogue").WithName("getCatalogue");
        routes
            .MapGet(
                "/api/health",
                (Database database) =>
                    Results.Json(
                        new HealthView(database.Health.Writable ? "sound" : "reading only", database.Health.Says),
                        statusCode: database.Health.Writable ? StatusCodes.Status200OK : StatusCodes.Status503ServiceUnavailable
                    )
            )
            .Produces<HealthView>()
            .Produces<HealthView>(503)
            .WithTags("catalogue")
            .WithName("getHealth");
    }
}
