using System.Collections.Immutable;
using AllSound.Core.Materials;

namespace AllSound.Core.Surfaces;

/// <summary>Where the job is; local rules hang on it.</summary>
public enum Jurisdiction : byte
{
    /// <summary>Great Britain.</summary>
    GB,

    /// <summary>Ireland and the European Union.</summary>
    IE,

    /// <summary>United States.</summary>
    US,

    /// <summary>Canada.</summary>
    CA,

    /// <summary>Australia.</summary>
    AU,

    /// <summary>New Zealand.</summary>
    NZ,

    /// <summary>South Africa.</summary>
    ZA,
}

/// <summary>An element of a building. It carries the geometry and the order of painting.</summary>
public enum Element : byte
{
    /// <summary>Wall.</summary>
    Wall,

    /// <summary>Ceiling.</summary>
    Ceiling,

    /// <summary>Cornice.</summary>
    Cornice,

    /// <summary>Skirting.</summary>
    Skirting,

    /// <summary>Architrave.</summary>
    Architrave,

    /// <summary>Door.</summary>
    Door,

    /// <summary>Window.</summary>
    Window,

    /// <summary>Frame.</summary>
    Frame,

    /// <summary>Sill.</summary>
    Sill,

    /// <summary>Boarding.</summary>
    Boarding,

    /// <summary>Panelling.</summary>
    Panelling,

    /// <summary>Chimney breast.</summary>
    ChimneyBreast,

    /// <summary>Fire surround.</summary>
    Surround,

    /// <summary>Step.</summary>
    Step,

    /// <summary>Pipe.</summary>
    Pipe,

    /// <summary>Radiator.</summary>
    Radiator,

    /// <summary>Column.</summary>
    Column,

    /// <summary>Railing.</summary>
    Railing,

    /// <summary>Gutter and downpipe.</summary>
    Gutter,

    /// <summary>Roof sheet.</summary>
    RoofSheet,

    /// <summary>Cladding.</summary>
    Cladding,

    /// <summary>Tile.</summary>
    Tile,

    /// <summary>Floor.</summary>
    Floor,
}

/// <summary>What kind of space.</summary>
public enum SpaceKind : byte
{
    /// <summary>A room.</summary>
    Room,

    /// <summary>An outside face.</summary>
    Elevation,

    /// <summary>A roof slope.</summary>
    RoofSlope,
}

/// <summary>The way a face looks.</summary>
public enum Compass : byte
{
    /// <summary>North.</summary>
    North,

    /// <summary>North-east.</summary>
    NorthEast,

    /// <summary>East.</summary>
    East,

    /// <summary>South-east.</summary>
    SouthEast,

    /// <summary>South.</summary>
    South,

    /// <summary>South-west.</summary>
    SouthWest,

    /// <summary>West.</summary>
    West,

    /// <summary>North-west.</summary>
    NorthWest,
}

/// <summary>What an opening is.</summary>
public enum OpeningKind : byte
{
    /// <summary>A door.</summary>
    Door,

    /// <summary>A window.</summary>
    Window,

    /// <summary>A plain opening.</summary>
    Opening,
}

/// <summary>What the finish belongs to.</summary>
public enum FinishFamily : byte
{
    /// <summary>Walls and ceilings.</summary>
    WallPaint,

    /// <summary>Woodwork and metal.</summary>
    TrimPaint,
}

/// <summary>A job: everything that one file holds.</summary>
public sealed record Job
{
    /// <summary>Format and version.</summary>
    public const string CurrentFormat = "allsound.job/1";

    /// <summary>Format of the file; <see cref="CurrentFormat"/>.</summary>
    public required string Format { get; init; }

    /// <summary>Stable id, lower-case words joined by hyphens.</summary>
    public required string Id { get; init; }

    /// <summary>Title.</summary>
    public required string Title { get; init; }

    /// <summary>Where it is.</summary>
    public Jurisdiction Jurisdiction { get; init; } = Jurisdiction.GB;

    /// <summary>Money.</summary>
    public Rates Rates { get; init; } = new();

    /// <summary>Likelihoods that this job judges otherwise than the program; empty: as given.</summary>
    public ImmutableArray<Judgement> Judgements { get; init; } = [];

    /// <summary>Buildings.</summary>
    public required ImmutableArray<Building> Buildings { get; init; }

    /// <summary>All surfaces with the space and building they stand in, in walking order.</summary>
    public IEnumerable<(Building Building, Space Space, Surface Surface)> Surfaces() =>
        from building in Buildings
        from space in building.Spaces
        from surface in space.Surfaces
        select (building, space, surface);
}

/// <summary>A number of the diagnosis that somebody judges otherwise.</summary>
public sealed record Judgement
{
    /// <summary>Id of the cause.</summary>
    public required string Cause { get; init; }

    /// <summary>Id of the sign that bears on it; null for the cause's own prior weight.</summary>
    public string? Sign { get; init; }

