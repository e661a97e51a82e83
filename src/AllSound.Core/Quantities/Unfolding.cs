using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Quantities;

/// <summary>A piece of an unfolded space, in metres; x to the right, y downward.</summary>
/// <param name="Kind">wall, ceiling, floor, opening, strip, panel or zone.</param>
/// <param name="Surface">Id of the surface it shows, or null.</param>
/// <param name="Wall">Id of the wall it lies on, or null.</param>
/// <param name="Title">Title.</param>
/// <param name="X">Left.</param>
/// <param name="Y">Top.</param>
/// <param name="Width">Width.</param>
/// <param name="Height">Height.</param>
public sealed record Piece(string Kind, string? Surface, string? Wall, string Title, double X, double Y, double Width, double Height);

/// <summary>A space laid flat.</summary>
/// <param name="Width">Width, metres.</param>
/// <param name="Height">Height, metres.</param>
/// <param name="Pieces">Pieces, back to front.</param>
public sealed record Unfolded(double Width, double Height, ImmutableArray<Piece> Pieces);

/// <summary>Lays a space flat: walls in walking order, ceiling above, strips of woodwork where they run, the rest below.</summary>
public static class Unfolding
{
    private const double Gap = 0.25;

    // Below the walls stands how long each is.
    private const double GapBelow = 0.5;

    // What has no place of its own is drawn at least this large, so that its name and state stand inside it.
    private const double LeastPanelWide = 2.5;
    private const double LeastPanelHigh = 0.85;

    // Strips such as skirting are drawn at least this high, so that they can be seen and touched.
    private const double LeastStrip = 0.22;

    /// <summary>Lays a space flat.</summary>
    public static Unfolded Unfold(Space space)
    {
        ArgumentNullException.ThrowIfNull(space);
        var pieces = ImmutableArray.CreateBuilder<Piece>();
        var room = space is { Kind: SpaceKind.Room, Walls.Length: 4 };
        var tallest = space.Walls.Select(w => w.HeightM).DefaultIfEmpty(0).Max();
        // The ceiling is drawn foreshortened, so that the walls keep the sheet.
        var depth = room ? Math.Min(space.Walls[1].LengthM / 2, 1.15) : 0;
        var top = room ? depth + Gap : 0;
        var x = 0.0;
        var taken = new HashSet<string>(StringComparer.Ordinal);
        taken.UnionWith(space.Surfaces.Where(s => s.Zone is not null && space.Surfaces.Any(p => p.Id == s.Zone.Of)).Select(s => s.Id));
        foreach (var wall in space.Walls)
        {
            Lay(pieces, space, wall, x, top + tallest - wall.HeightM, taken);
            x += wall.LengthM + Gap;
        }

        var width = Math.Max(0, x - Gap);
        if (room)
        {
            var ceiling = space.Surfaces.FirstOrDefault(s => s.Zone is null && s.Element == Element.Ceiling);
            Take(taken, ceiling);
            pieces.Add(new Piece("ceiling", ceiling?.Id, null, ceiling?.Title ?? "Ceiling", 0, 0, space.Walls[0].LengthM, depth));
        }

        // What has no place of its own: panels in a row beside the ceiling, else below.
        var rest = space.Surfaces.Where(s => !taken.Contains(s.Id)).ToList();
        var beside = room ? space.Walls[0].LengthM + Gap : 0;
        var y = room ? 0 : tallest + (tallest > 0 ? GapBelow : 0);
        var left = beside;
        var row = 0.0;
        foreach (var surface in rest)
        {
            var most = room ? Math.Max(0.5, depth) : 2.4;
            var w = Math.Clamp(surface.Size?.LengthM ?? LeastPanelWide, LeastPanelWide, 3);
            var h = Math.Clamp(surface.Size?.HeightM ?? LeastPanelHigh, Math.Min(LeastPanelHigh, most), most);
            if (left > beside && left + w > Math.Max(width, 8))
            {
                left = room && row + y + Gap + h <= depth ? beside : 0;
                y = room && left == 0 && y < top + tallest ? top + tallest + GapBelow : y + row + Gap;
                row = 0;
            }

            pieces.Add(new Piece("panel", surface.Id, null, surface.Title, left, y, w, h));
            left += w + Gap;
            row = Math.Max(row, h);
        }

        Zones(pieces, space);
        var all = pieces.ToImmutable();
        return new Unfolded(all.Select(p => p.X + p.Width).DefaultIfEmpty(1).Max(), all.Select(p => p.Y + p.Height).DefaultIfEmpty(1).Max(), all);
    }

