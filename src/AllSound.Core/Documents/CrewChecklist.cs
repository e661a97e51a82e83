using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Technique;
using AllSound.Core.Wording;
using static AllSound.Core.Documents.Writing;

namespace AllSound.Core.Documents;

/// <summary>What a crew ticks off: steps with when they are done, cautions before them, hold points with room for the number. No prices.</summary>
internal static class CrewChecklist
{
    /// <summary>What deceives whoever only looks. Common practice.</summary>
    public const string Misleading =
        "Misleading: peeling looks worse while wet; a sealer can shine and yet be dry; a wall can be dry to the hand and wet in its depth; a stain vanishes under fresh paint until it dries.";

    /// <summary>Its page for a room, or for one surface by itself.</summary>
    /// <param name="job">The job.</param>
    /// <param name="groups">The surfaces, like with like.</param>
    /// <param name="named">True where the page holds several surfaces and each part names its own.</param>
    public static ImmutableArray<Block> Of(Job job, ImmutableArray<Likeness> groups, bool named)
    {
        var blocks = ImmutableArray.CreateBuilder<Block>();
        var told = new Told();
        var order = new PageOrder(groups);
        foreach (var part in order.Parts)
        {
            if (part.Of.IsEmpty)
            {
                blocks.Add(Block.Heading(part.Heading));
                Tick(blocks, part.Steps, told);
                continue;
            }

            if (named)
            {
                blocks.Add(Block.Part(part.Titles, part.First ? "" : Writing.GoneOn));
            }

            if (part.Of is [{ Options.IsEmpty: true } stopped])
            {
                blocks.AddRange(InForce([stopped]));
                blocks.AddRange(Stopped(job, stopped.First.Surface, stopped.First.Specified, priced: false));
                continue;
            }

            Tick(blocks, part.Steps, told);
            // Once on a page for each kind of thing, with its coats.
            foreach (var within in part.Phase == RoomPhase.Finishing ? part.Of.Select(g => ElementOrders.For(g.First.Surface)) : [])
            {
                if (within is null || !told.First(within.Title, 0))
                {
                    continue;
                }

                blocks.Add(
                    Block.Say(
                        $"Order within it ({within.Title}): {string.Join("; ", within.Parts.Select((p, i) => $"{i + 1}. {p.Name}"))}. {string.Join(" ", within.Say)}".TrimEnd()
                    )
                );
            }
        }

        if (!named)
        {
            blocks.Add(Block.Say(Misleading));
        }

        if (groups.Any(g => !g.Options.IsEmpty))
        {
            blocks.Add(Block.Checks(["Left out or done otherwise, why, and what that may do: ________________________"]));
        }

        return blocks.ToImmutable();
    }

    private static void Tick(ImmutableArray<Block>.Builder blocks, ImmutableArray<PageStep> steps, Told told)
    {
        var worn = "";
        foreach (var line in steps)
        {
            var step = line.Step;
            var safety = line.Safety;
            if (safety.Hold is { } hold)
            {
                var what = told.First(hold, line.Number) ? hold : $"The same as at {told.Where(hold)}.";
                // Each surface has a number of its own.
                var numbers = line.Letters.IsEmpty ? "Number:\u00a0________" : $"Numbers: {string.Join(" ", line.Letters.Select(l => $"{l}\u00a0______"))}";
                blocks.Add(Block.Beware($"Hold point. {what} {numbers} Who:\u00a0________"));
            }

            // In full once on the page; at later steps by name, with where it stands in full.
            var fresh = safety.Cautions.Where(c => told.First(c, line.Number)).ToList();
            var again = safety.Cautions.Except(fresh).Select(c => $"{Told.Name(c)} ({told.Where(c)})").ToList();
            if (fresh.Count > 0)
            {
                blocks.Add(Block.Beware(string.Join(" ", fresh)));
            }

            var wait = line.WaitBefore > 0 ? $"after {Figures.Wait(line.WaitBefore)}: " : "";
            var only = line.Only.Length > 0 ? $"{line.Only}: " : "";
            var product = $"{Product(step, ", ")}{(line.Litres > 0 ? $", {Litres(line.Litres)}" : "")}";
            // What is worn is said in full where it changes from one step to the next.
            var needed = safety.Protection.IsEmpty ? "" : $" Wear: {string.Join(", ", safety.Protection)}.";
            var wear = needed.Length > 0 && needed == worn ? " Wear: the same." : needed;
            worn = needed;
            var beware = again.Count == 0 ? "" : $" Beware: {string.Join("; ", again)}.";
            blocks.Add(
                Block.Checks([
                    $"{line.Number}. {only}{wait}{step.Act.Operation.Title}{product}. Done when: {step.Act.Operation.Accept}.{string.Concat(step.Manner.Select(m => $" {m}"))}{wear}{beware}",
                ])
            );
        }
    }
}
