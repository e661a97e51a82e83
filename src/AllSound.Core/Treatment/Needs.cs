using System.Collections.Immutable;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;
using static AllSound.Core.Treatment.NeedRegistry;
using F = AllSound.Core.Surfaces.Facets;

namespace AllSound.Core.Treatment;

/// <summary>
/// Needs of stains, of drying and of the end of the work, and the list of all needs. A rule of the trade stands once, here
/// or in <see cref="SiteNeeds"/>, <see cref="PlaceNeeds"/>, <see cref="GroundNeeds"/>, <see cref="FabricNeeds"/> or <see cref="Compatibility"/>; its wording serves everywhere.
/// </summary>
public static class Needs
{
    private static readonly Source Practice = Source.Practice;
    private static readonly Source Bs6150 = Source.Standard("BS 6150");
    private static readonly Source LeadRule = Source.Standard("40 CFR 745, AS/NZS 4361.2, CLAW 2002");

    // Stains.

    /// <summary>Water stain blocked.</summary>
    public static readonly Need WaterStainBlocked = Stain(
        "water-stain-blocked",
        "the old water stain is dry and blocked",
        "the old water stain is not blocked",
        "The brown ring comes through ordinary paint as it dries, however many coats.",
        F.WaterStain
    );

    /// <summary>Nicotine or soot blocked.</summary>
    public static readonly Need TarBlocked = Stain(
        "tar-blocked",
        "nicotine and soot are washed and blocked",
        "nicotine or soot is not washed and blocked",
        "Tar bleeds yellow-brown through waterborne paint.",
        F.Tar
    );

    /// <summary>Knots sealed.</summary>
    public static readonly Need KnotsBlocked = Stain(
        "knots-blocked",
        "knots are sealed with shellac",
        "knots are not sealed",
        "Resin bleeds through and stains a ring over each knot.",
        F.Knots
    );

    /// <summary>Tannin blocked.</summary>
    public static readonly Need TanninBlocked = Stain(
        "tannin-blocked",
        "tannin is blocked with two coats",
        "tannin is not blocked",
        "Tannin runs brown through waterborne paint.",
        F.Tannin
    );

    /// <summary>Nail heads treated.</summary>
    public static readonly Need NailsTreated = Stain(
        "nails-treated",
        "rusting nail heads are punched and primed",
        "nail heads rust through",
        "Rust goes on under the filler and comes through as brown dots.",
        F.NailHeads
    );

