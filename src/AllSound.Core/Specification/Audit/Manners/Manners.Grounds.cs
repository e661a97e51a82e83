using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Manners of products and mixtures.</summary>
internal static partial class Manners
{
    // Share of the face that is loose from which the old oil paint is coming away as a whole. Judgement.
    private const double ComingAway = 0.15;

    private static IEnumerable<Manner> Grounds() =>
        [
            Fails(
                "alkyd-on-zinc",
                "oil or alkyd paint lies straight on zinc",
                "Oil turns to soap on zinc, and the paint comes off in sheets.",
                "Take off what comes away, and put a primer made for galvanised steel under the new paint: waterborne acrylic or two-part epoxy, or a bonding primer."
            ) with
            {
                Seen = true,
                When = at =>
                    at.Act is { Product.Carrier: Carrier.Spirit, Operation.Role: not CoatRole.None } act
                    // The heads of nails are no zinc.
                    && act.Operation.Group != Group.StainBlock
                    && (act.Operation.Role != CoatRole.Spot || (act.Product.Cover is Cover.MetalAlkyd or Cover.WoodAlkyd && at.Start.Get(Facets.Film) == Film.None))
                    && at.Start.Get(Facets.Substrate) is Substrate.GalvanisedNew or Substrate.GalvanisedOld
                    && (
                        at.Now.Get(Facets.Film) == Film.None
                        || (
                            at.Now.Get(Facets.Film) is Film.AlkydGloss or Film.OilLead
                            && at.Facts.LooseShare >= ComingAway
                            // What came away is put right by a primer made for zinc on what that bared.
                            && !at.Laid.Any(p => p.Grounds.Contains(at.Start.Get(Facets.Substrate)))
                        )
                    )
                    && at.Now.Get(Facets.Cover) == Cover.None,
                Covers = ["bare-sealed", "iron", "own-ground-p_znphos_alk", "ground-p_wood_alk"],
                Under = "pr_galv",
            },
            Fails(
                "bare-wood-uncovered",
                "an undercoat or finish lies on bare wood without a primer",
                "Bare wood drinks the binder: the coat dulls, cracks and comes off there first.",
                "Prime the bare wood first."
            ) with
            {
                When = at => at.Ground == SubstrateFamily.Wood && IsFilm(at.Act),
                Covers = ["bare-sealed"],
                Under = "sp_wood",
            },
            Fails(
                "bare-metal-uncovered",
                "an undercoat or finish lies on bare metal without a primer",
                "Bare metal rusts under it and pushes it off.",
                "Prime the bare metal first, the same shift as it was bared."
            ) with
            {
                When = at => at.Ground == SubstrateFamily.Ferrous && IsFilm(at.Act),
                Covers = ["bare-sealed"],
                Under = "sp_metal",
            },
            Fails(
                "alkyd-on-alkali",
                "oil or alkyd paint lies on fresh lime or cement",
                "Alkali turns oil paint to soap: it goes sticky and peels.",
                "Use an alkali-resisting primer or a masonry paint that lets the wall dry."
            ) with
            {
                Seen = true,
                When = at =>
                    at.Act is { Product: { Carrier: Carrier.Spirit, Alkali: < 3 }, Operation.Role: not (CoatRole.None or CoatRole.Spot) }
                    && at.Ground != SubstrateFamily.Wood
                    && at.Start.Get(Facets.Alkalinity) is Alkalinity.High or Alkalinity.Mild
                    && at.Now.Get(Facets.Film) == Film.None
                    && at.Now.Get(Facets.Cover) == Cover.None,
                Covers = ["bare-sealed"],
                Under = "pr_alkali",
            },
            Fails(
                "wood-coat-on-plastic",
                "a coat made for wood lies on bare plastic",
                "Plastic gives it nothing to hold to, and moves more in the sun than the film can.",
                "Pad the plastic to a dull face and put a bonding primer under it, or use a coating made for plastic."
            ) with
            {
                Seen = true,
                When = at =>
                    at.Act is { Product.Carrier: Carrier.Spirit, Operation.Role: not (CoatRole.None or CoatRole.Spot) }
                    && at.Start.Get(Facets.Substrate) is Substrate.PvcU or Substrate.Laminate
                    && at.Now.Get(Facets.Film) == Film.None
                    && at.Now.Get(Facets.Cover) == Cover.None,
                Covers = ["bare-sealed"],
                Under = "pr_bond",
            },
            Poor(
                "old-tin",
                "paint that has frozen, gone off or is years old is used",
                "It does not form a sound film.",
                "Open a fresh tin, or make a trial and look at it after a day."
            ),
            Fails(
                "silicone-first",
                "the silicone is laid before the coats",
                "Paint crawls away from it and from what is smeared beside it.",
                "Coat first, let it cure, then lay the silicone last."
            ) with
            {
                Seen = true,
                When = at => at.Act?.Operation.Id == "ca_sanitary" && at.Next is not null && !Needs.FullFinish.Holds(at.Now),
            },
            Fails(
                "wall-paint-on-trim",
                "wall paint is laid as the finish of joinery",
                "It marks, sticks and wears through where hands and doors rub.",
                "Use a trim enamel, waterborne satin or eggshell, two coats."
            ) with
            {
                Seen = true,
                When = at =>
                    at.Act is { Operation.Role: CoatRole.Finish, Product.Cover: Cover.Emulsion }
                    && at.Surface.Brief.Finish == FinishFamily.TrimPaint
                    && at.Surface.Element is Element.Door or Element.Window or Element.Frame or Element.Skirting or Element.Architrave or Element.Sill,
            },
            Fails(
                "wall-paint-on-radiator",
                "wall paint is laid on a radiator",
                "It yellows, smells and flakes as the metal heats and cools, and water in it rusts the bare iron.",
                "Use radiator enamel, or a metal paint that is made for the heat, over a metal primer."
            ) with
            {
                Seen = true,
                Covers = ["film-takes-emulsion-p_emul_contract"],
                When = at => at.Act is { Operation.Role: CoatRole.Finish, Product.Cover: Cover.Emulsion } && at.Surface.Element == Element.Radiator,
            },
            Fails(
                "wall-paint-on-floor",
                "wall paint is laid on a floor",
                "It is walked through in weeks, marks at the first wet shoe and comes up with the chair legs.",
                "Use a floor coating made for the ground and the traffic, over its own primer."
            ) with
            {
                Seen = true,
                Covers = ["bare-sealed", "film-takes-emulsion-p_emul_contract"],
                When = at =>
                    at.Act is { Operation.Role: CoatRole.Finish, Product.Cover: Cover.Emulsion }
                    && at.Surface is { Element: Element.Floor or Element.Step, Brief.Finish: not FinishFamily.WallPaint },
            },
            Fails(
                "masonry-paint-here",
                "masonry paint is laid on a floor or on wood",
                "It is made for walls: feet wear it through, and on wood it cracks with every season.",
                "Use a floor coating underfoot, and a wood finish over its own primer on wood."
            ) with
            {
                Seen = true,
                Covers = ["bare-sealed"],
                When = at =>
                    at.Act is { Operation.Role: CoatRole.Finish, Operation.Id: "tc_masonry" or "tc_masonry_elastic" }
                    && at.Surface.Brief.Finish != FinishFamily.Masonry
                    && (at.Surface.Element is Element.Floor or Element.Step || at.Ground == SubstrateFamily.Wood),
            },
            Fails(
                "cement-on-lime",
                "cement is put on lime, soft stone or soft brick",
                "Cement is harder and holds water back: the soft wall beside it crumbles, and the patch comes away with it.",
                "Make good with lime of the same strength as the wall, kept damp while it sets."
            ) with
            {
                Instead = "rp_lime_fill",
                When = at => at.Soft,
            },
            Poor(
                "cords-painted",
                "cords, pulleys or running faces are painted",
                "The sash binds, and painted cords break.",
                "Keep them bare; wax the channels or leave them."
            ),
            Fails("drains-blocked", "drain holes are filled", "Water stays inside, rusts the metal and parts the plates.", "Clean them out and leave them open."),
            Fails(
                "board-on-damp",
                "boards or studs stand hard against a damp wall",
                "Vapour is trapped behind them: they rot and grow mould.",
                "Leave a gap apart from the wall, once it is dry, with insulation suited to such walls."
            ) with
            {
                When = at => at.Start.Get(Facets.DampSource) == DampSource.Open || at.Start.Get(Facets.Moisture) is Moisture.Wet or Moisture.Damp,
            },
        ];
}
