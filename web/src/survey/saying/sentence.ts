import type { Catalogue, Surface } from "../../api/client";
import { type entriesOf, type Meaning, meanings, unproved } from "../say";
import { figures } from "./figures";
import { coatKeys, type Phrase, phrases } from "./phrases";

/** Something that one part of a sentence says. */
export type Piece = Meaning & {
  /** The words that say it. */
  words: string;
  /** "Maybe", "looks like": it goes to the notes and is not taken for found. */
  doubt: boolean;
};

/** What a sentence says, in its order, and the words of it that nothing was made of. */
export type Sentence = { pieces: Piece[]; left: string };

// Each way to say it by itself, or the first of two that fit would hide the longer.
const known = phrases.flatMap((phrase) =>
  ways(phrase.says).map((says) => ({ phrase, pattern: new RegExp(`(?<![a-z0-9-])(?:${says})(?![a-z])`, "g") })),
);

function ways(says: string): string[] {
  const out = [""];
  let depth = 0;
  for (const c of says) {
    depth += c === "(" ? 1 : c === ")" ? -1 : 0;
    if (c === "|" && depth === 0) out.push("");
    else out[out.length - 1] += c;
  }
  return out;
}

const doubts =
  /\b(?:maybe|perhaps|possibly|probably|might(?: be)?|may be|could be|looks? like|seems?(?: to be)?|appears? to be|i think|i guess|not sure(?: if| whether)?|not certain|suspect(?:ed|s)?|some kind of|sort of)\b|\?/g;
const denials =
  /\b(?:no(?:ne)?(?: signs?| traces?| evidence)?(?: of)?|not(?: any)?|without(?: any)?|never(?: any)?|free of|absence of|neither|nor|isn't|aren't|hasn't|doesn't|don't|cannot see|can't see|couldn't find|did not find|didn't find)\b/g;
const after =
  /^\s*(?:is |are |was |were |tested |:|=|-)*\s*(?:none|absent|negative|not (?:found|present|seen|there)|nil)\b/;
const fillers =
  /\b(?:the|a|an|is|are|was|were|it|its|it's|has|have|had|there|there's|here|some|any|of|about|around|roughly|approx|approximately|nearly|over|up to|on|in|at|to|from|with|and|or|nor|but|also|plus|very|quite|rather|old|existing|paint|painted|film|coats?|surface|wall|ceiling|still|now|all|this|that|these|one|i|see|saw|found|got|can|we|reads?|reading|says?|put|done|only|just|a few|several|lots?|bit|little|badly|slight(?:ly)?|off|through|out|class|grade|years?|fabric|house|built)\b/g;
const places =
  /\b(?:(?:to |on |at |in |near |round |around |by |beside |along |under |below |above |over |behind |next to |half ?way up )(?:the )?(?:(?:top|bottom|lower|upper|left|right|far|near|outer|inner|north|south|east|west)(?:[- ](?:hand|left|right|side))? ?)*(?:of )?(?:the )?(?:window|door|sill|skirting|base ?board|corner|base|foot|head|top|bottom|edge|edges|middle|centre|center|left|right|side|ceiling|floor|stairs?|hob|sink|bath|shower|radiator|chimney|gutter|pipe|arch|lintel|hatch|frame|rail|joint|joints|reveal|socket|switch|light|wall|north|south|east|west)(?: (?:of|by|under|above|below) the [a-z]+)?s?|(?:left|right|top|bottom|foot|middle) of the [a-z]+|(?:top|bottom|lower|upper) (?:left|right|half|third|corner))\b/;
const amount =
  /(-?\d+(?:[.,]\d+)?)(s)?\s*(%|°\s?[cf]|µm|um|microns?|mils?\b|mm\/month|millimet(?:re|er)s?|centimet(?:re|er)s?|met(?:re|er)s?\b|mm|cm|mg\/cm2|mg\/l|m\b|ft\b|feet\b|in\b|inch(?:es)?|gu\b|s\b|secs?\b|seconds?\b|k\b|c\b|f\b|coats?\b|years?\b|degrees?\b|wme\b|no\.)?/g;

type Named = ReturnType<typeof entriesOf>;
type Found = { phrase: Phrase; from: number; to: number; text: string };
type Amount = { value: number; unit: string | null; year: boolean; from: number; to: number };

/**
 * What is said of a surface, in one sentence or in several.
 * @param named What can be said of such a surface by its name, as `entriesOf` gives it.
 */
