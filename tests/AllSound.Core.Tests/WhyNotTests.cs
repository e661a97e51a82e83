using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Answers to "why not?": what would go wrong, or that nothing would and what it would cost.</summary>
public sealed class WhyNotTests
{
    private static readonly Surface Skirting = Demo.Place("skirting").Surface;
    private static readonly Appraised Appraised = Demo.Specify("skirting").Appraised;
    private static readonly Option Option = Demo.Specify("skirting").Options[0];

    [Theory]
    [InlineData(0)]
    [InlineData(-1)]
    [InlineData(1000)]
    public void There_is_no_such_step(int step) => Assert.Throws<ArgumentOutOfRangeException>(() => Ask(step, null));

    [Fact]
    public void The_first_and_the_last_step_can_be_asked_about()
    {
        Assert.NotEmpty(Ask(1, null).Lines);
        Assert.NotEmpty(Ask(Option.Steps.Length, null).Lines);
    }

    [Fact]
    public void Left_out_it_says_which_later_step_would_go_on_without_what_it_needs()
    {
        foreach (var step in Option.Steps)
        {
            var answer = Ask(step.Number, null);
            if (step.Because is { } because)
            {
                Assert.True(answer.Sound);
                Assert.EndsWith(because, Assert.Single(answer.Lines), StringComparison.Ordinal);
                continue;
            }

            Assert.False(answer.Sound);
            Assert.All(answer.Lines, l => Assert.StartsWith($"Without \"{step.Act.Operation.Title}\" ", l, StringComparison.Ordinal));
            Assert.InRange(answer.Lines.Length, 1, 4);
            foreach (var (need, number) in answer.Unmet)
            {
                // Steps keep their numbers, so that what is said fits what is on the page.
                Assert.True(number is null || number > step.Number);
                if (number is { } n)
                {
                    Assert.Contains(need, Option.Steps[n - 1].Act.Needs);
                }
            }

            // Each need once, the worst said first.
            Assert.Equal(answer.Unmet.Length, answer.Unmet.Select(u => u.Need).Distinct().Count());
            var worst = answer.Unmet.MaxBy(u => u.Need.Severity).Need.Severity;
            Assert.Contains(answer.Unmet, u => u.Need.Severity == worst && answer.Lines[0].Contains(u.Need.Consequence, StringComparison.Ordinal));
        }
    }

    [Fact]
    public void In_its_own_place_an_act_would_be_as_sound_and_cost_the_same()
    {
        foreach (var step in Option.Steps)
        {
            var answer = Ask(step.Number, step.Act);
            Assert.True(answer.Sound);
            Assert.EndsWith("as sound and cost the same: a matter of taste.", Assert.Single(answer.Lines), StringComparison.Ordinal);
        }
    }

    [Fact]
    public void What_would_be_sound_too_is_told_with_what_it_costs_more_or_less()
    {
        var told = new HashSet<string>();
        foreach (var id in (string[])["stair-wall", "skirting", "ceiling"])
        {
            var specified = Demo.Specify(id);
            var surface = Demo.Place(id).Surface;
            foreach (var option in specified.Options)
            {
                foreach (var step in option.Steps.Where(s => s.Act.Operation.Products.Length > 1))
                {
                    foreach (var other in Operations.Acts.Where(a => a.Operation == step.Act.Operation && a != step.Act))
                    {
                        var answer = WhyNot.Ask(Demo.Job.Rates, surface, specified.Appraised, option, step.Number, other);
                        if (!answer.Sound)
                        {
                            continue;
                        }

                        var change = (decimal)((other.Product!.Price / other.Product.SpreadOn(0)) - (step.Act.Product!.Price / step.Act.Product.SpreadOn(0)));
                        var line = answer.Lines[0];
                        Assert.Contains($"({other.Product.Title}) in its place", line, StringComparison.Ordinal);
                        if (line.Contains("would be sound too", StringComparison.Ordinal))
                        {
                            told.Add(line.Contains(" more in labour", StringComparison.Ordinal) ? "more" : "less");
                            Assert.Contains(change > 0 ? " more in labour" : " less in labour", line, StringComparison.Ordinal);
                        }
                    }
                }
            }
        }

        Assert.NotEmpty(told);
    }

    [Fact]
    public void What_the_brief_or_the_trade_rules_out_is_said_besides()
    {
        var finish = Option.Steps.Last(s => s.Act.Operation.Role == CoatRole.Finish);
        string Last(Act instead, Surface surface) => WhyNot.Ask(Demo.Job.Rates, surface, Appraised, Option, finish.Number, instead).Lines[^1];

        Assert.Equal("It is always refused.", Last(Operations.Acts.First(a => a.Operation.Refused), Skirting));
        Assert.Equal("It is for other trades: a hold, not a step of this work.", Last(Operations.Acts.First(a => a.Operation.ByOthers), Skirting));
        var avoiding = Skirting with { Brief = Skirting.Brief with { Avoid = [finish.Act.Operation.Id] } };
        Assert.Equal("The brief asks to avoid it.", Last(finish.Act, avoiding));
        var product = Skirting with { Brief = Skirting.Brief with { Avoid = [finish.Act.Product!.Id] } };
        Assert.Equal("The brief asks to avoid it.", Last(finish.Act, product));
        var clear = Skirting with { Brief = Skirting.Brief with { VocMost = 0 } };
        Assert.Equal("The brief does not allow it.", Last(Operations.FindAct(Operations.Find("tc_gloss")!, null)!, clear));
    }

    private static WhyNotAnswer Ask(int step, Act? instead) => WhyNot.Ask(Demo.Job.Rates, Skirting, Appraised, Option, step, instead);
}
