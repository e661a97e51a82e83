using System.Collections.Frozen;
using System.Collections.Immutable;
using System.Runtime.CompilerServices;
using AllSound.Core.Materials;
using AllSound.Core.Treatment.Catalogue;

namespace AllSound.Core.Treatment;

/// <summary>All operations and, for each, the acts: the operation with one of its products.</summary>
public static class Operations
{
    static Operations()
    {
        RuntimeHelpers.RunClassConstructor(typeof(SiteNeeds).TypeHandle);
        RuntimeHelpers.RunClassConstructor(typeof(PlaceNeeds).TypeHandle);
        RuntimeHelpers.RunClassConstructor(typeof(GroundNeeds).TypeHandle);
        RuntimeHelpers.RunClassConstructor(typeof(Needs).TypeHandle);
        RuntimeHelpers.RunClassConstructor(typeof(FabricNeeds).TypeHandle);
        RuntimeHelpers.RunClassConstructor(typeof(Compatibility).TypeHandle);
        All =
        [
            .. SiteWork.All,
            .. FilmStripping.All,
            .. Preparation.All,
            .. Stripping.All,
            .. BoughtStripping.All,
            .. FloorPreparation.All,
            .. MetalPreparation.All,
            .. Cleaning.All,
            .. MasonryCleaning.All,
            .. Filling.All,
            .. Repairs.All,
            .. MechanicalRepairs.All,
            .. Sealing.All,
            .. Coats.All,
            .. MetalCoats.All,
            .. MasonryCoats.All,
            .. WoodFloorAndTileCoats.All,
            .. Finishing.All,
        ];
        ById = All.ToFrozenDictionary(o => o.Id);
        Acts =
        [
            .. All.SelectMany(o => o.Products.IsEmpty ? [(o, (CoatingClass?)null)] : o.Products.Select(p => (o, (CoatingClass?)p)))
                .Select((pair, index) => Act.Bind(index, pair.o, pair.Item2)),
        ];
        AllNeeds = NeedRegistry.Snapshot();
    }

    private static readonly FrozenDictionary<string, Operation> ById;

    // A need gets its index as it is defined, and indexes decide in which order things are said and ties fall. Before anything
    // else in this assembly, so that neither hangs on who asks for what first.
#pragma warning disable CA2255 // It is meant for applications; nothing else comes before every static field of a library.
    [ModuleInitializer]
#pragma warning restore CA2255
    internal static void DefineInOrder() => RuntimeHelpers.RunClassConstructor(typeof(Operations).TypeHandle);

    /// <summary>All operations, in catalogue order.</summary>
    public static ImmutableArray<Operation> All { get; }

    /// <summary>All acts; an act's index is its place here.</summary>
    public static ImmutableArray<Act> Acts { get; }

    internal static ImmutableArray<Need> AllNeeds { get; }

    /// <summary>The operation with this id, or null.</summary>
    public static Operation? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>The act of an operation with a product, or its first product when none is named; null when the operation does not use it.</summary>
    public static Act? FindAct(Operation operation, CoatingClass? product) =>
        Acts.FirstOrDefault(a => a.Operation == operation && (product is null || a.Product!.Id == product.Id));
}
