using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Treatment.NeedRegistry;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>Needs of people and of the site: what must never be got wrong, and what waits for others. To add one, add a field here.</summary>
public static class SiteNeeds
{
    private static readonly Source Practice = Source.Practice;
    private static readonly Source LeadRule = Source.Standard("40 CFR 745, AS/NZS 4361.2, CLAW 2002");

    /// <summary>What is said of lead that nobody has ruled out; where it was found it is said otherwise.</summary>
    internal const string LeadOpen = "lead has not been ruled out";

    // People first.

    /// <summary>Dry dust or heat only where lead is proved absent.</summary>
    public static readonly Need LeadAbsent = Add(
            "lead-absent",
            "lead is ruled out in every layer",
            "Dry abrasion, dry scraping and hot air turn lead paint into dust and fume that poison the worker and everyone in the building.",
            Severity.Danger,
            LeadRule,
            ["a laboratory or X-ray result, by a competent person, for every layer down to the substrate"],
            F.Lead.Is(Lead.ProvedAbsent)
        )
        .Otherwise(LeadOpen);

    /// <summary>Disturbing the film only where lead is absent or the area is controlled.</summary>
    public static readonly Need LeadControlled = Add(
            "lead-controlled",
            "lead is ruled out, or the lead work area is set up",
            "Lead dust and chips spread through the building when old paint is disturbed without sheeting, class H extraction and washing.",
            Severity.Danger,
            LeadRule,
            F.Lead.Is(Lead.ProvedAbsent),
            F.LeadZone.Is(LeadZone.SetUp)
        )
        .Otherwise($"{LeadOpen}, and no lead work area is set up");

    /// <summary>A gentle wash only where lead is absent, the film is whole, or the area is controlled.</summary>
    public static readonly Need LeadWashed = Add(
            "lead-washed",
            "lead is ruled out, the old film is whole, or the lead work area is set up",
            "Washing takes loose and powdering lead paint off with the water and spreads it.",
            Severity.Danger,
            LeadRule,
            F.Lead.Is(Lead.ProvedAbsent),
            F.Shedding.Is(Presence.None),
            F.LeadZone.Is(LeadZone.SetUp)
        )
        .Otherwise($"{LeadOpen}, the old film sheds, and no lead work area is set up");

    /// <summary>Lead controlled, or under a coat of this job that is only denibbed.</summary>
    public static readonly Need LeadUnderCoats = Add(
            "lead-under-coats",
            "lead is ruled out or under a new coat, or the lead work area is set up",
            "Rubbing through to old paint sets lead dust free.",
            Severity.Danger,
            LeadRule,
            F.Lead.Is(Lead.ProvedAbsent),
            F.LeadZone.Is(LeadZone.SetUp),
            F.Cover.IsNot(Cover.None)
        )
        .Otherwise($"{LeadOpen}, no coat lies over it, and no lead work area is set up");

    /// <summary>No disturbing of suspect asbestos.</summary>
    public static readonly Need AsbestosAbsent = Add(
            "asbestos-absent",
            "asbestos is ruled out",
            "Disturbing a suspect texture or board can release asbestos fibres.",
            Severity.Danger,
            Source.Standard("HSG 264"),
            ["sampling by a trained person and a laboratory result"],
            F.Asbestos.Is(Lead.ProvedAbsent)
        )
        .Otherwise("asbestos has not been ruled out");

    /// <summary>Safe footing.</summary>
    public static readonly Need AccessSafe = Add(
            "access-safe",
            "every part is within safe reach",
            "Overreaching from a ladder is how painters fall.",
            Severity.Danger,
            Source.Standard("Work at Height Regulations 2005"),
            F.Access.IsNot(Access.NeedsPlatform, Access.NeedsTower, Access.NeedsScaffold, Access.Fragile)
        )
        .Otherwise("parts are out of safe reach");

