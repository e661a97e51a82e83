using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Treatment.NeedRegistry;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>Needs of metal, masonry, glazing, paper and hot surfaces, and of the air one works in. To add one, add a field here.</summary>
public static class FabricNeeds
{
    private static readonly Source Practice = Source.Practice;
    private static readonly Source Iso8501 = Source.Standard("ISO 8501-1");

    /// <summary>Rust off or converted.</summary>
    public static readonly Need RustOff = Add(
        "rust-off",
        "rust is off, or converted and firm",
        "Rust goes on under the film and lifts it.",
        Severity.Fails,
        Iso8501,
        F.Rust.Is(Rust.None, Rust.Converted)
    );

    /// <summary>No scale or heavy rust under a converter.</summary>
    public static readonly Need RustThin = Add(
        "rust-thin",
        "loose rust and scale are off",
        "A converter does not reach through scale: it goes on rusting beneath.",
        Severity.Fails,
        Source.Usual,
        F.Rust.Is(Rust.None, Rust.Light, Rust.Converted)
    );

    /// <summary>Fixings tight.</summary>
    public static readonly Need FixingsTight = Add(
        "fixings-tight",
        "fixings are tight and weatherproof",
        "A loose fixing moves, breaks the film round it and lets water in.",
        Severity.Fails,
        Practice,
        F.Fixings.Is(Soundness.Sound)
    );

    /// <summary>Laps closed.</summary>
    public static readonly Need LapsClosed = Add(
        "laps-closed",
        "laps are closed",
        "Water gets in at the lap and rusts both sheets from inside.",
        Severity.Fails,
        Practice,
        F.Laps.Is(Laps.Closed)
    );

    /// <summary>Holes closed.</summary>
    public static readonly Need HolesClosed = Add(
        "holes-closed",
        "holes are bridged",
        "Paint does not bridge a hole; water goes through it.",
        Severity.Fails,
        Practice,
        F.Holes.Is(Holes.None)
    );

    /// <summary>Only small holes for a brush-on sealer.</summary>
    public static readonly Need HolesSmall = Add(
        "holes-small",
        "no hole is larger than about 5 mm",
        "A brush-on sealer does not bridge a larger hole without fibre in it.",
        Severity.Fails,
        Practice,
        F.Holes.IsNot(Holes.Large)
    );

    /// <summary>Sharp edges dealt with.</summary>
    public static readonly Need EdgesRounded = Add(
        "edges-rounded",
        "sharp edges and welds are rounded or striped",
        "A coat draws back from a sharp edge; rust begins there.",
        Severity.Poor,
        Source.Standard("ISO 12944-3"),
        F.SharpEdges.IsNot(Arris.Sharp)
    );

    /// <summary>Smooth grounds keyed.</summary>
    public static readonly Need GroundKeyed = Add(
        "ground-keyed",
        "bare zinc, aluminium, tile, glass or plastic is degreased and keyed",
        "Nothing grips a smooth bright ground; the film peels in sheets.",
        Severity.Fails,
        Source.Standard("ASTM D6386"),
        F.Key.IsNot(Key.Shiny),
        F.Bare.IsNot(Bare.Raw),
        F.Substrate.IsNot(Substrates.Family(SubstrateFamily.NonFerrous, SubstrateFamily.Slick))
    );

    /// <summary>No weak layer under the film.</summary>
    public static readonly Need NothingWeakBeneath = Add(
        "nothing-weak-beneath",
        "no soft distemper, wax or bitumen lies under the film",
        "The new coat pulls as it dries; a weak layer deep in the film lets go and takes everything above it along.",
        Severity.Fails,
        Source.Usual,
        F.WeakBeneath.Is(Presence.None)
    );

    /// <summary>Paper that does not hold is off.</summary>
    public static readonly Need PaperOff = Add(
        "paper-off",
        "paper that does not hold is off",
        "Nobody can say what lies beneath it.",
        Severity.Fails,
        Practice,
        F.Paper.IsNot(Paper.Failing)
    );

    /// <summary>Paper that holds.</summary>
    public static readonly Need PaperHolds = Register(
        "paper-holds",
        "paper on the wall holds and takes paint, or what lies beneath it was looked at",
        "Wet paint loosens paper at its seams; vinyl sheds paint.",
        Severity.Fails,
        Practice,
        [F.Paper.Is(Paper.None, Paper.Sound)],
        ["strip the paper, then survey what was beneath it as a surface of its own"],
        hold: true,
        opening: PaperOff
    );

