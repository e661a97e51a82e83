using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;

namespace AllSound.Web;

/// <summary>A line in the list of jobs.</summary>
internal sealed record JobSummary(string Id, string Title, long Surfaces);

/// <summary>A job with its spaces and the state of every surface.</summary>
internal sealed record JobView(string Id, string Title, Jurisdiction Jurisdiction, Rates Rates, ImmutableArray<BuildingView> Buildings);

/// <summary>A building.</summary>
internal sealed record BuildingView(string Id, string Title, int? Built, ImmutableArray<SpaceView> Spaces);

/// <summary>A space with its drawing. Its record holds no surfaces: they have versions of their own.</summary>
internal sealed record SpaceView(Space Space, long Version, Unfolded Unfolded, ImmutableArray<SurfaceLine> Surfaces);

/// <summary>A surface in a list: what it is and how it stands.</summary>
internal sealed record SurfaceLine(string Id, string Title, Element Element, Verdict Verdict, string Headline, double AreaM2, double LengthM, bool LeadPresumed);

/// <summary>A surface and everything reasoned about it.</summary>
internal sealed record SurfaceView(
    string Job,
    string SpaceId,
    string SpaceTitle,
    Surface Surface,
    long Version,
    double AreaM2,
    double LengthM,
    string Measured,
    ImmutableArray<FindingReport> Findings,
    ImmutableArray<HoldReport> Holds,
    ImmutableArray<string> Presumed,
    SpecificationReport Specification,
    string? Chosen,
    Section Section,
    AuditReport Audit
);

/// <summary>An edit of a surface, made on a version of it.</summary>
internal sealed record SurfaceEdit(long Version, Surface Surface);

/// <summary>An edit of a space, made on a version of it.</summary>
internal sealed record SpaceEdit(long Version, Space Space);

/// <summary>What was saved.</summary>
internal sealed record Saved(string Id, long Version);

/// <summary>One entry of a list that the interface offers.</summary>
internal sealed record Choice(string Id, string Title, string Note);

/// <summary>An operation to pick.</summary>
internal sealed record OperationChoice(string Id, string Title, string Group, string Do, ImmutableArray<Choice> Products, string? School, bool Refused, string Source);

/// <summary>Everything that the interface offers to pick from.</summary>
internal sealed record Catalogue(
    ImmutableArray<Choice> Substrates,
    ImmutableArray<Choice> Coatings,
    ImmutableArray<Choice> Signs,
    ImmutableArray<Choice> Checks,
    ImmutableArray<OperationChoice> Operations,
    ImmutableArray<Choice> Products
);
