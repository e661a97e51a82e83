using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Testing;

/// <summary>A need that a step finds unmet.</summary>
/// <param name="Step">Number of the step, from 1; null at the end.</param>
/// <param name="Need">The need.</param>
public sealed record Unmet(int? Step, Need Need)
{
    /// <summary>How bad.</summary>
    public Severity Severity => Need.Severity;
}

/// <summary>
/// A sequence run through the transition function as it stands: for tests of what follows what. An audit takes what need not be written as done and goes on as if
/// faults were put right; this does neither.
/// </summary>
public static class Strict
{
    /// <summary>Every need unmet, told once until it has been met again.</summary>
    public static ImmutableArray<Unmet> Run(Surface surface, Appraised appraised, IReadOnlyList<SequenceStep> sequence, Firm? firm = null)
    {
        firm ??= Firm.Any;
        var unmet = ImmutableArray.CreateBuilder<Unmet>();
        var (condition, told) = (appraised.Condition, new HashSet<Need>());
        for (var i = 0; i < sequence.Count; i++)
        {
            var act = firm.Act(Operations.Find(sequence[i].Operation)!, sequence[i].Product)!;
            var t = Treatments.Apply(condition, act, sequence[i].WaitHours, Pace.Least);
            told.RemoveWhere(n => n.Holds(t.Before));
            unmet.AddRange(t.UnmetNeeds.Where(n => told.Add(n) || n.Severity == Severity.Danger).Select(n => new Unmet(i + 1, n)));
            condition = t.After;
        }

        unmet.AddRange(
            Goal.For(surface, appraised.Condition, firm)
                .Needs.Where(n => n != Needs.SiteCleared && !n.Holds(condition) && !told.Contains(n))
                .Select(n => new Unmet(null, n))
        );
        return unmet.ToImmutable();
    }

    /// <summary>The same for one surface of a test; steps as "operation/product@hours".</summary>
    public static ImmutableArray<Unmet> Run(Surface surface, params string[] steps) => RunBuilt(surface, 2010, steps);

    /// <summary>The same in a building of a year.</summary>
    public static ImmutableArray<Unmet> RunBuilt(Surface surface, int? built, params string[] steps) =>
        Run(surface, One.Appraise(surface, built), [.. steps.Select(Demo.Parse)], Firm.Of(One.Job(surface, built)));

    /// <summary>The same for a surface of the demo job.</summary>
    public static ImmutableArray<Unmet> RunDemo(string id, params string[] steps)
    {
        var (job, building, space, surface) = Demo.Place(id);
        return Run(surface, Appraisal.Appraise(job, building, space, surface), [.. steps.Select(Demo.Parse)]);
    }
}
