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
        return goal.IsSubsetOf(new RelaxedReachability(grounding, possible, initial, grounding.Domain.Holding(initial) | granted).Holding);
    }

    /// <summary>What each operator could make true on plans made of these operators alone; empty for one that cannot be applied.</summary>
    internal static PropositionSet[] AddsAmong(Grounding grounding, Operator[] operators, ReadOnlySpan<byte> initial) =>
        new RelaxedReachability(grounding, operators, initial, grounding.Domain.Holding(initial)).Adds;

    private static RelevanceAnalysis Among(PropositionSet goal, PropositionSet also, Grounding grounding, Operator[] all, ReadOnlySpan<byte> initial)
    {
        var domain = grounding.Domain;
        var holding = domain.Holding(initial);
        var reach = new RelaxedReachability(grounding, all, initial, holding);
        var backward = new BackwardRelevance(grounding, all, reach, goal | also);
        var (taken, relevant) = (backward.Taken, backward.Relevant);
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
}
