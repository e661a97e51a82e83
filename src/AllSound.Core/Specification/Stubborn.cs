namespace AllSound.Core.Specification;

/// <summary>
/// Leaves out permutations of acts that commute. In each condition it picks acts of which every finished sequence
/// from there must begin with one, up to swapping acts whose order does not matter (strong stubborn sets: Valmari;
/// for optimal planning Wehrle and Helmert). No order that changes anything is ever left out.
/// </summary>
internal static class Stubborn
{
    // Beyond a few needs, looking for a smaller set costs more than it saves.
    private const int Tries = 3;

    /// <summary>The applicable acts to try, by place in the problem's list.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="state">The state.</param>
    /// <param name="satisfied">Needs that hold now, drying clocks included.</param>
    /// <param name="open">Needs that are still to come true on every way to the goal.</param>
    public static IndexSet Choose(Problem problem, in State state, in IndexSet satisfied, in IndexSet open)
    {
        var applicable = problem.Applicable(satisfied);

        // An act that would change nothing for the better now begins no cheapest sequence, but what it interferes with still counts.
        var useful = applicable & problem.Changing(state);
        var best = useful;
        var fewest = useful.Count;
        var tries = Tries;
        foreach (var need in problem.ByFewestGivers)
        {
            if (fewest <= 1 || tries == 0)
            {
                break;
            }

            if (!open.Contains(need))
            {
                continue;
            }

            tries--;
            var chosen = Close(problem, satisfied, applicable, useful, problem.Achievers(need), fewest);
            if (chosen is { } set && set.Count < fewest)
            {
                best = set;
                fewest = set.Count;
            }
        }

        return best;
    }

    // Null when the set grows to no fewer applicable acts than are known already.
    private static IndexSet? Close(Problem problem, in IndexSet satisfied, in IndexSet applicable, in IndexSet useful, IndexSet set, int fewest)
    {
        var done = default(IndexSet);
        while (true)
        {
            var a = (set - done).Next(0);
            if (a < 0)
            {
                return set & useful;
            }

            done |= IndexSet.Of(a);
            if (applicable.Contains(a))
            {
                set |= problem.Interference[a];
            }
            else
            {
                set |= Enabling(problem, satisfied, set, problem.NeedsOf(a));
            }

            if ((set & useful).Count >= fewest)
            {
                return null;
            }
        }
    }

    // Of the needs that keep an act from being done, the one whose givers add least.
    private static IndexSet Enabling(Problem problem, in IndexSet satisfied, in IndexSet set, in IndexSet needs)
    {
        var unmet = needs - satisfied;
        var best = default(IndexSet);
        var least = int.MaxValue;
        for (var need = unmet.Next(0); need >= 0; need = unmet.Next(need + 1))
        {
            var givers = problem.Achievers(need);
            var more = (givers - set).Count;
            if (more < least)
            {
                best = givers;
                least = more;
                if (more == 0)
                {
                    break;
                }
            }
        }

        return best;
    }
}
