using System.Collections.Frozen;

namespace AllSound.Core.Exchange;

/// <summary>Words that painters write for operations and products, besides the titles.</summary>
internal static class LineWords
{
    private static readonly FrozenDictionary<string, string> ByOperation = new Dictionary<string, string>
    {
        ["mk_floor"] = "dust sheets cover protect floor furniture mask up",
        ["ms_power"] = "isolate electrics sockets dead",
        ["ms_access"] = "scaffold tower platform ladder podium",
        ["ms_lead_setup"] = "lead zone containment sheet off area",
        ["ms_ventilate"] = "ventilate open windows air extract",
        ["dc_lead_clean"] = "lead clean down vacuum wash clearance",
        ["cl_sugar_soap"] = "sugar soap wash down detergent clean",
        ["cl_degrease"] = "degrease degreaser",
        ["cl_spirit_wash"] = "methylated spirit meths wipe",
        ["cl_solvent_wipe"] = "white spirit wipe solvent",
        ["cl_mould_wash"] = "mould biocide bleach fungicidal wash",
        ["cl_pressure_wash"] = "pressure jet wash power washer",
        ["cl_nicotine_wash"] = "nicotine soot wash",
        ["du_vac"] = "dust off vacuum hoover tack cloth wipe down",
        ["ls_scrape_loose"] = "scrape loose flaking dry scraper",
        ["ls_wet_scrape"] = "wet scrape mist damp scrape loose flaking",
        ["ls_feather"] = "feather edges sand edges",
        ["ab_gloss"] = "sand rub down abrade key flat down sandpaper",
        ["st_wet_abrade"] = "wet flat wet dry abrade wet sand",
        ["ab_power_dry"] = "power sand disc orbital sander",
        ["ab_wood_bare"] = "sand bare wood timber",
        ["st_flame"] = "burn off blow lamp torch flame",
        ["st_heatgun"] = "heat gun hot air stripper",
        ["st_ir"] = "infrared",
        ["st_solvent"] = "paint stripper strip gel chemical",
        ["st_alkaline_poultice"] = "poultice paste peel caustic",
        ["rp_fine"] = "fill filler holes cracks make good surface filler",
        ["rp_crack"] = "rake out crack fill",
        ["ab_fill"] = "sand filler flush rub down filler",
        ["ca_acrylic"] = "caulk gaps decorators flexible filler joints",
        ["ca_hybrid"] = "sealant joints",
        ["sb_knot"] = "knotting knots shellac",
        ["sb_stain_shellac"] = "stain block shellac spot stains",
        ["sb_stain_alkyd"] = "stain block oil based solvent stains",
        ["sb_stain_wb"] = "stain block water based waterborne faint stains",
        ["se_mist"] = "mist coat watered thinned emulsion new plaster",
        ["se_plaster"] = "seal plaster sealer",
        ["se_stabilise"] = "stabilising solution stabilise chalky powdery",
        ["se_peelbond"] = "peel bond binding sealer edges",
        ["sp_wood"] = "prime bare wood primer spot",
        ["sp_fill"] = "spot prime filler",
        ["sp_metal"] = "prime bare metal red oxide zinc phosphate spot",
        ["pr_bond"] = "bonding adhesion primer grip",
        ["uc_alkyd"] = "undercoat oil based",
        ["uc_wb"] = "undercoat water based acrylic",
        ["tc_emul_roll"] = "emulsion roll walls matt finish coat top coat wall paint",
        ["tc_spray"] = "spray sprayed airless walls masonry top coat",
        ["mk_spray"] = "mask masking film tape for spraying",
        ["tc_gloss"] = "gloss finish oil based eggshell satin top coat",
        ["tc_wb_trim"] = "water based acrylic satin eggshell gloss trim enamel top coat",
        ["tc_masonry"] = "masonry paint finish exterior",
        ["tc_metal"] = "direct to metal paint finish",
        ["dn_between"] = "denib lightly sand between coats de nib",
        ["dn_wet"] = "denib wet lightly abrade between coats",
        ["ac_clean"] = "clean up remove sheets tidy handover",
        ["ab_metal_power"] = "grinder flap disc wire wheel rust power tool",
        ["ls_wire_hand"] = "wire brush rust",
        ["dc_rust_convert"] = "rust converter convert treat rust",
        ["fc_leak_refer"] = "fix mend leak roof plumber damp",
        ["dr_natural"] = "allow to dry out drying",
        ["dr_force"] = "dehumidifier",
        ["ab_tile"] = "scuff sand tiles",
        ["cl_tile_clean"] = "clean tiles limescale",
    }.ToFrozenDictionary(StringComparer.Ordinal);

    private static readonly FrozenDictionary<string, string> ByProduct = new Dictionary<string, string>
    {
        ["p_gloss_alk"] = "oil gloss",
        ["p_egg_alk"] = "oil eggshell",
        ["p_emul_contract"] = "emulsion contract",
        ["p_emul_dur"] = "durable emulsion scrubbable",
        ["p_emul_silk"] = "silk emulsion",
        ["p_emul_kb"] = "kitchen bathroom",
        ["p_bond_wb"] = "bonding adhesion",
        ["p_shellac_prim"] = "shellac",
        ["p_enamel_wb"] = "acrylic satin water",
        ["p_wood_ac"] = "acrylic primer",
        ["p_wood_alk"] = "oil primer",
        ["p_masonry_ac"] = "masonry",
        ["p_limewash"] = "limewash",
        ["p_varnish"] = "varnish",
        ["p_dtm"] = "direct metal",
        ["p_znphos_alk"] = "zinc phosphate oxide",
    }.ToFrozenDictionary(StringComparer.Ordinal);

    // American and other words brought to the ones used here.
    private static readonly FrozenDictionary<string, string> Same = new Dictionary<string, string>
    {
        ["spackle"] = "filler",
        ["latex"] = "emulsion",
        ["baseboard"] = "skirting",
        ["casing"] = "architrave",
        ["drywall"] = "plasterboard",
        ["mold"] = "mould",
        ["sandpaper"] = "sand",
        ["primer"] = "prime",
        ["primed"] = "prime",
        ["undercoated"] = "undercoat",
        ["topcoat"] = "finish",
        ["scuff"] = "abrade",
        ["hoover"] = "vacuum",
        ["tacky"] = "tack",
    }.ToFrozenDictionary(StringComparer.Ordinal);

    /// <summary>Words that tell nothing.</summary>
    public static readonly FrozenSet<string> Idle = new[]
    {
        "the",
        "leave",
        "wait",
        "and",
        "with",
        "all",
        "then",
        "over",
        "from",
        "for",
        "any",
        "apply",
        "into",
        "one",
        "two",
        "three",
        "coat",
        "thoroughly",
        "surface",
        "good",
        "well",
        "until",
        "where",
        "hour",
        "hours",
        "day",
        "that",
        "out",
        "off",
        "down",
    }.ToFrozenSet(StringComparer.Ordinal);

    /// <summary>Words that name a product by themselves.</summary>
    public static readonly FrozenSet<string> Distinctive = new[] { "silk", "shellac", "limewash", "varnish", "kitchen", "masonry", "contract" }.ToFrozenSet(
        StringComparer.Ordinal
    );

    public static string For(string operation) => ByOperation.GetValueOrDefault(operation, "");

    public static string ForProduct(string product) => ByProduct.GetValueOrDefault(product, "");

    public static string Plain(string word) => Same.GetValueOrDefault(word, word);
}
