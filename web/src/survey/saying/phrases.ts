/**
 * The trade's words for what can be recorded: a key of the catalogue, and the ways to say it as parts of a regular
 * expression on word boundaries. The longest that fits wins, so a special case may stand anywhere. A key is a sign, a
 * fact, a fact's choice ("edges:lifting"), a check or its outcome ("T_lead_lab:absent"), a coating or a substrate
 * ("on:gyp_old"). Common practice in the trade, British and American, from memory.
 */
export type Phrase = {
  key: string;
  says: string;
  /** A "no" in it is part of it: "edges not firm" is lifting edges. */
  whole?: boolean;
  /** What it says is an absence. */
  absent?: boolean;
};

const film = "(?:paint|film|coat(?:ing)?|finish|emulsion|gloss|top ?coat)";
const is = "(?:is |are |'s |has |have |was |were |it's )?";
const none = "(?:none|negative|nothing|clear|clean|absent|not found|free)";
const by =
  "(?:by |at |from |in |to |the |a |an |says |said |came back |result |report |test(?:ed)? |sample |was |is |: ?)*";

/** A coat by its names; said with "primer" or "undercoat" it is that. */
const coats: Phrase[] = [
  { key: "emul_silk", says: "silk(?: vinyl)?(?: emulsion)?|vinyl silk|satin emulsion|satin latex" },
  {
    key: "emul_matt",
    says: "(?:vinyl )?(?:matt?|flat|contract|trade)(?: vinyl)? (?:emulsion|latex|wall paint)|emulsions?|latex(?: paint)?|vinyl matt?|wall paint",
  },
  {
    key: "alkyd_gloss",
    says: "(?:oil |alkyd |solvent |oil-based |full )?gloss(?: paint| coat)?|enamel paint|oil paint|alkyds?",
  },
  { key: "eggshell_oil", says: "oil(?:-based)? eggshell|alkyd eggshell|oil satin|satinwood|eggshell" },
  {
    key: "eggshell_wb",
    says: "(?:acrylic|water-?based|waterborne) (?:eggshell|satin(?:wood)?)|kitchen(?: and bathroom)? paint",
  },
  { key: "enamel_wb", says: "(?:water-?based|waterborne|acrylic) (?:gloss|enamel)" },
  { key: "oil_lead", says: "lead(?:ed)? paint|old oil paint|white lead" },
  { key: "red_lead", says: "red lead(?: primer)?" },
  { key: "distemper_soft", says: "(?:soft |size )?distemper|whiting|calcimine|kalsomine" },
  { key: "distemper_oil", says: "oil[- ]?bound distemper|washable distemper|oil distemper" },
  { key: "limewash", says: "lime ?wash|whitewash" },
  { key: "casein", says: "casein(?: paint)?|milk paint" },
  { key: "silicate", says: "silicate(?: paint)?|mineral paint|waterglass paint" },
  { key: "masonry_ac", says: "(?:smooth |acrylic )?masonry paint" },
  { key: "masonry_elastic", says: "elastic masonry paint|elastomeric(?: paint| coating)?" },
  { key: "cement_paint", says: "cement paint" },
  { key: "bitumen", says: "bitumen(?: paint)?|black bitumen|asphalt paint" },
  { key: "coal_tar", says: "coal tar" },
  {
    key: "texture",
    says: "(?:unpainted )?textured? (?:coating|ceiling|paint|plaster)|stipple coating|popcorn ceiling",
  },
  { key: "varnish", says: "varnish(?:ed)?" },
  { key: "varnish_pu", says: "polyurethane(?: varnish)?|floor varnish|poly varnish" },
  { key: "shellac", says: "french polish|shellac(?:ked)?" },
  { key: "woodstain", says: "wood ?stain(?:ed)?" },
  { key: "wax", says: "wax(?:ed| polish)?|beeswax" },
  { key: "oil_finish", says: "oiled(?: finish)?|danish oil|linseed oil|teak oil|hardwax oil|tung oil" },
  { key: "graining", says: "grain(?:ed|ing) (?:under varnish|and varnish(?:ed)?)|scumble|graining" },
  { key: "dye", says: "wood dye|dyed wood" },
  { key: "powder", says: "powder[- ]coat(?:ed|ing)?" },
  { key: "plastisol", says: "plastisol|coil[- ]coat(?:ed|ing)?" },
  { key: "epoxy_2k", says: "(?:two[- ]pack |2 ?k |two[- ]part )?epoxy" },
  { key: "floor_paint", says: "floor paint|deck paint|garage floor paint" },
  { key: "intumescent", says: "intumescent(?: paint| coating)?|fire paint" },
  { key: "primer_rust", says: "(?:rust[- ]inhibit(?:ing|ive)|zinc phosphate|red oxide|metal) primer" },
  { key: "primer_oil", says: "oil primer|alkyd primer|oil undercoat|wood primer|pink primer" },
  { key: "primer", says: "(?:acrylic )?(?:primer|undercoat)" },
  { key: "unknown_paint", says: "old paint|painted before|some paint|unknown paint|kind of paint not known" },
  { key: "glue", says: "pva|glue size|sized" },
  { key: "repellent", says: "(?:clear )?water repellent|silicone water seal" },
];

