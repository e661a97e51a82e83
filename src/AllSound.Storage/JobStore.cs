using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Core.Surfaces;
using Dapper;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.Caching.Memory;

namespace AllSound.Storage;

/// <summary>
/// Jobs in the database. Every write is a change: one transaction, numbered, with what it replaced kept. A job is held in memory for as
/// long as its last change is the last; every write goes through <see cref="Change"/>, which sees that the whole job still makes sense.
/// </summary>
public sealed partial class JobStore(Database database) : IDisposable
{
    // Surfaces held in memory over all jobs; about 10 kB each.
    private const int MostHeld = 10_000;

    private readonly MemoryCache held = new(new MemoryCacheOptions { SizeLimit = MostHeld, CompactionPercentage = 0.3 });
    private readonly Lock writing = new();
    private long writes;
    private long lastWrite;

    /// <summary>How many changes this server has made.</summary>
    public long Writes => Interlocked.Read(ref writes);

    /// <summary>When this server made its last change; the earliest time when it made none.</summary>
    public DateTimeOffset LastWrite => Writes == 0 ? DateTimeOffset.MinValue : TimeOf(Interlocked.Read(ref lastWrite));

    /// <summary>All jobs by title.</summary>
    public IReadOnlyList<JobLine> List()
    {
        using var db = database.Open();
        return
        [
            .. db.Query<(string Id, string Data, long Surfaces, long Revision)>(
                    """
                    SELECT r.job_id, r.data, (SELECT COUNT(*) FROM record s WHERE s.job_id = r.job_id AND s.kind = 'surface'), h.revision
                    FROM record r JOIN head h ON h.job_id = r.job_id WHERE r.kind = 'job'
                    """
                )
                .Select(r =>
                {
                    var job = JobFile.Parse<Job>(r.Data).Value;
                    return new JobLine(r.Id, job?.Title ?? r.Id, job?.Client, job?.Address, r.Surfaces, TimeOf(r.Revision));
                })
                .OrderBy(j => j.Title, StringComparer.OrdinalIgnoreCase)
                .ThenBy(j => j.Id, StringComparer.Ordinal),
        ];
    }

    /// <summary>A job, or null. What of it cannot be read is named in <see cref="StoredJob.Spoilt"/>.</summary>
    public StoredJob? Find(string id)
    {
        using var db = database.Open();
        using var snapshot = db.BeginTransaction(deferred: true);
        return Find(db, id);
    }

    /// <summary>True for a job that is there or was put away: its id is not free.</summary>
    public bool Knows(string id)
    {
        using var db = database.Open();
        return db.ExecuteScalar<long>("SELECT COUNT(*) FROM head WHERE job_id = @id", new { id }) > 0;
    }

    /// <inheritdoc/>
    public void Dispose() => held.Dispose();

