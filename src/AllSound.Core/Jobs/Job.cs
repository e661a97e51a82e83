using System.Collections.Immutable;
using System.ComponentModel.DataAnnotations;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Jobs;

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

    /// <summary>Anywhere else: the strictest presumption.</summary>
    Elsewhere,
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

    /// <summary>For whom: a name as it stands on papers; null where nobody said.</summary>
    public string? Client { get; init; }

    /// <summary>Where the building stands, in a line; null where nobody said.</summary>
    public string? Address { get; init; }

    /// <summary>Who sends the papers, as on a letterhead: name, address, how to be reached, a line each; null where nobody said.</summary>
    public string? Letterhead { get; init; }

    /// <summary>Where it is, for the rules that hold there.</summary>
    public Jurisdiction Jurisdiction { get; init; } = Jurisdiction.GB;

    /// <summary>Money.</summary>
    public Rates Rates { get; init; } = new();

    /// <summary>Likelihoods that this job judges otherwise than the program; empty: as given.</summary>
    [MaxLength(Limits.OfTheFirm)]
    public ImmutableArray<Judgement> Judgements { get; init; } = [];

    /// <summary>Buildings.</summary>
    [MaxLength(Limits.Buildings)]
    public required ImmutableArray<Building> Buildings { get; init; }

    /// <summary>Products that the firm uses, as instances of classes; the first of a class stands for it.</summary>
    [MaxLength(Limits.OfTheFirm)]
    public ImmutableArray<OwnProduct> Products { get; init; } = [];

    /// <summary>Suppliers' prices, by pack.</summary>
    [MaxLength(Limits.Prices)]
    public ImmutableArray<ListedPrice> Prices { get; init; } = [];

    /// <summary>What is in the store: used before anything is bought.</summary>
    [MaxLength(Limits.OfTheFirm)]
    public ImmutableArray<StoreTin> Store { get; init; } = [];

    /// <summary>What is bought already: ids of products and sundries, with a slash and the colour where they have one.</summary>
    [MaxLength(Limits.OfTheFirm)]
    public ImmutableArray<string> Bought { get; init; } = [];

    /// <summary>Terms of payment and the like, as they stand on a quotation; null for none.</summary>
    [MaxLength(Limits.Notes)]
    public string? QuotationTerms { get; init; }

    /// <summary>Quotations as they were sent, the first first.</summary>
    public ImmutableArray<SentQuotation> Quotations { get; init; } = [];

    /// <summary>House rules: for a question of practice (S1 to S32) the school that the firm follows.</summary>
    public ImmutableDictionary<string, string> HouseRules { get; init; } = ImmutableDictionary<string, string>.Empty;

    /// <summary>Operations that the firm wants written in a sequence, of those that an audit takes as done unwritten.</summary>
    [MaxLength(Limits.OfTheFirm)]
    public ImmutableArray<string> MustBeWritten { get; init; } = [];

    /// <summary>Operations that need not be written either where the firm works.</summary>
    [MaxLength(Limits.OfTheFirm)]
    public ImmutableArray<string> NeedNotBeWritten { get; init; } = [];

    /// <summary>Trial patches of stripping methods.</summary>
    [MaxLength(Limits.OfTheFirm)]
    public ImmutableArray<TrialPatch> Trials { get; init; } = [];

    /// <summary>Who works when; null where nobody said.</summary>
    public ProgrammeBrief? Programme { get; init; }

    /// <summary>The weather where the building stands; null where nobody said.</summary>
    public SiteWeather? Weather { get; init; }

    /// <summary>The site log: what was done, measured and met with. Lines are added and never changed.</summary>
    [MaxLength(Limits.LogEntries)]
    public ImmutableArray<LogEntry> Log { get; init; } = [];

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

    /// <summary>Overhead on labour and materials, percent, 0 to 500.</summary>
    public decimal Overhead { get; init; }

    /// <summary>Margin, percent of the price before tax, 0 to 95.</summary>
    public decimal Margin { get; init; }

    /// <summary>Tax on the price, percent, 0 to 100.</summary>
    public decimal Tax { get; init; }

    /// <summary>How many times as long work takes where people live or work meanwhile, 1 to 3. Default: common practice, 1.15 to 1.4.</summary>
    public double OccupiedTime { get; init; } = 1.25;

    /// <summary>How many times as long work takes in a room of less than 6 square metres of floor, 1 to 3. Default: common practice, 1.25 to 1.5.</summary>
    public double SmallRoomTime { get; init; } = 1.25;

    /// <summary>How many times as long this crew takes as the paces say, 0.3 to 3. Default: as they say.</summary>
    public double CrewTime { get; init; } = 1;

    /// <summary>Days for which a quotation holds, 1 to 365. Default: common practice.</summary>
    public int QuotationDays { get; init; } = 30;

    /// <summary>Price before tax of what costs so much: overhead on the cost, and a margin of the price. Not rounded.</summary>
    /// <param name="cost">Labour and materials.</param>
    public decimal Price(decimal cost) => cost * (1 + (Overhead / 100)) / (1 - (Margin / 100));
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

    /// <summary>What is about the whole building; null when nothing was said.</summary>
    public Surroundings? Surroundings { get; init; }

    /// <summary>Rooms, elevations, roof slopes.</summary>
    [MaxLength(Limits.Spaces)]
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

    /// <summary>What is about the whole room or face; goes before what is said of the building. Null when nothing was said.</summary>
    public Surroundings? Surroundings { get; init; }

    /// <summary>Walls in walking order, clockwise from the door. A room of four walls has a rectangular ceiling.</summary>
    public ImmutableArray<Wall> Walls { get; init; } = [];

    /// <summary>Surfaces.</summary>
    [MaxLength(Limits.Surfaces)]
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
