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

/// <summary>Every school can be followed where it is sound; the other stays in sight; none overrides safety.</summary>
public sealed class SchoolTests
{
    private static readonly Surface OldWall = Surface(
        Element.Wall,
        "gyp_old",
        Good with
        {
            LooseShare = 0.1,
            Edges = EdgeNature.Firm,
            FillShare = 0.02,
        },
        [Coat("emul_matt")]
    );
    private static readonly Surface BareWall = Surface(Element.Wall, "gyp_old", Good);
    private static readonly Surface OldTrim = Surface(
        Element.Skirting,
        "sw",
        Good with
        {
            LooseShare = 0.1,
            Edges = EdgeNature.Firm,
            Key = Key.Shiny,
            OpenJointM = 2,
        },
        [Coat("alkyd_gloss", 6)]
    );
    private static readonly Surface Railing = Surface(Element.Railing, "steel", Good with { Rust = Rust.Light }, [Coat("alkyd_gloss")], exposure: Exposure.Outside);
    private static readonly Surface Rusty = Railing with { Facts = Railing.Facts with { Rust = Rust.Heavy } };
    private static readonly Surface Stripped = Surface(Element.Skirting, "sw", Good with { LooseShare = 0.4, Edges = EdgeNature.Lifting }, [Coat("alkyd_gloss", 12)]);

    // One finish only, so that the long life of a stripped face is among the few options.
    private static readonly Surface OneFinish = Stripped with { Brief = new Brief { Avoid = ["p_gloss_alk", "p_egg_alk", "p_enamel_wb", "p_enamel_hyb", "p_pu2k_wb"] } };
    private static readonly Surface Distempered = Surface(Element.Panelling, "sw", Good with { LooseShare = 0.2 }, [Coat("bitumen")]);

    // For each question whose answer changes steps, surfaces on which its schools can be sound.
    public static TheoryData<string, string> Schools
    {
        get
        {
            var data = new TheoryData<string, string>();
            foreach (var question in Questions.All.Where(q => q.Turns == Turns.Steps))
            {
                foreach (var school in question.Schools)
                {
                    data.Add(question.Id, school.Id);
                }
            }

            return data;
        }
    }

    [Theory]
    [MemberData(nameof(Schools))]
    public void A_school_can_be_followed_where_it_is_sound(string question, string school)
    {
        var followed = false;
        foreach (var surface in (Surface[])[OldWall, BareWall, OldTrim, Railing, Rusty, Stripped, OneFinish, Distempered])
        {
            var specified = Specify(surface, with: j => j with { HouseRules = ImmutableDictionary<string, string>.Empty.Add(question, school) });
            var rule = Questions.Find(question)!.Find(school)!;
            foreach (var option in specified.Options.Where(o => o.OtherSchool is null && specified.Notes.IsEmpty))
            {
                // What belongs to another school of the question is not in it.
                Assert.All(option.Steps, s => Assert.Null(Firm.Against(ImmutableDictionary<string, string>.Empty.Add(question, school), s.Act)));
                followed |= option.Steps.Any(s => Firm.Belongs(rule, s.Act));
            }
        }

        Assert.True(followed, $"{question} {school} is followed nowhere");
    }

    public static TheoryData<string, string> Manners
    {
        get
        {
            var data = new TheoryData<string, string>();
            foreach (var question in Questions.All.Where(q => q.Turns == Turns.Manner))
            {
                foreach (var school in question.Schools)
                {
                    data.Add(question.Id, school.Id);
                }
            }

            return data;
        }
    }

    // The work on the face: tape and fittings go by the manner itself.
    private static string Worked(Option option) => string.Join(' ', option.Steps.Where(s => s.Because is null).Select(s => s.Act.Id));

