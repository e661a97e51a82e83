using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Jobs;

namespace AllSound.Core.Site;

/// <summary>What came up while working and is in no price yet: jobs found besides, and what was done otherwise than offered.</summary>
public static class FoundWork
{
    /// <summary>A line for each, in the order of time: the day, the place and what was written.</summary>
    /// <param name="job">The job with its log.</param>
    public static ImmutableArray<string> Of(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        var places = job.Surfaces().ToDictionary(x => x.Surface.Id, x => $"{x.Space.Title}, {x.Surface.Title}", StringComparer.Ordinal);
        return
        [
            .. SiteLog
                .Standing(job.Log)
                .Where(e => e.Kind is LogKind.FoundJob or LogKind.Deviation && !string.IsNullOrWhiteSpace(e.Text))
                .Select(e =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"{e.At:d MMMM yyyy}{(e.Surface is { } id && places.TryGetValue(id, out var place) ? $", {place}" : "")}: {(e.Kind == LogKind.Deviation ? "done otherwise, " : "")}{e.Text}"
                    )
                ),
        ];
    }
}
