using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>The brief binds: every option meets it, or says first what it does not meet; where none can, the nearest is offered.</summary>
public sealed class BriefTests
{
    private static Surface Plaster(Brief brief, Facts? facts = null) => Surface(Element.Wall, "gyp_old", facts ?? Good, [Coat("emul_matt")], brief);

    private static Surface Door(Brief brief) => Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss")], brief);

    [Fact]
    public void Each_option_says_first_that_it_misses_the_deadline_or_the_budget()
    {
        var specified = Specify(Door(new Brief { DeadlineDays = 1, Budget = 5 }));
        Assert.NotEmpty(specified.Options);
        Assert.All(
            specified.Options,
            o =>
            {
                Assert.Equal(2, o.NotMet.Length);
                Assert.StartsWith("Not done in time", o.NotMet[0], StringComparison.Ordinal);
                Assert.StartsWith("Over the budget", o.NotMet[1], StringComparison.Ordinal);
            }
        );
        Assert.All(Specify(Door(new Brief { DeadlineDays = 100, Budget = 50_000 })).Options, o => Assert.Empty(o.NotMet));
    }

    [Fact]
    public void What_takes_as_many_days_as_were_asked_for_is_in_time_and_no_answer_says_the_same_number_twice()
    {
        foreach (var option in Specify(Door(new Brief())).Options)
        {
            var halves = Math.Round(2 * option.Criteria.ElapsedDays, MidpointRounding.AwayFromZero) / 2;
            var same = Specify(Door(new Brief { DeadlineDays = halves })).Options.Single(o => o.Id == option.Id);
            Assert.DoesNotContain(same.NotMet, n => n.StartsWith("Not done in time", StringComparison.Ordinal));
            var late = Specify(Door(new Brief { DeadlineDays = halves - 0.5 })).Options.Single(o => o.Id == option.Id);
            Assert.DoesNotMatch(@"it takes (\S+ days?), and \1 were", Assert.Single(late.NotMet));
        }
    }

    [Fact]
    public void Hours_a_day_stretch_the_work()
    {
        var whole = Specify(Door(new Brief())).Options[0];
        var half = Specify(Door(new Brief { HoursPerDay = 2 })).Options.Single(o => o.Id == whole.Id);
        Assert.True(half.Criteria.ElapsedDays > whole.Criteria.ElapsedDays);
        Assert.Equal(whole.Criteria.LabourHours, half.Criteria.LabourHours);
    }

    [Fact]
    public void What_is_to_be_stripped_is_stripped_in_every_option()
    {
        var options = Specify(Door(new Brief { Strip = true })).Options;
        Assert.NotEmpty(options);
        Assert.All(options, o => Assert.Contains(o.Steps, s => s.Act.Strips));
        Assert.Contains(Specify(Door(new Brief())).Options, o => !o.Steps.Any(s => s.Act.Strips));
    }

    [Fact]
    public void What_is_only_to_be_cleaned_gets_no_coat()
    {
        var option = Assert.Single(
            Specify(Plaster(new Brief { OnlyClean = true }, Good with { Soil = Soil.Greasy, Mould = true, MouldSource = DampSource.Cured })).Options
        );
        Assert.Equal("Clean only", option.Name);
        Assert.All(option.Steps, s => Assert.Equal(CoatRole.None, s.Act.Operation.Role));
        Assert.Contains(option.Steps, s => s.Act.Operation.Id == "cl_mould_wash");
        Assert.Contains(option.Steps, s => s.Act.Operation.Id == "ac_lift");
    }

    [Fact]
    public void What_is_to_be_left_bare_is_stripped_rinsed_and_gets_no_coat()
    {
        var options = Specify(Door(new Brief { Strip = true, OnlyClean = true })).Options;
        Assert.Equal("Strip and leave bare", Assert.Single(options).Name);
        Assert.Contains(options[0].Steps, s => s.Act.Strips);
        Assert.All(options[0].Steps, s => Assert.Equal(CoatRole.None, s.Act.Operation.Role));
        Assert.Equal(Film.None, options[0].Steps[^1].After.Get(Facets.Film));
        Assert.Equal(Residue.None, options[0].Steps[^1].After.Get(Facets.Residue));
    }

