using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Wording;

namespace AllSound.Core.Documents;

/// <summary>What stands before the rooms of a paper: for whom it is, what it holds, and each surface in a line.</summary>
internal static class FrontPage
{
    /// <summary>The front of a specification, a crew's checklist or a hazard sheet.</summary>
    public static ImmutableArray<Block> Of(DocumentKind kind, Job job, IReadOnlyDictionary<string, Specified> specified, ImmutableArray<Block> who) =>
        [
            .. who,
            .. kind switch
            {
                DocumentKind.Specification => Priced(job, specified),
                DocumentKind.CrewChecklist => ForTheCrew(job, specified),
                _ => Hazardous(job, specified),
            },
        ];

    private static ImmutableArray<Block> Priced(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        var places = job.Surfaces().ToArray();
        var together = Sharing.Of(job, specified);
        decimal Sum(bool held) =>
            places
                .Where(p => specified[p.Surface.Id].Holds.IsEmpty != held)
                .Sum(p => Figures.Shown(Takeoff.Planned(p.Surface, specified[p.Surface.Id])?.Criteria.Money ?? 0))
            - together.Where(t => t.Waits == held).Sum(t => Figures.Shown(t.Money));
        var saved = together.Where(t => !t.Waits).Sum(t => Figures.Shown(t.Money));
        var once = saved > 0 ? $", {Writing.Money(saved, job)} less than one by one because each room is set up once" : "";
        var waiting = Sum(held: true) is > 0 and var money ? $" What is stopped would come to {Writing.Money(money, job)} more once it is freed." : "";
        return
        [
            Block.Say(
                "The work in order, with the reason for every step. A stopped surface waits for what its page names; the plan for afterwards is there to price and prepare by."
            ),
            Alike(job, specified, "cost", options => Writing.Money(options.Sum(o => Figures.Shown(o.Criteria.Money)), job)),
            Block.Say(
                $"Labour and materials together {Writing.Money(Sum(held: false), job)}{Writing.BeforeTax(job)}{once}; tins not rounded.{waiting} {Writing.Sources} {Writing.Defers}"
            ),
        ];
    }

    private static ImmutableArray<Block> ForTheCrew(Job job, IReadOnlyDictionary<string, Specified> specified) =>
        [
            Block.Say("Tick what is done. A hold point is not passed before its number is written beside it."),
            Alike(job, specified, "hours", options => Figures.Hours(options.Sum(o => o.Criteria.LabourHours))),
            Block.Say(CrewChecklist.Misleading),
            Block.Say(Writing.Defers),
        ];

    private static ImmutableArray<Block> Hazardous(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        var places = job.Surfaces().ToArray();
        return
        [
            Block.Say(
                "What can hurt in each room, what to wear, where the waste goes, and what is refused. Read it before the first step; what is not clear, ask before signing."
            ),
            // Of one room the hazards follow at once, with their surfaces.
            .. places.All(p => p.Space == places[0].Space) ? [] : new[] { ByRoom(job, specified) },
            Block.Heading("Read and understood"),
            Block.Table(["", "name", "signature", "date"], Enumerable.Range(1, 3).Select(n => ImmutableArray.Create($"{n}.", "", "", ""))),
            Block.Say($"{Writing.Sources} {Writing.Defers}"),
        ];
    }

    // Surfaces of a room on which the same work is done share a line, with what it comes to on all of them.
    private static Block Alike(Job job, IReadOnlyDictionary<string, Specified> specified, string measure, Func<Option[], string> sum)
    {
        var places = job.Surfaces().ToArray();
        var rooms = places.Select(p => p.Space).Distinct().Count();
        var lines = places
            .Select(p => (p.Space, p.Surface, Option: Takeoff.Planned(p.Surface, specified[p.Surface.Id])))
            .GroupBy(p => (p.Space, Work: Work(specified[p.Surface.Id], p.Option)))
            .Select(g => (g.Key.Space, g.Key.Work, Titles: Likeness.InARow(g.Select(p => p.Surface.Title)), Options: g.Select(p => p.Option).OfType<Option>().ToArray()))
            .ToArray();
        return Block.Table(
            ["surface", "work", measure, "days"],
            lines.Select(l =>
                ImmutableArray.Create(
                    l.Work,
                    l.Options.Length == 0 ? "" : sum(l.Options),
                    l.Options.Length == 0 ? "" : Figures.Days(l.Options.Max(o => o.Criteria.ElapsedDays))
                )
            ),
            [.. lines.Select(l => rooms == 1 ? l.Titles : $"{l.Space.Title}: {l.Titles}")]
        );
    }

    private static Block ByRoom(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        var places = job.Surfaces().ToArray();
        return Block.Table(
            ["surface", "what can hurt"],
            places.Select(p =>
                ImmutableArray.Create(
                    string.Join("; ", Hazards.Of(p.Surface, specified[p.Surface.Id]).Select(h => h.Duty is HazardDuty.Stop ? $"{h.Hazard.Title}: stop" : h.Hazard.Title))
                        is { Length: > 0 } hazards
                        ? hazards
                        : "nothing beyond what its steps say"
                )
            ),
            Names(places)
        );
    }

    // The room before the surface, where there is more than one.
    private static ImmutableArray<string> Names((Building Building, Space Space, Surface Surface)[] places) =>
        [.. places.Select(p => places.All(q => q.Space == places[0].Space) ? p.Surface.Title : $"{p.Space.Title}: {p.Surface.Title}")];

    private static string Work(Specified specified, Option? option)
    {
        var held = !specified.Holds.IsEmpty;
        return option is null ? (held ? "stopped" : "nothing meets this brief") : $"{(held ? "stopped; once freed: " : "")}{option.Name}";
    }
}
