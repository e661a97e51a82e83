import { describe, expect, it } from "vitest";
import { tins } from "../src/buy/tins";

describe("packs as they are drawn", () => {
  it("stand largest first, and what is left over is in the smallest", () => {
    const drawn = tins(
      [
        { size: 1, count: 2 },
        { size: 5, count: 1 },
      ],
      1.25,
    );
    expect(drawn.map((t) => t.size)).toEqual([5, 1, 1]);
    // One litre and a quarter left: the last tin untouched, a quarter of the one before.
    expect(drawn.map((t) => t.full)).toEqual([1, 0.75, 0]);
  });

  it("hold together what is used", () => {
    for (const left of [0, 0.2, 2.4, 7.9]) {
      const buy = [
        { size: 2.5, count: 3 },
        { size: 0.75, count: 2 },
      ];
      const used = tins(buy, left).reduce((sum, t) => sum + t.size * t.full, 0);
      expect(used).toBeCloseTo(9 - left, 9);
    }
  });

  it("are drawn by volume, and never too small to be seen", () => {
    const [large, small, tiny] = tins(
      [
        { size: 8, count: 1 },
        { size: 1, count: 1 },
        { size: 0.01, count: 1 },
      ],
      0,
    );
    expect(large?.scale).toBe(1);
    expect(small?.scale).toBeCloseTo(0.5, 9);
    expect(tiny?.scale).toBeGreaterThan(0.3);
  });

  it("are none where nothing is bought", () => expect(tins([], 0)).toEqual([]));
});
