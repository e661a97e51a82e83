using AllSound.Core.Assessment;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>
/// What is said where there is no way. Whatever is named as standing in the way is put right, and then there must be one;
/// whatever is not named is left as it was.
/// </summary>
public sealed class ImpasseTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 6)];

    private static Impasse Why(Surface surface, int? built = 2010)
    {
        var specified = Specify(surface, built);
        Assert.Empty(specified.Options);
        Assert.Empty(specified.Holds);
        Assert.NotNull(specified.Impasse);
        return specified.Impasse;
    }

    [Fact]
    public void Where_there_is_a_way_or_something_holds_there_is_no_impasse()
    {
        Assert.Null(Specify(Surface(Element.Wall, "gyp_old", Good, [Coat("emul_matt")])).Impasse);
        var held = Specify(Surface(Element.Wall, "gyp_old", Good with { DampSource = DampSource.Open, Moisture = Moisture.Damp }, [Coat("emul_matt")]));
        Assert.NotEmpty(held.Holds);
        Assert.Null(held.Impasse);
    }

    /// <summary>Trim paints come in eggshell to gloss: common practice. Matt woodwork is wall paint or nothing.</summary>
    [Fact]
    public void A_sheen_that_no_product_comes_in_is_named_with_those_that_there_are()
    {
        var matt = Surface(Element.Window, "sw", Good, [Coat("alkyd_gloss")], new Brief { Sheen = Sheen.Matt });
        var why = Why(matt);
        Assert.Equal(["take eggshell or satin or gloss instead of matt"], why.Wishes);
        Assert.Equal("no finish meets the whole brief", why.Reason);
        Assert.Equal(why.Wishes, why.Frees);
        foreach (var sheen in new[] { Sheen.Eggshell, Sheen.Satin, Sheen.Gloss })
        {
            Assert.NotEmpty(Specify(matt with { Brief = new Brief { Sheen = sheen } }).Options);
        }
    }

    [Fact]
    public void A_limit_of_solvent_below_every_product_is_named_with_the_limit()
    {
        var why = Why(Surface(Element.Skirting, "sw", Good, [Coat("alkyd_gloss")], new Brief { VocMost = 2 }));
        Assert.Contains("allow overall coats with more than 2 g/l of solvent", why.Wishes);
    }

    [Fact]
    public void What_is_not_wanted_is_named_by_its_title_when_nothing_else_will_do()
    {
        var finishes = Coatings.All.Where(c => c.Finishes.Contains(FinishFamily.Tile)).Select(c => c.Id).ToArray();
        var tile = Surface(Element.Tile, "tile_gl", Good, [], new Brief { Avoid = [.. finishes] });
        var why = Why(tile);
        Assert.All(why.Wishes, w => Assert.StartsWith("allow \"", w, StringComparison.Ordinal));
        Assert.Contains(why.Wishes, w => finishes.Any(f => w == $"allow \"{Coatings.Find(f)!.Title}\""));
        Assert.All(finishes, f => Assert.DoesNotContain(why.Wishes, w => w.Contains(f, StringComparison.Ordinal)));
    }

    /// <summary>A wall of soft lime plaster must breathe (BS 7913, from memory): an eggshell film shuts it in.</summary>
    [Fact]
    public void A_wall_that_must_breathe_says_so_and_what_finish_lets_it()
    {
        var wall = Surface(Element.Wall, "lime_old", Good, [Coat("masonry_ac", 3), Coat("emul_matt", 2)], new Brief { Sheen = Sheen.Eggshell });
        var why = Why(wall, 1880);
        Assert.Contains("the wall cannot take another", why.Reason, StringComparison.Ordinal);
        Assert.Contains("take matt instead of eggshell", why.Wishes);
        Assert.NotEmpty(Specify(wall with { Brief = new Brief { Sheen = Sheen.Matt } }, 1880).Options);
    }

    /// <summary>Stripping over asbestos is never a painter's work (Control of Asbestos Regulations 2012, from memory).</summary>
    [Fact]
    public void Asbestos_that_stands_in_the_way_is_named_alone_and_a_negative_sample_opens_the_way()
    {
        var board = Surface(Element.Panelling, "sw", Good with { Asbestos = Lead.Presumed, LooseShare = 0.3, Edges = EdgeNature.Lifting }, [Coat("bitumen", 2)]);
        var why = Why(board, 1960);
        Assert.Contains("asbestos is ruled out", why.Alone.Concat(why.Together).Select(n => n.Title));
        Assert.Contains("sampling by a trained person and a laboratory result", why.Frees);
        Assert.NotEmpty(Specify(board with { Facts = board.Facts! with { Asbestos = Lead.ProvedAbsent } }, 1960).Options);
    }

    /// <summary>No trim paint is made for wood at 300 degrees; wood chars: common knowledge.</summary>
    [Fact]
    public void Heat_that_nothing_bears_is_named_and_nothing_is_promised()
    {
        var why = Why(Surface(Element.Skirting, "sw", Good with { ServiceTempC = 300 }, [Coat("alkyd_gloss")]));
        Assert.Contains(
            why.Alone.Concat(why.Together),
            n => n.Title.Contains("no hotter in service", StringComparison.Ordinal) || n.Title.Contains("iron or steel", StringComparison.Ordinal)
        );
        Assert.Equal(["change the brief: allow another finish or another method, or leave it as it is"], why.Frees);
    }

    [Fact]
    public void Two_wishes_that_only_together_leave_no_way_are_named_in_one()
    {
        var window = Surface(Element.Window, "sw", Good, [Coat("alkyd_gloss")], new Brief { Sheen = Sheen.Matt, VocMost = 2 });
        var wish = Assert.Single(Why(window).Wishes);
        Assert.Equal("take eggshell or satin or gloss instead of matt, and allow overall coats with more than 2 g/l of solvent", wish);
    }

    [Fact]
    public void A_wish_and_a_need_that_both_stand_in_the_way_are_both_named()
    {
        var brief = new Brief { Sheen = Sheen.Matt };
        var board = Surface(Element.Panelling, "sw", Good with { Asbestos = Lead.Presumed, LooseShare = 0.3, Edges = EdgeNature.Lifting }, [Coat("bitumen", 2)], brief);
        var why = Why(board, 1960);
        Assert.True(why.Both);
        Assert.Contains("asbestos has not been ruled out", why.Reason, StringComparison.Ordinal);
        Assert.EndsWith("and even then no finish would meet the whole brief", why.Reason, StringComparison.Ordinal);
        Assert.Contains("take eggshell or satin or gloss instead of matt", why.Frees);
        Assert.Contains("sampling by a trained person and a laboratory result", why.Frees);
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Every_impasse_has_a_reason_and_no_part_of_it_is_there_for_nothing(int seed)
    {
        var job = SurveyGenerator.Job(seed + 41000, 40);
        var found = 0;
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var appraised = Appraisal.Appraise(job, building, space, surface);
            if (Specifier.Specify(job.Rates, surface, appraised).Impasse is not { } why)
            {
                continue;
            }

            found++;
            Assert.False(why.Alone.IsEmpty && why.Together.IsEmpty && why.Wishes.IsEmpty, surface.ToString());
            Assert.NotEmpty(why.Frees);
            var asked = new Counterfactual(job.Rates, surface, appraised, Firm.Any);
            Assert.False(asked.Opens(default), surface.Id);
            Assert.All(why.Alone, n => Assert.True(asked.Opens(NeedSet.Of(n.Index)), $"{surface.Id}: {n.Title}"));
            Assert.All(why.Together.Where(n => n.Frees.Length > 0), n => Assert.False(asked.Opens(NeedSet.Of(n.Index)), $"{surface.Id}: {n.Title} would do alone"));

            // Each wish is put into the brief as a person would, and the surface is specified anew.
            foreach (var wish in Wish.Of(surface, appraised.Condition, Firm.Any))
            {
                var open = Specifier.Specify(job.Rates, surface with { Brief = wish.Change(surface.Brief) }, appraised).Options.Length > 0;
                Assert.Equal(!why.Both && why.Wishes.Contains(wish.Says), open);
            }
        }

        Assert.True(found > 0);
    }

    [Fact]
    public void Where_the_needs_leave_a_way_neither_they_nor_the_brief_are_blamed()
    {
        var wall = Surface(Element.Wall, "gyp_old", Good, [Coat("emul_matt")], new Brief { Sheen = Sheen.Matt });
        Impasse Find(bool cut) => Impasse.Find(new Rates(), wall, Appraise(wall), Firm.Any, cut);
        Assert.Contains("cut short, though there may be one", Find(cut: true).Reason, StringComparison.Ordinal);
        Assert.StartsWith("the waits that its steps ask for cannot all be kept", Find(cut: false).Reason, StringComparison.Ordinal);
        Assert.All(new[] { Find(true), Find(false) }, why => Assert.True(why.Alone.IsEmpty && why.Together.IsEmpty && why.Wishes.IsEmpty));
    }

    [Fact]
    public void Reports_and_documents_say_it()
    {
        var surface = Surface(Element.Window, "sw", Good, [Coat("alkyd_gloss")], new Brief { Sheen = Sheen.Matt });
        var job = Job(surface);
        var report = Reporting.Specify(job, job.Buildings[0], job.Buildings[0].Spaces[0], surface).Blocked;
        Assert.NotNull(report);
        Assert.Equal("no finish meets the whole brief", report.Need);
        Assert.Equal(["take eggshell or satin or gloss instead of matt"], report.Frees);
    }
}
