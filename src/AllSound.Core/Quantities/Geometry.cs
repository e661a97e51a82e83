using AllSound.Core.Surfaces;

namespace AllSound.Core.Quantities;

/// <summary>Area and length of a surface, from its own dimensions or from the space it stands in.</summary>
/// <param name="AreaM2">Developed area, square metres.</param>
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
    /// <summary>Openings up to this many square metres are not deducted (SMM7 M60, from memory; editable in a later edition).</summary>
    public const double DeductOverM2 = 0.5;

    /// <summary>Girths of plain narrow elements, metres, where no size is given. Common practice.</summary>
    private const double SkirtingGirth = 0.14;

    /// <summary>Measures a surface.</summary>
    /// <param name="space">The space it stands in.</param>
    /// <param name="surface">The surface.</param>
    /// <returns>The measure; area 0 when nothing is known, with "no dimensions" said.</returns>
    public static Measured Measure(Space space, Surface surface)
    {
        var profile = surface.Size?.Profile ?? DefaultProfile(surface.Element);
        if (surface.Size is { AreaM2: { } area })
        {
            return new(area * profile, surface.Size.LengthM ?? 0, surface.Size.HeightM ?? 0, "area as given");
        }

        if (surface.Size is { LengthM: { } length, HeightM: { } height })
        {
            return new(length * height * profile, length, height, "length by height or girth");
        }

        var wall = space.Walls.FirstOrDefault(w => w.Id == surface.Wall);
        switch (surface.Element)
        {
            case Element.Wall or Element.Panelling or Element.Boarding or Element.ChimneyBreast when wall is not null:
                var deducted = wall.Openings.Select(o => o.WidthM * o.HeightM).Where(a => a > DeductOverM2).Sum();
                return new(Math.Max(0, (wall.LengthM * wall.HeightM) - deducted) * profile, wall.LengthM, wall.HeightM, $"wall less openings over {DeductOverM2} m2");
            case Element.Ceiling when space.Walls.Length == 4:
                var plan = space.Walls[0].LengthM * space.Walls[1].LengthM;
                return new(plan * profile, space.Walls[0].LengthM, space.Walls[1].LengthM, "plan of the room");
            case Element.Skirting or Element.Cornice when !space.Walls.IsEmpty:
                var walls = wall is null ? space.Walls : [wall];
                var doors =
                    surface.Element == Element.Skirting
                        ? walls.SelectMany(w => w.Openings).Where(o => o.Kind != OpeningKind.Window && o.SillM <= 0.15).Sum(o => o.WidthM)
                        : 0;
                var run = Math.Max(0, walls.Sum(w => w.LengthM) - doors);
                var girth = surface.Size?.HeightM ?? SkirtingGirth;
                return new(run * girth * profile, run, girth, wall is null ? "round the room less doors" : "along the wall less doors");
            default:
                return new(0, surface.Size?.LengthM ?? 0, surface.Size?.HeightM ?? 0, "no dimensions");
        }
    }

    // Real over flat area. Common practice.
    private static double DefaultProfile(Element element) =>
        element switch
        {
            Element.Boarding => 1.1,
            Element.Panelling => 1.15,
            Element.Cornice => 1.1,
            Element.Door => 1.2,
            _ => 1.0,
        };
}
