using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Technique;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>Something that stops work until it is done or known outside painting.</summary>
/// <param name="Need">Id of the need.</param>
/// <param name="Reason">What is not so yet.</param>
/// <param name="Consequence">What would happen.</param>
/// <param name="Frees">What would free it.</param>
/// <param name="Meanwhile">What may and should be done meanwhile, besides the steps.</param>
/// <param name="Others">What other trades do that settles it.</param>
public sealed record HoldReport(
    string Need,
    [property: Prose] string Reason,
    [property: Prose] string Consequence,
    [property: Prose] ImmutableArray<string> Frees,
    [property: Prose] ImmutableArray<string> Meanwhile,
    ImmutableArray<OtherTradeReport> Others
);

/// <summary>Work of another trade.</summary>
/// <param name="Operation">Id.</param>
/// <param name="Title">Title.</param>
/// <param name="Do">How.</param>
/// <param name="Accept">How to tell that it is done.</param>
public sealed record OtherTradeReport(string Operation, [property: Prose] string Title, [property: Prose] string Do, [property: Prose] string Accept);

/// <summary>The plan once a held surface is freed: to price and prepare by.</summary>
/// <param name="Freed">What it takes to have come about, as clauses.</param>
/// <param name="Options">Options, as they would then be.</param>
/// <param name="Notes">What is to be known of that plan beforehand.</param>
public sealed record ThenReport([property: Prose] ImmutableArray<string> Freed, ImmutableArray<OptionReport> Options, [property: Prose] ImmutableArray<string> Notes);

/// <summary>Why a step is there.</summary>
/// <param name="Need">Id of the need that it meets.</param>
/// <param name="Title">The need, as a clause.</param>
/// <param name="Step">Number of the later step that needs it; null for the finished work.</param>
/// <param name="Otherwise">What happens otherwise.</param>
/// <param name="Source">Who says so.</param>
public sealed record BecauseReport(string Need, [property: Prose] string Title, int? Step, [property: Prose] string Otherwise, string Source);

/// <summary>Hours to the next step that needs this one dry.</summary>
/// <param name="Least">Least; null when there is none.</param>
/// <param name="Advised">Advised.</param>
/// <param name="Latest">After this it must be keyed; null for no limit.</param>
public sealed record WaitReport(double? Least, double? Advised, double? Latest);

