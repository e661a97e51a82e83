using System.Collections.Immutable;
using System.Text.Json;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Records;

/// <summary>
/// A job as the flat set of its records, which is how it is edited and stored; <see cref="Assemble"/> puts it together. A value: every
/// change gives another set and leaves this one as it was.
/// </summary>
public sealed class RecordSet
{
    /// <summary>Room between siblings, so that one can be put between two without moving any.</summary>
    public const long Gap = 1 << 20;

    /// <summary>No records.</summary>
    public static readonly RecordSet Empty = new([]);

    private readonly ImmutableDictionary<RecordKey, StoredRecord> records;

    private RecordSet(ImmutableDictionary<RecordKey, StoredRecord> records) => this.records = records;

    /// <summary>How many records there are.</summary>
    public int Count => records.Count;

    /// <summary>All records, in no order.</summary>
    public IEnumerable<StoredRecord> All => records.Values;

    /// <summary>A set of the records given.</summary>
    public static RecordSet From(IEnumerable<StoredRecord> records) => new(records.ToImmutableDictionary(r => r.Key));

    /// <summary>A record, or null.</summary>
    public StoredRecord? Find(RecordKind kind, string id) => records.GetValueOrDefault(new RecordKey(kind, id));

    /// <summary>A record, or null.</summary>
    public StoredRecord? Find(RecordKey key) => records.GetValueOrDefault(key);

    /// <summary>What belongs to a record, in order.</summary>
    public IEnumerable<StoredRecord> Children(RecordKind kind, string parent) =>
        records.Values.Where(r => r.Key.Kind == kind && r.Parent == parent).OrderBy(r => r.Position).ThenBy(r => r.Key.Id, StringComparer.Ordinal);

    /// <summary>The set with a record put in or replaced.</summary>
    /// <param name="key">Kind and id.</param>
    /// <param name="parent">Id of what it belongs to.</param>
    /// <param name="value">The record without what belongs to it.</param>
    /// <param name="position">Place among its siblings; null for where it is, or last.</param>
    public RecordSet Put(RecordKey key, string parent, object value, long? position = null)
    {
        var known = records.GetValueOrDefault(key);
        if (known is not null && known.Parent == parent && Same(known.Value, value) && (position is null || position == known.Position))
        {
            return this;
        }

        var at =
            position ?? known?.Position ?? records.Values.Where(r => r.Key.Kind == key.Kind && r.Parent == parent).Select(r => r.Position).DefaultIfEmpty(0).Max() + Gap;
        return new(records.SetItem(key, new StoredRecord(key, parent, at, value, known?.Version ?? 0)));
    }

    /// <summary>The set without a record and all that belongs to it. The photos of a zone go to the element that it is part of.</summary>
    public RecordSet Remove(RecordKey key)
    {
        if (!records.TryGetValue(key, out var gone))
        {
            return this;
        }

        var left = new RecordSet(records.Remove(key));
        if (key.Kind is RecordKind.Photo or RecordKind.Entry)
        {
            return left;
        }

        if (key.Kind is RecordKind.Job)
        {
            left = Children(RecordKind.Entry, key.Id).Aggregate(left, (set, entry) => set.Remove(entry.Key));
        }

        if (gone.Value is Surface { Zone: { } zone } && records.ContainsKey(new RecordKey(RecordKind.Surface, zone.Of)))
        {
            return Children(RecordKind.Photo, key.Id).Aggregate(left, (set, photo) => set.Put(photo.Key, zone.Of, photo.Value));
        }

        return Children(key.Kind + 1, key.Id).Aggregate(left, (set, child) => set.Remove(child.Key));
    }

    /// <summary>The set with the version of every record that is not the one in <paramref name="before"/>.</summary>
    public RecordSet Stamp(RecordSet before, long version)
    {
        ArgumentNullException.ThrowIfNull(before);
        var builder = records.ToBuilder();
        foreach (var (key, record) in records)
        {
            if (!ReferenceEquals(record, before.records.GetValueOrDefault(key)))
            {
                builder[key] = record with { Version = version };
            }
        }

        return new(builder.ToImmutable());
    }

