using System.Collections.Immutable;

namespace AllSound.Core.Surfaces.Catalogue;

/// <summary>
/// Old coats by the names they go by where nobody can say more, or that behave like one of the films for all that follows: an id and a title of
/// their own, the rest of their kin. Common practice.
/// </summary>
internal static class KindredCoatings
{
    /// <summary>Paint of a kind that nobody knows: what is usual for ground, place and age is taken for it, and said.</summary>
    public const string UnknownPaint = "unknown_paint";

    /// <summary>Red lead: lead by its name.</summary>
    public const string RedLead = "red_lead";

    public static ImmutableArray<ExistingCoating> Of(ImmutableArray<ExistingCoating> films)
    {
        ExistingCoating Like(Film film, string id, string title, string recognise) =>
            films.First(f => f.Value == film) with
            {
                Id = id,
                Title = title,
                Recognise = recognise,
            };

        return
        [
            Like(Film.AlkydGloss, UnknownPaint, "paint, kind not known", "not tested: rub a hidden spot with warm water, then alcohol, then white spirit"),
            Like(Film.Varnish, "unknown_clear", "clear finish, kind not known", "not tested: rub a hidden spot with white spirit, then alcohol"),
            Like(Film.EnamelWater, "primer", "primer or undercoat", "flat, thin, one coat; a works primer shows bare cut ends"),
            Like(Film.AlkydGloss, "primer_oil", "oil or alkyd primer or undercoat", "flat, yellowed, brittle; alcohol does nothing"),
            Like(Film.AlkydGloss, "primer_rust", "rust-inhibiting primer", "red-brown or grey, flat, on metal"),
            Like(Film.OilLead, RedLead, "red lead primer", "orange-red, heavy, very hard"),
            Like(Film.AlkydGloss, "eggshell_oil", "oil eggshell", "low sheen, yellowed; alcohol does nothing"),
            Like(Film.AlkydGloss, "floor_paint", "one-part floor paint", "hard, worn in paths"),
            Like(Film.EmulsionSilk, "eggshell_wb", "acrylic eggshell or kitchen paint", "low sheen, firm; alcohol softens it"),
            Like(Film.MasonryAcrylic, "masonry_elastic", "elastic masonry paint", "rubbery and thick: a cut strip stretches"),
            Like(Film.Siloxane, "repellent", "clear water repellent", "nothing to see: water beads, or did once"),
            Like(Film.Varnish, "varnish_pu", "polyurethane or floor varnish", "clear, hard; nothing softens it"),
            Like(Film.Varnish, "graining", "graining or scumble under varnish", "a painted grain under clear: worth keeping, ask first"),
            Like(Film.Woodstain, "dye", "wood dye or stain", "colour in the wood, no film"),
            Like(Film.Bitumen, "coal_tar", "coal tar", "black, smells of tar when warm"),
            Like(Film.SoftDistemper, "glue", "glue, size or PVA", "goes tacky under a warm wet cloth"),
            Like(Film.Polyurethane, "gelcoat", "gelcoat", "the moulded face of glass-fibre"),
        ];
    }
}
