using System.Collections.Concurrent;
using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Buying;
using AllSound.Core.Diagnosis;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Records;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Storage;
using Microsoft.Extensions.Caching.Memory;

namespace AllSound.Web;

/// <summary>
/// Runs the core on stored records and keeps what it found. What an answer may depend on is told by <see cref="AnswerScope"/>; the answer is
/// kept under the versions of just that, so it is found again only for the same records.
/// </summary>
internal sealed class Analysis : IDisposable
{
    // A specification with its options is about 40 kB, the checks of a surface 4 kB, a line of the list 1 kB.
    private readonly Kept<Specified> specified = new(2_000);
    private readonly Kept<ImmutableArray<CheckReport>> weighed = new(6_000);
    private readonly Kept<SurfaceLine> lines = new(20_000);

    private const int MostStops = 2;

    /// <summary>What an answer for a surface was found from: versions are never used twice, so equal keys are equal records.</summary>
    private readonly record struct Key(long Job, long Building, long Space, long Surface, string Neighbours);

    public void Dispose()
    {
        specified.Dispose();
        weighed.Dispose();
        lines.Dispose();
    }

    /// <summary>What is specified for a surface of a stored job.</summary>
    public Specified Specify(StoredJob stored, Building building, Space space, Surface surface)
    {
        var (key, scope) = Of(stored, building, space, surface);
        return Specify(key, scope);
    }

    /// <summary>The next checks for a surface of a stored job.</summary>
    public ImmutableArray<CheckReport> Checks(StoredJob stored, Building building, Space space, Surface surface)
    {
        var (key, scope) = Of(stored, building, space, surface);
        return weighed.Get(key, () => Reporting.Diagnose(scope.Job, scope.Building, scope.Space, scope.Surface, Specify(key, scope)).Checks);
    }

