using Dapper;

namespace AllSound.Storage;

/// <summary>A picture in its three forms.</summary>
/// <param name="Original">As it came; null where an older version of the program did not keep it.</param>
/// <param name="Shown">Upright, no larger than is of use, JPEG.</param>
/// <param name="Thumb">Small, JPEG.</param>
public sealed record StoredPicture(byte[]? Original, byte[] Shown, byte[] Thumb);

/// <summary>Which form of a picture.</summary>
public enum PictureForm
{
    /// <summary>As it came, or as shown where that was not kept.</summary>
    Original,

    /// <summary>As shown.</summary>
    Shown,

    /// <summary>Small.</summary>
    Thumb,
}

/// <summary>
/// The pictures of photos. A picture is put in before the record of its photo and stays for as long as a record, or one that can be brought
/// back, speaks of it.
/// </summary>
public sealed class PictureStore(Database database)
{
    /// <summary>Puts a picture in. One that is there already is left as it is.</summary>
    public void Add(string job, string id, StoredPicture picture)
    {
        ArgumentNullException.ThrowIfNull(picture);
        using var db = database.Open();
        db.Execute(
            "INSERT OR IGNORE INTO picture (job_id, id, original, shown, thumb, added) VALUES (@job, @id, @Original, @Shown, @Thumb, @added)",
            new
            {
                job,
                id,
                picture.Original,
                picture.Shown,
                picture.Thumb,
                added = TimeProvider.System.GetUtcNow().ToUnixTimeMilliseconds(),
            }
        );
    }

    /// <summary>A picture in one form; null when there is none.</summary>
    public byte[]? Find(string job, string id, PictureForm form)
    {
        using var db = database.Open();
        var column = form switch
        {
            PictureForm.Original => "COALESCE(original, shown)",
            PictureForm.Shown => "shown",
            _ => "thumb",
        };
        return db.QuerySingleOrDefault<byte[]?>($"SELECT {column} FROM picture WHERE job_id = @job AND id = @id", new { job, id });
    }
}
