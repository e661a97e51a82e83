using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Quantities;

/// <summary>A measure that a form may be given.</summary>
/// <param name="Name">Its key in the job file.</param>
/// <param name="Title">What a painter calls it.</param>
/// <param name="Unit">Unit; empty for a count.</param>
/// <param name="Usual">What is taken where it is not given.</param>
public sealed record FormMeasure(string Name, string Title, string Unit, double Usual);

/// <summary>A kind of form: how real area follows from flat size.</summary>
/// <param name="Id">Stable id used in files.</param>
/// <param name="Title">What a painter calls it.</param>
/// <param name="Elements">Elements that come in it.</param>
/// <param name="Area">Real area, square metres, of a flat length and height in metres.</param>
/// <param name="How">How, in words.</param>
/// <param name="Source">Where it comes from.</param>
public sealed record FormKind(string Id, string Title, ImmutableArray<Element> Elements, Func<Form, double, double, double> Area, string How, Source Source)
{
    /// <summary>The measures that its area depends on, with what is taken where none is given.</summary>
    public ImmutableArray<FormMeasure> Measures { get; init; } = [];

    /// <summary>The kind of face that it is to work on; null where the element says.</summary>
    public Face? Face { get; init; }

    /// <summary>True when the texture is a coat that was put on, and not of the wall itself.</summary>
    public bool IsCoat { get; init; }
}

/// <summary>The forms known to the program. Factors are real over flat area; the typical value of the trade's range.</summary>
public static class Forms
{
    // Millimetres, and a count; taken where nothing is given. Common practice.
    private const double SheetDepth = 19;
    private const double SheetPitch = 75;
    private const double BoxDepth = 32;
    private const double PipeWidth = 22;
    private const double ColumnWidth = 150;
    private const double GutterWidth = 112;
    private const int UsualPanes = 4;

    private static FormMeasure Panes { get; } = new("lights", "Panes of glass", "", UsualPanes);

    private static readonly ImmutableArray<Element> Faces = [Element.Wall, Element.Ceiling, Element.ChimneyBreast, Element.Cladding, Element.Surround];

