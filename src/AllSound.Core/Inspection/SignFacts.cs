using System.Collections.Frozen;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Inspection;

/// <summary>What a sign that is present says outright about the condition, where no fact was stated.</summary>
internal static class SignFacts
{
    private static readonly FrozenDictionary<string, Func<Facts, Facts>> BySign = new Dictionary<string, Func<Facts, Facts>>
    {
        ["s_damp_high"] = f => f with { Moisture = Worse(f.Moisture, Moisture.Damp), DampSource = f.DampSource ?? DampSource.Open },
        ["s_mc20"] = f => f with { Moisture = Worse(f.Moisture, Moisture.Damp), DampSource = f.DampSource ?? DampSource.Open },
        ["s_ring"] = f => f with { WaterStainShare = f.WaterStainShare ?? 0.02 },
        ["s_tide"] = f => f with { WaterStainShare = f.WaterStainShare ?? 0.05 },
        ["s_over_knot"] = f => f with { Knots = f.Knots ?? 1 },
        ["s_black_spots"] = f => f with { Mould = f.Mould ?? true, MouldSource = f.MouldSource ?? DampSource.Open },
        ["s_tar"] = f => f with { Tar = f.Tar ?? true },
        ["s_crystals"] = f => f with { Salts = f.Salts ?? true, DampSource = f.DampSource ?? DampSource.Open },
        ["s_wd_soft"] = f => f with { Rot = f.Rot ?? true },
        ["s_hollow"] = f => f with { Hollow = f.Hollow ?? true },
        ["s_crk_move"] = f => f with { LiveCrack = f.LiveCrack ?? true },
        ["s_silicone"] = f => f with { Silicone = f.Silicone ?? true },
        ["s_grease"] = f => f with { Soil = f.Soil ?? Soil.Greasy },
        ["s_back_powder"] = f => f with { Powdery = f.Powdery ?? true },
        ["s_chalky"] = f => f with { Powdery = f.Powdery ?? true },
        ["s_ph_high"] = f => f with { Ph = f.Ph ?? 11 },
    }.ToFrozenDictionary();

    /// <summary>Facts with what the signs and readings add.</summary>
    public static Facts Read(Surface surface)
    {
        var facts = surface.Facts;
        foreach (var sign in surface.Signs)
        {
            if (sign.Present && BySign.TryGetValue(sign.Sign, out var says))
            {
                facts = says(facts);
            }
        }

        // Of moisture the wettest that was said or read stands; of other readings the last.
        foreach (var reading in surface.Readings)
        {
            facts = Checks.Find(reading.Check)?.Read?.Invoke(facts, reading.Value) ?? facts;
        }

        return facts;
    }

    internal static Moisture Worse(Moisture? known, Moisture seen) => known is { } k && k > seen ? k : seen;
}
