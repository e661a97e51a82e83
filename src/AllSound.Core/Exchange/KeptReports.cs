using System.Collections.Immutable;
using AllSound.Core.Durability;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>A look at a finished surface that is due, or was due and done.</summary>
/// <param name="Job">Id of the job.</param>
/// <param name="JobTitle">Its title.</param>
/// <param name="Space">Id of the room or elevation.</param>
/// <param name="SpaceTitle">Its name.</param>
/// <param name="Surface">Id of the surface.</param>
/// <param name="Title">Its name.</param>
/// <param name="On">The day.</param>
/// <param name="For">What is looked for.</param>
/// <param name="Seen">The look that answers it; null while nobody has looked.</param>
public sealed record DueLookReport(
    string Job,
    string JobTitle,
    string Space,
    string SpaceTitle,
    string Surface,
    string Title,
    DateOnly On,
    [property: Prose] string For,
    LookSeen? Seen
);

/// <summary>How long a finish lasts on a ground.</summary>
/// <param name="Finish">Id of the finish.</param>
/// <param name="FinishTitle">Its name.</param>
/// <param name="Ground">Id of the ground.</param>
/// <param name="GroundTitle">Its name.</param>
/// <param name="Outside">In the weather.</param>
/// <param name="Usual">Years to first maintenance that are usual of the class.</param>
/// <param name="Curve">The share still sound against time.</param>
/// <param name="Life">What is usual, brought up to date by what was seen.</param>
public sealed record LastingReport(
    string Finish,
    [property: Prose] string FinishTitle,
    string Ground,
    [property: Prose] string GroundTitle,
    bool Outside,
    double Usual,
    SurvivalCurve Curve,
    LifeEstimate Life
);

/// <summary>What is to be looked at again, and what lasts, over all jobs.</summary>
/// <param name="Finished">Finished surfaces that it rests on.</param>
/// <param name="Looks">Looks that are due or were, by their day.</param>
/// <param name="Lasting">How long finishes last, those of which most was seen first.</param>
public sealed record KeptReport(int Finished, ImmutableArray<DueLookReport> Looks, ImmutableArray<LastingReport> Lasting)
{
    /// <summary>What is kept of all jobs.</summary>
    /// <param name="jobs">Each job with what was specified for its surfaces, by id.</param>
    public static KeptReport Of(IEnumerable<(Job Job, IReadOnlyDictionary<string, Specified> Specified)> jobs)
    {
        ArgumentNullException.ThrowIfNull(jobs);
        var all = jobs.SelectMany(j =>
            {
                var worked = j.Job.Log.Where(e => e.Kind == LogKind.Done).Select(e => e.Surface).ToHashSet(StringComparer.Ordinal);
                return j
                    .Job.Surfaces()
                    .Where(x => worked.Contains(x.Surface.Id))
                    .Select(x => (j.Job, x.Space, Kept: Kept.Of(j.Job, x.Surface, j.Specified[x.Surface.Id])));
            })
            .Where(x => x.Kept is not null)
            .ToArray();
        return new(
            all.Length,
            [
                .. all.SelectMany(x =>
                        x.Kept!.Due.Select(d => new DueLookReport(
                            x.Job.Id,
                            x.Job.Title,
                            x.Space.Id,
                            x.Space.Title,
                            x.Kept.Surface.Id,
                            x.Kept.Surface.Title,
                            d.On,
                            d.For,
                            d.Seen
                        ))
                    )
                    .OrderBy(l => l.On)
                    .ThenBy(l => l.Job, StringComparer.Ordinal)
                    .ThenBy(l => l.Surface, StringComparer.Ordinal),
            ],
            [
                .. SystemLife
                    .Of(all.Select(x => x.Kept!))
                    .Select(l => new LastingReport(
                        l.Finish.Id,
                        l.Finish.Title,
                        l.Ground,
                        Substrates.Find(l.Ground)?.Title ?? l.Ground,
                        l.Outside,
                        l.Outside ? l.Finish.Life.Outside : l.Finish.Life.Inside,
                        l.Curve,
                        l.Life
                    )),
            ]
        );
    }

    /// <summary>An iCalendar (RFC 5545) of the looks that nobody has done yet, a day each.</summary>
    /// <param name="title">Title of the calendar.</param>
    /// <param name="stamp">When it is written, UTC.</param>
    public string Calendar(string title, DateTime stamp)
    {
        var calendar = new CalendarWriter("looks", title, stamp);
        foreach (var look in Looks.Where(l => l.Seen is null))
        {
            calendar.Day($"{look.Job}/{look.Surface}/look/{look.On:yyyyMMdd}", look.On, $"Look again: {look.Title}, {look.SpaceTitle}", $"{look.JobTitle}. {look.For}");
        }

        return calendar.End();
    }
}
