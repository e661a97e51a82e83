using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Programme;

namespace AllSound.Core.Exchange;

/// <content>The programme.</content>
public static partial class JobSense
{
    private const double MostTaskHours = 10_000;
    private const int MostPeople = 20;

    private static void ProgrammeFaults(Faults faults, Job job)
    {
        if (job.Programme is not { } programme)
        {
            return;
        }

        LengthLimits.Check(faults, "$.programme", programme);
        Range(faults, "$.programme.stepMinutes", programme.StepMinutes, 1, 1440);
        Range(faults, "$.programme.settleHours", programme.SettleHours, 0, 48);
        Range(faults, "$.programme.watts", programme.Watts, 0, 100_000);
        if (programme.Deadline <= programme.Start)
        {
            faults.Add("$.programme.deadline", "expected a time after the start");
        }

        if (programme.LockUp is { } lockUp && SiteClock.Minute(lockUp) is null)
        {
            faults.Add("$.programme.lockUp", $"expected a time such as 16:30, found '{lockUp}'");
        }

        foreach (var day in Enum.GetValues<DayOfWeek>())
        {
            var (at, end) = ($"$.programme.hours.{day.ToString()[..3].ToLowerInvariant()}", 0);
            var stretches = programme.Hours.Of(day);
            for (var i = 0; i < stretches.Length; i++)
            {
                if (SiteClock.Stretch(stretches[i]) is not { } s || s.From < end)
                {
                    faults.Add($"{at}[{i}]", $"expected hours such as 08:00-12:00, one after another, found '{stretches[i]}'");
                    break;
                }

                end = s.To;
            }
        }

        var people = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < programme.Crew.Length; i++)
        {
            Name(faults, $"$.programme.crew[{i}].id", programme.Crew[i].Id);
            Unique(faults, $"$.programme.crew[{i}].id", programme.Crew[i].Id, people);
        }

