using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Manners of products and mixtures.</summary>
internal static partial class Manners
{
    // A coat that hides and does not prime.
    private static bool IsFilm(Act? act) =>
        act is { Product.Clear: false, Operation: { Role: CoatRole.Undercoat or CoatRole.Finish } operation } && !Coating.SealsBare(operation);

    private static IEnumerable<Manner> Products() =>
        [
            Fails(
                "pva",
                "white glue (PVA) is brushed on as a sealer",
                "The glue stays soft in water, and the paint's own water lifts it: it peels off in sheets.",
                "Leave the glue out: a thinned first coat or a made plaster sealer does it; where it is on already, wash and scrape it off."
            ) with
            {
                Drops = true,
                // What it was to seal is sealed by what stands in its place.
                Covers = ["bare-sealed"],
            },
            Fails(
                "silicone-painted",
                "silicone sealant is used where paint goes over it",
                "Nothing holds to silicone: the paint crawls away from it.",
                "Use a paintable acrylic caulk there; silicone only in the wet joint, after the finish."
            ) with
            {
                Instead = "ca_acrylic",
            },
            Fails(
                "silicone-polish",
                "a polish or spray with silicone goes on before paint",
                "Paint crawls into craters over it.",
                "No polish before painting; where it is on, wash it off with spirit and detergent, several clean cloths."
            ) with
            {
                Drops = true,
            },
            Fails(
                "glue-left",
                "paste or glue is left on the wall",
                "Old paste goes soft under wet paint: it crazes and flakes.",
                "Wash the paste off with warm water and a sponge until the wall is no longer slippery, rinse and let it dry."
            ),
            Fails(
                "repellent-under",
                "a water repellent goes on before the paint",
                "The face no longer soaks anything up, so that the paint finds no hold.",
                "Leave the repellent out, or put on one that the paint maker approves after the paint has cured; where it is on already, make a trial before anything else."
            ) with
            {
                Drops = true,
                When = at => at.Next is not null,
            },
            Fails(
                "indoor-filler",
                "indoor or lightweight filler is used outside",
                "It swells and falls out in the first wet winter.",
                "Use an outside filler: cement or lime based in masonry, two-part in wood, flexible in a joint."
            ) with
            {
                When = at => at.Outside,
            },
            Fails(
                "rigid-in-movement",
                "a moving crack or joint is filled rigid",
                "It opens again at the next change of season, and the cause goes on.",
                "Have an engineer look at what moves first; then a flexible sealant or a movement joint, not hard filler."
            ),
            Fails(
                "caulk-in-wood-split",
                "decay or a large hollow is filled without cutting out",
                "Decay goes on behind the filler.",
                "Cut back to sound wood, treat and splice or use a two-part wood repair."
            ),
            Fails(
                "by-eye",
                "a two-part product is mixed by eye",
                "A wrong share of hardener stays soft or goes brittle.",
                "Measure or weigh the parts as the sheet says, and mix only what is used within the pot life."
            ),
            Fails(
                "whole-kit",
                "more two-part product is mixed than the pot life allows",
                "It gels in the bucket, and what is laid late never bonds.",
                "Mix only what is laid within the pot life, measured or weighed."
            ),
            Fails(
                "past-pot-life",
                "a two-part product is used after its pot life",
                "It looks like paint and does not bond.",
                "Throw away what stood beyond its pot life; mix fresh for each coat."
            ),
            Fails(
                "wrong-thinner",
                "the paint is thinned with what does not mix with it",
                "The binder curdles or the film stays soft.",
                "Thin only with what the sheet names: water for waterborne, white spirit for oil and alkyd, their own thinner for two-part paints."
            ),
            Fails("other-hardener", "hardener of another make or kit is used", "Another hardener cures otherwise or not at all.", "Use the parts of one kit together."),
            Fails(
                Thinning.Manner,
                "the coat is thinned beyond what it bears",
                "The film is too thin: it hides badly, chalks early and wears through.",
                "Use it neat, or at most with what the sheet allows in the first coat."
            ),
            Fails(
                "spirit-before-water",
                "solvent is wiped on right before a waterborne coat",
                "The waterborne coat crawls and does not hold where spirit is still in the face.",
                "Take the dust off with a vacuum and a barely damp cloth and let it dry; no spirit."
            ) with
            {
                When = at => at.Next?.Product?.Carrier == Carrier.Water || at.Act?.Product?.Carrier == Carrier.Water,
            },
            Fails(
                "oil-not-wiped",
                "surplus oil is not wiped off",
                "Oil that is not drunk stays sticky for weeks and wrinkles.",
                "Wipe off what is not drunk after 15 to 30 minutes, until nothing gleams; thin coats."
            ),
            Fails(
                "on-sticky",
                "a coat goes on while the one below is still sticky",
                "The one below never hardens; both wrinkle.",
                "Wait until the first is hard, or clean the sticky coat off; then a thin second coat."
            ),
            Poor(
                "thick-coat",
                "a coat is laid on thick to save another",
                "A thick coat skins over, sags and stays soft inside.",
                "Lay two or more thin coats, each dry before the next."
            ),
            Poor(
                "stabiliser-shiny",
                "the stabiliser is laid on until it shines, or over what does not powder",
                "A glazed face gives the paint no hold: it slides and peels.",
                "One thin coat, only where it still powders, and no shine left."
            ),
            Fails(
                "biocide-short",
                "the biocide is rinsed off before it has worked",
                "It needs its time, usually a day or more: the growth comes back.",
                "Spray, leave it as the label says, a day or more, then brush and rinse if the label asks for it."
            ),
            Fails(
                "acetone-plastic",
                "strong solvent is used on plastic",
                "It softens and crazes the plastic.",
                "Wash with detergent and rinse; at most a mild wipe that the paint maker names."
            ) with
            {
                When = at => at.Ground == SubstrateFamily.Slick && at.Start.Get(Facets.Substrate) is not (Substrate.TileGlazed or Substrate.TileUnglazed),
                Instead = "cl_sugar_soap",
            },
            Poor(
                "dark-plastic",
                "a dark colour goes on plastic in the sun",
                "Dark plastic gets hot, moves and warps.",
                "Keep to a light or heat-reflecting tint in a coating made for plastic."
            ) with
            {
                When = at => at.Outside && at.Start.Get(Facets.Substrate) == Substrate.PvcU,
            },
            Poor("seals-painted", "gaskets, seals or movement joints are painted over", "Painted seals stick, tear and let water in.", "Mask them and leave them free."),
            Poor(
                "painted-shut",
                "a window or door is painted shut",
                "It cannot be opened, and in a fire nobody gets out.",
                "Run a blade round and move it while the paint is soft."
            ),
            Poor("hinges-painted", "hinges, locks or sockets are painted over", "They bind, and it shows.", "Take the fittings off, or mask them."),
            Fails(
                "acid-on-sealed",
                "acid is put on concrete to give it a key",
                "Acid does nothing through a sealer or a curing skin, and leaves salts and wet in the slab.",
                "Grind it under a vacuum shroud or have it blasted; no acid."
            ) with
            {
                When = at => at.Start.Get(Facets.Substrate) == Substrate.ConcreteCast,
                Instead = "ab_concrete",
            },
            Fails(
                "acid-on-lime",
                "acid is put on limestone, lime or soft brick",
                "Acid eats lime and leaves salts that push the paint off.",
                "Brush and wash with water; no acid on lime."
            ) with
            {
                When = at => at.Soft,
            },
            Fails(
                "caustic-on-aluminium",
                "caustic is used on aluminium or zinc",
                "It eats the metal and gives off hydrogen.",
                "Use a solvent gel or abrade; no caustic on these metals."
            ) with
            {
                When = at => at.Ground == SubstrateFamily.NonFerrous,
            },
            Fails(
                "salts-washed",
                "salts are washed off with water",
                "Water dissolves them and takes them back into the wall; they return under the paint.",
                "Brush them off dry, again and again as they come, and vacuum; cure the damp first."
            ) with
            {
                // Off metal and boards by the sea they are washed.
                When = at => at.Ground is SubstrateFamily.Masonry or SubstrateFamily.Plaster,
                Instead = "dc_salts_brush",
            },
            Fails(
                "mould-wiped",
                "mould is wiped or brushed off alive",
                "What is left of it grows again through the paint, and its spores are spread.",
                "Kill it with a fungicidal wash, twice, leave it to work, then scrub and rinse."
            ) with
            {
                When = at => at.Start.Get(Facets.Mould) != Presence.None,
            },
            Danger(
                "mould-dry",
                "mould is brushed, scraped or sanded dry",
                "Its spores are breathed in and go through the house, and what is left grows again through the paint.",
                "Wet it with a fungicidal wash, twice, leave it to work, then wipe and rinse, with a mask and the door shut."
            ) with
            {
                Instead = "cl_mould_wash",
                Covers = ["mould-off"],
                When = at => at.Start.Get(Facets.Mould) != Presence.None,
            },
            Fails("forced-lime", "fresh lime or plaster is dried with heat", "It cracks and powders instead of curing.", "Let it dry slowly, with air and no heat.") with
            {
                When = at => at.Start.Get(Facets.Substrate) is Substrate.LimeNew or Substrate.GypsumNew or Substrate.RenderLime,
            },
            Fails(
                "opaque-under-clear",
                "an opaque coat lies under a clear finish",
                "The wood is hidden for good, and what was to be seen is paint.",
                "Leave it out: the thinned first coat of the clear finish on bare wood is its primer."
            ) with
            {
                Seen = true,
                Drops = true,
                When = at =>
                    at.Act
                        is {
                            Product: { Clear: false, Cover: not (Cover.Shellac or Cover.None) },
                            Operation: { Role: CoatRole.Primer or CoatRole.Undercoat or CoatRole.Spot, Group: not Group.StainBlock }
                        }
                    && at.Next is { Operation.Role: CoatRole.Finish, Product: { Clear: true, Cover: not Cover.Woodstain } }
                    && at.Ground == SubstrateFamily.Wood,
            },
            Fails(
                "stain-not-dry",
                "a coat goes over stain that is not dry",
                "Oil stain keeps the coat off and bleeds into it; it peels.",
                "Wait until a white cloth stays clean, 24 hours or more for oil stain."
            ),
        ];
}
