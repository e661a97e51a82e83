using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Buying;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

/// <summary>Runs the engines on a surface or a job and says what they found in the words of the reports.</summary>
public static class Reporting
{
    /// <summary>Specifies a surface.</summary>
    public static SpecificationReport Specify(Job job, Building building, Space space, Surface surface) =>
        Report(job, surface, Specifier.Specify(job, building, space, surface));

    /// <summary>Says what was specified.</summary>
    /// <param name="job">The job.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="specified">What came of it.</param>
    /// <param name="why">False to leave empty what stands in the way where there is none, because it is asked for apart: it takes the longest to find.</param>
    public static SpecificationReport Report(Job job, Surface surface, Specified specified, bool why = true)
    {
        ArgumentNullException.ThrowIfNull(specified);
        return new(
            surface.Id,
            surface.Title,
            [.. specified.Options.Select(o => Stepping.Report(o, job.Rates.Currency, surface, specified.Appraised))],
            Holds(specified),
            Stepping.Report(specified.Meanwhile, surface, specified.Appraised, "what stops the work"),
            specified.Afterwards is { } then
                ? new ThenReport(then.Freed, [.. then.Plan.Options.Select(o => Stepping.Report(o, job.Rates.Currency, surface, then.Plan.Appraised))], then.Plan.Notes)
                : null,
            specified.Blocked.IsEmpty ? null
                : why ? Blocked(job, surface, specified)
                : new BlockedReport("", [], [], null),
            specified.Notes,
            Technique.ElementOrders.For(surface),
            [.. Safety.Refusals.Bearing(specified.Appraised, surface).Select(r => $"{r.Title} Turn to: {r.Refer}.")],
            [.. Safety.Hazards.Of(surface, specified).Select(Report)]
        );
    }

    /// <summary>What stands in the way where there is no sequence and nothing holds, and what comes nearest; else null.</summary>
    public static BlockedReport? Blocked(Job job, Surface surface, Specified specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(specified);
        if (specified.Impasse is not { } impasse)
        {
            return null;
        }

        var nearest = specified.Nearest is { } near
            ? new NearestReport(near.Dropped, [.. near.Plan.Options.Select(o => Stepping.Report(o, job.Rates.Currency, surface, near.Plan.Appraised))])
            : null;
        return new BlockedReport(impasse.Reason, impasse.Frees, Others(impasse.Others), nearest);
    }

    /// <summary>Diagnoses a surface and ranks the next checks.</summary>
    public static DiagnosisReport Diagnose(Job job, Building building, Space space, Surface surface) =>
        Diagnose(job, building, space, surface, Specifier.Specify(job, building, space, surface));

    /// <summary>Diagnoses a surface that was specified already.</summary>
    public static DiagnosisReport Diagnose(Job job, Building building, Space space, Surface surface, Specified specified)
    {
        return Findings(job, surface, specified) with { Checks = [.. NextChecks.Rank(job, building, space, surface, specified).Select(Report)] };
    }

    /// <summary>Findings, holds and presumptions without the next checks, which take longer to weigh.</summary>
    public static DiagnosisReport Findings(Job job, Surface surface, Specified specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(surface);
        ArgumentNullException.ThrowIfNull(specified);
        return new(surface.Id, surface.Title, [.. specified.Appraised.Findings.Select(Report)], [], Holds(specified), Presumed(specified.Appraised));
    }

    /// <summary>Takes off a job.</summary>
    public static QuantitiesReport Quantities(Job job)
    {
        var specified = job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        return Quantities(job, specified);
    }

    /// <summary>Takes off a job that was specified already.</summary>
    public static QuantitiesReport Quantities(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        var taken = Takeoff.Of(job, specified);
        var titles = job.Surfaces().ToDictionary(x => x.Surface.Id, x => x.Surface.Title, StringComparer.Ordinal);
        return new(
            [
                .. taken.Surfaces.Select(s => new SurfaceQuantitiesReport(
                    s.SurfaceId,
                    titles[s.SurfaceId],
                    Math.Round(s.Measured.AreaM2, 2),
                    Math.Round(s.Measured.LengthM, 2),
                    s.Measured.How,
                    s.Option?.Name,
                    s.Waits,
                    [.. s.Items.Select(i => new ItemReport(i.Step.Number, i.Step.Act.Operation.Id, i.Material, i.Title, i.Unit, Math.Round(i.Amount, 3)))],
                    [.. specified[s.SurfaceId].Appraised.Extents.Slowed.Select(x => new SlowingReport(x.What, Math.Round(x.Times, 3)))],
                    Slowing.Says(specified[s.SurfaceId].Appraised.Extents.Slowed)
                )),
            ],
            ToBuy(job, taken.Materials),
            taken.LabourHours,
            new MoneyReport(decimal.Round(taken.Cost, 2), job.Rates.Currency),
            taken.Surfaces.Any(s => s.Waits)
                ? new OnceFreedReport(
                    ToBuy(job, taken.MaterialsOnceFreed),
                    taken.HoursOnceFreed,
                    new MoneyReport(decimal.Round(taken.CostOnceFreed, 2), job.Rates.Currency)
                )
                : null,
            [
                .. taken.Together.Select(t => new TogetherReport(
                    t.Space.Id,
                    t.Space.Title,
                    t.Waits,
                    Math.Round(t.Hours, 2),
                    new MoneyReport(decimal.Round(t.Money, 2), job.Rates.Currency),
                    t.Says(job.Rates.Currency)
                )),
            ],
            Math.Round(taken.VocGrams),
            [.. taken.Stored.Select(s => new StoredReport(s.Tin.Id, s.Title, s.Unit, Math.Round(s.Taken, 3), Math.Round(s.Tin.Amount - s.Taken, 3), s.Says))]
        );
    }

