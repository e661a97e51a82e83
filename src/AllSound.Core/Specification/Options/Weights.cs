namespace AllSound.Core.Specification;

/// <summary>
/// How much each criterion counts in one search. All weights are above zero, so that whatever the search returns is
/// beaten by nothing on all criteria at once.
/// </summary>
/// <param name="Money">For each unit of currency.</param>
/// <param name="Day">For each day.</param>
/// <param name="Hazard">For each point of hazard.</param>
public readonly record struct Weights(double Money, double Day, double Hazard)
{
    /// <summary>Least cost; days and hazard only break ties.</summary>
    public static Weights LeastCost => new(1, 0.01, 0.01);

    /// <summary>Soonest.</summary>
    public static Weights Soonest => new(0.01, 1000, 0.01);

    /// <summary>Gentlest.</summary>
    public static Weights Gentlest => new(0.01, 0.01, 1000);
}
