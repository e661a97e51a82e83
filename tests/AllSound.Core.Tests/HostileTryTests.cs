using System.Collections.Immutable;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Safety;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>
/// Tries to make the program say something dangerous: by leaving out, contradicting, exaggerating, hiding it in a sequence, or with
/// false product data. A row is: what is tried, the surface, its layers, facts, brief, a sequence to audit, and what has to come of it.
/// </summary>
public sealed class HostileTryTests
{
    // What has to come of it, parts joined by semicolons: "hold:NEED" it is held by that need; "none" no option; "never:STEPS" steps (or their
    // beginnings) in no option; "hazard:ID" a hazard in force; "first:A<B" every option with B has A before it; "fault:NEED" the audit
    // finds that need unmet; "ok" an option exists. A bar between ids means either.
    private const string Rows = """
        a ceiling coat of a house whose age nobody gives # ceiling gyp_old inside - # texture,emul_matt # {"looseShare":0.2} # # # none;hazard:asbestos;never:st_,ls_,ab_
        old paint on a wall of unknown age # wall lime_old inside - # unknown_paint # {"looseShare":0.3} # # # never:ab_gloss,ls_scrape_loose,ls_feather ,ab_power_dry,st_heatgun;hazard:lead
        a floor tile of unknown age # floor tile_vinyl inside - # # {} # # # hazard:asbestos;never:ab_,st_shroud
        a sheet roof of unknown make and age # roofSheet fib_unknown outside - # # {"soil":"greasy"} # # # hold:footing-safe;hazard:asbestos;never:cl_pressure
        lagging on a pipe # pipe lagging inside 1960 # # {"looseShare":0.1} # # # hazard:asbestos;never:ab_,st_,ls_
        board of unknown make beside a door # panelling insul_board inside 1972 # emul_matt # {"looseShare":0.2} # # # hazard:asbestos;never:ab_,st_,ls_
        a tall wall without a height # wall render_cem outside 1990 # masonry_ac # {"workHeightM":8} # # # first:ms_tower|ms_scaffold<role:finish;hazard:heights
        a window of 1920 and nothing else said # window sw outside 1920 # alkyd_gloss # {} # # # never:st_ir,st_heatgun,ab_gloss;hazard:lead
        a new building somewhere unknown # door sw inside 2015 # alkyd_gloss # {"looseShare":0.1} # {"jurisdiction":"elsewhere"} # # hazard:lead;never:ab_gloss,ls_feather ,ls_scrape_loose
        a door of 1965 without a word # door sw inside 1965 # alkyd_gloss # {} # # # hazard:lead;never:ab_gloss
        boards without lead and a void nobody mentions # boarding sw outside 1890 # oil_lead x8 # {"lead":"provedAbsent","leadProof":"a laboratory, every layer","looseShare":0.6} # # # never:st_heatgun,st_ir
        a box frame with a void # frame sw inside 1995 # alkyd_gloss x8 # {"looseShare":0.8,"voidBehind":true} # {"strip":true} # # never:st_heatgun,st_ir
        something unknown was put on yesterday # tile tile_gl inside 2010 # # {"onFace":"unknown"} # # # first:dc_rinse_cleaner<cl_;first:dc_rinse_cleaner<role:finish
        bleach was put on yesterday # tile tile_gl inside 2010 # # {"onFace":"bleach","soil":"greasy"} # # # first:dc_rinse_cleaner|cl_rinse<cl_tile_clean
        alone, high up # wall render_cem outside 2000 # masonry_ac # {"workHeightM":6,"alone":true} # # # hazard:alone;hazard:heights
        a tank # wall steel inside 1990 # epoxy_2k # {"confined":true,"rust":"light"} # # # hold:air-proved;none
        a stain in a room that stays shut # ceiling gyp_old inside 2010 # emul_matt # {"waterStainShare":0.1,"dampSource":"cured","shut":true} # # # never:sb_stain_shellac,sb_stain_alkyd,pr_stain_shellac
        pilot lights and a solvent paint # door sw inside 2010 # alkyd_gloss # {"flames":true} # {"finish":"trimPaint","sheen":"gloss"} # # first:ms_flames_out<tc_gloss;first:ms_flames_out<cl_spirit_wash
        a gas heater nobody calls a flame # door sw inside 2010 # alkyd_gloss # {"fumes":true} # # # first:ms_flames_out<tc_gloss;hazard:monoxide
        a child in the room and old paint # window sw inside 1930 # oil_lead # {"vulnerable":true,"looseShare":0.2} # # # hazard:vulnerable;hazard:lead;first:dc_lead_clean<role:finish
        treated wood by name only # boarding sw_treat outside 2015 # woodstain # {"greyWood":true} # {"strip":true} # # never:ab_wood_bare ,st_heatgun,st_ir,st_shroud
        a swab as proof # door sw inside 1930 # oil_lead # {"lead":"provedAbsent","leadProof":"my uncle's swab","looseShare":0.2} # # # hazard:lead|lead-said-absent
        no proof for a ceiling # ceiling gyp_old inside 1975 # texture # {"asbestos":"provedAbsent","looseShare":0.2} # # # hazard:asbestos;never:ls_,st_
        dry by word, wet by sight # sill sw outside 2000 # alkyd_gloss # {"moisture":"dry","waterLies":true} # # # hold:damp-cured
        no source of damp and a wet wall # wall gyp_old inside 2000 # emul_matt # {"dampSource":"none","moisture":"wet"} # # # hold:damp-cured
        in reach over a roof that does not bear # wall render_cem outside 2000 # masonry_ac # {"access":"inReach","fragileFooting":true} # # # hold:footing-safe
        no outlets and condemned wiring # wall gyp_old inside 2000 # emul_matt # {"outlets":false,"wiringCondemned":true} # # # hold:wiring-sound
        no mould, and four fifths of it # wall gyp_old inside 2000 # emul_matt # {"mould":false,"mouldShare":0.8} # # {"areaM2":60} # hold:mould-few
        a new house with old oil paint in it # door sw inside 2018 # oil_lead # {"looseShare":0.2} # # # hazard:lead;never:ab_gloss
        bare now, lead before # door sw inside 1910 # oil_lead # {"bareShare":1,"looseShare":0} # # # hazard:lead;never:ab_wood_bare ,ab_gloss
        lead presumed in a new house # door sw inside 2020 # alkyd_gloss # {"lead":"presumed"} # # # hazard:lead;never:ab_gloss
        an old fire door to be stripped # door sw inside 1985 # alkyd_gloss x6 # {"fireRated":true} # {"strip":true} # # none;hazard:fire-rating
        a chimney breast at 300 degrees # chimneyBreast steel inside 2000 # # {"serviceTempC":300} # # # never:tc_gloss,tc_metal,tc_emul,tc_2k
        a wet joint said to be still # wall gyp_old inside 2010 # emul_matt # {"jointWet":true,"jointMoves":false,"openJointM":3} # # # never:ca_acrylic;first:role:finish<ca_sanitary
        a moving joint under caulk # wall gyp_old inside 2010 # emul_matt # {"jointMoves":true,"openJointM":3} # # # never:ca_acrylic
        all loose and all bare # door sw inside 1930 # oil_lead # {"looseShare":1,"bareShare":1} # # # never:ls_scrape_loose,ls_feather ,ab_gloss,ab_wood_bare ;hazard:lead
        a hundred metres up # wall render_cem outside 2000 # masonry_ac # {"workHeightM":100} # # # hazard:heights;never:ms_access,ms_tower
        a thousand degrees # pipe steel inside 2000 # # {"serviceTempC":1000} # # # none
        ninety-nine coats # door sw inside 1900 # oil_lead x20 # {"looseShare":0.9} # # # hazard:lead;never:st_heatgun,ab_gloss,ls_scrape_loose
        a whole warehouse of mould # wall gyp_old inside 2000 # emul_matt # {"mouldShare":1} # # {"areaM2":5000} # hold:mould-few;hazard:much-mould
        pH 14 # wall render_cem outside 2000 # # {"ph":14} # # # never:tc_gloss,tc_linseed
        half a metre to fill # wall gyp_old inside 2000 # emul_matt # {"fillShare":0.1,"fillDepthMm":500} # # # never:rp_fine
        a joint of a hand's width # wall gyp_old inside 2000 # emul_matt # {"openJointM":2,"jointWidthMm":100} # # # never:ca_acrylic
        thirty below # door sw outside 2000 # alkyd_gloss # {"faceTempC":-30} # # # first:dr_warm<role:finish
        a face at a hundred degrees # pipe steel inside 2000 # alkyd_gloss # {"faceTempC":100} # # # first:ms_heat_off|dr_warm<role:finish
        air at sixty degrees # railing steel outside 2000 # alkyd_gloss # {"airTempC":55} # # # first:dr_warm|ms_heat_off<role:finish
        air full of water # railing steel outside 2000 # alkyd_gloss # {"airTempC":15,"airHumidity":100,"faceTempC":14} # # # first:dr_warm<role:finish
        chlorine on what acid was left on # tile tile_gl inside 2010 # # {"mould":true,"mouldSource":"cured","onFace":"acid"} # # mk_floor;cl_mould_wash # fault:residue-out|no-gas
        alkaline paste, then a mould wash # wall conc_cast outside 2010 # masonry_ac # {"mould":true,"mouldSource":"cured"} # # mk_floor;st_alkaline_poultice;cl_mould_wash # fault:residue-out|no-gas
        dry sanding hidden in the middle # door sw inside 1930 # oil_lead # {} # # mk_floor;cl_sugar_soap;ls_wet_scrape;ab_gloss;cl_dust_dry;uc_alkyd;tc_gloss # fault:lead-absent|lead-controlled
        lead area set up, then hot air # door sw inside 1930 # oil_lead # {} # # mk_floor;ms_lead_setup;ms_fire_detect;st_heatgun # fault:lead-absent
        a draught through the lead area # door sw inside 1930 # oil_lead # {} # # mk_floor;ms_lead_setup;ms_ventilate;st_solvent # fault:no-lead-area
        windows opened before the lead area is sheeted # door sw inside 1930 # oil_lead # {"flames":true} # # mk_floor;ms_ventilate;ms_lead_setup;st_solvent # fault:flames-out|fresh-air
        texture wetted and scraped without a sample # ceiling gyp_old inside 1975 # texture # {} # # ms_access;mk_floor;st_texture_wet # fault:asbestos-absent
        a jet up a ladder # wall render_cem outside 2000 # masonry_ac # {"workHeightM":6} # # cl_pressure_wash # fault:access-safe
        steam on live outlets # wall gyp_old inside 2000 # emul_matt # {"outlets":true} # # mk_floor;st_soak_scrape # fault:electrics-safe
        a shrouded sander on lead without an area # door sw inside 1930 # oil_lead # {} # # mk_floor;st_shroud_sand # fault:lead-controlled
        cleared, and then scraped again # door sw inside 1930 # oil_lead # {} # # mk_floor;ms_lead_setup;ls_wet_scrape;dc_lead_clean;ls_wet_scrape # fault:lead-controlled
        painted beside a nest # boarding sw outside 2010 # woodstain # {"nests":true} # # mk_floor;tc_stain # fault:nests-gone
        hot air on boards # boarding sw outside 2010 # woodstain # {"lead":"provedAbsent","leadProof":"a laboratory"} # # mk_floor;ms_fire_detect;st_heatgun # fault:no-void-behind
        needles on sheet # roofSheet galv_part outside 2010 # alkyd_gloss # {"lead":"provedAbsent","leadProof":"a laboratory","rust":"scale"} # # mk_floor;st_needle_gun # fault:face-bears
        paint over an open leak # ceiling gyp_old inside 2010 # emul_matt # {"dampSource":"open"} # # ms_access;mk_floor;sb_stain_shellac;tc_emul_roll # fault:damp-cured
        solvent with a pilot light, aired # door sw inside 2010 # alkyd_gloss # {"flames":true} # # mk_floor;ms_ventilate;st_solvent # fault:flames-out
        a shower tiled with two-part paint, used the next day # tile tile_gl inside 2010 # # {"drinkingWater":true} # # mk_floor;cl_tile_clean;tc_tile # fault:water-safe
        lead paint that nobody found whole, washed # wall gyp_old inside 1930 # oil_lead # {"soil":"light"} # # mk_floor;cl_sugar_soap # fault:lead-washed
        chalking lead paint outside, washed # wall render_cem outside 1930 # oil_lead # {"looseShare":0} # # mk_floor;cl_sugar_soap # fault:lead-washed
        lead left in bare wood, washed # door sw inside 1910 # # {} # # mk_floor;cl_sugar_soap # fault:lead-washed
        a fire door stripped # door sw inside 2010 # alkyd_gloss # {"fireRated":true} # # mk_floor;st_solvent # fault:fire-rating-kept
        flame # door sw inside 2010 # alkyd_gloss # {} # # mk_floor;st_flame # fault:no-flame
        a gloss that says it holds no solvent # door sw inside 2010 # alkyd_gloss # {"shut":true} # {"products":"p_gloss_alk voc 0"} # # never:tc_gloss
        a two-part paint that calls itself harmless # railing steel outside 2010 # pu_2k # {} # {"products":"p_pu2k_sb voc 0"} # # hazard-if:tc_2k=isocyanate
        an epoxy for the Arctic # floor conc_cast inside 2010 # # {"airTempC":2,"faceTempC":2} # {"products":"p_floor_2k leastC -20"} # # first:dr_warm<role:finish
        a wall paint that dries in no time # wall gyp_old inside 2010 # emul_matt # {"moisture":"wet","dampSource":"cured"} # {"products":"p_emul_contract leastHours 0.1"} # # first:dr_natural|dr_force<role:finish
        a sealer said to need no key # tile tile_gl inside 2010 # # {"key":"shiny"} # {"products":"p_bond_wb leastHours 0.1"} # # ok
        """;

