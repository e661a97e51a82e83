using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Diagnosis.Catalogue;

/// <summary>Causes of failure on metal, tile, plastic and frosted masonry. Weights as in <see cref="Causes"/>.</summary>
internal static class MetalAndSlickCauses
{
    public static readonly ImmutableArray<Cause> All =
    [
        new(
            "c_rust_under",
            "rust or scale left under the film",
            [0, 1, 0, 9, 0, 0],
            [
                new("s_back_rust", 0.85),
                new("s_rust", 0.92),
                new("s_scale", 0.35),
                new("s_plane_base", 0.85),
                new("s_flakes", 0.60),
                new("s_local", 0.55),
                new("s_no_prime", 0.40),
            ],
            "clean to St3 by power tool, or blast; prime the same shift",
            "clean to St3 or better; dust 2 or less; 3 K above the dew point",
            Source.Standard("ISO 8501-1")
        )
        {
            Implies = [Implied.Rusting],
        },
        new(
            "c_cl_steel",
            "salts left on the steel before paint",
            [0, 0, 0, 4, 1, 0],
            [new("s_cond_hi", 0.85), new("s_blist_wet", 0.50), new("s_rust", 0.80), new("s_back_rust", 0.65), new("s_blist_ionic", 0.45), new("s_months", 0.55)],
            "rinse with hot low-salt water and test again",
            "salt 20 mg/m2 or less immersed, 50 in harsh air, 100 in mild; unsure",
            Source.Standard("ISO 8502-9, ISO 12944-4", Confidence.Judgement)
        )
        {
            Implies = [Implied.Salts],
        },
        new(
            "c_osmosis",
            "blisters drawn by salts or solvent under the film",
            [0, 2, 0, 3, 1, 1],
            [new("s_blist_wet", 0.85), new("s_blist_ionic", 0.70), new("s_cond_hi", 0.45), new("s_plane_base", 0.60), new("s_all_over", 0.40), new("s_damp_high", 0.30)],
            "strip blisters to sound film; rinse salts; solvent-free build",
            "salt within its limit; solvent out; masonry equilibrium humidity at most 75",
            Source.Usual
        )
        {
            Implies = [Implied.FilmSpent, Implied.Salts],
        },
        new(
            "c_galv_sapon",
            "oil or alkyd paint on zinc turns to soap",
            [0, 0, 0, 0, 6, 0],
            [
                new("s_zinc_bright", 0.90),
                new("s_soapy", 0.45),
                new("s_sheets", 0.70),
                new("s_tape_bad", 0.92),
                new("s_white_rust", 0.30),
                new("s_all_over", 0.75),
                new("s_no_prime", 0.65),
            ],
            "strip all alkyd to the zinc; wash; galvanised-metal primer",
            "water film unbroken 30 s; cross-cut class 1 or better at 72 h",
            Source.Standard("ASTM D6386")
        )
        {
            Implies = [Implied.FilmSpent],
        },
        new(
            "c_nonferr_raw",
            "bare non-ferrous metal painted without degreasing and a primer for it",
            [0, 0, 0, 0, 6, 0],
            [
                new("s_sheets", 0.60),
                new("s_tape_bad", 0.90),
                new("s_plane_base", 0.95),
                new("s_white_rust", 0.35),
                new("s_no_prime", 0.60),
                new("s_all_over", 0.65),
                new("s_months", 0.60),
            ],
            "strip, degrease, pad; bonding or etch primer",
            "water film unbroken 30 s",
            Source.Practice
        )
        {
            Implies = [Implied.FilmSpent],
        },
        new(
            "c_slick",
            "tile, plastic, laminate or dense stone with no bonding primer",
            [0, 1, 0, 0, 2, 9],
            [
                new("s_plastic", 0.92),
                new("s_plane_base", 0.95),
                new("s_sheets", 0.70),
                new("s_tape_bad", 0.92),
                new("s_no_prime", 0.80),
                new("s_wear", 0.40),
                new("s_all_over", 0.65),
            ],
            "strip all that is weak; degrease; bonding primer or epoxy tile primer",
            "cured 72 h, cross-cut class 1 or better",
            Source.Practice
        )
        {
            Implies = [Implied.FilmSpent, Implied.Greasy],
        },
        new(
            "c_frost",
            "frost action on wet masonry",
            [0, 6, 0, 0, 0, 2],
            [new("s_spall", 0.92), new("s_damp_high", 0.65), new("s_winter", 0.60), new("s_imperm", 0.30), new("s_local", 0.65)],
            "dry, replace what spalled, vapour-open paint",
            "not wet below; 5 °C and over",
            Source.Practice
        )
        {
            Implies = [Implied.WaterComingIn],
            Manner = "What has spalled is replaced before anything is laid, and only what lets vapour through is laid then.",
        },
    ];
}
