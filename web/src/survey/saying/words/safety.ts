import type { Phrase } from "../phrases";

const none = "(?:none|negative|nothing|clear|clean|absent|not found|free)";
const by =
  "(?:by |at |from |in |to |the |a |an |says |said |came back |result |report |test(?:ed)? |sample |was |is |: ?)*";

/** What can hurt, who is about, how it is reached. */
export const safety: Phrase[] = [
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
  { key: "confined", says: "confined space|(?:inside|in) (?:a |the )?(?:tank|pit|void)" },
  { key: "runOff", says: "run-?off to (?:the )?(?:pond|garden|drain|river|stream)|pond (?:below|near)|river below" },
  { key: "access:needsTower", says: "needs? (?:a )?(?:tower|mewp)|tower (?:needed|wanted)" },
  { key: "access:needsScaffold", says: "needs? (?:a )?scaffold(?:ing)?|scaffold(?:ing)? (?:needed|wanted)" },
  { key: "access:needsPlatform", says: "needs? (?:a )?(?:platform|hop-?up|steps|ladder)|(?:platform|steps) needed" },
  { key: "access:platformUp", says: "(?:platform|scaffold|tower) (?:is )?(?:up|standing|in place|already there)" },
  { key: "access:inReach", says: "in reach|from the floor|reach(?:ed|able)? from the floor|within reach" },
  {
    key: "access:fragile",
    says: "fragile (?:roof|underfoot|to walk on)|roof (?:is )?fragile|roof (?:will|does) not bear",
    whole: true,
  },
  { key: "workHeightM", says: "(?:work(?:ing)? )?height|high up(?: at)?" },
  { key: "power", says: "(?:mains )?power (?:on site|there|available)|electric(?:ity)? on site" },
  { key: "water", says: "(?:running )?water on site|tap on site" },
  { key: "consent:waiting", says: "listed(?: building)?|consent (?:needed|waiting|wanted)|waiting for consent" },
  { key: "consent:given", says: "consent (?:is |was )?(?:given|granted|in writing)" },
  { key: "hotNow", says: "(?:heating|radiator) (?:is )?(?:on|hot)|hot now" },
  { key: "fireRated", says: "fire[- ](?:rated|door)|escape route" },
];
