using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>What is said of house rules that leave no way, and of a search that found none.</summary>
public sealed class OptionBuilderTests
{
    private static readonly Surface Door = Surface(Element.Door, "sw", Good, [Coat("alkyd_gloss")]);
    private static readonly ImmutableDictionary<string, string> Waterborne = ImmutableDictionary<string, string>.Empty.Add("S20", "waterborne");

    private static OptionBuilder Builder(ImmutableDictionary<string, string> rules)
    {
        var appraised = Appraise(Door);
        return new OptionBuilder(new Rates(), Door, appraised, Goal.For(Door, appraised.Condition), Firm.Any, rules);
    }

    private static IReadOnlyList<Act> Sequence(string finish) =>
        [
            .. Specify(
                Door with
                {
                    Brief = new Brief { HouseRules = ImmutableDictionary<string, string>.Empty.Add("S20", finish == "tc_gloss" ? "solvent" : "waterborne") },
                }
            )
                .Options.First(o => o.Steps.Any(s => s.Act.Operation.Id == finish))
                .Steps.Select(s => s.Act),
        ];

    private static Sought None(bool cut = false) => new([], [Needs.Hidden], cut);

    [Fact]
    public void A_rule_that_leaves_no_way_is_named_with_the_school_that_was_followed_instead()
    {
        var answer = Builder(Waterborne).Beside(None(), new Sought([Sequence("tc_gloss")], [], Cut: false));
        Assert.NotEmpty(answer.Options);
        Assert.Contains(answer.Notes, n => n.StartsWith("S20, ", StringComparison.Ordinal) && n.Contains("does not work here; specified by", StringComparison.Ordinal));
    }

    [Fact]
    public void A_rule_whose_search_was_cut_short_is_not_said_to_leave_no_way()
    {
        var answer = Builder(Waterborne).Beside(None(cut: true), new Sought([Sequence("tc_gloss")], [], Cut: false));
        Assert.Contains(answer.Notes, n => n.Contains("gave no result here before the search was cut short", StringComparison.Ordinal));
        Assert.DoesNotContain(answer.Notes, n => n.Contains("does not work here", StringComparison.Ordinal));
    }

    [Fact]
    public void Where_no_act_goes_against_a_rule_the_needs_that_stay_open_are_named()
    {
        var answer = Builder(ImmutableDictionary<string, string>.Empty).Beside(None(), new Sought([Sequence("tc_gloss")], [], Cut: false));
        Assert.Equal([$"The house rules do not work here: {Needs.Hidden.Unmet}."], answer.Notes);
    }

    [Fact]
    public void Where_there_is_none_at_all_no_rule_is_blamed()
    {
        var answer = Builder(Waterborne).Beside(None(), None());
        Assert.Empty(answer.Options);
        Assert.Empty(answer.Notes);
        Assert.Equal([Needs.Hidden], answer.Blocked);
    }

    [Fact]
    public void A_search_that_names_nothing_missing_leaves_the_whole_goal_open()
    {
        var builder = Builder(ImmutableDictionary<string, string>.Empty);
        Assert.NotEmpty(builder.Said(new Sought([], [], Cut: false), []).Blocked);
        Assert.Equal(["beforehand"], builder.Said(None(), ["beforehand"]).Notes);
    }

    [Fact]
    public void The_other_school_stays_in_sight_beside_the_firms_own_way()
    {
        var answer = Builder(Waterborne)
            .Beside(new Sought([Sequence("tc_wb_trim")], [], Cut: false), new Sought([Sequence("tc_gloss"), Sequence("tc_wb_trim")], [], Cut: false));
        Assert.Equal(2, answer.Options.Length);
        var own = Assert.Single(answer.Options, o => o.OtherSchool is null);
        var other = Assert.Single(answer.Options, o => o.OtherSchool is not null);
        Assert.Contains(own.Steps, s => s.Act.Operation.Id == "tc_wb_trim");
        Assert.Contains("It would cost", other.OtherSchool, StringComparison.Ordinal);
        Assert.Equal(other.Criteria.Money < own.Criteria.Money, other.OtherSchool!.Contains(" less and take", StringComparison.Ordinal));
        Assert.Empty(other.BestAt);
    }
}
