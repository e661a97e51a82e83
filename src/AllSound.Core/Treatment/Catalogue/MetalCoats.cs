using System.Collections.Immutable;
using AllSound.Core.Materials.Catalogue;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Surfaces.Effect;
using F = AllSound.Core.Surfaces.Facets;
using N = AllSound.Core.Treatment.Needs;

namespace AllSound.Core.Treatment.Catalogue;

/// <summary>Coats for metal. What all coats of a role need stands in <see cref="Coating"/>.</summary>
internal static class MetalCoats
{
    private static readonly Source Iso5 = Source.Standard("ISO 12944-5", Confidence.Usual);
    private static readonly ImmutableArray<string> TwoPartWear = ["half mask A2P3", "chemical gauntlets", "goggles"];
    private static readonly ImmutableArray<string> TwoPartCautions =
    [
        "Mix the whole pack by the ratio on the label; once it thickens it is waste.",
        "Two-part paint sensitises: no skin contact. Products with isocyanate only by people trained for them, never sprayed without supplied air.",
    ];

    // A coat on bare metal also primes filler that lies in it.
    private static ImmutableArray<Effect> Seals => Sealing.Seals;

    public static readonly ImmutableArray<Operation> All =
    [
        new()
        {
            Id = "sp_metal",
            Group = Group.SpotPrime,
            Title = "Prime bared metal the same shift",
            Do = "Brush into pits, seams and round fixings within four hours of baring it, two in salt air; feather onto the film.",
            Role = CoatRole.Spot,
            Products = [MetalCoatings.ZincPhosphateAlkyd, MetalCoatings.ZincPhosphateWater, MetalCoatings.EpoxyMastic],
            Needs = [SiteNeeds.LeadControlled, GroundNeeds.EdgesHeld],
            Gives = Seals,
            Extent = Extent.Bare,
            Rate = 6,
            FixedHours = 0.2,
            Accept = "no metal shows, edges covered",
            Cautions = ["Bare metal rusts within the shift: prime it before going home."],
            Protection = Sealing.FumeWear,
            Hazard = 2.5,
            School = "S2 primer",
            Source = Source.Standard("ISO 12944-7", Confidence.Usual),
        },
        new()
        {
            Id = "sp_metal_one",
            Group = Group.SpotPrime,
            Title = "Spot-coat bared metal with the one-product metal coat",
            Do = "Brush it into pits and seams the same shift; it is its own primer where rust is light.",
            Role = CoatRole.Spot,
            Products = [MetalCoatings.DirectToMetalCoat],
            Needs = [SiteNeeds.LeadControlled, GroundNeeds.EdgesHeld],
            Gives = Seals,
            Extent = Extent.Bare,
            Rate = 6,
            FixedHours = 0.15,
            Accept = "no metal shows",
            Protection = Sealing.FumeWear,
            Hazard = 2.5,
            School = "S2 one product",
            Source = Source.Usual,
        },
        Metal(
            "pr_steel",
            Group.Prime,
            CoatRole.Primer,
            "Prime steel all over with zinc phosphate",
            "Even coat, worked into edges and seams, the same shift as the metal was bared.",
            [MetalCoatings.ZincPhosphateAlkyd, MetalCoatings.ZincPhosphateWater],
            7,
            12,
            "even, film thickness as the class asks",
            "S29 prime",
            Iso5,
            2.5
        ) with
        {
            Gives = Seals,
        },
        Metal(
            "pr_epoxy",
            Group.Prime,
            CoatRole.Primer,
            "Prime with two-part epoxy",
            "Mix the whole pack, let it stand as the label says, roll or brush within the pot life. Not below 10 °C, not over one-part paint.",
            [MetalCoatings.EpoxyPrimer, MetalCoatings.EpoxyMastic, MetalCoatings.ZincRichPrimer],
            8,
            12,
            "hard the next day, film thickness as the class asks",
            "S29 prime",
            Iso5,
            4
        ) with
        {
            Gives = Seals,
            Protection = TwoPartWear,
            Cautions = TwoPartCautions,
        },
        Metal(
            "pr_galv",
            Group.Prime,
            CoatRole.Primer,
            "Prime zinc or aluminium",
            "Acrylic primer for zinc on the keyed face; never alkyd or oil on bare zinc, it turns to soap.",
            [MetalCoatings.ZincAcrylic],
            7,
            14,
            "a thumbnail does not lift it the next day",
            "S2 primer",
            Source.Standard("ASTM D6386"),
            0.4
        ) with
        {
            Gives = Seals,
        },
        Metal(
            "sp_galv",
            Group.SpotPrime,
            CoatRole.Spot,
            "Spot-prime bare zinc or aluminium",
            "Acrylic primer for zinc on every bare spot, feathered onto the film.",
            [MetalCoatings.ZincAcrylic],
            7,
            null,
            "nothing bright shows",
            "S2 primer",
            Source.Standard("ASTM D6386"),
            0.4
        ) with
        {
            Gives = Seals,
            Extent = Extent.Bare,
            Needs = [SiteNeeds.LeadControlled, GroundNeeds.EdgesHeld],
        },
        Metal(
            "pr_nonferrous",
            Group.Prime,
            CoatRole.Primer,
            "Prime bare copper or lead sheet with bonding primer",
            "Thin even coat on the keyed face; lead sheet is better left bare.",
            [WallCoatings.BondingPrimer],
            8,
            14,
            "a thumbnail does not lift it the next day",
            "S2 primer",
            Source.Usual,
            0.4
        ) with
        {
            Gives = Seals,
            Needs = [Grounds("copper-or-lead", "the ground is copper or lead sheet", Substrate.Copper, Substrate.LeadSheet)],
        },
        Metal(
            "dn_stripe",
            Group.Undercoat,
            CoatRole.None,
            "Stripe-coat edges, welds and bolts",
            "Brush a narrow coat of the primer along every edge and weld before the full coat.",
            [],
            0,
            null,
            "edges covered as thick as the face",
            "S15 stripe",
            Source.Standard("ISO 12944-5", Confidence.Usual),
            1.5
        ) with
        {
            Gives = [Set(F.SharpEdges, Arris.Striped, F.SharpEdges.Is(Arris.Sharp))],
            Needs = [SiteNeeds.AccessSafe, N.CoatDry, GroundNeeds.DustOff, GroundNeeds.BareSealed],
            Extent = Extent.Once,
            FixedHours = 0.6,
            Leaves = new(Drying.Coat, 2, 4),
        },
        Metal(
            "tc_metal",
            Group.Topcoat,
            CoatRole.Finish,
            "One-product metal coat",
            "Brush or small roller, edges first, two full coats six to eight hours apart; outdoors wash again if a night came between. A firm pale residue over old rust is normal.",
            [MetalCoatings.DirectToMetalCoat],
            5,
            10,
            "no sags, no metal shows",
            "S29 one product",
            Source.Usual,
            2.5
        ) with
        {
            Gives = Seals,
            Protection = Sealing.FumeWear,
        },
        Metal(
            "tc_2k",
            Group.Topcoat,
            CoatRole.Finish,
            "Two-part polyurethane finish",
            "Mix the whole pack; small roller laid off with a soft brush, within the pot life.",
            [MetalCoatings.PolyurethaneSolventFinish, MetalCoatings.PolyurethaneWaterFinish],
            7,
            12,
            "hard the next day, no runs",
            "S20 two-part",
            Iso5,
            5
        ) with
        {
            Protection = TwoPartWear,
            Cautions = TwoPartCautions,
        },
        Metal(
            "tc_galv",
            Group.Topcoat,
            CoatRole.Finish,
            "Acrylic finish for zinc",
            "Brush or roller; it is primer and finish in one on keyed zinc.",
            [MetalCoatings.ZincAcrylic],
            7,
            14,
            "even, nothing bright",
            "S29 one product",
            Source.Standard("ASTM D6386", Confidence.Usual),
            0.4
        ) with
        {
            Gives = Seals,
        },
        Metal(
            "tc_radiator",
            Group.Topcoat,
            CoatRole.Finish,
            "Radiator enamel",
            "Cold and clean; edges and welds first, then the faces from the top; no heat for a day or two.",
            [MetalCoatings.RadiatorEnamel],
            5,
            10,
            "no sags, white stays white after a week of heat",
            "S20 solvent",
            Source.Usual,
            2
        ) with
        {
            Cautions = ["Heating stays off for 24 to 48 hours."],
            Protection = Sealing.FumeWear,
        },
        Metal(
            "tc_heat",
            Group.Topcoat,
            CoatRole.Finish,
            "Heat-resisting silicone paint",
            "Two very thin coats on clean bare metal; it cures by the first heat, with the windows open.",
            [MetalCoatings.HeatSiliconeFinish],
            6,
            12,
            "thin and even; no smoke on the second heating",
            "S29 one product",
            Source.Usual,
            4
        ) with
        {
            Gives = Seals,
            Needs = [BareMetal],
            Cautions = ["It smokes at the first heating: open the windows, people out."],
            Protection = Sealing.FumeWear,
        },
        Metal(
            "tc_bitumen",
            Group.Topcoat,
            CoatRole.Finish,
            "Bitumen paint, inside of gutters",
            "Brush well into joints; light paint over it turns brown.",
            [MetalCoatings.BitumenPaint],
            7,
            14,
            "no metal shows",
            "S29 one product",
            Source.Usual,
            3
        ) with
        {
            Gives = Seals,
            Protection = Sealing.FumeWear,
        },
    ];

    private static Need BareMetal =>
        NeedRegistry.Register(
            "bare-metal",
            "the metal is bare",
            "Heat paint over old paint peels at the first fire.",
            Severity.Fails,
            Source.Practice,
            [F.Film.Is(Film.None)]
        );

    private static Operation Metal(
        string id,
        Group group,
        CoatRole role,
        string title,
        string how,
        ImmutableArray<Materials.CoatingClass> products,
        double rate,
        double? narrow,
        string accept,
        string school,
        Source source,
        double hazard
    ) =>
        new()
        {
            Id = id,
            Group = group,
            Title = title,
            Do = how,
            Role = role,
            Products = products,
            Extent = Extent.Whole,
            Rate = rate,
            RateNarrow = narrow,
            FixedHours = 0.2,
            Accept = accept,
            Hazard = hazard,
            School = school,
            Source = source,
        };

    private static Need Grounds(string id, string title, params Substrate[] grounds) => NeedRegistry.Ground(id, title, grounds);
}
