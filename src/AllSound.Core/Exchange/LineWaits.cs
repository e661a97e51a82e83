using System.Globalization;
using System.Text.RegularExpressions;

namespace AllSound.Core.Exchange;

/// <summary>The waits that a part of a line speaks of, in hours; null where it says nothing.</summary>
/// <param name="Before">Before it is begun: "after 16 hours", "next day".</param>
/// <param name="Between">Between its coats.</param>
/// <param name="After">Once it is done, before whatever comes next: "leave 16 hours".</param>
internal readonly partial record struct LineWaits(double? Before, double? Between, double? After)
{
    // From evening to morning. Common practice.
    private const double Night = 16;

    /// <summary>Reads a part.</summary>
    public static LineWaits Of(string part)
    {
        if (NextDay().IsMatch(part))
        {
            return new(Night, null, null);
        }

        double? hours =
            Hours().Match(part) is { Success: true } h ? double.Parse(h.Groups["n"].Value, CultureInfo.InvariantCulture) * Unit(h.Groups["unit"].Value)
            : Overnight().IsMatch(part) ? Night
            : null;
        return hours is null ? default
            : Later().IsMatch(part) ? new(hours, null, null)
            : Coats().IsMatch(part) ? new(null, hours, null)
            : new(null, null, hours);
    }

    /// <summary>A part without what says how long to wait: that says nothing of what is done.</summary>
    public static string Without(string part) => Waiting().Replace(Drying().Replace(part, " "), " ");

    /// <summary>True when a part says to wait and nothing else.</summary>
    public static bool IsAll(string part) => Alone().IsMatch(part) && Of(part) != default;

    private static double Unit(string unit) =>
        unit[0] switch
        {
            'm' or 'M' => 1 / 60.0,
            'd' or 'D' => 24,
            'w' or 'W' => 168,
            _ => 1,
        };

    [GeneratedRegex(@"(?<n>\d+(?:\.\d+)?)\s*(?<unit>h|hr|hrs|hours?|min|mins|minutes?|weeks?|days?|d)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Hours();

    [GeneratedRegex(@"\bnext\s+(?:day|morning)\b", RegexOptions.IgnoreCase)]
    private static partial Regex NextDay();

    [GeneratedRegex(@"\bover\s?night\b", RegexOptions.IgnoreCase)]
    private static partial Regex Overnight();

    [GeneratedRegex(@"\bafter\s+(?:at\s+least\s+)?\d|\blater\b", RegexOptions.IgnoreCase)]
    private static partial Regex Later();

    [GeneratedRegex(@"\bbetween\b|\bapart\b", RegexOptions.IgnoreCase)]
    private static partial Regex Coats();

    [GeneratedRegex(
        @"^(?:allow|leave|wait|let)\b(?:\s+(?:at|least|for|it|to|stand|about|a|further|\d+(?:\.\d+)?|h|hr|hrs|hours?|mins?|minutes?|days?|weeks?|over\s?night))*\W*$|^[\d.]+\s*\w+\W*$",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Alone();

    [GeneratedRegex(
        @"\d+(?:\.\d+)?\s*(?:hours?|hrs?|h|mins?|minutes?|days?|weeks?)\b(?:\s+between(?:\s+coats)?)?|\bover\s?night\b|\bnext\s+(?:day|morning)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Waiting();

    [GeneratedRegex(@"(?<=\w.*)\b(?:allow|leave|let)(?:ing)?\b[^,;]*\b(?:dry|cure|harden)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Drying();
}
