using System.Collections.Immutable;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange.Listings;

/// <summary>Something to pick, by its title.</summary>
public sealed record Choice(string Id, [property: Prose] string Title);

/// <summary>An operation to pick.</summary>
public sealed record OperationChoice(
    string Id,
    string Group,
    [property: Prose] string Title,
    [property: Prose] string Do,
    ImmutableArray<Choice> Products,
    [property: Prose] string? School,
    bool Refused,
    string Source
)
{
    /// <summary>All operations.</summary>
    public static ImmutableArray<OperationChoice> All { get; } =
    [
        .. Operations.All.Select(o => new OperationChoice(
            o.Id,
            Reporting.GroupName(o.Group),
            o.Title,
            o.Do,
            [.. o.Products.Select(p => new Choice(p.Id, p.Title))],
            o.School,
            o.Refused,
            o.Source.ToString()
        )),
    ];
}

/// <summary>What an operation needs of the surface before it.</summary>
public sealed record NeedListing(string Id, [property: Prose] string Title, Severity Severity, [property: Prose] string Consequence, string Source);

/// <summary>What an operation does to the surface; value null where it does not set a facet to a value; when: what it depends on.</summary>
public sealed record EffectListing(string Facet, Change Change, string? Value, ImmutableArray<string> When);

/// <summary>Rate on a kind of face, in units an hour, where it is not the usual one.</summary>
public sealed record FaceRateListing(Face Face, double Rate);

/// <summary>Everything about an operation.</summary>
public sealed record OperationListing(
    string Id,
    string Group,
    [property: Prose] string Title,
    [property: Prose] string Do,
    ImmutableArray<NeedListing> Needs,
    ImmutableArray<EffectListing> Gives,
    ImmutableArray<string> Products,
    Extent Extent,
    double Rate,
    double? RateNarrow,
    ImmutableArray<FaceRateListing> RateOn,
    double? EdgeRate,
    [property: Prose] string? Dilution,
    [property: Prose] string? Tool,
    [property: Prose] string Accept,
    [property: Prose] ImmutableArray<string> Cautions,
    [property: Prose] ImmutableArray<string> Protection,
    double Hazard,
    [property: Prose] string? School,
    bool ByOthers,
    bool Refused,
    string Source
)
{
    /// <summary>All operations: made when they are asked for, as the list is long.</summary>
    public static IEnumerable<OperationListing> All =>
        Operations.All.Select(o =>
        {
            var act = Operations.FindAct(o, null)!;
            return new OperationListing(
                o.Id,
                Reporting.GroupName(o.Group),
                o.Title,
                o.Do,
                [.. act.Needs.Select(n => new NeedListing(n.Id, n.Title, n.Severity, n.Consequence, n.Source.ToString()))],
                [
                    .. act.Effects.Select(e => new EffectListing(
                        e.Facet.Name,
                        e.Change,
                        e.Change == Change.Set ? e.Facet.ValueName(e.Value) : null,
                        [.. e.When.Select(w => w.Facet.Name)]
                    )),
                ],
                [.. o.Products.Select(p => p.Id)],
                o.Extent,
                o.Rate,
                o.RateNarrow,
                [.. Enum.GetValues<Face>().Select(f => new FaceRateListing(f, Math.Round(Pacing.Of(o, f), 2))).Where(r => r.Rate != o.Rate)],
                o.EdgeRate,
                o.Dilution,
                o.Tool,
                o.Accept,
                [.. o.Cautions, .. o.OnLead],
                o.Protection,
                o.Hazard,
                o.School,
                o.ByOthers,
                o.Refused,
                o.Source.ToString()
            );
        });
}

/// <summary>A class of products, with the numbers that a firm's own product may have otherwise.</summary>
public sealed record ProductListing(
    string Id,
    [property: Prose] string Title,
    CoatFamily Family,
    Carrier Carrier,
    double VolumeSolids,
    int Microns,
    ImmutableArray<double> Spread,
    double ThinMost,
    DryingTimes Drying,
    int Voc,
    double HumidityMost,
    ImmutableArray<double> Temperature,
    double Sd,
    double Price,
    ImmutableArray<double> Tins,
    ImmutableArray<double> Life,
    ImmutableArray<Sheen> Sheens,
    ImmutableArray<Cover> Follows,
    ImmutableArray<FinishFamily> Finishes,
    [property: Prose] string Handling,
    string Source
)
{
    /// <summary>All classes.</summary>
    public static ImmutableArray<ProductListing> All { get; } =
    [
        .. Coatings.All.Select(c => new ProductListing(
            c.Id,
            c.Title,
            c.Family,
            c.Carrier,
            c.VolumeSolids,
            c.Microns,
            [c.Spread.Smooth, c.Spread.Porous, c.Spread.Rough],
            c.ThinMost,
            c.Drying,
            c.Voc,
            c.HumidityMost,
            [c.Temperature.Least, c.Temperature.Most],
            c.Sd,
            c.Price,
            c.Tins,
            [c.Life.Inside, c.Life.Outside],
            c.Sheens,
            c.Follows,
            c.Finishes,
            c.Handling,
            c.Source.ToString()
        )),
    ];
}

/// <summary>A school of practice, and the operations and products that it prefers.</summary>
public sealed record SchoolListing(string Id, [property: Prose] string Title, ImmutableArray<string> Operations, ImmutableArray<string> Products);

/// <summary>A question on which practitioners differ, with its schools.</summary>
public sealed record QuestionListing(string Id, [property: Prose] string Title, Turns Turns, ImmutableArray<SchoolListing> Schools, [property: Prose] string Default)
{
    /// <summary>All questions.</summary>
    public static ImmutableArray<QuestionListing> All { get; } =
    [
        .. Questions.All.Select(q => new QuestionListing(
            q.Id,
            q.Title,
            q.Turns,
            [.. q.Schools.Select(s => new SchoolListing(s.Id, s.Title, [.. s.Operations], [.. s.Products]))],
            q.Default
        )),
    ];
}

/// <summary>What the program refuses, and who to turn to.</summary>
public sealed record RefusalListing(string Id, [property: Prose] string Title, [property: Prose] string Refer, string Source)
{
    /// <summary>All refusals.</summary>
    public static ImmutableArray<RefusalListing> All { get; } = [.. Refusals.All.Select(r => new RefusalListing(r.Id, r.Title, r.Refer, r.Source.ToString()))];
}
