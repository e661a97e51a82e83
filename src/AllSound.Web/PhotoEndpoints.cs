using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Photos of surfaces: in, out, listed, put away.</summary>
internal static class PhotoEndpoints
{
    public static void MapPhotos(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs/{job}").WithTags("photos");
        api.MapGet("/surfaces/{surface}/photos", (string job, string surface, JobStore store) => List(store, job, surface).ToArray()).WithName("listPhotos");
        api.MapPost("/surfaces/{surface}/photos", Add)
            .WithMetadata(BodyLimit.Picture)
            .Accepts<IFormFile>("image/jpeg", "image/png", "image/webp", "application/octet-stream")
            .Produces<PhotoView>(201)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(413)
            .WithName("addPhoto");
        api.MapGet("/photos/{id}", (string job, string id, PictureStore pictures) => Picture(pictures.Find(job, id, PictureForm.Shown), "image/jpeg"))
            .ExcludeFromDescription();
        api.MapGet("/photos/{id}/thumb", (string job, string id, PictureStore pictures) => Picture(pictures.Find(job, id, PictureForm.Thumb), "image/jpeg"))
            .ExcludeFromDescription();
        api.MapGet(
                "/photos/{id}/original",
                (string job, string id, JobStore store, PictureStore pictures) =>
                    Picture(pictures.Find(job, id, PictureForm.Original), (store.Find(job)?.Records.Find(RecordKind.Photo, id)?.Value as Photo)?.Type ?? "image/jpeg")
            )
            .ExcludeFromDescription();
        api.MapDelete("/photos/{id}", Delete).Produces<Saved>().ProducesProblem(404).ProducesProblem(409).WithName("deletePhoto");
    }

    /// <summary>Photos of a surface, oldest first.</summary>
    public static IEnumerable<PhotoView> List(JobStore store, string job, string surface) =>
        (store.Find(job)?.Records.Children(RecordKind.Photo, surface) ?? [])
            .Select(r => new PhotoView(r.Key.Id, surface, r.Version, (Photo)r.Value))
            .OrderBy(p => p.Photo.Taken)
            .ThenBy(p => p.Id, StringComparer.Ordinal);

    private static IResult Picture(byte[]? data, string type) => data is null ? Requests.NotFound("photo") : Results.Bytes(data, type);

    private static IResult Delete(string job, string id, JobStore store)
    {
        var key = new RecordKey(RecordKind.Photo, id);
        return store.Find(job)?.Records.Find(key) is not { } photo
            ? Requests.NotFound("photo")
            : Edits.One(store, job, "Photo put away", new RecordPut(key, photo.Version, null), "$", "photo", outcome => Results.Ok(new Saved(id, outcome.Version)));
    }

    private static async Task<IResult> Add(
        string job,
        string surface,
        HttpRequest request,
        JobStore store,
        PictureStore pictures,
        string? id = null,
        string stage = "before",
        bool wet = false,
        string caption = "",
        string? pairOf = null
    )
    {
        if (store.Find(job)?.Records.Find(RecordKind.Surface, surface) is null)
        {
            return Requests.NotFound("surface");
        }

        if (!JobFile.TryName<PhotoStage>(stage, out var known))
        {
            return Requests.Problem([new Fault("stage", $"expected one of {string.Join(", ", JobFile.Names(typeof(PhotoStage)))}")]);
        }

        if (caption.Length > Limits.Caption)
        {
            return Requests.Problem([new Fault("caption", $"expected {Limits.Caption} characters at most")]);
        }

        if (pairOf is not null && List(store, job, surface).All(p => p.Id != pairOf))
        {
            return Requests.Problem([new Fault("pairOf", "no such photo of this surface")]);
        }

        if (id is not null && !Guid.TryParseExact(id, "N", out _))
        {
            return Requests.Problem([new Fault("id", "expected 32 hexadecimal digits")]);
        }

        using var memory = new MemoryStream();
        if (await BodyLimit.Copy(request, memory) is { } problem)
        {
            return problem;
        }

        var (picture, fault) = await Pictures.Read(memory.ToArray(), request.HttpContext.RequestAborted);
        if (picture is null)
        {
            return Requests.Problem([new Fault("picture", fault!)]);
        }

        // Sent again because the answer was lost, it is the same photo.
        var key = new RecordKey(RecordKind.Photo, id ?? Guid.NewGuid().ToString("N"));
        var photo = new Photo
        {
            Stage = known,
            Wet = wet,
            Caption = caption,
            PairOf = pairOf,
            Taken = picture.Taken ?? Now(),
            TakenByCamera = picture.Taken is not null,
            Orientation = picture.Orientation,
            Type = picture.Type,
            Width = picture.Width,
            Height = picture.Height,
        };
        if (store.Find(job)?.Records.Find(key) is { } there)
        {
            return Results.Ok(new PhotoView(key.Id, there.Parent, there.Version, (Photo)there.Value));
        }

        pictures.Add(job, key.Id, new StoredPicture(picture.Original, picture.Shown, picture.Thumb));
        return Edits.One(
            store,
            job,
            "Photo added",
            new RecordPut(key, 0, photo, surface),
            "$",
            "photo",
            outcome => Results.Created($"/api/jobs/{job}/photos/{key.Id}", new PhotoView(key.Id, surface, outcome.Version, photo))
        );
    }

    // To the second, as cameras have it, and without a zone.
    private static DateTime Now()
    {
        var now = TimeProvider.System.GetLocalNow().DateTime;
        return new DateTime(now.Year, now.Month, now.Day, now.Hour, now.Minute, now.Second, DateTimeKind.Unspecified);
    }
}
