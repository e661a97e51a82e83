using AllSound.Core.Exchange;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What is simple stays simple: a sound, clean surface gets a plan that a painter would call normal, in eight steps at most.</summary>
public sealed class SimpleSurfaceTests
{
    [Theory]
    [InlineData("wall pboard inside 2024", "", "mk_floor cl_dust_dry se_mist tc_emul_roll tc_emul_roll ac_clean")]
    [InlineData("wall gyp_old inside 2005", "emul_matt", "ms_power mk_floor cl_sugar_soap tc_emul_roll tc_emul_roll ac_clean")]
    [InlineData("ceiling gyp_old inside 2005", "emul_matt", "ms_power ms_access mk_floor cl_sugar_soap tc_emul_roll tc_emul_roll ac_clean")]
    [InlineData("door sw inside 2005", "alkyd_gloss", "mk_floor mc_hardware cl_sugar_soap ab_gloss pr_bond tc_wb_trim tc_wb_trim ac_clean")]
    [InlineData("skirting mdf inside 2024", "", "mk_floor cl_dust_dry sp_wood tc_wb_trim tc_wb_trim ac_clean")]
    [InlineData("railing steel outside 2015", "primer_rust", "mk_floor cl_sugar_soap ab_gloss uc_alkyd tc_gloss ac_clean")]
    [InlineData("railing galv_new outside 2024", "", "mk_floor ab_galv tc_galv tc_galv ac_clean")]
    [InlineData("wall render_cem outside 2010", "masonry_ac", "mk_floor cl_sugar_soap tc_masonry tc_masonry ac_clean")]
    public void Sound_and_simple_work_has_eight_steps_at_most(string where, string layers, string steps)
    {
        var (surface, built) = SurveyRow.Read(where, layers, "{\"looseShare\":0,\"rust\":\"none\"}");
        var specified = One.Specify(surface, built);
        var option = specified.Options[0];
        Assert.Equal(steps, string.Join(' ', option.Steps.Select(s => s.Act.Operation.Id)));
        Assert.InRange(option.Steps.Length, 1, 8);
        Assert.NotNull(option.Recommended);

        // Each step says what, with what, how to know it is done; and no line is said twice.
        var report = Reporting.Report(One.Job(surface, built), surface, specified);
        Assert.All(report.Options[0].Steps, s => Assert.True(s.Do.Length > 0 && s.Accept.Length > 0 && s.Why.Length > 0));
        Assert.Equal(Surfaces.Presence.None, option.Steps[^1].After.Get(Facets.Dust));
    }

    [Theory]
    [InlineData("door sw inside 2010", "with 320 or a fine pad", "wet")]
    [InlineData("door sw inside 1930", "wet, off the arrises so that old paint is not cut through", "320")]
    public void Between_coats_nothing_is_rubbed_dry_where_lead_may_lie_beneath(string where, string says, string never)
    {
        var (surface, built) = SurveyRow.Read(where, "alkyd_gloss", "{\"looseShare\":0}");
        var option = One.Specify(surface, built).Options[0];
        var last = option.Steps.Last(s => s.Act.Operation.Role == Treatment.CoatRole.Finish);
        Assert.StartsWith("Rub over lightly", last.Do, StringComparison.Ordinal);
        var rubbing = last.Do[..^last.Act.Operation.Do.Length];
        Assert.Contains(says, rubbing, StringComparison.Ordinal);
        Assert.DoesNotContain(never, rubbing, StringComparison.Ordinal);
    }
}
