using System.Collections.Frozen;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Finish products that ask for the same ground and leave the same behind, so that they differ only in price, drying and life.</summary>
internal static class Interchangeable
{
    private static readonly FrozenDictionary<CoatingClass, int> Kinds = Build();

    /// <summary>Products of one kind can take each other's place in any sequence.</summary>
    public static int Kind(CoatingClass finish) => Kinds[finish];

    /// <summary>The same sequence with one finish in the place of the other.</summary>
    public static List<Act> Swap(IReadOnlyList<Act> acts, CoatingClass finish) =>
        [.. acts.Select(a => a.Operation.Role == CoatRole.Finish ? Operations.FindAct(a.Operation, finish)! : a)];

    private static FrozenDictionary<CoatingClass, int> Build()
    {
        var covers = Needs
            .All.SelectMany(n => n.Any)
            .Concat(Operations.Acts.SelectMany(a => a.Effects).SelectMany(e => e.When))
            .Where(t => t.Facet == Facets.Cover)
            .Select(t => t.Allowed)
            .Distinct()
            .ToArray();
        var kinds = new Dictionary<string, int>(StringComparer.Ordinal);
        var found = new Dictionary<CoatingClass, int>();
        foreach (var finish in Coatings.All.Where(p => !p.Sheens.IsEmpty))
        {
            var acts = Operations.Acts.Where(a => a.Product == finish && a.Operation.Role == CoatRole.Finish);
            var asks = acts.Select(a => $"{a.Operation.Id}:{string.Join(',', a.Needs.Select(Says))}:{string.Join(',', a.Effects.Select(e => Says(e, covers)))}");
            var key = string.Join(';', asks);
            found[finish] = kinds.TryGetValue(key, out var kind) ? kind : kinds[key] = kinds.Count;
        }

        return found.ToFrozenDictionary();
    }

    // A need goes by its tests: what follows what stands once for each product, and may come to the same.
    private static string Says(Need need) => need.Clock is { } clock ? clock.ToString() : string.Join('|', need.Any.Select(t => $"{t.Facet.Name}{t.Allowed}"));

    // A cover goes by which tests it passes, not by its name.
    private static string Says(Effect effect, ulong[] covers)
    {
        var value = effect.Facet == Facets.Cover ? string.Concat(covers.Select(c => (c >> effect.Value) & 1)) : $"{effect.Value}";
        return $"{effect.Facet.Name}{effect.Change}{value}{string.Join('+', effect.When.Select(t => $"{t.Facet.Name}{t.Allowed}"))}";
    }
}
