using System.Globalization;
using System.Text;

namespace AllSound.Core.Exchange;

/// <summary>Writes an iCalendar (RFC 5545). Times are local to wherever it is read.</summary>
internal sealed class CalendarWriter
{
    // RFC 5545: a line holds 75 octets at most; what is longer goes on in the next, which begins with a blank.
    private const int LineOctets = 75;

    private readonly StringBuilder text = new();
    private readonly string stamp;

    /// <summary>Begins one.</summary>
    /// <param name="product">What writes it: one word.</param>
    /// <param name="title">Title of the calendar.</param>
    /// <param name="written">When it is written, UTC.</param>
    public CalendarWriter(string product, string title, DateTime written)
    {
        stamp = written.ToString("yyyyMMdd'T'HHmmss'Z'", CultureInfo.InvariantCulture);
        Line("BEGIN:VCALENDAR");
        Line("VERSION:2.0");
        Line($"PRODID:-//All Sound//{product}//EN");
        Line($"X-WR-CALNAME:{Escaped(title)}");
    }

    /// <summary>An event from one time to another.</summary>
    public void Event(string id, DateTime start, DateTime end, string summary, string description) =>
        Event(id, $"DTSTART:{Local(start)}", $"DTEND:{Local(end)}", summary, description);

    /// <summary>An event of a whole day.</summary>
    public void Day(string id, DateOnly on, string summary, string description) =>
        Event(id, $"DTSTART;VALUE=DATE:{Date(on)}", $"DTEND;VALUE=DATE:{Date(on.AddDays(1))}", summary, description);

    /// <summary>The whole calendar.</summary>
    public string End()
    {
        Line("END:VCALENDAR");
        return text.ToString();
    }

    private void Event(string id, string start, string end, string summary, string description)
    {
        Line("BEGIN:VEVENT");
        Line($"UID:{id}@allsound");
        Line($"DTSTAMP:{stamp}");
        Line(start);
        Line(end);
        Line($"SUMMARY:{Escaped(summary)}");
        Line($"DESCRIPTION:{Escaped(description)}");
        Line("END:VEVENT");
    }

    private void Line(string line)
    {
        var octets = 0;
        foreach (var rune in line.EnumerateRunes())
        {
            if (octets + rune.Utf8SequenceLength > LineOctets)
            {
                text.Append("\r\n ");
                octets = 1;
            }

            text.Append(rune);
            octets += rune.Utf8SequenceLength;
        }

        text.Append("\r\n");
    }

    private static string Local(DateTime at) => at.ToString("yyyyMMdd'T'HHmmss", CultureInfo.InvariantCulture);

    private static string Date(DateOnly on) => on.ToString("yyyyMMdd", CultureInfo.InvariantCulture);

    private static string Escaped(string text) =>
        text.Replace("\\", "\\\\", StringComparison.Ordinal)
            .Replace(";", "\\;", StringComparison.Ordinal)
            .Replace(",", "\\,", StringComparison.Ordinal)
            .Replace("\n", "\\n", StringComparison.Ordinal);
}
