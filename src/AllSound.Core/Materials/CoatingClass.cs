using System.Collections.Immutable;
using AllSound.Core.Climate;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Materials;

/// <summary>What carries the binder until the film has dried.</summary>
public enum Carrier : byte
{
    /// <summary>Water.</summary>
    Water,

    /// <summary>White spirit or another slow solvent.</summary>
    Spirit,

    /// <summary>Alcohol.</summary>
    Alcohol,

    /// <summary>Strong solvent, as in two-part paints.</summary>
    Strong,

    /// <summary>None: oil or powder that needs no carrier.</summary>
    None,
}

/// <summary>Gloss of a finish, by reflectance at 60 degrees.</summary>
public enum Sheen : byte
{
    /// <summary>Under 10 units.</summary>
    Matt,

    /// <summary>10 to 30 units.</summary>
    Eggshell,

    /// <summary>30 to 60 units.</summary>
    Satin,

    /// <summary>Over 60 units.</summary>
    Gloss,
}

/// <summary>Hours between a coat and the next, at 20 degrees and 50 % humidity.</summary>
/// <param name="Touch">Touch dry.</param>
/// <param name="Least">Least before overcoating.</param>
/// <param name="Advised">Advised before overcoating; what the programme waits.</param>
/// <param name="LatestDays">After so many days it must be keyed first; null for no limit.</param>
/// <param name="Cure">Full cure.</param>
public sealed record DryingTimes(double Touch, double Least, double Advised, int? LatestDays, double Cure);

/// <summary>
/// A generic class of product with data-sheet properties, typical of the trade. A real product is an instance; its
/// own data sheet always wins.
/// </summary>
public sealed record CoatingClass
{
    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>What a painter calls it.</summary>
    public required string Title { get; init; }

    /// <summary>Its column in the recoat table.</summary>
    public required CoatFamily Family { get; init; }

    /// <summary>What it leaves behind as the last overall coat.</summary>
    public required Cover Cover { get; init; }

    /// <summary>What carries it.</summary>
    public required Carrier Carrier { get; init; }

    /// <summary>Volume solids, percent.</summary>
    public required double VolumeSolids { get; init; }

    /// <summary>Wet film per coat as it comes, micrometres: the dry film over the volume solids.</summary>
    public double WetMicrons => 100 * Microns / VolumeSolids;

    /// <summary>What its film dries by.</summary>
    public DriesBy DriesBy =>
        PotLifeHours is not null ? DriesBy.Reaction
        : Family is CoatFamily.Limewash or CoatFamily.Silicate ? DriesBy.Lime
        : Carrier is Carrier.Water or Carrier.Alcohol ? DriesBy.Water
        : Carrier is Carrier.Strong ? DriesBy.Reaction
        : DriesBy.Oxygen;

    /// <summary>Dry film per coat, micrometres; about the depth of the soaked skin for a sealer that leaves no film.</summary>
    public required int Microns { get; init; }

    /// <summary>Practical spread per coat, square metres per litre, on smooth, porous and rough faces.</summary>
    public required (double Smooth, double Porous, double Rough) Spread { get; init; }

    /// <summary>Most thinning, percent by volume of the paint, other than a mist coat.</summary>
    public required double ThinMost { get; init; }

    /// <summary>Drying.</summary>
    public required DryingTimes Drying { get; init; }

    /// <summary>Volatile organic compounds, grams per litre, typical.</summary>
    public required int Voc { get; init; }

    /// <summary>Least and most air temperature for use, degrees Celsius.</summary>
    public (double Least, double Most) Temperature { get; init; } = (8, 30);

    /// <summary>Most relative humidity for use, percent.</summary>
    public double HumidityMost { get; init; } = 80;

    /// <summary>Vapour resistance of a usual application, metres of still air.</summary>
    public required double Sd { get; init; }

    /// <summary>Price per litre relative to contract wall paint.</summary>
    public required double Price { get; init; }

    /// <summary>Tin sizes, litres, ascending.</summary>
    public required ImmutableArray<double> Tins { get; init; }

    /// <summary>Years to first maintenance inside and outside, normal exposure; 0 when it is no finish.</summary>
    public (double Inside, double Outside) Life { get; init; }

    /// <summary>For a finish, the sheens it comes in.</summary>
    public ImmutableArray<Sheen> Sheens { get; init; } = [];

    /// <summary>Opaque enough to count towards hiding the old colour.</summary>
    public bool Hides { get; init; } = true;

    /// <summary>Stands up with nibs or raised grain, so that fine work is denibbed before the next coat.</summary>
    public bool RaisesNibs { get; init; }

    /// <summary>Overall coats of this job that it may follow, besides the old film.</summary>
    public required ImmutableArray<Cover> Follows { get; init; }

    /// <summary>The firm's own product whose numbers these are; null for the class itself.</summary>
    public OwnProduct? Own { get; init; }

    /// <summary>What a finish belongs to; empty when it is none.</summary>
    public ImmutableArray<FinishFamily> Finishes { get; init; } = [];

    /// <summary>Bare substrates that it may lie on as the first coat, prepared as it asks.</summary>
    public ImmutableArray<Substrate> Grounds { get; init; } = [];

    /// <summary>Hottest that it bears in service, degrees Celsius.</summary>
    public int HeatMost { get; init; } = 60;

    /// <summary>Resistance to alkali: 0 none, 3 high.</summary>
    public int Alkali { get; init; } = 2;

    /// <summary>Stretch: 0 brittle, 1 stiff (under 5 %), 2 medium (to 30 %), 3 elastic (to 150 %), 4 elastomeric.</summary>
    public int Flex { get; init; } = 2;

    /// <summary>Least preparation of bare iron and steel.</summary>
    public Prep LeastPrep { get; init; } = Prep.Power;

    /// <summary>Bears wear: 0 marks when wiped, 1 wipes clean, 2 scrubs (EN 13300, from memory).</summary>
    public int Scrub { get; init; } = 1;

    /// <summary>Shows what is below it: varnish, stain, oil.</summary>
    public bool Clear { get; init; }

    /// <summary>Hours that a mixed two-part product can be used at 20 degrees; null for one part.</summary>
    public double? PotLifeHours { get; init; }

    /// <summary>Cures with isocyanate: never sprayed by this program's advice, training and mask to brush or roll.</summary>
    public bool Isocyanate { get; init; }

    /// <summary>Minutes that a wet edge stays open at 20 degrees and 50 % humidity.</summary>
    public double WetEdge { get; init; } = 10;

    /// <summary>Reads as mixing, stirring and loading advice.</summary>
    public string Handling { get; init; } = "stir to the bottom of the tin; box tins of one colour together";

    /// <summary>Where the numbers come from.</summary>
    public required Source Source { get; init; }

    /// <summary>Spread for a substrate's spread class, square metres per litre.</summary>
    public double SpreadOn(int spreadClass) =>
        spreadClass switch
        {
            0 => Spread.Smooth,
            1 => Spread.Porous,
            _ => Spread.Rough,
        };

    /// <inheritdoc/>
    public override string ToString() => Id;
}

/// <summary>Something bought that is not a coating: filler, caulk, cleaner, sheeting.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Title">What a painter calls it.</param>
/// <param name="Unit">Unit in which it is counted: L, kg, m2, piece.</param>
/// <param name="PricePerUnit">Price per unit, in the job's currency before its price factor.</param>
/// <param name="Packs">Pack sizes in that unit, ascending.</param>
/// <param name="Source">Where the numbers come from.</param>
public sealed record Sundry(string Id, string Title, string Unit, double PricePerUnit, ImmutableArray<double> Packs, Source Source);
