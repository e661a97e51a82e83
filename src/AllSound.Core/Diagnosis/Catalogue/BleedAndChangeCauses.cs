using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Diagnosis.Catalogue;

/// <summary>Causes that show as colour, softness or lines rather than as loss of film. Weights as in <see cref="Causes"/>.</summary>
internal static class BleedAndChangeCauses
{
    public static readonly ImmutableArray<Cause> All =
    [
        new(
            "c_iron_tannin",
            "iron against wood with tannin",
            [0, 0, 5, 0, 0, 0],
            [new("s_blue_black", 0.95), new("s_nail", 0.30), new("s_after_rain", 0.35), new("s_local", 0.85), new("s_joint_streak", 0.25)],
            "iron out or sealed: stainless fixings, no wire wool; bleach the marks with oxalic acid, rinse, dry",
            "no mark under a wet cloth after an hour",
            Source.Practice
        )
        {
            Implies = [Implied.Tannin, Implied.NailHeads],
        },
        new(
            "c_dye",
            "dye, ink or an old stain comes through",
            [3, 0, 3, 0, 0, 1],
            [new("s_dye", 0.95), new("s_returns", 0.80), new("s_days", 0.65), new("s_solv_swell", 0.20), new("s_over_knot", 0.02)],
            "let the paint harden, dull it, stain block over the whole of it, a trial length overnight",
            "no colour through the block after a night",
            Source.Practice
        )
        {
            Implies = [Implied.Dye],
        },
        new(
            "c_yellowing",
            "alkyd paint yellows away from light",
            [1, 0, 5, 1, 1, 1],
            [new("s_yellow", 0.95), new("s_years", 0.50), new("s_all_over", 0.40), new("s_tar", 0.03), new("s_returns", 0.03)],
            "wash, key, waterborne finish: it stays white",
            "a lifted picture or an open door shows the same white",
            Source.Practice
        )
        {
            Manner = "The paint itself has turned, and alkyd would again: it is washed, dulled and finished in a waterborne paint.",
        },
        new(
            "c_ghosting",
            "dust and soot settle on cold lines",
            [3, 0, 0, 0, 0, 0],
            [new("s_ghost", 0.95), new("s_winter", 0.60), new("s_no_vent", 0.35), new("s_years", 0.30), new("s_ring", 0.04), new("s_damp_high", 0.06)],
            "no candles or sooting flames; insulate over framing and seal air leaks; dry sponge, wash, stain block if grey stays",
            "no lines after a winter",
            Source.Usual
        )
        {
            Implies = [Implied.Sooty],
            Manner = "Paint alone does not cure it: the lines come back until the cold line is insulated and the soot stops.",
        },
        new(
            "c_plasticiser",
            "softener wanders into the paint from vinyl, rubber or sealant",
            [2, 0, 1, 0, 0, 4],
            [new("s_flexible", 0.92), new("s_soft", 0.75), new("s_tape_bad", 0.45), new("s_months", 0.55), new("s_local", 0.60), new("s_all_over", 0.35)],
            "soft paint off; strip the vinyl or renew the sealant in a kind that can be painted; bonding primer proved on a patch",
            "patch firm and dry to the thumb after seven days",
            Source.Practice
        )
        {
            Implies = [Implied.FilmSpent],
        },
        new(
            "c_hand_oil",
            "skin oil, cream and polish soften the film",
            [0, 0, 1, 1, 0, 1],
            [
                new("s_touch_soft", 0.95, 0.03),
                new("s_soft", 0.60),
                new("s_grease", 0.70),
                new("s_kitchen", 0.60),
                new("s_wear", 0.45),
                new("s_local", 0.90),
                new("s_years", 0.50),
                new("s_days", 0.05),
            ],
            "softened film off; degrease twice and rinse; a finish that withstands skin oils; cleaned without polish",
            "firm to the thumb; water film unbroken 30 s",
            Source.Practice
        )
        {
            Implies = [Implied.Greasy, Implied.FilmSpent],
            Manner = "It is finished in two-part or hard waterborne varnish or enamel, cured in full before use, and cleaned without polish.",
        },
        new(
            "c_blocking",
            "painted faces shut on each other before they had hardened",
            [0, 0, 3, 1, 1, 0],
            [new("s_stick", 0.95), new("s_soft", 0.40), new("s_days", 0.50), new("s_local", 0.80), new("s_sunny", 0.25)],
            "free the faces, ease to 2 mm play, a finish that does not block; left open for days",
            "a closed joint opens without a sound after a night",
            Source.Practice
        )
        {
            Manner = "Faces that meet get thin coats of an enamel that resists blocking, and stay apart for a week; where it binds it is eased to 2 mm of play.",
        },
        new(
            "c_grain_raised",
            "grain raised by water, bleach or pressure",
            [0, 0, 3, 0, 0, 0],
            [new("s_fuzz", 0.95), new("s_days", 0.50), new("s_all_over", 0.45), new("s_back_fibre", 0.20), new("s_black_spots", 0.05)],
            "stop bleach and pressure; rinse, let dry, sand the fuzz off along the grain, dust off",
            "smooth to the palm, no fibre on tape",
            Source.Practice
        )
        {
            Implies = [Implied.Fuzz],
        },
        new(
            "c_pops",
            "boards or fixings have moved: popped nails, joints that show",
            [3, 0, 1, 0, 0, 0],
            [
                new("s_pop", 0.95),
                new("s_local", 0.90),
                new("s_new_work", 0.35),
                new("s_months", 0.50),
                new("s_crk_line", 0.35),
                new("s_damp_high", 0.06),
                new("s_hollow", 0.15),
            ],
            "screw beside each nail and sink it; tape joints, fill, spot-prime",
            "no movement under the palm",
            Source.Practice
        )
        {
            Implies = [Implied.Fixings],
        },
        new(
            "c_polished",
            "plaster polished too smooth to hold paint",
            [3, 1, 0, 0, 0, 0],
            [
                new("s_polished", 0.95),
                new("s_plane_base", 0.90),
                new("s_sheets", 0.60),
                new("s_tape_bad", 0.80),
                new("s_back_powder", 0.04),
                new("s_months", 0.55),
                new("s_damp_high", 0.08),
            ],
            "weak film off; dull the plaster with fine abrasive, dust off; mist coat, proved on a patch",
            "cross-cut class 1 or better on a patch",
            Source.Usual
        )
        {
            Implies = [Implied.LooseThroughout],
            Manner = "The polished face is dulled with fine abrasive and wiped before its first coat, which is thinned and proved on a patch.",
        },
        new(
            "c_filiform",
            "thread-like corrosion from cut edges",
            [0, 0, 0, 2, 5, 0],
            [new("s_worm", 0.97), new("s_rust_edge", 0.45), new("s_white_rust", 0.40), new("s_cond_hi", 0.40), new("s_local", 0.75), new("s_years", 0.45)],
            "cut the film back past the threads to bright metal, wash salts off, prime the same day, seal every cut end",
            "bright metal past the last thread; salt within its limit",
            Source.Standard("ISO 4628-10")
        )
        {
            Implies = [Implied.Salts, Implied.Loose],
            Manner = "Every cut end and screw hole is sealed with primer: threads start there. Washed with fresh water on a set cycle afterwards.",
        },
    ];
}