    /// <summary>
    /// The next checks for a whole job, each with the surfaces that it would change. Weighs what it can within the
    /// patience given and says how far it came; what was weighed is kept, so that asking again goes on from there.
    /// </summary>
    public JobChecks Checks(StoredJob stored, TimeSpan patience, CancellationToken cancel)
    {
        var places = stored.Job.Surfaces().ToArray();
        var until = TimeProvider.System.GetTimestamp();
        var found = new ConcurrentBag<(Surface Surface, CheckReport Check)>();
        var done = 0;
        Parallel.ForEach(
            places,
            new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount, CancellationToken = cancel },
            place =>
            {
                var known = weighed.Has(Of(stored, place.Building, place.Space, place.Surface).Key);
                if (!known && TimeProvider.System.GetElapsedTime(until) > patience)
                {
                    return;
                }

                foreach (var check in Checks(stored, place.Building, place.Space, place.Surface))
                {
                    found.Add((place.Surface, check));
                }

                Interlocked.Increment(ref done);
            }
        );
        return new JobChecks(
            done,
            places.Length,
            [
                .. found
                    .GroupBy(f => f.Check.Check, StringComparer.Ordinal)
                    .Select(g => new JobCheck(
                        g.Key,
                        g.First().Check.Title,
                        g.First().Check.Minutes,
                        g.First().Check.Gate,
                        Math.Round(g.Sum(f => f.Check.Value), 2),
                        [.. g.Select(f => f.Surface.Id).Order(StringComparer.Ordinal)],
                        Answers(g.OrderByDescending(f => f.Check.Value).ThenBy(f => f.Surface.Id, StringComparer.Ordinal).First().Check)
                    ))
                    .OrderByDescending(c => c.Gate)
                    .ThenByDescending(c => c.Value)
                    .ThenBy(c => c.Check, StringComparer.Ordinal),
            ]
        );
    }

    // What an answer would change, or where it changes nothing what it would say of the cause.
    private static ImmutableArray<string> Answers(CheckReport check) => check.WouldChange.IsEmpty ? check.Settles : check.WouldChange;

    /// <summary>Everything about one surface.</summary>
    public SurfaceView View(StoredJob stored, Building building, Space space, Surface surface)
    {
        var (key, scope) = Of(stored, building, space, surface);
        var found = Specify(key, scope);
        var measured = Geometry.Measure(scope.Space, surface);
        var report = Reporting.Report(scope.Job, surface, found, why: false);
        var diagnosis = Reporting.Findings(scope.Job, surface, found);
        return new SurfaceView(
            stored.Job.Id,
            space.Id,
            space.Title,
            surface,
            stored.VersionOf(RecordKind.Surface, surface.Id),
            stored.Revision,
            Math.Round(measured.AreaM2, 2),
            Math.Round(measured.LengthM, 2),
            measured.How,
            diagnosis.Findings,
            diagnosis.Holds,
            diagnosis.Presumed,
            report,
            Takeoff.Planned(surface, found)?.Id,
            Section.Of(surface, found),
            AuditReporting.Audit(scope.Job, scope.Building, scope.Space, surface),
            [
                .. found
                    .Appraised.Resolutions.Where(r => r.How != Resolved.Inferred && !r.AtAGlance)
                    .Select(r => new UnknownView(r.Facet.Name, r.Facet.Title, r.How.ToString().ToLowerInvariant(), r.Why, r.Check)),
            ],
            [.. Doubts.Of(scope.Space, surface).Select(d => new DoubtView(d.Path, d.Says, d.Meant))],
            [.. surface.Signs.Select(s => Observations.Grade(s)?.Name)],
            Observations.Of(surface)
        );
    }

    /// <summary>Works out how every surface of a job stands, and keeps it for whoever asks.</summary>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public void Foresee(StoredJob stored, CancellationToken cancel) => Lines(stored, cancel);

    // All surfaces at once: a room by itself has too few of them to keep the processors busy.
    private SurfaceLine[] Lines(StoredJob stored, CancellationToken cancel) =>
        [.. stored.Job.Surfaces().AsParallel().AsOrdered().WithCancellation(cancel).Select(p => Line(stored, p.Building, p.Space, p.Surface))];

    /// <summary>A job with the state of every surface.</summary>
    public JobView View(StoredJob stored)
    {
        var known = Lines(stored, CancellationToken.None).ToFrozenDictionary(l => l.Id, StringComparer.Ordinal);
        return new(
            stored.Job.Id,
            stored.Job with
            {
                Buildings = [],
                Log = [],
            },
            stored.Version,
            stored.Changes,
            [
                .. stored.Job.Buildings.Select(b => new BuildingView(
                    b with
                    {
                        Spaces = [],
                    },
                    stored.VersionOf(RecordKind.Building, b.Id),
                    [
                        .. b.Spaces.Select(s => new SpaceView(
                            s with
                            {
                                Surfaces = [],
                            },
                            stored.VersionOf(RecordKind.Space, s.Id),
                            Unfolding.Unfold(s),
                            [.. s.Surfaces.Select(f => known[f.Id])]
                        )),
                    ]
                )),
            ],
            [.. stored.Spoilt.Select(s => new SpoiltView(s.Key.Kind, s.Key.Id, s.Why, s.Earlier is { } at ? DateTimeOffset.FromUnixTimeMilliseconds(at) : null))]
        );
    }

    /// <summary>How a job stands, by the verdicts of its surfaces.</summary>
    public JobState State(StoredJob stored)
    {
        var all = Lines(stored, CancellationToken.None);
        int Count(Verdict verdict) => all.Count(l => l.Verdict == verdict);
        return new(
            Count(Verdict.Sound),
            Count(Verdict.Prepare),
            Count(Verdict.Failing),
            Count(Verdict.Held),
            Count(Verdict.Unseen),
            [
                .. all.Where(l => l.Verdict == Verdict.Held)
                    .GroupBy(l => l.Headline, StringComparer.Ordinal)
                    .OrderByDescending(g => g.Count())
                    .ThenBy(g => g.Key, StringComparer.Ordinal)
                    .Take(MostStops)
                    .Select(g => g.Count() == 1 ? $"{g.First().Title}. {g.Key}" : $"{g.Count()} surfaces. {g.Key}"),
            ]
        );
    }

    /// <summary>Specifications of all surfaces, by id.</summary>
    public ImmutableDictionary<string, Specified> SpecifyAll(StoredJob stored) =>
        stored.Job.Surfaces().ToImmutableDictionary(x => x.Surface.Id, x => Specify(stored, x.Building, x.Space, x.Surface), StringComparer.Ordinal);

    private static (Key Key, AnswerScope Scope) Of(StoredJob stored, Building building, Space space, Surface surface)
    {
        var scope = AnswerScope.Of(stored.Job, building, space, surface);
        return (
            new Key(
                stored.Version,
                stored.VersionOf(RecordKind.Building, building.Id),
                stored.VersionOf(RecordKind.Space, space.Id),
                stored.VersionOf(RecordKind.Surface, surface.Id),
                string.Join(',', scope.Space.Surfaces.Select(s => $"{s.Id}:{stored.VersionOf(RecordKind.Surface, s.Id)}"))
            ),
            scope
        );
    }

    private Specified Specify(Key key, AnswerScope scope) => specified.Get(key, () => Specifier.Specify(scope.Job, scope.Building, scope.Space, scope.Surface));

    private SurfaceLine Line(StoredJob stored, Building building, Space space, Surface surface)
    {
        var (key, scope) = Of(stored, building, space, surface);
        return lines.Get(key, () => Line(Specify(key, scope), scope)) with { Version = stored.VersionOf(RecordKind.Surface, surface.Id) };
    }

    private static SurfaceLine Line(Specified found, AnswerScope scope)
    {
        var surface = scope.Surface;
        var measured = Geometry.Measure(scope.Space, surface);
        var chosen = Takeoff.Chosen(surface, found);
        var headline =
            chosen?.Name
            ?? found.Holds.Select(h => $"Stopped: {h.Need.Unmet}").FirstOrDefault()
            // Why there is none is looked for when the surface itself is.
            ?? (found.Blocked.IsEmpty ? "No sequence" : "Nothing meets this brief");
        var lead = found.Appraised.Condition.Get(Facets.Lead) != Lead.ProvedAbsent;
        return new SurfaceLine(
            surface.Id,
            surface.Title,
            surface.Element,
            0,
            Section.VerdictOf(found),
            headline,
            Math.Round(measured.AreaM2, 2),
            Math.Round(measured.LengthM, 2),
            lead
        );
    }

    /// <summary>Answers kept up to a number; the least asked for go first.</summary>
    private sealed class Kept<T>(int most) : IDisposable
    {
        private readonly MemoryCache cache = new(new MemoryCacheOptions { SizeLimit = most, CompactionPercentage = 0.2 });

        public bool Has(Key key) => cache.TryGetValue(key, out _);

        public T Get(Key key, Func<T> find)
        {
            if (cache.TryGetValue(key, out T? known) && known is not null)
            {
                return known;
            }

            var found = find();
            cache.Set(key, found, new MemoryCacheEntryOptions { Size = 1 });
            return found;
        }

        public void Dispose() => cache.Dispose();
    }
}
