import { beforeEach, describe, expect, test } from "vitest";
import { type Kept, keep, restore } from "../src/sync/kept";
import type { Step } from "../src/sync/steps";

const step = (label: string, size = 0): Step => ({
  label,
  edits: [{ key: "surface:w", before: { notes: "x".repeat(size) }, after: { notes: "" } }],
});
const nothing: Kept = { pending: [], flight: null, undo: [], redo: [] };
const waiting: Kept["pending"] = [
  ["surface:w", { base: { version: 1, value: {} }, mine: { title: 'A "wall"' }, group: "g", label: "edit" }],
];

beforeEach(() => localStorage.clear());

describe("what outlives the page", () => {
  test("comes back as it was", () => {
    const kept: Kept = { pending: waiting, flight: null, undo: [step("a"), step("b")], redo: [step("c")] };
    keep(localStorage, "edits", kept);
    expect(restore(localStorage, "edits")).toEqual(kept);
    // A second time, from what was written out before.
    keep(localStorage, "edits", { ...kept, undo: [...kept.undo, step("d")] });
    expect(restore(localStorage, "edits")?.undo.map((s) => s.label)).toEqual(["a", "b", "d"]);
  });

  test("leaves no trace when there is nothing", () => {
    keep(localStorage, "edits", { ...nothing, undo: [step("a")] });
    keep(localStorage, "edits", nothing);
    expect(localStorage.getItem("edits")).toBeNull();
    expect(restore(localStorage, "edits")).toBeNull();
  });

  test("drops the oldest steps where there is no room, and never what waits", () => {
    const undo = Array.from({ length: 60 }, (_, i) => step(`${i}`, 20_000));
    keep(localStorage, "edits", { pending: waiting, flight: null, undo, redo: [step("again")] });
    const back = restore(localStorage, "edits");
    expect(localStorage.getItem("edits")?.length).toBeLessThanOrEqual(300_000);
    expect(back?.pending).toEqual(waiting);
    expect(back?.undo.at(-1)?.label).toBe("59");
    expect(back?.undo.length).toBeGreaterThan(0);
    expect(back?.redo).toEqual([]);
  });

  test("is not lost on the screen where the store is full or shut, and nonsense in it is nothing", () => {
    const shut = {
      getItem: () => {
        throw new Error("shut");
      },
      setItem: () => {
        throw new Error("full");
      },
      removeItem: () => {
        throw new Error("shut");
      },
    };
    expect(() => keep(shut, "edits", { ...nothing, undo: [step("a")] })).not.toThrow();
    expect(restore(shut, "edits")).toBeNull();
    localStorage.setItem("edits", "{half");
    expect(restore(localStorage, "edits")).toBeNull();
  });
});
