using System.Collections.Frozen;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>What a sign that is present says outright about the condition, where no fact was stated.</summary>
internal static class SignFacts
{
    private static readonly FrozenDictionary<string, Func<Facts, SignSeen, Facts>> BySign = new Dictionary<string, Func<Facts, SignSeen, Facts>>
    {
        ["s_damp_high"] = (f, _) => f.Wettest(Moisture.Damp) with { DampSource = f.DampSource ?? DampSource.Open },
        ["s_mc20"] = (f, _) => f.Wettest(Moisture.Damp) with { DampSource = f.DampSource ?? DampSource.Open },
        ["s_ring"] = (f, s) => f with { WaterStainShare = f.WaterStainShare ?? Share(s, 0.02) },
        ["s_tide"] = (f, s) => f with { WaterStainShare = f.WaterStainShare ?? Share(s, 0.05) },
        ["s_sheets"] = (f, s) => f with { LooseShare = f.LooseShare ?? s.Share },
        ["s_flakes"] = (f, s) => f with { LooseShare = f.LooseShare ?? s.Share },
        ["s_wear"] = (f, s) => f with { BareShare = f.BareShare ?? s.Share },
        ["s_over_knot"] = (f, _) => f with { Knots = f.Knots ?? 1 },
        ["s_black_spots"] = (f, s) =>
            f with
            {
                Mould = f.Mould ?? true,
                MouldSource = f.MouldSource ?? DampSource.Open,
                MouldShare = f.MouldShare ?? (s.Measure is null && s.Share is null ? null : Share(s, 0)),
            },
        ["s_tar"] = (f, s) => f with { Tar = f.Tar ?? true, TarShare = f.TarShare ?? s.Share },
        ["s_crystals"] = (f, s) => f with { Salts = f.Salts ?? true, SaltShare = f.SaltShare ?? s.Share, DampSource = f.DampSource ?? DampSource.Open },
        ["s_wd_soft"] = (f, _) => f with { Rot = f.Rot ?? true },
        ["s_rust"] = (f, s) => f with { Rust = f.Rust ?? (s.Share > 0.01 ? Rust.Heavy : Rust.Light) },
        ["s_scale"] = (f, _) => f with { Rust = f.Rust is null or Rust.None or Rust.Light or Rust.Heavy ? Rust.Scale : f.Rust },
        ["s_rust_edge"] = (f, _) => f with { SharpEdges = f.SharpEdges ?? true },
        ["s_hollow"] = (f, _) => f with { Hollow = f.Hollow ?? true },
        ["s_crk_move"] = (f, _) => f with { LiveCrack = f.LiveCrack ?? true },
        ["s_silicone"] = (f, _) => f with { Silicone = f.Silicone ?? true },
        ["s_grease"] = (f, _) => f with { Soil = f.Soil ?? Soil.Greasy },
        ["s_back_powder"] = (f, _) => f with { Powdery = f.Powdery ?? true },
        ["s_chalky"] = (f, _) => f with { Powdery = f.Powdery ?? true },
        ["s_ph_high"] = (f, _) => f with { Ph = f.Ph ?? 11 },
        ["s_grey_wd"] = (f, _) => f with { GreyWood = f.GreyWood ?? true },
        ["s_back_fibre"] = (f, _) => f with { GreyWood = f.GreyWood ?? true },
        ["s_runs"] = (f, _) => f with { Lumps = f.Lumps ?? true },
        ["s_wrinkle"] = (f, _) => f with { Lumps = f.Lumps ?? true },

        ["s_green_slick"] = (f, s) => f with { Mould = f.Mould ?? true, MouldSource = f.MouldSource ?? DampSource.None, MouldShare = f.MouldShare ?? s.Share },
        ["s_soft"] = (f, _) => f with { SoftFilm = f.SoftFilm ?? true },
        ["s_nail"] = (f, _) => f with { RustyNails = f.RustyNails ?? true },
        ["s_joint_streak"] = (f, _) => f with { Tannin = f.Tannin ?? true },
        ["s_paste"] = (f, _) => f with { OnFace = f.OnFace ?? OnFace.Paste },
        ["s_pl_soft"] = (f, _) => f with { Powdery = f.Powdery ?? true },

        // Defects say how much of the face, where the survey stated nothing.
        ["d_peel"] = (f, s) => f with { LooseShare = f.LooseShare ?? Share(s, 0.1) },
        ["d_flake"] = (f, s) => f with { LooseShare = f.LooseShare ?? Share(s, 0.05) },
        ["d_rust_spot"] = (f, s) => f with { Rust = f.Rust ?? (s.Measure > 1 ? Rust.Heavy : Rust.Light) },
        ["d_rust_creep"] = (f, _) => f with { Rust = f.Rust is null or Rust.None or Rust.Light ? Rust.Heavy : f.Rust },
        ["d_pack_rust"] = (f, _) => f with { Rust = Rust.Scale },
        ["d_white_rust"] = (f, _) => f with { Salts = f.Salts ?? true },
        ["d_edge_thin"] = (f, _) => f with { SharpEdges = f.SharpEdges ?? true },
        ["d_paper_lift"] = (f, _) => f with { LoosePaper = f.LoosePaper ?? true },
        ["d_algae"] = (f, _) => f with { Mould = f.Mould ?? true, MouldSource = f.MouldSource ?? DampSource.None },
        ["d_waterstain"] = (f, s) => f with { WaterStainShare = f.WaterStainShare ?? Share(s, 0.02) },
        ["d_brush"] = (f, _) => f with { Lumps = f.Lumps ?? true },
        ["d_grain_raise"] = (f, _) => f with { GreyWood = f.GreyWood ?? true },
        ["d_dye_bleed"] = (f, _) => f with { Ink = f.Ink ?? true },
        ["d_crack_str"] = (f, s) => s.Measure > 5 ? f with { LiveCrack = f.LiveCrack ?? true } : f with { FillShare = f.FillShare ?? 0.01 },
        ["d_mould"] = (f, s) =>
            f with
            {
                Mould = f.Mould ?? true,
                MouldSource = f.MouldSource ?? DampSource.Open,
                MouldShare = f.MouldShare ?? (s.Measure is null && s.Share is null ? null : Share(s, 0)),
            },
        ["d_effl"] = (f, s) => f with { Salts = f.Salts ?? true, SaltShare = f.SaltShare ?? s.Share, DampSource = f.DampSource ?? DampSource.Open },
        ["d_chalk"] = (f, _) => f with { Powdery = f.Powdery ?? true },
        ["d_rot"] = (f, _) => f with { Rot = f.Rot ?? true },
        ["d_hollow"] = (f, _) => f with { Hollow = f.Hollow ?? true },
        ["d_tannin"] = (f, _) => f with { Tannin = f.Tannin ?? true },
        ["d_resin"] = (f, _) => f with { Knots = f.Knots ?? 1 },
        ["d_knot_ring"] = (f, _) => f with { Knots = f.Knots ?? 1 },
        ["d_tar_bleed"] = (f, s) => f with { Tar = f.Tar ?? true, TarShare = f.TarShare ?? s.Share },
        ["d_tacky"] = (f, _) => f with { SoftFilm = f.SoftFilm ?? true },
        ["d_run"] = (f, _) => f with { Lumps = f.Lumps ?? true },
        ["d_wrinkle"] = (f, _) => f with { Lumps = f.Lumps ?? true },
        ["d_bits"] = (f, _) => f with { Lumps = f.Lumps ?? true },
        ["d_blister"] = (f, s) => f with { LooseShare = f.LooseShare ?? Share(s, 0.05) },
        ["d_intercoat"] = (f, s) => f with { LooseShare = f.LooseShare ?? Share(s, 0.1) },
        ["d_ghost"] = (f, _) => f with { Soil = f.Soil ?? Soil.Sooty },
        ["d_joint_band"] = (f, _) => f with { FillShare = f.FillShare ?? 0.02 },
        ["d_open_joint"] = (f, s) => f with { JointWidthMm = f.JointWidthMm ?? s.Measure ?? 2 },
        ["d_caulk_split"] = (f, s) => f with { JointWidthMm = f.JointWidthMm ?? s.Measure ?? 3, JointMoves = f.JointMoves ?? true },
        ["d_crazing_pl"] = (f, s) => s.Measure >= 0.2 ? f with { FillShare = f.FillShare ?? 0.02 } : f,
    }.ToFrozenDictionary();

