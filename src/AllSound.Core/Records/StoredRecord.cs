using AllSound.Core.Jobs;

namespace AllSound.Core.Records;

/// <summary>A record as it stands.</summary>
/// <param name="Key">Kind and id.</param>
/// <param name="Parent">Id of the record that it belongs to.</param>
/// <param name="Position">Place among its siblings; gaps mean nothing.</param>
/// <param name="Value">A <see cref="Job"/>, <see cref="Building"/>, <see cref="Space"/>, <see cref="Surface"/> or <see cref="Photo"/> without what belongs to it.</param>
/// <param name="Version">Number of the change that wrote it; never used twice. 0 until it is stored.</param>
public sealed record StoredRecord(RecordKey Key, string Parent, long Position, object Value, long Version);