const grounds: Phrase[] = [
  {
    key: "on:gyp_new",
    says: "(?:new|fresh|wet) (?:gypsum |finish )?(?:skim|plaster)|new gypsum|freshly (?:skimmed|plastered)",
  },
  { key: "on:gyp_old", says: "(?:old )?(?:gypsum|skim(?:med)?|finish plaster)(?: plaster| skim| coat)*|old plaster" },
  { key: "on:pboard", says: "plaster ?board(?:ed)?|dry ?wall|sheet ?rock|gypsum board|dry ?lin(?:ed|ing)" },
  { key: "on:lime_lath", says: "lath and plaster|lime on laths?|plaster (?:and|on) laths?|laths" },
  { key: "on:lime_old", says: "(?:old )?lime plaster|haired plaster|horsehair plaster" },
  { key: "on:lime_new", says: "(?:new|fresh) lime(?: plaster)?" },
  { key: "on:render_cem", says: "(?:sand[- ]?(?:and[- ])?cement |cement )?(?:render(?:ed)?|stucco)" },
  { key: "on:render_lime", says: "lime render|roughcast" },
  { key: "on:pebbledash", says: "pebble ?dash(?:ed)?|harling" },
  { key: "on:brick_soft", says: "soft (?:red )?bricks?|hand-?made bricks?|old soft bricks?" },
  { key: "on:brick_hard", says: "engineering bricks?|hard bricks?" },
  { key: "on:brick_face", says: "(?:facing )?brick(?:s|work)?" },
  { key: "on:conc_cast", says: "(?:cast |precast )?concrete" },
  { key: "on:block_agg", says: "block ?work|breeze ?blocks?|cinder ?blocks?|cmu|concrete blocks?" },
  { key: "on:stone_por", says: "sandstone|limestone|soft stone" },
  { key: "on:stone_dense", says: "granite|slate|hard stone" },
  { key: "on:sw", says: "soft ?wood|pine|deal|spruce|whitewood" },
  { key: "on:sw_resin", says: "pitch pine|larch|douglas fir|resinous (?:pine|softwood)|knotty pine" },
  { key: "on:hw_tan", says: "oak|chestnut|(?:western red )?cedar|redwood" },
  { key: "on:hw_oily", says: "teak|iroko" },
  { key: "on:hw_plain", says: "beech|maple|birch|poplar|ash wood|hard ?wood" },
  { key: "on:mdf", says: "m\\.?d\\.?f\\.?|fibre ?board" },
  { key: "on:ply", says: "ply(?:wood)?" },
  { key: "on:osb", says: "osb|chip ?board|strand board|particle board" },
  { key: "on:hardbd", says: "hard ?board" },
  { key: "on:steel", says: "(?:mild |bare )?steel" },
  { key: "on:iron_cast", says: "(?:cast|wrought)[- ]iron|iron(?:work)?" },
  { key: "on:galv_new", says: "(?:new|bright) (?:galvani[sz]ed(?: steel| iron)?|galv)" },
  { key: "on:galv_old", says: "(?:old |dull |weathered )?(?:galvani[sz]ed(?: steel| iron)?|galv|corrugated iron)" },
  { key: "on:alu", says: "aluminium|aluminum|alloy" },
  { key: "on:cu", says: "copper|brass|bronze" },
  { key: "on:tile_gl", says: "(?:glazed |bathroom |kitchen |wall )?til(?:es?|ed|ing)" },
  { key: "on:tile_un", says: "quarry tiles?|terracotta|unglazed tiles?" },
  { key: "on:paper_lin", says: "lining paper|wall ?paper|papered" },
  { key: "on:paper_vin", says: "vinyl (?:wall)?paper|washable paper|foil paper" },
  { key: "on:paper_relief", says: "wood ?chip|embossed paper|relief paper" },
  { key: "on:pvcu", says: "(?:u ?)?pvc(?:-?u)?|vinyl (?:frame|window|siding)" },
  { key: "on:lam", says: "melamine|laminate" },
  { key: "on:grp", says: "fib(?:re|er) ?glass|grp" },
  { key: "on:screed", says: "screed" },
];

