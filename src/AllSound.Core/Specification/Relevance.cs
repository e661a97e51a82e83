using System.Collections.Immutable;
using System.Numerics;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Which acts and needs can matter for a goal, found backward from it, and what can be reached at all.</summary>
internal sealed class Relevance
{
    /// <summary>Needs that are about drying.</summary>
    public static readonly NeedSet Clocks = Treatment.Needs.All.Where(n => n.Clock is not null).Aggregate(default(NeedSet), (set, n) => set | NeedSet.Of(n.Index));

    // For each act, effect and value before: the needs that come true.
    private static readonly NeedSet[][][] TurnedBy =
    [
        .. Operations.Acts.Select(a =>
            (NeedSet[][])
                [
                    .. a.Effects.Select(e =>
                        (NeedSet[])[.. Enumerable.Range(0, e.Facet.Size).Select(v => Treatments.HeldBy(e.Facet, e.Result((byte)v)) - Treatments.HeldBy(e.Facet, (byte)v))]
                    ),
                ]
        ),
    ];

    // For each act, the facets that it reads or writes, a bit each.
    private static readonly ulong[] Reads =
    [
        .. Operations.Acts.Select(a => a.Effects.Aggregate(0UL, (mask, e) => e.When.Aggregate(mask | (1UL << e.Facet.Index), (m, t) => m | (1UL << t.Facet.Index)))),
    ];

    private Relevance(Act[] acts, NeedSet[] gives, NeedSet needs, ImmutableArray<Need> missing)
    {
        Needs = needs;
        Acts = acts;
        Gives = gives;
        Missing = missing;
    }

    /// <summary>Relevant acts, in catalogue order.</summary>
    public Act[] Acts { get; }

    /// <summary>Needs that each could turn true.</summary>
    public NeedSet[] Gives { get; }

    /// <summary>Needs of the goal and of the acts.</summary>
    public NeedSet Needs { get; }

    /// <summary>Needs that nothing can give, that do not hold, and that every way to the goal hangs on.</summary>
    public ImmutableArray<Need> Missing { get; }

    public static Relevance Of(NeedSet goal, NeedSet also, Act[] all, in Condition start)
    {
        // What irrelevant acts would do needs no mending: look again without them until none falls away.
        var first = Among(goal, also, all, start);
        for (var found = first; ; )
        {
            var again = found.Missing.IsEmpty && found.Acts.Length > 0 ? Among(goal, also, found.Acts, start) : found;
            if (again.Acts.Length == found.Acts.Length)
            {
                return again;
            }

            found = again;
        }
    }

    private static Relevance Among(NeedSet goal, NeedSet also, Act[] all, in Condition start)
    {
        var satisfied = Treatments.Satisfied(start);
        var reach = new Reach(all, start, satisfied | Clocks);
        var relevant = goal | also;
        var taken = new bool[all.Length];
        for (var changed = true; changed; )
        {
            changed = false;
            for (var i = 0; i < all.Length; i++)
            {
                if (!taken[i] && reach.Gives[i].Overlaps(relevant))
                {
                    taken[i] = true;
                    changed = true;
                    relevant |= all[i].NeedSet - Clocks;
                }
            }
        }

        var acts = new List<Act>(all.Length);
        var gives = new List<NeedSet>(all.Length);
        for (var i = 0; i < all.Length; i++)
        {
            if (taken[i])
            {
                acts.Add(all[i]);
                gives.Add(reach.Gives[i]);
            }
        }

        return new Relevance([.. acts], [.. gives], relevant, goal.IsSubsetOf(reach.Needs) ? [] : Blame(goal, all, satisfied, reach.Needs));
    }

    /// <summary>What each act could give on ways made of these acts alone; empty for an act that cannot be come by.</summary>
    public static NeedSet[] GivesAmong(Act[] acts, in Condition start) => new Reach(acts, start, Treatments.Satisfied(start) | Clocks).Gives;

