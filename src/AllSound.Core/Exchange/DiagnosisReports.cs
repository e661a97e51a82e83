using System.Collections.Immutable;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>A cause with its evidence.</summary>
/// <param name="Cause">Id.</param>
/// <param name="Title">Title.</param>
/// <param name="Probability">0 to 1; a judgement, not a measurement.</param>
/// <param name="For">Evidence for.</param>
/// <param name="Against">Evidence against.</param>
/// <param name="Cures">What cures it.</param>
/// <param name="Proof">What must be shown before painting.</param>
/// <param name="Source">Who says so.</param>
public sealed record FindingReport(
    string Cause,
    [property: Prose] string Title,
    double Probability,
    [property: Prose] ImmutableArray<string> For,
    [property: Prose] ImmutableArray<string> Against,
    [property: Prose] ImmutableArray<string> Cures,
    [property: Prose] string Proof,
    string Source
);

/// <summary>A check worth making.</summary>
/// <param name="Check">Id.</param>
/// <param name="Title">Title.</param>
/// <param name="Do">How.</param>
/// <param name="Minutes">Minutes of work.</param>
/// <param name="WaitHours">Hours until the result.</param>
/// <param name="Value">Money it is expected to move, less its cost.</param>
/// <param name="Gate">A safety gate: comes first.</param>
/// <param name="WouldChange">What its answers would change.</param>
/// <param name="Settles">What its answers would say of the cause.</param>
/// <param name="Hazard">Hazard of making it.</param>
/// <param name="Limits">Limits.</param>
/// <param name="Source">Who says so.</param>
public sealed record CheckReport(
    string Check,
    [property: Prose] string Title,
    [property: Prose] string Do,
    double Minutes,
    double WaitHours,
    double Value,
    bool Gate,
    [property: Prose] ImmutableArray<string> WouldChange,
    [property: Prose] ImmutableArray<string> Settles,
    [property: Prose] string? Hazard,
    [property: Prose] string Limits,
    string Source
);

/// <summary>Diagnosis of one surface.</summary>
/// <param name="Id">Surface.</param>
/// <param name="Title">Its title.</param>
/// <param name="Findings">Likeliest first.</param>
/// <param name="Checks">Next checks, gates first.</param>
/// <param name="Holds">Holds.</param>
/// <param name="Presumed">What had to be presumed or assumed, as sentences.</param>
public sealed record DiagnosisReport(
    string Id,
    string Title,
    ImmutableArray<FindingReport> Findings,
    ImmutableArray<CheckReport> Checks,
    ImmutableArray<HoldReport> Holds,
    [property: Prose] ImmutableArray<string> Presumed
);
