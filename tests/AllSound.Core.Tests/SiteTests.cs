using System.Collections.Immutable;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Programme;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The site is the survey folded with the log: what was done as planned comes to the plan's end, what was done otherwise is told with what follows.</summary>
public sealed class SiteTests
{
    private static readonly DateTime Begin = new(2026, 12, 7, 8, 0, 0);

    private static (Job Job, Space Space, Surface Surface, Specified Specified) Wall(string id = "stair-wall")
    {
        var (building, space, surface) = Demo.Job.Surfaces().First(x => x.Surface.Id == id);
        return (Demo.Job, space, surface, Specifier.Specify(Demo.Job, building, space, surface));
    }

    private static LogEntry Done(int n, DateTime at, string surface, Step step) =>
        new()
        {
            Id = $"0193-{n:0000}",
            Kind = LogKind.Done,
            At = at,
            Surface = surface,
            Step = step.Number,
            Operation = step.Act.Operation.Id,
            Product = step.Act.Product?.Own?.Id ?? step.Act.Product?.Id,
            By = "ann",
        };

    // Each step after the wait that is planned before it.
    private static ImmutableArray<LogEntry> AsPlanned(string surface, ImmutableArray<Step> steps, double pace = 1)
    {
        var at = Begin;
        var log = ImmutableArray.CreateBuilder<LogEntry>();
        foreach (var step in steps)
        {
            at = at.AddHours((step.WaitBefore * pace) + step.Spend.Hours);
            log.Add(Done(log.Count, at, surface, step));
        }

        return log.ToImmutable();
    }

    private static (SiteState State, SiteJudgement Judgement, SiteRemaining Remaining) Fold(
        Job job,
        Surface surface,
        Specified specified,
        params ImmutableArray<LogEntry> log
    )
    {
        var with = job with { Log = log };
        Assert.Empty(JobSense.Faults(with));
        var state = SiteFold.Of(with, surface, specified);
        return (state, SiteJudgement.Of(with, state), SiteRemaining.Of(with, state));
    }

    [Fact]
    public void Every_surface_of_the_demo_done_as_planned_ends_as_specified_and_nothing_is_said_against_it()
    {
        var tried = 0;
        foreach (var (building, space, surface) in Demo.Job.Surfaces())
        {
            var specified = Specifier.Specify(Demo.Job, building, space, surface);
            if (specified.Options.IsEmpty)
            {
                continue;
            }

            tried++;
            var steps = specified.Options[0].Steps;
            var (state, judged, remaining) = Fold(Demo.Job, surface with { Choice = specified.Options[0].Id }, specified, AsPlanned(surface.Id, steps));
            Assert.True(judged.Deviations.IsEmpty, $"{surface.Id}: {string.Join("; ", judged.Deviations.Select(d => d.Says))}");
            Assert.True(judged.Faults.IsEmpty, $"{surface.Id}: {string.Join("; ", judged.Faults.Select(f => f.Problem))}");
            Assert.Empty(remaining.Steps);
            Assert.Empty(remaining.Stuck);
            var end = steps[^1].After;
            Assert.All(Facets.All, f => Assert.True(end[f] == state.Now[f], $"{surface.Id}: {f.Name}"));
        }

        Assert.True(tried > 10);
    }

