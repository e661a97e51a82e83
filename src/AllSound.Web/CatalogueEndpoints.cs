using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Web;

/// <summary>What the interface offers to pick from.</summary>
internal static class CatalogueEndpoints
{
    private static readonly Catalogue Everything = new(
        [.. Substrates.All.Select(s => new Choice(s.Id, s.Title, $"Never: {s.Never}."))],
        [.. ExistingCoatings.All.Select(c => new Choice(c.Id, c.Title, c.Recognise))],
        [.. Signs.All.Select(s => new Choice(s.Id, s.Title, s.Group))],
        [.. Checks.All.Select(c => new Choice(c.Id, c.Title, c.Unit ?? ""))],
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
        [.. Core.Materials.Coatings.All.Select(p => new Choice(p.Id, p.Title, p.Handling))]
    );

    public static void MapCatalogue(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/catalogue", () => Everything).WithTags("catalogue").WithName("getCatalogue");
        routes.MapGet("/api/health", () => Results.Ok(new { status = "sound" })).ExcludeFromDescription();
    }
}
