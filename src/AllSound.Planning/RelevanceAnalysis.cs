using System.Numerics;

namespace AllSound.Planning;

/// <summary>
/// Which operators and propositions can matter for a goal, found backward from it, and what can be reached at all when nothing that was
/// once true is ever deleted. (Relevance analysis: B. Nebel, Y. Dimopoulos and J. Koehler 1997; relaxed reachability: B. Bonet and H. Geffner
/// 2001; both from memory.)
/// </summary>
/// <example>To be in the kitchen, "paint the shed" is irrelevant; and where no operator unlocks the door, "door unlocked" is missing.</example>
public sealed class RelevanceAnalysis
{
    private RelevanceAnalysis(int[] operators, PropositionSet[] adds, PropositionSet propositions, ulong[] values, PropositionSet reached, PropositionSet missing) =>
        (Relevant, Adds, Propositions, Values, Reached, Missing) = (operators, adds, propositions, values, reached, missing);

    /// <summary>Relevant operators, by their places among those looked at, ascending.</summary>
    public int[] Relevant { get; }

    /// <summary>For each of them, the propositions that it could make true.</summary>
    internal PropositionSet[] Adds { get; }

    /// <summary>By variable: the values that can come about by these operators, a bit each.</summary>
    internal ulong[] Values { get; }

    /// <summary>Propositions of the goal and those that the operators require.</summary>
    public PropositionSet Propositions { get; }

    /// <summary>Propositions that hold or can be made to by these operators, were nothing ever deleted.</summary>
    public PropositionSet Reached { get; }

    /// <summary>Propositions that do not hold, that nothing can make true, and that every plan needs.</summary>
    public PropositionSet Missing { get; }

    /// <summary>Analyses a task.</summary>
    /// <param name="goal">What must hold at the end.</param>
    /// <param name="also">What single searches may require besides.</param>
    /// <param name="grounding">The domain with what is fixed.</param>
    /// <param name="operators">The operators that may be used.</param>
    /// <param name="initial">The initial value of each variable.</param>
    public static RelevanceAnalysis Of(PropositionSet goal, PropositionSet also, Grounding grounding, ReadOnlySpan<Operator> operators, ReadOnlySpan<byte> initial)
    {
        ArgumentNullException.ThrowIfNull(grounding);
        int[] places = [.. Enumerable.Range(0, operators.Length)];

        // What irrelevant operators would delete needs no repair: look again without them until none falls away.
        var found = Among(goal, also, grounding, operators.ToArray(), initial);
        while (true)
        {
            var kept = Array.ConvertAll(found.Relevant, i => places[i]);
            if (found.Relevant.Length == places.Length || found.Relevant.Length == 0 || !found.Missing.IsEmpty)
            {
                return new(kept, found.Adds, found.Propositions, found.Values, found.Reached, found.Missing);
            }

            var some = new Operator[kept.Length];
            for (var i = 0; i < some.Length; i++)
            {
                some[i] = operators[kept[i]];
            }

            places = kept;
            found = Among(goal, also, grounding, some, initial);
        }
    }

    /// <summary>Could the goal be reached if nothing were ever deleted, and some propositions held wherever they are required? Where not, there is no plan.</summary>
    /// <param name="goal">What must hold at the end.</param>
    /// <param name="grounding">The domain with what is fixed.</param>
    /// <param name="operators">The operators that may be used.</param>
    /// <param name="initial">The initial value of each variable.</param>
    /// <param name="granted">What is taken to hold wherever it is required.</param>
    public static bool MayReach(PropositionSet goal, Grounding grounding, Operator[] operators, ReadOnlySpan<byte> initial, PropositionSet granted)
    {
        ArgumentNullException.ThrowIfNull(grounding);
        var possible = Array.FindAll(operators, o => grounding.IsPossible(o, granted));
        return goal.IsSubsetOf(new Reachable(grounding, possible, initial, grounding.Domain.Holding(initial) | granted).Holding);
    }

    /// <summary>What each operator could make true on plans made of these operators alone; empty for one that cannot be applied.</summary>
    internal static PropositionSet[] AddsAmong(Grounding grounding, Operator[] operators, ReadOnlySpan<byte> initial) =>
        new Reachable(grounding, operators, initial, grounding.Domain.Holding(initial)).Adds;

    private static RelevanceAnalysis Among(PropositionSet goal, PropositionSet also, Grounding grounding, Operator[] all, ReadOnlySpan<byte> initial)
    {
        var domain = grounding.Domain;
        var holding = domain.Holding(initial);
        var reach = new Reachable(grounding, all, initial, holding);
        var backward = new Backward(grounding, all, reach, goal | also);
        var (taken, relevant) = (backward.Taken, backward.Relevant);
        int[] kept = [.. Enumerable.Range(0, all.Length).Where(i => taken[i])];
        var missing = goal.IsSubsetOf(reach.Holding) ? default : Blame(domain, goal, all, holding, reach.Holding);
        return new(kept, Array.ConvertAll(kept, i => reach.Adds[i]), relevant, reach.Values, reach.Holding, missing);
    }

    // Backward from the goal. Besides propositions, conditions of effects count: an operator is relevant too if it lets a useful effect of
    // another one happen, keeps a harmful one from happening, or takes a variable to a value from which another operator takes it on.
    private sealed class Backward
    {
        private readonly Grounding grounding;
        private readonly Operator[] all;
        private readonly Reachable reach;

        // By variable: sets of values that it is useful to get into, besides those of relevant propositions.
        private readonly List<ulong>?[] useful;

        // By operator and effect: what was noted of it.
        private readonly byte[]?[] noted;
        private const byte Good = 1;
        private const byte Bad = 2;
        private const byte Both = Good | Bad;
        private bool changed;

