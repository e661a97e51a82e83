using System.Collections.Immutable;
using System.Text.RegularExpressions;
using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

/// <summary>Checks that a job that parses also makes sense. One fault for each thing wrong.</summary>
public static partial class JobSense
{
    private const int EarliestYear = 1000;
    private const int LatestYear = 2200;

    /// <summary>Everything wrong with a job; empty when it makes sense.</summary>
    /// <param name="job">The job.</param>
    /// <param name="thisYear">The year now, where the caller has a clock: what is said of lead goes by years, so none may be later.</param>
    public static ImmutableArray<Fault> Faults(Job job, int? thisYear = null)
    {
        ArgumentNullException.ThrowIfNull(job);
        var faults = new Faults(job.Products);
        if (job.Format != Job.CurrentFormat)
        {
            faults.Add("$.format", $"expected \"{Job.CurrentFormat}\"");
        }

        Name(faults, "$.id", job.Id);
        Text(faults, "$.title", job.Title);
        Range(faults, "$.rates.labourPerHour", (double)job.Rates.LabourPerHour, 0, 1000);
        Range(faults, "$.rates.baseLitre", (double)job.Rates.BaseLitre, 0, 1000);
        Range(faults, "$.rates.overhead", (double)job.Rates.Overhead, 0, 500);
        Range(faults, "$.rates.margin", (double)job.Rates.Margin, 0, 95);
        Range(faults, "$.rates.tax", (double)job.Rates.Tax, 0, 100);
        Range(faults, "$.rates.occupiedTime", job.Rates.OccupiedTime, 1, 3);
        Range(faults, "$.rates.smallRoomTime", job.Rates.SmallRoomTime, 1, 3);
        Range(faults, "$.rates.crewTime", job.Rates.CrewTime, 0.3, 3);
        Range(faults, "$.rates.quotationDays", job.Rates.QuotationDays, 1, 365);
        if (!CurrencyCode().IsMatch(job.Rates.Currency))
        {
            faults.Add("$.rates.currency", "expected a three-letter currency code such as GBP");
        }

        JudgementFaults(faults, job.Judgements);
        FirmFaults(faults, job);
        BuyingFaults(faults, job);
        ProgrammeFaults(faults, job);
        WeatherFaults(faults, job);
        LogFaults(faults, job);
        if (job.Buildings.IsDefaultOrEmpty && job.Programme is not { Tasks.IsEmpty: false })
        {
            faults.Add("$.buildings", "expected at least one building");
            return faults.ToImmutable();
        }

        LengthLimits.Check(faults, "$", job);
        var buildings = new HashSet<string>(StringComparer.Ordinal);
        var spaces = new HashSet<string>(StringComparer.Ordinal);
        var surfaces = new HashSet<string>(StringComparer.Ordinal);
        for (var b = 0; b < job.Buildings.Length; b++)
        {
            var at = $"$.buildings[{b}]";
            var building = job.Buildings[b];
            LengthLimits.Check(faults, at, building);
            Name(faults, $"{at}.id", building.Id);
            Unique(faults, $"{at}.id", building.Id, buildings);
            Text(faults, $"{at}.title", building.Title);
            Year(faults, $"{at}.built", building.Built);
            for (var s = 0; s < building.Spaces.Length; s++)
            {
                SpaceFaults(faults, $"{at}.spaces[{s}]", building.Spaces[s], spaces, surfaces);
            }
        }

        if (thisYear is { } year)
        {
            YearsToCome(faults, job, year);
        }

        if (surfaces.Count > Limits.Surfaces)
        {
            faults.Add("$.buildings", $"a job holds {Limits.Surfaces} surfaces at most");
        }

        if (spaces.Count > Limits.Spaces)
        {
            faults.Add("$.buildings", $"a job holds {Limits.Spaces} rooms and elevations at most");
        }

        return faults.ToImmutable();
    }

