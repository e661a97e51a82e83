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
        var places = job.Surfaces().Where(p => only is null || p.Surface.Id == only).ToArray();
        var title = kind switch
        {
            DocumentKind.Specification => "Specification",
            DocumentKind.ClientSummary => "Summary for the client",
            DocumentKind.CrewChecklist => "Crew checklist",
            _ => "Hazard sheet",
        };
        var pages = ImmutableArray.CreateBuilder<Page>();
        if (only is null && kind == DocumentKind.ClientSummary)
        {
            pages.Add(new Page(null, "", ClientSummary.Front(job, specified, Who(job))));
            pages.AddRange(
                from building in job.Buildings
                from space in building.Spaces
                where !space.Surfaces.IsEmpty
                select new Page(space.Title, building.Title == job.Title ? "" : building.Title, ClientSummary.Room(job, space, specified))
            );
            return new Document(kind, title, job.Title, date, revision, pages.ToImmutable());
        }

        if (only is null)
        {
            pages.Add(new Page(null, "", Front(kind, job, places, specified)));
        }

        foreach (var (building, space, surface) in places)
        {
            var blocks = kind switch
            {
                DocumentKind.Specification => Specification(job, surface, specified[surface.Id]),
                DocumentKind.ClientSummary => Client(job, surface, specified[surface.Id]),
                DocumentKind.CrewChecklist => CrewChecklist.Of(job, surface, specified[surface.Id]),
                _ => HazardSheet.Of(job, surface, specified[surface.Id]),
            };
            pages.Add(new Page(surface.Title, $"{building.Title}, {space.Title}", blocks));
        }

        return new Document(kind, title, job.Title, date, revision, pages.ToImmutable());
    }

    private static ImmutableArray<Block> Front(
        DocumentKind kind,
        Job job,
        (Building Building, Space Space, Surface Surface)[] places,
        IReadOnlyDictionary<string, Specified> specified
    )
    {
        var rows = places.Select(p =>
        {
            var option = Takeoff.Planned(p.Surface, specified[p.Surface.Id]);
            var held = !specified[p.Surface.Id].Holds.IsEmpty;
            return ImmutableArray.Create(
                option is null ? (held ? "stopped" : "nothing meets this brief") : $"{(held ? "stopped; once freed: " : "")}{option.Name}",
                option is null ? "" : Money(option.Criteria.Money, job),
                option is null ? "" : Figures.Days(option.Criteria.ElapsedDays)
            );
        });
        decimal Sum(bool held) =>
            places
                .Where(p => specified[p.Surface.Id].Holds.IsEmpty != held)
                .Sum(p => Figures.Shown(Takeoff.Planned(p.Surface, specified[p.Surface.Id])?.Criteria.Money ?? 0));
        var waiting = Sum(held: true) is > 0 and var money ? $" What is stopped would come to {Money(money, job)} more once it is freed." : "";
        return
        [
            .. Who(job),
            Block.Say(
                kind switch
                {
                    DocumentKind.Specification =>
                        "The work on each surface in order, with the reason for every step. A stopped surface waits for what its page names; the plan for afterwards is there to price and prepare by.",
                    DocumentKind.CrewChecklist => "Tick what is done. A hold point is not passed before its number is written beside it.",
                    _ => "What can hurt on each surface, what to wear, where the waste goes, and what is refused.",
                }
            ),
            Block.Table(["surface", "work", "cost", "days"], rows, [.. places.Select(p => $"{p.Space.Title}: {p.Surface.Title}")]),
            Block.Say($"Labour and materials together {Money(Sum(held: false), job)}, tins not rounded.{waiting} {Defers}"),
        ];
    }

    // For whom and where, as far as it was told.
    private static ImmutableArray<Block> Who(Job job)
    {
        string[] who =
        [
            .. new[] { job.Client is { Length: > 0 } client ? $"For {client.TrimEnd('.')}" : null, job.Address?.TrimEnd('.') }.OfType<string>().Where(s => s.Length > 0),
        ];
        return who.Length == 0 ? [] : [Block.Say($"{string.Join(". ", who)}.")];
    }

    private static ImmutableArray<Block> Specification(Job job, Surface surface, Specified specified)
    {
        if (Takeoff.Chosen(surface, specified) is not { } option)
        {
            return [.. InForce(surface, specified), .. Stopped(job, surface, specified)];
        }

        var blocks = ImmutableArray.CreateBuilder<Block>();
        blocks.AddRange(InForce(surface, specified));
        blocks.Add(
            Block.Say(
                $"{option.Name}. {Money(option.Criteria.Money, job)}, {Figures.Hours(option.Criteria.LabourHours)} of labour, {Figures.Days(option.Criteria.ElapsedDays)}, about {Figures.Years(option.Criteria.LifeYears)} to first maintenance."
            )
        );
        Add(blocks, "Not as asked", option.NotMet);
        Add(blocks, "Why it fails, and what answers it", WhyItFails(option));
        blocks.AddRange(Steps(option.Steps, surface, "the finished work"));
        Add(blocks, "It assumes", option.Assumes);
        Add(blocks, "It leaves undone", option.LeftUndone);
        Add(blocks, "What can still go wrong", option.Risks);
        blocks.Add(Block.Say(Defers));
        return blocks.ToImmutable();
    }

    private static ImmutableArray<string> WhyItFails(Option option) => [.. option.Causes.Select(c => c.Line)];

    // Each step with its cautions and hold point before it, how, why and who says so.
    private static IEnumerable<Block> Steps(ImmutableArray<Step> steps, Surface surface, string end)
    {
        var first = true;
        foreach (var step in steps)
        {
            var safety = Safe(step, surface, ref first);
            yield return Block.Heading(
                $"{step.Number}. {step.Act.Operation.Title}{(step.Act.Product is { } p ? $": {p.Title}" : "")}{(step.Coat is { } coat ? $", coat {coat}" : "")}"
            );
            if (!safety.Cautions.IsEmpty)
            {
                yield return Block.Beware(string.Join(" ", safety.Cautions));
            }

            if (safety.Hold is { } hold)
            {
                yield return Block.Beware($"Hold point. {hold}");
            }

            yield return Block.Say(step.Do);
            yield return Block.List(Facts(step, safety, CoatShade.For(step.Act, step.Later(steps), surface), end));
        }
    }

    private static IEnumerable<string> Facts(Step step, StepSafety safety, string? tint, string end)
    {
        yield return $"Why: {Because(step, end)}";
        foreach (var manner in step.Manner)
        {
            yield return manner;
        }

        if (step.WaitBefore > 0)
        {
            yield return $"Wait {Number(step.WaitBefore)} h before it.";
        }

        if (step.Act.Operation.Dilution is { } dilution)
        {
            yield return $"Dilution: {dilution}";
        }

        if (step.Act.Product is not null && HandTools.Mixing(step.Act) is { Length: > 0 } mixing)
        {
            yield return $"Mixing: {mixing}";
        }

        if (tint is not null)
        {
            yield return $"Tint: {tint}";
        }

        if (step.Act.Operation.Tool is { } tool)
        {
            yield return $"Tool: {tool}";
        }

        if (!safety.Protection.IsEmpty)
        {
            yield return $"Wear: {string.Join(", ", safety.Protection)}";
        }

        yield return $"Done when: {step.Act.Operation.Accept}";
        if (safety.Waste is { } waste)
        {
            yield return $"Waste: {waste}";
        }

        yield return $"Source: {step.Act.Operation.Source}";
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
                    ? " One way more is in the specification."
                    : $" {specified.Options.Length - two.Length} ways more are in the specification.";
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

    internal static ImmutableArray<Block> Stopped(Job job, Surface surface, Specified specified) =>
        specified.Holds.IsEmpty
            ?
            [
                Block.Beware($"Nothing meets this brief: {specified.Impasse!.Reason}."),
                Block.Say("What would help:"),
                Block.List(specified.Impasse.Frees),
                .. ByOthers(specified.Impasse.Others),
                .. NearestTo(job, surface, specified),
            ]
            :
            [
                .. WhatStops(specified),
                .. specified.Meanwhile.IsEmpty
                    ? Array.Empty<Block>()
                    : [Block.Heading("What may be done meanwhile"), .. Steps(specified.Meanwhile, surface, "what stops the work")],
                .. Afterwards(job, surface, specified),
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

    /// <summary>The hazards in force with what to do about each, once for the page: a step only reminds of them.</summary>
    internal static IEnumerable<Block> InForce(Surface surface, Specified specified) =>
        Hazards.Of(surface, specified) is { IsEmpty: false } found
            ? [Block.Heading("Hazards"), Block.List(found.Select(h => $"{h.Hazard.Title}. {h.Because} {string.Join(" ", h.Hazard.Do)}"))]
            : [];

    // What is proposed instead of what was asked: not to be begun before whoever asked has agreed.
    private static IEnumerable<Block> NearestTo(Job job, Surface surface, Specified specified) =>
        specified.Nearest is { Plan.Options: [var option, ..] } nearest
            ?
            [
                Block.Heading("The nearest that can be done"),
                Block.Say($"To be agreed first: {string.Join(", and ", nearest.Dropped)}."),
                Block.Say(
                    $"{option.Name}. {Money(option.Criteria.Money, job)}, {Figures.Hours(option.Criteria.LabourHours)} of labour, {Figures.Days(option.Criteria.ElapsedDays)}."
                ),
                .. Steps(option.Steps, surface, "the finished work"),
            ]
            : [];

    // To price and prepare by; not yet to work by.
    private static IEnumerable<Block> Afterwards(Job job, Surface surface, Specified specified)
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
                $"{option.Name}. {Money(option.Criteria.Money, job)}, {Figures.Hours(option.Criteria.LabourHours)} of labour, {Figures.Days(option.Criteria.ElapsedDays)}. To price and prepare by: look again before it begins."
            ),
            .. option.Causes.IsEmpty ? [] : new[] { Block.Heading("Why it fails, and what answers it"), Block.List(WhyItFails(option)) },
            .. Steps(option.Steps, surface, "the finished work"),
        ];
    }

    internal static StepSafety Safe(Step step, Surface surface, ref bool first)
    {
        var coat = step.Act.Product is not null && step.Act.Operation.Role != CoatRole.None;
        var safety = StepHazards.Of(step.Act, step.Before, surface, first && coat);
        first &= !coat;
        return safety;
    }

    private static string Because(Step step, string end) =>
        step.Links.IsEmpty
            ? step.Because is { } why
                ? char.ToLowerInvariant(why[0]) + why[1..].TrimEnd('.')
                : "part of the system asked for"
            : string.Join("; ", step.Links.Take(3).Select(l => l.For is { } n ? $"step {n} requires that {l.Need.Title}" : $"{end} requires that {l.Need.Title}"));

    internal static void Add(ImmutableArray<Block>.Builder blocks, string heading, ImmutableArray<string> lines)
    {
        if (!lines.IsEmpty)
        {
            blocks.Add(Block.Heading(heading));
            blocks.Add(Block.List(lines));
        }
    }

    private static string Money(decimal amount, Job job) => Figures.Money(amount, job.Rates.Currency);

    internal static string Litres(double value) => value < 0.1 ? $"{Number(Math.Max(1, Math.Round(value * 1000)))} ml" : $"{Number(value)} L";

    internal static string Number(double value) => Math.Round(value, 1).ToString(System.Globalization.CultureInfo.InvariantCulture);
}
