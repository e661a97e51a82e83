using System.Collections.Immutable;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;

namespace AllSound.Core.Diagnosis;

/// <summary>The one way from a survey to causes: everything recorded, by the job's own judgements.</summary>
public static class Diagnosing
{
    /// <summary>From here on a cause is taken to be at work, and the work puts right what it implies.</summary>
    public const double AtWork = 0.5;

    /// <summary>From here on a cause that is not taken to be at work is said as a risk. Below it nothing is said.</summary>
    public const double Possible = 0.15;

    /// <summary>Why the surface fails, likeliest first; empty where nothing was seen.</summary>
    /// <exception cref="ArgumentException">The substrate is not known; validate the job first.</exception>
    public static ImmutableArray<Finding> Of(Job job, Surface surface)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(surface);
        var substrate = Substrates.Find(surface.Substrate) ?? throw new ArgumentException($"Unknown substrate {surface.Substrate}.", nameof(surface));
        return NoisyOr.Diagnose(substrate.Family, Observations.Of(surface), Causes.With(job.Judgements));
    }

    /// <summary>The facts with what the causes at work imply, the likeliest first; what was recorded stands.</summary>
    public static Facts WithImplied(Facts facts, ImmutableArray<Finding> findings) =>
        findings.Where(f => f.Probability >= AtWork).SelectMany(f => f.Cause.Implies).Aggregate(facts, (f, i) => i.Apply(f));
}
