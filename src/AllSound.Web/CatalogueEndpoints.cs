using AllSound.Core.Exchange.Listings;
using AllSound.Core.Inspection;
using AllSound.Core.Quantities;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>What the interface offers to pick from.</summary>
internal static class CatalogueEndpoints
{
    private static readonly Catalogue Everything = new(
        SubstrateListing.All,
        ExistingCoatingListing.All,
        SignListing.All,
        ScaleListing.All,
        CheckListing.All,
        FormListing.All,
        ElementListing.All,
        [.. Usual.Openings],
        FactSheet.Groups,
        CauseListing.All,
        OperationChoice.All,
        ProductListing.All,
        QuestionListing.All
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
