namespace AllSound.Core.Durability;

/// <summary>
/// Years to first maintenance: what is usual of the class, brought up to date by what was seen. Failures are taken to come at a steady rate, of which the
/// gamma distribution is the conjugate: each failure weighs one, each year seen sound counts in full.
/// </summary>
/// <param name="Years">The mean life expected.</param>
/// <param name="Low">Lower end of the interval that holds it with 95 %.</param>
/// <param name="High">Upper end of it.</param>
/// <param name="Failures">How many failures it rests on.</param>
/// <param name="Seen">Years seen, all surfaces together.</param>
public sealed record LifeEstimate(double Years, double Low, double High, int Failures, double Seen)
{
    // What is usual of the class counts like two failures that were seen. Judgement.
    private const double Weight = 2;

    private const double Z = 1.959964;

    /// <summary>Estimates it.</summary>
    /// <param name="usual">Life that is usual of the class, years, over 0.</param>
    /// <param name="seen">What was seen.</param>
    /// <exception cref="ArgumentOutOfRangeException">The usual life is not over 0.</exception>
    public static LifeEstimate Of(double usual, IReadOnlyCollection<Lasted> seen)
    {
        ArgumentNullException.ThrowIfNull(seen);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(usual);
        var failures = seen.Count(s => s.Failed);
        var years = seen.Sum(s => s.Years);

        // The mean life is inverse gamma of this shape and scale; its mean is the scale over the shape less one.
        var shape = Weight + 1 + failures;
        var scale = (Weight * usual) + years;
        return new(scale / (shape - 1), scale / Gamma(shape, Z), scale / Gamma(shape, -Z), failures, years);
    }

    /// <summary>
    /// The quantile of a gamma distribution of scale 1 at so many standard deviations of the normal one: Wilson and Hilferty (1931). Of shape 3 or more within
    /// 3 % of the exact value.
    /// </summary>
    internal static double Gamma(double shape, double z) => shape * Math.Pow(1 - (1 / (9 * shape)) + (z * Math.Sqrt(1 / (9 * shape))), 3);
}
