using System.Numerics;

namespace AllSound.Planning;

/// <summary>
/// A planning task made ready once for all searches on it: the relevant operators, and the propositions that can ever be open, numbered anew so
/// that their sets are small. Where something is missing there is nothing to search, and only <see cref="Missing"/> may be read.
/// </summary>
/// <example>
/// <code>
/// var task = new CompiledTask(grounding, initial, goal, also: default, domain.Operators);
/// var found = Search.Cheapest(new CostedTask(new GoalTask(task, goal), costs));
/// </code>
/// </example>
public sealed class CompiledTask
{
    private readonly Grounding grounding;
    private readonly int[] local = [];
    private readonly Lazy<(RelaxedTask Unswitched, RelaxedTask Any)> relaxed = null!;
    private PropositionSet numbered;

    private readonly IndexSet[] requiring = [];
    private readonly IndexSet everyOperator;
    private readonly IndexSet everyPrecondition;

    /// <param name="grounding">The domain with what is fixed.</param>
    /// <param name="initial">The initial value of each variable.</param>
    /// <param name="goal">What must hold at the end, whatever else a search asks for.</param>
    /// <param name="also">What single searches may ask for besides.</param>
    /// <param name="operators">The operators that may be used.</param>
    /// <param name="costed">False where only the existence of plans is asked: what the bounds on cost need is then built when it is asked for.</param>
    /// <exception cref="InvalidOperationException">More than 256 operators or propositions matter at once.</exception>
    public CompiledTask(Grounding grounding, byte[] initial, PropositionSet goal, PropositionSet also, IReadOnlyList<Operator> operators, bool costed = true)
    {
        ArgumentNullException.ThrowIfNull(grounding);
        ArgumentNullException.ThrowIfNull(operators);
        this.grounding = grounding;
        Domain = grounding.Domain;
        if (Domain.Switched >= 0 && operators.Any(o => o.CostVaries))
        {
            // Switching may pay for itself by what it makes cheaper.
            also |= PropositionSet.Of(Domain.Switched);
        }

        int[] possible = [.. Enumerable.Range(0, operators.Count).Where(i => grounding.IsPossible(operators[i]))];
        var relevance = RelevanceAnalysis.Of(goal, also, grounding, Array.ConvertAll(possible, i => operators[i]), initial);
        (Missing, Reached) = (relevance.Missing, relevance.Reached);
        Relevant = Array.ConvertAll(relevance.Relevant, i => possible[i]);
        Operators = Array.ConvertAll(Relevant, i => operators[i]);
        Switching = Array.ConvertAll(Operators, Domain.Switches);
        if (!Missing.IsEmpty)
        {
            return;
        }

        if (Operators.Length > IndexSet.Capacity)
        {
            throw new InvalidOperationException($"More than {IndexSet.Capacity} operators matter at once.");
        }

        goal |= also;
        local = Number(initial, goal, relevance);
        Preconditions = Array.ConvertAll(Operators, o => Local(o.Preconditions));
        Adds = [.. relevance.Adds.Select(a => Local(a))];
        var unswitched = RelevanceAnalysis.AddsAmong(grounding, [.. Operators.Where((_, i) => !Switching[i])], initial);
        var k = 0;
        AddsUnswitched = [.. Operators.Select((_, i) => Switching[i] ? default : Local(unswitched[k++]))];
        Thresholds = Local(Domain.Thresholds);
        requiring = new IndexSet[Count];
        for (var o = 0; o < Operators.Length; o++)
        {
            everyOperator |= IndexSet.Of(o);
            everyPrecondition |= Preconditions[o];
            for (var p = Preconditions[o].Next(0); p >= 0; p = Preconditions[o].Next(p + 1))
            {
                requiring[p] |= IndexSet.Of(o);
            }
        }

        States = new StateSpace(Domain, initial, relevance.Values, grounding.DistinctEffects, Array.ConvertAll(Operators, grounding.Numbers), Held(relevance.Values));
        relaxed = new(Relax);
        (DominatedBy, Interference) = costed ? Workers.Both(() => relaxed.Value, Compare).Item2 : Compare();
    }

    /// <summary>The domain.</summary>
    public Domain Domain { get; }

    /// <summary>Propositions that nothing can make true and that every plan needs; empty when the goal may be reachable.</summary>
    public PropositionSet Missing { get; }

    /// <summary>Propositions that hold or can be made to, were nothing ever deleted. Known also where something is missing.</summary>
    public PropositionSet Reached { get; }

    /// <summary>Relevant operators, by their places among those given, ascending.</summary>
    public int[] Relevant { get; }

    /// <summary>The relevant operators themselves; everything below counts them by their places here.</summary>
    public Operator[] Operators { get; }

    /// <summary>By operator: whether it changes what costs depend on.</summary>
    public bool[] Switching { get; }

    /// <summary>Propositions that can ever be open.</summary>
    public int Count { get; private set; }

    /// <summary>The states that can come about, as far as they matter.</summary>
    internal StateSpace States { get; } = null!;

