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
        var relevant = goal | also;
        var taken = new bool[all.Length];
        for (var changed = true; changed; )
        {
            changed = false;
            for (var i = 0; i < all.Length; i++)
            {
                if (!taken[i] && reach.Adds[i].Overlaps(relevant))
                {
                    taken[i] = true;
                    changed = true;
                    relevant |= all[i].Preconditions - domain.Untested;
                }
            }
        }

        int[] kept = [.. Enumerable.Range(0, all.Length).Where(i => taken[i])];
        var missing = goal.IsSubsetOf(reach.Holding) ? default : Blame(domain, goal, all, holding, reach.Holding);
        return new(kept, Array.ConvertAll(kept, i => reach.Adds[i]), relevant, reach.Values, reach.Holding, missing);
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
            var tried = new ulong[operators.Length][];

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
                        grown |= Spread(operators[i], i, tried[i]) | IndexSet.Of(Propositions);
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
        private IndexSet Spread(Operator op, int i, ulong[] tried)
        {
            var changed = default(IndexSet);
            var effects = grounding.Effects(op);
            var added = grounding.Added(op);
            for (var e = 0; e < effects.Length; e++)
            {
                var effect = effects[e];
                var had = Values[effect.Variable];
                var more = had & ~tried[e];
                if (more == 0 || !CanFire(effect))
                {
                    continue;
                }

                tried[e] |= more;
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

        private bool CanFire(Effect effect)
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
