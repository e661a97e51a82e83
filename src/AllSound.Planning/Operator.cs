using System.Collections.Immutable;

namespace AllSound.Planning;

/// <summary>
/// One conditional effect of an operator: a change to one variable. The conditions are read in the state before the operator; the changes
/// that an operator makes to the same variable are applied in their order.
/// </summary>
/// <example>
/// "Rain: if the roof is off, the floor is wet" changes "floor"; its condition is read before the rain. Map dry to wet and wet to wet: it is constant.
/// </example>
public sealed class Effect
{
    /// <param name="variable">The variable changed.</param>
    /// <param name="map">The value after, by the value before. What depends on the variable itself belongs in it.</param>
    /// <param name="when">Conditions on other variables, all of which must hold.</param>
    /// <exception cref="ArgumentException">The map has not as many entries as the variable has values, or a condition is on the variable itself.</exception>
    public Effect(Variable variable, ImmutableArray<byte> map, ImmutableArray<Test> when)
    {
        ArgumentNullException.ThrowIfNull(variable);
        if (map.Length != variable.Size || map.Any(v => v >= variable.Size))
        {
            throw new ArgumentException($"Expected a value below {variable.Size} for each value of {variable.Name}.", nameof(map));
        }

        if (when.Any(t => t.Variable == variable.Index))
        {
            throw new ArgumentException($"A condition on {variable.Name} itself belongs in the map.", nameof(when));
        }

        (Variable, Map, When) = (variable.Index, map, when);
        IsConstant = map.All(v => v == map[0]);
    }

    /// <summary>Index of the variable changed.</summary>
    public int Variable { get; }

    /// <summary>The value after, by the value before.</summary>
    public ImmutableArray<byte> Map { get; }

    /// <summary>True when it leads to the same value from every value.</summary>
    internal bool IsConstant { get; }

    /// <summary>True when what it does depends on the state.</summary>
    internal bool DependsOnState => !IsConstant || !When.IsEmpty;

    /// <summary>Conditions on other variables.</summary>
    public ImmutableArray<Test> When { get; }
}

/// <summary>Compares effects by what they do: the same change of the same variable on the same conditions.</summary>
internal sealed class EffectContent : IEqualityComparer<Effect>
{
    public static EffectContent Comparer { get; } = new();

    public bool Equals(Effect? x, Effect? y) =>
        ReferenceEquals(x, y)
        || (x is not null && y is not null && x.Variable == y.Variable && x.Map.AsSpan().SequenceEqual(y.Map.AsSpan()) && x.When.SequenceEqual(y.When));

    public int GetHashCode(Effect obj)
    {
        var hash = default(HashCode);
        hash.Add(obj.Variable);
        hash.AddBytes(obj.Map.AsSpan());
        foreach (var test in obj.When)
        {
            hash.Add(test);
        }

        return hash.ToHashCode();
    }
}

/// <summary>Something that can be done: what it requires and what it changes.</summary>
public sealed class Operator
{
    /// <param name="index">Place in the domain's list.</param>
    /// <param name="name">Name for messages and exports.</param>
    /// <param name="preconditions">Propositions that must hold before it.</param>
    /// <param name="effects">Its effects.</param>
    /// <param name="costVaries">True when its cost may depend on the domain's <see cref="Domain.CostSwitch"/>.</param>
    public Operator(int index, string name, PropositionSet preconditions, ImmutableArray<Effect> effects, bool costVaries = false) =>
        (Index, Name, Preconditions, Effects, CostVaries) = (index, name, preconditions, effects, costVaries);

    /// <summary>Place in the domain's list.</summary>
    public int Index { get; }

    /// <summary>Name.</summary>
    public string Name { get; }

    /// <summary>Propositions that must hold before it.</summary>
    public PropositionSet Preconditions { get; }

    /// <summary>Its effects.</summary>
    public ImmutableArray<Effect> Effects { get; }

    /// <summary>True when its cost may depend on the cost switch.</summary>
    public bool CostVaries { get; }

    /// <summary>True when some precondition was taken away by <see cref="Without"/>.</summary>
    internal bool Relaxed { get; private init; }

    /// <summary>The same operator without some preconditions; the operator itself where it has none of them.</summary>
    public Operator Without(PropositionSet granted) =>
        Preconditions.Overlaps(granted) ? new Operator(Index, Name, Preconditions - granted, Effects, CostVaries) { Relaxed = true } : this;
}
