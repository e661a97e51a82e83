using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using static AllSound.Core.Documents.Writing;

namespace AllSound.Core.Documents;

/// <summary>What can hurt: what is presumed, what to wear and beware of step by step, waste, and what is refused.</summary>
internal static class HazardSheet
{
    /// <summary>Its page for a room, or for one surface by itself.</summary>
    /// <param name="job">The job.</param>
    /// <param name="groups">The surfaces, like with like.</param>
    /// <param name="named">True where the page holds several surfaces and each part names its own.</param>
    public static ImmutableArray<Block> Of(Job job, ImmutableArray<Likeness> groups, bool named)
    {
        var blocks = ImmutableArray.CreateBuilder<Block>();
        foreach (var found in Found(groups))
        {
            blocks.Add(Block.Heading($"{found.Hazard.Title}{(found.Duty is HazardDuty.Stop ? ": stop" : "")}", found.On));
            blocks.Add(Block.Beware(found.Because));
            blocks.Add(Block.List(found.Hazard.Refer is { } refer ? [.. found.Hazard.Do.SkipLast(1), $"{found.Hazard.Do[^1]} Turn to {refer}."] : found.Hazard.Do));
        }

        var all = groups.SelectMany(g => g.Surfaces).ToArray();
        Add(
            blocks,
            "Presumed until tested",
            [.. all.SelectMany(s => s.Specified.Appraised.Resolutions).Where(r => r.How == Resolved.Presumed).Select(r => r.Why).Distinct(StringComparer.Ordinal)]
        );
        var order = new PageOrder(groups);
        var steps = Steps(order);
        if (steps.Count > 0)
        {
            blocks.Add(Block.Table(["step", "wear", "beware"], steps));
        }

        Add(blocks, "Waste", Waste(order));
        Add(
            blocks,
            "For the people who use the place",
            [.. groups.SelectMany(g => g.Options.SelectMany(o => Rooms(o, g.First.Surface))).Distinct(StringComparer.Ordinal)]
        );
        foreach (var group in groups.Where(g => g.Options.IsEmpty))
        {
            if (named)
            {
                blocks.Add(Block.Part(group.Titles));
            }

            blocks.AddRange(Stopped(job, group.First.Surface, group.First.Specified, priced: false));
        }

        blocks.Add(Block.Heading("Always refused"));
        blocks.Add(
            Block.List(
                all.SelectMany(s => Refusals.Bearing(s.Specified.Appraised, s.Surface))
                    .Select(r => $"{r.Title} Turn to: {r.Refer}.{StepTable.By(r.Source)}")
                    .Distinct(StringComparer.Ordinal)
            )
        );
        if (!named)
        {
            blocks.Add(Block.Say($"{Writing.Sources} {Defers}"));
        }

        return blocks.ToImmutable();
    }

    // Steps that are the same in all that they ask stand in one line, with their numbers on the page.
    private static List<ImmutableArray<string>> Steps(PageOrder order) =>
        [
            .. order
                .Steps.Where(line => !line.Safety.Protection.IsEmpty || !line.Safety.Cautions.IsEmpty)
                .Select(line =>
                    (line.Number, line.Step.Act.Operation.Title, Asks: (string[])[string.Join(", ", line.Safety.Protection), string.Join(" ", line.Safety.Cautions)])
                )
                .GroupBy(x => (x.Title, string.Join('|', x.Asks)))
                .Select(g => (ImmutableArray<string>)[$"{string.Join(", ", g.Select(s => s.Number))}. {g.Key.Title}", .. g.First().Asks]),
        ];

    // Where each kind of waste goes, and which steps make it.
    private static ImmutableArray<string> Waste(PageOrder order) =>
        [
            .. order
                .Steps.Where(line => line.Safety.Waste is not null)
                .GroupBy(line => line.Safety.Waste!, StringComparer.Ordinal)
                .Select(g => $"{StepTable.Capital(g.Key)} (step{(g.Count() > 1 ? "s" : "")} {string.Join(", ", g.Select(line => line.Number))})."),
        ];
}
