using AllSound.Core.Diagnosis;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

public sealed class DiagnosisTests
{
    /// <summary>Cases worked through with the trade's own likelihoods: the leading cause, seen and absent signs. Judgement values.</summary>
    [Theory]
    [InlineData(SubstrateFamily.Plaster, "c_unsealed_plaster", "s_sheets s_back_powder s_new_work s_plane_base", "s_damp_high s_back_distemper")]
    [InlineData(SubstrateFamily.Plaster, "c_distemper", "s_sheets s_back_powder s_back_distemper", "s_new_work")]
    [InlineData(SubstrateFamily.Plaster, "c_rising", "s_damp_high s_damp_low_grad s_tide s_salt_pos", "")]
    [InlineData(SubstrateFamily.Plaster, "c_moist_behind", "s_damp_high s_damp_top s_after_rain s_ring", "")]
    [InlineData(SubstrateFamily.Plaster, "c_water_stain", "s_ring s_returns", "s_damp_high s_after_rain")]
    [InlineData(SubstrateFamily.Plaster, "c_cond_mould", "s_black_spots s_bleach_ok s_winter s_no_vent", "s_ring")]
    [InlineData(SubstrateFamily.Masonry, "c_alkali", "s_ph_high s_new_work s_soapy", "")]
    [InlineData(SubstrateFamily.Ferrous, "c_edge_thin", "s_rust s_rust_edge s_thin", "s_scale")]
    [InlineData(SubstrateFamily.NonFerrous, "c_galv_sapon", "s_zinc_bright s_sheets s_tape_bad", "")]
    [InlineData(SubstrateFamily.Slick, "c_slick", "s_plastic s_sheets s_tape_bad", "s_grease s_silicone")]
    [InlineData(SubstrateFamily.Wood, "c_no_key", "s_sheets s_back_gloss s_plane_inter", "s_damp_high")]
    [InlineData(SubstrateFamily.Wood, "c_resin", "s_over_knot s_returns", "")]
    [InlineData(SubstrateFamily.Wood, "c_endgrain", "s_end_first s_open_joint s_mc20", "s_wd_soft")]
    [InlineData(SubstrateFamily.Wood, "c_early_recoat", "s_wrinkle s_fast_recoat s_soft", "")]
    public void The_leading_cause_is_the_one_that_the_trade_would_name(SubstrateFamily family, string cause, string seen, string absent)
    {
        var findings = NoisyOr.Diagnose(family, Signs(seen, absent));

        Assert.Equal(cause, findings[0].Cause.Id);
        Assert.True(findings[0].Probability >= 0.6);
    }

    [Fact]
    public void Rot_and_open_end_grain_are_both_kept_when_both_explain()
    {
        var findings = NoisyOr.Diagnose(SubstrateFamily.Wood, Signs("s_end_first s_open_joint s_mc20 s_wd_soft", ""));

        Assert.Equal(["c_endgrain", "c_rot"], findings.Take(2).Select(f => f.Cause.Id).Order());
        Assert.All(findings.Take(2), f => Assert.True(f.Probability >= 0.25));
    }

    [Fact]
    public void No_sign_seen_means_nothing_to_explain_and_no_cause_stands_without_evidence()
    {
        Assert.Empty(NoisyOr.Diagnose(SubstrateFamily.Plaster, []));
        Assert.Empty(NoisyOr.Diagnose(SubstrateFamily.Plaster, Signs("", "s_ring")));
        Assert.All(NoisyOr.Diagnose(SubstrateFamily.Wood, Signs("s_open_joint s_flakes", "s_soft")), f => Assert.NotEmpty(f.For));
    }

