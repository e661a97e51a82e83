using AllSound.Core.Buying;
using AllSound.Core.Documents;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The crew's page: no step without its cautions, none of them said in full twice.</summary>
public sealed class CrewChecklistTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 6)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Every_caution_stands_in_full_before_its_first_step_and_by_name_at_the_others(int seed)
    {
        var job = SurveyGenerator.Job(seed + 9900, 30);
        var specified = job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface), StringComparer.Ordinal);
        var again = 0;
        foreach (var (_, _, surface) in job.Surfaces())
        {
            if (Takeoff.Chosen(surface, specified[surface.Id]) is not { } option)
            {
                continue;
            }

            var blocks = Writing.Write(DocumentKind.CrewChecklist, job, specified, "today", "1", surface.Id).Pages.Single(p => p.Surface == surface.Title).Blocks;
            var full = new Dictionary<string, int>(StringComparer.Ordinal);
            var before = "";
            var next = 0;
            var coated = false;
            foreach (
                var block in blocks
                    .SkipWhile(b => b is { Kind: BlockKind.Heading, Text: "Hazards" } or { Kind: BlockKind.List })
                    .TakeWhile(b => b.Kind != BlockKind.Heading)
            )
            {
                if (block.Kind == BlockKind.Caution)
                {
                    before += block.Text;
                    continue;
                }

                if (block.Kind != BlockKind.Checks || next == option.Steps.Length)
                {
                    break;
                }

                var step = option.Steps[next++];
                var line = Assert.Single(block.Items);
                Assert.StartsWith($"{step.Number}. ", line, StringComparison.Ordinal);
                var coat = step.Act.Product is not null && step.Act.Operation.Role != CoatRole.None;
                foreach (var caution in StepHazards.Of(step.Act, step.Before, surface, coat && !coated).Cautions)
                {
                    if (full.TryGetValue(caution, out var where))
                    {
                        Assert.DoesNotContain(caution, before, StringComparison.Ordinal);
                        Assert.Contains($"(step {where})", line, StringComparison.Ordinal);
                        Assert.Contains(caution.Split(':')[0].TrimEnd('.')[1..], line, StringComparison.Ordinal);
                        again++;
                    }
                    else
                    {
                        Assert.Contains(caution, before, StringComparison.Ordinal);
                        full[caution] = step.Number;
                    }
                }

                coated |= coat;
                before = "";
            }

            Assert.Equal(option.Steps.Length, next);
        }

        Assert.True(again > 0);
    }
}