    /// <summary>Quotes a job that was specified already.</summary>
    /// <param name="job">The job.</param>
    /// <param name="specified">What was specified for each surface, by id.</param>
    /// <param name="date">The day of the offer, as printed.</param>
    public static QuoteReport Quote(Job job, IReadOnlyDictionary<string, Specified> specified, string date)
    {
        ArgumentNullException.ThrowIfNull(job);
        var taken = Takeoff.Of(job, specified);
        var quote = Quoting.Of(job, taken);
        var estimate = Estimating.Of(job, specified, taken);
        MoneyReport Money(decimal amount) => new(amount, job.Rates.Currency);
        return new(
            Quoting.Sent(job, quote, date),
            Money(quote.Net),
            Money(quote.Tax),
            Money(quote.Gross),
            Money(quote.Provisional.Sum(l => l.Price)),
            job.Quotations is [.., var sent] ? Quoting.Changes(sent, quote, job.Rates.Currency) : [],
            Money(estimate.Low),
            Money(estimate.High),
            [.. estimate.Inputs.Select(i => new UncertainReport(i.What, i.Less, i.More))],
            FoundWork.Of(job)
        );
    }

    private static ImmutableArray<MaterialReport> ToBuy(Job job, ImmutableArray<Material> materials) =>
        [
            .. materials.Select(m => new MaterialReport(
                m.Id,
                m.Title,
                m.Unit,
                m.Need,
                [.. m.Packed.Buy.Select(p => new PackReport(p.Size, p.Count))],
                m.Packed.Cost,
                m.Packed.Left,
                m.Key,
                m.Colour,
                m.FromStore,
                job.Bought.Contains(m.Key),
                m.Short
            )),
        ];

    internal static HazardReport Report(InForce found) =>
        new(found.Hazard.Id, found.Hazard.Title, found.Duty, found.Because, found.Hazard.Do, found.Hazard.Refer, found.Hazard.Source.ToString());

    private static ImmutableArray<HoldReport> Holds(Specified specified) =>
        [.. specified.Holds.Select(h => new HoldReport(h.Need.Id, h.Need.Problem, h.Need.Consequence, h.Need.Frees, h.Need.Meanwhile, Others(h.Others)))];

    private static ImmutableArray<string> Presumed(Appraised appraised)
    {
        var open = appraised.Resolutions.Where(r => r.How != Resolved.Inferred).ToList();
        var glance = open.Where(r => r.AtAGlance).Select(r => r.Why).ToList();
        return
        [
            .. open.Where(r => !r.AtAGlance).Select(r => r.Why),
            .. glance.Count > 0 ? [$"Not recorded, assumed absent: {string.Join(", ", glance)}."] : Array.Empty<string>(),
        ];
    }

    private static FindingReport Report(Finding finding) =>
        new(
            finding.Cause.Id,
            finding.Cause.Title,
            Math.Round(finding.Probability, 3),
            [.. finding.For.Select(Words)],
            [.. finding.Against.Select(Words)],
            [.. finding.Cause.Cure.Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)],
            finding.Cause.Proof,
            finding.Cause.Source.ToString()
        );

    private static string Words(Weighed weighed) => weighed.Present ? weighed.Sign.Title : $"looked for and absent: {weighed.Sign.Title}";

    private static ImmutableArray<OtherTradeReport> Others(ImmutableArray<Treatment.Operation> others) =>
        [.. others.Select(o => new OtherTradeReport(o.Id, o.Title, o.Do, o.Accept))];

    private static CheckReport Report(NextCheck next) =>
        new(
            next.Check.Id,
            next.Check.Title,
            next.Check.Do,
            next.Check.Minutes,
            next.Check.WaitHours,
            next.Value,
            next.Check.Gate,
            next.WouldChange,
            next.Settles,
            next.Check.Hazard,
            next.Check.Limits,
            next.Check.Source.ToString()
        );

    /// <summary>A group's name in files: camelCase.</summary>
    public static string GroupName(Group group) => NamedEnumConverterFactory.Name(group.ToString());
}
