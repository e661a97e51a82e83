using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Assessment;

/// <summary>The ground that a survey means, by what was found on it.</summary>
internal static class Grounds
{
    private const string Galvanised = "galv_old";
    private const string ZincPartlyGone = "galv_part";

    /// <summary>The ground: old galvanising with heavy red rust is steel from which the zinc has gone, and is prepared and primed as that; with spots of rust it is zinc still. Common practice.</summary>
    /// <param name="surface">The surface.</param>
    /// <param name="facts">What is known of it.</param>
    /// <exception cref="ArgumentException">The substrate is not known; validate the job first.</exception>
    public static SubstrateDefinition Of(Surface surface, Facts facts) =>
        Substrates.Find(surface.Substrate == Galvanised && facts.Rust is Rust.Heavy or Rust.Scale ? ZincPartlyGone : surface.Substrate)
        ?? throw new ArgumentException($"Unknown substrate {surface.Substrate}.", nameof(surface));
}
