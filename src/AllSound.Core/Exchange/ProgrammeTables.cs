using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>A programme as a calendar, as a table and as lines to read.</summary>
public static class ProgrammeTables
{
    /// <summary>An iCalendar (RFC 5545) of all tasks, or of one person's; times are local to wherever it is read.</summary>
    /// <param name="report">The programme.</param>
    /// <param name="job">Id of the job.</param>
    /// <param name="title">Title of the job.</param>
    /// <param name="stamp">When it is written, UTC.</param>
    /// <param name="person">Id of a person; null: everybody.</param>
    public static string Calendar(ProgrammeReport report, string job, string title, DateTime stamp, string? person = null)
    {
        ArgumentNullException.ThrowIfNull(report);
        var calendar = new CalendarWriter("programme", person is null ? title : $"{title}, {person}", stamp);
        foreach (var task in report.Tasks)
        {
            var pieces = task.Pieces.Where(p => person is null || p.Crew.Contains(person)).ToArray();
            for (var i = 0; i < pieces.Length; i++)
            {
                var ready = task.ReadyAt > task.End ? $" Dry for the next at {Figures.Moment(task.ReadyAt)}." : "";
                calendar.Event(
                    $"{job}/{task.Id}/{i + 1}",
                    pieces[i].Start,
                    pieces[i].End,
                    task.Title,
                    $"{string.Join(", ", pieces[i].Crew)}{(pieces[i].Crew.IsEmpty ? "Nobody of ours" : "")}.{ready}"
                );
            }
        }

        return calendar.End();
    }

    /// <summary>A table with a row for each piece of each task.</summary>
    public static string Table(ProgrammeReport report)
    {
        ArgumentNullException.ThrowIfNull(report);
        return Tables.Write(
            ["id", "surface", "operation", "title", "start", "end", "crew", "readyAt", "floatHours"],
            report.Tasks.SelectMany(t =>
                t.Pieces.Select(p =>
                    (IEnumerable<string?>)
                        [
                            t.Id,
                            t.Surface,
                            t.Operation,
                            t.Title,
                            Iso(p.Start),
                            Iso(p.End),
                            string.Join(" ", p.Crew),
                            Iso(t.ReadyAt),
                            t.FloatHours.ToString(CultureInfo.InvariantCulture),
                        ]
                )
            )
        );
    }

    /// <summary>The programme as lines, a day under its date.</summary>
    public static IEnumerable<string> Lines(ProgrammeReport report)
    {
        ArgumentNullException.ThrowIfNull(report);
        if (report.Finish is { } finish && report.Start is { } start)
        {
            var proved =
                report.Gap <= 0 && report.Outcome == "best" ? "proved: none is better" : FormattableString.Invariant($"at most {report.Gap * 100:0.#} % from the best");
            yield return FormattableString.Invariant(
                $"{Figures.Moment(start)} to {Figures.Moment(finish)}, {report.Days} days, {report.LabourHours:0.##} h of work, {report.IdleHours:0.##} h idle; {proved}"
            );
            foreach (var day in report.Tasks.SelectMany(t => t.Pieces.Select(p => (Task: t, Piece: p))).GroupBy(x => x.Piece.Start.Date).OrderBy(g => g.Key))
            {
                yield return "";
                yield return day.Key.ToString("dddd d MMMM yyyy", CultureInfo.InvariantCulture);
                foreach (var (task, piece) in day.OrderBy(x => x.Piece.Start).ThenBy(x => x.Task.Id, StringComparer.Ordinal))
                {
                    var ready = task.ReadyAt > task.End && piece == task.Pieces[^1] ? $"; dry {Moment(task.ReadyAt, day.Key)}" : "";
                    var room = task.FloatHours > 0 ? FormattableString.Invariant($"; may slip {task.FloatHours:0.##} h") : "; holds the finish";
                    var crew = piece.Crew.IsEmpty ? "" : $" ({string.Join(", ", piece.Crew)})";
                    yield return $"  {piece.Start:HH:mm} to {Moment(piece.End, day.Key)}  {task.Title}{crew}{ready}{room}";
                    foreach (var mind in piece == task.Pieces[0] ? task.Mind : [])
                    {
                        yield return $"    see to this first: {mind}";
                    }
                }
            }

            if (!report.WouldHelp.IsEmpty)
            {
                yield return "";
                yield return "Done sooner:";
                foreach (var help in report.WouldHelp)
                {
                    yield return $"  with {help.Change}: {Figures.Moment(help.Finish)}";
                }
            }
        }
        else
        {
            yield return report.Outcome switch
            {
                "none" => "There is no plan. These stand against each other:",
                "unknown" => "No plan was found in the time given. Give it more: --seconds 60",
                _ => "There is nothing to plan.",
            };
            foreach (var rule in report.Against)
            {
                yield return $"  {rule}";
            }
        }

        if (!report.Risks.IsEmpty)
        {
            yield return "";
            yield return $"Hangs on the weather ({report.Weather}):";
            var titles = report.Tasks.ToDictionary(t => t.Id, t => t.Title, StringComparer.Ordinal);
            foreach (var risk in report.Risks.Where(r => r.Chance is not null))
            {
                yield return $"  {titles[risk.Task]}: {risk.Fallback}";
            }

            if (report.Risks.Count(r => r.Chance is null) is > 0 and var unknown)
            {
                yield return $"  {unknown} {(unknown == 1 ? "coat" : "coats")} outside on days of which nothing is known yet.";
            }
        }

        if (!report.Unplanned.IsEmpty)
        {
            yield return "";
            yield return "Not in it:";
            foreach (var left in report.Unplanned)
            {
                yield return $"  {left.Task}: {left.Reason}{(left.Frees.IsEmpty ? "" : $" To free it: {string.Join("; ", left.Frees)}.")}";
            }
        }
    }

    private static string Iso(DateTime at) => at.ToString("yyyy-MM-dd'T'HH:mm:ss", CultureInfo.InvariantCulture);

    private static string Moment(DateTime at, DateTime day) => at.Date == day ? at.ToString("HH:mm", CultureInfo.InvariantCulture) : Figures.Moment(at);
}
