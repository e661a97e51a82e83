using System.Globalization;
using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

// The numbers, letters and bullets that lines begin with, which are no part of what they say.
public static partial class LineReader
{
    // Numbers that run on from line to line are no part of what the lines say: "1 sand", "2 knotting on knots".
    private static bool Counted(string text)
    {
        var next = 1;
        foreach (var line in text.AsSpan().EnumerateLines())
        {
            var digits = line.Trim()[..Math.Min(2, line.Trim().Length)].TrimEnd();
            next += int.TryParse(digits, NumberStyles.None, null, out var number) && number == next ? 1 : 0;
        }

        return next > 3;
    }

    private static Regex Numbering =>
        field ??= new(
            @"^\s*(?:"
                + @"(?:"
                + @"#\d{1,2}[.:)]?\s|\.\d{1,2}[.:)]?\s+(?=(?-i:[A-Z]))|\(?\d+(?:[.)]|:(?![0-5]\d\b))|\d{1,2}\s+(?=(?-i:[A-Z])(?!oats?\b|ays?\b|ours?\b|eeks?\b|x\s))"
                + @"|(?!sa)(?-i:[A-Z]{1,3}\d{1,3})[/.-]\d{1,4}(?:[/.-]\d+)*\b[.:]?\s+(?=(?-i:[A-Z]))|\d+(?:\.\d+)+\.?\s+(?=(?-i:[A-Z]))"
                + @"|(?:step|task|item|stage|job|op(?:eration)?|clause|card)\s+\d+(?:\.\d+)?\s*[.:)]?|[a-h][.)]|(?-i:x{0,2}(?:ix|iv|vi{0,3}|i{1,3}))[.)]\s|[-*•–>]"
                + @")\s*"
                + @")+",
            RegexOptions.IgnoreCase
        );

    private static Regex CountWords => field ??= new(@"^\d{1,2}\s+(?![ap]\.?m\b)(?=[a-z])", RegexOptions.IgnoreCase);
}
