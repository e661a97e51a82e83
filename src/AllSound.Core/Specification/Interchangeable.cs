using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Finish products that ask for the same and leave the same behind on a ground, so that they differ only in price, drying and life.</summary>
internal sealed class Interchangeable
{
    private static readonly ulong[] Covers =
    [
        .. Needs
            .All.SelectMany(n => n.Any)
            .Concat(Operations.Acts.SelectMany(a => a.Effects).SelectMany(e => e.When))
            .Where(t => t.Facet == Facets.Cover)
            .Select(t => t.Allowed)
            .Distinct(),
    ];

    private readonly Dictionary<string, int> kinds = new(StringComparer.Ordinal);

    internal Interchangeable(GroundActs ground)
    {
        var found = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var finish in Coatings.All.Where(p => !p.Sheens.IsEmpty))
        {
            var acts = Operations.Acts.Where(a => a.Product == finish && a.Operation.Role == CoatRole.Finish && ground.IsPossible(a));
            var asks = acts.Select(a => $"{a.Operation.Id}:{string.Join(',', ground.Breakable(a).ToArray().Select(Says))}:{Says(ground.Effects(a))}");
            var key = string.Join(';', asks);
            kinds[finish.Id] = found.TryGetValue(key, out var kind) ? kind : found[key] = found.Count;
        }
    }

    /// <summary>Products of one kind can take each other's place in any sequence.</summary>
    public int Kind(CoatingClass finish) => kinds[finish.Id];

    /// <summary>The same sequence with one finish in the place of the other.</summary>
    public static List<Act> Swap(IReadOnlyList<Act> acts, CoatingClass finish) =>
        [.. acts.Select(a => a.Operation.Role == CoatRole.Finish ? Operations.FindAct(a.Operation, finish)!.With(finish) : a)];

    // A need goes by its tests: what follows what stands once for each product, and may come to the same.
    private static string Says(Need need) => need.Clock is { } clock ? clock.ToString() : string.Join('|', need.Any.Select(t => $"{t.Facet.Name}{t.Allowed}"));

    // A cover goes by which tests it passes, not by its name.
    private static string Says(ReadOnlySpan<Effect> effects)
    {
        var text = new System.Text.StringBuilder();
        foreach (var effect in effects)
        {
            var value = effect.Facet == Facets.Cover ? string.Concat(Covers.Select(c => (c >> effect.Value) & 1)) : $"{effect.Value}";
            text.Append(effect.Facet.Name).Append(effect.Change).Append(value).AppendJoin('+', effect.When.Select(t => $"{t.Facet.Name}{t.Allowed}")).Append(',');
        }

        return text.ToString();
    }
}
