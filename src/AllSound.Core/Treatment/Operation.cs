using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Treatment;

/// <summary>Groups of operations, in the order in which work usually goes. Order of work follows from needs, never from this.</summary>
public enum Group : byte
{
    /// <summary>Make safe.</summary>
    MakeSafe,

    /// <summary>Cure the cause.</summary>
    Cure,

    /// <summary>Protect.</summary>
    Protect,

    /// <summary>Strip.</summary>
    Strip,

    /// <summary>Loosen.</summary>
    Loosen,

    /// <summary>Clean.</summary>
    Clean,

    /// <summary>Decontaminate.</summary>
    Decontaminate,

    /// <summary>Dry.</summary>
    Dry,

    /// <summary>Abrade.</summary>
    Abrade,

    /// <summary>Dust off.</summary>
    DustOff,

    /// <summary>Bind or seal.</summary>
    Seal,

    /// <summary>Repair.</summary>
    Repair,

    /// <summary>Fill.</summary>
    Fill,

    /// <summary>Stain-block.</summary>
    StainBlock,

    /// <summary>Spot-prime.</summary>
    SpotPrime,

    /// <summary>Caulk.</summary>
    Caulk,

    /// <summary>Prime.</summary>
    Prime,

    /// <summary>Undercoat.</summary>
    Undercoat,

    /// <summary>Denib.</summary>
    Denib,

    /// <summary>Topcoat.</summary>
    Topcoat,

    /// <summary>Aftercare.</summary>
    Aftercare,
}

/// <summary>What part of the surface an operation is done to, and so what it is measured by.</summary>
public enum Extent : byte
{
    /// <summary>Once for the surface.</summary>
    Once,

    /// <summary>All of it, square metres of developed face.</summary>
    Whole,

    /// <summary>Bare substrate, square metres.</summary>
    Bare,

    /// <summary>Loose film, square metres.</summary>
    Loose,

    /// <summary>A band along the lifting edges, with the bare patch inside them, square metres.</summary>
    Patch,

    /// <summary>Edges of the old film, metres.</summary>
    EdgeLine,

    /// <summary>Stained part with 100 mm round it, square metres.</summary>
    Stain,

    /// <summary>Knots, each.</summary>
    Knots,

    /// <summary>Hollows to fill, square metres of spots.</summary>
    Fill,

    /// <summary>Under mould, square metres.</summary>
    Mould,

    /// <summary>Under salts, square metres.</summary>
    Salts,

    /// <summary>Open joint, metres.</summary>
    Joint,

    /// <summary>Screws and nails, each.</summary>
    Fixings,

    /// <summary>Laps of sheets, metres.</summary>
    Laps,

    /// <summary>Putty line, metres.</summary>
    Glazing,

    /// <summary>End grain and cut edges, metres.</summary>
    Ends,
}

/// <summary>The part that a coat plays.</summary>
public enum CoatRole : byte
{
    /// <summary>Not a coat.</summary>
    None,

    /// <summary>A coat on part of the face: patch, knot, stain, filler.</summary>
    Spot,

    /// <summary>A first coat over the whole face.</summary>
    Primer,

    /// <summary>An undercoat.</summary>
    Undercoat,

    /// <summary>A finish coat.</summary>
    Finish,
}

/// <summary>A sundry that an operation uses up.</summary>
/// <param name="Sundry">What.</param>
/// <param name="PerUnit">How much per unit of the operation's extent.</param>
public sealed record Use(Sundry Sundry, double PerUnit);

/// <summary>How fast an operation goes on a kind of face, where that is not as on a plain one.</summary>
/// <param name="On">The kind of face.</param>
/// <param name="Rate">Square metres an hour, one skilled person; 0 where it does not reach in.</param>
public sealed record FaceRate(Face On, double Rate);

/// <summary>A wait that an operation that is no coat leaves behind.</summary>
/// <param name="Clock">What has to dry.</param>
/// <param name="Least">Least hours.</param>
/// <param name="Advised">Advised hours.</param>
public sealed record Wait(Drying Clock, double Least, double Advised);

