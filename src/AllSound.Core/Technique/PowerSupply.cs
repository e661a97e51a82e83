using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Technique;

/// <summary>What an ordinary outlet on site bears, and how far a lead may reach for a tool that draws so much.</summary>
/// <param name="Outlet">The outlet in words.</param>
/// <param name="Watts">What it bears for hours, watts.</param>
/// <param name="TransformerWatts">What a usual site transformer bears, watts; 0 where none is usual.</param>
public sealed record PowerSupply(string Outlet, int Watts, int TransformerWatts)
{
    // A reel of lead up to here loses nothing that matters; past it 3 % are lost for every ten metres of 1.5 mm2. Judgement.
    private const double FreeM = 25;
    private const double LossPer10M = 0.03;
    private const double LongestM = 100;

    /// <summary>The outlet to reckon with. Plug ratings from memory (BS 1363, AS/NZS 3112); NEC 210.23, from memory: 80 % of 15 A for hours.</summary>
    public static PowerSupply In(Jurisdiction jurisdiction) =>
        jurisdiction switch
        {
            Jurisdiction.US or Jurisdiction.CA => new("15 A, 120 V outlet", 1440, 0),
            Jurisdiction.AU or Jurisdiction.NZ => new("10 A, 230 V outlet", 2300, 0),
            _ => new("13 A, 230 V outlet", 2990, 1500),
        };

    /// <summary>Watts left at the end of a lead.</summary>
    /// <param name="leadM">Length of the lead, metres, 0 or more.</param>
    /// <param name="transformer">Through a site transformer.</param>
    /// <returns>0 to <see cref="Watts"/>.</returns>
    public int Left(double leadM, bool transformer = false) =>
        (int)Math.Max(0, (transformer ? TransformerWatts : Watts) * (1 - (LossPer10M * Math.Max(0, (leadM - FreeM) / 10))));

    /// <summary>The longest lead, metres to the whole five, that leaves so many watts; null when even a short one does not.</summary>
    public double? LongestLead(int watts, bool transformer = false)
    {
        var bears = transformer ? TransformerWatts : Watts;
        return watts > bears ? null : Math.Min(LongestM, Math.Floor((FreeM + (10 * (1 - ((double)watts / bears)) / LossPer10M)) / 5) * 5);
    }

    /// <summary>In words what a tool that draws so many watts asks of the supply; empty for none.</summary>
    public string Says(int watts)
    {
        if (watts == 0)
        {
            return "";
        }

        var plain = LongestLead(watts) is { } longest
            ? FormattableString.Invariant($"{watts} W: a {Outlet} bears it on up to {longest:0} m of lead, unrolled")
            : $"{watts} W: more than a {Outlet} bears for hours ({Watts} W); ask for a heavier circuit";
        return TransformerWatts == 0 ? plain + "."
            : LongestLead(watts, transformer: true) is { } far ? FormattableString.Invariant($"{plain}, through a site transformer {far:0} m.")
            : $"{plain}; too much for a site transformer ({TransformerWatts} W).";
    }
}
