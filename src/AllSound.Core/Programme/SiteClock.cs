using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Scheduling;
using Opening = AllSound.Scheduling.Opening;

namespace AllSound.Core.Programme;

/// <summary>Local time as ticks of a schedule: tick 0 is the midnight on which the first day begins. A day has 24 hours: where clocks are put on or back that night is slept through.</summary>
/// <param name="Midnight">The first midnight.</param>
/// <param name="Minutes">Minutes of a tick.</param>
internal sealed record SiteClock(DateTime Midnight, int Minutes)
{
    /// <summary>Ticks of a day.</summary>
    public int Day => 1440 / Minutes;

    /// <summary>The tick at or after a moment.</summary>
    public int From(DateTime at) => (int)Math.Ceiling(Math.Round((at - Midnight).TotalMinutes / Minutes, 6));

    /// <summary>The tick at or before a moment.</summary>
    public int Until(DateTime at) => (int)Math.Floor(Math.Round((at - Midnight).TotalMinutes / Minutes, 6));

    /// <summary>The moment of a tick.</summary>
    public DateTime At(int tick) => Midnight.AddMinutes((double)tick * Minutes);

    /// <summary>So many hours, a part of a tick counted as one.</summary>
    public int Long(double hours) => (int)Math.Ceiling(Math.Round(hours * 60 / Minutes, 6));

    /// <summary>Hours of so many ticks.</summary>
    public double Hours(int ticks) => ticks * Minutes / 60.0;

    /// <summary>The working hours of so many days.</summary>
    public Timetable Working(WeekHours hours, int days) =>
        Timetable.Of(
            Enumerable
                .Range(0, days)
                .SelectMany(d =>
                    hours
                        .Of(Midnight.AddDays(d).DayOfWeek)
                        .Select(s => Stretch(s)!.Value)
                        .Select(s => new Opening((d * Day) + s.From / Minutes, (d * Day) + s.To / Minutes))
                )
        );

    /// <summary>The same stretch of every day.</summary>
    public Timetable Daily(int fromMinute, int toMinute, int days) =>
        Timetable.Of(Enumerable.Range(0, days).Select(d => new Opening((d * Day) + (fromMinute / Minutes), (d * Day) + (toMinute / Minutes))));

    /// <summary>A stretch of a day such as "08:00-12:30" in minutes from midnight; null when it is none. A day ends at 24:00.</summary>
    public static (int From, int To)? Stretch(string text)
    {
        var parts = text.Split('-');
        return parts.Length == 2 && Minute(parts[0]) is { } from && Minute(parts[1]) is { } to && from < to ? (from, to) : null;
    }

    /// <summary>A time of day such as "16:30" in minutes from midnight; null when it is none.</summary>
    public static int? Minute(string text) =>
        text == "24:00" ? 1440
        : TimeOnly.TryParseExact(text, "HH:mm", CultureInfo.InvariantCulture, DateTimeStyles.None, out var time) ? (time.Hour * 60) + time.Minute
        : null;
}