        var equipment = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < programme.Equipment.Length; i++)
        {
            Name(faults, $"$.programme.equipment[{i}].id", programme.Equipment[i].Id);
            Unique(faults, $"$.programme.equipment[{i}].id", programme.Equipment[i].Id, equipment);
            Range(faults, $"$.programme.equipment[{i}].count", programme.Equipment[i].Count, 1, 1000);
        }

        Range(faults, "$.programme.boldness", programme.Boldness, 0, 1);
        var skills = programme.Crew.SelectMany(c => c.Skills).ToHashSet(StringComparer.Ordinal);
        var ids = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < programme.Tasks.Length; i++)
        {
            var (at, task) = ($"$.programme.tasks[{i}]", programme.Tasks[i]);
            Name(faults, $"{at}.id", task.Id);
            Unique(faults, $"{at}.id", task.Id, ids);
            TaskFaults(faults, at, task, programme, equipment, skills);
        }

        LinkFaults(faults, job, programme, ids, equipment, skills);
    }

    /// <summary>What is wrong with the weather of a job.</summary>
    public static ImmutableArray<Fault> OfWeather(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        var faults = new Faults();
        WeatherFaults(faults, job);
        return faults.ToImmutable();
    }

    private static void WeatherFaults(Faults faults, Job job)
    {
        if (job.Weather is not { } weather)
        {
            return;
        }

        LengthLimits.Check(faults, "$.weather", weather);
        Range(faults, "$.weather.latitude", weather.Latitude, -90, 90);
        Range(faults, "$.weather.longitude", weather.Longitude, -180, 180);
        Range(faults, "$.weather.heightM", weather.HeightM, -430, 9000);
        for (var i = 0; i < weather.Hourly.Length; i++)
        {
            var (at, row) = ($"$.weather.hourly[{i}]", weather.Hourly[i]);
            Range(faults, $"{at}.airC", row.AirC, -45, 60);
            Range(faults, $"{at}.rh", row.Rh, 1, 100);
            Range(faults, $"{at}.surfaceC", row.SurfaceC, -45, 120);
            Range(faults, $"{at}.rainMm", row.RainMm, 0, 200);
            Range(faults, $"{at}.windMs", row.WindMs, 0, 60);
            Range(faults, $"{at}.cloud", row.Cloud, 0, 1);
            Range(faults, $"{at}.sunWm2", row.SunWm2, 0, 1400);
            if (i > 0 && row.Time <= weather.Hourly[i - 1].Time)
            {
                faults.Add($"{at}.time", "expected a later time than in the row before");
            }
        }

        for (var i = 0; i < weather.Members.Length; i++)
        {
            var (at, member) = ($"$.weather.members[{i}]", weather.Members[i]);
            LengthLimits.Check(faults, at, member);
            Rows($"{at}.airC", member.AirC, -45, 60);
            Rows($"{at}.rh", member.Rh, 1, 100);
            Rows($"{at}.rainMm", member.RainMm, 0, 200);
            Rows($"{at}.windMs", member.WindMs, 0, 60);
        }

        void Rows(string at, ImmutableArray<double> figures, double least, double most)
        {
            if (!figures.IsEmpty && figures.Length != weather.Hourly.Length)
            {
                faults.Add(at, $"expected a figure for each of the {weather.Hourly.Length} rows of the hourly table, found {figures.Length}");
            }

            for (var i = 0; i < figures.Length; i++)
            {
                Range(faults, $"{at}[{i}]", figures[i], least, most);
            }
        }
    }

    private static void TaskFaults(Faults faults, string at, ProgrammeTask task, ProgrammeBrief programme, HashSet<string> equipment, HashSet<string> skills)
    {
        Range(faults, $"{at}.hours", task.Hours, 0, MostTaskHours);
        Range(faults, $"{at}.people", task.People, 0, MostPeople);
        Range(faults, $"{at}.wetHours", task.WetHours, 0, 1000);
        Range(faults, $"{at}.shutHours", task.ShutHours, 0, 24);
        Range(faults, $"{at}.watts", task.Watts, 0, 100_000);
        Range(faults, $"{at}.leastPieceHours", task.LeastPieceHours, 0.05, 24);
        if (task.People > Math.Max(1, programme.Crew.Length))
        {
            faults.Add($"{at}.people", $"expected {Math.Max(1, programme.Crew.Length)} at most, which is the crew, found {task.People}");
        }

        if (task.Latest <= task.Earliest)
        {
            faults.Add($"{at}.latest", "expected a time after the earliest");
        }

        if (task.Window is { } window && SiteClock.Stretch(window) is null)
        {
            faults.Add($"{at}.window", $"expected hours such as 08:00-12:30, found '{window}'");
        }

        for (var s = 0; s < task.Skills.Length; s++)
        {
            if (!skills.Contains(task.Skills[s]))
            {
                faults.Add($"{at}.skills[{s}]", $"nobody in the crew can do '{task.Skills[s]}'");
            }
        }

        for (var e = 0; e < task.Equipment.Length; e++)
        {
            var use = task.Equipment[e];
            var there = programme.Equipment.FirstOrDefault(x => x.Id == use.Id);
            if (!equipment.Contains(use.Id))
            {
                faults.Add($"{at}.equipment[{e}].id", $"there is no equipment '{use.Id}'");
            }
            else if (use.Count < 1 || use.Count > there?.Count)
            {
                faults.Add($"{at}.equipment[{e}].count", $"expected 1 to {there?.Count}, found {use.Count}");
            }
        }
    }

    private static void LinkFaults(Faults faults, Job job, ProgrammeBrief programme, HashSet<string> ids, HashSet<string> equipment, HashSet<string> skills)
    {
        // A step of a surface is a task by its surface and number.
        var surfaces = job.Buildings.IsDefault ? [] : job.Surfaces().Select(s => s.Surface.Id).ToHashSet(StringComparer.Ordinal);
        void Known(string at, string id)
        {
            if (!ids.Contains(id) && !(StepId.Owner(id) is { } owner && surfaces.Contains(owner)))
            {
                faults.Add(at, $"there is no task '{id}'");
            }
        }

        for (var i = 0; i < programme.Links.Length; i++)
        {
            var (at, link) = ($"$.programme.links[{i}]", programme.Links[i]);
            Known($"{at}.before", link.Before);
            Known($"{at}.after", link.After);
            Range(faults, $"{at}.leastHours", link.LeastHours, 0, MostTaskHours);
            Range(faults, $"{at}.mostHours", link.MostHours, 0, MostTaskHours);
            if (link.MostHours < link.LeastHours)
            {
                faults.Add($"{at}.mostHours", $"expected {link.LeastHours} or more, which is the least, found {link.MostHours}");
            }

            if (link.SameDay && link.LaterDay)
            {
                faults.Add($"{at}.laterDay", "the same day and a later one cannot both be");
            }

            if (link.Otherwise is { } otherwise)
            {
                TaskFaults(faults, $"{at}.otherwise", otherwise, programme, equipment, skills);
            }
        }

        if (Ring(programme) is { } ring)
        {
            faults.Add("$.programme.links", $"the links run in a ring: {string.Join(", ", ring)}");
        }

        for (var i = 0; i < programme.Exclusions.Length; i++)
        {
            var (at, e) = ($"$.programme.exclusions[{i}]", programme.Exclusions[i]);
            Known($"{at}.first", e.First);
            Known($"{at}.second", e.Second);
            Range(faults, $"{at}.firstHours", e.FirstHours, 0, 1000);
            Range(faults, $"{at}.secondHours", e.SecondHours, 0, 1000);
            if (e.First == e.Second)
            {
                faults.Add($"{at}.second", "expected another task than the first");
            }
        }

        for (var i = 0; i < programme.Dates.Length; i++)
        {
            if (programme.Dates[i].To <= programme.Dates[i].From)
            {
                faults.Add($"$.programme.dates[{i}].to", "expected a time after the beginning");
            }
        }
    }

    // Tasks of which each comes before the next and the last before the first; null where there are none.
    private static List<string>? Ring(ProgrammeBrief programme)
    {
        var left = programme.Links.ToList();
        while (true)
        {
            // What nothing comes before is in no ring.
            var after = left.Select(l => l.After).ToHashSet(StringComparer.Ordinal);
            if (left.RemoveAll(l => !after.Contains(l.Before)) == 0)
            {
                break;
            }
        }

        if (left.Count == 0)
        {
            return null;
        }

        // Everything left has something before it that is left too: going back ends where it has been.
        var path = new List<string> { left[0].Before };
        while (true)
        {
            var before = left.First(l => l.After == path[^1]).Before;
            if (path.IndexOf(before) is >= 0 and var at)
            {
                path.RemoveRange(0, at);
                path.Reverse();
                return path;
            }

            path.Add(before);
        }
    }
}
