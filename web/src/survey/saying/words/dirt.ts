import type { Phrase } from "../phrases";

/** Damp, dirt, growth and stains. */
export const dirt: Phrase[] = [
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
  { key: "moisture:damp", says: "damp(?: patch(?:es)?| spots?| to the touch)?(?! ?-?(?:proof|course))|moist" },
  { key: "moisture:drying", says: "dry(?:ing) out|still drying|green plaster|drying" },
  { key: "moisture:dry", says: "(?:bone |quite |fully |all )?dry(?: now| to the touch| throughout)?" },
  {
    key: "s_bridged",
    says: "(?:damp[- ]?(?:proof )?course|dpc) (?:is )?(?:bridged|buried|covered)|bridged (?:damp[- ]?(?:proof )?course|dpc)|(?:ground|soil|paving|render) (?:is )?(?:above|over) the (?:damp[- ]?(?:proof )?course|dpc)",
  },
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
