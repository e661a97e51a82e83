namespace AllSound.Web;

/// <summary>Site instruments: what is in the bag, and a reading taken with one.</summary>
internal static class InstrumentEndpoints
{
    public static void MapInstruments(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/instruments").WithTags("instruments");
        // No service is no fault: the answer says so, and numbers are typed in.
        api.MapGet(
                "/",
                async (InstrumentLine line, CancellationToken cancel) =>
                {
                    var found = await line.List(cancel);
                    return new BagView(found.Value ?? [], found.Problem);
                }
            )
            .Produces<BagView>()
            .WithName("listInstruments");
        api.MapPost(
                "/{id}/read",
                async (string id, HttpRequest request, InstrumentLine line, CancellationToken cancel) =>
                {
                    var (read, problem) = await Requests.Read<ReadRequest>(request);
                    return read is null ? problem! : Answer(await line.Read(id, read, cancel));
                }
            )
            .Accepts<ReadRequest>("application/json")
            .Produces<TakenReading>()
            .ProducesProblem(502)
            .ProducesProblem(503)
            .ProducesProblem(504)
            .WithName("readInstrument");
    }

    private static IResult Answer<T>(InstrumentAnswer<T> answer)
        where T : class => answer.Value is { } value ? Results.Ok(value) : Results.Problem(title: answer.Problem, statusCode: answer.Status);
}
