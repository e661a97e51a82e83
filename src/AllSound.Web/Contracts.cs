using System.Collections.Immutable;
using System.ComponentModel.DataAnnotations;
using System.Text.Json.Nodes;
using AllSound.Core.Assessment;
using AllSound.Core.Exchange;
using AllSound.Core.Exchange.Listings;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Quantities;
using AllSound.Core.Records;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;

namespace AllSound.Web;

/// <summary>An invented job that ships with the program.</summary>
/// <param name="Id">Its id, and that of the job once it is put in.</param>
/// <param name="Title">Its title.</param>
/// <param name="Surfaces">How many surfaces it has.</param>
internal sealed record DemoListing(string Id, string Title, int Surfaces);

/// <summary>Whether what is recorded can be saved, and if not, why.</summary>
internal sealed record HealthView(string Status, string Says);

/// <summary>A line in the list of jobs.</summary>
internal sealed record JobSummary(string Id, string Title, string? Client, string? Address, long Surfaces, DateTimeOffset Touched);

/// <summary>How a job stands: surfaces by verdict, and what stops most of them.</summary>
internal sealed record JobState(int Sound, int Prepare, int Failing, int Held, int Unseen, [property: Prose] ImmutableArray<string> Stops);

/// <summary>A job to be made like another.</summary>
internal sealed record JobCopy
{
    public required string Title { get; init; }

    /// <summary>True to take over only rooms, sizes and what surfaces are made of: what was found, decided and done there stays behind.</summary>
    public bool RoomsOnly { get; init; }

    /// <summary>True for the next job on the same building: its layers are what was really done, and the rest is surveyed anew.</summary>
    public bool AsBuilt { get; init; }
}

/// <summary>A job to be begun.</summary>
internal sealed record NewJob
{
    public required string Title { get; init; }

    public string? Client { get; init; }

    public string? Address { get; init; }

    public Jurisdiction Jurisdiction { get; init; } = Jurisdiction.GB;

    /// <summary>Title of its first building; left out: that of the job.</summary>
    public string? Building { get; init; }

    /// <summary>Year that was built, or null when unknown.</summary>
    public int? Built { get; init; }

    /// <summary>Id of a job whose rooms it begins with; null: none.</summary>
    public string? Like { get; init; }
}

/// <summary>A job with its spaces and the state of every surface. The records hold nothing of what belongs to them.
/// Changes is how many there have been, which papers print as their revision.</summary>
internal sealed record JobView(string Id, Job Job, long Version, long Changes, ImmutableArray<BuildingView> Buildings, ImmutableArray<SpoiltView> Spoilt);

/// <summary>A record that is there and cannot be read, and from when the last version is that can.</summary>
internal sealed record SpoiltView(RecordKind Kind, string Id, string Why, DateTimeOffset? Earlier);

/// <summary>A building.</summary>
internal sealed record BuildingView(Building Building, long Version, ImmutableArray<SpaceView> Spaces);

/// <summary>A space with its drawing. Its record holds no surfaces: they have versions of their own.</summary>
internal sealed record SpaceView(Space Space, long Version, Unfolded Unfolded, ImmutableArray<SurfaceLine> Surfaces);

/// <summary>A surface in a list: what it is and how it stands.</summary>
internal sealed record SurfaceLine(
    string Id,
    string Title,
    Element Element,
    long Version,
    Verdict Verdict,
    [property: Prose] string Headline,
    double AreaM2,
    double LengthM,
    bool LeadPresumed
);

/// <summary>A surface and everything reasoned about it.</summary>
internal sealed record SurfaceView(
    string Job,
    string SpaceId,
    string SpaceTitle,
    Surface Surface,
    long Version,
    long Revision,
    double AreaM2,
    double LengthM,
    [property: Prose] string Measured,
    ImmutableArray<FindingReport> Findings,
    ImmutableArray<HoldReport> Holds,
    [property: Prose] ImmutableArray<string> Presumed,
    SpecificationReport Specification,
    string? Chosen,
    Section Section,
    AuditReport Audit,
    ImmutableArray<UnknownView> Unknowns,
    ImmutableArray<DoubtView> Doubts,
    ImmutableArray<string?> Grades,
    ImmutableArray<SignSeen> Evidence
);

/// <summary>Something not recorded that the work rests on, and the check that would settle it.</summary>
internal sealed record UnknownView(string Facet, [property: Prose] string Title, [property: Prose] string How, [property: Prose] string Why, string? Check);

