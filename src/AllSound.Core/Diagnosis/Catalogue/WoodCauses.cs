using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Diagnosis.Catalogue;

/// <summary>Causes of failure that lie in wood. Weights as in <see cref="Causes"/>.</summary>
internal static class WoodCauses
{
    public static readonly ImmutableArray<Cause> All =
    [
        new(
            "c_timber_move",
            "the wood moves and breaks the film",
            [0, 0, 8, 0, 0, 0],
            [new("s_crack_grain", 0.88), new("s_open_joint", 0.60), new("s_flakes", 0.55), new("s_winter", 0.15), new("s_sunny", 0.45), new("s_years", 0.45)],
            "refix, flexible filler, lower-rigidity system",
            "moisture content at most 16; joint sealed",
            Source.Standard("EN 927-1", Confidence.Usual)
        )
        {
            Implies = [Implied.OpenJoint],
        },
        new(
            "c_endgrain",
            "water gets in at end grain and open joints",
            [0, 0, 8, 0, 0, 0],
            [new("s_end_first", 0.90), new("s_open_joint", 0.80), new("s_mc20", 0.65), new("s_after_rain", 0.40), new("s_back_fibre", 0.35), new("s_wd_soft", 0.35)],
            "open, dry, seal end grain two or three times, fill joints",
            "moisture content at most 16 at joint; joints closed",
            Source.Practice
        )
        {
            Implies = [Implied.EndGrain, Implied.OpenJoint],
        },
        new(
            "c_rot",
            "decay under the film",
            [0, 0, 5, 0, 0, 0],
            [new("s_wd_soft", 0.95), new("s_mc20", 0.75), new("s_end_first", 0.60), new("s_open_joint", 0.65), new("s_crk_line", 0.15)],
            "fix water; splice/consolidate; replace if >30 % section or structural",
            "moisture content at most 18; sound wood to probe at most 1 mm",
            Source.Usual
        )
        {
            Implies = [Implied.Decay],
        },
        new(
            "c_green_wood",
            "painted while the wood was too wet",
            [0, 0, 4, 0, 0, 0],
            [new("s_mc20", 0.75), new("s_new_work", 0.60), new("s_blist_wet", 0.35), new("s_months", 0.70), new("s_crack_grain", 0.40), new("s_back_fibre", 0.10)],
            "strip blisters, wait, prime",
            "moisture content in the range for the wood",
            Source.Standard("BS 6150")
        )
        {
            Implies = [Implied.DampWood],
        },
        new(
            "c_weathered_wd",
            "painted over grey weathered wood",
            [0, 0, 5, 0, 0, 0],
            [new("s_back_fibre", 0.88), new("s_grey_wd", 0.85), new("s_plane_base", 0.90), new("s_sheets", 0.45), new("s_tape_bad", 0.85), new("s_sunny", 0.50)],
            "sand to bright; or binding sealer after removal of fibre",
            "tape pull fibre at most 1",
            Source.Practice
        )
        {
            Implies = [Implied.Grey],
        },
        new(
            "c_edge_thin",
            "film too thin on the edges",
            [0, 0, 3, 6, 2, 0],
            [new("s_rust_edge", 0.85), new("s_thin", 0.60), new("s_end_first", 0.15), new("s_rust", 0.75), new("s_local", 0.80), new("s_flakes", 0.30)],
            "round the edges radius at least 2 mm; stripe coat brush each coat",
            "stripe coat on all edges, film as specified",
            Source.Standard("ISO 12944-5")
        )
        {
            Implies = [Implied.SharpEdges],
            Manner = "Every coat is brushed along edges first, where a roller or gun leaves it thin.",
        },
        new(
            "c_nails",
            "fixing heads rust through",
            [3, 1, 5, 0, 0, 0],
            [new("s_nail", 0.95), new("s_rust", 0.85), new("s_local", 0.92), new("s_after_rain", 0.25), new("s_damp_high", 0.25)],
            "punch, zinc-phosphate spot, fill; stainless outside",
            "no bright metal unprimed",
            Source.Practice
        )
        {
            Implies = [Implied.NailHeads],
        },
    ];
}
