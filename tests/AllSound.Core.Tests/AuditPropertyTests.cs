using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// What holds of audits of generated sequences. ALLSOUND_SURVEYS and ALLSOUND_CHANGES ask for more; both rates of the second test are printed.
/// </summary>
public sealed class AuditPropertyTests
{
    private static readonly int Surveys = int.Parse(Environment.GetEnvironmentVariable("ALLSOUND_SURVEYS") ?? "120", null);
    private static readonly int Changes = int.Parse(Environment.GetEnvironmentVariable("ALLSOUND_CHANGES") ?? "600", null);

    /// <summary>Every option, written out as plain lines by the program itself, read back and audited, is sound.</summary>
    [Fact]
    public void What_the_program_proposes_is_sound_in_plain_lines()
    {
        var (surveys, audited) = (0, 0);
        for (var seed = 1; surveys < Surveys; seed++)
        {
            var job = SurveyGenerator.Job(seed + 7000, 20);
            foreach (var (building, space, surface) in job.Surfaces())
            {
                surveys++;
                foreach (var option in Specifier.Specify(job, building, space, surface).Options)
                {
                    audited++;
                    var lines = LineWriter.Write(option);
                    var answer = AuditReporting.Audit(job, building, space, surface, lines);
                    Assert.True(
                        answer.Faults.IsEmpty,
                        $"seed {seed} {surface.Id} {option.Name}: {string.Join("; ", answer.Faults.Select(f => $"{f.Step} {f.NeedId} {f.Problem}"))}\n{lines}"
                    );
                }
            }
        }

        Assert.True(audited > surveys / 4);
    }

    /// <summary>
    /// A single change of a sound sequence that makes it wrong by the transition function is found; one that leaves it right is not accused. What need not be
    /// written may be dropped, and what only that would meet is neither.
    /// </summary>
    [Fact]
    public void A_single_change_is_found_where_it_makes_the_sequence_wrong()
    {
        var random = new Random(5);
        var (wrong, found, right, accused) = (0, 0, 0, 0);
        var missed = new List<string>();
        var accusations = new List<string>();
        for (var seed = 1; wrong + right < Changes; seed++)
        {
            var job = SurveyGenerator.Job(seed + 9000, 20);
            foreach (var (building, space, surface) in job.Surfaces())
            {
                var specified = Specifier.Specify(job, building, space, surface);
                foreach (var option in specified.Options)
                {
                    var (steps, what) = Changed([.. option.Steps.Select(s => new SequenceStep { Operation = s.Act.Operation.Id, Product = s.Act.Product?.Id })], random);
                    var unmet = Strict.Run(surface, specified.Appraised, steps);
                    var thinned = Thinned(steps);
                    var faults = Auditor.Audit(job.Rates, surface, specified.Appraised, steps).Faults;
                    if (thinned || unmet.Any(u => u.Severity >= Severity.Fails && !Presumable(u.Need) && !Soft(u.Need, specified)))
                    {
                        wrong++;
                        found += faults.IsEmpty ? 0 : 1;
                        if (faults.IsEmpty)
                        {
                            missed.Add(
                                $"{surface.Id} ({surface.Element} of {surface.Substrate}) {option.Name}: {what}; "
                                    + $"unmet {string.Join(" ", unmet.Select(u => $"{u.Step} {u.Need.Id}"))} in {string.Join(" ", steps.Select(s => s.Operation))}"
                            );
                        }
                    }
                    else if (unmet.IsEmpty)
                    {
                        right++;
                        accused += faults.IsEmpty ? 0 : 1;
                        if (!faults.IsEmpty)
                        {
                            accusations.Add(
                                $"{surface.Id} ({surface.Element} of {surface.Substrate}, {surface.Brief.Finish}) {option.Name}: {what}; "
                                    + $"{string.Join(" ", faults.Select(f => $"{f.Step} {f.Id}"))} in {string.Join(" ", steps.Select(s => s.Operation))}"
                            );
                        }
                    }
                }
            }
        }

        Console.WriteLine($"changes: {found} of {wrong} wrong ones found, {accused} of {right} right ones accused");
        Array.ForEach([.. missed.Take(12), .. accusations.Take(12)], Console.WriteLine);
        Assert.Equal([], accusations);
        Assert.True(found >= wrong * 0.97, $"{found} of {wrong}: {string.Join("\n", missed.Take(20))}");
        Assert.True(right > 20 && wrong > 20, $"{right} right, {wrong} wrong");
    }

    private static (SequenceStep[] Steps, string What) Changed(List<SequenceStep> steps, Random random)
    {
        var i = random.Next(steps.Count);
        switch (random.Next(5))
        {
            case 0:
                var gone = steps[i].Operation;
                steps.RemoveAt(i);
                return ([.. steps], $"{gone} dropped");
            case 1 when i + 1 < steps.Count:
                (steps[i], steps[i + 1]) = (steps[i + 1], steps[i]);
                return ([.. steps], $"{steps[i].Operation} before {steps[i + 1].Operation}");
            case 2:
                steps[i] = steps[i] with { WaitHours = 0.2 };
                return ([.. steps], $"12 minutes before {steps[i].Operation}");
            case 3 when Operations.Find(steps[i].Operation) is { Role: CoatRole.Finish }:
                steps[i] = steps[i] with { Dilution = "70 % water" };
                return ([.. steps], $"{steps[i].Operation} thinned by 70 %");
            default:
                var coats = steps.FindAll(s => Operations.Find(s.Operation)!.Products.Length > 1);
                if (coats.Count == 0)
                {
                    return ([.. steps], "nothing");
                }

                var at = steps.IndexOf(coats[random.Next(coats.Count)]);
                var products = Operations.Find(steps[at].Operation)!.Products;
                steps[at] = steps[at] with { Product = products[random.Next(products.Length)].Id };
                return ([.. steps], $"{steps[at].Operation} with {steps[at].Product}");
        }
    }

    private static bool Thinned(SequenceStep[] steps) =>
        steps.Any(s => s.Dilution is not null && Materials.Coatings.Find(s.Product ?? "") is { ThinMost: < 60, Cover: not Cover.Limewash });

    // Work that need not be written may meet it.
    private static bool Presumable(Need need) =>
        need == SiteNeeds.AccessSafe || Operations.Acts.Any(a => Unsaid.GoesWithoutSaying(a.Operation) && a.Effects.Any(e => need.Any.Any(t => t.Facet == e.Facet)));

    // Nobody stated it.
    private static bool Soft(Need need, Specified specified) =>
        need != SiteNeeds.LeadAbsent && specified.Appraised.Resolutions.Any(r => r.How != Assessment.Resolved.Inferred && need.Any.Any(t => t.Facet == r.Facet));
}
