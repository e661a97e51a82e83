using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Specification;

/// <summary>
/// What is customary where. Whatever no row speaks of is customary; of several rows the farthest out counts. A school that the
/// brief or the firm follows makes its own acts customary. Common practice and judgement, from memory. To add one, add a row.
/// </summary>
internal static class Customs
{
    private static readonly Substrate[] LimeAndSoft = [Substrate.LimeNew, Substrate.LimeOld, Substrate.RenderLime, Substrate.BrickSoft, Substrate.StonePorous];

    private static readonly Film[] MineralFilms = [Film.Limewash, Film.Silicate, Film.SoftDistemper, Film.OilDistemper, Film.Casein];

    private static readonly ImmutableArray<Usage> Rows =
    [
        // Finishes and their primers.
        new(Custom.Special, Products("p_linseed"), _ => true),
        new(Custom.Exceptional, Products("p_linseed"), s => s.Film != Film.OilLead && !s.Protected),
        new(Custom.Exceptional, Products("p_pu2k_sb", "p_pu2k_wb"), s => s.Ground == SubstrateFamily.Wood),
        new(Custom.Special, Products("p_pu2k_sb", "p_pu2k_wb"), s => s.Ground != SubstrateFamily.Wood && !s.Harsh),
        new(Custom.Special, Products("p_epoxy_prim", "p_epoxy_mastic"), s => s.Metal && !s.PartZinc && s.Finish != FinishFamily.Tile && (!s.Harsh || s.Broad)),
        new(Custom.Special, Products("p_zinc_rich"), s => s.Metal && !(s.Harsh && s.Broad)),
        // Steel in harsh service gets a two-part system, and is blasted where there is enough of it.
        new(Custom.Special, Products("p_dtm", "p_gloss_alk", "p_egg_alk", "p_enamel_wb", "p_enamel_hyb", "p_znphos_alk", "p_znphos_wb"), s => s.Harsh),
        new(Custom.Exceptional, Products("p_epoxy_prim", "p_epoxy_mastic", "p_zinc_rich"), s => !s.Metal),
        new(Custom.Exceptional, Operations("pr_epoxy_tile"), s => s.Finish is not (FinishFamily.Tile or FinishFamily.Floor)),
        // Under trucks and tyres one-part paint lasts a season.
        new(
            Custom.Special,
            Products("p_floor_1k"),
            s => s.Surface.Brief.Wear == Wear.Hard && s.Finish == FinishFamily.Floor && s.Ground != SubstrateFamily.Wood && !s.Outside
        ),
        // It smells for days and dries slowly: waterborne where there is no reason for it.
        new(Custom.Exceptional, Products("p_floor_alk"), _ => true),
        new(Custom.Special, Products("p_floor_2k"), s => s.Ground == SubstrateFamily.Wood || s.Outside),
        // What wears through in two parts is made good in two parts.
        new(Custom.Special, Products("p_floor_1k"), s => s.Film is Film.Epoxy && s.Ground != SubstrateFamily.Wood && !s.Outside),
        new(
            Custom.Special,
            Products("p_oil_hw"),
            s =>
                (s.Outside && s.Element != Element.Floor && s.Substrate != Substrate.HardwoodOily) || (s.Finish == FinishFamily.Floor && s.Ground != SubstrateFamily.Wood)
        ),
        new(Custom.Special, Operations("pr_stain_shellac"), s => !s.Outside && !s.Stained),
        new(Custom.Exceptional, Operations("pr_stain_shellac"), s => s.Outside),
        new(Custom.Special, Operations("sb_stain_shellac"), s => s.Outside),
        // A faint stain is held by a waterborne block; the smell of the others is worth it only for what bleeds through.
        new(Custom.Special, Operations("sb_stain_shellac", "sb_stain_alkyd"), s => s.Faint),
        new(Custom.Special, Products("p_gloss_alk", "p_egg_alk", "p_wood_alk"), s => !s.Outside),
        new(Custom.Special, Overall("p_uc_alk"), s => !s.Outside),
        new(Custom.Special, Products("p_gloss_alk", "p_egg_alk"), s => s.Finish == FinishFamily.Radiator),
        new(
            Custom.Special,
            Products("p_enamel_wb", "p_enamel_hyb"),
            s => s.Outside && s.Finish == FinishFamily.Metal && s.Ground == SubstrateFamily.Ferrous && !s.PartZinc
        ),
        new(Custom.Special, Products("p_alu_wood"), s => s.Substrate is not (Substrate.SoftwoodResinous or Substrate.HardwoodOily or Substrate.SoftwoodTreated)),
        new(
            Custom.Special,
            Products("p_silicate", "p_silicate_2k", "p_limewash", "p_casein"),
            s => s.Film == Film.None ? !LimeAndSoft.Contains(s.Substrate) && s.Substrate != Substrate.BrickCalciumSilicate : !MineralFilms.Contains(s.Film)
        ),
        new(Custom.Special, Products("p_casein"), s => s.Film is not (Film.Casein or Film.SoftDistemper or Film.OilDistemper)),
        new(Custom.Special, Products("p_silicate_2k"), s => s.Film != Film.Silicate),
        new(Custom.Special, Products("p_masonry_sb"), s => s.Start.Get(Facets.ColdFace) == Chill.None),
        new(Custom.Special, Products("p_masonry_elast"), s => !s.Crazed),
        new(Custom.Special, Overall("p_masonry_ac", "p_siloxane"), s => s.Crazed),
        // Filler in walls is primed with wall or masonry paint.
        new(
            Custom.Special,
            act => act.Operation.Id == "sp_fill" && act.Product?.Id is "p_uc_alk" or "p_wood_ac",
            s => s.Ground is SubstrateFamily.Masonry or SubstrateFamily.Plaster && s.Finish is FinishFamily.WallPaint or FinishFamily.Masonry
        ),
        new(Custom.Special, Products("p_limewash"), s => s.Film == Film.Casein || (!s.Outside && s.Film != Film.Limewash)),
        new(Custom.Special, Products("p_alkali_wb"), s => s.Outside && s.Start.Get(Facets.ColdFace) != Chill.None),
        new(Custom.Special, Products("p_alkali_sb"), s => !s.Outside || s.Start.Get(Facets.ColdFace) == Chill.None),
        // A sealer binds what powders; firm bare masonry gets its own paint thinned, and bare alkaline spots what alkali does not turn.
        new(Custom.Special, Operations("se_stabilise"), s => s.Outside && s.Ground == SubstrateFamily.Masonry && s.Start.Get(Facets.Powder) == Powder.None),
        // The binder is for edges that go on lifting and for films that crumble.
        new(Custom.Special, Operations("se_peelbond"), s => s.Start.Get(Facets.EdgeNature) == EdgeNature.Firm && s.Start.Get(Facets.Edges) != Edges.Lifting),
        // Against tar and soot, and nothing else.
        new(Custom.Special, Operations("cl_nicotine_wash"), s => s.Start.Get(Facets.Soil) is not (Soil.Tarry or Soil.Sooty) && s.Start.Get(Facets.Tar) == Bleed.None),
        new(Custom.Special, Operations("se_alkali", "pr_alkali"), s => s.Film != Film.None && !(s.Appraised.Facts.Ph >= 9)),
        new(
            Custom.Special,
            Operations("pr_masonry", "pr_siloxane", "pr_isolate", "se_mist", "se_stabilise"),
            s => s.Ground == SubstrateFamily.Masonry && s.Appraised.Facts.Ph >= 10 && s.Start.Get(Facets.Powder) == Powder.None
        ),
        // Lime is filled with lime.
        new(Custom.Special, Operations("rp_crack", "rp_fine"), s => LimeAndSoft.Contains(s.Substrate) && (s.Film == Film.None || MineralFilms.Contains(s.Film))),
        new(Custom.Special, Products("p_emul_kb"), s => s.Surface.Brief.Sheen is null && !s.Damp),
        new(Custom.Special, Products("p_emul_silk"), s => s.Surface.Brief.Sheen is null),
        new(Custom.Special, Products("p_emul_contract", "p_emul_dur"), s => s.Damp && s.Surface.Brief.Sheen is null && s.Finish == FinishFamily.WallPaint && !s.Breathes),
        new(Custom.Special, Products("p_emul_dur"), s => s.Element is Element.Ceiling or Element.Cornice),
        new(Custom.Exceptional, Products("p_heat_si"), s => s.Start.Get(Facets.Heat) <= Heat.Hot),
        new(Custom.Special, Products("p_plaster_seal"), s => s.Outside),
        // Inside, and under feet, woodstain is thin and dull: varnish, lacquer or oil.
        new(Custom.Special, Products("p_stain_low", "p_stain_mid"), s => !s.Outside),
        // Film-forming stain lets go of oily wood: it is oiled.
        new(Custom.Special, Products("p_stain_mid", "p_varnish"), s => s.Outside && s.Substrate == Substrate.HardwoodOily),
        new(Custom.Special, Operations("pr_nonferrous"), s => s.Substrate == Substrate.LeadSheet),
        new(Custom.Special, Operations("pr_bond"), s => s.Film == Film.None && s.Substrate is Substrate.Copper),
        // Weathered wood drinks: alkyd primer goes deeper than acrylic.
        new(Custom.Special, Products("p_wood_ac"), s => s.Outside && s.Start.Get(Facets.Grey) == Presence.Present),
        // What resin and oil come through is primed with aluminium.
        new(Custom.Special, Products("p_wood_ac", "p_wood_alk"), s => s.Outside && s.Substrate is Substrate.SoftwoodResinous or Substrate.HardwoodOily),
        // Shellac is revived with shellac and wax with wax; elsewhere both are wishes.
        new(Custom.Special, Products("p_polish"), s => s.Film != Film.Shellac),
        new(Custom.Exceptional, Products("p_polish"), s => s.Element is Element.Floor or Element.Step || s.Ground != SubstrateFamily.Wood),
        // A floor that is to be finished anew is not just waxed again.
        new(Custom.Special, Products("p_wax"), s => !s.Polished || (s.Element is Element.Floor or Element.Step && s.Surface.Brief.Finish is not null)),
        // Underfoot and in wet rooms spirit varnish gives way to waterborne.
        new(Custom.Special, Products("p_varnish"), s => !s.Outside && s.Element is Element.Floor or Element.Step),
        // Bleached for what stays in sight; under paint a stain is blocked.
        new(Custom.Exceptional, Operations("dc_wood_bright"), s => s.Finish != FinishFamily.Clear && s.Substrate != Substrate.HardwoodTannin),
        // A tower or scaffold only where the height calls for one.
        new(Custom.Special, Operations("ms_tower"), s => s.Start.Get(Facets.Access) == Access.NeedsPlatform),
        new(Custom.Special, Operations("ms_scaffold"), s => s.Start.Get(Facets.Access) != Access.NeedsScaffold),
        // Washing.
        new(Custom.Special, Operations("cl_spirit_wash"), s => s.Film != Film.Shellac),
        new(
            Custom.Special,
            Operations("cl_solvent_wipe"),
            s =>
                !s.Polished
                && s.Ground is not (SubstrateFamily.Ferrous or SubstrateFamily.NonFerrous or SubstrateFamily.Slick)
                && s.Substrate is not (Substrate.HardwoodOily or Substrate.HardwoodTannin)
        ),
        // Oil of the wood's own is wiped off with spirit; water does not take it.
        new(Custom.Special, Operations("cl_sugar_soap", "cl_degrease"), s => s.Film == Film.None && s.Substrate == Substrate.HardwoodOily),
        // Where smell matters the waterborne block does.
        new(Custom.Special, Operations("sb_stain_shellac", "sb_stain_alkyd"), s => s.Surface.Brief.LowOdour),
        new(Custom.Exceptional, Operations("cl_pressure_wash"), s => !Wide(s)),
        // Alkyd turns to soap on what is left of the zinc.
        new(Custom.Special, Products("p_dtm", "p_znphos_alk", "p_gloss_alk", "p_uc_alk", "p_egg_alk"), s => s.PartZinc),
        // On plastic waterborne paint gives with it.
        new(Custom.Special, Products("p_gloss_alk", "p_egg_alk", "p_uc_alk"), s => s.Substrate is Substrate.PvcU or Substrate.Laminate),
        // Heat scorches wood that stays in sight.
        new(Custom.Special, Operations("st_heatgun", "st_ir"), s => s.Finish == FinishFamily.Clear),
        // A solvent wipe is for grease and for bare metal.
        new(Custom.Special, Operations("cl_solvent_wipe"), s => !s.Polished && s.Film != Film.None && s.Start.Get(Facets.Soil) is Soil.Clean or Soil.Light),
        // Water turns wax and shellac white.
        new(Custom.Special, Operations("cl_sugar_soap", "cl_degrease"), s => s.Polished),
        // Tiles want their own cleaner: limescale and soap.
        new(Custom.Special, Operations("cl_sugar_soap", "cl_degrease", "cl_solvent_wipe"), s => s.Finish == FinishFamily.Tile),
        // Between tiles is grout.
        new(Custom.Special, Operations("ca_acrylic", "ca_hybrid"), s => s.Element == Element.Tile),
        // Like on like.
        new(Custom.Special, Products("p_masonry_ac"), s => s.Surface.Layers is [.., { Coating: "siloxane" }]),
        // Soot is washed off with the wash made for it, once.
        new(Custom.Special, Operations("cl_degrease", "cl_sugar_soap"), s => s.Start.Get(Facets.Soil) is Soil.Sooty or Soil.Tarry),
        // Glazed brick takes a primer that bonds; a sealer does not grip it.
        new(
            Custom.Special,
            Operations("se_stabilise", "pr_isolate", "pr_masonry", "pr_siloxane", "se_mist", "pr_alkali", "se_alkali"),
            s => s.Film == Film.None && s.Ground == SubstrateFamily.Masonry && s.Substrate != Substrate.ConcreteCast && s.Start.Get(Facets.Key) == Key.Shiny
        ),
        // What is old and still soft never hardens.
        new(Custom.Special, Operations("dr_harden"), s => !(s.Surface.Layers is [.., { AgeDays: < 60 }])),
        // Strong degreaser is for grease, and grease for it: one wash instead of two.
        new(Custom.Special, Operations("cl_sugar_soap"), s => s.Substrate != Substrate.HardwoodTannin && s.Start.Get(Facets.Soil) == Soil.Greasy),
        new(Custom.Special, Operations("cl_degrease"), s => s.Start.Get(Facets.Soil) is Soil.Clean or Soil.Light),
        // A knife takes spots; where a good deal is loose, a carbide scraper.
        new(Custom.Special, Operations("ls_scrape_loose"), s => !s.Lead && !s.Metal && s.Appraised.Facts.LooseShare >= 0.1),
        new(Custom.Special, Operations("st_scrape_dry"), s => s.Metal),
        new(Custom.Special, Operations("ls_wet_scrape"), s => !s.Lead && (s.Metal || s.Ground == SubstrateFamily.Wood)),
        // Water does not get through paint: painted paper is steamed off.
        new(Custom.Special, Operations("st_paper_wet"), s => s.Film != Film.None),
        // Outside it is growth, and there is a wash made for it.
        new(Custom.Special, Operations("cl_mould_wash"), s => s.Outside),
        // Stripping and abrading.
        new(Custom.Special, act => act.Operation.Group == Group.Strip && act.Strips, s => s.Sound && !(s.Film == Film.Wax && s.Surface.Brief.Finish is not null)),
        new(Custom.Exceptional, Operations("st_needle_gun"), s => !(s.Outside && s.Start.Get(Facets.Rust) >= Rust.Heavy)),
        new(Custom.Special, Operations("st_needle_gun"), s => s.Start.Get(Facets.Rust) != Rust.Scale),
        new(Custom.Special, Operations("ab_scale"), s => !s.Outside),
        new(Custom.Special, Operations("ab_power_dry"), s => !s.Outside || !s.Broad || s.Lead),
        new(Custom.Exceptional, Operations("ab_power_dry"), s => !s.Metal),
        new(Custom.Special, Operations("ab_metal_shroud"), s => !s.Lead),
        // Where lead forbids no dust, metal is rubbed dry: wet it rusts as one looks.
        new(Custom.Special, Operations("ab_metal_wet"), s => !s.Lead),
        new(Custom.Special, Operations("ab_metal_power"), s => s.Element is Element.Radiator or Element.Pipe or Element.Window),
        new(Custom.Special, Operations("st_shroud_sand"), s => s.Element is not (Element.Floor or Element.Step)),
        new(Custom.Exceptional, Operations("st_shroud_sand"), s => s.Ground is not SubstrateFamily.Wood),
        new(Custom.Special, Operations("st_ir", "st_steam_paint"), s => !s.Lead || s.Ground != SubstrateFamily.Wood),
        new(Custom.Special, Operations("st_alkaline_poultice"), s => s.Start.Get(Facets.Load) != LayerLoad.Heavy),
        new(Custom.Special, Operations("dc_rust_convert"), _ => true),
        new(Custom.Special, Operations("st_texture_wet"), s => !s.Strips && !s.Flattens),
        // Services that are bought in, each where it is the usual answer.
        new(Custom.Exceptional, Operations("st_caustic_dip"), s => s.Protected || !s.Strips || s.Start.Get(Facets.Removable) == Presence.None),
        new(Custom.Exceptional, Operations("st_blast_steel"), s => s.Protected || !s.Harsh || !s.Broad),
        new(Custom.Exceptional, Operations("st_wet_blast"), s => s.Protected || !s.Strips || !s.Outside || !s.Broad || s.Metal),
        new(Custom.Exceptional, Operations("ab_concrete", "st_grind_floor"), s => s.Element is not (Element.Floor or Element.Step)),
        new(Custom.Special, Operations("ab_plaster"), s => s.Element is Element.Floor or Element.Step),
        // A painted concrete floor is ground; gel on it is slow, wet and wasteful.
        new(
            Custom.Special,
            act => act.Operation.Id != "st_grind_floor" && act.Operation.Group == Group.Strip,
            s => s.Element == Element.Floor && s.Substrate == Substrate.ConcreteCast
        ),
        new(Custom.Exceptional, Operations("ab_sweep"), s => !s.Outside || !s.Broad),
        new(
            Custom.Special,
            Operations("ab_galv", "ab_mordant"),
            s => s.Outside && s.Broad && s.Substrate == Substrate.GalvanisedNew && s.Surface.Brief.Wear == Wear.Hard
        ),
        new(
            Custom.Exceptional,
            Operations("rp_skim"),
            s => s.Outside || s.Start.Get(Facets.Paper) != Paper.None || (s.Appraised.Extents.FillM2 < s.Appraised.Extents.AreaM2 / 4 && !s.Flattens)
        ),
        // Whom to send for: the trade that the place and the signs point to.
        new(Custom.Special, Operations("fc_gutter"), s => !s.Outside && !s.Points("s_damp_top", "c_moist_behind")),
        new(Custom.Special, Operations("fc_flash_seal"), s => s.Element is not (Element.Window or Element.Door or Element.RoofSheet) && !s.Points("s_damp_top")),
        new(
            Custom.Special,
            Operations("fc_repoint"),
            s => !s.Outside || s.Substrate is not (Substrate.BrickSoft or Substrate.BrickHard or Substrate.StonePorous or Substrate.StoneDense)
        ),
        new(Custom.Special, Operations("fc_ground"), s => !s.Points("s_bridged", "c_bridged", "s_damp_low_grad", "c_rising")),
        new(Custom.Special, Operations("fc_damp_refer"), s => !s.Points("s_damp_low_grad", "c_rising", "c_hygroscopic", "c_floor_moisture")),
        // Feet and wheels break wall filler out of a floor, and a wall's sealer lies loose under a floor coating.
        new(Custom.Exceptional, Operations("rp_fine", "rp_crack", "rp_deep"), s => s.Element is Element.Floor or Element.Step && s.Ground == SubstrateFamily.Masonry),
        new(
            Custom.Exceptional,
            Operations("se_stabilise", "pr_masonry", "pr_siloxane", "pr_isolate", "pr_silicate", "se_mist", "se_plaster"),
            s => s.Element is Element.Floor or Element.Step && s.Finish == FinishFamily.Floor
        ),
        new(Custom.Special, Operations("rp_patch"), s => s.Ground != SubstrateFamily.Plaster),
        new(Custom.Special, Operations("rp_render"), s => s.Ground != SubstrateFamily.Masonry || s.Outside == false),
        new(Custom.Special, Operations("rp_splice", "rp_decay"), s => s.Ground != SubstrateFamily.Wood),
        // Much salt is drawn out; brushing takes only what stands on the face.
        new(Custom.Special, Operations("dc_salts_brush"), s => s.Ground == SubstrateFamily.Masonry && s.Appraised.Facts.SaltShare >= 0.5),
        new(Custom.Special, Operations("dc_salts_poultice"), s => s.Ground != SubstrateFamily.Masonry || !(s.Appraised.Facts.SaltShare >= 0.5)),
        // Boards are screwed beside what has popped.
        new(Custom.Special, Operations("mc_fixings"), s => s.Ground == SubstrateFamily.Plaster),
        // Rusting nails under paint are punched and primed; changed only where they would show.
        new(Custom.Special, Operations("mc_fixings"), s => s.Start.Get(Facets.Fixings) == Soundness.Sound && s.Finish != FinishFamily.Clear),
        // What was varnished is varnished again, and what was oiled is oiled: whoever wants it otherwise says so.
        new(Custom.Special, Operations("tc_oil", "tc_wax"), s => s.Film == Film.Varnish),
        new(Custom.Special, Operations("tc_varnish"), s => s.Film == Film.Oil),
        new(Custom.Exceptional, Operations("mc_gutter_joint"), s => s.Element != Element.Gutter),
        new(Custom.Exceptional, Operations("mc_lap_rivet", "mc_lap_seal", "mc_hole_brush", "mc_hole_patch"), s => !s.Metal),
    ];