    /// <summary>Records that are in one of two sets and not, or otherwise, in the other.</summary>
    public static IEnumerable<(RecordKey Key, StoredRecord? Before, StoredRecord? After)> Differences(RecordSet before, RecordSet after)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(after);
        foreach (var (key, record) in before.records)
        {
            var now = after.records.GetValueOrDefault(key);
            if (!ReferenceEquals(now, record))
            {
                yield return (key, record, now);
            }
        }

        foreach (var (key, record) in after.records)
        {
            if (!before.records.ContainsKey(key))
            {
                yield return (key, null, record);
            }
        }
    }

    /// <summary>The set with its job replaced by another: what has the same id keeps its version where it says the same, and its photos.</summary>
    public RecordSet With(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        var kept = new HashSet<RecordKey>();
        var set = this;
        void Keep(RecordKey key, string parent, object value, long position)
        {
            kept.Add(key);
            set = set.Put(key, parent, value, position);
        }

        Keep(new RecordKey(RecordKind.Job, job.Id), "", job with { Buildings = [], Log = [] }, Gap);
        // Lines of the log are added; those that are there stay as they were written, also where the file has them otherwise or not at all.
        foreach (var (entry, i) in job.Log.Select((e, i) => (e, i)))
        {
            var key = new RecordKey(RecordKind.Entry, entry.Id);
            set = records.ContainsKey(key) ? set : set.Put(key, job.Id, entry, Gap * (records.Count + i + 1L));
        }

        long building = 0;
        foreach (var b in job.Buildings)
        {
            Keep(new RecordKey(RecordKind.Building, b.Id), job.Id, b with { Spaces = [] }, Place(RecordKind.Building, b.Id, ref building));
            long space = 0;
            foreach (var s in b.Spaces)
            {
                Keep(new RecordKey(RecordKind.Space, s.Id), b.Id, s with { Surfaces = [] }, Place(RecordKind.Space, s.Id, ref space));
                long surface = 0;
                foreach (var f in s.Surfaces)
                {
                    Keep(new RecordKey(RecordKind.Surface, f.Id), s.Id, f, Place(RecordKind.Surface, f.Id, ref surface));
                }
            }
        }

        return records
            .Keys.Where(k => k.Kind is not (RecordKind.Photo or RecordKind.Entry) && !kept.Contains(k))
            .OrderByDescending(k => k.Kind)
            .ThenByDescending(k => records[k].Value is Surface { Zone: not null })
            .Aggregate(set, (s, key) => s.Remove(key));
    }

    // Where the order allows it a record keeps its place, so that it need not be written again.
    private long Place(RecordKind kind, string id, ref long after)
    {
        var place = Find(kind, id) is { } known && known.Position >= after ? known.Position : after + Gap;
        after = place + 1;
        return place;
    }

    private static bool Same(object a, object b) =>
        ReferenceEquals(a, b)
        || (a.GetType() == b.GetType() && JsonSerializer.Serialize(a, a.GetType(), JobFile.Compact) == JsonSerializer.Serialize(b, b.GetType(), JobFile.Compact));

    /// <summary>The job put together. What belongs to a record that cannot be read stands under one that has only its id.</summary>
    /// <param name="id">Id of the job.</param>
    public Job Assemble(string id)
    {
        var children = records
            .Values.OrderBy(r => r.Position)
            .ThenBy(r => r.Key.Id, StringComparer.Ordinal)
            .GroupBy(r => (r.Key.Kind, r.Parent))
            .ToDictionary(g => g.Key, g => g.ToArray());
        StoredRecord[] Of(RecordKind kind, string parent) => children.GetValueOrDefault((kind, parent), []);
        ImmutableArray<Surface> Surfaces(string space) => [.. Of(RecordKind.Surface, space).Select(r => (Surface)r.Value)];
        ImmutableArray<Space> Spaces(string building) => [.. Of(RecordKind.Space, building).Select(r => (Space)r.Value with { Surfaces = Surfaces(r.Key.Id) })];

        var job =
            Find(RecordKind.Job, id)?.Value as Job
            ?? new Job
            {
                Format = Job.CurrentFormat,
                Id = id,
                Title = id,
                Buildings = [],
            };
        return job with
        {
            Buildings = [.. Of(RecordKind.Building, id).Select(r => (Building)r.Value with { Spaces = Spaces(r.Key.Id) })],
            Log = [.. Of(RecordKind.Entry, id).Select(r => (LogEntry)r.Value)],
        };
    }
}
