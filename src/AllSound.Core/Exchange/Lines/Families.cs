using System.Collections.Immutable;
using System.Text.RegularExpressions;
using AllSound.Core.Materials;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Exchange;

/// <summary>
/// Words that leave open which of several operations is meant: "prime", "rub down", "wash". Whoever writes them leaves it to the ground, and an audit takes
/// what fits. Further words narrow it: "oil", "wet", "spot". Common practice.
/// </summary>
internal static partial class Families
{
    private static readonly string[] SpotCoats =
    [
        "sp_fill",
        "sp_wood",
        "sp_metal",
        "sp_galv",
        "sp_metal_one",
        "se_plaster",
        "se_mist",
        "se_stabilise",
        "pr_masonry",
        "pr_bond",
        "pr_alkali",
        "se_alkali",
    ];

    private static readonly string[] Blocks = ["sb_stain_alkyd", "sb_stain_shellac", "sb_stain_wb", "pr_stain_shellac", "sb_tannin", "sb_knot"];

    // What is laid as a finish; two-part epoxy is that too where nothing follows it.
    private static readonly string[] Finishes = [.. Operations.All.Where(o => o.Role == CoatRole.Finish && !o.Sprayed).Select(o => o.Id), "pr_epoxy"];

    // First coats of plaster and masonry: whoever names a primer for wood means none of them.
    private static readonly string[] MineralGround = ["se_plaster", "se_stabilise", "se_alkali", "pr_masonry", "pr_alkali", "pr_silicate", "pr_siloxane", "pr_isolate"];

    private static (Regex Said, string[] Operations)[] All =>
        field ??= [
            (Spot, SpotCoats),
            (
                Prime,
                [
                    "sp_wood",
                    "sp_metal",
                    "sp_galv",
                    "sp_fill",
                    "se_plaster",
                    "pr_bond",
                    "pr_steel",
                    "pr_galv",
                    "pr_nonferrous",
                    "pr_epoxy",
                    "pr_epoxy_tile",
                    "pr_floor",
                    "pr_masonry",
                    "pr_alkali",
                    "se_alkali",
                    "pr_silicate",
                    "pr_siloxane",
                    "pr_stain_shellac",
                    "pr_isolate",
                    "se_stabilise",
                ]
            ),
            (Undercoat, ["uc_alkyd", "uc_wb"]),
            (Block, Blocks),
            (Sealer, ["se_stabilise", "se_plaster", "pr_isolate", "se_mist", "pr_masonry", "se_limewater", "se_peelbond", "pr_bond"]),
            (Fill, ["rp_fine", "rp_crack", "rp_deep", "rp_wood_fill", "rp_metal_fill", "rp_lime_fill", "rp_render", "rp_patch", "fc_repoint", "ca_acrylic", "ca_hybrid"]),
            (Scrape, ["ls_scrape_loose", "ls_wet_scrape", "ls_wire_hand", "cl_dust_dry", "cl_algae_biocide", "dc_salts_brush"]),
            (
                Rub,
                [
                    "ab_gloss",
                    "st_wet_abrade",
                    "ab_wood_bare",
                    "ab_wood_bare_wet",
                    "ab_fill",
                    "ab_fill_wet",
                    "ab_tile",
                    "ab_plastic",
                    "ab_galv",
                    "ab_metal_hand",
                    "ab_metal_wet",
                    "ab_plaster",
                    "ab_lead_sheet",
                    "ab_edge",
                    "ab_concrete",
                    "ls_feather",
                    "ls_feather_wet",
                    "dn_between",
                    "dn_wet",
                    "st_shroud_sand",
                ]
            ),
            (Rust, ["ab_metal_hand", "ab_metal_wet", "ls_wire_hand", "ab_metal_power", "ab_metal_shroud", "ab_scale_hand", "ab_scale", "ab_galv", "dc_rust_convert"]),
            (
                Wash,
                [
                    "cl_sugar_soap",
                    "cl_degrease",
                    "cl_nicotine_wash",
                    "cl_spirit_wash",
                    "cl_soot_wash",
                    "cl_tile_clean",
                    "cl_rinse",
                    "dc_paste_wash",
                    "dc_metal_rinse",
                    "st_wash_distemper",
                ]
            ),
            (Rinse, ["cl_rinse", "dc_rinse_cleaner", "dc_metal_rinse", "dc_acid_rinse", "dc_paste_wash", "dc_neutralise_alk", "cl_sugar_soap"]),
            (Growth, ["cl_algae_biocide", "cl_mould_wash", "cl_mould_lime"]),
            (Dust, ["du_vac", "cl_dust_dry", "dc_lead_clean"]),
            (Dry, ["dr_natural", "dr_wait", "dr_wipe", "dr_harden", "dr_putty", "dr_warm", "dr_force"]),
            (Caulk, ["ca_acrylic", "ca_hybrid"]),
            (Strip, ["st_solvent", "st_alkaline_poultice", "st_ir", "st_heatgun", "st_steam_paint", "st_soak_scrape", "st_scrape_dry", "st_wash_distemper"]),
            (Dewax, ["cl_wax", "st_wax_solvent"]),
            (Grind, ["ab_concrete", "st_grind_floor"]),
            (Stripe, ["dn_stripe", "sp_metal", "sp_galv"]),
            (Sheeted, ["mk_floor", "ms_lead_setup", "mk_edge", "mk_spray"]),
            (Mineral, ["tc_mineral", "pr_silicate"]),
            (Reach, ["ms_access", "ms_tower", "ms_scaffold"]),
            (Paint, Finishes),
        ];

