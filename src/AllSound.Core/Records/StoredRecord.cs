namespace AllSound.Core.Records;

/// <summary>What a record of a job is. Each can be edited by itself and carries its own version.</summary>
public enum RecordKind : byte
{
    /// <summary>The job's own record: title, place, rates, what the firm says of itself. Its id is the job's.</summary>
    Job,

    /// <summary>A building without its spaces; its parent is the job.</summary>
    Building,

    /// <summary>A space with its walls and without its surfaces; its parent is a building.</summary>
    Space,

    /// <summary>A surface; its parent is a space.</summary>
    Surface,

    /// <summary>What is known of a photo; its parent is a surface.</summary>
    Photo,
}

/// <summary>What tells one record of a job from another.</summary>
/// <param name="Kind">Kind.</param>
/// <param name="Id">Id, unique for its kind in the job.</param>
public readonly record struct RecordKey(RecordKind Kind, string Id);

/// <summary>A record as it stands.</summary>
/// <param name="Key">Kind and id.</param>
/// <param name="Parent">Id of the record that it belongs to.</param>
/// <param name="Position">Place among its siblings; gaps mean nothing.</param>
/// <param name="Value">A <see cref="Surfaces.Job"/>, <see cref="Surfaces.Building"/>, <see cref="Surfaces.Space"/>, <see cref="Surfaces.Surface"/> or <see cref="Photo"/> without what belongs to it.</param>
/// <param name="Version">Number of the change that wrote it; never used twice. 0 until it is stored.</param>
public sealed record StoredRecord(RecordKey Key, string Parent, long Position, object Value, long Version);
