using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Inspection;

/// <summary>Carries what was found on one surface over to others that are like it, and says where they already differed.</summary>
public static class SurveyCopy
{
    /// <summary>The target with the source's build-up, facts, signs and brief. Readings, photos, size and place stay its own.</summary>
    /// <param name="source">What was surveyed.</param>
    /// <param name="target">What is taken to be like it.</param>
    /// <returns>The target as it would be, and what of its own it would lose, in words.</returns>
    public static (Surface Copy, ImmutableArray<string> Differences) Onto(Surface source, Surface target)
    {
        ArgumentNullException.ThrowIfNull(source);
        ArgumentNullException.ThrowIfNull(target);
        var copy = target with
        {
            Substrate = source.Substrate,
            Year = source.Year,
            Exposure = source.Exposure,
            Layers = source.Layers,
            Facts = source.Facts,
            Signs = source.Signs,
            Brief = source.Brief,
        };
        return (copy, Differences(source, target));
    }

    /// <summary>What differs between two surfaces, in words; empty when the one could be told from the other only by its place.</summary>
    public static ImmutableArray<string> Differences(Surface source, Surface target)
    {
        ArgumentNullException.ThrowIfNull(source);
        ArgumentNullException.ThrowIfNull(target);
        var found = ImmutableArray.CreateBuilder<string>();
        if (source.Substrate != target.Substrate)
        {
            found.Add($"substrate: {Substrates.Find(target.Substrate)?.Title} here, {Substrates.Find(source.Substrate)?.Title} there");
        }

        if (Coats(source) != Coats(target))
        {
            found.Add($"old coats: {Coats(target)} here, {Coats(source)} there");
        }

        foreach (var property in typeof(Facts).GetProperties())
        {
            var (there, here) = (property.GetValue(source.Facts), property.GetValue(target.Facts));
            if (!Equals(there, here))
            {
                var name = char.ToLowerInvariant(property.Name[0]) + property.Name[1..];
                found.Add(FormattableString.Invariant($"{name}: {here ?? "not known"} here, {there ?? "not known"} there"));
            }
        }

        var signs = Signs(source);
        var own = Signs(target);
        foreach (var sign in signs.Union(own, StringComparer.Ordinal).Order(StringComparer.Ordinal))
        {
            if (signs.Contains(sign) != own.Contains(sign))
            {
                found.Add($"{Inspection.Signs.Find(sign.TrimStart('!'))?.Title ?? sign}: only {(own.Contains(sign) ? "here" : "there")}");
            }
        }

        return found.ToImmutable();
    }

    private static string Coats(Surface surface) =>
        surface.Layers is not { } layers ? "not known"
        : layers.IsEmpty ? "bare"
        : string.Join(", ", layers.Select(l => $"{l.Coats} {ExistingCoatings.Find(l.Coating)?.Title ?? l.Coating}"));

    private static HashSet<string> Signs(Surface surface) => [.. surface.Signs.Select(s => s.Present ? s.Sign : $"!{s.Sign}")];
}