    /// <summary>Makes a change to a job: all of it or none.</summary>
    /// <param name="job">Id of the job.</param>
    /// <param name="label">What is done, in a few words, for the list of changes.</param>
    /// <param name="token">Names the change, so that one sent again because its answer was lost is not made twice; null for none.</param>
    /// <param name="plan">What the job is to be, told from what it is; null when there is none. Called while nobody else writes.</param>
    public ChangeOutcome Change(string job, string label, string? token, Func<StoredJob?, Plan> plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (!database.Health.Writable)
        {
            // Also where a damaged page was met while running: what is written after that may be lost (8 is SQLITE_READONLY).
            throw new SqliteException(database.Health.Says, 8);
        }

        lock (writing)
        {
            using var db = database.Open();
            using var transaction = db.BeginTransaction(System.Data.IsolationLevel.Serializable, deferred: false);
            var before = Find(db, job);
            if (token is not null && db.QuerySingleOrDefault<long?>("SELECT version FROM change WHERE job_id = @job AND token = @token", new { job, token }) is { } made)
            {
                return new ChangeOutcome(Written.Saved, made, before, [], []);
            }

            var planned = plan(before);
            if (planned.Records is not { } records)
            {
                return new ChangeOutcome(planned.Refused, planned.Version, before, planned.Faults, planned.Stale);
            }

            var was = before?.Records ?? RecordSet.Empty;
            var differences = RecordSet.Differences(was, records).ToArray();
            var spoilt = (before?.Spoilt ?? []).RemoveAll(s => !planned.Drops.Contains(s.Key));
            if (differences.Length == 0 && spoilt.IsEmpty && before is not null)
            {
                return new ChangeOutcome(Written.Saved, before.Revision, before, [], []);
            }

            var whole = records.Assemble(job);
            var faults = Faults(db, before, records, whole, differences, planned.Drops);
            if (!faults.IsEmpty)
            {
                return new ChangeOutcome(Written.Faulty, 0, before, faults, []);
            }

            var senseless = records.Count == 0 || planned.AsItWas ? [] : JobSense.Added(before?.Job, whole, TimeProvider.System.GetUtcNow().Year);
            if (!senseless.IsEmpty)
            {
                return new ChangeOutcome(Written.Faulty, 0, before, [], [])
                {
                    Senseless = [.. senseless.Select(f => (JobSense.Locate(whole, f), f.Message)).Select(x => (x.Item1.Key, x.Item1.Path, x.Message))],
                };
            }

            if (TooLarge(before, records) is { } large)
            {
                return new ChangeOutcome(Written.Faulty, 0, before, [large], []);
            }

            var version = Next(db);
            db.Execute(
                "INSERT INTO change (version, job_id, at, label, token) VALUES (@version, @job, @at, @label, @token)",
                new
                {
                    version,
                    job,
                    at = TimeOf(version).ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture),
                    label,
                    token,
                }
            );
            foreach (var key in differences.Select(d => d.Key).Union(spoilt.Select(s => s.Key)))
            {
                Supersede(db, job, key, version);
            }

            foreach (var record in differences.Select(d => d.After).OfType<StoredRecord>())
            {
                Insert(db, job, record, version);
            }

            var changes = 1 + db.ExecuteScalar<long>("SELECT COALESCE((SELECT changes FROM head WHERE job_id = @job), 0)", new { job });
            db.Execute(
                "INSERT OR REPLACE INTO head (job_id, revision, changes) VALUES (@job, @version, @changes)",
                new
                {
                    job,
                    version,
                    changes,
                }
            );
            transaction.Commit();
            Interlocked.Increment(ref writes);
            lastWrite = version;
            var left = (before?.Spoilt ?? []).RemoveRange(spoilt);
            var after = records.Count == 0 && left.IsEmpty ? null : new StoredJob(whole, records.Stamp(was, version), version, changes, left);
            Hold(job, after);
            return new ChangeOutcome(Written.Saved, version, after, [], []);
        }
    }

    private StoredJob? Find(SqliteConnection db, string id)
    {
        var head = db.QuerySingleOrDefault<(long Revision, long Changes)?>("SELECT revision, changes FROM head WHERE job_id = @id", new { id });
        if (head is not { } h)
        {
            return null;
        }

        if (held.TryGetValue(id, out StoredJob? known) && known is not null && known.Revision == h.Revision)
        {
            return known;
        }

        var spoilt = ImmutableArray.CreateBuilder<SpoiltRecord>();
        var records = new List<StoredRecord>();
        foreach (var row in db.Query<RecordRow>(RecordRow.Select + " FROM record WHERE job_id = @id", new { id }))
        {
            var (record, why) = row.Read();
            if (record is not null)
            {
                records.Add(record);
                continue;
            }

            spoilt.Add(new SpoiltRecord(row.Key, why!, Earlier(db, id, row.Key)?.Version));
            if (Placeholder(row) is { } stand)
            {
                records.Add(stand);
            }
        }

        if (records.Count == 0 && spoilt.Count == 0)
        {
            return null;
        }

        var job = StoredJob.Of(id, RecordSet.From(records), h.Revision, h.Changes, spoilt.ToImmutable());
        Hold(id, job);
        return job;
    }

    // A building or a room that cannot be read still shows what is in it.
    private static StoredRecord? Placeholder(RecordRow row) =>
        row.Key.Kind switch
        {
            RecordKind.Building => new(
                row.Key,
                row.Parent,
                row.Position,
                new Building
                {
                    Id = row.Id,
                    Title = row.Id,
                    Spaces = [],
                },
                row.Version
            ),
            RecordKind.Space => new(
                row.Key,
                row.Parent,
                row.Position,
                new Space
                {
                    Id = row.Id,
                    Title = row.Id,
                    Surfaces = [],
                },
                row.Version
            ),
            _ => null,
        };

    private static ImmutableArray<Fault> Faults(
        SqliteConnection db,
        StoredJob? before,
        RecordSet records,
        Job whole,
        (RecordKey Key, StoredRecord? Before, StoredRecord? After)[] differences,
        ImmutableArray<RecordKey> drops
    )
    {
        if (records.Count == 0)
        {
            return [];
        }

        foreach (var (key, _, _) in differences)
        {
            if (before is not null && before.Spoilt.Any(s => s.Key == key) && !drops.Contains(key))
            {
                return [new Fault("$", $"the {RecordRow.NameOf(key.Kind)} '{key.Id}' cannot be read; bring back an earlier version of it first")];
            }
        }

        foreach (var photo in differences.Where(d => d is { Key.Kind: RecordKind.Photo, After: not null }).Select(d => d.Key.Id))
        {
            if (db.ExecuteScalar<long>("SELECT COUNT(*) FROM picture WHERE job_id = @job AND id = @photo", new { job = whole.Id, photo }) == 0)
            {
                return [new Fault("$", $"there is no picture '{photo}'")];
            }
        }

        if (records.Find(RecordKind.Job, whole.Id) is null && before?.Spoilt.Any(s => s.Key.Kind is RecordKind.Job) != true)
        {
            return [new Fault("$", "a job cannot be without its own record")];
        }

        foreach (var surface in differences.Where(d => d is { Key.Kind: RecordKind.Photo, Before: null }).Select(d => d.After!.Parent).Distinct(StringComparer.Ordinal))
        {
            if (records.Children(RecordKind.Photo, surface).Count() > Limits.Photos)
            {
                return [new Fault("$", $"a surface has {Limits.Photos} photos at most")];
            }
        }

        return [];
    }

    // A job that is too large already may become smaller.
    private static Fault? TooLarge(StoredJob? before, RecordSet records)
    {
        var size = records.All.Sum(r => (long)SizeOf(r));
        return size > Limits.JobCharacters && size > (before?.Records.All.Sum(r => (long)SizeOf(r)) ?? 0)
            ? new Fault("$", $"the job would hold {size} characters; {Limits.JobCharacters} are the most")
            : null;
    }

    private static readonly System.Runtime.CompilerServices.ConditionalWeakTable<object, StrongSize> Sizes = [];

    private sealed record StrongSize(int Characters);

    private static int SizeOf(StoredRecord record) => Sizes.GetValue(record.Value, v => new StrongSize(RecordRow.Text(v).Length)).Characters;

    private void Hold(string id, StoredJob? job)
    {
        if (job is null)
        {
            held.Remove(id);
        }
        else
        {
            held.Set(id, job, new MemoryCacheEntryOptions { Size = Math.Clamp(job.Records.Count, 1, MostHeld), Priority = CacheItemPriority.Normal });
        }
    }

    // The time in milliseconds, or one more than the last: never the same twice, not even after an older copy was put back.
    private static long Next(SqliteConnection db)
    {
        var now = TimeProvider.System.GetUtcNow().ToUnixTimeMilliseconds();
        return db.QuerySingle<long>("UPDATE clock SET last = MAX(last + 1, @now) RETURNING last", new { now });
    }

    private static DateTimeOffset TimeOf(long version) => DateTimeOffset.FromUnixTimeMilliseconds(version);

    private static void Supersede(SqliteConnection db, string job, RecordKey key, long version)
    {
        var row = new
        {
            job,
            kind = RecordRow.NameOf(key.Kind),
            key.Id,
            version,
        };
        db.Execute(
            """
            INSERT INTO superseded (until, job_id, kind, id, parent, position, data, version)
            SELECT @version, job_id, kind, id, parent, position, data, version FROM record WHERE job_id = @job AND kind = @kind AND id = @Id
            """,
            row
        );
        db.Execute("DELETE FROM record WHERE job_id = @job AND kind = @kind AND id = @Id", row);
    }

    private static void Insert(SqliteConnection db, string job, StoredRecord record, long version) =>
        db.Execute(
            "INSERT INTO record (job_id, kind, id, parent, position, data, version) VALUES (@job, @kind, @Id, @Parent, @Position, @Data, @version)",
            new
            {
                job,
                kind = RecordRow.NameOf(record.Key.Kind),
                record.Key.Id,
                record.Parent,
                record.Position,
                Data = RecordRow.Text(record.Value),
                version,
            }
        );
}
