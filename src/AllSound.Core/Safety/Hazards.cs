using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Safety.Catalogue;
using AllSound.Core.Specification;
using AllSound.Core.Treatment;

namespace AllSound.Core.Safety;

/// <summary>
/// The register of hazards. Each names all its triggers: what was recorded, what age and place allow, and what the work does. Unknown is not safe:
/// where something could matter and nobody said, the hazard is in force and says that it was not asked. To add one, add a row to a catalogue.
/// </summary>
public static class Hazards
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<Hazard> All { get; } = [.. PlaceHazards.All, .. FabricHazards.All, .. WorkHazards.All];

    /// <summary>Those in force on a surface with all that is offered for it, meanwhile and afterwards too; the gravest first.</summary>
    /// <param name="surface">The surface.</param>
    /// <param name="specified">What was specified for it.</param>
    public static ImmutableArray<InForce> Of(Surface surface, Specified specified)
    {
        ArgumentNullException.ThrowIfNull(specified);
        var steps = specified.Planned.Options.SelectMany(o => o.Steps).Concat(specified.Meanwhile);
        return Of(surface, specified.Appraised, [.. steps.Select(s => s.Act).Distinct()]);
    }

    /// <summary>Those in force on a surface with some acts; the gravest first.</summary>
    public static ImmutableArray<InForce> Of(Surface surface, Appraised appraised, ImmutableArray<Act> acts)
    {
        var situation = new Situation(surface, appraised, acts);
        return
        [
            .. All.Select(h => (Hazard: h, Trigger: h.Because(situation)))
                .Where(x => x.Trigger is not null)
                .Select(x => new InForce(x.Hazard, x.Trigger!.IsUnasked ? HazardDuty.Notice : x.Hazard.Duty, x.Trigger.Because))
                .OrderBy(f => f.Duty),
        ];
    }
}
