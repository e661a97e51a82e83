using System.Numerics;

namespace AllSound.Planning;

/// <summary>
/// Which operators matter, found backward from the goal. Besides propositions, conditions of effects count: an operator is relevant too if it lets
/// a useful effect of another one happen, keeps a harmful one from happening, or takes a variable to a value from which another takes it on.
/// (Relevance: B. Nebel, Y. Dimopoulos and J. Koehler 1997; conditional effects: ours.)
/// </summary>
/// <example>
/// Goal: "shed painted". "Paint" makes it true only while it is dry: "put up a roof" is relevant, since it keeps the shed dry; "fetch the paper",
/// which makes nothing of that true, is not.
/// </example>
internal sealed class BackwardRelevance
{
    private readonly Grounding grounding;
    private readonly Operator[] all;
    private readonly RelaxedReachability reach;

    // By variable: sets of values that it is useful to get into, besides those of relevant propositions.
    private readonly List<ulong>?[] useful;

    // By operator and effect: what was noted of it.
    private readonly byte[]?[] noted;

    // By operator and effect: how often relevance had grown, and how many useful sets there were, when its sources were last traced.
    private readonly (int Relevant, int Sets)[]?[] traces;
    private int grown = 1;
    private const byte Good = 1;
    private const byte Bad = 2;
    private const byte Both = Good | Bad;
    private bool changed;

    public BackwardRelevance(Grounding grounding, Operator[] all, RelaxedReachability reach, PropositionSet relevant)
    {
        (this.grounding, this.all, this.reach, Relevant) = (grounding, all, reach, relevant);
        useful = new List<ulong>?[reach.Values.Length];
        Taken = new bool[all.Length];
        noted = new byte[]?[all.Length];
        traces = new (int, int)[]?[all.Length];
        do
        {
            changed = false;
            for (var i = 0; i < all.Length; i++)
            {
                if (Taken[i] || reach.Adds[i].Overlaps(Relevant) || GetsIntoUseful(i))
                {
                    Take(i);
                }
            }
        } while (changed);
    }

    /// <summary>By operator: whether it is relevant.</summary>
    public bool[] Taken { get; }

    /// <summary>The goal and what relevant operators require.</summary>
    public PropositionSet Relevant { get; private set; }

    private bool GetsIntoUseful(int i)
    {
        if (!reach.IsApplicable(i))
        {
            return false;
        }

        foreach (var effect in grounding.Effects(all[i]))
        {
            if (useful[effect.Variable] is { } sets && reach.CanFire(effect) && sets.Exists(set => Into(effect, set) != 0))
            {
                return true;
            }
        }

        return false;
    }

    private void Take(int i)
    {
        if (!Taken[i])
        {
            Taken[i] = changed = true;
            var required = all[i].Preconditions - grounding.Domain.Untested;
            grown += required.IsSubsetOf(Relevant) ? 0 : 1;
            Relevant |= required;
        }

        var effects = grounding.Effects(all[i]);
        var (added, deleted) = (grounding.Added(all[i]), grounding.Deleted(all[i]));
        var known = noted[i] ??= new byte[effects.Length];
        var sourced = traces[i] ??= new (int, int)[effects.Length];
        for (var e = 0; e < effects.Length; e++)
        {
            var effect = effects[e];

            // What depends on conditions alone need not be looked at again once it is known to be both useful and harmful.
            if (!effect.DependsOnState || (known[e] == Both && effect.IsConstant) || !reach.CanFire(effect))
            {
                continue;
            }

            var (good, bad) = ((known[e] & Good) != 0, (known[e] & Bad) != 0);
            for (var rest = reach.Values[effect.Variable]; rest != 0 && !(good && bad); rest &= rest - 1)
            {
                var value = BitOperations.TrailingZeroCount(rest);
                if (effect.Map[value] != value)
                {
                    good = good || added[e][value].Overlaps(Relevant);
                    bad = bad || deleted[e][value].Overlaps(Relevant);
                }
            }

            var sets = useful[effect.Variable];
            for (var n = 0; sets is not null && n < sets.Count && !(good && bad); n++)
            {
                good = good || Into(effect, sets[n]) != 0;
                bad = bad || OutOf(effect, sets[n]);
            }

            if (!good && !bad)
            {
                continue;
            }

            var now = (byte)((good ? Good : 0) | (bad ? Bad : 0));
            if (now != known[e])
            {
                known[e] = now;
                foreach (var test in effect.When)
                {
                    Note(test.Variable, good, test.Allowed);
                    Note(test.Variable, bad, ~test.Allowed);
                }
            }

            Sources(effect, ref sourced[e]);
        }
    }

    // Values from which the effect leads into something useful: where it depends on the value, it is useful to get to them.
    private void Sources(Effect effect, ref (int Relevant, int Sets) traced)
    {
        if (effect.IsConstant)
        {
            return;
        }

        if (traced.Relevant != grown)
        {
            foreach (var (proposition, allowed) in grounding.Domain.AskingAbout(effect.Variable))
            {
                if (Relevant.Contains(proposition))
                {
                    Note(effect.Variable, true, Before(effect, allowed));
                }
            }
        }

        var sets = useful[effect.Variable];
        for (; sets is not null && traced.Sets < sets.Count; traced.Sets++)
        {
            Note(effect.Variable, true, Before(effect, sets[traced.Sets]));
        }

        traced.Relevant = grown;
    }

    // Values outside a set that the effect takes into it, a bit each.
    private ulong Into(Effect effect, ulong set) => Before(effect, set) & ~set;

    private bool OutOf(Effect effect, ulong set)
    {
        for (var rest = reach.Values[effect.Variable] & set; rest != 0; rest &= rest - 1)
        {
            if (((set >> effect.Map[BitOperations.TrailingZeroCount(rest)]) & 1) == 0)
            {
                return true;
            }
        }

        return false;
    }

    private ulong Before(Effect effect, ulong set)
    {
        var from = 0UL;
        for (var rest = reach.Values[effect.Variable]; rest != 0; rest &= rest - 1)
        {
            var value = BitOperations.TrailingZeroCount(rest);
            from |= ((set >> effect.Map[value]) & 1) != 0 ? 1UL << value : 0;
        }

        return from;
    }

    private void Note(int variable, bool counts, ulong set)
    {
        set &= reach.Values[variable];
        if (counts && set != 0 && set != reach.Values[variable] && (useful[variable] ??= []) is { } sets && !sets.Contains(set))
        {
            sets.Add(set);
            changed = true;
        }
    }
}
