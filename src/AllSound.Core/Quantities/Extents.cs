using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Quantities;

/// <summary>How much there is of a surface and of its parts. Square metres, metres and counts; never negative.</summary>
/// <param name="AreaM2">Developed area of the whole face.</param>
/// <param name="LengthM">Length, for narrow work; 0 otherwise.</param>
/// <param name="Narrow">Girth 0.3 m or less: measured by the metre (SMM7 M60, from memory).</param>
/// <param name="BareM2">Bare already.</param>
/// <param name="LooseM2">Loose film.</param>
/// <param name="LiftingM2">Band along edges that keep lifting.</param>
/// <param name="StainM2">Stained, with 100 mm round it.</param>
/// <param name="Knots">Knots.</param>
/// <param name="FillM2">Spots to fill, without edge steps.</param>
/// <param name="JointM">Open joint.</param>
/// <param name="SpreadClass">0 smooth, 1 porous, 2 rough.</param>
/// <param name="Face">What kind of face it is.</param>
/// <param name="EdgeM">Edge to be cut in: round the face and its openings.</param>
/// <param name="Texture">Real over flat area of a recorded texture, 1 for none: the area holds it, and paces go by the flat face.</param>
public sealed record Extents(
    double AreaM2,
    double LengthM,
    bool Narrow,
    double BareM2,
    double LooseM2,
    double LiftingM2,
    double StainM2,
    int Knots,
    double FillM2,
    double JointM,
    int SpreadClass,
    Face Face,
    double EdgeM,
    double Texture = 1
)
{
    /// <summary>Under mould; the whole face where nobody said how much.</summary>
    public double MouldM2 { get; init; } = AreaM2;

    /// <summary>Under salts; the whole face where nobody said how much.</summary>
    public double SaltM2 { get; init; } = AreaM2;

    /// <summary>By what the work on it takes longer than the paces say; empty for nothing.</summary>
    public ImmutableArray<Slowing> Slowed { get; init; } = [];

    /// <summary>How many times as long the work on it takes as the paces say.</summary>
    public double Times => Slowing.TimesOf(Slowed);

    /// <summary>Cross-section of the joint, square millimetres; null where it was not measured.</summary>
    public double? JointSectionMm2 { get; init; }

    /// <summary>How much more than a usual joint of 40 square millimetres it takes in.</summary>
    public double JointFactor => JointSectionMm2 / 40 ?? 1;

    /// <summary>Bare once the loose film is off, or everything when the whole film is off.</summary>
    public double BareAfter(bool filmGone) => filmGone ? AreaM2 : Math.Min(AreaM2, BareM2 + LooseM2);

    /// <summary>
    /// Length of edge round the bare patches. Taken as the edge of round patches of a quarter square metre each:
    /// 7 m of edge to the square metre. Judgement.
    /// </summary>
    public double EdgeLineM => 7 * (BareM2 + LooseM2);

    /// <summary>Units of an extent, in its own unit.</summary>
    /// <param name="extent">The extent.</param>
    /// <param name="filmGone">True when no old film is left, so that all is bare.</param>
    public double Units(Extent extent, bool filmGone) =>
        extent switch
        {
            Extent.Once => 1,
            Extent.Whole => AreaM2,
            Extent.Bare => BareAfter(filmGone),
            Extent.Loose => LooseM2,
            Extent.Patch => filmGone ? AreaM2 : Math.Min(AreaM2, BareAfter(false) + LiftingM2),
            Extent.EdgeLine => EdgeLineM,
            Extent.Stain => StainM2,
            Extent.Knots => Knots,
            // A band of filler 100 mm wide along the edges, besides the hollows.
            Extent.Fill => Math.Min(AreaM2, FillM2 + (filmGone ? 0 : 0.1 * EdgeLineM)),
            Extent.Mould => MouldM2,
            Extent.Salts => SaltM2,
            Extent.Joint => JointM,
            // Taken from the area where they were not counted: six fixings and a metre of lap to the square metre of
            // sheet, five metres of putty to the square metre of window, a metre and a half of end grain to that of joinery. Judgement.
            Extent.Fixings => Math.Max(4, Math.Round(6 * AreaM2)),
            Extent.Laps => Math.Max(1, AreaM2),
            Extent.Glazing => Math.Max(1, 5 * AreaM2),
            Extent.Ends => Math.Max(1, 1.5 * AreaM2),
            _ => throw new ArgumentOutOfRangeException(nameof(extent)),
        };
}
