using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>Something recorded on a ground or an element that cannot have it, as a knot in steel. It is asked about and not read.</summary>
/// <param name="Path">Where, as a JSON path from the surface.</param>
/// <param name="Says">What is odd about it.</param>
/// <param name="Meant">What may have been meant.</param>
/// <param name="Stated">Is it recorded?</param>
/// <param name="Fits">Can this ground, in this element, have it?</param>
/// <param name="Without">The facts without it.</param>
internal sealed record Misplaced(string Path, string Says, string Meant, Func<Facts, bool> Stated, Func<SubstrateFamily, Element, bool> Fits, Func<Facts, Facts> Without)
{
    /// <summary>
    /// What belongs to some grounds only. Nothing that could hurt somebody, or that holds the work up, is among them: such is
    /// read wherever it is recorded. Facts of the trade.
    /// </summary>
    private static readonly ImmutableArray<Misplaced> All =
    [
        new(
            "$.facts.knots",
            "knots are recorded on a ground that is no wood",
            "a stain of another kind, or wood as the substrate",
            f => f.Knots > 0,
            (ground, _) => ground == SubstrateFamily.Wood,
            f => f with { Knots = null }
        ),
        new(
            "$.facts.rust",
            "rust is recorded on a ground that is neither iron nor steel",
            "the bead, nail or bracket as a surface of its own, or the stain that it leaves",
            f => f.Rust is not (null or Rust.None),
            (ground, _) => ground == SubstrateFamily.Ferrous,
            f => f with { Rust = null }
        ),
        new(
            "$.facts.sharpEdges",
            "sharp edges and welds are recorded on a ground that is no metal",
            "an open joint, or an edge to be filled",
            f => f.SharpEdges == true,
            (ground, _) => IsMetal(ground),
            f => f with { SharpEdges = null }
        ),
        new(
            "$.facts.openLaps",
            "open laps are recorded where there is no sheet metal",
            "an open joint",
            f => f.OpenLaps == true,
            (ground, _) => IsMetal(ground),
            f => f with { OpenLaps = null, LapsTakeRivets = null }
        ),
        new(
            "$.facts.holes",
            "holes rusted or worn through are recorded where there is no sheet metal",
            "hollows to be filled",
            f => f.Holes is not (null or Holes.None),
            (ground, _) => IsMetal(ground),
            f => f with { Holes = null }
        ),
        new(
            "$.facts.failedPutty",
            "failed putty is recorded where there is no glass",
            "a hollow or an open joint",
            f => f.FailedPutty == true,
            (_, element) => element is Element.Window or Element.Door or Element.Frame,
            f => f with { FailedPutty = null }
        ),
    ];

    /// <summary>What the facts, those that signs and readings say among them, hold that cannot be so.</summary>
    public static IEnumerable<Misplaced> Of(Facts facts, SubstrateFamily ground, Element element) => All.Where(m => m.Stated(facts) && !m.Fits(ground, element));

    /// <summary>The facts that can be so.</summary>
    public static Facts Read(Facts facts, SubstrateFamily ground, Element element) => Of(facts, ground, element).Aggregate(facts, (f, m) => m.Without(f));

    private static bool IsMetal(SubstrateFamily ground) => ground is SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous;
}
