import type { Phrase } from "../phrases";

/** What instruments and trials say. */
export const readings: Phrase[] = [
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
