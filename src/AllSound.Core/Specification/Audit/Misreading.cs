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
        // Where nothing was painted, no lead dust is cleaned down.
        at => at.Act.Operation.Id == "dc_lead_clean" && at.Start.Get(Facets.Film) == Film.None,
        // Wood filler is for wood.
        at => at.Act.Operation.Id == "rp_wood_fill" && Substrates.Of(at.Now.Get(Facets.Substrate)).Family != SubstrateFamily.Wood,
        at => at.Act.Operation.Id == "rp_metal_fill" && Substrates.Of(at.Now.Get(Facets.Substrate)).Family is not (SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous),
        // What is no wood is not sanded as wood is, nor a wall padded as tile or plastic.
        at => at.Act.Operation.Group == Group.Abrade && at.Act.Needs.Any(n => !n.Any.IsEmpty && n.Any.All(t => t.Facet == Facets.Substrate) && !n.Holds(at.Now)),
        // Where there is no film, no edge of it is feathered.
        at => at.Act.Operation.Id is "ls_feather" or "ls_feather_wet" && at.Start.Get(Facets.Film) == Film.None,
    ];

    /// <summary>True where nobody means it.</summary>
    public static bool Is(ReadingAt at) => Array.Exists(All, m => m(at));
}
