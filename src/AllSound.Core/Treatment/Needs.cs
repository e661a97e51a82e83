using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>
/// Every need in the trade, once. Operations, goals, the audit and the explanations refer to these. To add one, add a
/// field here; its wording serves everywhere.
/// </summary>
public static class Needs
{
    private static readonly Source Practice = Source.Practice;
    private static readonly Source Bs6150 = Source.Standard("BS 6150");
    private static readonly Source LeadRule = Source.Standard("40 CFR 745, AS/NZS 4361.2, CLAW 2002");

    // People first.

    /// <summary>Dry dust or heat only where lead is proved absent.</summary>
    public static readonly Need LeadAbsent = Add(
        "lead-absent",
        "lead is proved absent in every layer",
        "Dry abrasion, dry scraping and hot air turn lead paint into dust and fume that poison the worker and everyone in the building.",
        Severity.Danger,
        LeadRule,
        ["a laboratory or X-ray result, by a competent person, for every layer down to the substrate"],
        F.Lead.Is(Lead.ProvedAbsent)
    );

    /// <summary>Disturbing the film only where lead is absent or the area is controlled.</summary>
    public static readonly Need LeadControlled = Add(
        "lead-controlled",
        "lead is proved absent, or the lead work area is set up",
        "Lead dust and chips spread through the building when old paint is disturbed without sheeting, class H extraction and washing.",
        Severity.Danger,
        LeadRule,
        F.Lead.Is(Lead.ProvedAbsent),
        F.LeadZone.Is(LeadZone.SetUp)
    );

    /// <summary>No disturbing of suspect asbestos.</summary>
    public static readonly Need AsbestosAbsent = Add(
        "asbestos-absent",
        "asbestos is proved absent",
        "Disturbing a suspect texture or board can release asbestos fibres.",
        Severity.Danger,
        Source.Standard("HSG 264"),
        ["sampling by a trained person and a laboratory result"],
        F.Asbestos.Is(Lead.ProvedAbsent)
    );

    /// <summary>Safe footing.</summary>
    public static readonly Need AccessSafe = Add(
        "access-safe",
        "every part is within safe reach",
        "Overreaching from a ladder is how painters fall.",
        Severity.Danger,
        Source.Standard("Work at Height Regulations 2005"),
        F.Access.IsNot(Access.NeedsPlatform, Access.Fragile)
    );

    /// <summary>Nothing fragile to stand on.</summary>
    public static readonly Need FootingSafe = Hold(
        "footing-safe",
        "what one stands on is known to bear",
        "People fall through old cement sheet, rooflights and rusted metal, and die of it.",
        Source.Standard("Work at Height Regulations 2005"),
        ["a competent person's word that it bears", "a platform that does not rest on it"],
        Severity.Danger,
        F.Access.IsNot(Access.Fragile)
    );

    /// <summary>No condemned wiring.</summary>
    public static readonly Need WiringSound = Hold(
        "wiring-sound",
        "no condemned or damaged wiring is in the face",
        "Damaged wiring kills by a touch or a splash.",
        Source.Standard("BS 7671", Confidence.Usual),
        ["have an electrician make it safe"],
        Severity.Danger,
        F.Electrics.IsNot(Electrics.Condemned)
    );

    /// <summary>Consent for old decoration.</summary>
    public static readonly Need ConsentGiven = Hold(
        "consent-given",
        "consent is given, or none is needed",
        "Old decoration once scraped off is gone, and without consent it may be an offence.",
        Source.Usual,
        ["photograph and record it before anything is touched", "written consent from the owner and, where listed, the authority"],
        F.Consent.IsNot(Consent.Waiting)
    );

    /// <summary>No water or steam on live outlets.</summary>
    public static readonly Need ElectricsSafe = Add(
        "electrics-safe",
        "outlets in the face are dead and covered",
        "Water in a live outlet can kill.",
        Severity.Danger,
        Source.Standard("BS 7671", Confidence.Usual),
        F.Electrics.IsNot(Electrics.Live, Electrics.Condemned)
    );