    // By row: the acts that it speaks of, found once.
    private static readonly ImmutableArray<ImmutableArray<int>> SpokenOf =
    [
        .. Rows.Select(r => Treatment.Operations.Acts.Where(r.What).Select(a => a.Index).ToImmutableArray()),
    ];

    /// <summary>How usual each act is on a surface, by index of the act.</summary>
    /// <param name="setting">The surface.</param>
    /// <param name="rules">Schools that are followed there: question to school.</param>
    /// <param name="others">True where the other schools of those questions are looked for as well, to be set against them.</param>
    public static Custom[] On(Setting setting, ImmutableDictionary<string, string> rules, bool others = false)
    {
        var levels = new Custom[Treatment.Operations.Acts.Length];
        for (var row = 0; row < Rows.Length; row++)
        {
            if (!Rows[row].Where(setting))
            {
                continue;
            }

            foreach (var act in SpokenOf[row])
            {
                levels[act] = levels[act] > Rows[row].Level ? levels[act] : Rows[row].Level;
            }
        }

        foreach (var (question, followed) in rules)
        {
            var schools = Questions.Find(question)?.Schools.Where(s => others || s.Id == followed) ?? [];
            foreach (var act in Treatment.Operations.Acts.Where(a => schools.Any(s => Firm.Belongs(s, a))))
            {
                levels[act.Index] = Custom.Customary;
            }
        }

        return levels;
    }

    private static bool Wide(Setting s) =>
        s.Ground is SubstrateFamily.Masonry or SubstrateFamily.Plaster
        || s.Element is Element.Floor or Element.Step or Element.RoofSheet or Element.Cladding or Element.Boarding or Element.Wall;

    private static Func<Act, bool> Operations(params string[] ids)
    {
        var set = Known(ids, id => Treatment.Operations.Find(id) is not null);
        return act => set.Contains(act.Operation.Id);
    }

    private static Func<Act, bool> Products(params string[] ids)
    {
        var set = Known(ids, id => Coatings.Find(id) is not null);
        return act => act.Product is { } p && set.Contains(p.Id);
    }

    private static Func<Act, bool> Overall(params string[] ids)
    {
        var of = Products(ids);
        return act => act.Operation.Role != CoatRole.Spot && of(act);
    }

    // A row about something that goes by no such id would be silent.
    private static FrozenSet<string> Known(string[] ids, Func<string, bool> exists) =>
        Array.Find(ids, id => !exists(id)) is { } unknown
            ? throw new InvalidOperationException($"Customs speak of {unknown}, which does not exist.")
            : ids.ToFrozenSet(StringComparer.Ordinal);
}
