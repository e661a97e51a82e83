import type { Facts } from "../api/client";

type Of<T extends keyof Facts> = { key: T; label: string; help: string };

export type Field =
  | (Of<keyof Facts> & { kind: "yesno" })
  | (Of<keyof Facts> & { kind: "percent" })
  /** `none`: nought means that there is none of it. */
  | (Of<keyof Facts> & {
      kind: "number";
      unit: string;
      least: number;
      most: number;
      step: number;
      none?: true;
    })
  /** `none`: the option that means that there is none of it. */
  | (Of<keyof Facts> & { kind: "pick"; options: [string, string][]; none?: string });

export type FieldGroup = { title: string; fields: Field[] };

const lead: [string, string][] = [
  ["provedAbsent", "proved absent, every layer"],
  ["confirmed", "found"],
  ["presumed", "presumed"],
];

/** What can be recorded of a condition, in the order in which it is met on the face. */
export const groups: FieldGroup[] = [
  {
    title: "Film",
    fields: [
      { key: "looseShare", kind: "percent", label: "Loose film", help: "Share that a blunt scraper lifts." },
      { key: "bareShare", kind: "percent", label: "Bare already", help: "Share where the substrate shows." },
      {
        key: "edges",
        kind: "pick",
        label: "Edges under the scraper",
        help: "Lifting: it goes on lifting however far it is chased, even in one corner.",
        options: [
          ["firm", "firm edge reached"],
          ["lifting", "keep lifting"],
        ],
      },
      { key: "powdery", kind: "yesno", label: "Powders after brushing", help: "Rub with a dark cloth." },
      {
        key: "key",
        kind: "pick",
        label: "Grip",
        help: "Shiny films need a key.",
        options: [
          ["toothy", "matt, toothy"],
          ["shiny", "shiny"],
          ["abraded", "abraded to matt"],
        ],
      },
      {
        key: "gloss60",
        kind: "number",
        label: "Gloss at 60°",
        unit: "GU",
        least: 0,
        most: 120,
        step: 1,
        help: "Over 30 is shiny.",
      },
      { key: "lumps", kind: "yesno", label: "Lumps, runs, ropes", help: "They show through every coat." },
    ],
  },
  {
    title: "Safety",
    fields: [
      {
        key: "lead",
        kind: "pick",
        label: "Lead",
        help: "Unknown is worked as lead where the age allows it.",
        options: lead,
        none: "provedAbsent",
      },
      {
        key: "asbestos",
        kind: "pick",
        label: "Asbestos",
        help: "Sampling is for trained people.",
        options: lead,
        none: "provedAbsent",
      },
      {
        key: "outlets",
        kind: "yesno",
        label: "Live outlets in the face",
        help: "Isolation is for a competent person.",
      },
      {
        key: "access",
        kind: "pick",
        label: "Reach",
        help: "By default from the height.",
        options: [
          ["inReach", "from the floor"],
          ["needsPlatform", "needs a platform"],
          ["platformUp", "platform stands"],
          ["fragile", "fragile underfoot"],
        ],
      },
      {
        key: "fragileFooting",
        kind: "yesno",
        label: "Fragile or not known to bear",
        help: "Never find out by stepping on it.",
      },
      {
        key: "wiringCondemned",
        kind: "yesno",
        label: "Condemned wiring",
        help: "Nothing goes on until an electrician has been.",
      },
      {
        key: "consent",
        kind: "pick",
        label: "Consent for old decoration",
        help: "Photograph it before it is touched.",
        options: [
          ["notNeeded", "not needed"],
          ["given", "given in writing"],
          ["waiting", "waiting"],
        ],
        none: "notNeeded",
      },
    ],
  },
  {
    title: "Damp and dirt",
    fields: [
      {
        key: "moisture",
        kind: "pick",
        label: "Moisture",
        help: "By a number: humidity at the face, or a pin meter.",
        options: [
          ["dry", "dry"],
          ["drying", "drying"],
          ["damp", "damp"],
          ["wet", "wet"],
        ],
      },
      {
        key: "dampSource",
        kind: "pick",
        label: "Source of damp",
        help: "Open holds the work.",
        options: [
          ["none", "no sign of damp"],
          ["cured", "found and mended"],
          ["open", "open"],
        ],
        none: "none",
      },
      {
        key: "soil",
        kind: "pick",
        label: "Soil",
        help: "Water that breaks into beads is grease.",
        options: [
          ["clean", "clean"],
          ["light", "light"],
          ["greasy", "greasy"],
          ["sooty", "sooty"],
        ],
        none: "clean",
      },
      { key: "mould", kind: "yesno", label: "Mould", help: "Grouped spots that clear under a chlorine drop." },
      {
        key: "mouldSource",
        kind: "pick",
        label: "Cause of mould",
        help: "Cold surface, wet air.",
        options: [
          ["none", "none"],
          ["cured", "put right"],
          ["open", "open"],
        ],
        none: "none",
      },
      { key: "salts", kind: "yesno", label: "Salts", help: "White needles or crust." },
      { key: "silicone", kind: "yesno", label: "Silicone", help: "Water beads near old sealant." },
      {
        key: "ph",
        kind: "number",
        label: "Surface pH",
        unit: "pH",
        least: 0,
        most: 14,
        step: 0.5,
        help: "Paper on a wet spot.",
      },
    ],
  },
  {
    title: "Stains",
    fields: [
      { key: "waterStainShare", kind: "percent", label: "Water stain", help: "Ring or patch of an old leak." },
      {
        key: "faintStain",
        kind: "yesno",
        label: "Stains are faint",
        help: "Pale, no dark edge: waterborne block will do.",
      },
      { key: "tar", kind: "yesno", label: "Nicotine or soot", help: "Alkaline wipe comes away brown." },
      { key: "ink", kind: "yesno", label: "Ink or marker", help: "Bleeds through every coat." },
      {
        key: "knots",
        kind: "number",
        label: "Knots that show",
        unit: "no.",
        least: 0,
        most: 9999,
        step: 1,
        none: true,
        help: "Sticky is live.",
      },
    ],
  },
  {
    title: "Shape and fabric",
    fields: [
      { key: "fillShare", kind: "percent", label: "To fill", help: "Hollows, holes, still cracks." },
      {
        key: "openJointM",
        kind: "number",
        label: "Open joint",
        unit: "m",
        least: 0,
        most: 9999,
        step: 0.5,
        none: true,
        help: "Length to caulk.",
      },
      {
        key: "fillDepthMm",
        kind: "number",
        label: "Deepest hollow",
        unit: "mm",
        least: 0,
        most: 500,
        step: 1,
        none: true,
        help: "Over 3 mm wants filler in layers.",
      },
      { key: "hollow", kind: "yesno", label: "Hollow plaster", help: "Dull and moves under the hand." },
      { key: "greyWood", kind: "yesno", label: "Grey weathered wood", help: "Tape brings grey fibre." },
      { key: "rot", kind: "yesno", label: "Decay", help: "An awl sinks more than 3 mm." },
      { key: "liveCrack", kind: "yesno", label: "Crack that moves", help: "0.2 mm a season or more." },
    ],
  },
  {
    title: "Metal and glass",
    fields: [
      {
        key: "rust",
        kind: "pick",
        label: "Rust",
        help: "Light: up to 1 % of the face. Scale: layers that chip off.",
        options: [
          ["none", "none"],
          ["light", "light"],
          ["heavy", "heavy"],
          ["scale", "scale"],
          ["converted", "converted, firm"],
        ],
        none: "none",
      },
      { key: "sharpEdges", kind: "yesno", label: "Sharp edges, welds", help: "A coat draws back from them." },
      { key: "looseFixings", kind: "yesno", label: "Loose fixings", help: "Screws and nails that turn or lift." },
      { key: "openLaps", kind: "yesno", label: "Gaping laps", help: "A knife blade goes in." },
      { key: "lapsTakeRivets", kind: "yesno", label: "A rivet goes in", help: "Else they are sealed." },
      {
        key: "holes",
        kind: "pick",
        label: "Holes",
        help: "Small: 5 mm at most.",
        options: [
          ["none", "none"],
          ["small", "small"],
          ["large", "large"],
        ],
        none: "none",
      },
      { key: "failedPutty", kind: "yesno", label: "Failed putty", help: "Cracked, loose, missing." },
      { key: "openEndGrain", kind: "yesno", label: "Open end grain", help: "Where the weather reaches it." },
      { key: "hotNow", kind: "yesno", label: "Heating on", help: "Work cold." },
    ],
  },
  {
    title: "Site",
    fields: [
      { key: "carved", kind: "yesno", label: "Carved or fine moulded", help: "Scrapers do not reach in." },
      { key: "removable", kind: "yesno", label: "Can be taken down", help: "Worked elsewhere, or dipped." },
      { key: "loosePaper", kind: "yesno", label: "Loose paper", help: "It comes off first." },
      { key: "glassNear", kind: "yesno", label: "Glass beside it", help: "No heat next to glass." },
      { key: "carpetNear", kind: "yesno", label: "Carpet beside it", help: "Wet work needs more cover." },
      { key: "occupied", kind: "yesno", label: "Occupied meanwhile", help: "Odour, dust, lead: plan around people." },
      { key: "power", kind: "yesno", label: "Power on site", help: "Electric tools." },
      { key: "water", kind: "yesno", label: "Water on site", help: "Washing." },
      {
        key: "serviceTempC",
        kind: "number",
        label: "Heat in service",
        unit: "°C",
        least: -60,
        most: 1000,
        step: 5,
        help: "Hottest that it gets.",
      },
    ],
  },
];
