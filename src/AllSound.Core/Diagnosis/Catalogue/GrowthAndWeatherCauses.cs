using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Diagnosis.Catalogue;

/// <summary>Causes of failure that lie in growth, weather, heat and movement. Weights as in <see cref="Causes"/>.</summary>
internal static class GrowthAndWeatherCauses
{
    public static readonly ImmutableArray<Cause> All =
    [
        new(
            "c_cond_mould",
            "condensation and mould",
            [7, 1, 3, 1, 0, 4],
            [
                new("s_black_spots", 0.92),
                new("s_bleach_ok", 0.90),
                new("s_winter", 0.75),
                new("s_no_vent", 0.75),
                new("s_rh_hi", 0.65),
                new("s_dew_lo", 0.55),
                new("s_sheet_room", 0.55),
                new("s_sheet_back", 0.08),
            ],
            "ventilate, insulate/heat; kill mould and wash",
            "humidity at most 60 (65 max) with ventilation; spots not back 14 d",
            Source.Standard("BS 5250", Confidence.Usual)
        )
        {
            Implies = [Implied.Mould, Implied.DampAir],
        },
        new(
            "c_algae",
            "algae or lichen outside",
            [0, 5, 3, 0, 1, 1],
            [new("s_green_slick", 0.92), new("s_after_rain", 0.40), new("s_sunny", 0.05), new("s_bleach_ok", 0.60)],
            "cut drips/shade; biocide",
            "dead 24-48 h (7 d), brushed, dry",
            Source.Practice
        )
        {
            Implies = [Implied.Growth],
        },
        new(
            "c_dewpoint",
            "painted on dew, or too near the dew point",
            [2, 2, 3, 5, 4, 3],
            [
                new("s_cold_log", 0.80),
                new("s_bloom", 0.55),
                new("s_months", 0.65),
                new("s_blist_dry", 0.25),
                new("s_plane_inter", 0.50),
                new("s_tape_bad", 0.70),
                new("s_back_gloss", 0.15),
            ],
            "strip weak; recoat only with a dew margin of 3 K or more",
            "dew log start, mid, end",
            Source.Standard("ISO 8502-4")
        )
        {
            Implies = [Implied.Loose],
            Manner = "Each coat waits until the face is 3 K above the dew point and stays so: read at the start, midway and at the end.",
        },
        new(
            "c_cold_film",
            "applied too cold, poor film formation",
            [2, 3, 3, 3, 2, 2],
            [new("s_cold_log", 0.85), new("s_mudcrack", 0.25), new("s_soft", 0.40), new("s_bloom", 0.40), new("s_days", 0.45), new("s_crk_map", 0.20)],
            "strip or key; recoat at least 10 °C",
            "surface 2 K or more above the product's least temperature until touch dry",
            Source.Practice
        )
        {
            Manner = "Nothing is laid below 10 °C at the face, the night after it included; what stayed soft comes off.",
        },
        new(
            "c_uv",
            "UV and weather wear-out",
            [0, 6, 7, 4, 3, 3],
            [
                new("s_dull_even", 0.90),
                new("s_sunny", 0.75),
                new("s_years", 0.80),
                new("s_chalky", 0.60),
                new("s_thin", 0.45),
                new("s_all_over", 0.50),
                new("s_flakes", 0.45),
            ],
            "prep, restore build; more UV-stable class, paler",
            "chalk at most 1; grey wood removed",
            Source.Practice
        )
        {
            Manner = "The film is worn out: keyed, made good and built up again; a paler, more weatherproof finish lasts longer.",
        },
        new(
            "c_hot",
            "service heat over paint limit",
            [1, 0, 1, 6, 2, 1],
            [new("s_hot", 0.95), new("s_soft", 0.15), new("s_bloom", 0.10), new("s_flakes", 0.45), new("s_local", 0.90), new("s_blist_dry", 0.40)],
            "heat-rated product; insulate; service below limit",
            "service temperature at most product limit - 20",
            Source.Practice
        )
        {
            Implies = [Implied.Heat],
        },
        new(
            "c_live_crack",
            "live structural or thermal movement",
            [4, 5, 1, 0, 0, 1],
            [new("s_crk_line", 0.75), new("s_crk_move", 0.85), new("s_crk_taper", 0.35), new("s_returns", 0.30), new("s_years", 0.30), new("s_local", 0.95)],
            "refer if band at least 3 or tapered; else movement joint, tape, flexible",
            "movement at most 0.2 mm/season or sealant with 25 % capability",
            Source.Standard("BRE Digest 251, ISO 11600", Confidence.Usual)
        )
        {
            Implies = [Implied.Moves],
        },
        new(
            "c_shrink_crack",
            "one-off drying shrinkage crack",
            [6, 5, 2, 0, 0, 1],
            [new("s_crk_map", 0.50), new("s_crk_line", 0.50), new("s_crk_move", 0.05), new("s_new_work", 0.60), new("s_months", 0.65), new("s_hollow", 0.15)],
            "rake out V-cut, fill, tape if joint",
            "steady 3 months",
            Source.Usual
        )
        {
            Implies = [Implied.Cracked],
        },
        new(
            "c_surfactant",
            "soluble parts of young waterborne paint come out with dew",
            [1, 3, 2, 0, 1, 1],
            [new("s_snail", 0.95), new("s_days", 0.75), new("s_cold_log", 0.45), new("s_rh_hi", 0.40), new("s_local", 0.50)],
            "rinse 1-3 times after 24 h, no repaint if gone",
            "dry weather/heat for first 24 h",
            Source.Practice
        )
        {
            Manner = "Rinse it off after a day, once to three times; it needs no new paint where it goes. New coats have dry weather or heat for their first day.",
        },
        new(
            "c_wear",
            "mechanical wear or harsh cleaning",
            [5, 1, 5, 2, 2, 4],
            [new("s_wear", 0.95), new("s_local", 0.90), new("s_years", 0.45), new("s_thin", 0.35), new("s_kitchen", 0.40)],
            "clean, prime bare, harder class",
            "as surface",
            Source.Practice
        )
        {
            Manner = "It is cleaned, made good and finished in a harder class where the brief allows it.",
        },
    ];
}