    /// <summary>Putty sound.</summary>
    public static readonly Need PuttySound = Add(
        "putty-sound",
        "putty is sound, and new putty has skinned",
        "Water runs behind cracked putty and rots the rail; paint over soft putty wrinkles.",
        Severity.Fails,
        Source.Standard("BS 8000-7", Confidence.Usual),
        F.Putty.IsNot(Putty.Failing)
    );

    /// <summary>End grain sealed.</summary>
    public static readonly Need EndGrainSealed = Add(
        "end-grain-sealed",
        "end grain and cut edges are sealed till they drink no more",
        "End grain drinks many times what the face does; the film blisters from the joint.",
        Severity.Fails,
        Practice,
        F.EndGrain.IsNot(EndGrain.Open)
    );

    /// <summary>Cold now.</summary>
    public static readonly Need ColdNow = Add(
        "cold-now",
        "heating is off and the surface is cold",
        "Paint on hot metal skins, runs and gives off its solvent at once; hot metal burns.",
        Severity.Fails,
        Source.Standard("EN ISO 13732-1", Confidence.Usual),
        F.HotNow.Is(Presence.None)
    );

    /// <summary>Fresh air for solvents.</summary>
    public static readonly Need FreshAir = Register(
        "fresh-air",
        "fresh air is drawn through while solvent is in it, and nothing can spark",
        "Solvent vapour makes people ill and can catch fire.",
        Severity.Danger,
        Source.Standard("EH40", Confidence.Usual),
        [F.FreshAir.Is(Presence.Present), F.Exposure.Is(Exposure.Outside)],
        unwritten: true
    );

    /// <summary>Fire watch for hot work.</summary>
    public static readonly Need FireWatch = Add(
        "fire-watch",
        "a fire watch is set up: extinguisher, covered detectors, somebody who looks again after an hour",
        "Hot work starts fires in hidden voids hours later.",
        Severity.Danger,
        Practice,
        F.FireWatch.Is(Presence.Present)
    );

    /// <summary>A rivet can be got in.</summary>
    public static readonly Need Rivetable = Add(
        "rivetable",
        "a rivet can be got into the lap",
        "Where no rivet can be got in the lap is sealed instead.",
        Severity.Note,
        Practice,
        F.Laps.IsNot(Laps.GapingNoRivet)
    );

    /// <summary>A rivet cannot be got in.</summary>
    public static readonly Need NotRivetable = Add(
        "not-rivetable",
        "no rivet can be got into the lap",
        "A rivet first: sealant alone works loose as the sheets move.",
        Severity.Poor,
        Practice,
        F.Laps.IsNot(Laps.Gaping)
    );

    /// <summary>Shallow hollows for fine filler.</summary>
    public static readonly Need HollowsShallow = Add(
        "hollows-shallow",
        "hollows are 3 mm deep at most",
        "Fine filler laid deep shrinks, cracks and drops out.",
        Severity.Fails,
        Practice,
        F.FillDepth.Is(FillDepth.Shallow),
        F.Fill.IsNot(Fill.Open)
    );

    /// <summary>Plaster, board or masonry.</summary>
    public static readonly Need OnWall = Add(
        "wall-primer-on-wall",
        "the substrate is plaster, board or masonry",
        "Wall paint and plaster sealer do not hold to wood or metal and stay soft under hard paint.",
        Severity.Poor,
        Source.Usual,
        F.Substrate.Is(Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Masonry))
    );

    /// <summary>What was begun in silicate is finished in it.</summary>
    public static readonly Need MineralKept = Add(
        "mineral-kept",
        "no silicate of this job lies under another finish",
        "Another paint closes the pores that silicate was chosen for, and does not turn to stone with it.",
        Severity.Poor,
        Source.Usual,
        F.Cover.IsNot(Cover.Silicate)
    );

    /// <summary>Outside only.</summary>
    public static readonly Need Outside = Add(
        "outside-only",
        "the work is outside",
        "Done inside it floods the room or fills it with vapour.",
        Severity.Fails,
        Practice,
        F.Exposure.Is(Exposure.Outside)
    );

    /// <summary>Inside only.</summary>
    public static readonly Need Inside = Add(
        "inside-only",
        "the work is inside",
        "Outside the weather takes it apart.",
        Severity.Fails,
        Practice,
        F.Exposure.Is(Exposure.Inside)
    );

    /// <summary>Alkaline enough to ask for it, or no harm.</summary>
    public static readonly Need AlkaliNotFresh = Add(
        "alkali-not-fresh",
        "surface pH is 12 or less",
        "Over pH 12 even an alkali-resisting primer is burnt.",
        Severity.Fails,
        Source.Standard("BS 6150", Confidence.Usual),
        F.Alkalinity.IsNot(Alkalinity.High)
    );
}