    /// <summary>Prior weight, 0 to 20, on whatever ground it is possible; when no sign is named.</summary>
    public double? Weight { get; init; }

    /// <summary>P(sign seen | this cause), 0.01 to 0.99.</summary>
    public double? IfCause { get; init; }

    /// <summary>P(sign seen | not this cause), 0.01 to 0.99.</summary>
    public double? IfNot { get; init; }
}

/// <summary>Prices that turn hours and litres into money.</summary>
public sealed record Rates
{
    /// <summary>ISO 4217 code.</summary>
    public string Currency { get; init; } = "GBP";

    /// <summary>Price of an hour of labour, 0 to 1,000. Default: judgement.</summary>
    public decimal LabourPerHour { get; init; } = 30m;

    /// <summary>Price of a litre of contract wall paint, 0 to 1,000; other classes are priced relative to it. Default: judgement.</summary>
    public decimal BaseLitre { get; init; } = 4.5m;
}

/// <summary>A building.</summary>
public sealed record Building
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>Title.</summary>
    public required string Title { get; init; }

    /// <summary>Year built, or null when unknown.</summary>
    public int? Built { get; init; }

    /// <summary>Rooms, elevations, roof slopes.</summary>
    public required ImmutableArray<Space> Spaces { get; init; }
}

/// <summary>A room, an elevation or a roof slope.</summary>
public sealed record Space
{
    /// <summary>Stable id, unique in the job.</summary>
    public required string Id { get; init; }

    /// <summary>Title.</summary>
    public required string Title { get; init; }

    /// <summary>Kind.</summary>
    public SpaceKind Kind { get; init; }

    /// <summary>Walls in walking order, clockwise from the door. A room of four walls has a rectangular ceiling.</summary>
    public ImmutableArray<Wall> Walls { get; init; } = [];

    /// <summary>Surfaces.</summary>
    public required ImmutableArray<Surface> Surfaces { get; init; }
}

/// <summary>A wall of a room, or the face of an elevation, as seen from where one stands.</summary>
public sealed record Wall
{
    /// <summary>Stable id, unique in the space.</summary>
    public required string Id { get; init; }

    /// <summary>Title, or null for the id.</summary>
    public string? Title { get; init; }

    /// <summary>Length in metres, above 0 to 200.</summary>
    public required double LengthM { get; init; }

    /// <summary>Height in metres, above 0 to 50.</summary>
    public required double HeightM { get; init; }

    /// <summary>The way it faces, for an outside wall; null when not recorded.</summary>
    public Compass? Faces { get; init; }

    /// <summary>Openings.</summary>
    public ImmutableArray<Opening> Openings { get; init; } = [];
}

/// <summary>An opening in a wall.</summary>
public sealed record Opening
{
    /// <summary>Kind.</summary>
    public OpeningKind Kind { get; init; }

    /// <summary>Distance of its left edge from the left end of the wall, metres.</summary>
    public required double FromLeftM { get; init; }

    /// <summary>Height of its lower edge above the floor, metres.</summary>
    public double SillM { get; init; }

    /// <summary>Width, metres.</summary>
    public required double WidthM { get; init; }

    /// <summary>Height, metres.</summary>
    public required double HeightM { get; init; }
}

/// <summary>One element of one substrate in one condition.</summary>
public sealed record Surface
{
    /// <summary>Stable id, unique in the job.</summary>
    public required string Id { get; init; }

    /// <summary>Title.</summary>
    public required string Title { get; init; }

    /// <summary>Element.</summary>
    public required Element Element { get; init; }

    /// <summary>Id of the substrate; `./allsound substrates` lists them.</summary>
    public required string Substrate { get; init; }

    /// <summary>Year the fabric was put there, where it differs from the building's.</summary>
    public int? Year { get; init; }

    /// <summary>Inside or outside.</summary>
    public Exposure Exposure { get; init; }

    /// <summary>Id of the wall of the space that it is, or lies on.</summary>
    public string? Wall { get; init; }

    /// <summary>Dimensions, where they do not follow from the space.</summary>
    public Size? Size { get; init; }

    /// <summary>Shape, where it is not the usual one of the element.</summary>
    public Form? Form { get; init; }

    /// <summary>The part of another surface that it is, or null when it is a whole element.</summary>
    public Zone? Zone { get; init; }

    /// <summary>Existing coats from the substrate outward; null when not known, empty when bare.</summary>
    public ImmutableArray<Layer>? Layers { get; init; }

    /// <summary>What is known of the condition. A fact left out is unknown.</summary>
    public Facts Facts { get; init; } = new();

    /// <summary>Signs seen, or looked for and absent.</summary>
    public ImmutableArray<SignSeen> Signs { get; init; } = [];

    /// <summary>Readings taken.</summary>
    public ImmutableArray<Reading> Readings { get; init; } = [];