const film_signs: Phrase[] = [
  {
    key: "d_peel",
    says: `peel(?:s|ing|ed)?(?: off)?|com(?:es|ing) off in (?:sheets|strips|ribbons)|hang(?:s|ing) off`,
  },
  { key: "s_sheets", says: "peel(?:s|ing)?(?: off)? in (?:sheets|ribbons)|sheets? of paint" },
  { key: "d_flake", says: `flak(?:es?|ing|ed|y)|scal(?:es|ing) off|brittle chips` },
  { key: "d_blister", says: "blister(?:s|ing|ed)?|bubbl(?:es?|ing|ed)(?: paint)?" },
  {
    key: "s_blist_wet",
    says: "(?:wet|watery) blisters?|blisters? (?:full of|hold(?:s|ing)?|with) (?:water|liquid)|water in the blisters?",
  },
  { key: "s_blist_dry", says: "dry blisters?|blisters? (?:is |are )?dry" },
  { key: "s_blist_sticky", says: "sticky (?:in|inside) the blisters?|sticky blisters?|blisters? (?:is |are )?sticky" },
  { key: "d_crack", says: "crack(?:s|ed|ing)?(?: through)?" },
  { key: "d_check", says: "check(?:s|ing)? (?:of|in) the film|fine cracks|hair(?:line)? cracks in the paint" },
  { key: "d_alligator", says: "alligator(?:ing|ed)?|crocodil(?:e|ing|ed)|gatoring" },
  { key: "d_mud", says: "mud[- ]?crack(?:s|ing|ed)?" },
  {
    key: "d_crazing_pl",
    says: "craz(?:ing|ed|e)|hairlines? (?:cracks? )?(?:in|all over) (?:the )?(?:plaster|render)|map cracks?",
  },
  { key: "s_crk_map", says: "random map cracks" },
  { key: "d_crack_str", says: "(?:straight|stepped|tapered|diagonal) crack" },
  {
    key: "liveCrack",
    says: "(?:live|moving|growing|working) crack|crack (?:that )?(?:moves|moving|opens and closes|keeps coming back|comes back)",
  },
  {
    key: "d_chalk",
    says: "chalk(?:s|ing|y|ed)?(?: on the hand)?|colou?r comes off on (?:my|the) hand|comes off on (?:my|the) (?:hand|palm|sleeve)",
  },
  { key: "powdery", says: "powder(?:y|s|ing)(?: after brushing)?|dusty" },
  { key: "d_fade", says: "fad(?:ed|ing)" },
  { key: "d_yellow", says: "yellow(?:ed|ing)" },
  { key: "d_tacky", says: "tacky|still (?:sticky|soft)|not (?:dried|drying|cured)|won't dry|never dried" },
  { key: "d_block", says: "(?:faces|sash(?:es)?|doors?) stick together|blocking" },
  { key: "d_wrinkle", says: "wrinkl(?:es?|ed|ing)|shrivel(?:led|s)?" },
  { key: "d_run", says: "runs(?: and sags)?|sag(?:s|ging)?|curtains|tears in the paint" },
  { key: "lumps", says: "lumps|lumpy|ropy|ropes" },
  { key: "d_orange", says: "orange peel" },
  { key: "d_brush", says: "brush ?marks|tramlines|heavy stipple" },
  { key: "d_bits", says: "bits in (?:it|the (?:paint|finish))|nibs|grit in the paint|dust in the finish" },
  { key: "d_flash", says: "flash(?:ing|es|ed)|sheen patch(?:es)?|patchy sheen" },
  { key: "d_grin", says: "grin(?:s|ning) through|shows? through|ghosts? through|old colou?r shows" },
  { key: "d_pinhole", says: "pin ?holes?" },
  { key: "d_ciss", says: "ciss(?:es|ing|ed)|fish ?eyes|crawl(?:s|ing|ed)" },
  { key: "d_bloom", says: "bloom(?:ed|ing)?|milky haze" },
  { key: "d_gloss_loss", says: "lost its (?:gloss|shine)|gloss (?:is )?gone|dulled" },
  {
    key: "d_intercoat",
    says: "(?:top coat|topcoat|new coat|last coat) (?:parts|lifts|comes off)(?: from the (?:old|coat below|undercoat))?|intercoat",
  },
  { key: "d_sapon", says: "soapy|saponif(?:ied|ication)" },
  { key: "s_runs", says: "sags and curtains" },
  { key: "looseShare", says: `loose(?: paint| film)?|${film} ${is}loose` },
  { key: "bareShare", says: "bare(?: already| patches| spots)?|down to bare (?:wood|plaster|metal)" },
  {
    key: "coats:none",
    says: "(?:all )?bare (?:wood|plaster|metal|steel|timber|brick|render)|unpainted|never (?:been )?painted|no paint (?:on it|at all)",
    whole: true,
  },
  {
    key: "edges:lifting",
    says: "edges? (?:keeps? |still )?lift(?:ing|s)?|edges? (?:won't|will not|do(?:es)?n't|do not|not) (?:hold|stop|feather|firm)|keeps? lifting|no firm edge",
    whole: true,
  },
  {
    key: "edges:firm",
    says: "edges? (?:are |is |all )?(?:firm|sound|tight|hold(?:s|ing)?)|firm edges?|feathers? (?:out|off) (?:well|firm)",
  },
  { key: "key:shiny", says: "(?:still )?shiny|glossy" },
  { key: "key:abraded", says: "(?:already )?(?:abraded|sanded|keyed|flatted|denibbed)(?: to matt?| down| back)?" },
  { key: "key:toothy", says: "toothy|good key" },
  { key: "softFilm", says: "last coat (?:is )?still soft|dents? with a (?:finger)?nail" },
  { key: "s_grease", says: "(?:solvent )?wipe comes away dirty|water beads up" },
  {
    key: "s_back_gloss",
    says: "backs? (?:of the (?:flakes?|chips?) )?(?:is |are )?(?:shiny|smooth and shiny|glossy)|shiny backs?",
  },
  {
    key: "s_back_powder",
    says: "backs? (?:of the (?:flakes?|chips?) )?(?:is |are |has |have )?(?:powdery|chalky|white powder|plaster on it)|(?:plaster|powder|chalk) on the backs?(?: of the (?:flakes?|chips?))?",
  },
  {
    key: "s_back_rust",
    says: "rust(?:y)? on the backs?(?: of the (?:flakes?|chips?))?|backs? (?:of the (?:flakes?|chips?) )?(?:is |are )?rusty",
  },
  { key: "s_back_fibre", says: "(?:grey |wood )?fibres? on the backs?(?: of the (?:flakes?|chips?))?" },
  { key: "s_no_prime", says: "no primer|never primed|not primed|unprimed|no mist coat", whole: true },
  {
    key: "s_new_work",
    says: "painted (?:too )?(?:soon|early|while (?:still )?(?:wet|green))|plaster was (?:still )?new when painted",
  },
  { key: "s_days", says: "failed (?:in|within|after) (?:a few |some |\\d )?days" },
  {
    key: "s_months",
    says: "failed (?:in|within) (?:a few |some |\\d )?months|failed (?:in|within) (?:a|the first|\\d) year",
  },
  {
    key: "s_years",
    says: "failed after (?:(?:some|many|several|[5-9]|\\d\\d) )?years|(?:stood|lasted|held) (?:for )?(?:[5-9]|\\d\\d|many) years",
  },
  {
    key: "s_all_over",
    says: "weak (?:all over|everywhere)|(?:comes off|fails) (?:all over|everywhere)|good (?:parts )?and bad alike",
  },
  { key: "s_local", says: "(?:only )?(?:in )?(?:local|a few) spots|only in places|here and there|one patch only" },
  { key: "s_sunny", says: "worst (?:on|in) the sun(?: side| face)?|south side is worst|sunny side" },
  { key: "s_hot", says: "over (?:a |the )?(?:radiator|stove|flue|hot pipe)|above (?:a |the )?radiator" },
  { key: "s_wear", says: "only where (?:it is |it's )?(?:touched|rubbed|knocked)|wear and tear|scuff(?:s|ed)?|worn" },
  {
    key: "s_kitchen",
    says: "near the (?:hob|cooker|stove|sink|bath)|by the (?:hob|cooker|sink|bath)|handled|round the handles?",
  },
  { key: "s_imperm", says: "cement render on (?:an? )?(?:old |soft |solid )*(?:wall|lime)|modern paint on lime" },
  {
    key: "s_thick",
    says: "(?:very |too )?thick (?:paint|film|build)|(?:many|8|9|1\\d|eight or more) (?:old )?(?:coats|layers)",
  },
];

