using System.Collections.Concurrent;
using System.Collections.Immutable;
using System.Data;
using System.Text.Json;
using AllSound.Core.Exchange;
using AllSound.Core.Surfaces;
using Dapper;
using Microsoft.Data.Sqlite;

namespace AllSound.Storage;

/// <summary>What came of a write.</summary>
public enum Written
{
    /// <summary>Saved.</summary>
    Saved,

    /// <summary>The record is not there.</summary>
    NotFound,

    /// <summary>Somebody saved another version meanwhile; nothing was changed.</summary>
    Stale,

    /// <summary>The id is taken; nothing was changed.</summary>
    Taken,
}

/// <summary>A write's outcome with the version that now stands.</summary>
/// <param name="Outcome">Outcome.</param>
/// <param name="Version">Version that stands; 0 when there is none.</param>
public readonly record struct Write(Written Outcome, long Version);

/// <summary>A line in the list of jobs.</summary>
/// <param name="Id">Id.</param>
/// <param name="Title">Title.</param>
/// <param name="Surfaces">How many surfaces.</param>
public sealed record JobLine(string Id, string Title, long Surfaces);

/// <summary>A job with the version of each record.</summary>
/// <param name="Job">The job.</param>
/// <param name="Version">Version of the job's own record.</param>
/// <param name="Spaces">Versions of spaces, by id.</param>
/// <param name="Surfaces">Versions of surfaces, by id.</param>
public sealed record StoredJob(Job Job, long Version, IReadOnlyDictionary<string, long> Spaces, IReadOnlyDictionary<string, long> Surfaces);

/// <summary>Jobs in the database. Each edit is one transaction; a stale one is refused, never merged or lost in silence.</summary>
public sealed class JobStore(Database database)
{
    private const int MostParsed = 50_000;

    // Records are values: what was read of a version once is read for good.
    private readonly ConcurrentDictionary<(string Table, string Job, string Id, long Version), object> parsed = new();

    private sealed record Row(string Id, string Parent, string Data, long Version);

    /// <summary>All jobs by title.</summary>
    public IReadOnlyList<JobLine> List()
    {
        using var db = database.Open();
        return
        [
            .. db.Query<(string Id, string Data, long Surfaces)>("SELECT id, data, (SELECT COUNT(*) FROM surface s WHERE s.job_id = job.id) FROM job ORDER BY id")
                .Select(r => new JobLine(r.Id, Read<Job>(r.Data).Title, r.Surfaces)),
        ];
    }

    /// <summary>A job, or null.</summary>
    public StoredJob? Find(string id)
    {
        using var db = database.Open();
        using var snapshot = db.BeginTransaction(deferred: true);
        var job = db.QuerySingleOrDefault<Row>("SELECT id AS Id, '' AS Parent, data AS Data, version AS Version FROM job WHERE id = @id", new { id });
        if (job is null)
        {
            return null;
        }

        var buildings = Rows(db, "SELECT id AS Id, job_id AS Parent, data AS Data, version AS Version FROM building WHERE job_id = @id ORDER BY position, id", id);
        var spaces = Rows(db, "SELECT id AS Id, building_id AS Parent, data AS Data, version AS Version FROM space WHERE job_id = @id ORDER BY position, id", id);
        var surfaces = Rows(db, "SELECT id AS Id, space_id AS Parent, data AS Data, version AS Version FROM surface WHERE job_id = @id ORDER BY position, id", id);
        var bySpace = surfaces.ToLookup(r => r.Parent, r => Known<Surface>("surface", id, r));
        var byBuilding = spaces.ToLookup(r => r.Parent, r => Known<Space>("space", id, r) with { Surfaces = [.. bySpace[r.Id]] });
        var whole = Read<Job>(job.Data) with { Buildings = [.. buildings.Select(r => Read<Building>(r.Data) with { Spaces = [.. byBuilding[r.Id]] })] };
        return new StoredJob(
            whole,
            job.Version,
            spaces.ToDictionary(r => r.Id, r => r.Version, StringComparer.Ordinal),
            surfaces.ToDictionary(r => r.Id, r => r.Version, StringComparer.Ordinal)
        );
    }

