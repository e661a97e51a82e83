using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Core.Surfaces;

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

    /// <summary>The job would not make sense; nothing was changed.</summary>
    Faulty,
}

/// <summary>A line in the list of jobs.</summary>
/// <param name="Id">Id.</param>
/// <param name="Title">Title.</param>
/// <param name="Surfaces">How many surfaces.</param>
/// <param name="Touched">When it was last changed.</param>
public sealed record JobLine(string Id, string Title, string? Client, string? Address, long Surfaces, DateTimeOffset Touched);

/// <summary>A record that is there and cannot be read.</summary>
/// <param name="Key">Which.</param>
/// <param name="Why">What is wrong with it.</param>
/// <param name="Earlier">The last version of it that can be read, or null when there is none.</param>
public sealed record SpoiltRecord(RecordKey Key, string Why, long? Earlier);

/// <summary>A job as it stands, with the version of each record.</summary>
/// <param name="Job">The job put together.</param>
/// <param name="Records">Its records.</param>
/// <param name="Revision">Number of its last change.</param>
/// <param name="Changes">How many changes there were, from 1.</param>
/// <param name="Spoilt">What of it cannot be read.</param>
public sealed record StoredJob(Job Job, RecordSet Records, long Revision, long Changes, ImmutableArray<SpoiltRecord> Spoilt)
{
    /// <summary>Version of the job's own record.</summary>
    public long Version => VersionOf(RecordKind.Job, Job.Id);

    /// <summary>Version of a record; 0 when there is none.</summary>
    public long VersionOf(RecordKind kind, string id) => Records.Find(kind, id)?.Version ?? 0;

    /// <summary>A space with its building, or null.</summary>
    public (Building Building, Space Space)? FindSpace(string id)
    {
        foreach (var building in Job.Buildings)
        {
            if (building.Spaces.FirstOrDefault(s => s.Id == id) is { } space)
            {
                return (building, space);
            }
        }

        return null;
    }

    /// <summary>Keys of what cannot be read.</summary>
    public ImmutableArray<RecordKey> SpoiltKeys => [.. Spoilt.Select(s => s.Key)];

    internal static StoredJob Of(string id, RecordSet records, long revision, long changes, ImmutableArray<SpoiltRecord> spoilt) =>
        new(records.Assemble(id), records, revision, changes, spoilt);
}

/// <summary>What a change is to make of a job, or why it is not made.</summary>
public sealed record Plan
{
    private Plan() { }

    internal RecordSet? Records { get; private init; }

    internal ImmutableArray<RecordKey> Drops { get; private init; } = [];

    internal bool AsItWas { get; private init; }

    internal Written Refused { get; private init; }

    internal long Version { get; private init; }

    internal ImmutableArray<Fault> Faults { get; private init; } = [];

    internal ImmutableArray<RecordKey> Stale { get; private init; } = [];

    /// <summary>The records as they are to be.</summary>
    /// <param name="records">All records of the job.</param>
    /// <param name="drops">Records that cannot be read and are replaced or taken away.</param>
    public static Plan To(RecordSet records, ImmutableArray<RecordKey>? drops = null) => new() { Records = records, Drops = drops ?? [] };

    /// <summary>Records that cannot be read, replaced by what was accepted once; whether the whole makes sense is not asked while parts of it are missing.</summary>
    internal static Plan Mending(RecordSet records, RecordKey mended) =>
        new()
        {
            Records = records,
            Drops = [mended],
            AsItWas = true,
        };

    /// <summary>Not made: there is no such record, the id is taken, or it was made on another version than the one that stands.</summary>
    public static Plan Refuse(Written why, long version = 0) => new() { Refused = why, Version = version };

    /// <summary>Not made: these records have other versions than the change was made on.</summary>
    public static Plan Behind(ImmutableArray<RecordKey> stale) => new() { Refused = Written.Stale, Stale = stale };

    /// <summary>Not made: something in it is wrong.</summary>
    public static Plan Faulty(ImmutableArray<Fault> faults) => new() { Refused = Written.Faulty, Faults = faults };
}

/// <summary>What came of a change.</summary>
/// <param name="Written">Whether it was made.</param>
/// <param name="Version">Number of the change, which is the version of every record in it; where it was not made, the version that stands, or 0.</param>
/// <param name="Job">The job as it stands now, or null when there is none.</param>
/// <param name="Faults">What was wrong.</param>
/// <param name="Stale">Records that somebody else saved meanwhile.</param>
public sealed record ChangeOutcome(Written Written, long Version, StoredJob? Job, ImmutableArray<Fault> Faults, ImmutableArray<RecordKey> Stale)
{
    /// <summary>What would not make sense in the job, by record, with the path in the record.</summary>
    public ImmutableArray<(RecordKey Key, string Path, string Message)> Senseless { get; init; } = [];
}
