using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Documents;
using AllSound.Core.Durability;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What is kept of finished work: what is on a wall, when it is looked at again, what lasts, and where the next job begins.</summary>
public sealed class KeptTests
{
    private static readonly DateTime Begin = new(2025, 3, 3, 8, 0, 0);

    private static readonly ImmutableDictionary<string, Specified> Demos = Demo
        .Job.Surfaces()
        .ToImmutableDictionary(x => x.Surface.Id, x => Specifier.Specify(Demo.Job, x.Building, x.Space, x.Surface));

    // The demo with some surfaces worked off as planned, and what more the log tells.
    private static Job Worked(string[] surfaces, params LogEntry[] more)
    {
        var log = new List<LogEntry>();
        foreach (var id in surfaces)
        {
            var at = Begin;
            var surface = Demo.Job.Surfaces().First(x => x.Surface.Id == id).Surface;
            foreach (var step in (Demos[id].Options.FirstOrDefault(o => o.Id == surface.Choice) ?? Demos[id].Options[0]).Steps)
            {
                at = at.AddHours(step.WaitBefore + step.Spend.Hours);
                log.Add(
                    new LogEntry
                    {
                        Id = $"{log.Count:0000}",
                        Kind = LogKind.Done,
                        At = at,
                        Surface = id,
                        Step = step.Number,
                        Operation = step.Act.Operation.Id,
                        Product = step.Act.Product?.Own?.Id ?? step.Act.Product?.Id,
                        Batch = step.Act.Operation.Role == CoatRole.Finish ? "K-4471" : null,
                        By = "ann",
                    }
                );
            }
        }

        var job = Demo.Job with { Log = [.. log, .. more] };
        Assert.Empty(JobSense.Faults(job));
        return job;
    }

    private static LogEntry Looked(int n, string surface, DateTime at, string outcome, string? text = null) =>
        new()
        {
            Id = $"look-{n}",
            Kind = LogKind.Looked,
            At = at,
            Surface = surface,
            Outcome = outcome,
            Text = text,
        };

    private static KeptReport Kept(Job job) => KeptReport.Of([(job, Demos)]);

    private static ImmutableArray<WallReport> Find(Job job, string asked) => WallReport.Find([(job, Demos)], asked);

    [Theory]
    [InlineData("k-4471")]
    [InlineData("stair 2025")]
    [InlineData("STAIR ann")]
    public void A_wall_is_found_by_place_batch_year_and_who(string asked)
    {
        var wall = Assert.Single(Find(Worked(["stair-wall"]), asked), w => w.Surface == "stair-wall");
        Assert.Contains(wall.Coats, c => c.Batch == "K-4471" && c.By == "ann");
        Assert.True(wall.Coats.Zip(wall.Coats.Skip(1)).All(p => p.First.On >= p.Second.On));
    }

    [Fact]
    public void Every_word_must_be_there_and_without_words_only_what_was_coated_is_shown()
    {
        var job = Worked(["stair-wall"]);
        Assert.Empty(Find(job, "stair nowhere"));
        Assert.Equal("stair-wall", Assert.Single(Find(job, " ")).Surface);
        Assert.Empty(Find(Demo.Job, ""));
        // What was only surveyed is found by its place, with the old layers from the outside in.
        var surveyed = Find(Demo.Job, "skirting").First(w => w.Surface == "skirting");
        Assert.Empty(surveyed.Coats);
        Assert.NotEmpty(surveyed.Below);
    }

    [Fact]
    public void A_finished_surface_is_looked_at_again_and_an_answer_closes_the_look()
    {
        var open = Kept(Worked(["stair-wall"]));
        Assert.Equal(1, open.Finished);
        Assert.NotEmpty(open.Looks);
        Assert.All(open.Looks, l => Assert.Null(l.Seen));
        Assert.Equal(open.Looks.Length, open.Calendar("Looks", Begin).Split("BEGIN:VEVENT").Length - 1);
        Assert.Empty(open.Lasting);

        var seen = Kept(Worked(["stair-wall"], Looked(1, "stair-wall", open.Looks[0].On.ToDateTime(TimeOnly.MinValue).AddDays(-20), LogEntry.LookedSound)));
        Assert.NotNull(seen.Looks[0].Seen);
        Assert.All(seen.Looks.Skip(1), l => Assert.Null(l.Seen));
        Assert.Equal(open.Looks.Length - 1, seen.Calendar("Looks", Begin).Split("BEGIN:VEVENT").Length - 1);
    }

