using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Diagnosis;

/// <summary>
/// The causes known to the program, for plaster, board and wood. Priors are weights by substrate family in the order
/// plaster, masonry, wood, ferrous, non-ferrous, slick. All numbers are judgements, meant to be tuned from closed jobs.
/// </summary>
public static class Causes
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<Cause> All { get; } =
    [
        new(
            "c_unsealed_plaster",
            "new or thirsty plaster painted with no mist/seal coat",
            [8, 3, 0, 0, 0, 0],
            [
                new("s_sheets", 0.75, 0.20),
                new("s_back_powder", 0.80, 0.12),
                new("s_plane_base", 0.90, 0.40),
                new("s_new_work", 0.55, 0.12),
                new("s_tape_bad", 0.85, 0.25),
                new("s_all_over", 0.70, 0.20),
                new("s_no_prime", 0.85, 0.20),
                new("s_months", 0.60, 0.30),
                new("s_damp_high", 0.12, 0.22),
            ],
            "scrape off all weak film; mist coat or plaster sealer",
            "fabric dry (equilibrium humidity at most 75) or vapour-open only; mist dry 24 h; cross-cut class 1 or better on patch",
            Source.Standard("BS 6150", Confidence.Usual)
        ),
        new(
            "c_no_key",
            "no key on gloss/hard film",
            [4, 1, 7, 5, 3, 1],
            [
                new("s_back_gloss", 0.88, 0.12),
                new("s_plane_inter", 0.95, 0.25),
                new("s_sheets", 0.70, 0.20),
                new("s_tape_bad", 0.90, 0.25),
                new("s_all_over", 0.65, 0.20),
                new("s_months", 0.65, 0.30),
                new("s_damp_high", 0.10, 0.22),
            ],
            "scrape off to firm edge, abrade to matt; bonding primer if waterborne next",
            "keyed; grease gone; patch cross-cut class 1 or better after 72 h",
            Source.Practice
        ),
        new(
            "c_moist_behind",
            "leak or rain penetration behind film",
            [7, 8, 6, 1, 0, 2],
            [
                new("s_damp_high", 0.85, 0.22),
                new("s_damp_top", 0.60, 0.10),
                new("s_after_rain", 0.65, 0.10),
                new("s_blist_wet", 0.35, 0.08),
                new("s_plane_base", 0.80, 0.40),
                new("s_local", 0.80, 0.40),
                new("s_sheet_back", 0.75, 0.12),
                new("s_tide", 0.35, 0.10),
            ],
            "have the leak mended, clear and reseal gutters, reseal flashings, repoint; let dry",
            "damp falling 3 weekly readings and equilibrium humidity at most 75 (wood moisture content at most 18)",
            Source.Standard("BS 6150", Confidence.Usual)
        ),
        new(
            "c_rising",
            "ground moisture in walls",
            [4, 5, 0, 0, 0, 1],
            [
                new("s_damp_high", 0.88, 0.22),
                new("s_damp_low_grad", 0.85, 0.06),
                new("s_salt_pos", 0.75, 0.08),
                new("s_tide", 0.65, 0.10),
                new("s_crystals", 0.55, 0.08),
                new("s_sheet_back", 0.75, 0.12),
                new("s_plane_base", 0.70, 0.40),
            ],
            "lower the ground outside, damp specialist; salt-laden plaster off to 300-500 mm above tide",
            "fabric dry; salts at most 1; vapour-open paint only (0.1 m at most) for first 12 months",
            Source.Usual
        ),
        new(
            "c_salts",
            "soluble salts crystallise under film",
            [4, 6, 0, 0, 0, 1],
            [
                new("s_crystals", 0.85, 0.08),
                new("s_salt_pos", 0.85, 0.08),
                new("s_tide", 0.45, 0.10),
                new("s_back_powder", 0.50, 0.12),
                new("s_pl_soft", 0.35, 0.05),
                new("s_plane_base", 0.65, 0.40),
                new("s_local", 0.75, 0.40),
            ],
            "stop water; brush salts off dry three times in 14 d; poultice if salts 3",
            "no new crystals 14 d; salts at most 1; no washing with water",
            Source.Practice
        ),
        new(
            "c_alkali",
            "alkali attack/saponification on young lime or cement",
            [4, 5, 0, 0, 0, 0],
            [
                new("s_ph_high", 0.92, 0.10),
                new("s_soapy", 0.60, 0.04),
                new("s_new_work", 0.75, 0.12),
                new("s_blist_wet", 0.25, 0.08),
                new("s_blist_ionic", 0.30, 0.02),
                new("s_months", 0.70, 0.30),
                new("s_plane_base", 0.65, 0.40),
            ],
            "wait or alkali-resisting primer; scrape soaped film, rinse, dry",
            "pH at most 9 for alkyd; at most 12 with alkali primer; equilibrium humidity at most 75",
            Source.Standard("BS 6150", Confidence.Usual)
        ),
        new(
            "c_chalky",
            "chalky/friable base not stabilised",
            [3, 6, 1, 1, 1, 0],
            [
                new("s_chalky", 0.92, 0.15),
                new("s_back_powder", 0.70, 0.12),
                new("s_sheets", 0.50, 0.20),
                new("s_tape_bad", 0.85, 0.25),
                new("s_dull_even", 0.40, 0.14),
                new("s_plane_in", 0.40, 0.15),
                new("s_plane_inter", 0.55, 0.25),
            ],
            "brush or wash, then stabilise",
            "chalk at most 1 after stabiliser 24 h",
            Source.Practice
        ),
        new(
            "c_grease",
            "grease, polish, hand soil",
            [3, 0, 4, 2, 2, 4],
            [
                new("s_grease", 0.85, 0.07),
                new("s_kitchen", 0.70, 0.10),
                new("s_crater", 0.35, 0.04),
                new("s_local", 0.75, 0.40),
                new("s_plane_inter", 0.80, 0.25),
                new("s_tape_bad", 0.70, 0.25),
                new("s_soft", 0.20, 0.06),
            ],
            "degrease twice, rinse, abrade to matt",
            "water film unbroken 30 s; wipe clean",
            Source.Practice
        ),
        new(
            "c_nicotine",
            "nicotine/soot tar bleed",
            [3, 0, 2, 0, 0, 1],
            [new("s_tar", 0.92, 0.04), new("s_returns", 0.80, 0.08), new("s_all_over", 0.60, 0.20), new("s_days", 0.60, 0.12), new("s_ring", 0.15, 0.09)],
            "alkaline wash twice; shellac stain block or solventborne stain block full",
            "tar wipe clean or block proof: patch 24 h no yellow",
            Source.Practice
        ),
        new(
            "c_resin",
            "resin bleed at knots",
            [0, 0, 6, 0, 0, 0],
            [new("s_over_knot", 0.95, 0.05), new("s_blist_sticky", 0.40, 0.03), new("s_sunny", 0.50, 0.15), new("s_returns", 0.60, 0.08), new("s_local", 0.90, 0.40)],
            "cut out live knots; heat out exudate; shellac knotting twice",
            "no exudate 24 h at 40 C; advise pale colour",
            Source.Standard("BS 6150", Confidence.Usual)
        ),
        new(
            "c_tannin",
            "tannin/extractive bleed",
            [0, 0, 4, 0, 0, 0],
            [
                new("s_joint_streak", 0.70, 0.04),
                new("s_returns", 0.70, 0.08),
                new("s_days", 0.55, 0.12),
                new("s_over_knot", 0.10, 0.05),
                new("s_after_rain", 0.35, 0.10),
                new("s_no_prime", 0.40, 0.20),
            ],
            "tannin block twice (24 h apart); joints closed",
            "no stain through block 24 h; moisture content at most 16",
            Source.Practice
        ),
        new(
            "c_water_stain",
            "old leak stain, now dry",
            [5, 1, 1, 0, 0, 0],
            [
                new("s_ring", 0.92, 0.09),
                new("s_damp_high", 0.10, 0.22),
                new("s_returns", 0.75, 0.08),
                new("s_local", 0.90, 0.40),
                new("s_damp_top", 0.25, 0.10),
                new("s_tide", 0.40, 0.10),
            ],
            "prove leak cured; shellac stain block spot +100 mm",
            "pin meter = dry; 7 days no change",
            Source.Practice
        ),
        new(
            "c_cond_mould",
            "condensation and mould",
            [7, 1, 3, 1, 0, 4],
            [
                new("s_black_spots", 0.92, 0.14),
                new("s_bleach_ok", 0.90, 0.11),
                new("s_winter", 0.75, 0.10),
                new("s_no_vent", 0.75, 0.20),
                new("s_rh_hi", 0.65, 0.15),
                new("s_dew_lo", 0.55, 0.10),
                new("s_sheet_room", 0.55, 0.10),
                new("s_sheet_back", 0.08, 0.12),
            ],
            "ventilate, insulate/heat; kill mould and wash",
            "humidity at most 60 (65 max) with ventilation; spots not back 14 d",
            Source.Standard("BS 5250", Confidence.Usual)
        ),
        new(
            "c_algae",
            "algae/lichen outside",
            [0, 5, 3, 0, 1, 1],
            [
                new("s_green_slick", 0.92, 0.05),
                new("s_after_rain", 0.40, 0.10),
                new("s_sunny", 0.05, 0.15),
                new("s_bleach_ok", 0.60, 0.11),
                new("s_damp_top", 0.35, 0.10),
            ],
            "cut drips/shade; biocide",
            "dead 24-48 h (7 d), brushed, dry",
            Source.Practice
        ),
        new(
            "c_dewpoint",
            "painted on condensation / below dew point",
            [2, 2, 3, 5, 4, 3],
            [
                new("s_cold_log", 0.80, 0.08),
                new("s_bloom", 0.55, 0.06),
                new("s_months", 0.65, 0.30),
                new("s_blist_dry", 0.25, 0.12),
                new("s_plane_inter", 0.50, 0.25),
                new("s_tape_bad", 0.70, 0.25),
                new("s_back_gloss", 0.15, 0.12),
            ],
            "strip weak; recoat only with a dew margin of 3 K or more",
            "dew log start, mid, end",
            Source.Standard("ISO 8502-4")
        ),
        new(
            "c_cold_film",
            "applied too cold, poor film formation",
            [2, 3, 3, 3, 2, 2],
            [
                new("s_cold_log", 0.85, 0.08),
                new("s_mudcrack", 0.25, 0.03),
                new("s_soft", 0.40, 0.06),
                new("s_bloom", 0.40, 0.06),
                new("s_days", 0.45, 0.12),
                new("s_crk_map", 0.20, 0.07),
            ],
            "strip or key; recoat at least 10 C",
            "surface 2 K or more above the product's least temperature until touch dry",
            Source.Practice
        ),
        new(
            "c_early_recoat",
            "recoated too soon",
            [3, 2, 5, 4, 2, 2],
            [
                new("s_fast_recoat", 0.88, 0.10),
                new("s_wrinkle", 0.60, 0.05),
                new("s_soft", 0.55, 0.06),
                new("s_days", 0.60, 0.12),
                new("s_lift_now", 0.25, 0.03),
                new("s_blist_sticky", 0.15, 0.03),
                new("s_plane_inter", 0.35, 0.25),
            ],
            "let harden 7-14 days at 20 C, or strip if soft; denib wrinkle",
            "thumb firm, no drag; dry abrade powders",
            Source.Practice
        ),
        new(
            "c_overthick",
            "single coat over max film",
            [2, 2, 4, 3, 2, 2],
            [
                new("s_thick", 0.65, 0.14),
                new("s_runs", 0.65, 0.08),
                new("s_wrinkle", 0.55, 0.05),
                new("s_mudcrack", 0.35, 0.03),
                new("s_soft", 0.45, 0.06),
                new("s_pinhole", 0.20, 0.05),
            ],
            "cut back wrinkle/run after 7-14 d; thin coats",
            "film no thicker than the product allows; hard",
            Source.Practice
        ),
        new(
            "c_layer_load",
            "too many old layers, stressed build-up",
            [4, 3, 6, 2, 1, 0],
            [
                new("s_thick", 0.92, 0.14),
                new("s_allig", 0.45, 0.05),
                new("s_flakes", 0.60, 0.25),
                new("s_plane_in", 0.45, 0.15),
                new("s_years", 0.75, 0.35),
                new("s_crack_grain", 0.30, 0.08),
                new("s_plane_base", 0.45, 0.40),
            ],
            "strip to the substrate, by a lead-safe method",
            "bare and sound; primer as for the substrate",
            Source.Practice
        ),
        new(
            "c_incompat",
            "incompatible layers (strong solvent, hard on soft)",
            [2, 2, 4, 4, 2, 2],
            [
                new("s_lift_now", 0.55, 0.03),
                new("s_solv_swell", 0.75, 0.15),
                new("s_wrinkle", 0.45, 0.05),
                new("s_allig", 0.35, 0.05),
                new("s_plane_inter", 0.70, 0.25),
                new("s_days", 0.45, 0.12),
            ],
            "remove upper (and swelled) layer; isolator or same family",
            "patch 24 h no lift; cross-cut class 1 or better",
            Source.Practice
        ),
        new(
            "c_distemper",
            "soft distemper or limewash left in place",
            [6, 3, 0, 0, 0, 0],
            [
                new("s_back_distemper", 0.92, 0.05),
                new("s_back_powder", 0.75, 0.12),
                new("s_sheets", 0.75, 0.20),
                new("s_plane_in", 0.50, 0.15),
                new("s_tape_bad", 0.90, 0.25),
                new("s_years", 0.35, 0.35),
                new("s_all_over", 0.65, 0.20),
            ],
            "wash the distemper off to base, residue stabilise thin",
            "wet-finger test clean; chalk at most 1",
            Source.Practice
        ),
        new(
            "c_uv",
            "UV and weather wear-out",
            [0, 6, 7, 4, 3, 3],
            [
                new("s_dull_even", 0.90, 0.14),
                new("s_sunny", 0.75, 0.15),
                new("s_years", 0.80, 0.35),
                new("s_chalky", 0.60, 0.15),
                new("s_thin", 0.45, 0.10),
                new("s_all_over", 0.50, 0.20),
            ],
            "prep, restore build; more UV-stable class, paler",
            "chalk at most 1; grey wood removed",
            Source.Practice
        ),
        new(
            "c_timber_move",
            "timber movement breaks film",
            [0, 0, 8, 0, 0, 0],
            [
                new("s_crack_grain", 0.88, 0.08),
                new("s_open_joint", 0.60, 0.12),
                new("s_flakes", 0.55, 0.25),
                new("s_winter", 0.15, 0.10),
                new("s_sunny", 0.45, 0.15),
                new("s_years", 0.45, 0.35),
            ],
            "refix, flexible filler, lower-rigidity system",
            "moisture content at most 16; joint sealed",
            Source.Standard("EN 927-1", Confidence.Usual)
        ),
        new(
            "c_endgrain",
            "water enters end grain/open joints",
            [0, 0, 8, 0, 0, 0],
            [
                new("s_end_first", 0.90, 0.10),
                new("s_open_joint", 0.80, 0.12),
                new("s_mc20", 0.65, 0.12),
                new("s_after_rain", 0.40, 0.10),
                new("s_back_fibre", 0.35, 0.07),
                new("s_wd_soft", 0.35, 0.07),
            ],
            "open, dry, seal end grain two or three times, fill joints",
            "moisture content at most 16 at joint; joints closed",
            Source.Practice
        ),
        new(
            "c_rot",
            "decay under film",
            [0, 0, 5, 0, 0, 0],
            [new("s_wd_soft", 0.95, 0.07), new("s_mc20", 0.75, 0.12), new("s_end_first", 0.60, 0.10), new("s_open_joint", 0.65, 0.12), new("s_crk_line", 0.15, 0.12)],
            "fix water; splice/consolidate; replace if >30 % section or structural",
            "moisture content at most 18; sound wood to probe at most 1 mm",
            Source.Usual
        ),
        new(
            "c_green_wood",
            "painted over limit moisture content",
            [0, 0, 4, 0, 0, 0],
            [
                new("s_mc20", 0.75, 0.12),
                new("s_new_work", 0.60, 0.12),
                new("s_blist_wet", 0.35, 0.08),
                new("s_months", 0.70, 0.30),
                new("s_crack_grain", 0.40, 0.08),
                new("s_back_fibre", 0.10, 0.07),
            ],
            "strip blisters, wait, prime",
            "moisture content in the range for the wood",
            Source.Standard("BS 6150")
        ),
        new(
            "c_weathered_wd",
            "painted over grey weathered wood",
            [0, 0, 5, 0, 0, 0],
            [
                new("s_back_fibre", 0.88, 0.07),
                new("s_grey_wd", 0.85, 0.06),
                new("s_plane_base", 0.90, 0.40),
                new("s_sheets", 0.45, 0.20),
                new("s_tape_bad", 0.85, 0.25),
                new("s_sunny", 0.50, 0.15),
            ],
            "sand to bright; or binding sealer after removal of fibre",
            "tape pull fibre at most 1",
            Source.Practice
        ),
        new(
            "c_live_crack",
            "live structural or thermal movement",
            [4, 5, 1, 0, 0, 1],
            [
                new("s_crk_line", 0.75, 0.12),
                new("s_crk_move", 0.85, 0.04),
                new("s_crk_taper", 0.35, 0.03),
                new("s_returns", 0.30, 0.08),
                new("s_years", 0.30, 0.35),
                new("s_local", 0.95, 0.40),
            ],
            "refer if band at least 3 or tapered; else movement joint, tape, flexible",
            "movement at most 0.2 mm/season or sealant with 25 % capability",
            Source.Standard("BRE Digest 251, ISO 11600", Confidence.Usual)
        ),
        new(
            "c_shrink_crack",
            "one-off drying shrinkage crack",
            [6, 5, 2, 0, 0, 1],
            [
                new("s_crk_map", 0.50, 0.07),
                new("s_crk_line", 0.50, 0.12),
                new("s_crk_move", 0.05, 0.04),
                new("s_new_work", 0.60, 0.12),
                new("s_months", 0.65, 0.30),
                new("s_hollow", 0.15, 0.08),
            ],
            "rake out V-cut, fill, tape if joint",
            "steady 3 months",
            Source.Usual
        ),
        new(
            "c_hot",
            "service heat over paint limit",
            [1, 0, 1, 4, 2, 1],
            [
                new("s_hot", 0.95, 0.06),
                new("s_soft", 0.15, 0.06),
                new("s_bloom", 0.10, 0.06),
                new("s_flakes", 0.45, 0.25),
                new("s_local", 0.90, 0.40),
                new("s_blist_dry", 0.40, 0.12),
            ],
            "heat-rated product; insulate; service below limit",
            "service temperature at most product limit - 20",
            Source.Practice
        ),
        new(
            "c_edge_thin",
            "poor edge thickness",
            [0, 0, 3, 6, 2, 0],
            [
                new("s_rust_edge", 0.85, 0.07),
                new("s_thin", 0.60, 0.10),
                new("s_end_first", 0.15, 0.10),
                new("s_rust", 0.75, 0.08),
                new("s_local", 0.80, 0.40),
                new("s_flakes", 0.30, 0.25),
            ],
            "round the edges radius at least 2 mm; stripe coat brush each coat",
            "stripe coat on all edges, film as specified",
            Source.Standard("ISO 12944-5")
        ),
        new(
            "c_caulk_early",
            "caulk painted too early or too rigid paint on it",
            [4, 2, 4, 0, 0, 3],
            [new("s_caulk", 0.95, 0.06), new("s_days", 0.55, 0.12), new("s_local", 0.95, 0.40), new("s_crk_line", 0.40, 0.12)],
            "cut out, renew paint-on grade (movement 12.5-25 %); wait",
            "skin + 24 h (acrylic 4-24; hybrid 24-48)",
            Source.Standard("ISO 11600", Confidence.Usual)
        ),
        new(
            "c_silicone",
            "silicone contamination",
            [1, 0, 2, 1, 1, 5],
            [new("s_silicone", 0.90, 0.03), new("s_crater", 0.65, 0.04), new("s_kitchen", 0.45, 0.10), new("s_local", 0.90, 0.40), new("s_days", 0.75, 0.12)],
            "cut out, solvent wipe multi-cloth, abrade, shellac spot",
            "a test dab does not crawl",
            Source.Practice
        ),
        new(
            "c_dust",
            "dust left before coat",
            [4, 3, 4, 3, 2, 1],
            [
                new("s_back_dust", 0.85, 0.06),
                new("s_plane_inter", 0.55, 0.25),
                new("s_tape_bad", 0.60, 0.25),
                new("s_local", 0.45, 0.40),
                new("s_months", 0.50, 0.30),
                new("s_pinhole", 0.05, 0.05),
            ],
            "wash back loose, vacuum",
            "dust class 2 or better",
            Source.Standard("ISO 8502-3")
        ),
        new(
            "c_nails",
            "fixing heads rust through",
            [3, 1, 5, 0, 0, 0],
            [new("s_nail", 0.95, 0.04), new("s_rust", 0.85, 0.08), new("s_local", 0.92, 0.40), new("s_after_rain", 0.25, 0.10), new("s_damp_high", 0.25, 0.22)],
            "punch, zinc-phosphate spot, fill; stainless outside",
            "no bright metal unprimed",
            Source.Practice
        ),
        new(
            "c_dense_on_breathing",
            "vapour-tight film on wall that must breathe",
            [4, 6, 0, 0, 0, 1],
            [
                new("s_imperm", 0.92, 0.08),
                new("s_damp_high", 0.65, 0.22),
                new("s_blist_wet", 0.35, 0.08),
                new("s_sheet_back", 0.60, 0.12),
                new("s_pl_soft", 0.35, 0.05),
                new("s_plane_base", 0.65, 0.40),
                new("s_spall", 0.20, 0.03),
            ],
            "strip all dense film/cement; lime repair; mineral/limewash",
            "readings falling; vapour resistance of the system at most 0.1 m",
            Source.Practice
        ),
        new(
            "c_fill_unprimed",
            "filler/repair not spot-primed",
            [6, 2, 3, 0, 0, 0],
            [new("s_flash", 0.92, 0.08), new("s_local", 0.92, 0.40), new("s_days", 0.75, 0.12), new("s_tape_bad", 0.15, 0.25), new("s_shows", 0.25, 0.07)],
            "sand flush, spot-prime once or twice",
            "no sheen change at 2 m grazing",
            Source.Practice
        ),
        new(
            "c_thin_film",
            "too thin, too few coats, overspread",
            [4, 4, 4, 5, 2, 2],
            [
                new("s_thin", 0.85, 0.10),
                new("s_shows", 0.65, 0.07),
                new("s_thinned", 0.40, 0.06),
                new("s_dull_even", 0.25, 0.14),
                new("s_months", 0.35, 0.30),
                new("s_rust", 0.20, 0.08),
            ],
            "key, then add coats",
            "contrast ratio at least 0.98; film as specified",
            Source.Practice
        ),
        new(
            "c_weak_plaster",
            "dead or hollow plaster under film",
            [4, 4, 0, 0, 0, 2],
            [
                new("s_hollow", 0.88, 0.08),
                new("s_pl_soft", 0.60, 0.05),
                new("s_plane_in", 0.75, 0.15),
                new("s_back_powder", 0.55, 0.12),
                new("s_crk_map", 0.30, 0.07),
                new("s_years", 0.50, 0.35),
            ],
            "hack off hollow, patch; or consolidate lime keys",
            "tap sound; cured as new plaster",
            Source.Practice
        ),
        new(
            "c_paste",
            "wallpaper paste or starch residue",
            [3, 0, 0, 0, 0, 0],
            [
                new("s_paste", 0.95, 0.03),
                new("s_flakes", 0.65, 0.25),
                new("s_crk_map", 0.40, 0.07),
                new("s_months", 0.60, 0.30),
                new("s_plane_inter", 0.50, 0.25),
                new("s_days", 0.30, 0.12),
            ],
            "wash hot water till iodine negative; rinse; seal",
            "iodine yellow (no blue)",
            Source.Practice
        ),
        new(
            "c_bitumen",
            "bitumen/tar bleed or slip",
            [0, 1, 1, 2, 0, 0],
            [
                new("s_black_under", 0.95, 0.02),
                new("s_returns", 0.75, 0.08),
                new("s_allig", 0.55, 0.05),
                new("s_soft", 0.40, 0.06),
                new("s_sunny", 0.35, 0.15),
                new("s_solv_swell", 0.70, 0.15),
            ],
            "scrape/chill; isolator twice; flexible waterborne",
            "48 h no brown",
            Source.Practice
        ),
        new(
            "c_surfactant",
            "surfactant leach from young waterborne",
            [1, 3, 2, 0, 1, 1],
            [new("s_snail", 0.95, 0.02), new("s_days", 0.75, 0.12), new("s_cold_log", 0.45, 0.08), new("s_rh_hi", 0.40, 0.15), new("s_local", 0.50, 0.40)],
            "rinse 1-3 times after 24 h, no repaint if gone",
            "dry weather/heat for first 24 h",
            Source.Practice
        ),
        new(
            "c_wear",
            "mechanical wear or harsh cleaning",
            [5, 1, 5, 2, 2, 4],
            [new("s_wear", 0.95, 0.08), new("s_local", 0.90, 0.40), new("s_years", 0.45, 0.35), new("s_thin", 0.35, 0.10), new("s_kitchen", 0.40, 0.10)],
            "clean, prime bare, harder class",
            "as surface",
            Source.Practice
        ),
        new(
            "c_bad_mix",
            "wrong, unstirred, over-thinned, expired or wrong-ratio product",
            [2, 2, 3, 3, 2, 3],
            [
                new("s_thinned", 0.85, 0.06),
                new("s_soft", 0.45, 0.06),
                new("s_shows", 0.35, 0.07),
                new("s_all_over", 0.65, 0.20),
                new("s_days", 0.55, 0.12),
                new("s_flash", 0.25, 0.08),
            ],
            "strip if soft, right product, stir; 2K ratio by volume",
            "hard in cure time",
            Source.Practice
        ),
        new(
            "c_paper_loose",
            "lining/wallpaper seam or old paper under paint fails",
            [5, 0, 0, 0, 0, 0],
            [new("s_local", 0.70, 0.40), new("s_plane_in", 0.60, 0.15), new("s_sheets", 0.45, 0.20), new("s_blist_dry", 0.60, 0.12), new("s_days", 0.40, 0.12)],
            "strip paper (steam) or re-stick seams; remove paste",
            "see paste cure",
            Source.Practice
        ),
    ];

    private static readonly FrozenDictionary<string, Cause> ById = All.ToFrozenDictionary(c => c.Id);

    /// <summary>The cause with this id, or null.</summary>
    public static Cause? Find(string id) => ById.GetValueOrDefault(id);
}