    /// <summary>Ink blocked.</summary>
    public static readonly Need InkBlocked = Stain(
        "ink-blocked",
        "ink, dye and old stains are blocked",
        "ink, dye or an old stain is not blocked",
        "They come through every coat.",
        F.Ink
    );

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
        )
        .Otherwise("the recoat window has passed and the coat was not keyed again");

    /// <summary>Old colour hidden.</summary>
    public static readonly Need Hidden = Add(
            "hidden",
            "the old colour is hidden",
            "The old colour grins through.",
            Severity.Poor,
            Source.Standard("ISO 6504-3"),
            F.ToHide.Is(Count.None)
        )
        .Otherwise("the old colour still shows through");

    /// <summary>A full finish.</summary>
    public static readonly Need FullFinish = Add(
            "full-finish",
            "two finish coats are on, or one of gloss over undercoat",
            "One coat of finish wears through and shows laps.",
            Severity.Poor,
            Bs6150,
            F.Topcoats.AtLeast(Count.Two),
            F.Cover.Is(Cover.GlossAlkyd)
        )
        .Otherwise("there are fewer than two finish coats, or one of gloss over undercoat");

    /// <summary>Limewash built up.</summary>
    public static readonly Need LimewashBuilt = Add(
            "limewash-built",
            "limewash is built up in three thin coats",
            "Limewash is thin: two coats stay patchy and wash off.",
            Severity.Poor,
            Practice,
            F.Topcoats.AtLeast(Count.Three),
            F.Cover.IsNot(Cover.Limewash)
        )
        .Otherwise("there are fewer than three coats of limewash");

    // Over what is left of an old film two are enough.
    private static Test[] ThreeOnBareWood => [F.Topcoats.AtLeast(Count.Three), F.Film.IsNot(Film.None)];

    /// <summary>Clear finish on a floor taken to bare wood.</summary>
    public static readonly Need FloorFinish = Add(
            "floor-finish",
            "three coats of varnish are on bare boards, or oil or wax",
            "Two coats of varnish on bare boards are walked through in a year or two.",
            Severity.Poor,
            Practice,
            [.. ThreeOnBareWood, F.Cover.Is(Cover.Oil, Cover.Wax, Cover.Linseed)]
        )
        .Otherwise("there are fewer than three coats of varnish on bare boards");

    /// <summary>Varnish on bare wood built up.</summary>
    public static readonly Need VarnishBuilt = Add(
            "varnish-built",
            "varnish on bare wood is built up in three coats",
            "Two coats of varnish on bare wood soon wear through.",
            Severity.Poor,
            Practice,
            [.. ThreeOnBareWood, F.Cover.IsNot(Cover.Varnish)]
        )
        .Otherwise("there are fewer than three coats of varnish on bare wood");

    /// <summary>No old film left.</summary>
    public static readonly Need FilmGone = Add(
            "film-gone",
            "the old film is off to the bare substrate",
            "Old film is left below.",
            Severity.Note,
            Practice,
            F.Film.Is(Film.None)
        )
        .Otherwise("the old film is still on");

    /// <summary>No texture left.</summary>
    public static readonly Need ReliefGone = Add(
            "relief-gone",
            "the texture is off or skimmed over",
            "The texture shows through any coat.",
            Severity.Note,
            Practice,
            F.Relief.Is(Presence.None)
        )
        .Otherwise("the texture still shows");

    /// <summary>Lead area cleaned.</summary>
    public static readonly Need LeadCleaned = Add(
        "lead-cleaned",
        "the lead work area is cleaned down",
        "Lead dust left behind poisons the people who use the room.",
        Severity.Danger,
        LeadRule,
        F.LeadZone.IsNot(LeadZone.SetUp)
    );

    /// <summary>No lead dust under the coats.</summary>
    public static readonly Need LeadDustGone = Add(
            "lead-dust-gone",
            "the lead work area is cleaned down before coats go on",
            "A coat over lead dust seals it in, and whoever paints carries it through the building.",
            Severity.Danger,
            LeadRule,
            F.LeadZone.IsNot(LeadZone.SetUp)
        )
        .Otherwise("the lead work area is not cleaned down yet");

    /// <summary>Site left clean.</summary>
    public static readonly Need SiteCleared = Add(
            "site-cleared",
            "coverings are lifted and the site is left clean",
            "The job is not handed over.",
            Severity.Note,
            Practice,
            F.Protection.Is(Protection.Cleared)
        )
        .Otherwise("coverings are still down");

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
                    .Otherwise(n == 1 ? "no finish coat is on" : $"fewer than {n} finish coats are on")
            ),
    ];

    /// <summary>So many finish coats are on.</summary>
    /// <param name="count">1 to 5.</param>
    public static Need Topcoats(int count) => TopcoatCounts[count - 1];

    /// <summary>All needs, those of <see cref="Compatibility"/> and of single operations included, in order of index.</summary>
    public static ImmutableArray<Need> All => Operations.AllNeeds;

    private static Need Stain(string id, string title, string unmet, string consequence, Facet<Bleed> facet) =>
        Add(id, title, consequence, Severity.Fails, Practice, facet.Is(Bleed.None, Bleed.Blocked)).Otherwise(unmet);

    private static Need Dries(string id, string title, string consequence, Drying clock) =>
        NeedRegistry.Register(id, title, consequence, Severity.Fails, Practice, [], clock: clock);
}