    /// <summary>Nothing fragile to stand on.</summary>
    public static readonly Need FootingSafe = Hold(
            "footing-safe",
            "the footing is known to carry a person",
            "People fall through old cement sheet, rooflights and rusted metal, and die of it.",
            Source.Standard("Work at Height Regulations 2005"),
            ["a competent person's word that it bears", "a platform that does not rest on it"],
            Severity.Danger,
            F.Access.IsNot(Access.Fragile)
        )
        .Otherwise("the footing is not known to carry a person")
        .Freed(
            "a platform stands that does not rest on it",
            c => c.With(F.Access, Access.PlatformUp),
            "Keep everybody off it, and from under it.",
            "Look at it from a ladder, a tower or a pole camera; work from the inside or from the ground where that will do."
        );

    /// <summary>No condemned wiring.</summary>
    public static readonly Need WiringSound = Hold(
            "wiring-sound",
            "the wiring in the face is neither condemned nor damaged",
            "Damaged wiring kills by a touch or a splash.",
            Source.Standard("BS 7671", Confidence.Usual),
            ["have an electrician make it safe"],
            Severity.Danger,
            F.Electrics.IsNot(Electrics.Condemned)
        )
        .Otherwise("the wiring in the face is condemned or damaged")
        .Freed(
            "an electrician has made the wiring safe",
            c => c.With(F.Electrics, Electrics.Live),
            "Keep hands, water and metal tools away from it, and have the circuit switched off and locked off by an electrician."
        );

    /// <summary>Consent for old decoration.</summary>
    public static readonly Need ConsentGiven = Hold(
            "consent-given",
            "consent is given, or none is needed",
            "Old decoration once scraped off is gone, and without consent it may be an offence.",
            Source.Usual,
            ["photograph and record it before anything is touched", "written consent from the owner and, where listed, the authority"],
            F.Consent.IsNot(Consent.Waiting)
        )
        .Otherwise("consent is needed and has not been given")
        .Freed(
            "consent is given in writing",
            c => c.With(F.Consent, Consent.Given),
            "Photograph and record what is there; protect it from knocks, damp and sun; surfaces that need no consent can go on."
        );

    /// <summary>No water or steam on live outlets.</summary>
    public static readonly Need ElectricsSafe = Add(
            "electrics-safe",
            "outlets in the face are dead and covered",
            "Water in a live outlet can kill.",
            Severity.Danger,
            Source.Standard("BS 7671", Confidence.Usual),
            F.Electrics.IsNot(Electrics.Live, Electrics.Condemned)
        )
        .Otherwise("outlets in the face are live or uncovered");

    /// <summary>Flame is never offered and never passes.</summary>
    public static readonly Need NoFlame = Add(
            "no-flame",
            "no flame is used on paint",
            "Flame starts fires in hidden voids, makes lead fume and cracks glass. The program never proposes it.",
            Severity.Danger,
            LeadRule
        )
        .Otherwise("a flame is used on paint");

    /// <summary>No heat next to glass.</summary>
    public static readonly Need NoGlass = Add(
            "no-glass",
            "there is no glass within reach of the heat",
            "Heat cracks glass.",
            Severity.Danger,
            Practice,
            F.GlassNear.Is(Presence.None)
        )
        .Otherwise("there is glass within reach of the heat");

    /// <summary>Power for electric tools.</summary>
    public static readonly Need PowerOn = Add("power", "there is power on site", "The tool cannot run.", Severity.Note, Practice, F.Power.Is(Presence.Present))
        .Otherwise("there is no power on site");

    /// <summary>Protected floor and neighbours.</summary>
    public static readonly Need Covered = Add(
        "covered",
        "floor and adjoining surfaces are covered",
        "Splashes, chips and dust spoil floor and fittings.",
        Severity.Poor,
        Practice,
        F.Protection.Is(Protection.Covered, Protection.Masked)
    );

    /// <summary>Masked for spraying.</summary>
    public static readonly Need Masked = Add(
            "masked",
            "everything nearby is masked with film and tape",
            "Spray drifts: onto glass, floors, neighbours' cars and into the next room.",
            Severity.Fails,
            Practice,
            F.Protection.Is(Protection.Masked)
        )
        .Otherwise("not everything nearby is masked");

    // Holds: for others to free.

