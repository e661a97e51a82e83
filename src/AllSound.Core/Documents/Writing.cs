using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Documents;

/// <summary>Writes the documents of a job from what was specified.</summary>
public static class Writing
{
    internal const string Defers = "Numbers are typical of the trade and from memory; product labels, local law and licensed people come first.";

    /// <summary>What is said where sources stand beside steps.</summary>
    internal const string Sources = "Where nobody is named, common practice says so.";

    /// <summary>What is in every price.</summary>
    internal const string Included = "Protection of what stays, preparation, all coats, clearing up and waste.";

    /// <summary>Where both sides sign.</summary>
    internal static Block Signatures { get; } =
        Block.Table(
            ["", "name", "signature", "date"],
            [
                ["for the client", "", "", ""],
                ["for the firm", "", "", ""],
            ]
        );

    /// <summary>Said of a sum to which tax is added.</summary>
    internal static string BeforeTax(Job job) => job.Rates.Tax > 0 ? " before tax" : "";

    /// <summary>Said of surfaces that a page comes to again once the lead area is cleared.</summary>
    internal const string GoneOn = "continued";

    // From so many rooms on a paper tells its rooms in front.
    private const int LongPages = 6;

    /// <summary>Writes a document.</summary>
    /// <param name="kind">Which.</param>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    /// <param name="date">Date to be printed.</param>
    /// <param name="revision">Revision to be printed.</param>
    /// <param name="only">Id of the only surface wanted; null for all.</param>
    public static Document Write(DocumentKind kind, Job job, IReadOnlyDictionary<string, Specified> specified, string date, string revision, string? only = null)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(specified);
        var title = kind switch
        {
            DocumentKind.Specification => "Specification",
            DocumentKind.ClientSummary => "Summary for the client",
            DocumentKind.CrewChecklist => "Crew checklist",
            DocumentKind.Quotation => $"Quotation {Quoting.NextRevision(job)}",
            DocumentKind.AsBuilt => "As built",
            _ => "Hazard sheet",
        };
        // What is offered is offered as a whole.
        ImmutableArray<Page> pages =
            kind == DocumentKind.Quotation ? [new Page(null, "", QuotationPaper.Of(job, specified, Who(job)))]
            : kind == DocumentKind.AsBuilt ? AsBuiltPaper.Of(job, specified, only)
            : only is null ? Whole(kind, job, specified)
            :
            [
                .. from place in job.Surfaces()
                where place.Surface.Id == only
                select new Page(
                    place.Surface.Title,
                    $"{place.Building.Title}, {place.Space.Title}",
                    kind == DocumentKind.ClientSummary
                        ? Client(job, place.Surface, specified[place.Surface.Id])
                        : Together(kind, job, [new([(place.Surface, specified[place.Surface.Id])])], named: false)
                ),
            ];
        return new Document(kind, title, job.Title, date, revision, From(job), pages);
    }

    // A page a room, with what is of the whole job before them: on a page of its own, or where there is one room on top of that room's.
    private static ImmutableArray<Page> Whole(DocumentKind kind, Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        var rooms = (from b in job.Buildings from s in b.Spaces where !s.Surfaces.IsEmpty select (Building: b, Space: s)).ToArray();
        ImmutableArray<Block> Room(Space space) =>
            kind == DocumentKind.ClientSummary
                ? ClientSummary.Room(job, space, specified)
                : Together(kind, job, InOrder(space, Likeness.Of(space, specified)), named: true);
        var client = kind == DocumentKind.ClientSummary;
        var first = client ? ClientSummary.Head(job, specified, Who(job)) : FrontPage.Of(kind, job, specified, Who(job));
        ImmutableArray<Block> terms = client ? ClientSummary.Terms(job, specified) : [];
        if (rooms is [var only])
        {
            return [new Page(only.Space.Title, only.Building.Title == job.Title ? "" : only.Building.Title, [.. first, .. Room(only.Space), .. terms])];
        }

        ImmutableArray<Block> byRoom = client ? [ClientSummary.ByRoom(job, specified)] : [];
        ImmutableArray<Block> contents = rooms.Length > LongPages ? [Block.Contents(rooms.Select(r => r.Space.Title))] : [];
        return
        [
            new Page(null, "", [.. first, .. byRoom, .. terms, .. contents]),
            .. rooms.Select(r => new Page(r.Space.Title, r.Building.Title == job.Title ? "" : r.Building.Title, Room(r.Space))),
        ];
    }

    private static ImmutableArray<Block> Together(DocumentKind kind, Job job, ImmutableArray<Likeness> groups, bool named) =>
        kind switch
        {
            DocumentKind.Specification => RoomSpecification.Of(job, groups, named),
            DocumentKind.CrewChecklist => CrewChecklist.Of(job, groups, named),
            _ => HazardSheet.Of(job, groups, named),
        };

    // Outside as the surfaces are met; in a room kindred surfaces one after another.
    private static ImmutableArray<Likeness> InOrder(Space space, ImmutableArray<Likeness> groups) =>
        space.Kind != SpaceKind.Room
            ? groups
            : [.. groups.OrderBy(g => Likeness.Turn(g.First.Surface.Element)).ThenBy(g => groups.IndexOf(groups.First(o => o == g || o.IsKin(g))))];

    private static ImmutableArray<string> From(Job job) =>
        [.. (job.Letterhead ?? "").Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)];

    // For whom and where, as far as it was told.
    private static ImmutableArray<Block> Who(Job job)
    {
        string[] who =
        [
            .. new[] { job.Client is { Length: > 0 } client ? $"For {client.TrimEnd('.')}" : null, job.Address?.TrimEnd('.') }.OfType<string>().Where(s => s.Length > 0),
        ];
        return who.Length == 0 ? [] : [Block.Say($"{string.Join(". ", who)}.")];
    }

    private static ImmutableArray<Block> Client(Job job, Surface surface, Specified specified)
    {
        if (specified.Options.IsEmpty)
        {
            return Stopped(job, surface, specified);
        }

        var chosen = Takeoff.Chosen(surface, specified)!;

        var other = ClientSummary.Beside(surface, specified);
        var blocks = ImmutableArray.CreateBuilder<Block>();
        Option[] two = other is null ? [chosen] : [chosen, other];
        blocks.Add(
            Block.Table(
                ["", .. two.Select((o, i) => i == 0 ? "proposed" : "the other option")],
                [
                    ["what", .. two.Select(o => o.Name)],
                    ["cost", .. two.Select(o => Money(o.Criteria.Money, job))],
                    ["time on site", .. two.Select(o => Figures.Days(o.Criteria.ElapsedDays))],
                    ["to first maintenance, about", .. two.Select(o => Figures.Years(o.Criteria.LifeYears))],
                    ["cost for each of those years", .. two.Select(o => Money(o.Criteria.MoneyPerYear, job))],
                    ["hazard to the people doing it", .. two.Select(o => Number(o.Criteria.Hazard))],
                    ["best at", .. two.Select(o => o.BestAt.IsEmpty ? "nothing above the others" : string.Join(", ", o.BestAt))],
                ]
            )
        );
        foreach (var option in two)
        {
            Add(
                blocks,
                $"For {option.Name}",
                [
                    .. option.NotMet,
                    .. option.Recommended is { } reason ? [$"Recommended. {reason}"] : Array.Empty<string>(),
                    .. option.OtherSchool is { } school ? [$"Not how we usually work. {school}"] : Array.Empty<string>(),
                    .. option.PreferWhen,
                    .. option.LeftUndone.Select(l => $"Leaves undone: {l}"),
                    .. option.Risks.Select(r => $"Can still go wrong: {r}"),
                ]
            );
        }

        var holds = two.Length == 1 ? "No other option within the brief is worth comparing." : "Both are sound; the choice is yours.";
        if (specified.Options.Length > two.Length)
        {
            holds +=
                specified.Options.Length - two.Length == 1
                    ? " One way more was weighed and is not shown here."
                    : $" {specified.Options.Length - two.Length} ways more were weighed and are not shown here.";
        }

        blocks.Add(Block.Say($"{holds} Years of life are a judgement for normal use, not a promise."));
        Add(blocks, "To know beforehand", [.. specified.Notes, .. Rooms(chosen, surface)]);
        return blocks.ToImmutable();
    }

    internal static IEnumerable<string> Rooms(Option option, Surface surface)
    {
        var first = false;
        return option.Steps.Select(s => Safe(s, surface, ref first).Others).OfType<string>().Distinct(StringComparer.Ordinal);
    }

    internal static ImmutableArray<Block> Stopped(Job job, Surface surface, Specified specified, bool priced = true) =>
        specified.Holds.IsEmpty
            ?
            [
                Block.Beware($"Nothing meets this brief: {specified.Impasse!.Reason}."),
                Block.Say("What would help:"),
                Block.List(specified.Impasse.Frees),
                .. ByOthers(specified.Impasse.Others),
                .. NearestTo(job, surface, specified, priced),
            ]
            :
            [
                .. WhatStops(specified),
                .. specified.Meanwhile.IsEmpty
                    ? Array.Empty<Block>()
                    : [Block.Heading("What may be done meanwhile"), Steps(specified.Meanwhile, surface, specified, "what stops the work")],
                .. Afterwards(job, surface, specified, priced),
            ];

    /// <summary>What stops a surface, what frees it, who does that, and what to do meanwhile.</summary>
    internal static IEnumerable<Block> WhatStops(Specified specified) =>
        specified.Holds.SelectMany(h =>
            (Block[])
                [
                    Block.Beware($"Stopped: {h.Need.Unmet}. {h.Need.Consequence}"),
                    Block.List(h.Need.Frees),
                    .. ByOthers(h.Others),
                    .. h.Need.Meanwhile.IsEmpty ? Array.Empty<Block>() : [Block.Say("Meanwhile:"), Block.List(h.Need.Meanwhile)],
                ]
        );

    private static IEnumerable<Block> ByOthers(ImmutableArray<Operation> others) =>
        others.IsEmpty ? [] : [Block.Say("By other trades:"), Block.List(others.Select(o => $"{o.Title}. {o.Do} Done when: {o.Accept}."))];

    /// <summary>The hazards in force on a page with what to do about each, said once: a step only reminds of them.</summary>
    /// <param name="groups">The surfaces of the page.</param>
    internal static IEnumerable<Block> InForce(ImmutableArray<Likeness> groups)
    {
        var found = Found(groups);
        return found.Length == 0
            ? []
            :
            [
                Block.Heading("Hazards"),
                Block.List(found.Select(h => $"{h.Hazard.Title}{(h.On.IsEmpty ? "" : $" ({string.Join("; ", h.On)})")}. {h.Because} {string.Join(" ", h.Hazard.Do)}")),
            ];
    }

    /// <summary>The hazards in force on a page, each once, with the surfaces that have it where that is not all of them.</summary>
    internal static (Hazard Hazard, HazardDuty Duty, string Because, ImmutableArray<string> On)[] Found(ImmutableArray<Likeness> groups)
    {
        var all = groups.SelectMany(g => g.Surfaces).ToArray();
        return
        [
            .. all.SelectMany(s => Hazards.Of(s.Surface, s.Specified).Select(h => (s.Surface, Found: h)))
                .GroupBy(x => (x.Found.Hazard.Id, x.Found.Duty))
                .Select(g =>
                    (
                        g.First().Found.Hazard,
                        g.Key.Duty,
                        Once(g.SelectMany(x => x.Found.Because.Split(". ")).Select(b => b.TrimEnd('.'))),
                        g.Count() == all.Length ? ImmutableArray<string>.Empty : [.. g.Select(x => x.Surface.Title)]
                    )
                ),
        ];
    }

    // Sentence by sentence: what several surfaces have in common is said once, and what differs only after its colon stands in one sentence.
    private static string Once(IEnumerable<string> sentences) =>
        string.Join(
            " ",
            sentences
                .Distinct(StringComparer.Ordinal)
                .Select(s => s.IndexOf(": ", StringComparison.Ordinal) is > 0 and var colon ? (Stem: s[..colon], Tail: s[(colon + 2)..]) : (Stem: s, Tail: ""))
                .GroupBy(s => s.Stem, s => s.Tail)
                .Select(g => g.Any(r => r.Length > 0) ? $"{g.Key}: {string.Join("; ", g.Where(r => r.Length > 0))}." : $"{g.Key}.")
        );

    // What is proposed instead of what was asked: not to be begun before whoever asked has agreed.
    private static IEnumerable<Block> NearestTo(Job job, Surface surface, Specified specified, bool priced) =>
        specified.Nearest is { Plan.Options: [var option, ..] } nearest
            ?
            [
                Block.Heading("The nearest that can be done"),
                Block.Say($"To be agreed first: {string.Join(", and ", nearest.Dropped)}."),
                Block.Say(
                    $"{option.Name}. {(priced ? $"{Money(option.Criteria.Money, job)}, " : "")}{Figures.Hours(option.Criteria.LabourHours)} of labour, {Figures.Days(option.Criteria.ElapsedDays)}."
                ),
                Steps(option.Steps, surface, specified, "the finished work"),
            ]
            : [];

    // To price and prepare by; not yet to work by.
    private static IEnumerable<Block> Afterwards(Job job, Surface surface, Specified specified, bool priced)
    {
        if (specified.Afterwards is not { } then || Takeoff.Chosen(surface, then.Plan) is not { } option)
        {
            return [];
        }

        return
        [
            Block.Heading("The plan once freed"),
            Block.Beware($"Not to be started before {string.Join(", and ", then.Freed)}."),
            Block.Say(
                $"{option.Name}. {(priced ? $"{Money(option.Criteria.Money, job)}, " : "")}{Figures.Hours(option.Criteria.LabourHours)} of labour, {Figures.Days(option.Criteria.ElapsedDays)}. {(priced ? "To price and prepare by: look" : "Look")} again before it begins."
            ),
            .. option.Causes.IsEmpty ? [] : new[] { Block.Heading("Why it fails, and what answers it"), Block.List(option.Causes.Select(c => c.Line)) },
            Steps(option.Steps, surface, specified, "the finished work"),
        ];
    }

    // Of a surface by itself: nothing was said before it.
    private static Block Steps(ImmutableArray<Step> steps, Surface surface, Specified specified, string end)
    {
        var part = new Likeness([(surface, specified)], steps);
        var order = new PageOrder([part]);
        // Whoever reads these may have no other page: each step names who says so.
        return new StepTable(new Told(), named: true).Of([.. order.Steps], order, end);
    }

    internal static StepSafety Safe(Step step, Surface surface, ref bool first)
    {
        var coat = step.Act.Product is not null && step.Act.Operation.Role != CoatRole.None;
        var safety = StepHazards.Of(step.Act, step.Before, surface, first && coat);
        first &= !coat;
        return safety;
    }

    /// <summary>Why a step is there: what needs it, or what it is for.</summary>
    /// <param name="step">The step.</param>
    /// <param name="end">What the whole leads to.</param>
    /// <param name="numberOf">The number on the page of a later step, by its own.</param>
    internal static string Because(Step step, string end, Func<int, int> numberOf) =>
        step.Links.IsEmpty
            ? step.Because is { } why
                ? why.TrimEnd('.')
                : "part of the system asked for"
            : string.Join(
                "; ",
                step.Links.GroupBy(l => l.For)
                    .Take(2)
                    .Select(g => $"for {(g.Key is { } n ? $"step {numberOf(n)}" : end)}: {string.Join(", and ", g.Take(2).Select(l => l.Need.Title))}")
            );

    /// <summary>What a step lays, after a sign that leads to it; nothing where the step's own name says it.</summary>
    internal static string Product(Step step, string sign) =>
        step.Act.Product is { } p && !step.Act.Operation.Title.Contains(p.Title, StringComparison.OrdinalIgnoreCase) ? $"{sign}{p.Title}" : "";

    internal static void Add(ImmutableArray<Block>.Builder blocks, string heading, ImmutableArray<string> lines)
    {
        if (!lines.IsEmpty)
        {
            blocks.Add(Block.Heading(heading));
            blocks.Add(Block.List(lines));
        }
    }

    internal static string Money(decimal amount, Job job) => Figures.Money(amount, job.Rates.Currency);

    internal static string Litres(double value) => value < 0.1 ? $"{Number(Math.Max(1, Math.Round(value * 1000)))} ml" : $"{Number(value)} L";

    internal static string Number(double value) => Math.Round(value, 1).ToString(System.Globalization.CultureInfo.InvariantCulture);
}