export function understand(text: string, catalogue: Catalogue, surface: Surface | undefined, named: Named): Sentence {
  const family = catalogue.substrates.find((s) => s.id === surface?.substrate)?.family;
  const entries = new Map(named.map((e) => [e.key, e]));
  const pieces: Piece[] = [];
  const left: string[] = [];
  let denied = false;
  const clauses = parted(figures(text.toLowerCase().replaceAll("’", "'")));
  clauses.forEach((clause, at) => {
    if (clause.turns) denied = false;
    const read = matches(clause.words);
    const bare = bareOf(clause.words, read);
    const own = [...clause.words.matchAll(denials)].filter((d) => !inside(d.index, read));
    // "No mould, salts or damp" denies all three; "no mould and salts" may mean either, so the salts are not taken.
    const listed = denied && bare && ends(clauses.slice(at).map((c) => c.words));
    const unclear = denied && !listed && bare && own.length === 0 && (clause.and || read.some((r) => noun(r)));
    const doubt = doubts.test(clause.words);
    doubts.lastIndex = 0;
    const amounts = amountsOf(clause.words, read);
    const place = placeOf(clause.words, read);
    const mine: Piece[] = [];
    const numberOf = paired(read, amounts, clause.words);
    for (const found of ordered(read, clause.words)) {
      const absent =
        found.phrase.absent === true ||
        (!found.phrase.whole &&
          (listed || own.some((d) => d.index < found.from) || after.test(clause.words.slice(found.to))));
      // "No edges keep lifting", "no lead negative by lab": denied twice, it could mean either.
      if (found.phrase.whole && own.some((d) => d.index < found.from)) continue;
      const said = numberOf.get(found) ?? [];
      const meaning = meant(found.phrase.key, { absent, said, place, entries, catalogue, family });
      if (!meaning) continue;
      mine.push({
        ...meaning,
        words: found.text,
        doubt,
        ...(unclear
          ? { does: `say "no ${found.text}" or "${found.text} seen"`, apply: null }
          : doubt
            ? { does: "not sure: to the notes", apply: noted(found.text) }
            : {}),
      });
    }
    const taken = [...numberOf.values()].flat();
    const year = amounts.find((a) => a.year && !taken.includes(a));
    if (year && read.length === 0 && own.length === 0) {
      taken.push(year);
      mine.push(dated(year, doubt));
    }
    const rest = leftover(clause.words, read, taken, place);
    // What the trade's words leave over may be the name of something in the catalogue; a denial is not guessed at.
    if (rest !== "" && own.length === 0 && !doubt && clauses.length > 1) {
      const found = meanings(clause.words, named)[0];
      if (found?.apply) {
        pieces.push({ ...found, words: clause.words.trim(), doubt });
        return;
      }
    }
    if (mine.length === 0 || rest !== "" || mine.some((m) => m.apply === null)) left.push(clause.words.trim());
    pieces.push(...mine);
    if (read.length > 0) denied = listed || (own.length > 0 && !doubt);
  });
  const settled = partlyBare(pieces, surface, entries);
  for (const [i, p] of settled.entries()) if (p !== pieces[i]) left.push(p.words);
  return { pieces: settled, left: left.join(", ") };
}

// Where there are coats, or a film that fails, "bare wood" is a part of it: how much is asked, and no coat is taken away.
function partlyBare(pieces: Piece[], surface: Surface | undefined, entries: Asked["entries"]): Piece[] {
  const film = pieces.some((p) => p.key !== "coats:none" && (coatKeys.has(p.key) || /^d_|Share$|^edges:/.test(p.key)));
  if (!film && !surface?.layers?.length) return pieces;
  return pieces.map((p) => {
    if (p.key !== "coats:none") return p;
    const share = entries.get("bareShare")?.mean({ words: [], absent: false, value: null, unit: null });
    return share ? { ...p, ...share } : p;
  });
}

type Clause = { words: string; and: boolean; turns: boolean };

// Parts of a sentence that each say something by themselves.
function parted(text: string): Clause[] {
  const out: Clause[] = [];
  // "But" and its like turn from what is denied to what is there.
  for (const [turns, clause] of text
    .split(/\b(?:but|plus|also|though|then)\b/)
    .flatMap((part, i) => part.split(/[,;\n·]|\.(?!\d)/).map((c, n) => [i > 0 && n === 0, c] as const))) {
    let and = false;
    for (const part of clause.split(/\band\b|&/)) {
      const before = out.at(-1);
      // "Lath and plaster", "sags and curtains": one thing of two words.
      const joined = and && before ? `${before.words}and${part}` : "";
      if (
        joined &&
        matches(joined).some((m) => m.from < (before?.words.length ?? 0) && m.to > (before?.words.length ?? 0) + 3)
      )
        out[out.length - 1] = { words: joined, and: before?.and ?? false, turns };
      else if (part.trim()) out.push({ words: part, and, turns: turns && !and });
      and = true;
    }
  }
  return out;
}