    /// <summary>How a step is done is said at the step, and changes nothing of the work on the face.</summary>
    [Theory]
    [MemberData(nameof(Manners))]
    public void A_manner_is_said_at_its_steps_and_changes_no_step(string question, string school)
    {
        var rules = ImmutableDictionary<string, string>.Empty.Add(question, school);
        var says = $"Our way, {Questions.Find(question)!.Title}: {Questions.Find(question)!.Find(school)!.Title}.";
        var filled = Good with { FillShare = 0.02, OpenJointM = 3 };
        var sash = Surface(Element.Window, "sw", filled, [Coat("alkyd_gloss")], exposure: Exposure.Outside);
        var skirting = Surface(Element.Skirting, "sw", filled, [Coat("alkyd_gloss")]);
        var said = 0;
        foreach (var surface in (Surface[])[OldWall, OldTrim, sash, skirting])
        {
            var plain = Specify(surface);
            var ruled = Specify(surface, with: j => j with { HouseRules = rules });
            Assert.Equal(plain.Options.Select(Worked), ruled.Options.Select(Worked));
            Assert.All(plain.Options.SelectMany(o => o.Steps), s => Assert.Empty(s.Manner));
            foreach (var step in ruled.Options.SelectMany(o => o.Steps))
            {
                var at = Questions.Find(question)!.At(step.Act.Operation, surface.Element);
                Assert.Equal(at ? [says] : [], step.Manner);
                said += at ? 1 : 0;
            }
        }

        Assert.True(said > 0, $"{question} is said nowhere");
    }

    [Fact]
    public void A_surface_may_be_done_in_a_manner_of_its_own_and_the_papers_say_which()
    {
        var own = OldWall with { Brief = OldWall.Brief with { HouseRules = ImmutableDictionary<string, string>.Empty.Add("S21", "hand") } };
        var ruled = Specify(own, with: j => j with { HouseRules = ImmutableDictionary<string, string>.Empty.Add("S21", "tape") });
        var said = ruled.Options.SelectMany(o => o.Steps).SelectMany(s => s.Manner).Distinct().ToList();
        Assert.Equal(["Our way, edges: steady hand, shield."], said);
    }

