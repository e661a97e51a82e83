using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Surfaces.Catalogue;

/// <summary>Tile, glass, plastic and laminate. One row each.</summary>
internal static class SlickGrounds
{
    public static readonly ImmutableArray<SubstrateDefinition> All =
    [
        new()
        {
            Id = "tile_gl",
            Value = Substrate.TileGlazed,
            Title = "glazed tile",
            Family = SubstrateFamily.Slick,
            SpreadClass = 0,
            Suction = new(0, 0, 0),
            Ph = "7; cement grout 9 to 12",
            MoistureLimit = "grout dry 48 h; no shower use for 48 h before",
            MeasuredBy = "look; plastic sheet on the grout",
            Movement = "very little",
            MaxSd = null,
            Defects = "soap film, silicone, hollow tile, grout mould",
            Primers = "bonding primer or waterborne epoxy primer, then tile finish",
            Never = "shower tray, pool or floor wear with one-part paint; over silicone; over loose tile",
            Source = Source.Practice,
        },
        new()
        {
            Id = "tile_un",
            Value = Substrate.TileUnglazed,
            Title = "unglazed tile, terracotta, quarry",
            Family = SubstrateFamily.Slick,
            SpreadClass = 1,
            Suction = new(1, 3, 2),
            Ph = "7 to 9",
            MoistureLimit = "equilibrium humidity 75 % or less; plastic sheet dry",
            MeasuredBy = "humidity box; plastic sheet",
            Movement = "very little",
            MaxSd = 0.5,
            Defects = "salts, wax polish",
            Primers = "strip the wax; waterborne epoxy primer; floor paint or oil",
            Never = "impermeable film on a damp solid floor",
            Source = Source.Practice,
        },
        new()
        {
            Id = "paper_vin",
            Value = Substrate.PaperVinyl,
            Title = "vinyl-faced or foil wallpaper",
            Family = SubstrateFamily.Slick,
            SpreadClass = 0,
            Suction = new(0, 0, 0),
            Ph = "6 to 8",
            MoistureLimit = "strip it; better not painted",
            MeasuredBy = "drop beads",
            Movement = "edges lift",
            MaxSd = null,
            Defects = "plasticiser, seams lift",
            Primers = "strip; where kept, bonding primer by a 7-day test patch",
            Never = "alkyd (plasticiser keeps it tacky); steam without scoring",
            Source = Source.Practice,
        },
        new()
        {
            Id = "glass_edge",
            Value = Substrate.GlassEdge,
            Title = "glass and glazing edge (putty line)",
            Family = SubstrateFamily.Slick,
            SpreadClass = 0,
            Suction = new(0, 2, 0),
            Ph = "7 to 8",
            MoistureLimit = "dry; putty skinned 7 to 28 days",
            MeasuredBy = "finger; dew-point margin",
            Movement = "very little",
            MaxSd = null,
            Defects = "failed putty, condensation, scratched glass",
            Primers = "alkyd wood primer in the rebate; undercoat and finish lapped 2 mm onto the glass",
            Never = "abrasive or scraper grit on glass, heat near it, alkali left on it",
            Source = Source.Standard("BS 6262, BS 8000-7", Confidence.Usual),
        },
        new()
        {
            Id = "pvcu",
            Value = Substrate.PvcU,
            Title = "PVC-u frame or gutter",
            Family = SubstrateFamily.Slick,
            SpreadClass = 0,
            Suction = new(0, 0, 0),
            Ph = "7",
            MoistureLimit = "dry, degreased; over a year old for preference",
            MeasuredBy = "wipe",
            Movement = "much with heat",
            MaxSd = null,
            Defects = "heat build-up, static dust, chalk from the sun",
            Primers = "pad and alcohol wipe; bonding primer",
            Never = "dark colours on a white frame (it warps); ketone wipe; heat; painted gaskets",
            Source = Source.Usual,
        },
        new()
        {
            Id = "lam",
            Value = Substrate.Laminate,
            Title = "melamine, laminate or foil door",
            Family = SubstrateFamily.Slick,
            SpreadClass = 0,
            Suction = new(0, 0, 0),
            Ph = "7",
            MoistureLimit = "dry; edge seals tight",
            MeasuredBy = "wipe; look at the edges",
            Movement = "as the board within",
            MaxSd = null,
            Defects = "blown edges, silicone polish",
            Primers = "degrease, abrade fine, bonding primer or waterborne epoxy primer",
            Never = "wall paint direct; worktops near heat",
            Source = Source.Practice,
        },
    ];
}
