using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>What must be taken for granted about asbestos in texture and cement sheet until a laboratory says otherwise.</summary>
public static class AsbestosPresumption
{
    /// <summary>Edition of the table, to be checked against local law.</summary>
    public const string Edition = "recalled about 2024; check locally";

    /// <summary>
    /// First year from which such material in a jurisdiction is not suspected: the year after the ban, the later where
    /// sources differ. The US had no whole ban before 2024.
    /// </summary>
    public static int FirstUnsuspectedYear(Jurisdiction jurisdiction) =>
        jurisdiction switch
        {
            Jurisdiction.US => 2025,
            Jurisdiction.CA => 2019,
            Jurisdiction.GB => 2000,
            Jurisdiction.IE => 2006,
            Jurisdiction.AU => 2004,
            Jurisdiction.NZ => 2017,
            Jurisdiction.ZA => 2009,
            // Nobody here knows the rules of every place: no year clears it.
            Jurisdiction.Elsewhere => int.MaxValue,
            _ => throw new ArgumentOutOfRangeException(nameof(jurisdiction)),
        };

    /// <summary>Where the years come from.</summary>
    public static Source Source { get; } = Source.Standard("HSG 264, CAR 2012, 29 CFR 1926.1101, national rules", Confidence.Usual);

    // Where it usually is, however it was recorded, and the year that the material dates from. Common practice and national guidance, from memory.
    private static readonly ImmutableArray<(string What, Func<Surface, SubstrateDefinition, bool> There, Func<Surface, int?> Year)> Places =
    [
        // Texture dates at the latest from when the face was last known without it.
        ("Textured coating", (s, _) => s.Layers?.Any(l => l.Coating == "texture") == true, s => s.Layers!.Value.First(l => l.Coating == "texture").Year ?? s.Year),
        ("Textured coating", (s, _) => s.Form is { } form && Forms.Find(form.Kind) is { IsCoat: true } && Inside(s), s => s.Year),
        ("Cement sheet", (_, g) => g.Value == Substrate.FibreCement, s => s.Year),
        ("Board, tile or lagging of a kind that often held asbestos", (_, g) => g.MayHoldAsbestos, s => s.Year),
        ("Lagging, rope, gasket or insulating board", (s, _) => s.Facts.Lagging == true, s => s.Year),
        ("Bitumen on a floor", (s, _) => s.Element is Element.Floor && s.Layers?.Any(l => l.Coating == "bitumen") == true, s => s.Year),
    ];

    private static bool Inside(Surface surface) => surface.Exposure == Exposure.Inside && surface.Element is Element.Ceiling or Element.Wall or Element.ChimneyBreast;

    /// <summary>The presumption for a surface.</summary>
    /// <returns>What to work by, and why.</returns>
    public static (Lead Asbestos, string Why) For(Jurisdiction jurisdiction, Building building, Surface surface, SubstrateDefinition substrate)
    {
        ArgumentNullException.ThrowIfNull(building);
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(substrate);
        var limit = FirstUnsuspectedYear(jurisdiction);
        var young = (Lead.ProvedAbsent, "No texture, board, lagging or cement sheet recorded.");
        foreach (var (what, there, yearOf) in Places)
        {
            if (!there(surface, substrate))
            {
                continue;
            }

            var year = yearOf(surface) ?? building.Built;
            if (!(year >= limit))
            {
                var when = jurisdiction == Jurisdiction.Elsewhere ? "and no rule known for this country" : $"that may be older than {limit} in {jurisdiction}";
                return (Lead.Presumed, $"{what} {when}, not sampled: treated as asbestos; leave it undisturbed ({Edition}).");
            }

            young = (
                Lead.ProvedAbsent,
                $"{what} of {year.Value.ToString(CultureInfo.InvariantCulture)}, from {limit} on in {jurisdiction}: not to be expected ({Edition})."
            );
        }

        return young;
    }

    /// <summary>Does the age of a building allow asbestos in it?</summary>
    public static bool IsSuspect(Jurisdiction jurisdiction, int? built) => !(built >= FirstUnsuspectedYear(jurisdiction));
}
