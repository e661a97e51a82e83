using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Treatment.NeedRegistry;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>Needs of the ground and the old film: dry, held, clean, keyed, filled. To add one, add a field here.</summary>
public static class GroundNeeds
{
    private static readonly Source Practice = Source.Practice;
    private static readonly Source Bs6150 = Source.Standard("BS 6150");

    /// <summary>Dry fabric.</summary>
    public static readonly Need FabricDry = Add(
            "fabric-dry",
            "the fabric is dry by measurement",
            "Trapped water blisters the film and feeds mould.",
            Severity.Fails,
            Bs6150,
            F.Moisture.Is(Moisture.Dry)
        )
        .Otherwise("the fabric is not yet dry by measurement");

    /// <summary>No loose film.</summary>
    public static readonly Need LooseOff = Add(
            "loose-off",
            "loose film is removed",
            "The loose film lifts under the roller and takes the new coat with it.",
            Severity.Fails,
            Practice,
            F.Loose.Is(Presence.None)
        )
        .Otherwise("loose film is still on");

    /// <summary>Edges firm or tied down.</summary>
    public static readonly Need EdgesHeld = Add(
            "edges-held",
            "edges of the old film are firm, or tied down by a binding sealer",
            "Water in filler and paint creeps under an edge that keeps lifting; it curls and carries filler and paint off with it.",
            Severity.Fails,
            Practice,
            F.Edges.IsNot(Edges.Lifting)
        )
        .Otherwise("edges of the old film are lifting");

    /// <summary>Edges firm enough to rub down.</summary>
    public static readonly Need EdgesFirm = Add(
            "edges-firm",
            "edges of the old film are firm without a binder",
            "Rubbing down an edge that lifted starts it lifting again.",
            Severity.Fails,
            Practice,
            F.Edges.Is(Edges.None, Edges.Firm)
        )
        .Otherwise("edges of the old film lift");

    /// <summary>No powder.</summary>
    public static readonly Need PowderBound = Add(
            "powder-bound",
            "the ground is firm and does not powder",
            "Paint holds to the powder and the powder to nothing; it peels in sheets.",
            Severity.Fails,
            Bs6150,
            F.Powder.IsNot(Powder.Friable)
        )
        .Otherwise("the ground powders");

    /// <summary>No grey fibre.</summary>
    public static readonly Need GreyOff = Add(
            "grey-off",
            "grey, raised or loose fibre is sanded off to bright wood",
            "Dead or raised fibre holds no coat: it peels and takes the fibre along.",
            Severity.Fails,
            Bs6150,
            F.Grey.Is(Presence.None)
        )
        .Otherwise("grey, raised or loose fibre is still on the wood");

    /// <summary>No dust.</summary>
    public static readonly Need DustOff = Add(
            "dust-off",
            "the face is free of dust",
            "Paint over dust does not grip and shows as bits.",
            Severity.Fails,
            Source.Standard("ISO 8502-3"),
            F.Dust.Is(Presence.None)
        )
        .Otherwise("there is dust on the face");

    /// <summary>Clean.</summary>
    public static readonly Need SoilOff = Add(
            "soil-off",
            "the face is clean of soil and grease",
            "Soil and grease keep the coat from wetting and gripping; soot and nicotine bleed.",
            Severity.Fails,
            Practice,
            F.Soil.Is(Soil.Clean)
        )
        .Otherwise("there is soil or grease on the face");

    /// <summary>Loose soot taken off dry.</summary>
    public static readonly Need SootDry = Add(
            "soot-off-dry",
            "loose soot is vacuumed and wiped off dry first",
            "Water drives loose soot into the face and smears it.",
            Severity.Fails,
            Practice,
            F.Soil.IsNot(Soil.Sooty),
            F.Dust.Is(Presence.None)
        )
        .Otherwise("loose soot is still on the face");