    [Fact]
    public void How_long_it_lasted_is_until_the_first_look_that_found_work_or_the_last_that_found_it_sound()
    {
        var finished = Kept(Worked(["stair-wall"])).Looks[0].On;
        DateTime In(int years) => finished.ToDateTime(TimeOnly.MinValue).AddYears(years);
        var sound = Kept(Worked(["stair-wall"], Looked(1, "stair-wall", In(2), LogEntry.LookedSound), Looked(2, "stair-wall", In(4), LogEntry.LookedSound)));
        var lasting = Assert.Single(sound.Lasting);
        Assert.Equal((1, 0), (lasting.Curve.Seen, lasting.Curve.Failures));
        Assert.Empty(lasting.Curve.Steps);
        Assert.True(lasting.Curve.Longest > 4);

        var failed = Kept(
            Worked(
                ["stair-wall"],
                Looked(1, "stair-wall", In(1), LogEntry.LookedSound),
                Looked(2, "stair-wall", In(2), LogEntry.LookedFailing, "peels at the window"),
                Looked(3, "stair-wall", In(5), LogEntry.LookedSound)
            )
        );
        Assert.Equal(1, Assert.Single(failed.Lasting).Curve.Failures);
        Assert.InRange(failed.Lasting[0].Curve.Steps[0].Years, 2, 4);
        Assert.True(failed.Lasting[0].Life.Years < lasting.Life.Years);
    }

    [Fact]
    public void A_look_says_of_which_surface_and_how_it_stands()
    {
        var job = Demo.Job with { Log = [Looked(1, "stair-wall", Begin, "splendid"), Looked(2, "stair-wall", Begin, LogEntry.LookedSound) with { Surface = null }] };
        Assert.Equal(2, JobSense.Faults(job).Length);
    }

    [Fact]
    public void What_was_left_over_stands_in_the_store_of_the_next_job_and_is_not_bought_again()
    {
        LogEntry Left(int n, double? litres, string? corrects = null) =>
            new()
            {
                Id = $"over-{n}",
                Kind = litres is null ? LogKind.Withdrawn : LogKind.Leftover,
                At = Begin.AddDays(20),
                Surface = "stair-wall",
                Product = litres is null ? null : "p_emul_dur",
                Litres = litres,
                Batch = litres is null ? null : "K-4471",
                Text = "under the stairs",
                Corrects = corrects,
            };

        var next = NextJob.After(Worked(["stair-wall"], Left(1, 2.5), Left(2, 9), Left(3, null, "over-2")), Demos);
        var tin = Assert.Single(next.Store, t => t.Where == "under the stairs");
        Assert.Equal(("p_emul_dur", 2.5, "K-4471"), (tin.Product, tin.Amount, tin.Batch));
        Assert.Equal(Demo.Job.Surfaces().First(x => x.Surface.Id == "stair-wall").Surface.Brief.Colour, tin.Colour);
        Assert.Empty(JobSense.Faults(next));
    }

    [Fact]
    public void What_is_found_while_working_stands_in_the_quotation_as_in_no_price()
    {
        var found = new LogEntry
        {
            Id = "found-1",
            Kind = LogKind.FoundJob,
            At = Begin.AddDays(1),
            Surface = "stair-wall",
            Text = "a cracked lintel",
        };
        var taken = found with { Id = "found-2", Text = "nothing, a shadow" };
        var job = Demo.Job with
        {
            Log =
            [
                found,
                taken,
                new LogEntry
                {
                    Id = "found-3",
                    Kind = LogKind.Withdrawn,
                    At = Begin.AddDays(1),
                    Corrects = "found-2",
                },
            ],
        };
        var line = Assert.Single(Reporting.Quote(job, Demos, "4 March 2025").Found);
        Assert.StartsWith("4 March 2025, ", line, StringComparison.Ordinal);
        Assert.EndsWith(": a cracked lintel", line, StringComparison.Ordinal);
        Assert.Contains(line, Writing.Write(DocumentKind.Quotation, job, Demos, "4 March 2025", "1").ToMarkdown(), StringComparison.Ordinal);
    }

