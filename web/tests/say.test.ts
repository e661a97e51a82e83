import { describe, expect, inject, test } from "vitest";
import type { Surface } from "../src/api/client";
import { entriesOf, type Meaning, meanings, now, read } from "../src/survey/say";

const catalogue = inject("catalogue");
const bare = { id: "wall", title: "Wall", element: "wall" } as Surface;
const say = (text: string, family?: string): Meaning[] => meanings(text, entriesOf(catalogue, family));
const first = (text: string, family?: string) => {
  const meaning = say(text, family)[0];
  if (!meaning) throw new Error(`nothing is understood by "${text}"`);
  return meaning;
};
const said = (text: string, family?: string, surface = bare) => {
  const { apply, title } = first(text, family);
  if (!apply) throw new Error(`"${title}" still wants a number`);
  return apply(surface);
};

describe("a line is parted into words, a number and its unit", () => {
  test.each([
    ["pin 18", ["pin"], 18, null, false],
    ["pin 18 %", ["pin"], 18, "%", false],
    ["loose 6%", ["loose"], 6, "%", false],
    ["temp 68 F", ["temp"], 68, "F", false],
    ["temp -3,5", ["temp"], -3.5, null, false],
    ["ph 8.5", ["ph"], 8.5, null, false],
    ["no ring", ["ring"], null, null, true],
    ["not powdery", ["powdery"], null, null, true],
    ["!mould", ["mould"], null, null, true],
    ["  Water   STAIN  ", ["water", "stain"], null, null, false],
    ["crack 0.4 mm", ["crack"], 0.4, "mm", false],
    ["film 90 µm", ["film"], 90, "µm", false],
    ["nothing", ["nothing"], null, null, false],
    ["", [], null, null, false],
    ["18", [], 18, null, false],
  ] as const)("%s", (text, words, value, unit, absent) => {
    expect(read(text)).toEqual({ words, value, unit, absent });
  });
});

describe("everything that can be recorded can be said by its own name", () => {
  test("signs", () => {
    const lost = catalogue.signs.filter((sign) => !say(sign.title).some((m) => m.key === sign.id));
    expect(lost.map((s) => s.title)).toEqual([]);
  });

  test("coats", () => {
    const lost = catalogue.coatings.filter((coat) => first(`coat ${coat.title}`).key !== coat.id);
    expect(lost.map((c) => c.title)).toEqual([]);
  });

  test("checks that read a number", () => {
    const lost = catalogue.checks.filter((c) => c.unit && !say(`${c.title} 1`).some((m) => m.key === c.id));
    expect(lost.map((c) => c.title)).toEqual([]);
  });

  test("checks with outcomes", () => {
    const lost = catalogue.checks
      .filter((c) => !c.unit)
      .flatMap((c) => c.outcomes.map((o) => ({ key: `${c.id}:${o.id}`, text: `${c.title} ${o.title}` })))
      .filter(({ key, text }) => !say(text).some((m) => m.key === key));
    expect(lost.map((l) => l.text)).toEqual([]);
  });

  test("facts", () => {
    const lost = catalogue.facts
      .flatMap((g) => g.fields)
      .filter((f) => f.kind !== "words")
      .flatMap((f) =>
        f.kind === "pick"
          ? f.options.map((o) => ({ key: `${f.key}:${o.value}`, text: `${f.label} ${o.title}` }))
          : [{ key: f.key as string, text: f.kind === "yesNo" ? f.label : `${f.label} 3` }],
      )
      .filter(({ key, text }) => !say(text).some((m) => m.key === key));
    expect(lost.map((l) => l.text)).toEqual([]);
  });
});