    // Look at all candidates, so that the reason lies with what they would need: open needs, and what all that could give
    // an open need ask for in common.
    private static ImmutableArray<Need> Blame(NeedSet goal, Act[] all, NeedSet satisfied, NeedSet reached)
    {
        var common = new Dictionary<int, NeedSet>();
        foreach (var act in all)
        {
            var gives = EverGives(act);
            for (var n = gives.Next(0); n >= 0; n = gives.Next(n + 1))
            {
                var needs = act.NeedSet - Clocks;
                common[n] = common.TryGetValue(n, out var known) ? known & needs : needs;
            }
        }

        var open = goal - satisfied;
        for (var todo = open; !todo.IsEmpty; )
        {
            var more = default(NeedSet);
            for (var n = todo.Next(0); n >= 0; n = todo.Next(n + 1))
            {
                more |= common.GetValueOrDefault(n);
            }

            todo = more - satisfied - open;
            open |= todo;
        }

        return [.. (open - reached).Indexes().Select(n => Treatment.Needs.All[n])];
    }

    private static NeedSet EverGives(Act act) => TurnedBy[act.Index].SelectMany(byValue => byValue).Aggregate(default(NeedSet), (set, turned) => set | turned);

    // Which values each facet can come to take, and so which guarded effects can ever happen, when what is once reached
    // stays reached.
    private sealed class Reach
    {
        private readonly ulong[] values = new ulong[Condition.Capacity];

        public Reach(Act[] acts, in Condition start, NeedSet holding)
        {
            foreach (var facet in Facets.All)
            {
                values[facet.Index] = 1UL << start[facet];
            }

            Needs = holding;
            Gives = new NeedSet[acts.Length];
            var usable = new bool[acts.Length];

            // An act is looked at again only when a facet that it reads or writes has come to take more values.
            var grown = ulong.MaxValue;
            while (grown != 0)
            {
                var before = grown;
                grown = 0;
                for (var i = 0; i < acts.Length; i++)
                {
                    if (usable[i] ? (Reads[acts[i].Index] & (before | grown)) != 0 : acts[i].NeedSet.IsSubsetOf(Needs))
                    {
                        grown |= Spread(acts[i], i);
                        grown |= usable[i] ? 0 : 1UL << 63;
                        usable[i] = true;
                    }
                }
            }
        }

        /// <summary>Needs that hold or can be made to.</summary>
        public NeedSet Needs { get; private set; }

        public NeedSet[] Gives { get; }

        // Facets that came to take more values; the last bit when only needs came true.
        private ulong Spread(Act act, int i)
        {
            var changed = 0UL;
            for (var e = 0; e < act.Effects.Length; e++)
            {
                var effect = act.Effects[e];
                if (!Fires(effect))
                {
                    continue;
                }

                var facet = effect.Facet;
                var before = values[facet.Index];
                var after = Results(effect, before);
                if ((before | after) != before)
                {
                    values[facet.Index] |= after;
                    changed |= 1UL << facet.Index;
                }

                var gives = Turns(TurnedBy[act.Index][e], before);
                if (!gives.IsSubsetOf(Gives[i]))
                {
                    Gives[i] |= gives;
                    changed |= gives.IsSubsetOf(Needs) ? 0 : 1UL << 63;
                    Needs |= gives;
                }
            }

            return changed;
        }

        private bool Fires(Effect effect)
        {
            foreach (var guard in effect.When)
            {
                if ((guard.Allowed & values[guard.Facet.Index]) == 0)
                {
                    return false;
                }
            }

            return true;
        }

        private static ulong Results(Effect effect, ulong before)
        {
            if (effect.Change == Change.Set)
            {
                return 1UL << effect.Value;
            }

            var after = 0UL;
            for (byte value = 0; value < effect.Facet.Size; value++)
            {
                after |= ((before >> value) & 1) != 0 ? 1UL << effect.Result(value) : 0;
            }

            return after;
        }

        // Needs that the effect turns true from some value that can be had.
        private static NeedSet Turns(NeedSet[] byValue, ulong before)
        {
            var turned = default(NeedSet);
            for (; before != 0; before &= before - 1)
            {
                turned |= byValue[BitOperations.TrailingZeroCount(before)];
            }

            return turned;
        }
    }
}