    [Fact]
    public void Contradictory_wishes_are_refused_at_the_door()
    {
        var job = Job(Door(new Brief { Strip = true, KeepOldFilm = true }));
        Assert.Contains(JobSense.Faults(job), f => f.Path.EndsWith("brief.strip", StringComparison.Ordinal));
    }

    [Fact]
    public void Where_nothing_meets_the_whole_brief_the_nearest_is_offered_and_what_it_drops_is_said()
    {
        var surface = Plaster(new Brief { Finish = FinishFamily.WallPaint, Sheen = Sheen.Gloss });
        var specified = Specify(surface);
        Assert.Empty(specified.Options);
        Assert.Empty(specified.Holds);
        var nearest = specified.Nearest!;
        Assert.Contains("gloss", Assert.Single(nearest.Dropped), StringComparison.Ordinal);
        Assert.NotEmpty(nearest.Plan.Options);
        var report = Reporting.Report(Job(surface), surface, specified);
        Assert.Equal(nearest.Dropped, report.Blocked!.Nearest!.Dropped);
    }

    [Fact]
    public void A_held_surface_with_a_brief_that_nothing_meets_gets_the_nearest_plan_once_freed()
    {
        var specified = Specify(Plaster(new Brief { Finish = FinishFamily.WallPaint, Sheen = Sheen.Gloss }, Good with { DampSource = DampSource.Open }));
        Assert.NotEmpty(specified.Holds);
        Assert.StartsWith("Nothing meets the whole brief", specified.Afterwards!.Plan.Notes[0], StringComparison.Ordinal);
    }

    // Usual colour cards, from memory: what counts is the order of magnitude, since white over dark needs a coat more.
    [Theory]
    [InlineData("brilliant white", 80, 90)]
    [InlineData("off-white", 75, 84)]
    [InlineData("very dark blue-green", 3, 8)]
    [InlineData("dark grey", 5, 15)]
    [InlineData("pale grey", 60, 70)]
    [InlineData("Black", 2, 6)]
    [InlineData("mid grey", 30, 45)]
    [InlineData("cream", 70, 80)]
    [InlineData("blue-green", 18, 26)]
    public void Words_for_a_colour_give_about_what_it_reflects(string words, double least, double most) => Assert.InRange(ColourWords.Lrv(words)!.Value, least, most);

    [Fact]
    public void A_colour_in_words_decides_coats_and_undercoat_like_a_figure()
    {
        Assert.Null(ColourWords.Lrv("as before"));
        Assert.Null(new Brief { Colour = "as before" }.Reflectance);
        Assert.Equal(5, new Brief { Colour = "white", Lrv = 5 }.Reflectance);
        var dark = Surface(Element.Wall, "gyp_old", Good, [Coat("emul_matt") with { Colour = "black" }], new Brief { Colour = "white" });
        Assert.Equal(Count.Three, Appraise(dark).Condition.Get(Facets.ToHide));
        Assert.Contains(Specify(dark).Notes, n => n.Contains("taken to reflect", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("very dark blue", Element.Wall, "gyp_old", Exposure.Inside, "marks and polishes")]
    [InlineData("black", Element.Window, "pvcu", Exposure.Outside, "warps")]
    [InlineData("black", Element.Door, "sw", Exposure.Outside, "resin")]
    [InlineData("bright yellow", Element.Wall, "gyp_old", Exposure.Inside, "hide badly")]
    public void What_a_colour_brings_with_it_is_said(string colour, Element element, string ground, Exposure exposure, string says)
    {
        var surface = Surface(
            element,
            ground,
            Good,
            ground == "pvcu" ? [] : [Coat(element == Element.Wall ? "emul_matt" : "alkyd_gloss")],
            new Brief { Colour = colour },
            exposure
        );
        Assert.Contains(Specify(surface).Planned.Notes, n => n.Contains(says, StringComparison.Ordinal));
    }

    [Fact]
    public void Raking_light_asks_for_a_lamp_and_warns_of_sheen()
    {
        var notes = Specify(Plaster(new Brief { Sheen = Sheen.Eggshell, Grazing = true })).Notes;
        Assert.Contains(notes, n => n.StartsWith("Light rakes across it", StringComparison.Ordinal));
        Assert.Contains(notes, n => n.StartsWith("Sheen shows every wave", StringComparison.Ordinal));
    }
}
