using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Practice;

/// <summary>The questions of practice, one row each. To add one, add a row; the search and the pages know it by that.</summary>
public static class Questions
{
    private static readonly string[] Strips =
    [
        "st_soak_scrape",
        "st_solvent",
        "st_alkaline_poultice",
        "st_ir",
        "st_heatgun",
        "st_steam_paint",
        "st_shroud_sand",
        "st_wash_distemper",
        "st_texture_wet",
        "st_bitumen_mech",
        "st_needle_gun",
        "st_wet_blast",
        "st_blast_steel",
        "st_caustic_dip",
    ];
    private static readonly string[] SolventTrim = ["p_gloss_alk", "p_egg_alk", "p_uc_alk", "p_wood_alk", "p_rad", "p_dtm"];
    private static readonly string[] WaterTrim = ["p_enamel_wb", "p_enamel_hyb", "p_uc_wb", "p_wood_ac"];

    /// <summary>All questions, S1 first.</summary>
    public static ImmutableArray<Question> All { get; } =
    [
        Steps(
            "S1",
            "first coat on bare plaster",
            "chosen by suction, strength and dryness: the cheapest that the ground allows",
            new("mist", "thinned wall paint", "se_mist"),
            new("sealer", "plaster sealer, or a stabilising sealer on weak plaster", "se_plaster", "se_stabilise", "pr_isolate")
        ),
        Steps(
            "S2",
            "primer on metal",
            "chosen by rust grade, exposure and required life",
            new("primer", "a primer on new work and bare spots", "sp_metal", "pr_steel", "pr_galv", "pr_epoxy"),
            new("one-product", "one product for metal", "sp_metal_one", "tc_metal", "tc_galv")
        ),
        Manner(
            "S3",
            "filling",
            "chosen by what the filler must stick to; exposed filler is always sealed",
            In(Group.Fill),
            new("after-sealer", "after the sealer where edges keep lifting"),
            new("before-primer", "before the primer on firm work")
        ),
        Manner(
            "S4",
            "sanding",
            "keying comes before the coat, denibbing after it; re-prime where it is sanded through",
            In(Group.Abrade),
            new("before-priming", "before priming"),
            new("prime-then-sand", "prime, then sand")
        ),
        Manner(
            "S5",
            "washing",
            "decontaminate before abrading, dust off after",
            In(Group.Clean),
            new("before-abrading", "before abrading"),
            new("after-dry-work", "after all dry work")
        ),
        Steps(
            "S6",
            "cleaner",
            "chosen by soil, ground and the next coat",
            new("detergent", "detergent or phosphate wash, rinsed", "cl_sugar_soap", "cl_degrease"),
            new("spirit", "spirit and water", "cl_spirit_wash", "cl_solvent_wipe")
        ),
        Steps(
            "S7",
            "heavy paint",
            "chosen by trial patch, lead first; flame is never offered, hot air only where lead is ruled out",
            new("gel", "solvent gel", "st_solvent"),
            new("paste", "alkaline paste", "st_alkaline_poultice"),
            new("heat", "infrared, or hot air where lead is ruled out", "st_ir", "st_heatgun"),
            new("steam", "steam", "st_steam_paint"),
            new("machine", "a shrouded sander on flat work", "st_shroud_sand")
        ),
        Steps(
            "S8",
            "how far back",
            "chosen zone by zone, by bond tests",
            new("bare", "to bare", Strips),
            new("firm-edge", "to a firm edge, bind what lifts, keep and key what resists", "se_peelbond", "ls_feather", "ls_feather_wet")
        ),
        Manner(
            "S9",
            "grit",
            "chosen by purpose: remove, level, key, denib",
            In(Group.Abrade, Group.Denib),
            new("coarse", "coarse: 60 to 120"),
            new("fine", "fine: 180 to 320")
        ),
        Steps(
            "S10",
            "abrade wet or dry",
            "wet where lead is not ruled out; never wet on raw fibreboard, bare gypsum or bare iron",
            new("wet", "wet", "st_wet_abrade", "ls_wet_scrape", "ls_feather_wet", "ab_wood_bare_wet", "ab_fill_wet", "dn_wet"),
            new("dry", "dry", "ab_gloss", "ls_scrape_loose", "ls_feather", "ab_wood_bare", "ab_fill", "dn_between", "st_scrape_dry")
        ),
        Steps(
            "S11",
            "power sanding",
            "never a disc on timber; along the grain",
            new("hand", "by hand only", "ab_gloss", "st_wet_abrade", "ab_wood_bare", "ab_wood_bare_wet"),
            new("power", "with a shrouded machine", "st_shroud_sand", "ab_power_dry")
        ),
        Steps(
            "S12",
            "rusty metal",
            "chosen by rust grade and sheet thickness",
            new("hand", "scraper, mesh, paper, wire", "ls_wire_hand", "ab_metal_hand"),
            new("power", "power tools, worn flap disc on the worst", "ab_metal_power", "ab_metal_shroud")
        ),
        Manner(
            "S13",
            "wait between coats",
            "least, advised and latest are shown; the plan waits as advised",
            Coats,
            new("label", "the least on the label"),
            new("longer", "longer than the label; next day")
        ),
        Manner("S14", "joint filler wait", "the longer", In(Group.Caulk), new("short", "30 minutes"), new("long", "2 hours and more, and be sure")),
        Manner("S15", "film", "the product's film target", OverAll, new("liberal", "liberal coats"), new("thin", "thin, and more coats")),
        Manner(
            "S16",
            "thinning",
            "per product, with an alarm past its cap",
            (o, _) => o.Role != CoatRole.None && o.Dilution is null,
            new("first-or-spray", "first coat or spray only, within the cap"),
            new("none", "none")
        ),
        Manner(
            "S17",
            "mixing",
            "a property of the product",
            Coats,
            new("box", "stir hard, pour between cans, box all cans of a colour"),
            new("still", "never stir a gel paint")
        ),
        Manner("S18", "topcoats", "hiding computed, two for durability", Finish, new("two", "two"), new("one", "one over a good primer; inspect, then decide")),
        Steps(
            "S19",
            "sheen on walls",
            "chosen by wear, washing and texture",
            Of("sheen", "more sheen where hands and water come", [], ["p_emul_silk", "p_emul_kb"]),
            Of("matt", "matt to calm brick, ceilings and old walls", [], ["p_emul_contract", "p_emul_dur", "p_casein"])
        ),
        Steps(
            "S20",
            "trim paint",
            "chosen by compatibility, odour, hours and yellowing",
            Of("solvent", "solvent enamel", ["uc_alkyd", "tc_gloss"], SolventTrim),
            Of("waterborne", "waterborne enamel", ["uc_wb", "tc_wb_trim"], WaterTrim)
        ),
        Manner("S21", "edges", "chosen by skill and element; grease spoils the bond", Finish, new("tape", "tape all"), new("hand", "steady hand, shield")),
        Manner(
            "S22",
            "paint on glass",
            "either; the finished lap is the same, 1.6 to 2 mm",
            On(Finish, Element.Window, Element.Door),
            new("tape-back", "tape set back 1.6 to 2 mm"),
            new("scrape", "paint over, scrape inset when dry")
        ),
        Manner("S23", "fittings", "per item, with a refit list", In(Group.Protect), new("off", "take off"), new("mask", "mask or work round")),
        Manner(
            "S24",
            "overnight, same colour",
            "chosen by paint base and tomorrow's colour",
            OverAll,
            new("bag", "bag or water, no wash, a fresh bag every night"),
            new("wash", "wash and wrap")
        ),
        Manner(
            "S25",
            "tools",
            "a tool's life in the store",
            Coats,
            new("old-for-rough", "new brushes on primer first, old stiff ones for masonry joints"),
            new("best", "best quality throughout, wet a new sleeve")
        ),
        Manner(
            "S26",
            "cutting in",
            "per coat, for a wet join",
            On(Finish, Element.Wall, Element.Ceiling),
            new("per-coat", "per coat"),
            new("both-first", "both cut-in coats first")
        ),
        Manner(
            "S27",
            "trim and walls",
            "chosen by who organises the trades",
            On(Finish, Element.Skirting, Element.Architrave, Element.Frame, Element.Sill),
            new("in-place", "trim fixed and painted in place"),
            new("loose", "trim painted loose on all faces, fixed after, touched up")
        ),
        new()
        {
            Id = "S28",
            Title = "damp and mould",
            Turns = Turns.Safety,
            Schools = [new("source-first", "find the source, dry, prove dry, then coat")],
            Default = "source first, always: sealing the entry and coating over it hides the damage",
        },
        Steps(
            "S29",
            "rust",
            "chosen by rust grade, exposure, heat and required life",
            new("convert", "convert, and coat all over with one product", "dc_rust_convert", "sp_metal_one", "tc_metal"),
            new("build", "abrade, prime, undercoat, topcoats", "sp_metal", "pr_steel", "pr_epoxy")
        ),
        Manner(
            "S30",
            "junction cracks",
            "chosen by movement, visibility and sanding",
            In(Group.Caulk),
            new("caulk", "flexible caulk"),
            new("filler", "filler, where nothing moves")
        ),
        Steps(
            "S31",
            "economy",
            "whole-job cost per year, not price per tin",
            Of("lasting", "dearer materials, fewer coats", [], ["p_emul_dur", "p_emul_kb", "p_pu2k_sb", "p_pu2k_wb", "p_siloxane"]),
            Of("basic", "basic paint, more coats", [], ["p_emul_contract", "p_gloss_alk", "p_masonry_ac"])
        ),
        Steps(
            "S32",
            "stripping at all",
            "identify timber and finish on a patch first; old decoration is a hold for consent",
            new("strip", "strip clear wood to show it", Strips),
            new("keep", "keep the film; old graining may be worth keeping", "ab_gloss", "st_wet_abrade")
        ),
    ];