const dirt: Phrase[] = [
  { key: "mould", says: "mou?ldy?|mildew" },
  { key: "s_black_spots", says: "black (?:or green )?(?:spots|specks)|black spotting" },
  {
    key: "mouldSource:cured",
    says: "(?:cause|source) of (?:the )?mou?ld (?:is |was )?(?:cured|mended|fixed|put right)",
  },
  {
    key: "mouldSource:open",
    says: "(?:cause|source) of (?:the )?mou?ld (?:is )?(?:open|not (?:cured|mended|fixed|put right))",
  },
  { key: "d_algae", says: "algae|green (?:slime|film|growth)|moss" },
  { key: "salts", says: "salts?" },
  { key: "d_effl", says: "efflorescence|(?:white |salt )(?:fluff|needles|bloom|crust|crystals)|fluffy white" },
  { key: "s_salt_pos", says: "salt strip (?:is |reads |shows )?(?:high|medium|positive)" },
  { key: "s_salt_pos", says: "salt strip (?:is |reads |shows )?(?:low|negative|clear)", whole: true, absent: true },
  {
    key: "dampSource:open",
    says: "leak(?:s|ing|y)?|water (?:still )?(?:comes|coming|getting) in|roof leaks?|gutter leaks?|damp source (?:is )?(?:open|not found)|(?:leak|damp) (?:is )?not (?:mended|fixed|found|cured)|drip(?:s|ping)",
  },
  {
    key: "dampSource:cured",
    says: "leak (?:is |has been |was |now )*(?:mended|fixed|repaired|cured|stopped|sorted)|(?:mended|fixed|repaired) (?:the )?leak|(?:roof|gutter|pipe|flashing) (?:has been |is |was |now )*(?:mended|fixed|repaired)|damp (?:is |was )?cured",
  },
  { key: "moisture:wet", says: "(?:wringing |soaking |wet )(?:wet|through)|soaked|saturated|wet to the touch" },
  { key: "moisture:damp", says: "damp(?: patch(?:es)?| spots?| to the touch)?|moist" },
  { key: "moisture:drying", says: "dry(?:ing) out|still drying|green plaster|drying" },
  { key: "moisture:dry", says: "(?:bone |quite |fully |all )?dry(?: now| to the touch| throughout)?" },
  { key: "d_tide", says: "tide ?(?:mark|line)s?" },
  {
    key: "d_waterstain",
    says: "water ?(?:stain|mark)(?:s|ed|ing)?|(?:brown|dry) ring|ring stain|old leak (?:stain|mark)|brown stain",
  },
  {
    key: "s_damp_low_grad",
    says: "rising damp|wet at the (?:base|bottom|foot)|damp (?:at|from) the (?:base|bottom|foot|skirting)",
  },
  { key: "s_damp_top", says: "(?:wet|damp)(?: patch)? (?:under|below) the (?:roof|gutter|pipe|sill|window)" },
  { key: "s_after_rain", says: "(?:worse|comes|appears|wet) (?:after|when it|with|in the) rain(?:s)?" },
  { key: "s_winter", says: "(?:comes|worse|wet) in (?:the )?winter|condensation|cold spots? in winter" },
  {
    key: "s_run_glass",
    says: "(?:water|condensation) (?:runs?|running) down the (?:glass|windows?|walls?|pipes?)|windows? stream(?:s|ing)?",
  },
  {
    key: "s_no_vent",
    says: "no (?:extract(?:or)?(?: fan)?|ventilation|fan)|badly ventilated|not ventilated",
    whole: true,
  },
  { key: "soil:greasy", says: "greas[ey]|greasy dirt|cooking grease|oily dirt" },
  { key: "soil:light", says: "dirty|grubby|light(?:ly)? (?:soiled|dirt)|dust and dirt|soiled" },
  { key: "soil:clean", says: "clean|washed(?: down)?" },
  {
    key: "tar",
    says: "nicotine|smok(?:er's|ers|ed in|e[- ]stain(?:s|ed)?|er)(?: room| house)?|tar stain(?:s)?|fire smoke|soot(?:y|ed)?",
  },
  { key: "s_tar", says: "brown liquor|brown on the wipe" },
  { key: "ink", says: "ink|felt[- ]?(?:tip|pen)|marker(?: pen)?|biro|ball ?point|crayon|graffiti|lipstick" },
  { key: "tannin", says: "tannin(?: bleed| stain)?|brown (?:extract|bleed)(?: of the wood)?|tea[- ]colou?red runs" },
  { key: "rustyNails", says: "(?:rust(?:y|ing)|bleeding) nails?(?: heads?)?|nail ?heads? rust(?:ing|y)?" },
  { key: "d_ghost", says: "ghost(?:ing|s)?(?: lines)?|pattern staining|dark lines over (?:the )?(?:joists|studs)" },
  { key: "silicone", says: "silicone(?: bead| sealant| residue)?" },
  {
    key: "d_dye_bleed",
    says: "(?:pink|red|blue|purple) (?:bleed|bleeding|coming through|stain)|colou?r bleed(?:s|ing)?",
  },
  { key: "d_bitumen_bleed", says: "brown halo|bitumen (?:is )?(?:bleed(?:s|ing)?|coming) through" },
  {
    key: "s_returns",
    says: "stain (?:keeps )?(?:comes|coming|returns|returning)(?: back)?(?: through)?|bleeds through (?:every|each) coat",
  },
  {
    key: "s_bleach_ok",
    says: "bleach (?:drop )?(?:clears|cleared|takes|took) (?:it|them)|(?:goes|went|clears) (?:with|under) bleach",
  },
  {
    key: "T_bleach_spot:stays",
    says: "bleach (?:does|did) (?:nothing|not (?:clear|shift|change) (?:it|them))|stays? under bleach",
    whole: true,
  },
  { key: "waterLies", says: "(?:water|puddles?) (?:lies|stands?|sits?|ponds?)(?: on it)?|ponding" },
];

