using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Which acts and needs can matter for a goal, found backward from it, and what can be reached at all.</summary>
internal sealed class Relevance
{
    private static readonly NeedSet Clocks = Treatment.Needs.All.Where(n => n.Clock is not null).Aggregate(default(NeedSet), (set, n) => set | NeedSet.Of(n.Index));
    private static readonly NeedSet[] GivesByAct = [.. Operations.Acts.Select(CanGive)];

    private Relevance(Act[] acts, NeedSet[] gives, ImmutableArray<Need> missing)
    {
        Acts = acts;
        Gives = gives;
        Missing = missing;
    }

    /// <summary>Relevant acts, in catalogue order.</summary>
    public Act[] Acts { get; }

    /// <summary>Needs that each could turn true.</summary>
    public NeedSet[] Gives { get; }

    /// <summary>Needs that nothing can give, that do not hold, and that every way to the goal hangs on.</summary>
    public ImmutableArray<Need> Missing { get; }

    public static Relevance Of(NeedSet goal, Act[] all, in Condition start)
    {
        var satisfied = Treatments.Satisfied(start);
        var reached = satisfied | Clocks;
        var usable = new bool[all.Length];
        for (var changed = true; changed; )
        {
            changed = false;
            for (var i = 0; i < all.Length; i++)
            {
                if (!usable[i] && all[i].NeedSet.IsSubsetOf(reached))
                {
                    usable[i] = true;
                    changed = true;
                    reached |= GivesByAct[all[i].Index];
                }
            }
        }

        var relevant = goal;
        var taken = new bool[all.Length];
        for (var changed = true; changed; )
        {
            changed = false;
            for (var i = 0; i < all.Length; i++)
            {
                if (usable[i] && !taken[i] && GivesByAct[all[i].Index].Overlaps(relevant))
                {
                    taken[i] = true;
                    changed = true;
                    relevant |= all[i].NeedSet - Clocks;
                }
            }
        }

        var acts = new List<Act>(all.Length);
        for (var i = 0; i < all.Length; i++)
        {
            if (taken[i])
            {
                acts.Add(all[i]);
            }
        }

        var gives = new NeedSet[acts.Count];
        for (var i = 0; i < gives.Length; i++)
        {
            gives[i] = GivesByAct[acts[i].Index];
        }

        return new Relevance([.. acts], gives, goal.IsSubsetOf(reached) ? [] : Blame(goal, all, satisfied, reached));
    }

    // Look at all candidates, so that the reason lies with what they would need.
    private static ImmutableArray<Need> Blame(NeedSet goal, Act[] all, NeedSet satisfied, NeedSet reached)
    {
        var hanging = new Landmarks(goal, satisfied, [.. all.Select(a => (a.NeedSet - Clocks, GivesByAct[a.Index], 0L))]).Open(satisfied);
        return [.. (hanging - reached).Indexes().Select(n => Treatment.Needs.All[n])];
    }

    private static NeedSet CanGive(Act act)
    {
        var set = default(NeedSet);
        foreach (var need in Treatment.Needs.All)
        {
            foreach (var test in need.Any)
            {
                foreach (var effect in act.Effects)
                {
                    if (effect.Facet != test.Facet)
                    {
                        continue;
                    }

                    for (byte before = 0; before < test.Facet.Size; before++)
                    {
                        if (!test.Allows(before) && test.Allows(effect.Result(before)))
                        {
                            set |= NeedSet.Of(need.Index);
                            break;
                        }
                    }
                }
            }
        }

        return set;
    }
}