        public Backward(Grounding grounding, Operator[] all, Reachable reach, PropositionSet relevant)
        {
            (this.grounding, this.all, this.reach, Relevant) = (grounding, all, reach, relevant);
            useful = new List<ulong>?[reach.Values.Length];
            Taken = new bool[all.Length];
            noted = new byte[]?[all.Length];
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
                Relevant |= all[i].Preconditions - grounding.Domain.Untested;
            }

            var effects = grounding.Effects(all[i]);
            var (added, deleted) = (grounding.Added(all[i]), grounding.Deleted(all[i]));
            var known = noted[i] ??= new byte[effects.Length];
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

                Sources(effect);
            }
        }

        // Values from which the effect leads into something useful: where it depends on the value, it is useful to get to them.
        private void Sources(Effect effect)
        {
            if (effect.IsConstant)
            {
                return;
            }

            foreach (var (proposition, allowed) in grounding.Domain.AskingAbout(effect.Variable))
            {
                if (Relevant.Contains(proposition))
                {
                    Note(effect.Variable, true, Before(effect, allowed));
                }
            }

            var sets = useful[effect.Variable];
            for (var n = 0; sets is not null && n < sets.Count; n++)
            {
                Note(effect.Variable, true, Before(effect, sets[n]));
            }
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

    // All candidates are looked at, so that the blame falls on what they would require: open propositions, and what all operators that
    // could make an open one true require in common.
    private static PropositionSet Blame(Domain domain, PropositionSet goal, Operator[] all, PropositionSet holding, PropositionSet reached)
    {
        var common = new PropositionSet[PropositionSet.Capacity];
        var added = default(PropositionSet);
        foreach (var op in all)
        {
            var adds = domain.EverAdded(op);
            for (var p = adds.Next(0); p >= 0; p = adds.Next(p + 1))
            {
                common[p] = added.Contains(p) ? common[p] & op.Preconditions : op.Preconditions - domain.Untested;
            }

            added |= adds;
        }

        var open = goal - holding;
        for (var todo = open; !todo.IsEmpty; )
        {
            var more = default(PropositionSet);
            for (var p = todo.Next(0); p >= 0; p = todo.Next(p + 1))
            {
                more |= common[p];
            }

            todo = more - holding - open;
            open |= todo;
        }

        return open - reached;
    }

    // Which values each variable can take, and so which conditional effects can ever happen, when what is once reached stays reached.
    private sealed class Reachable
    {
        // Besides variables, stands for "a proposition came true".
        private const int Propositions = Domain.MostVariables;

        private readonly Grounding grounding;
        private readonly ulong[]?[] tried;

        public Reachable(Grounding grounding, Operator[] operators, ReadOnlySpan<byte> initial, PropositionSet holding)
        {
            this.grounding = grounding;
            Values = new ulong[initial.Length];
            for (var v = 0; v < initial.Length; v++)
            {
                Values[v] = 1UL << initial[v];
            }

            Holding = holding;
            Adds = new PropositionSet[operators.Length];

            // For each effect of each operator that can be applied, the values that it was tried on.
            tried = new ulong[]?[operators.Length];

            // An operator is looked at again only when a variable that it reads or writes has come to take more values.
            for (var (grown, first) = (default(IndexSet), true); first || !grown.IsEmpty; first = false)
            {
                var before = grown;
                grown = default;
                for (var i = 0; i < operators.Length; i++)
                {
                    if (tried[i] is { } again)
                    {
                        grown |= grounding.Reads(operators[i]).Overlaps(before | grown) ? Spread(operators[i], i, again) : default;
                    }
                    else if (operators[i].Preconditions.IsSubsetOf(Holding))
                    {
                        tried[i] = new ulong[grounding.Effects(operators[i]).Length];
                        grown |= Spread(operators[i], i, tried[i]!) | IndexSet.Of(Propositions);
                    }
                }
            }
        }

        /// <summary>Propositions that hold or can be made to.</summary>
        public PropositionSet Holding { get; private set; }

        /// <summary>By variable: the values that can come about, a bit each.</summary>
        public ulong[] Values { get; }

        /// <summary>By operator: the propositions that it can make true.</summary>
        public PropositionSet[] Adds { get; }

        // Variables that came to take more values; the last index when only propositions came true.
        private IndexSet Spread(Operator op, int i, ulong[] before)
        {
            var changed = default(IndexSet);
            var effects = grounding.Effects(op);
            var added = grounding.Added(op);
            for (var e = 0; e < effects.Length; e++)
            {
                var effect = effects[e];
                var had = Values[effect.Variable];
                var more = had & ~before[e];
                if (more == 0 || !CanFire(effect))
                {
                    continue;
                }

                before[e] |= more;
                var after = had;
                var adds = default(PropositionSet);
                for (; more != 0; more &= more - 1)
                {
                    var value = BitOperations.TrailingZeroCount(more);
                    after |= 1UL << effect.Map[value];
                    adds |= added[e][value];
                }

                Values[effect.Variable] = after;
                changed |= after == had ? default : IndexSet.Of(effect.Variable);
                changed |= adds.IsSubsetOf(Holding) ? default : IndexSet.Of(Propositions);
                Adds[i] |= adds;
                Holding |= adds;
            }

            return changed;
        }

        /// <summary>Can the operator be applied?</summary>
        public bool IsApplicable(int op) => tried[op] is not null;

        /// <summary>Can the conditions of an effect hold, each by itself?</summary>
        public bool CanFire(Effect effect)
        {
            foreach (var test in effect.When)
            {
                if ((test.Allowed & Values[test.Variable]) == 0)
                {
                    return false;
                }
            }

            return true;
        }
    }
}
