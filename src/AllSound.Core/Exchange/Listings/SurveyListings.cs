using System.Collections.Immutable;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Quantities;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange.Listings;

/// <summary>A ground to pick, and what is to be known of it.</summary>
public sealed record SubstrateListing(
    string Id,
    [property: Prose] string Title,
    SubstrateFamily Family,
    SuctionRange Suction,
    string Ph,
    [property: Prose] string MoistureLimit,
    [property: Prose] string MeasuredBy,
    string Movement,
    double? MaxSd,
    [property: Prose] string Defects,
    [property: Prose] string Primers,
    [property: Prose] string Never,
    string Source
)
{
    /// <summary>All grounds.</summary>
    public static ImmutableArray<SubstrateListing> All { get; } =
    [
        .. Substrates.Named.Select(s => new SubstrateListing(
            s.Id,
            s.Title,
            s.Family,
            s.Suction,
            s.Ph,
            s.MoistureLimit,
            s.MeasuredBy,
            s.Movement,
            s.MaxSd,
            s.Defects,
            s.Primers,
            s.Never,
            s.Source.ToString()
        )),
    ];
}

/// <summary>What a new coat of a family asks of an old film, and how it fails otherwise.</summary>
public sealed record UnderListing(CoatFamily Coat, Recoat Asks, CoatFailure Else);

/// <summary>A film that may be there: how it is told, what it takes and refuses, how it comes off.</summary>
public sealed record ExistingCoatingListing(
    string Id,
    [property: Prose] string Title,
    string Era,
    bool Shiny,
    int MicronsPerCoat,
    ImmutableArray<UnderListing> Under,
    [property: Prose] string Recognise,
    [property: Prose] string WarmWater,
    [property: Prose] string WhiteSpirit,
    [property: Prose] string Alcohol,
    [property: Prose] string Ketone,
    [property: Prose] string Hazards,
    [property: Prose] string Takes,
    [property: Prose] string Refuses,
    [property: Prose] string Removal,
    string Source
)
{
    /// <summary>All films.</summary>
    public static ImmutableArray<ExistingCoatingListing> All { get; } =
    [
        .. ExistingCoatings.Named.Select(c => new ExistingCoatingListing(
            c.Id,
            c.Title,
            c.Era,
            c.Shiny,
            c.MicronsPerCoat,
            [.. Enum.GetValues<CoatFamily>().Select(family => new UnderListing(family, c.Under(family), c.FailsBy(family)))],
            c.Recognise,
            c.WarmWater,
            c.WhiteSpirit,
            c.Alcohol,
            c.Ketone,
            c.Hazards,
            c.Takes,
            c.Refuses,
            c.Removal,
            c.Source.ToString()
        )),
    ];
}

/// <summary>A sign to pick: what it looks like, where to look, how it is graded, how it misleads.</summary>
public sealed record SignListing(
    string Id,
    [property: Prose] string Title,
    [property: Prose] string Look,
    string Group,
    bool Defect,
    double BaseRate,
    ImmutableArray<string> Checks,
    string? Scale,
    ImmutableArray<string> Shows,
    [property: Prose] string? Misleads,
    string Source
)
{
    /// <summary>All signs.</summary>
    public static ImmutableArray<SignListing> All { get; } =
    [.. Signs.All.Select(s => new SignListing(s.Id, s.Title, s.Look, s.Group, s.IsDefect, s.BaseRate, s.Checks, s.Scale, s.Shows, s.Misleads, s.Source.ToString()))];
}

/// <summary>A class of a scale; the last has no upper end.</summary>
public sealed record ClassListing(string Name, [property: Prose] string Words, double? UpTo);

/// <summary>A grading scale.</summary>
public sealed record ScaleListing(
    string Id,
    [property: Prose] string Title,
    string? Unit,
    [property: Prose] string How,
    ImmutableArray<ClassListing> Classes,
    string Source
)
{
    /// <summary>All scales.</summary>
    public static ImmutableArray<ScaleListing> All { get; } =
    [
        .. RatingScales.All.Select(s => new ScaleListing(
            s.Id,
            s.Title,
            s.Unit,
            s.How,
            [.. s.Classes.Select(c => new ClassListing(c.Name, c.Words, c.UpTo is { } most && double.IsFinite(most) ? most : null))],
            s.Source.ToString()
        )),
    ];
}