    /// <summary>Flame is never offered and never passes.</summary>
    public static readonly Need NoFlame = Add(
        "no-flame",
        "no flame is used on paint",
        "Flame starts fires in hidden voids, makes lead fume and cracks glass. The program never proposes it.",
        Severity.Danger,
        LeadRule
    );

    /// <summary>No heat next to glass.</summary>
    public static readonly Need NoGlass = Add(
        "no-glass",
        "no glass within reach of the heat",
        "Heat cracks glass.",
        Severity.Danger,
        Practice,
        F.GlassNear.Is(Presence.None)
    );

    /// <summary>Power for electric tools.</summary>
    public static readonly Need PowerOn = Add("power", "there is power on site", "The tool cannot run.", Severity.Note, Practice, F.Power.Is(Presence.Present));

    /// <summary>Protected floor and neighbours.</summary>
    public static readonly Need Covered = Add(
        "covered",
        "floor and adjoining surfaces are covered",
        "Splashes, chips and dust spoil floor and fittings.",
        Severity.Poor,
        Practice,
        F.Protection.Is(Protection.Covered)
    );

    // Holds: for others to free.

    /// <summary>Damp cured at its source.</summary>
    public static readonly Need DampCured = Hold(
        "damp-cured",
        "the source of damp is found and put right",
        "Water goes on coming from behind and pushes any coat off; paint over it hides the damage.",
        Source.Standard("BS 6150"),
        ["find the source and have it mended", "dry the fabric", "prove it dry by a number: equilibrium humidity 75 % or less, timber 18 % or less"],
        F.DampSource.IsNot(DampSource.Open)
    );

    /// <summary>Mould's cause put right.</summary>
    public static readonly Need MouldCured = Hold(
        "mould-cured",
        "the cause of the mould is put right",
        "Mould comes back through any paint while the wall stays cold and the air wet.",
        Source.Standard("BS 5250", Confidence.Usual),
        ["ventilate, heat or insulate", "humidity 65 % or less with the room in use"],
        F.MouldSource.IsNot(DampSource.Open)
    );

    /// <summary>Plaster holds to its backing.</summary>
    public static readonly Need BackingSound = Hold(
        "backing-sound",
        "the plaster holds to its backing",
        "Hollow plaster takes the new paint down with it.",
        Practice,
        ["cut out and patch the hollow plaster, or consolidate it"],
        F.Backing.Is(Soundness.Sound)
    );

    /// <summary>Timber free of decay.</summary>
    public static readonly Need TimberSound = Hold(
        "timber-sound",
        "the timber is sound",
        "Decay goes on under the film.",
        Practice,
        ["stop the water", "cut out and splice, or replace, the decayed timber"],
        F.Timber.Is(Soundness.Sound)
    );

    /// <summary>No live crack.</summary>
    public static readonly Need MovementStill = Hold(
        "movement-still",
        "the crack no longer moves",
        "A live crack opens again through any filler and paint.",
        Source.Standard("BRE Digest 251", Confidence.Usual),
        ["have an engineer look at it", "monitor it; 0.2 mm or less a season"],
        F.Movement.Is(Soundness.Sound)
    );

    /// <summary>Fire coatings left alone.</summary>
    public static readonly Need NotFireCoat = Hold(
        "not-fire-coat",
        "the film is no fire coating",
        "Coating or stripping a fire coating destroys its protection.",
        Practice,
        ["a fire engineer's written instruction"],
        F.Film.IsNot(Film.Intumescent)
    );

    // The ground.

    /// <summary>Dry fabric.</summary>
    public static readonly Need FabricDry = Add(
        "fabric-dry",
        "the fabric is dry by a number",
        "Trapped water blisters the film and feeds mould.",
        Severity.Fails,
        Bs6150,
        F.Moisture.Is(Moisture.Dry)
    );

