using System.Globalization;
using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

/// <summary>What painters write short, written out: "2 cts", "u/c", "w/ white spirit"; and on which day a line says it is done. Common practice.</summary>
internal static partial class LineShorthand
{
    private static readonly (Regex Short, string Long)[] Forms =
    [
        (CoatsAfterCount(), " coats"),
        (CoatsShort(), "coats"),
        (CoatShort(), "coat"),
        (UndercoatShort(), "undercoat"),
        (OvernightShort(), "overnight"),
        (Without(), "without "),
        (With(), "with "),
        (ZincPhosphate(), "zinc phosphate"),
        (WaterborneShort(), "waterborne"),
        (SolventShort(), "solvent based"),
        (PolyurethaneShort(), "polyurethane"),
        // As it is spoken in the north.
        (Nae(), "no "),
        (Dinna(), "don't"),
        (Twa(), "two"),
        (Pent(), "paint"),
        (Yin(), "one"),
        (Atween(), "between"),
        (Doon(), "down"),
        (WithThe(), "with "),
        (Tenth(), "10 % water"),
        // By its colour the paint is known that was ordered.
        (ColourOn(), ", paint on"),
        // What a test shows, and what follows from it.
        (TestedSo(), "${test}, "),
        (Five(), "5 %"),
        (Ten(), "10 %"),
        (Fifteen(), "15 %"),
        (Twenty(), "20 %"),
        (Thirty(), "30 %"),
        (Forty(), "40 %"),
        (Fifty(), "50 %"),
        (Passes(), "coats"),
        (Goes(), "coats of"),
        // Asked and answered by the writer himself.
        (AskedNo(), "not ${thing}, "),
        (TakesOff(), "take "),
        // Somebody tells what the painter says he will do.
        (HeSays(), ""),
        // Who does it is the writer: "I wash", "then we sand".
        (Myself(), "${then}"),
        (Beginning(), ""),
        // French polish goes on by the pad and is counted so.
        (Rubbers(), "coats of french polish"),
    ];

    /// <summary>A line with what is short in it written out.</summary>
    public static string Written(string line)
    {
        // Dictated: without a stop one piece of work follows the other.
        if (line.IndexOfAny([',', ';', '.', ':']) < 0)
        {
            line = Onward().Replace(line, ", ");
        }

        foreach (var (said, words) in Forms)
        {
            line = said.Replace(line, words);
        }

        return line;
    }

    /// <summary>
    /// The day that a line begins with, "Day 2", "Days 3 and 4" or "Monday:", as the first and the last of them, and the line without it; null where it names none.
    /// </summary>
    /// <param name="line">The line.</param>
    /// <param name="before">The day of the line before where it was named as well; null elsewhere.</param>
    /// <returns>Numbers as they stand, or for names days from a Monday on, so that names come one after another; and which of the two it is.</returns>
    public static (int First, int Last, bool Named, string Words)? Dated(string line, int? before)
    {
        if (Date().Match(line) is not { Success: true } date)
        {
            return null;
        }

        var words = line[date.Length..];
        if (date.Groups["name"] is { Success: true } name)
        {
            var from = before ?? 0;
            var day = from + ((LineWaits.Day(name.Value) - (from % 7) + 7) % 7);
            return (day, day, true, words);
        }

        var days = date.Groups["n"].Captures.Select(c => int.Parse(c.Value, CultureInfo.InvariantCulture)).ToArray();
        return (days[0], days[^1], false, words);
    }

    /// <summary>A line parted where another day begins in it: "Sun: first coat. Mon: second."</summary>
    public static string[] Days(string line) => Dates().Split(line);