    private static void Lay(ImmutableArray<Piece>.Builder pieces, Space space, Wall wall, double x, double y, HashSet<string> taken)
    {
        var own = space.Surfaces.FirstOrDefault(s => s.Zone is null && s.Wall == wall.Id && FillsWall(s.Element));
        Take(taken, own);
        pieces.Add(new Piece("wall", own?.Id, wall.Id, own?.Title ?? wall.Title ?? wall.Id, x, y, wall.LengthM, wall.HeightM));
        foreach (var opening in wall.Openings)
        {
            var joinery = space.Surfaces.FirstOrDefault(s =>
                s.Zone is null && s.Wall == wall.Id && s.Element == (opening.Kind == OpeningKind.Door ? Element.Door : Element.Window) && !taken.Contains(s.Id)
            );
            Take(taken, joinery);
            pieces.Add(
                new Piece(
                    "opening",
                    joinery?.Id,
                    wall.Id,
                    joinery?.Title ?? opening.Kind.ToString().ToLowerInvariant(),
                    x + opening.FromLeftM,
                    y + wall.HeightM - opening.SillM - opening.HeightM,
                    opening.WidthM,
                    opening.HeightM
                )
            );
        }

        foreach (var strip in space.Surfaces.Where(s => s.Zone is null && s.Element is (Element.Skirting or Element.Cornice) && (s.Wall is null || s.Wall == wall.Id)))
        {
            taken.Add(strip.Id);
            var h = Math.Max(strip.Size?.HeightM ?? 0.14, LeastStrip);
            var skirting = strip.Element == Element.Skirting;
            var doors = skirting ? wall.Openings.Where(o => o.Kind != OpeningKind.Window && o.SillM <= 0.15).OrderBy(o => o.FromLeftM).ToList() : [];
            var from = 0.0;
            foreach (var (start, end) in doors.Select(d => (d.FromLeftM, d.FromLeftM + d.WidthM)).Append((wall.LengthM, wall.LengthM)))
            {
                if (start > from)
                {
                    pieces.Add(new Piece("strip", strip.Id, wall.Id, strip.Title, x + from, skirting ? y + wall.HeightM - h : y, start - from, h));
                }

                from = end;
            }
        }
    }

    // A zone stands in place on its element, to the element's own scale; on a run of strips, as far along as it is.
    private static void Zones(ImmutableArray<Piece>.Builder pieces, Space space)
    {
        foreach (var surface in space.Surfaces)
        {
            if (surface.Zone is not { } zone)
            {
                continue;
            }

            var of = pieces.Where(p => p.Surface == zone.Of && p.Kind != "zone").ToList();
            if (of.Count == 0)
            {
                continue;
            }

            if (of[0].Kind == "strip")
            {
                var from = zone.LeftM;
                foreach (var piece in of)
                {
                    if (from < piece.Width)
                    {
                        pieces.Add(
                            new Piece("zone", surface.Id, piece.Wall, surface.Title, piece.X + from, piece.Y, Math.Min(zone.WidthM, piece.Width - from), piece.Height)
                        );
                        break;
                    }

                    from -= piece.Width;
                }

                continue;
            }

            var whole = of[0];
            var parent = space.Surfaces.First(s => s.Id == zone.Of);
            var size = Quantities.Geometry.Extent(space, parent);
            var (sx, sy) = (whole.Width / Math.Max(0.01, size.Length), whole.Height / Math.Max(0.01, size.Height));
            var x = Math.Clamp(zone.LeftM * sx, 0, whole.Width);
            var top = Math.Clamp(whole.Height - ((zone.BottomM + zone.HeightM) * sy), 0, whole.Height);
            pieces.Add(
                new Piece(
                    "zone",
                    surface.Id,
                    whole.Wall,
                    surface.Title,
                    whole.X + x,
                    whole.Y + top,
                    Math.Clamp(zone.WidthM * sx, 0.02, Math.Max(0.02, whole.Width - x)),
                    Math.Clamp(zone.HeightM * sy, 0.02, Math.Max(0.02, whole.Height - top))
                )
            );
        }
    }

    private static bool FillsWall(Element element) =>
        element is Element.Wall or Element.ChimneyBreast or Element.Panelling or Element.Boarding or Element.Cladding or Element.RoofSheet or Element.Tile;

    private static void Take(HashSet<string> taken, Surface? surface)
    {
        if (surface is not null)
        {
            taken.Add(surface.Id);
        }
    }
}
