using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Specification;

/// <summary>Years to first maintenance, and what can still go wrong. Factors: judgement.</summary>
internal static class Longevity
{
    /// <summary>A bound edge holds, but it is the first place to look at next time.</summary>
    private const double BoundEdges = 0.75;

    /// <summary>A firm edge feathered out.</summary>
    private const double FirmEdges = 0.92;

    /// <summary>Ten coats and more under tension.</summary>
    private const double HeavyLoad = 0.8;

    /// <summary>One finish coat wears through sooner.</summary>
    private const double OneFinishCoat = 0.8;

    /// <summary>What is only cleaned is due to be cleaned again, years. Judgement.</summary>
    private const double CleanOnly = 2;

    public static double Years(CoatingClass? finish, Exposure exposure, in Condition last)
    {
        if (finish is null)
        {
            return CleanOnly;
        }

        var years = exposure == Exposure.Inside ? finish.Life.Inside : finish.Life.Outside;
        years *= last.Get(Facets.Edges) switch
        {
            Edges.Bound => BoundEdges,
            Edges.Firm => FirmEdges,
            _ => 1,
        };
        years *= last.Get(Facets.Load) == LayerLoad.Heavy ? HeavyLoad : 1;
        return years * (last.Get(Facets.Topcoats) == Count.One ? OneFinishCoat : 1);
    }

    public static ImmutableArray<string> Risks(Appraised appraised, in Condition last)
    {
        var risks = ImmutableArray.CreateBuilder<string>();
        if (last.Get(Facets.Edges) == Edges.Bound)
        {
            risks.Add("The old film stays under the new and is only tied down: its edges are the first place to look next time.");
        }

        if (last.Get(Facets.Load) == LayerLoad.Heavy)
        {
            risks.Add("Ten or more old coats stay: the build-up can crack or let go of itself.");
        }

        if (last.Get(Facets.Lead) != Lead.ProvedAbsent)
        {
            risks.Add(
                last.Get(Facets.Film) == Film.None
                    ? "Lead may stay in the grain or pores, or under a skim: whoever sands here next must know. It goes in the record."
                    : "Presumed or known lead stays under the new coats: whoever disturbs them next must know. It goes in the record."
            );
        }

        if (last.Get(Facets.WaterStain) == Bleed.Blocked)
        {
            risks.Add("If the leak comes back, so does the stain: look again after the next heavy rain.");
        }

        var open = appraised.Resolutions.Where(r => r is { How: Resolved.Assumed, AtAGlance: false }).Select(r => r.Facet.Title).ToList();
        if (open.Count > 0)
        {
            risks.Add($"Rests on assumptions about: {string.Join(", ", open)}.");
        }

        return risks.ToImmutable();
    }

    /// <summary>What the finished work leaves undone, as sentences.</summary>
    public static ImmutableArray<string> LeftUndone(in Condition start, in Condition last)
    {
        var left = ImmutableArray.CreateBuilder<string>();
        if (last.Get(Facets.Film) != Film.None && start.Get(Facets.Film) != Film.None)
        {
            left.Add("The old coats stay where they hold.");
        }

        if (last.Get(Facets.Rust) == Rust.Converted)
        {
            left.Add("Converted rust stays in the pits.");
        }

        if (
            last.Get(Facets.Tannin) == Bleed.Blocked
            || last.Get(Facets.WaterStain) == Bleed.Blocked
            || last.Get(Facets.Tar) == Bleed.Blocked
            || last.Get(Facets.Ink) == Bleed.Blocked
        )
        {
            left.Add("Stains are blocked, not taken out.");
        }

        return left.ToImmutable();
    }
}
