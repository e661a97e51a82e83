using System.Collections.Concurrent;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;

namespace AllSound.Core.Specification;

/// <summary>The trade as a planning domain: facets are its variables, needs its propositions, acts its operators.</summary>
internal static class TradeDomain
{
    private static readonly ConcurrentDictionary<(Substrate, Exposure, Heat, bool), Grounding> Groundings = new();

    /// <summary>
    /// The domain. What an act costs depends on whether the old film is gone; finish coats are laid one by one.
    /// </summary>
    public static Domain Domain { get; } =
        new(
            Treatments.Table,
            [.. Operations.Acts.Select(a => a.Planned)],
            new Planning.Test(Facets.Film.Index, Facets.Film.Is(Film.None).Allowed),
            Facets.Topcoats.Index
        );

    /// <summary>
    /// The domain on the ground of a condition: substrate, inside or outside, heat in service, and the breathing of a wall that need not breathe. No act changes these.
    /// </summary>
    public static Grounding On(in Condition condition)
    {
        var free = condition.Get(Facets.Breath) == VapourSteps.Step63;
        var key = (condition.Get(Facets.Substrate), condition.Get(Facets.Exposure), condition.Get(Facets.Heat), free);
        return Groundings.TryGetValue(key, out var known) ? known : Groundings.GetOrAdd(key, Fix(condition, free));
    }

    private static Grounding Fix(Condition condition, bool free)
    {
        Facet[] fixedFacets = free ? [Facets.Substrate, Facets.Exposure, Facets.Heat, Facets.Breath] : [Facets.Substrate, Facets.Exposure, Facets.Heat];
        return new Grounding(Domain, fixedFacets.ToDictionary(f => f.Index, f => condition[f]));
    }
}