    /// <summary>Facts with what the signs and checks add.</summary>
    public static Facts Read(Surface surface)
    {
        var facts = surface.Facts;
        if (surface.Layers?.Any(l => ExistingCoatings.Find(l.Coating)?.Value == Film.NicotineFilm) ?? false)
        {
            facts = facts with { Tar = facts.Tar ?? true };
        }

        foreach (var sign in surface.Signs)
        {
            if (sign.Present && BySign.TryGetValue(sign.Sign, out var says))
            {
                facts = says(facts, sign);
            }
        }

        foreach (var shown in Observations.ShownBy(surface.Signs))
        {
            if (shown.Present && BySign.TryGetValue(shown.Sign, out var says))
            {
                facts = says(facts, shown);
            }
        }

        // Of moisture the wettest that was said or read stands; of other checks the last.
        foreach (var reading in surface.Readings)
        {
            if (Checks.Find(reading.Check) is { } check)
            {
                facts =
                    reading.Outcome is { } outcome ? check.Find(outcome)?.Apply(facts) ?? facts
                    : reading.Value is { } value && check.InOwnUnit(value, reading.Unit) is { } read ? check.Read?.Invoke(facts, read) ?? facts
                    : facts;
            }
        }

        return facts;
    }

    // A share in percent, where it was measured.
    private static double Share(SignSeen sign, double otherwise) =>
        sign.Share is { } share ? Math.Clamp(share, 0, 1)
        : sign.Measure is { } m ? Math.Clamp(m / 100, 0, 1)
        : otherwise;
}
