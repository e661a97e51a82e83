using System.Collections.Immutable;

namespace AllSound.Planning;

/// <summary>
/// What all tasks of one kind have in common: variables, propositions and operators, with the hints that make the bounds stronger. Built once.
/// </summary>
/// <example>
/// Variables "tyre: flat, hard" and "bolts: on, off"; propositions "the tyre is hard" and "the bolts are on"; operators "pump" and "loosen". A task is then
/// initial values and a goal: <c>new GoalTask</c> of a <see cref="CompiledTask"/>.
/// </example>
public sealed class Domain
{
    /// <summary>Most variables that a domain may have.</summary>
    public const int MostVariables = 255;

    private readonly PropositionTable table;
    private readonly PropositionSet[] everAdded;
    private readonly int[][] effectNumbers;
    private readonly PropositionSet[][] addedBy;
    private readonly PropositionSet[][] deletedBy;
    private readonly (int Proposition, ulong Allowed)[][] asking;

    /// <param name="table">The variables and propositions.</param>
    /// <param name="operators">The operators, in order of index.</param>
    /// <param name="costSwitch">
    /// A test on one variable: operators may cost one thing while it fails and another once it passes (state-dependent action costs: F. Geißer,
    /// T. Keller and R. Mattmüller 2015, from memory). Null where every cost is constant.
    /// </param>
    /// <param name="counter">
    /// Index of a variable that no operator raises by more than one, such as coats laid: its thresholds are reached one by one. -1 for none.
    /// </param>
    /// <param name="between">
    /// Index of a proposition that operators which raise the counter delete and require, such as "rubbed down since". -1 for none.
    /// </param>
    /// <exception cref="ArgumentException">The operators are not in order of index, or the counter may rise by more than one.</exception>
    public Domain(PropositionTable table, ImmutableArray<Operator> operators, Test? costSwitch = null, int counter = -1, int between = -1)
    {
        ArgumentNullException.ThrowIfNull(table);
        this.table = table;
        if (operators.Where((o, i) => o.Index != i).Any())
        {
            throw new ArgumentException("Expected operators in order of their index.", nameof(operators));
        }

        if (operators.SelectMany(o => o.Effects).Any(e => e.Variable == counter && e.Map.Where((to, from) => to > from + 1).Any()))
        {
            throw new ArgumentException($"{Variables[counter].Name} rises by more than one at once.", nameof(counter));
        }

        (Operators, CostSwitch, Counter, Between) = (operators, costSwitch, counter, between);
        Switched = costSwitch is { } s ? Propositions.FirstOrDefault(p => p.Any is [var only] && only == s)?.Index ?? -1 : -1;
        Thresholds =
            counter < 0
                ? default
                : Propositions
                    .Where(p => p.Any is [var only] && only.Variable == counter && IsThreshold(only.Allowed, Variables[counter]))
                    .Aggregate(default(PropositionSet), (set, p) => set | PropositionSet.Of(p.Index));
        var tests = table.Propositions.SelectMany(p => p.Any.Select(t => (p.Index, Test: t))).ToLookup(x => x.Test.Variable, x => (x.Index, x.Test.Allowed));
        asking = [.. table.Variables.Select(v => tests[v.Index].ToArray())];
        var (distinct, numbers) = (new List<Effect>(), new Dictionary<Effect, int>(EffectContent.Comparer));
        effectNumbers = [.. operators.Select(o => o.Effects.Select(e => Number(e, numbers, distinct)).ToArray())];
        Effects = [.. distinct];
        (addedBy, deletedBy) = ([.. distinct.Select(Added)], [.. distinct.Select(Deleted)]);
        everAdded = [.. operators.Select(o => effectNumbers[o.Index].SelectMany(e => addedBy[e]).Aggregate(default(PropositionSet), (set, added) => set | added))];
    }

    /// <summary>The variables.</summary>
    public ImmutableArray<Variable> Variables => table.Variables;

    /// <summary>The propositions.</summary>
    public ImmutableArray<Proposition> Propositions => table.Propositions;

    /// <summary>The operators.</summary>
    public ImmutableArray<Operator> Operators { get; }

    /// <summary>The test that costs depend on, if any.</summary>
    public Test? CostSwitch { get; }

    /// <summary>Propositions without a test: they always hold.</summary>
    public PropositionSet Untested => table.Untested;

    /// <summary>Index of the counter, or -1.</summary>
    internal int Counter { get; }

    /// <summary>Index of the proposition between two raises of the counter, or -1.</summary>
    internal int Between { get; }

    /// <summary>Index of the proposition that holds exactly when the cost switch passes, or -1.</summary>
    internal int Switched { get; }

    /// <summary>Propositions that hold from some count on.</summary>
    internal PropositionSet Thresholds { get; }

    /// <summary>The propositions that a value of a variable makes hold, whatever the others are.</summary>
    public PropositionSet HeldBy(int variable, byte value) => table.HeldBy(variable, value);

    /// <summary>The propositions that hold in a state, given as a value for each variable.</summary>
    public PropositionSet Holding(ReadOnlySpan<byte> state) => table.Holding(state);

    /// <summary>The propositions that an operator could make true from some state or other.</summary>
    public PropositionSet EverAdded(Operator op)
    {
        ArgumentNullException.ThrowIfNull(op);
        return everAdded[op.Index];
    }

    /// <summary>By value before: the propositions that an effect makes true.</summary>
    internal PropositionSet[] AddedBy(int effect) => addedBy[effect];

    /// <summary>By value before: the propositions that a distinct effect deletes.</summary>
    internal PropositionSet[] DeletedBy(int effect) => deletedBy[effect];

    /// <summary>All effects, those that are alike once.</summary>
    internal Effect[] Effects { get; }

    /// <summary>The effects of an operator by their places in <see cref="Effects"/>, in its order.</summary>
    internal int[] EffectNumbers(Operator op) => effectNumbers[op.Index];

    /// <summary>The propositions that ask about a variable, with the values that pass.</summary>
    internal (int Proposition, ulong Allowed)[] AskingAbout(int variable) => asking[variable];

    /// <summary>Does an operator change the variable that costs depend on?</summary>
    internal bool Switches(Operator op) => CostSwitch is { } s && op.Effects.Any(e => e.Variable == s.Variable);

    private PropositionSet[] Added(Effect effect) => [.. effect.Map.Select((to, from) => HeldBy(effect.Variable, to) - HeldBy(effect.Variable, (byte)from))];

    private PropositionSet[] Deleted(Effect effect) => [.. effect.Map.Select((to, from) => HeldBy(effect.Variable, (byte)from) - HeldBy(effect.Variable, to))];

    private static int Number(Effect effect, Dictionary<Effect, int> numbers, List<Effect> distinct)
    {
        if (!numbers.TryGetValue(effect, out var number))
        {
            numbers[effect] = number = distinct.Count;
            distinct.Add(effect);
        }

        return number;
    }

    private static bool IsThreshold(ulong allowed, Variable counter)
    {
        var from = System.Numerics.BitOperations.TrailingZeroCount(allowed);
        return from > 0 && allowed == (counter.AllValues & ~((1UL << from) - 1));
    }
}
