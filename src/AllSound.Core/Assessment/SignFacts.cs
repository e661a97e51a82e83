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
        ["s_pop"] = (f, _) => f with { LooseFixings = f.LooseFixings ?? true },
        ["s_mc20"] = (f, _) => f.Wettest(Moisture.Damp) with { DampSource = f.DampSource ?? DampSource.Open },
        ["s_ring"] = (f, s) => f with { WaterStainShare = f.WaterStainShare ?? Share(s, 0.02) },
        ["s_end_first"] = (f, _) => f with { OpenEndGrain = f.OpenEndGrain ?? true },
        ["s_tide"] = (f, s) => f with { WaterStainShare = f.WaterStainShare ?? Share(s, 0.05) },
        ["s_sheets"] = (f, s) => f with { LooseShare = f.LooseShare ?? s.Share },
        ["s_flakes"] = (f, s) => f with { LooseShare = f.LooseShare ?? s.Share },
        ["s_wear"] = (f, s) => f with { BareShare = f.BareShare ?? s.Share },
        ["s_over_knot"] = Knotty,
        ["s_black_spots"] = Mouldy,
        ["s_tar"] = Tarry,
        ["s_crystals"] = Salty,
        ["s_wd_soft"] = Decayed,
        ["s_rust"] = (f, s) => f with { Rust = f.Rust ?? (s.Share > 0.01 ? Rust.Heavy : Rust.Light) },
        ["s_scale"] = (f, _) => f with { Rust = f.Rust is null or Rust.None or Rust.Light or Rust.Heavy ? Rust.Scale : f.Rust },
        ["s_rust_edge"] = (f, _) => f with { SharpEdges = f.SharpEdges ?? true },
        ["s_hollow"] = Hollow,
        ["s_crk_move"] = (f, _) => f with { LiveCrack = f.LiveCrack ?? true },
        ["s_silicone"] = (f, _) => f with { Silicone = f.Silicone ?? true },
        ["s_grease"] = (f, _) => f with { Soil = f.Soil ?? Soil.Greasy },
        ["s_back_powder"] = Powders,
        ["s_chalky"] = Powders,
        ["s_ph_high"] = (f, _) => f with { Ph = f.Ph ?? 11 },
        ["s_grey_wd"] = (f, _) => f with { GreyWood = f.GreyWood ?? true },
        ["s_back_fibre"] = (f, _) => f with { GreyWood = f.GreyWood ?? true },
        ["s_runs"] = Uneven,
        ["s_wrinkle"] = Uneven,

        ["s_green_slick"] = (f, s) => f with { Mould = f.Mould ?? true, MouldSource = f.MouldSource ?? DampSource.None, MouldShare = f.MouldShare ?? s.Share },
        ["s_soft"] = Soft,
        ["s_nail"] = (f, _) => f with { RustyNails = f.RustyNails ?? true },
        ["s_joint_streak"] = Stains,
        ["s_paste"] = (f, _) => f with { OnFace = f.OnFace ?? OnFace.Paste },
        ["s_pl_soft"] = Powders,
        ["s_dye"] = Inked,
        ["s_ghost"] = Sooted,
        ["s_fuzz"] = Furry,
        ["s_seams"] = LooseAtSeams,
        ["s_blue_black"] = Stains,

        // Defects say how much of the face, where the survey stated nothing.
        ["d_peel"] = (f, s) => f with { LooseShare = f.LooseShare ?? Share(s, 0.1) },
        ["d_flake"] = (f, s) => f with { LooseShare = f.LooseShare ?? Share(s, 0.05) },
        ["d_rust_spot"] = (f, s) => f with { Rust = f.Rust ?? (s.Measure > 1 ? Rust.Heavy : Rust.Light) },
        ["d_rust_creep"] = (f, _) => f with { Rust = f.Rust is null or Rust.None or Rust.Light ? Rust.Heavy : f.Rust },
        ["d_pack_rust"] = (f, _) => f with { Rust = Rust.Scale },
        ["d_white_rust"] = (f, _) => f with { Salts = f.Salts ?? true },
        ["d_edge_thin"] = (f, _) => f with { SharpEdges = f.SharpEdges ?? true },
        ["d_paper_lift"] = LooseAtSeams,
        ["d_algae"] = (f, _) => f with { Mould = f.Mould ?? true, MouldSource = f.MouldSource ?? DampSource.None },
        ["d_waterstain"] = (f, s) => f with { WaterStainShare = f.WaterStainShare ?? Share(s, 0.02) },
        ["d_brush"] = Uneven,
        ["d_grain_raise"] = Furry,
        ["d_dye_bleed"] = Inked,
        ["d_crack_str"] = (f, s) => s.Measure > 5 ? f with { LiveCrack = f.LiveCrack ?? true } : f with { FillShare = f.FillShare ?? 0.01 },
        ["d_mould"] = Mouldy,
        ["d_effl"] = Salty,
        ["d_chalk"] = Powders,
        ["d_rot"] = Decayed,
        ["d_hollow"] = Hollow,
        ["d_tannin"] = Stains,
        ["d_resin"] = Knotty,
        ["d_knot_ring"] = Knotty,
        ["d_tar_bleed"] = Tarry,
        ["d_tacky"] = Soft,
        ["d_run"] = Uneven,
        ["d_wrinkle"] = Uneven,
        ["d_bits"] = Uneven,
        ["d_blister"] = (f, s) => f with { LooseShare = f.LooseShare ?? Share(s, 0.05) },
        ["d_intercoat"] = (f, s) => f with { LooseShare = f.LooseShare ?? Share(s, 0.1) },
        ["d_ghost"] = Sooted,
        ["d_joint_band"] = (f, _) => f with { FillShare = f.FillShare ?? 0.02 },
        ["d_open_joint"] = (f, s) => f with { JointWidthMm = f.JointWidthMm ?? s.Measure ?? 2 },
        ["d_caulk_split"] = (f, s) => f with { JointWidthMm = f.JointWidthMm ?? s.Measure ?? 3, JointMoves = f.JointMoves ?? true },
        ["d_crazing_pl"] = (f, s) => s.Measure >= 0.2 ? f with { FillShare = f.FillShare ?? 0.02 } : f,
    }.ToFrozenDictionary();

    private static readonly string[] OtherWater = ["s_damp_top", "s_damp_low_grad", "s_after_rain", "s_tide", "s_bridged", "s_floor_ground"];

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

        // What comes back through every coat of a dry wall is blocked, whatever it was.
        if (
            surface.Signs.Any(s => s is { Sign: "s_returns", Present: true })
            && facts
                is {
                    Ink: null,
                    Tar: not true,
                    WaterStainShare: not > 0,
                    Salts: not true,
                    Mould: not true,
                    LiveCrack: not true,
                    Moisture: null or Moisture.Dry,
                    DampSource: null or DampSource.None or DampSource.Cured
                }
            && Substrates.Find(surface.Substrate)?.Family == SubstrateFamily.Plaster
        )
        {
            facts = facts with { Ink = true };
        }

        // What was laid weeks ago is damp with its own water, unless something points to another.
        if (
            surface.Facts.DampSource is null
            && Substrates.Find(surface.Substrate) is { } substrate
            && Freshness.OwnWater(substrate.Value, surface)
            && !surface.Signs.Any(s => s.Present && OtherWater.Contains(s.Sign))
        )
        {
            facts = facts with { DampSource = DampSource.None };
        }

        return facts;
    }

    // What a sign and a defect of the same kind say.
    private static Facts Mouldy(Facts f, SignSeen s) =>
        f with
        {
            Mould = f.Mould ?? true,
            MouldSource = f.MouldSource ?? DampSource.Open,
            MouldShare = f.MouldShare ?? (s.Measure is null && s.Share is null ? null : Share(s, 0)),
        };

    private static Facts Salty(Facts f, SignSeen s) =>
        f with
        {
            Salts = f.Salts ?? true,
            SaltShare = f.SaltShare ?? s.Share,
            DampSource = f.DampSource ?? DampSource.Open,
        };

    private static Facts Tarry(Facts f, SignSeen s) => f with { Tar = f.Tar ?? true, TarShare = f.TarShare ?? s.Share };

    private static Facts Powders(Facts f, SignSeen s) => f with { Powdery = f.Powdery ?? true };

    private static Facts Uneven(Facts f, SignSeen s) => f with { Lumps = f.Lumps ?? true };

    private static Facts Knotty(Facts f, SignSeen s) => f with { Knots = f.Knots ?? 1 };

    private static Facts Decayed(Facts f, SignSeen s) => f with { Rot = f.Rot ?? true };

    private static Facts Hollow(Facts f, SignSeen s) => f with { Hollow = f.Hollow ?? true };

    private static Facts Inked(Facts f, SignSeen s) => f with { Ink = f.Ink ?? true, InkShare = f.InkShare ?? s.Share };

    private static Facts Sooted(Facts f, SignSeen s) => f with { Soil = f.Soil ?? Soil.Sooty };

    private static Facts Furry(Facts f, SignSeen s) => f with { GreyWood = f.GreyWood ?? true };

    private static Facts LooseAtSeams(Facts f, SignSeen s) => f with { LoosePaper = f.LoosePaper ?? true };

    private static Facts Soft(Facts f, SignSeen s) => f with { SoftFilm = f.SoftFilm ?? true };

    private static Facts Stains(Facts f, SignSeen s) => f with { Tannin = f.Tannin ?? true };

    // A share in percent, where it was measured.
    private static double Share(SignSeen sign, double otherwise) =>
        sign.Share is { } share ? Math.Clamp(share, 0, 1)
        : sign.Measure is { } m ? Math.Clamp(m / 100, 0, 1)
        : otherwise;
}
