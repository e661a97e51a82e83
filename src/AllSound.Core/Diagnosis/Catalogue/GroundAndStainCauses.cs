using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Diagnosis.Catalogue;

/// <summary>Causes of failure that lie in the ground: plaster, damp, salts, alkali, dirt and stains. Weights as in <see cref="Causes"/>.</summary>
internal static class GroundAndStainCauses
{
    public static readonly ImmutableArray<Cause> All =
    [
        new(
            "c_unsealed_plaster",
            "new or thirsty plaster painted without a mist coat or sealer",
            [9, 3, 0, 0, 0, 0],
            [
                new("s_sheets", 0.75),
                new("s_back_powder", 0.80),
                new("s_plane_base", 0.90),
                new("s_new_work", 0.55),
                new("s_tape_bad", 0.85),
                new("s_all_over", 0.70),
                new("s_no_prime", 0.85),
                new("s_months", 0.60),
                new("s_damp_high", 0.12),
            ],
            "scrape off all weak film; mist coat or plaster sealer",
            "fabric dry (equilibrium humidity at most 75) or vapour-open only; mist dry 24 h; cross-cut class 1 or better on patch",
            Source.Standard("BS 6150", Confidence.Usual)
        )
        {
            Implies = [Implied.LooseThroughout, Implied.Powdery],
        },
        new(
            "c_no_key",
            "no key on a glossy or hard film",
            [4, 1, 7, 5, 3, 1],
            [
                new("s_back_gloss", 0.88),
                new("s_plane_inter", 0.95),
                new("s_sheets", 0.70),
                new("s_tape_bad", 0.90),
                new("s_all_over", 0.65),
                new("s_months", 0.65),
                new("s_damp_high", 0.10),
            ],
            "scrape off to firm edge, abrade to matt; bonding primer if waterborne next",
            "keyed; grease gone; patch cross-cut class 1 or better after 72 h",
            Source.Practice
        )
        {
            Implies = [Implied.LooseThroughout, Implied.Slippery],
        },
        new(
            "c_moist_behind",
            "a leak or rain gets in behind the film",
            [7, 8, 6, 1, 0, 2],
            [
                new("s_damp_high", 0.85),
                new("s_damp_top", 0.60),
                new("s_after_rain", 0.65),
                new("s_blist_wet", 0.35),
                new("s_plane_base", 0.80),
                new("s_local", 0.80),
                new("s_sheet_back", 0.75),
                new("s_tide", 0.35),
            ],
            "have the leak mended, clear and reseal gutters, reseal flashings, repoint; let dry",
            "damp falling 3 weekly readings and equilibrium humidity at most 75 (wood moisture content at most 18)",
            Source.Standard("BS 6150", Confidence.Usual)
        )
        {
            Implies = [Implied.WaterComingIn],
        },
        new(
            "c_rising",
            "ground moisture in walls",
            [4, 5, 0, 0, 0, 1],
            [
                new("s_damp_high", 0.88),
                new("s_damp_low_grad", 0.85),
                new("s_salt_pos", 0.75),
                new("s_tide", 0.65),
                new("s_crystals", 0.55),
                new("s_sheet_back", 0.75),
                new("s_plane_base", 0.70),
            ],
            "lower the ground outside, damp specialist; salt-laden plaster off to 300-500 mm above tide",
            "fabric dry; salts at most 1; vapour-open paint only (0.1 m at most) for first 12 months",
            Source.Usual
        )
        {
            Implies = [Implied.WaterComingIn, Implied.Salts],
        },
        new(
            "c_salts",
            "soluble salts crystallise under the film",
            [4, 6, 0, 0, 0, 1],
            [
                new("s_crystals", 0.85),
                new("s_salt_pos", 0.85),
                new("s_tide", 0.45),
                new("s_back_powder", 0.50),
                new("s_pl_soft", 0.35),
                new("s_plane_base", 0.65),
                new("s_local", 0.75),
            ],
            "stop water; brush salts off dry three times in 14 d; poultice if salts 3",
            "no new crystals 14 d; salts at most 1; no washing with water",
            Source.Practice
        )
        {
            Implies = [Implied.Salts, Implied.WaterComingIn],
        },
        new(
            "c_alkali",
            "alkali of young lime or cement turns the film to soap",
            [4, 5, 0, 0, 0, 0],
            [
                new("s_ph_high", 0.92),
                new("s_soapy", 0.60),
                new("s_new_work", 0.75),
                new("s_blist_wet", 0.25),
                new("s_blist_ionic", 0.30),
                new("s_months", 0.70),
                new("s_plane_base", 0.65),
            ],
            "wait or alkali-resisting primer; scrape soaped film, rinse, dry",
            "pH at most 9 for alkyd; at most 12 with alkali primer; equilibrium humidity at most 75",
            Source.Standard("BS 6150", Confidence.Usual)
        )
        {
            Implies = [Implied.Alkaline, Implied.FilmSpent],
        },
        new(
            "c_chalky",
            "chalky or friable ground that was not bound",
            [3, 6, 1, 1, 1, 0],
            [
                new("s_chalky", 0.92),
                new("s_back_powder", 0.70),
                new("s_sheets", 0.50),
                new("s_tape_bad", 0.85),
                new("s_dull_even", 0.40),
                new("s_plane_in", 0.40),
                new("s_plane_inter", 0.55),
            ],
            "brush or wash, then stabilise",
            "chalk at most 1 after stabiliser 24 h",
            Source.Practice
        )
        {
            Implies = [Implied.Powdery],
        },
        new(
            "c_grease",
            "grease, polish or hand soil",
            [3, 0, 4, 2, 2, 4],
            [
                new("s_grease", 0.85),
                new("s_kitchen", 0.70),
                new("s_crater", 0.35),
                new("s_local", 0.75),
                new("s_plane_inter", 0.80),
                new("s_tape_bad", 0.70),
                new("s_soft", 0.20),
            ],
            "degrease twice, rinse, abrade to matt",
            "water film unbroken 30 s; wipe clean",
            Source.Practice
        )
        {
            Implies = [Implied.Greasy],
        },
        new(
            "c_nicotine",
            "nicotine or soot tar bleeds",
            [3, 0, 2, 0, 0, 1],
            [new("s_tar", 0.92), new("s_returns", 0.80), new("s_all_over", 0.60), new("s_days", 0.60), new("s_ring", 0.15)],
            "alkaline wash twice; shellac stain block or solventborne stain block full",
            "tar wipe clean or block proof: patch 24 h no yellow",
            Source.Practice
        )
        {
            Implies = [Implied.Tar],
        },
        new(
            "c_resin",
            "resin bleeds at knots",
            [0, 0, 6, 0, 0, 0],
            [new("s_over_knot", 0.95), new("s_blist_sticky", 0.40), new("s_sunny", 0.50), new("s_returns", 0.60), new("s_local", 0.90)],
            "cut out live knots; heat out exudate; shellac knotting twice",
            "no exudate 24 h at 40 °C; advise pale colour",
            Source.Standard("BS 6150", Confidence.Usual)
        )
        {
            Implies = [Implied.Resin],
        },
        new(
            "c_tannin",
            "tannin bleeds out of the wood",
            [0, 0, 4, 0, 0, 0],
            [new("s_joint_streak", 0.70), new("s_returns", 0.70), new("s_days", 0.55), new("s_over_knot", 0.10), new("s_after_rain", 0.35), new("s_no_prime", 0.40)],
            "tannin block twice (24 h apart); joints closed",
            "no stain through block 24 h; moisture content at most 16",
            Source.Practice
        )
        {
            Implies = [Implied.Tannin],
        },
        new(
            "c_water_stain",
            "old leak stain, now dry",
            [5, 1, 1, 0, 0, 0],
            [new("s_ring", 0.92), new("s_damp_high", 0.10), new("s_returns", 0.75), new("s_local", 0.90), new("s_damp_top", 0.25), new("s_tide", 0.40)],
            "prove leak cured; shellac stain block spot +100 mm",
            "pin meter = dry; 7 days no change",
            Source.Practice
        )
        {
            Implies = [Implied.WaterStain],
        },
        new(
            "c_dense_on_breathing",
            "vapour-tight film on wall that must breathe",
            [4, 6, 0, 0, 0, 1],
            [
                new("s_imperm", 0.92),
                new("s_damp_high", 0.65),
                new("s_blist_wet", 0.35),
                new("s_sheet_back", 0.60),
                new("s_pl_soft", 0.35),
                new("s_plane_base", 0.65),
                new("s_spall", 0.20),
            ],
            "strip all dense film/cement; lime repair; mineral/limewash",
            "readings falling; vapour resistance of the system at most 0.1 m",
            Source.Practice
        )
        {
            Implies = [Implied.FilmSpent],
        },
        new(
            "c_weak_plaster",
            "dead or hollow plaster under the film",
            [4, 4, 0, 0, 0, 2],
            [new("s_hollow", 0.88), new("s_pl_soft", 0.60), new("s_plane_in", 0.75), new("s_back_powder", 0.55), new("s_crk_map", 0.30), new("s_years", 0.50)],
            "hack off hollow, patch; or consolidate lime keys",
            "tap sound; cured as new plaster",
            Source.Practice
        )
        {
            Implies = [Implied.Hollow],
        },
        new(
            "c_paste",
            "wallpaper paste or starch residue",
            [3, 0, 0, 0, 0, 0],
            [new("s_paste", 0.95), new("s_flakes", 0.65), new("s_crk_map", 0.40), new("s_months", 0.60), new("s_plane_inter", 0.50), new("s_days", 0.30)],
            "wash hot water till iodine negative; rinse; seal",
            "iodine yellow (no blue)",
            Source.Practice
        )
        {
            Implies = [Implied.Paste],
        },
        new(
            "c_distemper",
            "soft distemper or limewash left in place",
            [6, 3, 0, 0, 0, 0],
            [
                new("s_back_distemper", 0.92),
                new("s_back_powder", 0.75),
                new("s_sheets", 0.75),
                new("s_plane_in", 0.50),
                new("s_tape_bad", 0.90),
                new("s_years", 0.35),
                new("s_all_over", 0.65),
            ],
            "wash the distemper off to base, residue stabilise thin",
            "wet-finger test clean; chalk at most 1",
            Source.Practice
        )
        {
            Implies = [Implied.FilmSpent],
        },
        new(
            "c_bitumen",
            "bitumen or tar bleeds or slips",
            [0, 1, 1, 2, 0, 0],
            [new("s_black_under", 0.95), new("s_returns", 0.75), new("s_allig", 0.55), new("s_soft", 0.40), new("s_sunny", 0.35), new("s_solv_swell", 0.70)],
            "scrape/chill; isolator twice; flexible waterborne",
            "48 h no brown",
            Source.Practice
        )
        {
            Implies = [Implied.Tar],
        },
    ];
}