const fabric: Phrase[] = [
  {
    key: "hollow",
    says: "hollow(?: plaster| render)?|blown(?: plaster| render)?|drummy|sounds? hollow|(?:plaster|render) (?:has )?(?:blown|come away)|loose plaster",
  },
  { key: "fillShare", says: "(?:to fill|holes? (?:and dents )?to fill|filling|dents|dings|filler (?:needed|wanted))" },
  {
    key: "fillDepthMm",
    says: "(?:deepest )?(?:hollow|hole|dent|gouge)s?(?: up to| of)? (?=\\d+(?:\\.\\d+)? ?(?:mm|cm))|deep",
  },
  {
    key: "openJointM",
    says: "open joints?|gaps? (?:along|at|in) the (?:joint|skirting|architrave|frame|edge)|gap to (?:caulk|fill)|open mitres?",
  },
  { key: "d_caulk_split", says: "(?:caulk|filler) (?:has )?(?:split|torn|cracked|pulled away)|split caulk" },
  {
    key: "s_pl_soft",
    says: "(?:soft|crumbly|crumbling|friable) (?:plaster|render)|plaster (?:is )?(?:soft|crumbl(?:y|es|ing)|rubs away)",
  },
  { key: "rot", says: "rot(?:ten|ted)?|decay(?:ed)?|soft wood under the awl|wood is soft|dry rot|wet rot" },
  { key: "greyWood", says: "gr[ea]y(?: weathered)? wood|weathered(?: gr[ea]y)?(?: wood)?|silvered" },
  { key: "knots", says: "knots?" },
  {
    key: "d_knot_ring",
    says: "knots? (?:are |is )?(?:bleed(?:s|ing)?|coming through|showing through)|bleeding knots?|knot rings?",
  },
  { key: "d_resin", says: "resin(?: bleed| weep(?:s|ing)| beads)?|pitch pockets?|sap" },
  { key: "openEndGrain", says: "(?:open |bare |unsealed )?end ?grain(?: open| bare)?" },
  { key: "d_grain_raise", says: "raised grain|furry grain|grain (?:has )?raised" },
  {
    key: "failedPutty",
    says: "(?:failed|cracked|missing|loose|perished|old|bad) (?:putty|glazing compound)|putty (?:is )?(?:failed|failing|gone|cracked|missing|loose|falling out|perished)|reputty",
  },
  { key: "rust:light", says: "(?:light|surface|slight|a little|some) rust(?:ing)?|rust(?:s|ing|y)?(?: spots?)?" },
  { key: "rust:heavy", says: "(?:heavy|bad|badly|deep|thick) rust(?:ed|y|ing)?|rusted (?:badly|through|deep)|pitted" },
  { key: "rust:scale", says: "(?:rust |mill )?scale(?! off)|layered rust|loose rust" },
  { key: "rust:converted", says: "converted rust|rust (?:has been )?converted" },
  {
    key: "s_rust_edge",
    says: "(?:rust|failure|fails|starts) (?:on|at|along) (?:the )?(?:edges|welds|bolts)(?: first)?",
  },
  { key: "d_white_rust", says: "white rust|zinc bloom" },
  { key: "sharpEdges", says: "sharp edges|sharp welds|burrs" },
  { key: "looseFixings", says: "loose (?:fixings?|screws?|bolts?|nails?)" },
  { key: "openLaps", says: "(?:open|gaping|sprung) laps?" },
  { key: "d_filiform", says: "filiform|worm (?:threads|tracks)" },
  { key: "d_pop", says: "(?:nail|screw) pops?|popped (?:nails|screws)|lime pops?" },
  { key: "d_joint_band", says: "(?:board |tape )?joint (?:band|ridge|shows)|taped joints? show(?:s|ing)?" },
  {
    key: "d_paper_lift",
    says: "(?:paper|seams?) (?:is |are )?(?:lifting|bubbling|open|coming away)|open seams?|bubbled paper",
  },
  { key: "loosePaper", says: "loose paper|paper (?:is )?(?:loose|hanging off)" },
  { key: "d_spall", says: "spall(?:s|ed|ing)?|frost damage|face (?:has )?(?:blown|gone)" },
  { key: "carved", says: "carved|fine(?:ly)? mou?ld(?:ed|ings?)|ornate|cornice detail" },
  { key: "binds", says: "binds|painted shut|sticks in the frame|sticks shut|won't (?:open|close)" },
  { key: "removable", says: "(?:can be |could be )?(?:taken|take|lifted?) (?:down|off)|removable|off its hinges" },
];

