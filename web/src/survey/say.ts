import type { Catalogue, Schemas, Surface } from "../api/client";

/** Something that a line could mean. */
export type Meaning = {
  key: string;
  title: string;
  does: string;
  /** Null while a number is still wanted. */
  apply: ((surface: Surface) => Surface) | null;
};

type Entry = {
  key: string;
  title: string;
  words: string[];
  /** True when a number is part of what it says. */
  counts?: boolean;
  mean: (line: Line) => Meaning | null;
};

type Line = { words: string[]; absent: boolean; value: number | null; unit: string | null };

const split = (text: string) =>
  text
    .toLowerCase()
    .split(/[^a-z0-9.°µ%]+/)
    .filter(Boolean);

/** Reads a line such as "pin 18", "no ring", "loose 6", "peel 12 %", "temp 68 F". */
export function read(text: string): Line {
  let rest = text.trim();
  const absent = /^(!|no |not )/i.test(rest);
  rest = rest.replace(/^(!|no |not )\s*/i, "");
  const number = /(?:^|\s)(-?\d+(?:[.,]\d+)?)\s*([a-zA-Z%/µ°0-9]*)\s*$/.exec(rest);
  const value = number ? Number(number[1]?.replace(",", ".")) : null;
  if (number) rest = rest.slice(0, number.index);
  return { words: split(rest), absent, value, unit: number?.[2] || null };
}

/** Everything that can be said of a surface, best match first. */
export function meanings(text: string, entries: Entry[]): Meaning[] {
  const line = read(text);
  if (line.words.length === 0) return [];
  // "Not dry", "not sound" says that something is wrong, and not what.
  if (line.absent && line.words.every((w) => good.has(w))) return [];
  return entries
    .map((entry) => ({ entry, score: score(line.words, entry) + fits(line, entry) }))
    .filter((x) => x.score >= 1)
    .sort((a, b) => b.score - a.score || a.entry.title.length - b.entry.title.length)
    .map((x) => x.entry.mean(line))
    .filter((m) => m !== null)
    .slice(0, 7);
}

const good = new Set(
  "dry firm sound clean hard tight good full even flat smooth absent none clear fine stable".split(" "),
);

// "Not firm" is not "a firm edge is reached"; "no hit" is "no hit".
const turned = (line: Line, title: string) =>
  line.absent && !/^(?:no|none|not|nothing|never)\b/.test(title) && split(title).some((w) => line.words.includes(w));

// A number said speaks for what is counted or measured, a bare word for what is only seen.
const fits = (line: Line, entry: Entry) => ((line.value !== null) === (entry.counts === true) ? 0.6 : 0);

// Every word said must begin a word of the entry; earlier words and whole words count more.
function score(said: string[], entry: Entry): number {
  let sum = 0;
  for (const word of said) {
    const at = entry.words.findIndex((w) => w.startsWith(word));
    if (at < 0) return 0;
    sum += (entry.words[at] === word ? 2 : 1) + 1 / (at + 1);
  }
  return sum;
}

// Short words of the bag that no title holds.
const nicknames: Record<string, string> = {
  T_damp_pin: "pin wme damp",
  T_damp_wood: "pin mc timber wood",
  T_air_rh: "rh room air",
  T_surf_t: "temp face surface",
  T_dewpoint: "dew margin",
  T_ph: "ph",
  T_gloss: "gloss gu",
  T_dft: "dft film",
  T_crosscut: "crosscut cross",
  T_knife: "scrape scraper",
  T_tap: "tap hollow",
  T_drop: "drop suction",
  T_probe: "awl probe",
  T_salt_strip: "salts nitrate",
  T_crack_w: "crack",
};