    /// <summary>No loose film.</summary>
    public static readonly Need LooseOff = Add(
        "loose-off",
        "loose film is off",
        "The loose film lifts under the roller and takes the new coat with it.",
        Severity.Fails,
        Practice,
        F.Loose.Is(Presence.None)
    );

    /// <summary>Edges firm or tied down.</summary>
    public static readonly Need EdgesHeld = Add(
        "edges-held",
        "edges of the old film are firm, or tied down by a binding sealer",
        "Water in filler and paint creeps under an edge that keeps lifting; it curls and carries filler and paint off with it.",
        Severity.Fails,
        Practice,
        F.Edges.IsNot(Edges.Lifting)
    );

    /// <summary>Edges firm enough to rub down.</summary>
    public static readonly Need EdgesFirm = Add(
        "edges-firm",
        "edges of the old film are firm of themselves",
        "Rubbing down an edge that lifted starts it lifting again.",
        Severity.Fails,
        Practice,
        F.Edges.Is(Edges.None, Edges.Firm)
    );

    /// <summary>No powder.</summary>
    public static readonly Need PowderBound = Add(
        "powder-bound",
        "the ground is firm: no powder on the hand",
        "Paint holds to the powder and the powder to nothing; it peels in sheets.",
        Severity.Fails,
        Bs6150,
        F.Powder.IsNot(Powder.Friable)
    );

    /// <summary>No grey fibre.</summary>
    public static readonly Need GreyOff = Add(
        "grey-off",
        "grey weathered fibre is sanded off to bright wood",
        "Grey fibre is dead; the coat peels and takes it along.",
        Severity.Fails,
        Bs6150,
        F.Grey.Is(Presence.None)
    );

    /// <summary>No dust.</summary>
    public static readonly Need DustOff = Add(
        "dust-off",
        "the face is free of dust",
        "Paint over dust does not grip and shows as bits.",
        Severity.Fails,
        Source.Standard("ISO 8502-3"),
        F.Dust.Is(Presence.None)
    );

    /// <summary>Clean.</summary>
    public static readonly Need SoilOff = Add(
        "soil-off",
        "the face is clean of soil and grease",
        "Soil and grease keep the coat from wetting and gripping; soot and nicotine bleed.",
        Severity.Fails,
        Practice,
        F.Soil.Is(Soil.Clean)
    );

    /// <summary>Free of grease.</summary>
    public static readonly Need GreaseOff = Add(
        "grease-off",
        "the face is free of grease",
        "Nothing holds to grease.",
        Severity.Fails,
        Source.Standard("ASTM F22"),
        F.Soil.IsNot(Soil.Greasy, Soil.Sooty)
    );

    /// <summary>Mould dead and off.</summary>
    public static readonly Need MouldOff = Add(
        "mould-off",
        "mould is killed and washed off",
        "Mould grows on through the film.",
        Severity.Fails,
        Practice,
        F.Mould.Is(Presence.None)
    );

    /// <summary>Salts off.</summary>
    public static readonly Need SaltsOff = Add(
        "salts-off",
        "salts are brushed off and do not come back",
        "Salts crystallise under the film and push it off.",
        Severity.Fails,
        Practice,
        F.Salts.Is(Presence.None)
    );

    /// <summary>Chemical residues out.</summary>
    public static readonly Need ResidueOut = Add(
        "residue-out",
        "stripper and alkali are rinsed out and proved out",
        "Residue softens the new film from below.",
        Severity.Fails,
        Practice,
        F.Residue.Is(Residue.None)
    );

    /// <summary>Silicone off.</summary>
    public static readonly Need SiliconeOff = Add(
        "silicone-off",
        "silicone is off",
        "Paint crawls away from silicone.",
        Severity.Fails,
        Practice,
        F.Silicone.Is(Presence.None)
    );

    /// <summary>Bare patches sealed.</summary>
    public static readonly Need BareSealed = Add(
        "bare-sealed",
        "every bare patch has its own first coat",
        "Raw substrate drinks the binder out of the coat, which then flashes and peels.",
        Severity.Fails,
        Bs6150,
        F.Bare.IsNot(Bare.Raw)
    );