    public static TheoryData<string> All => [.. Rows.Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)];

    [Theory]
    [MemberData(nameof(All))]
    public void Nothing_unsafe_comes_of_it(string row)
    {
        var parts = row.Split('#', StringSplitOptions.TrimEntries);
        var (what, expected) = (parts[0], parts[^1]);
        var asked = parts[4].Length == 0 ? null : System.Text.Json.JsonDocument.Parse(parts[4]).RootElement.ToString();
        var (surface, built) = SurveyRow.Read(parts[1], parts[2], parts[3], Brief(parts[4]), parts[5].StartsWith('{') ? parts[5] : "");
        var jurisdiction = asked?.Contains("elsewhere", StringComparison.Ordinal) == true ? Jurisdiction.Elsewhere : Jurisdiction.GB;
        var products = Products(parts[4]);
        var job = One.Job(surface, built, j => j with { Jurisdiction = jurisdiction, Products = products });
        var place = job.Surfaces().Single();
        var specified = Specifier.Specify(job, place.Building, place.Space, surface);
        foreach (var expectation in expected.Split(';', StringSplitOptions.TrimEntries))
        {
            Meets(expectation, what, surface, job, specified, parts[5]);
        }
    }

    private static void Meets(string expectation, string what, Surface surface, Job job, Specified specified, string sequence)
    {
        var at = expectation.IndexOf(':', StringComparison.Ordinal);
        var (verb, ids) = at < 0 ? (expectation, []) : (expectation[..at], expectation[(at + 1)..].Split('|'));
        switch (verb)
        {
            case "hold":
                Assert.True(
                    specified.Holds.Any(h => ids.Contains(h.Need.Id)) && specified.Options.IsEmpty,
                    $"{what}: not held by {expectation} but by {string.Join(" ", specified.Holds.Select(h => h.Need.Id))}, {specified.Options.Length} options"
                );
                break;
            case "none":
                Assert.True(specified.Options.IsEmpty, $"{what}: has options");
                break;
            case "ok":
                Assert.False(specified.Options.IsEmpty, $"{what}: has none");
                break;
            case "never":
                var never = expectation[6..].Split(',');
                Assert.All(
                    Everything(specified),
                    o =>
                        Assert.DoesNotContain(
                            o.Steps,
                            s => never.Any(n => n.EndsWith(' ') ? s.Act.Operation.Id == n.Trim() : s.Act.Operation.Id.StartsWith(n, StringComparison.Ordinal))
                        )
                );
                break;
            case "hazard":
                var hazards = Hazards.Of(surface, specified).Select(h => h.Hazard.Id).ToArray();
                Assert.True(ids.Any(hazards.Contains), $"{what}: {expectation} is not among {string.Join(' ', hazards)}");
                break;
            case "hazard-if":
                var (step, hazard) = (expectation.Split('=')[0]["hazard-if:".Length..], expectation.Split('=')[1]);
                Assert.True(
                    !specified.Options.Any(o => o.Steps.Any(s => s.Act.Operation.Id == step)) || Hazards.Of(surface, specified).Any(h => h.Hazard.Id == hazard),
                    $"{what}: {hazard} is not named"
                );
                break;
            case "first":
                var pair = expectation[6..].Split('<');
                Assert.NotEmpty(Everything(specified));
                Assert.All(Everything(specified), o => Before(o, pair[0].Split('|'), pair[1], what));
                break;
            case "fault":
                var audited = Strict.Run(
                    surface,
                    specified.Appraised,
                    [.. sequence.Split(';', StringSplitOptions.TrimEntries).Select(Demo.Parse)],
                    Practice.Firm.Of(job)
                );
                Assert.True(audited.Any(f => f.Need is { } need && ids.Contains(need.Id)), $"{what}: passes as {string.Join(", ", audited.Select(f => f.Need?.Id))}");
                break;
            default:
                Assert.Fail($"unknown expectation: {expectation}");
                break;
        }
    }

    // Options, and what is planned for once a hold is freed.
    private static IEnumerable<Option> Everything(Specified specified) => specified.Options.Concat(specified.Afterwards?.Plan.Options ?? []);

    private static void Before(Option option, string[] first, string then, string what)
    {
        var later = option.Steps.FirstOrDefault(s => Is(s, then));
        if (later is not null)
        {
            var before = option.Steps.FirstOrDefault(s => first.Any(f => Is(s, f)));
            Assert.True(
                before is not null && before.Number < later.Number,
                $"{what}: {then} comes before {string.Join(" or ", first)}: {string.Join(' ', One.Ids(option))}"
            );
        }
    }

    private static bool Is(Step step, string id) =>
        id == "role:finish" ? step.Act.Operation.Role == CoatRole.Finish : step.Act.Operation.Id.StartsWith(id, StringComparison.Ordinal);

    // What is set there besides the brief, as own products, is read elsewhere.
    private static string Brief(string said) =>
        said.Contains("products", StringComparison.Ordinal) || said.Contains("jurisdiction", StringComparison.Ordinal) ? "" : said;

    private static ImmutableArray<OwnProduct> Products(string brief)
    {
        if (!brief.Contains("products", StringComparison.Ordinal))
        {
            return [];
        }

        var words = System.Text.Json.JsonDocument.Parse(brief).RootElement.GetProperty("products").GetString()!.Split(' ');
        var (product, fault) = JobFile.Parse<OwnProduct>($"{{\"id\":\"own\",\"title\":\"Own\",\"class\":\"{words[0]}\",\"{words[1]}\":{words[2]}}}");
        Assert.Null(fault);
        return [product!];
    }
}
