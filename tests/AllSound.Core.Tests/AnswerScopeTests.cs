using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Quantities;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What an answer depends on is told in one place, and is all that it depends on.</summary>
public sealed class AnswerScopeTests
{
    [Fact]
    public void An_answer_found_in_its_scope_alone_is_the_answer_found_in_the_whole_job()
    {
        for (var i = 0; i < 60; i++)
        {
            var job = Crowded(i);
            foreach (var (building, space, surface) in job.Surfaces())
            {
                var scope = AnswerScope.Of(job, building, space, surface);
                Assert.Equal(Geometry.Measure(space, surface), Geometry.Measure(scope.Space, surface));
                Assert.Equal(Answer(job, building, space, surface), Answer(scope.Job, scope.Building, scope.Space, scope.Surface));
            }
        }
    }

    [Fact]
    public void What_is_not_in_the_scope_changes_nothing_and_a_zone_cut_changes_its_wall()
    {
        var job = Enumerable
            .Range(0, 50)
            .Select(Crowded)
            .First(j =>
                j.Surfaces().Any(s => s.Surface is { Zone: null, Element: Element.Wall, Wall: not null } && s.Space.Surfaces.All(z => z.Zone?.Of != s.Surface.Id))
            );
        var (building, space, surface) = job.Surfaces()
            .First(s => s.Surface is { Zone: null, Element: Element.Wall, Wall: not null } && s.Space.Surfaces.All(z => z.Zone?.Of != s.Surface.Id));
        var before = Geometry.Measure(space, surface).AreaM2;
        var zone = surface with
        {
            Id = "cut",
            Size = null,
            Zone = new Zone
            {
                Of = surface.Id,
                WidthM = 0.5,
                HeightM = 0.5,
            },
        };
        var cut = space with { Surfaces = space.Surfaces.Add(zone) };
        Assert.InRange(Geometry.Measure(AnswerScope.Of(job, building, cut, surface).Space, surface).AreaM2, before - 0.26, before - 0.01);
        Assert.Contains(AnswerScope.Neighbours(cut, surface), s => s.Id == "cut");
        Assert.DoesNotContain(AnswerScope.Neighbours(space, surface), s => s.Element is Element.Ceiling or Element.Skirting);
    }

    private static string Answer(Job job, Building building, Space space, Surface surface)
    {
        var report = Reporting.Specify(job, building, space, surface);
        return System.Text.Json.JsonSerializer.Serialize(report, JobFile.Compact);
    }

    // A room with walls, their zones, doors that share openings, and things that have nothing to do with one another.
    private static Job Crowded(int seed)
    {
        var random = new Random(seed);
        var walls = Enumerable
            .Range(0, 3)
            .Select(i => new Wall
            {
                Id = $"w{i}",
                LengthM = 2 + (2 * random.NextDouble()),
                HeightM = 2.5,
                Openings =
                [
                    new Opening
                    {
                        Kind = OpeningKind.Door,
                        FromLeftM = 0.2,
                        WidthM = 0.7 + (0.1 * i),
                        HeightM = 2,
                    },
                    new Opening
                    {
                        Kind = OpeningKind.Door,
                        FromLeftM = 1.2,
                        WidthM = 0.5,
                        HeightM = 1.9,
                    },
                ],
            })
            .ToImmutableArray();
        var surfaces = new List<Surface>();
        for (var i = 0; i < 8; i++)
        {
            var element = new[] { Element.Wall, Element.Door, Element.Ceiling, Element.Skirting }[random.Next(4)];
            surfaces.Add(
                new Surface
                {
                    Id = $"s{i}",
                    Title = $"Surface {i}",
                    Element = element,
                    Substrate = element is Element.Door or Element.Skirting ? "sw" : "gyp_old",
                    Wall = random.Next(3) > 0 ? $"w{random.Next(3)}" : null,
                    Facts = new Facts { Moisture = (Moisture?)random.Next(2) },
                }
            );
        }

        for (var i = 0; i < 3; i++)
        {
            var of = surfaces.Where(s => s.Zone is null).ElementAt(random.Next(8));
            surfaces.Insert(
                random.Next(surfaces.Count),
                of with
                {
                    Id = $"z{i}",
                    Title = $"Zone {i}",
                    Zone = new Zone
                    {
                        Of = of.Id,
                        WidthM = 0.3,
                        HeightM = 0.4,
                    },
                }
            );
        }

        var space = new Space
        {
            Id = "room",
            Title = "Room",
            Walls = walls,
            Surfaces = [.. surfaces],
        };
        var job = new Job
        {
            Format = Job.CurrentFormat,
            Id = "job",
            Title = "Job",
            Buildings =
            [
                new Building
                {
                    Id = "b",
                    Title = "B",
                    Built = 1990,
                    Spaces = [space, space with { Id = "other", Surfaces = [.. surfaces.Select(s => s with { Id = "o" + s.Id, Zone = null })] }],
                },
            ],
        };
        return job;
    }
}