/// <summary>Something recorded that is odd.</summary>
internal sealed record DoubtView(string Path, [property: Prose] string Says, [property: Prose] string? Meant);

/// <summary>A surface onto which a survey is to be copied, at a version of it.</summary>
internal sealed record CopyTarget(string Id, long Version);

/// <summary>A survey to be copied onto like surfaces; when only asked for, nothing is saved.</summary>
internal sealed record CopyRequest(ImmutableArray<CopyTarget> Targets, bool OnlyAsk);

/// <summary>What copying would do, or did, to one surface.</summary>
internal sealed record CopyResult(
    string Id,
    string Title,
    long Version,
    bool Saved,
    [property: Prose] ImmutableArray<string> Differences,
    [property: Prose] string? Problem
);

/// <summary>What copying would do, or did, to each surface, and the number of the change; null when nothing was copied.</summary>
internal sealed record CopyAnswer(long? Change, ImmutableArray<CopyResult> Results);

/// <summary>A check that would change the work on some surfaces of a job.</summary>
internal sealed record JobCheck(
    string Check,
    [property: Prose] string Title,
    double Minutes,
    bool Gate,
    double Value,
    ImmutableArray<string> Surfaces,
    [property: Prose] ImmutableArray<string> WouldChange
);

/// <summary>The next checks of a job, and how many of its surfaces were weighed so far.</summary>
internal sealed record JobChecks(int Weighed, int Of, ImmutableArray<JobCheck> Checks);

/// <summary>An edit of a surface, made on a version of it.</summary>
internal sealed record SurfaceEdit(long Version, Surface Surface);

/// <summary>An edit of a space, made on a version of it.</summary>
internal sealed record SpaceEdit(long Version, Space Space);

/// <summary>A job's own judgements, made on a version of it.</summary>
internal sealed record JudgementsEdit(long Version, ImmutableArray<Judgement> Judgements);

/// <summary>What was saved, and the number of the change, which is the version of every record in it.</summary>
internal sealed record Saved(string Id, long Version);

/// <summary>An edit of any records of a job, made as a whole or not at all.</summary>
internal sealed record ChangeRequest
{
    /// <summary>Names the edit, so that one sent again because its answer was lost is not made twice.</summary>
    [MaxLength(60)]
    public string? Token { get; init; }

    /// <summary>What is done, in a few words.</summary>
    public required string Label { get; init; }

    /// <summary>The records.</summary>
    [MaxLength(RecordEdits.Most)]
    public required ImmutableArray<RecordEdit> Items { get; init; }

    /// <summary>Id of a surface whose view is wanted with the answer.</summary>
    public string? Show { get; init; }
}

/// <summary>A change that was made, with the view that was asked for.</summary>
internal sealed record ChangeMade(long Version, SurfaceView? View);

/// <summary>A record as it stands, for whoever was behind.</summary>
internal sealed record StandingRecord(RecordKind Kind, string Id, long Version, string? Parent, JsonNode? Value);

/// <summary>A change with what it did.</summary>
internal sealed record ChangeView(long Version, DateTimeOffset At, string Label, ImmutableArray<ChangedView> Items);

/// <summary>One record in a change.</summary>
internal sealed record ChangedView(RecordKind Kind, string Id, string Parent, string? ParentBefore, long Position, JsonNode? Before, JsonNode? After);

/// <summary>Something put away, that can be brought back until a day.</summary>
internal sealed record PutAwayView(string Job, long Change, string Label, ImmutableArray<string> Titles, int Records, DateTimeOffset At, DateTimeOffset Until);

/// <summary>A photo of a surface.</summary>
internal sealed record PhotoView(string Id, string SurfaceId, long Version, Photo Photo);

/// <summary>Everything that the interface offers to pick from.</summary>
internal sealed record Catalogue(
    ImmutableArray<SubstrateListing> Substrates,
    ImmutableArray<ExistingCoatingListing> Coatings,
    ImmutableArray<SignListing> Signs,
    ImmutableArray<ScaleListing> Scales,
    ImmutableArray<CheckListing> Checks,
    ImmutableArray<FormListing> Forms,
    ImmutableArray<ElementListing> Elements,
    ImmutableArray<UsualOpening> Openings,
    ImmutableArray<FactGroup> Facts,
    ImmutableArray<CauseListing> Causes,
    ImmutableArray<OperationChoice> Operations,
    ImmutableArray<ProductListing> Products,
    ImmutableArray<QuestionListing> Questions
);