    [Fact]
    public void The_next_job_begins_with_what_was_really_laid_and_nothing_else_is_taken_over()
    {
        var worked = Demos.Where(d => !d.Value.Options.IsEmpty).Select(d => d.Key).Order(StringComparer.Ordinal).ToArray();
        var next = NextJob.After(Worked(worked), Demos);
        Assert.Empty(JobSense.Faults(next));
        Assert.Empty(next.Log);
        Assert.Empty(next.Quotations);
        var coated = 0;
        foreach (var (building, space, surface) in next.Surfaces().Where(x => worked.Contains(x.Surface.Id)))
        {
            var before = Demo.Job.Surfaces().First(x => x.Surface.Id == surface.Id).Surface;
            var finish = Demos[surface.Id].Options[0].Steps.LastOrDefault(s => s.Act.Operation.Role == CoatRole.Finish)?.Act.Product;
            Assert.Empty(surface.Signs);
            Assert.Empty(surface.Readings);
            Assert.Null(surface.Choice);
            if (finish is null || OldCoats.Of(finish) is not { } film || surface.Layers is not { IsEmpty: false } layers)
            {
                continue;
            }

            coated++;
            var chosen = (Demos[surface.Id].Options.FirstOrDefault(o => o.Id == before.Choice) ?? Demos[surface.Id].Options[0]).Steps;
            var last = chosen.Last(s => s.Act.Operation.Role == CoatRole.Finish).Act.Product!;
            Assert.Equal(OldCoats.Of(last), layers[^1].Coating);
            Assert.Equal(2025, layers[^1].Year);
            // Old lead that is still below stays known; what was stripped is gone.
            Assert.Equal(
                !chosen.Any(s => s.Act.Strips) && before.Layers is { IsEmpty: false },
                before.Layers is { IsEmpty: false } && layers[0].Coating == before.Layers.Value[0].Coating && layers.Length > 1
            );
            // It can be surveyed and specified as it is.
            Assert.NotNull(Specifier.Specify(next, building, space, surface));
            Assert.NotNull(Appraisal.Appraise(next, building, space, surface));
        }

        Assert.True(coated > 10, $"{coated}");
    }

    [Fact]
    public void A_coat_whose_product_nobody_wrote_down_is_the_one_that_was_planned()
    {
        var job = Worked(["stair-wall"]);
        var bare = job with { Log = [.. job.Log.Select(e => e with { Product = null })] };
        Assert.Equal(Find(job, "").Single().Coats, Find(bare, "").Single().Coats);
        Assert.All(Find(bare, "").Single().Coats, c => Assert.NotEmpty(c.Product));
    }

    [Fact]
    public void Where_paint_with_lead_was_stripped_lead_stays_presumed_and_what_lay_there_before_is_gone()
    {
        var stripped = 0;
        foreach (var (id, specified) in Demos.Where(d => !d.Value.Options.IsEmpty))
        {
            var before = Demo.Job.Surfaces().First(x => x.Surface.Id == id).Surface;
            var steps = (specified.Options.FirstOrDefault(o => o.Id == before.Choice) ?? specified.Options[0]).Steps;
            if (!steps.Any(s => s.Act.Strips))
            {
                continue;
            }

            stripped++;
            var after = NextJob.After(Worked([id]), Demos).Surfaces().First(x => x.Surface.Id == id).Surface;
            Assert.Equal(specified.Appraised.Condition.Get(Facets.Lead) == Lead.ProvedAbsent ? before.Facts.Lead : Lead.Presumed, after.Facts.Lead);
            Assert.Equal(before.Facts.Asbestos, after.Facts.Asbestos);
            Assert.False(after.Brief.Strip);
            Assert.All(after.Layers!.Value, l => Assert.Equal(2025, l.Year));
            // Whoever specifies it next works it as lead until somebody has tested it.
            Assert.True(specified.Appraised.Condition.Get(Facets.Lead) == Lead.ProvedAbsent || Appraised(after).Get(Facets.Lead) != Lead.ProvedAbsent);
        }

        Assert.True(stripped > 0, "no surface of the demo is stripped");

        Condition Appraised(Surface surface)
        {
            var next = NextJob.After(Worked([surface.Id]), Demos);
            var (building, space, same) = next.Surfaces().First(x => x.Surface.Id == surface.Id);
            return Appraisal.Appraise(next, building, space, same).Condition;
        }
    }

    [Fact]
    public void Every_old_coat_that_a_product_leaves_is_in_the_catalogue() =>
        Assert.All(Coatings.All, p => Assert.True(OldCoats.Of(p) is not { } film || ExistingCoatings.Find(film) is not null, p.Id));

    [Fact]
    public void Where_nobody_ever_recorded_the_layers_they_stay_unknown()
    {
        var job = Worked(["stair-wall"]);
        var unknown = job with
        {
            Buildings =
            [
                .. job.Buildings.Select(b =>
                    b with
                    {
                        Spaces = [.. b.Spaces.Select(s => s with { Surfaces = [.. s.Surfaces.Select(f => f.Id == "stair-wall" ? f with { Layers = null } : f)] })],
                    }
                ),
            ],
        };
        var surface = NextJob.After(unknown, Demos).Surfaces().First(x => x.Surface.Id == "stair-wall").Surface;
        Assert.Null(surface.Layers);
        Assert.StartsWith("Laid last: ", surface.Notes, StringComparison.Ordinal);
    }
}
