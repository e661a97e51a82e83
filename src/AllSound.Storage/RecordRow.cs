using System.Text.Json;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;

namespace AllSound.Storage;

/// <summary>A record as it lies in the database.</summary>
internal sealed record RecordRow
{
    public const string Select = "SELECT job_id AS Job, kind AS Kind, id AS Id, parent AS Parent, position AS Position, data AS Data, version AS Version";

    public required string Job { get; init; }

    public required string Kind { get; init; }

    public required string Id { get; init; }

    public required string Parent { get; init; }

    public required long Position { get; init; }

    public required string Data { get; init; }

    public required long Version { get; init; }

    public RecordKey Key => new(Enum.Parse<RecordKind>(Kind, ignoreCase: true), Id);

    public static string NameOf(RecordKind kind) =>
        kind switch
        {
            RecordKind.Job => "job",
            RecordKind.Building => "building",
            RecordKind.Space => "space",
            RecordKind.Surface => "surface",
            RecordKind.Entry => "entry",
            _ => "photo",
        };

    /// <summary>The record, or why it cannot be read.</summary>
    public (StoredRecord? Record, string? Why) Read()
    {
        var (value, fault) = RecordEdits.Parse(Key.Kind, Data);
        return value is null ? (null, fault!.Message) : (new StoredRecord(Key, Parent, Position, value, Version), null);
    }

    public static string Text(object value) => JsonSerializer.Serialize(value, value.GetType(), JobFile.Compact);
}