    /// <summary>The first operation of the family that words speak of; null for none.</summary>
    public static Operation? First(string part) =>
        All.FirstOrDefault(f =>
            (f.Said.IsMatch(part) && !(CoatLed.IsMatch(part) && f.Operations.All(o => Operations.Find(o)!.Role == CoatRole.None)))
            && (f.Operations != Finishes || PaintNamed.IsMatch(part))
        )
            is { Operations: { } some }
        && !string.Equals(part.Trim(' ', '.'), "paint", StringComparison.OrdinalIgnoreCase)
            ? some.Select(o => Operations.Find(o)!).FirstOrDefault(o => Fits(part, o) && (o.Products.IsEmpty || o.Products.Any(p => Narrowed(part, p))))
                ?? Operations.Find(some[0])
            : null;

    /// <summary>True where words name a paint or a coat, and do not only say how or where one is laid.</summary>
    public static bool NamesPaint(string part) => PaintNamed.IsMatch(part) || CoatNamed.IsMatch(part);

    /// <summary>True where words tell that all of the face is done, and not all of a stain.</summary>
    public static bool AllOver(string part) => AllOverSaid.IsMatch(part);

    /// <summary>All operations of the families that words speak of.</summary>
    public static IEnumerable<string> Members(string part) =>
        All.Where(f => f.Said.IsMatch(part)).SelectMany(f => f.Operations).Where(o => Fits(part, Operations.Find(o)!));