// The longest phrases, none over another, in the order of the words.
function matches(words: string): Found[] {
  const all: Found[] = [];
  for (const { phrase, pattern } of known)
    for (const m of words.matchAll(pattern))
      if (m[0].trim()) all.push({ phrase, from: m.index, to: m.index + m[0].length, text: m[0].trim() });
  all.sort((a, b) => b.to - b.from - (a.to - a.from) || a.from - b.from);
  const kept: Found[] = [];
  for (const found of all) if (!kept.some((k) => found.from < k.to && k.from < found.to)) kept.push(found);
  return kept.sort((a, b) => a.from - b.from);
}

// "Emulsion on old gloss": the gloss was there first.
function ordered(read: Found[], words: string): Found[] {
  const out = [...read];
  for (let i = 0; i + 1 < out.length; i++) {
    const [a, b] = [out[i], out[i + 1]] as [Found, Found];
    const between = words.slice(a.to, b.from);
    if (coat(a) && coat(b) && /\b(?:on|over|onto|on top of)\b/.test(between)) [out[i], out[i + 1]] = [b, a];
  }
  return out;
}

const coat = (f: Found) => coatKeys.has(f.phrase.key);

const inside = (at: number, read: Found[]) => read.some((r) => at >= r.from && at < r.to);

// Nothing but names: what a list is made of.
function bareOf(words: string, read: Found[]): boolean {
  let rest = words;
  for (const { from, to } of [...read].reverse()) rest = rest.slice(0, from) + rest.slice(to);
  return read.length > 0 && rest.replace(/\b(?:or|nor|any)\b/g, "").trim() === "";
}

// What a list of things denied is made of: "no mould, salts" may go on denying, "no mould, peeling" does not.
const noun = (f: Found) => !/^[sd]_|^on:/.test(f.phrase.key) && !coat(f);

// A list that a denial opened ends with "or".
function ends(clauses: string[]): boolean {
  for (const words of clauses) {
    const read = matches(words);
    if (/\b(?:or|nor)\b/.test(words)) return read.length > 0;
    if (!bareOf(words, read)) return false;
  }
  return false;
}

function amountsOf(words: string, read: Found[]): Amount[] {
  return [...words.matchAll(amount)]
    .filter((m) => !inside(m.index, read))
    .map((m) => {
      const value = Number((m[1] ?? "").replace(",", "."));
      const year = /^(?:1[6-9]|20)\d\d$/.test(m[1] ?? "") && !m[3];
      return {
        value,
        unit: m[3]?.replace(/\s/g, "") ?? null,
        year,
        from: m.index,
        to: m.index + m[0].trimEnd().length,
      };
    });
}

// Each number to the thing beside it: the one before it where that lacks a number, else the one after it.
function paired(read: Found[], amounts: Amount[], words: string): Map<Found, Amount[]> {
  const to = new Map<Found, Amount[]>();
  for (const a of amounts) {
    const before = read.filter((r) => r.to <= a.from).at(-1);
    const next = read.find((r) => r.from >= a.to);
    const leads =
      /^coats?$/.test(a.unit ?? "") || (a.year && next !== undefined && words.slice(a.to, next.from).trim() === "");
    const free = (f: Found | undefined) => f !== undefined && !(to.get(f) ?? []).some((x) => x.year === a.year);
    const choice = leads && free(next) ? next : free(before) ? before : free(next) ? next : undefined;
    if (choice && (!a.year || coat(choice))) to.set(choice, [...(to.get(choice) ?? []), a]);
  }
  return to;
}

function placeOf(words: string, read: Found[]): string | null {
  const m = places.exec(words);
  if (!m || (inside(m.index + 3, read) && inside(m.index + m[0].length - 1, read))) return null;
  return m[0].trim();
}

function leftover(words: string, read: Found[], taken: Amount[], place: string | null): string {
  let rest = words;
  for (const span of [...read, ...taken].sort((a, b) => b.from - a.from))
    rest = `${rest.slice(0, span.from)} ${rest.slice(span.to)}`;
  if (place) rest = rest.replace(place, " ");
  return rest
    .replace(doubts, " ")
    .replace(denials, " ")
    .replace(after, " ")
    .replace(fillers, " ")
    .replace(/[^a-z0-9]+/g, " ")
    .trim();
}

const noted = (words: string) => (s: Surface) => ({
  ...s,
  notes: [s.notes, `Perhaps: ${words}.`].filter(Boolean).join(" ").slice(0, 4000),
});

function dated(year: Amount, doubt: boolean): Piece {
  const text = `of about ${year.value}`;
  return {
    key: "year",
    title: `Fabric ${text}`,
    words: String(year.value),
    doubt,
    does: doubt ? "not sure: to the notes" : `put there about ${year.value}`,
    apply: doubt ? noted(text) : (s) => ({ ...s, year: year.value }),
  };
}

