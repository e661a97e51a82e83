using System.Collections.Immutable;

namespace AllSound.Core.Hiding;

/// <summary>A kind of paint by how it hides.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Power">What it scatters and absorbs; of clean colours in the band that hides least.</param>
/// <param name="Film">Usual dry film of a coat, um.</param>
/// <param name="Band">The band the numbers are of, where that is not all light; else empty.</param>
public sealed record HidingPaint(string Id, HidingPower Power, double Film, string Band = "");

/// <summary>
/// Paints of the trade by how they hide. Judgement from common practice, checked for plausibility against the hiding classes of EN 13300 (from memory): a card
/// drawn down with the very paint is better.
/// </summary>
public static class Paints
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<HidingPaint> All { get; } =
    [
        new("white-premium-matt", HidingPower.Of(0.220, 0.93), 25),
        new("white-contract-matt", HidingPower.Of(0.170, 0.90), 25),
        new("white-economy-matt", HidingPower.Of(0.110, 0.88), 25),
        new("white-trim", HidingPower.Of(0.150, 0.88), 32),
        new("pastel", HidingPower.Of(0.160, 0.75), 25),
        new("mid-tone", HidingPower.Of(0.100, 0.40), 25),
        new("mid-dark", HidingPower.Of(0.070, 0.20), 25),
        new("dark", HidingPower.Of(0.045, 0.06), 30),
        new("black", HidingPower.Of(0.040, 0.04), 32),
        new("clean-yellow", HidingPower.Of(0.040, 0.65), 30, "green and red light"),
        new("clean-red", HidingPower.Of(0.030, 0.50), 30, "red light"),
        new("clean-orange", HidingPower.Of(0.035, 0.65), 30, "red light"),
        new("clean-blue", HidingPower.Of(0.030, 0.35), 30, "blue light"),
    ];
}
