using System.Numerics;

namespace AllSound.Planning;

/// <summary>
/// Which values each variable can take, and so which conditional effects can ever happen, when what is once reached stays reached: the fixpoint of
/// the delete relaxation. (B. Bonet and H. Geffner 2001, from memory.)
/// </summary>
/// <example>
/// From "at home" with "drive to town" and "buy in town", both "in town" and "bought" are reached; "at home" stays reached although the
/// car has left. What this does not reach, no plan reaches.
/// </example>
internal sealed class RelaxedReachability
{
    // Besides variables, stands for "a proposition came true".
    private const int Propositions = Domain.MostVariables;

    private readonly Grounding grounding;
    private readonly ulong[]?[] tried;

    public RelaxedReachability(Grounding grounding, Operator[] operators, ReadOnlySpan<byte> initial, PropositionSet holding)
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
