using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Planning;

namespace AllSound.Core.Specification;

/// <summary>What holds a surface, gate behind gate, and what follows once all of them are freed.</summary>
/// <example>A wall damp from a leak, with plaster off its laths: both are named at once, and the plan is that of a dry wall with a plaster patch.</example>
internal static class Freeing
{
    // More gates than this one behind the other do not exist; it only ends what would go on by a mistake.
    private const int MostRounds = 8;

    /// <summary>All that holds it: with the first gates freed, those behind them come to light.</summary>
    public static ImmutableArray<Need> Gates(Surface surface, Appraised appraised, Firm firm, ImmutableArray<Need> first)
    {
        var gates = first.ToList();
        var condition = appraised.Condition;
        for (var round = 0; round < MostRounds && gates.Count > 0; round++)
        {
            condition = Freed(condition, gates);
            var goal = Goal.For(surface, condition, firm);
            var more = goal.Task(condition, goal.Acts(firm), priced: false).Missing.Where(n => n.Hold && !gates.Contains(n)).ToList();
            if (more.Count == 0)
            {
                break;
            }

            gates.AddRange(more);
        }

        return [.. gates.OrderByDescending(n => n.Severity).ThenBy(n => n.Index)];
    }

    /// <summary>
    /// Gates that no way goes round, though none stands in every way: only with these freed is there one at all. Empty where
    /// freeing gates does not open a way.
    /// </summary>
    public static ImmutableArray<Need> Behind(Rates rates, Surface surface, Appraised appraised, Firm firm)
    {
        var closed = Closed(appraised);
        return closed.IsEmpty || !Opens(closed) ? [] : MinimalSubset.Of(closed, some => Opens(some));

        bool Opens(ImmutableArray<Need> some) => new Counterfactual(rates, surface, appraised with { Condition = Freed(appraised.Condition, some) }, firm).Opens(default);
    }

    /// <summary>Where it takes both, gates freed and less of the brief: what comes nearest once they are freed; else null.</summary>
    public static Nearest? NearestBehind(Rates rates, Surface surface, Appraised appraised, Firm firm)
    {
        var closed = Closed(appraised);
        return closed.IsEmpty ? null : Nearest.Find(rates, surface, appraised with { Condition = Freed(appraised.Condition, closed) }, firm);
    }

    /// <summary>Is any gate shut that could be freed?</summary>
    public static bool AnyClosed(Appraised appraised) => !Closed(appraised).IsEmpty;

    private static ImmutableArray<Need> Closed(Appraised appraised) => [.. Needs.All.Where(n => n.WhenFreed is not null && !n.Holds(appraised.Condition))];

    /// <summary>The plan once these are freed; null where that is not for a painter to go on from, or nothing meets the brief then either.</summary>
    public static Afterwards? Of(Rates rates, Surface surface, Appraised appraised, Firm firm, ImmutableArray<Hold> holds)
    {
        Need[] gates = [.. holds.Select(h => h.Need)];
        if (gates.Any(g => g.WhenFreed is null))
        {
            return null;
        }

        var condition = Freed(appraised.Condition, gates);
        var settled = gates.SelectMany(g => g.Any).Select(t => t.Facet).ToHashSet();
        var then = appraised with
        {
            Condition = condition,
            Extents = appraised.Extents with
            {
                BareM2 = Patched(appraised, condition),
                LooseM2 = condition.Get(Facets.Film) == Film.None ? 0 : appraised.Extents.LooseM2,
            },
            Family = Substrates.Of(condition.Get(Facets.Substrate)).Family,
            Freed = [.. settled],
            Resolutions = [.. appraised.Resolutions.Where(r => !settled.Contains(r.Facet))],
        };
        var plan = Specifier.Specify(rates, surface, then, firm);
        if (plan is { Options.IsEmpty: true, Nearest: { } nearest })
        {
            plan = nearest.Plan with { Notes = [OptionBuilder.NearestSays(nearest), .. nearest.Plan.Notes] };
        }

        return plan.Options.IsEmpty ? null : new Afterwards([.. gates.Select(g => g.WhenFreed!)], plan);
    }

    private static Condition Freed(Condition condition, IEnumerable<Need> gates) => gates.Aggregate(condition, (c, gate) => gate.Free(c));

    // What others mend leaves a patch: a tenth of the face where nobody measured it. Judgement.
    private static double Patched(Appraised appraised, in Condition freed) =>
        freed.Get(Facets.Film) == Film.None ? appraised.Extents.AreaM2
        : freed.Get(Facets.Bare) == appraised.Condition.Get(Facets.Bare) ? appraised.Extents.BareM2
        : Math.Max(appraised.Extents.BareM2, appraised.Extents.AreaM2 / 10);
}
