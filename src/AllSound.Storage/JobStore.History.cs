using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Core.Surfaces;
using Dapper;
using Microsoft.Data.Sqlite;

namespace AllSound.Storage;

/// <summary>One record in a change.</summary>
/// <param name="Key">Which.</param>
/// <param name="Parent">What it belongs to: after the change, or before where it was taken away.</param>
/// <param name="Position">Its place, likewise.</param>
/// <param name="Before">As it was; null when the change made it.</param>
/// <param name="After">As the change left it; null when the change took it away.</param>
/// <param name="ParentBefore">What it belonged to before; null when the change made it.</param>
public sealed record ChangedRecord(RecordKey Key, string Parent, long Position, object? Before, object? After, string? ParentBefore);

/// <summary>A change that was made.</summary>
/// <param name="Version">Its number.</param>
/// <param name="Job">Id of the job.</param>
/// <param name="At">When.</param>
/// <param name="Label">What was done.</param>
/// <param name="Records">What it did to each record.</param>
public sealed record MadeChange(long Version, string Job, DateTimeOffset At, string Label, ImmutableArray<ChangedRecord> Records);

/// <summary>Something that was put away and can be brought back.</summary>
/// <param name="Change">Number of the change that put it away.</param>
/// <param name="Job">Id of the job.</param>
/// <param name="At">When.</param>
/// <param name="Label">What was done.</param>
/// <param name="Titles">Titles of what was put away, without what belongs to it.</param>
/// <param name="Records">How many records it is in all.</param>
/// <param name="WholeJob">It is a whole job.</param>
public sealed record PutAway(long Change, string Job, DateTimeOffset At, string Label, ImmutableArray<string> Titles, int Records, bool WholeJob);

/// <content>What changes replaced or took away: to look at, undo, bring back, and clear out.</content>
public sealed partial class JobStore
{
    /// <summary>How long what was replaced or put away is kept.</summary>
    public static readonly TimeSpan Kept = TimeSpan.FromDays(30);

    /// <summary>A change with what it did; null when there was none, or it is too long ago.</summary>
    public MadeChange? FindChange(string job, long version)
    {
        using var db = database.Open();
        using var snapshot = db.BeginTransaction(deferred: true);
        return FindChange(db, job, version);
    }

    /// <summary>What was put away and has not been brought back, the latest first.</summary>
    /// <param name="job">Only of this job; null for whole jobs.</param>
    public IReadOnlyList<PutAway> ListPutAway(string? job)
    {
        using var db = database.Open();
        using var snapshot = db.BeginTransaction(deferred: true);
        var gone = db.Query<(long Until, string Job)>(
            $"""
            SELECT DISTINCT s.until, s.job_id FROM superseded s
            WHERE {(job is null ? "s.kind = 'job'" : "s.job_id = @job AND s.kind <> 'job'")}
              AND NOT EXISTS (SELECT 1 FROM record r WHERE r.job_id = s.job_id AND r.kind = s.kind AND r.id = s.id)
              AND NOT EXISTS (SELECT 1 FROM superseded n WHERE n.job_id = s.job_id AND n.kind = s.kind AND n.id = s.id AND n.until > s.until)
            ORDER BY s.until DESC
            """,
            new { job }
        );
        return [.. gone.Select(g => FindChange(db, g.Job, g.Until)).OfType<MadeChange>().Select(Summary)];
    }

    /// <summary>Brings back everything that a change took away and that is not there now.</summary>
    public ChangeOutcome BringBack(string job, long version)
    {
        if (FindChange(job, version) is not { } made)
        {
            return new ChangeOutcome(Written.NotFound, 0, null, [], []);
        }

        var whole = made.Records.Any(r => r is { Key.Kind: RecordKind.Job, After: null });
        return Change(
            job,
            $"Brought back: {string.Join(", ", Summary(made).Titles)}",
            null,
            before =>
            {
                if (whole == before is not null)
                {
                    return Plan.Refuse(whole ? Written.Taken : Written.NotFound, before?.Version ?? 0);
                }

                var records = before?.Records ?? RecordSet.Empty;
                var back = made.Records.Where(r => r is { Before: not null, After: null } && records.Find(r.Key) is null).OrderBy(r => r.Key.Kind).ToArray();
                if (back.Length == 0)
                {
                    return Plan.Refuse(Written.Taken);
                }

                // The photos of a zone went to its element: they come back with it.
                var moved = made.Records.Where(r => r is { Key.Kind: RecordKind.Photo, Before: not null, After: not null } && records.Find(r.Key) is not null);
                var set = back.Aggregate(records, (s, r) => s.Put(r.Key, r.Parent, r.Before!, r.Position));
                return Plan.To(moved.Aggregate(set, (s, r) => s.Put(r.Key, r.ParentBefore ?? r.Parent, s.Find(r.Key)!.Value)));
            }
        );
    }

    /// <summary>Puts the last readable version of a record in the place of one that cannot be read.</summary>
    public ChangeOutcome Mend(string job, RecordKey key)
    {
        RecordRow? row;
        using (var db = database.Open())
        {
            row = Earlier(db, job, key);
        }

        return row?.Read().Record is not { } record
            ? new ChangeOutcome(Written.NotFound, 0, null, [], [])
            : Change(
                job,
                $"Brought back an earlier version of {key.Id}",
                null,
                before => before is null ? Plan.Refuse(Written.NotFound) : Plan.Mending(before.Records.Put(key, record.Parent, record.Value, record.Position), key)
            );
    }