    /// <summary>All of them.</summary>
    public static ImmutableArray<FormKind> All { get; } =
    [
        Factor("smooth", "smooth", 1.0, Faces, Source.Practice),
        Factor("brick-flush", "brick, flush joints", 1.08, Faces, Source.Usual) with
        {
            Face = Face.Textured,
        },
        Factor("brick-recessed", "brick, recessed joints", 1.2, Faces, Source.Usual) with
        {
            Face = Face.Textured,
        },
        Factor("block-open", "block, open face", 1.15, Faces, Source.Usual) with
        {
            Face = Face.Textured,
        },
        Factor("texture-fine", "fine texture or sanded", 1.15, Faces, Source.Usual) with
        {
            Face = Face.Textured,
            IsCoat = true,
        },
        Factor("roughcast", "roughcast", 1.5, Faces, Source.Usual) with
        {
            Face = Face.Rough,
        },
        Factor("pebbledash", "pebbledash", 1.7, Faces, Source.Usual) with
        {
            Face = Face.Rough,
        },
        Factor("texture-deep", "decorative texture", 1.2, Faces, Source.Usual) with
        {
            Face = Face.Textured,
            IsCoat = true,
        },
        Factor("weatherboard", "weatherboard", 1.15, [Element.Boarding, Element.Cladding], Source.Usual),
        Factor("vee-board", "tongued and grooved, vee joint", 1.1, [Element.Boarding, Element.Ceiling, Element.Panelling], Source.Usual),
        Factor("panelled", "panelling", 1.15, [Element.Panelling], Source.Usual) with
        {
            Face = Face.Moulded,
        },
        new(
            "corrugated",
            "corrugated sheet",
            [Element.RoofSheet, Element.Cladding],
            (f, l, h) => l * h * Corrugated(f.DepthMm ?? SheetDepth, f.PitchMm ?? SheetPitch),
            "arc length of the wave over its pitch",
            Source.Practice
        )
        {
            Measures = [Depth(SheetDepth), new("pitchMm", "Pitch of the waves", "mm", SheetPitch)],
        },
        new(
            "box-profile",
            "box-profile sheet",
            [Element.RoofSheet, Element.Cladding],
            (f, l, h) =>
                l
                * h
                * (f.DepthMm ?? BoxDepth) switch
                {
                    < 40 => 1.25,
                    < 80 => 1.5,
                    _ => 1.85,
                },
            "1.25 to 40 mm deep, 1.5 to 80, 1.85 over",
            Source.Usual
        )
        {
            Measures = [Depth(BoxDepth)],
        },
        new("door-flush", "flush door", [Element.Door], (f, l, h) => l * h * 1.02 * Sides(f), "1.02 a side", Source.Usual),
        new("door-4", "four-panel door", [Element.Door], (f, l, h) => l * h * 1.2 * Sides(f), "1.2 a side", Source.Usual) { Face = Face.Moulded },
        new("door-6", "six-panel door", [Element.Door], (f, l, h) => l * h * 1.3 * Sides(f), "1.3 a side", Source.Usual) { Face = Face.Moulded },
        new("louvre", "louvred or slatted", [Element.Door, Element.Window], (f, l, h) => l * h * 2.5 * Sides(f), "2.5 a side", Source.Usual) { Face = Face.Moulded },
        new(
            "casement",
            "casement window",
            [Element.Window],
            (f, l, h) => Glazed(f, l, h) * 1.05,
            "by the size of pane, over glass, 15 % for frame and edges",
            Source.Standard("SMM7 M60 pane bands", Confidence.Judgement)
        )
        {
            Measures = [Panes],
            Face = Face.Glazed,
        },
        new(
            "sash",
            "sash window",
            [Element.Window],
            (f, l, h) => Glazed(f, l, h),
            "by the size of pane, over glass, 15 % for frame and edges",
            Source.Standard("SMM7 M60 pane bands", Confidence.Judgement)
        )
        {
            Measures = [Panes],
            Face = Face.Glazed,
        },
        new(
            "fixed-light",
            "fixed light",
            [Element.Window],
            (f, l, h) => Glazed(f, l, h) * 0.85,
            "by the size of pane, over glass, 15 % for frame and edges",
            Source.Standard("SMM7 M60 pane bands", Confidence.Judgement)
        )
        {
            Measures = [Panes],
            Face = Face.Glazed,
        },
        new("pipe", "round pipe", [Element.Pipe], (f, l, _) => Math.PI * (f.DiameterMm ?? PipeWidth) / 1000 * l, "pi by diameter by length", Source.Practice)
        {
            Measures = [Diameter(PipeWidth)],
        },
        new(
            "column-round",
            "round column",
            [Element.Column],
            (f, l, h) => Math.PI * (f.DiameterMm ?? ColumnWidth) / 1000 * Math.Max(l, h),
            "pi by diameter by height",
            Source.Practice
        )
        {
            Measures = [Diameter(ColumnWidth)],
        },
        new(
            "column-fluted",
            "fluted column",
            [Element.Column],
            (f, l, h) => Math.PI * (f.DiameterMm ?? ColumnWidth) / 1000 * Math.Max(l, h) * 1.3,
            "1.3 of a round one",
            Source.Judgement
        )
        {
            Measures = [Diameter(ColumnWidth)],
            Face = Face.Moulded,
        },
        new("radiator-panel", "single panel radiator", [Element.Radiator], (_, l, h) => l * h * 2.2, "2.2 of the face", Source.Judgement) { Face = Face.Radiator },
        new("radiator-double", "double panel radiator", [Element.Radiator], (_, l, h) => l * h * 3, "3 of the face", Source.Judgement) { Face = Face.Radiator },
        new("radiator-column", "column radiator", [Element.Radiator], (_, l, h) => l * h * 4, "4 of the face", Source.Judgement) { Face = Face.Radiator },
        Factor("railing-plain", "plain railing, both sides", 1.0, [Element.Railing], Source.Usual) with
        {
            Face = Face.Openwork,
        },
        Factor("railing-ornate", "ornamental railing, both sides", 1.75, [Element.Railing], Source.Usual) with
        {
            Face = Face.Openwork,
        },
        Factor("railing-mesh", "mesh or palisade, both sides", 2.0, [Element.Railing], Source.Usual) with
        {
            Face = Face.Openwork,
        },
        new(
            "gutter-half",
            "half-round gutter, inside and out",
            [Element.Gutter],
            (f, l, _) => Math.PI * (f.DiameterMm ?? GutterWidth) / 1000 * l,
            "pi by diameter: half the round, twice",
            Source.Practice
        )
        {
            Measures = [Diameter(GutterWidth)],
        },
        new(
            "gutter-box",
            "box gutter, inside and out",
            [Element.Gutter],
            (f, l, _) => 2 * 3 * (f.DiameterMm ?? GutterWidth) / 1000 * l,
            "three sides, twice",
            Source.Judgement
        )
        {
            Measures = [Diameter(GutterWidth)],
        },
        new("steps", "steps, tread and riser", [Element.Step], (f, l, h) => l * (h > 0 ? h : 0.43) * 1.1, "width by tread and riser by 1.1, each", Source.Usual),
        Factor("cornice-plain", "plain cornice, by girth", 1.1, [Element.Cornice], Source.Judgement) with
        {
            Face = Face.Moulded,
        },
        Factor("cornice-ornate", "ornate cornice, by girth", 1.55, [Element.Cornice], Source.Judgement) with
        {
            Face = Face.Moulded,
        },
        Factor("strip-plain", "plain strip, by girth", 1.0, [Element.Skirting, Element.Architrave, Element.Frame, Element.Sill], Source.Usual),
        Factor("strip-moulded", "moulded strip, by girth", 1.15, [Element.Skirting, Element.Architrave, Element.Frame], Source.Usual) with
        {
            Face = Face.Moulded,
        },
        Factor("tile", "tile", 1.0, [Element.Tile, Element.Floor, Element.Wall], Source.Practice),
        Factor("floor", "floor", 1.0, [Element.Floor], Source.Practice),
    ];

