using System.Collections.Immutable;

namespace AllSound.Core.Surfaces;

/// <summary>The facets of a condition. To add one, add a line here and, where it is surveyed, a fact in <see cref="Facts"/>.</summary>
public static class Facets
{
    private static readonly List<Facet> Registered = [];

    // What the surface is: no operation changes these.

    /// <summary>Substrate.</summary>
    public static readonly Facet<Substrate> Substrate = Add<Substrate>("substrate", "substrate");

    /// <summary>Inside or outside.</summary>
    public static readonly Facet<Exposure> Exposure = Add<Exposure>("exposure", "inside or outside");

    /// <summary>Glass within 100 mm.</summary>
    public static readonly Facet<Presence> GlassNear = Add<Presence>("glassNear", "glass nearby");

    /// <summary>Mains or battery power on site.</summary>
    public static readonly Facet<Presence> Power = Add<Presence>("power", "power on site");

    /// <summary>The old film sheds, or nobody found it whole: loose, bare in places, powdering or spent. A wash takes paint along.</summary>
    public static readonly Facet<Presence> Shedding = Add<Presence>("shedding", "film sheds");

    /// <summary>It can be taken down and worked on elsewhere.</summary>
    public static readonly Facet<Presence> Removable = Add<Presence>("removable", "can be taken down");

    /// <summary>A void or dry fill behind the face, where a fire can start unseen.</summary>
    public static readonly Facet<Presence> VoidBehind = Add<Presence>("voidBehind", "void behind");

    /// <summary>A face that a machine or heat goes through: veneer, sheet metal.</summary>
    public static readonly Facet<Presence> ThinFace = Add<Presence>("thinFace", "thin face");

    /// <summary>What scraping will find.</summary>
    public static readonly Facet<EdgeNature> EdgeNature = Add<EdgeNature>("edgeNature", "edges under the scraper");

    // Safety and site.

    /// <summary>Lead in the old paint.</summary>
    public static readonly Facet<Lead> Lead = Add<Lead>("lead", "lead");

    /// <summary>Controlled area for lead work.</summary>
    public static readonly Facet<LeadZone> LeadZone = Add<LeadZone>("leadZone", "lead work area");

    /// <summary>Asbestos in texture, board or bedding.</summary>
    public static readonly Facet<Lead> Asbestos = Add<Lead>("asbestos", "asbestos");

    /// <summary>Reach.</summary>
    public static readonly Facet<Access> Access = Add<Access>("access", "access");

    /// <summary>Outlets and wiring in the face.</summary>
    public static readonly Facet<Electrics> Electrics = Add<Electrics>("electrics", "electrics");

    /// <summary>Consent for old decoration.</summary>
    public static readonly Facet<Consent> Consent = Add<Consent>("consent", "consent");

    /// <summary>Coverings.</summary>
    public static readonly Facet<Protection> Protection = Add<Protection>("protection", "coverings");

    // The old film.

    /// <summary>Top binder of the old film.</summary>
    public static readonly Facet<Film> Film = Add<Film>("film", "old film");

    /// <summary>Number of old coats.</summary>
    public static readonly Facet<LayerLoad> Load = Add<LayerLoad>("load", "old coats");

    /// <summary>Film that a blunt scraper lifts.</summary>
    public static readonly Facet<Presence> Loose = Add<Presence>("loose", "loose film");

    /// <summary>Edges of the old film.</summary>
    public static readonly Facet<Edges> Edges = Add<Edges>("edges", "edges of the old film");

    /// <summary>A step at the film's edge that will show.</summary>
    public static readonly Facet<Presence> Step = Add<Presence>("step", "step at the edges");

    /// <summary>Bare substrate showing.</summary>
    public static readonly Facet<Bare> Bare = Add<Bare>("bare", "bare substrate");

    /// <summary>Powdering.</summary>
    public static readonly Facet<Powder> Powder = Add<Powder>("powder", "powdering");

    /// <summary>Grey weathered fibre on bare wood.</summary>
    public static readonly Facet<Presence> Grey = Add<Presence>("grey", "grey or raised fibre");

    /// <summary>Key of the old film.</summary>
    public static readonly Facet<Key> Key = Add<Key>("key", "key");

    /// <summary>Lumps, runs and old brush ropes in the film.</summary>
    public static readonly Facet<Presence> Lumps = Add<Presence>("lumps", "lumps in the film");

    // Dirt and residues.

    /// <summary>Dust.</summary>
    public static readonly Facet<Presence> Dust = Add<Presence>("dust", "dust");

    /// <summary>Soil and grease.</summary>
    public static readonly Facet<Soil> Soil = Add<Soil>("soil", "soil");

    /// <summary>Mould.</summary>
    public static readonly Facet<Presence> Mould = Add<Presence>("mould", "mould");

