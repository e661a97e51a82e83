import { describe, expect, test } from "vitest";
import type { Schemas } from "../src/api/client";
import { asked, called, enough, figure, sought, written, wrongAtAll, wrongWith } from "../src/reckoner/asked";

const input = (name: string, usual: string | null) =>
  ({
    name,
    title: name,
    kind: "number",
    unit: "m",
    usual,
    least: 0,
    most: 10,
    choices: [],
  }) as Schemas["ReckonerInput"];
const room = {
  id: "room",
  title: "Walls and ceiling of a room",
  inputs: [input("length", null), input("width", null), input("openings", "")],
  source: "",
} as Schemas["ReckonerView"];

describe("what a sum is asked", () => {
  test("leaves out what is empty, as usual, or of another sum", () => {
    expect(asked(room, { length: " 4 ", width: "", openings: "", rate: "9" })).toEqual({ length: "4" });
  });

  test("is enough once nothing that must be said is missing", () => {
    expect(enough(room, { length: "4" })).toBe(false);
    expect(enough(room, { length: "4", width: " " })).toBe(false);
    expect(enough(room, { length: "4", width: "3" })).toBe(true);
  });
});

describe("what is wrong", () => {
  const problems = ["length: expected 0 to 10 m, found 12", "length-2: other", "the sum has no answer"];

  test("stands at its field", () => {
    expect(wrongWith("length", problems)).toBe("expected 0 to 10 m, found 12");
    expect(wrongWith("width", problems)).toBe("");
  });

  test("or above, where it is about none", () => {
    expect(wrongAtAll(room, problems)).toEqual(["length-2: other", "the sum has no answer"]);
  });
});

test.each([
  [0, "0"],
  [47.384, "47.38"],
  [0.333333, "0.3333"],
  [12345.678, "12,345.7"],
  [0.000012, "1.20e-5"],
  [-2.5, "-2.5"],
])("%d is read as %s", (value, read) => expect(figure(value)).toBe(read));

describe("sums", () => {
  const groups = [
    { title: "Areas", reckoners: [room, { ...room, id: "profiled-sheet", title: "Corrugated sheet" }] },
    { title: "Paint", reckoners: [{ ...room, id: "tins", title: "The cheapest tins" }] },
  ];

  test("are found by any word of theirs or of their group", () => {
    expect(sought(groups, "corrug").map((g) => g.reckoners.map((r) => r.id))).toEqual([["profiled-sheet"]]);
    expect(sought(groups, "paint").map((g) => g.title)).toEqual(["Paint"]);
    expect(sought(groups, "areas tins")).toEqual([]);
    expect(sought(groups, " ")).toEqual(groups);
  });

  test("are called by their id in words", () => expect(called("profiled-sheet")).toBe("Profiled sheet"));
});

test.each([
  ["um", "µm"],
  ["m2", "m²"],
  ["m2/L", "m²/L"],
  ["m3", "m³"],
  ["mm2", "mm²"],
  ["L", "L"],
  ["", ""],
])("the unit %s is written %s", (unit, shown) => expect(written(unit)).toBe(shown));
