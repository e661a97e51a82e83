using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Inspection.Catalogue;

/// <summary>Film defects, as the trade and its standards name and grade them.</summary>
internal static class FilmDefects
{
    public static readonly ImmutableArray<Sign> All =
    [
        new("d_blister", "closed dome, film lifted, 1-30 mm; prick: note wet, dry, sticky, rusty", "", 0)
        {
            Look = "low walls, sunny doors, below sills; prick one",
            Scale = "iso4628-2",
            Source = Source.Standard("ISO 4628-2"),
        },
        new("d_flake", "small brittle chips gone, edges curl up", "", 0)
        {
            Look = "edges, joints, south and west faces",
            Scale = "iso4628-5",
            Shows = ["s_flakes"],
            Source = Source.Standard("ISO 4628-5"),
        },
        new("d_peel", "film comes off in sheets or ribbons by hand", "", 0)
        {
            Look = "behind furniture, at corners, over radiators; pull with tape",
            Scale = "share",
            Shows = ["s_sheets"],
            Misleads = "Peeling looks worse while it is wet.",
            Source = Source.Standard("ISO 4628-5"),
        },
        new("d_intercoat", "top layer parts from layer below, both whole", "", 0)
        {
            Look = "lift a flake and look at both faces with a lens",
            Scale = "iso2409",
            Shows = ["s_plane_inter"],
            Source = Source.Standard("ISO 2409"),
        },
        new("d_check", "fine surface breaks, not through, along or across grain", "", 0)
        {
            Look = "along the light, at arm's length",
            Scale = "iso4628-4",
            Source = Source.Standard("ISO 4628-4"),
        },
        new("d_crack", "breaks through the film to base", "", 0)
        {
            Look = "along the light; over joints of boards",
            Scale = "iso4628-4",
            Source = Source.Standard("ISO 4628-4"),
        },
        new("d_alligator", "wide islands 5-20 mm, old layer in the gaps", "", 0)
        {
            Look = "old thick film, sunny doors",
            Scale = "iso4628-4",
            Shows = ["s_allig"],
            Source = Source.Standard("ISO 4628-4"),
        },
        new("d_mud", "islands 1-5 mm, thick soft corners of waterborne film", "", 0)
        {
            Look = "corners, mouldings, thick runs",
            Scale = "iso4628-4",
            Shows = ["s_mudcrack"],
            Source = Source.Practice,
        },
        new("d_chalk", "loose powder, colour on palm or tape", "", 0)
        {
            Look = "dark cloth or tape, sunny faces",
            Scale = "iso4628-6",
            From = 2,
            Shows = ["s_chalky"],
            Source = Source.Standard("ISO 4628-6"),
        },
        new("d_sapon", "soft sticky film, soapy smell, brown runs, on young lime or zinc", "", 0)
        {
            Look = "young lime, cement, zinc; press with the thumb",
            Scale = "plain",
            Shows = ["s_soapy"],
            Source = Source.Practice,
        },
        new("d_pinhole", "fine holes through film, often over porous base", "", 0)
        {
            Look = "along the light, with a lens",
            Scale = "plain",
            Shows = ["s_pinhole"],
            Source = Source.Practice,
        },
        new("d_crater", "round bowls, fisheyes, base seen", "", 0)
        {
            Look = "kitchens, near sealant",
            Scale = "plain",
            Shows = ["s_crater"],
            Source = Source.Practice,
        },
        new("d_ciss", "wet film draws back to islands", "", 0)
        {
            Look = "while the film is wet",
            Scale = "share",
            Shows = ["s_crater"],
            Source = Source.Practice,
        },
        new("d_run", "sags, curtains, tears", "", 0)
        {
            Look = "below edges, mouldings, corners",
            Scale = "plain",
            Shows = ["s_runs"],
            Source = Source.Practice,
        },
        new("d_wrinkle", "fine or coarse shrivel, skin over soft", "", 0)
        {
            Look = "thick alkyd, cold work",
            Scale = "share",
            Shows = ["s_wrinkle"],
            Source = Source.Practice,
        },
        new("d_lift", "old film swells, pickled look minutes-hours after new coat", "", 0)
        {
            Look = "within hours of a new coat",
            Scale = "share",
            Shows = ["s_lift_now"],
            Source = Source.Practice,
        },
        new("d_orange", "even dimple like peel skin", "", 0)
        {
            Look = "along the light at 0.5 m",
            Scale = "plain",
            Source = Source.Practice,
        },
        new("d_brush", "ropy brush lines/roller stipple heavy", "", 0)
        {
            Look = "along the light at 0.5 m",
            Scale = "plain",
            Source = Source.Practice,
        },
        new("d_bits", "nibs, dust, hair in film", "", 0)
        {
            Look = "along the light, with the palm",
            Scale = "plain",
            Source = Source.Judgement,
        },
        new("d_flash", "sheen/colour patch over repair or lap, seen at low angle", "", 0)
        {
            Look = "walls at a low angle, over repairs",
            Scale = "plain",
            Shows = ["s_flash"],
            Source = Source.Practice,
        },
        new("d_grin", "base shows through, pale or dark", "", 0)
        {
            Look = "edges, corners, over dark ground",
            Scale = "plain",
            Shows = ["s_shows"],
            Misleads = "An undercoat can look thin and yet have sealed. A colour looks denser on a wall than on a card.",
            Source = Source.Standard("ISO 6504-3"),
        },
        new("d_fade", "colour change even with sun", "", 0)
        {
            Look = "against a place that was covered",
            Scale = "plain",
            Shows = ["s_dull_even"],
            Source = Source.Standard("ISO 105-A02", Confidence.Usual),
        },
        new("d_yellow", "white turns cream, worst in dark/by ammonia", "", 0)
        {
            Look = "behind pictures, inside cupboards",
            Scale = "plain",
            Shows = ["s_yellow"],
            Source = Source.Practice,
        },
        new("d_gloss_loss", "dull vs protected spot", "", 0)
        {
            Look = "against a protected spot",
            Scale = "plain",
            Shows = ["s_dull_even"],
            Source = Source.Standard("ISO 2813"),
        },
        new("d_bloom", "milky or blue haze, some wipe off", "", 0)
        {
            Look = "the morning after",
            Scale = "plain",
            Shows = ["s_bloom"],
            Source = Source.Practice,
        },
        new("d_tacky", "sticks to thumb after stated dry", "", 0)
        {
            Look = "thumb, after the stated time",
            Scale = "plain",
            Shows = ["s_soft"],
            Misleads = "A sealer can shine and yet be dry.",
            Source = Source.Standard("ISO 9117-5", Confidence.Usual),
        },
        new("d_block", "painted faces stick, tear", "", 0)
        {
            Look = "doors and sashes that stick",
            Scale = "plain",
            Shows = ["s_stick"],
            Source = Source.Practice,
        },
        new("d_burnish", "shiny rub marks on matt wall", "", 0)
        {
            Look = "stairs, switches, chair backs",
            Scale = "plain",
            Shows = ["s_wear"],
            Source = Source.Practice,
        },
        new("d_snail", "shiny or white runs after first dew (surfactant)", "", 0)
        {
            Look = "after the first dew",
            Scale = "plain",
            Shows = ["s_snail"],
            Source = Source.Practice,
        },
        new("d_dirt", "dirt held, streaks", "", 0)
        {
            Look = "above radiators, outside below sills",
            Scale = "plain",
            Source = Source.Practice,
        },
        new("d_edge_thin", "base shows on arrises, first rust on edges", "", 0)
        {
            Look = "arrises, welds, bolt heads",
            Scale = "plain",
            Shows = ["s_rust_edge"],
            Source = Source.Practice,
        },
    ];
}