    /// <summary>Soluble salts.</summary>
    public static readonly Facet<Presence> Salts = Add<Presence>("salts", "salts");

    /// <summary>Chemical residue.</summary>
    public static readonly Facet<Residue> Residue = Add<Residue>("residue", "residue");

    /// <summary>Silicone.</summary>
    public static readonly Facet<Presence> Silicone = Add<Presence>("silicone", "silicone");

    /// <summary>A textured coating that is not flat.</summary>
    public static readonly Facet<Presence> Relief = Add<Presence>("relief", "texture");

    /// <summary>Wax polish over another film.</summary>
    public static readonly Facet<Presence> Waxed = Add<Presence>("waxed", "wax polish");

    // Moisture and alkali.

    /// <summary>Moisture class.</summary>
    public static readonly Facet<Moisture> Moisture = Add<Moisture>("moisture", "moisture");

    /// <summary>Source of damp.</summary>
    public static readonly Facet<DampSource> DampSource = Add<DampSource>("dampSource", "source of damp");

    /// <summary>Cause of mould: cold surface or wet air not yet put right.</summary>
    public static readonly Facet<DampSource> MouldSource = Add<DampSource>("mouldSource", "cause of mould");

    /// <summary>Alkalinity.</summary>
    public static readonly Facet<Alkalinity> Alkalinity = Add<Alkalinity>("alkalinity", "alkalinity");

    // Stains that bleed.

    /// <summary>Ring or patch of an old leak.</summary>
    public static readonly Facet<Bleed> WaterStain = Add<Bleed>("waterStain", "water stain");

    /// <summary>Nicotine, soot or tar.</summary>
    public static readonly Facet<Bleed> Tar = Add<Bleed>("tar", "nicotine or soot");

    /// <summary>Resin at knots.</summary>
    public static readonly Facet<Bleed> Knots = Add<Bleed>("knots", "knots");

    /// <summary>Tannin of oak, chestnut, cedar.</summary>
    public static readonly Facet<Bleed> Tannin = Add<Bleed>("tannin", "tannin");

    /// <summary>Ink, marker, dye.</summary>
    public static readonly Facet<Bleed> Ink = Add<Bleed>("ink", "ink or dye");

    /// <summary>Nail and screw heads that rust through.</summary>
    public static readonly Facet<Bleed> NailHeads = Add<Bleed>("nailHeads", "rusting nail heads");

    // Irregularities and fabric.

    /// <summary>Hollows, holes, static cracks.</summary>
    public static readonly Facet<Fill> Fill = Add<Fill>("fill", "hollows and cracks");

    /// <summary>Joint to the neighbour.</summary>
    public static readonly Facet<Joint> Joint = Add<Joint>("joint", "open joint");

    /// <summary>What kind of joint it is.</summary>
    public static readonly Facet<JointKind> JointKind = Add<JointKind>("jointKind", "kind of joint");

    /// <summary>Wider than caulk bridges.</summary>
    public static readonly Facet<Presence> JointWide = Add<Presence>("jointWide", "wide joint");

    /// <summary>Plaster detached from its backing.</summary>
    public static readonly Facet<Soundness> Backing = Add<Soundness>("backing", "plaster backing");

    /// <summary>Decay in timber.</summary>
    public static readonly Facet<Soundness> Timber = Add<Soundness>("timber", "timber");

    /// <summary>Crack that still moves.</summary>
    public static readonly Facet<Soundness> Movement = Add<Soundness>("movement", "structural movement");

    // Coats of this job.

    /// <summary>Last overall coat of this job.</summary>
    public static readonly Facet<Cover> Cover = Add<Cover>("cover", "last overall coat");

    /// <summary>Last coat past its recoat window: must be keyed.</summary>
    public static readonly Facet<Presence> Overdue = Add<Presence>("overdue", "recoat window passed");

    /// <summary>Finish coats laid.</summary>
    public static readonly Facet<Count> Topcoats = Add<Count>("topcoats", "finish coats");

    /// <summary>Opaque coats still needed to hide what is below.</summary>
    public static readonly Facet<Count> ToHide = Add<Count>("toHide", "coats still needed to hide");

    // Metal.

    /// <summary>Rust.</summary>
    public static readonly Facet<Rust> Rust = Add<Rust>("rust", "rust");

    /// <summary>Preparation of bare metal.</summary>
    public static readonly Facet<Prep> Prep = Add<Prep>("prep", "preparation of bare metal");

    /// <summary>Screws, nails and washers.</summary>
    public static readonly Facet<Soundness> Fixings = Add<Soundness>("fixings", "fixings");

    /// <summary>Laps of sheets.</summary>
    public static readonly Facet<Laps> Laps = Add<Laps>("laps", "laps");