    /// <summary>Puts a whole job in.</summary>
    /// <param name="job">The job; validate it first.</param>
    /// <param name="replace">Replaces a job of the same id instead of refusing.</param>
    public Write Import(Job job, bool replace)
    {
        ArgumentNullException.ThrowIfNull(job);
        using var db = database.Open();
        using var transaction = db.BeginTransaction();
        var known = db.QuerySingleOrDefault<long?>("SELECT version FROM job WHERE id = @Id", new { job.Id });
        if (known is { } version && !replace)
        {
            return new Write(Written.Taken, version);
        }

        // Versions go on from the old ones, so that an edit begun on the old job stays stale.
        var next =
            1
            + Math.Max(
                known ?? 0,
                db.ExecuteScalar<long?>(
                    "SELECT MAX(v) FROM (SELECT MAX(version) v FROM surface WHERE job_id = @Id UNION ALL SELECT MAX(version) FROM space WHERE job_id = @Id)",
                    new { job.Id }
                ) ?? 0
            );
        db.Execute("DELETE FROM job WHERE id = @Id", new { job.Id });
        db.Execute(
            "INSERT INTO job (id, data, version) VALUES (@Id, @Data, @next)",
            new
            {
                job.Id,
                Data = Text(job with { Buildings = [] }),
                next,
            }
        );
        var surfacePosition = 0;
        for (var b = 0; b < job.Buildings.Length; b++)
        {
            var building = job.Buildings[b];
            db.Execute(
                "INSERT INTO building (job_id, id, position, data, version) VALUES (@Job, @Id, @b, @Data, @next)",
                new
                {
                    Job = job.Id,
                    building.Id,
                    b,
                    Data = Text(building with { Spaces = [] }),
                    next,
                }
            );
            for (var s = 0; s < building.Spaces.Length; s++)
            {
                var space = building.Spaces[s];
                InsertSpace(db, job.Id, building.Id, space, s, next);
                foreach (var surface in space.Surfaces)
                {
                    InsertSurface(db, job.Id, space.Id, surface, surfacePosition++, next);
                }
            }
        }

        transaction.Commit();
        return new Write(Written.Saved, next);
    }

    /// <summary>Changes a job's own record; its buildings, spaces and surfaces are records of their own.</summary>
    public Write SaveJob(Job job, long version)
    {
        ArgumentNullException.ThrowIfNull(job);
        using var db = database.Open();
        var data = Text(job with { Buildings = [] });
        var changed = db.Execute(
            "UPDATE job SET data = @data, version = version + 1 WHERE id = @Id AND version = @version",
            new
            {
                job.Id,
                data,
                version,
            }
        );
        var known = db.QuerySingleOrDefault<long?>("SELECT version FROM job WHERE id = @Id", new { job.Id });
        return changed > 0 ? new Write(Written.Saved, version + 1) : new Write(known is null ? Written.NotFound : Written.Stale, known ?? 0);
    }

    /// <summary>Adds a space to a building.</summary>
    public Write AddSpace(string job, string building, Space space)
    {
        using var db = database.Open();
        using var transaction = db.BeginTransaction();
        if (db.ExecuteScalar<long>("SELECT COUNT(*) FROM building WHERE job_id = @job AND id = @building", new { job, building }) == 0)
        {
            return new Write(Written.NotFound, 0);
        }

        if (db.QuerySingleOrDefault<long?>("SELECT version FROM space WHERE job_id = @job AND id = @Id", new { job, space.Id }) is { } version)
        {
            return new Write(Written.Taken, version);
        }

        var position = db.ExecuteScalar<int>("SELECT COALESCE(MAX(position), -1) + 1 FROM space WHERE job_id = @job AND building_id = @building", new { job, building });
        InsertSpace(db, job, building, space, position, 1);
        transaction.Commit();
        return new Write(Written.Saved, 1);
    }

    /// <summary>Changes a space's title, kind and walls; its surfaces are records of their own.</summary>
    public Write SaveSpace(string job, Space space, long version) => Update("space", job, space.Id, Text(space with { Surfaces = [] }), version);

    /// <summary>Adds a surface to a space.</summary>
    public Write AddSurface(string job, string space, Surface surface)
    {
        using var db = database.Open();
        using var transaction = db.BeginTransaction();
        if (db.ExecuteScalar<long>("SELECT COUNT(*) FROM space WHERE job_id = @job AND id = @space", new { job, space }) == 0)
        {
            return new Write(Written.NotFound, 0);
        }

        if (db.QuerySingleOrDefault<long?>("SELECT version FROM surface WHERE job_id = @job AND id = @Id", new { job, surface.Id }) is { } version)
        {
            return new Write(Written.Taken, version);
        }

        var position = db.ExecuteScalar<int>("SELECT COALESCE(MAX(position), -1) + 1 FROM surface WHERE job_id = @job", new { job });
        InsertSurface(db, job, space, surface, position, 1);
        transaction.Commit();
        return new Write(Written.Saved, 1);
    }