    /// <summary>Free of grease.</summary>
    public static readonly Need GreaseOff = Add(
            "grease-off",
            "the face is free of grease",
            "Nothing holds to grease.",
            Severity.Fails,
            Source.Standard("ASTM F22"),
            F.Soil.IsNot(Soil.Greasy, Soil.Tarry, Soil.Sooty)
        )
        .Otherwise("there is grease on the face");

    /// <summary>Mould dead and off.</summary>
    public static readonly Need MouldOff = Add(
            "mould-off",
            "mould and green growth are killed and washed off",
            "Mould and algae grow on through the film.",
            Severity.Fails,
            Practice,
            F.Mould.Is(Presence.None)
        )
        .Otherwise("there is still mould or green growth on the face");

    /// <summary>Salts off.</summary>
    public static readonly Need SaltsOff = Add(
            "salts-off",
            "salts are brushed off and do not come back",
            "Salts crystallise under the film and push it off.",
            Severity.Fails,
            Practice,
            F.Salts.Is(Presence.None)
        )
        .Otherwise("there are salts on the face");

    /// <summary>Chemical residues out.</summary>
    public static readonly Need ResidueOut = Add(
            "residue-out",
            "stripper, alkali, acid, cleaner and paste are rinsed out and tested for",
            "Residue softens the new film from below, and what is put on it next may give off poisonous gas with it.",
            Severity.Fails,
            Practice,
            F.Residue.Is(Residue.None)
        )
        .Otherwise("stripper, alkali, acid, cleaner or paste is left in the surface");

    /// <summary>Silicone off.</summary>
    public static readonly Need SiliconeOff = Add(
            "silicone-off",
            "silicone is removed",
            "Paint crawls away from silicone.",
            Severity.Fails,
            Practice,
            F.Silicone.Is(Presence.None)
        )
        .Otherwise("there is silicone on the face");

    /// <summary>Wax polish off.</summary>
    public static readonly Need WaxOff = Add(
            "wax-off",
            "wax polish is removed",
            "Nothing but wax holds to wax; abrasive drives it into the film.",
            Severity.Fails,
            Practice,
            F.Waxed.Is(Presence.None)
        )
        .Otherwise("there is wax polish on the film");

    /// <summary>Bare patches sealed.</summary>
    public static readonly Need BareSealed = Add(
            "bare-sealed",
            "every bare patch is primed or sealed",
            "Raw substrate drinks the binder out of the coat, which then flashes and peels.",
            Severity.Fails,
            Bs6150,
            F.Bare.IsNot(Bare.Raw)
        )
        .Otherwise("bare patches are not primed or sealed");

    /// <summary>Raw wood under filler is primed.</summary>
    public static readonly Need WoodPrimedForFiller = Add(
            "wood-primed",
            "bare wood is primed before it is filled",
            "Raw wood sucks the water out of the filler, which drops out.",
            Severity.Fails,
            Practice,
            F.Bare.IsNot(Bare.Raw),
            F.Substrate.IsNot(Substrates.Family(SubstrateFamily.Wood))
        )
        .Otherwise("bare wood is not primed");

    /// <summary>Key for filler and knotting on an old film.</summary>
    public static readonly Need Keyed = Add(
        "keyed",
        "the old film is keyed to an even matt",
        "A shiny film gives no grip; the next layer peels off in sheets.",
        Severity.Fails,
        Practice,
        F.Key.IsNot(Key.Shiny),
        F.Film.Is(Film.None),
        F.Cover.IsNot(Cover.None)
    );

    /// <summary>Edge steps gone.</summary>
    public static readonly Need StepGone = Add(
            "step-gone",
            "steps at the film's edges are feathered or filled",
            "Edges of the old film show through every coat.",
            Severity.Poor,
            Practice,
            F.Step.Is(Presence.None)
        )
        .Otherwise("steps show at the edges of the film");

    /// <summary>Lumps gone.</summary>
    public static readonly Need LumpsGone = Add(
            "lumps-gone",
            "lumps and brush ropes in the old film are levelled",
            "Lumps show through every coat.",
            Severity.Poor,
            Practice,
            F.Lumps.Is(Presence.None)
        )
        .Otherwise("there are lumps or brush ropes in the old film");

