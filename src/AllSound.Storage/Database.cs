using System.Globalization;
using System.Reflection;
using Dapper;
using DbUp;
using Microsoft.Data.Sqlite;

namespace AllSound.Storage;

/// <summary>
/// One SQLite file: looked over before it is used, owned by one server at a time, with a write-ahead log, and every commit on disk before
/// it is acknowledged. The log is folded into the file whenever nothing has been written for a moment, so that a plain copy of the file
/// alone is seldom behind, and never once the server has stopped.
/// </summary>
public sealed class Database : IDisposable
{
    private const string Scripts = "AllSound.Storage.Migrations.";

    // "AllS": marks the file as ours (SQLite's application_id).
    private const long Mark = 0x416C6C53;

    // Above this the whole file is looked over beside the server's start instead of before it.
    private const long LookedOverAtOnce = 64 * 1024 * 1024;

    private readonly string connectionString;
    private readonly FileStream? ours;
    private volatile DatabaseHealth health;
    private int closed;

    private Database(string path, string connectionString, FileStream? ours, DatabaseHealth health)
    {
        Path = path;
        this.connectionString = connectionString;
        this.ours = ours;
        this.health = health;
    }

    /// <summary>The file.</summary>
    public string Path { get; }

    /// <summary>Whether it can be written to.</summary>
    public DatabaseHealth Health => health;

    /// <summary>Opens a file, makes it where it is missing, and brings an older one up to date after taking a copy of it.</summary>
    /// <param name="path">Path of the file.</param>
    /// <param name="readOnly">Open it for reading only.</param>
    /// <exception cref="DatabaseFault">It cannot be used at all: newer, of another program, no database, held by another server.</exception>
    public static Database Open(string path, bool readOnly = false)
    {
        path = System.IO.Path.GetFullPath(path);
        var known = DatabaseFile.Look(path);
        readOnly |= known.Exists && !known.Writable;
        if (readOnly)
        {
            if (!known.Exists)
            {
                throw new DatabaseFault($"There is no file {path} to open for reading.");
            }

            if (known.Older.Length > 0)
            {
                throw new DatabaseFault(
                    $"{path} was made by an older version of All Sound and cannot be brought up to date, because it cannot be written to. Copy it to where it can."
                );
            }

            return new Database(
                path,
                Connect(path, SqliteOpenMode.ReadOnly, known.Immutable),
                null,
                new DatabaseHealth(false, known.Damage ?? DatabaseFile.ReadOnly(path))
            );
        }

        var hold = DatabaseFile.Hold(path);
        try
        {
            if (known.Damage is { } damage)
            {
                return new Database(path, Connect(path, SqliteOpenMode.ReadOnly, known.Immutable), hold, new DatabaseHealth(false, damage));
            }

            if (known.Exists && known.Older.Length > 0)
            {
                Backup.Copy(path, $"{path}.before-{known.Older[0][..4]}-{Stamp()}.db");
            }

            DatabaseFile.Make(path);
            var database = new Database(path, Connect(path, SqliteOpenMode.ReadWriteCreate, false), hold, DatabaseHealth.Sound);
            database.Prepare();
            return database;
        }
        catch
        {
            hold.Dispose();
            throw;
        }
    }

    /// <summary>An open connection.</summary>
    public SqliteConnection Open()
    {
        var connection = new SqliteConnection(connectionString);
        connection.Open();
        if (health.Writable)
        {
            connection.Execute("PRAGMA synchronous = FULL; PRAGMA secure_delete = ON");
        }

        return connection;
    }

    /// <summary>Folds the write-ahead log into the file.</summary>
    /// <returns>False when something still reads from the log; try again later.</returns>
    public bool Fold()
    {
        if (!health.Writable)
        {
            return true;
        }

        using var db = Open();
        return db.ExecuteScalar<long>("PRAGMA wal_checkpoint(TRUNCATE)") == 0;
    }

    /// <summary>Looks the whole file over when it is too large to do so at the start, and turns to reading only where it is damaged.</summary>
    public void LookOver()
    {
        if (health.Writable && new FileInfo(Path).Length > LookedOverAtOnce && DatabaseFile.FindDamage(connectionString, Path, whole: true) is { } damage)
        {
            health = new DatabaseHealth(false, damage);
        }
    }

    /// <summary>Says that nothing more can be written, as a damaged page was met.</summary>
    public void TurnToReading(string says) => health = new DatabaseHealth(false, says);

    /// <summary>Folds the log in and lets the file go.</summary>
    public void Dispose()
    {
        if (Interlocked.Exchange(ref closed, 1) == 1)
        {
            return;
        }

        try
        {
            Fold();
        }
        catch (SqliteException)
        {
            // A full disk: the log stays beside the file and is read at the next start.
        }

        using (var connection = new SqliteConnection(connectionString))
        {
            SqliteConnection.ClearPool(connection);
        }

        ours?.Dispose();
    }

    /// <summary>The names of the scripts that this version knows, in order.</summary>
    internal static string[] Known { get; } =
    [.. Assembly.GetExecutingAssembly().GetManifestResourceNames().Where(n => n.StartsWith(Scripts, StringComparison.Ordinal)).Order(StringComparer.Ordinal)];

    internal static string ShortName(string script) => script.StartsWith(Scripts, StringComparison.Ordinal) ? script[Scripts.Length..] : script;

    internal static string Stamp() => TimeProvider.System.GetUtcNow().ToString("yyyyMMddTHHmmssZ", CultureInfo.InvariantCulture);

    internal static bool IsAtOnce(string path) => new FileInfo(path).Length <= LookedOverAtOnce;

    internal static bool IsOurs(long mark) => mark is Mark or 0;

    internal static string Connect(string path, SqliteOpenMode mode, bool immutable, bool pooled = true) =>
        new SqliteConnectionStringBuilder
        {
            DataSource = immutable ? $"file:{Uri.EscapeDataString(path).Replace("%2F", "/", StringComparison.Ordinal)}?immutable=1" : path,
            Mode = mode,
            ForeignKeys = true,
            DefaultTimeout = 10,
            Pooling = pooled,
        }.ToString();

    private void Prepare()
    {
        using (var connection = Open())
        {
            connection.Execute("PRAGMA journal_mode = WAL");
        }

        var result = DeployChanges
            .To.SqliteDatabase(connectionString)
            .WithScriptsEmbeddedInAssembly(Assembly.GetExecutingAssembly())
            .WithTransactionPerScript()
            .LogToNowhere()
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new DatabaseFault($"{Path} could not be brought up to date: {result.Error.Message} It is as it was; a copy of it stands beside it.", result.Error);
        }

        using var marked = Open();
        marked.Execute(FormattableString.Invariant($"PRAGMA application_id = {Mark}"));
    }
}
