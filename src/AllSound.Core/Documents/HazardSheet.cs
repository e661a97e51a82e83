using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Buying;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using static AllSound.Core.Documents.Writing;

namespace AllSound.Core.Documents;

/// <summary>What can hurt: what is presumed, what to wear and beware of step by step, waste, and what is refused.</summary>
internal static class HazardSheet
{
    /// <summary>Its page for one surface.</summary>
    public static ImmutableArray<Block> Of(Job job, Surface surface, Specified specified)
    {
        var blocks = ImmutableArray.CreateBuilder<Block>();
        var appraised = specified.Appraised;
        foreach (var found in Hazards.Of(surface, specified))
        {
            blocks.Add(Block.Heading($"{found.Hazard.Title}{(found.Duty is HazardDuty.Stop ? ": stop" : "")}"));
            blocks.Add(Block.Beware(found.Because));
            blocks.Add(Block.List(found.Hazard.Refer is { } refer ? found.Hazard.Do.Add($"Turn to {refer}.") : found.Hazard.Do));
        }

        var presumed = appraised.Resolutions.Where(r => r.How == Resolved.Presumed).Select(r => r.Why).ToList();
        if (presumed.Count > 0)
        {
            blocks.Add(Block.Heading("Presumed until tested"));
            blocks.Add(Block.List(presumed));
        }

        if (Takeoff.Chosen(surface, specified) is { } option)
        {
            var first = true;
            blocks.Add(
                Block.Table(
                    ["step", "wear", "beware", "waste"],
                    option
                        .Steps.Select(s => (s, Safe: Safe(s, surface, ref first)))
                        .Where(x => !x.Safe.Protection.IsEmpty || !x.Safe.Cautions.IsEmpty || x.Safe.Waste is not null)
                        .Select(x =>
                            ImmutableArray.Create(
                                $"{x.s.Number}. {x.s.Act.Operation.Title}",
                                string.Join(", ", x.Safe.Protection),
                                string.Join(" ", x.Safe.Cautions),
                                x.Safe.Waste ?? ""
                            )
                        )
                )
            );
            Add(blocks, "For the people who use the place", [.. Rooms(option, surface)]);
        }
        else
        {
            blocks.AddRange(Stopped(job, surface, specified));
        }

        blocks.Add(Block.Heading("Always refused"));
        blocks.Add(Block.List(Refusals.Bearing(appraised, surface).Select(r => $"{r.Title} Turn to: {r.Refer}. ({r.Source})")));
        blocks.Add(Block.Say(Defers));
        return blocks.ToImmutable();
    }
}
