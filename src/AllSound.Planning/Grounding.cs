namespace AllSound.Planning;

/// <summary>
/// A domain with some variables fixed: those that no operator changes in a task. Effects on them, and effects whose conditions on them fail,
/// are left out; operators whose preconditions they rule out are known to be impossible. (Compiling static variables away: M. Helmert, "The
/// Fast Downward planning system" 2006, from memory.) Built once for each set of fixed values and shared by all tasks that have them.
/// </summary>
/// <example>With "weather: dry" fixed, "walk in the rain" is impossible, and "walk" no longer has the effect "wet, if it rains".</example>
public sealed class Grounding
{
    private readonly Domain domain;
    private readonly Dictionary<int, byte> values;
    private readonly Effect[][] effects;
    private readonly int[][] numbers;
    private readonly PropositionSet[][][] added;
    private readonly PropositionSet[][][] deleted;
    private readonly IndexSet[] reads;
    private readonly IndexSet[] writes;
    private readonly bool[] possible;

    /// <param name="domain">The domain.</param>
    /// <param name="fixedValues">The variables fixed, by index, with their values.</param>
    public Grounding(Domain domain, IReadOnlyDictionary<int, byte> fixedValues)
    {
        ArgumentNullException.ThrowIfNull(domain);
        this.domain = domain;
        values = new(fixedValues);
        var count = domain.Operators.Length;
        (effects, numbers, added) = (new Effect[count][], new int[count][], new PropositionSet[count][][]);
        deleted = new PropositionSet[count][][];
        (reads, writes, possible) = (new IndexSet[count], new IndexSet[count], new bool[count]);
        var (local, distinct) = (new int[domain.Effects.Length], new List<Effect>());
        Array.Fill(local, -1);
        var happens = Array.ConvertAll(domain.Effects, e => !values.ContainsKey(e.Variable) && !Fails(e));
        foreach (var op in domain.Operators)
        {
            var all = Array.FindAll(domain.EffectNumbers(op), e => happens[e]);
            var own = Array.ConvertAll(all, e => domain.Effects[e]);
            effects[op.Index] = own;
            numbers[op.Index] = Array.ConvertAll(all, e => Local(e, domain.Effects[e]));
            added[op.Index] = Array.ConvertAll(all, domain.AddedBy);
            deleted[op.Index] = Array.ConvertAll(all, domain.DeletedBy);
            foreach (var effect in own)
            {
                writes[op.Index] |= IndexSet.Of(effect.Variable);
                reads[op.Index] |= IndexSet.Of(effect.Variable);
                foreach (var test in effect.When)
                {
                    reads[op.Index] |= IndexSet.Of(test.Variable);
                }
            }

            possible[op.Index] = Possible(op.Preconditions);
        }

        DistinctEffects = [.. distinct];

        int Local(int number, Effect effect)
        {
            if (local[number] < 0)
            {
                local[number] = distinct.Count;
                distinct.Add(effect);
            }

            return local[number];
        }
    }

    /// <summary>The domain.</summary>
    public Domain Domain => domain;

    /// <summary>All effects that can happen here, those that are alike once.</summary>
    internal Effect[] DistinctEffects { get; }

    /// <summary>May the operator ever be applied here, as far as the fixed variables tell?</summary>
    /// <param name="op">The operator.</param>
    /// <param name="granted">Propositions taken to hold wherever they are required.</param>
    public bool IsPossible(Operator op, in PropositionSet granted = default)
    {
        ArgumentNullException.ThrowIfNull(op);
        return possible[op.Index] || ((op.Relaxed || op.Preconditions.Overlaps(granted)) && Possible(op.Preconditions - granted));
    }

    /// <summary>Effects of the operator that can happen here.</summary>
    internal ReadOnlySpan<Effect> Effects(Operator op) => effects[op.Index];

    /// <summary>The same by their places in <see cref="DistinctEffects"/>.</summary>
    internal int[] Numbers(Operator op) => numbers[op.Index];

    /// <summary>For each of these effects, by value before: the propositions that it makes true.</summary>
    internal PropositionSet[][] Added(Operator op) => added[op.Index];

    /// <summary>For each of these effects, by value before: the propositions that it deletes.</summary>
    internal PropositionSet[][] Deleted(Operator op) => deleted[op.Index];

    /// <summary>The variables that the operator's effects here read or write.</summary>
    internal IndexSet Reads(Operator op) => reads[op.Index];

    /// <summary>The variables that the operator's effects here write.</summary>
    internal IndexSet Writes(Operator op) => writes[op.Index];

    private bool Fails(Effect effect) => effect.When.Any(t => values.TryGetValue(t.Variable, out var value) && !t.Allows(value));

    // A precondition that only asks about fixed variables, and none of whose tests passes, can never be met.
    private bool Possible(in PropositionSet preconditions)
    {
        for (var p = preconditions.Next(0); p >= 0; p = preconditions.Next(p + 1))
        {
            var any = domain.Propositions[p].Any;
            if (!any.IsEmpty && any.All(t => values.TryGetValue(t.Variable, out var value) && !t.Allows(value)))
            {
                return false;
            }
        }

        return true;
    }
}
