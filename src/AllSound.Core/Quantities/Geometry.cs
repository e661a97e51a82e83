using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Quantities;

/// <summary>Area and length of a surface, from its own dimensions or from the space it stands in.</summary>
/// <param name="AreaM2">Developed area, square metres, less its zones.</param>
/// <param name="LengthM">Length, metres.</param>
/// <param name="HeightM">Height or girth, metres.</param>
/// <param name="How">How it was got, in words.</param>
public sealed record Measured(double AreaM2, double LengthM, double HeightM, string How)
{
    /// <summary>Narrow work is measured by length: girth 0.3 m or less.</summary>
    public bool Narrow => HeightM is > 0 and <= 0.3 && LengthM > 0;
}

/// <summary>Take-off geometry.</summary>
public static class Geometry
{
    /// <summary>Openings up to this many square metres are not deducted (SMM7 M60, from memory).</summary>
    public const double DeductOverM2 = 0.5;

    /// <summary>Girths of plain narrow elements, metres, where no size is given. Common practice.</summary>
    private const double StripGirth = 0.14;

    /// <summary>Measures a surface.</summary>
    /// <param name="space">The space it stands in.</param>
    /// <param name="surface">The surface.</param>
    /// <returns>The measure; area 0 when nothing is known, with "no dimensions" said.</returns>
    public static Measured Measure(Space space, Surface surface)
    {
        ArgumentNullException.ThrowIfNull(space);
        ArgumentNullException.ThrowIfNull(surface);
        if (surface.Zone is { } zone && space.Surfaces.FirstOrDefault(s => s.Id == zone.Of && s.Zone is null) is { } parent)
        {
            return Part(space, surface, zone, Whole(space, parent), parent);
        }

        var whole = Whole(space, surface);
        var parts = space.Surfaces.Where(s => s.Zone?.Of == surface.Id).ToList();
        if (parts.Count == 0)
        {
            return whole;
        }

        var taken = parts.Sum(p => Part(space, p, p.Zone!, whole, surface).AreaM2);
        var length = whole.Narrow ? Math.Max(0, whole.LengthM - parts.Sum(p => p.Zone!.WidthM)) : whole.LengthM;
        return whole with { AreaM2 = Math.Max(0, whole.AreaM2 - taken), LengthM = length, How = $"{whole.How}, less its zones" };
    }

    /// <summary>Length and height of a whole element's flat face, metres, zones included; 1 by 1 when nothing is known.</summary>
    public static (double Length, double Height) Extent(Space space, Surface surface)
    {
        var whole = Whole(space, surface);
        return (whole.LengthM > 0 ? whole.LengthM : 1, whole.HeightM > 0 ? whole.HeightM : 1);
    }

    /// <summary>Metres of edge to cut in: round the face, and round the openings of its wall.</summary>
    public static double Edge(Space space, Surface surface, Measured measured)
    {
        ArgumentNullException.ThrowIfNull(space);
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(measured);
        var round = measured.LengthM > 0 && measured.HeightM > 0 ? 2 * (measured.LengthM + measured.HeightM) : 4 * Math.Sqrt(measured.AreaM2);
        var edge =
            surface.Zone is null && surface.Size is null && surface.Element is Element.Wall or Element.ChimneyBreast
                ? round + (space.Walls.FirstOrDefault(w => w.Id == surface.Wall)?.Openings.Sum(Round) ?? 0)
                : round;
        return surface.Form?.Count is { } count && !RunsOn(surface, measured) ? edge * count : edge;
    }

    // A door is not cut in at the floor.
    private static double Round(Opening opening) => (2 * opening.HeightM) + (opening.SillM <= 0.15 ? opening.WidthM : 2 * opening.WidthM);

    // A zone has its element's form; what an opening takes of it is not painted.
    private static Measured Part(Space space, Surface surface, Zone zone, Measured whole, Surface parent)
    {
        if (whole.Narrow)
        {
            return new(whole.LengthM > 0 ? whole.AreaM2 * zone.WidthM / whole.LengthM : 0, zone.WidthM, whole.HeightM, "part of the run");
        }

        var holes = parent.Element is Element.Wall or Element.Panelling or Element.Boarding or Element.ChimneyBreast
            ? space.Walls.FirstOrDefault(w => w.Id == parent.Wall)?.Openings.Sum(o => Overlap(zone, o)) ?? 0
            : 0;
        var flat = Math.Max(0, (zone.WidthM * zone.HeightM) - holes);
        var factor = surface.Size?.Profile ?? parent.Size?.Profile ?? Kind(parent).Area(parent.Form ?? new Form { Kind = "" }, 1, 1);
        return new(flat * factor, zone.WidthM, zone.HeightM, holes > 0 ? "part of the face, less openings in it" : "part of the face");
    }

