using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Planning;
using Effect = AllSound.Core.Surfaces.Effect;

namespace AllSound.Core.Treatment;

/// <summary>An operation bound to the product it is done with. What may follow what is decided on acts.</summary>
public sealed class Act
{
    private Act(int index, Operation operation, CoatingClass? product, ImmutableArray<Need> needs, ImmutableArray<Effect> effects, Operator? planned = null)
    {
        Index = index;
        Operation = operation;
        Product = product;
        Needs = needs;
        Effects = effects;
        NeedSet = needs.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        Clocks = needs.Where(n => n.Clock is not null).Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        Asks = needs.SelectMany(n => n.Any).Aggregate(default(IndexSet), (set, t) => set | IndexSet.Of(t.Facet.Index));
        Strips = effects.Any(e => e.Facet == Facets.Film);
        PreparesMetal = effects.Any(e => e.Facet == Facets.Prep && e.Value != (byte)Prep.None);
        WaitFor = [.. needs.Where(n => n.Clock is not null).Select(n => n.Clock!.Value)];
        Leaves = LeftBy(operation, product);
        Planned = planned ?? new Operator(index, Id, NeedSet, [.. effects.Select(InPlan)], operation.Extent != Extent.Once);
    }

    /// <summary>Place in <see cref="Operations.Acts"/>.</summary>
    public int Index { get; }

    /// <summary>The operation.</summary>
    public Operation Operation { get; }

    /// <summary>The product, when it uses one.</summary>
    public CoatingClass? Product { get; }

    /// <summary>Everything that must be true before, in the order in which it is explained.</summary>
    public ImmutableArray<Need> Needs { get; }

    /// <summary>Everything it changes.</summary>
    public ImmutableArray<Effect> Effects { get; }

    /// <summary>The wait it leaves, if any.</summary>
    public Wait? Leaves { get; }

    /// <summary>Days after which its coat must be keyed, if it has such a limit.</summary>
    public int? LatestDays => Operation.Role is CoatRole.None or CoatRole.Spot ? null : Product?.Drying.LatestDays;

    /// <summary>True when it takes the whole old film off.</summary>
    internal bool Strips { get; }

    /// <summary>True when it prepares bare metal, so that the hours in which that must be coated begin anew.</summary>
    internal bool PreparesMetal { get; }

    /// <summary>The facets that its needs ask about, by index.</summary>
    internal IndexSet Asks { get; }

    internal NeedSet NeedSet { get; }

    internal NeedSet Clocks { get; }

    internal ImmutableArray<Drying> WaitFor { get; }

    /// <summary>The act as the planner knows it.</summary>
    internal Operator Planned { get; }

    /// <summary>The same act with an instance of its product: what it needs and does stays, its numbers are the instance's.</summary>
    public Act With(CoatingClass instance) => new(Index, Operation, instance, Needs, Effects, Planned);

    /// <summary>The same act as if some needs were met wherever it is done; the act itself where it has none of them.</summary>
    internal Act Granting(NeedSet met) =>
        NeedSet.Overlaps(met) ? new(Index, Operation, Product, [.. Needs.Where(n => !met.Contains(n.Index))], Effects, Planned.Without(met)) : this;

    /// <summary>Id of operation and product.</summary>
    public string Id => Product is null ? Operation.Id : $"{Operation.Id}/{Product.Id}";

    /// <inheritdoc/>
    public override string ToString() => Id;

    internal static Act Bind(int index, Operation operation, CoatingClass? product) =>
        new(
            index,
            operation,
            product,
            [.. Touching.Needs(operation).Concat(operation.Needs).Concat(Coating.Needs(operation, product)).Distinct()],
            [.. operation.Gives, .. Coating.Effects(operation, product), .. Touching.Effects(operation, LeftBy(operation, product))]
        );

    private static AllSound.Planning.Effect InPlan(Effect effect) =>
        new(
            new Variable(effect.Facet.Index, effect.Facet.Name, effect.Facet.Size),
            [.. Enumerable.Range(0, effect.Facet.Size).Select(v => effect.From((byte)v))],
            [.. effect.When.Where(t => t.Facet != effect.Facet).Select(t => new AllSound.Planning.Test(t.Facet.Index, t.Allowed))]
        );

    private static Wait? LeftBy(Operation operation, CoatingClass? product) =>
        operation.Leaves ?? (product is null || operation.Role == CoatRole.None ? null : new Wait(Drying.Coat, product.Drying.Least, product.Drying.Advised));
}
