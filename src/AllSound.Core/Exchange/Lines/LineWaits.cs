using System.Globalization;
using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

/// <summary>The waits that a part of a line speaks of, in hours; null where it says nothing.</summary>
/// <param name="Before">Before it is begun: "after 16 hours", "next day".</param>
/// <param name="Between">Between its coats.</param>
/// <param name="After">Once it is done, before whatever comes next: "leave 16 hours".</param>
internal readonly partial record struct LineWaits(double? Before, double? Between, double? After)
{
    /// <summary>The clock time at which it is done, hours; null for none.</summary>
    public double? Clock { get; init; }

    /// <summary>It is done on the same day as what came before.</summary>
    public bool SameDay { get; init; }

    /// <summary>The next coat is begun on the same day, whatever is done before it.</summary>
    public bool CoatThatDay { get; init; }

    // From evening to morning. Common practice.
    private const double Night = 16;

    // From Friday evening to Monday morning. Common practice.
    private const double OverWeekend = 62;

    /// <summary>From the morning's work to the coat that is begun "that afternoon", hours. Judgement.</summary>
    public const double SameAfternoon = 4;

    /// <summary>Reads a part.</summary>
    public static LineWaits Of(string part) => Waits(part) with { Clock = ClockTime(part), SameDay = Same.IsMatch(part), CoatThatDay = CoatsThatDay.IsMatch(part) };

    private static LineWaits Waits(string part)
    {
        if (AgainNextDay.IsMatch(part))
        {
            return new(null, 24, null);
        }

        if (NextDay.IsMatch(part))
        {
            return new(part.Contains("morning", StringComparison.OrdinalIgnoreCase) ? Night : 24, null, null);
        }

        if (ADay.IsMatch(part))
        {
            return new(null, 24, Coats.IsMatch(part) ? null : 24);
        }

        if (FromTo.Match(part) is { Success: true } days)
        {
            return new(null, null, 24 * Math.Max(1, (Day(days.Groups["to"].Value) - Day(days.Groups["from"].Value) + 7) % 7));
        }

        if (NextWithin.IsMatch(part))
        {
            return new(null, null, 1);
        }

        if (AtOnce.IsMatch(part))
        {
            return new(0, null, null);
        }

        // Of a range the longer: whoever waits "2 to 4 hours" may have waited either.
        double? hours =
            Hours.Match(Standing.Replace(part, " ")) is { Success: true } h ? Number(h.Groups["n"].Value) * Unit(h.Groups["unit"].Value)
            : Weekend.IsMatch(part) ? OverWeekend
            : Overnight.IsMatch(part) ? Night
            : null;
        return hours is null ? default
            : Later.IsMatch(part) ? new(hours, null, null)
            : Coats.IsMatch(part) ? new(null, hours, null)
            : new(null, null, hours);
    }

    /// <summary>A part without what says how long to wait: that says nothing of what is done.</summary>
    public static string Without(string part) => Waiting.Replace(Drying.Replace(part, " "), " ");

    /// <summary>True when a part says to wait and nothing else.</summary>
    public static bool IsAll(string part) => Alone.IsMatch(part) && Of(part) != default;

    /// <summary>True when a part begins on another day, whatever else it says.</summary>
    public static bool Begins(string part) => Beginning.IsMatch(part);

    private static Regex Beginning => field ??= new(@"^(?:then\s+)?(?:the\s+)?(?:next|following)\s+(?:day|night|shift|morning)\b|^tomorrow\b", RegexOptions.IgnoreCase);

    // How long a mixture stands, and by when it is used, is no wait of the coat.
    private static Regex Standing =>
        field ??= new(
            @"\b(?:stands?|use|used|within|inside|in\s+the|pot\s+life|good\s+for|dwell|wip\w*\s+off|wiped)\b[^,;.]*?\d[^,;.]*"
                + @"|\b(?:within|inside(?:\s+of)?)\s+\w+\s+(?:minutes?|hours?|days?)\b|\bin\s+(?:half\s+an|an|one|two)\s+hours?\b",
            RegexOptions.IgnoreCase
        );

    private static double Number(string said) =>
        said.ToLowerInvariant() switch
        {
            "a" or "an" or "one" => 1,
            "two" => 2,
            "three" => 3,
            "four" => 4,
            "five" => 5,
            "six" => 6,
            "seven" => 7,
            "eight" => 8,
            "ten" => 10,
            "twelve" => 12,
            "half an" or "half a" => 0.5,
            var figure => double.Parse(figure, CultureInfo.InvariantCulture),
        };

    private static double? ClockTime(string part) =>
        Time.Match(part) is { Success: true } t
            ? t.Groups["h"].Success
                ? double.Parse(t.Groups["h"].Value, CultureInfo.InvariantCulture)
                    + (t.Groups["m"].Success ? double.Parse(t.Groups["m"].Value, CultureInfo.InvariantCulture) / 60 : 0)
                : t.Groups["n"].Value is ['n' or 'N' or 'm' or 'M', ..]
                    ? 12
                    : Half(double.Parse(t.Groups["n"].Value, CultureInfo.InvariantCulture), t.Groups["half"].Value)
            : null;

    // "At 3" is in the afternoon, "at 9" in the morning: nobody paints at night.
    private static double Half(double hour, string half) =>
        half.StartsWith('p') && hour < 12 ? hour + 12
        : half.StartsWith('a') ? hour
        : hour < 7 ? hour + 12
        : hour;

    private static Regex Time =>
        field ??= new(
            @"\b(?<h>\d{1,2})[:.](?<m>[0-5]\d)\b(?!\s*(?:%|mm|m\b|l\b))|\b(?<n>\d{1,2})\s*(?<half>[ap])\.?m\b|\b(?<n>noon|midday)\b"
                + @"|\bat\s+(?<n>\d{1,2})\b(?!\s*(?:[:.%°]|c\b|deg|mm|cm|m\b|h\b|hours?|days?|degrees))",
            RegexOptions.IgnoreCase
        );

    private static Regex Same => field ??= new(@"\bsame\s+(?:day|morning|afternoon|evening|shift)\b", RegexOptions.IgnoreCase);

    private static Regex ADay => field ??= new(@"\b(?:a|one)\s+day\s+(?:between|apart)\b|\bone\s+a\s+day\b|\ba\s+day\s+each\b", RegexOptions.IgnoreCase);

    private static double Unit(string unit) =>
        unit[0] switch
        {
            'm' or 'M' => 1 / 60.0,
            'd' or 'D' or 'n' or 'N' => 24,
            'w' or 'W' => 168,
            _ => 1,
        };

    private static Regex Hours =>
        field ??= new(
            @"\b(?:\d+(?:\.\d+)?\s*(?:-|to|or)\s*)?"
                + @"(?:(?<n>\d+(?:\.\d+)?)\s*|(?<n>half an|half a|an?|one|two|three|four|five|six|seven|eight|ten|twelve)\s+)(?:full\s+|dry\s+|drying\s+|clear\s+|good\s+|more\s+|further\s+)?(?<unit>h|hr|hrs|hours?|min|mins|minutes?|weeks?|days?|nights?|d)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex NextDay =>
        field ??= new(
            @"\b(?:next|following)\s+(?:day|night|shift|morning|evening|afternoon)\b|^tomorrow\b|\bthe\s+day\s+after\b|\bday\s+after\b",
            RegexOptions.IgnoreCase
        );

    /// <summary>The day of the week of a name, from Monday on: 0 to 6.</summary>
    internal static int Day(string name) => "montuewedthufrisatsun".IndexOf(name[..3].ToLowerInvariant(), StringComparison.Ordinal) / 3;

    private static Regex FromTo =>
        field ??= new(
            @"\bfrom\s+(?<from>mon|tues?|wednes|thu(?:rs?)?|fri|satur|sun)day\s+(?:to|till|until)\s+(?<to>mon|tues?|wednes|thu(?:rs?)?|fri|satur|sun)day\b",
            RegexOptions.IgnoreCase
        );

    // What comes next is begun within the hour.
    private static Regex NextWithin =>
        field ??= new(@"\b(?:start|begin|get)\w*\s+(?:on\s+)?\w+ing\s+(?:it\s+)?within\s+(?:the|an|half\s+an)\s+hour\b", RegexOptions.IgnoreCase);

    // The painting is begun on that day.
    private static Regex CoatsThatDay =>
        field ??= new(
            @"\b(?:start|begin|get)\w*\s+(?:on\s+)?(?:the\s+)?(?:\w+ing|coats?|paint|primer)\s+(?:it\s+)?"
                + @"(?:(?:on\s+)?(?:that|the\s+same|this)\s+(?:very\s+)?(?:afternoon|day|evening|morning)|after\s+(?:lunch|dinner))\b",
            RegexOptions.IgnoreCase
        );

    // Laid at once, and not "straight from the tub" or "straight over the film".
    private static Regex AtOnce => field ??= new(@"\b(?:(?:straight|right)\s+(?:away|after)|immediately(?:\s+after)?|wet\s+on\s+wet)\b", RegexOptions.IgnoreCase);

    private static Regex AgainNextDay =>
        field ??= new(
            @"\b(?:again|another|a\s+second|the\s+second)\s+(?:one\s+|coat\s+)?(?:the\s+)?(?:next\s+(?:day|morning)|day\s+after|tomorrow)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Overnight =>
        field ??= new(
            @"\bover\s?night\b|\b(?:dry|leave|left|stand|wait)\s+(?:it\s+)?(?:un)?till?\s+(?:tomorrow|(?:the\s+)?(?:next\s+)?(?:day|morning))\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Later =>
        field ??= new(
            @"\bafter\s+(?:at\s+least\s+|about\s+)?(?:\d|(?:one|two|three|four|five|six|an?|half)\s)|\blater\b"
                + @"|\b(?:come|came|go|back|return)\w*\s+(?:back\s+)?(?:in|after)\s+(?:\d|an?\s|one\s|two\s|three\s)"
                + @"|^(?:an?|one|two|three|\d+)\s+(?:weeks?|days?|months?)\s+(?:on|later)\b|\b(?:hours?|days?|weeks?|minutes?)\s+after\b"
                + @"|\b(?:\d+|an?|one|two|three|four|five|six)\s+(?:hours?|hrs?|h)\s+on\b(?!\s+(?:the|a)\b)",
            RegexOptions.IgnoreCase
        );

    private static Regex Weekend =>
        field ??= new(
            @"\b(?:leave|left|dry|stand|wait)\w*\s+(?:it\s+|to\s+dry\s+)?(?:over\s+|for\s+|all\s+)?(?:the\s+|a\s+)?weekend\b|^(?:over\s+)?the\s+weekend\W*$",
            RegexOptions.IgnoreCase
        );

    private static Regex Coats => field ??= new(@"\bbetween\b|\bapart\b", RegexOptions.IgnoreCase);

    private static Regex Alone =>
        field ??= new(
            @"^(?:then\s+)?(?:allow|leave|wait|let|left)\b(?:"
                + @"\s+(?:"
                + @"at|least|for|it|to|till|until|the|next|morning|tomorrow|stand|about|an?|half|one|two|three|four|five|six|seven|eight|ten|twelve|further"
                + @"|(?:dry|full|clear)(?=\s+(?:hours?|days?|weeks?))|\d+(?:\.\d+)?|h|hr|hrs|hours?|mins?|minutes?|days?|nights?|weeks?|over\s?night"
                + @")"
                + @")*(?:\s+at\s+\d+\s*(?:deg\w*|°)?\s*c?)?\W*$"
                + @"|^(?!\d{1,2}[.:][0-5]\d\b)[\d.]+(?:\s*(?:-|to|or)\s*[\d.]+)?\s*\w+\W*$"
                + @"|^(?:a|one|two|three|four|five|six|ten)\s+(?:\w+\s+)?(?:hours?|days?|weeks?)(?:\s+(?:dry|apart|between))?\W*$|^over\s?night\W*$"
                + @"|^(?:a|one|two|three|\d+)\s+days?'?s?'?\s+(?:airing|drying|rest)\W*$"
                + @"|^(?:leave|left|wait)\s+(?:it\s+|to\s+dry\s+)?(?:over\s+|for\s+|all\s+)?(?:the\s+|a\s+)?weekend\W*$|^(?:over\s+)?the\s+weekend\W*$"
                + @"|^(?:\d+|an?|one|two|three|four|five|six)\s+(?:more\s+|further\s+|full\s+|good\s+|dry\s+|drying\s+)*(?:days?|nights?|weeks?|hours?|hrs?)'?"
                + @"(?:\s+(?:with\s+(?:the\s+)?(?:fans?|heating|heater|windows?|dehumidifier)|(?:of\s+)?(?:sun|wind|drying|dry\s+weather)|drying)\b.*)?\W*$"
                + @"|^(?:about\s+)?(?:\d+|an?|one|two|three|four|five|six|eight|ten|twelve)\s+(?:hours?|hrs?|h|days?|weeks?)\s+after\s+\w+\W*$"
                + @"|^(?:next\s+(?:day|morning)|(?:the\s+)?day\s+after|tomorrow)\W*$"
                + @"|^dry(?:ing)?\s+(?:for\s+|at\s+least\s+)?(?:\d+(?:\.\d+)?|an?|one|two|three|four|five|six|eight|ten|twelve)\s*(?:mins?|minutes?|h|hrs?|hours?)\W*$"
                + @"|^(?:(?:all\s+)?on\s+)?(?:the\s+)?same\s+(?:day|shift|morning|afternoon|evening)(?:\s+as\s+(?:the\s+)?\w+)?\W*$"
                + @"|^(?:then\s+)?(?:start|begin|get)\w*\s+(?:on\s+)?(?:the\s+)?(?:\w+ing|coats?|paint|primer)\s+(?:it\s+)?"
                + @"(?:(?:on\s+)?(?:that|the\s+same|this)\s+(?:very\s+)?(?:afternoon|day|evening|morning)|after\s+(?:lunch|dinner))\W*$"
                + @"|^leave\s+(?:it\s+)?(?:for\s+)?(?:an?|one|two|three|four|\d+)\s+(?:hours?|days?|weeks?)\s+to\s+(?:skin|go\s+off|set|harden|cure|dry)(?:\s+(?:out|hard))?\W*$"
                + @"|^leave\b.*\bfrom\s+\w+day\s+(?:to|till|until)\s+\w+day\W*$",
            RegexOptions.IgnoreCase
        );

    private static Regex Waiting =>
        field ??= new(
            @"\d+(?:\.\d+)?\s*(?:hours?|hrs?|h|mins?|minutes?|days?|weeks?)\b(?:\s+between(?:\s+coats)?)?|\bover\s?night\b|\bnext\s+(?:day|morning)\b",
            RegexOptions.IgnoreCase
        );

    private static Regex Drying => field ??= new(@"(?<=\w.*)\b(?:allow|leave|let)(?:ing)?\b[^,;]*\b(?:dry|cure|harden)\b", RegexOptions.IgnoreCase);
}
