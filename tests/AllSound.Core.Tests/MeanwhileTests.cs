using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>
/// A wall under paper that does not hold cannot be specified: nobody has seen it. The paper can come off all the same, and
/// what to do is said. Common practice.
/// </summary>
public sealed class MeanwhileTests
{
    private static readonly Surface Vinyl = Surface(Element.Wall, "paper_vin", Good);
    private static readonly Surface Lining = Surface(Element.Wall, "paper_lin", Good, [Coat("emul_matt")]);

    [Fact]
    public void Vinyl_paper_is_held_and_the_steps_to_take_it_off_are_said()
    {
        var specified = Specify(Vinyl);

        Assert.Empty(specified.Options);
        Assert.Contains(specified.Holds, h => h.Need == FabricNeeds.PaperHolds);
        Assert.Contains(specified.Meanwhile, s => s.Act.Effects.Any(e => e.Facet == Facets.Paper));
        Assert.Equal(Paper.Off, specified.Meanwhile[^1].After.Get(Facets.Paper));
        Assert.Contains(specified.Meanwhile, s => s.Act.Operation.Id == "mk_floor");
        Assert.DoesNotContain(specified.Meanwhile, s => s.Act.Product is not null);
    }

    [Fact]
    public void Loose_lining_paper_comes_off_and_sound_lining_paper_is_painted()
    {
        var loose = Specify(Lining with { Facts = Good with { LoosePaper = true } });
        Assert.NotEmpty(loose.Meanwhile);
        Assert.Empty(loose.Options);

        var sound = Specify(Lining);
        Assert.NotEmpty(sound.Options);
        Assert.Empty(sound.Meanwhile);
    }

    [Fact]
    public void What_others_must_settle_first_holds_that_too()
    {
        // Nothing is done at the face while the footing is not safe or consent is open: no step is offered that would need it.
        var specified = Specify(Vinyl with { Facts = Good with { DampSource = DampSource.Open, Moisture = Moisture.Wet } });
        Assert.All(specified.Meanwhile, s => Assert.True(s.Act.NeedSet.IsSubsetOf(Treatments.Satisfied(s.Before))));
        Assert.Empty(Specify(Surface(Element.Wall, "gyp_old", Good with { DampSource = DampSource.Open, Moisture = Moisture.Wet }, [Coat("emul_matt")])).Meanwhile);
    }

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 10)];

    /// <summary>Over surveys of every kind, put on paper that does not hold: every step is sound where it stands, and none is dry or hot where lead is not ruled out.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void Whatever_else_there_is_the_steps_are_sound_and_safe(int seed)
    {
        var job = SurveyGenerator.Job(seed + 9600, 120);
        var offered = 0;
        foreach (var (building, space, surface) in job.Surfaces().Where(x => x.Surface is { Element: Element.Wall or Element.Ceiling, Exposure: Exposure.Inside }))
        {
            var papered = surface with { Substrate = "paper_vin" };
            var specified = Specifier.Specify(job, building, space, papered);
            if (specified.Meanwhile.IsEmpty)
            {
                continue;
            }

            offered++;
            Assert.Empty(specified.Options);
            Assert.All(specified.Meanwhile, s => Assert.True(s.Act.NeedSet.IsSubsetOf(Treatments.Satisfied(s.Before)), s.Act.Id));
            Assert.All(specified.Meanwhile, s => Assert.NotEmpty(s.Links));
            var setUp = specified.Meanwhile.FirstOrDefault(s => s.Act.Operation.Id == "ms_lead_setup");
            foreach (var step in specified.Meanwhile.Where(s => s.Before.Get(Facets.Lead) != Lead.ProvedAbsent))
            {
                Assert.DoesNotContain(SiteNeeds.LeadAbsent, step.Act.Needs);
                Assert.True(!step.Act.Needs.Contains(SiteNeeds.LeadControlled) || setUp?.Number < step.Number);
            }
        }

        Assert.True(offered > 0);
    }

    [Fact]
    public void Papers_and_reports_say_it()
    {
        var job = Job(Vinyl);
        var specified = Specify(Vinyl);
        var report = Reporting.Report(job, Vinyl, specified);
        Assert.Equal(specified.Meanwhile.Select(s => s.Act.Operation.Id), report.Meanwhile.Select(s => s.Operation));
        foreach (var kind in Enum.GetValues<DocumentKind>().Where(k => k is not (DocumentKind.Quotation or DocumentKind.AsBuilt)))
        {
            var text = Writing
                .Write(kind, job, new Dictionary<string, Specified>(StringComparer.Ordinal) { [Vinyl.Id] = specified }, "today", "1", Vinyl.Id)
                .ToMarkdown();
            Assert.Contains("What may be done meanwhile", text, StringComparison.Ordinal);
            Assert.All(specified.Meanwhile, s => Assert.Contains(s.Act.Operation.Title, text, StringComparison.Ordinal));
            Assert.All(specified.Meanwhile, s => Assert.Contains($"({s.Act.Operation.Source})", text, StringComparison.Ordinal));
            Assert.Contains("Hold point. Before it begins", text, StringComparison.Ordinal);
            Assert.Contains("For what stops the work: loose paper is removed", text, StringComparison.Ordinal);
        }
    }
}
