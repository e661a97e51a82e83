using System.Collections.Frozen;
using System.Collections.Immutable;
using AllSound.Core.Sources;

namespace AllSound.Core.Materials;

/// <summary>Things bought that are not coatings. Prices: judgement, order of magnitude.</summary>
public static class Sundries
{
    private static readonly Source Judgement = Source.Judgement;

    /// <summary>Fine surface filler, mixed.</summary>
    public static readonly Sundry FineFiller = new("s_filler", "fine surface filler", "kg", 5, [0.5, 1, 2.5], Judgement);

    /// <summary>Acrylic caulk.</summary>
    public static readonly Sundry Caulk = new("s_caulk", "acrylic caulk, 380 ml cartridge", "L", 7, [0.38], Judgement);

    /// <summary>Detergent wash concentrate.</summary>
    public static readonly Sundry Detergent = new("s_detergent", "alkaline detergent wash, concentrate", "L", 6, [0.5, 1], Judgement);

    /// <summary>Degreaser concentrate.</summary>
    public static readonly Sundry Degreaser = new("s_degreaser", "alkaline degreaser, concentrate", "L", 8, [0.5, 1], Judgement);

    /// <summary>Methylated spirit.</summary>
    public static readonly Sundry Alcohol = new("s_alcohol", "methylated spirit", "L", 6, [0.5, 1, 4], Judgement);

    /// <summary>Biocidal wash.</summary>
    public static readonly Sundry Biocide = new("s_biocide", "biocidal wash, ready to use", "L", 5, [1, 2.5], Judgement);

    /// <summary>Abrasive sheets.</summary>
    public static readonly Sundry Abrasive = new("s_abrasive", "abrasive sheet, wet-or-dry", "piece", 0.9, [1, 10], Judgement);

    /// <summary>Protective sheeting.</summary>
    public static readonly Sundry Sheeting = new("s_sheeting", "protective sheeting", "m2", 0.6, [20, 50], Judgement);

    /// <summary>Lead zone consumables: film, tape, bags, filters, wipes.</summary>
    public static readonly Sundry LeadKit = new("s_leadkit", "lead work consumables (film, tape, bags, wipes), set", "piece", 18, [1], Judgement);

    /// <summary>Hire of a tower with delivery, for one surface.</summary>
    public static readonly Sundry TowerHire = new("s_tower", "tower hire, delivered, a week", "piece", 140, [1], Judgement);

    /// <summary>Scaffold for one surface, put up and taken down.</summary>
    public static readonly Sundry ScaffoldHire = new("s_scaffold", "scaffold, put up, hired and taken down", "piece", 900, [1], Judgement);

    /// <summary>Stripping in a yard's tank, with carriage, for a square metre of face.</summary>
    public static readonly Sundry TankStripping = new("s_tank", "stripping in a tank off site, with carriage", "m2", 28, [1], Judgement);

    /// <summary>Wet blasting by a contractor with his plant, for a square metre.</summary>
    public static readonly Sundry WetBlasting = new("s_wetblast", "wet blasting by a contractor", "m2", 9, [1], Judgement);

    /// <summary>Blasting of steel with capture by a contractor with plant, media and crew, for a square metre.</summary>
    public static readonly Sundry CaptureBlasting = new("s_captureblast", "blasting with capture by a contractor", "m2", 32, [1], Judgement);

    /// <summary>Solvent gel stripper.</summary>
    public static readonly Sundry SolventGel = new("s_gel", "solvent gel stripper, non-chlorinated", "L", 14, [1, 2.5, 5], Judgement);

    /// <summary>Alkaline stripping paste.</summary>
    public static readonly Sundry AlkalinePaste = new("s_paste", "alkaline stripping paste", "kg", 7, [5, 15], Judgement);

    /// <summary>Coarse self-drilling screws with bonded washers.</summary>
    public static readonly Sundry Screws = new("s_screws", "coarse screws with bonded washers, longer than the old", "piece", 0.35, [50, 100], Judgement);

    /// <summary>Rivets.</summary>
    public static readonly Sundry Rivets = new("s_rivets", "sealed blind rivets", "piece", 0.2, [50, 100], Judgement);

    /// <summary>Hybrid sealant.</summary>
    public static readonly Sundry Silicone = new("s_silicone_seal", "sanitary silicone, 310 ml cartridge", "L", 24, [0.31], Judgement);

    /// <summary>Sealant.</summary>
    public static readonly Sundry Sealant = new("s_sealant", "paintable hybrid sealant, 290 ml cartridge", "L", 28, [0.29], Judgement);

    /// <summary>Rubberising sealer.</summary>
    public static readonly Sundry Rubberiser = new("s_rubber", "rubberising brush-on sealer", "L", 16, [1, 4], Judgement);