/// <summary>One way a check can come out.</summary>
/// <param name="Id">Stable id, unique in the check.</param>
/// <param name="Title">In words.</param>
/// <param name="FindsNone">True when it finds nothing of what the check looks for.</param>
/// <param name="Signs">Signs that it shows or rules out.</param>
public sealed record OutcomeListing(string Id, [property: Prose] string Title, bool FindsNone, ImmutableArray<Shown> Signs);

/// <summary>A check to make: how, with what, and what its answers mean.</summary>
public sealed record CheckListing(
    string Id,
    [property: Prose] string Title,
    [property: Prose] string Tools,
    [property: Prose] string Do,
    double Minutes,
    double WaitHours,
    double Cost,
    int Damage,
    [property: Prose] string? Hazard,
    bool Gate,
    string? Unit,
    ImmutableArray<string> OtherUnits,
    double? Least,
    double? Most,
    ImmutableArray<SubstrateFamily> Grounds,
    ImmutableArray<string> Settles,
    ImmutableArray<OutcomeListing> Outcomes,
    ImmutableArray<Threshold> Shows,
    string? Scale,
    [property: Prose] string Limits,
    [property: Prose] string? Again,
    string Source
)
{
    /// <summary>All checks.</summary>
    public static ImmutableArray<CheckListing> All { get; } =
    [
        .. Inspection.Checks.All.Select(c => new CheckListing(
            c.Id,
            c.Title,
            c.Tools,
            c.Do,
            c.Minutes,
            c.WaitHours,
            c.Cost,
            c.Damage,
            c.Hazard,
            c.Gate,
            c.Unit,
            [.. c.OtherUnits.Select(u => u.Unit)],
            c.Unit is null ? null : c.Range.Least,
            c.Unit is null ? null : c.Range.Most,
            c.Grounds,
            [.. c.Settles.Select(f => f.Name)],
            [.. c.Outcomes.Select(o => new OutcomeListing(o.Id, o.Title, o.FindsNone, o.Signs))],
            c.Shows,
            c.Scale,
            c.Limits,
            c.Again,
            c.Source.ToString()
        )),
    ];
}

/// <summary>How a sign bears on a cause.</summary>
/// <param name="Sign">Id of the sign.</param>
/// <param name="Title">Its title.</param>
/// <param name="IfCause">How often it is seen where the cause is at work, 0 to 1; judgement.</param>
/// <param name="IfNot">How often it is seen where it is not, 0 to 1; judgement.</param>
public sealed record EvidenceListing(string Sign, [property: Prose] string Title, double IfCause, double IfNot);

/// <summary>A cause with its evidence and cure; its numbers are judgements.</summary>
public sealed record CauseListing(
    string Id,
    [property: Prose] string Title,
    ImmutableArray<double> Weights,
    ImmutableArray<EvidenceListing> Evidence,
    [property: Prose] string Cure,
    [property: Prose] string Proof,
    string Source,
    string Numbers
)
{
    /// <summary>All causes.</summary>
    public static ImmutableArray<CauseListing> All { get; } =
    [
        .. Causes.All.Select(c => new CauseListing(
            c.Id,
            c.Title,
            c.Weights,
            [.. c.Evidence.Select(e => new EvidenceListing(e.Sign, Signs.Find(e.Sign)!.Title, e.IfCause, e.IfNot))],
            c.Cure,
            c.Proof,
            c.Source.ToString(),
            "judgement"
        )),
    ];
}

/// <summary>A measure that a form asks for.</summary>
public sealed record MeasureListing(string Name, [property: Prose] string Title, string Unit, double Usual);

/// <summary>A form that elements come in.</summary>
public sealed record FormListing(
    string Id,
    [property: Prose] string Title,
    ImmutableArray<Element> Elements,
    ImmutableArray<MeasureListing> Measures,
    [property: Prose] string How,
    string Source
)
{
    /// <summary>All forms.</summary>
    public static ImmutableArray<FormListing> All { get; } =
    [
        .. Forms.All.Select(f => new FormListing(
            f.Id,
            f.Title,
            f.Elements,
            [.. f.Measures.Select(m => new MeasureListing(m.Name, m.Title, m.Unit, m.Usual))],
            f.How,
            f.Source.ToString()
        )),
    ];
}

/// <summary>An element of a building and the ground that it usually is of.</summary>
public sealed record ElementListing(Element Element, [property: Prose] string Title, string Substrate)
{
    /// <summary>All elements, the commonest first.</summary>
    public static ImmutableArray<ElementListing> All { get; } = [.. Usual.Elements.Select(e => new ElementListing(e.Element, e.Title, Usual.Substrate(e.Element).Id))];
}