    /// <summary>The delete relaxation of plans on which the cost switch stays as it is.</summary>
    internal RelaxedTask Unswitched => relaxed.Value.Unswitched;

    /// <summary>The delete relaxation of any plan.</summary>
    internal RelaxedTask Any => relaxed.Value.Any;

    /// <summary>By operator: what it requires.</summary>
    internal IndexSet[] Preconditions { get; } = [];

    /// <summary>By operator: the propositions that it could make true.</summary>
    internal IndexSet[] Adds { get; } = [];

    /// <summary>The same on plans on which the cost switch stays as it is.</summary>
    internal IndexSet[] AddsUnswitched { get; } = [];

    /// <summary>By operator: the others that require no more and, whatever the state, leave everything at least as good.</summary>
    internal IndexSet[] DominatedBy { get; } = [];

    /// <summary>By operator: those whose order with it matters.</summary>
    internal IndexSet[] Interference { get; } = [];

    /// <summary>Propositions that hold from some count on.</summary>
    internal IndexSet Thresholds { get; }

    /// <summary>Place of the proposition that the cost switch passes, or -1 where it cannot be open.</summary>
    internal int SwitchedPlace => Domain.Switched < 0 ? -1 : local[Domain.Switched];

    /// <summary>Number of a proposition here, or -1 when it always holds.</summary>
    public int Local(int proposition) => local[proposition];

    /// <summary>The propositions among these that can ever be open, as numbered here.</summary>
    public IndexSet Local(in PropositionSet propositions)
    {
        var set = default(IndexSet);
        var those = propositions & numbered;
        for (var p = those.Next(0); p >= 0; p = those.Next(p + 1))
        {
            set |= IndexSet.Of(local[p]);
        }

        return set;
    }

    /// <summary>Operators whose preconditions all hold.</summary>
    internal IndexSet Applicable(in IndexSet holding)
    {
        var blocked = default(IndexSet);
        var unmet = everyPrecondition - holding;
        for (var p = unmet.Next(0); p >= 0; p = unmet.Next(p + 1))
        {
            blocked |= requiring[p];
        }

        return everyOperator - blocked;
    }

    private (RelaxedTask Unswitched, RelaxedTask Any) Relax()
    {
        var between = Domain.Between < 0 ? -1 : local[Domain.Between];
        var split = new ContextSplitting(States, Preconditions, Count, IndexSet.Capacity - RelaxedTask.OwnPlaces, Domain.Counter, between);
        var now = States.Of(States.Initial).Holding;

        // What switches makes the switch pass, also where no operator requires that.
        var switched = SwitchedPlace;
        return (
            new RelaxedTask(split, AddsUnswitched, now, between),
            new RelaxedTask(split, [.. Adds.Select((a, o) => Switching[o] && switched >= 0 ? a | IndexSet.Of(switched) : a)], now, between)
        );
    }

    private (IndexSet[] DominatedBy, IndexSet[] Interference) Compare() =>
        ([.. Enumerable.Range(0, Operators.Length).Select(Dominating)], States.Interference(requiring, Array.ConvertAll(Operators, o => o.CostVaries)));

    private IndexSet Dominating(int op)
    {
        var set = default(IndexSet);
        var requiringNoMore = Applicable(Preconditions[op]) - IndexSet.Of(op);
        for (var o = requiringNoMore.Next(0); o >= 0; o = requiringNoMore.Next(o + 1))
        {
            set |= States.Dominates(o, op) ? IndexSet.Of(o) : default;
        }

        return set;
    }

    // A proposition that holds by a variable that no operator changes always holds.
    private int[] Number(byte[] initial, PropositionSet goal, RelevanceAnalysis relevance)
    {
        var changes = Operators.Aggregate(default(IndexSet), (set, o) => set | grounding.Writes(o));
        var always = Domain.Untested;
        for (var v = 0; v < initial.Length; v++)
        {
            always |= changes.Contains(v) ? default : Domain.HeldBy(v, initial[v]);
        }

        var numbers = new int[Domain.Propositions.Length];
        Array.Fill(numbers, -1);
        numbered = (relevance.Propositions | goal) - always;
        for (var p = numbered.Next(0); p >= 0; p = numbered.Next(p + 1))
        {
            numbers[p] = Count++;
        }

        return Count <= IndexSet.Capacity ? numbers : throw new InvalidOperationException($"More than {IndexSet.Capacity} propositions matter at once.");
    }

    // By variable and value: the propositions that it makes hold, for values that can come about.
    private IndexSet[]?[] Held(ulong[] values)
    {
        var rows = new IndexSet[]?[values.Length];
        for (var v = 0; v < rows.Length; v++)
        {
            for (var rest = values[v]; rest != 0; rest &= rest - 1)
            {
                var value = BitOperations.TrailingZeroCount(rest);
                var held = Domain.HeldBy(v, (byte)value) & numbered;
                if (!held.IsEmpty)
                {
                    (rows[v] ??= new IndexSet[Domain.Variables[v].Size])[value] = Local(held);
                }
            }
        }

        return rows;
    }
}
