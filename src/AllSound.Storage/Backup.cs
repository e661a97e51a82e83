using System.Text.Json;
using AllSound.Core.Exchange;
using AllSound.Core.Records;
using Dapper;
using Microsoft.Data.Sqlite;

namespace AllSound.Storage;

/// <summary>What a check of a database found.</summary>
/// <param name="Jobs">Jobs in it.</param>
/// <param name="Surfaces">Surfaces in it.</param>
/// <param name="Photos">Photos in it.</param>
/// <param name="Latest">Number of the last change, which is the time it was made in milliseconds since 1970 (UTC) or a little later.</param>
/// <param name="Faults">What is wrong, in words; empty when it is sound.</param>
public sealed record CheckOutcome(long Jobs, long Surfaces, long Photos, long Latest, IReadOnlyList<string> Faults);

/// <summary>Copies of a database: taken while a server runs, looked over, and put back.</summary>
public static class Backup
{
    /// <summary>Takes a copy with everything in it, photos too, and looks it over. A server may be writing meanwhile.</summary>
    /// <param name="from">The database.</param>
    /// <param name="to">The copy; must not be there yet.</param>
    /// <returns>What is in the copy.</returns>
    /// <exception cref="DatabaseFault">It could not be taken, or is not sound; nothing is left under the name.</exception>
    public static CheckOutcome Copy(string from, string to)
    {
        from = Path.GetFullPath(from);
        to = Path.GetFullPath(to);
        if (File.Exists(to))
        {
            throw new DatabaseFault($"{to} is there already. Name a file that is not.");
        }

        if (!Directory.Exists(Path.GetDirectoryName(to)))
        {
            throw new DatabaseFault($"There is no folder {Path.GetDirectoryName(to)}.");
        }

        var known = DatabaseFile.Look(from);
        if (!known.Exists)
        {
            throw new DatabaseFault($"There is no database {from}.");
        }

        var part = $"{to}.part-{Environment.ProcessId}-{Guid.NewGuid():N}";
        try
        {
            DatabaseFile.Make(part);
            using (var source = new SqliteConnection(Unpooled(from, SqliteOpenMode.ReadOnly, known.Immutable)))
            using (var target = new SqliteConnection(Unpooled(part, SqliteOpenMode.ReadWrite, false)))
            {
                source.Open();
                target.Open();
                source.BackupDatabase(target);
                // One file that needs no companion.
                target.Execute("PRAGMA journal_mode = DELETE");
            }

            var found = Check(part);
            if (found.Faults.Count > 0 && known.Older.Length == 0)
            {
                throw new DatabaseFault($"The copy of {from} is not sound, so it was not kept: {string.Join(" ", found.Faults.Take(5))}");
            }

            Flush(part);
            File.Move(part, to);
            return found;
        }
        catch (SqliteException e)
        {
            throw new DatabaseFault($"No copy of {from} could be taken: {e.Message}", e);
        }
        catch (IOException e)
        {
            throw new DatabaseFault($"No copy could be written to {to}: {e.Message}", e);
        }
        finally
        {
            Remove(part);
        }
    }

    /// <summary>Puts a copy back in the place of a database that no server is using. What stood there is kept beside it.</summary>
    /// <returns>What was put back, and the name under which what was there is kept, or null when there was nothing.</returns>
    /// <exception cref="DatabaseFault">The copy is not sound, or a server is using the database; nothing was changed.</exception>
    public static (CheckOutcome Found, string? Kept) Restore(string copy, string database)
    {
        copy = Path.GetFullPath(copy);
        database = Path.GetFullPath(database);
        if (!File.Exists(copy))
        {
            throw new DatabaseFault($"There is no file {copy}.");
        }

        var folder = Path.GetDirectoryName(database)!;
        if (!Directory.Exists(folder))
        {
            throw new DatabaseFault($"There is no folder {folder}.");
        }

        using var ours = DatabaseFile.Hold(database);
        var part = $"{database}.part-{Environment.ProcessId}";
        try
        {
            var found = Copy(copy, part);
            var kept = Aside(database);
            File.Move(part, database, overwrite: true);
            return (found, kept);
        }
        finally
        {
            Remove(part);
        }
    }

    /// <summary>Looks a database over: pages, links, version, and that every record can be read. Changes nothing.</summary>
    /// <exception cref="DatabaseFault">It is no database of ours, or newer than this program.</exception>
    public static CheckOutcome Check(string path)
    {
        path = Path.GetFullPath(path);
        var known = DatabaseFile.Look(path);
        if (!known.Exists)
        {
            throw new DatabaseFault($"There is no database {path}.");
        }

        if (known.Older.Length > 0)
        {
            return new(0, 0, 0, 0, [$"{path} was made by an older version; it is brought up to date when a server opens it."]);
        }

        var faults = new List<string>();
        using var db = new SqliteConnection(Unpooled(path, SqliteOpenMode.ReadOnly, known.Immutable));
        try
        {
            db.Open();
            faults.AddRange(db.Query<string>("PRAGMA integrity_check(20)").Where(l => l != "ok").Select(l => $"{path} is damaged: {l}."));
            foreach (var row in db.Query<RecordRow>(RecordRow.Select + " FROM record", buffered: false))
            {
                if (row.Read().Why is { } why)
                {
                    faults.Add($"The {row.Kind} '{row.Id}' of job '{row.Job}' cannot be read: {why}.");
                }
            }

            var bare = db.ExecuteScalar<long>(
                "SELECT COUNT(*) FROM record r WHERE kind = 'photo' AND NOT EXISTS (SELECT 1 FROM picture p WHERE p.job_id = r.job_id AND p.id = r.id)"
            );
            if (bare > 0)
            {
                faults.Add($"{bare} photos have no picture.");
            }

            return new(
                db.ExecuteScalar<long>("SELECT COUNT(*) FROM record WHERE kind = 'job'"),
                db.ExecuteScalar<long>("SELECT COUNT(*) FROM record WHERE kind = 'surface'"),
                db.ExecuteScalar<long>("SELECT COUNT(*) FROM record WHERE kind = 'photo'"),
                db.ExecuteScalar<long>("SELECT last FROM clock"),
                faults
            );
        }
        catch (SqliteException e)
        {
            return new(0, 0, 0, 0, [.. faults, $"{path} is damaged: {e.Message}"]);
        }
    }

    // What stood there, whatever it was, with what belongs to it.
    private static string? Aside(string database)
    {
        if (!File.Exists(database))
        {
            Remove(database);
            return null;
        }

        var kept = $"{database}.before-restore-{Database.Stamp()}";
        for (var n = 2; File.Exists(kept); n++)
        {
            kept = $"{database}.before-restore-{Database.Stamp()}-{n}";
        }

        foreach (var companion in new[] { "-wal", "-shm", "" })
        {
            if (File.Exists(database + companion))
            {
                File.Move(database + companion, kept + companion);
            }
        }

        return kept;
    }

    private static void Remove(string path)
    {
        foreach (var companion in new[] { "", "-wal", "-shm", "-journal" })
        {
            File.Delete(path + companion);
        }
    }

    private static void Flush(string path)
    {
        using var file = new FileStream(path, FileMode.Open, FileAccess.ReadWrite);
        file.Flush(flushToDisk: true);
    }

    private static string Unpooled(string path, SqliteOpenMode mode, bool immutable) => Database.Connect(path, mode, immutable, pooled: false);
}