    private static double Overlap(Zone zone, Opening opening)
    {
        if (opening.WidthM * opening.HeightM <= DeductOverM2)
        {
            return 0;
        }

        var wide = Math.Min(zone.LeftM + zone.WidthM, opening.FromLeftM + opening.WidthM) - Math.Max(zone.LeftM, opening.FromLeftM);
        var high = Math.Min(zone.BottomM + zone.HeightM, opening.SillM + opening.HeightM) - Math.Max(zone.BottomM, opening.SillM);
        return wide > 0 && high > 0 ? wide * high : 0;
    }

    private static FormKind Kind(Surface surface) => (surface.Form is { } form ? Forms.Find(form.Kind) : null) ?? Forms.Usual(surface.Element);

    // So many alike: area and run of all of them, height of one.
    private static Measured Whole(Space space, Surface surface)
    {
        var one = One(space, surface);
        return surface.Form?.Count is { } count and > 1
            ? one with
            {
                AreaM2 = one.AreaM2 * count,
                LengthM = RunsOn(surface, one) ? one.LengthM * count : one.LengthM,
                How = $"{count} alike; {one.How}",
            }
            : one;
    }

    private static bool RunsOn(Surface surface, Measured one) => one.Narrow || surface.Element is Element.Pipe or Element.Gutter;

    private static Measured One(Space space, Surface surface)
    {
        var kind = Kind(surface);
        var form = surface.Form ?? new Form { Kind = kind.Id };
        double Real(double length, double height) => surface.Size?.Profile is { } profile ? length * height * profile : kind.Area(form, length, height);
        if (surface.Size is { AreaM2: { } area })
        {
            return new(area * (surface.Size.Profile ?? kind.Area(form, 1, 1)), surface.Size.LengthM ?? 0, surface.Size.HeightM ?? 0, "area as given");
        }

        if (surface.Size is { LengthM: { } length, HeightM: { } height })
        {
            return new(Real(length, height), length, height, $"length by height or girth; {kind.How}");
        }

        // Round work needs a length only.
        if (surface.Size is { LengthM: { } run } && surface.Element is Element.Pipe or Element.Gutter or Element.Column or Element.Step)
        {
            return new(Real(surface.Size!.LengthM!.Value, 0), surface.Size.LengthM!.Value, 0, $"length; {kind.How}");
        }

        var wall = space.Walls.FirstOrDefault(w => w.Id == surface.Wall);
        switch (surface.Element)
        {
            case Element.Wall
            or Element.Panelling
            or Element.Boarding
            or Element.ChimneyBreast
            or Element.Cladding
            or Element.Tile
            or Element.RoofSheet when wall is not null:
                var deducted = wall.Openings.Select(o => o.WidthM * o.HeightM).Where(a => a > DeductOverM2).Sum();
                var net = Math.Max(0, (wall.LengthM * wall.HeightM) - deducted);
                var clamped = (wall.LengthM * wall.HeightM) < deducted ? "; the openings are larger than the wall" : "";
                return new(Real(net, 1), wall.LengthM, wall.HeightM, $"wall less openings over {DeductOverM2} m2{clamped}");
            case Element.Ceiling or Element.Floor when space.Walls.Length == 4:
                return new(Real(space.Walls[0].LengthM, space.Walls[1].LengthM), space.Walls[0].LengthM, space.Walls[1].LengthM, "plan of the room");
            case Element.Skirting or Element.Cornice when !space.Walls.IsEmpty:
                var walls = wall is null ? space.Walls : [wall];
                var doors =
                    surface.Element == Element.Skirting
                        ? walls.SelectMany(w => w.Openings).Where(o => o.Kind != OpeningKind.Window && o.SillM <= 0.15).Sum(o => o.WidthM)
                        : 0;
                var around = Math.Max(0, walls.Sum(w => w.LengthM) - doors);
                var girth = surface.Size?.HeightM ?? StripGirth;
                return new(Real(around, girth), around, girth, wall is null ? "round the room less doors" : "along the wall less doors");
            case Element.Door or Element.Window when Opening(space, surface, wall) is { } opening:
                return new(Real(opening.WidthM, opening.HeightM), opening.WidthM, opening.HeightM, $"its opening; {kind.How}");
            case Element.Architrave when Opening(space, surface, wall) is { } cased:
                var legs = (2 * cased.HeightM) + cased.WidthM;
                var face = surface.Size?.HeightM ?? StripGirth;
                return new(Real(legs, face), legs, face, "round the opening");
            default:
                return new(0, surface.Size?.LengthM ?? 0, surface.Size?.HeightM ?? 0, "no dimensions");
        }
    }

    // Joinery takes the openings of its wall in turn.
    private static Opening? Opening(Space space, Surface surface, Wall? wall)
    {
        if (wall is null)
        {
            return null;
        }

        var kind = surface.Element == Element.Window ? OpeningKind.Window : OpeningKind.Door;
        var place = space.Surfaces.Where(s => s.Wall == wall.Id && s.Element == surface.Element && s.Zone is null).Select(s => s.Id).ToList().IndexOf(surface.Id);
        return wall.Openings.Where(o => o.Kind == kind).Skip(Math.Max(0, place)).FirstOrDefault();
    }
}
