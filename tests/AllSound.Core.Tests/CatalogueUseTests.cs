using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Nothing stands in the catalogue for show: every operation and every product is brought forth by some survey of the trade, and by
/// the ones in which a tradesperson would expect it. Facts of the trade: common practice, from memory.
/// </summary>
public sealed class CatalogueUseTests
{
    private const string NoLead = "\"lead\":\"provedAbsent\",\"leadProof\":\"a laboratory, every layer\"";

    // What is expected # where # layers # facts # brief # size # signs. "op" or "op/product"; "hold:op" by other trades that settle a hold.
    private const string Rows = """
        st_scrape_dry # door sw inside 2002 # alkyd_gloss # {"looseShare":0.12,"edges":"firm"} # # #
        st_paper_steam # wall paper_lin inside 2002 # emul_matt # {"loosePaper":true} # # #
        dc_salts_poultice # wall stone_por outside 2000 # # {"salts":true,"saltShare":0.7,"dampSource":"cured"} # # #
        rp_deep # wall gyp_old inside 2000 # emul_matt # {"fillShare":0.05,"fillDepthMm":25} # # #
        rp_lime_fill # wall lime_old inside 1890 # limewash # {"fillShare":0.05,"fillDepthMm":15} # # #
        mc_lap_seal # cladding galv_old outside 2000 # alkyd_gloss # {"openLaps":true,"lapsTakeRivets":false} # # #
        st_wax_solvent # floor sw inside 2000 # wax # {} # {"finish":"clear"} # #
        cl_wax # panelling hw_tan inside 2000 # varnish,wax # {} # {"finish":"clear","sheen":"gloss"} # #
        tc_wax/p_wax # panelling hw_tan inside 2000 # wax # {} # # #
        tc_polish/p_polish # door hw_plain inside 2000 # shellac # {} # {"sheen":"gloss"} # #
        tc_varnish/p_varnish_wb # floor sw inside 2000 # varnish # {"bareShare":0.3} # {"finish":"clear"} # #
        rp_skim # ceiling pboard inside 2010 # texture,emul_matt # {} # {"smooth":true} # #
        dr_wipe # railing steel outside 2005 # alkyd_gloss # {"moisture":"wet","dampSource":"none"} # # #
        tc_linseed # window sw outside 1890 # oil_lead # {"looseShare":0.05} # {"vocMost":20} # #
        cl_mould_lime # wall lime_old inside 1860 # limewash # {"mould":true,"mouldSource":"cured"} # # #
        ab_plaster # wall gyp_old inside 2015 # # {} # # # s_polished
        st_grind_floor # floor conc_cast inside 2005 # alkyd_gloss # {"looseShare":0.4} # {"finish":"floor"} # #
        ab_concrete # floor conc_cast inside 2005 # # {"powdery":true} # {"finish":"floor"} # #
        dn_between # skirting veneer inside 2005 # # {"tar":true,"fillShare":0.04} # # {"lengthM":5,"heightM":0.15} #
        mc_sash # window sw outside 2000 # alkyd_gloss # {"binds":true} # # #
        mc_hardware # door sw inside 2005 # alkyd_gloss # {} # # #
        tc_spray # ceiling gyp_old inside 2005 # emul_matt # {} # {"sprayed":true} # #
        mk_spray # ceiling gyp_old inside 2005 # emul_matt # {} # {"sprayed":true} # #
        pr_nonferrous # pipe cu inside 2005 # # {"serviceTempC":40} # # #
        se_alkali # wall render_cem outside 2000 # masonry_ac # {"bareShare":0.1,"ph":11} # # #
        pr_masonry # wall brick_hard outside 2000 # masonry_ac # {"bareShare":0.1} # # #
        pr_siloxane # wall render_cem outside 2000 # siloxane # {"bareShare":0.1} # # #
        tc_masonry_elastic/p_masonry_elast # wall render_cem outside 2000 # masonry_ac # {"fillShare":0.05} # # # s_crk_map
        tc_casein/p_casein # wall lime_old inside 1890 # casein # {} # # #
        pr_alkali/p_alkali_sb # wall render_cem outside 2024 # # {"ph":11,"airTempC":6,"faceTempC":6} # # #
        pr_epoxy/p_zinc_rich # railing steel outside 2000 # alkyd_gloss x6 # {NOLEAD,"rust":"heavy"} # {"wear":"hard","strip":true,"finish":"metal"} # {"lengthM":20,"heightM":3} #
        st_blast_steel # railing steel outside 2000 # alkyd_gloss x6 # {NOLEAD,"rust":"heavy"} # {"wear":"hard","strip":true,"finish":"metal"} # {"lengthM":20,"heightM":3} #
        ms_occupant # wall gyp_old inside 2005 # emul_matt # {"occupied":true} # # #
        mk_edge # tile tile_gl inside 2005 # # {} # # #
        mk_glass # window sw inside 2005 # alkyd_gloss # {} # # #
        mk_plants # wall render_cem outside 2000 # masonry_ac # {"plants":true} # # #
        dr_wait # tile tile_gl inside 2005 # # {} # # #
        ac_unmask # window sw inside 2005 # alkyd_gloss # {} # # #
        ac_snag # ceiling gyp_old inside 2005 # emul_matt # {"waterStainShare":0.05,"dampSource":"cured"} # # #
        ac_protect # floor sw inside 2005 # varnish # {} # # #
        ac_waste # door sw inside 1930 # oil_lead # {"looseShare":0.1} # # #
        ac_record # door sw inside 1930 # oil_lead # {"looseShare":0.1} # # #
        ac_clearance # door sw inside 1930 # oil_lead # {"looseShare":0.1,"vulnerable":true} # # #
        st_caustic_dip # door sw inside 2000 # alkyd_gloss x9 # {} # {"strip":true} # #
        st_wet_blast # wall brick_hard outside 2000 # masonry_ac x9 # {} # {"strip":true} # {"lengthM":20,"heightM":3} #
        ab_sweep # cladding galv_new outside 2024 # # {} # {"wear":"hard"} # {"lengthM":20,"heightM":3} #
        rp_skim # wall gyp_old inside 2000 # emul_matt # {"fillShare":0.35} # # #
        rp_knot_cut # door sw_resin outside 2000 # alkyd_gloss # {"knots":4} # # # d_resin
        ab_power_dry # railing steel outside 2005 # alkyd_gloss # {NOLEAD,"rust":"none"} # # {"lengthM":20,"heightM":3} #
        st_texture_wet # ceiling gyp_old inside 2005 # texture # {} # {"strip":true} # #
        st_needle_gun # railing iron_cast outside 2005 # alkyd_gloss x6 # {"rust":"scale"} # {"strip":true} # #
        cl_tile_clean # tile tile_gl inside 2005 # # {} # # #
        dc_wood_bright # door hw_tan inside 2005 # # {"waterStainShare":0.05,"dampSource":"cured"} # {"finish":"clear"} # #
        rp_grout # tile tile_gl inside 2005 # # {"openJointM":2} # # #
        se_limewater # wall lime_old inside 1890 # limewash # {"powdery":true} # # #
        pr_isolate/p_stab_sb # wall render_cem outside 2000 # masonry_ac # {"powdery":true,"airTempC":6,"faceTempC":6} # # #
        sp_wood/p_alu_wood # boarding sw_resin outside 2024 # # {"knots":3} # # #
        ab_edge # railing steel outside 2005 # alkyd_gloss # {NOLEAD,"sharpEdges":true} # # #
        tc_heat/p_heat_si # pipe steel inside 2005 # # {"serviceTempC":300} # # #
        tc_bitumen/p_bitumen # gutter iron_cast outside 2005 # bitumen # {} # {"finish":"gutter"} # #
        sp_wood/p_wood_alk # boarding sw outside 2005 # alkyd_gloss # {"bareShare":0.2,"greyWood":true} # # #
        hold:rp_splice # window sw outside 2000 # alkyd_gloss # {"rot":true} # # #
        hold:rp_decay # window sw outside 2000 # alkyd_gloss # {"rot":true} # # #
        hold:rp_patch # wall gyp_old inside 2000 # emul_matt # {"hollow":true} # # #
        hold:rp_render # wall render_cem outside 2000 # masonry_ac # {"hollow":true} # # #
        hold:fc_leak_refer # wall gyp_old inside 2000 # emul_matt # {"moisture":"wet"} # # #
        hold:fc_gutter # wall brick_hard outside 2000 # masonry_ac # {"moisture":"wet"} # # # s_damp_top
        hold:fc_flash_seal # window sw outside 2000 # alkyd_gloss # {"moisture":"wet"} # # #
        hold:fc_repoint # wall brick_hard outside 2000 # masonry_ac # {"moisture":"wet"} # # #
        hold:fc_ground # wall gyp_old inside 2000 # emul_matt # {"moisture":"wet"} # # # s_bridged
        hold:fc_damp_refer # wall gyp_old inside 2000 # emul_matt # {"moisture":"wet"} # # # s_damp_low_grad
        hold:fc_ventilate # wall gyp_old inside 2000 # emul_matt # {"mould":true,"mouldSource":"open"} # # #
        hold:fc_structural_refer # wall gyp_old inside 2000 # emul_matt # {"liveCrack":true} # # #
        hold:fc_crack_monitor # wall gyp_old inside 2000 # emul_matt # {"liveCrack":true} # # #
        blocked:ms_asb_stop # ceiling gyp_old inside 1975 # texture # {"looseShare":0.2} # # #
        """;

