using AllSound.Core.Jobs;

namespace AllSound.Core.Assessment;

/// <summary>What proves that there is none of something: a record of who found so and how, or the reading itself. A word is no proof.</summary>
internal static class Proofs
{
    /// <summary>Is it proved that the surface holds no lead, where that is what was recorded?</summary>
    /// <param name="surface">The surface, for its readings.</param>
    /// <param name="record">Who proved it, and how.</param>
    public static bool OfLead(Surface surface, string? record) => Of(surface, record, "T_lead_lab", "T_lead_xrf");

    /// <summary>The same of asbestos.</summary>
    /// <param name="surface">The surface, for its readings.</param>
    /// <param name="record">Who proved it, and how.</param>
    public static bool OfAsbestos(Surface surface, string? record) => Of(surface, record, "T_asb_lab");

    private static bool Of(Surface surface, string? record, params string[] checks) =>
        !string.IsNullOrWhiteSpace(record) || surface.Readings.Any(r => checks.Contains(r.Check));
}
