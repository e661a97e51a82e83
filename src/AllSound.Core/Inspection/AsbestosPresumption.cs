using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Sources;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Inspection;

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
            _ => throw new ArgumentOutOfRangeException(nameof(jurisdiction)),
        };

    /// <summary>Where the years come from.</summary>
    public static Source Source { get; } = Source.Standard("HSG 264, CAR 2012, 29 CFR 1926.1101, national rules", Confidence.Usual);

    /// <summary>The presumption for a surface.</summary>
    /// <returns>What to work by, and why.</returns>
    public static (Lead Asbestos, string Why) For(Jurisdiction jurisdiction, Building building, Surface surface, SubstrateDefinition substrate)
    {
        ArgumentNullException.ThrowIfNull(building);
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(substrate);
        var texture = surface.Layers?.FirstOrDefault(l => l.Coating == "texture");
        var sheet = substrate.Value == Substrate.FibreCement;
        if (texture is null && !sheet)
        {
            return (Lead.ProvedAbsent, "No texture, board or cement sheet recorded.");
        }

        // Cement sheet dates from when it was put up; texture at the latest from when the face was last known without it.
        var year = (sheet ? null : texture!.Year) ?? surface.Year ?? building.Built;
        var limit = FirstUnsuspectedYear(jurisdiction);
        if (year >= limit)
        {
            return (
                Lead.ProvedAbsent,
                $"{(sheet ? "Cement sheet" : "Texture")} of {year.Value.ToString(CultureInfo.InvariantCulture)}, from {limit} on in {jurisdiction}: not to be expected ({Edition})."
            );
        }

        return (
            Lead.Presumed,
            $"{(sheet ? "Cement sheet" : "Textured coating")} that may be older than {limit} in {jurisdiction}, not sampled: treated as asbestos; leave it undisturbed ({Edition})."
        );
    }
}