const safety: Phrase[] = [
  {
    key: "T_lead_lab:absent",
    says: `lead (?:${by})?${none} (?:by |at |from |in )?(?:the |a )?(?:lab(?:oratory)?)|(?:lab(?:oratory)?) ${by}(?:no lead|lead[- ]free|lead ${none}|negative for lead|free of lead)|lead (?:lab|laboratory)(?: test| result| report| sample)? ${by}${none}|no lead ${by}(?:lab|laboratory)|lead[- ]free ${by}(?:lab|laboratory)`,
    whole: true,
  },
  {
    key: "T_lead_lab:found",
    says: `lead ${by}(?:found|positive|confirmed) (?:by |at |from |in )?(?:the |a )?(?:lab(?:oratory)?)|(?:lab(?:oratory)?) ${by}(?:found lead|lead found|positive for lead|lead positive)|lead (?:lab|laboratory) ${by}positive`,
  },
  {
    key: "lead:confirmed",
    says: "lead (?:is |was )?(?:found|confirmed|positive|proved|present)|(?:there is|contains|has got|found) lead|positive for lead",
  },
  {
    key: "T_lead_swab:colours",
    says: "(?:lead )?swab (?:goes |went |turned |turns |is |was )?(?:red|pink|colou?rs|colou?red|positive)|lead swab positive",
  },
  {
    key: "T_lead_swab:no-colour",
    says: "(?:lead )?swab (?:is |was |shows |stays |stayed )?(?:negative|clear|no colou?r|nothing|colou?rless)|lead swab negative",
    whole: true,
  },
  { key: "T_lead_xrf", says: "(?:lead )?(?:xrf|x-?ray)(?: reads| reading| analy[sz]er)?(?: of lead)?" },
  {
    key: "bare:lead",
    says: "(?:no|not|without|free of|isn't|hasn't) (?:any )?lead|lead[- ]free|lead (?:tested )?(?:negative|none|clear|absent|not found)",
    whole: true,
  },
  {
    key: "bare:asbestos",
    says: "(?:no|not|without|free of|isn't) (?:any )?asbestos|asbestos[- ]free|asbestos (?:tested )?(?:negative|none|clear|absent|not found)",
    whole: true,
  },
  {
    key: "T_asb_lab:absent",
    says: `asbestos (?:${by})?${none} (?:by |at |from |in )?(?:the |a )?(?:lab(?:oratory)?)|(?:lab(?:oratory)?) ${by}(?:no asbestos|asbestos[- ]free|asbestos ${none}|negative for asbestos)|asbestos (?:lab|laboratory)(?: test| result| report| sample)? ${by}${none}|no asbestos ${by}(?:lab|laboratory)`,
    whole: true,
  },
  {
    key: "T_asb_lab:found",
    says: "(?:lab(?:oratory)?) (?:found|says) asbestos|asbestos (?:found|confirmed|positive) (?:by|at) (?:the )?lab(?:oratory)?",
  },
  { key: "asbestos:confirmed", says: "asbestos (?:is |was )?(?:found|confirmed|positive|present)|contains asbestos" },
  { key: "asbestos:presumed", says: "asbestos (?:is )?(?:possible|presumed|suspected)" },
  {
    key: "outlets",
    says: "(?:live )?(?:sockets?|outlets?|switch(?:es)?|power points?|receptacles?|light switch(?:es)?)",
  },
  { key: "wiringCondemned", says: "(?:condemned|bare|frayed|dodgy|damaged|bad) wir(?:ing|es?)" },
  {
    key: "vulnerable",
    says: "(?:small |young )?child(?:ren)?|kids|bab(?:y|ies)|toddlers?|pregnant(?: woman| client| wife)?|elderly|old people|somebody ill|asthma(?:tic)?",
  },
  { key: "pets", says: "pets?|dogs?|cats?|animals?|parrots?|caged birds?|fish ?tank|livestock" },
  { key: "occupied", says: "occupied|lived in|tenants? (?:in|stay(?:s|ing)?)|client (?:is )?living (?:there|in)" },
  { key: "publicNear", says: "public (?:passes|passing|path|nearby)|pavement below|passers-?by|street below" },
  { key: "flames", says: "pilot light|gas (?:fire|hob|boiler)|open fire|naked flames?" },
  { key: "nests", says: "nest(?:s|ing birds)?|bats?|birds nesting|swallows" },
  { key: "overheadLines", says: "overhead (?:lines?|cables?|wires?)|power lines?" },
  { key: "confined", says: "(?:tank|pit|void|confined space)" },
  { key: "runOff", says: "run-?off to (?:the )?(?:pond|garden|drain|river|stream)|pond (?:below|near)|river below" },
  { key: "access:needsTower", says: "needs? (?:a )?(?:tower|mewp)|tower (?:needed|wanted)" },
  { key: "access:needsScaffold", says: "needs? (?:a )?scaffold(?:ing)?|scaffold(?:ing)? (?:needed|wanted)" },
  { key: "access:needsPlatform", says: "needs? (?:a )?(?:platform|hop-?up|steps|ladder)|(?:platform|steps) needed" },
  { key: "access:platformUp", says: "(?:platform|scaffold|tower) (?:is )?(?:up|standing|in place|already there)" },
  { key: "access:inReach", says: "in reach|from the floor|reach(?:ed|able)? from the floor|within reach" },
  { key: "access:fragile", says: "fragile(?: roof| underfoot)?|roof (?:will|does) not bear" },
  { key: "workHeightM", says: "(?:work(?:ing)? )?height|high up(?: at)?" },
  { key: "power", says: "(?:no )?(?:mains )?power (?:on site|there|available)|electric(?:ity)? on site" },
  { key: "water", says: "(?:no )?(?:running )?water on site|tap on site" },
  { key: "consent:waiting", says: "listed(?: building)?|consent (?:needed|waiting|wanted)|waiting for consent" },
  { key: "consent:given", says: "consent (?:is |was )?(?:given|granted|in writing)" },
  { key: "hotNow", says: "(?:heating|radiator) (?:is )?(?:on|hot)|hot now" },
  { key: "fireRated", says: "fire[- ](?:rated|door)|escape route" },
];

