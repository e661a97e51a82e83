using System.Collections.Immutable;
using System.Globalization;
using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Core.Surfaces;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>What lies in an archive of a job beside the job file.</summary>
internal sealed record Manifest
{
    public const string CurrentFormat = "allsound.archive/1";

    public required string Format { get; init; }

    /// <summary>SHA-256 of job.json, lower-case hexadecimal.</summary>
    public required string Job { get; init; }

    public required ImmutableArray<ArchivedPhoto> Photos { get; init; }
}

/// <summary>A photo in an archive.</summary>
internal sealed record ArchivedPhoto
{
    public required string Id { get; init; }

    public required string Surface { get; init; }

    public required Photo Photo { get; init; }

    /// <summary>Name of the picture in the archive, as it came from the camera.</summary>
    public required string File { get; init; }

    /// <summary>SHA-256 of the picture.</summary>
    public required string Sha256 { get; init; }
}

/// <summary>Whole jobs in and out: as a job file, and with photos as a zip of open formats (job.json, photos/, manifest.json).</summary>
internal static class ArchiveEndpoints
{
    private const string JobName = "job.json";
    private const string ManifestName = "manifest.json";

    // The earliest that a zip can say: the same job gives the same bytes whenever it is written.
    private static readonly DateTimeOffset NoTime = new(1980, 1, 1, 0, 0, 0, TimeSpan.Zero);

    public static void MapArchives(this IEndpointRouteBuilder routes)
    {
        var api = routes.MapGroup("/api/jobs").WithTags("jobs");
        api.MapGet(
                "/{job}/export",
                (string job, JobStore store) =>
                    store.Find(job) is { } stored
                        ? Results.File(Encoding.UTF8.GetBytes(JobFile.Write(stored.Job)), "application/json", $"{job}.job.json")
                        : Requests.NotFound("job")
            )
            .Produces<Job>()
            .ProducesProblem(404)
            .WithName("exportJob");
        api.MapGet(
                "/{job}/export.zip",
                async (string job, JobStore store, PictureStore pictures) =>
                    store.Find(job) is { } stored ? Results.Stream(await Archive(stored, pictures), "application/zip", $"{job}.zip") : Requests.NotFound("job")
            )
            .Produces<byte[]>(200, "application/zip")
            .ProducesProblem(404)
            .WithName("exportArchive");
        api.MapPost("/import", Import)
            .WithMetadata(BodyLimit.Archive)
            .Accepts<Job>("application/json", "application/zip")
            .Produces<Saved>(201)
            .ProducesValidationProblem()
            .ProducesProblem(409)
            .WithName("importJob");
        var demos = routes.MapGroup("/api/demos").WithTags("archive");
        demos
            .MapGet("/", () => Demos.All(TimeProvider.System.GetUtcNow().Year).Select(j => new DemoListing(j.Id, j.Title, j.Surfaces().Count())).ToArray())
            .WithName("listDemos");
        demos
            .MapPost(
                "/{demo}",
                (string demo, JobStore store) =>
                    Demos.Find(demo, TimeProvider.System.GetUtcNow().Year) is { } job ? Answer(Put(store, job, null, replace: false), job.Id) : Requests.NotFound("demo")
            )
            .Produces<Saved>(201)
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithName("openDemo");
    }

    /// <summary>Puts a job in.</summary>
    /// <param name="store">Where.</param>
    /// <param name="job">The job.</param>
    /// <param name="photos">Its photos, whose pictures are in already; null to leave those that are there.</param>
    /// <param name="replace">Over a job of the same id, which can be undone; else that is refused.</param>
    internal static ChangeOutcome Put(JobStore store, Job job, ImmutableArray<ArchivedPhoto>? photos, bool replace) =>
        store.Change(
            job.Id,
            $"Taken in: {job.Title}",
            null,
            before =>
            {
                if (before is not null && !replace)
                {
                    return Plan.Refuse(Written.Taken, before.Version);
                }

                var records = (before?.Records ?? RecordSet.Empty).With(job);
                if (photos is { } given)
                {
                    records = records
                        .All.Where(r => r.Key.Kind is RecordKind.Photo && given.All(p => p.Id != r.Key.Id))
                        .Aggregate(records, (set, gone) => set.Remove(gone.Key));
                    records = given.Aggregate(
                        records,
                        (set, p) => set.Put(new RecordKey(RecordKind.Photo, p.Id), p.Surface, p.Photo, RecordSet.Gap * (given.IndexOf(p) + 1L))
                    );
                }

                return Plan.To(records, before?.SpoiltKeys);
            }
        );

