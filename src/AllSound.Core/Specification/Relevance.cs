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

    // For each act, the needs that it could turn true from some value or other, on some ground or other.
    private static readonly NeedSet[] EverGives =
    [
        .. Operations.Acts.Select(a => a.Effects.SelectMany(GroundActs.TurnedBy).Aggregate(default(NeedSet), (set, turned) => set | turned)),
    ];

    private Relevance(Act[] acts, NeedSet[] gives, NeedSet needs, ulong[] values, NeedSet reached, ImmutableArray<Need> missing)
    {
        Values = values;
        Reached = reached;
        Needs = needs;
        Acts = acts;
        Gives = gives;
        Missing = missing;
    }

    /// <summary>Relevant acts, in catalogue order.</summary>
    public Act[] Acts { get; }

    /// <summary>Needs that each could turn true.</summary>
    public NeedSet[] Gives { get; }

    /// <summary>By facet: the values that can come about by these acts, a bit each.</summary>
    public ulong[] Values { get; }

    /// <summary>Needs of the goal and of the acts.</summary>
    public NeedSet Needs { get; }

    /// <summary>Needs that hold or can be made to by these acts, were nothing ever spoilt.</summary>
    public NeedSet Reached { get; }

    /// <summary>Needs that nothing can give, that do not hold, and that every way to the goal hangs on.</summary>
    public ImmutableArray<Need> Missing { get; }

    public static Relevance Of(NeedSet goal, NeedSet also, GroundActs ground, Act[] all, in Condition start)
    {
        // What irrelevant acts would do needs no mending: look again without them until none falls away.
        var first = Among(goal, also, ground, all, start);
        for (var found = first; ; )
        {
            var again = found.Missing.IsEmpty && found.Acts.Length > 0 ? Among(goal, also, ground, found.Acts, start) : found;
            if (again.Acts.Length == found.Acts.Length)
            {
                return again;
            }

            found = again;
        }
    }

    private static Relevance Among(NeedSet goal, NeedSet also, GroundActs ground, Act[] all, in Condition start)
    {
        var satisfied = Treatments.Satisfied(start);
        var reach = new Reach(ground, all, start, satisfied | Clocks);
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

        var missing = goal.IsSubsetOf(reach.Needs) ? [] : Blame(goal, all, satisfied, reach.Needs);
        return new Relevance([.. acts], [.. gives], relevant, reach.Values, reach.Needs, missing);
    }

    /// <summary>Could the goal be come by if nothing were ever spoilt, and these needs were met wherever they are asked for?</summary>
    public static bool MayReach(NeedSet goal, GroundActs ground, Act[] acts, in Condition start, NeedSet met) =>
        goal.IsSubsetOf(new Reach(ground, Array.FindAll(acts, a => ground.IsPossible(a, met)), start, Treatments.Satisfied(start) | Clocks | met).Needs);

    /// <summary>The needs that an act could turn true from some value or other, on some ground or other.</summary>
    public static NeedSet EverGivenBy(Act act) => EverGives[act.Index];

    /// <summary>What each act could give on ways made of these acts alone; empty for an act that cannot be come by.</summary>
    public static NeedSet[] GivesAmong(GroundActs ground, Act[] acts, in Condition start) => new Reach(ground, acts, start, Treatments.Satisfied(start) | Clocks).Gives;

    // Look at all candidates, so that the reason lies with what they would need: open needs, and what all that could give
    // an open need ask for in common.
    private static ImmutableArray<Need> Blame(NeedSet goal, Act[] all, NeedSet satisfied, NeedSet reached)
    {
        var common = new NeedSet[NeedSet.Capacity];
        var given = default(NeedSet);
        foreach (var act in all)
        {
            var gives = EverGives[act.Index];
            for (var n = gives.Next(0); n >= 0; n = gives.Next(n + 1))
            {
                common[n] = given.Contains(n) ? common[n] & act.NeedSet : act.NeedSet - Clocks;
            }

            given |= gives;
        }

        var open = goal - satisfied;
        for (var todo = open; !todo.IsEmpty; )
        {
            var more = default(NeedSet);
            for (var n = todo.Next(0); n >= 0; n = todo.Next(n + 1))
            {
                more |= common[n];
            }

            todo = more - satisfied - open;
            open |= todo;
        }

        return [.. (open - reached).Indexes().Select(n => Treatment.Needs.All[n])];
    }

    // Which values each facet can come to take, and so which guarded effects can ever happen, when what is once reached
    // stays reached.
    private sealed class Reach
    {
        private readonly GroundActs ground;

        public Reach(GroundActs ground, Act[] acts, in Condition start, NeedSet holding)
        {
            this.ground = ground;
            foreach (var facet in Facets.All)
            {
                Values[facet.Index] = 1UL << start[facet];
            }

            Needs = holding;
            Gives = new NeedSet[acts.Length];

            // For each effect of each act that can be done, the values that it was tried on.
            var tried = new ulong[acts.Length][];

            // An act is looked at again only when a facet that it reads or writes has come to take more values.
            var grown = ulong.MaxValue;
            while (grown != 0)
            {
                var before = grown;
                grown = 0;
                for (var i = 0; i < acts.Length; i++)
                {
                    if (tried[i] is { } again)
                    {
                        grown |= (ground.Reads(acts[i]) & (before | grown)) != 0 ? Spread(acts[i], i, again) : 0;
                    }
                    else if (acts[i].NeedSet.IsSubsetOf(Needs))
                    {
                        tried[i] = new ulong[ground.Effects(acts[i]).Length];
                        grown |= Spread(acts[i], i, tried[i]) | (1UL << 63);
                    }
                }
            }
        }

        /// <summary>Needs that hold or can be made to.</summary>
        public NeedSet Needs { get; private set; }

        /// <summary>By facet: the values that can come about, a bit each.</summary>
        public ulong[] Values { get; } = new ulong[Condition.Capacity];

        public NeedSet[] Gives { get; }

        // Facets that came to take more values; the last bit when only needs came true.
        private ulong Spread(Act act, int i, ulong[] tried)
        {
            var changed = 0UL;
            var effects = ground.Effects(act);
            var turned = ground.Turned(act);
            for (var e = 0; e < effects.Length; e++)
            {
                var effect = effects[e];
                var had = Values[effect.Facet.Index];
                var more = had & ~tried[e];
                if (more == 0 || !Fires(effect))
                {
                    continue;
                }

                tried[e] |= more;
                var after = had;
                var gives = default(NeedSet);
                for (; more != 0; more &= more - 1)
                {
                    var value = BitOperations.TrailingZeroCount(more);
                    after |= 1UL << effect.From((byte)value);
                    gives |= turned[e][value];
                }

                Values[effect.Facet.Index] = after;
                changed |= after == had ? 0 : 1UL << effect.Facet.Index;
                changed |= gives.IsSubsetOf(Needs) ? 0 : 1UL << 63;
                Gives[i] |= gives;
                Needs |= gives;
            }

            return changed;
        }

        private bool Fires(Effect effect)
        {
            foreach (var guard in effect.When)
            {
                if ((guard.Allowed & Values[guard.Facet.Index]) == 0)
                {
                    return false;
                }
            }

            return true;
        }
    }
}
