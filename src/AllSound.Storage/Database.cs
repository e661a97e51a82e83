using System.Reflection;
using Dapper;
using DbUp;
using Microsoft.Data.Sqlite;

namespace AllSound.Storage;

/// <summary>One SQLite file: opened with foreign keys, a write-ahead log, and every commit on disk before it is acknowledged.</summary>
public sealed class Database
{
    private readonly string connectionString;

    /// <summary>Opens the file, makes it where it is missing, and brings its tables up to date.</summary>
    /// <param name="path">Path of the file.</param>
    /// <exception cref="InvalidOperationException">A migration failed.</exception>
    public Database(string path)
    {
        Path = path;
        connectionString = new SqliteConnectionStringBuilder
        {
            DataSource = path,
            ForeignKeys = true,
            DefaultTimeout = 10,
            Pooling = true,
        }.ToString();
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
            throw new InvalidOperationException($"The database could not be brought up to date: {result.Error.Message}", result.Error);
        }
    }

    /// <summary>The file.</summary>
    public string Path { get; }

    /// <summary>An open connection.</summary>
    public SqliteConnection Open()
    {
        var connection = new SqliteConnection(connectionString);
        connection.Open();
        connection.Execute("PRAGMA synchronous = FULL");
        return connection;
    }
}
