using AllSound.Core.Jobs;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Faults that practitioners pay for, each at its step with a mend. Common practice.</summary>
public sealed class AuditTests
{
    [Fact]
    public void Ordinary_paint_over_the_ring()
    {
        var audited = Demo.Audit(
            "ceiling",
            "ms_access",
            "ms_power",
            "ms_lead_setup",
            "mk_floor",
            "cl_sugar_soap",
            "dc_lead_clean",
            "tc_emul_roll/p_emul_contract",
            "tc_emul_roll/p_emul_contract",
            "ac_clean"
        );

        var fault = Assert.Single(audited.Faults);
        Assert.Equal((7, Needs.WaterStainBlocked, Severity.Fails), (fault.Step, fault.Need, fault.Severity));
        Assert.Contains("block the stain", fault.Mend, StringComparison.Ordinal);
    }

    [Fact]
    public void Filler_under_the_sealer_on_lifting_edges()
    {
        var audited = Demo.Audit(
            "stair-wall",
            "ms_access",
            "mk_floor",
            "ls_scrape_loose",
            "du_vac",
            "rp_fine",
            "ab_fill",
            "du_vac",
            "se_peelbond",
            "cl_sugar_soap",
            "sp_fill/p_emul_contract",
            "tc_emul_roll/p_emul_contract",
            "tc_emul_roll/p_emul_contract",
            "ac_clean"
        );

        var fault = audited.Faults.First();
        Assert.Equal((5, GroundNeeds.EdgesHeld), (fault.Step, fault.Need));
        Assert.Contains("binding sealer", fault.Mend, StringComparison.Ordinal);
        Assert.All(audited.Faults.Where(f => f.Severity >= Severity.Fails), f => Assert.Equal(5, f.Step));
    }

    [Theory]
    [InlineData("ab_gloss")]
    [InlineData("ab_power_dry")]
    public void Dry_sanding_presumed_lead_is_a_danger_with_a_wet_way_instead(string sanding)
    {
        var audited = Demo.Audit("skirting", "ms_lead_setup", "mk_floor", "cl_sugar_soap", $"{sanding}");

        var fault = audited.Faults.First(f => f.Step == 4);
        Assert.Equal((Severity.Danger, SiteNeeds.LeadAbsent), (fault.Severity, fault.Need));
        Assert.Contains("wet", fault.Mend, StringComparison.Ordinal);
    }

    [Fact]
    public void A_flame_is_refused_whatever_was_proved()
    {
        var audited = Demo.Audit("skirting", s => s with { Facts = s.Facts with { Lead = Lead.ProvedAbsent } }, "mk_floor", "st_flame");

        Assert.Contains(audited.Faults, f => f is { Step: 2, Severity: Severity.Danger } && f.Need == SiteNeeds.NoFlame);
    }

    [Fact]
    public void Caulk_painted_after_ten_minutes()
    {
        string[] steps =
        [
            "ms_lead_setup",
            "mk_floor",
            "cl_sugar_soap",
            "st_wet_abrade",
            "sb_knot",
            "dc_lead_clean",
            "pr_bond",
            "dn_wet",
            "ca_acrylic@0.5",
            "tc_wb_trim/p_enamel_wb@0.17",
            "dn_wet",
            "tc_wb_trim/p_enamel_wb",
            "ac_clean",
        ];
        var fault = Assert.Single(Demo.Audit("skirting", steps).Faults, f => f.Severity > Severity.Note);

        Assert.Equal((10, Needs.CaulkDry), (fault.Step, fault.Need));
        Assert.Contains("4 h", fault.Mend, StringComparison.Ordinal);

        steps[9] = "tc_wb_trim/p_enamel_wb@4";
        Assert.DoesNotContain(Demo.Audit("skirting", steps).Faults, f => f.Severity > Severity.Note);
    }

