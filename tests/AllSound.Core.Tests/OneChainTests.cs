using AllSound.Core.Assessment;
using AllSound.Core.Diagnosis;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;
using static AllSound.Testing.One;

namespace AllSound.Core.Tests;

/// <summary>What was recorded, why it fails and what is done are one chain: the plan cures what the diagnosis names, or says why not.</summary>
public sealed class OneChainTests
{
    // What the coats are chosen to live with: it stays as it is.
    private static readonly Facet[] LivedWith = [Facets.Heat, Facets.Key, Facets.Alkalinity, Facets.Powder];

    [Fact]
    public void Every_cause_at_work_has_its_cure_or_the_reason_why_none_in_every_option()
    {
        var job = SurveyGenerator.Job(4242, 4500);
        var (causes, cured) = (0, 0);
        foreach (var (building, space, surface) in job.Surfaces())
        {
            var specified = Specifier.Specify(job, building, space, surface);
            var plan = specified.Planned;
            foreach (var option in plan.Options)
            {
                Assert.Equal(specified.Appraised.AtWork.Select(f => f.Cause.Id), option.Causes.Select(c => c.Cause));
                foreach (var (finding, answer) in specified.Appraised.AtWork.Zip(option.Causes))
                {
                    causes++;
                    cured += answer.Steps.Length > 0 ? 1 : 0;
                    Assert.NotEmpty(answer.Says);
                    var last = option.Steps[^1].After;
                    foreach (var implied in finding.Cause.Implies.Where(i => i.Is.Holds(plan.Appraised.Condition)))
                    {
                        Assert.True(
                            !implied.Is.Holds(last)
                                || LivedWith.Contains(implied.Is.Facet)
                                // Under a clear finish the wood keeps its own colour.
                                || (
                                    (implied.Is.Facet == Facets.Tannin || implied.Is.Facet == Facets.Knots)
                                    && option.Steps.LastOrDefault(s => s.Act.Operation.Role == Treatment.CoatRole.Finish)?.Act.Product!.Clear == true
                                )
                                || (surface.Brief.OnlyClean && answer.Says.Contains("only cleaned", StringComparison.Ordinal)),
                            $"{surface.Id}: {finding.Cause.Id} leaves {implied.Says} in '{option.Name}'"
                        );
                    }
                }
            }
        }

        Assert.True(causes > 800, $"only {causes} causes");
        Assert.True(cured > causes / 3, $"{cured} of {causes} cured by steps");
    }

    public static TheoryData<string> Known => [.. Causes.All.Select(c => c.Id)];

    [Theory]
    [MemberData(nameof(Known))]
    public void Every_cause_implies_something_or_says_how_it_is_answered(string id)
    {
        var cause = Causes.Find(id)!;
        Assert.True(cause.Implies.Length > 0 || cause.Manner.Length > 0);
        Assert.All(cause.Implies, i => Assert.NotEqual(new Facts(), i.Apply(new Facts())));
    }

    [Theory]
    [MemberData(nameof(Known))]
    public void What_was_recorded_stands_against_what_a_cause_implies(string id)
    {
        var implied = Causes.Find(id)!.Implies;
        var all = implied.Aggregate(new Facts(), (f, i) => i.Apply(f));
        Assert.Equal(all, implied.Aggregate(all, (f, i) => i.Apply(f)));
    }

    [Fact]
    public void Zinc_soap_is_stripped_and_not_painted_over()
    {
        var roof = Surface(Element.RoofSheet, "galv_old", Good, [Coat("alkyd_gloss")], exposure: Exposure.Outside) with
        {
            Signs = [Seen("s_zinc_bright"), Seen("s_sheets"), Seen("s_tape_bad"), Seen("s_no_prime")],
        };
        var specified = Specify(roof);
        Assert.Equal("c_galv_sapon", specified.Appraised.Findings[0].Cause.Id);
        var options = specified.Planned.Options;
        Assert.NotEmpty(options);
        Assert.All(options, o => Assert.Contains(o.Steps, s => s.Act.Strips));
    }

