using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>Something recorded that is possible but unlikely: taken, and asked about.</summary>
/// <param name="Path">Where, as a JSON path from the surface.</param>
/// <param name="Says">What is odd about it.</param>
/// <param name="Meant">What may have been meant, or null.</param>
public sealed record Doubt(string Path, string Says, string? Meant);

/// <summary>Challenges suspicious numbers and facts that do not go together. What is impossible is refused elsewhere.</summary>
public static class Doubts
{
    /// <summary>Everything odd about a surface; empty when nothing is.</summary>
    public static ImmutableArray<Doubt> Of(Space space, Surface surface)
    {
        ArgumentNullException.ThrowIfNull(space);
        ArgumentNullException.ThrowIfNull(surface);
        return [.. Sizes(space, surface), .. Readings(surface), .. Together(surface)];
    }

    private static IEnumerable<Doubt> Sizes(Space space, Surface surface)
    {
        if (surface.Size is { } size)
        {
            var narrow = surface.Element is Element.Skirting or Element.Architrave or Element.Cornice or Element.Frame or Element.Sill;
            if (narrow && size.HeightM is { } girth and > 1)
            {
                yield return new(
                    "$.size.heightM",
                    $"a girth of {Text(girth)} m is more than any moulding has",
                    girth >= 10 ? $"{Text(girth)} mm, {Text(girth / 1000)} m" : null
                );
            }

            if (size.LengthM is { } length and > 60 && surface.Element is not (Element.Pipe or Element.Gutter or Element.Railing or Element.RoofSheet))
            {
                yield return new(
                    "$.size.lengthM",
                    $"{Text(length)} m is very long for one surface",
                    length >= 300 ? $"{Text(length)} mm, {Text(length / 1000)} m" : null
                );
            }

            if (size is { LengthM: { } l, HeightM: { } h } && !narrow && l * h is > 0 and < 0.01)
            {
                yield return new("$.size", $"{Text(l)} by {Text(h)} m is smaller than a hand", null);
            }
        }

        foreach (var wall in space.Walls.Where(w => w.Id == surface.Wall))
        {
            if (space.Kind == SpaceKind.Room && wall.HeightM > 8)
            {
                yield return new(
                    $"$.walls['{wall.Id}'].heightM",
                    $"a room {Text(wall.HeightM)} m high",
                    $"{Text(wall.HeightM * 0.3048)} m, if {Text(wall.HeightM)} was feet"
                );
            }
        }

        if (
            surface.Zone is { } zone
            && Geometry.Extent(space, space.Surfaces.FirstOrDefault(s => s.Id == zone.Of) ?? surface) is var (long_, high)
            && zone.Of != surface.Id
        )
        {
            if (zone.LeftM + zone.WidthM > long_ + 0.01 || (high > 0.3 && zone.BottomM + zone.HeightM > high + 0.01))
            {
                yield return new("$.zone", $"the zone reaches beyond its element of {Text(long_)} by {Text(high)} m", null);
            }
        }
    }

    private static IEnumerable<Doubt> Readings(Surface surface)
    {
        var family = Substrates.Find(surface.Substrate)?.Family;
        for (var i = 0; i < surface.Readings.Length; i++)
        {
            var reading = surface.Readings[i];
            if (Checks.Find(reading.Check) is not { } check)
            {
                continue;
            }

            if (family is { } ground && !check.Suits(ground))
            {
                yield return new($"$.readings[{i}].check", $"{check.Title}: not made for this ground", null);
            }

            if (reading.Value is { } value && check.InOwnUnit(value, reading.Unit) is { } read && check.Usual is { } usual && (read < usual.Least || read > usual.Most))
            {
                // A number that would be usual in another unit was probably read in it.
                var other = check.OtherUnits.FirstOrDefault(u => reading.Unit is null && (value * u.Scale) + u.Offset is var v && v >= usual.Least && v <= usual.Most);
                yield return new(
                    $"$.readings[{i}].value",
                    $"{Text(value)} {reading.Unit ?? check.Unit} is outside the usual {Text(usual.Least)} to {Text(usual.Most)} {check.Unit}",
                    other.Unit is null ? null : $"{Text(value)} {other.Unit}"
                );
            }
        }
    }

    private static IEnumerable<Doubt> Together(Surface surface)
    {
        var facts = surface.Facts;
        if (Substrates.Find(surface.Substrate) is { } ground)
        {
            foreach (var odd in Misplaced.Of(SignFacts.Read(surface), ground.Family, surface.Element))
            {
                yield return new(odd.Path, $"{odd.Says}: it is not read until that is settled", odd.Meant);
            }
        }

        if (facts.Gloss60 > 30 && facts.Key == Key.Abraded)
        {
            yield return new("$.facts.gloss60", "abraded to matt, and a gloss over 30", null);
        }

        if (facts.Lead == Lead.ProvedAbsent && !Proofs.OfLead(surface, facts.LeadProof))
        {
            yield return new(
                "$.facts.lead",
                "lead recorded as proved absent, and no laboratory or X-ray result recorded: a swab or the age proves nothing",
                "record the result with its place and layers"
            );
        }

        if (facts.Moisture == Moisture.Dry && facts.DampSource == DampSource.Open)
        {
            yield return new("$.facts.moisture", "dry, and the source of damp still open: it may be dry today only", null);
        }

        if (facts.Ph is > 0 and < 3)
        {
            yield return new("$.facts.ph", $"pH {Text(facts.Ph.Value)} is stronger than any acid residue on a wall", null);
        }

        if (surface.Layers is { } layers)
        {
            for (var i = 1; i < layers.Length; i++)
            {
                if (layers[i].Year < layers[i - 1].Year)
                {
                    yield return new($"$.layers[{i}].year", $"a coat of {layers[i].Year} over one of {layers[i - 1].Year}", null);
                }
            }
        }
    }

    private static string Text(double value) => value.ToString("0.###", CultureInfo.InvariantCulture);
}
