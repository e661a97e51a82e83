using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

/// <summary>Finds what a line says of how the work is done.</summary>
internal static partial class MannerReader
{
    /// <summary>The manners said in a line, each once, with where it is said.</summary>
    /// <param name="line">The line.</param>
    public static IEnumerable<(string Manner, int Index)> In(string line)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var (manner, said, denial) in MannerPhrases.All)
        {
            if (said.Match(line) is { Success: true } match && (denial || !Denied().IsMatch(line[..match.Index]) && !Inside().IsMatch(match.Value)) && seen.Add(manner))
            {
                yield return (manner, match.Index);
            }
        }
    }

    // Denied just before, with nothing between that ends it.
    [GeneratedRegex(@"\b(?:no|not|never|don'?t|do\s+not|without|nothing|avoid|none|instead\s+of|rather\s+than|isn'?t|nor|or)\b[^.;:]{0,25}$", RegexOptions.IgnoreCase)]
    private static partial Regex Denied();

    // Denied within: "rags in no heap".
    [GeneratedRegex(@"\b(?:no|not|never|don'?t|without)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Inside();
}
