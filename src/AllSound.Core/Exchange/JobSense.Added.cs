using System.Collections.Immutable;
using System.Text.RegularExpressions;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Exchange;

/// <content>What an edit would bring in that was not there before.</content>
public static partial class JobSense
{
    /// <summary>
    /// The faults of a job that it did not have before an edit. A job that an older version of the program let through can so be mended
    /// piece by piece, and no edit makes one that could be stored and exported but not imported again.
    /// </summary>
    /// <param name="before">The job before, or null when there was none.</param>
    /// <param name="after">The job as it would be.</param>
    /// <param name="thisYear">The year now, where the caller has a clock: no year may be later.</param>
    public static ImmutableArray<Fault> Added(Job? before, Job after, int? thisYear = null)
    {
        var faults = Faults(after, thisYear);
        if (faults.IsEmpty || before is null)
        {
            return faults;
        }

        // Positions shift when something is added; ids do not.
        var known = Faults(before, thisYear).Select(f => (Locate(before, f), f.Message)).ToHashSet();
        return [.. faults.Where(f => !known.Contains((Locate(after, f), f.Message)))];
    }

    /// <summary>The record that a fault of a job is about, and the path in it, such as ".facts.ph".</summary>
    /// <param name="job">The job in which the fault was found.</param>
    /// <param name="fault">The fault.</param>
    public static (RecordKey Key, string Path) Locate(Job job, Fault fault)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(fault);
        if (LogLine().Match(fault.Path) is { Success: true } line)
        {
            var entry = job.Log[int.Parse(line.Groups["e"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture)];
            return (new RecordKey(RecordKind.Entry, entry.Id), fault.Path[line.Length..]);
        }

        var match = Place().Match(fault.Path);
        int At(string name) => int.Parse(match.Groups[name].ValueSpan, System.Globalization.CultureInfo.InvariantCulture);
        if (!match.Success || job.Buildings.IsDefault || job.Buildings.ElementAtOrDefault(At("b")) is not { } building)
        {
            return (new RecordKey(RecordKind.Job, job.Id), fault.Path.TrimStart('$'));
        }

        var rest = fault.Path[match.Length..];
        var space = match.Groups["s"].Success ? building.Spaces.ElementAtOrDefault(At("s")) : null;
        var surface = match.Groups["f"].Success ? space?.Surfaces.ElementAtOrDefault(At("f")) : null;
        return surface is not null ? (new RecordKey(RecordKind.Surface, surface.Id), rest)
            : space is not null ? (new RecordKey(RecordKind.Space, space.Id), rest)
            : (new RecordKey(RecordKind.Building, building.Id), rest);
    }

    [GeneratedRegex(@"^\$\.log\[(?<e>\d+)\]")]
    private static partial Regex LogLine();

    [GeneratedRegex(@"^\$\.buildings\[(?<b>\d+)\](?:\.spaces\[(?<s>\d+)\](?:\.surfaces\[(?<f>\d+)\])?)?")]
    private static partial Regex Place();
}
