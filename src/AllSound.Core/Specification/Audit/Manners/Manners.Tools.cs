using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Manners of tools and abrasives.</summary>
internal static partial class Manners
{
    private static IEnumerable<Manner> Tools() =>
        [
            Fails(
                "steel-wool",
                "steel wool is used under a waterborne coat or on wood with tannin",
                "Broken ends rust and turn black on oak.",
                "Use a synthetic pad or a fine abrasive instead of steel wool."
            ) with
            {
                When = at => Tannin(at) || at.Next?.Product?.Carrier == Carrier.Water || at.Act?.Product?.Carrier == Carrier.Water,
            },
            Fails(
                "no-key",
                "a shiny face is left without a key",
                "Nothing grips a shiny face: the coat peels off in sheets.",
                "Dull it with a fine pad or wet abrasive after it is clean, and take the dust off."
            ) with
            {
                When = at => at.Ground == SubstrateFamily.Slick || (at.Start.Get(Facets.Key) == Key.Shiny && at.Start.Get(Facets.Film) != Film.None),
                Covers = ["keyed", "ground-keyed"],
            },
            Fails(
                "needle-on-sheet",
                "a needle gun is used on thin sheet",
                "It dents and stretches thin sheet and goes through where it is rusted.",
                "Take the sheet down with a non-woven abrasive disc, hand wire brush and scraper, or convert the rust; the needle gun only on the thick frame."
            ) with
            {
                When = at => at.Surface.Element is Element.Door or Element.RoofSheet or Element.Gutter or Element.Radiator or Element.Panelling or Element.Boarding,
                Instead = "ab_metal_hand",
            },
            Fails(
                "jet-close",
                "the jet is held close or at high pressure",
                "It cuts into render, joints and wood, drives water behind and lifts sound paint.",
                "A wide fan from a good arm's length at low pressure, from the top down, and let it dry."
            ),
            Fails(
                "jet-on-soft",
                "a pressure washer is used on soft stone, soft brick or lime",
                "It cuts out the face and the joints and drives water deep into the wall.",
                "Brush it down dry with stiff bristle; rinse by hand where that is not enough."
            ) with
            {
                Instead = "cl_dust_dry",
                Covers = ["hard-joints"],
                When = at => at.Soft,
            },
            Poor(
                "wire-on-soft",
                "a wire brush is used on soft stone, brick, wood or zinc",
                "It scores the face, and broken wires rust in it.",
                "Use a stiff bristle or nylon brush."
            ) with
            {
                // Where zinc has rusted through, steel is brushed.
                When = at => (at.Ground is SubstrateFamily.Wood or SubstrateFamily.NonFerrous && at.Surface.Facts.Rust is null or Rust.None) || at.Soft,
            },
            OnVeneer("coarse-on-veneer") with
            {
                When = at => at.Surface.Substrate == "veneer",
            },
            Poor(
                "grease-rubbed-in",
                "a greasy face is rubbed down before it is degreased",
                "The abrasive drives the grease into the scratches, where no cleaner reaches it: the coat crawls or comes off there.",
                "Degrease and rinse first, then rub it down."
            ) with
            {
                Seen = true,
                Yields = ["soil-off", "grease-off"],
                When = at =>
                    // Scale is knocked off, which rubs nothing in.
                    at.Act
                        is { Operation.Group: Group.Abrade, Operation.Id: not ("ab_scale" or "ab_scale_hand") } act
                    && act.Effects.All(e => e.Facet != Facets.Soil)
                    && at.Facts.Soil == Soil.Greasy
                    && at.Now.Get(Facets.Soil) == at.Start.Get(Facets.Soil)
                    && at.Start.Get(Facets.Soil) == Soil.Greasy,
            },
            // Where only the words tell that it is veneer.
            OnVeneer("machine-on-veneer") with
            {
                When = at => at.Surface.Substrate != "veneer",
            },
            Poor("coarse-between", "coarse grit is used between coats", "Its scratches show in the finish.", "Use 240 to 320 between coats, and dust off."),
            Poor(
                "cross-grain",
                "wood for a clear finish is sanded across the grain",
                "Every scratch shows under the varnish.",
                "Sand along the grain, to 120 or finer."
            ) with
            {
                When = at => at.Surface.Brief.Finish == FinishFamily.Clear || at.Next?.Product?.Clear == true,
            },
            Poor(
                "worn-abrasive",
                "worn abrasive is used",
                "A worn disc burnishes and heats the face instead of keying it.",
                "Change the disc or paper as soon as it no longer cuts."
            ),
            Fails(
                "belt-on-wall",
                "plaster is levelled with a belt or disc sander",
                "It tears paper and plaster and fills the house with dust.",
                "Scrape, fill and rub down by hand or with a pole sander on a filter vacuum."
            ) with
            {
                When = at => at.Ground == SubstrateFamily.Plaster && !at.Lead,
            },
            Poor(
                "tape-left",
                "masking tape stays on too long",
                "The glue bakes on, and the tape tears the film when it comes off.",
                "Pull the tape while the last coat is soft; tape only as much as is finished that day, or use tape rated for those days."
            ),
            Poor(
                "paint-on-glass",
                "paint is left on the glass",
                "It peels, and scraping it off scratches the glass.",
                "Line the coat 2 mm on to the glass for a seal and wipe off the rest while it is wet."
            ),
            Poor("scrape-glue-hard", "plaster is gouged with the scraper", "Gouges have to be filled and show.", "Soak again and lift with a broad knife held flat."),
        ];

    private static Manner OnVeneer(string id) =>
        Fails(
            id,
            "coarse grit or a machine is used on veneer",
            "Veneer is under a millimetre thick: it is through before it is seen.",
            "Hand-sand lightly with 180 to 240 along the grain, or strip with gel."
        );
}
