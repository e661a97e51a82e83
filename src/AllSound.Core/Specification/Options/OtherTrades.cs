using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What other trades do about what holds a surface: the operations of theirs that settle it, by custom.</summary>
internal static class OtherTrades
{
    private static readonly ImmutableArray<Act> Theirs = [.. Operations.Acts.Where(a => a.Operation is { ByOthers: true, Hired: false, Refused: false })];

    /// <summary>The operations, the most usual ones only.</summary>
    /// <param name="gate">What holds it.</param>
    /// <param name="levels">How usual each act is on the surface, by its index.</param>
    /// <param name="start">The condition of the surface.</param>
    public static ImmutableArray<Operation> For(Need gate, Custom[] levels, Condition start) =>
        [
            .. Theirs
                .Where(a => levels[a.Index] == Custom.Customary && (a.Operation.Towards == gate || Settles(a, gate, start)) && Suits(a, start))
                .Select(a => a.Operation),
        ];

    private static bool Settles(Act act, Need gate, in Condition start) => !gate.Holds(start) && gate.Holds(Treatments.Apply(start, act).After);

    // Needs that no work changes are about what kind of thing it is done to.
    private static bool Suits(Act act, Condition start) => act.Needs.All(n => n.Clock is not null || n.Any.Any(t => t.Facet != Facets.Substrate) || n.Holds(start));
}
