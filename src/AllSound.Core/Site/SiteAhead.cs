using AllSound.Core.Jobs;
using AllSound.Core.Specification;

namespace AllSound.Core.Site;

/// <summary>What is left to be planned, once the log is taken into account.</summary>
public static class SiteAhead
{
    /// <summary>
    /// What was specified for each surface, with the steps that are left in place of all: where nothing was done, as it was. The first that is left
    /// begins no earlier than what was done before it has dried.
    /// </summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    /// <param name="at">When work goes on: what dries until then has dried, what stands bare has stood.</param>
    public static IReadOnlyDictionary<string, Specified> Of(Job job, IReadOnlyDictionary<string, Specified> specified, DateTime at)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(specified);
        var touched = job.Log.Where(e => e.Kind is LogKind.Done or LogKind.Skipped).Select(e => e.Surface).OfType<string>().ToHashSet(StringComparer.Ordinal);
        return touched.Count == 0
            ? specified
            : job.Surfaces()
                .Select(x => x.Surface)
                .Where(s => specified.ContainsKey(s.Id))
                .ToDictionary(s => s.Id, s => touched.Contains(s.Id) ? Left(job, s, specified[s.Id], at) : specified[s.Id], StringComparer.Ordinal);
    }

    private static Specified Left(Job job, Surface surface, Specified specified, DateTime at)
    {
        var state = SiteFold.Of(job, surface, specified, at);
        if (state.Chosen is not { } chosen)
        {
            return specified;
        }

        var remaining = SiteRemaining.Of(job, state);
        if (remaining is { Steps.IsEmpty: true, Stuck.IsEmpty: false, Anew: { } anew })
        {
            return anew;
        }

        var from = SiteNext.Of(state, remaining).FirstOrDefault()?.From;
        return specified with { Options = [chosen with { Steps = [.. remaining.Steps.Select((s, i) => i == 0 ? s with { NotBefore = from } : s)] }], Holds = [] };
    }
}
