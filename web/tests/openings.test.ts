import { describe, expect, test } from "vitest";
import type { Catalogue } from "../src/api/client";
import { type Opening, placed, type Wall } from "../src/survey/openings";

const wall = (openings: Opening[], lengthM = 4, heightM = 2.6): Wall => ({ id: "w", lengthM, heightM, openings });
// Common practice; the program lists its own.
const usual: Catalogue["openings"] = [
  { kind: "door", widthM: 0.84, heightM: 2.02, sillM: 0 },
  { kind: "window", widthM: 1, heightM: 1.2, sillM: 0.9 },
];
const at = (fromLeftM: number, widthM: number, sillM = 0, heightM = 2): Opening => ({
  kind: "door",
  fromLeftM,
  widthM,
  sillM,
  heightM,
});

describe("an opening that is added", () => {
  test("stands in the middle of a bare wall", () => {
    expect(placed(wall([]), "door", usual)).toEqual({
      kind: "door",
      fromLeftM: 1.58,
      widthM: 0.84,
      sillM: 0,
      heightM: 2.02,
    });
  });

  test("goes where the widest stretch is free", () => {
    expect(placed(wall([at(0, 1)]), "window", usual).fromLeftM).toBe(2);
    expect(placed(wall([at(3, 1)]), "window", usual).fromLeftM).toBe(1);
    expect(placed(wall([at(1.5, 1), at(0.2, 0.5)], 6), "window", usual).fromLeftM).toBe(3.75);
  });

  test("does not mind in which order the others were written, nor that they lie over one another", () => {
    expect(placed(wall([at(2, 1), at(0, 2.5)], 6), "door", usual).fromLeftM).toBe(4.08);
  });

  test("is no larger than the wall and what is free of it", () => {
    const low = placed(wall([], 0.5, 1), "window", usual);
    expect(low.widthM).toBe(0.5);
    expect((low.sillM ?? 0) + low.heightM).toBeLessThanOrEqual(1);
    expect(placed(wall([at(0, 3.7)]), "door", usual).widthM).toBe(0.3);
  });

  test("is sound wherever there is room for it, and may be added again and again", () => {
    for (const kind of ["door", "window", "opening"] as const)
      for (const lengthM of [0.5, 1.2, 3.6, 8]) {
        let one = wall([], lengthM);
        for (let n = 0; n < 3; n++) {
          const free = lengthM - (one.openings ?? []).reduce((sum, o) => sum + o.widthM, 0);
          if (free < 0.4) break;
          one = { ...one, openings: [...(one.openings ?? []), placed(one, kind, usual)] };
          const stand = [...(one.openings ?? [])].sort((a, b) => a.fromLeftM - b.fromLeftM);
          for (const [i, o] of stand.entries()) {
            expect(o.fromLeftM).toBeGreaterThanOrEqual(
              (stand[i - 1]?.fromLeftM ?? 0) + (stand[i - 1]?.widthM ?? 0) - 0.001,
            );
            expect(o.fromLeftM + o.widthM).toBeLessThanOrEqual(lengthM + 0.001);
            expect((o.sillM ?? 0) + o.heightM).toBeLessThanOrEqual(2.6 + 0.001);
          }
        }
      }
  });
});