/// <summary>One step.</summary>
/// <param name="N">Number from 1.</param>
/// <param name="Operation">Id of the operation.</param>
/// <param name="Group">Group.</param>
/// <param name="Title">Title.</param>
/// <param name="Do">How to do it.</param>
/// <param name="Why">Why it is there, in one sentence.</param>
/// <param name="Because">Why, link by link.</param>
/// <param name="Needs">Ids of what it needs.</param>
/// <param name="Gives">Ids of what it gives that is wanted later.</param>
/// <param name="Product">Id of the product, or null.</param>
/// <param name="ProductTitle">Its title.</param>
/// <param name="Coat">Number of the overall coat, or null.</param>
/// <param name="Dilution">Dilution; "not specified" is null.</param>
/// <param name="WaitHours">Waits after it.</param>
/// <param name="WaitBefore">Hours waited before it.</param>
/// <param name="Tool">Tool and grit.</param>
/// <param name="Cautions">Cautions, to be read before.</param>
/// <param name="Protection">Protective equipment.</param>
/// <param name="Accept">How to tell that it is done.</param>
/// <param name="Assumes">What it takes for granted.</param>
/// <param name="School">School of practice.</param>
/// <param name="Hours">Labour hours.</param>
/// <param name="Litres">Litres of product.</param>
/// <param name="Source">Who says so.</param>
/// <param name="Waste">Which waste it makes, and where that goes.</param>
/// <param name="HoldPoint">What must be proved before it may begin; null when it is no hold point.</param>
/// <param name="ForOthers">What the people who use the place have to know.</param>
/// <param name="Mixing">Mixing, thinning, loading.</param>
/// <param name="HandTools">What to lay it with, and why.</param>
/// <param name="WetEdge">How much one painter keeps open; null when it is no overall coat.</param>
/// <param name="Shut">For a piece that opens: when it may be shut.</param>
/// <param name="Overnight">What to do with the tools overnight where the same paint in the same colour comes next.</param>
/// <param name="WashOut">What to do with them where something else comes next.</param>
/// <param name="Microns">Dry film of one coat, micrometres; null when it is no coat.</param>
/// <param name="Role">The part it plays as a coat.</param>
/// <param name="Manner">What the house rules say of how it is done, as sentences.</param>
/// <param name="Tint">What to have it tinted to; null where that is no matter.</param>
/// <param name="Colour">The colour wanted, of a coat that comes in it; null for any other step, and where none was named.</param>
public sealed record StepReport(
    int N,
    string Operation,
    string Group,
    [property: Prose] string Title,
    [property: Prose] string Do,
    [property: Prose] string Why,
    ImmutableArray<BecauseReport> Because,
    ImmutableArray<string> Needs,
    ImmutableArray<string> Gives,
    string? Product,
    [property: Prose] string? ProductTitle,
    int? Coat,
    [property: Prose] string? Dilution,
    WaitReport WaitHours,
    double WaitBefore,
    [property: Prose] string? Tool,
    [property: Prose] ImmutableArray<string> Cautions,
    [property: Prose] ImmutableArray<string> Protection,
    [property: Prose] string Accept,
    [property: Prose] ImmutableArray<string> Assumes,
    string? School,
    double Hours,
    double Litres,
    string Source,
    [property: Prose] string? Waste,
    [property: Prose] string? HoldPoint,
    [property: Prose] string? ForOthers,
    [property: Prose] string? Mixing,
    ImmutableArray<HandTool> HandTools,
    WetEdge? WetEdge,
    [property: Prose] string? Shut,
    [property: Prose] string? Overnight,
    [property: Prose] string? WashOut,
    int? Microns,
    CoatRole Role,
    [property: Prose] ImmutableArray<string> Manner,
    [property: Prose] string? Tint,
    string? Colour
);

/// <summary>Money.</summary>
/// <param name="Amount">Amount.</param>
/// <param name="Currency">ISO 4217 code.</param>
public sealed record MoneyReport(decimal Amount, string Currency);

/// <summary>One option.</summary>
/// <param name="Id">Id, for choosing it.</param>
/// <param name="Name">Name.</param>
/// <param name="BestAt">What it is best at.</param>
/// <param name="Schools">Schools it follows.</param>
/// <param name="Steps">Steps.</param>
/// <param name="Causes">What it does about each cause that is taken to be at work.</param>
/// <param name="Cost">Labour and material, tins not rounded.</param>
/// <param name="LabourHours">Hours.</param>
/// <param name="ElapsedDays">Days, one person.</param>
/// <param name="LifeYears">Years to first maintenance; judgement.</param>
/// <param name="CostPerYear">Cost for each of those years.</param>
/// <param name="Hazard">Hazard points.</param>
/// <param name="NotMet">What of the brief it does not meet; said first.</param>
/// <param name="ResidualRisks">What can still go wrong.</param>
/// <param name="Assumes">What it takes for granted, over all its steps.</param>
/// <param name="LeavesUndone">What it leaves undone.</param>
/// <param name="PreferWhen">What it would take to prefer it to the others.</param>
/// <param name="OtherSchool">Where it goes against a house rule: which, and what that changes; null when it follows them.</param>
/// <param name="Recommended">Why it is the one to do; null for those beside it.</param>
public sealed record OptionReport(
    string Id,
    [property: Prose] string Name,
    [property: Prose] ImmutableArray<string> BestAt,
    ImmutableArray<string> Schools,
    ImmutableArray<StepReport> Steps,
    ImmutableArray<CauseAnswerReport> Causes,
    MoneyReport Cost,
    double LabourHours,
    double ElapsedDays,
    double LifeYears,
    decimal CostPerYear,
    double Hazard,
    [property: Prose] ImmutableArray<string> NotMet,
    [property: Prose] ImmutableArray<string> ResidualRisks,
    [property: Prose] ImmutableArray<string> Assumes,
    [property: Prose] ImmutableArray<string> LeavesUndone,
    [property: Prose] ImmutableArray<string> PreferWhen,
    [property: Prose] string? OtherSchool,
    [property: Prose] string? Recommended
);

