using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Specification;

/// <summary>Manners that can hurt someone.</summary>
internal static partial class Manners
{
    private static IEnumerable<Manner> People() =>
        [
            Danger(
                "petrol",
                "petrol or thinner is used to clean",
                "Its vapour creeps along the floor to the next spark and explodes; it leaves an oily film besides.",
                "Degrease with an alkaline or emulsifying detergent and rinse; no petrol."
            ) with
            {
                Tells = ["acetone-plastic"],
                Instead = "cl_degrease",
            },
            Danger(
                "bleach-acid",
                "bleach and acid meet",
                "They give off chlorine, which kills in a small room.",
                "Never in one bucket or on one face at once: use the bleach alone, rinse and dry, then the acid alone another day, or the other way round."
            ),
            Danger(
                "bleach-ammonia",
                "bleach and ammonia meet",
                "They give off chloramine, which burns the lungs.",
                "Never together: one cleaner alone, rinse well, then the other, labelled bottles only."
            ),
            Danger(
                "rags-heap",
                "oily rags are left in a heap, a bin or a box",
                "Oil that dries in a heap heats itself and catches fire, often at night.",
                "Spread the rags flat outdoors one thick, or soak them in water in a metal tin with a lid."
            ),
            Danger(
                "dust-bag",
                "sanding dust is left in the bag",
                "Fresh dust with finish or oil in it heats itself and catches fire, often at night.",
                "Empty the bag outdoors into a metal bin every time the machine stops."
            ),
            Danger(
                "flame-near-solvent",
                "a flame, pilot light or heater burns while solvent is in the room",
                "Vapour reaches the flame and flashes back.",
                "Put out flames, pilot lights and heaters and open the windows before the tin is opened; light them again once the vapour is gone."
            ) with
            {
                When = at =>
                    Solvent(at.Act?.Product) || Solvent(at.Next?.Product) || at.Act?.Operation.Cautions.Any(c => c.Contains("flame", StringComparison.Ordinal)) == true,
            },
            Danger(
                "smoking",
                "somebody smokes at the work",
                "Vapour catches fire, and lead and dust are eaten with the cigarette.",
                "No smoking, eating or drinking where the work is done."
            ),
            Danger(
                "live-sockets",
                "outlets stay live while water is about",
                "Water or steam in a live outlet can kill.",
                "Have the circuit isolated and proved dead, and cover the outlets, before anything wet is done."
            ),
            Danger(
                "ladder",
                "a ladder stands or leans where it cannot hold",
                "Ladders slip on gutters, on stair treads and on what gives way, and people fall.",
                "Work from a tower or a platform made for the stair, or from a tied ladder with a stand-off on firm wall and level ground."
            ),
            Danger(
                "household-vacuum",
                "dust is swept or taken up with a household vacuum",
                "A broom and an ordinary filter throw lead and fine dust back into the air of the whole house.",
                "Take it up with a vacuum that has a high-efficiency (HEPA) filter, then wet-wipe; never sweep dry."
            ) with
            {
                When = at =>
                    (at.Lead && at.Start.Get(Facets.Film) is not (Film.None or Film.Plastisol or Film.Powder))
                    || (at.Ground == SubstrateFamily.Masonry && at.Now.Get(Facets.Dust) == Presence.Present && at.Start.Get(Facets.Dust) != Presence.Present),
            },
            Danger(
                "lead-in-use",
                "the room stays in use during lead work",
                "Children and pregnant women are harmed by very little lead dust.",
                "Occupants out, the area contained and marked, before old paint is touched; where the law asks for it, a certified contractor."
            ) with
            {
                When = at => at.Lead && at.Start.Get(Facets.Film) != Film.None,
            },
            Danger(
                "lead-back-soon",
                "people come back before the lead dust is cleared",
                "Dust on sills and floors is eaten by children for weeks.",
                "Clean with a filter vacuum and wet wipes, then prove it clear by wipe samples, before anyone returns."
            ) with
            {
                When = at => at.Lead && at.Start.Get(Facets.Film) != Film.None,
            },
            Danger(
                "cloth-bag",
                "the sander has only a cloth bag",
                "A cloth bag lets through the fine dust that is breathed.",
                "Flat it wet by hand, or sand under a shroud on a vacuum with a high-efficiency filter."
            ) with
            {
                When = at => at.Lead && at.Start.Get(Facets.Film) != Film.None,
            },
            Danger(
                "lead-waste",
                "lead waste goes with the household rubbish or is burnt",
                "It poisons whoever handles it next, and burning makes fume.",
                "Double-bag and label it and dispose of it as the local rules for lead waste say."
            ) with
            {
                When = at => at.Lead && at.Start.Get(Facets.Film) != Film.None,
            },
            Danger(
                "lead-jet",
                "lead paint is washed off with a jet",
                "The jet drives chips into soil and windows for metres around.",
                "Mist and scrape by hand over sheeting and bag the chips; no jet on lead paint."
            ) with
            {
                When = at => at.Lead && at.Start.Get(Facets.Film) != Film.None,
                Instead = "ls_wet_scrape",
            },
            Danger(
                "silica",
                "masonry, render or concrete is ground or cut dry without extraction",
                "The dust is silica and scars the lungs for good.",
                "Rake by hand, or grind wet or under a shroud on a filter vacuum, with a fitted mask and windows shut."
            ) with
            {
                When = at => at.Ground is SubstrateFamily.Masonry or SubstrateFamily.Plaster or SubstrateFamily.Slick,
            },
            Danger(
                "roost",
                "droppings are swept away and a gap is closed where animals may roost",
                "Bats and nesting birds are protected by law, they die behind the mesh, and dry droppings carry disease.",
                "Stop there: have an ecologist or the local bat adviser look; close nothing until they say so."
            ) with
            {
                When = at => at.Facts.Nests == true,
            },
            Danger(
                "droppings-dry",
                "droppings are swept dry",
                "Their dust carries disease into the lungs.",
                "Damp them down with disinfectant, lift and bag them, mask and gloves on."
            ) with
            {
                When = at => at.Facts.Nests != true,
            },
            Danger(
                "isocyanate-spray",
                "two-part polyurethane is sprayed without an air-fed mask",
                "Isocyanate mist brings on asthma for life; a filter gives no warning when it no longer holds it.",
                "Brush or roll it with an organic vapour mask, or leave it to a shop with air-fed masks."
            ),
            Danger(
                "shut-room",
                "solvent is used with the windows shut",
                "Vapour gathers until it makes people ill or catches fire.",
                "Open windows on two sides or blow fresh air in, and keep them open until the smell is gone."
            ) with
            {
                When = at => !at.Outside && (Solvent(at.Act?.Product) || Solvent(at.Next?.Product) || at.Act?.Operation.Id is "st_solvent" or "cl_solvent_wipe"),
            },
            Danger(
                "dust-mask-vapour",
                "a dust mask is worn against vapour",
                "A dust mask holds no vapour.",
                "Wear a mask with organic vapour filters, and air the room."
            ) with
            {
                When = at => Solvent(at.Act?.Product) || at.Act?.Operation.Id == "st_solvent",
            },
            Danger(
                "bare-eyes",
                "acid, caustic, lime or stripper is used without goggles or gloves",
                "A splash takes an eye in seconds.",
                "Goggles, long gloves and an eyewash bottle at hand before the lid is off."
            ),
            Danger(
                "run-off",
                "wash water with biocide, paint or cleaner runs to water or a drain",
                "It kills fish and breaks the law.",
                "Catch it or lead it to ground that takes it; cover ponds and block drains first."
            ),
            Danger(
                "scorch",
                "paint is heated until it smokes",
                "Over about 400 °C lead turns to fume, and charred wood catches fire inside.",
                "Keep the heat low enough that paint only softens, or strip it wet."
            ) with
            {
                When = at => at.Start.Get(Facets.Film) != Film.None,
            },
            Danger(
                "sheets-on-stair",
                "loose sheets lie on stairs or plastic on a floor that is walked on",
                "People slip on them.",
                "Fix runners to the treads, or take the sheets up whenever the stair is used."
            ),
            Danger(
                "fire-seal",
                "smoke or fire seals are painted over",
                "Painted seals no longer swell or close, and the door lets fire through.",
                "Mask the seals, or take them out and refit them clean."
            ) with
            {
                When = at => at.Facts.FireRated == true,
            },
            Danger(
                "gas-heater",
                "a flueless gas heater dries the room",
                "It gives off carbon monoxide and a litre of water an hour: people die, and paint stays wet.",
                "Dry with open windows, the house heating or a dehumidifier."
            ) with
            {
                When = at => !at.Outside,
            },
            Danger(
                "fire-leaf-cut",
                "a fire door is planed or cut",
                "The leaf and its seals were tested as they are; cut, it may let fire and smoke through.",
                "Stop and report it: hinges are adjusted, or the door maker or a competent person decides."
            ) with
            {
                When = at => at.Facts.FireRated == true,
            },
            Danger(
                "fire-wedged",
                "fire doors are wedged open and left",
                "An open fire door stops nothing: the escape route fills with smoke.",
                "One door at a time, and closed whenever nobody stands by it."
            ) with
            {
                When = at => at.Facts.FireRated == true,
            },
            Danger(
                "escape-closed",
                "a way of escape is closed",
                "People who need it find it shut in a fire.",
                "Keep a free way, floor by floor, or agree another with the fire authority and the owner first."
            ),
            Danger(
                "slippery-treads",
                "a smooth finish goes on treads",
                "Gloss is slippery when wet, and people fall on stairs.",
                "Put clean grit into the tread coat, or use a tread finish made for it."
            ) with
            {
                When = at => at.Outside,
            },
            Danger(
                "moving-parts-painted",
                "hinges, pivots or a drop ladder are painted over",
                "They jam when they are needed.",
                "Mask them, keep them bare and greased as the maker says, and try them afterwards."
            ) with
            {
                When = at => at.Surface.Element is Element.Railing or Element.Step or Element.Column || at.Facts.FireRated == true,
            },
            Danger(
                "paper-mask",
                "a paper mask is worn for lead or vapour",
                "Lead dust goes through it and round it.",
                "Wear a fitted half mask with P3 (P100) filters."
            ) with
            {
                When = at => at.Lead && at.Start.Get(Facets.Film) != Film.None,
            },
        ];
}
