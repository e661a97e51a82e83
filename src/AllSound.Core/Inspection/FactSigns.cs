using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Inspection;

/// <summary>
/// What a recorded fact shows as a sign, so that a thing counts alike for the causes whether it was recorded as a fact or as a sign: "mould: yes"
/// is grouped black spots seen, "mould: no" is spots looked for and not seen.
/// </summary>
internal static class FactSigns
{
    private static readonly ImmutableArray<(string Sign, Func<Facts, bool?> Seen)> Rows =
    [
        ("s_black_spots", f => f.Mould),
        ("s_crystals", f => f.Salts),
        ("s_damp_high", f => f.Moisture is { } m ? m >= Moisture.Damp : null),
        ("s_ring", f => f.WaterStainShare is { } share ? share > 0 : null),
        ("s_tar", f => f.Tar),
        ("s_over_knot", f => f.Knots is 0 ? false : null),
        ("s_grease", f => f.Soil is { } soil ? soil == Soil.Greasy : null),
        ("s_silicone", f => f.Silicone),
        ("s_ph_high", f => f.Ph is { } ph ? ph >= 10 : null),
        ("s_chalky", f => f.Powdery),
        ("s_hollow", f => f.Hollow),
        ("s_wd_soft", f => f.Rot),
        ("s_grey_wd", f => f.GreyWood),
        ("s_crk_move", f => f.LiveCrack),
        ("s_rust", f => f.Rust is { } rust ? rust is not (Rust.None or Rust.Converted) : null),
        ("s_scale", f => f.Rust == Rust.Scale ? true : null),
        ("s_open_joint", f => f.OpenJointM is { } joint ? joint > 0 : null),
        ("s_soft", f => f.SoftFilm),
        ("s_flash", f => f.UnprimedFiller),
        ("s_nail", f => f.RustyNails),
        ("s_joint_streak", f => f.Tannin == true ? true : null),
        ("s_paste", f => f.OnFace == OnFace.Paste ? true : null),
        ("s_runs", f => f.Lumps == false ? false : null),
    ];

    /// <summary>Signs that recorded facts show.</summary>
    public static IEnumerable<SignSeen> ShownBy(Facts facts)
    {
        foreach (var (sign, seen) in Rows)
        {
            if (seen(facts) is { } present)
            {
                yield return new SignSeen { Sign = sign, Present = present };
            }
        }
    }
}