    /// <summary>What else the words may mean, as an audit takes them: operations with a slash and a product where they narrow it.</summary>
    /// <param name="part">The words.</param>
    /// <param name="read">What they were read as first.</param>
    /// <param name="product">The product named; null for none.</param>
    public static ImmutableArray<string> Or(string part, Operation read, CoatingClass? product)
    {
        var others = All.Where(f =>
                f.Said.IsMatch(part)
                && !(read.Group == Treatment.Group.Strip && Stripped.IsMatch(part))
                && (
                    f.Operations.Contains(read.Id)
                    || (f.Operations == SpotCoats && read.Role != CoatRole.None)
                    || (f.Operations == Blocks && read.Role is CoatRole.Spot or CoatRole.Primer)
                )
            )
            .SelectMany(f => f.Operations)
            .Distinct(StringComparer.Ordinal)
            .Select(o => Operations.Find(o)!)
            .Where(o => Fits(part, o))
            .ToList();

        // A thinned first coat of wall paint is a mist coat, and the other way round.
        if (read.Id is "tc_emul_roll" or "se_mist" && Thinned.IsMatch(part))
        {
            others.AddRange([Operations.Find("se_mist")!, Operations.Find("tc_emul_roll")!]);
            // On what was filled it is the spot-priming of that.
            if (Patches.IsMatch(part))
            {
                others.Add(Operations.Find("sp_fill")!);
            }
        }

        // So is one of masonry paint a first coat on what is bare.
        if (read.Id == "tc_masonry" && Thinned.IsMatch(part))
        {
            others.AddRange([Operations.Find("pr_masonry")!, Operations.Find("pr_siloxane")!]);
        }

        // Primer-undercoat primes what is bare and undercoats what is not.
        if (read.Id == "sp_wood" && Undercoat.IsMatch(part))
        {
            others.Add(Operations.Find("uc_wb")!);
        }

        // Where the words leave some of its own products, it is one of them.
        if (product is null && read.Role is CoatRole.Spot or CoatRole.Primer && read.Products.Any(p => Narrowed(part, p)) && !read.Products.All(p => Narrowed(part, p)))
        {
            others.Add(read);
        }

        return
        [
            .. others
                .SelectMany(o =>
                    o.Products.IsEmpty
                        ? [o.Id]
                        : o
                            .Products.Where(p =>
                                p == product
                                || (
                                    Narrowed(part, p)
                                    && (
                                        product is null
                                            ? !(Rare.Contains(p.Cover) && PaintNamed.IsMatch(part))
                                                && !(p.Cover == Cover.DirectToMetal && Gloss.IsMatch(part) && !Metal.IsMatch(part))
                                            : Kindred(p, product) || Spot.IsMatch(part)
                                    )
                                )
                            )
                            .Select(p => $"{o.Id}/{p.Id}")
                )
                .Concat(read.Id == "tc_wb_trim" && Exterior.IsMatch(part) && Acrylic.IsMatch(part) ? MasonryAcrylic : [])
                .Distinct(StringComparer.Ordinal)
                .Where(id => id != read.Id),
        ];
    }

    // Acrylic for outside is one paint for wood and for masonry where it is sold by its sheen (North America, common practice).
    private static readonly string[] MasonryAcrylic = ["tc_masonry/p_masonry_ac"];

    // Nobody who speaks of matt or of paint means these.
    private static Cover[] Rare =>
        [
            Cover.Limewash,
            Cover.Silicate,
            Cover.SilicatePure,
            Cover.Casein,
            Cover.Linseed,
            Cover.Bitumen,
            Cover.Siloxane,
            Cover.HeatSilicone,
            Cover.Wax,
            Cover.Polish,
            Cover.Oil,
        ];

    // Of a kind as far as words tell: two parts or one, clear or not.
    private static bool Kindred(CoatingClass one, CoatingClass other) =>
        one.PotLifeHours is null == other.PotLifeHours is null
        && one.Clear == other.Clear
        && (one.Carrier == other.Carrier || one.PotLifeHours is not null)
        && (one.Cover == other.Cover || !(Own.Contains(one.Cover) || Own.Contains(other.Cover)));

    // Paints that nobody names in passing.
    private static readonly Cover[] Own = [.. Rare, Cover.Radiator, Cover.Floor, Cover.MetalAlkyd, Cover.DirectToMetal];