    /// <summary>Everything wrong with one surface of a job in its space, with paths from <paramref name="at"/>.</summary>
    public static ImmutableArray<Fault> SurfaceFaults(Job job, Space space, Surface surface, string at = "$")
    {
        ArgumentNullException.ThrowIfNull(job);
        var faults = new Faults(job.Products);
        SurfaceFaults(faults, at, space, surface);
        return faults.ToImmutable();
    }

    /// <summary>Everything wrong with the readings of a surface, with paths from the surface.</summary>
    public static ImmutableArray<Fault> ReadingFaults(Surface surface)
    {
        ArgumentNullException.ThrowIfNull(surface);
        var faults = new Faults();
        foreach (var reading in surface.Readings)
        {
            LengthLimits.Check(faults, "$", reading);
        }

        Readings(faults, "$", surface);
        return faults.ToImmutable();
    }

    /// <summary>Everything wrong with one space and its walls, with paths from <paramref name="at"/>.</summary>
    public static ImmutableArray<Fault> SpaceFaults(Space space, string at = "$")
    {
        var faults = new Faults();
        SpaceFaults(faults, at, space, new(StringComparer.Ordinal), new(StringComparer.Ordinal));
        return faults.ToImmutable();
    }

    private static void SpaceFaults(Faults faults, string at, Space space, HashSet<string> spaces, HashSet<string> surfaces)
    {
        LengthLimits.Check(faults, at, space);
        Name(faults, $"{at}.id", space.Id);
        Text(faults, $"{at}.title", space.Title);
        Unique(faults, $"{at}.id", space.Id, spaces);
        var walls = new HashSet<string>(StringComparer.Ordinal);
        for (var w = 0; w < space.Walls.Length; w++)
        {
            var wall = space.Walls[w];
            var here = $"{at}.walls[{w}]";
            Name(faults, $"{here}.id", wall.Id);
            Unique(faults, $"{here}.id", wall.Id, walls);
            Range(faults, $"{here}.lengthM", wall.LengthM, 0.05, 200);
            Range(faults, $"{here}.heightM", wall.HeightM, 0.05, 50);
            for (var o = 0; o < wall.Openings.Length; o++)
            {
                var opening = wall.Openings[o];
                var there = $"{here}.openings[{o}]";
                Range(faults, $"{there}.widthM", opening.WidthM, 0.02, 200);
                Range(faults, $"{there}.heightM", opening.HeightM, 0.02, 50);
                Range(faults, $"{there}.fromLeftM", opening.FromLeftM, 0, 200);
                Range(faults, $"{there}.sillM", opening.SillM, 0, 50);
                if (opening.FromLeftM + opening.WidthM > wall.LengthM + 0.001 || opening.SillM + opening.HeightM > wall.HeightM + 0.001)
                {
                    faults.Add(there, "the opening reaches beyond its wall");
                }

                if (wall.Openings.Take(o).Any(other => Overlaps(opening, other)))
                {
                    faults.Add(there, "the opening lies over another");
                }
            }
        }

        for (var i = 0; i < space.Surfaces.Length; i++)
        {
            Unique(faults, $"{at}.surfaces[{i}].id", space.Surfaces[i].Id, surfaces);
            SurfaceFaults(faults, $"{at}.surfaces[{i}]", space, space.Surfaces[i]);
        }
    }

    // What is cut out of a wall is cut out once.
    private static bool Overlaps(Opening a, Opening b) =>
        Math.Min(a.FromLeftM + a.WidthM, b.FromLeftM + b.WidthM) - Math.Max(a.FromLeftM, b.FromLeftM) > 0.001
        && Math.Min(a.SillM + a.HeightM, b.SillM + b.HeightM) - Math.Max(a.SillM, b.SillM) > 0.001;

    /// <summary>Everything wrong with a job's own judgements, with paths from the job.</summary>
    public static ImmutableArray<Fault> JudgementFaults(ImmutableArray<Judgement> judgements)
    {
        var faults = new Faults();
        JudgementFaults(faults, judgements);
        return faults.ToImmutable();
    }

