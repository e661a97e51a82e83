import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { describe, expect, inject, test } from "vitest";
import type { Surface } from "../src/api/client";
import { entriesOf } from "../src/survey/say";
import { figures } from "../src/survey/saying/figures";
import { phrases } from "../src/survey/saying/phrases";
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

const kept = new Map<string | undefined, ReturnType<typeof entriesOf>>();

/** A sentence as the line hears it: what can be said on a ground is gathered once. */
const hear = (text: string, surface: Surface) => {
  const family = catalogue.substrates.find((s) => s.id === surface.substrate)?.family;
  const named = kept.get(family) ?? entriesOf(catalogue, family);
  kept.set(family, named);
  return understand(text, catalogue, surface, named);
};

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
    const sentence = hear(text, was);
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
  const sentence = hear(text, was);
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

/** One way of saying what a pattern takes: of several the first, and what may be left out left out. */
function sample(pattern: string): string {
  let at = 0;
  const rest = (): string[] => {
    const ways = [""];
    const add = (text: string) => {
      // A "?" or "*" behind it: it can be left out.
      const less = /^[?*]/.test(pattern.slice(at));
      if (/^[?*+]/.test(pattern.slice(at))) at++;
      if (!less) ways[ways.length - 1] += text;
    };
    while (at < pattern.length && pattern[at] !== ")") {
      const c = pattern[at] as string;
      if (c === "|") {
        at++;
        ways.push("");
      } else if (c === "(") {
        const ahead = /^\(\?[=!]/.test(pattern.slice(at));
        const wants = pattern.startsWith("(?=", at);
        at += 3;
        const inner = rest();
        at++;
        // What is looked for ahead has to stand there; what must not stand there does not.
        add(ahead && !wants ? "" : (inner[0] ?? ""));
      } else if (c === "[") {
        const end = pattern.indexOf("]", at);
        const set = pattern.slice(at + 1, end);
        at = end + 1;
        add(set.includes(" ") ? " " : (set[0] as string));
      } else if (c === "\\") {
        const kind = pattern[at + 1] as string;
        at += 2;
        add(kind === "d" ? "3" : kind === "b" ? "" : kind);
      } else {
        at++;
        add(c);
      }
    }
    return ways;
  };
  return rest()[0] ?? "";
}

/** Every way of saying every phrase, with the key that it stands under. */
const ways = phrases.flatMap((p) => {
  const out = [""];
  let depth = 0;
  for (const c of p.says) {
    depth += c === "(" ? 1 : c === ")" ? -1 : 0;
    if (c === "|" && depth === 0) out.push("");
    else out[out.length - 1] += c;
  }
  return out.map((pattern) => ({ phrase: p, said: sample(pattern).replace(/\s+/g, " ").trim() }));
});

// Some thousands of sentences: no claim of speed.
const Long = 60_000;

describe("every way of saying every phrase", () => {
  // A check is offered on its own grounds alone.
  const familyOf = (key: string) =>
    (catalogue.checks.find((c) => c.id === key.split(":")[0])?.grounds as string[] | undefined)?.[0] ?? "plaster";

  test(
    "is a phrase of the catalogue, or of what the sentence knows by itself",
    () => {
      const has = (key: string) =>
        /^(?:bare:(?:lead|asbestos)|coats:none|T_damp)$/.test(key) ||
        catalogue.signs.some((x) => x.id === key) ||
        catalogue.coatings.some((x) => x.id === key) ||
        catalogue.substrates.some((x) => `on:${x.id}` === key) ||
        catalogue.checks.some((x) => x.id === key || x.outcomes.some((o) => `${x.id}:${o.id}` === key)) ||
        catalogue.facts.some((g) =>
          g.fields.some((f) => f.key === key || f.options.some((o) => `${f.key}:${o.value}` === key)),
        );
      expect(phrases.filter((p) => !has(p.key)).map((p) => p.key)).toEqual([]);
    },
    Long,
  );

  test(
    "is taken for what it stands under, and not for another",
    () => {
      const lost = ways.filter(({ phrase, said }) => {
        const all = hear(`${said} 3`, bare(familyOf(phrase.key))).pieces;
        const plainly = hear(said, bare(familyOf(phrase.key))).pieces;
        const keys = [...all, ...plainly].map((p) => p.key);
        const own = phrase.key === "T_damp" ? "T_damp_pin" : phrase.key.replace(/^bare:/, "unproved:");
        return !keys.includes(own) && !keys.includes("bareShare");
      });
      expect(ways.length).toBeGreaterThan(500);
      expect(lost.map(({ phrase, said }) => `${phrase.key}: ${said}`)).toEqual([]);
    },
    Long,
  );

  test(
    "denied, records nothing of what it says",
    () => {
      const wrong = ways.flatMap(({ phrase, said }) => {
        const { now } = read(familyOf(phrase.key), said);
        return ["no ", "without ", "there is no ", "not "]
          .map((no) => `${no}${said}`)
          .filter((text) => read(familyOf(phrase.key), text).now.some((token) => now.includes(token)))
          .map((text) => `${phrase.key}: ${text}`);
      });
      expect(wrong).toEqual([]);
    },
    Long,
  );

  test(
    "doubted, goes to the notes alone",
    () => {
      const wrong = ways.filter(({ phrase, said }) =>
        [`maybe ${said}`, `it looks like ${said}`].some((text) =>
          read(familyOf(phrase.key), text).now.some((token) => !token.startsWith("?")),
        ),
      );
      expect(wrong.map(({ phrase, said }) => `${phrase.key}: ${said}`)).toEqual([]);
    },
    Long,
  );
});