    /// <summary>Whether a product is one that words narrow to: by what carries it, and by its kind.</summary>
    public static bool Narrowed(string part, CoatingClass product) =>
        (!Oil.IsMatch(part) || product.Carrier is Carrier.Spirit or Carrier.Strong or Carrier.Alcohol or Carrier.None)
        && (!Water.IsMatch(part) || product.Carrier == Carrier.Water)
        && (!Shellac.IsMatch(part) || product.Carrier == Carrier.Alcohol)
        && (!TwoPart.IsMatch(part) || product.PotLifeHours is not null)
        // Nobody means a two-part finish in passing.
        && (product.PotLifeHours is null || product.Finishes.IsEmpty || TwoPart.IsMatch(part) || Polyurethane.IsMatch(part))
        && (!Exterior.IsMatch(part) || product.Finishes.IsEmpty || product.Life.Outside > 0)
        && (!WithWallPaint.IsMatch(part) || product.Cover == Cover.Emulsion)
        && (!ZincPhosphate.IsMatch(part) || product.Id is "p_znphos_wb" or "p_znphos_alk")
        && (!Clear.IsMatch(part) || product.Clear)
        && (!Epoxy.IsMatch(part) || product.Id is "p_epoxy_prim" or "p_epoxy_prim_wb" or "p_epoxy_mastic" or "p_floor_2k" or "p_tile_2k")
        && (!Acrylic.IsMatch(part) || product.Id != "p_enamel_hyb")
        && (product.Cover != Cover.AlkaliPrimer || Alkali.IsMatch(part))
        && (!Polyurethane.IsMatch(part) || product.Isocyanate || product.Clear)
        && (!Wall.IsMatch(part) || product.Finishes.Contains(FinishFamily.WallPaint))
        && (
            !Outside.IsMatch(part)
            || (product.Finishes.Contains(FinishFamily.Masonry) && product.Cover is not (Cover.Limewash or Cover.Silicate or Cover.SilicatePure))
            || product.Cover == Cover.Sealer
            || product.Finishes.IsEmpty
        )
        && (!Emulsion.IsMatch(part) || product.Finishes.IsEmpty || product.Cover == Cover.Emulsion)
        && (!Mineral.IsMatch(part) || product.Cover is Cover.Limewash or Cover.Silicate or Cover.SilicatePure)
        && Sheens.All(s => !s.Said.IsMatch(part) || product.Sheens.IsEmpty || product.Sheens.Contains(s.Sheen))
        && (!Bonding.IsMatch(part) || product.Id is "p_bond_wb")
        && (!Zinc.IsMatch(part) || product.Id is "p_galv_ac" or "p_epoxy_prim" or "p_bond_wb" or "p_zinc_rich" or "p_znphos_wb" or "p_znphos_alk");

    private static (Regex Said, Sheen Sheen)[] Sheens => field ??= [(Gloss, Sheen.Gloss), (Satin, Sheen.Satin), (Eggshell, Sheen.Eggshell), (Matt, Sheen.Matt)];

    /// <summary>True where words speak against an operation, though a phrase of it is said: what is sanded dull is not sanded off.</summary>
    /// <param name="part">The words.</param>
    /// <param name="operation">The operation.</param>
    internal static bool Never(string part, Operation operation) =>
        operation.Id switch
        {
            "ab_gloss" or "st_wet_abrade" or "ab_wood_bare" or "ab_wood_bare_wet" => EdgesOnly.IsMatch(part),
            "st_shroud_sand" => Dulled.IsMatch(part) && !SandOff.IsMatch(part),
            "st_scrape_dry" => Lifting.IsMatch(part),
            "st_paper_steam" => FilmNamed.IsMatch(part),
            "du_vac" => LineParts.Primes(part),
            "st_texture_wet" => Textures.IsMatch(part),
            "st_flame" => Lights.IsMatch(part),
            "cl_spirit_wash" when OnlyWiped.IsMatch(part) => true,
            "cl_spirit_wash" or "cl_soot_wash" or "cl_tile_clean" or "dc_metal_rinse" => Soap.IsMatch(part) && !Sooty.IsMatch(part),
            _ => false,
        };

