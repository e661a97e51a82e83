using System.Globalization;
using Microsoft.AspNetCore.Http.Features;

namespace AllSound.Web;

/// <summary>How large a body an endpoint takes, bytes.</summary>
/// <param name="Bytes">The most.</param>
internal sealed record BodyLimit(long Bytes)
{
    /// <summary>Where an endpoint says nothing of its own.</summary>
    public static readonly BodyLimit Usual = new(2 * 1024 * 1024);

    /// <summary>A whole job, or an edit of all of it.</summary>
    public static readonly BodyLimit Job = new(100 * 1024 * 1024);

    /// <summary>Lines pasted as a sequence.</summary>
    public static readonly BodyLimit Lines = new(150 * 1024);

    /// <summary>One picture.</summary>
    public static readonly BodyLimit Picture = new(Pictures.MostBytes);

    /// <summary>A job with all its photos.</summary>
    public static readonly BodyLimit Archive = new(4L * 1024 * 1024 * 1024);

    /// <summary>The limit of the endpoint that a request goes to.</summary>
    public static BodyLimit Of(HttpContext context) => context.GetEndpoint()?.Metadata.GetMetadata<BodyLimit>() ?? Usual;

    /// <summary>
    /// Copies a body to a stream, up to the limit of its endpoint. Too long a one is answered with 413 and a reason; the server then takes in
    /// what is still being sent for a moment, so that the sender gets to read it.
    /// </summary>
    public static async Task<IResult?> Copy(HttpRequest request, Stream to, BodyLimit? least = null)
    {
        var limit = least ?? Of(request.HttpContext);
        if (request.ContentLength > limit.Bytes)
        {
            return limit.TooLarge();
        }

        var buffer = new byte[81_920];
        long taken = 0;
        try
        {
            int got;
            while ((got = await request.Body.ReadAsync(buffer, request.HttpContext.RequestAborted)) > 0)
            {
                taken += got;
                if (taken > limit.Bytes)
                {
                    return limit.TooLarge();
                }

                await to.WriteAsync(buffer.AsMemory(0, got), request.HttpContext.RequestAborted);
            }
        }
        catch (BadHttpRequestException e)
        {
            return Results.Problem(title: "The request could not be read.", detail: e.Message, statusCode: e.StatusCode);
        }

        return null;
    }

    /// <summary>The server's own limit would cut the line instead of answering; ours are kept by <see cref="Copy"/>.</summary>
    public static void LiftServerLimit(HttpContext context)
    {
        if (context.Features.Get<IHttpMaxRequestBodySizeFeature>() is { IsReadOnly: false } feature)
        {
            feature.MaxRequestBodySize = null;
        }
    }

    private IResult TooLarge() =>
        Results.Problem(
            title: Bytes < 1024 * 1024
                ? string.Create(CultureInfo.InvariantCulture, $"What was sent is too large: {Bytes / 1024} KiB are the most. Nothing was changed.")
                : string.Create(CultureInfo.InvariantCulture, $"What was sent is too large: {Bytes / 1024 / 1024} MiB are the most. Nothing was changed."),
            statusCode: StatusCodes.Status413PayloadTooLarge
        );
}
