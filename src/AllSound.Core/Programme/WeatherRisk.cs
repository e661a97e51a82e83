using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Wording;

namespace AllSound.Core.Programme;

/// <summary>Work outside that the weather may hold up.</summary>
/// <param name="Task">The task.</param>
/// <param name="Chance">Chance that it cannot be done where it stands, 0 to 1; null where the weather is not known then.</param>
/// <param name="Instead">What is done then instead; null: nothing else is free.</param>
public sealed record WeatherRisk(PlannedTask Task, double? Chance, PlannedTask? Instead)
{
    // A risk smaller than this is not worth a line. Judgement.
    private const double Small = 0.05;

    // A forecast older than this is said to be old. Judgement.
    private const double OldHours = 24;

    /// <summary>The risks of a plan.</summary>
    internal static IEnumerable<WeatherRisk> Of(IReadOnlyList<PlannedTask> tasks, WeatherWindows weather, Func<string, CoatedFace?> face)
    {
        foreach (var task in tasks.Where(t => t.Task.Kinds.Contains(TaskKind.Outside) && t.Task.Kinds.Contains(TaskKind.WetFilm)))
        {
            var chance = weather.Chance(task, face(task.Task.Id));
            if (chance is not { } known || known >= Small)
            {
                yield return new(
                    task,
                    chance,
                    tasks.FirstOrDefault(o => !o.Task.Kinds.Contains(TaskKind.Outside) && o.Start >= task.End && o.FloatHours > 0 && !o.Pieces[0].Crew.IsEmpty)
                );
            }
        }
    }

    /// <summary>What a plan that starts then knows of the weather.</summary>
    internal static string Known(Job job, WeatherWindows weather, DateTime start)
    {
        if (weather.Known is not { } known)
        {
            return "no forecast is taken in";
        }

        var age = job.Weather!.AsOf is { } asOf ? (start - asOf).TotalHours : (double?)null;
        var old = age > OldHours ? string.Create(CultureInfo.InvariantCulture, $", {age / 24:0.#} days before work begins") : "";
        var told = job.Weather.AsOf is { } at ? $"the forecast of {Figures.Moment(at)}{old}" : "a forecast of unknown age";
        return $"{told}; after {Figures.Moment(known.To)} the weather is not known";
    }
}
