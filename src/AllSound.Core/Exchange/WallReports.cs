using System.Collections.Immutable;
using System.Globalization;
using AllSound.Core.Jobs;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Core.Wording;

namespace AllSound.Core.Exchange;

/// <summary>A coat that was laid.</summary>
/// <param name="On">The day.</param>
/// <param name="Operation">Id of the operation.</param>
/// <param name="Product">Title of the product: the one written down, or else the one that was planned; empty where there is none.</param>
/// <param name="Colour">Colour of the finish, in words; null where none is given, and of what is not the finish.</param>
/// <param name="Batch">Batch number; null where nobody wrote it down.</param>
/// <param name="By">Who laid it; null where nobody said.</param>
public sealed record LaidCoat(DateOnly On, string Operation, [property: Prose] string Product, string? Colour, string? Batch, string? By);

/// <summary>What is on a surface: what was laid by the log, and what was found below it.</summary>
/// <param name="Job">Id of the job.</param>
/// <param name="JobTitle">Its title.</param>
/// <param name="Building">Name of the building.</param>
/// <param name="Space">Id of the room or elevation.</param>
/// <param name="SpaceTitle">Its name.</param>
/// <param name="Surface">Id of the surface.</param>
/// <param name="Title">Its name.</param>
/// <param name="Coats">Coats laid, the newest first.</param>
/// <param name="Below">Old layers as they were surveyed, outermost first, in words.</param>
public sealed record WallReport(
    string Job,
    string JobTitle,
    string Building,
    string Space,
    string SpaceTitle,
    string Surface,
    string Title,
    ImmutableArray<LaidCoat> Coats,
    [property: Prose] ImmutableArray<string> Below
)
{
    /// <summary>Surfaces given at most.</summary>
    public const int Most = 60;

    /// <summary>Searches jobs for surfaces: each word asked for is somewhere in what is known of them: place, room, surface, product, colour, batch, day, who.</summary>
    /// <param name="jobs">The jobs, with their logs, and what was specified for their surfaces, by id; of a job without a log it is not asked for.</param>
    /// <param name="asked">Words, by blanks; none: whatever was coated last.</param>
    /// <returns>At most <see cref="Most"/>, those coated last first; with no words only what was coated.</returns>
    public static ImmutableArray<WallReport> Find(IEnumerable<(Job Job, IReadOnlyDictionary<string, Specified> Specified)> jobs, string asked)
    {
        ArgumentNullException.ThrowIfNull(jobs);
        ArgumentNullException.ThrowIfNull(asked);
        var words = asked.Split(' ', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        return
        [
            .. jobs.SelectMany(j => All(j.Job, j.Specified))
                .Where(w => words.Length > 0 ? Array.TrueForAll(words, w.Report.Holds(w.Place)) : !w.Report.Coats.IsEmpty)
                .Select(w => w.Report)
                .OrderByDescending(w => w.Coats.IsEmpty ? DateOnly.MinValue : w.Coats[0].On)
                .ThenBy(w => w.JobTitle, StringComparer.OrdinalIgnoreCase)
                .ThenBy(w => w.Surface, StringComparer.Ordinal)
                .Take(Most),
        ];
    }

    private static IEnumerable<(WallReport Report, string Place)> All(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        var worked = job.Log.Where(e => e.Kind == LogKind.Done).Select(e => e.Surface).ToHashSet(StringComparer.Ordinal);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            IEnumerable<DoneStep> done = worked.Contains(surface.Id) ? SiteFold.Of(job, surface, specified[surface.Id]).Done : [];
            yield return (
                new(
                    job.Id,
                    job.Title,
                    building.Title,
                    space.Id,
                    space.Title,
                    surface.Id,
                    surface.Title,
                    [.. done.Where(d => d.Act.Operation.Role != CoatRole.None).Select(d => Coat(d, surface)).Reverse()],
                    [.. (surface.Layers ?? []).Reverse().Select(Told)]
                ),
                $"{job.Address} {job.Client}"
            );
        }
    }

    private static LaidCoat Coat(DoneStep done, Surface surface) =>
        new(
            DateOnly.FromDateTime(done.End),
            done.Act.Operation.Id,
            done.Act.Product?.Title ?? "",
            done.Act.Operation.Role == CoatRole.Finish ? surface.Brief.Colour : null,
            done.Entry.Batch,
            done.Entry.By
        );

    private Predicate<string> Holds(string place)
    {
        var all = string.Join(
            ' ',
            [
                JobTitle,
                place,
                Building,
                SpaceTitle,
                Title,
                .. Below,
                .. Coats.SelectMany(c => new[] { c.On.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), c.Product, c.Colour, c.Batch, c.By }),
            ]
        );
        return word => CultureInfo.InvariantCulture.CompareInfo.IndexOf(all, word, CompareOptions.IgnoreCase | CompareOptions.IgnoreNonSpace) >= 0;
    }

    private static string Told(Layer layer)
    {
        var coats = layer.Coats == 1 ? "" : string.Create(CultureInfo.InvariantCulture, $", {layer.Coats} coats");
        var year = layer.Year is { } y ? string.Create(CultureInfo.InvariantCulture, $", {y}") : "";
        return $"{ExistingCoatings.Find(layer.Coating)?.Title ?? layer.Coating}{coats}{(layer.Colour is { } colour ? $", {colour}" : "")}{year}";
    }
}