    private static readonly FrozenDictionary<string, Question> ById = All.ToFrozenDictionary(q => q.Id);

    /// <summary>The question with this id, or null.</summary>
    public static Question? Find(string id) => ById.GetValueOrDefault(id);

    private static School Of(string id, string title, string[] operations, string[] products) => new(id, title, [.. operations], [.. products]);

    private static Question Steps(string id, string title, string why, params School[] schools) =>
        new()
        {
            Id = id,
            Title = title,
            Turns = Turns.Steps,
            Schools = [.. schools],
            Default = why,
        };

    private static Question Manner(string id, string title, string why, Func<Operation, Element, bool> at, params School[] schools) =>
        Steps(id, title, why, schools) with
        {
            Turns = Turns.Manner,
            At = at,
        };

    private static bool Coats(Operation operation, Element element) => operation.Role != CoatRole.None;

    private static bool OverAll(Operation operation, Element element) => operation.Role is not (CoatRole.None or CoatRole.Spot);

    private static bool Finish(Operation operation, Element element) => operation.Role == CoatRole.Finish;

    private static Func<Operation, Element, bool> In(params Group[] groups) => (o, _) => groups.Contains(o.Group);

    private static Func<Operation, Element, bool> On(Func<Operation, Element, bool> at, params Element[] elements) => (o, e) => at(o, e) && elements.Contains(e);
}
