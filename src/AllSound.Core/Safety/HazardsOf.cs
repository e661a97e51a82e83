using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Treatment;

namespace AllSound.Core.Safety;

/// <summary>The hazards in force with what was specified for a surface, or with a sequence of somebody's own.</summary>
public static class HazardsOf
{
    /// <summary>With all options offered, with what may be done meanwhile and with the plan once it is freed.</summary>
    public static ImmutableArray<InForce> Specified(Job job, Surface surface, Specified specified)
    {
        ArgumentNullException.ThrowIfNull(specified);
        var steps = (specified.Afterwards?.Plan ?? specified).Options.SelectMany(o => o.Steps).Concat(specified.Meanwhile);
        return Acts(job, surface, specified.Appraised, [.. steps.Select(s => s.Act).Distinct()]);
    }

    /// <summary>With some acts.</summary>
    public static ImmutableArray<InForce> Acts(Job job, Surface surface, Appraised appraised, ImmutableArray<Act> acts)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(surface);
        var building = job.Buildings.FirstOrDefault(b => b.Spaces.Any(s => s.Surfaces.Any(f => f.Id == surface.Id))) ?? job.Buildings[0];
        return Hazards.Bearing(new Situation(job, building, surface, appraised, acts));
    }
}