    /// <summary>Erases a job that was put away, with its photos and everything kept of it. It cannot be brought back from this file.</summary>
    /// <returns>False when there is no such job among those put away.</returns>
    public bool Erase(string job)
    {
        lock (writing)
        {
            using var db = database.Open();
            using var transaction = db.BeginTransaction(deferred: false);
            if (
                db.ExecuteScalar<long>("SELECT COUNT(*) FROM record WHERE job_id = @job", new { job }) > 0
                || db.ExecuteScalar<long>("SELECT COUNT(*) FROM superseded WHERE job_id = @job", new { job }) == 0
            )
            {
                return false;
            }

            foreach (var table in new[] { "superseded", "change", "picture", "head" })
            {
                db.Execute($"DELETE FROM {table} WHERE job_id = @job", new { job });
            }

            transaction.Commit();
            held.Remove(job);
        }

        database.Fold();
        return true;
    }

    /// <summary>Clears out what was replaced or put away longer ago than it is kept, and pictures of which nothing speaks any more.</summary>
    /// <param name="now">The time.</param>
    /// <returns>How many records were cleared out.</returns>
    public int ClearOut(DateTimeOffset now)
    {
        lock (writing)
        {
            using var db = database.Open();
            using var transaction = db.BeginTransaction(deferred: false);
            var least = (now - Kept).ToUnixTimeMilliseconds();
            var cleared = db.Execute(
                "DELETE FROM superseded WHERE until IN (SELECT version FROM change WHERE at < @at)",
                new { at = DateTimeOffset.FromUnixTimeMilliseconds(least).ToString("yyyy-MM-ddTHH:mm:ss.fffZ", System.Globalization.CultureInfo.InvariantCulture) }
            );
            db.Execute(
                """
                DELETE FROM change WHERE version < @least
                  AND NOT EXISTS (SELECT 1 FROM superseded s WHERE s.until = change.version)
                """,
                new { least }
            );
            db.Execute(
                """
                DELETE FROM picture WHERE added < @least
                  AND NOT EXISTS (SELECT 1 FROM record r WHERE r.job_id = picture.job_id AND r.kind = 'photo' AND r.id = picture.id)
                  AND NOT EXISTS (SELECT 1 FROM superseded s WHERE s.job_id = picture.job_id AND s.kind = 'photo' AND s.id = picture.id)
                """,
                new { least }
            );
            transaction.Commit();
            return cleared;
        }
    }

    private static MadeChange? FindChange(SqliteConnection db, string job, long version)
    {
        var change = db.QuerySingleOrDefault<(string At, string Label)?>("SELECT at, label FROM change WHERE version = @version AND job_id = @job", new { version, job });
        if (change is not { } made)
        {
            return null;
        }

        var before = db.Query<RecordRow>(RecordRow.Select + " FROM superseded WHERE until = @version AND job_id = @job", new { version, job }).ToDictionary(r => r.Key);
        var after = db.Query<RecordRow>(
                $"{RecordRow.Select} FROM record WHERE job_id = @job AND version = @version UNION ALL {RecordRow.Select} FROM superseded WHERE job_id = @job AND version = @version",
                new { job, version }
            )
            .ToDictionary(r => r.Key);
        return new MadeChange(
            version,
            job,
            DateTimeOffset.Parse(made.At, System.Globalization.CultureInfo.InvariantCulture),
            made.Label,
            [
                .. before
                    .Keys.Union(after.Keys)
                    .OrderBy(k => k.Kind)
                    .ThenBy(k => k.Id, StringComparer.Ordinal)
                    .Select(k =>
                    {
                        var (was, now) = (before.GetValueOrDefault(k), after.GetValueOrDefault(k));
                        return new ChangedRecord(k, (now ?? was)!.Parent, (now ?? was)!.Position, was?.Read().Record?.Value, now?.Read().Record?.Value, was?.Parent);
                    }),
            ]
        );
    }

    private static PutAway Summary(MadeChange made)
    {
        var gone = made.Records.Where(r => r is { Before: not null, After: null }).ToArray();
        var keys = gone.Select(r => r.Key).ToHashSet();
        var tops = gone.Where(r => r.Key.Kind is RecordKind.Job || !keys.Contains(new RecordKey(r.Key.Kind - 1, r.Parent)));
        return new PutAway(
            made.Version,
            made.Job,
            made.At,
            made.Label,
            [.. tops.Select(r => TitleOf(r.Before!) ?? r.Key.Id)],
            gone.Length,
            gone.Any(r => r.Key.Kind is RecordKind.Job)
        );
    }

    private static string? TitleOf(object value) =>
        value switch
        {
            Job job => job.Title,
            Building building => building.Title,
            Space space => space.Title,
            Surface surface => surface.Title,
            Photo photo => photo.Caption.Length > 0 ? photo.Caption : "a photo",
            _ => null,
        };

    // The last version of a record that can be read.
    private static RecordRow? Earlier(SqliteConnection db, string job, RecordKey key) =>
        db.Query<RecordRow>(
                RecordRow.Select + " FROM superseded WHERE job_id = @job AND kind = @kind AND id = @Id ORDER BY until DESC",
                new
                {
                    job,
                    kind = RecordRow.NameOf(key.Kind),
                    key.Id,
                }
            )
            .FirstOrDefault(r => r.Read().Why is null);
}
