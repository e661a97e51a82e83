using System.Collections.Immutable;
using System.Runtime.CompilerServices;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Specification;

/// <summary>
/// Everything that the answer for one surface may depend on, and nothing else: the job's own record, its building, its space with the walls,
/// the surface, and those of its neighbours that share its measure. Whoever keeps answers asks for them through the scope, and keeps
/// them under the versions of what is in it; what is not in the scope cannot be read, so it cannot make a kept answer stale.
/// </summary>
/// <param name="Job">The job with the one building.</param>
/// <param name="Building">The building with the one space.</param>
/// <param name="Space">The space with the surface and its <see cref="Neighbours"/>.</param>
/// <param name="Surface">The surface.</param>
public sealed record AnswerScope(Job Job, Building Building, Space Space, Surface Surface)
{
    /// <summary>The scope of a surface's answer.</summary>
    public static AnswerScope Of(Job job, Building building, Space space, Surface surface)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(building);
        ArgumentNullException.ThrowIfNull(space);
        var near = space with { Surfaces = Neighbours(space, surface) };
        var around = building with { Spaces = [near] };
        return new(job with { Buildings = [around] }, around, near, surface);
    }

    /// <summary>
    /// The surface and those on which its measure depends, in the order of the space: the zones cut from it, the element that it is a
    /// zone of with all its zones, and what shares out the openings of the same wall with it.
    /// </summary>
    /// <param name="space">The space.</param>
    /// <param name="surface">A surface of the space.</param>
    public static ImmutableArray<Surface> Neighbours(Space space, Surface surface)
    {
        ArgumentNullException.ThrowIfNull(space);
        ArgumentNullException.ThrowIfNull(surface);
        var near = Shared.GetValue(space, s => new Sharing(s));
        var element = surface.Zone is { } zone ? near.ById.GetValueOrDefault(zone.Of) ?? surface : surface;
        var all = new SortedSet<int> { near.Places[surface.Id], near.Places.GetValueOrDefault(element.Id, near.Places[surface.Id]) };
        all.UnionWith(near.Zones[element.Id]);
        if (element.Wall is not null)
        {
            all.UnionWith(near.OnWalls[(element.Element, element.Wall)]);
        }

        return [.. all.Select(i => space.Surfaces[i])];
    }

    // What shares a measure in a space, found once for it.
    private static readonly ConditionalWeakTable<Space, Sharing> Shared = [];

    private sealed class Sharing(Space space)
    {
        public Dictionary<string, Surface> ById { get; } = space.Surfaces.DistinctBy(s => s.Id).ToDictionary(s => s.Id, StringComparer.Ordinal);

        public Dictionary<string, int> Places { get; } =
            space.Surfaces.Select((s, i) => (s.Id, i)).DistinctBy(x => x.Id).ToDictionary(x => x.Id, x => x.i, StringComparer.Ordinal);

        public ILookup<string, int> Zones { get; } =
            space.Surfaces.Select((s, i) => (s.Zone, i)).Where(x => x.Zone is not null).ToLookup(x => x.Zone!.Of, x => x.i, StringComparer.Ordinal);

        public ILookup<(Element, string), int> OnWalls { get; } =
            space.Surfaces.Select((s, i) => (s, i)).Where(x => x.s is { Zone: null, Wall: not null }).ToLookup(x => (x.s.Element, x.s.Wall!), x => x.i);
    }
}