export function entriesOf(catalogue: Catalogue, family: string | undefined): Entry[] {
  const entries: Entry[] = [];
  for (const field of catalogue.facts.flatMap((g) => g.fields)) entries.push(...ofField(field));
  for (const sign of catalogue.signs) {
    const scale = catalogue.scales.find((s) => s.id === sign.scale);
    entries.push({
      key: sign.id,
      title: sign.title,
      words: split(`${sign.id.slice(2).replaceAll("_", " ")} ${sign.title}`),
      counts: scale !== undefined,
      mean: (line) => {
        const present = !line.absent;
        if (!present && line.value !== null) return null;
        if (line.unit !== null && (!scale?.unit || !isUnit(line.unit, scale.unit)))
          return strange(sign.id, sign.title, line.unit, scale?.unit ? [scale.unit] : []);
        const measured = line.value !== null && scale?.unit ? line.value : null;
        const graded = line.value !== null && scale && !scale.unit ? String(line.value) : null;
        const klass = graded ? scale?.classes.find((c) => c.name === graded) : undefined;
        return {
          key: sign.id,
          title: sign.title,
          does: !present
            ? "looked for, absent"
            : measured !== null
              ? `seen, ${measured} ${scale?.unit}`
              : klass
                ? `seen, class ${klass.name}: ${klass.words}`
                : "seen",
          apply: (s) => ({
            ...s,
            signs: [
              ...(s.signs ?? []).filter((x) => x.sign !== sign.id),
              {
                sign: sign.id,
                present,
                ...(measured !== null ? { measure: measured } : {}),
                ...(klass ? { grade: klass.name } : {}),
              },
            ],
          }),
        };
      },
    });
  }
  for (const check of catalogue.checks) {
    if (family && check.grounds.length > 0 && !check.grounds.includes(family as Schemas["SubstrateFamily"])) continue;
    if (check.unit) entries.push(ofReading(check));
    for (const outcome of check.outcomes) {
      if (check.unit) continue;
      entries.push({
        key: `${check.id}:${outcome.id}`,
        title: `${check.title}: ${outcome.title}`,
        words: split(`${nicknames[check.id] ?? ""} ${check.title} ${outcome.title} ${outcome.id}`),
        mean: (line) =>
          line.absent && (!outcome.findsNone || turned(line, outcome.title))
            ? null
            : {
                key: `${check.id}:${outcome.id}`,
                title: `${check.title}: ${outcome.title}`,
                does: "check made",
                apply: (s) => ({
                  ...s,
                  readings: [...(s.readings ?? []), { check: check.id, outcome: outcome.id, at: now() }],
                }),
              },
      });
    }
  }
  for (const coating of catalogue.coatings)
    entries.push({
      key: coating.id,
      title: coating.title,
      words: split(`coat ${coating.title}`),
      mean: (line) =>
        line.absent
          ? null
          : line.unit !== null && !/^coats?$/i.test(line.unit)
            ? strange(coating.id, `Coat on top: ${coating.title}`, line.unit, ["coats"])
            : {
                key: coating.id,
                title: `Coat on top: ${coating.title}`,
                does: line.value ? `${line.value} coats` : "one coat",
                apply: (s) => ({
                  ...s,
                  layers: [
                    ...(s.layers ?? []),
                    { coating: coating.id, coats: Math.max(1, Math.round(line.value ?? 1)) },
                  ],
                }),
              },
    });
  return entries;
}

function ofReading(check: Schemas["CheckListing"]): Entry {
  return {
    key: check.id,
    title: check.title,
    words: split(`${nicknames[check.id] ?? ""} ${check.title}`),
    counts: true,
    mean: (line) => {
      const { value } = line;
      if (line.absent) return null;
      const known = [check.unit as string, ...check.otherUnits];
      const said = line.unit;
      const unit = said === null ? check.unit : known.find((u) => isUnit(said, u));
      if (unit === undefined) return strange(check.id, check.title, said as string, known);
      return {
        key: check.id,
        title: check.title,
        does: value === null ? `type a number in ${check.unit}` : `reads ${value} ${unit}`,
        apply:
          value === null
            ? null
            : (s) => ({ ...s, readings: [...(s.readings ?? []), { check: check.id, value, unit, at: now() }] }),
      };
    },
  };
}

