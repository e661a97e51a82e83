using Dapper;
using Microsoft.Data.Sqlite;

namespace AllSound.Storage;

/// <summary>What was found of a database file before using it.</summary>
/// <param name="Exists">There is something in it.</param>
/// <param name="Writable">It, and the folder it lies in, can be written to.</param>
/// <param name="Immutable">Neither can be written to, so that not even reading may leave a trace.</param>
/// <param name="Older">Scripts that it has yet to go through; empty when it is up to date.</param>
/// <param name="Damage">What is wrong in it, in words; null when nothing is.</param>
internal sealed record DatabaseFile(bool Exists, bool Writable, bool Immutable, string[] Older, string? Damage)
{
    private static readonly byte[] Magic = "SQLite format 3\0"u8.ToArray();

    /// <summary>Looks at a file without changing it.</summary>
    /// <exception cref="DatabaseFault">It is no database, one of another program, or newer than this one.</exception>
    public static DatabaseFile Look(string path)
    {
        var folder = Path.GetDirectoryName(path)!;
        if (!Directory.Exists(folder))
        {
            throw new DatabaseFault($"There is no folder {folder}. Make it, or name another file with --db.");
        }

        if (Directory.Exists(path))
        {
            throw new DatabaseFault($"{path} is a folder. Name a file with --db.");
        }

        if (!File.Exists(path) || new FileInfo(path).Length == 0)
        {
            return new(false, true, false, [], null);
        }

        if (!IsDatabase(path))
        {
            throw new DatabaseFault($"{path} is not a database. It was not touched. Name another file with --db, or put back a copy with './allsound restore'.");
        }

        var writable = CanWrite(path);
        // Not pooled: nothing must still hold the file when it is moved or replaced.
        var connection = Database.Connect(path, writable ? SqliteOpenMode.ReadWrite : SqliteOpenMode.ReadOnly, !writable, pooled: false);
        string[] done;
        try
        {
            using var db = new SqliteConnection(connection);
            db.Open();
            if (!Database.IsOurs(db.ExecuteScalar<long>("PRAGMA application_id")))
            {
                throw Foreign(path);
            }

            var tables = db.Query<string>("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'").ToArray();
            if (!tables.Contains("SchemaVersions", StringComparer.Ordinal))
            {
                return tables.Length == 0 ? new(true, writable, !writable, Database.Known, null) : throw Foreign(path);
            }

            done = [.. db.Query<string>("SELECT ScriptName FROM SchemaVersions")];
        }
        catch (SqliteException e) when (e.SqliteErrorCode is 11 or 26)
        {
            throw new DatabaseFault(
                $"{path} is damaged so badly that it cannot be read ({e.Message}). It was not changed. Put back a copy with './allsound restore'.",
                e
            );
        }

        if (done.Except(Database.Known, StringComparer.Ordinal).FirstOrDefault() is { } newer)
        {
            throw new DatabaseFault(
                $"{path} was made by a newer version of All Sound (it has gone through '{Database.ShortName(newer)}', which this version does not know). It was not touched. Use that version, or a copy from before it."
            );
        }

        return new(
            true,
            writable,
            !writable,
            [.. Database.Known.Except(done, StringComparer.Ordinal).Select(Database.ShortName)],
            FindDamage(connection, path, whole: false)
        );
    }

    /// <summary>What a look over the whole file finds wrong; null when nothing, or when it is left for later because the file is large.</summary>
    public static string? FindDamage(string connection, string path, bool whole)
    {
        if (!whole && !Database.IsAtOnce(path))
        {
            return null;
        }

        try
        {
            using var db = new SqliteConnection(connection);
            db.Open();
            var says = db.ExecuteScalar<string>("PRAGMA quick_check(1)");
            return says == "ok" ? null : Damaged(path, says ?? "no answer");
        }
        catch (SqliteException e) when (e.SqliteErrorCode is 11 or 26)
        {
            return Damaged(path, e.Message);
        }
    }

    /// <summary>What to say of a damaged file.</summary>
    public static string Damaged(string path, string why) =>
        $"{path} is damaged ({why}), so it was opened for reading only and nothing can be saved. Export the jobs that can still be read, then put back a copy with './allsound restore'.";

    /// <summary>What to say of a file that cannot be written to.</summary>
    public static string ReadOnly(string path) => $"{path} was opened for reading only, so nothing can be saved. To work on it, copy it to where it can be written to.";

    /// <summary>Takes hold of the file for one server.</summary>
    /// <exception cref="DatabaseFault">Another one has it, or the folder cannot be written to.</exception>
    public static FileStream Hold(string path)
    {
        try
        {
            return new FileStream(
                path + ".lock",
                new FileStreamOptions
                {
                    Mode = FileMode.OpenOrCreate,
                    Access = FileAccess.ReadWrite,
                    Share = FileShare.None,
                    UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite,
                }
            );
        }
        catch (IOException e)
        {
            throw new DatabaseFault($"Another All Sound is using {path}. Stop that one first, or name another file with --db.", e);
        }
        catch (UnauthorizedAccessException e)
        {
            throw new DatabaseFault($"The folder of {path} cannot be written to. Name a file elsewhere with --db.", e);
        }
    }

    /// <summary>Makes the file, for its owner alone, where it is missing; SQLite gives its companions the same rights.</summary>
    public static void Make(string path)
    {
        using (
            new FileStream(
                path,
                new FileStreamOptions
                {
                    Mode = FileMode.OpenOrCreate,
                    Access = FileAccess.ReadWrite,
                    Share = FileShare.ReadWrite,
                    UnixCreateMode = Owner,
                }
            )
        )
        {
            // Only to be there.
        }

        File.SetUnixFileMode(path, Owner);
    }

    /// <summary>Read and write for the owner, nothing for others.</summary>
    public const UnixFileMode Owner = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    private static bool IsDatabase(string path)
    {
        using var file = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
        var head = new byte[Magic.Length];
        return file.ReadAtLeast(head, head.Length, throwOnEndOfStream: false) == head.Length && head.AsSpan().SequenceEqual(Magic);
    }

    private static bool CanWrite(string path)
    {
        try
        {
            using var file = new FileStream(path, FileMode.Open, FileAccess.ReadWrite, FileShare.ReadWrite | FileShare.Delete);
            var probe = $"{path}.probe";
            using (
                new FileStream(
                    probe,
                    new FileStreamOptions
                    {
                        Mode = FileMode.Create,
                        Access = FileAccess.Write,
                        Options = FileOptions.DeleteOnClose,
                        UnixCreateMode = Owner,
                    }
                )
            )
            {
                return true;
            }
        }
        catch (Exception e) when (e is UnauthorizedAccessException or IOException)
        {
            return false;
        }
    }

    private static DatabaseFault Foreign(string path) => new($"{path} is a database of another program. It was not touched. Name another file with --db.");
}