    public static TheoryData<string> Table =>
        [.. Rows.Replace("NOLEAD", NoLead, StringComparison.Ordinal).Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)];

    [Theory]
    [MemberData(nameof(Table))]
    public void Brought_forth_where_the_trade_uses_it(string row)
    {
        var wanted = row.Split('#')[0].Trim();
        var specified = Specify(row);
        var found = wanted.Contains(':', StringComparison.Ordinal)
            ? ByOthers(specified).Contains(wanted.Split(':')[1])
            : Used(specified).Any(a => a.Operation.Id == wanted || a.Id == wanted);
        Assert.True(
            found,
            $"{wanted} is not among {string.Join(" | ", specified.Planned.Options.Select(o => string.Join(' ', One.Ids(o))))} held by {string.Join(' ', specified.Holds.Select(h => h.Need.Id))}"
        );
    }

    [Fact]
    public void No_operation_and_no_product_is_never_brought_forth()
    {
        var operations = Operations.All.Where(o => !o.Refused).Select(o => o.Id).ToHashSet(StringComparer.Ordinal);
        var products = Coatings.All.Select(p => p.Id).ToHashSet(StringComparer.Ordinal);
        foreach (var specified in Table.Select(r => Specify(r.Data)).Concat(Worked()).Concat(Generated(5, 1200)))
        {
            foreach (var act in Used(specified))
            {
                operations.Remove(act.Operation.Id);
                products.Remove(act.Product?.Id ?? "");
            }

            operations.ExceptWith(ByOthers(specified));
        }

        Assert.True(operations.Count + products.Count == 0, $"never brought forth: {string.Join(' ', operations.Concat(products))}");
    }

    [Fact]
    public void No_option_differs_from_another_in_nothing_that_a_client_would_see()
    {
        var pairs = 0;
        foreach (var specified in Worked().Concat(Generated(77, 1500)))
        {
            var options = specified.Planned.Options;
            Assert.True(options.Length <= Specifier.MostOptions);
            foreach (var (a, b) in options.SelectMany((a, i) => options.Skip(i + 1).Select(b => (a, b))))
            {
                pairs++;
                Assert.NotEqual(a.Name, b.Name);

                // By the paint that is seen, by stripping, by solvent, or sooner for more money: said here anew, apart from how options are picked.
                var (first, second) = (Seen(a), Seen(b));
                var sooner = a.Criteria.ElapsedDays < b.Criteria.ElapsedDays ? a : b;
                var later = sooner == a ? b : a;
                Assert.True(
                    first != second
                        || (later.Criteria.ElapsedDays - sooner.Criteria.ElapsedDays >= 1 && sooner.Criteria.Money > later.Criteria.Money)
                        || a.OtherSchool is not null
                        || b.OtherSchool is not null,
                    $"{string.Join(' ', One.Ids(a))} and {string.Join(' ', One.Ids(b))}"
                );
            }
        }

        Assert.True(pairs > 800, $"only {pairs} pairs");
    }

    private static (string? Paint, bool Strips, bool Solvent) Seen(Option option) =>
        (
            option.Steps.LastOrDefault(s => s.Act.Operation.Role == CoatRole.Finish)?.Act.Product?.Id,
            option.Steps.Any(s => s.Act.Strips),
            option.Steps.Any(s =>
                s.Act.Operation.Role is CoatRole.Primer or CoatRole.Undercoat or CoatRole.Finish
                && s.Act.Product?.Carrier is Carrier.Spirit or Carrier.Alcohol or Carrier.Strong
            )
        );

    private static IEnumerable<string> ByOthers(Specified specified) =>
        specified.Holds.SelectMany(h => h.Others).Concat(specified.Impasse?.Others ?? []).Select(o => o.Id);

    private static IEnumerable<Act> Used(Specified specified) =>
        specified.Meanwhile.Concat(specified.Options.Concat(specified.Afterwards?.Plan.Options ?? []).SelectMany(o => o.Steps)).Select(s => s.Act);

    private static Specified Specify(string row)
    {
        var parts = row.Split('#', StringSplitOptions.TrimEntries);
        var (surface, built) = SurveyRow.Read(parts[1], parts[2], parts[3], parts[4], parts[5], parts.Length > 6 ? parts[6] : "");
        return One.Specify(surface, built);
    }

    private static IEnumerable<Specified> Worked() =>
        WorkedCases
            .Read(WorkedCases.Folder)
            .Select(c => (c.Job, Place: c.Job.Surfaces().Single()))
            .Select(c => Specifier.Specify(c.Job, c.Place.Building, c.Place.Space, c.Place.Surface));

    private static IEnumerable<Specified> Generated(int seed, int surfaces)
    {
        var job = SurveyGenerator.Job(seed, surfaces);
        return job.Surfaces().Select(p => Specifier.Specify(job, p.Building, p.Space, p.Surface));
    }
}