    /// <summary>Holes in sheet.</summary>
    public static readonly Facet<Holes> Holes = Add<Holes>("holes", "holes");

    /// <summary>Sharp edges and welds that a coat draws back from.</summary>
    public static readonly Facet<Arris> SharpEdges = Add<Arris>("sharpEdges", "sharp edges");

    // What the finished system has to live with.

    /// <summary>Service temperature.</summary>
    public static readonly Facet<Heat> Heat = Add<Heat>("heat", "service temperature");

    /// <summary>How cold air and face are while it is done, or how near the dew point.</summary>
    public static readonly Facet<Chill> ColdFace = Add<Chill>("coldFace", "cold face");

    /// <summary>Heating that is on now.</summary>
    public static readonly Facet<Presence> HotNow = Add<Presence>("hotNow", "hot now");

    /// <summary>A layer that can carry no more: soft distemper, wax or soap beneath, or a film that lets go everywhere.</summary>
    public static readonly Facet<Presence> WeakBeneath = Add<Presence>("weakBeneath", "weak layer beneath");

    /// <summary>The last coat of the old film has not hardened.</summary>
    public static readonly Facet<Presence> SoftFilm = Add<Presence>("softFilm", "soft film");

    /// <summary>Vapour resistance that the wall still bears on it, hundredths of a metre of still air.</summary>
    public static readonly Facet<VapourSteps> Breath = Add<VapourSteps>("breath", "vapour resistance still borne");

    /// <summary>Paper on the wall.</summary>
    public static readonly Facet<Paper> Paper = Add<Paper>("paper", "paper");

    /// <summary>Glazing putty.</summary>
    public static readonly Facet<Putty> Putty = Add<Putty>("putty", "putty");

    /// <summary>End grain outside.</summary>
    public static readonly Facet<EndGrain> EndGrain = Add<EndGrain>("endGrain", "end grain");

    /// <summary>Depth of the hollows.</summary>
    public static readonly Facet<FillDepth> FillDepth = Add<FillDepth>("fillDepth", "depth of the hollows");

    // Site.

    /// <summary>Fresh air drawn through while solvent is in it.</summary>
    public static readonly Facet<Presence> FreshAir = Add<Presence>("freshAir", "fresh air");

    /// <summary>Fire watch: extinguisher, covered detectors, somebody who looks again.</summary>
    public static readonly Facet<Presence> FireWatch = Add<Presence>("fireWatch", "fire watch");

    /// <summary>Flames, pilot lights, hot lamps or motors that may spark in the space.</summary>
    public static readonly Facet<Presence> Ignition = Add<Presence>("ignition", "flames and sparks");

    /// <summary>The space must stay shut: no air can be drawn through.</summary>
    public static readonly Facet<Presence> Shut = Add<Presence>("shut", "shut room");

    /// <summary>Part of a fire door, or of what keeps fire out of an escape route.</summary>
    public static readonly Facet<Presence> FireRated = Add<Presence>("fireRated", "fire rating");

    /// <summary>In contact with drinking water, or rain that is drunk runs off it.</summary>
    public static readonly Facet<Presence> DrinkingWater = Add<Presence>("drinkingWater", "drinking water");

    /// <summary>Nests or roosts in or at it.</summary>
    public static readonly Facet<Presence> Nests = Add<Presence>("nests", "nests and roosts");

    /// <summary>More mould than a painter takes on.</summary>
    public static readonly Facet<Presence> MuchMould = Add<Presence>("muchMould", "much mould");

    /// <summary>Heavy plaster, render or masonry that may come down.</summary>
    public static readonly Facet<Presence> MayFall = Add<Presence>("mayFall", "masses that may fall");

    /// <summary>Overhead lines within reach of a ladder, a pole or a tower.</summary>
    public static readonly Facet<Presence> OverheadLines = Add<Presence>("overheadLines", "overhead lines");

    /// <summary>A tank, pit or void with bad air and no easy way out.</summary>
    public static readonly Facet<Presence> Confined = Add<Presence>("confined", "confined space");

    /// <summary>Somebody is unwell from the work, or was hurt by it.</summary>
    public static readonly Facet<Presence> Unwell = Add<Presence>("unwell", "somebody unwell");

    /// <summary>All facets in order of index.</summary>
    public static ImmutableArray<Facet> All { get; } = [.. Registered];

    private static Facet<T> Add<T>(string name, string title)
        where T : struct, Enum
    {
        var facet = new Facet<T>(Registered.Count, name, title);
        if (facet.Size > 64 || facet.Index >= Condition.Capacity)
        {
            throw new InvalidOperationException($"Facet {name} does not fit a condition.");
        }

        Registered.Add(facet);
        return facet;
    }
}