    [GeneratedRegex(
        @"^\W*(?:days?\s+(?<n>\d{1,2})\b(?:\s*(?:and|to|-|–|,|&)\s*(?<n>\d{1,2})\b)*(?:\s+(?:morning|afternoon|am|pm)\b)?\s*(?:[:.,–-]\s*|(?=\s|\(|$))|(?:(?<name>mon|tues|wednes|thurs|fri|satur|sun)day\b|(?<name>mon|tues?|weds?|thurs?|fri|sat|sun)(?=\s*:|\s+\d{1,2}[.:][0-5]\d\b))(?:\s+(?:morning|afternoon|am|pm))?(?:\s*[:.,–-]\s*|\s+(?=\d{1,2}[.:][0-5]\d\b)))",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Date();

    [GeneratedRegex(@"(?<=[.;]\s+)(?=(?:mon|tues?|wed(?:s|nes)?|thurs?|fri|sat(?:ur)?|sun)(?:day)?\s*:)", RegexOptions.IgnoreCase)]
    private static partial Regex Dates();

    [GeneratedRegex(
        @"(?<=^|[.;,:]\s*|\b(?:and|then|after|first|now)\s+)(?:i|we|i'?ll|we'?ll|i'?ve|we'?ve|i'?d)\s+(?<then>(?:then\s+|now\s+|first\s+|just\s+|always\s+|only\s+)?)(?:will\s+|would\s+|have\s+to\s+)?(?=(?:wash|clean|scrub|degreas|sand|rub|scrap|dust|wip|brush|fill|prim|put|appl|paint|roll|spray|mask|cover|tape|seal|caulk|strip|take|remov|rins|sweep|hoover|vacuum|wet|lay|spread|scratch|feather|knot|undercoat|do)\w*\b)",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Myself();

    [GeneratedRegex(@"(?<=^|[.;]\s*)(?:i|we)\s+(?:always\s+|usually\s+|will\s+|would\s+)?(?:begin|start|finish)\s+(?:off\s+)?(?:with|by)\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Beginning();

    [GeneratedRegex(@"\brubbers?\s+of\s+(?:the\s+)?(?:shellac|(?:french\s+)?polish)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Rubbers();

    [GeneratedRegex(@"\bnae\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Nae();

    [GeneratedRegex(@"\b(?:dinna|dinnae|didna|didnae|winna|winnae)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Dinna();

    [GeneratedRegex(@"\bpent\b", RegexOptions.IgnoreCase)]
    private static partial Regex Pent();

    [GeneratedRegex(@"\btwa\b", RegexOptions.IgnoreCase)]
    private static partial Regex Twa();

    [GeneratedRegex(@"\byin\b", RegexOptions.IgnoreCase)]
    private static partial Regex Yin();

    [GeneratedRegex(@"\batween\b", RegexOptions.IgnoreCase)]
    private static partial Regex Atween();

    [GeneratedRegex(@"\bdoon\b", RegexOptions.IgnoreCase)]
    private static partial Regex Doon();

    [GeneratedRegex(@"\bwi\s+", RegexOptions.IgnoreCase)]
    private static partial Regex WithThe();

    [GeneratedRegex(@"(?<=\b(?:[1-6]|one|two|three|four)\s+)go(?:es)?\s+of\b", RegexOptions.IgnoreCase)]
    private static partial Regex Goes();

    // A sprayer counts passes; a sander's are none.
    [GeneratedRegex(@"(?<=\b(?:[1-6]|one|two|three|four)\s+)pass(?:es)?\b(?!\s+(?:of|with)\s+(?:the\s+)?(?:sander|disc|paper|drum|\d))", RegexOptions.IgnoreCase)]
    private static partial Regex Passes();

    [GeneratedRegex(@"\bfive\s+per\s*cent\b", RegexOptions.IgnoreCase)]
    private static partial Regex Five();

    [GeneratedRegex(@"\bten\s+per\s*cent\b", RegexOptions.IgnoreCase)]
    private static partial Regex Ten();

    [GeneratedRegex(@"\bfifteen\s+per\s*cent\b", RegexOptions.IgnoreCase)]
    private static partial Regex Fifteen();

    [GeneratedRegex(@"\btwenty\s+per\s*cent\b", RegexOptions.IgnoreCase)]
    private static partial Regex Twenty();

    [GeneratedRegex(@"\bthirty\s+per\s*cent\b", RegexOptions.IgnoreCase)]
    private static partial Regex Thirty();

    [GeneratedRegex(@"\bforty\s+per\s*cent\b", RegexOptions.IgnoreCase)]
    private static partial Regex Forty();

    [GeneratedRegex(@"\bfifty\s+per\s*cent\b", RegexOptions.IgnoreCase)]
    private static partial Regex Fifty();

    [GeneratedRegex(@"(?<test>\btest\b[^,;.]*?),?\s+so\s+(?!that\b|it\b|the\b|all\b)", RegexOptions.IgnoreCase)]
    private static partial Regex TestedSo();

    [GeneratedRegex(@"\b(?:a|one)\s+tenth(?:\s+(?:of\s+)?water)?\b", RegexOptions.IgnoreCase)]
    private static partial Regex Tenth();

    [GeneratedRegex(
        @"(?:,|\band)?\s*\b(?:got|get|slap\w*|sling|put)\s+the\s+(?:red|white|black|green|blue|gr[ea]y|cream|brown|yellow|magnolia)\s+on\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex ColourOn();

    [GeneratedRegex(
        @"(?<=^|[.;]\s*|\b(?:and|then)\s+)(?:(?:he|she|they)\s+(?:says?|writes?|tells?\s+me)\s+(?:that\s+)?)?(?:he|she|they)\s+(?:will\s+|would\s+|wants?\s+to\s+|proposes?\s+to\s+)?(?:first\s+|then\s+)?(?=(?:wash|clean|scrub|degreas|sand|rub|scrap|dust|wip|brush|fill|prim|appl|paint|roll|spray|mask|cover|tape|seal|caulk|strip|remov|rins|sweep|vacuum)\w*\b)",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex HeSays();

    [GeneratedRegex(@"(?<=^|[.;]\s*)\w+\s+takes\s+(?=the\s+\w+\s+off\b)", RegexOptions.IgnoreCase)]
    private static partial Regex TakesOff();

    [GeneratedRegex(@"(?<=\b\d)ct[sz]\b", RegexOptions.IgnoreCase)]
    private static partial Regex CoatsAfterCount();

    [GeneratedRegex(@"\bct[sz]\b", RegexOptions.IgnoreCase)]
    private static partial Regex CoatsShort();

    [GeneratedRegex(@"\bcp?t\b", RegexOptions.IgnoreCase)]
    private static partial Regex CoatShort();

    [GeneratedRegex(@"\bu\s?/\s?c\b", RegexOptions.IgnoreCase)]
    private static partial Regex UndercoatShort();

    [GeneratedRegex(@"\bo\s?/\s?n\b", RegexOptions.IgnoreCase)]
    private static partial Regex OvernightShort();

    [GeneratedRegex(@"\bw/o\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Without();

    [GeneratedRegex(@"\bw/\s*", RegexOptions.IgnoreCase)]
    private static partial Regex With();

    [GeneratedRegex(@"\bzinc\s+phos\b", RegexOptions.IgnoreCase)]
    private static partial Regex ZincPhosphate();

    [GeneratedRegex(
        @"(?<=\w+\s+\w+\s+\w+)(?<!\b(?:pressure|jet|power|to|and|then|not|don'?t|never|can|must|should|will|by|with|before|after|you|we|i|the|a|an|no|hot|cold|fungicidal|sugar|soft|stiff|wire|dry|wet|hand)\s*)\s+(?=(?:rinse|wipe|leave|let|scrub|mask|dust|brush|wash|sand|rub|scrape|feather|fill|dry|seal|prime)\s+(?:it|them|the|that|all|off|down|well|till|until|twice|again|everything)\b)",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Onward();

    [GeneratedRegex(@"\bWB\b", RegexOptions.IgnoreCase)]
    private static partial Regex WaterborneShort();

    [GeneratedRegex(@"\bSB\b")]
    private static partial Regex SolventShort();

    [GeneratedRegex(@"\bPU\b")]
    private static partial Regex PolyurethaneShort();

    [GeneratedRegex(@"(?<=^|[.;,]\s*)(?<thing>[^.;,?]{2,30})\?\s*no\b[\s,.:;-]*", RegexOptions.IgnoreCase)]
    private static partial Regex AskedNo();
}