    /// <summary>Changes a surface.</summary>
    public Write SaveSurface(string job, Surface surface, long version) => Update("surface", job, surface.Id, Text(surface), version);

    /// <summary>Saves every surface of a job that differs from what was read, all or none.</summary>
    /// <param name="read">The job as it was read; a surface that changed since makes the whole write stale.</param>
    /// <param name="job">The job with its surfaces changed and added.</param>
    public Write SaveSurfaces(StoredJob read, Job job)
    {
        ArgumentNullException.ThrowIfNull(read);
        ArgumentNullException.ThrowIfNull(job);
        var before = read.Job.Surfaces().ToDictionary(x => x.Surface.Id, x => Text(x.Surface), StringComparer.Ordinal);
        using var db = database.Open();
        using var transaction = db.BeginTransaction();
        var latest = 0L;
        foreach (var (_, space, surface) in job.Surfaces())
        {
            var data = Text(surface);
            if (!before.TryGetValue(surface.Id, out var old))
            {
                var position = db.ExecuteScalar<int>("SELECT COALESCE(MAX(position), -1) + 1 FROM surface WHERE job_id = @Id", new { job.Id });
                InsertSurface(db, job.Id, space.Id, surface, position, 1);
                latest = Math.Max(latest, 1);
            }
            else if (old != data)
            {
                var version = read.Surfaces[surface.Id];
                var changed = db.Execute(
                    "UPDATE surface SET data = @data, version = version + 1 WHERE job_id = @Job AND id = @Id AND version = @version",
                    new
                    {
                        Job = job.Id,
                        surface.Id,
                        data,
                        version,
                    }
                );
                if (changed == 0)
                {
                    return new Write(Written.Stale, version);
                }

                latest = Math.Max(latest, version + 1);
            }
        }

        transaction.Commit();
        return new Write(Written.Saved, latest);
    }

    /// <summary>Takes a surface away.</summary>
    public Write DeleteSurface(string job, string surface, long version)
    {
        using var db = database.Open();
        using var transaction = db.BeginTransaction();
        var known = db.QuerySingleOrDefault<long?>("SELECT version FROM surface WHERE job_id = @job AND id = @surface", new { job, surface });
        if (known != version)
        {
            return new Write(known is null ? Written.NotFound : Written.Stale, known ?? 0);
        }

        db.Execute("DELETE FROM surface WHERE job_id = @job AND id = @surface", new { job, surface });
        transaction.Commit();
        return new Write(Written.Saved, version);
    }

    private Write Update(string table, string job, string id, string data, long version)
    {
        using var db = database.Open();
        using var transaction = db.BeginTransaction();
        var known = db.QuerySingleOrDefault<long?>($"SELECT version FROM {table} WHERE job_id = @job AND id = @id", new { job, id });
        if (known != version)
        {
            return new Write(known is null ? Written.NotFound : Written.Stale, known ?? 0);
        }

        db.Execute(
            $"UPDATE {table} SET data = @data, version = version + 1 WHERE job_id = @job AND id = @id",
            new
            {
                job,
                id,
                data,
            }
        );
        transaction.Commit();
        return new Write(Written.Saved, version + 1);
    }

    private static void InsertSpace(SqliteConnection db, string job, string building, Space space, int position, long version) =>
        db.Execute(
            "INSERT INTO space (job_id, id, building_id, position, data, version) VALUES (@job, @Id, @building, @position, @Data, @version)",
            new
            {
                job,
                space.Id,
                building,
                position,
                Data = Text(space with { Surfaces = [] }),
                version,
            }
        );

    private static void InsertSurface(SqliteConnection db, string job, string space, Surface surface, int position, long version) =>
        db.Execute(
            "INSERT INTO surface (job_id, id, space_id, position, data, version) VALUES (@job, @Id, @space, @position, @Data, @version)",
            new
            {
                job,
                surface.Id,
                space,
                position,
                Data = Text(surface),
                version,
            }
        );

    private T Known<T>(string table, string job, Row row)
        where T : class
    {
        if (parsed.Count > MostParsed)
        {
            parsed.Clear();
        }

        return (T)parsed.GetOrAdd((table, job, row.Id, row.Version), _ => Read<T>(row.Data));
    }

    private static List<Row> Rows(IDbConnection db, string sql, string id) => [.. db.Query<Row>(sql, new { id })];

    private static string Text<T>(T value) => JsonSerializer.Serialize(value, JobFile.Options);

    private static T Read<T>(string text) => JsonSerializer.Deserialize<T>(text, JobFile.Options)!;
}
