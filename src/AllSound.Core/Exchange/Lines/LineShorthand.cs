using System.Globalization;
using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

/// <summary>What painters write short, written out: "2 cts", "u/c", "w/ white spirit"; and on which day a line says it is done. Common practice.</summary>
internal static partial class LineShorthand
{
    private static (Regex Short, string Long)[] Forms =>
        field ??= [
            (CoatsAfterCount, " coats"),
            (CoatsShort, "coats"),
            (CoatShort, "coat"),
            (UndercoatShort, "undercoat"),
            (OvernightShort, "overnight"),
            (Without, "without "),
            (With, "with "),
            (ZincPhosphate, "zinc phosphate"),
            (WaterborneShort, "waterborne"),
            (SolventShort, "solvent based"),
            (PolyurethaneShort, "polyurethane"),
            (Tenth, "10 % water"),
            (Least, "at least "),
            (Most, "at most "),
            (StopOfShort, " "),
            (Passes, "coats"),
            (Goes, "coats of"),
            (NumberedCoats, " coats"),
            (NumberOf, "coats of"),
            // French polish goes on by the pad and is counted so.
            (Rubbers, "coats of french polish"),
        ];

    /// <summary>A line with what is short in it written out.</summary>
    public static string Written(string line)
    {
        // Dictated: without a stop one piece of work follows the other.
        if (line.IndexOfAny([',', ';', '.', ':']) < 0)
        {
            line = Onward.Replace(line, ", ");
        }

        line = CoatEachDay.Replace(line, m => $"{m.Groups["day"].Captures.Count}{m.Groups["neat"].Value} coats a day apart");
        line = Spoken.Replace(line, m => InTheNorth[m.Value]);
        line = PerCent.Replace(line, m => $"{Figures[m.Groups["n"].Value]} %");
        return Put(Put(line, Forms), Voices);

        static string Put(string line, (Regex Said, string Words)[] forms)
        {
            foreach (var (said, words) in forms)
            {
                line = said.Replace(line, words);
            }

            return line;
        }
    }

    /// <summary>
    /// The day that a line begins with, "Day 2", "Days 3 and 4" or "Monday:", as the first and the last of them, and the line without it; null where it names none.
    /// </summary>
    /// <param name="line">The line.</param>
    /// <param name="before">The day of the line before where it was named as well; null elsewhere.</param>
    /// <returns>Numbers as they stand, or for names days from a Monday on, so that names come one after another; and which of the two it is.</returns>
    public static (int First, int Last, bool Named, string Words)? Dated(string line, int? before)
    {
        if (Date.Match(line) is not { Success: true } date)
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

        var days = date.Groups["n"].Captures.Select(c => Day(c.Value)).ToArray();
        return (days[0], days[^1], false, words);
    }

    private static int Day(string said) =>
        Array.FindIndex(DayWords, w => string.Equals(w, said, StringComparison.OrdinalIgnoreCase)) is >= 0 and var word
            ? word + 1
            : int.Parse(said, CultureInfo.InvariantCulture);

    private static readonly string[] DayWords = ["one", "two", "three", "four", "five", "six", "seven"];

    /// <summary>A line parted where another day begins in it: "Sun: first coat. Mon: second."</summary>
    public static string[] Days(string line) => Dates.Split(line);

    private static Regex Date =>
        field ??= new(
            @"^\W*(?:"
                + @"(?:days?|nights?|shifts?)\s+(?<n>\d{1,2}|one|two|three|four|five|six|seven)\b(?:\s*(?:and|to|-|–|,|&)\s*(?<n>\d{1,2})\b)*(?:\s+(?:morning|afternoon|am|pm)\b)?\s*(?:[:.,–-]\s*|(?=\s|\(|$))"
                + @"|(?:(?<name>mon|tues|wednes|thurs|fri|satur|sun)day\b|(?<name>mon|tues?|weds?|thu(?:rs?)?|fri|sat|sun)(?=\s*:|\.\s|\s+(?:am|pm|eve)\b|\s+\d{1,2}[.:][0-5]\d\b))(?:\s+(?:morning|afternoon|evening|eve|am|pm))?(?:\s*[:.,–-]\s*|\s+(?=\d{1,2}(?:[.:][0-5]\d\b|\s*[ap]\.?m\b)))"
                + @")",
            RegexOptions.IgnoreCase
        );

    // "Wed, Thu, Fri. Coat a day": as many coats as days.
    private static Regex CoatEachDay =>
        field ??= new(
            @"^(?<day>(?:mon|tues?|wed(?:s|nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?)(?:\s*(?:,|and|&)\s*(?<day>(?:mon|tues?|wed(?:s|nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?))+\s*[.:,]?\s*(?:an?\s+|one\s+)?coat\s+(?:an?|each|every|per)\s+day\b(?<neat>\s+neat)?",
            RegexOptions.IgnoreCase
        );

