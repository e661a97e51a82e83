using System.Collections.Immutable;
using AllSound.Core.Programme;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>A stretch of work at a task.</summary>
/// <param name="Start">Local time.</param>
/// <param name="End">Local time.</param>
/// <param name="Crew">Ids of who does it.</param>
public sealed record PieceReport(DateTime Start, DateTime End, ImmutableArray<string> Crew);

/// <summary>A task in the programme.</summary>
/// <param name="Id">Its id: for a step of a specification the surface and its number, for what is done once the room and the operation.</param>
/// <param name="Surface">Its surface; null where it has none.</param>
/// <param name="Operation">Its operation; null for a task of one's own.</param>
/// <param name="Title">Its title.</param>
/// <param name="Start">Local time.</param>
/// <param name="End">Local time.</param>
/// <param name="Crew">Who does it.</param>
/// <param name="ReadyAt">When what it left is dry enough for the next.</param>
/// <param name="FloatHours">Hours by the clock that it may slip before the finish does.</param>
/// <param name="Space">Its air space; null where it has none.</param>
/// <param name="Pieces">Its pieces; one unless it is broken off.</param>
/// <param name="Mind">What waiting has brought about by then and has to be seen to first.</param>
/// <param name="WaitsFor">What it waits for; null where it could begin sooner, or at once.</param>
public sealed record ProgrammeTaskReport(
    string Id,
    string? Surface,
    string? Operation,
    [property: Prose] string Title,
    DateTime Start,
    DateTime End,
    ImmutableArray<string> Crew,
    DateTime ReadyAt,
    double FloatHours,
    string? Space,
    ImmutableArray<PieceReport> Pieces,
    [property: Prose] ImmutableArray<string> Mind,
    [property: Prose] string? WaitsFor
);

/// <summary>A risk of the plan.</summary>
/// <param name="Task">Id of the task.</param>
/// <param name="Chance">Chance that it comes otherwise, 0 to 1; null where nothing is known.</param>
/// <param name="Fallback">What is done then.</param>
public sealed record RiskReport(string Task, double? Chance, [property: Prose] string Fallback);

/// <summary>Work that is not in the programme.</summary>
/// <param name="Task">What.</param>
/// <param name="Reason">Why not.</param>
/// <param name="Frees">What would free it.</param>
public sealed record UnplannedReport([property: Prose] string Task, [property: Prose] string Reason, [property: Prose] ImmutableArray<string> Frees);

/// <summary>A change that would bring the finish forward.</summary>
/// <param name="Change">The change.</param>
/// <param name="Finish">When everything would be done.</param>
public sealed record WouldHelpReport([property: Prose] string Change, DateTime Finish);

/// <summary>Who does what when.</summary>
/// <param name="Tasks">In the order of their starts; empty when there is no plan.</param>
/// <param name="Finish">When the last has ended; null when there is no plan.</param>
/// <param name="Start">When the first starts; null when there is no plan.</param>
/// <param name="Bound">No plan finishes earlier; going backwards, none starts later; null when there is no plan.</param>
/// <param name="Gap">How far the plan may be from the best, a part of its length: 0 when it is proved.</param>
/// <param name="LabourHours">Hours of work of people.</param>
/// <param name="IdleHours">Working hours of people with nothing to do, between first start and finish.</param>
/// <param name="Days">Days on which anybody works.</param>
/// <param name="Critical">Ids of the tasks that hold the finish, in order.</param>
/// <param name="Risks">Risks.</param>
/// <param name="Unplanned">What is not in it.</param>
/// <param name="WouldHelp">What would bring the finish forward.</param>
/// <param name="Outcome">best (proved), legal, none (proved that there is none) or unknown (none found in the time given).</param>
/// <param name="Against">Where there is none: the smallest set of rules that stand against each other.</param>
/// <param name="Weather">What is known of the weather, with its age.</param>
public sealed record ProgrammeReport(
    ImmutableArray<ProgrammeTaskReport> Tasks,
    DateTime? Finish,
    DateTime? Start,
    DateTime? Bound,
    double Gap,
    double LabourHours,
    double IdleHours,
    int Days,
    ImmutableArray<string> Critical,
    ImmutableArray<RiskReport> Risks,
    ImmutableArray<UnplannedReport> Unplanned,
    ImmutableArray<WouldHelpReport> WouldHelp,
    string Outcome,
    [property: Prose] ImmutableArray<string> Against,
    [property: Prose] string Weather
)
{
    /// <summary>A programme in the words of the reports.</summary>
    /// <param name="plan">The programme.</param>
    /// <param name="latest">It went backwards.</param>
    /// <param name="sooner">What would bring the finish forward, where that was looked for.</param>
    public static ProgrammeReport Of(ProgrammePlan plan, bool latest, ImmutableArray<WouldHelp> sooner = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var there = !plan.Tasks.IsEmpty;
        var length = (plan.Finish - plan.Start).TotalHours;
        var apart = latest ? plan.Bound - plan.Start : plan.Finish - plan.Bound;
        return new(
            [
                .. plan.Tasks.Select(t => new ProgrammeTaskReport(
                    t.Task.Id,
                    t.Surface,
                    t.Operation,
                    t.Task.Title ?? t.Task.Id,
                    t.Start,
                    t.End,
                    [.. t.Pieces.SelectMany(p => p.Crew).Distinct(StringComparer.Ordinal)],
                    t.ReadyAt,
                    t.FloatHours,
                    t.Task.Space,
                    [.. t.Pieces.Select(p => new PieceReport(p.From, p.To, p.Crew))],
                    t.Mind,
                    t.WaitsFor
                )),
            ],
            there ? plan.Finish : null,
            there ? plan.Start : null,
            there ? plan.Bound : null,
            !there || length <= 0 || plan.Outcome == Scheduling.Outcome.Best ? 0 : Math.Round(Math.Max(0, apart.TotalHours / length), 4),
            plan.LabourHours,
            plan.IdleHours,
            plan.Tasks.SelectMany(t => t.Pieces).Where(p => !p.Crew.IsEmpty).SelectMany(p => DaysOf(p.From, p.To)).Distinct().Count(),
            [.. plan.Tasks.Where(t => t.FloatHours <= 0).Select(t => t.Task.Id)],
            [.. plan.Risks.Select(Risk)],
            [.. plan.Unplanned.Select(u => new UnplannedReport(u.Task, u.Reason, u.Frees))],
            [.. (sooner.IsDefault ? [] : sooner).Select(w => new WouldHelpReport(w.Change, w.Finish))],
            plan.Outcome.ToString().ToLowerInvariant(),
            plan.Against,
            plan.Weather
        );
    }

    private static RiskReport Risk(WeatherRisk risk)
    {
        var known = risk.Chance is { } chance
            ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"In {chance * 100:0} of 100 the weather does not let it be done then.")
            : "Nothing is known of the weather then.";
        var instead = risk.Instead is { } other ? $"{other.Task.Title ?? other.Task.Id} instead, and this on the next dry day" : "it waits for the next dry day";
        return new(risk.Task.Task.Id, risk.Chance, $"{known} If it rains: {instead}.");
    }

    private static IEnumerable<DateOnly> DaysOf(DateTime from, DateTime to)
    {
        for (var day = from.Date; day < to || day == from.Date; day = day.AddDays(1))
        {
            yield return DateOnly.FromDateTime(day);
        }
    }
}