type Asked = {
  absent: boolean;
  said: Amount[];
  place: string | null;
  entries: Map<string, Named[number]>;
  catalogue: Catalogue;
  family: string | undefined;
};

// What a denial says, where it does not say simply "absent" of the same thing.
const denial: Record<string, string> = {
  "rust:light": "rust:none",
  "rust:heavy": "",
  "moisture:damp": "dampSource:none",
  "dampSource:open": "",
  "soil:greasy": "!s_grease",
  "soil:light": "soil:clean",
  outlets: "T_outlets:none",
};

// Facts whose share of the face is a fact of its own: "mould 10 %" says both.
const shares: Record<string, string> = { mould: "mouldShare", salts: "saltShare", tar: "tarShare", ink: "inkShare" };

const MostCoats = 20;

function meant(key: string, asked: Asked): Meaning | null {
  const { absent, said, place, entries, catalogue, family } = asked;
  const count = said.find((a) => !a.year);
  const year = said.find((a) => a.year);
  if (key.startsWith("bare:")) return unproved(key === "bare:lead" ? "Lead" : "Asbestos");
  if (key === "coats:none") return { key, title: "No coat on it", does: "bare", apply: (s) => ({ ...s, layers: [] }) };
  if (key.startsWith("on:")) {
    const ground = catalogue.substrates.find((s) => s.id === key.slice(3));
    if (!ground || absent) return null;
    return { key, title: ground.title, does: "what it is made of", apply: (s) => ({ ...s, substrate: ground.id }) };
  }
  let to = key === "T_damp" ? (family === "wood" ? "T_damp_wood" : "T_damp_pin") : key;
  let gone = absent;
  if (absent && to in denial) {
    const turned = denial[to] ?? "";
    if (turned === "") return null;
    gone = turned.startsWith("!");
    to = turned.replace("!", "");
  } else if (absent && /^T_|^[a-zA-Z]+:/.test(to)) return null;
  const entry = entries.get(to);
  if (!entry) return null;
  const sign = catalogue.signs.find((s) => s.id === to);
  const scale = catalogue.scales.find((s) => s.id === sign?.scale);
  const percent = sign && count?.unit === "%" && scale?.unit !== "%";
  // A crack is measured in its own scale; "mm" of a sign that has none is left for the eye.
  const strange = sign && count && !percent && !scale;
  const shown = to.includes(":") || percent || strange ? undefined : count;
  // "Gloss 55" is no coats: more than anybody lays is another number.
  if (catalogue.coatings.some((c) => c.id === to) && (count?.value ?? 1) > MostCoats) return null;
  const meaning = entry.mean({ words: [], absent: gone, value: shown?.value ?? null, unit: unitOf(shown) });
  if (!meaning?.apply) return meaning;
  const first = meaning.apply;
  const part = shares[to];
  if (part && count?.unit === "%" && !gone)
    return {
      ...meaning,
      does: `${meaning.does}, ${count.value} %`,
      apply: (s) => {
        const made = first(s);
        return { ...made, facts: { ...made.facts, [part]: count.value / 100 } };
      },
    };
  const share = percent ? count.value / 100 : null;
  if (sign)
    return {
      ...meaning,
      does: `${meaning.does}${share !== null ? `, ${count?.value} %` : ""}${place && !gone ? `, ${place}` : ""}`,
      apply: (s) => {
        const made = first(s);
        return {
          ...made,
          signs: (made.signs ?? []).map((x) =>
            x.sign === to && !gone
              ? { ...x, ...(share !== null ? { share } : {}), ...(place ? { where: place } : {}) }
              : x,
          ),
        };
      },
    };
  if (year && catalogue.coatings.some((c) => c.id === to))
    return {
      ...meaning,
      does: `${meaning.does}, ${year.value}`,
      apply: (s) => {
        const made = first(s);
        const layers = [...(made.layers ?? [])];
        const top = layers.pop();
        return { ...made, layers: top ? [...layers, { ...top, year: year.value }] : layers };
      },
    };
  return meaning;
}

const unitOf = (a: Amount | undefined) => {
  if (!a?.unit || /^(?:degrees?|no\.|wme)$/.test(a.unit)) return null;
  return a.unit
    .replace("°", "")
    .replace(/^milli.*/, "mm")
    .replace(/^centi.*/, "cm")
    .replace(/^met.*/, "m");
};

/** All of it, one after the other. */
export const take = (pieces: Piece[], surface: Surface): Surface =>
  pieces.reduce((s, piece) => (piece.apply ? piece.apply(s) : s), surface);
