namespace AllSound.Core.Jobs;

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

    /// <summary>A line of the site log; its parent is the job. It is written once.</summary>
    Entry,
}

/// <summary>What tells one record of a job from another.</summary>
/// <param name="Kind">Kind.</param>
/// <param name="Id">Id, unique for its kind in the job.</param>
public readonly record struct RecordKey(RecordKind Kind, string Id);