    [Theory]
    [InlineData(11)]
    [InlineData(12)]
    [InlineData(13)]
    public void Order_and_repeats_change_nothing_and_support_never_lowers(int seed)
    {
        var random = new Random(seed);
        for (var i = 0; i < 40; i++)
        {
            var family = (SubstrateFamily)random.Next(6);
            var recorded = Enumerable
                .Range(0, random.Next(1, 8))
                .Select(_ => new SignSeen { Sign = Evidence[random.Next(Evidence.Length)].Id, Present = random.Next(4) > 0 })
                .DistinctBy(s => s.Sign)
                .ToList();
            var findings = NoisyOr.Diagnose(family, recorded);
            Assert.Equal(findings.Select(Key), NoisyOr.Diagnose(family, recorded.AsEnumerable().Reverse()).Select(Key));
            Assert.Equal(findings.Select(Key), NoisyOr.Diagnose(family, recorded.Concat(recorded)).Select(Key));

            var cause = Causes.All.Where(c => c.Weight(family) > 0).ElementAt(random.Next(Causes.All.Count(c => c.Weight(family) > 0)));
            var groups = recorded.Select(s => Inspection.Signs.Find(s.Sign)!.Group).ToHashSet();

            // Evidence that speaks for a rival more strongly may rightly lower a cause: it explains the sign away.
            double Ratio(Cause c, string sign) => c.Evidence.Where(e => e.Sign == sign).Select(e => e.IfCause / e.IfNot).DefaultIfEmpty(1).First();
            var support = cause.Evidence.FirstOrDefault(e =>
                Causes.All.Where(c => c.Weight(family) > 0).All(c => Ratio(c, e.Sign) <= Ratio(cause, e.Sign))
                && e.IfCause > e.IfNot
                && !groups.Contains(Inspection.Signs.Find(e.Sign)!.Group)
            );
            if (support is null || !recorded.Any(s => s.Present))
            {
                continue;
            }

            double Of(IEnumerable<SignSeen> signs) => NoisyOr.Diagnose(family, signs).FirstOrDefault(f => f.Cause == cause)?.Probability ?? 0;
            Assert.True(Of(recorded.Append(new SignSeen { Sign = support.Sign })) >= Of(recorded) - 1e-9, $"{support.Sign} lowered {cause.Id}");
        }
    }

    [Fact]
    public void Lead_is_asked_first_where_it_would_change_the_work_and_not_where_it_would_not()
    {
        var (job, building, space, skirting) = Demo.Place("skirting");
        var checks = NextChecks.Rank(job, building, space, skirting, Demo.Specify("skirting"));
        Assert.Equal("T_lead_lab", checks[0].Check.Id);
        Assert.All(checks, c => Assert.NotEmpty(c.WouldChange));

        var (_, _, _, wall) = Demo.Place("stair-wall");
        Assert.DoesNotContain(NextChecks.Rank(job, building, space, wall, Demo.Specify("stair-wall")), c => c.Check.Id == "T_lead_lab");
    }

    [Fact]
    public void A_moisture_reading_is_asked_for_while_it_is_only_assumed()
    {
        var (job, building, space, wall) = Demo.Place("stair-wall");
        var unread = wall with { Readings = [], Facts = wall.Facts with { Moisture = null, DampSource = null } };
        var checks = NextChecks.Rank(job, building, space, unread, Specification.Specifier.Specify(job, building, space, unread));

        Assert.Contains(checks, c => c.Check.Id == "T_damp_pin" && c.WouldChange.Any(w => w.Contains("would stop", StringComparison.Ordinal)));
        Assert.DoesNotContain(checks, c => c.Check.Id == "T_damp_wood");
    }

    private static readonly Sign[] Evidence = [.. Inspection.Signs.All.Where(s => !s.IsDefect)];

    private static string Key(Finding f) => $"{f.Cause.Id} {f.Probability:F9}";

    private static IEnumerable<SignSeen> Signs(string seen, string absent) =>
        seen.Split(' ', StringSplitOptions.RemoveEmptyEntries)
            .Select(s => new SignSeen { Sign = s })
            .Concat(absent.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(s => new SignSeen { Sign = s, Present = false }));
}
