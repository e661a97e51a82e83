using System.Collections.Immutable;

namespace AllSound.Planning;

/// <summary>Which propositions each value of each variable makes hold: the rules about states, looked up.</summary>
/// <example>
/// "The paint may be touched" asks for dryness over 1: the table has it for the values 2 and 3 of the variable, and a state has it by one lookup.
/// </example>
public sealed class PropositionTable
{
    private readonly PropositionSet[][] held;
    private readonly int[] tested;

    /// <param name="variables">The variables, in order of index.</param>
    /// <param name="propositions">The propositions, in order of index.</param>
    /// <exception cref="ArgumentException">Something is not in order of index, or there are too many.</exception>
    public PropositionTable(ImmutableArray<Variable> variables, ImmutableArray<Proposition> propositions)
    {
        if (variables.Length > Domain.MostVariables || propositions.Length > PropositionSet.Capacity)
        {
            throw new ArgumentException($"A domain has at most {Domain.MostVariables} variables and {PropositionSet.Capacity} propositions.", nameof(variables));
        }

        if (variables.Where((v, i) => v.Index != i).Any() || propositions.Where((p, i) => p.Index != i).Any())
        {
            throw new ArgumentException("Expected everything in order of its index.", nameof(variables));
        }

        (Variables, Propositions) = (variables, propositions);
        held = [.. variables.Select(v => new PropositionSet[v.Size])];
        foreach (var proposition in propositions)
        {
            Untested |= proposition.Any.IsEmpty ? PropositionSet.Of(proposition.Index) : default;
            foreach (var test in proposition.Any)
            {
                for (byte value = 0; value < variables[test.Variable].Size; value++)
                {
                    held[test.Variable][value] |= test.Allows(value) ? PropositionSet.Of(proposition.Index) : default;
                }
            }
        }

        tested = [.. propositions.SelectMany(p => p.Any).Select(t => t.Variable).Distinct().Order()];
    }

    /// <summary>The variables.</summary>
    public ImmutableArray<Variable> Variables { get; }

    /// <summary>The propositions.</summary>
    public ImmutableArray<Proposition> Propositions { get; }

    /// <summary>Propositions without a test: they always hold.</summary>
    public PropositionSet Untested { get; }

    /// <summary>The propositions that a value of a variable makes hold, whatever the others are.</summary>
    public PropositionSet HeldBy(int variable, byte value) => held[variable][value];

    /// <summary>The propositions that hold in a state, given as a value for each variable.</summary>
    public PropositionSet Holding(ReadOnlySpan<byte> state)
    {
        var set = Untested;
        foreach (var v in tested)
        {
            set |= held[v][state[v]];
        }

        return set;
    }
}