    private static Regex Dates => field ??= new(@"(?<=[.;]\s+)(?=(?:mon|tues?|wed(?:s|nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?\s*:)", RegexOptions.IgnoreCase);

    private static Regex Rubbers => field ??= new(@"\brubbers?\s+of\s+(?:the\s+)?(?:shellac|(?:french\s+)?polish)\b", RegexOptions.IgnoreCase);

    private static Regex Goes => field ??= new(@"(?<=\b(?:[1-6]|one|two|three|four)\s+)go(?:es)?\s+of\b", RegexOptions.IgnoreCase);

    private static Regex NumberedCoats => field ??= new(@"(?<=\b(?:[1-6]|one|two|three|four))\s*nos?\b\.?\s+(?:full\s+)?coats?\b", RegexOptions.IgnoreCase);

    // As bills of quantities count: "two no. masonry paint".
    private static Regex NumberOf =>
        field ??= new(
            @"(?<=\b(?:[1-6]|one|two|three|four)\s+)nos?\b\.?"
                + @"(?=\s+(?:\w+\s+){0,2}(?:primer|undercoat|finish|gloss|satin|eggshell|matte?|emulsion|varnish|enamel|paint)\b)",
            RegexOptions.IgnoreCase
        );

    // A sprayer counts passes; a sander's are none.
    private static Regex Passes =>
        field ??= new(@"(?<=\b(?:[1-6]|one|two|three|four)\s+)pass(?:es)?\b(?!\s+(?:of|with)\s+(?:the\s+)?(?:sander|disc|paper|drum|\d))", RegexOptions.IgnoreCase);

    private static Regex Tenth => field ??= new(@"\b(?:a|one)\s+tenth(?:\s+(?:of\s+)?water)?\b", RegexOptions.IgnoreCase);

    // Short for minimum only before a number: minutes stand after theirs.
    private static Regex Least => field ??= new(@"(?<!\d\s*)\bmin(?:imum)?\.?\s+(?=\d)", RegexOptions.IgnoreCase);

    private static Regex Most => field ??= new(@"\bmax(?:imum)?\.?\s+(?=\d)", RegexOptions.IgnoreCase);

    // The stop after what is short ends no sentence.
    private static Regex StopOfShort => field ??= new(@"(?<=\b(?:approx|incl|excl|spec|temp|ext|int|ca|thk|qty|hrs|pref|poss|prev|opp|adj))\.\s+(?=[a-z\d])");

    private static Regex CoatsAfterCount => field ??= new(@"(?<=\b\d)ct[sz]\b", RegexOptions.IgnoreCase);

    private static Regex CoatsShort => field ??= new(@"\bct[sz]\b", RegexOptions.IgnoreCase);

    private static Regex CoatShort => field ??= new(@"\bcp?t\b", RegexOptions.IgnoreCase);

    private static Regex UndercoatShort => field ??= new(@"\bu\s?/\s?c\b", RegexOptions.IgnoreCase);

    private static Regex OvernightShort => field ??= new(@"\bo\s?/\s?n\b", RegexOptions.IgnoreCase);

    private static Regex Without => field ??= new(@"\bw/o\s+", RegexOptions.IgnoreCase);

    private static Regex With => field ??= new(@"\bw/\s*", RegexOptions.IgnoreCase);

    private static Regex ZincPhosphate => field ??= new(@"\bzinc\s+phos\b", RegexOptions.IgnoreCase);

    private static Regex Onward =>
        field ??= new(
            @"(?<=\w+\s+\w+\s+\w+)(?<!"
                + @"\b(?:"
                + @"pressure|jet|power|to|and|then|not|don'?t|never|can|must|should|will|by|with|before|after|you|we|i|the|a|an|no|hot|cold|fungicidal|sugar|soft|stiff"
                + @"|wire|dry|wet|hand"
                + @")\s*"
                + @")"
                + @"\s+(?=(?:rinse|wipe|leave|let|scrub|mask|dust|brush|wash|sand|rub|scrape|feather|fill|dry|seal|prime)\s+(?:it|them|the|that|all|off|down|well|till|until|twice|again|everything)\b)",
            RegexOptions.IgnoreCase
        );

    private static Regex WaterborneShort => field ??= new(@"\bWB\b", RegexOptions.IgnoreCase);

    private static Regex SolventShort => field ??= new(@"\bSB\b");

    private static Regex PolyurethaneShort => field ??= new(@"\bPU\b");
}