    /// <summary>What is wanted.</summary>
    public Brief Brief { get; init; } = new();

    /// <summary>A sequence of somebody's own, for the audit; null when there is none.</summary>
    public ImmutableArray<SequenceStep>? Sequence { get; init; }

    /// <summary>What has been done so far.</summary>
    public ImmutableArray<SequenceStep>? Done { get; init; }

    /// <summary>Id of the option chosen, or null for the first.</summary>
    public string? Choice { get; init; }

    /// <summary>Free notes.</summary>
    public string? Notes { get; init; }
}

/// <summary>Dimensions of a surface.</summary>
public sealed record Size
{
    /// <summary>Length, metres.</summary>
    public double? LengthM { get; init; }

    /// <summary>Height, metres; for narrow work the girth.</summary>
    public double? HeightM { get; init; }

    /// <summary>Net area, square metres, where length and height do not give it.</summary>
    public double? AreaM2 { get; init; }

    /// <summary>Real area over flat area: 1 smooth, 1.1 vee-jointed boarding, up to 3 for slats.</summary>
    public double? Profile { get; init; }
}

/// <summary>Existing coats of one kind.</summary>
public sealed record Layer
{
    /// <summary>Id of the existing coating.</summary>
    public required string Coating { get; init; }

    /// <summary>How many coats, 1 to 60.</summary>
    public int Coats { get; init; } = 1;

    /// <summary>Year laid.</summary>
    public int? Year { get; init; }

    /// <summary>Colour in words.</summary>
    public string? Colour { get; init; }

    /// <summary>Luminous reflectance, 0 black to 100 white.</summary>
    public double? Lrv { get; init; }
}

/// <summary>A sign recorded.</summary>
public sealed record SignSeen
{
    /// <summary>Id of the sign.</summary>
    public required string Sign { get; init; }

    /// <summary>False: looked for and absent.</summary>
    public bool Present { get; init; } = true;

    /// <summary>Where, in words.</summary>
    public string? Where { get; init; }

    /// <summary>Class in the sign's scale, by name.</summary>
    public string? Grade { get; init; }

    /// <summary>Measurement in the scale's unit, 0 or more; the program grades it.</summary>
    public double? Measure { get; init; }

    /// <summary>Size class, where the standard wants one beside the grade, such as S4.</summary>
    public string? Size { get; init; }

    /// <summary>When it was first seen, in words or a date.</summary>
    public string? Since { get; init; }
}

/// <summary>A check made: a value read, or an outcome judged.</summary>
public sealed record Reading
{
    /// <summary>Id of the check.</summary>
    public required string Check { get; init; }

    /// <summary>Value read, in <see cref="Unit"/>; null for a check that is judged.</summary>
    public double? Value { get; init; }

    /// <summary>Id of the outcome, for a check that is judged; null when a value was read.</summary>
    public string? Outcome { get; init; }

    /// <summary>Layers of the build-up that it speaks of, in words; what it does not reach it says nothing of.</summary>
    public string? Layer { get; init; }

    /// <summary>Who made it.</summary>
    public string? By { get; init; }

    /// <summary>Unit as read; must be one the check knows, or null for its own.</summary>
    public string? Unit { get; init; }

    /// <summary>Where on the surface.</summary>
    public string? Where { get; init; }

    /// <summary>When, local date and time.</summary>
    public DateTime? At { get; init; }

    /// <summary>Instrument, by name or number.</summary>
    public string? Instrument { get; init; }
}

/// <summary>What is wanted.</summary>
public sealed record Brief
{
    /// <summary>What the finish belongs to; by default what suits the element.</summary>
    public FinishFamily? Finish { get; init; }

    /// <summary>Sheen; null for any.</summary>
    public Sheen? Sheen { get; init; }

    /// <summary>Colour in words.</summary>
    public string? Colour { get; init; }

    /// <summary>Luminous reflectance of the colour wanted, 0 to 100; 80 when not given.</summary>
    public double? Lrv { get; init; }

    /// <summary>Least number of finish coats, 1 to 5; by default two, or what hiding asks.</summary>
    public int? Coats { get; init; }

    /// <summary>Only waterborne products of low odour, save spots of stain block and knotting.</summary>
    public bool LowOdour { get; init; }

    /// <summary>Operations or products not wanted, by id.</summary>
    public ImmutableArray<string> Avoid { get; init; } = [];
}

/// <summary>One step of somebody's own sequence.</summary>
public sealed record SequenceStep
{
    /// <summary>Id of the operation.</summary>
    public required string Operation { get; init; }

    /// <summary>Id of the product, or null for "not specified".</summary>
    public string? Product { get; init; }

    /// <summary>Hours waited after the step before, or null for "not specified".</summary>
    public double? WaitHours { get; init; }

    /// <summary>Dilution as written.</summary>
    public string? Dilution { get; init; }
}