    /// <summary>Damp cured at its source.</summary>
    public static readonly Need DampCured = Hold(
            "damp-cured",
            "the damp source is repaired",
            "Water goes on coming from behind and pushes any coat off; paint over it hides the damage.",
            Source.Standard("BS 6150"),
            ["find the source and have it mended", "dry the fabric", "prove it dry by a number: equilibrium humidity 75 % or less, timber 18 % or less"],
            F.DampSource.IsNot(DampSource.Open)
        )
        .Otherwise("the damp source is not yet repaired")
        .Freed(
            "the damp source is repaired",
            c => c.With(F.DampSource, DampSource.Cured),
            "Find where the water comes from and have it repaired; until then catch or divert it.",
            "Ventilate and warm gently, move furniture and coverings off it, and read the moisture at the same spots once a week."
        );

    /// <summary>Mould's cause put right.</summary>
    public static readonly Need MouldCured = Hold(
            "mould-cured",
            "the cause of the mould is dealt with",
            "Mould comes back through any paint while the wall stays cold and the air wet.",
            Source.Standard("BS 5250", Confidence.Usual),
            ["ventilate, heat or insulate", "humidity 65 % or less with the room in use"],
            F.MouldSource.IsNot(DampSource.Open)
        )
        .Otherwise("the cause of the mould is not yet dealt with")
        .Freed(
            "the cause of the mould is dealt with",
            c => c.With(F.MouldSource, DampSource.Cured),
            "Ventilate, heat, and keep furniture off the wall; people with asthma or weak immunity, and small children, stay out of the room."
        );

    /// <summary>Plaster holds to its backing.</summary>
    public static readonly Need BackingSound = Hold(
            "backing-sound",
            "the plaster is firmly fixed to its backing",
            "Hollow plaster takes the new paint down with it.",
            Practice,
            ["cut out and patch the hollow plaster, or consolidate it"],
            F.Backing.Is(Soundness.Sound)
        )
        .Otherwise("the plaster is hollow or loose from its backing")
        .Freed(
            "the hollow plaster is cut out and patched, or fixed back, and has dried",
            c => c.With(F.Backing, Soundness.Sound).With(F.Bare, c.Get(F.Film) == Film.None ? c.Get(F.Bare) : Bare.Raw),
            "Keep people out from under it and off the floor below; a bulge is propped, or taken down from the side by a competent person.",
            "Tap the rest over and mark what is hollow before the plasterer comes."
        );

    /// <summary>Timber free of decay.</summary>
    public static readonly Need TimberSound = Hold(
            "timber-sound",
            "the timber is sound",
            "Decay goes on under the film.",
            Practice,
            ["stop the water", "cut out and splice, or replace, the decayed timber"],
            F.Timber.Is(Soundness.Sound)
        )
        .Otherwise("the timber is decayed")
        .Freed(
            "the water is stopped and the decayed timber is cut out and spliced or replaced",
            c => c.With(F.Timber, Soundness.Sound).With(F.Bare, c.Get(F.Film) == Film.None ? c.Get(F.Bare) : Bare.Raw),
            "Stop the water, open it up so that it dries, and probe to find how far the decay goes; do not rely on it to carry weight.",
            "Scrape and prime the sound parts, so that they do not get wet too."
        );

    /// <summary>No live crack.</summary>
    public static readonly Need MovementStill = Hold(
            "movement-still",
            "the crack no longer moves",
            "A live crack opens again through any filler and paint.",
            Source.Standard("BRE Digest 251", Confidence.Usual),
            ["have an engineer look at it", "monitor it; 0.2 mm or less a season"],
            F.Movement.Is(Soundness.Sound)
        )
        .Otherwise("the crack still moves")
        .Freed(
            "the movement has stopped, or a joint is made for it",
            c => c.With(F.Movement, Soundness.Sound).With(F.Fill, Fill.Open),
            "Mark the ends of the crack with the date and measure it every month; ask an engineer at once when it grows fast, steps or a door begins to stick."
        );

    /// <summary>Fire coatings left alone.</summary>
    public static readonly Need NotFireCoat = Hold(
            "not-fire-coat",
            "the film is not a fire-protective coating",
            "Coating or stripping a fire coating destroys its protection.",
            Practice,
            ["a fire engineer's written instruction"],
            F.Film.IsNot(Film.Intumescent)
        )
        .Otherwise("the film is a fire-protective coating")
        .While("Leave it as it is; record damage with photographs for the fire engineer.");
}