const readings: Phrase[] = [
  {
    key: "T_damp",
    says: "(?:damp |moisture )?(?:pin(?:[- ]?meter)?|meter|wme|moisture(?: content)?|mc)(?: reads| reading| of| at| says| is)?",
  },
  { key: "T_air_rh", says: "(?:room |air )?(?:rh|humidity|relative humidity)(?: reads| of| at| is)?" },
  { key: "airTempC", says: "(?:air|room)(?: temp(?:erature)?)?(?: is| at| of)?(?= ?\\d)" },
  {
    key: "T_surf_t",
    says: "(?:surface|wall|face)(?: temp(?:erature)?)(?: is| at| of)?|temp(?:erature)?(?: of the (?:wall|face|surface))?",
  },
  { key: "T_ph", says: "ph(?: is| of| at| reads)?" },
  { key: "T_gloss", says: "gloss (?=[2-9]\\d\\b|1[0-2]\\d\\b)|(?:gloss meter|gu|gloss units)(?: reads| at)?" },
  { key: "T_dft", says: "(?:dft|film thickness|dry film)(?: of| is| at)?" },
  { key: "T_crack_w", says: "crack (?:width|wide|of)|cracks? (?=\\d)" },
  { key: "T_crosscut", says: "cross[- ]?cut(?: class| test| grade)?" },
  { key: "T_tap:hollow", says: "tap(?:s|ped)? (?:dull|hollow)|dull under the (?:knuckle|tap)" },
  {
    key: "T_tap:sound",
    says: "tap(?:s|ped)? (?:sound|solid|full)|sounds (?:solid|full|sound)|(?:not|isn't) (?:hollow|blown)",
    whole: true,
  },
  {
    key: "T_water_rub:smears",
    says: "smears? (?:in|with|under) (?:warm )?water|comes off (?:in|with) (?:warm )?water|water rub smears",
  },
  { key: "T_water_rub:nothing", says: "(?:water rub|warm water) (?:does nothing|nothing|no change)", whole: true },
  {
    key: "T_knife:firm",
    says: "scrapes? (?:firm|sound)|scraper (?:stops|reaches a firm edge)|nothing lifts under the scraper",
    whole: true,
  },
  { key: "T_knife:lifting", says: "scraper keeps lifting|keeps lifting under the scraper" },
  { key: "T_tape_snap:clean", says: "tape (?:comes away |is |comes off )?clean", whole: true },
  { key: "T_tape_snap:powder", says: "powder on the tape" },
  { key: "T_magnet:sticks", says: "magnet (?:sticks|holds)" },
  { key: "T_magnet:no", says: "magnet (?:does not|doesn't|won't) (?:stick|hold)|not magnetic", whole: true },
  { key: "T_rub:clean", says: "cloth (?:stays |is )?clean", whole: true },
  { key: "T_rub:powder", says: "powder on the cloth" },
];

/** Every phrase there is. */
export const phrases: Phrase[] = [...coats, ...grounds, ...film_signs, ...dirt, ...fabric, ...safety, ...readings];
