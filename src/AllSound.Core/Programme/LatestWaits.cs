using System.Collections.Immutable;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Programme;

/// <summary>Two steps of a sequence between which no more than so many hours may pass.</summary>
/// <param name="Before">Index of the earlier.</param>
/// <param name="After">Index of the later.</param>
/// <param name="MostHours">Hours by the clock from its end to the start of the later.</param>
internal sealed record LatestWait(int Before, int After, double MostHours);

/// <summary>
/// The latest waits in a sequence, as the clocks of the transition function have them: a coat before its window for the next is over, and bared metal
/// before it rusts again.
/// </summary>
internal static class LatestWaits
{
    public static IEnumerable<LatestWait> Of(ImmutableArray<Step> steps)
    {
        int? windowed = null;
        int? bared = null;
        for (var i = 0; i < steps.Length; i++)
        {
            var (act, before, after) = (steps[i].Act, steps[i].Before, steps[i].After);
            if (windowed is { } coat && before.WindowMinutes is not null && act.Operation.Role is not (CoatRole.None or CoatRole.Spot))
            {
                yield return new(coat, i, steps[coat].Act.LatestDays!.Value * 24);
            }

            if (bared is { } metal && !Stands(after))
            {
                yield return new(metal, i, Weathering.BareMetalHours);
                bared = null;
            }

            windowed =
                act.LatestDays is not null ? i
                : after.WindowMinutes is null ? null
                : windowed;
            bared = act.PreparesMetal && Stands(after) ? i : bared;
        }
    }

    private static readonly HashSet<Substrate> Rusting = [.. Substrates.Family(SubstrateFamily.Ferrous)];

    /// <summary>True where iron or steel stands prepared and bare. Other metals do not rust in a night.</summary>
    public static bool Stands(in Condition condition) =>
        condition.Get(Facets.Prep) != Prep.None && condition.Get(Facets.Bare) == Bare.Raw && Rusting.Contains(condition.Get(Facets.Substrate));
}