    private static void JudgementFaults(Faults faults, ImmutableArray<Judgement> judgements)
    {
        for (var i = 0; i < judgements.Length; i++)
        {
            var at = $"$.judgements[{i}]";
            var judgement = judgements[i];
            if (Causes.Find(judgement.Cause) is not { } cause)
            {
                faults.Add($"{at}.cause", $"unknown cause '{judgement.Cause}'; ./allsound causes lists them");
            }
            else if (judgement.Sign is { } sign && cause.Evidence.All(e => e.Sign != sign))
            {
                faults.Add($"{at}.sign", $"'{sign}' does not bear on {cause.Id}");
            }

            Range(faults, $"{at}.weight", judgement.Weight, 0, 20);
            Range(faults, $"{at}.ifCause", judgement.IfCause, 0.01, 0.99);
            Range(faults, $"{at}.ifNot", judgement.IfNot, 0.01, 0.99);
        }
    }

    private static void Name(Faults faults, string at, string id)
    {
        if (!Slug().IsMatch(id))
        {
            faults.Add(at, "expected lower-case letters, digits and hyphens, 1 to 60 characters");
        }
    }

    private static void Text(Faults faults, string at, string text)
    {
        if (string.IsNullOrWhiteSpace(text))
        {
            faults.Add(at, $"expected 1 to {Limits.Text} characters");
        }
    }

    private static void Unique(Faults faults, string at, string id, HashSet<string> seen)
    {
        if (!seen.Add(id))
        {
            faults.Add(at, $"'{id}' stands twice");
        }
    }

    private static void YearsToCome(Faults faults, Job job, int thisYear)
    {
        for (var b = 0; b < job.Buildings.Length; b++)
        {
            var building = job.Buildings[b];
            Past($"$.buildings[{b}].built", building.Built);
            for (var s = 0; s < building.Spaces.Length; s++)
            {
                for (var f = 0; f < building.Spaces[s].Surfaces.Length; f++)
                {
                    var surface = building.Spaces[s].Surfaces[f];
                    var at = $"$.buildings[{b}].spaces[{s}].surfaces[{f}]";
                    Past($"{at}.year", surface.Year);
                    for (var l = 0; l < (surface.Layers?.Length ?? 0); l++)
                    {
                        Past($"{at}.layers[{l}].year", surface.Layers!.Value[l].Year);
                    }
                }
            }
        }

        void Past(string at, int? year)
        {
            if (year > thisYear && year <= LatestYear)
            {
                faults.Add(at, $"{year} is still to come: expected {thisYear} or earlier");
            }
        }
    }

    private static void Year(Faults faults, string at, int? year) => Range(faults, at, year, EarliestYear, LatestYear);

    private static void Range(Faults faults, string at, double? value, double least, double most)
    {
        if (value is { } v && !(v >= least && v <= most))
        {
            faults.Add(at, $"expected {least} to {most}, found {v}");
        }
    }

    [GeneratedRegex(@"\A[a-z0-9][a-z0-9-]{0,59}\z")]
    private static partial Regex Slug();

    [GeneratedRegex(@"\A[A-Z]{3}\z")]
    private static partial Regex CurrencyCode();
}

/// <summary>Faults as they are found; a file that is wrong throughout need not be told so ten thousand times.</summary>
/// <param name="products">The firm's own products, which a surface may name.</param>
internal sealed class Faults(ImmutableArray<OwnProduct> products = default)
{
    private const int Most = 100;
    private readonly List<Fault> found = [];

    /// <summary>The class of a product that a surface names: a class itself or one of the firm's own; null when it is neither.</summary>
    public CoatingClass? Class(string product) =>
        Coatings.Find(product)
        ?? (
            products.IsDefault ? null
            : products.FirstOrDefault(p => p.Id == product) is { } own ? Coatings.Find(own.Class)
            : null
        );

    public void Add(string path, string message)
    {
        if (found.Count < Most)
        {
            found.Add(new Fault(path, message));
        }
    }

    public int Count => found.Count;

    public bool IsFull => found.Count >= Most;

    public ImmutableArray<OwnProduct> Products { get; } = products.IsDefault ? [] : products;

    public ImmutableArray<Fault> ToImmutable() => [.. found];
}
