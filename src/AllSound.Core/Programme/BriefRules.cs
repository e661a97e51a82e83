using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Wording;

namespace AllSound.Core.Programme;

/// <summary>A rule of a brief that may stand against others.</summary>
/// <param name="Says">The rule in words.</param>
/// <param name="Tasks">Tasks that it is about.</param>
/// <param name="Drop">The brief without it.</param>
internal sealed record BriefRule(string Says, ImmutableArray<string> Tasks, Func<ProgrammeBrief, ProgrammeBrief> Drop);

/// <summary>All rules of a brief that can be dropped one by one, so that the smallest set that stands against each other can be found.</summary>
internal static class BriefRules
{
    public static ImmutableArray<BriefRule> Of(ProgrammeBrief brief)
    {
        var rules = ImmutableArray.CreateBuilder<BriefRule>();
        var titles = brief.Tasks.ToDictionary(t => t.Id, t => t.Title ?? t.Id, StringComparer.Ordinal);
        if (brief.Deadline is { } deadline)
        {
            rules.Add(new($"everything is done by {Figures.Moment(deadline)}", [], b => b with { Deadline = null }));
        }

        foreach (var task in brief.Tasks)
        {
            void Rule(bool stands, string says, Func<ProgrammeTask, ProgrammeTask> drop)
            {
                if (stands)
                {
                    rules.Add(new($"{titles[task.Id]} {says}", [task.Id], b => b with { Tasks = [.. b.Tasks.Select(t => t.Id == task.Id ? drop(t) : t)] }));
                }
            }

            Rule(task.Latest is not null, $"is done by {Figures.Moment(task.Latest ?? default)}", t => t with { Latest = null });
            Rule(task.Earliest is not null, $"begins {Figures.Moment(task.Earliest ?? default)} or later", t => t with { Earliest = null });
            Rule(task.At is not null, $"is pinned to {Figures.Moment(task.At ?? default)}", t => t with { At = null });
            Rule(task.Window is not null, $"lies between {task.Window?.Replace("-", " and ", StringComparison.Ordinal)}", t => t with { Window = null });
            Rule(!task.Days.IsEmpty, $"is done on {string.Join(", ", task.Days)} only", t => t with { Days = [] });
            Rule(
                task.ShutHours is not null && brief.LockUp is not null,
                $"has dried {Text(task.ShutHours ?? 0)} h before it is shut at {brief.LockUp}",
                t => t with { ShutHours = null }
            );
            Rule(!task.Closed.IsEmpty, "waits for weather that it bears", t => t with { Closed = [] });
            Rule(task.Split == TaskSplit.Never && task.Hours > 0, "is not broken off", t => t with { Split = TaskSplit.Pauses });
            Rule(task.People > 1 || !task.Skills.IsEmpty, $"takes {task.People} {string.Join(", ", task.Skills)}".TrimEnd(), t => t with { People = 1, Skills = [] });
        }

        foreach (var link in brief.Links)
        {
            var what = $"{titles.GetValueOrDefault(link.Before, link.Before)} before {titles.GetValueOrDefault(link.After, link.After)}";
            var least = link.LeastHours > 0 ? $", {Text(link.LeastHours)} h at least between" : "";
            var most = link.MostHours is { } m ? $", {Text(m)} h at most between" : "";
            var day =
                link.SameDay ? ", on the same day"
                : link.LaterDay ? ", on a later day"
                : "";
            rules.Add(new($"{what}{least}{most}{day}", [link.Before, link.After], b => b with { Links = b.Links.Remove(link) }));
        }

        foreach (var e in brief.Exclusions)
        {
            rules.Add(
                new(
                    $"{titles.GetValueOrDefault(e.First, e.First)} and {titles.GetValueOrDefault(e.Second, e.Second)} apart",
                    [e.First, e.Second],
                    b => b with { Exclusions = b.Exclusions.Remove(e) }
                )
            );
        }

        foreach (var d in brief.Dates)
        {
            rules.Add(new($"{d.Title} ({Figures.Moment(d.From)})", d.Tasks, b => b with { Dates = b.Dates.Remove(d) }));
        }

        foreach (var member in brief.Crew.Where(c => !c.DaysOff.IsEmpty))
        {
            rules.Add(
                new(
                    $"{member.Title ?? member.Id} is away on {string.Join(", ", member.DaysOff.Select(d => d.ToString("ddd d MMM", CultureInfo.InvariantCulture)))}",
                    [],
                    b => b with { Crew = [.. b.Crew.Select(c => c.Id == member.Id ? c with { DaysOff = [] } : c)] }
                )
            );
        }

        return rules.ToImmutable();
    }

    private static string Text(double hours) => hours.ToString("0.##", CultureInfo.InvariantCulture);
}
