using System.Collections.Immutable;

namespace AllSound.Core.Materials;

/// <summary>
/// A product that the firm really uses, as an instance of a class. Its own numbers, from its data sheet, win over those
/// of the class; a number left out is the class's.
/// </summary>
public sealed record OwnProduct
{
    /// <summary>Id, unique in the job, other than any class's.</summary>
    public required string Id { get; init; }

    /// <summary>What the firm calls it.</summary>
    public required string Title { get; init; }

    /// <summary>Id of the class that it belongs to.</summary>
    public required string Class { get; init; }

    /// <summary>Spread on a smooth face, square metres per litre, above 0 to 100; porous and rough go in proportion.</summary>
    public double? Spread { get; init; }

    /// <summary>Volume solids, percent, above 0 to 100.</summary>
    public double? VolumeSolids { get; init; }

    /// <summary>Dry film per coat, micrometres, 1 to 2,000.</summary>
    public int? Microns { get; init; }

    /// <summary>Most thinning, percent by volume, 0 to 100.</summary>
    public double? ThinMost { get; init; }

    /// <summary>Least hours before overcoating, 0 to 2,000.</summary>
    public double? LeastHours { get; init; }

    /// <summary>Advised hours before overcoating, 0 to 2,000.</summary>
    public double? AdvisedHours { get; init; }

    /// <summary>Days after which it must be keyed; 1 to 365.</summary>
    public int? LatestDays { get; init; }

    /// <summary>Volatile organic compounds, grams per litre, 0 to 1,000.</summary>
    public int? Voc { get; init; }

    /// <summary>Least air temperature for use, degrees Celsius, -20 to 40.</summary>
    public double? LeastC { get; init; }

    /// <summary>Most air temperature for use, degrees Celsius, 0 to 60.</summary>
    public double? MostC { get; init; }

    /// <summary>Price of a litre in the job's currency, 0 to 1,000.</summary>
    public decimal? LitrePrice { get; init; }

    /// <summary>Tin sizes, litres, ascending.</summary>
    public ImmutableArray<double> Tins { get; init; } = [];

    /// <summary>A gel: it must not be stirred.</summary>
    public bool Gel { get; init; }

    /// <summary>Where the numbers come from: data sheet and its date.</summary>
    public string? Sheet { get; init; }

    /// <summary>The class with this product's numbers.</summary>
    /// <exception cref="InvalidOperationException">The class is not known.</exception>
    public CoatingClass Instance(decimal baseLitre)
    {
        var of = Coatings.Find(Class) ?? throw new InvalidOperationException($"Unknown class {Class}.");
        var drying = of.Drying with
        {
            Least = LeastHours ?? of.Drying.Least,
            Advised = Math.Max(AdvisedHours ?? Math.Max(of.Drying.Advised, LeastHours ?? 0), LeastHours ?? 0),
            LatestDays = LatestDays ?? of.Drying.LatestDays,
        };
        var ratio = Spread is { } spread && of.Spread.Smooth > 0 ? spread / of.Spread.Smooth : 1;
        return of with
        {
            Title = Title,
            Own = this,
            Spread = (of.Spread.Smooth * ratio, of.Spread.Porous * ratio, of.Spread.Rough * ratio),
            VolumeSolids = VolumeSolids ?? of.VolumeSolids,
            Microns = Microns ?? of.Microns,
            ThinMost = ThinMost ?? of.ThinMost,
            Drying = drying,
            Voc = Voc ?? of.Voc,
            Temperature = (LeastC ?? of.Temperature.Least, MostC ?? of.Temperature.Most),
            Price = LitrePrice is { } price && baseLitre > 0 ? (double)(price / baseLitre) : of.Price,
            Tins = Tins.IsEmpty ? of.Tins : Tins,
            Handling = Gel ? "a gel: do not stir it, the gel breaks and runs; load straight from the tin" : of.Handling,
            Source = Sheet is null ? of.Source : Sources.Source.Sheet(Sheet),
        };
    }
}