    // Wet and dry are not the same, nor are spots and the whole, nor kinds of ground.
    internal static bool Fits(string part, Operation operation)
    {
        var wet =
            operation.Id
            is "st_wet_abrade"
                or "ab_wood_bare_wet"
                or "ab_fill_wet"
                or "ab_metal_wet"
                or "ls_feather_wet"
                or "dn_wet"
                or "ls_wet_scrape"
                or "ab_lead_sheet"
                or "ab_tile"
                or "ab_plastic"
                or "ab_galv";
        var dry = operation.Id is "ab_gloss" or "ab_wood_bare" or "ab_fill" or "ls_feather" or "dn_between" or "ls_scrape_loose" or "ab_plaster";
        return !(Denib.IsMatch(part) && operation.Group is Treatment.Group.Abrade or Treatment.Group.Loosen)
            && !(operation.Id is "ab_wood_bare" or "ab_wood_bare_wet" or "ab_plaster" && Keyed.IsMatch(part))
            && !(dry && Wet.IsMatch(part))
            && !(wet && operation.Id is not ("ab_tile" or "ab_plastic" or "ab_galv") && DrySaid.IsMatch(part))
            && !(operation.Role == CoatRole.Finish && PrimerNamed.IsMatch(part))
            && !(operation.Id == "pr_epoxy" && !Prime.IsMatch(part) && (!TwoPart.IsMatch(part) || FloorPaint.IsMatch(part)))
            && !(operation.Id == "ca_hybrid" && Acrylic.IsMatch(part))
            && !(operation.Id is "ca_acrylic" or "ca_hybrid" && !Caulk.IsMatch(part) && !Gap.IsMatch(part))
            && !(operation.Id == "mk_spray" && !Everything.IsMatch(part))
            && !(operation.Id == "st_shroud_sand" && !Extraction.IsMatch(part) && !SandOff.IsMatch(part))
            && !(operation.Id is "dc_neutralise_alk" or "dc_acid_rinse" && !Neutral.IsMatch(part))
            && !(operation.Id == "se_limewater" && !Lime.IsMatch(part))
            && !(operation.Id == "ab_concrete" && Rub.IsMatch(part) && !Coarse.IsMatch(part) && !Grind.IsMatch(part))
            && !(operation.Role == CoatRole.Primer && SpotOnFiller.IsMatch(part))
            && !(operation.Id is "sp_fill" or "sp_wood" && TilePrimer.IsMatch(part))
            && !(operation.Id is "sp_fill" && WoodPrimer.IsMatch(part) && !Spot.IsMatch(part) && !SpotOnFiller.IsMatch(part))
            && !(WoodPrimer.IsMatch(part) && MineralGround.Contains(operation.Id))
            && !(operation.Id is "sp_fill" && OneCoat.IsMatch(part) && !Spot.IsMatch(part))
            && !(operation.Role == CoatRole.Spot && Overall.IsMatch(part) && operation.Id is not "sp_wood" and not "sp_metal")
            && !(operation.Id.StartsWith("sp_metal", StringComparison.Ordinal) && Wood.IsMatch(part))
            && !(operation.Id is "sp_wood" or "se_plaster" or "sp_fill" && Metal.IsMatch(part))
            && !(operation.Id == "cl_algae_biocide" && !Green.IsMatch(part))
            && !(operation.Id is "fc_repoint" && !Repoint.IsMatch(part))
            && !(operation.Id is "rp_render" or "rp_patch" && !Patching.IsMatch(part))
            && !(operation.Id == "dc_lead_clean" && !Filtered.IsMatch(part))
            && !(operation.Id == "ms_lead_setup" && !Contained.IsMatch(part))
            && !(operation.Id == "st_wash_distemper" && !Off.IsMatch(part))
            && !(operation.Id is "ab_scale" or "ab_scale_hand" && !Scale.IsMatch(part))
            && !(operation.Id is "ls_wire_hand" or "ab_metal_hand" or "ab_metal_wet" or "ab_scale_hand" && Machine.IsMatch(part))
            && !(operation.Id == "ab_metal_wet" && Wired.IsMatch(part) && !Wet.IsMatch(part))
            && !(operation.Id == "dc_rust_convert" && Handled.IsMatch(part) && !Converted.IsMatch(part))
            && !(operation.Id == "ab_metal_shroud" && !Extraction.IsMatch(part))
            && !(operation.Id == "cl_rinse" && !Rinse.IsMatch(part))
            && !(operation.Id is "ab_tile" or "ab_plastic" or "ab_galv" or "ab_lead_sheet" && Machine.IsMatch(part))
            && !(operation.Id is "ls_feather" or "ls_feather_wet" && (Machine.IsMatch(part) || Overall.IsMatch(part)))
            && !Never(part, operation)
            && !(operation.Id == "dc_paste_wash" && !Paste.IsMatch(part))
            && !(operation.Id is "ab_power_dry" && !Machine.IsMatch(part));
    }
}
