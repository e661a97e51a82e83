namespace AllSound.Core.Specification;

/// <summary>
/// Leaves out permutations of acts that commute. In each condition it picks acts of which every finished sequence
/// from there must begin with one, up to swapping acts whose order does not matter (strong stubborn sets: Valmari;
/// for optimal planning Wehrle and Helmert). No order that changes anything is ever left out.
/// </summary>
internal static class Stubborn
{
    // One need is looked at: more make the sets smaller, and cost about what that saves.
    private const int Tries = 1;

    /// <summary>The applicable acts to try, by their places.</summary>
    /// <param name="aim">What is to be reached.</param>
    /// <param name="used">The acts, by their places, that may be used.</param>
    /// <param name="now">What the state amounts to.</param>
    /// <param name="open">Needs that are still to come true on every way to the goal.</param>
    public static IndexSet Choose(Aim aim, in IndexSet used, in Standing now, in IndexSet open)
    {
        var satisfied = now.Satisfied;
        var applicable = aim.Bench.Applicable(satisfied) & used;

        // An act that would change nothing for the better now begins no cheapest sequence, but what it interferes with still counts.
        var useful = applicable & now.Betters;
        var best = useful;
        var fewest = useful.Count;
        var tries = Tries;
        foreach (var need in aim.ByFewestGivers)
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
            var chosen = Close(aim, used, satisfied, applicable, useful, aim.Achievers(need) & used, fewest);
            if (chosen is { } set && set.Count < fewest)
            {
                best = set;
                fewest = set.Count;
            }
        }

        return best;
    }

    // Null when the set grows to no fewer applicable acts than are known already.
    private static IndexSet? Close(Aim aim, in IndexSet used, in IndexSet satisfied, in IndexSet applicable, in IndexSet useful, IndexSet set, int fewest)
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
                set |= aim.Bench.Interference[a] & used;
            }
            else
            {
                set |= Enabling(aim, used, satisfied, set, aim.Bench.NeedsOf[a]);
            }

            if ((set & useful).Count >= fewest)
            {
                return null;
            }
        }
    }

    // Of the needs that keep an act from being done, the one whose givers add least.
    private static IndexSet Enabling(Aim aim, in IndexSet used, in IndexSet satisfied, in IndexSet set, in IndexSet needs)
    {
        var unmet = needs - satisfied;
        var best = default(IndexSet);
        var least = int.MaxValue;
        for (var need = unmet.Next(0); need >= 0; need = unmet.Next(need + 1))
        {
            var givers = aim.Achievers(need) & used;
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
