import { describe, expect, test } from "vitest";
import type { Surface } from "../src/api/client";
import { clashes, settle } from "../src/job/clash";
import { pending } from "../src/job/pending";

const surface = (facts: object, rest: object = {}) =>
  ({ id: "wall", title: "Wall", element: "wall", facts, ...rest }) as Surface;

describe("two records of one surface", () => {
  test("that say the same do not clash, whatever is left out or null", () => {
    expect(clashes(surface({ tar: true }), surface({ tar: true }))).toEqual([]);
    expect(clashes(surface({}), surface({ tar: null }))).toEqual([]);
    expect(clashes(surface({}, { note: null }), surface({}))).toEqual([]);
    const { facts: _, ...without } = surface({});
    expect(clashes(without as Surface, surface({}))).toEqual([]);
  });

  test("clash fact by fact, and by field besides", () => {
    const mine = surface({ tar: true, ph: 9, mould: false }, { title: "North wall", layers: [{ coating: "a" }] });
    const theirs = surface({ tar: true, ph: 8, rust: "light" }, { layers: [{ coating: "b" }] });
    expect(clashes(mine, theirs)).toEqual([
      { path: "title", mine: "North wall", theirs: "Wall" },
      { path: "layers", mine: [{ coating: "a" }], theirs: [{ coating: "b" }] },
      { path: "facts.ph", mine: 9, theirs: 8 },
      { path: "facts.mould", mine: false, theirs: undefined },
      { path: "facts.rust", mine: undefined, theirs: "light" },
    ]);
  });

  test("no and nought are records, not absences", () => {
    expect(clashes(surface({ mould: false }), surface({}))).toHaveLength(1);
    expect(clashes(surface({ knots: 0 }), surface({}))).toHaveLength(1);
  });

  test("are settled piece by piece: theirs, with mine where it is kept", () => {
    const mine = surface({ ph: 9, tar: true }, { title: "North wall" });
    const theirs = surface({ ph: 8, rust: "light" });
    expect(settle(mine, theirs, () => false)).toEqual(theirs);
    const some = settle(mine, theirs, (path) => path === "facts.ph" || path === "title");
    expect(some).toEqual(surface({ ph: 9, rust: "light" }, { title: "North wall" }));
    expect(
      clashes(
        mine,
        settle(mine, theirs, () => true),
      ),
    ).toEqual([]);
  });

  test("settling changes neither record", () => {
    const mine = surface({ ph: 9 }, { layers: [{ coating: "a" }] });
    const theirs = surface({ ph: 8 }, { layers: [{ coating: "b" }] });
    const before = JSON.stringify([mine, theirs]);
    settle(mine, theirs, () => true);
    expect(JSON.stringify([mine, theirs])).toBe(before);
  });

  test("what is kept of mine where mine has none takes theirs away", () => {
    const result = settle(surface({}), surface({ ph: 8 }), () => true);
    expect(clashes(surface({}), result)).toEqual([]);
  });
});

describe("an edit that waits", () => {
  const edit = (id: string, version = 1) => ({ version, surface: { ...surface({}), id } });

  test("is there until it is dropped", () => {
    pending.keep("job", edit("wall", 3));
    expect(pending.read("job", "wall")).toEqual(edit("wall", 3));
    pending.drop("job", "wall");
    expect(pending.read("job", "wall")).toBeUndefined();
  });

  test("replaces the one before", () => {
    pending.keep("job", edit("wall", 3));
    pending.keep("job", edit("wall", 4));
    expect(pending.all("job").map((p) => p.version)).toEqual([4]);
  });

  test("belongs to its job", () => {
    pending.keep("job", edit("wall"));
    pending.keep("job", edit("door"));
    pending.keep("job-2", edit("sill"));
    pending.keep("other", edit("wall"));
    localStorage.setItem("terms", "american");
    expect(
      pending
        .all("job")
        .map((p) => p.surface.id)
        .sort(),
    ).toEqual(["door", "wall"]);
    expect(pending.all("job-2").map((p) => p.surface.id)).toEqual(["sill"]);
    expect(pending.all("none")).toEqual([]);
  });

  test("that cannot be read is as if it were not there, and hides no other", () => {
    pending.keep("job", edit("wall"));
    localStorage.setItem("pending:job:door", "{not json");
    expect(pending.read("job", "door")).toBeUndefined();
    expect(pending.all("job").map((p) => p.surface.id)).toEqual(["wall"]);
  });

  test("is only lost as a second copy where the store is full", () => {
    const store = localStorage as unknown as { setItem: (key: string, value: string) => void };
    const real = store.setItem;
    Object.defineProperty(store, "setItem", {
      configurable: true,
      enumerable: false,
      value: () => {
        throw new DOMException("full", "QuotaExceededError");
      },
    });
    try {
      expect(() => pending.keep("job", edit("wall"))).not.toThrow();
    } finally {
      Object.defineProperty(store, "setItem", { configurable: true, enumerable: false, value: real });
    }
    expect(pending.all("job")).toEqual([]);
  });
});
