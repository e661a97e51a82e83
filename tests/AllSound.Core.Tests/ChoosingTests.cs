using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Which of the sequences found are offered, what each is called best at, and when it is to be preferred. Judgement.</summary>
public sealed class ChoosingTests
{
    private static readonly Option Model = Demo.Specify("skirting").Options[0];

    [Fact]
    public void What_another_beats_is_not_offered()
    {
        var offered = Choose([Made("worse", 110, 5, 6, 20), Made("better", 100, 5, 6, 20)]);
        Assert.Equal(["better"], offered.Select(o => o.Id));
    }

    [Fact]
    public void The_cheapest_comes_first_and_each_is_told_what_it_is_best_at()
    {
        var offered = Choose([Made("lasting", 300, 9, 12, 40), Made("cheap", 100, 7, 3, 20), Made("quick", 150, 2, 3, 30), Made("gentle", 200, 8, 3, 5)]);

        Assert.Equal(["cheap", "quick", "lasting"], offered.Select(o => o.Id));
        Assert.Equal(["least cost", "gentlest"], offered[0].BestAt);
        Assert.Equal(["soonest"], offered[1].BestAt);
        Assert.Equal(["lowest cost per year of life", "longest life"], offered[2].BestAt);
        Assert.Equal("It does all that this surface needs for the least money.", offered[0].Recommended);
        Assert.All(offered.Skip(1), o => Assert.Null(o.Recommended));
    }

    [Theory]
    [InlineData("one", 200, 5, 9, 20, 1)]
    [InlineData("one", 90, 5.9, 6, 20, 1)]
    [InlineData("one", 90, 6.3, 6, 20, 2)]
    [InlineData("other", 101, 5, 6.1, 20, 2)]
    public void Two_that_a_client_could_not_tell_apart_are_one(string finish, double money, double days, double years, double hazard, int offered) =>
        Assert.Equal(offered, Choose([Made("one", 100, 5, 6, 20), Longer(Made(finish, money, days, years, hazard))]).Length);

    private static Option Longer(Option option) => option with { Id = "second", Steps = option.Steps.Add(Model.Steps[1]) };

    [Fact]
    public void What_stays_nearer_to_custom_comes_first_though_a_stranger_way_is_cheaper()
    {
        var offered = Choosing.Choose(
            [Made("cheap", 100, 10, 6, 20), Made("quick", 120, 4, 6, 25)],
            new Setting(Demo.Place("skirting").Surface, Demo.Specify("skirting").Appraised, FinishFamily.TrimPaint),
            _ => true,
            o => o.Criteria.Money < 110 ? Custom.Special : Custom.Customary
        );
        Assert.Equal(120, offered[0].Criteria.Money);

        // It is not the cheapest, and nobody says so.
        Assert.Contains("usual way", offered[0].Recommended, StringComparison.Ordinal);
        Assert.DoesNotContain("least money", offered[0].Recommended, StringComparison.Ordinal);
    }

    [Fact]
    public void What_keeps_to_budget_and_deadline_comes_first()
    {
        var offered = Choosing.Choose(
            [Made("cheap", 100, 10, 6, 20), Made("quick", 150, 2, 6, 25)],
            new Setting(Demo.Place("skirting").Surface, Demo.Specify("skirting").Appraised, FinishFamily.TrimPaint),
            o => o.Criteria.ElapsedDays < 5,
            _ => Custom.Customary
        );
        Assert.Equal(["quick", "cheap"], offered.Select(o => o.Id));
        Assert.Equal("The cheapest that keeps to budget and deadline.", offered[0].Recommended);
    }

    [Theory]
    [InlineData(0.15, false)]
    [InlineData(0.25, true)]
    public void From_a_fifth_loose_on_it_is_stripped(double loose, bool strips)
    {
        var wall = One.Surface(Element.Wall, "gyp_old", One.Good with { LooseShare = loose }, [One.Coat("emul_matt")]);
        var first = One.Specify(wall).Options[0];
        Assert.Equal(strips, first.Steps.Any(s => s.Act.Strips));
        Assert.Equal(strips, first.Recommended!.Contains("25 % of the old film has let go", StringComparison.Ordinal));
    }

    [Fact]
    public void At_most_three_are_offered_and_the_best_at_something_come_before_the_rest()
    {
        Option[] found =
        [
            Made("cheap", 100, 10, 3, 50),
            Made("between1", 120, 9, 3.2, 45),
            Made("between2", 140, 8, 3.4, 40),
            Made("lasting", 160, 7, 9, 55),
            Made("quick", 400, 1, 2, 60),
            Made("gentle", 500, 12, 2, 1),
        ];

        Assert.Equal(["cheap", "lasting", "quick"], Choose([.. found]).Select(o => o.Id));
        Assert.Empty(Choose([]));
    }

    [Fact]
    public void The_same_acts_found_twice_are_one_option_and_names_that_meet_are_told_apart()
    {
        Assert.Single(Choose([Model, Model with { Criteria = Model.Criteria with { Money = 1 } }]));
        var shorter = Model with
        {
            Steps = Model.Steps.RemoveAt(1),
            Criteria = Model.Criteria with { Money = Model.Criteria.Money / 2, ElapsedDays = Model.Criteria.ElapsedDays * 2, Hazard = 90 },
        };
        var offered = Choose([Model, shorter]);
        Assert.Equal(2, offered.Select(o => o.Id).Distinct().Count());
        var did = Model.Steps[1].Act.Operation.Title;
        Assert.Contains(offered, o => o.Name == $"{Model.Name}; {char.ToLowerInvariant(did[0])}{did[1..]}" || o.Name == $"{Model.Name}; other order");
    }