    /// <summary>Plaster that was trowelled: nibs come off with a knife, and a damp sheet takes its shine. Board and paper would fur.</summary>
    internal static ImmutableArray<Substrate> Plasters { get; } = [Substrate.GypsumNew, Substrate.GypsumOld, Substrate.LimeNew, Substrate.LimeOld];

    /// <summary>Nibs off bare plaster. Rubbing after the mist coat is a way too, so it is only a note.</summary>
    public static readonly Need NibsGone = Add(
            "nibs-gone",
            "nibs and splashes are off the bare plaster",
            "Nibs show through every coat, and come off with the coat on them.",
            Severity.Note,
            Practice,
            F.Lumps.Is(Presence.None),
            F.Film.IsNot(Film.None),
            F.Substrate.IsNot([.. Plasters])
        )
        .Otherwise("nibs and splashes stand on the bare plaster");

    /// <summary>Filler rubbed down.</summary>
    public static readonly Need FillFlush = Add(
        "fill-flush",
        "hollows are filled and sanded flush",
        "Hollows and proud filler show in raking light.",
        Severity.Poor,
        Practice,
        F.Fill.IsNot(Fill.Open, Fill.Proud)
    );

    /// <summary>Filler on.</summary>
    public static readonly Need FillerOn = Add(
            "filler-on",
            "there is filler to sand down",
            "There is nothing to rub down.",
            Severity.Note,
            Practice,
            F.Fill.IsNot(Fill.Open)
        )
        .Otherwise("there is no filler to sand down");

    /// <summary>Filler primed.</summary>
    public static readonly Need FillPrimed = Add(
        "fill-primed",
        "filler is spot-primed",
        "Bare filler drinks the paint and flashes as a dull patch.",
        Severity.Poor,
        Bs6150,
        F.Fill.Is(Fill.None, Fill.Primed)
    );

    /// <summary>Nothing organic on the spots that were filled.</summary>
    public static readonly Need FillMineral = Add(
            "fill-mineral",
            "what was filled is mineral and was not primed with paint",
            "Limewash and silicate bind with a mineral face and not with paint: over primed spots they powder and show.",
            Severity.Fails,
            Practice,
            F.Fill.Is(Fill.None, Fill.Flush),
            F.Cover.Is(Cover.Limewash, Cover.Silicate, Cover.SilicatePure)
        )
        .Otherwise("what was filled was primed with paint");

    /// <summary>No organic sealer on the bare patches.</summary>
    public static readonly Need BareMineral = Add(
            "bare-mineral",
            "bare patches were not sealed with acrylic or solvent",
            "Limewash and silicate turn to stone with a mineral face: on an acrylic sealer they lie loose and show every patch.",
            Severity.Fails,
            Practice,
            F.Bare.IsNot(Bare.Sealed),
            F.Cover.Is(Cover.Limewash, Cover.Silicate, Cover.SilicatePure)
        )
        .Otherwise("bare patches were sealed with acrylic or solvent");

    /// <summary>No raw filler washed.</summary>
    public static readonly Need FillNotSoaked = Add(
            "fill-not-soaked",
            "raw filler is not soaked with wash water",
            "Wash water softens raw filler.",
            Severity.Poor,
            Practice,
            F.Fill.IsNot(Fill.Proud, Fill.Flush)
        )
        .Otherwise("raw filler would be soaked with wash water");

    /// <summary>Joint closed.</summary>
    public static readonly Need JointClosed = Add(
            "joint-closed",
            "the open joint is caulked",
            "An open joint shows as a black line and lets dirt and draught through.",
            Severity.Poor,
            Practice,
            F.Joint.IsNot(Joint.Open),
            F.JointKind.Is(JointKind.Wet)
        )
        .Otherwise("the joint is still open");

