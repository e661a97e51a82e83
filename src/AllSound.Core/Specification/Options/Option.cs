using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>That a step is there because a later one, or the finished work, needs what it gives.</summary>
/// <param name="Need">The need met.</param>
/// <param name="For">Number of the later step, from 1; null for the finished work.</param>
public sealed record Link(Need Need, int? For);

/// <summary>One step of a specification.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Act">What is done, and with what.</param>
/// <param name="Coat">Number of the overall coat from 1, or null.</param>
/// <param name="WaitBefore">Hours waited before it.</param>
/// <param name="Links">Why it is there.</param>
/// <param name="Assumes">What it takes for granted, as sentences.</param>
/// <param name="Spend">What it uses.</param>
/// <param name="Before">The condition it starts from.</param>
/// <param name="After">The condition it leaves.</param>
/// <param name="Manner">What the house rules say of how it is done, as sentences.</param>
public sealed record Step(
    int Number,
    Act Act,
    int? Coat,
    double WaitBefore,
    ImmutableArray<Link> Links,
    ImmutableArray<string> Assumes,
    Spend Spend,
    Condition Before,
    Condition After,
    ImmutableArray<string> Manner
)
{
    /// <summary>Why it is there where nothing needs what it gives, as a sentence; null where the links say.</summary>
    public string? Because { get; init; }

    /// <summary>On site: what was done before it dries until then; null where nothing was done yet.</summary>
    public DateTime? NotBefore { get; init; }

    /// <summary>How it is done. Over a coat of this job fine paint is rubbed over first: that belongs to laying it.</summary>
    public string Do =>
        Quantities.Costing.Denibbed(Act) && Before.Get(Facets.Cover) != Cover.None
            ? $"{(RubsDry ? "Rub over lightly with 320 or a fine pad, off the arrises, and wipe it clean." : "Rub over lightly with a fine pad, wet, off the arrises so that old paint is not cut through; wipe the slurry into a bag.")} {Act.Operation.Do}"
        : Before.Get(Facets.Exposure) == Exposure.Outside ? Act.Operation.DoOutside ?? Act.Operation.Do
        : Act.Operation.Do;

    // Dry only where neither lead nor asbestos lies beneath.
    private bool RubsDry => Before.Get(Facets.Lead) == Lead.ProvedAbsent && Before.Get(Facets.Asbestos) == Lead.ProvedAbsent;

    /// <summary>What is done after it.</summary>
    /// <param name="all">The steps that it is one of.</param>
    public IEnumerable<Act> Later(ImmutableArray<Step> all) => all.Where(s => s.Number > Number).Select(s => s.Act);
}

/// <summary>What an option costs, by each criterion.</summary>
/// <param name="Money">Labour and materials, tins not rounded, in the job's currency.</param>
/// <param name="LabourHours">Hours of work.</param>
/// <param name="ElapsedDays">Days, one person.</param>
/// <param name="LifeYears">Years to first maintenance. Judgement.</param>
/// <param name="Hazard">Hazard points.</param>
public sealed record Criteria(decimal Money, double LabourHours, double ElapsedDays, double LifeYears, double Hazard)
{
    /// <summary>Money for each year of life.</summary>
    public decimal MoneyPerYear => Money / (decimal)Math.Max(0.1, LifeYears);

    /// <summary>No worse on cost, days, life, cost per year and hazard, and better on one.</summary>
    public bool Beats(Criteria other) =>
        Money <= other.Money
        && ElapsedDays <= other.ElapsedDays
        && LifeYears >= other.LifeYears
        && Hazard <= other.Hazard
        && this != other
        && (Money < other.Money || ElapsedDays < other.ElapsedDays || LifeYears > other.LifeYears || Hazard < other.Hazard);
}

