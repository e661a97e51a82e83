namespace AllSound.Planning;

/// <summary>
/// Stubborn sets: leaves out permutations of operators that commute. In each state it picks operators of which every plan from there can begin
/// with one, up to swapping operators whose order does not matter; an order that changes anything is never left out. (A. Valmari 1989; for
/// optimal planning M. Wehrle and M. Helmert 2014; both from memory.)
/// </summary>
/// <example>Of "wash the door" and "wash the wall" only one is tried first, as both orders lead to the same state.</example>
internal static class StubbornSets
{
    // One open landmark is tried as the seed: trying more makes the sets smaller, and costs about what that saves.
    private const int Tries = 1;

    /// <summary>The applicable operators to try, by their places.</summary>
    /// <param name="task">The goal task.</param>
    /// <param name="used">The operators, by their places, that may be used.</param>
    /// <param name="now">The summary of the state.</param>
    /// <param name="open">Fact landmarks that are still open.</param>
    public static IndexSet Choose(GoalTask task, in IndexSet used, in StateSummary now, in IndexSet open)
    {
        var holding = now.Holding;
        var applicable = task.Task.Applicable(holding) & used;

        // An operator that would improve nothing now begins no cheapest plan, but what it interferes with still counts.
        var useful = applicable & now.Improving;
        var best = useful;
        var fewest = useful.Count;
        var tries = Tries;
        foreach (var fact in task.ByFewestAchievers)
        {
            if (fewest <= 1 || tries == 0)
            {
                break;
            }

            if (!open.Contains(fact))
            {
                continue;
            }

            tries--;
            var chosen = Close(task, used, holding, applicable, useful, task.Achievers(fact) & used, fewest);
            if (chosen is { } set && set.Count < fewest)
            {
                best = set;
                fewest = set.Count;
            }
        }

        return best;
    }

    // Null when the set grows to no fewer applicable operators than are known already.
    private static IndexSet? Close(GoalTask task, in IndexSet used, in IndexSet holding, in IndexSet applicable, in IndexSet useful, IndexSet set, int fewest)
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
                set |= task.Task.Interference[a] & used;
            }
            else
            {
                set |= Enabling(task, used, holding, set, task.Task.Preconditions[a]);
            }

            if ((set & useful).Count >= fewest)
            {
                return null;
            }
        }
    }

    // Of the unmet preconditions of an operator, the one whose achievers add least to the set (a necessary enabling set).
    private static IndexSet Enabling(GoalTask task, in IndexSet used, in IndexSet holding, in IndexSet set, in IndexSet preconditions)
    {
        var unmet = preconditions - holding;
        var best = default(IndexSet);
        var least = int.MaxValue;
        for (var fact = unmet.Next(0); fact >= 0; fact = unmet.Next(fact + 1))
        {
            var achievers = task.Achievers(fact) & used;
            var more = (achievers - set).Count;
            if (more < least)
            {
                best = achievers;
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
