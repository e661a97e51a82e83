import { describe, expect, inject, test } from "vitest";
import type { Schemas, Surface } from "../src/api/client";
import { parted, recorded } from "../src/survey/facts";

const fields = inject("catalogue").facts.flatMap((g) => g.fields);
const group: Schemas["FactGroup"] = { title: "all", fields };
const surface = (facts: object = {}, exposure: "inside" | "outside" = "inside") =>
  ({ id: "s", title: "S", element: "wall", substrate: "x", exposure, facts }) as Surface;
const asked = (s: Surface, family: string) => parted(group, s, family).asked.map((f) => f.key);

describe("facts are asked where they are met", () => {
  test("wood is asked of knots and rot, plaster is not", () => {
    expect(asked(surface(), "wood")).toEqual(expect.arrayContaining(["knots", "rot", "openEndGrain"]));
    expect(asked(surface(), "plaster")).not.toEqual(expect.arrayContaining(["knots"]));
    expect(asked(surface(), "plaster")).toEqual(expect.arrayContaining(["hollow", "salts"]));
    expect(asked(surface(), "ferrous")).toEqual(expect.arrayContaining(["rust", "sharpEdges"]));
  });

  test("what belongs outside is not asked inside, and the other way round", () => {
    expect(asked(surface(), "wood")).not.toContain("nests");
    expect(asked(surface({}, "outside"), "wood")).toContain("nests");
    expect(asked(surface({}, "outside"), "wood")).not.toContain("carpetNear");
  });

  test("what can hurt is asked everywhere", () => {
    for (const family of ["plaster", "masonry", "wood", "ferrous", "nonFerrous", "slick"])
      for (const place of ["inside", "outside"] as const)
        expect(asked(surface({}, place), family)).toEqual(
          expect.arrayContaining(["lead", "asbestos", "moisture", "dampSource", "vulnerable", "access", "mould"]),
        );
  });

  test("what is recorded is always shown, and nothing is lost", () => {
    expect(asked(surface({ knots: 3 }), "plaster")).toContain("knots");
    for (const family of ["plaster", "wood", "ferrous"]) {
      const { asked, rest } = parted(group, surface(), family);
      expect([...asked, ...rest].map((f) => f.key).sort()).toEqual(fields.map((f) => f.key).sort());
    }
  });
});

test("a group tells in words what is recorded of it", () => {
  expect(recorded(group, surface({ looseShare: 0.065, mould: false, edges: "lifting", knots: 7 }))).toEqual([
    "loose film 6.5 %",
    "edges under the scraper: keep lifting",
    "no mould",
    "knots that show 7 no.",
  ]);
  expect(recorded(group, surface())).toEqual([]);
});