    /// <summary>Reinforcing fibre.</summary>
    public static readonly Sundry Fibre = new("s_fibre", "reinforcing fibre membrane", "m2", 4, [5, 10], Judgement);

    /// <summary>Two-part filler for wood or metal.</summary>
    public static readonly Sundry TwoPartFiller = new("s_filler_2k", "two-part filler", "kg", 14, [0.5, 1], Judgement);

    /// <summary>Deep filler.</summary>
    public static readonly Sundry DeepFiller = new("s_filler_deep", "deep filler, mixed", "kg", 2.5, [2.5, 5], Judgement);

    /// <summary>Render or plaster for patches.</summary>
    public static readonly Sundry Mortar = new("s_mortar", "matching mortar or plaster, mixed", "kg", 0.6, [12.5, 25], Judgement);

    /// <summary>Joint tape.</summary>
    public static readonly Sundry JointTape = new("s_joint_tape", "joint tape", "m", 0.1, [45, 90], Judgement);

    /// <summary>Rust converter.</summary>
    public static readonly Sundry RustConverter = new("s_converter", "rust converter", "L", 14, [0.5, 1, 2.5], Judgement);

    /// <summary>Mordant wash for new zinc.</summary>
    public static readonly Sundry Mordant = new("p_mordant", "mordant wash for new zinc", "L", 13.5, [1, 5], Source.Standard("ASTM D6386", Confidence.Judgement));

    /// <summary>Wood brightener.</summary>
    public static readonly Sundry Brightener = new("s_oxalic", "oxalic wood brightener", "kg", 9, [0.5, 1], Judgement);

    /// <summary>Glazing putty.</summary>
    public static readonly Sundry Putty = new("p_putty", "linseed or hybrid glazing putty", "kg", 5, [1, 5], Source.Standard("BS 544", Confidence.Judgement));

    /// <summary>Grout.</summary>
    public static readonly Sundry Grout = new("s_grout", "tile grout, mixed", "kg", 2, [2.5, 5], Judgement);

    /// <summary>White spirit.</summary>
    public static readonly Sundry Spirit = new("s_spirit", "white spirit", "L", 5, [1, 2.5, 5], Judgement);

    /// <summary>Tile descaler.</summary>
    public static readonly Sundry Descaler = new("s_descaler", "tile descaler, concentrate", "L", 7, [1], Judgement);

    /// <summary>Wood consolidant.</summary>
    public static readonly Sundry Consolidant = new("s_consolidant", "wood hardener", "L", 25, [0.5, 1], Judgement);

    /// <summary>Low-tack tape.</summary>
    public static readonly Sundry Tape = new("s_tape", "low-tack masking tape", "m", 0.12, [50], Judgement);

    /// <summary>Blasting media.</summary>
    public static readonly Sundry Media = new("s_media", "non-metallic blasting media", "kg", 0.8, [25], Judgement);

    /// <summary>Poultice for salts.</summary>
    public static readonly Sundry Poultice = new("s_poultice", "absorbent poultice", "kg", 2, [5, 20], Judgement);

    /// <summary>Weak acid rinse that neutralises alkaline stripper.</summary>
    public static readonly Sundry AcidRinse = new("s_acid_rinse", "citric or acetic neutralising rinse, ready to use", "L", 5, [1, 5], Judgement);

    /// <summary>Bicarbonate, which neutralises acid residue.</summary>
    public static readonly Sundry Bicarbonate = new("s_bicarbonate", "sodium bicarbonate", "kg", 4, [0.5, 1], Judgement);

    /// <summary>All of them.</summary>
    public static ImmutableArray<Sundry> All { get; } =
    [
        FineFiller,
        Caulk,
        Detergent,
        Degreaser,
        Alcohol,
        Biocide,
        Abrasive,
        Sheeting,
        LeadKit,
        SolventGel,
        AlkalinePaste,
        Screws,
        Rivets,
        Sealant,
        Silicone,
        Rubberiser,
        Fibre,
        TwoPartFiller,
        DeepFiller,
        Mortar,
        JointTape,
        RustConverter,
        Mordant,
        Brightener,
        Putty,
        Grout,
        Spirit,
        Descaler,
        Consolidant,
        Tape,
        Media,
        Poultice,
        AcidRinse,
        Bicarbonate,
        TowerHire,
        ScaffoldHire,
        TankStripping,
        WetBlasting,
        CaptureBlasting,
    ];

    private static readonly FrozenDictionary<string, Sundry> ById = All.ToFrozenDictionary(s => s.Id);

    /// <summary>The sundry with this id, or null.</summary>
    public static Sundry? Find(string id) => ById.GetValueOrDefault(id);
}
