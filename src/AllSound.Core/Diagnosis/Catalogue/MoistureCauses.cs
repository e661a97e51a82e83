using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Diagnosis.Catalogue;

/// <summary>Causes of failure that lie in the ways of moisture other than leaks: bridges, condensation, salts that draw water, building moisture. Weights as in <see cref="Causes"/>.</summary>
internal static class MoistureCauses
{
    public static readonly ImmutableArray<Cause> All =
    [
        new(
            "c_bridged",
            "damp course bridged by ground, paving or render",
            [2, 3, 0, 0, 0, 0],
            [
                new("s_bridged", 0.95),
                new("s_damp_low_grad", 0.75),
                new("s_damp_high", 0.85),
                new("s_tide", 0.40),
                new("s_salt_pos", 0.45),
                new("s_after_rain", 0.30),
                new("s_plane_base", 0.60),
                new("s_local", 0.65),
            ],
            "lower the ground to 150 mm below the damp course, or cut the render back to it; let dry",
            "150 mm clear all along; readings falling three weeks running",
            Source.Standard("BS 8215", Confidence.Usual)
        )
        {
            Implies = [Implied.WaterComingIn],
        },
        new(
            "c_condensation",
            "condensation running down a cold face",
            [3, 0, 4, 1, 1, 3],
            [
                new("s_run_glass", 0.95),
                new("s_winter", 0.75),
                new("s_dew_lo", 0.65),
                new("s_rh_hi", 0.65),
                new("s_no_vent", 0.65),
                new("s_sheet_room", 0.65),
                new("s_sheet_back", 0.06),
                new("s_after_rain", 0.04),
                new("s_damp_top", 0.04),
                new("s_sunny", 0.08),
                new("s_local", 0.65),
            ],
            "ventilate and heat; wipe the glass; open joints sealed and bare wood primed once dry",
            "room at 60 % humidity or less (65 at most); wood 18 % or less",
            Source.Standard("BS 5250", Confidence.Usual)
        )
        {
            Implies = [Implied.DampAir],
            Manner = "The water comes from the room: vents open, steady heat, glass wiped on cold mornings; paint laps 2 mm on to the glass so that none gets behind it.",
        },
        new(
            "c_hygroscopic",
            "salts in the wall that draw water from the air",
            [3, 1, 0, 0, 0, 0],
            [
                new("s_weather_patch", 0.85),
                new("s_flue", 0.55),
                new("s_salt_pos", 0.85),
                new("s_damp_high", 0.60),
                new("s_sheet_back", 0.06),
                new("s_crystals", 0.20),
                new("s_returns", 0.55),
                new("s_local", 0.85),
            ],
            "vent and cap a disused flue; salt-laden plaster off and renewed on a salt-proof backing; no sealing over",
            "salt strip low on the new face; no patch through a wet week",
            Source.Usual
        )
        {
            Implies = [Implied.Salts],
            Manner = "A reading goes by salts as well as by water: it is proved by weighing a sample, or by a wet week after the cure.",
        },
        new(
            "c_not_dry",
            "painted before plaster, screed or render had dried",
            [4, 4, 0, 0, 0, 1],
            [
                new("s_new_work", 0.92),
                new("s_damp_high", 0.75),
                new("s_sheet_back", 0.65),
                new("s_blist_wet", 0.45),
                new("s_months", 0.70),
                new("s_all_over", 0.55),
                new("s_crystals", 0.35),
                new("s_ph_high", 0.45),
                new("s_after_rain", 0.05),
                new("s_tape_bad", 0.60),
            ],
            "weak film off; let it dry with air and mild heat; mist coat or sealer, vapour-open paint",
            "75 % equilibrium humidity or less, or vapour-open paint only",
            Source.Standard("BS 6150", Confidence.Usual)
        )
        {
            Implies = [Implied.StillDrying],
        },
        new(
            "c_floor_moisture",
            "moisture rising through a floor without a membrane",
            [0, 4, 1, 0, 0, 1],
            [
                new("s_floor_ground", 0.90),
                new("s_sheet_back", 0.88),
                new("s_damp_high", 0.75),
                new("s_blist_wet", 0.45),
                new("s_ph_high", 0.50),
                new("s_plane_base", 0.75),
                new("s_tape_bad", 0.70),
                new("s_damp_top", 0.05),
            ],
            "a surface membrane laid by a flooring firm, or no film: a vapour-open treatment or none",
            "75 % equilibrium humidity or less over three days under a sealed box, or the membrane maker's limit",
            Source.Standard("BS 8203", Confidence.Usual)
        )
        {
            Implies = [Implied.WaterComingIn],
        },
        new(
            "c_steel_within",
            "steel within the masonry rusts and bursts its face",
            [0, 3, 0, 0, 0, 0],
            [new("s_spall_steel", 0.95), new("s_spall", 0.35), new("s_rust", 0.75), new("s_hollow", 0.60), new("s_crk_line", 0.45), new("s_years", 0.60)],
            "concrete repair: cut out behind the steel, clean and coat it, repair mortar; cause (cover, chlorides) first",
            "sound to the hammer; alkaline to the depth of the steel",
            Source.Standard("EN 1504", Confidence.Usual)
        )
        {
            Implies = [Implied.Hollow],
            Manner = "Paint does not stop it: the steel is cut free, cleaned, coated and bedded in repair mortar first.",
        },
    ];
}
