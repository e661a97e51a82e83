using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Inspection.Catalogue;

/// <summary>Defects of the fabric, stains and growth, as the trade and its standards name and grade them.</summary>
internal static class FabricDefects
{
    public static readonly ImmutableArray<Sign> All =
    [
        new("d_crazing_pl", "random map of hairlines in plaster/render, <0.2 mm", "", 0)
        {
            Look = "new plaster, render; wet the face and watch it dry",
            Scale = "width-mm",
            Shows = ["s_crk_map"],
            Source = Source.Practice,
        },
        new("d_effl", "white needles/fluff or hard crust, brush off or not; under film lifts it", "", 0)
        {
            Look = "low walls, round flues, below parapets",
            Scale = "iso4628-1",
            Shows = ["s_crystals"],
            Source = Source.Practice,
        },
        new("d_tide", "brown or white edge line of a dried wet area", "", 0)
        {
            Look = "0.2 to 1.5 m above the floor; ceilings below pipes",
            Scale = "plain",
            Shows = ["s_tide"],
            Source = Source.Practice,
        },
        new("d_mould", "black/green/pink spots, grouped, cold corners; clears with chlorine drop", "", 0)
        {
            Look = "cold corners, behind furniture, window reveals",
            Scale = "mould-area",
            Shows = ["s_black_spots"],
            Source = Source.Practice,
        },
        new("d_algae", "green/red slick film outside, shaded, below drips", "", 0)
        {
            Look = "north faces, below gutters and sills",
            Scale = "share",
            Shows = ["s_green_slick"],
            Source = Source.Usual,
        },
        new("d_resin", "amber drops/film, sticky then glassy, over knots or pockets", "", 0)
        {
            Look = "over knots, sunny side; warm the place",
            Scale = "plain",
            Shows = ["s_over_knot"],
            Source = Source.Practice,
        },
        new("d_knot_ring", "yellow-brown disc through pale paint", "", 0)
        {
            Look = "pale paint over softwood",
            Scale = "plain",
            Shows = ["s_over_knot"],
            Source = Source.Practice,
        },
        new("d_tannin", "even brown or tea runs below joints, after wetting", "", 0)
        {
            Look = "below joints of oak and cedar, after rain",
            Scale = "plain",
            Shows = ["s_joint_streak"],
            Source = Source.Practice,
        },
        new("d_waterstain", "dry brown ring or patch on ceiling/wall", "", 0)
        {
            Look = "ceilings below roofs, pipes, baths",
            Scale = "share",
            Shows = ["s_ring"],
            Misleads = "A stain under fresh ordinary paint vanishes until it dries.",
            Source = Source.Practice,
        },
        new("d_tar_bleed", "yellow-brown sweat drips through new emulsion", "", 0)
        {
            Look = "ceilings, chimney breasts, where people smoked",
            Scale = "plain",
            Shows = ["s_tar"],
            Source = Source.Practice,
        },
        new("d_bitumen_bleed", "brown halo through pale paint on black layer", "", 0)
        {
            Look = "over old black paint, gutters, dados",
            Scale = "plain",
            Shows = ["s_black_under"],
            Source = Source.Practice,
        },
        new("d_dye_bleed", "pink/blue ink or red pigment coming through", "", 0)
        {
            Look = "over lining paper, marker, red paints",
            Scale = "plain",
            Shows = ["s_dye"],
            Source = Source.Practice,
        },
        new("d_ghost", "dark lines over studs, nails, joints; thermal soot", "", 0)
        {
            Look = "ceilings and outer walls, over studs and nails",
            Scale = "plain",
            Shows = ["s_ghost"],
            Source = Source.Usual,
        },
        new("d_rust_spot", "brown points or nail rings through paint", "", 0)
        {
            Look = "nail lines, plaster beads, edges of steel",
            Scale = "iso4628-3",
            Shows = ["s_rust"],
            Source = Source.Standard("ISO 4628-3"),
        },
        new("d_rust_creep", "rust under film from cut, film lifts", "", 0)
        {
            Look = "from scratches and edges",
            Scale = "iso4628-8",
            Shows = ["s_rust_edge"],
            Source = Source.Standard("ISO 4628-8"),
        },
        new("d_pack_rust", "layered rust bulging joints, bolts", "", 0)
        {
            Look = "laps, bolts, behind brackets",
            Scale = "plain",
            Shows = ["s_scale"],
            Source = Source.Practice,
        },
        new("d_white_rust", "white bulky powder on zinc", "", 0)
        {
            Look = "zinc in shade, stacked sheets",
            Scale = "share",
            Shows = ["s_white_rust"],
            Misleads = "A pale residue on a rust-reacting coat is firm and may be coated.",
            Source = Source.Practice,
        },
        new("d_filiform", "worm threads 1-10 mm under film on aluminium/steel", "", 0)
        {
            Look = "aluminium and steel, from edges",
            Scale = "plain",
            Shows = ["s_worm"],
            Source = Source.Standard("ISO 4628-10"),
        },
        new("d_hollow", "dull sound, moves under press", "", 0)
        {
            Look = "knuckle over the whole wall; ceilings with the palm",
            Scale = "plain",
            Shows = ["s_hollow"],
            Source = Source.Practice,
        },
        new("d_pop", "round bump/crater over nail, screw, or lime lump", "", 0)
        {
            Look = "along the light over studs",
            Scale = "plain",
            Shows = ["s_pop"],
            Source = Source.Practice,
        },
        new("d_joint_band", "flat band or ridge over board joint", "", 0)
        {
            Look = "along the light across boards",
            Scale = "plain",
            Shows = ["s_pop"],
            Source = Source.Practice,
        },
        new("d_crack_str", "straight, stepped or tapered crack in wall", "", 0)
        {
            Look = "from openings and corners; follow it through the wall",
            Scale = "bre251",
            Shows = ["s_crk_line"],
            Source = Source.Standard("BRE Digest 251"),
        },
        new("d_spall", "face of brick/concrete lost, salt or steel behind", "", 0)
        {
            Look = "low walls, parapets, over steel",
            Scale = "share",
            Shows = ["s_spall"],
            Source = Source.Practice,
        },
        new("d_rot", "probe sinks, cube cracks or stringy, bottom rails", "", 0)
        {
            Look = "bottom rails, sills, joints, post feet; awl",
            Scale = "rot-section",
            Shows = ["s_wd_soft"],
            Source = Source.Usual,
        },
        new("d_open_joint", "gap at mitre, rail-stile, sill-stile", "", 0)
        {
            Look = "mitres, rails to stiles, sill to stile",
            Scale = "width-mm",
            Shows = ["s_open_joint"],
            Source = Source.Practice,
        },
        new("d_grain_raise", "furry, ridged after water", "", 0)
        {
            Look = "palm along the grain",
            Scale = "plain",
            Shows = ["s_fuzz"],
            Source = Source.Practice,
        },
        new("d_wd_grey", "grey loose fibre on bare wood", "", 0)
        {
            Look = "bare patches outside; tape",
            Scale = "plain",
            Shows = ["s_grey_wd"],
            Source = Source.Practice,
        },
        new("d_caulk_split", "caulk line torn, paint crazed on it", "", 0)
        {
            Look = "along caulked joints",
            Scale = "width-mm",
            Shows = ["s_caulk"],
            Source = Source.Practice,
        },
        new("d_paper_lift", "bubble, seam open, tear", "", 0)
        {
            Look = "seams, corners; press with the palm",
            Scale = "plain",
            Shows = ["s_seams"],
            Source = Source.Practice,
        },
    ];
}