    private static async Task<IResult> Import(HttpRequest request, JobStore store, PictureStore pictures, bool replace = false)
    {
        if (request.ContentType?.StartsWith("application/zip", StringComparison.OrdinalIgnoreCase) == true)
        {
            return await ImportArchive(request, store, pictures, replace);
        }

        var (text, problem) = await Requests.Text(request, BodyLimit.Job);
        if (text is null)
        {
            return problem!;
        }

        var (job, faults) = JobFile.Read(text, TimeProvider.System.GetUtcNow().Year);
        return job is null ? Requests.Problem(faults) : Answer(Put(store, job, null, replace), job.Id);
    }

    private static IResult Answer(ChangeOutcome outcome, string id) =>
        outcome.Written == Written.Saved ? Results.Created($"/api/jobs/{id}", new Saved(id, outcome.Version)) : Requests.Refused(outcome, "job", _ => null);

    // By way of a file: it may be larger than memory, and is gone when it has been sent.
    private static async Task<FileStream> Archive(StoredJob stored, PictureStore pictures)
    {
        var file = Scratch();
        try
        {
            await Write(stored, pictures, file);
            file.Position = 0;
            return file;
        }
        catch
        {
            await file.DisposeAsync();
            throw;
        }
    }

    private static FileStream Scratch() =>
        new(
            Path.Combine(Path.GetTempPath(), $"allsound-{Guid.NewGuid():N}.zip"),
            FileMode.CreateNew,
            FileAccess.ReadWrite,
            FileShare.None,
            81_920,
            FileOptions.DeleteOnClose | FileOptions.Asynchronous
        );

    private static async Task Write(StoredJob stored, PictureStore pictures, Stream stream)
    {
        await using var zip = await ZipArchive.CreateAsync(stream, ZipArchiveMode.Create, leaveOpen: true, entryNameEncoding: null);
        var text = Encoding.UTF8.GetBytes(JobFile.Write(stored.Job));
        await Put(zip, JobName, text, CompressionLevel.Optimal);
        var photos = new List<ArchivedPhoto>();
        foreach (var record in stored.Records.All.Where(r => r.Key.Kind is RecordKind.Photo).OrderBy(r => r.Key.Id, StringComparer.Ordinal))
        {
            if (pictures.Find(stored.Job.Id, record.Key.Id, PictureForm.Original) is not { } picture)
            {
                continue;
            }

            var photo = (Photo)record.Value;
            var file = $"photos/{record.Key.Id}.{Extension(photo.Type)}";
            photos.Add(
                new ArchivedPhoto
                {
                    Id = record.Key.Id,
                    Surface = record.Parent,
                    Photo = photo,
                    File = file,
                    Sha256 = Hash(picture),
                }
            );
            await Put(zip, file, picture, CompressionLevel.NoCompression);
        }

        var manifest = new Manifest
        {
            Format = Manifest.CurrentFormat,
            Job = Hash(text),
            Photos = [.. photos],
        };
        await Put(zip, ManifestName, JsonSerializer.SerializeToUtf8Bytes(manifest, JobFile.Options), CompressionLevel.Optimal);
    }

    private static async Task Put(ZipArchive zip, string name, byte[] data, CompressionLevel level)
    {
        var entry = zip.CreateEntry(name, level);
        entry.LastWriteTime = NoTime;
        await using var into = await entry.OpenAsync();
        await into.WriteAsync(data);
    }

    // The archive goes to a file first: it may be larger than memory.
    private static async Task<IResult> ImportArchive(HttpRequest request, JobStore store, PictureStore pictures, bool replace)
    {
        var cancel = request.HttpContext.RequestAborted;
        await using var file = Scratch();
        if (await BodyLimit.Copy(request, file) is { } problem)
        {
            return problem;
        }

        try
        {
            file.Position = 0;
            await using var zip = await ZipArchive.CreateAsync(file, ZipArchiveMode.Read, leaveOpen: true, entryNameEncoding: null, cancel);
            return await Unpack(zip, store, pictures, replace, cancel);
        }
        catch (InvalidDataException)
        {
            return Requests.Problem([new Fault("$", "not a zip archive, or a damaged one")]);
        }
    }

