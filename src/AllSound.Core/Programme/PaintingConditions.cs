using System.Collections.Immutable;

namespace AllSound.Core.Programme;

/// <summary>May a coat be laid.</summary>
public enum May : byte
{
    /// <summary>Yes, as far as anything is known.</summary>
    Yes,

    /// <summary>No.</summary>
    No,

    /// <summary>Yes, until a time.</summary>
    Until,

    /// <summary>Not yet; from a time.</summary>
    From,
}

/// <summary>A limit and what stands against it.</summary>
/// <param name="What">What is limited.</param>
/// <param name="Why">What is wrong where it does not hold, as one says it.</param>
/// <param name="Value">What it is; null where nothing is known.</param>
/// <param name="Limit">The limit.</param>
/// <param name="Unit">Unit of both.</param>
/// <param name="Met">Does it hold; false where nothing is known.</param>
/// <param name="Source">Where the value comes from: measured, forecast, estimated, unknown.</param>
/// <param name="Do">What would make it hold.</param>
public sealed record Limited(string What, string Why, double? Value, double Limit, string Unit, bool Met, string Source, string Do);

/// <summary>A stretch of a day.</summary>
/// <param name="From">Its beginning.</param>
/// <param name="To">Its end.</param>
/// <param name="May">May the coat be laid in it.</param>
/// <param name="Why">Why not; empty where it may.</param>
public sealed record DayStretch(DateTime From, DateTime To, bool May, string Why);

/// <summary>May the next coat of a surface be laid, and when.</summary>
/// <param name="Surface">Id of the surface.</param>
/// <param name="At">The moment that it is asked for.</param>
/// <param name="May">The answer.</param>
/// <param name="Coat">The coat that is meant; null where none follows.</param>
/// <param name="Figures">Figures by name: airC, rh, surfaceC, dewPointC, marginK, lowestSurfaceC, equilibriumMoisturePercent; those known.</param>
/// <param name="Limits">The limits at that moment.</param>
/// <param name="From">From when it may be, where not yet; null elsewhere.</param>
/// <param name="LatestStart">The latest start of the coat; null where there is none.</param>
/// <param name="LatestEnd">By when the last of it must be on; null where there is none.</param>
/// <param name="Reasons">Why.</param>
/// <param name="Todo">What would make it possible.</param>
/// <param name="Meanwhile">What else can be done.</param>
public sealed record PaintingConditions(
    string Surface,
    DateTime At,
    May May,
    string? Coat,
    ImmutableSortedDictionary<string, double> Figures,
    ImmutableArray<Limited> Limits,
    DateTime? From,
    DateTime? LatestStart,
    DateTime? LatestEnd,
    ImmutableArray<string> Reasons,
    ImmutableArray<string> Todo,
    ImmutableArray<string> Meanwhile
)
{
    /// <summary>The day of the moment from midnight to midnight; empty where no weather is known.</summary>
    public ImmutableArray<DayStretch> Day { get; init; } = [];
}
