import type { Phrase } from "../phrases";

const film = "(?:paint|film|coat(?:ing)?|finish|emulsion|gloss|top ?coat)";
const is = "(?:is |are |'s |has |have |was |were |it's )?";

/** How a film fails, and how it holds. */
export const filmSigns: Phrase[] = [
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
  {
    key: "s_local",
    says: "(?:only )?(?:in )?(?:local|a few) spots|only in places|here and there|(?:one|1) patch only",
  },
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