    [Fact]
    public void Gloss_not_keyed_is_asked_once_at_the_first_coat()
    {
        var audited = Demo.Audit(
            "skirting",
            "ms_lead_setup",
            "mk_floor",
            "cl_sugar_soap",
            "sb_knot",
            "ca_acrylic",
            "uc_alkyd",
            "dn_wet",
            "tc_gloss/p_gloss_alk",
            "dc_lead_clean",
            "ac_clean"
        );

        // Many key and do not write it: that is asked, once.
        var asked = Assert.Single(audited.Questions, q => q.Asks.Contains("keyed", StringComparison.Ordinal));
        Assert.Equal(4, asked.Step);
        Assert.DoesNotContain(audited.Faults, f => f.Problem.Contains("keyed", StringComparison.Ordinal));
    }

    [Fact]
    public void A_coat_left_past_its_window_must_be_keyed()
    {
        // Alkyd undercoat: key after 7 days. Common practice.
        string[] Steps(string hours) =>
            [
                "ms_lead_setup",
                "mk_floor",
                "cl_sugar_soap",
                "st_wet_abrade",
                "sb_knot",
                "ca_acrylic",
                "dc_lead_clean",
                "uc_alkyd",
                "dn_wet",
                $"tc_gloss/p_gloss_alk@{hours}",
                "ac_clean",
            ];

        // A written sequence need not say that a window is open: that is a note.
        Assert.DoesNotContain(Demo.Audit("skirting", Steps("24")).Faults, f => f.Severity > Severity.Note);
        Assert.Contains(Demo.Audit("skirting", Steps("200")).Faults, f => f.Need == Needs.WindowOpen);
    }

    [Fact]
    public void What_is_missing_at_the_end_is_said()
    {
        var audited = Demo.Audit("ceiling", "ms_access", "ms_power", "ms_lead_setup", "mk_floor", "cl_sugar_soap", "sb_stain_shellac", "tc_emul_roll/p_emul_contract");

        Assert.Contains(audited.Faults, f => f.Step is null && f.Need == Needs.FullFinish);
        Assert.Contains(audited.Faults, f => f.Need == Needs.LeadDustGone && f.Severity == Severity.Danger);
    }

    [Theory]
    [InlineData("stair-wall")]
    [InlineData("skirting")]
    [InlineData("ceiling")]
    public void Every_option_audits_clean_and_no_needed_step_can_be_left_out(string id)
    {
        foreach (var option in Demo.Specify(id).Options)
        {
            var sequence = Demo.Sequence(option);
            Assert.Empty(Audit(id, sequence).Faults);
            for (var i = 0; i < sequence.Length - 1; i++)
            {
                var without = sequence.Where((_, n) => n != i).Select(s => s with { WaitHours = null }).ToArray();
                if (option.Steps[i].Because is not null || option.Steps[i].Links.All(l => l.Need == Needs.SiteCleared))
                {
                    continue;
                }

                var wanted = option.Steps[i].Links.Select(l => l.Need).ToHashSet();
                Assert.True(
                    Audit(id, without) is var audited
                        && (
                            audited.Faults.Any(f => wanted.Contains(f.Need!) || f.Need == Needs.FullFinish || f.Need == Needs.LeadDustGone)
                            // How the face is reached is the painter's affair.
                            || wanted.All(n => n == SiteNeeds.AccessSafe)
                            || !audited.Questions.IsEmpty
                            // Taken as done, and said to be.
                            || audited.Notes.Any(n => n.Step is null || n.Says.StartsWith("Nothing is said", StringComparison.Ordinal))
                        ),
                    $"{id}: leaving out {sequence[i].Operation} was not noticed"
                );
            }
        }
    }

    private static Audited Audit(string id, SequenceStep[] sequence)
    {
        var (job, building, space, surface) = Demo.Place(id);
        return Auditor.Audit(job.Rates, surface, Assessment.Appraisal.Appraise(job, building, space, surface), sequence);
    }
}
