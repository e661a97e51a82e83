import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { describe, expect, inject, test } from "vitest";
import type { Surface } from "../src/api/client";
import { figures } from "../src/survey/saying/figures";
import { take, understand } from "../src/survey/saying/sentence";

const catalogue = inject("catalogue");
const grounds: Record<string, string> = {
  plaster: "gyp_old",
  wood: "sw",
  ferrous: "steel",
  nonFerrous: "alu",
  masonry: "render_cem",
  slick: "tile_gl",
};
const bare = (family: string): Surface =>
  ({ id: "wall", title: "Wall", element: "wall", substrate: grounds[family], layers: null }) as Surface;

/** What a surface now holds, as the table of sayings writes it. */
function tokens(s: Surface, was: Surface): string[] {
  return [
    ...(s.signs ?? []).map(
      (x) =>
        `${x.present === false ? "!" : ""}${x.sign}${x.measure != null ? `=${x.measure}` : ""}${x.grade != null ? `#${x.grade}` : ""}${x.share != null ? `~${Math.round(x.share * 100)}` : ""}${x.where ? `@${x.where.replaceAll(" ", "_")}` : ""}`,
    ),
    ...Object.entries(s.facts ?? {}).map(([k, v]) => `${k}=${v}`),
    ...(s.readings ?? []).map((r) => `${r.check}${r.outcome ? `:${r.outcome}` : `=${r.value}`}`),
    ...(s.layers ?? []).map((l) => `+${l.coating}*${l.coats}${l.year ? `^${l.year}` : ""}`),
    ...(s.layers?.length === 0 ? ["bare"] : []),
    ...(s.year ? [`year=${s.year}`] : []),
    ...(s.notes ? s.notes.split(/(?<=\.) /).map((n) => `?${n.replace(/^Perhaps: |\.$/g, "")}`) : []),
    ...(s.substrate !== was.substrate ? [`on:${s.substrate}`] : []),
  ];
}

const said = readFileSync(fileURLToPath(new URL("../../tests/cases/sayings.txt", import.meta.url)), "utf8")
  .split("\n")
  .filter((l) => l && !l.startsWith("#"))
  .map((l) => {
    const [, family = "", text = "", want = ""] = /^(\w+) \| (.*) -> (.*)$/.exec(l) ?? [];
    return { family, text, want };
  });

test("sayings are understood as the trade means them", () => {
  const wrong: string[] = [];
  for (const { family, text, want } of said) {
    const was = { ...bare(family) };
    // A ground that is already what is said shows as no change: another one stands in its place.
    const ground = /on:(\w+)/.exec(want)?.[1];
    if (ground === was.substrate) was.substrate = ground === "gyp_old" ? "gyp_new" : "block_agg";
    const sentence = understand(text, catalogue, was);
    const now = tokens(take(sentence.pieces, was), was);
    const asked = want.replace(/\s*\.\.\.$/, "");
    const wanted = asked === "-" ? [] : asked.split(" ");
    const left = want.endsWith("...");
    const got = [...now].sort().join(" ; ");
    if (got !== wanted.sort().join(" ; ") || left !== (sentence.left !== ""))
      wrong.push(`${text}: ${got || "-"}${sentence.left ? ` ... [${sentence.left}]` : ""}, not ${want}`);
  }
  expect(wrong).toEqual([]);
});

const read = (family: string, text: string) => {
  const was = bare(family);
  const sentence = understand(text, catalogue, was);
  return { now: tokens(take(sentence.pieces, was), was), sentence };
};

// One thing that is there, said without a number: what can be denied and doubted.
const plain = said.filter(
  ({ text, want }) =>
    /^[a-zA-Z_:]+(?:=\w+)?$/.test(want) &&
    !/\b(?:no|not|none|never|maybe|looks|might|\w+n't|absent|nothing|un\w+)\b|\d|:/.test(text),
);

describe("nothing is taken for its opposite", () => {
  test("what is denied is never recorded as found", () => {
    const wrong = plain.flatMap(({ family, text, want }) =>
      [`no ${text}`, `without ${text}`, `no sign of ${text}`, `no rot, no ${text}`].filter((t) =>
        read(family, t).now.includes(want),
      ),
    );
    expect(plain.length).toBeGreaterThan(120);
    expect(wrong).toEqual([]);
  });

  test("what is doubted goes to the notes and nowhere else", () => {
    const wrong = plain.flatMap(({ family, text }) =>
      [`maybe ${text}`, `looks like ${text}`, `${text}?`].filter((t) =>
        read(family, t).now.some((token) => !token.startsWith("?")),
      ),
    );
    expect(wrong).toEqual([]);
  });

  test("no words but those of a laboratory say that lead or asbestos is absent", () => {
    const words = [
      "no lead",
      "lead free",
      "not lead paint",
      "no sign of lead",
      "client says no lead",
      "lead none",
      "no asbestos",
      "asbestos clear",
      "swab negative",
      "it has no lead",
      "lead-free, no asbestos",
    ];
    for (const text of words)
      expect(
        read("wood", text).now.filter((t) => /provedAbsent|_lab:absent/.test(t)),
        text,
      ).toEqual([]);
  });

  test("what is not understood stays, and what is understood is not lost by it", () => {
    const { now, sentence } = read("plaster", "peeling 12 %, the cat is asleep upstairs under the xylophone, no mould");
    expect(now).toContain("d_peel=12");
    expect(now).toContain("mould=false");
    expect(sentence.left).toContain("xylophone");
  });
});

describe("numbers said as words are figures", () => {
  test.each([
    ["about twelve per cent", "about 12 %"],
    ["twenty-five per cent", "25 %"],
    ["nineteen thirties", "1930s"],
    ["the sixties", "the 1960s"],
    ["nineteen eighty five", "1985"],
    ["eighteen ninety", "1890"],
    ["nought point three", "0.3"],
    ["one and a half", "1.5"],
    ["two hundred and ten", "210"],
    ["half the wall", "50 %"],
    ["pin-meter nineteen", "pin-meter 19"],
    ["two coats, three runs", "2 coats, 3 runs"],
    ["someone alone", "someone alone"],
  ])("%s", (text, figured) => expect(figures(text)).toBe(figured));
});