describe("what a painter types first is what is offered first", () => {
  test.each([
    ["pin 18", "T_damp_pin", "plaster"],
    ["pin 18", "T_damp_wood", "wood"],
    ["rh 64", "T_air_rh", undefined],
    ["ph 9", "T_ph", undefined],
    ["gu 45", "T_gloss", undefined],
    ["loose 6", "looseShare", undefined],
    ["bare 20%", "bareShare", undefined],
    ["knots 7", "knots", undefined],
    ["to fill 3", "fillShare", undefined],
    ["carved", "carved", undefined],
    ["no carpet", "carpetNear", undefined],
    ["edges firm", "edges:firm", undefined],
    ["rust scale", "rust:scale", undefined],
    ["soot", "tar", undefined],
    ["hollow plaster", "hollow", undefined],
  ] as const)("%s is %s on %s", (text, key, family) => {
    expect(first(text, family).key).toBe(key);
  });

  test("a check for another ground is not offered", () => {
    for (const family of ["plaster", "wood", "metal", "masonry", "slick"]) {
      const others = catalogue.checks.filter((c) => c.grounds.length > 0 && !c.grounds.includes(family as never));
      const keys = new Set(entriesOf(catalogue, family).map((e) => e.key.split(":")[0]));
      expect(others.filter((c) => keys.has(c.id)).map((c) => c.title)).toEqual([]);
    }
  });

  test("every check is offered where the ground is not known", () => {
    const keys = new Set(entriesOf(catalogue, undefined).map((e) => e.key.split(":")[0]));
    expect(catalogue.checks.filter((c) => (c.unit || c.outcomes.length > 0) && !keys.has(c.id))).toEqual([]);
  });

  test("no two entries share a key, so that none hides another", () => {
    const keys = entriesOf(catalogue, undefined).map((e) => e.key);
    expect(keys.filter((k, i) => keys.indexOf(k) !== i)).toEqual([]);
  });

  test("at most seven are offered, and none for words that are nowhere", () => {
    expect(say("p").length).toBeLessThanOrEqual(7);
    expect(say("xylophone")).toEqual([]);
    expect(say("peel xylophone")).toEqual([]);
    expect(say("12")).toEqual([]);
    expect(say("   ")).toEqual([]);
  });

  test("a word more never brings in what the shorter line did not mean", () => {
    const wide = entriesOf(catalogue, undefined);
    const every = (text: string) => new Set(all(text, wide));
    for (const [short, long] of [
      ["water", "water stain"],
      ["crack", "crack width"],
      ["rust", "rust scale"],
    ] as const)
      for (const key of every(long)) expect(every(short)).toContain(key);
  });
});

// All that a line may mean: it is asked of one entry at a time, so that the limit of seven hides nothing.
const all = (text: string, entries: ReturnType<typeof entriesOf>) =>
  entries.filter((e) => meanings(text, [e]).length > 0).map((e) => e.key);

