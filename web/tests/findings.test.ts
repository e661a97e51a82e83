import { describe, expect, test } from "vitest";
import type { SurfaceView } from "../src/api/client";
import { evidence, weighed } from "../src/survey/findings";

const cause = (probability: number) => ({ cause: `${probability}`, probability }) as SurfaceView["findings"][number];

describe("causes", () => {
  test("below fifteen in a hundred are named and folded", () => {
    const { main, less } = weighed([cause(0.9), cause(0.2), cause(0.14), cause(0.01)]);
    expect(main.map((f) => f.probability)).toEqual([0.9, 0.2]);
    expect(less.map((f) => f.probability)).toEqual([0.14, 0.01]);
  });

  test("show the likeliest even where none is likely", () => {
    expect(weighed([cause(0.1), cause(0.05)]).main.map((f) => f.probability)).toEqual([0.1]);
    expect(weighed([])).toEqual({ main: [], less: [] });
  });

  test("are told with their two strongest signs and what speaks most against them", () => {
    const { shown, more } = evidence({ for: ["a", "b", "c"], against: ["x", "y"] });
    expect(shown).toEqual([
      { way: "for", line: "a" },
      { way: "for", line: "b" },
      { way: "against", line: "x" },
    ]);
    expect(more).toEqual([
      { way: "for", line: "c" },
      { way: "against", line: "y" },
    ]);
  });
});
