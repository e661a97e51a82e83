using System.Text.RegularExpressions;
using AllSound.Core.Jobs;

namespace AllSound.Core.Exchange;

/// <summary>Finds what a line says of how the work is done.</summary>
internal static partial class MannerReader
{
    /// <summary>The manners said in a line, each once, with where it is said.</summary>
    /// <param name="line">The line.</param>
    public static IEnumerable<(string Manner, int Index)> In(string line)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var (from, text) in Portions(line))
        {
            foreach (var (manner, said, denial) in MannerPhrases.All)
            {
                if (said.Match(text) is { Success: true } match && (denial || (!Denied.IsMatch(text[..match.Index]) && !Inside.IsMatch(match.Value))) && seen.Add(manner))
                {
                    yield return (manner, from + match.Index);
                }
            }

            foreach (var (manner, index) in MannerNumbers.In(text))
            {
                if (seen.Add(manner))
                {
                    yield return (manner, from + index);
                }
            }
        }
    }

    // A line as a whole where it is one of a painter's, else its sentences: the longer a text the longer an expression may look through it.
    private static IEnumerable<(int From, string Text)> Portions(string line)
    {
        if (line.Length <= LineReader.LongestLine)
        {
            yield return (0, line);
            yield break;
        }

        // No more of it than anybody reads.
        var length = Math.Min(line.Length, Limits.Notes);
        for (var from = 0; from < length; )
        {
            var end = line.IndexOfAny(['.', ';'], from, length - from);
            end = Math.Min(end < 0 ? length : end + 1, from + LineReader.LongestLine);
            yield return (from, line[from..end]);
            from = end;
        }
    }

    // Denied just before, with nothing between that ends it.
    private static Regex Denied =>
        field ??= new(@"\b(?:no|not|never|don'?t|do\s+not|without|nothing|avoid|none|instead\s+of|rather\s+than|isn'?t|nor|or)\b[^.;:]{0,25}$", RegexOptions.IgnoreCase);

    // Denied within: "rags in no heap".
    private static Regex Inside => field ??= new(@"\b(?:no|not|never|don'?t|without)\b", RegexOptions.IgnoreCase);
}
