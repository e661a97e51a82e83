using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Programme;

namespace AllSound.Core.Exchange;

/// <summary>Reads how a programme is asked for.</summary>
public static class ProgrammeAsking
{
    /// <summary>How it is asked for, or what is wrong with that.</summary>
    /// <param name="job">The job.</param>
    /// <param name="from">When work may begin, as 2026-12-01T08:00; null or empty: as the job says, or the day after today.</param>
    /// <param name="seconds">How long it may take, 0.1 to <paramref name="longest"/>.</param>
    /// <param name="latest">Backwards from the deadline.</param>
    /// <param name="today">Today, local.</param>
    /// <param name="longest">The most seconds that may be asked for.</param>
    public static (Asked? Asked, Fault? Fault) Read(Job job, string? from, double seconds, bool latest, DateTime today, double longest)
    {
        ArgumentNullException.ThrowIfNull(job);
        var start = job.Programme?.Start ?? today.Date.AddDays(1);
        if (!string.IsNullOrEmpty(from) && Moment(from) is var said)
        {
            if (said is null)
            {
                return (null, new("$.from", $"expected a time such as 2026-12-01T08:00, found '{from}'"));
            }

            start = said.Value;
        }

        return seconds is not (>= 0.1) || seconds > longest ? (null, new("$.seconds", FormattableString.Invariant($"expected 0.1 to {longest}, found {seconds}")))
            : latest && job.Programme?.Deadline is null ? (null, new("$.latest", "going backwards needs a deadline: programme.deadline of the job"))
            : (new(DateTime.SpecifyKind(start, DateTimeKind.Unspecified), seconds, latest), null);
    }

    /// <summary>A local moment such as 2026-12-01T08:00, to the minute; null when it is none.</summary>
    public static DateTime? Moment(string text) =>
        DateTime.TryParse(text, CultureInfo.InvariantCulture, DateTimeStyles.NoCurrentDateDefault, out var at) && at.Year is > 1 and < 9000
            ? DateTime.SpecifyKind(at.AddTicks(-(at.Ticks % TimeSpan.TicksPerMinute)), DateTimeKind.Unspecified)
            : null;
}
