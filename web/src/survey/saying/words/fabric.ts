import type { Phrase } from "../phrases";

/** What is wrong with the thing itself, and its shape. */
export const fabric: Phrase[] = [
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
  { key: "voidBehind", says: "void behind(?: it)?|dry ?fill behind(?: it)?|hollow (?:space|void) behind(?: it)?" },
  { key: "carved", says: "carved|fine(?:ly)? mou?ld(?:ed|ings?)|ornate|cornice detail" },
  { key: "binds", says: "binds|painted shut|sticks in the frame|sticks shut|won't (?:open|close)" },
  { key: "removable", says: "(?:can be |could be )?(?:taken|take|lifted?) (?:down|off)|removable|off its hinges" },
];
