using System.Globalization;
using AllSound.Core.Exchange;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Photos of surfaces: in, out, listed, away.</summary>
internal static class PhotoEndpoints
{
    private static readonly string[] Stages = ["before", "during", "after"];

    public static void MapPhotos(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs/{job}").WithTags("photos");
        api.MapGet("/surfaces/{surface}/photos", (string job, string surface, PhotoStore photos) => photos.List(job, surface).ToArray()).WithName("listPhotos");
        api.MapPost("/surfaces/{surface}/photos", Add)
            .Accepts<IFormFile>("image/*")
            .Produces<PhotoLine>(201)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(413)
            .WithName("addPhoto");
        api.MapGet("/photos/{id}", (string job, string id, PhotoStore photos) => Picture(photos.Picture(job, id, thumb: false))).ExcludeFromDescription();
        api.MapGet("/photos/{id}/thumb", (string job, string id, PhotoStore photos) => Picture(photos.Picture(job, id, thumb: true))).ExcludeFromDescription();
        api.MapDelete("/photos/{id}", (string job, string id, PhotoStore photos) => photos.Delete(job, id) ? Results.Ok(new Saved(id, 0)) : Requests.NotFound("photo"))
            .Produces<Saved>()
            .ProducesProblem(404)
            .WithName("deletePhoto");
    }

    private static IResult Picture(byte[]? data) => data is null ? Requests.NotFound("photo") : Results.Bytes(data, "image/jpeg");

    private static async Task<IResult> Add(
        string job,
        string surface,
        HttpRequest request,
        JobStore store,
        PhotoStore photos,
        string stage = "before",
        bool wet = false,
        string caption = "",
        string? pairOf = null
    )
    {
        if (store.Find(job)?.Job.Surfaces().Any(s => s.Surface.Id == surface) != true)
        {
            return Requests.NotFound("surface");
        }

        if (!Stages.Contains(stage, StringComparer.Ordinal))
        {
            return Requests.Problem([new Fault("stage", $"expected one of {string.Join(", ", Stages)}")]);
        }

        if (caption.Length > 300)
        {
            return Requests.Problem([new Fault("caption", "expected 300 characters at most")]);
        }

        if (pairOf is not null && photos.List(job, surface).All(p => p.Id != pairOf))
        {
            return Requests.Problem([new Fault("pairOf", "no such photo of this surface")]);
        }

        if (request.ContentLength > Pictures.MostBytes)
        {
            return Results.Problem(
                title: $"A photo may be {Pictures.MostBytes / 1024 / 1024} MiB at most; nothing was kept.",
                statusCode: StatusCodes.Status413PayloadTooLarge
            );
        }

        using var memory = new MemoryStream();
        var buffer = new byte[81_920];
        int got;
        while ((got = await request.Body.ReadAsync(buffer, request.HttpContext.RequestAborted)) > 0)
        {
            memory.Write(buffer, 0, got);
            if (memory.Length > Pictures.MostBytes)
            {
                return Results.Problem(
                    title: $"A photo may be {Pictures.MostBytes / 1024 / 1024} MiB at most; nothing was kept.",
                    statusCode: StatusCodes.Status413PayloadTooLarge
                );
            }
        }

        var (picture, fault) = Pictures.Read(memory.ToArray());
        if (picture is null)
        {
            return Requests.Problem([new Fault("picture", fault!)]);
        }

        var line = new PhotoLine
        {
            Id = Guid.NewGuid().ToString("N"),
            SurfaceId = surface,
            Stage = stage,
            Wet = wet,
            Caption = caption,
            PairOf = pairOf,
            Taken = TimeProvider.System.GetLocalNow().ToString("yyyy-MM-ddTHH:mm:ss", CultureInfo.InvariantCulture),
            Width = picture.Width,
            Height = picture.Height,
        };
        photos.Add(job, line, picture.Data, picture.Thumb);
        return Results.Created($"/api/jobs/{job}/photos/{line.Id}", line);
    }
}
