using System.Globalization;
using System.Text.RegularExpressions;
using AllSound.Core.Climate;

namespace AllSound.Core.Exchange;

/// <summary>Manners that figures tell: how warm the face is, and how far from the dew point. Readings without a condition before them.</summary>
internal static class MannerNumbers
{
    /// <summary>From here on paint dries too fast on a face, °C; a survey stops at a higher one. Common practice.</summary>
    private const double Hottest = 36;

    // No face in the sun is hotter; what is said of more is a lamp or a gun.
    private const double HottestInTheSun = 85;

    /// <summary>The manners that a line's figures tell, with where they are said.</summary>
    /// <param name="line">The line.</param>
    public static IEnumerable<(string Manner, int Index)> In(string line)
    {
        var face = FaceAt.Match(line);
        var dew = DewAt.Match(line);
        // Of two figures of which one has its unit, both have it.
        if (face.Success && dew.Success && Celsius(face, like: dew) - Celsius(dew, like: face) < Air.LeastMarginK)
        {
            yield return ("dew-point", dew.Index);
        }
        else if (MarginOf.Match(line) is { Success: true } margin && Kelvin(margin) < Air.LeastMarginK)
        {
            yield return ("dew-point", margin.Index);
        }

        if (face.Success && !Heated.IsMatch(line) && Celsius(face) is >= Hottest and <= HottestInTheSun)
        {
            yield return ("hot-sun", face.Index);
        }
    }

    private static double Celsius(Match said, Match? like = null) =>
        Fahrenheit(said) || (!said.Groups["c"].Success && like is not null && Fahrenheit(like)) ? (Number(said) - 32) / 1.8 : Number(said);

    private static double Kelvin(Match said) => Fahrenheit(said) ? Number(said) / 1.8 : Number(said);

    private static bool Fahrenheit(Match said) => said.Groups["f"].Success;

    private static double Number(Match said) =>
        double.TryParse(said.Groups["n"].Value.Replace(',', '.'), NumberStyles.Float, CultureInfo.InvariantCulture, out var number) ? number : double.NaN;

    private const string Figure = @"(?<n>-?\d{1,3}(?:[.,]\d)?)\s*(?:°\s*|deg(?:rees?)?\s*)?";

    private const string Unit = @"(?:(?<f>f|fahrenheit)|(?<c>c|celsius)|(?<=°\s?|deg\s?|degrees\s?))\b";

    private const string Unconditional = @"(?<!\b(?:if|when|unless|until|till|once|never|not|stop|below|under|above|over|than)\s+(?:\w+\s+){0,3})";

    private static Regex FaceAt =>
        field ??= new(
            Unconditional
                + @"\b(?:steel|metal|face|surface|substrate|walls?|slab|roof|boards?|sheets?|panels?|deck|door)\s+(?:temp\w*\s+)?(?:(?:is|are|was|were|at|reads?|of)\s+){0,2}"
                + Figure
                + Unit,
            RegexOptions.IgnoreCase
        );

    private static Regex DewAt => field ??= new(@"\bdew\s*point\s+(?:(?:is|was|at|of|reads?)\s+){0,2}" + Figure + @"(?:(?:(?<f>f)|(?<c>c))\b)?", RegexOptions.IgnoreCase);

    private static Regex MarginOf =>
        field ??= new(
            @"(?<!\b(?:if|when|unless|until|till|once|never|not|stop|less\s+than|under|below)\s+(?:\w+\s+){0,5})"
                + @"(?<![\d.,])"
                + Figure
                + @"(?:(?<f>f)|c|k|celsius)?\s*(?:above|over|off|from)\s+(?:the\s+)?dew\s*point\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Heated => field ??= new(@"\b(?:heat\w*|gun|lamp|infra-?red|ir|stove|iron|steam\w*|soften\w*)\b", RegexOptions.IgnoreCase);
}