describe("what is said is recorded", () => {
  test("a share in per cent is stored as a share", () => {
    expect(said("loose 6").facts?.looseShare).toBeCloseTo(0.06, 12);
    expect(said("loose 100%").facts?.looseShare).toBe(1);
  });

  test("no is none: nought where it is counted, no where it is asked", () => {
    expect(said("no knots that show").facts?.knots).toBe(0);
    expect(said("no loose film").facts?.looseShare).toBe(0);
    expect(said("no carpet").facts?.carpetNear).toBe(false);
    expect(said("carpet").facts?.carpetNear).toBe(true);
  });

  test("a number that is wanted is asked for in its unit, and nothing is recorded before it comes", () => {
    const knots = first("knots that show");
    expect(knots.apply).toBeNull();
    expect(knots.does).toContain("no.");
    const ph = say("ph").find((m) => m.key === "T_ph");
    expect(ph?.apply).toBeNull();
    expect(ph?.does).toContain("pH");
  });

  test("a reading keeps the unit said where the check knows it, and else has the check's own", () => {
    const check = catalogue.checks.find((c) => c.otherUnits.length > 0 && c.unit);
    if (!check) throw new Error("no check has a second unit");
    const other = check.otherUnits[0] as string;
    const at = (text: string) => said(text).readings?.at(-1);
    expect(at(`${check.title} 7 ${other.toLowerCase()}`)).toMatchObject({ check: check.id, value: 7, unit: other });
    expect(at(`${check.title} 7`)).toMatchObject({ check: check.id, value: 7, unit: check.unit });
    const strange = say(`${check.title} 7 furlongs`).find((m) => m.key === check.id);
    expect(strange?.apply).toBeNull();
    expect(strange?.does).toContain("furlongs");
  });

  test.each([
    ["dft 3 mils", "T_dft", 3, "mil"],
    ["dft 90 µm", "T_dft", 90, "um"],
    ["dft 90 microns", "T_dft", 90, "um"],
    ["temp 68 °F", "T_surf_t", 68, "F"],
    ["rh 64 percent", "T_air_rh", 64, "%"],
  ] as const)("%s is read in the unit said", (text, key, value, unit) => {
    const meaning = say(text).find((m) => m.key === key);
    expect(meaning?.apply?.(bare).readings).toMatchObject([{ check: key, value, unit }]);
  });

  test("a length said in another unit is the same length", () => {
    expect(said("open joint 3 ft").facts?.openJointM).toBeCloseTo(0.9144, 9);
    expect(said("deepest hollow 2 cm").facts?.fillDepthMm).toBe(20);
  });

  test("a fact in a unit that it does not have is not recorded", () => {
    for (const text of ["loose 6 mm", "knots 3 mils", "deepest hollow 3 %"]) {
      expect(first(text).apply).toBeNull();
      expect(first(text).does).toMatch(/not a unit/);
    }
  });

  test.each([
    ["no rust", "rust", "none"],
    ["no mould", "mould", false],
  ] as const)("%s is offered as none first", (text, key, value) => {
    expect(said(text).facts?.[key]).toBe(value);
  });

  test.each(["no lead", "no asbestos"])("%s is no proof, and is not taken for one", (text) => {
    expect(first(text).apply).toBeNull();
    expect(say(text).some((m) => Object.values(m.apply?.(bare).facts ?? {}).includes("provedAbsent"))).toBe(false);
  });

  test.each([
    "not firm",
    "not clean",
    "not dry",
    "not sound",
    "no firm edge",
    "not absent",
    "not full",
    "not hard",
  ])("%s is never read as its opposite", (text) => {
    for (const family of ["plaster", "wood", "ferrous"])
      for (const m of say(text, family)) {
        expect(m.key).not.toMatch(/:(?:firm|clean|dry|sound|absent|none|low)$/);
        expect(m.key).not.toMatch(/hollow|blist_dry|soft/);
      }
  });

  test("no outlets is offered as a check that found none", () => {
    expect(said("no outlets").readings).toMatchObject([{ check: "T_outlets", outcome: "none" }]);
  });

  test("a negative never records a find, whatever is said to be absent", () => {
    const negatives = new Set<unknown>([false, 0, "none", "clean", "provedAbsent", "notNeeded"]);
    const finds: string[] = [];
    const entries = entriesOf(catalogue, undefined);
    for (const entry of entries)
      for (const text of [`no ${entry.title}`, `not ${entry.words.join(" ")}`, `no ${entry.title} 3`])
        for (const meaning of meanings(text, entries)) {
          const made = meaning.apply?.(bare);
          if (!made) continue;
          const found =
            (made.signs ?? []).some((s) => s.present !== false) ||
            (made.layers ?? []).length > 0 ||
            Object.values(made.facts ?? {}).some((v) => !negatives.has(v)) ||
            (made.readings ?? []).some(
              (r) =>
                !catalogue.checks.find((c) => c.id === r.check)?.outcomes.find((o) => o.id === r.outcome)?.findsNone,
            );
          if (found) finds.push(`${text}: ${meaning.title}`);
        }
    expect(entries.length).toBeGreaterThan(200);
    expect([...new Set(finds)]).toEqual([]);
  });

  test("a reading is added to those there are, with date and time", () => {
    const twice = said("ph 8", undefined, said("ph 9"));
    expect(twice.readings?.map((r) => r.value)).toEqual([9, 8]);
    for (const reading of twice.readings ?? []) expect(reading.at).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d$/);
  });

  test("a sign said again replaces what was said of it, and leaves the others", () => {
    const sign = catalogue.signs.find((s) => s.scale === null);
    const other = catalogue.signs.filter((s) => s.scale === null)[1];
    if (!sign || !other) throw new Error("no signs");
    const pick = (text: string, key: string, surface: Surface) => {
      const apply = say(text).find((m) => m.key === key)?.apply;
      if (!apply) throw new Error(`${key} is not offered for "${text}"`);
      return apply(surface);
    };
    const seen = pick(other.title, other.id, pick(sign.title, sign.id, bare));
    const changed = pick(`no ${sign.title}`, sign.id, seen);
    expect(changed.signs).toEqual([
      { sign: other.id, present: true },
      { sign: sign.id, present: false },
    ]);
  });

  test("a class of a scale is stored by its name, a measure by its number", () => {
    const graded = catalogue.signs.filter((s) => s.scale);
    const faults: string[] = [];
    for (const sign of graded) {
      const scale = catalogue.scales.find((x) => x.id === sign.scale);
      const mean = entriesOf(catalogue, undefined).find((e) => e.key === sign.id)?.mean;
      if (!scale || !mean) throw new Error(sign.id);
      const result = mean(read("it 2"))?.apply?.(bare).signs?.[0];
      const want = scale.unit
        ? { sign: sign.id, present: true, measure: 2 }
        : scale.classes.some((c) => c.name === "2")
          ? { sign: sign.id, present: true, grade: "2" }
          : { sign: sign.id, present: true };
      if (JSON.stringify(result) !== JSON.stringify(want)) faults.push(`${sign.id}: ${JSON.stringify(result)}`);
    }
    expect(graded.length).toBeGreaterThan(5);
    expect(faults).toEqual([]);
  });

  test("a coat goes on top, with the number of coats", () => {
    const coat = catalogue.coatings[0];
    if (!coat) throw new Error("no coatings");
    const under = said(`coat ${coat.title}`);
    const both = said(`coat ${coat.title} 3`, undefined, under);
    expect(both.layers).toEqual([
      { coating: coat.id, coats: 1 },
      { coating: coat.id, coats: 3 },
    ]);
  });

  test("what was recorded before is never changed in place", () => {
    const surface: Surface = { ...bare, facts: { knots: 2 }, readings: [], signs: [], layers: [] };
    const before = JSON.stringify(surface);
    for (const text of ["knots 5", "ph 9", "loose 4", "carpet", "coat emulsion 2"])
      for (const meaning of say(text)) meaning.apply?.(surface);
    expect(JSON.stringify(surface)).toBe(before);
  });
});

test("the time is the place's own, to the second", () => {
  const shown = new Date(now());
  expect(Math.abs(shown.getTime() - Date.now())).toBeLessThan(5_000);
});