    /// <summary>Raw wood under filler is primed.</summary>
    public static readonly Need WoodPrimedForFiller = Add(
        "wood-primed",
        "bare wood is primed before it is filled",
        "Raw wood sucks the water out of the filler, which drops out.",
        Severity.Fails,
        Practice,
        F.Bare.IsNot(Bare.Raw),
        F.Substrate.IsNot(Substrates.Family(SubstrateFamily.Wood))
    );

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
    );

    /// <summary>Lumps gone.</summary>
    public static readonly Need LumpsGone = Add(
        "lumps-gone",
        "lumps and ropes in the old film are levelled",
        "Lumps show through every coat.",
        Severity.Poor,
        Practice,
        F.Lumps.Is(Presence.None)
    );

    /// <summary>Filler rubbed down.</summary>
    public static readonly Need FillFlush = Add(
        "fill-flush",
        "hollows are filled and rubbed flush",
        "Hollows and proud filler show in raking light.",
        Severity.Poor,
        Practice,
        F.Fill.IsNot(Fill.Open, Fill.Proud)
    );

    /// <summary>Filler on.</summary>
    public static readonly Need FillerOn = Add(
        "filler-on",
        "filler stands proud to be rubbed down",
        "There is nothing to rub down.",
        Severity.Note,
        Practice,
        F.Fill.IsNot(Fill.Open)
    );

    /// <summary>Filler primed.</summary>
    public static readonly Need FillPrimed = Add(
        "fill-primed",
        "filler is spot-primed",
        "Bare filler drinks the paint and flashes as a dull patch.",
        Severity.Poor,
        Bs6150,
        F.Fill.Is(Fill.None, Fill.Primed)
    );

    /// <summary>No raw filler washed.</summary>
    public static readonly Need FillNotSoaked = Add(
        "fill-not-soaked",
        "no raw filler is soaked with wash water",
        "Wash water softens raw filler.",
        Severity.Poor,
        Practice,
        F.Fill.IsNot(Fill.Proud, Fill.Flush)
    );

    /// <summary>Joint closed.</summary>
    public static readonly Need JointClosed = Add(
        "joint-closed",
        "the open joint is caulked",
        "An open joint shows as a black line and lets dirt and draught through.",
        Severity.Poor,
        Practice,
        F.Joint.IsNot(Joint.Open)
    );

    /// <summary>Not wetting bare gypsum or wood for long.</summary>
    public static readonly Need BareNotSoaked = Add(
        "bare-not-soaked",
        "no raw plaster or board is soaked with wash water",
        "Raw plaster and board drink the wash water and soften.",
        Severity.Poor,
        Practice,
        F.Bare.IsNot(Bare.Raw)
    );

    /// <summary>Wet abrading only where water does no harm.</summary>
    public static readonly Need WaterTolerant = Add(
        "water-tolerant",
        "no raw fibreboard or gypsum is abraded wet",
        "Raw fibreboard swells and raw gypsum smears under wet abrasive.",
        Severity.Fails,
        Practice,
        F.Bare.IsNot(Bare.Raw),
        F.Substrate.IsNot(Substrate.Mdf, Substrate.GypsumNew, Substrate.GypsumOld, Substrate.Plasterboard)
    );

    /// <summary>Alkali low enough for alkyds.</summary>
    public static readonly Need AlkaliLow = Add(
        "alkali-low",
        "surface pH is 9 or less, or shut off by an alkali-resisting primer",
        "Alkali turns oil paint to soap.",
        Severity.Fails,
        Source.Standard("ASTM D4262"),
        F.Alkalinity.Is(Alkalinity.Neutral, Alkalinity.Isolated)
    );

    /// <summary>Alkali low enough for acrylics.</summary>
    public static readonly Need AlkaliMild = Add(
        "alkali-mild",
        "surface pH is 12 or less",
        "Fresh lime and cement burn the film.",
        Severity.Fails,
        Source.Standard("ASTM D4262"),
        F.Alkalinity.IsNot(Alkalinity.High)
    );

    // Stains.

    /// <summary>Water stain blocked.</summary>
    public static readonly Need WaterStainBlocked = Stain(
        "water-stain-blocked",
        "the old water stain is dry and blocked",
        "The brown ring comes through ordinary paint as it dries, however many coats.",
        F.WaterStain
    );

    /// <summary>Nicotine or soot blocked.</summary>
    public static readonly Need TarBlocked = Stain("tar-blocked", "nicotine and soot are washed and blocked", "Tar bleeds yellow-brown through waterborne paint.", F.Tar);

    /// <summary>Knots sealed.</summary>
    public static readonly Need KnotsBlocked = Stain("knots-blocked", "knots are sealed with shellac", "Resin bleeds through and stains a ring over each knot.", F.Knots);

    /// <summary>Tannin blocked.</summary>
    public static readonly Need TanninBlocked = Stain("tannin-blocked", "tannin is blocked with two coats", "Tannin runs brown through waterborne paint.", F.Tannin);

    /// <summary>Ink blocked.</summary>
    public static readonly Need InkBlocked = Stain("ink-blocked", "ink and dye are blocked", "Ink and dye come through every coat.", F.Ink);

    // Clocks.

    /// <summary>Wash water dried.</summary>
    public static readonly Need WashDry = Dries("wash-dry", "the wash water has dried out", "Paint over wet does not grip.", Drying.Wash);

    /// <summary>Filler dried.</summary>
    public static readonly Need FillerDry = Dries(
        "filler-dry",
        "the filler has dried through",
        "Wet filler tears under the abrasive and shrinks under the paint.",
        Drying.Filler
    );

    /// <summary>Caulk ready for paint.</summary>
    public static readonly Need CaulkDry = Dries(
        "caulk-dry",
        "the caulk has dried enough to paint",
        "Paint over wet caulk crazes and splits along the bead as it shrinks.",
        Drying.Caulk
    );

    /// <summary>Last coat ready.</summary>
    public static readonly Need CoatDry = Dries("coat-dry", "the last coat is ready to overcoat", "A coat on a soft coat wrinkles, stays soft or lifts.", Drying.Coat);

    /// <summary>Inside the recoat window.</summary>
    public static readonly Need WindowOpen = Add(
        "window-open",
        "the last coat is still within its recoat window, or keyed again",
        "A coat left too long has hardened; the next does not grip.",
        Severity.Fails,
        Practice,
        F.Overdue.Is(Presence.None)
    );

    /// <summary>Nibs off.</summary>
    public static readonly Need NibsOff = Add(
        "nibs-off",
        "the last coat is denibbed",
        "Nibs and raised grain show in the finish.",
        Severity.Poor,
        Practice,
        F.Nibs.Is(Presence.None)
    );

    // The end.

    /// <summary>Old colour hidden.</summary>
    public static readonly Need Hidden = Add(
        "hidden",
        "what is below no longer shows",
        "The old colour grins through.",
        Severity.Poor,
        Source.Standard("ISO 6504-3"),
        F.ToHide.Is(Count.None)
    );

    /// <summary>A full finish.</summary>
    public static readonly Need FullFinish = Add(
        "full-finish",
        "two finish coats are on, or one of gloss over its undercoat",
        "One coat of finish wears through and shows laps.",
        Severity.Poor,
        Bs6150,
        F.Topcoats.AtLeast(Count.Two),
        F.Cover.Is(Cover.GlossAlkyd)
    );

    /// <summary>No old film left.</summary>
    public static readonly Need FilmGone = Add(
        "film-gone",
        "the old film is off to the bare substrate",
        "Old film is left below.",
        Severity.Note,
        Practice,
        F.Film.Is(Film.None)
    );

    /// <summary>Lead area cleaned.</summary>
    public static readonly Need LeadCleaned = Add(
        "lead-cleaned",
        "the lead work area is cleaned down",
        "Lead dust left behind poisons the people who use the room.",
        Severity.Danger,
        LeadRule,
        F.LeadZone.IsNot(LeadZone.SetUp)
    );

    /// <summary>Site left clean.</summary>
    public static readonly Need SiteCleared = Add(
        "site-cleared",
        "coverings are lifted and the site is left clean",
        "The job is not handed over.",
        Severity.Note,
        Practice,
        F.Protection.Is(Protection.Cleared)
    );

    private static readonly ImmutableArray<Need> TopcoatCounts =
    [
        .. Enumerable
            .Range(1, 5)
            .Select(n =>
                Add(
                    $"topcoats-{n}",
                    n == 1 ? "a finish coat is on" : $"{n} finish coats are on",
                    "Too thin a finish wears through, and shows laps and patches.",
                    Severity.Poor,
                    Bs6150,
                    F.Topcoats.AtLeast((Count)n)
                )
            ),
    ];

    /// <summary>So many finish coats are on.</summary>
    /// <param name="count">1 to 5.</param>
    public static Need Topcoats(int count) => TopcoatCounts[count - 1];

    /// <summary>All needs, those of <see cref="Compatibility"/> and of single operations included, in order of index.</summary>
    public static ImmutableArray<Need> All => Operations.AllNeeds;

    private static Need Add(string id, string title, string consequence, Severity severity, Source source, params Test[] any) =>
        NeedRegistry.Add(id, title, consequence, severity, source, any);

    private static Need Add(string id, string title, string consequence, Severity severity, Source source, ImmutableArray<string> frees, params Test[] any) =>
        NeedRegistry.Add(id, title, consequence, severity, source, any, frees);

    private static Need Hold(string id, string title, string consequence, Source source, ImmutableArray<string> frees, params Test[] any) =>
        NeedRegistry.Add(id, title, consequence, Severity.Fails, source, any, frees, hold: true);

    private static Need Hold(string id, string title, string consequence, Source source, ImmutableArray<string> frees, Severity severity, params Test[] any) =>
        NeedRegistry.Add(id, title, consequence, severity, source, any, frees, hold: true);

    private static Need Stain(string id, string title, string consequence, Facet<Bleed> facet) =>
        Add(id, title, consequence, Severity.Fails, Practice, facet.IsNot(Bleed.Live));

    private static Need Dries(string id, string title, string consequence, Drying clock) =>
        NeedRegistry.Add(id, title, consequence, Severity.Fails, Practice, [], clock: clock);
}