/// <summary>
/// One thing a painter does: what it needs, what it gives, what it uses and what can hurt. A method that practitioners
/// disagree on is several operations with the same effect. To add one, add a definition to a catalogue file.
/// </summary>
public sealed record Operation
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>Group.</summary>
    public required Group Group { get; init; }

    /// <summary>What a painter calls it.</summary>
    public required string Title { get; init; }

    /// <summary>How to do it.</summary>
    public required string Do { get; init; }

    /// <summary>How to do it outside, where that differs; null where it does not.</summary>
    public string? DoOutside { get; init; }

    /// <summary>What must be true before, besides what its role as a coat asks.</summary>
    public ImmutableArray<Need> Needs { get; init; } = [];

    /// <summary>What it changes, besides what its product's coat does.</summary>
    public ImmutableArray<Effect> Gives { get; init; } = [];

    /// <summary>The part it plays as a coat.</summary>
    public CoatRole Role { get; init; }

    /// <summary>Product classes it may be done with; empty when it uses none.</summary>
    public ImmutableArray<CoatingClass> Products { get; init; } = [];

    /// <summary>What it is done to.</summary>
    public required Extent Extent { get; init; }

    /// <summary>Units of the extent per hour on a plain face, one skilled person; 0 when it is only a fixed time.</summary>
    public double Rate { get; init; }

    /// <summary>Kinds of face on which it goes faster or slower. What coats by hand have in common stands in the costing.</summary>
    public ImmutableArray<FaceRate> FaceRates { get; init; } = [];

    /// <summary>Metres of edge cut in by brush per hour, where that comes on top of the face; null where it does not.</summary>
    public double? EdgeRate { get; init; }

    /// <summary>Metres per hour on narrow work (girth 0.3 m or less), for work measured over the whole face.</summary>
    public double? RateNarrow { get; init; }

    /// <summary>Hours that it takes whatever the extent: set up, mix, clear away.</summary>
    public double FixedHours { get; init; } = 0.1;

    /// <summary>That it is done once for the room or elevation; null where every surface needs it for itself.</summary>
    public OnceForTheRoom? Once { get; init; }

    /// <summary>Litres of product per unit of the extent, when it does not follow from spread.</summary>
    public double? LitresPerUnit { get; init; }

    /// <summary>Share of water or thinner added to the product, percent of its volume.</summary>
    public double Thinning { get; init; }

    /// <summary>Share of the paint that is lost on top of what stays in tray and tin, 0 to 1: overspray.</summary>
    public double Loss { get; init; }

    /// <summary>Laid with a spray; only where the brief asks for it.</summary>
    public bool Sprayed { get; init; }

    /// <summary>Coats of the product laid in the one operation.</summary>
    public int Coats { get; init; } = 1;

    /// <summary>What it uses up besides the product.</summary>
    public ImmutableArray<Use> Uses { get; init; } = [];

    /// <summary>The wait it leaves, when it is no coat.</summary>
    public Wait? Leaves { get; init; }

    /// <summary>Dilution, as said to the one who does it.</summary>
    public string? Dilution { get; init; }

    /// <summary>Tool and grit.</summary>
    public string? Tool { get; init; }

    /// <summary>How to tell that it is done.</summary>
    public required string Accept { get; init; }

    /// <summary>What to beware of, said before the step.</summary>
    public ImmutableArray<string> Cautions { get; init; } = [];

    /// <summary>What to beware of besides where lead is not ruled out.</summary>
    public ImmutableArray<string> OnLead { get; init; } = [];

    /// <summary>Protective equipment.</summary>
    public ImmutableArray<string> Protection { get; init; } = [];

    /// <summary>Its waste where lead is ruled out, when that is not what its group or product says.</summary>
    public string? Waste { get; init; }

    /// <summary>Makes smoke or fumes that set off smoke detectors.</summary>
    public bool SetsOffDetectors { get; init; }

    /// <summary>A hold point of its own: what must be found or written down before anyone goes on; null when its group says.</summary>
    public string? HoldPoint { get; init; }

    /// <summary>Hazard to the one who does it, 0 none to 10 severe, for each hour. Judgement.</summary>
    public double Hazard { get; init; }

    /// <summary>The school of practice it belongs to, where practitioners differ.</summary>
    public string? School { get; init; }

    /// <summary>
    /// Goes over old paint on any ground, as binders and isolating coats do. Whatever else seals bare ground is made for
    /// grounds of its own, bare or painted: a steel primer has no business on a door.
    /// </summary>
    public bool OverAnyGround { get; init; }

    /// <summary>Belongs to work that ends without a coat, and to no other.</summary>
    public bool WithoutCoat { get; init; }

    /// <summary>Done by somebody else: listed and audited, never proposed.</summary>
    public bool ByOthers { get; init; }

    /// <summary>For work of others that finds out rather than puts right: the need that it helps to settle; null where its effects say.</summary>
    public Need? Towards { get; init; }

    /// <summary>It wets with spirit or solvent alone, or takes water off: prepared iron does not rust under it.</summary>
    public bool Waterless { get; init; }

    /// <summary>Done by somebody else as a service with a price: proposed where custom has it, though never as the mend of a fault.</summary>
    public bool Hired { get; init; }

    /// <summary>Refused: listed so that the audit can say why, never proposed.</summary>
    public bool Refused { get; init; }

    /// <summary>Where it comes from.</summary>
    public required Source Source { get; init; }

    /// <summary>How it leaves what is filled: proud or flush; null where it does not touch it.</summary>
    internal Fill? LeavesFill => Gives.FirstOrDefault(e => e.Facet == Facets.Fill && e.Change == Change.Set) is { } filled ? (Fill)filled.Value : null;

    /// <inheritdoc/>
    public override string ToString() => Id;
}
