import { useSyncExternalStore } from "react";

export type Terms = "british" | "american";
export type Units = "metric" | "us";

// One meaning, two ways to say it. Longer sayings first; the job file knows neither.
const american: [string, string][] = [
  ["methylated spirit", "denatured alcohol"],
  ["white spirit", "mineral spirits"],
  ["shellac knotting", "shellac knot sealer"],
  ["contract matt", "contractor flat"],
  ["durable matt", "washable flat"],
  ["matt emulsion", "flat latex paint"],
  ["silk emulsion", "satin latex paint"],
  ["wall emulsion", "latex wall paint"],
  ["dust sheet", "drop cloth"],
  ["pebbledash", "pebble dash"],
  ["skirting", "baseboard"],
  ["architrave", "casing"],
  ["plasterboard", "drywall"],
  ["emulsion", "latex paint"],
  ["cornice", "crown molding"],
  ["moulding", "molding"],
  ["render", "stucco"],
  ["filler", "spackle"],
  ["knotting", "knot sealer"],
  ["aluminium", "aluminum"],
  ["galvanised", "galvanized"],
  ["mould", "mold"],
  ["colour", "color"],
  ["vapour", "vapor"],
  ["grey", "gray"],
  ["fibreboard", "fiberboard"],
  ["fibre", "fiber"],
  ["litre", "liter"],
  ["metre", "meter"],
  ["tin", "can"],
  ["timber", "wood"],
  ["stabilising", "stabilizing"],
  ["matt", "flat"],
];
const finder = new RegExp(`\\b(${american.map(([british]) => british).join("|")})(s?)\\b`, "gi");
const table = new Map(american);

/** A text in American terms. */
export const americanised = (text: string) =>
  text.replace(finder, (_, found: string, plural: string) => {
    const word = table.get(found.toLowerCase()) ?? found;
    const capital = found[0] === found[0]?.toUpperCase() && found[0] !== found[0]?.toLowerCase();
    return (capital ? (word[0]?.toUpperCase() ?? "") + word.slice(1) : word) + (word.endsWith("s") ? "" : plural);
  });

const listeners = new Set<() => void>();
const read = () => ({
  terms: (localStorage.getItem("terms") === "american" ? "american" : "british") as Terms,
  units: (localStorage.getItem("units") === "us" ? "us" : "metric") as Units,
});
let current = read();

export const speech = {
  get: () => current,
  set(change: Partial<typeof current>) {
    for (const [key, value] of Object.entries(change)) localStorage.setItem(key, value);
    current = read();
    for (const listener of listeners) listener();
  },
};

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

const foot = 0.3048;
const trim = (value: number, digits: number) => Number(value.toFixed(digits)).toString();

// Rounded for people: a whole number from ten on, halves from two on, tenths below.
const rounded = (value: number) => {
  const step = value >= 10 ? 1 : value >= 2 ? 0.5 : 0.1;
  return Number((Math.round(value / step) * step).toFixed(1));
};

/** Hours of work for people: "7 h", "45 min". */
export const hoursText = (hours: number) =>
  hours > 0 && hours < 0.95 ? `${Math.max(5, Math.round((hours * 60) / 5) * 5)} min` : `${rounded(hours)} h`;

/** Days for people: "4 days", "1 day". */
export const daysText = (days: number) => `${rounded(days)} ${rounded(days) === 1 ? "day" : "days"}`;

/** Film thickness as this person wants it. */
export const filmText = (microns: number) =>
  current.units === "us" ? `${trim(microns / 25.4, 1)} mil` : `${Math.round(microns)} µm`;

/** Litres as this person wants them; null where metric, which has its own small units. */
export const gallonsText = (litres: number) =>
  current.units === "us" ? `${(litres / 3.785411784).toFixed(2)} gal` : null;

/** Words and units as this person wants them; what is stored is always the neutral meaning in SI. */
export function useSpeech() {
  const { terms, units } = useSyncExternalStore(subscribe, speech.get);
  const us = units === "us";
  return {
    terms,
    units,
    say: (text: string) => (terms === "american" ? americanised(text) : text),
    length: (metres: number) => (us ? `${trim(metres / foot, 1)} ft` : `${trim(metres, 2)} m`),
    area: (squareMetres: number) =>
      us ? `${trim(squareMetres / (foot * foot), 0)} ft²` : `${trim(squareMetres, 2)} m²`,
    lengthUnit: us ? "ft" : "m",
    toLength: (metres: number | null | undefined) =>
      metres === null || metres === undefined ? null : us ? Number((metres / foot).toFixed(3)) : metres,
    fromLength: (shown: number | null) => (shown === null ? null : us ? Number((shown * foot).toFixed(4)) : shown),
  };
}

// What names something in the program is data, whatever words it is made of.
const ids = new Set([
  "id",
  "surface",
  "check",
  "cause",
  "operation",
  "product",
  "chosen",
  "option",
  "sign",
  "element",
  "kind",
  "facts",
  "coating",
  "substrate",
]);

/** Answers of the server in the terms wanted. What people typed themselves is left as they typed it. */
export function translate(path: string, answer: unknown): unknown {
  if (current.terms === "british" || typeof answer !== "object" || answer === null) return answer;
  if (path.endsWith("/api/catalogue"))
    return deep(answer, new Set([...ids, "elements", "grounds", "unit", "otherUnits", "finishes", "scale"]));
  if (/\/surfaces\/[^/]+(\/(checks|impasse))?$/.test(path) || /\/(quantities|checks)$/.test(path))
    return deep(answer, ids);
  return answer;
}

function deep(value: unknown, keep: Set<string>): unknown {
  if (typeof value === "string") return americanised(value);
  if (Array.isArray(value)) return value.map((item) => deep(item, keep));
  if (typeof value === "object" && value !== null)
    return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, keep.has(k) ? v : deep(v, keep)]));
  return value;
}