/// <summary>What an option does about a cause that is taken to be at work.</summary>
/// <param name="Cause">Id of the cause.</param>
/// <param name="Title">What it is.</param>
/// <param name="Probability">How likely, 0.5 to 0.98.</param>
/// <param name="Steps">Numbers of the steps that put it right; empty where none has to.</param>
/// <param name="Says">What answers it, or why nothing has to.</param>
/// <param name="Line">Cause, likelihood and answer as one line to read.</param>
public sealed record CauseAnswerReport(
    string Cause,
    [property: Prose] string Title,
    double Probability,
    ImmutableArray<int> Steps,
    [property: Prose] string Says,
    [property: Prose] string Line
);

/// <summary>Why there is no sequence.</summary>
/// <param name="Need">What stands in the way, as a clause; empty where that is asked for apart.</param>
/// <param name="Frees">What would open a way.</param>
/// <param name="Others">What other trades do that would open one.</param>
/// <param name="Nearest">What comes nearest to the brief; null where no change to it alone would help, or where that is asked for apart.</param>
public sealed record BlockedReport(
    [property: Prose] string Need,
    [property: Prose] ImmutableArray<string> Frees,
    ImmutableArray<OtherTradeReport> Others,
    NearestReport? Nearest
);

/// <summary>What comes nearest to a brief that nothing meets whole.</summary>
/// <param name="Dropped">What of the brief is not met: what to take instead.</param>
/// <param name="Options">Options by the rest of the brief.</param>
public sealed record NearestReport([property: Prose] ImmutableArray<string> Dropped, ImmutableArray<OptionReport> Options);

/// <summary>A hazard in force.</summary>
/// <param name="Hazard">Id.</param>
/// <param name="Title">What it is.</param>
/// <param name="Duty">stop, licensed, control or notice.</param>
/// <param name="Because">Why it is in force here.</param>
/// <param name="Do">What to do.</param>
/// <param name="Refer">Who to turn to; null where it is for the painter.</param>
/// <param name="Source">Who says so.</param>
public sealed record HazardReport(
    string Hazard,
    [property: Prose] string Title,
    HazardDuty Duty,
    [property: Prose] string Because,
    [property: Prose] ImmutableArray<string> Do,
    [property: Prose] string? Refer,
    string Source
);

/// <summary>Specification of one surface.</summary>
/// <param name="Id">Surface.</param>
/// <param name="Title">Its title.</param>
/// <param name="Options">Options, cheapest first.</param>
/// <param name="Holds">Holds.</param>
/// <param name="Meanwhile">Steps that may be done while it is held, so that what holds it can be settled.</param>
/// <param name="Then">The plan once it is freed; null where nothing holds it, or no painting follows.</param>
/// <param name="Blocked">Why there is no sequence, or null.</param>
/// <param name="Notes">House rules that cannot be followed here; budget or deadline that nothing meets; what colour, light and site ask for.</param>
/// <param name="Order">The order of painting within the element; null when it has none.</param>
/// <param name="Refusals">What is refused on this surface, and who to turn to.</param>
/// <param name="Hazards">The hazards in force now, the gravest first.</param>
public sealed record SpecificationReport(
    string Id,
    string Title,
    ImmutableArray<OptionReport> Options,
    ImmutableArray<HoldReport> Holds,
    ImmutableArray<StepReport> Meanwhile,
    ThenReport? Then,
    BlockedReport? Blocked,
    [property: Prose] ImmutableArray<string> Notes,
    ElementOrder? Order,
    [property: Prose] ImmutableArray<string> Refusals,
    ImmutableArray<HazardReport> Hazards
);
