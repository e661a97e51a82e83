using System.Globalization;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>What must be taken for granted about lead until a test says otherwise.</summary>
public static class LeadPresumption
{
    /// <summary>Edition of the table, to be checked against local law.</summary>
    public const string Edition = "recalled about 2024; check locally";

    /// <summary>
    /// First year from which paint in a jurisdiction is not suspected. Where sources differ the later year stands.
    /// </summary>
    public static int FirstUnsuspectedYear(Jurisdiction jurisdiction) =>
        jurisdiction switch
        {
            Jurisdiction.US => 1978,
            Jurisdiction.CA => 1990,
            Jurisdiction.GB => 1992,
            Jurisdiction.IE => 1992,
            Jurisdiction.AU => 1997,
            Jurisdiction.NZ => 1980,
            Jurisdiction.ZA => 2009,
            // Nobody here knows the rules of every place: no year clears it.
            Jurisdiction.Elsewhere => int.MaxValue,
            _ => throw new ArgumentOutOfRangeException(nameof(jurisdiction)),
        };

    /// <summary>Where the years come from.</summary>
    public static Source Source { get; } = Source.Standard("40 CFR 745, CLAW 2002, AS/NZS 4361.2, national rules", Confidence.Usual);

    /// <summary>The presumption for fabric of a year; an unknown year is presumed lead.</summary>
    /// <param name="jurisdiction">Where it is.</param>
    /// <param name="year">Year the fabric and everything on it dates from, or null when unknown.</param>
    /// <returns>What to work by, and why.</returns>
    public static (Lead Lead, string Why) For(Jurisdiction jurisdiction, int? year)
    {
        var limit = FirstUnsuspectedYear(jurisdiction);
        if (year is null)
        {
            return (Lead.Presumed, $"Age unknown and lead not tested: treated as lead paint ({Edition}).");
        }

        if (jurisdiction == Jurisdiction.Elsewhere)
        {
            return (Lead.Presumed, $"Lead not tested, and no rule known for this country: treated as lead paint whatever the year ({Edition}).");
        }

        var text = year.Value.ToString(CultureInfo.InvariantCulture);
        return year < limit
            ? (Lead.Presumed, $"Fabric of {text}, before {limit} in {jurisdiction}, and lead not tested: treated as lead paint, even where it was stripped ({Edition}).")
            : (Lead.ProvedAbsent, $"Fabric and coats of {text}, from {limit} on in {jurisdiction}: lead paint not to be expected ({Edition}).");
    }
}
