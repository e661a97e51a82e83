import { describe, expect, test } from "vitest";
import { changedPaths, type Json, merge, same, shapes } from "../src/sync/merge";

const surface = shapes.surface as NonNullable<typeof shapes.surface>;
const base = {
  id: "wall",
  title: "Wall",
  facts: { ph: 9, tar: true },
  signs: [{ sign: "peel", grade: "2" }, { sign: "rust" }],
  readings: [{ check: "pin", value: 18, at: "2026-10-05T09:00:00" }],
  layers: [{ coating: "a" }, { coating: "b" }, { coating: "c" }],
};
const both = (mine: object, theirs: object, choose?: (path: string) => "mine" | "theirs" | undefined) =>
  merge(base, { ...base, ...mine }, { ...base, ...theirs }, surface, choose);

describe("two who changed one surface", () => {
  test("keep all that does not touch: facet by facet, sign by sign, reading by reading, layer by layer", () => {
    const found = both(
      {
        facts: { ph: 8, tar: true },
        signs: [{ sign: "peel", grade: "3" }, { sign: "rust" }, { sign: "mould" }],
        readings: [...base.readings, { check: "pin", value: 22, at: "2026-10-06T09:00:00" }],
        layers: [{ coating: "a0" }, { coating: "b" }, { coating: "c" }],
      },
      {
        facts: { ph: 9, tar: false },
        signs: [{ sign: "peel", grade: "2" }, { sign: "rust", where: "sill" }, { sign: "ring" }],
        readings: [...base.readings, { check: "pin", value: 30, at: "2026-10-07T09:00:00" }],
        layers: [{ coating: "a" }, { coating: "b" }, { coating: "c" }, { coating: "d" }],
      },
    );
    expect(found.conflicts).toEqual([]);
    const value = found.value as typeof base;
    expect(value.facts).toEqual({ ph: 8, tar: false });
    expect(value.signs).toEqual([
      { sign: "peel", grade: "3" },
      { sign: "rust", where: "sill" },
      { sign: "mould" },
      { sign: "ring" },
    ]);
    expect(value.readings.map((r) => r.value)).toEqual([18, 22, 30]);
    expect(value.layers.map((l) => l.coating)).toEqual(["a0", "b", "c", "d"]);
    expect(found.taken.length).toBeGreaterThan(0);
  });

  test("are asked about what both changed differently, and about nothing else", () => {
    const found = both({ facts: { ph: 8, tar: true }, title: "North wall" }, { facts: { ph: 7, tar: false } });
    expect(found.conflicts).toEqual([{ path: "facts.ph", base: 9, mine: 8, theirs: 7 }]);
    expect(found.value).toMatchObject({ title: "North wall", facts: { ph: 8, tar: false } });
  });

  test("are not asked where both changed it alike, or where nothing and null stand side by side", () => {
    expect(both({ facts: { ph: 8 } }, { facts: { ph: 8, tar: null } }).conflicts).toEqual([]);
    expect(both({ notes: null }, {}).taken).toEqual([]);
  });

  test("get what was chosen", () => {
    const chosen = both({ facts: { ph: 8 } }, { facts: { ph: 7 } }, () => "theirs");
    expect(chosen.conflicts).toEqual([]);
    expect((chosen.value as typeof base).facts.ph).toBe(7);
  });

  test("are asked when one took away what the other changed", () => {
    const found = both({ signs: [{ sign: "rust" }] }, { signs: [{ sign: "peel", grade: "4" }, { sign: "rust" }] });
    expect(found.conflicts.map((c) => c.path)).toEqual(["signs[peel]"]);
  });

  test("are asked about a list in which order counts as a whole, where both changed the same stretch", () => {
    const found = both(
      { layers: [{ coating: "x" }, { coating: "b" }, { coating: "c" }] },
      { layers: [{ coating: "y" }, { coating: "b" }, { coating: "c" }] },
    );
    expect(found.conflicts.map((c) => c.path)).toEqual(["layers"]);
  });

  test("keep both readings of one check taken without a time", () => {
    const none = { ...base, readings: [] };
    const found = merge(
      none,
      { ...none, readings: [{ check: "pin", value: 1 }] },
      { ...none, readings: [{ check: "pin", value: 2 }] },
      surface,
    );
    expect(found.conflicts).toEqual([]);
    expect((found.value as typeof base).readings).toHaveLength(2);
  });

  test("change neither record", () => {
    const texts = JSON.stringify([base]);
    both({ facts: { ph: 1 } }, { facts: { ph: 2 } }, () => "mine");
    expect(JSON.stringify([base])).toBe(texts);
  });
});

describe("merging", () => {
  const values: Json[] = [undefined, 1, 2, 3];
  test("gives mine where they are as before, and theirs where I am, whatever the shape", () => {
    for (const shape of [surface, { how: "whole" } as const, { how: "ordered" } as const])
      for (const a of values)
        for (const b of values) {
          const [x, y] = [
            { facts: { f: a }, layers: [{ c: a }] },
            { facts: { f: b }, layers: [{ c: b }] },
          ];
          expect(same(merge(x, y, x, shape).value, y)).toBe(true);
          expect(same(merge(x, x, y, shape).value, y)).toBe(true);
        }
  });

  test("finds the same, whoever is called mine", () => {
    for (const b of values)
      for (const m of values)
        for (const t of values) {
          const of = (v: Json) => ({ facts: { f: v } });
          const [one, other] = [merge(of(b), of(m), of(t), surface), merge(of(b), of(t), of(m), surface)];
          expect(one.conflicts.length).toBe(other.conflicts.length);
          if (one.conflicts.length === 0) expect(same(one.value, other.value)).toBe(true);
        }
  });

  test("says what differs by member, fact and wish", () => {
    expect(
      changedPaths({ title: "a", facts: { ph: 1, tar: true } }, { title: "b", facts: { ph: 2, tar: true } }),
    ).toEqual(["title", "facts.ph"]);
  });

  test("of a room goes wall by wall", () => {
    const room = {
      id: "r",
      title: "Room",
      walls: [
        { id: "a", lengthM: 3, openings: [{ kind: "door", fromLeftM: 0 }] },
        { id: "b", lengthM: 4, openings: [] },
      ],
    };
    const [mine, theirs] = [structuredClone(room), structuredClone(room)];
    (mine.walls[0] as (typeof room.walls)[0]).lengthM = 3.5;
    (theirs.walls[1] as (typeof room.walls)[0]).lengthM = 4.5;
    theirs.walls.push({ id: "c", lengthM: 1, openings: [] });
    const found = merge(room, mine, theirs, shapes.space as NonNullable<typeof shapes.space>);
    expect(found.conflicts).toEqual([]);
    expect((found.value as typeof room).walls.map((w) => w.lengthM)).toEqual([3.5, 4.5, 1]);
  });
});