// What can poison is absent by proof alone.
const proofAsked = new Set(["lead", "asbestos"]);

/** Words are no proof of what can poison: it stays presumed, and the way to know is told. */
export const unproved = (what: string): Meaning => ({
  key: `unproved:${what.toLowerCase()}`,
  title: `${what}: words are no proof`,
  does: `say how: "${what.toLowerCase()} negative by lab"; until then it stays presumed`,
  apply: null,
});

function ofField(field: Schemas["FactField"]): Entry[] {
  const set = (value: unknown) => (s: Surface) => ({ ...s, facts: { ...s.facts, [field.key]: value } });
  // Free words are typed in their box: nothing said could be told from them.
  if (field.kind === "words") return [];
  if (field.kind === "pick")
    return field.options.map(({ value, title: word }) => ({
      key: `${field.key}:${value}`,
      title: `${field.label}: ${word}`,
      words: split(`${field.label} ${word}`),
      mean: (line) =>
        line.absent && (value !== field.none || turned(line, word))
          ? null
          : line.absent && proofAsked.has(field.key)
            ? unproved(field.label)
            : {
                key: `${field.key}:${value}`,
                title: `${field.label}: ${word}`,
                does: "noted",
                apply: set(value),
              },
    }));
  return [
    {
      key: field.key,
      title: field.label,
      words: split(field.label),
      counts: field.kind !== "yesNo",
      mean: (line) => {
        if (field.kind === "yesNo")
          return {
            key: field.key,
            title: field.label,
            does: line.absent ? "no" : "yes",
            apply: set(!line.absent),
          };
        const counts = field.none !== null;
        if (line.absent && (!counts || line.value !== null)) return null;
        const unit = field.unit ?? "";
        const factor = line.unit === null || line.absent ? 1 : inUnit(line.unit, unit);
        if (factor === null) return strange(field.key, field.label, line.unit as string, [unit]);
        const value = line.absent ? 0 : line.value === null ? null : Number((line.value * factor).toPrecision(12));
        return {
          key: field.key,
          title: field.label,
          does: value === null ? `type a number in ${unit}` : `${value} ${unit}`,
          apply: value === null ? null : set(field.kind === "percent" ? value / 100 : value),
        };
      },
    },
  ];
}

// Units as they are typed: "mils" is mil, "µm" is um, "°F" is F, "percent" is %.
const plain = (unit: string) =>
  unit
    .toLowerCase()
    .replaceAll("µ", "u")
    .replaceAll("°", "")
    .replace(/^(percent|pct)$/, "%")
    .replace(/^(microns?|micrometres?|micrometers?)$/, "um")
    .replace(/^(mils|thou)$/, "mil")
    .replace(/^(inch|inches)$/, "in")
    .replace(/^(sec|secs|seconds?)$/, "s")
    .replace(/^gu$/, "gu");

const isUnit = (said: string, unit: string) => {
  const [a, b] = [plain(said), plain(unit)];
  return a === b || (a === "%" && b.startsWith("%"));
};

const metres: Record<string, number> = {
  m: 1,
  cm: 0.01,
  mm: 0.001,
  um: 0.000001,
  ft: 0.3048,
  in: 0.0254,
  mil: 0.0000254,
};

// What one of the unit said is in the unit wanted; null when the one is not of the other's kind.
function inUnit(said: string, wanted: string): number | null {
  if (isUnit(said, wanted)) return 1;
  const [from, to] = [metres[plain(said)], metres[plain(wanted)]];
  return from !== undefined && to !== undefined ? from / to : null;
}

// A unit that is not understood is said, and nothing is recorded under another.
const strange = (key: string, title: string, unit: string, known: string[]): Meaning => ({
  key,
  title,
  does:
    known.length > 0 ? `"${unit}" is not a unit of this: ${known.join(" or ")}` : `"${unit}" does not belong to this`,
  apply: null,
});

/** Local date and time to the second, as the job file writes it. */
export const now = () => {
  const d = new Date();
  return new Date(d.getTime() - d.getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
};
