using System.Collections.Immutable;
using AllSound.Core.Programme;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>A limit and what stands against it.</summary>
/// <param name="What">What is limited.</param>
/// <param name="Value">What it is; null where nothing is known.</param>
/// <param name="Limit">The limit.</param>
/// <param name="Unit">Unit of both.</param>
/// <param name="Met">Does it hold.</param>
/// <param name="Source">Where the value comes from.</param>
public sealed record LimitReport([property: Prose] string What, double? Value, double Limit, string Unit, bool Met, [property: Prose] string Source);

/// <summary>A stretch of the day.</summary>
/// <param name="From">Its beginning.</param>
/// <param name="To">Its end.</param>
/// <param name="May">May the coat be laid in it.</param>
/// <param name="Why">Why not; empty where it may.</param>
public sealed record DayStretchReport(DateTime From, DateTime To, bool May, [property: Prose] string Why);

/// <summary>May the next coat of a surface be laid, and when.</summary>
/// <param name="Id">Id of the surface.</param>
/// <param name="Title">Its title.</param>
/// <param name="Coat">The coat that is meant; null where none follows.</param>
/// <param name="At">The moment that it is asked for.</param>
/// <param name="May">yes, no, until or from.</param>
/// <param name="Figures">Figures by name: those known.</param>
/// <param name="Limits">The limits at that moment.</param>
/// <param name="From">From when it may be, where not yet.</param>
/// <param name="LatestStart">The latest start of the coat.</param>
/// <param name="LatestEnd">By when the last of it must be on.</param>
/// <param name="Reasons">Why.</param>
/// <param name="Todo">What would make it possible.</param>
/// <param name="Meanwhile">What else can be done.</param>
/// <param name="Day">The day from midnight to midnight; empty where no weather is known.</param>
public sealed record ConditionsReport(
    string Id,
    string Title,
    [property: Prose] string? Coat,
    DateTime At,
    string May,
    ImmutableSortedDictionary<string, double> Figures,
    ImmutableArray<LimitReport> Limits,
    DateTime? From,
    DateTime? LatestStart,
    DateTime? LatestEnd,
    [property: Prose] ImmutableArray<string> Reasons,
    [property: Prose] ImmutableArray<string> Todo,
    [property: Prose] ImmutableArray<string> Meanwhile,
    ImmutableArray<DayStretchReport> Day
)
{
    /// <summary>Conditions in the words of the reports.</summary>
    public static ConditionsReport Of(PaintingConditions found, string title)
    {
        ArgumentNullException.ThrowIfNull(found);
        return new(
            found.Surface,
            title,
            found.Coat,
            found.At,
            found.May.ToString().ToLowerInvariant(),
            found.Figures,
            [.. found.Limits.Select(l => new LimitReport(l.What, l.Value is { } v ? Math.Round(v, 2) : null, l.Limit, l.Unit, l.Met, l.Source))],
            found.From,
            found.LatestStart,
            found.LatestEnd,
            found.Reasons,
            found.Todo,
            found.Meanwhile,
            [.. found.Day.Select(d => new DayStretchReport(d.From, d.To, d.May, d.Why))]
        );
    }
}