/// <summary>One of the few specifications offered for a surface.</summary>
/// <param name="Id">Stable as long as the option goes by the same name; what a surface's choice refers to.</param>
/// <param name="Name">Name, by what it does.</param>
/// <param name="BestAt">What it is best at, among those offered.</param>
/// <param name="Schools">Schools of practice it follows.</param>
/// <param name="Steps">Steps in order.</param>
/// <param name="Causes">What it does about each cause that is taken to be at work.</param>
/// <param name="Criteria">What it costs.</param>
/// <param name="NotMet">What of the brief it does not meet, as sentences: said first.</param>
/// <param name="Risks">What can still go wrong.</param>
/// <param name="Assumes">What it takes for granted, over all its steps.</param>
/// <param name="LeftUndone">What it leaves undone.</param>
/// <param name="PreferWhen">What it would take to prefer it to the others offered.</param>
/// <param name="OtherSchool">Where it goes against a house rule: which, and by what it differs; null when it follows them all.</param>
public sealed record Option(
    string Id,
    string Name,
    ImmutableArray<string> BestAt,
    ImmutableArray<string> Schools,
    ImmutableArray<Step> Steps,
    ImmutableArray<CauseAnswer> Causes,
    Criteria Criteria,
    ImmutableArray<string> NotMet,
    ImmutableArray<string> Risks,
    ImmutableArray<string> Assumes,
    ImmutableArray<string> LeftUndone,
    ImmutableArray<string> PreferWhen,
    string? OtherSchool
)
{
    /// <summary>Why it is the one to do, as a sentence; null for those offered beside it.</summary>
    public string? Recommended { get; init; }
}

/// <summary>Work stops until something outside painting is done or known.</summary>
/// <param name="Need">The need that holds it.</param>
public sealed record Hold(Need Need)
{
    /// <summary>What other trades do that settles it, as is usual on such a surface; empty where it waits for knowledge or consent only.</summary>
    public ImmutableArray<Operation> Others { get; init; } = [];
}

/// <summary>What came of specifying a surface.</summary>
/// <param name="Appraised">The condition worked from.</param>
/// <param name="Options">The one to do first; at most three, none beaten by another and each to be told from the others; empty when held or blocked.</param>
/// <param name="Holds">What it waits for.</param>
/// <param name="Meanwhile">What may be done all the same, so that what holds it can be settled; not a specification of the surface.</param>
/// <param name="Blocked">The needs that no allowed sequence meets, when there is none and nothing holds.</param>
/// <param name="Notes">House rules that cannot be followed here, budget and deadline that nothing meets.</param>
public sealed record Specified(
    Appraised Appraised,
    ImmutableArray<Option> Options,
    ImmutableArray<Hold> Holds,
    ImmutableArray<Step> Meanwhile,
    ImmutableArray<Need> Blocked,
    ImmutableArray<string> Notes
)
{
    private readonly Lazy<Impasse>? impasse;
    private readonly Lazy<Nearest?>? nearest;
    private readonly Lazy<Afterwards?>? afterwards;

    private Specified(Specified of, Lazy<Impasse>? impasse, Lazy<Nearest?>? nearest, Lazy<Afterwards?>? afterwards)
        : this(of) => (this.impasse, this.nearest, this.afterwards) = (impasse, nearest, afterwards);

    /// <summary>The plan once everything that holds the surface is freed; null where nothing holds it, or no painting follows. Looked for when it is first asked for.</summary>
    public Afterwards? Afterwards => afterwards?.Value;

    /// <summary>What is planned: this, or on a held surface the plan once it is freed where there is one.</summary>
    public Specified Planned => Afterwards?.Plan ?? this;

    /// <summary>What stands in the way where there is no sequence and nothing holds; else null. Looked for when it is first asked for.</summary>
    public Impasse? Impasse => impasse?.Value;

    /// <summary>What comes nearest where nothing meets the whole brief; null where there is an option, or no change to the brief would open a way.</summary>
    public Nearest? Nearest => nearest?.Value;

    /// <summary>The same with a way to find the plan once it is freed.</summary>
    internal Specified Then(Func<Afterwards?> find) => new(this, impasse, nearest, new Lazy<Afterwards?>(find));

    /// <summary>The same with a way to find out what stands in the way, and what comes nearest.</summary>
    internal Specified Asking(Func<Impasse> find, Func<Nearest?> near) => new(this, new Lazy<Impasse>(find), new Lazy<Nearest?>(near), afterwards);
}

/// <summary>What follows once a held surface is freed: worked out from what would then be known, so it is a plan to price and to prepare by, and not yet a specification to work by.</summary>
/// <param name="Freed">What it takes to have come about, as clauses.</param>
/// <param name="Plan">The specification of the surface as it would then be; its options are never empty.</param>
public sealed record Afterwards(ImmutableArray<string> Freed, Specified Plan);