    [Fact]
    public void Who_stands_for_money_keeps_its_place_before_who_stands_for_time_or_comfort()
    {
        int[] standing =
        [
            .. (
                (string[][])
                    [
                        ["gentlest"],
                        ["soonest"],
                        ["longest life"],
                        ["lowest cost per year of life"],
                        ["least cost"],
                        ["least cost", "soonest"],
                    ]
            ).Select(best => Choosing.Standing(Model with { BestAt = [.. best] })),
        ];
        Assert.Equal(standing.Order(), standing);
        Assert.Equal(standing.Length, standing.Distinct().Count());
        Assert.Equal(0, Choosing.Standing(Model with { BestAt = [] }));
    }

    [Fact]
    public void Beside_another_school_best_means_best_of_our_ways_where_that_one_is_better()
    {
        var own = Made("own", 100, 5, 6, 20) with { BestAt = ["least cost", "soonest", "longest life", "gentlest", "lowest cost per year of life"] };

        Assert.Equal(
            ["least cost of our ways", "soonest", "longest life", "gentlest of our ways", "lowest cost per year of life of our ways"],
            Choosing.Against(own, Made("other", 90, 5, 6, 19)).BestAt
        );
        Assert.Equal(own.BestAt, Choosing.Against(own, Made("other", 100, 5, 6, 20)).BestAt);
    }

    [Fact]
    public void Each_is_told_when_to_prefer_it()
    {
        Option[] all =
        [
            Made("cheap", 100, 7, 4, 20),
            Made("lasting", 220, 7, 10, 20),
            Made("quick", 150, 6, 4, 20),
            Made("gentle", 160, 7, 4, 19),
            Made("hardly", 101, 6.8, 4, 19.5),
        ];
        string[] When(int which) => [.. Preferring.When(all[which], [.. all], "GBP", new Brief())];

        Assert.Equal(["Prefer it when the money now matters most."], When(0));
        Assert.Equal(["Prefer it when the surface stays in use beyond 4 years: £120 more buys 6 years, £20 for each, against £25 a year for \"cheap\"."], When(1));
        Assert.Equal(["Prefer it when being done 1 day sooner is worth £50."], When(2));
        Assert.Equal(["Prefer it when people stay in the building, or the worker should breathe and handle less: 19 points of hazard against 20."], When(3));

        // A fifth of a day or half a point is no reason.
        Assert.Empty(When(4));
    }

    [Theory]
    [InlineData(400, 20.0, "£20 a year over 20 years", "painting is cheaper")]
    [InlineData(399, 20.0, "£19.95 a year over 20 years", "replacing is cheaper")]
    [InlineData(150, null, "£30 a year over 5 years", "painting is cheaper")]
    public void Paint_is_weighed_against_replacing_by_the_year(int cost, double? years, string share, string says)
    {
        var option = Made("cheap", 100, 7, 5, 20);
        var line = Preferring.When(option, [option], "GBP", new Brief { ReplaceCost = cost, ReplaceLifeYears = years })[^1];

        Assert.Contains(share, line, StringComparison.Ordinal);
        Assert.Contains($"this costs £20 a year: {says}", line, StringComparison.Ordinal);
    }

    [Fact]
    public void A_budget_or_deadline_that_nothing_keeps_is_said_with_by_how_much()
    {
        Option[] all = [Made("cheap", 100, 7, 4, 20), Made("quick", 150, 6, 4, 20)];
        string[] Limits(Brief brief) => [.. Preferring.Limits([.. all], "GBP", brief)];

        Assert.Empty(Limits(new Brief { Budget = 100, DeadlineDays = 6 }));
        Assert.Equal(
            ["No option keeps to the budget of £99; the cheapest is £1.00 over it.", "No option is done within 5.5 days; the soonest takes 6 days."],
            Limits(new Brief { Budget = 99m, DeadlineDays = 5.5 })
        );
    }

    private static System.Collections.Immutable.ImmutableArray<Option> Choose(List<Option> options) =>
        Choosing.Choose(
            options,
            new Setting(Demo.Place("skirting").Surface, Demo.Specify("skirting").Appraised, FinishFamily.TrimPaint),
            _ => true,
            _ => Custom.Customary
        );

    // A finish of its own for each name, so that each is a choice.
    private static Option Made(string id, double money, double days, double years, double hazard)
    {
        Act[] finishes =
        [
            .. Operations
                .Acts.Where(a => a.Operation.Role == CoatRole.Finish && a.Product!.Carrier == Carrier.Water && !a.Operation.Sprayed)
                .DistinctBy(a => a.Product!.Id),
        ];
        string[] names = ["cheap", "quick", "lasting", "gentle", "between1", "between2", "one", "other", "own", "hardly", "better", "worse"];
        return Model with
        {
            Id = id,
            Name = id,
            BestAt = [],
            Steps = [.. Model.Steps.Take(1).Select(s => s with { Act = finishes[Array.IndexOf(names, id)] })],
            Criteria = new Criteria((decimal)money, 10, days, years, hazard),
        };
    }
}
