using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Treatment;

/// <summary>An operation bound to the product it is done with. What may follow what is decided on acts.</summary>
public sealed class Act
{
    private Act(int index, Operation operation, CoatingClass? product, ImmutableArray<Need> needs, ImmutableArray<Effect> effects)
    {
        Index = index;
        Operation = operation;
        Product = product;
        Needs = needs;
        Effects = effects;
        NeedSet = needs.Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        Clocks = needs.Where(n => n.Clock is not null).Aggregate(default(NeedSet), (set, need) => set | NeedSet.Of(need.Index));
        Asks = needs.SelectMany(n => n.Any).Aggregate(0UL, (mask, t) => mask | (1UL << t.Facet.Index));
        Strips = effects.Any(e => e.Facet == Facets.Film);
        PreparesMetal = effects.Any(e => e.Facet == Facets.Prep && e.Value != (byte)Prep.None);
        WaitFor = [.. needs.Where(n => n.Clock is not null).Select(n => n.Clock!.Value)];
        Leaves = LeftBy(operation, product);
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

    /// <summary>The facets that its needs ask about, a bit each.</summary>
    internal ulong Asks { get; }

    internal NeedSet NeedSet { get; }

    internal NeedSet Clocks { get; }

    internal ImmutableArray<Drying> WaitFor { get; }

    /// <summary>True when some of what it needs is taken for granted.</summary>
    internal bool Granted { get; private init; }

    /// <summary>The same act with an instance of its product: what it needs and does stays, its numbers are the instance's.</summary>
    public Act With(CoatingClass instance) => new(Index, Operation, instance, Needs, Effects);

    /// <summary>The same act as if some needs were met wherever it is done; the act itself where it has none of them.</summary>
    internal Act Granting(NeedSet met) =>
        NeedSet.Overlaps(met) ? new(Index, Operation, Product, [.. Needs.Where(n => !met.Contains(n.Index))], Effects) { Granted = true } : this;

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

    private static Wait? LeftBy(Operation operation, CoatingClass? product) =>
        operation.Leaves ?? (product is null || operation.Role == CoatRole.None ? null : new Wait(Drying.Coat, product.Drying.Least, product.Drying.Advised));
}
