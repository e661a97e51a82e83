using System.Collections.Immutable;
using AllSound.Core.Jobs;

namespace AllSound.Core.Site;

/// <summary>The lines of a log that count: in the order of their time, without those that were corrected or taken back.</summary>
public static class SiteLog
{
    /// <summary>The lines that count, of a surface or of the whole job.</summary>
    /// <param name="log">All lines.</param>
    public static ImmutableArray<LogEntry> Standing(IEnumerable<LogEntry> log)
    {
        ArgumentNullException.ThrowIfNull(log);
        var all = log.ToArray();
        // A line that was itself taken back corrects nothing; ids sort as they were made, so that the last word counts.
        var gone = new HashSet<string>(StringComparer.Ordinal);
        foreach (var entry in all.Where(e => e.Corrects is not null).OrderByDescending(e => e.Id, StringComparer.Ordinal))
        {
            if (!gone.Contains(entry.Id))
            {
                gone.Add(entry.Corrects!);
            }
        }

        return
        [
            .. all.Where(e => !gone.Contains(e.Id) && e.Kind != LogKind.Withdrawn).DistinctBy(e => e.Id).OrderBy(e => e.At).ThenBy(e => e.Id, StringComparer.Ordinal),
        ];
    }
}
