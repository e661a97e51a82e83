using Dapper;

namespace AllSound.Storage;

/// <summary>A photo without its picture.</summary>
public sealed record PhotoLine
{
    /// <summary>Id.</summary>
    public required string Id { get; init; }

    /// <summary>Surface that it is pinned to.</summary>
    public required string SurfaceId { get; init; }

    /// <summary>before, during or after.</summary>
    public required string Stage { get; init; }

    /// <summary>Taken while the surface was wet.</summary>
    public required bool Wet { get; init; }

    /// <summary>What it shows.</summary>
    public required string Caption { get; init; }

    /// <summary>Id of the photo taken from the same place at another stage, or null.</summary>
    public string? PairOf { get; init; }

    /// <summary>When, local date and time.</summary>
    public required string Taken { get; init; }

    /// <summary>Width, pixels.</summary>
    public required long Width { get; init; }

    /// <summary>Height, pixels.</summary>
    public required long Height { get; init; }
}

/// <summary>Photos in the database.</summary>
public sealed class PhotoStore(Database database)
{
    private const string Columns =
        "id AS Id, surface_id AS SurfaceId, stage AS Stage, wet AS Wet, caption AS Caption, pair_of AS PairOf, taken AS Taken, width AS Width, height AS Height";

    /// <summary>Photos of a surface, oldest first.</summary>
    public IReadOnlyList<PhotoLine> List(string job, string surface)
    {
        using var db = database.Open();
        return [.. db.Query<PhotoLine>($"SELECT {Columns} FROM photo WHERE job_id = @job AND surface_id = @surface ORDER BY taken, id", new { job, surface })];
    }

    /// <summary>Puts a photo in.</summary>
    public void Add(string job, PhotoLine line, byte[] data, byte[] thumb)
    {
        ArgumentNullException.ThrowIfNull(line);
        using var db = database.Open();
        db.Execute(
            """
            INSERT INTO photo (job_id, id, surface_id, stage, wet, caption, pair_of, taken, width, height, data, thumb)
            VALUES (@job, @Id, @SurfaceId, @Stage, @Wet, @Caption, @PairOf, @Taken, @Width, @Height, @data, @thumb)
            """,
            new
            {
                job,
                line.Id,
                line.SurfaceId,
                line.Stage,
                line.Wet,
                line.Caption,
                line.PairOf,
                line.Taken,
                line.Width,
                line.Height,
                data,
                thumb,
            }
        );
    }

    /// <summary>The picture, whole or as a thumbnail; null when there is none.</summary>
    public byte[]? Picture(string job, string id, bool thumb)
    {
        using var db = database.Open();
        return db.QuerySingleOrDefault<byte[]?>($"SELECT {(thumb ? "thumb" : "data")} FROM photo WHERE job_id = @job AND id = @id", new { job, id });
    }

    /// <summary>Takes a photo away.</summary>
    /// <returns>False when there was none.</returns>
    public bool Delete(string job, string id)
    {
        using var db = database.Open();
        return db.Execute("DELETE FROM photo WHERE job_id = @job AND id = @id", new { job, id }) > 0;
    }

    /// <summary>Hands all photos of a surface to another.</summary>
    public void Move(string job, string from, string to)
    {
        using var db = database.Open();
        db.Execute(
            "UPDATE photo SET surface_id = @to WHERE job_id = @job AND surface_id = @from",
            new
            {
                job,
                from,
                to,
            }
        );
    }
}