    [Fact]
    public void A_mark_over_rusting_nails_is_punched_primed_and_filled()
    {
        var cladding = Surface(Element.Cladding, "sw", Good, [Coat("masonry_ac")], exposure: Exposure.Outside) with { Signs = [Seen("s_nail"), Seen("s_rust")] };
        var specified = Specify(cladding);
        Assert.All(
            specified.Planned.Options,
            o => Assert.Equal(["sb_nail_heads"], o.Steps.Select(s => s.Act.Operation.Id).Where(id => id == "sb_nail_heads").Distinct())
        );
    }

    [Fact]
    public void Fresh_plaster_painted_without_a_mist_coat_is_not_just_painted_again()
    {
        var wall = Plaster(new Facts { Lead = Lead.ProvedAbsent, Moisture = Moisture.Dry }) with
        {
            Signs = [Seen("s_sheets"), Seen("s_back_powder"), Seen("s_tape_bad"), Seen("s_new_work"), Seen("s_all_over")],
        };
        var specified = Specify(wall);
        Assert.Contains(specified.Appraised.AtWork, f => f.Cause.Id == "c_unsealed_plaster");
        Assert.All(
            specified.Options,
            o =>
            {
                Assert.Contains(o.Causes, c => c.Cause == "c_unsealed_plaster" && c.Steps.Length > 0);
                Assert.Contains(o.Steps, s => s.Act.Operation.Group is Core.Treatment.Group.Strip or Core.Treatment.Group.Loosen);
            }
        );
    }

    [Fact]
    public void What_the_survey_rules_out_is_not_treated_and_that_is_said()
    {
        var hot = Surface(Element.Railing, "steel", Good with { ServiceTempC = 20 }, [Coat("alkyd_gloss")]) with
        {
            Signs = [Seen("s_hot"), Seen("s_flakes"), Seen("s_local")],
        };
        var specified = Specify(hot);
        Assert.Equal("c_hot", specified.Appraised.AtWork.First().Cause.Id);
        Assert.NotEmpty(specified.Options);
        Assert.All(specified.Options, o => Assert.Contains("rules out heat", o.Causes.Single(c => c.Cause == "c_hot").Says, StringComparison.Ordinal));
    }

    [Fact]
    public void A_fact_counts_for_the_causes_like_the_sign_of_it()
    {
        var wall = Plaster(Good);
        var bySign = Diagnosing.Of(Job(wall), wall with { Signs = [Seen("s_black_spots")] });
        var byFact = Diagnosing.Of(Job(wall), wall with { Facts = wall.Facts with { Mould = true } });
        Assert.Equal(bySign[0].Cause, byFact[0].Cause);
        Assert.Equal(bySign[0].Probability, byFact[0].Probability, 6);
    }

    [Fact]
    public void What_nobody_recorded_and_a_cause_implies_is_taken_and_said()
    {
        var hot = Surface(Element.Railing, "steel", Good, [Coat("alkyd_gloss")]) with { Signs = [Seen("s_hot"), Seen("s_flakes"), Seen("s_local")] };
        var implied = Specify(hot).Appraised.Resolutions.Single(r => r.How == Resolved.Implied);
        Assert.Equal(Facets.Heat, implied.Facet);
        Assert.Contains("likely", implied.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_cause_between_the_two_limits_is_a_risk_with_what_to_look_for()
    {
        var job = SurveyGenerator.Job(77, 400);
        var specified = job.Surfaces().Select(x => Specifier.Specify(job, x.Building, x.Space, x.Surface));
        var risks = specified.SelectMany(s => s.Options).SelectMany(o => o.Risks).Where(r => r.StartsWith("Possible too", StringComparison.Ordinal)).ToList();
        Assert.NotEmpty(risks);
        Assert.All(risks, r => Assert.Contains("not treated here", r, StringComparison.Ordinal));
    }

    private static Surface Plaster(Facts facts) => Surface(Element.Wall, "gyp_old", facts, [Coat("emul_matt")]);

    private static SignSeen Seen(string sign) => new() { Sign = sign, Present = true };
}