    /// <summary>Closed at the end, a wet joint among them.</summary>
    public static readonly Need JointSealed = Add(
            "joint-sealed",
            "every joint is closed, a wet one with sanitary sealant after the finish",
            "Water gets in behind it.",
            Severity.Fails,
            Practice,
            F.Joint.IsNot(Joint.Open)
        )
        .Otherwise("a joint is still open");

    /// <summary>A joint that stays as it is.</summary>
    public static readonly Need JointStill = Add(
            "joint-still",
            "the joint neither moves nor gets wet",
            "Caulk tears in a joint that moves and rots in one that gets wet.",
            Severity.Fails,
            Source.Standard("ISO 11600"),
            F.JointKind.Is(JointKind.Still)
        )
        .Otherwise("the joint moves or gets wet");

    /// <summary>A joint that caulk bridges.</summary>
    public static readonly Need JointNarrow = Add(
            "joint-narrow",
            "the joint is 10 mm wide at most",
            "Caulk sags and splits in a wider joint.",
            Severity.Fails,
            Source.Usual,
            F.JointWide.Is(Presence.None)
        )
        .Otherwise("the joint is wider than 10 mm");

    /// <summary>A joint that stays dry.</summary>
    public static readonly Need JointDry = Add(
            "joint-dry",
            "the joint does not get wet in use",
            "A paintable sealant rots where water stands on it; paint on it peels.",
            Severity.Fails,
            Practice,
            F.JointKind.IsNot(JointKind.Wet)
        )
        .Otherwise("the joint gets wet in use");

    /// <summary>Not wetting bare gypsum or wood for long.</summary>
    public static readonly Need BareNotSoaked = Add(
            "bare-not-soaked",
            "raw plaster or board is not soaked with wash water",
            "Raw plaster and board drink the wash water and soften.",
            Severity.Poor,
            Practice,
            F.Bare.IsNot(Bare.Raw),
            // Bare patches in a film are gone over with a wrung sponge.
            F.Film.IsNot(Film.None),
            F.Substrate.Is([
                .. Substrates
                    .Family(SubstrateFamily.Wood, SubstrateFamily.Ferrous, SubstrateFamily.NonFerrous, SubstrateFamily.Slick)
                    .Where(s => s is not (Substrate.Mdf or Substrate.Hardboard or Substrate.Osb)),
                Substrate.ConcreteCast,
                Substrate.BrickHard,
                Substrate.StoneDense,
                Substrate.RenderCement,
            ])
        )
        .Otherwise("raw plaster or board would be soaked with wash water");

    /// <summary>Wet abrading only where water does no harm.</summary>
    public static readonly Need WaterTolerant = Add(
            "water-tolerant",
            "raw fibreboard or gypsum is not abraded wet",
            "Raw fibreboard swells and raw gypsum smears under wet abrasive.",
            Severity.Fails,
            Practice,
            F.Bare.IsNot(Bare.Raw),
            F.Substrate.IsNot(Substrate.Mdf, Substrate.GypsumNew, Substrate.GypsumOld, Substrate.Plasterboard)
        )
        .Otherwise("raw fibreboard or gypsum would be abraded wet");

    /// <summary>Alkali low enough for alkyds.</summary>
    public static readonly Need AlkaliLow = Add(
            "alkali-low",
            "surface pH is 9 or less, or an alkali-resisting primer is on",
            "Alkali turns oil paint to soap.",
            Severity.Fails,
            Source.Standard("ASTM D4262"),
            F.Alkalinity.Is(Alkalinity.Neutral, Alkalinity.Isolated)
        )
        .Otherwise("surface pH is over 9 and no alkali-resisting primer is on");

    /// <summary>Alkali low enough for acrylics.</summary>
    public static readonly Need AlkaliMild = Add(
            "alkali-mild",
            "surface pH is 12 or less",
            "Fresh lime and cement burn the film.",
            Severity.Fails,
            Source.Standard("ASTM D4262"),
            F.Alkalinity.IsNot(Alkalinity.High)
        )
        .Otherwise("surface pH is over 12");
}
