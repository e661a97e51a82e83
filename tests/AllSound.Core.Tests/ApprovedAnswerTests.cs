using System.Globalization;
using AllSound.Core.Diagnosis;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The rules as they stand, the demo job's documents and the answers for surfaces of every ground, against what was approved.</summary>
public sealed class ApprovedAnswerTests
{
    private const string Surface = "stair-wall";

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 6)];

    [Fact]
    public void Needs_are_met_by_what_they_always_were() =>
        Approved.Check(
            "needs",
            Needs.All.Select(n =>
                $"{n.Id} | {n.Severity} | {n.Title} | {n.Unmet} | {n.Consequence} | {n.Source.Name}, {n.Source.Confidence} | {(n.Hold ? "holds " : "")}{n.Clock} | "
                + $"{string.Join(" or ", n.Any.Select(t => $"{t.Facet.Name}: {Allowed(t)}"))} | {string.Join("; ", n.Frees)}"
            )
        );

    [Fact]
    public void Acts_need_what_they_always_did() =>
        Approved.Check(
            "acts",
            Operations.Acts.Select(a =>
                $"{a.Id}: {string.Join(' ', a.Needs.Select(n => n.Id))} | {a.Leaves?.Least} {a.Leaves?.Advised} {a.LatestDays} | {string.Join("; ", a.Effects.Select(Told))}"
            )
        );

    [Theory]
    [InlineData(DocumentKind.Specification)]
    [InlineData(DocumentKind.ClientSummary)]
    [InlineData(DocumentKind.CrewChecklist)]
    [InlineData(DocumentKind.HazardSheet)]
    public void Documents_of_a_wall_read_as_they_did(DocumentKind kind)
    {
        var specified = Demo.Job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(Demo.Job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        Approved.Check($"{Surface}.{kind}", [Writing.Write(kind, Demo.Job, specified, "2026-10-05", "1", Surface).ToMarkdown()]);
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Surfaces_get_the_answer_they_got(int seed)
    {
        var job = Approved.FrozenJob(seed);
        Approved.Check($"surfaces.{seed}", job.Surfaces().SelectMany(x => Answer(job, x.Building, x.Space, x.Surface)));
    }

    private static IEnumerable<string> Answer(Job job, Building building, Space space, Surface surface)
    {
        var specified = Specifier.Specify(job, building, space, surface);
        var section = Section.Of(surface, specified);
        var start = specified.Appraised.Condition;
        yield return $"{surface.Id}: {surface.Element} {surface.Substrate} {surface.Exposure}, {section.Verdict}";
        yield return Lines("is", Facets.All.Where(f => start[f] != 0).Select(f => $"{f.Name}: {f.ValueName(start[f])}").Chunk(6).Select(some => string.Join(", ", some)));
        yield return $"  section {Share(section.BareShare)} bare {Share(section.LooseShare)} loose {Share(section.StainShare)} stained {section.Edges} {section.Knots} {section.Joint} {section.Powder} "
            + string.Join(", ", section.Old.Select(Told));
        foreach (var finding in NoisyOr.Diagnose(specified.Appraised.Family, Observations.Of(surface)).Take(4))
        {
            yield return $"  cause {finding.Cause.Id} {finding.Probability.ToString("0.0", CultureInfo.InvariantCulture)} for {Speaks(finding.For)} against {Speaks(finding.Against)}";
        }

        foreach (var check in NextChecks.Rank(job, building, space, surface, specified).Take(3))
        {
            yield return Lines($"check {check.Check.Id} {Share(check.Value)}", check.WouldChange);
        }

        yield return $"  holds {string.Join(' ', specified.Holds.Select(h => h.Need.Id))} blocked {string.Join(' ', specified.Blocked.Select(n => n.Id))} {string.Join(' ', specified.Notes)}";
        foreach (var option in specified.Options)
        {
            var c = option.Criteria;
            yield return string.Create(
                CultureInfo.InvariantCulture,
                $"  option {option.Name}: {c.Money} money {c.LabourHours} h {c.ElapsedDays} d {c.LifeYears} y {c.Hazard} hazard; {string.Join(", ", option.BestAt)}; {string.Join(", ", option.Schools)}"
            );
            yield return Lines("  does", option.Steps.Select(Told));
            yield return Lines("  says", [.. option.Risks, .. option.LeftUndone, .. option.PreferWhen, option.OtherSchool ?? ""]);
            yield return Lines("  assumes", option.Assumes);
            var build = section.BuildUps.First(b => b.Option == option.Id);
            yield return Lines($"  builds{(build.Strips ? " from bare" : "")}", build.Layers.Select(Told));
        }

        if (specified.Options.FirstOrDefault() is { } first)
        {
            // What an audit misses where each third step is left out, and where the first is done after the last.
            var sequence = Demo.Sequence(first).Select(s => s with { WaitHours = null }).ToArray();
            yield return Lines("gaps", Faults(job, surface, specified, [.. sequence.Where((_, i) => i % 3 != 2)]));
            yield return Lines("turned", Faults(job, surface, specified, [.. sequence.Reverse()]));
            var step = first.Steps.First(s => s.Act.Product is not null);
            yield return Lines($"why not without {step.Act.Id}", WhyNot.Ask(job.Rates, surface, specified.Appraised, first, step.Number, null).Lines);
            var last = first.Steps.Last(s => s.Act.Operation.Role == CoatRole.Finish);
            yield return Lines($"why not without the last coat", WhyNot.Ask(job.Rates, surface, specified.Appraised, first, last.Number, null).Lines);
            var other = Operations.Acts.First(a => a.Operation.Role == step.Act.Operation.Role && a.Product != step.Act.Product);
            yield return Lines($"why not {other.Id}", WhyNot.Ask(job.Rates, surface, specified.Appraised, first, step.Number, other).Lines);
        }
    }

    private static IEnumerable<string> Faults(Job job, Surface surface, Specified specified, SequenceStep[] sequence)
    {
        var audited = Auditor.Audit(job.Rates, surface, specified.Appraised, sequence);
        return
        [
            .. audited.Faults.Select(f => $"{f.Step} {f.Id} {f.Severity}: {f.Mend}"),
            .. audited.Questions.Select(q => $"{q.Step} {q.Asks}"),
            .. audited.Notes.Select(n => $"{n.Step} {n.Says}"),
        ];
    }

    // A heading, and what belongs to it a line each, so that a change shows as the line that it changes.
    private static string Lines(string heading, IEnumerable<string> lines) =>
        string.Join('\n', lines.Where(l => l.Length > 0).Select(l => "      " + l).Prepend($"  {heading}"));

    private static string Told(Effect effect) =>
        $"{effect.Facet.Name} {effect.Change} {effect.Value}{string.Concat(effect.When.Select(t => $" if {t.Facet.Name}: {Allowed(t)}"))}";

    private static string Told(Step step) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{step.Act.Id}{(step.WaitBefore > 0 ? $"@{step.WaitBefore:0.#}" : "")}{(step.Coat is { } coat ? $"#{coat}" : "")}({string.Join(',', step.Links.Select(l => $"{l.Need.Id}{(l.For is { } later ? $">{later}" : "")}"))})"
        );

    private static string Told(Stratum s) => string.Create(CultureInfo.InvariantCulture, $"{s.Title} {s.Role} {s.Microns:0} um x{s.Coats} {s.Extent} {s.Share:0.###}");

    private static string Speaks(IEnumerable<Weighed> weighed) =>
        string.Join(' ', weighed.Select(w => string.Create(CultureInfo.InvariantCulture, $"{w.Sign.Id} {w.Ratio:0.##}")));

    private static string Share(double share) => share.ToString("0.####", CultureInfo.InvariantCulture);

    // By what it allows, or by what it forbids where that is less to read.
    private static string Allowed(Test test)
    {
        var values = Enumerable.Range(0, test.Facet.Size).ToLookup(v => test.Allows((byte)v), v => test.Facet.ValueName((byte)v));
        return values[true].Count() <= values[false].Count() + 1 ? string.Join(' ', values[true]) : $"not {string.Join(' ', values[false])}";
    }
}