    private static readonly FrozenDictionary<string, FormKind> ById = All.ToFrozenDictionary(f => f.Id);

    /// <summary>The kind with this id, or null.</summary>
    public static FormKind? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>The kind that an element has when none is recorded.</summary>
    public static FormKind Usual(Element element) =>
        ById[
            element switch
            {
                Element.Boarding => "vee-board",
                Element.Panelling => "panelled",
                Element.Cornice => "cornice-plain",
                Element.Door => "door-4",
                Element.Window => "casement",
                Element.Pipe => "pipe",
                Element.Radiator => "radiator-panel",
                Element.Column => "column-round",
                Element.Railing => "railing-plain",
                Element.Gutter => "gutter-half",
                Element.RoofSheet => "corrugated",
                Element.Step => "steps",
                Element.Skirting or Element.Architrave or Element.Frame or Element.Sill => "strip-plain",
                Element.Tile => "tile",
                Element.Floor => "floor",
                _ => "smooth",
            }
        ];

    /// <summary>Arc length over pitch of a sine wave of this depth (peak to trough) and pitch, in the same unit.</summary>
    /// <remarks>Simpson's rule on sqrt(1 + k^2 cos^2), k = pi depth / pitch, over one period; exact to far better than a painter measures.</remarks>
    public static double Corrugated(double depth, double pitch)
    {
        const int Parts = 200;
        var k = Math.PI * depth / pitch;
        var sum = 0.0;
        for (var i = 0; i <= Parts; i++)
        {
            var c = Math.Cos(2 * Math.PI * i / Parts);
            sum +=
                Math.Sqrt(1 + (k * k * c * c))
                * (
                    i is 0 or Parts ? 1
                    : i % 2 == 1 ? 4
                    : 2
                );
        }

        return sum / 3 / Parts;
    }

    /// <summary>
    /// Real over flat area of a recorded texture, 1 for a smooth face; null where no form is recorded and the substrate says how rough it is.
    /// What paint and time a texture takes is in this once: they are not reckoned by a rough face's spread as well.
    /// </summary>
    public static double? Texture(Surface surface)
    {
        ArgumentNullException.ThrowIfNull(surface);
        return surface.Form is { } form && Find(form.Kind) is { } kind
            ? kind.Face is Face.Textured or Face.Rough
                ? surface.Size?.Profile ?? kind.Area(form, 1, 1)
                : 1
            : null;
    }

    private static FormKind Factor(string id, string title, double factor, ImmutableArray<Element> elements, Source source) =>
        new(id, title, elements, (f, l, h) => l * h * factor * (f.Sides ?? 1), FormattableString.Invariant($"{factor} of the flat area"), source);

    private static FormMeasure Depth(double usual) => new("depthMm", "Depth of the profile", "mm", usual);

    private static FormMeasure Diameter(double usual) => new("diameterMm", "Diameter", "mm", usual);

    private static int Sides(Form form) => form.Sides ?? 1;

    // Share of the overall area that is painted, by the area of a pane, one side.
    private static double Glazed(Form form, double width, double height)
    {
        var pane = width * height / Math.Max(1, form.Lights ?? UsualPanes);
        var share = pane switch
        {
            <= 0.10 => 0.9,
            <= 0.5 => 0.55,
            <= 1.0 => 0.4,
            _ => 0.3,
        };
        return width * height * share * 1.15 * Sides(form);
    }
}
