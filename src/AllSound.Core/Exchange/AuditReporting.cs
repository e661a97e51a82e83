using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

/// <summary>Audits as they are written out and sent.</summary>
public static class AuditReporting
{
    /// <summary>Audits the sequence written for a surface.</summary>
    public static AuditReport Audit(Job job, Building building, Space space, Surface surface)
    {
        ArgumentNullException.ThrowIfNull(surface);
        return surface.Sequence is { IsEmpty: false } sequence
            ? Audit(job, building, space, surface, sequence, surface.Said, [.. sequence.Select(Read).OfType<ReadReport>()])
            : new(surface.Id, "none", [], [], [], null, [], []);
    }

    /// <summary>Audits lines as a painter wrote them, whatever sequence the surface has.</summary>
    /// <param name="job">The job.</param>
    /// <param name="building">The building.</param>
    /// <param name="space">The space.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="lines">The lines.</param>
    public static AuditReport Audit(Job job, Building building, Space space, Surface surface, string lines)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(surface);
        var read = LineReader.Read(lines, surface.Element, [.. job.Products]);
        var steps = read.Select(r => r.Step).OfType<SequenceStep>().ToImmutableArray();
        return Audit(job, building, space, surface, steps, [.. read.Select(r => r.Said).OfType<SequenceSaid>()], [.. read.Select(Read)]);
    }

    private static AuditReport Audit(
        Job job,
        Building building,
        Space space,
        Surface surface,
        ImmutableArray<SequenceStep> sequence,
        ImmutableArray<SequenceSaid> said,
        ImmutableArray<ReadReport> read
    )
    {
        var (appraised, firm) = (Appraisal.Appraise(job, building, space, surface), Practice.Firm.Of(job));
        var audited = Auditor.Audit(job.Rates, surface, appraised, sequence, firm, said);
        Act[] acts = [.. sequence.Select(s => firm.Act(Operations.Find(s.Operation)!, s.Product)).OfType<Act>()];
        return new(
            surface.Id,
            NamedEnumConverterFactory.Name(audited.Verdict.ToString()),
            [.. audited.Faults.Select(f => new FaultReport(f.Step, f.Severity, f.Need?.Title ?? f.Problem, f.Id, f.Problem, f.Consequence, f.Mend, f.Also, f.Source.ToString()))],
            [.. audited.Questions.Select(q => new QuestionReport(q.Step, q.Asks, q.Decides))],
            [.. audited.Notes.Select(n => new NoteReport(n.Step, n.Says))],
            audited.Mended.IsEmpty ? null : [.. audited.Mended.Select((s, i) => Mended(s, i + 1, firm))],
            read,
            [.. Safety.Hazards.Of(surface, appraised, [.. acts]).Select(Reporting.Report)]
        );
    }

    private static MendedStepReport Mended(SequenceStep step, int number, Practice.Firm firm)
    {
        var operation = Operations.Find(step.Operation)!;
        return new(
            number,
            step.Operation,
            Reporting.GroupName(operation.Group),
            operation.Title,
            step.Product,
            step.Product is { } product ? firm.Find(product)?.Title : null,
            step.Line,
            step
        );
    }

    private static ReadReport? Read(SequenceStep step) =>
        step is { Line: { } line, Words: { } words } ? new(words, line, [step.Operation, .. step.Or], null, 1) : null;

    private static ReadReport Read(ReadLine line) =>
        new(line.Line, line.Number, line.Step is { } step ? [step.Operation] : [], line.Step is null ? string.Join("; ", line.NotSpecified) : null, line.Sure);
}
