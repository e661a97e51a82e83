using System.Collections.Concurrent;
using System.Collections.Immutable;
using AllSound.Core.Diagnosis;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Quantities;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Storage;

namespace AllSound.Web;

/// <summary>Runs the core on stored records and keeps what it found for as long as the records do not change.</summary>
internal sealed class Analysis
{
    private const int Most = 20_000;
    private readonly ConcurrentDictionary<Key, Specified> specified = new();
    private readonly ConcurrentDictionary<Key, ImmutableArray<CheckReport>> weighed = new();

    private sealed record Key(string Job, long JobVersion, string Space, long SpaceVersion, string Surface, long SurfaceVersion);

    /// <summary>What is specified for a surface of a stored job.</summary>
    public Specified Specify(StoredJob stored, Building building, Space space, Surface surface)
    {
        if (specified.Count > Most)
        {
            specified.Clear();
        }

        return specified.GetOrAdd(Of(stored, space, surface), _ => Specifier.Specify(stored.Job, building, space, surface));
    }

    /// <summary>The next checks for a surface of a stored job.</summary>
    public ImmutableArray<CheckReport> Checks(StoredJob stored, Building building, Space space, Surface surface)
    {
        if (weighed.Count > Most)
        {
            weighed.Clear();
        }

        return weighed.GetOrAdd(
            Of(stored, space, surface),
            _ => Reporting.Diagnose(stored.Job, building, space, surface, Specify(stored, building, space, surface)).Checks
        );
    }

    /// <summary>
    /// The next checks for a whole job, each with the surfaces that it would change. Weighs what it can within the
    /// patience given and says how far it came; what was weighed is kept, so that asking again goes on from there.
    /// </summary>
    public JobChecks Checks(StoredJob stored, TimeSpan patience)
    {
        var places = stored.Job.Surfaces().ToArray();
        var until = TimeProvider.System.GetTimestamp();
        var found = new ConcurrentBag<(Surface Surface, CheckReport Check)>();
        var done = 0;
        Parallel.ForEach(
            places,
            new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount },
            place =>
            {
                var known = weighed.ContainsKey(Of(stored, place.Space, place.Surface));
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
                        g.OrderByDescending(f => f.Check.Value).ThenBy(f => f.Surface.Id, StringComparer.Ordinal).First().Check.WouldChange
                    ))
                    .OrderByDescending(c => c.Gate)
                    .ThenByDescending(c => c.Value)
                    .ThenBy(c => c.Check, StringComparer.Ordinal),
            ]
        );
    }

    private static Key Of(StoredJob stored, Space space, Surface surface) =>
        new(stored.Job.Id, stored.Version, space.Id, stored.Spaces[space.Id], surface.Id, stored.Surfaces[surface.Id]);

    /// <summary>Everything about one surface.</summary>
    public SurfaceView View(StoredJob stored, Building building, Space space, Surface surface)
    {
        var found = Specify(stored, building, space, surface);
        var measured = Geometry.Measure(space, surface);
        var report = Reporting.Report(stored.Job, surface, found, why: false);
        var diagnosis = Reporting.Findings(stored.Job, surface, found);
        return new SurfaceView(
            stored.Job.Id,
            space.Id,
            space.Title,
            surface,
            stored.Surfaces[surface.Id],
            Math.Round(measured.AreaM2, 2),
            Math.Round(measured.LengthM, 2),
            measured.How,
            diagnosis.Findings,
            diagnosis.Holds,
            diagnosis.Presumed,
            report,
            Takeoff.Chosen(surface, found)?.Id,
            Section.Of(surface, found),
            Reporting.Audit(stored.Job, building, space, surface),
            [
                .. found
                    .Appraised.Resolutions.Where(r => r.How != Resolved.Inferred && !r.AtAGlance)
                    .Select(r => new UnknownView(r.Facet.Name, r.Facet.Title, r.How.ToString().ToLowerInvariant(), r.Why, r.Check)),
            ],
            [.. Doubts.Of(space, surface).Select(d => new DoubtView(d.Path, d.Says, d.Meant))],
            [.. surface.Signs.Select(s => Observations.Grade(s)?.Name)],
            Observations.Of(surface)
        );
    }

    /// <summary>A job with the state of every surface.</summary>
    public JobView View(StoredJob stored) =>
        new(
            stored.Job.Id,
            stored.Job.Title,
            stored.Job.Jurisdiction,
            stored.Job.Rates,
            stored.Job.Judgements,
            stored.Job.Products,
            stored.Job.HouseRules,
            stored.Job.Trials,
            stored.Version,
            [
                .. stored.Job.Buildings.Select(b => new BuildingView(
                    b.Id,
                    b.Title,
                    b.Built,
                    [
                        .. b.Spaces.Select(s => new SpaceView(
                            s with
                            {
                                Surfaces = [],
                            },
                            stored.Spaces[s.Id],
                            Unfolding.Unfold(s),
                            [.. s.Surfaces.AsParallel().AsOrdered().Select(f => Line(stored, b, s, f))]
                        )),
                    ]
                )),
            ]
        );

    /// <summary>Specifications of all surfaces, by id.</summary>
    public ImmutableDictionary<string, Specified> SpecifyAll(StoredJob stored) =>
        stored.Job.Surfaces().ToImmutableDictionary(x => x.Surface.Id, x => Specify(stored, x.Building, x.Space, x.Surface), StringComparer.Ordinal);

    private SurfaceLine Line(StoredJob stored, Building building, Space space, Surface surface)
    {
        var found = Specify(stored, building, space, surface);
        var measured = Geometry.Measure(space, surface);
        var chosen = Takeoff.Chosen(surface, found);
        var headline =
            chosen?.Name
            ?? found.Holds.Select(h => $"Held until {h.Need.Title}").FirstOrDefault()
            // Why there is none is looked for when the surface itself is.
            ?? (found.Blocked.IsEmpty ? "No sequence" : "No way within the brief");
        var lead = found.Appraised.Condition.Get(Facets.Lead) != Lead.ProvedAbsent;
        return new SurfaceLine(
            surface.Id,
            surface.Title,
            surface.Element,
            Section.VerdictOf(found),
            headline,
            Math.Round(measured.AreaM2, 2),
            Math.Round(measured.LengthM, 2),
            lead
        );
    }
}
