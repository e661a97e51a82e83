using System.Text.RegularExpressions;
using AllSound.Core.Buying;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The page of a room: a painter does four walls together, so what is done on all of them stands once, and what only one needs says on which.</summary>
public sealed partial class KindredSurfacesTests
{
    private static readonly Job Room = JobFile.Read(File.ReadAllText(Path.Combine(Demo.Root, "demo", "wharf-street-flat.job.json"))).Job!;

    private static readonly Dictionary<string, Specified> Specified = Room.Surfaces()
        .ToDictionary(x => x.Surface.Id, x => Specifier.Specify(Room, x.Building, x.Space, x.Surface), StringComparer.Ordinal);

    [GeneratedRegex(@"^(?<number>\d+)\. (?:on (?<on>[A-Z](?:, [A-Z])*): )?(?:after (?<wait>[^:]+): )?(?<what>.*)$")]
    private static partial Regex Line();

    // For each surface that has a plan, the titles of its steps as the crew's page gives them to it: by the letters of its part.
    private static Dictionary<string, List<string>> StepsOnPage()
    {
        var steps = Room.Surfaces().ToDictionary(p => $"{p.Space.Title}/{p.Surface.Title}", _ => new List<string>(), StringComparer.Ordinal);
        foreach (var page in Writing.Write(DocumentKind.CrewChecklist, Room, Specified, "today", "1").Pages)
        {
            string[] all = [.. Room.Surfaces().Where(p => page.Surface is null || p.Space.Title == page.Surface).Select(p => p.Surface.Title)];
            var of = all;
            var lettered = false;
            foreach (var block in page.Blocks)
            {
                if (block.Kind == BlockKind.Heading)
                {
                    (of, lettered) = (all, false);
                }
                else if (block.Kind == BlockKind.Part)
                {
                    var heading = block.Names[0];
                    lettered = heading.StartsWith("(A) ", StringComparison.Ordinal);
                    of = [.. all.Where(t => heading.Contains(t, StringComparison.Ordinal)).OrderBy(t => heading.IndexOf(t, StringComparison.Ordinal))];
                }
                else if (block.Kind == BlockKind.Checks)
                {
                    foreach (var line in block.Items.Select(i => Line().Match(i)).Where(m => m.Success))
                    {
                        var on = line.Groups["on"] is { Success: true } letters ? letters.Value.Split(", ").Select(l => of[l[0] - 'A']) : of;
                        Assert.True(lettered || !line.Groups["on"].Success);
                        foreach (var title in on)
                        {
                            steps[$"{page.Surface}/{title}"].Add(line.Groups["what"].Value);
                        }
                    }
                }
            }
        }

        return steps;
    }

    [Fact]
    public void Every_surface_finds_all_of_its_steps_in_their_order()
    {
        var onPage = StepsOnPage();
        var looked = 0;
        foreach (var (_, space, surface) in Room.Surfaces())
        {
            if (Takeoff.Chosen(surface, Specified[surface.Id]) is not { } option)
            {
                continue;
            }

            looked++;
            // What is set up once for the room stands before and after; the rest keeps its order.
            var own = option.Steps.Where(s => s.Act.Operation.Once is null).Select(s => s.Act.Operation.Title).ToArray();
            var at = 0;
            foreach (var line in onPage[$"{space.Title}/{surface.Title}"])
            {
                at += at < own.Length && line.StartsWith(own[at], StringComparison.Ordinal) ? 1 : 0;
            }

            Assert.True(at == own.Length, $"{surface.Title}: {(at < own.Length ? own[at] : "")} is missing, or stands too early");
        }

        Assert.True(looked >= 4);
    }

    [Fact]
    public void Walls_that_are_done_alike_share_their_steps()
    {
        var checks = Writing.Write(DocumentKind.CrewChecklist, Room, Specified, "today", "1").Pages.SelectMany(p => p.Blocks).Where(b => b.Kind == BlockKind.Checks);
        var lines = checks.SelectMany(b => b.Items).Count(i => Line().IsMatch(i));
        var steps = Room.Surfaces().Sum(p => Takeoff.Chosen(p.Surface, Specified[p.Surface.Id])?.Steps.Length ?? 0);
        Assert.True(lines < 0.6 * steps, $"{lines} lines for {steps} steps");
        var heading = Writing
            .Write(DocumentKind.Specification, Room, Specified, "today", "1")
            .Pages.SelectMany(p => p.Blocks)
            .Where(b => b.Kind == BlockKind.Part)
            .Select(b => b.Names[0]);
        Assert.Contains(heading, h => h.StartsWith("(A) ", StringComparison.Ordinal) && h.Contains("(B) ", StringComparison.Ordinal));
    }
}
