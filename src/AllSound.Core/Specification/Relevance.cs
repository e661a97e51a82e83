using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Which acts and needs can matter for a goal, found backward from it, and what can be reached at all.</summary>
internal sealed class Relevance
{
    private static readonly NeedSet Clocks = Treatment.Needs.All.Where(n => n.Clock is not null).Aggregate(default(NeedSet), (set, n) => set | NeedSet.Of(n.Index));
    private static readonly NeedSet[] GivesByAct = [.. Operations.Acts.Select(CanGive)];

    private Relevance(Act[] acts, NeedSet[] gives, NeedSet needs, NeedSet[] common, bool[] reachable)
    {
        Acts = acts;
        Gives = gives;
        Needs = needs;
        Common = common;
        Reachable = reachable;
    }

    /// <summary>Relevant acts, in catalogue order.</summary>
    public Act[] Acts { get; }

    /// <summary>Needs that each could turn true.</summary>
    public NeedSet[] Gives { get; }

    /// <summary>Relevant needs.</summary>
    public NeedSet Needs { get; }

    /// <summary>For each need, what every relevant act that gives it asks for.</summary>
    public NeedSet[] Common { get; }

    /// <summary>For each need, whether it can come true at all, undoing nothing.</summary>
    public bool[] Reachable { get; }

    public static Relevance Of(NeedSet goal, IEnumerable<Act> candidates, in Condition start)
    {
        var all = candidates.ToArray();
        var satisfied = Treatments.Satisfied(start);
        var reached = satisfied | Clocks;
        var usable = new bool[all.Length];
        for (var changed = true; changed;)
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
        for (var changed = true; changed;)
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

        var acts = all.Where((_, i) => taken[i]).ToArray();
        var gives = acts.Select(a => GivesByAct[a.Index]).ToArray();
        var common = new NeedSet[NeedSet.Capacity];
        var reachable = new bool[NeedSet.Capacity];
        foreach (var need in Treatment.Needs.All)
        {
            reachable[need.Index] = reached.Contains(need.Index);
            NeedSet? shared = null;

            // For what cannot be reached, look at all candidates, so that the reason lies with what they would need.
            var from = reachable[need.Index] ? acts : all;
            foreach (var act in from)
            {
                if (GivesByAct[act.Index].Contains(need.Index))
                {
                    shared = shared is { } s ? s & act.NeedSet : act.NeedSet;
                }
            }

            common[need.Index] = (shared ?? default) - Clocks;
        }

        return new Relevance(acts, gives, relevant, common, reachable);
    }

    /// <summary>How many of these needs one application of the act could give at most.</summary>
    public int CountGiven(int act, NeedSet among)
    {
        var count = (Gives[act] & among).Count;
        foreach (var effect in Acts[act].Effects)
        {
            if (effect.Change != Change.Set)
            {
                // A step of a counter meets one threshold at a time, not all of them.
                var thresholds = Treatment.Needs.All.Count(n => among.Contains(n.Index) && n.Any.Length == 1 && n.Any[0].Facet == effect.Facet);
                count -= Math.Max(0, thresholds - 1);
            }
        }

        return count;
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