/// <summary>Gives each need its index as it is defined.</summary>
internal static class NeedRegistry
{
    private static readonly List<Need> Registered = [];

    private static readonly Dictionary<ulong, Need> Grounds = [];

    public static ImmutableArray<Need> Snapshot() => [.. Registered];

    /// <summary>That the ground is one of these. Methods that suit the same grounds share the need.</summary>
    public static Need Ground(string id, string title, params ReadOnlySpan<Substrate> grounds)
    {
        var test = F.Substrate.Is(grounds);
        if (!Grounds.TryGetValue(test.Allowed, out var need))
        {
            Grounds[test.Allowed] = need = Add(
                id,
                title,
                "The method or product does not suit this ground: it does not hold to it, or harms it.",
                Severity.Fails,
                Source.Practice,
                [test]
            );
        }

        return need;
    }

    public static Need Add(
        string id,
        string title,
        string consequence,
        Severity severity,
        Source source,
        Test[] any,
        ImmutableArray<string>? frees = null,
        bool hold = false,
        Drying? clock = null,
        bool unwritten = false
    )
    {
        var need = new Need(Registered.Count, id, title, consequence, severity, source, any)
        {
            Frees = frees ?? [],
            Hold = hold,
            Clock = clock,
            Unwritten = unwritten,
        };
        Registered.Add(need);
        return need;
    }
}