    [Fact]
    public void Half_of_it_done_leaves_the_other_half_and_the_next_may_begin_when_the_last_is_dry()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        var coat = steps.First(s => s.Act.Operation.Role != CoatRole.None && s.Act.Leaves is not null && s.Number < steps.Length);
        var done = AsPlanned(surface.Id, [.. steps.Take(coat.Number)]);
        var (state, judged, remaining) = Fold(job, surface, specified, done);
        Assert.Empty(judged.Faults);
        Assert.True(remaining.AsPlanned);
        Assert.Equal(steps.Skip(coat.Number).Select(s => s.Number), remaining.Steps.Select(s => s.Number));
        var next = SiteNext.Of(state, remaining)[0];
        Assert.Empty(next.Needs);
        Assert.Equal(state.Since!.Value.AddHours(coat.Act.Leaves!.Least), next.From);
        Assert.Equal(state.Since.Value.AddHours(coat.Act.Leaves.Advised), next.Advised);
    }

    [Fact]
    public void A_coat_laid_too_soon_is_told_with_what_follows_and_what_mends_it()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        var second = steps.Last(s => s.Act.Operation.Role == CoatRole.Finish && s.WaitBefore > 0);
        var log = AsPlanned(surface.Id, [.. steps.Take(second.Number - 1)]);
        var (_, judged, _) = Fold(job, surface, specified, [.. log, Done(99, log[^1].At.AddHours(second.Spend.Hours + 0.25), surface.Id, second)]);
        var told = Assert.Single(judged.Deviations, d => d.Kind == DeviationKind.TooShort);
        Assert.NotNull(told.Follows);
        Assert.NotNull(told.Mend);
        Assert.Contains(judged.Faults, f => f.Need?.Clock is not null);
    }

    [Fact]
    public void A_step_left_out_is_told_and_what_is_left_is_sought_from_what_is_true()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        // A step that a coat hangs on.
        var left = steps.First(s => s.Act.Operation.Role == CoatRole.None && s.Links.Any(l => l.For is { } n && steps[n - 1].Act.Operation.Role != CoatRole.None));
        var coat = left.Links.Select(l => l.For).OfType<int>().First(n => steps[n - 1].Act.Operation.Role != CoatRole.None);
        var (_, judged, remaining) = Fold(job, surface, specified, AsPlanned(surface.Id, [.. steps.Take(coat).Where(s => s != left)]));
        var told = Assert.Single(judged.Deviations, d => d.Kind == DeviationKind.Skipped);
        Assert.StartsWith(left.Act.Operation.Title, told.Says, StringComparison.Ordinal);
        Assert.NotNull(told.Follows);
        Assert.NotEmpty(remaining.Steps);
    }

    [Fact]
    public void Cold_air_that_was_measured_lengthens_what_must_be_waited_and_warm_air_shortens_nothing()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        var coat = steps.First(s => s.Act.Operation.Role != CoatRole.None && s.Act.Leaves is not null && s.Number < steps.Length);
        var log = AsPlanned(surface.Id, [.. steps.Take(coat.Number)]);
        DateTime? From(double celsius, double humidity)
        {
            LogEntry Read(int n, string check, double value) =>
                new()
                {
                    Id = $"0193-9{n:000}",
                    Kind = LogKind.Reading,
                    At = log[^1].At,
                    Surface = surface.Id,
                    Check = check,
                    Value = value,
                };
            var (state, _, remaining) = Fold(job, surface, specified, [.. log, Read(1, "T_surf_t", celsius), Read(2, "T_air_rh", humidity)]);
            return SiteNext.Of(state, remaining)[0].From;
        }

        var label = log[^1].At.AddHours(coat.Act.Leaves!.Least);
        Assert.True(From(8, 80) > label.AddHours(1));
        Assert.Equal(label, From(28, 40));
    }

    [Fact]
    public void A_correction_counts_instead_of_what_it_corrects_and_what_is_taken_back_counts_no_more()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        var first = Done(1, Begin.AddHours(1), surface.Id, steps[0]);
        var wrong = Done(2, Begin.AddHours(2), surface.Id, steps[1]);
        var corrected = Done(3, Begin.AddHours(3), surface.Id, steps[1]) with { Corrects = wrong.Id };
        Assert.Equal([first.Id, corrected.Id], SiteLog.Standing([first, wrong, corrected]).Select(e => e.Id));
        var back = new LogEntry
        {
            Id = "0193-0004",
            Kind = LogKind.Withdrawn,
            At = Begin.AddHours(4),
            Corrects = corrected.Id,
        };
        // Taken back with the correction, what it corrected stands again.
        Assert.Equal([first.Id, wrong.Id], SiteLog.Standing([first, wrong, corrected, back]).Select(e => e.Id));
        Assert.Single(Fold(job, surface, specified, first, wrong, wrong with { Id = "0193-0009", Kind = LogKind.Withdrawn, Corrects = wrong.Id }).State.Done);
        // In whatever order they come in.
        Assert.Equal(SiteLog.Standing([first, wrong, corrected, back]), SiteLog.Standing([back, corrected, first, wrong, first]));
    }

    [Fact]
    public void A_coat_over_a_hold_point_that_was_not_passed_is_told_until_it_is_passed()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        var coat = steps.First(s => s.Act.Operation.Role != CoatRole.None);
        var log = AsPlanned(surface.Id, [.. steps.Take(coat.Number)]);
        LogEntry Point(int n, LogKind kind) =>
            new()
            {
                Id = $"0193-8{n:000}",
                Kind = kind,
                At = Begin.AddMinutes(n),
                Surface = surface.Id,
                Check = "T_air_rh",
                Value = 88,
                Unit = "%",
            };
        var (_, failed, _) = Fold(job, surface, specified, [.. log, Point(1, LogKind.HoldFailed)]);
        Assert.Contains(failed.Deviations, d => d.Kind == DeviationKind.HoldPoint);
        var (_, passed, _) = Fold(job, surface, specified, [.. log, Point(1, LogKind.HoldFailed), Point(2, LogKind.HoldPassed)]);
        Assert.DoesNotContain(passed.Deviations, d => d.Kind == DeviationKind.HoldPoint);
    }

    [Fact]
    public void A_thin_film_is_told_and_one_within_a_fifth_is_not()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        var coat = steps.First(s => s.Act.Product is { VolumeSolids: > 0 } && s.Act.Operation.Role == CoatRole.Finish);
        var wanted = coat.Act.Product!.Microns * 100 / coat.Act.Product.VolumeSolids;
        var log = AsPlanned(surface.Id, [.. steps.Take(coat.Number)]);
        IEnumerable<SiteDeviation> With(double film) => Fold(job, surface, specified, [.. log[..^1], log[^1] with { WetFilmUm = film }]).Judgement.Deviations;
        Assert.Contains(With(wanted * 0.7), d => d.Kind == DeviationKind.Film);
        Assert.DoesNotContain(With(wanted * 0.85), d => d.Kind == DeviationKind.Film);
    }

    [Fact]
    public void The_programme_goes_on_from_what_is_done()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        var coat = steps.First(s => s.Act.Operation.Role != CoatRole.None && s.Act.Leaves is not null && s.Number < steps.Length);
        var with = job with { Log = AsPlanned(surface.Id, [.. steps.Take(coat.Number)]) };
        var all = with.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(with, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        var now = with.Log[^1].At;
        var plan = Programmer.Plan(with, SiteAhead.Of(with, all, now), new Asked(now, 3), TestContext.Current.CancellationToken);
        var mine = plan.Tasks.Where(t => t.Surface == surface.Id).ToArray();
        Assert.NotEmpty(mine);
        var left = steps.Skip(coat.Number).Select(s => $"{surface.Id}/{s.Number}").ToHashSet(StringComparer.Ordinal);
        Assert.All(mine, t => Assert.Contains(t.Task.Id, left));
        Assert.True(mine.Min(t => t.Start) >= now.AddHours(coat.Act.Leaves!.Least));
    }

    [Fact]
    public void As_built_says_when_it_is_looked_at_again_and_what_remains_below()
    {
        var (job, _, surface, specified) = Wall();
        var with = job with { Log = AsPlanned(surface.Id, specified.Options[0].Steps) };
        var built = AsBuilt.Of(with, surface, specified);
        Assert.True(built.Finished);
        Assert.Equal(DateOnly.FromDateTime(with.Log[^1].At).AddMonths(12), built.Looks[0].On);
        var begun = AsBuilt.Of(with with { Log = with.Log[..1] }, surface, specified);
        Assert.False(begun.Finished);
        Assert.Empty(begun.Looks);
        var report = AsBuiltReport.Of(with, new Dictionary<string, Specified>(StringComparer.Ordinal) { [surface.Id] = specified });
        Assert.Equal(with.Log.Select(e => e.Id), report.Surfaces.Single().Done.Select(d => d.Entry));
    }

    [Fact]
    public void The_paper_of_what_was_built_names_what_it_is_about_and_turns_nothing_typed_into_markup()
    {
        var (job, space, surface, specified) = Wall();
        var log = AsPlanned(surface.Id, specified.Options[0].Steps);
        var found = new LogEntry
        {
            Id = "0194",
            Kind = LogKind.FoundJob,
            At = Begin,
            Text = "a *bold* <script>alert(1)</script> lintel",
        };
        var with = job with { Log = [.. log, found] };
        var all = with.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(with, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        var document = Writing.Write(DocumentKind.AsBuilt, with, all, "7 December 2026", "3");
        Assert.Equal(2, document.Pages.Length);
        var text = document.ToMarkdown();
        Assert.All(
            new[] { surface.Title, space.Title, job.Title, "7 December 2026", "revision 3", "ann", "licensed people come first" },
            t => Assert.Contains(t, text, StringComparison.Ordinal)
        );
        Assert.DoesNotContain("<script", text, StringComparison.Ordinal);
        Assert.DoesNotMatch(@"(?<!\\)\*bold", text);
    }

    public static TheoryData<string, string> Bad =>
        new()
        {
            { """{"id":"a","kind":"done","at":"2026-12-07T08:00:00","surface":"stair-wall"}""", "$.log[0]" },
            { """{"id":"a","kind":"done","at":"2026-12-07T08:00:00","surface":"stair-wall","operation":"conjure"}""", "$.log[0].operation" },
            { """{"id":"a","kind":"delivery","at":"2026-12-07T08:00:00","product":"unicorn"}""", "$.log[0].product" },
            { """{"id":"a","kind":"reading","at":"2026-12-07T08:00:00","check":"T_air_rh","value":900}""", "$.log[0].value" },
            { """{"id":"a","kind":"withdrawn","at":"2026-12-07T08:00:00"}""", "$.log[0].corrects" },
            { """{"id":"a","kind":"note","at":"2026-12-07T08:00:00","litres":-1}""", "$.log[0].litres" },
            { """{"id":"a","kind":"note","at":"0001-01-01T08:00:00"}""", "$.log[0].at" },
            { """{"id":"","kind":"note","at":"2026-12-07T08:00:00"}""", "$.log[0].id" },
        };

    [Theory]
    [MemberData(nameof(Bad))]
    public void A_line_that_makes_no_sense_is_refused_by_its_place(string line, string path)
    {
        var entry = System.Text.Json.JsonSerializer.Deserialize<LogEntry>(line, JobFile.Options)!;
        Assert.Contains(JobSense.Faults(Demo.Job with { Log = [entry] }), f => f.Path == path);
    }

    [Fact]
    public void Parts_of_a_face_are_the_whole_together_and_not_before()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        var coat = steps.First(s => s.Act.Operation.Role == CoatRole.Finish);
        var before = AsPlanned(surface.Id, [.. steps.Take(coat.Number - 1)]);
        var begun = before[^1].At.AddHours(coat.WaitBefore);
        LogEntry Part(int n, double share, double hours) => Done(900 + n, begun.AddHours(hours), surface.Id, coat) with { Share = share, Hours = 0.5 };
        var (half, _, left) = Fold(job, surface, specified, [.. before, Part(1, 0.5, 0.5)]);
        Assert.False(half.Done[^1].Completes);
        Assert.Equal(coat.Number, left.Steps[0].Number);
        // Wet all the same: nothing else goes on over it.
        Assert.True(half.Now.LongestLeft > 0);
        var (whole, judged, rest) = Fold(job, surface, specified, [.. before, Part(1, 0.5, 0.5), Part(2, 0.3, 30), Part(3, 0.2, 60)]);
        Assert.True(whole.Done[^1].Completes);
        Assert.Empty(judged.Faults);
        Assert.Equal(steps.Skip(coat.Number).Select(s => s.Number), rest.Steps.Select(s => s.Number));
    }

    [Fact]
    public void What_stands_too_long_is_made_good_first()
    {
        // What is primed outside and then left for months is soiled again: it is washed before it is painted.
        var (job, _, surface, specified) = Wall("veranda-columns");
        var steps = specified.Options[0].Steps;
        var coat = steps.First(s => s.Act.Operation.Role == CoatRole.Finish);
        var with = job with { Log = AsPlanned(surface.Id, [.. steps.Take(coat.Number - 1)]) };
        var soon = SiteFold.Of(with, surface, specified, with.Log[^1].At.AddHours(8));
        Assert.Equal(coat.Number, SiteRemaining.Of(with, soon).Steps[0].Number);
        var late = SiteFold.Of(with, surface, specified, with.Log[^1].At.AddDays(120));
        var remaining = SiteRemaining.Of(with, late);
        Assert.False(remaining.AsPlanned);
        Assert.True(remaining.Stuck.IsEmpty, string.Join("; ", remaining.Stuck));
        Assert.NotEqual(coat.Act.Operation.Id, remaining.Steps[0].Act.Operation.Id);
        Assert.Contains(remaining.Steps, s => s.Act.Operation.Role == CoatRole.Finish);
    }

    [Fact]
    public void What_is_finished_stays_finished()
    {
        var (job, _, surface, specified) = Wall();
        var with = job with { Log = AsPlanned(surface.Id, specified.Options[0].Steps) };
        foreach (var days in new[] { 0, 30, 4000 })
        {
            var state = SiteFold.Of(with, surface, specified, with.Log[^1].At.AddDays(days));
            Assert.True(SiteRemaining.Of(with, state).Finished(state));
        }
    }

    [Fact]
    public void Bared_iron_is_primed_within_the_hours_that_it_may_stand_and_prepared_again_after()
    {
        var (job, _, surface, specified) = Wall("slipway-railings");
        var steps = specified.Options[0].Steps;
        var bared = steps.FirstOrDefault(s => s.Act.PreparesMetal && LatestWaits.Stands(s.After));
        Assert.NotNull(bared);
        var with = job with { Log = AsPlanned(surface.Id, [.. steps.Take(bared.Number)]) };
        var at = with.Log[^1].At;
        var state = SiteFold.Of(with, surface, specified, at.AddHours(1));
        var next = SiteNext.Of(state, SiteRemaining.Of(with, state));
        Assert.Equal(at.AddHours(Weathering.BareMetalHours), next[0].Latest);
        // Cold air makes paint dry slowly; it lets iron stand no longer.
        var cold = with with
        {
            Log =
            [
                .. with.Log,
                new()
                {
                    Id = "0193-9999",
                    Kind = LogKind.Reading,
                    At = at,
                    Surface = surface.Id,
                    Check = "T_surf_t",
                    Value = 5,
                },
            ],
        };
        foreach (var of in new[] { with, cold })
        {
            var late = SiteFold.Of(of, surface, specified, at.AddHours(Weathering.BareMetalHours + 20));
            Assert.False(SiteRemaining.Of(of, late).AsPlanned);
        }
    }

    [Fact]
    public void Lines_a_century_apart_are_folded()
    {
        var (job, _, surface, specified) = Wall();
        var steps = specified.Options[0].Steps;
        var (state, _, _) = Fold(job, surface, specified, Done(1, Begin.AddYears(-100), surface.Id, steps[0]), Done(2, Begin, surface.Id, steps[1]));
        Assert.Equal(2, state.Done.Length);
    }

    [Fact]
    public void A_surface_that_is_gone_keeps_its_lines()
    {
        var entry = new LogEntry
        {
            Id = "a",
            Kind = LogKind.Note,
            At = Begin,
            Surface = "long-gone",
            Text = "was taken down",
        };
        Assert.Empty(JobSense.Faults(Demo.Job with { Log = [entry] }));
    }
}
