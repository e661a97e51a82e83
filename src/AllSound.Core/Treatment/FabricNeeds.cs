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
            "rust is removed, or converted and firm",
            "Rust goes on under the film and lifts it.",
            Severity.Fails,
            Iso8501,
            F.Rust.Is(Rust.None, Rust.Converted)
        )
        .Otherwise("rust is left on the metal");

    /// <summary>No scale or heavy rust under a converter.</summary>
    public static readonly Need RustThin = Add(
            "rust-thin",
            "loose rust and scale are removed",
            "What is laid on loose rust or scale goes with it: neither a wire brush nor a converter reaches the metal beneath.",
            Severity.Fails,
            Source.Usual,
            F.Rust.Is(Rust.None, Rust.Light, Rust.Converted)
        )
        .Otherwise("there is loose rust or scale on the metal");

    /// <summary>Fixings tight.</summary>
    public static readonly Need FixingsTight = Add(
            "fixings-tight",
            "fixings are tight and weatherproof",
            "A loose fixing moves, breaks the film round it and lets water in.",
            Severity.Fails,
            Practice,
            F.Fixings.Is(Soundness.Sound)
        )
        .Otherwise("fixings are loose or let water in");

    /// <summary>Laps closed.</summary>
    public static readonly Need LapsClosed = Add(
            "laps-closed",
            "laps are closed",
            "Water gets in at the lap and rusts both sheets from inside.",
            Severity.Fails,
            Practice,
            F.Laps.Is(Laps.Closed)
        )
        .Otherwise("laps gape");

    /// <summary>Holes closed.</summary>
    public static readonly Need HolesClosed = Add(
            "holes-closed",
            "holes are bridged",
            "Paint does not bridge a hole; water goes through it.",
            Severity.Fails,
            Practice,
            F.Holes.Is(Holes.None)
        )
        .Otherwise("there are open holes");

    /// <summary>Only small holes for a brush-on sealer.</summary>
    public static readonly Need HolesSmall = Add(
            "holes-small",
            "no hole is larger than about 5 mm",
            "A brush-on sealer does not bridge a larger hole without fibre in it.",
            Severity.Fails,
            Practice,
            F.Holes.IsNot(Holes.Large)
        )
        .Otherwise("there is a hole larger than about 5 mm");

    /// <summary>Sharp edges dealt with.</summary>
    public static readonly Need EdgesRounded = Add(
            "edges-rounded",
            "sharp edges and welds are rounded or stripe-coated",
            "A coat draws back from a sharp edge; rust begins there.",
            Severity.Poor,
            Source.Standard("ISO 12944-3"),
            F.SharpEdges.IsNot(Arris.Sharp)
        )
        .Otherwise("sharp edges and welds are neither rounded nor stripe-coated");

    /// <summary>Smooth grounds keyed.</summary>
    public static readonly Need GroundKeyed = Add(
            "ground-keyed",
            "a smooth bare ground is keyed: zinc, aluminium, tile, plastic, power-floated concrete, polished plaster, glazed wood",
            "Nothing grips a smooth bright ground; the film peels in sheets.",
            Severity.Fails,
            Source.Standard("ASTM D6386"),
            F.Key.IsNot(Key.Shiny),
            F.Bare.IsNot(Bare.Raw),
            // Where a film is left its shine is that of the film.
            F.Film.Is([.. Enum.GetValues<Film>().Where(f => f != Film.None)]),
            F.Substrate.Is(Substrates.Family(SubstrateFamily.Ferrous))
        )
        .Otherwise("a smooth bare ground is not keyed");

    /// <summary>No weak layer under the film.</summary>
    public static readonly Need NothingWeakBeneath = Add(
            "nothing-weak-beneath",
            "no old layer is left that can carry nothing more",
            "The new coat pulls as it dries; soft distemper, wax, soap or a film without grip lets go and takes everything above it along.",
            Severity.Fails,
            Source.Usual,
            F.WeakBeneath.Is(Presence.None)
        )
        .Otherwise("an old layer is still on that can carry nothing more: distemper, wax, soap, or a film that lets go everywhere");

    /// <summary>A face that bears a machine and heat.</summary>
    public static readonly Need FaceBears = Add(
            "face-bears",
            "the face is no thin veneer or sheet",
            "A machine goes through veneer in a moment and bends or holes thin sheet; heat lifts veneer.",
            Severity.Fails,
            Practice,
            F.ThinFace.Is(Presence.None)
        )
        .Otherwise("the face is a thin veneer or sheet");

    /// <summary>A thing that can be taken to a yard.</summary>
    public static readonly Need TakenDown = Add(
            "taken-down",
            "it can be taken down and carried away",
            "A tank of caustic stands in a yard and never on site.",
            Severity.Danger,
            Practice,
            F.Removable.Is(Presence.Present)
        )
        .Otherwise("it is fixed in place");

    /// <summary>Nothing behind that heat could set alight unseen.</summary>
    public static readonly Need NoVoidBehind = Add(
            "no-void-behind",
            "there is no void or dry fill behind the face",
            "Heat drawn into eaves, boarding or a box frame sets dust and nests alight, and the fire shows hours later.",
            Severity.Danger,
            Practice,
            F.VoidBehind.Is(Presence.None)
        )
        .Otherwise("there is a void or dry fill behind the face");

    /// <summary>Wood that may be sanded dry.</summary>
    public static readonly Need DustHarmless = Add(
            "dust-harmless",
            "the wood holds no preservative",
            "Dust, smoke and fumes of treated wood hold copper and often arsenic.",
            Severity.Danger,
            Practice,
            F.Substrate.IsNot(Substrate.SoftwoodTreated)
        )
        .Otherwise("the wood is treated with preservative");

    /// <summary>The old film has hardened.</summary>
    public static readonly Need FilmHard = Add(
            "film-hard",
            "the old film has hardened",
            "A coat or an abrasive on a soft film drags, wrinkles and stays soft.",
            Severity.Fails,
            Practice,
            F.SoftFilm.Is(Presence.None),
            F.Film.Is(Film.None)
        )
        .Otherwise("the old film is still soft");

    /// <summary>Paper that does not hold is off.</summary>
    public static readonly Need PaperOff = Add(
            "paper-off",
            "loose paper is removed",
            "Nobody can say what lies beneath it.",
            Severity.Fails,
            Practice,
            F.Paper.IsNot(Paper.Failing)
        )
        .Otherwise("loose paper is still on");

    /// <summary>Paper that holds.</summary>
    public static readonly Need PaperHolds = Register(
            "paper-holds",
            "paper on the wall is sound and can be painted, or what is under it was checked",
            "Wet paint loosens paper at its seams; vinyl sheds paint.",
            Severity.Fails,
            Practice,
            [F.Paper.Is(Paper.None, Paper.Sound)],
            ["strip the paper, then survey what was beneath it as a surface of its own"],
            hold: true,
            opening: PaperOff
        )
        .Otherwise("what is under the paper has not been checked")
        .Freed(
            "the paper is off and the wall under it is sound old plaster with paste on it",
            c =>
                c.With(F.Paper, Paper.None)
                    .With(F.Substrate, Substrate.GypsumOld)
                    .With(F.Film, Film.None)
                    .With(F.Load, LayerLoad.None)
                    .With(F.Loose, Presence.None)
                    .With(F.EdgeNature, EdgeNature.Firm)
                    .With(F.Edges, Edges.None)
                    .With(F.Step, Presence.None)
                    .With(F.WeakBeneath, Presence.None)
                    .With(F.SoftFilm, Presence.None)
                    .With(F.Key, Key.Toothy)
                    .With(F.Bare, Bare.Raw)
                    .With(F.Residue, Residue.Paste)
                    .With(F.Dust, Presence.Present),
            "Lift a corner in a hidden place and look at what is under it: bare plaster, old distemper, paint or a second paper each want something else."
        );

    /// <summary>Putty sound.</summary>
    public static readonly Need PuttySound = Add(
            "putty-sound",
            "putty is sound, and new putty has skinned",
            "Water runs behind cracked putty and rots the rail; paint over soft putty wrinkles.",
            Severity.Fails,
            Source.Standard("BS 8000-7", Confidence.Usual),
            F.Putty.Is(Putty.Sound, Putty.Skinned)
        )
        .Otherwise("putty has failed, or new putty has not skinned");

    /// <summary>End grain sealed.</summary>
    public static readonly Need EndGrainSealed = Add(
            "end-grain-sealed",
            "end grain and cut edges are sealed until they absorb no more",
            "End grain drinks many times what the face does; the film blisters from the joint.",
            Severity.Fails,
            Practice,
            F.EndGrain.IsNot(EndGrain.Open)
        )
        .Otherwise("end grain or cut edges are still absorbent");

    /// <summary>Cold now.</summary>
    public static readonly Need ColdNow = Add(
            "cold-now",
            "heating is off and the surface is cold",
            "Paint on hot metal skins, runs and gives off its solvent at once; hot metal burns.",
            Severity.Fails,
            Source.Standard("EN ISO 13732-1", Confidence.Usual),
            F.HotNow.Is(Presence.None)
        )
        .Otherwise("the surface is hot");

    /// <summary>Face warm enough.</summary>
    public static readonly Need FaceWarm = Add(
            "face-warm",
            "the face is 5 to 40 °C and 3 °C above the dew point",
            "Waterborne paint forms no film on a colder face, any paint lies on dew, and on a hot face it skins over and blisters.",
            Severity.Fails,
            Source.Standard("ISO 8502-4"),
            F.ColdFace.IsNot(Chill.TooCold, Chill.TooHot)
        )
        .Otherwise("the face is too cold or too hot, or within 3 °C of the dew point");

    /// <summary>Fresh air for solvents.</summary>
    public static readonly Need FreshAir = Register(
            "fresh-air",
            "the space is ventilated while solvent is in it, with nothing that can spark",
            "Solvent vapour makes people ill and can catch fire.",
            Severity.Danger,
            Source.Standard("EH40", Confidence.Usual),
            [F.FreshAir.Is(Presence.Present), F.Exposure.Is(Exposure.Outside)]
        )
        .Otherwise("the space is not ventilated for solvent");

    /// <summary>Fire watch for hot work.</summary>
    public static readonly Need FireWatch = Add(
            "fire-watch",
            "a fire watch is set up: extinguisher, covered detectors, a second look after an hour",
            "Hot work starts fires in hidden voids hours later.",
            Severity.Danger,
            Practice,
            F.FireWatch.Is(Presence.Present)
        )
        .Otherwise("no fire watch is set up");

    /// <summary>A rivet can be got in.</summary>
    public static readonly Need Rivetable = Add(
            "rivetable",
            "a rivet can be set in the lap",
            "Where no rivet can be got in the lap is sealed instead.",
            Severity.Note,
            Practice,
            F.Laps.IsNot(Laps.GapingNoRivet)
        )
        .Otherwise("a rivet cannot be set in the lap");

    /// <summary>A rivet cannot be got in.</summary>
    public static readonly Need NotRivetable = Add(
            "not-rivetable",
            "a rivet cannot be set in the lap",
            "A rivet first: sealant alone works loose as the sheets move.",
            Severity.Poor,
            Practice,
            F.Laps.IsNot(Laps.Gaping)
        )
        .Otherwise("a rivet can be set in the lap");

    /// <summary>Shallow hollows for fine filler.</summary>
    public static readonly Need HollowsShallow = Add(
            "hollows-shallow",
            "hollows are 3 mm deep at most",
            "Fine filler laid deep shrinks, cracks and drops out.",
            Severity.Fails,
            Practice,
            F.FillDepth.Is(FillDepth.Shallow),
            F.Fill.IsNot(Fill.Open)
        )
        .Otherwise("hollows are deeper than 3 mm");

    /// <summary>Nothing deeper than crack filler bears in a few goes.</summary>
    public static readonly Need NotDeep = Add(
            "hollows-not-deep",
            "hollows are 12 mm deep at most",
            "Crack filler laid deeper stays soft inside, sags and cracks round its edge; deep holes take deep filler or mortar in layers.",
            Severity.Fails,
            Practice,
            F.FillDepth.IsNot(FillDepth.Hole),
            F.Fill.IsNot(Fill.Open)
        )
        .Otherwise("hollows are deeper than 12 mm");

    /// <summary>Plaster, board or masonry.</summary>
    public static readonly Need OnWall = Add(
        "wall-primer-on-wall",
        "the substrate is plaster, board or masonry",
        "Wall paint and plaster sealer do not hold to wood or metal and stay soft under hard paint.",
        Severity.Poor,
        Source.Usual,
        F.Substrate.Is(Substrates.Family(SubstrateFamily.Plaster, SubstrateFamily.Masonry))
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
        )
        .Otherwise("the product is made for work inside");

    /// <summary>Alkaline enough to ask for it, or no harm.</summary>
    public static readonly Need AlkaliNotFresh = Add(
            "alkali-not-fresh",
            "surface pH is 12 or less",
            "Over pH 12 even an alkali-resisting primer is burnt.",
            Severity.Fails,
            Source.Standard("BS 6150", Confidence.Usual),
            ["wait, about four weeks for new render and longer in the cold; then test the pH again"],
            F.Alkalinity.IsNot(Alkalinity.High)
        )
        .Otherwise("surface pH is over 12");
}
