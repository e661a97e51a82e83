using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Quantities;

/// <summary>The size of an opening to start from, metres.</summary>
/// <param name="Kind">Door, window or plain opening.</param>
/// <param name="WidthM">Width.</param>
/// <param name="HeightM">Height.</param>
/// <param name="SillM">Height of its lower edge above the floor.</param>
public sealed record UsualOpening(OpeningKind Kind, double WidthM, double HeightM, double SillM);

/// <summary>What is usual, as a start for a survey: to be changed where it is otherwise. Common practice.</summary>
public static class Usual
{
    /// <summary>Sizes of openings.</summary>
    public static IReadOnlyList<UsualOpening> Openings { get; } =
    [new(OpeningKind.Door, 0.84, 2.02, 0), new(OpeningKind.Window, 1, 1.2, 0.9), new(OpeningKind.Opening, 0.9, 2.02, 0)];

    /// <summary>The elements by name, the commonest first: the order in which they are offered.</summary>
    public static IReadOnlyList<(Element Element, string Title)> Elements { get; } =
    [
        (Element.Wall, "wall"),
        (Element.Ceiling, "ceiling"),
        (Element.Skirting, "skirting"),
        (Element.Architrave, "architrave"),
        (Element.Cornice, "cornice"),
        (Element.Door, "door"),
        (Element.Window, "window"),
        (Element.Frame, "frame"),
        (Element.Sill, "sill"),
        (Element.Boarding, "boarding"),
        (Element.Panelling, "panelling"),
        (Element.ChimneyBreast, "chimney breast"),
        (Element.Surround, "fire surround"),
        (Element.Step, "step"),
        (Element.Pipe, "pipe"),
        (Element.Radiator, "radiator"),
        (Element.Column, "column"),
        (Element.Railing, "railing"),
        (Element.Gutter, "gutter"),
        (Element.RoofSheet, "roof sheet"),
        (Element.Cladding, "cladding"),
        (Element.Tile, "tile"),
        (Element.Floor, "floor"),
    ];

    /// <summary>What an element is usually made of.</summary>
    public static SubstrateDefinition Substrate(Element element) =>
        Substrates.Of(
            element switch
            {
                Element.Wall or Element.Ceiling or Element.Cornice or Element.ChimneyBreast => Surfaces.Substrate.GypsumOld,
                Element.Pipe => Surfaces.Substrate.Copper,
                Element.Radiator or Element.Railing => Surfaces.Substrate.Steel,
                Element.Column or Element.Gutter => Surfaces.Substrate.IronCast,
                Element.RoofSheet => Surfaces.Substrate.GalvanisedOld,
                Element.Cladding => Surfaces.Substrate.RenderCement,
                Element.Tile => Surfaces.Substrate.TileGlazed,
                Element.Floor => Surfaces.Substrate.ConcreteCast,
                Element.Step => Surfaces.Substrate.StoneDense,
                _ => Surfaces.Substrate.Softwood,
            }
        );
}