    [Fact]
    public void The_other_school_stays_in_sight_with_what_it_would_change()
    {
        var specified = Specify(OldTrim, with: j => j with { HouseRules = ImmutableDictionary<string, string>.Empty.Add("S10", "wet") });
        var other = Assert.Single(specified.Options, o => o.OtherSchool is not null);
        Assert.Contains("S10", other.OtherSchool, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("S10", "wet")]
    [InlineData("S10", "dry")]
    [InlineData("S8", "bare")]
    [InlineData("S8", "firm-edge")]
    [InlineData("S6", "spirit")]
    public void What_the_other_school_would_change_is_told_by_the_right_sign(string question, string school)
    {
        foreach (var surface in (Surface[])[OldWall, OldTrim, Railing, Rusty])
        {
            var specified = Specify(surface, with: j => j with { HouseRules = ImmutableDictionary<string, string>.Empty.Add(question, school) });
            foreach (var other in specified.Options.Where(o => o.OtherSchool is not null))
            {
                var own = specified.Options.First(o => o.OtherSchool is null);
                var money = other.Criteria.Money - own.Criteria.Money;
                Assert.Contains(FormattableString.Invariant($"{Math.Abs(money):0.00} {(money < 0 ? "less" : "more")}"), other.OtherSchool, StringComparison.Ordinal);
                var days = other.Criteria.ElapsedDays - own.Criteria.ElapsedDays;
                Assert.Contains(FormattableString.Invariant($"{Math.Abs(days):0.#} days {(days < 0 ? "less" : "more")}"), other.OtherSchool, StringComparison.Ordinal);
            }
        }
    }

    /// <summary>Over surveys of every ground: never more than four, the other school once and last, our cheapest always kept.</summary>
    [Fact]
    public void The_other_school_takes_the_place_of_what_stands_for_least()
    {
        var full = 0;
        for (var seed = 1; seed <= 12; seed++)
        {
            var random = new Random(seed);
            var rules = Questions
                .All.Where(q => q.Turns == Turns.Steps)
                .OrderBy(_ => random.Next())
                .Take(4)
                .ToImmutableDictionary(q => q.Id, q => q.Schools[random.Next(q.Schools.Length)].Id, StringComparer.Ordinal);
            var job = SurveyGenerator.Job(seed + 9800, 25) with { HouseRules = rules };
            foreach (var (building, space, surface) in job.Surfaces())
            {
                var options = Specifier.Specify(job, building, space, surface).Options;
                var own = options.Where(o => o.OtherSchool is null).ToList();
                Assert.InRange(options.Length, 0, Specifier.MostOptions);
                Assert.Equal(options.Length, options.Select(o => o.Id).Distinct(StringComparer.Ordinal).Count());
                if (own.Count == options.Length)
                {
                    continue;
                }

                Assert.Equal(options.Length - 1, own.Count);
                Assert.NotNull(options[^1].OtherSchool);
                Assert.DoesNotContain(own, o => o.Criteria.Beats(options[^1].Criteria));
                full += options.Length == Specifier.MostOptions ? 1 : 0;
                Assert.Contains(own, o => o.BestAt.Any(b => b.StartsWith("least cost", StringComparison.Ordinal)));
            }
        }

        Assert.True(full > 0);
    }

    [Fact]
    public void A_surface_may_override_the_firm()
    {
        ImmutableDictionary<string, string> Rule(string school) => ImmutableDictionary<string, string>.Empty.Add("S10", school);
        var trim = OldTrim with { Brief = new Brief { HouseRules = Rule("dry") } };
        var specified = Specify(trim, with: j => j with { HouseRules = Rule("wet") });
        Assert.Contains(specified.Options.Where(o => o.OtherSchool is null), o => Ids(o).Contains("ab_gloss"));
    }

    [Fact]
    public void No_house_rule_overrides_safety()
    {
        // Dry abrading is the rule of the house, and lead is not ruled out: the rule gives way, and that is said.
        var old = OldTrim with
        {
            Facts = OldTrim.Facts with { Lead = null },
            Brief = new Brief { KeepOldFilm = true },
        };
        var specified = Specify(old, 1910, j => j with { HouseRules = ImmutableDictionary<string, string>.Empty.Add("S10", "dry") });
        Assert.All(specified.Options, o => Assert.DoesNotContain(o.Steps, s => s.Act.Needs.Contains(SiteNeeds.LeadAbsent)));
        Assert.Contains(specified.Notes, n => n.Contains("S10", StringComparison.Ordinal));
    }

    [Fact]
    public void Thirty_two_questions_each_with_a_default_and_its_reason()
    {
        Assert.Equal(Enumerable.Range(1, 32).Select(n => $"S{n}"), Questions.All.Select(q => q.Id));
        Assert.All(Questions.All, q => Assert.False(string.IsNullOrWhiteSpace(q.Default)));
        var operations = Questions.All.SelectMany(q => q.Schools).SelectMany(s => s.Operations);
        Assert.All(operations, o => Assert.NotNull(Operations.Find(o)));
        Assert.All(Questions.All.SelectMany(q => q.Schools).SelectMany(s => s.Products), p => Assert.NotNull(Core.Materials.Coatings.Find(p)));
    }

    [Fact]
    public void An_own_products_numbers_win_over_its_class()
    {
        var wall = BareWall with { Brief = new Brief { Avoid = ["p_emul_dur", "p_emul_silk", "p_emul_kb"] } };
        var plain = Specify(wall);
        var own = Specify(
            wall,
            with: j =>
                j with
                {
                    Products =
                    [
                        new Core.Materials.OwnProduct
                        {
                            Id = "house-matt",
                            Title = "house matt",
                            Class = "p_emul_contract",
                            Spread = 6.5,
                            LeastHours = 20,
                            AdvisedHours = 24,
                        },
                    ],
                }
        );
        Step Coat(Specified s) => s.Options.SelectMany(o => o.Steps).First(x => x.Act.Operation.Role == CoatRole.Finish && x.Act.Product!.Id == "p_emul_contract");
        Assert.Equal(Coat(plain).Spend.Litres * 2, Coat(own).Spend.Litres, 3);
        Assert.Equal(24, Coat(own).Act.Leaves!.Advised);
        Assert.Equal("house matt", Coat(own).Act.Product!.Title);
    }
}
