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
            ? Audit(job, building, space, surface, sequence, surface.Said, null)
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
        return Audit(job, building, space, surface, steps, [.. read.Select(r => r.Said).OfType<SequenceSaid>()], read);
    }

    /// <summary>A fault in the words of the reports.</summary>
    internal static FaultReport Fault(AuditFault fault) =>
        new(fault.Step, fault.Severity, fault.Need?.Title ?? fault.Problem, fault.Id, fault.Problem, fault.Consequence, fault.Mend, fault.Also, fault.Source.ToString());

    private static AuditReport Audit(
        Job job,
        Building building,
        Space space,
        Surface surface,
        ImmutableArray<SequenceStep> sequence,
        ImmutableArray<SequenceSaid> said,
        ImmutableArray<ReadLine>? lines
    )
    {
        var (appraised, firm) = (Appraisal.Appraise(job, building, space, surface), Practice.Firm.Of(job));
        var audited = Auditor.Audit(job.Rates, surface, appraised, sequence, firm, said);
        return new(
            surface.Id,
            NamedEnumConverterFactory.Name(audited.Verdict.ToString()),
            [.. audited.Faults.Select(Fault)],
            [.. audited.Questions.Select(q => new QuestionReport(q.Step, q.Asks, q.Decides))],
            [.. audited.Notes.Select(n => new NoteReport(n.Step, n.Says))],
            audited.Mended.IsEmpty ? null : [.. audited.Mended.Select((s, i) => Mended(s, i + 1, firm))],
            [.. Read(sequence, audited.Acts, lines)],
            [.. Safety.Hazards.Of(surface, appraised, audited.Acts).Select(Reporting.Report)]
        );
    }

    /// <summary>What a line was read as, before any audit.</summary>
    public static ReadReport Read(ReadLine line)
    {
        ArgumentNullException.ThrowIfNull(line);
        return line.Step is { } step
            ? new(line.Line, line.Number, [step.Product is null ? step.Operation : $"{step.Operation}/{step.Product}", .. step.Or], null, line.Sure)
            : new(line.Line, line.Number, [], string.Join("; ", line.NotSpecified), line.Sure);
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

    // What each line was taken as, by what the audit made of it.
    private static IEnumerable<ReadReport> Read(ImmutableArray<SequenceStep> sequence, ImmutableArray<Act> acts, ImmutableArray<ReadLine>? lines)
    {
        var at = 0;
        if (lines is not { } all)
        {
            return sequence
                .Select((s, i) => (Step: s, Act: acts[i]))
                .Where(x => x.Step is { Line: not null, Words: not null })
                .Select(x => new ReadReport(x.Step.Words!, x.Step.Line!.Value, [x.Act.Id], null, 1));
        }

        return all.Select(l =>
            l.Step is null
                ? new ReadReport(l.Line, l.Number, [], string.Join("; ", l.NotSpecified), l.Sure)
                : new ReadReport(l.Line, l.Number, [acts[at++].Id], null, l.Sure)
        );
    }
}
