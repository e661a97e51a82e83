using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>One fault.</summary>
/// <param name="Step">Number of the step, or of the line that it was read from; 0 for what is missing before the first, null for the end.</param>
/// <param name="Severity">danger, fails or poor.</param>
/// <param name="Need">What must be so, as a clause; for a manner of working, what is wrong.</param>
/// <param name="NeedId">Id of the need or of the manner.</param>
/// <param name="Problem">What is wrong, as a clause: "loose film is still on".</param>
/// <param name="Consequence">What it leads to.</param>
/// <param name="Mend">What puts it right.</param>
/// <param name="Also">Later steps that suffer from it.</param>
/// <param name="Source">Who says so.</param>
public sealed record FaultReport(
    int? Step,
    Severity Severity,
    [property: Prose] string Need,
    string NeedId,
    [property: Prose] string Problem,
    [property: Prose] string Consequence,
    [property: Prose] string Mend,
    ImmutableArray<int> Also,
    string Source
);

/// <summary>Something that was not stated and would decide.</summary>
/// <param name="Step">Number of the step that it bears on; null at the end.</param>
/// <param name="Asks">The question.</param>
/// <param name="Decides">What hangs on it.</param>
public sealed record QuestionReport(int? Step, [property: Prose] string Asks, [property: Prose] string Decides);

/// <summary>Something worth saying that is no fault.</summary>
/// <param name="Step">Number of the step; null for the whole.</param>
/// <param name="Says">The sentence.</param>
public sealed record NoteReport(int? Step, [property: Prose] string Says);

/// <summary>A step of a mended sequence.</summary>
/// <param name="N">Its number.</param>
/// <param name="Operation">Operation.</param>
/// <param name="Group">Its group.</param>
/// <param name="Title">Title.</param>
/// <param name="Product">Product, or null.</param>
/// <param name="ProductTitle">Its title.</param>
/// <param name="Line">Number of the line that it was read from; null for what was put in.</param>
/// <param name="Put">The step as it stands in a sequence.</param>
public sealed record MendedStepReport(
    int N,
    string Operation,
    string Group,
    [property: Prose] string Title,
    string? Product,
    [property: Prose] string? ProductTitle,
    int? Line,
    SequenceStep Put
);

/// <summary>What a line was read as.</summary>
/// <param name="Line">The words.</param>
/// <param name="Number">Number of the line, from 1.</param>
/// <param name="Operations">Ids of the operations understood; empty where none was.</param>
/// <param name="Says">What it was taken as where it is no step; null for a step.</param>
/// <param name="Sure">How sure, 0 to 1.</param>
public sealed record ReadReport(string Line, int Number, ImmutableArray<string> Operations, [property: Prose] string? Says, double Sure);

/// <summary>Audit of one surface.</summary>
/// <param name="Id">Surface.</param>
/// <param name="Verdict">sound, soundIf or faults; none when there is no sequence.</param>
/// <param name="Faults">Faults, the worst first.</param>
/// <param name="Questions">What would decide and was not stated, two at most.</param>
/// <param name="Notes">What was read into the words, taken as done, or is a matter of taste.</param>
/// <param name="Mended">The whole sequence with every mend in it; null when there are no faults, or where some cannot be put right by steps alone.</param>
/// <param name="Read">What each line was read as; empty where the steps were picked.</param>
/// <param name="Hazards">The hazards in force with this sequence, the gravest first.</param>
public sealed record AuditReport(
    string Id,
    string Verdict,
    ImmutableArray<FaultReport> Faults,
    ImmutableArray<QuestionReport> Questions,
    ImmutableArray<NoteReport> Notes,
    ImmutableArray<MendedStepReport>? Mended,
    ImmutableArray<ReadReport> Read,
    ImmutableArray<HazardReport> Hazards
);
