using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Technique;

/// <summary>One part of an element in the order of painting, with its place in a unit square (0 to 1, from the top left) for the drawing.</summary>
/// <param name="Name">What it is.</param>
/// <param name="X">Left.</param>
/// <param name="Y">Top.</param>
/// <param name="W">Width.</param>
/// <param name="H">Height.</param>
public sealed record Part([property: Prose] string Name, double X, double Y, double W, double H);

/// <summary>The order of painting within an element.</summary>
/// <param name="Id">Id of the kind.</param>
/// <param name="Title">What it is.</param>
/// <param name="Parts">Parts, first first.</param>
/// <param name="Say">What to mind, as sentences.</param>
public sealed record ElementOrder(string Id, [property: Prose] string Title, ImmutableArray<Part> Parts, [property: Prose] ImmutableArray<string> Say);

/// <summary>
/// Orders of painting within elements, all on one principle: inside the joinery's construction first, from glass outward,
/// from the top down, never past a wet edge. Common practice (BS 6150, from memory).
/// </summary>
public static class ElementOrders
{
    private static readonly ImmutableArray<string> LockUp =
    [
        "Start in the morning: it has to be shut and locked at dusk.",
        "Move it after ten minutes, and again after an hour or two, so that it does not stick.",
    ];

    /// <summary>The orders known.</summary>
    public static ImmutableArray<ElementOrder> All { get; } =
    [
        new(
            "casement",
            "casement window, half open",
            [
                new("glazing bar with its rebates", 0.475, 0.12, 0.05, 0.76),
                new("top rail", 0.12, 0.06, 0.76, 0.08),
                new("bottom rail", 0.12, 0.86, 0.76, 0.08),
                new("hinge stile with its edge", 0.06, 0.06, 0.08, 0.88),
                new("meeting stile", 0.86, 0.06, 0.08, 0.88),
                new("frame", 0, 0, 1, 0.06),
                new("sill", 0, 0.95, 1, 0.05),
            ],
            [.. LockUp, "Lap the paint 1.6 to 2 mm onto the glass: it keeps water out of the joint."]
        ),
        new(
            "sash",
            "sliding sash window",
            [
                new("outer sash, what shows of its meeting rail, sashes crossed", 0.08, 0.44, 0.84, 0.06),
                new("outer sash, stiles and top rail", 0.08, 0.06, 0.84, 0.38),
                new("inner sash, glazing bars", 0.475, 0.52, 0.05, 0.36),
                new("inner sash, rails and stiles", 0.08, 0.5, 0.84, 0.44),
                new("frame and outer linings", 0, 0, 1, 0.06),
                new("sill", 0, 0.95, 1, 0.05),
            ],
            [.. LockUp, "Runners are waxed, not painted; cords are kept clean of paint."]
        ),
        new(
            "panel-door",
            "panelled door",
            [
                new("panels and their mouldings", 0.12, 0.08, 0.34, 0.36),
                new("panels and their mouldings, the rest", 0.54, 0.08, 0.34, 0.36),
                new("lower panels", 0.12, 0.56, 0.76, 0.34),
                new("top rail", 0.1, 0, 0.8, 0.08),
                new("centre stile", 0.46, 0.08, 0.08, 0.82),
                new("cross rails", 0.1, 0.45, 0.8, 0.1),
                new("outer stiles", 0, 0, 0.1, 1),
                new("edges and frame", 0.9, 0, 0.1, 1),
            ],
            [
                "One session: joins between members stay wet.",
                "The underside too, with a scrap of carpet slid beneath.",
                "Load lightly on narrow members, spread out, lay off along the grain.",
            ]
        ),
        new(
            "flush-door",
            "flush door",
            [
                new("top third", 0, 0, 1, 0.34),
                new("middle third, into the wet edge", 0, 0.33, 1, 0.34),
                new("bottom third", 0, 0.66, 1, 0.34),
                new("edges", 0.95, 0, 0.05, 1),
            ],
            ["Roll in strips, lay off upward with the tip of the brush."]
        ),
        new(
            "radiator",
            "radiator",
            [
                new("back and edges, long-handled brush", 0, 0, 0.06, 1),
                new("welds and channels", 0.1, 0.02, 0.8, 0.1),
                new("faces, from the top", 0.06, 0.12, 0.88, 0.84),
                new("pipes and valves last, threads left bare", 0, 0.92, 0.3, 0.08),
            ],
            ["Cold from the day before; no heat for a day or two after."]
        ),
        new(
            "railings",
            "railings and openwork",
            [
                new("far side of each bar, from below", 0.08, 0.1, 0.04, 0.8),
                new("scrolls and heads", 0, 0, 1, 0.12),
                new("near side, top to bottom", 0.3, 0.1, 0.04, 0.8),
                new("rails", 0, 0.12, 1, 0.05),
            ],
            ["Where a brush is too slow, many mist coats from several angles; each about five minutes apart.", "Bars run: light load, and look again after ten minutes."]
        ),
        new(
            "column",
            "column",
            [new("capital and mouldings", 0.3, 0, 0.4, 0.16), new("shaft, from the top", 0.36, 0.16, 0.28, 0.68), new("base", 0.28, 0.84, 0.44, 0.16)],
            ["In one lift to a bead or joint."]
        ),
        new(
            "stairs",
            "stairs",
            [
                new("spindles and newels", 0.1, 0.1, 0.1, 0.5),
                new("string", 0, 0.55, 1, 0.15),
                new("risers from the top", 0, 0.7, 1, 0.15),
                new("treads, every other one first where people must pass", 0, 0.85, 1, 0.15),
            ],
            ["Leave a way down; say when the wet treads may be walked."]
        ),
        new(
            "cornice",
            "cornice",
            [new("enrichment and undercuts", 0, 0.35, 1, 0.3), new("upper members", 0, 0, 1, 0.35), new("lower members", 0, 0.65, 1, 0.35)],
            ["Sound ornament wants washing and paint, no more; do not fill its detail with paint."]
        ),
        new(
            "roof",
            "roof slope or sheet",
            [
                new("ridge and flashings", 0, 0, 1, 0.1),
                new("fixings and laps", 0, 0.3, 1, 0.05),
                new("sheets, ridge to eaves, a bay at a time", 0, 0.1, 1, 0.8),
                new("gutter edge", 0, 0.9, 1, 0.1),
            ],
            ["Only from a safe platform.", "Wash again before the second coat when a night has passed."]
        ),
        new(
            "wall",
            "wall",
            [
                new("cut in a metre of the edge", 0, 0, 1, 0.12),
                new("roll into it while wet, from the top", 0, 0.12, 0.5, 0.76),
                new("next bay, into the wet edge", 0.5, 0.12, 0.5, 0.76),
                new("cut in along the skirting", 0, 0.88, 1, 0.12),
            ],
            ["A whole face without stopping, to a natural break."]
        ),
        new(
            "ceiling",
            "ceiling",
            [
                new("cut in 100 to 150 mm along the window wall", 0, 0, 1, 0.12),
                new("strips away from the window", 0, 0.12, 1, 0.44),
                new("strips to the far wall", 0, 0.56, 1, 0.44),
            ],
            ["Work from the light, so that laps show while they can be mended."]
        ),
        new(
            "pipe",
            "pipe",
            [new("back, from one side", 0, 0.4, 1, 0.1), new("front, along", 0, 0.5, 1, 0.1), new("brackets and joints", 0.2, 0.35, 0.06, 0.3)],
            ["Cold, and checked against the paint's own limit of heat."]
        ),
        new(
            "narrow",
            "skirting, architrave, rail",
            [new("top edge", 0, 0.3, 1, 0.1), new("face, a metre at a time", 0, 0.4, 1, 0.35), new("bottom edge, card against the floor", 0, 0.75, 1, 0.08)],
            ["Light load, spread out before laying off: narrow upright work drips."]
        ),
    ];

    /// <summary>The order for a surface, or null when it has none of its own.</summary>
    public static ElementOrder? For(Surface surface)
    {
        ArgumentNullException.ThrowIfNull(surface);
        var id = surface.Element switch
        {
            Element.Window => surface.Form?.Kind == "sash" ? "sash" : "casement",
            Element.Door => surface.Form?.Kind == "door-flush" ? "flush-door" : "panel-door",
            Element.Radiator => "radiator",
            Element.Railing => "railings",
            Element.Column => "column",
            Element.Step => "stairs",
            Element.Cornice => "cornice",
            Element.RoofSheet or Element.Cladding => "roof",
            Element.Wall or Element.ChimneyBreast => "wall",
            Element.Ceiling => "ceiling",
            Element.Pipe or Element.Gutter => "pipe",
            Element.Skirting or Element.Architrave or Element.Frame or Element.Sill => "narrow",
            _ => null,
        };
        return id is null ? null : All.First(o => o.Id == id);
    }
}
