using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>Something wrong with a sequence.</summary>
/// <param name="Step">Number of the step from 1, or null for what is missing at the end.</param>
/// <param name="Severity">How bad.</param>
/// <param name="Need">The need not met.</param>
/// <param name="Mend">The smallest mend found.</param>
public sealed record AuditFault(int? Step, Severity Severity, Need Need, string Mend);

/// <summary>What an audit found.</summary>
/// <param name="Faults">In order of steps; empty when the sequence is sound.</param>
/// <param name="NotSpecified">What the sequence leaves open and the audit took as done properly, in words.</param>
/// <param name="Mended">The sequence with every mend in it; empty when there are no faults, or where some cannot be put right by steps alone.</param>
public sealed record Audited(ImmutableArray<AuditFault> Faults, ImmutableArray<string> NotSpecified, ImmutableArray<SequenceStep> Mended);

/// <summary>Runs any sequence through the transition function and says what is not ready.</summary>
public static class Auditor
{
    /// <summary>Audits a sequence on a surface.</summary>
    /// <param name="rates">Prices, for the cheapest mend.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="appraised">Its condition.</param>
    /// <param name="sequence">The steps; operations and products must be known (validate first).</param>
    /// <param name="firm">The firm's own products; null for none.</param>
    public static Audited Audit(Rates rates, Surface surface, Appraised appraised, IReadOnlyList<SequenceStep> sequence, Practice.Firm? firm = null)
    {
        firm ??= Practice.Firm.Any;
        ArgumentNullException.ThrowIfNull(sequence);
        var goal = Goal.For(surface, appraised.Condition, firm);
        var mender = new Mender(new Remedy(rates, goal, appraised), appraised.Condition);
        var faults = ImmutableArray.CreateBuilder<AuditFault>();
        var open = ImmutableArray.CreateBuilder<string>();
        var condition = appraised.Condition;

        // A need broken once is told once, until it has been met again.
        var told = default(NeedSet);
        for (var i = 0; i < sequence.Count; i++)
        {
            var step = sequence[i];
            var operation = Operations.Find(step.Operation) ?? throw new ArgumentException($"Unknown operation {step.Operation}.", nameof(sequence));
            var gone = step.Product is { } named && firm.Find(named) is null;
            var act = firm.Act(operation, gone ? null : step.Product) ?? throw new ArgumentException($"{step.Operation} does not use {step.Product}.", nameof(sequence));
            if (gone)
            {
                open.Add($"Step {i + 1}: '{step.Product}' is no product any more; read as {act.Product?.Title ?? "none"}.");
            }
            else if (step.Product is null && operation.Products.Length > 1)
            {
                open.Add($"Step {i + 1}: product not specified; read as {act.Product!.Title}.");
            }

            var transition = Treatments.Apply(condition, act, step.WaitHours, Pace.Least);
            told -= Treatments.Satisfied(transition.Before);
            var mends = mender.Step(step, act);
            foreach (var need in transition.UnmetNeeds)
            {
                if (!told.Contains(need.Index) || (need.Severity == Severity.Danger && !need.Unwritten))
                {
                    faults.Add(new AuditFault(i + 1, need.Unwritten ? Severity.Note : need.Severity, need, mends.GetValueOrDefault(need) ?? mender.Already(need)));
                }
            }

            told |= transition.Unmet;
            condition = transition.After;
        }

        var end = Treatments.Satisfied(condition);
        foreach (var need in goal.Needs.Where(n => n != Needs.SiteCleared))
        {
            // What the mends bring with them must be ended as well.
            var mend = mender.AtEnd(need);
            if (!end.Contains(need.Index) && !told.Contains(need.Index))
            {
                faults.Add(new AuditFault(null, need.Severity, need, mend));
            }
        }

        return new Audited(faults.ToImmutable(), open.ToImmutable(), faults.Count > 0 ? mender.Mended : []);
    }
}