    private static async Task<IResult> Unpack(ZipArchive zip, JobStore store, PictureStore pictures, bool replace, CancellationToken cancel)
    {
        var (text, missing) = await Text(zip, JobName, Limits.FileCharacters, cancel);
        var (listed, unlisted) = await Text(zip, ManifestName, Limits.FileCharacters, cancel);
        if (text is null || listed is null)
        {
            return Requests.Problem([missing ?? unlisted!]);
        }

        var (job, faults) = JobFile.Read(text, TimeProvider.System.GetUtcNow().Year);
        if (job is null)
        {
            return Requests.Problem([.. faults.Select(f => f with { Path = $"{JobName} {f.Path}" })]);
        }

        var (manifest, fault) = JobFile.Parse<Manifest>(listed);
        if (manifest is null)
        {
            return Requests.Problem([fault! with { Path = $"{ManifestName} {fault.Path}" }]);
        }

        if (manifest.Format != Manifest.CurrentFormat)
        {
            return Requests.Problem([new Fault($"{ManifestName} $.format", $"expected \"{Manifest.CurrentFormat}\"")]);
        }

        // All are looked at before any is put in.
        var surfaces = job.Surfaces().Select(s => s.Surface.Id).ToHashSet(StringComparer.Ordinal);
        var ids = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < manifest.Photos.Length; i++)
        {
            var photo = manifest.Photos[i];
            var at = $"{ManifestName} $.photos[{i}]";
            if (!surfaces.Contains(photo.Surface))
            {
                return Requests.Problem([new Fault($"{at}.surface", $"the job has no surface '{photo.Surface}'")]);
            }

            if (!Guid.TryParseExact(photo.Id, "N", out _) || !ids.Add(photo.Id))
            {
                return Requests.Problem([new Fault($"{at}.id", "expected 32 hexadecimal digits, each once")]);
            }

            if (zip.GetEntry(photo.File) is not { } entry || entry.Length > Pictures.MostBytes)
            {
                return Requests.Problem([new Fault($"{at}.file", $"there is no picture '{photo.File}' in the archive, or it is too large")]);
            }

            if (Hash(await Bytes(entry, cancel)) != photo.Sha256)
            {
                return Requests.Problem([new Fault($"{at}.sha256", $"the picture '{photo.File}' is not the one that was written")]);
            }
        }

        if (store.Find(job.Id) is not null && !replace)
        {
            return Answer(Put(store, job, [], replace), job.Id);
        }

        for (var i = 0; i < manifest.Photos.Length; i++)
        {
            var photo = manifest.Photos[i];
            var (picture, wrong) = await Pictures.Read(await Bytes(zip.GetEntry(photo.File)!, cancel), cancel);
            if (picture is null)
            {
                return Requests.Problem([new Fault($"{ManifestName} $.photos[{i}].file", wrong!)]);
            }

            pictures.Add(job.Id, photo.Id, new StoredPicture(picture.Original, picture.Shown, picture.Thumb));
        }

        return Answer(Put(store, job, manifest.Photos, replace), job.Id);
    }

    private static async Task<(string? Text, Fault? Fault)> Text(ZipArchive zip, string name, int most, CancellationToken cancel)
    {
        if (zip.GetEntry(name) is not { } entry)
        {
            return (null, new Fault("$", $"there is no {name} in the archive"));
        }

        if (entry.Length > most)
        {
            return (null, new Fault("$", $"{name} is too large"));
        }

        return (Encoding.UTF8.GetString(await Bytes(entry, cancel)), null);
    }

    // No more than the archive says of itself, whatever comes out of it.
    private static async Task<byte[]> Bytes(ZipArchiveEntry entry, CancellationToken cancel)
    {
        var data = new byte[entry.Length];
        await using var from = await entry.OpenAsync(cancel);
        var got = await from.ReadAtLeastAsync(data, data.Length, throwOnEndOfStream: false, cancel);
        return data[..got];
    }

    private static string Extension(string type) =>
        type switch
        {
            "image/png" => "png",
            "image/webp" => "webp",
            _ => "jpg",
        };

    private static string Hash(byte[] data) => Convert.ToHexString(SHA256.HashData(data)).ToLower(CultureInfo.InvariantCulture);
}
