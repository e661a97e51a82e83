using System.Collections.Frozen;

namespace AllSound.Core.Jobs;

/// <summary>
/// About how much light a colour reflects that is given in words only. It decides coats to hide, the tint under the finish and
/// what heat and wear do; a measured value goes before it. Figures: usual colour cards, from memory.
/// </summary>
public static class ColourWords
{
    private const double VeryDark = 6;
    private const double Dark = 10;
    private const double Pale = 65;
    private const double VeryPale = 76;

    private static readonly FrozenDictionary<string, double> Hues = new Dictionary<string, double>
    {
        ["white"] = 85,
        ["cream"] = 75,
        ["ivory"] = 78,
        ["magnolia"] = 76,
        ["yellow"] = 60,
        ["gold"] = 40,
        ["orange"] = 33,
        ["terracotta"] = 22,
        ["red"] = 14,
        ["crimson"] = 10,
        ["maroon"] = 6,
        ["pink"] = 50,
        ["purple"] = 14,
        ["violet"] = 16,
        ["lilac"] = 50,
        ["blue"] = 22,
        ["navy"] = 5,
        ["turquoise"] = 35,
        ["teal"] = 15,
        ["green"] = 22,
        ["sage"] = 40,
        ["olive"] = 18,
        ["brown"] = 12,
        ["chocolate"] = 6,
        ["tan"] = 40,
        ["beige"] = 58,
        ["buff"] = 50,
        ["stone"] = 55,
        ["sand"] = 55,
        ["grey"] = 40,
        ["gray"] = 40,
        ["silver"] = 50,
        ["charcoal"] = 8,
        ["anthracite"] = 8,
        ["slate"] = 15,
        ["black"] = 4,
    }.ToFrozenDictionary(StringComparer.OrdinalIgnoreCase);

    // Few pigments hide worse than clean yellow, orange and red. Facts of the trade.
    private static readonly string[] HideBadly = ["yellow", "orange", "red", "crimson"];

    /// <summary>Light reflectance by the words, 0 to 100; null where no colour is known in them.</summary>
    public static double? Lrv(string? words)
    {
        if (words is null)
        {
            return null;
        }

        var parts = Parts(words);
        double[] hues = [.. parts.Where(Hues.ContainsKey).Select(p => Hues[p])];
        var dark = Array.Exists(parts, p => p is "dark" or "deep");
        var pale = Array.Exists(parts, p => p is "pale" or "light" or "soft");
        var very = parts.Contains("very");
        if (hues.Length == 0)
        {
            return dark ? (very ? VeryDark : Dark)
                : pale ? (very ? VeryPale : Pale)
                : null;
        }

        // "Off-white" is white with a little in it; of two hues, as blue-green, half way.
        var hue = hues.Average() - (parts.Contains("off") && parts.Contains("white") ? 5 : 0);
        return dark ? Math.Min(hue, very ? VeryDark : Dark)
            : pale ? Math.Max(hue, very ? VeryPale : Pale)
            : hue;
    }

    // What wood and stain are called by. Browns are both, and are taken for stain where wood shows.
    private static readonly string[] OfWood =
    [
        "oak",
        "walnut",
        "mahogany",
        "teak",
        "pine",
        "cedar",
        "chestnut",
        "rosewood",
        "ebony",
        "maple",
        "larch",
        "ash",
        "cherry",
        "beech",
        "honey",
        "amber",
        "golden",
        "natural",
        "brown",
        "chocolate",
        "tan",
        "gold",
    ];

    private static readonly string[] SeenThrough = ["clear", "colourless", "transparent", "translucent", "stain", "stained", "woodstain", "varnish", "wood"];

    /// <summary>
    /// True for colours that only paint gives wood: white, sage, dark red. The last word that names a colour or a wood decides: pine green is paint, red
    /// mahogany is stain. False where no hue is named, and for what is to be seen through.
    /// </summary>
    public static bool OfPaint(string? words)
    {
        var parts = words is null ? [] : Parts(words);
        var head = Array.FindLast(parts, p => Hues.ContainsKey(p) || OfWood.Contains(p));
        return head is not null && !OfWood.Contains(head) && !Array.Exists(parts, SeenThrough.Contains);
    }

    /// <summary>True for colours that hide badly whatever they reflect.</summary>
    public static bool HidesBadly(string? words) => words is not null && Array.Exists(Parts(words), p => HideBadly.Contains(p, StringComparer.OrdinalIgnoreCase));

    private static string[] Parts(string words) => words.ToLowerInvariant().Split([' ', '-', ',', '/', '.', ';'], StringSplitOptions.RemoveEmptyEntries);
}
