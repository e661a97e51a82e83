using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>What a reading is judged in.</summary>
/// <param name="Act">What the words may mean besides what they were read as first.</param>
/// <param name="Start">The condition as surveyed.</param>
/// <param name="Now">The condition in which the words are reached.</param>
internal readonly record struct ReadingAt(Act Act, Condition Start, Condition Now);

/// <summary>What words may mean elsewhere and nobody means in such a place. To add one, add its row. Common practice.</summary>
internal static class Misreading
{
    private static readonly Func<ReadingAt, bool>[] All =
    [
        // Where nothing was filled, no filler is rubbed down.
        at => at.Act.Needs.Contains(GroundNeeds.FillerOn) && at.Now.Get(Facets.Fill) != Fill.Proud,
        // Between coats that nobody laid, nothing is rubbed.
        at => at.Act.Operation.Group == Group.Denib && at.Now.Get(Facets.Cover) == Cover.None,
        // Plastic is padded, and not sanded as wood is.
        at => at.Act.Operation.Id is "ab_wood_bare" or "ab_wood_bare_wet" && at.Now.Get(Facets.Substrate) == Substrate.Laminate,
        // Where there is no film, no edge of it is feathered.
        at => at.Act.Operation.Id is "ls_feather" or "ls_feather_wet" && at.Start.Get(Facets.Film) == Film.None,
    ];

    /// <summary>True where nobody means it.</summary>
    public static bool Is(ReadingAt at) => Array.Exists(All, m => m(at));
}
