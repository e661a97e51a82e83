using System.Collections.Immutable;
using AllSound.Core.Buying;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using static AllSound.Core.Documents.Writing;

namespace AllSound.Core.Documents;

/// <summary>What a crew ticks off: steps with when they are done, cautions before them, hold points with room for the number.</summary>
internal static class CrewChecklist
{
    /// <summary>Its page for one surface.</summary>
    public static ImmutableArray<Block> Of(Job job, Surface surface, Specified specified)
    {
        if (Takeoff.Chosen(surface, specified) is not { } option)
        {
            return [.. InForce(surface, specified), .. Stopped(job, surface, specified)];
        }

        var blocks = ImmutableArray.CreateBuilder<Block>();
        var first = true;
        var worn = "";
        var told = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var step in option.Steps)
        {
            var safety = Safe(step, surface, ref first);
            if (safety.Hold is { } hold)
            {
                blocks.Add(Block.Beware($"Hold point. {hold} Number:\u00a0________ Who:\u00a0________"));
            }

            // In full once on the page; at later steps by name, with where it stands in full.
            var again = safety.Cautions.Where(told.ContainsKey).Select(c => $"{Short(c)} (step {told[c]})").ToList();
            var fresh = safety.Cautions.Where(c => told.TryAdd(c, step.Number)).ToList();
            if (fresh.Count > 0)
            {
                blocks.Add(Block.Beware(string.Join(" ", fresh)));
            }

            var wait = step.WaitBefore > 0 ? $"after {Number(step.WaitBefore)} h: " : "";
            var product = step.Act.Product is { } p ? $", {p.Title}{(step.Spend.Litres > 0 ? $" {Litres(step.Spend.Litres)}" : "")}" : "";
            // What is worn is said in full where it changes from one step to the next.
            var needed = safety.Protection.IsEmpty ? "" : $" Wear: {string.Join(", ", safety.Protection)}.";
            var wear = needed.Length > 0 && needed == worn ? " Wear: the same." : needed;
            worn = needed;
            var beware = again.Count == 0 ? "" : $" Beware: {string.Join("; ", again)}.";
            blocks.Add(
                Block.Checks([
                    $"{step.Number}. {wait}{step.Act.Operation.Title}{product}. Done when: {step.Act.Operation.Accept}.{string.Concat(step.Manner.Select(m => $" {m}"))}{wear}{beware}",
                ])
            );
        }

        if (ElementOrders.For(surface) is { } order)
        {
            blocks.Add(Block.Heading($"Order within it: {order.Title}"));
            blocks.Add(Block.List(order.Parts.Select((part, i) => $"{i + 1}. {part.Name}").Concat(order.Say)));
        }

        blocks.Add(
            Block.Say(
                "Misleading: peeling looks worse while wet; a sealer can shine and yet be dry; a wall can be dry to the hand and wet in its depth; a stain vanishes under fresh paint until it dries."
            )
        );
        blocks.Add(Block.Checks(["Left out or done otherwise, why, and what that may do: ________________________"]));
        return blocks.ToImmutable();
    }

    // What a caution is about: what stands before its colon, or all of it.
    private static string Short(string caution)
    {
        var about = caution.IndexOf(':', StringComparison.Ordinal) is > 0 and var colon ? caution[..colon] : caution.TrimEnd('.');
        return char.ToLowerInvariant(about[0]) + about[1..];
    }
}
