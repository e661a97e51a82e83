using System.Collections.Immutable;
using AllSound.Core.Reckoning;
using AllSound.Core.Wording;

namespace AllSound.Web;

/// <summary>A sum, and what it asks.</summary>
internal sealed record ReckonerView(string Id, [property: Prose] string Title, ImmutableArray<ReckonerInput> Inputs, [property: Prose] string Source);

/// <summary>Sums of a kind.</summary>
internal sealed record ReckonerGroupView([property: Prose] string Title, ImmutableArray<ReckonerView> Reckoners);

/// <summary>The pocket reckoner: sums of the trade without a job.</summary>
internal static class ReckonerEndpoints
{
    private static readonly ReckonerGroupView[] All =
    [
        .. Reckoners.Groups.Select(g => new ReckonerGroupView(g.Title, [.. g.Reckoners.Select(r => new ReckonerView(r.Id, r.Title, r.Inputs, r.Source))])),
    ];

    public static void MapReckoner(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api").WithTags("reckoner");
        api.MapGet("/reckoners", () => All).Produces<ReckonerGroupView[]>().WithName("getReckoners");

        // What is wrong with what was asked is part of the answer: it is asked while somebody types.
        api.MapPost(
                "/reckon/{kind}",
                (string kind, Dictionary<string, string> asked) => Reckoners.Find(kind) is { } reckoner ? Results.Ok(reckoner.Of(asked)) : Requests.NotFound("sum")
            )
            .Produces<ReckonerOutcome>()
            .ProducesProblem(404)
            .WithName("reckon");
    }
}
