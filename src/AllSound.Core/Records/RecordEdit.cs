using System.Collections.Immutable;
using System.Text.Json;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Records;

/// <summary>One record of an edit as it is sent.</summary>
public sealed record RecordEdit
{
    /// <summary>What it is.</summary>
    public required RecordKind Kind { get; init; }

    /// <summary>Its id.</summary>
    public required string Id { get; init; }

    /// <summary>Version that the edit was made on; 0 when the record is new.</summary>
    public required long Version { get; init; }

    /// <summary>Id of what it belongs to; needed for a new record, and where it moves.</summary>
    public string? Parent { get; init; }

    /// <summary>Place among its siblings, as a change gives it; left out: where it is, or last.</summary>
    public long? Position { get; init; }

    /// <summary>The record without what belongs to it; left out: it is taken away, with all that belongs to it.</summary>
    public JsonElement? Value { get; init; }
}

/// <summary>One record of an edit as it was read.</summary>
/// <param name="Key">Which.</param>
/// <param name="Version">Version that the edit was made on; 0 when the record is new.</param>
/// <param name="Value">The record; null to take it away.</param>
/// <param name="Parent">Id of what it belongs to; null for where it is.</param>
/// <param name="Position">Place among its siblings; null for where it is, or last.</param>
public sealed record RecordPut(RecordKey Key, long Version, object? Value, string? Parent = null, long? Position = null);

/// <summary>Reads edits and applies them to the records of a job.</summary>
public static class RecordEdits
{
    /// <summary>Records of one edit at most.</summary>
    public const int Most = 20_000;

    /// <summary>Reads edits as they were sent; paths name the item of the list.</summary>
    public static (ImmutableArray<RecordPut> Puts, ImmutableArray<Fault> Faults) Read(ImmutableArray<RecordEdit> edits)
    {
        var faults = new Faults();
        if (edits.Length is 0 or > Most)
        {
            return ([], [new Fault("$.items", $"expected 1 to {Most} items, found {edits.Length}")]);
        }

        var puts = ImmutableArray.CreateBuilder<RecordPut>(edits.Length);
        for (var i = 0; i < edits.Length; i++)
        {
            var edit = edits[i];
            var (value, fault) = edit.Value is { ValueKind: not JsonValueKind.Null } json ? Parse(edit.Kind, json.GetRawText()) : (null, null);
            if (fault is not null)
            {
                faults.Add($"$.items[{i}].value{fault.Path.TrimStart('$')}", fault.Message);
            }

            puts.Add(new RecordPut(new RecordKey(edit.Kind, edit.Id), edit.Version, value, edit.Parent, edit.Position));
        }

        return (puts.ToImmutable(), faults.ToImmutable());
    }

    /// <summary>The records whose version is not the one that an edit was made on.</summary>
    public static ImmutableArray<RecordKey> Stale(RecordSet records, ImmutableArray<RecordPut> puts)
    {
        ArgumentNullException.ThrowIfNull(records);
        return [.. puts.Where(p => (records.Find(p.Key)?.Version ?? 0) != p.Version).Select(p => p.Key)];
    }

    /// <summary>The records with the edits made: first what is put, then what is taken away.</summary>
    /// <param name="job">Id of the job.</param>
    /// <param name="records">Its records.</param>
    /// <param name="puts">The edits.</param>
    /// <param name="at">Where each stands in what was sent, for faults.</param>
    /// <returns>The records, or what is wrong with the edits.</returns>
    public static (RecordSet? Records, ImmutableArray<Fault> Faults) Apply(string job, RecordSet records, ImmutableArray<RecordPut> puts, Func<int, string> at)
    {
        ArgumentNullException.ThrowIfNull(records);
        ArgumentNullException.ThrowIfNull(at);
        var faults = new Faults();
        var set = records;
        var seen = new HashSet<RecordKey>();
        foreach (var (put, here) in puts.Select((p, i) => (p, at(i))).OrderBy(x => x.p.Key.Kind))
        {
            if (!seen.Add(put.Key))
            {
                faults.Add(here, $"'{put.Key.Id}' stands twice");
            }
            else if (put.Key.Kind is RecordKind.Entry && records.Find(put.Key) is not null)
            {
                faults.Add(here, "a line of the log stays as it was written: correct it, or take it back, by another line that names it");
            }
            else if (put.Value is { } value)
            {
                var parent = put.Parent ?? set.Find(put.Key)?.Parent ?? (put.Key.Kind is RecordKind.Building or RecordKind.Entry ? job : "");
                var before = faults.Count;
                Check(faults, here, job, set, put, value, parent);
                set = faults.Count == before ? set.Put(put.Key, parent, value, put.Position) : set;
            }
        }

        foreach (var put in puts.Where(p => p.Value is null).OrderByDescending(p => p.Key.Kind))
        {
            set = set.Remove(put.Key);
        }

        return faults.Count == 0 ? (set, []) : (null, faults.ToImmutable());
    }

    /// <summary>Reads the value of a record of a kind.</summary>
    public static (object? Value, Fault? Fault) Parse(RecordKind kind, string text) =>
        kind switch
        {
            RecordKind.Job => Bare(
                JobFile.Parse<Job>(text),
                j => j.Buildings.IsDefaultOrEmpty && j.Log.IsDefaultOrEmpty,
                "$.buildings",
                "buildings and lines of the log"
            ),
            RecordKind.Building => Bare(JobFile.Parse<Building>(text), b => b.Spaces.IsDefaultOrEmpty, "$.spaces", "rooms and elevations"),
            RecordKind.Space => Bare(JobFile.Parse<Space>(text), s => s.Surfaces.IsDefaultOrEmpty, "$.surfaces", "surfaces"),
            RecordKind.Surface => Plain(JobFile.Parse<Surface>(text)),
            RecordKind.Entry => Plain(JobFile.Parse<LogEntry>(text)),
            _ => Plain(JobFile.Parse<Photo>(text)),
        };

    private static void Check(Faults faults, string here, string job, RecordSet set, RecordPut put, object value, string parent)
    {
        if (IdOf(value) is { } id && id != put.Key.Id)
        {
            faults.Add($"{here}.id", "an id cannot be changed");
        }

        if (
            put.Key.Kind is RecordKind.Job or RecordKind.Building or RecordKind.Entry
                ? parent != (put.Key.Kind is RecordKind.Job ? "" : job)
                : set.Find(put.Key.Kind - 1, parent) is null
        )
        {
            faults.Add($"{here}.parent", $"there is no '{parent}' that it could belong to");
        }

        if (value is Photo photo)
        {
            LengthLimits.Check(faults, here, photo);
        }
    }

    private static (object? Value, Fault? Fault) Plain<T>((T? Value, Fault? Fault) parsed)
        where T : class => (parsed.Value, parsed.Fault);

    private static (object? Value, Fault? Fault) Bare<T>((T? Value, Fault? Fault) parsed, Func<T, bool> empty, string path, string what)
        where T : class =>
        parsed.Value is not { } value ? (null, parsed.Fault)
        : empty(value) ? (value, null)
        : (null, new Fault(path, $"{what} are records of their own: expected an empty list"));

    private static string? IdOf(object value) =>
        value switch
        {
            Job job => job.Id,
            Building building => building.Id,
            Space space => space.Id,
            Surface surface => surface.Id,
            LogEntry entry => entry.Id,
            _ => null,
        };
}
